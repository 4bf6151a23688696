/** Cutting plans wait for their thread one behind the other: by the seconds that each asks for, told their place, gone when nobody waits. */

/** What it can do within so long is never refused. */
const MOST_SECONDS_AHEAD = 60;
/** The shortest one has its start and its end too. */
const LEAST_SECONDS = 0.05;
/** Lines of sheets and blanks that wait, so that their memory has an end. */
const MOST_LINES = 200_000;

type Waiting = { seconds: number; lines: number; begin: () => void };

export type Place = { /** Plans ahead. */ ahead: number; /** What they take at the most. */ seconds: number };
export type Queued<T> = { kind: 'done'; done: T; place: Place } | { kind: 'full'; place: Place } | { kind: 'left' };

export class CuttingQueue {
	readonly #waiting: Waiting[] = [];
	readonly #now: () => number;
	#running: { seconds: number; since: number } | null = null;

	/** @param now milliseconds of any clock */
	constructor(now: () => number) {
		this.#now = now;
	}

	get length(): number {
		return this.#waiting.length + (this.#running ? 1 : 0);
	}

	/**
	 * @param of its seconds, from when it begins, and its lines
	 * @param left whoever asked has gone: it gives up its place, or ends
	 */
	async run<T>(of: { seconds: number; lines: number }, left: AbortSignal, work: () => Promise<T>): Promise<Queued<T>> {
		if (left.aborted) return { kind: 'left' };
		const place = this.#place();
		const lines = this.#waiting.reduce((sum, one) => sum + one.lines, of.lines);
		if (place.seconds > MOST_SECONDS_AHEAD || (place.ahead > 0 && lines > MOST_LINES)) return { kind: 'full', place };
		if (this.#running && !(await this.#turn(of, left))) return { kind: 'left' };
		this.#running = { seconds: of.seconds, since: this.#now() };
		try {
			return { kind: 'done', done: await work(), place };
		} catch (error) {
			if (left.aborted) return { kind: 'left' };
			throw error;
		} finally {
			this.#running = null;
			this.#waiting.shift()?.begin();
		}
	}

	#place(): Place {
		const left = this.#running ? Math.max(0, this.#running.seconds - (this.#now() - this.#running.since) / 1000) : 0;
		return {
			ahead: this.length,
			seconds: this.#waiting.reduce((sum, { seconds }) => sum + Math.max(LEAST_SECONDS, seconds), left)
		};
	}

	/** @returns whether it is its turn; false: whoever asked has gone */
	#turn({ seconds, lines }: { seconds: number; lines: number }, left: AbortSignal): Promise<boolean> {
		return new Promise((resolve) => {
			const waiting: Waiting = { seconds, lines, begin: () => settle(true) };
			const gone = () => {
				this.#waiting.splice(this.#waiting.indexOf(waiting), 1);
				settle(false);
			};
			const settle = (isTurn: boolean) => {
				left.removeEventListener('abort', gone);
				// Nobody comes between who is let in and the work that he begins.
				if (isTurn) this.#running = { seconds, since: this.#now() };
				resolve(isTurn);
			};
			this.#waiting.push(waiting);
			left.addEventListener('abort', gone, { once: true });
		});
	}
}
