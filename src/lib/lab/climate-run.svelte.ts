/** The year's run and a logger's file, in a worker: one at a time, with progress, stopped by ending it. */
import type { Columns, LoggerYear } from '$core/stations/climate/logger.ts';
import ClimateWorker from '../workers/climate.worker.ts?worker';
import type { Ask, Told, Year } from '../workers/climate.worker.ts';

const REST_MS = 150;

export class ClimateRun {
	/** Of the last whole run; it stays while the next one is made. */
	year = $state.raw<Year | null>(null);
	/** 0 to 1 while something runs. */
	progress = $state<number | null>(null);
	refusal = $state('');
	stopped = $state(false);
	#worker: Worker | null = null;
	#running = false;
	/** Another run is to begin in a moment. */
	#pending = false;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#read: ((year: LoggerYear) => void) | null = null;

	/** Runs a year once nothing has changed for a moment. */
	run(ask: Extract<Ask, { kind: 'year' }>): void {
		clearTimeout(this.#timer);
		this.stopped = false;
		// What stands on the page belongs to the figures before: it is said at once.
		this.progress = 0;
		this.#pending = true;
		this.#timer = setTimeout(() => this.#ask(ask), REST_MS);
	}

	/** Reads a logger's file as a stream. */
	read(file: File, columns: Columns, heading: boolean, done: (year: LoggerYear) => void): void {
		this.refusal = '';
		this.#read = done;
		this.#ask({ kind: 'file', file, columns, heading });
	}

	/** What runs ends at once; what was found before stays. */
	stop(): void {
		clearTimeout(this.#timer);
		this.#pending = false;
		this.#end();
		if (this.progress !== null) this.stopped = true;
		this.progress = null;
	}

	#end(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.#running = false;
	}

	#ask(ask: Ask): void {
		// A run that is not wanted any more would only delay this one.
		if (this.#running) this.#end();
		this.#running = true;
		this.#pending = false;
		this.stopped = false;
		this.progress = 0;
		if (!this.#worker) {
			this.#worker = new ClimateWorker();
			this.#worker.onmessage = ({ data }: MessageEvent<Told>) => this.#told(data);
			this.#worker.onerror = () => {
				this.progress = null;
				this.#running = false;
				this.refusal = 'Interrupted. Change a figure, or reload the page.';
			};
		}
		this.#worker.postMessage(ask);
	}

	#told(told: Told): void {
		if (told.kind === 'progress') {
			this.progress = told.share;
			return;
		}
		this.progress = this.#pending ? 0 : null;
		this.#running = false;
		if (told.kind === 'year') this.year = told.year;
		else if (told.kind === 'logger') this.#read?.(told.year);
		else this.refusal = told.says;
	}
}
