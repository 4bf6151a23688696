/** The table picture: every query on it. */
import type { Queries } from './database.ts';

export type PictureRow = { type: string; bytes: Uint8Array };

export async function insertPicture(db: Queries, sum: string, type: string, bytes: Uint8Array): Promise<void> {
	await db.query('INSERT INTO picture (sum, type, bytes) VALUES ($1, $2, $3) ON CONFLICT (sum) DO NOTHING', [sum, type, bytes]);
}

export async function selectPicture(db: Queries, sum: string): Promise<PictureRow | null> {
	const { rows } = await db.query<PictureRow>('SELECT type, bytes FROM picture WHERE sum = $1', [sum]);
	return rows[0] ?? null;
}

/** Clears away pictures that no revision of any job and no run at the bench names and that came before so many days. @returns how many went */
export async function deleteUnnamedPictures(db: Queries, days: number): Promise<number> {
	const { rows } = await db.query(
		`DELETE FROM picture WHERE at < now() - make_interval(days => $1)
		 AND NOT EXISTS (SELECT 1 FROM job_picture WHERE job_picture.sum = picture.sum)
		 AND NOT EXISTS (SELECT 1 FROM bench_event WHERE kind = 'photographed' AND deed ->> 'picture' = picture.sum) RETURNING sum`,
		[days]
	);
	return rows.length;
}
