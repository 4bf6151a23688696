/** The side that a shop takes where practitioners differ, with its reason (handbook schools). */
import type { Fault } from '../job/faults.ts';
import { SCHOOLS } from '../job/schools.ts';

export type OwnSchool = { school: string; option: string; /** Why the shop does so. */ because?: string };

export const BECAUSE_MOST = 200;

/**
 * Reads a list of sides taken; what is not in it is as it came.
 * @returns them with their reasons trimmed, or every fault with its path: `schools[3].option`
 */
export function readSchools(list: unknown): { ok: true; schools: OwnSchool[] } | { ok: false; faults: Fault[] } {
	if (!Array.isArray(list)) return { ok: false, faults: [{ path: 'schools', says: 'This must be a list in [ ].' }] };
	if (list.length > SCHOOLS.length)
		return {
			ok: false,
			faults: [{ path: 'schools', says: `There are ${SCHOOLS.length} questions, and ${list.length} answers.` }]
		};
	const faults: Fault[] = [];
	const seen = new Set<string>();
	const schools = list.map((given: unknown, index): OwnSchool => {
		const at = `schools[${index}]`;
		const one = (typeof given === 'object' && given !== null ? given : {}) as Record<string, unknown>;
		const school = SCHOOLS.find(({ id }) => id === one.school);
		if (!school) {
			faults.push({
				path: `${at}.school`,
				says: typeof one.school === 'string' ? `“${one.school}” is not a way of working to choose.` : 'Name a way of working.'
			});
			return { school: '', option: '' };
		}
		if (seen.has(school.id)) faults.push({ path: `${at}.school`, says: `“${school.id}” is set twice. Remove one.` });
		seen.add(school.id);
		const option = school.options.find((known) => known === one.option);
		if (option === undefined) faults.push({ path: `${at}.option`, says: `Enter one of ${school.options.join(', ')}.` });
		const because = readBecause(one.because);
		if (because === null) faults.push({ path: `${at}.because`, says: `Enter a reason of at most ${BECAUSE_MOST} letters.` });
		return { school: school.id, option: option ?? '', ...(because ? { because } : {}) };
	});
	return faults.length > 0 ? { ok: false, faults } : { ok: true, schools };
}

/** A reason as it is kept; null for what is none. */
export function readBecause(given: unknown): string | null {
	if (given === undefined) return '';
	return typeof given === 'string' && given.length <= BECAUSE_MOST ? given.trim() : null;
}
