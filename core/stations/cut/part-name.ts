/** What a part is called by the people who cut and fit it. */
import { ownOf } from '../../units/by-own-keys.ts';

/** Names that files and calls have promised, and the trade’s word for each. */
const SAID: Readonly<Record<string, string>> = {
	'under-mat': 'back mat',
	backing: 'backing board',
	'cleat’s rail on the frame': 'frame rail of the cleat',
	'cleat’s strip at the bottom': 'bottom strip of the cleat',
	'cleat’s rail on the wall': 'wall rail of the cleat',
	'strip across the back': 'cross strip'
};

/** @returns a role of the cut list or of a layer in the trade's words: `back mat`, `mat 2` */
export function partName(role: string): string {
	return ownOf(SAID, role) ?? role;
}

/** @returns a blank of a cutting plan, named after its job, in the trade's words: `K-0101 back mat` */
export function blankName(id: string): string {
	const [, job, role, rest] = /^([A-Z]-\d+ )(\D+?)( \d+)?$/.exec(id) ?? [];
	return job && role ? `${job}${partName(role)}${rest ?? ''}` : id;
}
