/**
 * Slicing trees: what can be cut from a sheet by cuts from edge to edge. A leaf is a blank; a pair is two boxes side by side or one above
 * the other, as large as holds both. Trees are never changed, so that a try that fails costs nothing to take back.
 *
 *      across            down
 *   ┌─────┬───┐        ┌───────┐
 *   │  a  │ b │        │   a   │
 *   │     ├───┘        ├────┬──┘
 *   └─────┘            │  b │
 *                      └────┘
 */
import type { BlankKind } from './instance.ts';

export class Box {
	readonly w: number;
	readonly h: number;
	/** Area of its blanks. */
	readonly filled: number;
	readonly leaves: number;
	/** Of a leaf: which kind of blank. */
	readonly blank: number;
	readonly turned: boolean;
	readonly across: boolean;
	readonly first: Box | null;
	readonly second: Box | null;

	constructor(
		w: number,
		h: number,
		filled: number,
		blank: number,
		turned: boolean,
		across: boolean,
		first: Box | null,
		second: Box | null
	) {
		this.w = w;
		this.h = h;
		this.filled = filled;
		this.leaves = first !== null && second !== null ? first.leaves + second.leaves : 1;
		this.blank = blank;
		this.turned = turned;
		this.across = across;
		this.first = first;
		this.second = second;
	}
}

/** @param blank place of the kind in the list of kinds */
export const leaf = (kind: BlankKind, blank: number, turned: boolean): Box =>
	turned
		? new Box(kind.h, kind.w, kind.area, blank, true, false, null, null)
		: new Box(kind.w, kind.h, kind.area, blank, false, false, null, null);

export function pair(across: boolean, first: Box, second: Box): Box {
	const filled = first.filled + second.filled;
	return across
		? new Box(first.w + second.w, Math.max(first.h, second.h), filled, -1, false, true, first, second)
		: new Box(Math.max(first.w, second.w), first.h + second.h, filled, -1, false, false, first, second);
}

/** @returns the tree with `added` beside one of its boxes */
export function withBeside(root: Box, beside: Box, across: boolean, added: Box): Box {
	return put(root, beside, across, added) ?? root;
}

function put(box: Box, beside: Box, across: boolean, added: Box): Box | null {
	if (box === beside) return pair(across, box, added);
	const { first, second } = box;
	if (first === null || second === null) return null;
	const inFirst = put(first, beside, across, added);
	if (inFirst !== null) return pair(box.across, inFirst, second);
	const inSecond = put(second, beside, across, added);
	return inSecond === null ? null : pair(box.across, first, inSecond);
}

/** Takes the leaves from `from` up to (not with) `to` out of a tree; what is taken goes to `out`. @returns what is left, `null` when nothing is */
export function withoutRun(box: Box, from: number, to: number, out: number[]): Box | null {
	if (to <= 0 || from >= box.leaves) return box;
	const { first, second } = box;
	if (first === null || second === null) {
		out.push(box.blank);
		return null;
	}
	const left = withoutRun(first, from, to, out);
	const right = withoutRun(second, from - first.leaves, to - first.leaves, out);
	if (left === null) return right;
	if (right === null) return left;
	return left === first && right === second ? box : pair(box.across, left, right);
}

/** @returns the tree without its leaves of one kind, `null` when nothing is left */
export function withoutKind(box: Box, blank: number): Box | null {
	const { first, second } = box;
	if (first === null || second === null) return box.blank === blank ? null : box;
	const left = withoutKind(first, blank);
	const right = withoutKind(second, blank);
	if (left === null) return right;
	if (right === null) return left;
	return left === first && right === second ? box : pair(box.across, left, right);
}

export function blanksOf(box: Box | null, into: number[] = []): number[] {
	if (box === null) return into;
	if (box.first === null || box.second === null) {
		into.push(box.blank);
		return into;
	}
	blanksOf(box.first, into);
	return blanksOf(box.second, into);
}

/**
 * The same box with its rows and columns of one height cut from their beginning: each cut then gives one part and what is left, equal parts
 * one after the other, so that the fence stays where it is.
 */
export function inRows(box: Box): Box {
	const { first, second, across } = box;
	if (first === null || second === null) return box;
	const parts = partsAlong(box, across).map(inRows);
	const high = (part: Box): number => (across ? part.h : part.w);
	const long = (part: Box): number => (across ? part.w : part.h);
	if (parts.some((part) => high(part) !== high(box))) return pair(across, inRows(first), inRows(second));
	parts.sort((one, other) => long(other) - long(one));
	return parts.reduceRight((rest, part) => pair(across, part, rest));
}

function partsAlong(box: Box, across: boolean): Box[] {
	const { first, second } = box;
	if (first === null || second === null || box.across !== across) return [box];
	return [...partsAlong(first, across), ...partsAlong(second, across)];
}
