/**
 * From a slicing tree to a sheet that can be cut: where each blank lies, the cuts in their order, what is left. Where a piece is larger
 * than its box, the cut that takes the rest off is made where it leaves the largest offcut, then where it is made with fewest cuts.
 */
import { there } from '../units/there.ts';
import type { CuttingJob, Rect, SheetPlan } from './figures.ts';
import { millimetres, steps, type Instance, trimOf } from './instance.ts';
import type { Laid } from './search.ts';
import type { Box } from './slicing.ts';

/** How a piece is cut. x, y: the rest to the right, below is taken off first; first, second: that part of a pair gets the rest. */
type Way = { do: 'done' | 'x' | 'y' | 'first' | 'second'; largest: number; cuts: number };

/** In whole steps; `w` and `h` a kerf longer than the piece. */
type Piece = { name: string; x: number; y: number; w: number; h: number };

/** @returns the sheet as it is cut, in millimetres from its left and top edges */
export function laidOut(job: CuttingJob, { blanks }: Instance, { sheet, root }: Laid): SheetPlan {
	const stock = there(job.sheets[sheet.index], 'stock');
	const plan: SheetPlan = { sheet: stock.id, placed: [], cuts: [], offcuts: [] };
	const kerf = steps(job.kerf);
	const usable = steps(job.minOffcut) + kerf;
	let names = 0;
	const known = new Map<Box, Map<string, Way>>();
	place(trimmed(), root);
	return plan;

	/** Takes the factory edges off: left, top, right, bottom. */
	function trimmed(): Piece {
		const whole = { name: '0', x: 0, y: 0, w: steps(stock.width) + kerf, h: steps(stock.height) + kerf };
		const trim = stock.cost === 0 ? 0 : steps(trimOf(job));
		if (trim === 0) return whole;
		const left = cutOff(whole, 'x', trim - kerf, true);
		const top = cutOff(left, 'y', trim - kerf, true);
		const right = cutOff(top, 'x', top.w - trim - kerf, false);
		return cutOff(right, 'y', right.h - trim - kerf, false);
	}

	/** Cuts a strip of the trim off; its piece is waste, however long. @param at from the piece's edge */
	function cutOff(piece: Piece, axis: 'x' | 'y', at: number, keepsSecond: boolean): Piece {
		const [first, second] = cut(piece, axis, at);
		return there(keepsSecond ? second : first, 'piece');
	}

	/** One cut through a piece; `at` from its left or upper edge is where the first part ends. */
	function cut(piece: Piece, axis: 'x' | 'y', at: number): [Piece | null, Piece | null] {
		const long = axis === 'x' ? piece.w : piece.h;
		const first = at > 0 ? nextPiece(piece, axis, 0, at + kerf) : null;
		const second = long - at - kerf > kerf ? nextPiece(piece, axis, at + kerf, long - at - kerf) : null;
		plan.cuts.push({
			order: plan.cuts.length + 1,
			from: piece.name,
			axis,
			at: millimetres((axis === 'x' ? piece.x : piece.y) + at),
			gives: [first?.name ?? null, second?.name ?? null]
		});
		return [first, second];
	}

	function nextPiece(piece: Piece, axis: 'x' | 'y', from: number, long: number): Piece {
		names += 1;
		const name = String(names);
		return axis === 'x' ? { ...piece, name, x: piece.x + from, w: long } : { ...piece, name, y: piece.y + from, h: long };
	}

	function place(piece: Piece, box: Box): void {
		const way = wayFor(piece.w, piece.h, box);
		if (way.do === 'done') {
			const kind = blanks[box.blank];
			if (!kind) return keep(piece);
			const blank = there(job.blanks[kind.index], 'blank');
			plan.placed.push({ blank: blank.id, ...rectOf(piece), turned: box.turned });
			return;
		}
		if (way.do === 'x' || way.do === 'y') {
			const [kept, rest] = cut(piece, way.do, (way.do === 'x' ? box.w : box.h) - kerf);
			keep(rest);
			return place(there(kept, 'piece'), box);
		}
		const { first, second } = partsOf(box);
		const long = box.across ? piece.w : piece.h;
		const firstLong = box.across ? first.w : first.h;
		const secondLong = box.across ? second.w : second.h;
		const at = (way.do === 'second' ? firstLong : long - secondLong) - kerf;
		const [one, other] = cut(piece, box.across ? 'x' : 'y', at);
		place(there(one, 'piece'), first);
		place(there(other, 'piece'), second);
	}

	function keep(rest: Piece | null): void {
		if (rest && rest.w >= usable && rest.h >= usable) plan.offcuts.push(rectOf(rest));
	}

	function rectOf({ x, y, w, h }: Piece): Rect {
		return { left: millimetres(x), top: millimetres(y), width: millimetres(w - kerf), height: millimetres(h - kerf) };
	}

	/** The best way to cut a box from a piece that holds it: asked for once for each size of piece. */
	function wayFor(w: number, h: number, box: Box): Way {
		const ways = known.get(box) ?? new Map<string, Way>();
		known.set(box, ways);
		const key = `${w}|${h}`;
		const found = ways.get(key) ?? bestWay(w, h, box);
		ways.set(key, found);
		return found;
	}

	function bestWay(w: number, h: number, box: Box): Way {
		// Place of an offcut that was laid on purpose: it takes all that is there.
		if (box.first === null && !blanks[box.blank]) return { do: 'done', largest: offcut(w, h), cuts: 0 };
		const over = { x: w - box.w, y: h - box.h };
		const ways: Way[] = [];
		if (over.x > 0) ways.push(after('x', offcut(over.x, h), wayFor(box.w, h, box)));
		if (over.y > 0) ways.push(after('y', offcut(w, over.y), wayFor(w, box.h, box)));
		if (box.first === null) {
			if (ways.length === 0) return { do: 'done', largest: 0, cuts: 0 };
		} else {
			const { first, second } = partsOf(box);
			if (box.across) {
				ways.push(both('second', wayFor(first.w, h, first), wayFor(w - first.w, h, second)));
				if (over.x > 0) ways.push(both('first', wayFor(w - second.w, h, first), wayFor(second.w, h, second)));
			} else {
				ways.push(both('second', wayFor(w, first.h, first), wayFor(w, h - first.h, second)));
				if (over.y > 0) ways.push(both('first', wayFor(w, h - second.h, first), wayFor(w, second.h, second)));
			}
		}
		return ways.reduce((best, one) =>
			one.largest > best.largest || (one.largest === best.largest && one.cuts < best.cuts) ? one : best
		);
	}

	/** Area of a rest, nothing when it is too small to keep; `w` and `h` are measured with the kerf on both its sides. */
	function offcut(w: number, h: number): number {
		return w >= usable && h >= usable ? (w - kerf) * (h - kerf) : 0;
	}
}

const after = (first: 'x' | 'y', offcut: number, rest: Way): Way => ({
	do: first,
	largest: Math.max(offcut, rest.largest),
	cuts: rest.cuts + 1
});

const both = (rest: 'first' | 'second', one: Way, other: Way): Way => ({
	do: rest,
	largest: Math.max(one.largest, other.largest),
	cuts: one.cuts + other.cuts + 1
});

function partsOf(box: Box): { first: Box; second: Box } {
	return { first: there(box.first, 'part'), second: there(box.second, 'part') };
}
