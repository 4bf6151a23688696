/** Rooms by the hour, and what a year of one came to for a job. */
import Joi from 'joi';
import { showJobNumber } from '$core/job/number.ts';
import { readRoom } from '$core/stations/climate/readings.ts';
import { faults, notFound, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { insertClimate, insertRoom, selectClimates, selectRoom, selectRooms, type RoomYear } from './db/rooms.ts';
import { inThread } from './threads/pool.ts';
import { pathOf } from './validation/job-file.ts';

const gap = Joi.object({
	from: Joi.string().max(40).required(),
	to: Joi.string().max(40).required(),
	hours: Joi.number().min(0).required()
});
const roomSchema = Joi.object({
	name: Joi.string().trim().min(1).max(80).required().messages({ '*': 'Enter a name of 1 to 80 letters.' }),
	begins: Joi.string()
		.pattern(/^\d{4}-\d{2}-\d{2}/)
		.max(40)
		.required()
		.messages({ '*': 'Enter the date of its first reading, such as 2025-03-01.' }),
	readings: Joi.any().required(),
	gaps: Joi.array().items(gap).max(1000).default([])
});

export async function getRooms(db: Database): Promise<Answer> {
	return { status: 200, body: { rooms: await selectRooms(db) } };
}

export async function getRoom(db: Database, id: string): Promise<Answer> {
	const room = await selectRoom(db, id);
	return room ? { status: 200, body: room } : notFound;
}

/** A room that somebody read elsewhere: `{ name, begins, readings, gaps }`. */
export async function postRoom(db: Database, body: unknown): Promise<Answer> {
	const { error, value } = roomSchema.validate(body, { abortEarly: false, convert: true });
	if (error)
		return faults(
			400,
			error.details.map(({ path, message }) => ({ path: pathOf(path), says: message }))
		);
	const room = value as RoomYear;
	const read = readRoom(room.readings);
	if (!read.ok) return faults(400, read.faults);
	return keep(db, { ...room, readings: read.room });
}

/** A logger's file as it is: columns are found by their names. */
export async function postLoggerFile(db: Database, name: string, csv: Uint8Array): Promise<Answer> {
	if (name.trim() === '' || name.length > 80)
		return faults(400, [{ path: 'name', says: 'Name the room in 1 to 80 letters: ?name=Loft.' }]);
	const done = await inThread('room', { csv });
	if (!done.ok) return done.answer;
	const read = done.gives;
	return read.ok ? keep(db, { name: name.trim(), ...read.room }) : faults(400, [{ path: '', says: read.says }]);
}

async function keep(db: Database, room: RoomYear): Promise<Answer> {
	const id = await insertRoom(db, room);
	if (id === null) return faults(409, [{ path: 'name', says: `“${room.name}” is already used. Give this one its own name.` }]);
	return { status: 201, body: { id, name: room.name }, headers: { location: `/api/rooms/${id}` } };
}

const number = Joi.number().required();
const climateSchema = Joi.object({
	rev: Joi.number().integer().min(1).required(),
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
});

/** What a year came to stays with the job, beside the revision for which it was run. */
export async function postClimate(db: Database, job: number, body: unknown): Promise<Answer> {
	const { error } = climateSchema.validate(body, { abortEarly: false, convert: false });
	if (error)
		return faults(
			400,
			error.details.map(({ path, message }) => ({ path: pathOf(path), says: `${message}.` }))
		);
	const { rev, ...result } = body as { rev: number };
	return (await insertClimate(db, job, rev, result)) ? { status: 201, body: { number: showJobNumber(job), rev } } : notFound;
}

export async function getClimates(db: Database, job: number): Promise<Answer> {
	const kept = await selectClimates(db, job);
	return kept ? { status: 200, body: { kept } } : notFound;
}
