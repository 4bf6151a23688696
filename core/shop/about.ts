/** What a shop says of itself: on its labels and papers, and how it measures, prints and counts money. */
import type { Fault } from '../job/faults.ts';
import type { Unit } from '../units/length.ts';

/** The sizes that papers are printed on. */
export const PAPERS = ['a4', 'letter'] as const;
export type PaperSize = (typeof PAPERS)[number];

/** The languages in which a shop may write its dates. */
export const DATE_LANGUAGES = ['en-GB', 'en-US', 'da', 'de', 'es', 'fi', 'fr', 'it', 'nb', 'nl', 'pl', 'pt', 'sv'] as const;
export type DateLanguage = (typeof DATE_LANGUAGES)[number];

export type About = {
	name?: string;
	/** As it stands on an envelope, line by line. */
	address?: string;
	/** A sign or a short word: `€`, `kr`. */
	currency?: string;
	paper?: PaperSize;
	/** In which a new piece is read and cut. */
	unit?: Unit;
	dates?: DateLanguage;
};

const TEXTS = [
	{ key: 'name', most: 80, says: 'Enter a name of 1 to 80 letters: it is printed on labels and papers.', wanted: true },
	{ key: 'address', most: 300, says: 'Enter an address of at most 300 letters.', wanted: false },
	{ key: 'currency', most: 6, says: 'Enter a currency of at most 6 letters, such as € or kr.', wanted: false }
] as const;
const CHOICES = [
	{ key: 'paper', of: PAPERS, says: 'Enter a4 or letter.' },
	{ key: 'unit', of: ['mm', 'in'], says: 'Enter mm or in.' },
	{ key: 'dates', of: DATE_LANGUAGES, says: `Enter one of ${DATE_LANGUAGES.join(', ')}.` }
] as const;

/**
 * Reads what a shop says of itself.
 * @returns it with its texts trimmed, or every fault with its path: `about.name`. Nothing said yet is no fault.
 */
export function readAbout(given: unknown): { ok: true; about: About } | { ok: false; faults: Fault[] } {
	if (typeof given !== 'object' || given === null || Array.isArray(given))
		return { ok: false, faults: [{ path: 'about', says: 'This must be a group of keys in { }.' }] };
	const said = given as Record<string, unknown>;
	if (Object.keys(said).length === 0) return { ok: true, about: {} };
	const faults: Fault[] = [];
	const about: Record<string, string> = {};
	for (const { key, most, says, wanted } of TEXTS) {
		const text = said[key] ?? '';
		const trimmed = typeof text === 'string' ? text.trim() : null;
		// The unit is asked on its own at the first start, before the name.
		const isMissing = wanted && key in said && trimmed === '';
		if (trimmed === null || trimmed.length > most || isMissing) faults.push({ path: `about.${key}`, says });
		else if (trimmed !== '') about[key] = trimmed;
	}
	for (const { key, of, says } of CHOICES) {
		const chosen = said[key];
		if (chosen === undefined) continue;
		if ((of as readonly unknown[]).includes(chosen)) about[key] = chosen as string;
		else faults.push({ path: `about.${key}`, says });
	}
	const known = [...TEXTS, ...CHOICES].map(({ key }) => key as string);
	for (const key of Object.keys(said))
		if (!known.includes(key))
			faults.push({ path: `about.${key}`, says: `This key is not recognised. Use: ${known.join(', ')}.` });
	return faults.length > 0 ? { ok: false, faults } : { ok: true, about };
}
