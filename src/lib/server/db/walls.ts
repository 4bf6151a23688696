/** The tables wall and wall_revision: every query on them. */
import { announce, type Database, type Queries } from './database.ts';
import { nth } from '$core/units/there.ts';

/** As it is kept: a wall file, read and checked before. */
export type WallRow = { id: number; name: string; rev: number; at: Date; spec: unknown };
export type ListedWall = Omit<WallRow, 'spec'> & { width: number; height: number; pictures: number };

const tell = (tx: Queries, wall: number, rev: number): Promise<void> =>
	announce(tx, JSON.stringify({ list: `wall ${wall}`, rev }));

export async function insertWall(db: Database, name: string, spec: unknown): Promise<{ id: number; rev: number }> {
	return db.transaction(async (tx) => {
		const { rows } = await tx.query<{ id: number }>('INSERT INTO wall (name, head_rev) VALUES ($1, 1) RETURNING id::int', [name]);
		const { id } = nth(rows, 0);
		await tx.query('INSERT INTO wall_revision (wall_id, rev, spec) VALUES ($1, 1, $2::jsonb)', [id, JSON.stringify(spec)]);
		return { id, rev: 1 };
	});
}

/** @param rev null: the latest */
export async function selectWall(db: Queries, id: number, rev: number | null = null): Promise<WallRow | null> {
	const { rows } = await db.query<WallRow>(
		`SELECT wall.id::int, name, wall_revision.rev, wall_revision.at, spec FROM wall
		 JOIN wall_revision ON wall_id = wall.id AND rev = coalesce($2, head_rev) WHERE wall.id = $1`,
		[id, rev]
	);
	return rows[0] ?? null;
}

/** A new revision on top of `from`; where another came between, that one; null for no such wall. */
export async function insertWallRevision(
	db: Database,
	id: number,
	from: number,
	name: string,
	spec: unknown
): Promise<{ kind: 'kept'; rev: number } | { kind: 'conflict'; rev: number } | null> {
	return db.transaction(async (tx) => {
		const { rows } = await tx.query<{ rev: number }>(
			'SELECT head_rev AS rev FROM wall WHERE id = $1 AND NOT put_away FOR UPDATE',
			[id]
		);
		const head = rows[0]?.rev;
		if (head === undefined) return null;
		if (head !== from) return { kind: 'conflict' as const, rev: head };
		await tx.query('INSERT INTO wall_revision (wall_id, rev, spec) VALUES ($1, $2, $3::jsonb)', [
			id,
			from + 1,
			JSON.stringify(spec)
		]);
		await tx.query('UPDATE wall SET head_rev = $2, name = $3 WHERE id = $1', [id, from + 1, name]);
		await tell(tx, id, from + 1);
		return { kind: 'kept' as const, rev: from + 1 };
	});
}

/** Off the list, or on it again. @returns false for no such wall */
export async function putWallAway(db: Queries, id: number, away: boolean): Promise<boolean> {
	const { rows } = await db.query('UPDATE wall SET put_away = $2 WHERE id = $1 RETURNING id', [id, away]);
	return rows.length > 0;
}

const MOST = 200;

/** The newest first. */
export async function selectWalls(db: Queries): Promise<ListedWall[]> {
	const { rows } = await db.query<ListedWall>(
		`SELECT wall.id::int, name, wall_revision.rev, wall_revision.at, (spec #>> '{wall,width}')::float8 AS width,
		   (spec #>> '{wall,height}')::float8 AS height, jsonb_array_length(spec -> 'pictures') AS pictures
		 FROM wall JOIN wall_revision ON wall_id = wall.id AND rev = head_rev WHERE NOT put_away ORDER BY -wall.id LIMIT $1`,
		[MOST]
	);
	return rows;
}
