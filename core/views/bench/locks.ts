/** Which step comes next, what locks a step, and what still dries: of a run, its steps and the time. */
import type { AnyStepId, Step } from '../../stations/step.ts';
import { beforeOf } from './before.ts';
import type { Cause } from './causes.ts';
import { isUndoneBy, type Done, type Run } from './run.ts';

const MINUTE_MS = 60_000;

export type Wait = { step: AnyStepId; what: string; from: number; until: number };
export type Lock = { by: Step; because: string; /** It is done, and dries until then. */ until: number | null };

/** What is done and waits, by when it is over; with those that are over since. */
export function waitsOf(run: Run): Wait[] {
	return [...run.done]
		.flatMap(([step, { at, waits }]) => (waits ? [{ step, what: waits.what, from: at, until: untilOf({ at, waits }) }] : []))
		.sort((one, other) => one.until - other.until);
}

const untilOf = ({ at, waits }: Pick<Done, 'at' | 'waits'>): number => at + (waits?.minutes ?? 0) * MINUTE_MS;

/** The first thing that locks a step; `null` when it may be done. Only what stands before it in this package's order does. */
export function lockOf(id: AnyStepId, run: Run, steps: readonly Step[], now: number): Lock | null {
	const order = steps.findIndex((step) => step.id === id);
	for (const { step, because } of beforeOf(id)) {
		const at = steps.findIndex((one) => one.id === step);
		const by = steps[at];
		if (!by || at > order) continue;
		const done = run.done.get(step);
		if (!done) return { by, because, until: null };
		// Without a wait it is over at once, whatever the clock of this device says.
		if (done.waits && untilOf(done) > now) return { by, because, until: untilOf(done) };
	}
	return null;
}

/** The first step that is neither done nor locked, else the first that is not done; `null` when all are. */
export function nextStep(run: Run, steps: readonly Step[], now: number): Step | null {
	const left = steps.filter(({ id }) => !run.done.has(id));
	return left.find(({ id }) => !lockOf(id, run, steps, now)) ?? left[0] ?? null;
}

/** Minutes of work that opening one again costs: of the steps that were done and are to be done once more. */
export function minutesAgain(run: Run, steps: readonly Step[], cause: Cause): number {
	const has = (id: AnyStepId) => steps.some((step) => step.id === id);
	return steps
		.filter(({ id }) => isUndoneBy(cause, id, has) && run.done.has(id))
		.reduce((sum, { minutes = 0, pieces = 1 }) => sum + minutes / pieces, 0);
}
