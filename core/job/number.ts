/** A job's number: counted from 101, shown as K-0101, and from K-10000 on simply longer; what is practised on is T-0001. */

/** An imported number may be as high as this: what is counted goes on behind it for ever. */
export const IMPORTED_MOST = 9_999_999;
/** As high as one is kept at all. */
const NUMBER_MOST = 2_147_483_647;

/** Numbers above it belong to pieces of the trainer. */
const PRACTICE = 2_000_000_000;
export const isPractice = (number: number): boolean => number > PRACTICE;

const written = (letter: string, number: number): string => `${letter}-${String(number).padStart(4, '0')}`;

export function showJobNumber(number: number): string {
	return isPractice(number) ? written('T', number - PRACTICE) : written('K', number);
}

/** @returns null for what is not written as `showJobNumber` writes it */
export function readJobNumber(text: string): number | null {
	const [, letter, digits] = /^([KT])-(\d{4,10})$/.exec(text) ?? [];
	const number = Number(digits) + (letter === 'T' ? PRACTICE : 0);
	return digits && number > 0 && number <= NUMBER_MOST && showJobNumber(number) === text ? number : null;
}
