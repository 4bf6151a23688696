/** The table shop_list: every query on it. */
import { announce, type Database, type Queries } from './database.ts';

export type ShopList = { rev: number; items: unknown };

/** The lists that the shop set, by name; one that is as it came is not there. */
export async function selectLists(db: Queries): Promise<Map<string, ShopList>> {
	const { rows } = await db.query<ShopList & { name: string }>('SELECT name, rev, items FROM shop_list');
	return new Map(rows.map(({ name, rev, items }) => [name, { rev, items }]));
}

/**
 * Keeps a list on top of revision `on`; null when it stands at another by now.
 * @param also what belongs to it, kept with it or not at all
 */
export async function keepList(
	db: Database,
	name: string,
	items: unknown,
	on: number,
	also?: (tx: Queries) => Promise<void>
): Promise<number | null> {
	return db.transaction(async (tx) => {
		const values = [name, JSON.stringify(items), on];
		const { rows: first } = await tx.query<{ rev: number }>(
			`INSERT INTO shop_list (name, rev, items) SELECT $1, 1, $2::jsonb WHERE $3::integer = 0
			 ON CONFLICT (name) DO NOTHING RETURNING rev`,
			values
		);
		const { rows: next } = first[0]
			? { rows: first }
			: await tx.query<{ rev: number }>(
					'UPDATE shop_list SET rev = rev + 1, items = $2::jsonb, at = now() WHERE name = $1 AND rev = $3 RETURNING rev',
					values
				);
		if (!next[0]) return null;
		await also?.(tx);
		await announce(tx, JSON.stringify({ list: name, rev: next[0].rev }));
		return next[0].rev;
	});
}
