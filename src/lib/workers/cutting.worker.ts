/** Cutting plans away from the page: a first one of every group at once, then each in turn until its seconds are over. Stopped by ending the worker. */
import loadHighs from 'highs';
import runtime from 'highs/runtime?url';
import { cuttingPlans } from '$core/nesting/cut.ts';
import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
import { mayMixLots, plansByLot, type LotsAndJobs } from '$core/nesting/lots.ts';
import type { Programme, Solve } from '$core/nesting/programme.ts';
import { solverFrom, type Highs } from '$lib/nesting/solver.ts';

/** `lots`: which sheets and blanks belong together, where boards of several lots might be mixed in a job. */
export type CuttingAsk = { round: number; groups: { key: string; job: CuttingJob; lots: LotsAndJobs | null }[] };
export type CuttingTold =
	| { kind: 'plan'; round: number; key: string; plan: CuttingPlan }
	/** Nothing better is looked for. */
	| { kind: 'settled'; round: number; key: string }
	| { kind: 'done'; round: number };

const tell = (told: CuttingTold) => postMessage(told);
let solver: Promise<Solve | null> | null = null;

self.onmessage = async ({ data: { round, groups } }: MessageEvent<CuttingAsk>) => {
	// First plans need no solver, and do not wait for it.
	let solve: Solve | null = null;
	const runs = groups.map(({ key, job, lots }) => {
		const clock = stopwatch();
		const means = { solve: (programme: Programme, seconds: number) => solve?.(programme, seconds) ?? OPEN, now: clock.now };
		const plans = lots && mayMixLots(job, lots) ? plansByLot(job, lots, means) : cuttingPlans(job, means);
		return { key, clock, plans, done: false, provenAt: null as number | null };
	});
	for (const { key, clock, plans } of runs) {
		const { value } = clock.during(() => plans.next());
		if (value) tell({ kind: 'plan', round, key, plan: value });
	}
	solver ??= load();
	solve = await solver;
	for (const turnMs of TURNS_MS) for (const run of runs) if (!run.done) turn(run, turnMs);
	tell({ kind: 'done', round });

	/** Looks for better plans of one group until it has had so many milliseconds in all. */
	function turn(run: (typeof runs)[number], untilMs: number): void {
		const { key, clock, plans } = run;
		let last: CuttingPlan | null = null;
		let toldAt = 0;
		clock.during(() => {
			for (;;) {
				const { done, value } = plans.next();
				if (value) last = value;
				if (value?.proven) run.provenAt ??= clock.now();
				run.done = Boolean(done) || (run.provenAt !== null && clock.now() > run.provenAt + OFFCUT_MS);
				const stops = run.done || clock.now() >= untilMs;
				// Better plans come many a second at first: the page is told a few times.
				if (last && (stops || performance.now() - toldAt > TELL_EVERY_MS)) {
					tell({ kind: 'plan', round, key, plan: last });
					last = null;
					toldAt = performance.now();
				}
				if (stops) return;
			}
		});
		if (run.done) tell({ kind: 'settled', round, key });
	}
};

/** Each group has a short turn before any has a long one. */
const TURNS_MS = [400, Infinity];
/** When no fewer sheets can do, the largest offcut is looked for so much longer. */
const OFFCUT_MS = 700;
const TELL_EVERY_MS = 150;
const OPEN = { state: 'open', value: 0, columns: [], duals: [] } as const satisfies ReturnType<Solve>;

/** A solver that does not come leaves plans without their proof, no more. */
async function load(): Promise<Solve | null> {
	try {
		return solverFrom(await (loadHighs as unknown as (options: object) => Promise<Highs>)({ locateFile: () => runtime }));
	} catch {
		return null;
	}
}

/** Counts only while its own plans are made. */
function stopwatch() {
	let spent = 0;
	let since: number | null = null;
	const now = (): number => spent + (since === null ? 0 : performance.now() - since);
	return {
		now,
		during<T>(work: () => T): T {
			since = performance.now();
			const given = work();
			spent = now();
			since = null;
			return given;
		}
	};
}
