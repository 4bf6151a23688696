/** The table shop_list: every query on it. */
import type { Database } from './open.ts';

export type ShopList = { rev: number; items: unknown };

/** The list as the shop set it; null while it is as it came. */
export async function selectList(db: Database, name: string): Promise<ShopList | null> {
	const { rows } = await db.query<ShopList>('SELECT rev, items FROM shop_list WHERE name = $1', [name]);
	return rows[0] ?? null;
}

/** Keeps a list on top of revision `on`; null when it stands at another by now. */
export async function keepList(db: Database, name: string, items: unknown, on: number): Promise<number | null> {
	const { rows } = await db.query<{ rev: number }>(
		`INSERT INTO shop_list (name, rev, items) SELECT $1, 1, $2::jsonb WHERE $3 = 0
		 ON CONFLICT (name) DO NOTHING RETURNING rev`,
		[name, JSON.stringify(items), on]
	);
	if (rows[0]) return rows[0].rev;
	const { rows: next } = await db.query<{ rev: number }>(
		'UPDATE shop_list SET rev = rev + 1, items = $2::jsonb, at = now() WHERE name = $1 AND rev = $3 RETURNING rev',
		[name, JSON.stringify(items), on]
	);
	return next[0]?.rev ?? null;
}
