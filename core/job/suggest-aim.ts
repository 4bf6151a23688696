/** The grade that intake suggests, with its reason (handbook intake#aim). The framer and the owner decide. */
import type { Job } from './definition.ts';
import type { Grade } from '../shop/grades.ts';

export type Suggestion = { aim: Grade; because: string };

/** Made before this year a sheet is taken as one of a kind until somebody says otherwise. */
const OLD_BEFORE = 1950;

export function suggestAim(piece: Partial<NonNullable<Job['piece']>>): Suggestion {
	if (piece.replaceable === true) return { aim: 'show', because: 'It can be made again.' };
	if (piece.replaceable === false) return { aim: 'rare', because: 'It cannot be made again.' };
	const concern = piece.concerns?.find((one) => one !== 'protected');
	if (concern) return { aim: 'rare', because: 'What was seen on it wants every step to be undone again.' };
	const year = yearIn(piece.year);
	if (year !== null && year < OLD_BEFORE)
		return { aim: 'rare', because: `It dates from ${year}: one of a kind until it is known not to be.` };
	if (piece.bothSides) return { aim: 'rare', because: 'It is worked on both sides.' };
	return { aim: 'keep', because: 'Nothing says that it can be made again.' };
}

/** The first year that a text names: `c. 1891`, `1978–80`. */
function yearIn(text: string | undefined): number | null {
	const found = /\b(1[0-9]{3}|20[0-9]{2})\b/.exec(text ?? '');
	return found ? Number(found[1]) : null;
}
