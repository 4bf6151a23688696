/** Everything that is cut for one job, with what it is cut from (handbook window#mats, frame#rails, back#tape). */
import type { Decided } from '../job/decide.ts';
import type { Size } from '../geometry/shapes.ts';
import { each } from '../one-or-each.ts';
import type { Figures } from '../plan.ts';
import type { Hold } from '../hold/hold.ts';
import { named } from '../sights.ts';
import type { House } from '../shop/house.ts';
import { openingsOf } from '../window/window.ts';
import { explainer, type Why } from '../why/why.ts';

export type Cut = {
	role: string;
	material: string;
	width: number;
	height: number;
	count: number;
	from: 'sheet' | 'stick' | 'roll' | 'tissue' | 'coil';
	opening?: Size;
};

/** Paths of the plan from which width, height and opening of a line come. */
type Traced = Cut & { of: { width: string; height: string; opening?: string } };

/** The cut list. */
export function planCut(job: Decided, house: House, plan: Figures): Cut[] {
	return traced(job, house, plan).map(({ of: _, ...cut }) => cut);
}

/** Each figure of the cut list is explained by the one that it repeats. */
export function whyCut(why: Why, job: Decided, house: House, plan: Figures): void {
	const explain = explainer(why);
	for (const [index, { of, count }] of traced(job, house, plan).entries()) {
		explain(`cut[${index}].width`, of.width, 'cut#list');
		explain(`cut[${index}].height`, of.height, 'cut#list');
		explain(`cut[${index}].count`, String(count), 'cut#list');
		if (!of.opening) continue;
		explain(`cut[${index}].opening.width`, `${of.opening}.width`, 'cut#list');
		explain(`cut[${index}].opening.height`, `${of.opening}.height`, 'cut#list');
	}
}

function traced(job: Decided, house: House, plan: Figures): Traced[] {
	const cuts: Traced[] = [];
	const { window, frame, back, hang } = plan;
	const holds = each(plan.hold);
	const { guard } = job;
	const add = (cut: Cut, width: string, height: string, opening?: string) =>
		cuts.push({ ...cut, of: { width, height, ...(opening ? { opening } : {}) } });
	if (window) {
		const board = (role: string, material: string) =>
			add({ role, material, ...window.pack, count: 1, from: 'sheet' }, 'window.pack.width', 'window.pack.height');
		if (guard.glazing.family !== 'none') board('glazing', guard.glazing.id);
		if (guard.spacer) {
			const strip = (width: number, of: string) =>
				add(
					{ role: 'spacer', material: guard.spacer!.material, width, height: house.spacerWidth, count: 2, from: 'sheet' },
					of,
					'shop.house.spacerWidth'
				);
			strip(window.pack.width, 'window.pack.width');
			strip(window.pack.height - 2 * house.spacerWidth, 'window.pack.height - 2 * shop.house.spacerWidth');
		}
		for (const [index, mat] of window.mats.entries()) {
			const at = `window.mats[${index}]`;
			const material = job.mats[index]!.board.id;
			// A printed mat keeps the strip that the cutter's clamps hold until the last cut.
			const size = mat.print?.board ?? mat.blank;
			const of = mat.print ? `${at}.print.board` : `${at}.blank`;
			add(
				{ role: 'mat', material, ...size, count: 1, from: 'sheet', opening: mat.opening },
				`${of}.width`,
				`${of}.height`,
				`${at}.opening`
			);
			if (!mat.lift) continue;
			for (const strip of ['uprights.left', 'uprights.right', 'crosses.top', 'crosses.bottom']) {
				const [kind, side] = strip.split('.') as [string, string];
				const size = (mat.lift as unknown as Record<string, Record<string, Size>>)[kind]![side]!;
				add(
					{ role: 'lift', material, ...size, count: 1, from: 'sheet' },
					`${at}.lift.${strip}.width`,
					`${at}.lift.${strip}.height`
				);
			}
		}
		for (const [index, { support }] of openingsOf(window).entries()) {
			const of = named(job.several ? index + 1 : null, 'window.support');
			if (support)
				add(
					{ role: 'support', material: job.windows[index]!.support!.id, ...support, count: 1, from: 'sheet' },
					`${of}.width`,
					`${of}.height`
				);
		}
		if (guard.underMat) board('under-mat', guard.underMat.id);
		for (const filler of guard.fillers) board('filler', filler.board.id);
		if (guard.barrier) board('barrier', guard.barrier.id);
		if (guard.backing) board('backing', guard.backing.id);
	}
	if (job.hold.kind === 'corners') cutPockets(holds, job, add);
	// Tabs of one size are torn together, whichever sheet they hold.
	for (const [index, hold] of job.hold.kind === 'corners' ? [] : holds.entries()) {
		const alike = holds.filter(({ size }) => size.width === hold.size.width && size.height === hold.size.height);
		if (alike[0] !== hold) continue;
		const of = named(job.several ? index + 1 : null, 'hold.size');
		const count = alike.reduce((sum, one) => sum + one.count, 0);
		add(
			{
				role: 'hinge tab',
				material: job.hold.adhesive.id,
				width: hold.size.width,
				height: hold.size.height + house.hingeTab,
				count,
				from: 'tissue'
			},
			`${of}.width`,
			`${of}.height + shop.house.hingeTab`
		);
	}
	const crosses = job.hold.kind === 'corners' ? 0 : holds.reduce((sum, { count }) => sum + count, 0);
	if (crosses > 0)
		add(
			{
				role: 'cross-piece',
				material: job.hold.adhesive.id,
				width: house.crossWidth,
				height: house.crossHeight,
				count: crosses,
				from: 'tissue'
			},
			'shop.house.crossWidth',
			'shop.house.crossHeight'
		);
	if (frame?.rails) {
		const rail = (role: string, length: 'width' | 'height') =>
			add(
				{ role, material: job.frame!.name, width: frame.outer[length], height: frame.section.face, count: 2, from: 'stick' },
				`frame.outer.${length}`,
				'frame.section.face'
			);
		rail('rail, top and bottom', 'width');
		rail('rail, left and right', 'height');
	}
	if (back?.edgeSeal) {
		const { length, stock } = back.edgeSeal;
		add(
			{ role: 'edge seal', material: guard.edgeSeal!.id, width: length, height: stock, count: 1, from: 'roll' },
			'back.edgeSeal.length',
			'back.edgeSeal.stock'
		);
	}
	if (back?.tape) {
		const { strips, stock } = back.tape;
		for (const index of [0, 1] as const) {
			add(
				{ role: 'back tape', material: job.back.seal!, width: strips[index], height: stock, count: 2, from: 'roll' },
				`back.tape.strips[${index}]`,
				'back.tape.stock'
			);
		}
	}
	if (back?.dustCover)
		add(
			{ role: 'dust cover', material: 'paper', ...back.dustCover, count: 1, from: 'roll' },
			'back.dustCover.width',
			'back.dustCover.height'
		);
	if (hang?.wire) {
		add(
			{
				role: 'wire',
				material: `breaking ${hang.wire.breakingKg} kg`,
				width: hang.wire.length,
				height: 0,
				count: 1,
				from: 'coil'
			},
			'hang.wire.length',
			'0'
		);
	}
	return cuts;
}

/** A pocket is folded from a strip as high as the triangle over its fold, and four times as long. */
function cutPockets(holds: Hold[], job: Decided, add: (cut: Cut, width: string, height: string) => void): void {
	for (const [index, { size }] of holds.entries()) {
		const height = size.width / Math.SQRT2;
		const of = named(job.several ? index + 1 : null, 'hold.size.width / sqrt(2)');
		if (height > 0)
			add(
				{ role: 'corner pocket', material: 'alkaline-paper', width: 4 * height, height, count: 4, from: 'roll' },
				`4 * (${of})`,
				of
			);
	}
}
