/** Pictures of pieces: kept by the sum of their bytes, so that a job file can name one. */
import { createHash } from 'node:crypto';
import { insertPicture } from './db/pictures.ts';
import type { Database } from './db/database.ts';
import { faults, type Answer } from './answer.ts';

export const PICTURE_MOST = 8 * 1024 * 1024;

const STARTS: Record<string, (bytes: Uint8Array) => boolean> = {
	'image/png': (bytes) => Buffer.from(bytes.subarray(0, 8)).toString('hex') === '89504e470d0a1a0a',
	'image/jpeg': (bytes) => bytes[0] === 0xff && bytes[1] === 0xd8,
	'image/svg+xml': (bytes) => isQuietSvg(Buffer.from(bytes).toString('utf8'))
};

export async function postPicture(db: Database, type: string, bytes: Uint8Array): Promise<Answer> {
	const starts = STARTS[type];
	if (!starts) return faults(415, [{ path: '', says: 'Send a picture as image/png, image/jpeg or image/svg+xml.' }]);
	if (!starts(bytes))
		return faults(400, [{ path: '', says: `This is not a ${type} picture, or it contains scripts or outside parts.` }]);
	const sum = createHash('sha256').update(bytes).digest('hex');
	await insertPicture(db, sum, type, bytes);
	return { status: 201, body: { sum }, headers: { location: `/api/pictures/${sum}` } };
}

/** An SVG of shapes alone: it is shown as an image, where nothing runs, and is not kept when it asks for more. */
function isQuietSvg(text: string): boolean {
	return (
		/<svg[\s>]/.test(text) &&
		!/<\s*(script|foreignObject|iframe|use|image|style|animate|set)\b|\son\w+\s*=|href\s*=|<!DOCTYPE|<!ENTITY|<\?xml-stylesheet/i.test(
			text
		)
	);
}
