/** A room by the hour as it is sent: a data logger's file whose columns are found by their names, or JSON; in pieces, as it is kept. */
import Joi from 'joi';
import Papa from 'papaparse';
import { FaultError } from '$core/job/faults.ts';
import { guessColumns, LoggerError, LoggerReader, type Gap } from '$core/stations/climate/logger.ts';
import { encodingOf, linesOf } from '$core/stations/climate/logger-text.ts';
import { MOST_HOURS, readRoom } from '$core/stations/climate/readings.ts';
import type { Reading } from '$core/stations/climate/rooms.ts';
import { isDay } from '$core/units/day.ts';
import type { RoomYear } from './db/rooms.ts';
import { checked } from './validation/checked.ts';
import { jsonOf } from './validation/body.ts';
import { SENTENCES } from './validation/sentences.ts';

/** One statement with so many takes milliseconds. */
const PIECE = 5000;

/** @throws FaultError that says what is wrong with the file */
export function readRoomFile(csv: Uint8Array): Omit<RoomYear, 'name'> {
	try {
		const { data } = Papa.parse<string[]>(linesOf(new TextDecoder(encodingOf(csv)).decode(csv)));
		const { columns, heading } = guessColumns(data.slice(0, 20));
		const reader = new LoggerReader(columns, heading ? 2 : 1);
		for (const row of data.slice(heading ? 1 : 0)) reader.take(row);
		const { readings, from, gaps } = reader.end();
		return inPieces(
			from,
			gaps,
			readings.map(([hour, rh, celsius]) => [hour, hundredth(rh), hundredth(celsius)])
		);
	} catch (error) {
		if (error instanceof LoggerError) throw new FaultError([{ path: '', says: error.message }]);
		throw error;
	}
}

const gap = Joi.object({
	from: Joi.string().max(40).required(),
	to: Joi.string().max(40).required(),
	hours: Joi.number().min(0).max(MOST_HOURS).required()
});
export const roomSchema = Joi.object({
	name: Joi.string().trim().min(1).max(80).required().messages({ '*': 'Enter a name of 1 to 80 letters.' }),
	begins: Joi.string()
		.max(40)
		.custom((text: string, helpers) => (isMoment(text) ? text : helpers.error('any.invalid')))
		.required()
		.messages({ '*': 'Enter the date of its first reading, such as 2025-03-01.' }),
	readings: Joi.any().required(),
	gaps: Joi.array().items(gap).max(1000).default([])
}).messages(SENTENCES);

/** A day that there is, with or without a time behind it. */
function isMoment(text: string): boolean {
	const [, day, hour = '0', minute = '0'] =
		/^(\d{4}-\d{2}-\d{2})(?:[T ](\d{2}):(\d{2})(?::\d{2}(?:\.\d+)?)?Z?)?$/.exec(text) ?? [];
	return day !== undefined && isDay(day) && Number(hour) < 24 && Number(minute) < 60;
}

/** `{ name, begins, readings, gaps }` as JSON. @throws FaultError that says what is wrong with it */
export function readRoomJson(sent: Uint8Array): RoomYear {
	const read = jsonOf(sent);
	if (!read.ok) throw new FaultError(read.faults);
	const named = checked<{ name: string; begins: string; readings: unknown; gaps: Gap[] }>(roomSchema, read.body);
	if (!named.ok) throw new FaultError(named.faults);
	const { name, begins, readings, gaps } = named.value;
	const room = readRoom(readings);
	if (!room.ok) throw new FaultError(room.faults);
	return { name: name.trim(), ...inPieces(begins, gaps, room.room) };
}

function inPieces(begins: string, gaps: Gap[], readings: readonly Reading[]): Omit<RoomYear, 'name'> {
	const pieces: string[] = [];
	for (let at = 0; at < readings.length; at += PIECE) pieces.push(JSON.stringify(readings.slice(at, at + PIECE)).slice(1, -1));
	return { begins, gaps, hours: readings.length, pieces };
}

function hundredth(value: number): number {
	return Number(value.toFixed(2));
}
