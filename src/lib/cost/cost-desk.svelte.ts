/** Other grades of a job and what it becomes under a price, found in a worker; the latest question is the one that is answered. */
import type { NoOffer, Offer } from '$core/views/cost/beside.ts';
import type { Under } from '$core/views/cost/under.ts';
import CostWorker from '../workers/cost.worker.ts?worker';
import type { CostAsk, CostTold } from '../workers/cost.worker.ts';

type Subject = Omit<CostAsk, 'round' | 'most'>;

export class CostDesk {
	others = $state.raw<(Offer | NoOffer)[] | null>(null);
	under = $state.raw<Under | null>(null);
	looking = $state(false);
	broken = $state(false);
	#worker: Worker | null = null;
	#round = 0;
	readonly #subject: Subject;

	constructor(subject: Subject) {
		this.#subject = subject;
	}

	/** Asks for the other grades. */
	look(): void {
		this.#ask(null);
	}

	/** Asks for the best under a price; null: no longer. */
	askUnder(cents: number | null): void {
		this.under = null;
		this.#round += 1;
		this.looking = cents !== null;
		if (cents !== null) this.#ask(cents);
	}

	close(): void {
		this.#worker?.terminate();
		this.#worker = null;
	}

	#ask(most: number | null): void {
		const worker = (this.#worker ??= this.#made());
		worker.postMessage({ ...this.#subject, round: this.#round, most } satisfies CostAsk);
	}

	#made(): Worker {
		const worker = new CostWorker();
		worker.onmessage = ({ data }: MessageEvent<CostTold>) => {
			if (data.kind === 'others') this.others = data.others;
			else if (data.round === this.#round) {
				this.under = data.under;
				this.looking = false;
			}
		};
		worker.onerror = () => {
			this.broken = true;
			this.looking = false;
		};
		return worker;
	}
}
