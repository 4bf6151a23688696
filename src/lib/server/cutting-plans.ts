/** The calls on kept cutting plans: a plan reserves its sheets, cutting uses them up and puts offcuts back, giving up frees them. */
import { blankName } from '$core/stations/cut/part-name.ts';
import type { JobFile } from '$core/job/definition.ts';
import { readJobNumber } from '$core/job/number.ts';
import { sheetId, sourceOf, stockOf } from '$core/nesting/sources.ts';
import type { PartWanted } from '$core/nesting/parts.ts';
import { wrongWith } from '$core/nesting/verify.ts';
import { there } from '$core/units/there.ts';
import { faults, notFound, type Answer } from './answer.ts';
import type { Database, Queries } from './db/database.ts';
import {
	dropName,
	insertCutSheet,
	insertDrop,
	insertPart,
	insertPlan,
	insertProgress,
	lockJobs,
	selectOpenPlans,
	selectPlan,
	selectTaken,
	updateParts,
	updatePlanState,
	type KeptPlan
} from './db/cutting.ts';
import { selectJob } from './db/jobs.ts';
import type { SheetStock } from '$core/nesting/figures.ts';
import { insertStock, lockStock, moveStock, tellStock, type AnyLine } from './db/stock.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { checkCutSheet, checkDropOut, checkMade, checkPlan, type SentPlan } from './validation/stock.ts';

export async function getPlans(db: Database): Promise<Answer> {
	return { status: 200, body: { plans: await selectOpenPlans(db) } };
}

export async function getPlan(db: Database, id: number): Promise<Answer> {
	const plan = await selectPlan(db, id);
	return plan ? { status: 200, body: plan } : notFound;
}

/** Keeps a plan and reserves its sheets. 409: what it cuts is taken by another, or has another size now. */
export async function postPlan(db: Database, body: unknown): Promise<Answer> {
	const checked = checkPlan(body);
	if (!checked.ok) return faults(400, checked.faults);
	const sent = checked.value;
	const wrong = wrongWith(sent.job, sent.plan);
	if (wrong) return faults(400, [{ path: 'plan', says: wrong }]);
	const wanted = await partsNow(db, sent);
	if ('status' in wanted) return wanted;
	const placed = countsOf(sent.plan.sheets.flatMap(({ placed: blanks }) => blanks.map(({ blank }) => blank)));
	const parts = [...placed.keys()].map((id) => there(wanted.get(id), 'part'));
	const numbers = [...new Set(parts.map(({ job }) => there(readJobNumber(job), 'number')))];
	const fallen = wrongDropOut(sent, wanted, placed);
	if (fallen) return faults(400, [fallen]);
	return db.transaction(async (tx): Promise<Answer> => {
		await lockJobs(tx, numbers);
		const taken = await selectTaken(tx, numbers);
		for (const part of parts) {
			const before = taken.find((one) => one.part === part.id && one.width === part.width && one.height === part.height);
			const left = part.count - (before?.count ?? 0);
			const asked = there(placed.get(part.id), 'count');
			if (asked > left)
				return faults(409, [
					{
						path: part.id,
						says: `${blankName(part.id)}: ${left === 0 ? 'none is' : `${left} are`} left to cut, another plan has the others. Plan again.`
					}
				]);
		}
		const used = countsOf(sent.plan.sheets.map(({ sheet }) => sheet));
		const lines = await lockStock(tx, stockIds(used));
		for (const [sheet, count] of used) {
			const id = stockOf(sheet);
			if (id === null) continue;
			const line = lines.find((one) => one.id === id);
			const planned = sent.job.sheets.find((one) => one.id === sheet);
			const other = line && planned ? otherThanLine(sent, planned, line) : null;
			if (other) return faults(409, [{ path: sheet, says: other }]);
			if ((line?.free ?? 0) < count)
				return faults(409, [
					{ path: sheet, says: `${line?.free ?? 0} of ${count} sheets are free: another plan has reserved them. Plan again.` }
				]);
		}
		const id = await insertPlan(tx, { ...sent, asked: { job: sent.job, parts } });
		for (const part of parts)
			await insertPart(tx, id, there(readJobNumber(part.job), 'number'), part, there(placed.get(part.id), 'count'));
		for (const [sheet, count] of used) {
			const line = stockOf(sheet);
			if (line !== null) await moveStock(tx, line, { kind: 'reserved', present: 0, reserved: count, plan: id });
		}
		await tellStock(tx);
		return { status: 201, body: { id }, headers: { location: `/api/cutting/${id}` } };
	});
}

/** What the jobs of a plan ask for as they stand, by the name of the part. */
async function partsNow(db: Database, { job }: SentPlan): Promise<Map<string, PartWanted> | Answer> {
	const numbers = new Set(job.blanks.map(({ id }) => readJobNumber(id.split(' ')[0] ?? '')));
	const files: { number: number; file: JobFile }[] = [];
	for (const number of numbers) {
		const row = number === null ? null : await selectJob(db, number, null);
		if (!row) return faults(400, [{ path: 'job.blanks', says: 'Name each blank after its job: K-0101 mat 1.' }]);
		files.push({ number: row.number, file: row.spec });
	}
	const done = await inThread('parts', { jobs: files, shop: (await shopNow(db)).written, held: [], tried: false });
	if (!done.ok) return done.answer;
	const now = new Map(done.gives.flatMap(({ parts }) => parts).map((part) => [part.id, part]));
	for (const { id, width, height } of job.blanks) {
		const part = now.get(id);
		if (!part || part.width !== width || part.height !== height)
			return faults(409, [{ path: id, says: `${blankName(id)} has changed size or is no longer needed. Plan again.` }]);
	}
	return now;
}

/** What lies there as it is counted, against what was planned with. @returns what is another, in a sentence */
function otherThanLine({ material, colour }: SentPlan, sheet: SheetStock, line: AnyLine): string | null {
	// Without a colour any is taken.
	if (line.material !== material || (colour !== '' && line.colour !== colour)) return 'Another material lies there. Plan again.';
	// A stick is planned less the trim of its ends; its width is the moulding's.
	const isSame = line.kind === 'stick' ? sheet.width <= line.width : line.width === sheet.width && line.height === sheet.height;
	return isSame ? null : 'What lies there has another size. Plan again.';
}

/** A drop-out comes from a mat that the same plan cuts, at its size. */
function wrongDropOut(
	{ job, plan }: SentPlan,
	wanted: ReadonlyMap<string, PartWanted>,
	placed: ReadonlyMap<string, number>
): { path: string; says: string } | null {
	for (const [sheet, count] of countsOf(plan.sheets.map((one) => one.sheet))) {
		const source = sourceOf(sheet);
		if (source?.from !== 'drop-out') continue;
		const size = wanted.get(source.part)?.drops?.[source.which - 1];
		const stock = job.sheets.find(({ id }) => id === sheet);
		const isSame = size && stock && size.width === stock.width && size.height === stock.height;
		if (!isSame || (placed.get(source.part) ?? 0) < count)
			return { path: sheet, says: `${source.part} does not give this drop-out ${count} times here. Plan again.` };
	}
	return null;
}

function countsOf(ids: readonly string[]): Map<string, number> {
	const counts = new Map<string, number>();
	for (const id of ids) counts.set(id, (counts.get(id) ?? 0) + 1);
	return counts;
}

const stockIds = (used: ReadonlyMap<string, number>): number[] => [...used.keys()].map(stockOf).filter((id) => id !== null);

/** Marks a sheet as cut: it is gone, its offcuts lie where they were put. 409 when it was cut before. */
export async function postCutSheet(db: Database, id: number, index: number, body: unknown): Promise<Answer> {
	const checked = checkCutSheet(body);
	if (!checked.ok) return faults(400, checked.faults);
	return db.transaction(async (tx): Promise<Answer> => {
		const kept = await selectPlan(tx, id, true);
		const sheet = kept?.plan.sheets[index];
		if (!kept || !sheet) return notFound;
		if (kept.cut.includes(index)) return faults(409, [{ path: '', says: 'This sheet is already cut.' }]);
		if (kept.state !== 'open') return faults(409, [{ path: '', says: 'This plan was cancelled.' }]);
		if (isAtCutter(kept, index)) return stillCutting;
		const source = sourceOf(sheet.sheet);
		if (source?.from === 'drop-out' && !fellOut(kept, source.part, sheet.sheet))
			return faults(409, [{ path: '', says: `Cut ${source.part} and its window first: this sheet falls out of it.` }]);
		const { offcuts } = checked.value;
		const most = sheet.offcuts.map(({ width, height }) => width * height);
		if (offcuts.length > most.length)
			return faults(400, [{ path: 'offcuts', says: `This sheet leaves ${most.length} offcuts, no more.` }]);
		await insertCutSheet(tx, id, index);
		const line = stockOf(sheet.sheet);
		const from = line === null ? null : await useUp(tx, line, id);
		const lot = from?.lot ?? (source?.from === 'drop-out' ? await lotOfPart(tx, kept, source.part) : '');
		const isStick = kept.asked.parts.some((part) => part.from === 'stick');
		const left: number[] = [];
		for (const { width, height, place } of offcuts) {
			const made = await insertStock(tx, {
				kind: isStick ? 'stick' : 'offcut',
				material: kept.material,
				colour: from?.colour ?? kept.colour,
				width,
				height,
				lot,
				place
			});
			await moveStock(tx, made, { kind: 'left', present: 1, reserved: 0, plan: id });
			left.push(made);
		}
		const cut = [...kept.cut, index];
		if (cut.length === kept.plan.sheets.length) await updatePlanState(tx, id, 'cut');
		await tellStock(tx);
		return { status: 200, body: { id, cut, offcuts: left.map((made) => sheetId({ from: 'stock', id: made })) } };
	});
}

/** A machine is cutting it. */
export function isAtCutter({ plan, progress }: KeptPlan, index: number): boolean {
	const now = progress[index];
	return now?.by === 'cutter' && now.stopped === '' && now.made < there(plan.sheets[index], 'sheet').cuts.length;
}
export const stillCutting: Answer = faults(409, [{ path: '', says: 'The cutter is still cutting this sheet.' }]);

/** Whether one more of these drop-outs lies there than sheets of it were cut. */
function fellOut({ plan, cut }: KeptPlan, part: string, sheet: string): boolean {
	const done = cut.map((at) => there(plan.sheets[at], 'sheet'));
	const mats = done.flatMap(({ placed }) => placed).filter(({ blank }) => blank === part).length;
	return mats > done.filter((one) => one.sheet === sheet).length;
}

/** Of the first sheet on which the part lies; empty where that is not of stock. */
async function lotOfPart(tx: Queries, { plan }: KeptPlan, part: string): Promise<string> {
	const sheet = plan.sheets.find(({ placed }) => placed.some(({ blank }) => blank === part));
	const line = sheet ? stockOf(sheet.sheet) : null;
	const [stock] = line === null ? [] : await lockStock(tx, [line]);
	return stock?.lot ?? '';
}

/** @returns lot and colour of the sheet: its offcuts are of them too */
async function useUp(tx: Queries, line: number, plan: number): Promise<{ lot: string; colour: string }> {
	const [stock] = await lockStock(tx, [line]);
	await moveStock(tx, line, { kind: 'cut', present: -1, reserved: -1, plan });
	return there(stock, 'line of stock');
}

/** Gives a plan up: what is not cut yet is free again, sheets and parts; what is cut stays cut. */
export async function deletePlan(db: Database, id: number): Promise<Answer> {
	return db.transaction(async (tx): Promise<Answer> => {
		const kept = await selectPlan(tx, id, true);
		if (!kept) return notFound;
		if (kept.state !== 'open') return faults(409, [{ path: '', says: 'This plan is cut or was cancelled.' }]);
		const begun = kept.plan.sheets.findIndex((_, index) => !kept.cut.includes(index) && (kept.progress[index]?.made ?? 0) > 0);
		if (begun >= 0) return faults(409, [{ path: '', says: `Sheet ${begun + 1} is part cut. Finish cutting it first.` }]);
		const open = kept.plan.sheets.filter((_, index) => !kept.cut.includes(index));
		for (const [sheet, count] of countsOf(open.map((one) => one.sheet))) {
			const line = stockOf(sheet);
			if (line !== null) await moveStock(tx, line, { kind: 'freed', present: 0, reserved: -count, plan: id });
		}
		await updateParts(tx, id, cutParts(kept));
		await updatePlanState(tx, id, kept.cut.length > 0 ? 'cut' : 'given-up');
		await tellStock(tx);
		return { status: 200, body: { id, cut: kept.cut } };
	});
}

const cutParts = ({ plan, cut }: KeptPlan): Map<string, number> =>
	countsOf(plan.sheets.filter((_, index) => cut.includes(index)).flatMap(({ placed }) => placed.map(({ blank }) => blank)));

/** A drop-out is put away as it measures. 409: its mat is not cut yet, a sheet of the plan is cut from it, or it was put away before. */
export async function postDropOut(db: Database, id: number, body: unknown): Promise<Answer> {
	const checked = checkDropOut(body);
	if (!checked.ok) return faults(400, checked.faults);
	const { part, which, width, height, place } = checked.value;
	return db.transaction(async (tx): Promise<Answer> => {
		const kept = await selectPlan(tx, id, true);
		const wanted = kept?.asked.parts.find((one) => one.id === part);
		if (!kept || !wanted?.drops?.[which - 1]) return notFound;
		const done = kept.cut.flatMap((at) => there(kept.plan.sheets[at], 'sheet').placed);
		const mats = done.filter(({ blank }) => blank === part).length;
		const sheet = sheetId({ from: 'drop-out', part, which });
		const used = kept.plan.sheets.filter((one) => one.sheet === sheet).length;
		if (mats - used - (kept.drops[dropName(part, which)] ?? 0) <= 0)
			return faults(409, [{ path: 'part', says: `No drop-out of ${part} is left to store.` }]);
		const made = await insertStock(tx, {
			kind: 'drop-out',
			material: kept.material,
			colour: kept.colour,
			width,
			height,
			lot: await lotOfPart(tx, kept, part),
			place
		});
		await moveStock(tx, made, { kind: 'left', present: 1, reserved: 0, plan: id });
		await insertDrop(tx, id, part, which, made);
		await tellStock(tx);
		return { status: 201, body: { id: made } };
	});
}

/**
 * So many cuts of a sheet are made by hand; fewer than before where one was marked too early. 409: it is at the cutter, or somebody else
 * marked it meanwhile.
 */
export async function putMade(db: Database, id: number, index: number, body: unknown): Promise<Answer> {
	const checked = checkMade(body);
	if (!checked.ok) return faults(400, checked.faults);
	const { made, from, on } = checked.value;
	return db.transaction(async (tx): Promise<Answer> => {
		const kept = await selectPlan(tx, id, true);
		const sheet = kept?.plan.sheets[index];
		if (!kept || !sheet) return notFound;
		if (kept.state !== 'open' || kept.cut.includes(index))
			return faults(409, [{ path: '', says: 'This sheet is already cut, or its plan was cancelled.' }]);
		const before = kept.progress[index];
		if (isAtCutter(kept, index)) return stillCutting;
		const now = before?.made ?? 0;
		// Whoever names the word that theirs follows is right by that alone: the same count may have been said since by another.
		const mark = before?.mark ?? 0;
		if (on === undefined ? now !== from : on !== mark)
			return faults(409, [{ path: 'from', says: `Someone else is marking this sheet too: ${now} of its cuts are done now.` }]);
		if (made > sheet.cuts.length) return faults(400, [{ path: 'made', says: `This sheet has ${sheet.cuts.length} cuts.` }]);
		if (made === now && on === undefined) return { status: 200, body: { made, mark } };
		const next = await insertProgress(tx, id, index, { made, by: 'hand', stopped: '' });
		await tellStock(tx);
		return { status: 200, body: { made, mark: next } };
	});
}
