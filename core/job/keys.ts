/** Where the parts of a piece and its window stand in a job file, alone or among several. */
import type { JobFile } from './definition.ts';
import type { Key } from './patch.ts';

/** Where the window of a sight stands in the job file. */
export function windowKeys({ number }: { number: number | null }): Key[] {
	return number === null ? ['window'] : ['window', 'openings', number - 1];
}

/** Where a part of the piece stands in the file: with its opening, or with what all pieces share. */
export function pieceKeys(file: JobFile, number: number | null, part: string): Key[] {
	if (number === null) return ['piece'];
	const own = ['window', 'openings', number - 1, 'piece'];
	const opening = file.window?.openings?.[number - 1]?.piece as Record<string, unknown> | undefined;
	const shared = file.piece as Record<string, unknown> | undefined;
	return opening?.[part] === undefined && shared?.[part] !== undefined ? ['piece'] : own;
}
