/** The calls of the trainer: a case is begun as a job of its own, judged as it stands, and every try is written down. */
import { randomUUID } from 'node:crypto';
import { isCostly } from '$core/job/costly.ts';
import { showJobNumber } from '$core/job/number.ts';
import { folded } from '$core/views/bench/run.ts';
import { caseOf, CASE_IDS, isCaseId, type CaseId } from '$core/views/trainer/cases/all.ts';
import { judgeCase, madeOf, type Judged } from '$core/views/trainer/judge.ts';
import { faults, notFound, type Answer } from './answer.ts';
import { insertEvents, insertRun, selectEvents, selectRun, type SentEvent } from './db/bench.ts';
import type { Database, Queries } from './db/database.ts';
import { insertJob, selectJob } from './db/jobs.ts';
import {
	countTries,
	insertPractice,
	insertTry,
	putPracticeAway,
	selectPractice,
	selectTries,
	selectUnsolved,
	selectUntouched,
	type TryRow
} from './db/trainer.ts';
import { factsOf } from './facts.ts';
import { shopNow } from './shop.ts';
import { checkJudge } from './validation/trainer.ts';

export type CaseRecord = {
	id: CaseId;
	tries: number;
	solved: number;
	told: number;
	/** Where it goes on: the latest piece on which it is not solved yet. */ begun: string | null;
	/** The newest first. */ latest: Omit<TryRow, 'trainerCase' | 'number'>[];
};

const LATEST = 5;

/** Every case with what was tried. */
export async function caseRecords(db: Database): Promise<CaseRecord[]> {
	const [counts, tries, unsolved] = [await countTries(db), await selectTries(db, LATEST), await selectUnsolved(db)];
	return CASE_IDS.map((id) => {
		const { tries: count = 0, solved = 0, told = 0 } = counts.find(({ trainerCase }) => trainerCase === id) ?? {};
		const latest = tries
			.filter(({ trainerCase }) => trainerCase === id)
			.map(({ at, by, solved: well, told: said, minutes }) => ({ at, by, solved: well, told: said, minutes }));
		const begun = unsolved.find(({ trainerCase }) => trainerCase === id);
		return { id, tries: count, solved, told, latest, begun: begun ? showJobNumber(begun.number) : null };
	});
}

export async function getTrainer(db: Database): Promise<Answer> {
	return { status: 200, body: { cases: await caseRecords(db) } };
}

/** Begins a case: a job of its own, with what was done at the bench before. */
export async function postPlay(db: Database, id: string): Promise<Answer> {
	if (!isCaseId(id)) return notFound;
	const of = caseOf(id);
	const { shop, stands } = await shopNow(db);
	const made = madeOf(of.job, shop);
	const deeds = 'done' in of.fault ? of.fault.done(made) : [];
	const kept = await insertJob(db, of.job, factsOf(of.job, made.job, made.plan, shop, stands), {
		number: null,
		orEmptyIn: null,
		practice: {
			untouched: (tx) => selectUntouched(tx, id),
			write: async (tx, number) => {
				await putPracticeAway(tx, id);
				await insertPractice(tx, number, id);
				if (deeds.length > 0) await insertDone(tx, number, [{ kind: 'begun', rev: 1 }, ...deeds]);
			}
		}
	});
	if (kept.kind === 'taken') throw new Error(`The number of a new practice, ${id}, was already used.`);
	const number = showJobNumber(kept.number);
	return { status: 201, body: { number, at: deeds.length > 0 ? `/jobs/${number}/bench` : `/jobs/${number}` } };
}

const HELPER = 'PA';

type Deeds = SentEvent['deed'][];

/** What a helper did before: a minute for each, the last one just now. */
async function insertDone(tx: Queries, number: number, deeds: Deeds): Promise<void> {
	const run = await insertRun(tx, number);
	await insertEvents(
		tx,
		run.id,
		deeds.map((deed, at) => ({ id: randomUUID(), by: HELPER, ageMs: (deeds.length - at) * 60_000, deed }))
	);
}

export type JudgeAnswer = Judged & { station: string };

/** Judges a case as it is kept, and writes the try down. */
export async function postJudge(db: Database, number: number, body: unknown): Promise<Answer> {
	const checked = checkJudge(body);
	if (!checked.ok) return faults(400, checked.faults);
	const [practice, row] = [await selectPractice(db, number), await selectJob(db, number, null)];
	if (!practice || !row || !isCaseId(practice.trainerCase)) return notFound;
	if (isCostly(row.spec)) return faults(422, [{ path: '', says: 'More was added to this piece than the judge can check.' }]);
	const of = caseOf(practice.trainerCase);
	const { by, tell } = checked.value;
	const run = await selectRun(db, number);
	const { shop } = await shopNow(db);
	const judged = judgeCase(of, row.spec, folded(run ? await selectEvents(db, run.id) : []), shop, tell);
	await insertTry(db, number, { rev: row.rev, solved: judged.solved, told: tell, by });
	return { status: 200, body: { ...judged, station: of.station } satisfies JudgeAnswer };
}
