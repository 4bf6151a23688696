/** Station Hold: what carries the piece, where it comes, which edges it fixes, and how much room it leaves (handbook hold). */
import type { Size } from '../../geometry/shapes.ts';
import type { Piece } from '../../job/decide-piece.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Hold } from '../../figures/hold.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure, Write } from '../../rule/book.ts';
import { at, less, over, plain, root, sizeTerms, times, type Term } from '../../rule/term.ts';
import { HOLDS } from './kinds/all.ts';
import type { HoldInput, Shared } from './kinds/kind.ts';
import { isAbove } from '../../units/compare.ts';

/** @throws FaultError for places that do not lie on the sheet, or meet */
export function planHold(job: Decided, piece: Piece, shop: Shop, before: HoldInput, figure: Figure): Hold {
	const write: Write = (name, term, anchor) => figure(`hold.${name}`, term, `hold#${anchor}`);
	const { kind } = job.hold;
	const shared: Shared = {
		kind,
		inset: 0,
		tissue: null,
		sheetGrams: write('sheetGrams', gramsOf(before.measure, piece), 'load').value,
		loadKPa: 0,
		workingKPa: 0,
		dryMinutes: 0
	};
	const hold = HOLDS[kind].plan(shared, { ...before, job, piece, shop }, write);
	const bulge = bulgeOf(hold, before, write);
	return bulge ? { ...hold, bulge } : hold;
}

function gramsOf({ mean }: Measure, { grammage }: Piece): Term {
	const { width, height } = sizeTerms('measure.mean', mean);
	return over(times(width, height, at('job.piece.grammage', grammage)), plain(1_000_000));
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
		if (held && isAbove(by, 0)) short[axis] = by;
	}
	return short;
}

/** h = (2/π) √(m L): a sheet held on opposite sides that wants to grow by m over its length L (handbook hold#bulge). */
function bulgeOf(hold: Hold, { measure, movement }: HoldInput, write: Write): Partial<Size> | null {
	const axes = Object.keys(heldShort(hold, movement)) as (keyof Size)[];
	if (axes.length === 0) return null;
	const bulge = (axis: keyof Size) => {
		const grows = at(`movement.${axis}`, movement[axis]);
		const short = hold.slack ? less(grows, at(`hold.slack.${axis}`, hold.slack[axis])) : grows;
		const length = at(`measure.mean.${axis}`, measure.mean[axis]);
		return write(`bulge.${axis}`, times(over(plain(2), plain(Math.PI)), root(times(short, length))), 'bulge').value;
	};
	return Object.fromEntries(axes.map((axis) => [axis, bulge(axis)]));
}
