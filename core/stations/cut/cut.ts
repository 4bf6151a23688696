/** Everything that is cut for one job, with what it is cut from (handbook window#mats, frame#rails, back#tape). */
import { each } from '../../units/one-or-each.ts';
import { tidy } from '../../units/round.ts';
import { showStrength } from '../../units/show.ts';
import { HOLDS } from '../hold/kinds/all.ts';
import type { Shop } from '../../shop/shop.ts';
import { explainer, type Why } from '../../rule/why.ts';
import type { Cut } from '../../figures/cut.ts';
import type { Figures } from '../../figures.ts';
import type { Decided } from '../../job/decided.ts';
import { layersInOrder } from '../guard/layers/all.ts';
import type { AddBoard, AddCut } from '../guard/layers/layer.ts';
import { there } from '../../units/there.ts';

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
	const add: AddCut = (cut, width, height, more = {}) => cuts.push({ ...cut, path: { width, height, ...more } });
	if (window) {
		const board: AddBoard = (role, material, more = {}) =>
			add({ role, material, ...window.pack, count: 1, from: 'sheet', ...more }, 'window.pack.width', 'window.pack.height');
		for (const { definition, index } of layersInOrder(job))
			definition.cut({ job, house, plan: { ...plan, window }, board }, index, add);
	}
	HOLDS[job.hold.kind].cut(holds, job, house, add);
	if (frame?.rails) {
		const rail = (role: string, length: 'width' | 'height') =>
			add(
				{
					role,
					material: there(job.frame, 'frame').name,
					width: frame.outer[length],
					height: frame.section.face,
					count: 2,
					from: 'stick'
				},
				`frame.outer.${length}`,
				'frame.section.face'
			);
		rail(`rail, ${PAIRS[0]}`, 'width');
		rail(`rail, ${PAIRS[1]}`, 'height');
	}
	if (frame && there(job.frame, 'frame').deepen > 0) {
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
			{
				role: 'edge seal',
				material: there(guard.edgeSeal, 'edge seal').id,
				width: length,
				height: stock,
				count: 1,
				from: 'roll'
			},
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
					material: there(job.back.seal, 'seal'),
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
			{
				role: 'dust cover',
				material: there(back.dustCoverPaper, 'dust cover paper'),
				...there(back.dustCoverRough, 'dust cover rough'),
				count: 1,
				from: 'roll'
			},
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
