/** Rooms by the hour, and what a year of one came to for a job. */
import Joi from 'joi';
import Papa from 'papaparse';
import { guessColumns, LoggerError, LoggerReader } from '$core/climate/logger.ts';
import { readRoom } from '$core/climate/readings.ts';
import type { Database } from './db/open.ts';
import { insertClimate, insertRoom, selectClimates, selectRoom, selectRooms, type RoomYear } from './db/rooms.ts';
import { faults, notFound, type Answer } from './jobs.ts';
import { pathOf } from './validation/job-file.ts';

const gap = Joi.object({
	from: Joi.string().max(40).required(),
	to: Joi.string().max(40).required(),
	hours: Joi.number().min(0).required()
});
const roomSchema = Joi.object({
	name: Joi.string().trim().min(1).max(80).required().messages({ '*': 'A room has a name of 1 to 80 letters.' }),
	begins: Joi.string()
		.pattern(/^\d{4}-\d{2}-\d{2}/)
		.max(40)
		.required()
		.messages({ '*': 'The day of its first reading, as 2025-03-01.' }),
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
export async function postLoggerFile(db: Database, name: string, text: string): Promise<Answer> {
	if (name.trim() === '' || name.length > 80)
		return faults(400, [{ path: 'name', says: 'Give the room a name of 1 to 80 letters: ?name=Loft.' }]);
	const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
	try {
		const { columns, heading } = guessColumns(data.slice(0, 20));
		const reader = new LoggerReader(columns, heading ? 2 : 1);
		for (const row of data.slice(heading ? 1 : 0)) reader.take(row);
		const { readings, from, gaps } = reader.end();
		return await keep(db, {
			name: name.trim(),
			begins: from,
			readings: readings.map(([hour, rh, celsius]) => [hour, hundredth(rh), hundredth(celsius)]),
			gaps
		});
	} catch (error) {
		if (error instanceof LoggerError) return faults(400, [{ path: '', says: error.message }]);
		throw error;
	}
}

async function keep(db: Database, room: RoomYear): Promise<Answer> {
	const id = await insertRoom(db, room);
	if (id === null)
		return faults(409, [{ path: 'name', says: `“${room.name}” is taken already. Give this one a name of its own.` }]);
	return { status: 201, body: { id, name: room.name }, headers: { location: `/api/rooms/${id}` } };
}

function hundredth(value: number): number {
	return Number(value.toFixed(2));
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
				coldHours: Joi.number().allow(null).required()
			})
		)
		.min(1)
		.max(300)
		.required()
});

/** What a year came to stays with the job, beside the revision for which it was run. */
export async function postClimate(db: Database, job: string, body: unknown): Promise<Answer> {
	const { error } = climateSchema.validate(body, { abortEarly: false, convert: false });
	if (error)
		return faults(
			400,
			error.details.map(({ path, message }) => ({ path: pathOf(path), says: `${message}.` }))
		);
	const { rev, ...result } = body as { rev: number };
	return (await insertClimate(db, job, rev, result)) ? { status: 201, body: { number: job, rev } } : notFound;
}

export async function getClimates(db: Database, job: string): Promise<Answer> {
	const kept = await selectClimates(db, job);
	return kept ? { status: 200, body: { kept } } : notFound;
}
