/** The back as large as it is, to drill and stick by: outlines, and a cross at every place that a hand comes to; and the story stick. */
import type { Point } from '../../geometry/shapes.ts';
import type { Plan } from '../../plan.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, type Role, type Scene, type Shape } from '../../figures/scene.ts';
import { HANGERS, standsOnSides } from '../../stations/hang/kinds/all.ts';
import { backScene } from './back.ts';

/** Drawn as outlines. */
const OUTLINED: ReadonlySet<Role> = new Set<Role>(['moulding', 'backing', 'tape', 'strip', 'trim']);
/** Drilled, screwed or stuck. */
const MARKED: ReadonlySet<Role> = new Set<Role>(['ring', 'bumper']);
/** Half of a cross, mm. */
const ARM = 7;

/** @returns the scene, as seen from behind; null while there is no frame */
export function templateScene(plan: Plan, job: Decided, shop: Shop): Scene | null {
	const back = backScene(plan, job, shop);
	if (!back) return null;
	const shapes = back.shapes.flatMap((shape): Shape[] => {
		if (OUTLINED.has(shape.role)) return [{ ...shape, fill: 'none' }];
		if (!MARKED.has(shape.role) || !shape.circle) return [];
		return [{ ...shape, fill: 'none' }, ...cross(shape.circle)];
	});
	const middle = back.box.left + back.box.width / 2;
	const centreLine: Shape = {
		role: 'leader',
		open: true,
		rings: [
			[
				{ x: middle, y: back.box.top },
				{ x: middle, y: back.box.top + back.box.height }
			]
		]
	};
	return { ...back, title: 'Back, from behind', shapes: [...shapes, centreLine], dimensions: [], callouts: [] };
}

function cross({ x, y }: Point): Shape[] {
	const line = (from: Point, to: Point): Shape => ({ role: 'cut-line', open: true, rings: [[from, to]] });
	return [line({ x: x - ARM, y }, { x: x + ARM, y }), line({ x, y: y - ARM }, { x, y: y + ARM })];
}

/** Wide enough to be held, mm. */
const STICK_WIDTH = 40;
const STICK_MORE = 20;
/** And to be marked beside the ring. */
const STICK_BESIDE = 12;

/** One strip for both sides: its top edge on the frame’s top, its edge on the frame’s side; null where nothing is measured from the top. */
export function stickScene({ hang }: Plan): Scene | null {
	if (!hang || !standsOnSides(HANGERS[hang.by])) return null;
	const height = hang.drop + STICK_MORE;
	const width = Math.max(STICK_WIDTH, hang.inset + STICK_BESIDE);
	return {
		view: 'board',
		title: 'Story stick, for both sides',
		box: { left: 0, top: 0, width, height },
		shapes: [
			{ role: 'part', rings: [rectangle(0, 0, width, height)], fill: 'none', title: 'Align its top edge with the frame’s top' },
			{ role: 'ring', circle: { x: hang.inset, y: hang.drop, radius: 5 }, fill: 'none', title: 'Ring' },
			...cross({ x: hang.inset, y: hang.drop })
		],
		dimensions: [],
		callouts: []
	};
}
