/** What changes, told to the open screens at once by server-sent events, whichever process kept it. */
import { showJobNumber } from '$core/job/number.ts';
import { onChange } from './changes.ts';
import type { Database } from './db/database.ts';
import { selectHead, type State } from './db/jobs.ts';

type Stream = { job: number | null; send: (text: string) => void; end: () => void };

const streams = new Set<Stream>();
/** Ways in between drop a connection on which nothing comes. */
const STILL_HERE_MS = 25_000;

onChange((change) => {
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
 */
export async function eventsFor(db: Database, job: number | null): Promise<Response> {
	const encoder = new TextEncoder();
	let stream: Stream;
	let beat: NodeJS.Timeout;
	const leave = () => {
		clearInterval(beat);
		streams.delete(stream);
	};
	const body = new ReadableStream<Uint8Array>({
		async start(controller) {
			stream = {
				job,
				send: (text) => controller.enqueue(encoder.encode(text)),
				end: () => {
					leave();
					controller.close();
				}
			};
			streams.add(stream);
			beat = setInterval(() => stream.send(': still here\n\n'), STILL_HERE_MS).unref();
			// A browser that lost the way tries again after a second.
			stream.send('retry: 1000\n\n');
			const head = job === null ? null : await selectHead(db, job);
			if (job !== null && head && streams.has(stream)) stream.send(jobText({ job, ...head }));
		},
		cancel: leave
	});
	return new Response(body, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' }
	});
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
