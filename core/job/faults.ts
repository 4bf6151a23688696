/** What is wrong with what was given: where, what, and what to do. The only error that core/ throws on purpose. */

export type Fault = { path: string; says: string };

export class FaultError extends Error {
	readonly faults: Fault[];
	constructor(faults: Fault[]) {
		super(faults.map((fault) => `${fault.path}: ${fault.says}`).join('\n'));
		this.name = 'FaultError';
		this.faults = faults;
	}
}

/** `fail('window.overlap', 'This leaves no window.')` */
export function fail(path: string, says: string): never {
	throw new FaultError([{ path, says }]);
}

/** What was tried, or why it could not be. */
export type Attempt<T> = { ok: true; gives: T } | { ok: false; faults: Fault[] };

/** A fault of the program's own: nothing was wrong with what was given, so it is told and written down. */
const DEFECT = 'An error stopped this job being planned. Saved work is safe; undo the last change, or report it.';

/**
 * Tries one of several, so that none of them darkens the others.
 * @param told hears of an error that is no fault of what was given: a defect
 * @returns what it gives, or its faults
 */
export function attempt<T>(work: () => T, told: (error: unknown) => void = () => {}): Attempt<T> {
	try {
		return { ok: true, gives: work() };
	} catch (error) {
		if (error instanceof FaultError) return { ok: false, faults: error.faults };
		told(error);
		return { ok: false, faults: [{ path: '', says: DEFECT }] };
	}
}
