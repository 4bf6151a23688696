/** Station Hold: what carries the piece, where it comes, which edges it fixes, and how much room it leaves (handbook hold). */
import type { Size } from '../../geometry/shapes.ts';
import type { Piece } from '../../job/decide-piece.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Hold } from '../../figures/hold.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import { HOLDS } from './kinds/all.ts';
import type { HoldInput, Shared } from './kinds/kind.ts';

/** @throws FaultError for places that do not lie on the sheet, or meet */
export function planHold(job: Decided, piece: Piece, shop: Shop, before: HoldInput): Hold {
	const hold = planKind(job, piece, shop, before);
	const bulge = bulgeOf(hold, before);
	return bulge ? { ...hold, bulge } : hold;
}

function planKind(job: Decided, piece: Piece, shop: Shop, before: HoldInput): Hold {
	const { kind } = job.hold;
	const shared: Shared = {
		kind,
		inset: 0,
		tissue: null,
		sheetGrams: gramsOf(before.measure, piece),
		loadKPa: 0,
		workingKPa: 0,
		dryMinutes: 0
	};
	return HOLDS[kind].plan(shared, { ...before, job, piece, shop });
}

function gramsOf({ mean }: Measure, piece: Piece): number {
	return (mean.width * mean.height * piece.grammage) / 1e6;
}

/** Axes along which the sheet is held at both ends by what can't give, and by how much it is short of room. */
export function heldShort(hold: Pick<Hold, 'kind' | 'fixed' | 'slack'>, movement: Size): Partial<Size> {
	const short: Partial<Size> = {};
	for (const [axis, one, other] of [
		['width', 'left', 'right'],
		['height', 'top', 'bottom']
	] as const) {
		const by = hold.slack ? movement[axis] - hold.slack[axis] : movement[axis];
		// Stitches give with the cloth, and what is stuck down whole moves with its board.
		const held = hold.slack || (isHinge(hold.kind) && hold.fixed.includes(one) && hold.fixed.includes(other));
		if (held && by > 1e-6) short[axis] = by;
	}
	return short;
}

/** h = (2/π) √(m L): a sheet held on opposite sides that wants to grow by m over its length L (handbook hold#bulge). */
function bulgeOf(hold: Hold, { measure, movement }: HoldInput): Partial<Size> | null {
	const short = heldShort(hold, movement);
	const entries = Object.entries(short) as [keyof Size, number][];
	if (entries.length === 0) return null;
	return Object.fromEntries(entries.map(([axis, by]) => [axis, (2 / Math.PI) * Math.sqrt(by * measure.mean[axis])]));
}
