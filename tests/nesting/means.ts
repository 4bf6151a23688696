/** The solver, and a clock that counts how often it is read: a plan then is the same on every machine. */
import loadHighs from 'highs';
import { cuttingPlans, type Means } from '../../core/nesting/cut.ts';
import type { CuttingJob, CuttingPlan } from '../../core/nesting/figures.ts';
import type { Solve } from '../../core/nesting/programme.ts';
import { solverFrom, type Highs } from '../../src/lib/nesting/solver.ts';

export const solve: Solve = solverFrom(await (loadHighs as unknown as () => Promise<Highs>)());

/** A thousand readings are a second. */
export function countingClock(): () => number {
	let read = 0;
	return () => {
		read += 1;
		return read;
	};
}

/** @returns the last plan, and each that came before it */
export function plansOf(job: CuttingJob, means: Partial<Means> = {}): { plan: CuttingPlan; before: CuttingPlan[] } {
	const before: CuttingPlan[] = [];
	const plans = cuttingPlans(job, { solve, now: countingClock(), ...means });
	for (;;) {
		const { done, value } = plans.next();
		if (done) return { plan: value, before };
		if (value) before.push(value);
	}
}

export const planOf = (job: CuttingJob, means?: Partial<Means>): CuttingPlan => plansOf(job, means).plan;

/** A cutting job of what is said; the rest is the house's. */
export function cuttingJob(said: Partial<CuttingJob> & Pick<CuttingJob, 'blanks'>): CuttingJob {
	return {
		kerf: 0,
		trim: 0,
		minOffcut: 200,
		seconds: 0.3,
		sheets: [{ id: 'S', width: 1524, height: 1016, count: 20, cost: 1 }],
		...said
	};
}
