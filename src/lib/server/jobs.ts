/** What the calls on jobs do: check, plan, keep. Each gives a status and a body; the routes answer them. */
import { differences } from '$core/job/compare.ts';
import { isCostly } from '$core/job/costly.ts';
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { FaultError } from '$core/job/faults.ts';
import { IMPORTED_MOST, showJobNumber } from '$core/job/number.ts';
import type { JobState } from '$core/job/state.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import { faults, notFound, WrittenJson, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import {
	changeState,
	insertJob,
	insertRevision,
	selectJob,
	selectJobs,
	selectRevisions,
	type After,
	type Facts,
	type State
} from './db/jobs.ts';
import { factsOf, folded } from './facts.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { checkJobFile, EXTRA_KEYS_MOST } from './validation/job-file.ts';
import { there } from '$core/units/there.ts';

type Checked = { ok: true; job: JobFile } | { ok: false; answer: Answer };

function checked(body: unknown): Checked {
	const read = checkJobFile(body);
	if (!read.ok) return { ok: false, answer: faults(400, read.faults) };
	if (extraKeys(body) > EXTRA_KEYS_MOST)
		return { ok: false, answer: faults(413, [{ path: '', says: 'Keys beginning with x- may hold at most 100 kB in all.' }]) };
	return { ok: true, job: read.job };
}

/** The plan of a body; nothing is stored. Remedies and reasons take longer than the figures, so a thread makes it. */
export async function postPlan(db: Database, body: unknown): Promise<Answer> {
	const read = checked(body);
	if (!read.ok) return read.answer;
	const { written } = await shopNow(db);
	const planned = await inThread('plan', { file: read.job, shop: written });
	return planned.ok ? { status: 200, body: new WrittenJson(planned.gives) } : planned.answer;
}

/** The run of a body at the bench: its steps in the order told. Nothing is stored. */
export async function postSteps(db: Database, body: unknown): Promise<Answer> {
	const read = checked(body);
	if (!read.ok) return read.answer;
	const told = await inThread('steps', { file: read.job, shop: (await shopNow(db)).written });
	return told.ok ? { status: 200, body: new WrittenJson(told.gives) } : told.answer;
}

type WithFacts = { ok: true; job: JobFile; facts: Facts } | { ok: false; answer: Answer };

/** A body that can be planned, and what lists need to know of it. */
async function read(db: Database, body: unknown): Promise<WithFacts> {
	const found = checked(body);
	if (!found.ok) return found;
	const { shop, written, stands } = await shopNow(db);
	if (isCostly(found.job)) {
		const made = await inThread('facts', { file: found.job, shop: written, stands });
		return made.ok ? { ok: true, job: found.job, facts: made.gives } : made;
	}
	try {
		const job = decide(readJob(found.job), shop);
		return { ok: true, job: found.job, facts: factsOf(found.job, job, planDecided(found.job, job, shop), shop, stands) };
	} catch (error) {
		if (error instanceof FaultError) return { ok: false, answer: faults(400, error.faults) };
		throw error;
	}
}

/** What a job wants of the shelf may be another's. */
async function orFaults<T>(keep: () => Promise<T>): Promise<{ ok: true; kept: T } | { ok: false; answer: Answer }> {
	try {
		return { ok: true, kept: await keep() };
	} catch (error) {
		if (error instanceof FaultError) return { ok: false, answer: faults(400, error.faults) };
		throw error;
	}
}

export type PostJob = {
	/** One that it brings along. */
	number?: number;
	/** An empty piece that is there is taken in its place. */
	orEmpty?: boolean;
};

export async function postJob(db: Database, body: unknown, { number, orEmpty }: PostJob = {}): Promise<Answer> {
	if (number !== undefined && number > IMPORTED_MOST)
		return faults(400, [{ path: 'number', says: `An imported job’s number is at most ${showJobNumber(IMPORTED_MOST)}.` }]);
	const found = await read(db, body);
	if (!found.ok) return found.answer;
	const { job, facts } = found;
	const done = await orFaults(() =>
		insertJob(db, job, facts, {
			number: number ?? null,
			orEmptyIn: orEmpty && facts.empty ? (job.unit ?? 'mm') : null
		})
	);
	if (!done.ok) return done.answer;
	const { kept } = done;
	if (kept.kind === 'taken')
		return faults(409, [
			{
				path: 'number',
				says: `${showJobNumber(there(number, 'number'))} is already used. Omit the number for the next free one.`
			}
		]);
	const shown = showJobNumber(kept.number);
	return {
		status: kept.kind === 'found' ? 200 : 201,
		body: { number: shown, rev: kept.rev },
		headers: { location: `/api/jobs/${shown}`, ...standsAt(kept) }
	};
}

export async function getJob(db: Database, number: number, rev: number | null): Promise<Answer> {
	const row = await selectJob(db, number, rev);
	if (!row) return notFound;
	const { written } = await shopNow(db);
	const planned = await inThread('plan', { file: row.spec, shop: written });
	// The job is there, whatever the shop's figures have become since: it is answered with why it has no plan.
	if (!planned.ok && !planned.faults) return planned.answer;
	const head = JSON.stringify({ number: showJobNumber(row.number), rev: row.rev, state: row.state, job: row.spec });
	return {
		status: 200,
		body: new WrittenJson(
			`${head.slice(0, -1)},"plan":${planned.ok ? planned.gives : `null,"faults":${JSON.stringify(planned.faults)}`}}`
		),
		headers: standsAt(row)
	};
}

/** Keeps a revision on top of another. */
export async function putJob(db: Database, number: number, body: unknown, on: number, reason: string): Promise<Answer> {
	const found = await read(db, body);
	if (!found.ok) return found.answer;
	const { job, facts } = found;
	const done = await orFaults(() => insertRevision(db, number, on, job, facts, reason.slice(0, 200)));
	if (!done.ok) return done.answer;
	const { kept } = done;
	if (!kept) return notFound;
	if (kept.kind === 'conflict') {
		const differs = differences(job, kept.theirs);
		return {
			status: 409,
			body: { mine: job, theirs: kept.theirs, base: kept.base, differs, rev: kept.rev },
			headers: { etag: `"${kept.rev}"` }
		};
	}
	return { status: 200, body: { number: showJobNumber(number), rev: kept.rev }, headers: standsAt(kept) };
}

/** The revision, and when it was kept. */
function standsAt({ rev, at }: { rev: number; at: Date }): Record<string, string> {
	return { etag: `"${rev}"`, 'last-modified': at.toUTCString() };
}

export async function getRevisions(db: Database, number: number): Promise<Answer> {
	const revisions = await selectRevisions(db, number);
	return revisions ? { status: 200, body: { revisions } } : notFound;
}

/** Hands a job over, puts it into the archive, or takes it up again. */
export async function putState(db: Database, number: number, state: JobState): Promise<Answer> {
	const changed = await changeState(db, number, state);
	return changed ? { status: 200, body: { number: showJobNumber(number), state } } : notFound;
}

/** A piece in which nothing was decided goes; anything else is handed over or archived. */
export async function deleteJob(db: Database, number: number): Promise<Answer> {
	const changed = await changeState(db, number, 'deleted');
	if (!changed) return notFound;
	if (changed.kind === 'not-empty')
		return faults(409, [{ path: '', says: 'This job is already in use. Archive it instead: nothing is lost.' }]);
	return { status: 200, body: { number: showJobNumber(number), state: 'deleted' } };
}

export type ListQuery = { find: string; after: After; state: State | null; order: 'newest' | 'pressing' };

/** A page of jobs without their files. */
export async function listJobs(db: Database, query: ListQuery): Promise<Answer> {
	const { jobs, next } = await selectJobs(db, { ...query, find: folded(query.find).trim() });
	return {
		status: 200,
		body: {
			jobs: jobs.map(({ spec: _, number, ...job }) => ({ number: showJobNumber(number), ...job })),
			next: next && showAfter(next)
		}
	};
}

/** Where the next page begins, as an address carries it: `K-0142`, `2026-05-15.K-0142`. */
export function showAfter(after: NonNullable<After>): string {
	return `${after.wanted ? `${after.wanted}.` : ''}${showJobNumber(after.number)}`;
}

/** Letters in keys that are kept untouched, wherever they stand. */
function extraKeys(value: unknown): number {
	if (typeof value !== 'object' || value === null) return 0;
	return Object.entries(value).reduce(
		(sum, [key, item]) => sum + (key.startsWith('x-') ? JSON.stringify(item).length + key.length : extraKeys(item)),
		0
	);
}
