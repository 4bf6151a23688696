/** A job's number: counted from 101, shown as K-0101, and from K-10000 on simply longer. */

/** An imported number may be as high as this: what is counted goes on behind it for ever. */
export const IMPORTED_MOST = 9_999_999;
/** As high as one is kept at all. */
const NUMBER_MOST = 2_147_483_647;

export function showJobNumber(number: number): string {
	return `K-${String(number).padStart(4, '0')}`;
}

/** @returns null for what is not written as `showJobNumber` writes it */
export function readJobNumber(text: string): number | null {
	const digits = /^K-(\d{4,10})$/.exec(text)?.[1];
	const number = Number(digits);
	return digits && number > 0 && number <= NUMBER_MOST && showJobNumber(number) === text ? number : null;
}
