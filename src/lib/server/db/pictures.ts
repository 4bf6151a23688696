/** The table picture: every query on it. */
import type { Database } from './open.ts';

export type PictureRow = { type: string; bytes: Uint8Array };

export async function insertPicture(db: Database, sum: string, type: string, bytes: Uint8Array): Promise<void> {
	await db.query('INSERT INTO picture (sum, type, bytes) VALUES ($1, $2, $3) ON CONFLICT (sum) DO NOTHING', [sum, type, bytes]);
}

export async function selectPicture(db: Database, sum: string): Promise<PictureRow | null> {
	const { rows } = await db.query<PictureRow>('SELECT type, bytes FROM picture WHERE sum = $1', [sum]);
	return rows[0] ?? null;
}
