/** A mat that is at hand instead of one that is cut, and back: what it brings with it goes from the file, since both together are a fault. */
import type { Size } from '../geometry/shapes.ts';
import type { WrittenColour } from '../shop/colours.ts';
import type { MatChoice } from './decide-window.ts';
import type { JobFile } from './definition.ts';
import { NOT_KNOWN } from './kinds.ts';
import { drop, put, type Operation } from './patch.ts';
import { writtenMats } from './written.ts';

/** Nobody cuts it, whether it is measured yet or not. */
export function isAtHand({ have, unmeasured }: Pick<MatChoice, 'have' | 'unmeasured'>): boolean {
	return have !== null || unmeasured;
}

type AtHand = {
	board: string;
	colour?: WrittenColour;
	have: { opening: Size; outer: Size; ready?: string; price?: number } | Record<string, never>;
};

/** One mat alone, at hand: borders and overlap come with it. */
export function onlyAtHand(file: JobFile, mat: AtHand): Operation[] {
	return [...put(file, ['mats'], [mat]), ...drop(file, ['borders']), ...drop(file, ['window', 'overlap'])];
}

/** One of the mats is at hand from now on, to be measured. */
export function takeAtHand(file: JobFile, mats: readonly MatChoice[], index: number): Operation[] {
	return [
		...changed(file, mats, index, (mat) => ({ ...mat, have: {} })),
		...(index === 0 ? drop(file, ['borders']) : []),
		...drop(file, ['window', 'overlap'])
	];
}

/** It is cut again. @param board for one whose board nobody knew */
export function cutAgain(file: JobFile, mats: readonly MatChoice[], index: number, board: string): Operation[] {
	return [
		...changed(file, mats, index, ({ have: _, ...mat }) => ({ ...mat, board: mat.board === NOT_KNOWN ? board : mat.board })),
		...(index === 0 ? drop(file, ['borders']) : [])
	];
}

type Written = NonNullable<JobFile['mats']>[number];

function changed(file: JobFile, mats: readonly MatChoice[], index: number, change: (mat: Written) => Written): Operation[] {
	const written: readonly Written[] = file.mats ?? writtenMats(mats);
	return put(
		file,
		['mats'],
		written.map((mat, at) => (at === index ? change(mat) : mat))
	);
}
