/** The call for a wall: checks, looks up the jobs that hang on it, then the core. */
import type { JobFile } from '$core/job/definition.ts';
import { error } from '@sveltejs/kit';
import { readJobNumber, showJobNumber } from '$core/job/number.ts';
import type { JobState } from '$core/job/state.ts';
import type { JobPicture, WallFile } from '$core/wall/written.ts';
import { planWall } from '$core/wall/plan-wall.ts';
import { faults, type Answer } from './answer.ts';
import { database } from './db/connection.ts';
import type { Database } from './db/database.ts';
import { selectJob, selectJobs, type Asked } from './db/jobs.ts';
import { selectWall } from './db/walls.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { checkWall, jobsOn } from './validation/wall.ts';
import type { WallPiece } from './wall-piece.ts';

export async function postWall(db: Database, body: unknown): Promise<Answer> {
	const checked = checkWall(body, await picturesOf(db, jobsOn(body)));
	return checked.ok ? { status: 200, body: planWall(checked.wall, checked.unit) } : faults(400, checked.faults);
}

/** Jobs as they hang, by their number as it is written; those that there are not are missing. */
export async function picturesOf(db: Database, numbers: readonly string[]): Promise<Map<string, JobPicture>> {
	return new Map((await piecesOf(db, numbers)).map(({ number, picture }) => [number, picture]));
}

/** The same with their titles, drawn as they hang. */
export async function piecesOf(db: Database, numbers: readonly string[]): Promise<WallPiece[]> {
	const jobs: { number: string; file: JobFile }[] = [];
	for (const text of new Set(numbers)) {
		const number = readJobNumber(text);
		const found = number === null ? null : await selectJob(db, number, null);
		if (found) jobs.push({ number: text, file: found.spec });
	}
	if (jobs.length === 0) return [];
	const { written } = await shopNow(db);
	const done = await inThread('walled', { jobs, shop: written });
	if (!done.ok) throw new Error('The pictures of jobs could not be planned.');
	return done.gives;
}

/** So many open jobs are offered, the most pressing first; and of those that are in the ledger, the newest. */
const OFFERED = { open: 60, over: 30 };

export type WallPage = {
	id: number;
	name: string;
	rev: number;
	at: number;
	file: WallFile;
	pieces: WallPiece[];
	/** Of the pieces, numbers of those that were handed over. */
	over: string[];
};

/** What the screen of a wall opens with: what hangs there, and what could. @throws HttpError 404 for no such wall */
export async function wallPage(id: number): Promise<WallPage> {
	const db = database();
	const row = await selectWall(db, id);
	if (!row) error(404, 'There is no wall with that number.');
	const file = row.spec as WallFile;
	const offered = async (state: JobState, order: Asked['order'], most: number) => {
		const { jobs } = await selectJobs(db, { find: '', after: null, state, order });
		return jobs.slice(0, most).map(({ number }) => showJobNumber(number));
	};
	const [open, over] = await Promise.all([
		offered('open', 'pressing', OFFERED.open),
		offered('handed-over', 'newest', OFFERED.over)
	]);
	const pieces = await piecesOf(db, [...jobsOn(file), ...open, ...over]);
	return { id, name: row.name, rev: row.rev, at: row.at.getTime(), file, pieces, over };
}
