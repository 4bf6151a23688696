/** The tables room_year and job_climate: every query on them. */
import type { Reading } from '$core/stations/climate/rooms.ts';
import type { Gap } from '$core/stations/climate/logger.ts';
import type { Queries } from './database.ts';

export type ListedRoom = { id: string; name: string; begins: string; hours: number; gaps: Gap[] };
export type RoomYear = { name: string; begins: string; readings: Reading[]; gaps: Gap[] };

/** @returns its id; null when the name is taken */
export async function insertRoom(db: Queries, { name, begins, readings, gaps }: RoomYear): Promise<string | null> {
	const { rows } = await db.query<{ id: string }>(
		`INSERT INTO room_year (name, begins, readings, gaps) VALUES ($1, $2, $3::jsonb, $4::jsonb)
		 ON CONFLICT (name) DO NOTHING RETURNING id::text`,
		[name, begins, JSON.stringify(readings), JSON.stringify(gaps)]
	);
	return rows[0]?.id ?? null;
}

const MOST_ROOMS = 200;

/** By name, without their readings. */
export async function selectRooms(db: Queries): Promise<ListedRoom[]> {
	const { rows } = await db.query<ListedRoom>(
		'SELECT id::text, name, begins, jsonb_array_length(readings) AS hours, gaps FROM room_year ORDER BY name LIMIT $1',
		[MOST_ROOMS]
	);
	return rows;
}

export async function selectRoom(db: Queries, id: string): Promise<RoomYear | null> {
	const { rows } = await db.query<RoomYear>('SELECT name, begins, readings, gaps FROM room_year WHERE id = $1', [id]);
	return rows[0] ?? null;
}

export type KeptClimate = { rev: number; result: unknown; at: Date };
const MOST_RESULTS = 20;

/** @returns false where there is no such job */
export async function insertClimate(db: Queries, number: number, rev: number, result: unknown): Promise<boolean> {
	const { rows } = await db.query(
		`INSERT INTO job_climate (job_id, rev, result) SELECT id, $2, $3::jsonb FROM job WHERE number = $1 AND head_rev >= $2 RETURNING id`,
		[number, rev, JSON.stringify(result)]
	);
	return rows.length > 0;
}

/** Newest first; null where there is no such job. */
export async function selectClimates(db: Queries, number: number): Promise<KeptClimate[] | null> {
	const { rows: jobs } = await db.query<{ id: number }>('SELECT id FROM job WHERE number = $1', [number]);
	if (!jobs[0]) return null;
	const { rows } = await db.query<KeptClimate>(
		'SELECT rev, result, at FROM job_climate WHERE job_id = $1 ORDER BY id DESC LIMIT $2',
		[jobs[0].id, MOST_RESULTS]
	);
	return rows;
}
