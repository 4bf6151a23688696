/** A sheet's pieces as its cuts give them, and each cut as it is set on the fence. */
import { there } from '../units/there.ts';
import type { Rect, SawCut, SheetPlan } from './figures.ts';

/** A cut with the piece that lies on the table for it. */
export type SetCut = SawCut & {
	piece: Rect;
	/** From the piece's left or upper edge to the blade: what lies between is the first part. */
	fence: number;
};

export type Pieces = { all: Map<string, Rect>; cuts: SetCut[] };

/** @returns every piece that there ever is, by its name, and the cuts in their order. @throws Error when a cut is through a piece that is not there */
export function piecesOf({ cuts }: SheetPlan, sheet: { width: number; height: number }, kerf: number): Pieces {
	const all = new Map<string, Rect>([['0', { left: 0, top: 0, width: sheet.width, height: sheet.height }]]);
	const set = cuts.map((cut): SetCut => {
		const piece = there(all.get(cut.from), 'piece');
		const start = cut.axis === 'x' ? piece.left : piece.top;
		const end = start + (cut.axis === 'x' ? piece.width : piece.height);
		const [first, second] = cut.gives;
		if (first !== null) all.set(first, part(piece, cut.axis, start, cut.at));
		if (second !== null) all.set(second, part(piece, cut.axis, cut.at + kerf, end));
		return { ...cut, piece, fence: cut.at - start };
	});
	return { all, cuts: set };
}

const part = (piece: Rect, axis: 'x' | 'y', from: number, to: number): Rect =>
	axis === 'x' ? { ...piece, left: from, width: to - from } : { ...piece, top: from, height: to - from };

export const isSameRect = (one: Rect, other: Rect): boolean =>
	(['left', 'top', 'width', 'height'] as const).every((side) => Math.abs(one[side] - other[side]) < 1e-4);
