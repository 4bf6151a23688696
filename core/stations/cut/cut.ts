/** Everything that is cut for one job, with what it is cut from (handbook window#mats, frame#rails, back#tape). */
import { each } from '../../units/one-or-each.ts';
import { showNearest, tidy } from '../../units/round.ts';
import { showStrength } from '../../units/show.ts';
import { HOLDS } from '../hold/kinds/all.ts';
import { named } from '../../rule/sights.ts';
import type { Shop } from '../../shop/shop.ts';
import { explainer, type Why } from '../../rule/why.ts';
import { type MatPlan, openingsOf } from '../../figures/window.ts';
import type { Layer, Pack } from '../../figures/pack.ts';
import type { Cut } from '../../figures/cut.ts';
import type { Figures } from '../../figures.ts';
import type { Decided, Spacer } from '../../job/decided.ts';

/** Paths of the plan from which width, height and opening of a line come. */
/** Sides that are cut two alike. */
const PAIRS = ['top and bottom', 'left and right'] as const;

type Traced = Cut & { path: { width: string; height: string; high?: string; opening?: string } };

/** The cut list. */
export function planCut(job: Decided, shop: Shop, plan: Figures): Cut[] {
	return traced(job, shop, plan).map(({ path: _, ...cut }) => cut);
}

/** Each figure of the cut list is explained by the one that it repeats. */
export function whyCut(why: Why, job: Decided, shop: Shop, plan: Figures): void {
	const explain = explainer(why);
	for (const [index, { path, count, layers }] of traced(job, shop, plan).entries()) {
		const at = `cut[${index}]`;
		explain(`${at}.width`, path.width, 'cut#list');
		explain(`${at}.height`, path.height, 'cut#list');
		explain(`${at}.count`, String(count), 'cut#list');
		if (layers !== undefined) explain(`${at}.layers`, String(layers), 'pack#made');
		if (path.high) explain(`${at}.high`, path.high, 'cut#list');
		if (!path.opening) continue;
		explain(`${at}.opening.width`, `${path.opening}.width`, 'cut#list');
		explain(`${at}.opening.height`, `${path.opening}.height`, 'cut#list');
	}
}

function traced(job: Decided, shop: Shop, plan: Figures): Traced[] {
	const cuts: Traced[] = [];
	const { house } = shop;
	const { window, frame, back, hang } = plan;
	const holds = each(plan.hold);
	const { guard } = job;
	const add = (cut: Cut, width: string, height: string, more: { opening?: string; high?: string } = {}) =>
		cuts.push({ ...cut, path: { width, height, ...more } });
	if (window) {
		const layers = plan.pack?.layers ?? [];
		const board = (role: string, material: string, more: Partial<Cut> = {}) =>
			add({ role, material, ...window.pack, count: 1, from: 'sheet', ...more }, 'window.pack.width', 'window.pack.height');
		if (guard.glazing.family !== 'none') {
			if (!frame?.lite) board('glazing', guard.glazing.id);
			else {
				const { blank, ...sides } = frame.lite;
				const lite: Cut = { role: 'glazing', material: guard.glazing.id, ...blank, count: 1, from: 'sheet', sides };
				add(lite, 'frame.lite.blank.width', 'frame.lite.blank.height');
			}
		}
		if (plan.pack?.spacer) cutSpacers(plan.pack, guard.spacer!, add);
		for (const [index, mat] of window.mats.entries()) {
			const at = `window.mats[${index}]`;
			const { board: material, colour } = job.mats[index]!;
			const of = `mat ${index + 1}`;
			// A printed mat keeps the strip that the cutter's clamps hold until the last cut.
			const size = mat.print?.board ?? mat.blank;
			const path = mat.print ? `${at}.print.board` : `${at}.blank`;
			add(
				{ role: 'mat', material: material.id, ...size, count: 1, from: 'sheet', of, colour: colour.said, opening: mat.opening },
				`${path}.width`,
				`${path}.height`,
				{ opening: `${at}.opening` }
			);
			if (mat.lift) cutLift(mat.lift, index, of, layers, job, add);
		}
		for (const [index, { support }] of openingsOf(window).entries()) {
			const path = named(job.several ? index + 1 : null, 'window.support');
			const more = job.several ? { of: `window ${index + 1}` } : {};
			if (support)
				add(
					{ role: 'support', material: job.windows[index]!.support!.id, ...support, count: 1, from: 'sheet', ...more },
					`${path}.width`,
					`${path}.height`
				);
		}
		if (guard.underMat) board('under-mat', guard.underMat.id);
		if (guard.lining) {
			const turned = (side: number) => tidy(side + 2 * house.clothTurn);
			const size = { width: turned(window.pack.width), height: turned(window.pack.height) };
			const of = (axis: string) => `window.pack.${axis} + 2 * shop.house.clothTurn`;
			add(
				{ role: 'cloth over the board', material: 'undyed-cloth', ...size, count: 1, from: 'cloth' },
				of('width'),
				of('height')
			);
		}
		for (const [index, filler] of guard.fillers.entries()) {
			const of = guard.fillers.length > 1 ? { of: `filler ${index + 1}` } : {};
			const made = layers.find((layer) => layer.role === 'filler' && layer.index === index)?.made ?? [
				{ board: filler.board.id, layers: Math.max(1, countNearest(filler.thickness, filler.board.thickness)) }
			];
			for (const { board: id, layers: count } of made)
				board('filler', id, { count, ...(count > 1 ? { layers: count } : {}), ...of });
		}
		if (guard.barrier) board('barrier', guard.barrier.id);
		if (guard.backing) board('backing', guard.backing.id);
	}
	HOLDS[job.hold.kind].cut(holds, job, house, add);
	if (frame?.rails) {
		const rail = (role: string, length: 'width' | 'height') =>
			add(
				{ role, material: job.frame!.name, width: frame.outer[length], height: frame.section.face, count: 2, from: 'stick' },
				`frame.outer.${length}`,
				'frame.section.face'
			);
		rail(`rail, ${PAIRS[0]}`, 'width');
		rail(`rail, ${PAIRS[1]}`, 'height');
	}
	if (frame && job.frame!.deepen > 0) {
		const strip = (length: 'width' | 'height') =>
			add(
				{
					role: 'strip on the back',
					of: PAIRS[length === 'width' ? 0 : 1],
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
				{
					role: 'back tape',
					of: PAIRS[index],
					material: job.back.seal!,
					width: strips[index],
					height: stock,
					count: 2,
					from: 'roll'
				},
				`back.tape.strips[${index}]`,
				'back.tape.stock'
			);
		}
	}
	if (back?.dustCover)
		add(
			{ role: 'dust cover', material: back.dustCoverPaper!, ...back.dustCoverRough!, count: 1, from: 'roll' },
			'back.dustCoverRough.width',
			'back.dustCoverRough.height'
		);
	if (hang?.strip)
		add(
			{ role: 'strip across the back', material: 'strip wood', ...hang.strip, count: 1, from: 'stick' },
			'hang.strip.width',
			'hang.strip.height'
		);
	if (hang?.wire) {
		add(
			{
				role: hang.by,
				material: `breaking at ${showStrength(hang.wire.breakingKg, job.reader)}`,
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

type Add = (cut: Cut, width: string, height: string, more?: { opening?: string; high?: string }) => void;

/** Two full length, two between them; of board in as many layers as make the height, else from a stick of that height. */
function cutSpacers({ layers, spacer }: Pack, { material }: Spacer, add: Add): void {
	const { lengths, thick, high } = spacer!;
	const made = layers.find(({ role }) => role === 'spacer')?.made;
	const parts = made ?? [{ board: material, layers: 1 }];
	for (const { board, layers: count } of parts)
		for (const [axis, sides] of [
			['across', 'top and bottom'],
			['down', 'left and right']
		] as const)
			add(
				{
					role: 'spacer',
					material: board,
					width: lengths[axis],
					height: thick,
					high,
					count: 2 * count,
					from: made ? 'sheet' : 'stick',
					of: sides,
					...(count > 1 ? { layers: count } : {})
				},
				`pack.spacer.lengths.${axis}`,
				'pack.spacer.thick',
				{ high: 'pack.spacer.high' }
			);
}

/** Each strip with its mat, its side, its layers. */
function cutLift(
	lift: NonNullable<MatPlan['lift']>,
	index: number,
	of: string,
	layers: readonly Layer[],
	job: Decided,
	add: Add
): void {
	const { board } = job.mats[index]!;
	const made = layers.find((layer) => layer.role === 'lift' && layer.index === index)?.made ?? [
		{ board: board.id, layers: Math.max(1, countNearest(lift.height, board.thickness)) }
	];
	const strips = [
		['uprights.left', 'left', lift.uprights.left],
		['uprights.right', 'right', lift.uprights.right],
		['crosses.top', 'top', lift.crosses.top],
		['crosses.bottom', 'bottom', lift.crosses.bottom]
	] as const;
	for (const { board: id, layers: count } of made)
		for (const [path, side, size] of strips)
			add(
				{
					role: 'lift',
					material: id,
					...size,
					high: lift.height,
					count,
					from: 'sheet',
					of,
					side,
					...(count > 1 ? { layers: count } : {})
				},
				`window.mats[${index}].lift.${path}.width`,
				`window.mats[${index}].lift.${path}.height`,
				{ high: `window.mats[${index}].lift.height` }
			);
}

/** How many of a thickness come nearest to a height. */
function countNearest(height: number, thickness: number): number {
	return showNearest(height / thickness, 1);
}
