/** Cutting plans of all groups, in a worker: a first one at once, better ones as they are found, stopped by ending it. */
import { SvelteMap } from 'svelte/reactivity';
import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
import type { LotsAndJobs } from '$core/nesting/lots.ts';
import type { Around } from '$core/nesting/pinned.ts';
import CuttingWorker from '../workers/cutting.worker.ts?worker';
import type { CuttingAsk, CuttingTold } from '../workers/cutting.worker.ts';

export type Found = { plan: CuttingPlan; job: CuttingJob; settled: boolean };
/** What is planned of a group: `job` as it stands, `around` what is left of it where blanks stay in their place. */
export type Asked = { key: string; job: CuttingJob; lots: LotsAndJobs | null; around: Around | null };

export class CuttingRun {
	readonly found = new SvelteMap<string, Found>();
	running = $state(false);
	stopped = $state(false);
	refusal = $state('');
	settled = $state(0);
	asked = $state(0);
	#worker: Worker | null = null;
	#round = 0;
	/** What was last asked of each group. */
	#known: Record<string, string> = {};

	/** Plans these groups; what is known of a group whose job is the same stays. */
	run(groups: readonly Asked[]): void {
		this.#end();
		this.stopped = false;
		this.refusal = '';
		this.#round += 1;
		for (const known of [...this.found.keys()]) if (!groups.some(({ key }) => key === known)) this.found.delete(known);
		const open = groups.filter(({ key, job, around }) => {
			const known = this.found.get(key);
			const same = this.#known[key] === JSON.stringify([job, around?.job]);
			return !(known?.settled && same);
		});
		for (const { key, job, around } of groups) this.#known[key] = JSON.stringify([job, around?.job]);
		this.asked = groups.length;
		this.settled = groups.length - open.length;
		if (open.length === 0) return;
		const worker = new CuttingWorker();
		this.#worker = worker;
		this.running = true;
		worker.onmessage = ({ data }: MessageEvent<CuttingTold>) => this.#told(data, open);
		worker.onerror = () => {
			this.#end();
			this.refusal = 'The cutting plan was interrupted. Choose the jobs again, or reload the page.';
		};
		// Round what stays in its place the lots are as they were laid.
		const sent = open.map(({ key, job, lots, around }) => ({ key, job: around?.job ?? job, lots: around ? null : lots }));
		worker.postMessage({ round: this.#round, groups: sent } satisfies CuttingAsk);
	}

	/** The best plans so far stand. */
	stop(): void {
		if (this.running) this.stopped = true;
		this.#end();
	}

	#end(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.running = false;
	}

	#told(told: CuttingTold, open: readonly Asked[]): void {
		if (told.round !== this.#round) return;
		if (told.kind === 'done') return this.#end();
		const asked = open.find(({ key }) => key === told.key);
		if (!asked) return;
		if (told.kind === 'plan')
			this.found.set(told.key, { plan: asked.around?.whole(told.plan) ?? told.plan, job: asked.job, settled: false });
		else {
			const known = this.found.get(told.key);
			if (known) this.found.set(told.key, { ...known, settled: true });
			this.settled += 1;
		}
	}
}
