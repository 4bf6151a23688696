/** Whether a job asks for so much that its plan takes longer than one request may hold up the others. */
import type { JobFile } from './definition.ts';

/** Lists of more than so many things; ordinary work has five or six. */
const MANY = 12;

export function isCostly(file: JobFile): boolean {
	const openings = file.window?.openings ?? [];
	const zones = [file.piece, ...openings.map((opening) => opening.piece)].map((piece) => piece?.zones?.length ?? 0);
	const lists = [file.mats, file.guard?.fillers, openings].map((list) => list?.length ?? 0);
	return [...lists, zones.reduce((sum, count) => sum + count, 0)].some((count) => count > MANY);
}
