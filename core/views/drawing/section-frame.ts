/** What stands round the pack in its section: the moulding's profile or a metal channel, fasteners, tapes (handbook frame#section). */
import { isShimmed } from '../../stations/frame/kit.ts';
import type { House } from '../../shop/house.ts';
import type { Plan } from '../../plan.ts';
import type { Point } from '../../geometry/shapes.ts';
import { colourOf } from '../../shop/colours.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, type Role, type Shape, type Layout } from '../../figures/scene.ts';
import { FRAMES } from '../../stations/frame/kinds/all.ts';
import { there } from '../../units/there.ts';

/** Wall of a metal section, as it is drawn. */
export const METAL_WALL = 1.6;
/** As far as a groove is drawn into the wall. */
const GROOVE_DEEP = 2.5;

export function moulding(plan: Plan, job: Decided): Shape[] {
	if (!plan.frame) return [];
	const { kind, groove, deepen, name, colour } = there(job.frame, 'frame');
	const { face, lip, depth, rabbetDepth } = plan.frame.section;
	const { clips, hatch } = FRAMES[kind];
	if (clips) return [{ role: 'moulding', rings: [channel(plan.frame.section)], fill: colour.hex, hatch, title: name }];
	const under = depth - rabbetDepth;
	const wall = face - lip;
	const notch: Point[] = groove
		? [
				{ x: wall, y: under + groove.from },
				{ x: wall - GROOVE_DEEP, y: under + groove.from },
				{ x: wall - GROOVE_DEEP, y: Math.min(depth, under + groove.from + groove.width) },
				{ x: wall, y: Math.min(depth, under + groove.from + groove.width) }
			]
		: [];
	const profile: Point[] = [
		{ x: 0, y: 0 },
		{ x: face, y: 0 },
		{ x: face, y: under },
		{ x: wall, y: under },
		...notch,
		{ x: wall, y: depth },
		{ x: 0, y: depth }
	];
	const shapes: Shape[] = [{ role: 'moulding', rings: [profile], fill: colour.hex, hatch, title: name }];
	if (deepen > 0)
		shapes.push({
			role: 'strip',
			rings: [rectangle(0, depth, wall, deepen)],
			fill: colourOf('limed'),
			hatch: 'wood',
			title: 'Strip glued to the back'
		});
	return shapes;
}

/** Front plate, wall, and the flange that the spring clips press against. */
function channel({ face, lip, depth, rabbetDepth }: { face: number; lip: number; depth: number; rabbetDepth: number }): Point[] {
	const wall = face - lip;
	const flange = METAL_WALL + rabbetDepth;
	const reach = Math.min(face, wall + 4);
	const thick = Math.min(METAL_WALL, Math.max(0.4, depth - flange));
	return [
		{ x: 0, y: 0 },
		{ x: face, y: 0 },
		{ x: face, y: METAL_WALL },
		{ x: wall, y: METAL_WALL },
		{ x: wall, y: flange },
		{ x: reach, y: flange },
		{ x: reach, y: flange + thick },
		{ x: wall, y: flange + thick },
		{ x: wall, y: depth },
		{ x: 0, y: depth }
	];
}

export function edgeSeal(plan: Plan, job: Decided, { edgeSealOnBack }: House, { packLeft, top }: Layout): Shape[] {
	if (!plan.back?.edgeSeal) return [];
	const bottom = top + there(plan.pack, 'pack').thickness;
	const line: Point[] = [
		{ x: packLeft + job.guard.sealOnFace, y: top },
		{ x: packLeft, y: top },
		{ x: packLeft, y: bottom },
		{ x: packLeft + edgeSealOnBack, y: bottom }
	];
	return [{ role: 'edge-seal', open: true, rings: [line], title: 'Edge seal' }];
}

/** A rigid pin level in the rabbet's wall, a spring clip in the channel, an offset clip over the back. */
export function fastener(plan: Plan, job: Decided, house: House, { packLeft, top, back }: Layout): Shape[] {
	if (!plan.frame) return [];
	const { face, lip, rabbetDepth } = plan.frame.section;
	const wall = face - lip;
	const end = top + there(plan.pack, 'pack').thickness;
	const line = (role: Role, title: string, points: Point[]): Shape[] => [{ role, open: true, rings: [points], title }];
	if (FRAMES[there(job.frame, 'frame').kind].clips) {
		const flange = METAL_WALL + rabbetDepth;
		if (isShimmed(plan, house)) return [];
		// A bow from under the flange onto the pack, and up again.
		const bow = Array.from({ length: 13 }, (_, index): Point => {
			const share = index / 12;
			return { x: wall + 0.5 + share * 13, y: flange - 0.3 - (flange - 0.7 - end) * Math.sin(share * Math.PI) };
		});
		return line('point', 'Spring clip', bow);
	}
	if (plan.frame.points.kind === 'offset-clips')
		return line('point', 'Offset clip', [
			{ x: Math.max(1, wall - 9), y: back + 0.8 },
			{ x: wall + 1, y: back + 0.8 },
			{ x: wall + 2, y: end + 0.8 },
			{ x: packLeft + 12, y: end + 0.8 }
		]);
	const y = end + 0.8;
	if (y > back) return [];
	return line('point', 'Point', [
		{ x: wall - 6, y },
		{ x: packLeft + 8, y }
	]);
}

export function tape(plan: Plan, job: Decided, house: House, { packLeft, top, back }: Layout): Shape[] {
	const planned = plan.back?.tape;
	if (!planned || !plan.frame || !FRAMES[there(job.frame, 'frame').kind].wood) return [];
	const { face, lip } = plan.frame.section;
	const wall = face - lip;
	const backing = top + there(plan.pack, 'pack').thickness + 1.4;
	const line: Point[] = [
		{ x: wall - planned.land, y: back },
		{ x: wall, y: back },
		{ x: wall + 0.6, y: backing },
		{ x: packLeft + house.tapeOnBacking, y: backing }
	];
	return [{ role: 'tape', open: true, rings: [line], title: 'Back tape' }];
}
