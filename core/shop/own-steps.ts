/** The shop's own words and minutes at the steps of the bench, and steps of its own between them. What locks what is not theirs to change. */
import type { Fault } from '../job/faults.ts';
import { isOwnStep, isStepId, type AnyStepId } from './step-names.ts';

export type OwnStep = {
	/** `seal`, or `own:seal:1`: the first of its own after it. */
	step: AnyStepId;
	/** What it is called here; one of the shop's own has to have it. */
	title?: string;
	/** Sentences after those that come with the job's figures. */
	says: string[];
	/** Of work, for one piece, instead of the house's figures. */
	minutes?: number;
	/** To wait until it is dry: of a step of the shop's own. */
	waitMinutes?: number;
};

export const TITLE_MOST = 60;
export const SAYS_MOST = 200;
const LINES_MOST = 6;
const STEPS_MOST = 120;
const MINUTES_MOST = 600;
const WAIT_MOST = 60 * 24 * 30;

/**
 * Reads a list of them; a step that is not in it is as it came.
 * @returns them trimmed, or every fault with its path: `steps[3].minutes`
 */
export function readOwnSteps(list: unknown): { ok: true; steps: OwnStep[] } | { ok: false; faults: Fault[] } {
	if (!Array.isArray(list)) return { ok: false, faults: [{ path: 'steps', says: 'This must be a list in [ ].' }] };
	if (list.length > STEPS_MOST)
		return { ok: false, faults: [{ path: 'steps', says: `At most ${STEPS_MOST} steps have words of their own.` }] };
	const faults: Fault[] = [];
	const seen = new Set<string>();
	const steps = list.map((given: unknown, index): OwnStep => {
		const one = (typeof given === 'object' && given !== null ? given : {}) as Record<string, unknown>;
		const fault = (key: string, says: string) => void faults.push({ path: `steps[${index}].${key}`, says });
		const id = typeof one.step === 'string' ? one.step : '';
		const isOwn = isOwnStep(id);
		if (!isOwn && !isStepId(id))
			fault('step', typeof one.step === 'string' ? `“${one.step}” is not a bench step.` : 'Name a bench step.');
		if (seen.has(id)) fault('step', `“${id}” is listed twice. Remove one.`);
		seen.add(id);
		const title = readText(one.title, TITLE_MOST);
		if (title === null) fault('title', `Enter a title of at most ${TITLE_MOST} letters.`);
		else if (isOwn && title === '') fault('title', 'Your own step needs a title.');
		const says = readSays(one.says);
		if (!says) fault('says', `Enter up to ${LINES_MOST} sentences, each of at most ${SAYS_MOST} letters.`);
		const minutes = readMinutes(one.minutes, MINUTES_MOST);
		if (minutes === null) fault('minutes', `Enter minutes of work from 0 to ${MINUTES_MOST}.`);
		const waitMinutes = readMinutes(one.waitMinutes, WAIT_MOST);
		if (waitMinutes === null) fault('waitMinutes', `Enter minutes to wait from 0 to ${WAIT_MOST}.`);
		else if (waitMinutes !== undefined && !isOwn) fault('waitMinutes', 'Drying time follows from the material.');
		return {
			step: id as AnyStepId,
			...(title ? { title } : {}),
			says: says ?? [],
			...(minutes == null ? {} : { minutes }),
			...(waitMinutes ? { waitMinutes } : {})
		};
	});
	return faults.length > 0 ? { ok: false, faults } : { ok: true, steps };
}

function readText(given: unknown, most: number): string | null {
	if (given === undefined) return '';
	return typeof given === 'string' && given.trim().length <= most ? given.trim() : null;
}

function readSays(given: unknown): string[] | null {
	if (given === undefined) return [];
	if (!Array.isArray(given)) return null;
	const lines = given.map((line) => readText(line, SAYS_MOST));
	if (lines.some((line) => line === null)) return null;
	const said = lines.filter((line): line is string => Boolean(line));
	return said.length <= LINES_MOST ? said : null;
}

/** A number, or one as it was typed; `undefined` for nothing, `null` for what is none. */
function readMinutes(given: unknown, most: number): number | null | undefined {
	if (given === undefined || given === '') return undefined;
	const text = typeof given === 'string' ? given.trim().replace(',', '.') : given;
	const value = typeof text === 'string' && /^\d+(\.\d+)?$/.test(text) ? Number(text) : text;
	return typeof value === 'number' && value >= 0 && value <= most ? value : null;
}
