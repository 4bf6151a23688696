/** The tables room_year, room_piece and job_climate: every query on them. */
import { randomUUID } from 'node:crypto';
import type { Gap } from '$core/stations/climate/logger.ts';
import type { Queries } from './database.ts';

export type ListedRoom = { id: string; name: string; begins: string; hours: number; gaps: Gap[] };
/** `pieces`: its readings as JSON, each some thousands without the brackets of the whole. */
export type RoomYear = { name: string; begins: string; hours: number; gaps: Gap[]; pieces: string[] };

/**
 * Kept piece by piece, each a statement of its own: others come between.
 * @returns its id; null when the name is taken
 */
export async function insertRoom(db: Queries, { name, begins, hours, gaps, pieces }: RoomYear): Promise<string | null> {
	const { rows: taken } = await db.query('SELECT 1 FROM room_year WHERE name = $1', [name]);
	if (taken.length > 0) return null;
	const id = randomUUID();
	for (const [place, readings] of pieces.entries())
		await db.query('INSERT INTO room_piece (pieces, place, readings) VALUES ($1, $2, $3)', [id, place, readings]);
	const { rows } = await db.query<{ id: string }>(
		`INSERT INTO room_year (name, begins, hours, gaps, pieces) VALUES ($1, $2, $3, $4::jsonb, $5)
		 ON CONFLICT (name) DO NOTHING RETURNING id::text`,
		[name, begins, hours, JSON.stringify(gaps), id]
	);
	if (!rows[0]) await db.query('DELETE FROM room_piece WHERE pieces = $1', [id]);
	return rows[0]?.id ?? null;
}

const MOST_ROOMS = 200;

/** By name, without their readings. */
export async function selectRooms(db: Queries): Promise<ListedRoom[]> {
	const { rows } = await db.query<ListedRoom>(
		'SELECT id::text, name, begins, hours, gaps FROM room_year ORDER BY name LIMIT $1',
		[MOST_ROOMS]
	);
	return rows;
}

export type RoomHead = { name: string; begins: string; gaps: Gap[]; pieces: string };

export async function selectRoom(db: Queries, id: string): Promise<RoomHead | null> {
	const { rows } = await db.query<RoomHead>('SELECT name, begins, gaps, pieces::text FROM room_year WHERE id = $1', [id]);
	return rows[0] ?? null;
}

/** Its readings as JSON, piece by piece. */
export async function* roomPieces(db: Queries, pieces: string): AsyncGenerator<string, void> {
	for (let place = 0; ; place += 1) {
		const { rows } = await db.query<{ readings: string }>('SELECT readings FROM room_piece WHERE pieces = $1 AND place = $2', [
			pieces,
			place
		]);
		if (!rows[0]) return;
		yield rows[0].readings;
	}
}

/** Pieces of rooms that were never there as a whole and came before so many days. */
export async function deleteLoosePieces(db: Queries, days: number): Promise<void> {
	await db.query(
		`DELETE FROM room_piece WHERE at < now() - make_interval(days => $1)
		 AND NOT EXISTS (SELECT 1 FROM room_year WHERE room_year.pieces = room_piece.pieces)`,
		[days]
	);
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
