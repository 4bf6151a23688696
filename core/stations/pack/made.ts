/**
 * What a height is made of: a lift, a filler or a spacer is stacked from boards that the shop stocks (handbook pack#made). The fewest
 * layers that come nearest, within 0.3 mm; of boards that may lie there at this grade.
 */
import type { Board } from '../../shop/boards.ts';
import { offered } from '../../shop/stocked.ts';
import { reaches, type Grade } from '../../shop/grades.ts';
import type { Shop } from '../../shop/shop.ts';
import { isAtMost, isBelow } from '../../units/compare.ts';
import { receiveUp, tidy } from '../../units/round.ts';
import type { Made } from '../../figures/pack.ts';
import type { Decided } from '../../job/decided.ts';
import { nth } from '../../units/there.ts';

/** No stack is looked for beyond these layers. */
const MOST_LAYERS = 24;

/** @returns null where no stack of these boards comes within reach */
export function stackOf(height: number, boards: readonly Board[], within: number): Made | null {
	const unlike = oneOfEachThickness(boards);
	const thinnest = Math.min(...unlike.map(({ thickness }) => thickness));
	for (let layers = 1; layers <= MOST_LAYERS && isAtMost(layers * thinnest, height + within); layers += 1) {
		const best = nearestOf(height, unlike, layers);
		if (best && isAtMost(best.off, within)) return best.made;
	}
	return null;
}

/** The height nearest to one that no stack makes. */
export function nearestHeight(height: number, boards: readonly Board[]): { height: number; made: Made } | null {
	let best: { off: number; made: Made; height: number } | null = null;
	const unlike = oneOfEachThickness(boards);
	for (let layers = 1; layers <= MOST_LAYERS; layers += 1) {
		const found = nearestOf(height, unlike, layers);
		if (found && (!best || isBelow(found.off, best.off))) best = found;
	}
	return best;
}

/** The first height, in steps, that boards make: what a fix may ask for. Null where none up to `most` is. */
export function firstMakeable(
	least: number,
	most: number,
	step: number,
	boards: readonly Board[],
	within: number
): number | null {
	for (let height = receiveUp(least, step); height <= most; height = receiveUp(height + step, step))
		if (stackOf(height, boards, within)) return height;
	return null;
}

/** Of boards as thick as each other the first is taken: a long list then takes no longer than a short one. */
function oneOfEachThickness(boards: readonly Board[]): Board[] {
	const first = new Map<number, Board>();
	for (const board of boards) if (!first.has(board.thickness)) first.set(board.thickness, board);
	return [...first.values()];
}

/** So many layers of one board, or of two, that come nearest. */
function nearestOf(height: number, boards: readonly Board[], layers: number): { off: number; made: Made; height: number } | null {
	let best: { off: number; made: Made; height: number } | null = null;
	const consider = (made: Made, sum: number) => {
		const off = Math.abs(sum - height);
		if (!best || isBelow(off, best.off)) best = { off, made, height: tidy(sum) };
	};
	for (const [index, one] of boards.entries()) {
		consider([{ board: one.id, layers }], layers * one.thickness);
		for (const other of boards.slice(index + 1))
			for (let more = 1; more < layers; more += 1)
				consider(
					[
						{ board: one.id, layers: layers - more },
						{ board: other.id, layers: more }
					],
					(layers - more) * one.thickness + more * other.thickness
				);
	}
	return best;
}

/** Boards for a lift: the one that was chosen, else the mat's own first, then what the grade allows beside the piece. */
export function liftBoards(job: Decided, shop: Shop, index: number): Board[] {
	const { board, liftBoard } = nth(job.mats, index);
	if (liftBoard) return [liftBoard];
	return [board, ...stackable(shop, job.aim).filter(({ id }) => id !== board.id)];
}

/** Beside a piece that an alkaline reserve would harm, un-buffered boards alone wherever they come to the height. */
export function stackBeside(height: number, boards: readonly Board[], { piece }: Decided, within: number): Made | null {
	const mild = boards.filter(({ buffered }) => !buffered);
	return (piece.proteinOrDye ? stackOf(height, mild, within) : null) ?? stackOf(height, boards, within);
}

/** Boards for a filler: its own first, with others to come to the height. */
export function fillerBoards(job: Decided, shop: Shop, index: number): Board[] {
	const { board } = nth(job.guard.fillers, index);
	return [board, ...stackable(shop, job.aim).filter(({ id }) => id !== board.id)];
}

/** Boards for the strips of a spacer. */
export function spacerBoards(job: Decided, shop: Shop): Board[] {
	return stackable(shop, job.aim).filter(({ forMats }) => forMats);
}

/** Boards of the shop that may be stacked beside the piece at a grade. */
export function stackableBoards(shop: Shop, aim: Grade): readonly Board[] {
	return stackable(shop, aim);
}

/** By list of boards and grade: a search over a catalogue asks again and again. */
const STACKABLE = new WeakMap<Shop['boards'], Partial<Record<Grade, Board[]>>>();

function stackable(shop: Shop, aim: Grade): Board[] {
	const known = STACKABLE.get(shop.boards) ?? {};
	STACKABLE.set(shop.boards, known);
	return (known[aim] ??= stackableAt(shop, aim));
}

function stackableAt(shop: Shop, aim: Grade): Board[] {
	return offered(shop.boards).filter(
		({ touch, fabricFaced, growth, unknown, outerMatAtKeep, notStacked }) =>
			!fabricFaced &&
			!notStacked &&
			growth === 'paper' &&
			unknown.length === 0 &&
			(reaches(touch, aim) || (aim === 'keep' && outerMatAtKeep === true))
	);
}

/** A filler is its own board in layers where that comes near enough; else with another kind beside it. */
export function fillerStack(height: number, boards: readonly Board[], within: number): Made | null {
	const [own, ...others] = boards as [Board, ...Board[]];
	const withOthers = () => {
		for (let layers = Math.floor(height / own.thickness); layers > 0; layers -= 1) {
			const rest = stackOf(height - layers * own.thickness, others, within);
			if (rest) return [{ board: own.id, layers }, ...rest];
		}
		return null;
	};
	return stackOf(height, [own], within) ?? withOthers() ?? stackOf(height, boards, within);
}
