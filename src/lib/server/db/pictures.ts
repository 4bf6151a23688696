/** The tables picture and picture_piece: every query on them. A picture is there once all of it is. */
import type { Queries } from './database.ts';

export type PictureRow = { type: string; size: number };

/** One statement with so many bytes takes milliseconds, on the embedded database too. */
const PIECE = 128 * 1024;

/** Kept in pieces, each a statement of its own: others come between. What was begun and given up is cleared away one day. */
export async function insertPicture(db: Queries, sum: string, type: string, bytes: Uint8Array): Promise<void> {
	const { rows } = await db.query('SELECT 1 FROM picture WHERE sum = $1', [sum]);
	if (rows.length > 0) return;
	for (let place = 0; place * PIECE < bytes.length; place += 1)
		await db.query(
			'INSERT INTO picture_piece (sum, place, bytes) VALUES ($1, $2, $3) ON CONFLICT (sum, place) DO UPDATE SET at = now()',
			[sum, place, bytes.subarray(place * PIECE, (place + 1) * PIECE)]
		);
	await db.query('INSERT INTO picture (sum, type, size) VALUES ($1, $2, $3) ON CONFLICT (sum) DO NOTHING', [
		sum,
		type,
		bytes.length
	]);
}

export async function selectPicture(db: Queries, sum: string): Promise<PictureRow | null> {
	const { rows } = await db.query<PictureRow>('SELECT type, size FROM picture WHERE sum = $1', [sum]);
	return rows[0] ?? null;
}

/** The bytes of a picture, piece by piece. */
export async function* picturePieces(db: Queries, sum: string, size: number): AsyncGenerator<Uint8Array, void> {
	for (let place = 0; place * PIECE < size; place += 1) {
		const { rows } = await db.query<{ bytes: Uint8Array }>('SELECT bytes FROM picture_piece WHERE sum = $1 AND place = $2', [
			sum,
			place
		]);
		if (!rows[0]) throw new Error(`A picture lacks its piece ${place}.`);
		yield rows[0].bytes;
	}
}

/** Of these pictures, those that are there. */
export async function selectPicturesThere(db: Queries, sums: readonly string[]): Promise<Set<string>> {
	const { rows } = await db.query<{ sum: string }>('SELECT sum FROM picture WHERE sum = ANY($1::text[])', [sums]);
	return new Set(rows.map(({ sum }) => sum));
}

/**
 * Clears away pictures that no revision of any job and no run at the bench names and that came before so many days, and pieces of what
 * was never there as a whole. @returns how many pictures went
 */
export async function deleteUnnamedPictures(db: Queries, days: number): Promise<number> {
	const { rows } = await db.query(
		`DELETE FROM picture WHERE at < now() - make_interval(days => $1)
		 AND NOT EXISTS (SELECT 1 FROM job_picture WHERE job_picture.sum = picture.sum)
		 AND NOT EXISTS (SELECT 1 FROM bench_event WHERE kind = 'photographed' AND deed ->> 'picture' = picture.sum) RETURNING sum`,
		[days]
	);
	await db.query(
		`DELETE FROM picture_piece WHERE at < now() - make_interval(days => $1)
		 AND NOT EXISTS (SELECT 1 FROM picture WHERE picture.sum = picture_piece.sum)`,
		[days]
	);
	return rows.length;
}
