/**
 * Edge strips and slings: folded paper along the sheet's edges, no adhesive on it. They touch, they don't press (handbook hold#strips).
 * Strips run along the bottom and both sides; a sling carries the bottom, and a third of both sides keeps the sheet from sliding out.
 */
import type { SideName, Size } from '../../geometry/shapes.ts';
import type { Readings } from '../../job/decide-piece.ts';
import type { House } from '../../shop/house.ts';
import type { Opening } from '../../figures/window.ts';
import type { Strip } from '../../figures/hold.ts';
import type { Decided } from '../../job/decided.ts';

/** How far a strip may reach at a side and stay hidden: overlap − 1. */
export function hiddenReach({ overlap }: Opening, side: SideName, house: House): number {
	return Math.max(0, (overlap?.[side] ?? 0) - house.pocketBehind);
}

/** @param readings the sheet's own sides: a strip is as long as the edge that it lies on */
export function planStrips(job: Decided, house: House, { readings, opening }: { readings: Readings; opening: Opening }): Strip[] {
	const share = job.hold.kind === 'sling' ? house.slingShare : 1;
	const reach = (side: SideName) => job.hold.reach ?? Math.min(house.stripReach, hiddenReach(opening, side, house));
	return [
		{ side: 'bottom', length: readings.bottom, reach: reach('bottom') },
		{ side: 'left', length: readings.left * share, reach: reach('left') },
		{ side: 'right', length: readings.right * share, reach: reach('right') }
	];
}

/** Each is folded from a strip as wide as its reach and what lies behind the sheet. */
export function stripBlank({ length, reach }: Strip, house: House): Size {
	return { width: length, height: reach + house.stripBehind };
}
