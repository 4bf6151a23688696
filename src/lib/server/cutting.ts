/** The call for a cutting plan: checks, then the core, in a thread of its own; and what open jobs ask to be cut. */
import { createRequire } from 'node:module';
import type { JobFile } from '$core/job/definition.ts';
import { showJobNumber } from '$core/job/number.ts';
import type { PartWanted } from '$core/nesting/parts.ts';
import { faults, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { selectTaken, type TakenPart } from './db/cutting.ts';
import { selectTakenAtBench } from './db/bench-stock.ts';
import { selectHeld } from './db/ready.ts';
import { selectPressing, type AfterPressing } from './db/today.ts';
import type { JobParts } from './job-parts.ts';
import { shopNow } from './shop.ts';
import { inCuttingThread, inThread } from './threads/pool.ts';
import { checkCutting } from './validation/cutting.ts';

const solverAt = createRequire(import.meta.url).resolve('highs');

/** @param left whoever asked has gone: nobody computes for him */
export async function planCutting(body: unknown, left: AbortSignal): Promise<Answer> {
	const checked = checkCutting(body);
	if (!checked.ok) return faults(400, checked.faults);
	const done = await inCuttingThread({ job: checked.job, solverAt }, left);
	if (!done) return faults(499, [{ path: '', says: 'Nobody waits for this plan any more.' }]);
	return done.ok
		? { status: 200, body: done.plan, headers: { 'server-timing': `queue;desc="${done.ahead} plans ahead"` } }
		: done.answer;
}

/** So many open jobs are cut together at the most. */
const MOST_JOBS = 200;

/**
 * @returns what open jobs still ask for, the most pressing first: of sheets and sticks less what kept plans cut already; jobs that ask
 * nothing are not listed
 * @param tryShelf says what lies ready for each, before anything is cut
 */
export async function openParts(db: Database, today: string, tryShelf = false): Promise<{ jobs: JobParts[]; more: boolean }> {
	const listed: { number: number; file: JobFile }[] = [];
	let after: AfterPressing = null;
	do {
		const page = await selectPressing(db, { shown: 'open', today, after });
		listed.push(...page.jobs.map(({ number, spec }) => ({ number, file: spec })));
		after = page.next;
	} while (after && listed.length < MOST_JOBS);
	const jobs = await partsLeft(db, listed.slice(0, MOST_JOBS), tryShelf);
	return {
		jobs: jobs.filter(({ parts, things, fault }) => fault !== null || parts.length + things.length > 0),
		more: after !== null
	};
}

/** What jobs ask for, less what kept plans cut and the bench took already; in their order. */
export async function partsLeft(db: Database, asked: { number: number; file: JobFile }[], tryShelf = false): Promise<JobParts[]> {
	const { written } = await shopNow(db);
	const done = await inThread('parts', { jobs: asked, shop: written, held: await selectHeld(db), tried: tryShelf });
	if (!done.ok) throw new Error('The parts of jobs could not be planned.');
	const taken = await selectTaken(
		db,
		asked.map(({ number }) => number)
	);
	const atBench = await selectTakenAtBench(
		db,
		asked.map(({ number }) => number)
	);
	return done.gives.map((job) => ({
		...job,
		parts: job.parts.flatMap((part) => leftOf(part, taken)),
		things: job.things.flatMap((thing) => {
			const had = atBench.find(({ job: number, material }) => showJobNumber(number) === thing.job && material === thing.material);
			const amount = thing.amount - (had?.amount ?? 0);
			return amount > 1e-6 ? [{ ...thing, amount }] : [];
		})
	}));
}

/** What is left to cut of a part; one that has another size since is wanted anew. */
function leftOf(part: PartWanted, taken: readonly TakenPart[]): PartWanted[] {
	const before = taken.find((one) => one.part === part.id && one.width === part.width && one.height === part.height);
	const count = part.count - (before?.count ?? 0);
	return count > 0 ? [{ ...part, count }] : [];
}
