/** The same again: another job with these decisions, for a piece that is still to come. */
import type { JobFile } from './definition.ts';

/** What is of this one piece and day, not of the way in which it is framed. */
const OF_THIS_ONE = ['dates', 'accepted', 'alike', 'copies', 'unframing'] as const satisfies readonly (keyof JobFile)[];
const OF_THIS_PIECE = [
	'owner',
	'condition',
	'picture',
	'concerns',
	'conservator',
	'zones'
] as const satisfies readonly (keyof NonNullable<JobFile['piece']>)[];
const MOST_LETTERS = 200;
const AGAIN = ', again';

/** @returns a new file; the old one stays as it was */
export function sameAgain(file: JobFile): JobFile {
	const title = file.title?.trim();
	const titled = title && !title.endsWith(AGAIN) ? `${title.slice(0, MOST_LETTERS - AGAIN.length)}${AGAIN}` : file.title;
	return {
		...without(file, OF_THIS_ONE),
		...(titled === undefined ? {} : { title: titled }),
		...(file.piece ? { piece: without(file.piece, OF_THIS_PIECE) } : {}),
		// What this one took from the shelf is there once.
		...(file.frame ? { frame: without(file.frame, ['ready']) } : {}),
		...(file.mats ? { mats: file.mats.map((mat) => (mat.have ? { ...mat, have: without(mat.have, ['ready']) } : mat)) } : {})
	};
}

function without<T extends object>(group: T, keys: readonly (keyof T)[]): Partial<T> {
	return Object.fromEntries(Object.entries(group).filter(([key]) => !keys.includes(key as keyof T))) as Partial<T>;
}
