/** A year inside every combination, and a logger's file, away from the page. Stopped by ending the worker. */
import Papa from 'papaparse';
import { combinationsOf, yearsOf, type Buffer, type Combination, type YearResult } from '$core/advice/combinations.ts';
import { LoggerError, LoggerReader, type Columns, type LoggerYear } from '$core/stations/climate/logger.ts';
import { encodingOf } from '$core/stations/climate/logger-text.ts';
import { TYPICAL_ROOMS, yearOf, type Reading } from '$core/stations/climate/rooms.ts';
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { readJob } from '$core/job/read.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import { nth } from '$core/units/there.ts';

export type Ask =
	| {
			kind: 'year';
			buffer: Buffer;
			file: JobFile | null;
			shop: WrittenShop;
			/** Id of a typical room, or a room's own readings. */
			room: string | Reading[];
			wallCelsius: number | null;
			/** Combinations of which every hour is wanted. */
			shown: string[];
	  }
	| { kind: 'file'; file: File; columns: Columns; heading: boolean };

export type Year = {
	combinations: Combination[];
	results: YearResult[];
	room: Reading[];
	/** % RH by the hour, of what is shown. */
	inside: Record<string, number[]>;
	ms: number;
};
export type Told =
	| { kind: 'progress'; share: number }
	| { kind: 'year'; year: Year }
	| { kind: 'logger'; year: LoggerYear }
	| { kind: 'refused'; says: string };

const tell = (told: Told) => postMessage(told);
/** Rows between two words about how far it is. */
const TELL_EVERY_MS = 100;

self.onmessage = ({ data }: MessageEvent<Ask>) => (data.kind === 'year' ? year(data) : void readFile(data));

function year({ buffer, file, shop, room, wallCelsius, shown }: Extract<Ask, { kind: 'year' }>): void {
	const started = performance.now();
	const house = shopFrom(shop);
	const readings = typeof room === 'string' ? yearOf(TYPICAL_ROOMS.find(({ id }) => id === room) ?? nth(TYPICAL_ROOMS, 0)) : room;
	const combinations = combinationsOf(buffer, house, file ? decide(readJob(file), house) : null);
	const results: YearResult[] = [];
	const inside: Record<string, number[]> = {};
	for (const { inside: hours, ...result } of yearsOf(combinations, readings, wallCelsius)) {
		results.push(result);
		if (shown.includes(result.id)) inside[result.id] = Array.from(hours);
		tell({ kind: 'progress', share: results.length / combinations.length });
	}
	tell({ kind: 'year', year: { combinations, results, room: readings, inside, ms: performance.now() - started } });
}

async function readFile({ file, columns, heading }: Extract<Ask, { kind: 'file' }>): Promise<void> {
	const encoding = encodingOf(new Uint8Array(await file.slice(0, 4).arrayBuffer()));
	const reader = new LoggerReader(columns, heading ? 2 : 1);
	let skip = heading;
	let toldAt = 0;
	let refused = false;
	Papa.parse<string[]>(file, {
		encoding,
		skipEmptyLines: false,
		chunk: ({ data, meta }, parser) => {
			try {
				for (const row of data) {
					if (skip) skip = false;
					else reader.take(row);
				}
			} catch (error) {
				refused = true;
				parser.abort();
				return refuse(error);
			}
			if (performance.now() - toldAt < TELL_EVERY_MS) return;
			toldAt = performance.now();
			tell({ kind: 'progress', share: meta.cursor / file.size });
		},
		complete: () => {
			if (refused) return;
			try {
				tell({ kind: 'logger', year: reader.end() });
			} catch (error) {
				refuse(error);
			}
		},
		error: () => tell({ kind: 'refused', says: 'This file cannot be read. It may have moved, or is not text.' })
	});
}

function refuse(error: unknown): void {
	if (!(error instanceof LoggerError)) throw error;
	tell({ kind: 'refused', says: error.message });
}
