/** What changes, told to the open screens at once by server-sent events, whichever process kept it. */
import { showJobNumber } from '$core/job/number.ts';
import { faults, type Answer } from './answer.ts';
import { onChange } from './changes.ts';
import type { Database } from './db/database.ts';
import { selectHead, type State } from './db/jobs.ts';

/** One open connection: what is told before it is opened waits. */
type Stream = { job: number | null; from: string; send: (text: string) => void; end: () => void };

const streams = new Set<Stream>();
/** Ways in between drop a connection on which nothing comes. */
const STILL_HERE_MS = 25_000;
/** A shop has a few screens; more are somebody who opens them without end. */
const MOST_STREAMS = 200;
const MOST_FROM_ONE = 20;
/** Events that nobody took. */
const MOST_UNREAD = 1000;
const SECONDS_TO_TRY_AGAIN = 10;

onChange((change) => {
	// Who is told nothing for a while asks again: each stream begins with how its piece stands.
	if ('away' in change) endStreams();
	else
		for (const stream of streams) {
			if ('list' in change) stream.send(eventText('shop', change));
			else if ('bench' in change) {
				if (stream.job === null || stream.job === change.bench)
					stream.send(eventText('bench', { number: showJobNumber(change.bench) }));
			} else if (stream.job === null || stream.job === change.job) stream.send(jobText(change));
		}
});

/**
 * A stream of events: `job` with `{ number, rev, state }`, `shop` with `{ list, rev }`, `bench` with `{ number }`.
 * @param job only this one's; it begins with the revision at which it stands, so that nothing is missed between two connections
 * @param from who asks: each address has a few, all together a limit
 * @throws what the database throws: nothing stays open then
 */
export async function eventsFor(db: Database, job: number | null, from: string): Promise<Answer | Response> {
	const refused = tooMany(from);
	if (refused) return refused;
	// Told from here on, so that nothing falls between the revision that is read and the first change.
	const early: string[] = [];
	const stream: Stream = { job, from, send: (text) => early.push(text), end: () => streams.delete(stream) };
	streams.add(stream);
	let head: Awaited<ReturnType<typeof selectHead>>;
	try {
		head = job === null ? null : await selectHead(db, job);
		// A stream that nothing can come on is not opened.
		if (job === null) await db.query('SELECT 1');
	} catch (error) {
		streams.delete(stream);
		throw error;
	}
	if (job !== null && head) early.unshift(jobText({ job, ...head }));
	// A browser that lost the way tries again after a second.
	early.unshift('retry: 1000\n\n');
	return new Response(bodyOf(stream, early), {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' }
	});
}

function bodyOf(stream: Stream, early: readonly string[]): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	let beat: NodeJS.Timeout;
	const leave = () => {
		clearInterval(beat);
		streams.delete(stream);
	};
	return new ReadableStream<Uint8Array>({
		start(controller) {
			stream.send = (text) => {
				// Whoever reads nothing any more begins anew.
				if ((controller.desiredSize ?? 0) < -MOST_UNREAD) return stream.end();
				try {
					controller.enqueue(encoder.encode(text));
				} catch {
					// Whoever listened has gone.
					leave();
				}
			};
			const isEnded = !streams.has(stream);
			stream.end = () => {
				leave();
				try {
					controller.close();
				} catch {
					// It was ended already.
				}
			};
			for (const text of early) stream.send(text);
			if (isEnded) return stream.end();
			beat = setInterval(() => stream.send(': still here\n\n'), STILL_HERE_MS).unref();
		},
		cancel: leave
	});
}

function tooMany(from: string): Answer | null {
	const again = { 'retry-after': String(SECONDS_TO_TRY_AGAIN) };
	const own = [...streams].filter((stream) => stream.from === from).length;
	if (own >= MOST_FROM_ONE)
		return faults(
			429,
			[{ path: '', says: `${own} streams of events are open from this address. Close some of its pages.` }],
			again
		);
	if (streams.size >= MOST_STREAMS)
		return faults(503, [{ path: '', says: `${streams.size} streams of events are open. Try again in a moment.` }], again);
	return null;
}

function jobText({ job, rev, state }: { job: number; rev: number; state: State }): string {
	return eventText('job', { number: showJobNumber(job), rev, state });
}

function eventText(event: string, data: object): string {
	return `event: ${event}\ndata: ${JSON.stringify(data)}\n\n`;
}

export function streamsNow(): number {
	return streams.size;
}

/** Before the server stops: a stream would hold it open. */
export function endStreams(): void {
	for (const stream of [...streams]) stream.end();
}
