/** Pieces that hang as one set: the frame, the mats and the borders of the first; each keeps its window, its board behind and its glazing (handbook hang#one-set). */
import type { JobFile } from '../job/definition.ts';

/** What of a frame is chosen, and not measured on one that is there. */
const CHOSEN = ['kind', 'moulding', 'section', 'colour', 'finish', 'corners'] as const;

/** @returns the job as one of the set; or why it cannot be, in a sentence */
export function asInSet(file: JobFile, first: JobFile): JobFile | string {
	if ((file.unit ?? 'mm') !== (first.unit ?? 'mm')) return 'it is cut in another unit';
	if (isThere(first)) return 'the first one’s frame was not chosen here: there is no match';
	if (isThere(file)) return 'it has an existing frame';
	const mats = first.mats ?? [];
	if ([...mats, ...(file.mats ?? [])].some(({ have }) => have !== undefined)) return 'it has a ready-cut mat';
	const { frame, borders, mats: own, ...rest } = file;
	return {
		...rest,
		frame: { ...without(frame ?? {}, CHOSEN), ...picked(first.frame ?? {}, CHOSEN) },
		...(first.mats ? { mats: mats.map((mat, at) => ({ ...mat, ...measuredOf(own?.[at]) })) } : {}),
		...(first.borders && first.borders.way !== 'fit' ? { borders: first.borders } : borders ? { borders } : {})
	};
}

/** The frame came with the piece, or was bought whole and measured. */
function isThere({ frame }: JobFile): boolean {
	return frame?.opening !== undefined || frame?.kept !== undefined || frame?.kind === 'ready-made';
}

type Mat = NonNullable<JobFile['mats']>[number];
/** What is printed on a mat is its own. */
const measuredOf = (mat: Mat | undefined): Partial<Mat> => (mat ? picked(mat, ['print', 'printEnds']) : {});

function picked<Of extends object, Key extends keyof Of>(of: Of, keys: readonly Key[]): Partial<Of> {
	const made: Partial<Of> = {};
	for (const key of keys) if (of[key] !== undefined) made[key] = of[key];
	return made;
}

function without<Of extends object, Key extends keyof Of>(of: Of, keys: readonly Key[]): Omit<Of, Key> {
	return Object.fromEntries(Object.entries(of).filter(([key]) => !keys.includes(key as Key))) as Omit<Of, Key>;
}
