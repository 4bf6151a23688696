/** Worker threads, a few: costly work waits for one of them, and no request waits for costly work. */
import { availableParallelism } from 'node:os';
import Tinypool from 'tinypool';
import type { Fault } from '$core/job/faults.ts';
import { faults, type Answer } from '../answer.ts';
import type { CuttingPlan } from '$core/nesting/figures.ts';
import cuttingCode from './cutting.ts?thread';
import type { CuttingTask } from './cutting.ts';
import { CuttingQueue, type Place } from './cutting-queue.ts';
import code from './work.ts?thread';
import type { Done, Work, WorkName } from './work.ts';

/** One core stays with the requests. */
const MOST_THREADS = Math.max(1, Math.min(4, availableParallelism() - 1));
const MOST_MS = 30_000;
/** Until a cutting plan that has had its seconds must be there. */
const OVERTIME_MS = 15_000;

/** Threads that run one file, and how much may wait for them; the next is asked to come again. */
class Lane {
	private pool: Tinypool | null = null;
	waiting = 0;

	constructor(
		private readonly text: string,
		readonly most: number,
		private readonly mostWaiting: number
	) {}

	get threads(): number {
		return this.pool?.threads.length ?? 0;
	}

	/** @returns what the file's function gives, `full` when too much waits, `late` when it takes longer than `ms` */
	async run(task: unknown, ms: number, left?: AbortSignal): Promise<{ done: unknown } | 'full' | 'late'> {
		if (this.waiting >= this.mostWaiting) return 'full';
		this.waiting += 1;
		try {
			return {
				done: await this.open().run(task, {
					signal: left ? AbortSignal.any([left, AbortSignal.timeout(ms)]) : AbortSignal.timeout(ms)
				})
			};
		} catch (error) {
			if ((error as Error).name === 'AbortError' && !left?.aborted) return 'late';
			throw error;
		} finally {
			this.waiting -= 1;
		}
	}

	async stop(): Promise<void> {
		const stopping = this.pool;
		this.pool = null;
		await stopping?.destroy();
	}

	private open(): Tinypool {
		return (this.pool ??= new Tinypool({
			filename: `data:text/javascript;base64,${Buffer.from(this.text).toString('base64')}`,
			runtime: 'worker_threads',
			minThreads: this.most > 1 ? 1 : 0,
			maxThreads: this.most,
			idleTimeout: 30_000
		}));
	}
}

const plans = new Lane(code, MOST_THREADS, 60);
/** Cutting plans take their seconds: they have a thread of their own, so that no job waits for them. */
const cutting = new Lane(cuttingCode, 1, 2);

export type Worked<Name extends WorkName> =
	| { ok: true; gives: Work[Name]['gives'] }
	/** `faults` where it was the file's. */
	| { ok: false; answer: Answer; faults?: Fault[] };

/** Has a thread do a piece of work. @returns what it gives, or what to answer: the faults, that too many wait, or that it takes too long */
export async function inThread<Name extends WorkName>(name: Name, given: Work[Name]['given']): Promise<Worked<Name>> {
	const ran = await plans.run({ name, given }, MOST_MS);
	if (typeof ran === 'string') return { ok: false, answer: ran === 'full' ? busy : tooLong };
	const done = ran.done as Done<Name>;
	return done.ok ? done : { ok: false, answer: faults(400, done.faults), faults: done.faults };
}

const queue = new CuttingQueue(() => performance.now());

/**
 * Has the cutting thread plan sheets.
 * @param left whoever asked has gone: his plan ends, or gives up its place
 * @returns the plan and how many were ahead of it, or what to answer; null where nobody waits for one
 */
export async function inCuttingThread(
	task: CuttingTask,
	left: AbortSignal
): Promise<{ ok: true; plan: CuttingPlan; ahead: number } | { ok: false; answer: Answer } | null> {
	const { seconds, sheets, blanks } = task.job;
	const queued = await queue.run({ seconds, lines: sheets.length + blanks.length }, left, () =>
		cutting.run(task, seconds * 1000 + OVERTIME_MS, left)
	);
	if (queued.kind === 'left') return null;
	if (queued.kind === 'full') return { ok: false, answer: isFull(queued.place) };
	const ran = queued.done;
	if (typeof ran === 'string') return { ok: false, answer: ran === 'full' ? busy : tooLong };
	return { ok: true, plan: ran.done as CuttingPlan, ahead: queued.place.ahead };
}

function isFull({ ahead, seconds }: Place): Answer {
	const wait = Math.ceil(seconds);
	return faults(
		503,
		[{ path: '', says: `${ahead} cutting plans are ahead of this one, ${wait} s in all. Try again when some are done.` }],
		{
			'retry-after': String(Math.max(1, wait - 60))
		}
	);
}

const busy = faults(503, [{ path: '', says: 'The planner is busy. Try again in a few seconds.' }], {
	'retry-after': '5'
});
const tooLong = faults(503, [{ path: '', says: 'Planning took too long and was stopped.' }]);

/** How much is under way, for those who watch the server. */
export function threadsNow(): { threads: number; most: number; waiting: number } {
	return {
		threads: plans.threads + cutting.threads,
		most: plans.most + cutting.most,
		waiting: plans.waiting + queue.length
	};
}

export async function stopThreads(): Promise<void> {
	await Promise.all([plans.stop(), cutting.stop()]);
}
