/** What the calls on jobs do: check, plan, keep. Each gives a status and a body; the routes answer them. */
import { differences } from '$core/job/compare.ts';
import type { JobFile } from '$core/job/definition.ts';
import { FaultError, type Fault } from '$core/job/faults.ts';
import { plan, type Plan } from '$core/plan.ts';
import { builtInShop, type Shop } from '$core/shop/shop.ts';
import { insertJob, insertRevision, selectJob, selectRevisions, type Facts } from './db/jobs.ts';
import type { Database } from './db/open.ts';
import { checkJobFile, EXTRA_KEYS_MOST } from './validation/job-file.ts';

export type Answer = { status: number; body: unknown; headers?: Record<string, string> };

export const notFound: Answer = faults(404, [{ path: '', says: 'There is nothing here by that name.' }]);

export function faults(status: number, list: Fault[], headers?: Record<string, string>): Answer {
	return { status, body: { faults: list }, headers };
}

/** Plans a body; nothing is stored. */
export function planned(
	body: unknown,
	shop: Shop = builtInShop
): { ok: true; job: JobFile; plan: Plan } | { ok: false; answer: Answer } {
	const checked = checkJobFile(body);
	if (!checked.ok) return { ok: false, answer: faults(400, checked.faults) };
	if (extraKeys(body) > EXTRA_KEYS_MOST)
		return { ok: false, answer: faults(413, [{ path: '', says: 'Keys beginning with x- hold more than 100 kB in all.' }]) };
	try {
		return { ok: true, job: checked.job, plan: plan(checked.job, shop) };
	} catch (error) {
		if (error instanceof FaultError) return { ok: false, answer: faults(400, error.faults) };
		throw error;
	}
}

export async function postJob(db: Database, body: unknown, number: string | null, shop: Shop = builtInShop): Promise<Answer> {
	if (number !== null && !/^K-\d{4,9}$/.test(number))
		return faults(400, [{ path: 'number', says: 'A job number looks like K-0142.' }]);
	const read = planned(body, shop);
	if (!read.ok) return read.answer;
	const kept = await insertJob(db, read.job, factsOf(read.job, read.plan), number);
	if (kept.kind === 'taken')
		return faults(409, [{ path: 'number', says: `${number} is taken already. Leave the number out for the next free one.` }]);
	return {
		status: 201,
		body: { number: kept.number, rev: kept.rev },
		headers: { location: `/api/jobs/${kept.number}`, etag: `"${kept.rev}"` }
	};
}

export async function getJob(db: Database, number: string, rev: string | null, shop: Shop = builtInShop): Promise<Answer> {
	if (rev !== null && !/^\d{1,9}$/.test(rev)) return faults(400, [{ path: 'rev', says: 'A revision is a whole number.' }]);
	const row = await selectJob(db, number, rev === null ? null : Number(rev));
	if (!row) return notFound;
	return {
		status: 200,
		body: { number: row.number, rev: row.rev, job: row.spec, plan: plan(row.spec, shop) },
		headers: { etag: `"${row.rev}"` }
	};
}

/** Keeps a revision on top of the one named by If-Match. */
export async function putJob(
	db: Database,
	number: string,
	body: unknown,
	ifMatch: string | null,
	reason: string,
	shop: Shop = builtInShop
): Promise<Answer> {
	if (ifMatch === null) return faults(428, [{ path: 'If-Match', says: 'Say which revision this started from: If-Match: "7".' }]);
	const match = /^"(\d{1,9})"$/.exec(ifMatch);
	if (!match) return faults(400, [{ path: 'If-Match', says: 'This must be one quoted number, such as "7".' }]);
	const read = planned(body, shop);
	if (!read.ok) return read.answer;
	const kept = await insertRevision(db, number, Number(match[1]), read.job, factsOf(read.job, read.plan), reason.slice(0, 200));
	if (!kept) return notFound;
	if (kept.kind === 'conflict') {
		const differs = differences(read.job, kept.theirs);
		return {
			status: 409,
			body: { mine: read.job, theirs: kept.theirs, base: kept.base, differs, rev: kept.rev },
			headers: { etag: `"${kept.rev}"` }
		};
	}
	return { status: 200, body: { number, rev: kept.rev }, headers: { etag: `"${kept.rev}"` } };
}

export async function getRevisions(db: Database, number: string): Promise<Answer> {
	const revisions = await selectRevisions(db, number);
	return revisions ? { status: 200, body: { revisions } } : notFound;
}

function factsOf(job: JobFile, planOf: Plan): Facts {
	return {
		title: job.title ?? job.piece?.title ?? '',
		maker: job.piece?.maker ?? '',
		aim: planOf.grade.aimed,
		reached: planOf.grade.reached
	};
}

/** Letters in keys that are kept untouched, wherever they stand. */
function extraKeys(value: unknown): number {
	if (typeof value !== 'object' || value === null) return 0;
	return Object.entries(value).reduce(
		(sum, [key, item]) => sum + (key.startsWith('x-') ? JSON.stringify(item).length + key.length : extraKeys(item)),
		0
	);
}
