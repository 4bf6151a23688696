/** Worker threads, a few: costly work waits for one of them, and no request waits for costly work. */
import { availableParallelism } from 'node:os';
import Tinypool from 'tinypool';
import type { Fault } from '$core/job/faults.ts';
import { faults, type Answer } from '../answer.ts';
import code from './work.ts?thread';
import type { Done, Work, WorkName } from './work.ts';

/** One core stays with the requests. */
const MOST_THREADS = Math.max(1, Math.min(4, availableParallelism() - 1));
/** So many may wait; the next is asked to come again. */
const MOST_WAITING = 60;
const MOST_MS = 30_000;

let pool: Tinypool | null = null;
let waiting = 0;

function threads(): Tinypool {
	return (pool ??= new Tinypool({
		filename: `data:text/javascript;base64,${Buffer.from(code).toString('base64')}`,
		runtime: 'worker_threads',
		minThreads: 1,
		maxThreads: MOST_THREADS,
		idleTimeout: 30_000
	}));
}

export type Worked<Name extends WorkName> =
	| { ok: true; gives: Work[Name]['gives'] }
	/** `faults` where it was the file's. */
	| { ok: false; answer: Answer; faults?: Fault[] };

/** Has a thread do a piece of work. @returns what it gives, or what to answer: the faults, that too many wait, or that it takes too long */
export async function inThread<Name extends WorkName>(name: Name, given: Work[Name]['given']): Promise<Worked<Name>> {
	if (waiting >= MOST_WAITING) return { ok: false, answer: busy };
	waiting += 1;
	try {
		const done = (await threads().run({ name, given }, { signal: AbortSignal.timeout(MOST_MS) })) as Done<Name>;
		return done.ok ? done : { ok: false, answer: faults(400, done.faults), faults: done.faults };
	} catch (error) {
		if ((error as Error).name === 'AbortError') return { ok: false, answer: tooLong };
		throw error;
	} finally {
		waiting -= 1;
	}
}

const busy = faults(503, [{ path: '', says: 'Much is being planned at this moment. Ask again in a few seconds.' }], {
	'retry-after': '5'
});
const tooLong = faults(503, [{ path: '', says: 'This takes longer than half a minute to plan, and was left.' }]);

/** How much is under way, for those who watch the server. */
export function threadsNow(): { threads: number; most: number; waiting: number } {
	return { threads: pool?.threads.length ?? 0, most: MOST_THREADS, waiting };
}

export async function stopThreads(): Promise<void> {
	const stopping = pool;
	pool = null;
	await stopping?.destroy();
}
