/** The framed piece on its wall, as it will be seen: colours only, no measures, no edges that the mat hides. */
import type { Size } from '../../geometry/shapes.ts';
import type { Plan } from '../../plan.ts';
import { colourOf } from '../../shop/colours.ts';
import { frontScene } from './front.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, type Role, type Scene } from '../../figures/scene.ts';

/** Share of the picture's larger side that the wall shows round it. */
const WALL_SHARE = 0.1;

const SEEN: ReadonlySet<Role> = new Set([
	'under-mat',
	'sheet',
	'bevel',
	'bevel-line',
	'mat',
	'moulding',
	'moulding-edge',
	'pack'
]);

/**
 * @param room what the scene has room for at least, so that two of them come out at one scale
 * @returns the scene, or null while there is no window
 */
export function previewScene(plan: Plan, job: Decided, room: Size = { width: 0, height: 0 }): Scene | null {
	const front = frontScene(plan, job);
	if (!front) return null;
	const { left, top, width, height } = front.box;
	const size = { width: Math.max(width, room.width), height: Math.max(height, room.height) };
	const round = Math.max(size.width, size.height) * WALL_SHARE;
	const box = {
		left: left - round - (size.width - width) / 2,
		top: top - round - (size.height - height) / 2,
		width: size.width + 2 * round,
		height: size.height + 2 * round
	};
	// The wall does not end where the picture’s room does.
	const far = 4 * Math.max(box.width, box.height);
	return {
		view: 'preview',
		title: 'On the wall',
		box,
		shapes: [
			{
				role: 'wall',
				rings: [rectangle(box.left - far, box.top - far, box.width + 2 * far, box.height + 2 * far)],
				fill: colourOf(job.wallColour)
			},
			{ role: 'shadow', rings: [rectangle(left + 2, top + height * 0.01 + 3, width, height)] },
			...front.shapes.filter(({ role }) => SEEN.has(role))
		],
		dimensions: [],
		callouts: []
	};
}
