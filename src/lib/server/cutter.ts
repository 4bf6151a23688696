/**
 * A computer-driven cutter: a sheet of a kept plan is sent to it as a cutting file with its plan, and what it has cut is written down as it
 * goes on. What it says that it has made is believed; no cut is asked for twice.
 */
import Joi from 'joi';
import { tellStock } from './db/stock.ts';
import { there } from '$core/units/there.ts';
import { faults, notFound, type Answer } from './answer.ts';
import { askJson } from './ask-json.ts';
import { isAtCutter, stillCutting } from './cutting-plans.ts';
import type { Database } from './db/database.ts';
import { insertProgress, selectPlan, selectRunning, type KeptPlan, type Progress } from './db/cutting.ts';
import { isOfDatabase, log, loggable } from './log.ts';
import { cutterUrl } from './settings.ts';
import { checkSendToCutter } from './validation/stock.ts';

/** What a cutter says of a run. */
type Told = { made: number; of: number; state: 'cutting' | 'done' | 'stopped'; says: string };
const told = Joi.object<Told>({
	made: Joi.number().integer().min(0).required(),
	of: Joi.number().integer().min(0).required(),
	state: Joi.valid('cutting', 'done', 'stopped').required(),
	says: Joi.string().allow('').max(200).required()
});

const LOOK_EACH_MS = 250;
/** After so many looks in vain it is not there any more. */
const LOOKS = 12;
const SILENT = 'The cutter does not answer.';

/** Whether there is a cutter, and whether it only simulates one. */
export async function findCutter(): Promise<{ simulated: boolean } | null> {
	const answer = await askJson(cutterUrl(), '/');
	return answer?.status === 200 ? { simulated: (answer.body as { simulated?: unknown }).simulated === true } : null;
}

/** Sends what is left to cut of a sheet. 409: it is at the cutter, or cut already; 503: no cutter answers. */
export async function postToCutter(db: Database, id: number, index: number, body: unknown): Promise<Answer> {
	const checked = checkSendToCutter(body);
	if (!checked.ok) return faults(400, checked.faults);
	if (!(await findCutter())) return faults(503, [{ path: '', says: SILENT }]);
	const begun = await db.transaction(async (tx): Promise<{ kept: KeptPlan; from: number } | Answer> => {
		const kept = await selectPlan(tx, id, true);
		const sheet = kept?.plan.sheets[index];
		if (!kept || !sheet) return notFound;
		if (kept.state !== 'open' || kept.cut.includes(index))
			return faults(409, [{ path: '', says: 'This sheet is already cut, or its plan was cancelled.' }]);
		if (isAtCutter(kept, index)) return stillCutting;
		const from = kept.progress[index]?.made ?? 0;
		if (from >= sheet.cuts.length) return faults(409, [{ path: '', says: 'Every cut of this sheet is done.' }]);
		await insertProgress(tx, id, index, { made: from, by: 'cutter', stopped: '' });
		await tellStock(tx);
		return { kept, from };
	});
	if ('status' in begun) return begun;
	const { kept } = begun;
	let answer = await send(kept, index, begun.from, checked.value.fail);
	// It made more of this sheet than was heard of: it goes on from there.
	if (answer?.status === 409) {
		const ahead = told.validate(answer.body);
		if (!ahead.error && ahead.value.state !== 'cutting') answer = await send(kept, index, ahead.value.made, checked.value.fail);
	}
	if (answer?.status !== 202 && answer?.status !== 409) {
		await write(db, kept, index, { made: begun.from, by: 'cutter', stopped: SILENT });
		return faults(503, [{ path: '', says: SILENT }]);
	}
	watch(db, id, index);
	return { status: 202, body: { id, sheet: index, from: begun.from } };
}

const runId = ({ id, at }: KeptPlan, index: number): string => `${id}-${index}-${at.getTime()}`;

function send(kept: KeptPlan, index: number, from: number, fail: boolean) {
	const sheet = there(kept.plan.sheets[index], 'sheet');
	const { job } = kept.asked;
	return askJson(cutterUrl(), '/runs', {
		id: runId(kept, index),
		file: { format: 'rare-keep/cutting', version: 1, ...job, sheets: job.sheets.filter(({ id }) => id === sheet.sheet) },
		plan: { ...kept.plan, sheets: [sheet] },
		from,
		fail
	});
}

/** Sheets that this process looks after, each until its cutter is done or stops. */
const watched = new Map<string, Promise<void>>();
const keyOf = (id: number, index: number): string => `${id} ${index}`;

/** @returns once nobody cuts this sheet by machine any more */
export const settled = (id: number, index: number): Promise<void> => watched.get(keyOf(id, index)) ?? Promise.resolve();

/** Writes down what a cutter makes of a sheet until it is done or stops. */
function watch(db: Database, id: number, index: number): void {
	const key = keyOf(id, index);
	if (!watched.has(key))
		watched.set(
			key,
			follow(db, id, index).finally(() => watched.delete(key))
		);
}

async function follow(db: Database, id: number, index: number): Promise<void> {
	try {
		const kept = await selectPlan(db, id);
		if (!kept) return;
		let made = kept.progress[index]?.made ?? 0;
		for (let silent = 0; silent < LOOKS;) {
			await new Promise((resolve) => setTimeout(resolve, LOOK_EACH_MS).unref());
			const answer = await askJson(cutterUrl(), `/runs/${encodeURIComponent(runId(kept, index))}`);
			const { error, value } = told.validate(answer?.status === 200 ? answer.body : null);
			if (error || !value) {
				silent += 1;
				continue;
			}
			silent = 0;
			const stopped = value.state === 'stopped' ? value.says || 'The cutter stopped.' : '';
			if (value.made !== made || stopped) await write(db, kept, index, { made: value.made, by: 'cutter', stopped });
			made = value.made;
			if (value.state !== 'cutting') return;
		}
		await write(db, kept, index, { made, by: 'cutter', stopped: SILENT });
	} catch (error) {
		// The data are gone or going: the next start looks again.
		if (!isOfDatabase(error)) log.warn({ err: loggable(error) }, 'a cutter could not be followed');
	}
}

/** What was being cut when the server ended, or when the database went away, is followed again. */
export async function followCutters(db: Database): Promise<void> {
	for (const { plan, sheet } of await selectRunning(db)) {
		const kept = await selectPlan(db, plan);
		if (kept && isAtCutter(kept, sheet)) watch(db, plan, sheet);
	}
}

async function write(db: Database, kept: KeptPlan, index: number, progress: Progress): Promise<void> {
	await db.transaction(async (tx) => {
		const now = await selectPlan(tx, kept.id, true);
		if (!now || now.cut.includes(index)) return;
		await insertProgress(tx, kept.id, index, progress);
		await tellStock(tx);
	});
}
