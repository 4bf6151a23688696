/** The calls on walls that are kept: each revision is a wall file, with the name of the wall beside it. */
import Joi from 'joi';
import { faults, notFound, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { insertWall, insertWallRevision, putWallAway, selectWall, selectWalls } from './db/walls.ts';
import { checked } from './validation/checked.ts';
import { SENTENCES } from './validation/sentences.ts';
import { checkWall, jobsOn } from './validation/wall.ts';
import { picturesOf } from './wall.ts';

type Body = { name: string; file: unknown };

export const keptWallSchema = Joi.object({
	name: Joi.string().trim().min(1).max(80).required(),
	file: Joi.object().unknown(true).required()
}).messages(SENTENCES);

/** Only what can be planned is kept; a job that lost its frame meanwhile is no fault of the wall. */
async function read(db: Database, body: unknown): Promise<{ ok: true; value: Body } | { ok: false; answer: Answer }> {
	const of = checked<Body>(keptWallSchema, body);
	if (!of.ok) return { ok: false, answer: faults(400, of.faults) };
	const { name, file } = of.value;
	const known = await picturesOf(db, jobsOn(file));
	const wall = checkWall(
		file,
		new Map([...known].map(([number, found]) => [number, typeof found === 'string' ? UNHUNG : found]))
	);
	if (wall.ok) return { ok: true, value: { name: name.trim(), file } };
	return {
		ok: false,
		answer: faults(
			400,
			wall.faults.map(({ path, says }) => ({ path: path ? `file.${path}` : 'file', says }))
		)
	};
}

/** Stands in for a job that cannot hang for now. */
const UNHUNG = { id: '', outer: { width: 1, height: 1 }, kg: null, hooks: [] };

export async function getWalls(db: Database): Promise<Answer> {
	return { status: 200, body: { walls: await selectWalls(db) } };
}

export async function postWalls(db: Database, body: unknown): Promise<Answer> {
	const of = await read(db, body);
	if (!of.ok) return of.answer;
	const { id, rev } = await insertWall(db, of.value.name, of.value.file);
	return { status: 201, body: { id, rev }, headers: { location: `/api/walls/${id}`, etag: `"${rev}"` } };
}

export async function getWall(db: Database, id: number, rev: number | null): Promise<Answer> {
	const row = await selectWall(db, id, rev);
	return row
		? { status: 200, body: { id, name: row.name, rev: row.rev, file: row.spec }, headers: { etag: `"${row.rev}"` } }
		: notFound;
}

export async function putWall(db: Database, id: number, body: unknown, on: number): Promise<Answer> {
	const of = await read(db, body);
	if (!of.ok) return of.answer;
	const kept = await insertWallRevision(db, id, on, of.value.name, of.value.file);
	if (!kept) return notFound;
	if (kept.kind === 'conflict')
		return faults(409, [{ path: 'If-Match', says: 'Someone else has changed this wall. Reload it and make your change again.' }]);
	return { status: 200, body: { id, rev: kept.rev }, headers: { etag: `"${kept.rev}"` } };
}

export async function deleteWall(db: Database, id: number): Promise<Answer> {
	return (await putWallAway(db, id, true)) ? { status: 200, body: { id } } : notFound;
}

/** Put away by mistake: it is on the list again. */
export async function postBack(db: Database, id: number): Promise<Answer> {
	return (await putWallAway(db, id, false)) ? { status: 200, body: { id } } : notFound;
}
