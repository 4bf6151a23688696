/** What the cutting thread does: one cutting plan at a time, to the end of its seconds. */
import { createRequire } from 'node:module';
import { bestPlan } from '$core/nesting/cut.ts';
import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
import type { Solve } from '$core/nesting/programme.ts';
import { solverFrom, type Highs } from '$lib/nesting/solver.ts';

export type CuttingTask = {
	job: CuttingJob;
	/** File of the solver's package: this text runs without a place of its own to look from. */
	solverAt: string;
};

let solver: Promise<Solve> | null = null;

export default async function work({ job, solverAt }: CuttingTask): Promise<CuttingPlan> {
	solver ??= (createRequire(solverAt)(solverAt) as () => Promise<Highs>)().then(solverFrom);
	return bestPlan(job, { solve: await solver, now: () => performance.now() });
}
