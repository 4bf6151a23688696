/** Cutting plans of all groups, in a worker: a first one at once, better ones as they are found, stopped by ending it. */
import { SvelteMap } from 'svelte/reactivity';
import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
import CuttingWorker from '../workers/cutting.worker.ts?worker';
import type { CuttingAsk, CuttingTold } from '../workers/cutting.worker.ts';

export type Found = { plan: CuttingPlan; job: CuttingJob; settled: boolean };

export class CuttingRun {
	readonly found = new SvelteMap<string, Found>();
	running = $state(false);
	stopped = $state(false);
	refusal = $state('');
	settled = $state(0);
	asked = $state(0);
	#worker: Worker | null = null;
	#round = 0;

	/** Plans these groups; what is known of a group whose job is the same stays. */
	run(groups: CuttingAsk['groups']): void {
		this.#end();
		this.stopped = false;
		this.refusal = '';
		this.#round += 1;
		for (const known of [...this.found.keys()]) if (!groups.some(({ key }) => key === known)) this.found.delete(known);
		const open = groups.filter(({ key, job }) => {
			const known = this.found.get(key);
			return !(known?.settled && JSON.stringify(known.job) === JSON.stringify(job));
		});
		this.asked = groups.length;
		this.settled = groups.length - open.length;
		if (open.length === 0) return;
		const worker = new CuttingWorker();
		this.#worker = worker;
		this.running = true;
		worker.onmessage = ({ data }: MessageEvent<CuttingTold>) => this.#told(data, open);
		worker.onerror = () => {
			this.#end();
			this.refusal = 'The cutting plan broke off. Choose the jobs again, or load the page again.';
		};
		worker.postMessage({ round: this.#round, groups: open } satisfies CuttingAsk);
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

	#told(told: CuttingTold, open: CuttingAsk['groups']): void {
		if (told.round !== this.#round) return;
		if (told.kind === 'done') return this.#end();
		const asked = open.find(({ key }) => key === told.key);
		if (!asked) return;
		if (told.kind === 'plan') this.found.set(told.key, { plan: told.plan, job: asked.job, settled: false });
		else {
			const known = this.found.get(told.key);
			if (known) this.found.set(told.key, { ...known, settled: true });
			this.settled += 1;
		}
	}
}
