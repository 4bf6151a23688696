/** A data logger's file as it is: its columns are found by their names. */
import Papa from 'papaparse';
import { guessColumns, LoggerError, LoggerReader } from '$core/stations/climate/logger.ts';
import type { RoomYear } from './db/rooms.ts';

export type ReadRoomFile = { ok: true; room: Omit<RoomYear, 'name'> } | { ok: false; says: string };

export function readRoomFile(text: string): ReadRoomFile {
	const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
	try {
		const { columns, heading } = guessColumns(data.slice(0, 20));
		const reader = new LoggerReader(columns, heading ? 2 : 1);
		for (const row of data.slice(heading ? 1 : 0)) reader.take(row);
		const { readings, from, gaps } = reader.end();
		return {
			ok: true,
			room: { begins: from, readings: readings.map(([hour, rh, celsius]) => [hour, hundredth(rh), hundredth(celsius)]), gaps }
		};
	} catch (error) {
		if (error instanceof LoggerError) return { ok: false, says: error.message };
		throw error;
	}
}

function hundredth(value: number): number {
	return Number(value.toFixed(2));
}
