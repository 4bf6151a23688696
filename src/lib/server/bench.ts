/** The calls of the bench: what was done is kept event by event, once each, and told to every other screen on the same run. */
import type { JobFile } from '$core/job/definition.ts';
import type { Fault } from '$core/job/faults.ts';
import { readJobNumber, showJobNumber } from '$core/job/number.ts';
import { there } from '$core/units/there.ts';
import { folded, type Deed } from '$core/views/bench/run.ts';
import { usedBy } from '$core/views/bench/takes.ts';
import { waitsOf, type Wait } from '$core/views/bench/locks.ts';
import { faults, notFound, type Answer } from './answer.ts';
import {
	endRun,
	insertEvents,
	insertRun,
	lockJob,
	lockRun,
	selectEvents,
	selectKept,
	selectLost,
	selectOpenRuns,
	selectRun,
	type KeptEvent,
	type RunRow,
	type SentEvent
} from './db/bench.ts';
import { settleTaken } from './db/bench-stock.ts';
import { database } from './db/connection.ts';
import { announce, type Database, type Queries } from './db/database.ts';
import { selectHead, selectJob } from './db/jobs.ts';
import { selectPicturesThere } from './db/pictures.ts';
import { selectStock, selectThings, type StockLine, type ThingLine } from './db/stock.ts';
import type { JobParts } from './job-parts.ts';
import { partsLeft } from './cutting.ts';
import { plannedPage } from './job-page.ts';
import { shopNow } from './shop.ts';
import { inThread, type Worked } from './threads/pool.ts';
import { eventsOf } from './validation/bench.ts';

/** `now` is the server's clock: a device whose own is a day off reckons by it. */
export type BenchAnswer = { run: number; ended: boolean; events: KeptEvent[]; now: number };

/** @param after only what was kept after this event */
export async function getBench(db: Database, job: number, after: number): Promise<Answer> {
	if (!(await selectHead(db, job))) return notFound;
	const run = await selectRun(db, job);
	return { status: 200, body: await answerOf(db, run, after) };
}

async function answerOf(db: Database, run: { id: number; ended: boolean } | null, after: number): Promise<BenchAnswer> {
	if (!run) return { run: 0, ended: false, events: [], now: Date.now() };
	return { run: run.id, ended: run.ended, events: await selectEvents(db, run.id, after), now: Date.now() };
}

/** Whether a run is over after an event; `null`: it says nothing of it. */
const ENDS: Partial<Record<Deed['kind'], boolean>> = { ended: true, undone: false, reopened: false };

/**
 * Keeps events in their order. Those of the first visit begin a run; when the last one has ended, one that begins with `begun` is a new
 * one, and everything else still belongs to the last. 409: nothing has begun yet.
 */
export async function postBench(db: Database, job: number, sent: Uint8Array, after: number): Promise<Answer> {
	const read = await readEvents(sent);
	if (!read.ok) return read.answer;
	const events = read.gives;
	const run = await db.transaction(async (tx): Promise<RunRow | { wrong: Fault[] } | 'not begun' | null> => {
		const head = await lockJob(tx, job);
		if (head === null) return null;
		const wrong = [...beyond(head, events), ...(await unknownPictures(tx, events))];
		if (wrong.length > 0) return { wrong };
		let open = await selectRun(tx, job, true);
		const before = open;
		let ended = open?.ended ?? false;
		const known = await selectKept(
			tx,
			events.map(({ id }) => id)
		);
		const fresh = new Map<number, SentEvent[]>();
		for (const event of events) {
			const begins = event.deed.kind === 'begun';
			if (!open && !begins) return 'not begun';
			if (begins && (!open || ended)) {
				open = await insertRun(tx, job);
				ended = false;
			}
			if (!open || known.has(event.id)) continue;
			known.add(event.id);
			const ofRun = fresh.get(open.id) ?? [];
			ofRun.push(event);
			fresh.set(open.id, ofRun);
			const ends = ENDS[event.deed.kind];
			if (ends !== undefined && ends !== ended) {
				await endRun(tx, open.id, ends);
				ended = ends;
			}
		}
		for (const [id, sent] of fresh) await insertEvents(tx, id, sent);
		if (fresh.size > 0 || before?.id !== open?.id) await announce(tx, JSON.stringify({ bench: job }));
		return open && { id: open.id, ended };
	});
	if (run === null) return notFound;
	if (run !== 'not begun' && 'wrong' in run) return faults(400, run.wrong);
	if (run === 'not begun') return faults(409, [{ path: 'events', says: 'Bench work has not started for this job.' }]);
	if (events.some(({ deed }) => BEARS_ON_STOCK[deed.kind])) await takeFromStock(db, job, run.id);
	return { status: 200, body: await answerOf(db, run, after) };
}

/** A step or two, which is what comes most of the time, is read at once; a bench that was away sends more, and others would wait for it. */
const A_FEW_BYTES = 8 * 1024;

async function readEvents(sent: Uint8Array): Promise<Worked<'events'>> {
	if (sent.byteLength > A_FEW_BYTES) return inThread('events', { sent });
	const read = eventsOf(sent);
	return read.ok ? { ok: true, gives: read.value } : { ok: false, answer: faults(400, read.faults) };
}

/** A device knows no revision that the job does not have. */
function beyond(head: number, events: readonly SentEvent[]): Fault[] {
	return events.flatMap(({ deed }, index) =>
		'rev' in deed && deed.rev > head
			? [{ path: `events[${index}].deed.rev`, says: `The job is at revision ${head}; there is no revision ${deed.rev}.` }]
			: []
	);
}

async function unknownPictures(tx: Queries, events: readonly SentEvent[]): Promise<Fault[]> {
	const named = events.flatMap(({ deed }, index) => (deed.kind === 'photographed' ? [{ index, sum: deed.picture }] : []));
	if (named.length === 0) return [];
	const known = await selectPicturesThere(
		tx,
		named.map(({ sum }) => sum)
	);
	return named
		.filter(({ sum }) => !known.has(sum))
		.map(({ index }) => ({ path: `events[${index}].deed.picture`, says: 'There is no such picture. Send it first.' }));
}

/** After these a run has taken more from stock than before, or less. */
const BEARS_ON_STOCK: Partial<Record<Deed['kind'], true>> = { done: true, undone: true, 'taken-over': true };

/**
 * Takes from stock what the steps of a run used, by the plan that it goes by. It is worked out anew from all that happened, so that what
 * was cut off here is made up for by the next time.
 */
async function takeFromStock(db: Database, number: number, run: number): Promise<void> {
	const { rev } = folded(await selectEvents(db, run, 0));
	const job = await selectJob(db, number, rev);
	if (!job || job.state === 'practice') return;
	const { written } = await shopNow(db);
	const planned = await inThread('takes', { file: job.spec, shop: written });
	if (!planned.ok || planned.gives.length === 0) return;
	await db.transaction(async (tx) => {
		// The job before its run, as whoever keeps events does: no two wait for each other.
		await lockJob(tx, number);
		const row = await lockRun(tx, run);
		const events = await selectEvents(tx, run, 0);
		// Taken over meanwhile: whoever did that settles it.
		if (row === null || folded(events).rev !== rev) return;
		await settleTaken(tx, run, row.job, usedBy(planned.gives, events));
	});
}

export type OpenRun = { number: string; title: string; begunAt: number; done: number; by: string; waits: Wait[] };

/** Every run that is open, with what dries. */
export async function getOpenRuns(db: Database): Promise<Answer> {
	return { status: 200, body: { runs: await openRuns(db), now: Date.now() } };
}

export async function openRuns(db: Database): Promise<OpenRun[]> {
	return (await selectOpenRuns(db)).map(({ job, title, events }) => {
		const run = folded(events);
		return { number: showJobNumber(job), title, begunAt: run.begunAt, done: run.done.size, by: run.by, waits: waitsOf(run) };
	});
}

/** Minutes lost by cause, over all jobs. */
export async function getLost(db: Database): Promise<Answer> {
	return { status: 200, body: { lost: await selectLost(db) } };
}

/** What the bench of a job opens with: the job as it is, as the run goes by it where that is another revision, and every run. */
export async function benchPage(number: string) {
	const db = database();
	const found = await plannedPage(number);
	const job = there(readJobNumber(number), 'read job number');
	const bench = await answerOf(db, await selectRun(db, job), 0);
	const { rev } = folded(bench.events);
	const own = rev > 0 && rev !== found.rev ? await selectJob(db, job, rev) : null;
	return {
		...found,
		bench,
		own: own && { rev: own.rev, job: own.spec },
		runs: await openRuns(db),
		store: found.practice ? null : await storeFor(db, job, (own ?? { spec: found.job }).spec)
	};
}

/** What a job still asks for, and what lies in the shop: what is missing is said before anything is opened. */
export type Store = { asks: JobParts; stock: StockLine[]; things: ThingLine[] };

async function storeFor(db: Database, number: number, file: JobFile): Promise<Store | null> {
	const [asks] = await partsLeft(db, [{ number, file }]);
	return asks ? { asks, stock: await selectStock(db), things: await selectThings(db) } : null;
}

/** Everything that is at the bench, and what it cost. */
export async function benchesPage() {
	const db = database();
	return { runs: await openRuns(db), lost: await selectLost(db), now: Date.now() };
}
