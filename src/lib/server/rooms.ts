/** Rooms by the hour, and what a year of one came to for a job. */
import Joi from 'joi';
import { showJobNumber } from '$core/job/number.ts';
import { faults, notFound, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { selectHead } from './db/jobs.ts';
import {
	insertClimate,
	insertRoom,
	roomPieces,
	selectClimates,
	selectRoom,
	selectRooms,
	type RoomHead,
	type RoomYear
} from './db/rooms.ts';
import { streamOf } from './stream.ts';
import { inThread } from './threads/pool.ts';
import { REV_MOST } from './validation/bench.ts';
import { checked } from './validation/checked.ts';
import { SENTENCES } from './validation/sentences.ts';

export async function getRooms(db: Database): Promise<Answer> {
	return { status: 200, body: { rooms: await selectRooms(db) } };
}

export async function getRoom(db: Database, id: string): Promise<Answer | Response> {
	const room = await selectRoom(db, id);
	if (!room) return notFound;
	return new Response(streamOf(written(db, room)), {
		headers: { 'content-type': 'application/json', 'cache-control': 'no-store' }
	});
}

/** As JSON, without ever being whole here. */
async function* written(db: Database, { name, begins, gaps, pieces }: RoomHead): AsyncGenerator<string> {
	yield `${JSON.stringify({ name, begins, gaps }).slice(0, -1)},"readings":[`;
	let between = '';
	for await (const piece of roomPieces(db, pieces)) {
		yield between + piece;
		between = ',';
	}
	yield ']}';
}

/** A room that somebody read elsewhere: `{ name, begins, readings, gaps }`. */
export async function postRoom(db: Database, sent: Uint8Array): Promise<Answer> {
	const done = await inThread('roomJson', { sent });
	return done.ok ? keep(db, done.gives) : done.answer;
}

/** A logger's file as it is: columns are found by their names. */
export async function postLoggerFile(db: Database, name: string, csv: Uint8Array): Promise<Answer> {
	if (name.trim() === '' || name.length > 80)
		return faults(400, [{ path: 'name', says: 'Name the room in 1 to 80 letters: ?name=Loft.' }]);
	const done = await inThread('room', { csv });
	return done.ok ? keep(db, { name: name.trim(), ...done.gives }) : done.answer;
}

async function keep(db: Database, room: RoomYear): Promise<Answer> {
	const id = await insertRoom(db, room);
	if (id === null) return faults(409, [{ path: 'name', says: `“${room.name}” is already used. Give this one its own name.` }]);
	return { status: 201, body: { id, name: room.name }, headers: { location: `/api/rooms/${id}` } };
}

const number = Joi.number().required();
export const climateSchema = Joi.object({
	rev: Joi.number().integer().min(1).max(REV_MOST).required(),
	room: Joi.string().trim().min(1).max(80).required(),
	results: Joi.array()
		.items(
			Joi.object({
				id: Joi.string().max(140).required(),
				own: Joi.boolean().required(),
				backName: Joi.string().max(80).required(),
				seal: Joi.string().valid('none', 'tape', 'edge').required(),
				tauDays: number,
				halfDays: number,
				min: number,
				max: number,
				steepestWeek: number,
				hoursAbove65: number,
				hoursAbove: Joi.array().items(number).max(20),
				coldHours: Joi.number().allow(null).required()
			})
		)
		.min(1)
		.max(300)
		.required()
}).messages(SENTENCES);

/** What a year came to stays with the job, beside the revision for which it was run. */
export async function postClimate(db: Database, job: number, body: unknown): Promise<Answer> {
	const checkedBody = checked<{ rev: number }>(climateSchema, body);
	if (!checkedBody.ok) return faults(400, checkedBody.faults);
	const { rev, ...result } = checkedBody.value;
	const head = await selectHead(db, job);
	if (!head) return notFound;
	if (rev > head.rev)
		return faults(400, [{ path: 'rev', says: `The job is at revision ${head.rev}; there is no revision ${rev}.` }]);
	return (await insertClimate(db, job, rev, result)) ? { status: 201, body: { number: showJobNumber(job), rev } } : notFound;
}

export async function getClimates(db: Database, job: number): Promise<Answer> {
	const kept = await selectClimates(db, job);
	return kept ? { status: 200, body: { kept } } : notFound;
}
