/** The grade that intake suggests, with its reason (handbook intake#aim). The framer and the owner decide. */
import { CONCERNS } from '../shop/concerns.ts';
import type { Job } from './definition.ts';
import type { Grade } from '../shop/grades.ts';

export type Suggestion = { aim: Grade; because: string };

/** Made before this year a sheet is taken as one of a kind until somebody says otherwise. */
const OLD_BEFORE = 1950;

export function suggestAim(piece: Partial<NonNullable<Job['piece']>>): Suggestion {
	if (piece.replaceable === true) return { aim: 'show', because: 'It is replaceable.' };
	if (piece.replaceable === false) return { aim: 'rare', because: 'It is irreplaceable.' };
	const concern = piece.concerns?.find((one) => CONCERNS[one].refer !== null);
	if (concern) return { aim: 'rare', because: 'Its condition calls for fully reversible work.' };
	const year = yearIn(piece.year);
	if (year !== null && year < OLD_BEFORE)
		return { aim: 'rare', because: `Dated ${year}: treat as irreplaceable until known otherwise.` };
	if (piece.bothSides) return { aim: 'rare', because: 'Worked on both sides.' };
	return { aim: 'keep', because: 'Nothing shows it is replaceable.' };
}

/** The first year that a text names: `c. 1891`, `1978–80`. */
export function yearIn(text: string | undefined): number | null {
	const found = /\b(1[0-9]{3}|20[0-9]{2})\b/.exec(text ?? '');
	return found ? Number(found[1]) : null;
}
