/** Everything that is cut for one job, with what it is cut from (handbook window#mats, frame#rails, back#tape). */
import type { Decided } from '../job/decide.ts';
import type { Size } from '../geometry/shapes.ts';
import { each } from '../one-or-each.ts';
import type { Figures } from '../plan.ts';
import type { Frame } from '../frame/frame.ts';
import type { Lite } from '../frame/lite.ts';
import { cutDown, tidy } from '../units/round.ts';
import { cutHolds } from './holds.ts';
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
	from: 'sheet' | 'stick' | 'roll' | 'tissue' | 'coil' | 'cloth';
	opening?: Size;
	/** Cut out of square, to follow a frame: its own four sides and diagonals. */
	sides?: Lite;
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
		if (guard.glazing.family !== 'none') {
			if (!frame?.lite) board('glazing', guard.glazing.id);
			else {
				const { blank, ...sides } = frame.lite;
				const lite: Cut = { role: 'glazing', material: guard.glazing.id, ...blank, count: 1, from: 'sheet', sides };
				add(lite, 'frame.lite.blank.width', 'frame.lite.blank.height');
			}
		}
		if (guard.spacer) {
			const wide = spacerWidth(frame ?? null, house, job.step);
			const strip = (width: number, of: string) =>
				add({ role: 'spacer', material: guard.spacer!.material, width, height: wide.mm, count: 2, from: 'sheet' }, of, wide.of);
			strip(window.pack.width, 'window.pack.width');
			strip(tidy(window.pack.height - 2 * wide.mm), `window.pack.height - 2 * ${wide.of}`);
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
		if (guard.lining) {
			const turned = (side: number) => side + 2 * house.clothTurn;
			const size = { width: turned(window.pack.width), height: turned(window.pack.height) };
			const of = (axis: string) => `window.pack.${axis} + 2 * shop.house.clothTurn`;
			add(
				{ role: 'cloth over the board', material: 'undyed-cloth', ...size, count: 1, from: 'cloth' },
				of('width'),
				of('height')
			);
		}
		for (const filler of guard.fillers) board('filler', filler.board.id);
		if (guard.barrier) board('barrier', guard.barrier.id);
		if (guard.backing) board('backing', guard.backing.id);
	}
	cutHolds(holds, job, house, add);
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
	if (frame && job.frame!.deepen > 0) {
		const strip = (length: 'width' | 'height') =>
			add(
				{
					role: 'strip on the back',
					material: 'strip wood',
					width: frame.outer[length],
					height: tidy(frame.section.face - frame.section.lip),
					count: 2,
					from: 'stick'
				},
				`frame.outer.${length}`,
				'frame.section.face - frame.section.lip'
			);
		strip('width');
		strip('height');
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

/** A spacer is no wider than what the lip surely hides. */
export function spacerWidth(frame: Frame | null, house: House, step: number): { mm: number; of: string } {
	const usual = { mm: house.spacerWidth, of: 'shop.house.spacerWidth' };
	if (!frame) return usual;
	const axis = frame.allowance.width >= frame.allowance.height ? 'width' : 'height';
	const hidden = cutDown(frame.section.lip - frame.allowance[axis] / 2, step);
	if (hidden >= usual.mm || hidden <= 0) return usual;
	return { mm: hidden, of: `down(frame.section.lip - frame.allowance.${axis} / 2, job.step)` };
}
