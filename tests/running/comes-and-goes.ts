/** A PostgreSQL server that goes away and comes back under writers, readers and streams; what the program answered meanwhile. */
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { startPostgres } from '../../scripts/postgres.js';
import { workedJob } from '../jobs.ts';
import { keepJob, newFolder, removeFolder, send, startServer, type Server } from './server.ts';

/** Restarted in order; every connection ended from inside; the postmaster killed. */
export type Fault = 'restarted' | 'terminated' | 'killed';
export type Outcome = {
	/** Times after which the process was still there. */ alive: number;
	/** Answered revisions that were not there afterwards, or not as they were sent. */ lost: string[];
	/** From the database back to the first write that is answered 200, ms, each time. */ backMs: number[];
	/** Answers but 200, by status and sentence. */ others: Map<string, number>;
	/** Of 503s, those without `Retry-After`. */ silent: number;
	/** Writes answered 200. */ kept: number;
};

const WRITERS = 6;
/** Under writers, before each fault. */
const QUIET_MS = 150;
const PATIENCE_MS = 30_000;

export async function comesAndGoes(fault: Fault, times: number): Promise<Outcome> {
	const database = await startPostgres();
	const folder = newFolder();
	const server = await startServer(folder, 0, { DATABASE_URL: database.url });
	const outcome: Outcome = { alive: 0, lost: [], backMs: [], others: new Map(), silent: 0, kept: 0 };
	const desk: Desk = { server, outcome, over: new AbortController(), lastKept: 0 };
	try {
		const numbers = await Promise.all(Array.from({ length: WRITERS }, () => keepJob(server.address, titled(1))));
		const writers = numbers.map((number) => write(desk, number));
		const others = [read(desk, '/'), read(desk, `/jobs/${numbers[0]}`), read(desk, '/api/jobs'), listen(desk, numbers[1]!)];
		for (let time = 0; time < times; time += 1) {
			await pause(QUIET_MS);
			await befall(fault, database);
			const back = performance.now();
			while (desk.lastKept < back && performance.now() - back < PATIENCE_MS && isAlive(server)) await pause(5);
			outcome.backMs.push(desk.lastKept < back ? Infinity : desk.lastKept - back);
			if (isAlive(server)) outcome.alive += 1;
		}
		desk.over.abort();
		const said = await Promise.all(writers);
		await Promise.all(others);
		for (const [index, answered] of said.entries()) outcome.lost.push(...(await missing(server, numbers[index]!, answered)));
		return outcome;
	} finally {
		desk.over.abort();
		await server.stop();
		await database.stop();
		removeFolder(folder);
	}
}

type Desk = { server: Server; outcome: Outcome; /** Aborted once all is seen. */ over: AbortController; lastKept: number };

const titled = (rev: number) => workedJob({ title: `Revision ${rev}` });
const isAlive = ({ process: child }: Server) => child.exitCode === null && child.signalCode === null;

async function befall(fault: Fault, database: Awaited<ReturnType<typeof startPostgres>>): Promise<void> {
	if (fault === 'restarted') return database.restart();
	if (fault === 'killed') return database.restart('SIGKILL');
	const admin = new pg.Client({ connectionString: database.url });
	await admin.connect();
	await admin.query("SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE application_name = 'rare-keep'");
	await admin.end();
}

/** One revision after the other. @returns those that were answered */
async function write(desk: Desk, number: string): Promise<number[]> {
	const answered: number[] = [];
	const { server, outcome } = desk;
	for (let rev = 1; !desk.over.signal.aborted && isAlive(server);) {
		const began = performance.now();
		try {
			const answer = await send(server.address, 'PUT', `/api/jobs/${number}`, titled(rev + 1), { 'if-match': `"${rev}"` });
			const body = (await answer.json()) as { rev?: number; faults?: { says: string }[]; theirs?: unknown };
			if (answer.status === 200) {
				rev = body.rev!;
				answered.push(rev);
				outcome.kept += 1;
				desk.lastKept = began;
				continue;
			}
			note(outcome, answer, body.faults?.[0]?.says ?? '');
			// Kept, though the way broke before that was answered.
			if (answer.status === 409) rev = body.rev!;
		} catch (error) {
			count(outcome, `no answer: ${(error as Error).message}`);
		}
		await pause(20);
	}
	return answered;
}

async function read(desk: Desk, path: string): Promise<void> {
	while (!desk.over.signal.aborted && isAlive(desk.server)) {
		try {
			const answer = await fetch(desk.server.address + path);
			const text = await answer.text();
			if (answer.status !== 200) note(desk.outcome, answer, path.startsWith('/api') ? text : 'a page');
		} catch (error) {
			count(desk.outcome, `no answer: ${(error as Error).message}`);
		}
		await pause(15);
	}
}

/** So many words of a stream are heard before another is opened. */
const HEARD = 20;

/** Opens a stream again and again, as a page does, and leaves it once it has heard of what the writers keep. */
async function listen(desk: Desk, number: string): Promise<void> {
	while (!desk.over.signal.aborted && isAlive(desk.server)) {
		const leave = new AbortController();
		const signal = AbortSignal.any([leave.signal, desk.over.signal]);
		try {
			const answer = await fetch(`${desk.server.address}/api/events?job=${number}`, { signal });
			if (answer.status !== 200) note(desk.outcome, answer, await answer.text());
			else {
				let heard = 0;
				for await (const _ of answer.body!) if ((heard += 1) === HEARD) leave.abort();
			}
		} catch (error) {
			if (!signal.aborted) count(desk.outcome, `a stream broke: ${(error as Error).message}`);
		}
		await pause(30);
	}
}

function note(outcome: Outcome, answer: Response, says: string): void {
	count(outcome, `${answer.status} ${says}`);
	if (answer.status === 503 && !answer.headers.has('retry-after')) outcome.silent += 1;
}

function count({ others }: Outcome, what: string): void {
	others.set(what, (others.get(what) ?? 0) + 1);
}

/** What was answered and is not there, whole and in its place. */
async function missing({ address }: Server, number: string, answered: readonly number[]): Promise<string[]> {
	const get = async (path: string) => (await fetch(`${address}/api/jobs/${number}${path}`)).json() as Promise<never>;
	const { revisions } = (await get('/revisions')) as { revisions: { rev: number }[] };
	const there = new Set(revisions.map(({ rev }) => rev));
	const last = Math.max(...there);
	const lost = answered.filter((rev) => !there.has(rev)).map((rev) => `${number} rev ${rev}`);
	if (there.size !== last) lost.push(`${number} has ${there.size} revisions up to ${last}`);
	for (const rev of new Set([...answered.slice(-20), last])) {
		const { job } = (await get(`?rev=${rev}`)) as { job: { title: string } };
		if (job.title !== `Revision ${rev}`) lost.push(`${number} rev ${rev} is ${job.title}`);
	}
	return lost;
}
