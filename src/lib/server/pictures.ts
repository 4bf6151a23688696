/** Pictures of pieces: kept by the sum of their bytes, so that a job file can name one. */
import { createHash } from 'node:crypto';
import { setImmediate } from 'node:timers/promises';
import { ownOf } from '$core/units/by-own-keys.ts';
import { insertPicture } from './db/pictures.ts';
import type { Database } from './db/database.ts';
import { faults, type Answer } from './answer.ts';
import { inThread } from './threads/pool.ts';

export const PICTURE_MOST = 8 * 1024 * 1024;

const SVG = 'image/svg+xml';
const STARTS: Record<string, (bytes: Uint8Array) => boolean> = {
	'image/png': (bytes) => Buffer.from(bytes.subarray(0, 8)).toString('hex') === '89504e470d0a1a0a',
	'image/jpeg': (bytes) => bytes[0] === 0xff && bytes[1] === 0xd8
};
/** Summed up so much at a time, others come between. */
const SUM_STEP = 1024 * 1024;

export async function postPicture(db: Database, type: string, bytes: Uint8Array): Promise<Answer> {
	const starts = ownOf(STARTS, type);
	if (type !== SVG && !starts)
		return faults(415, [{ path: '', says: 'Send a picture as image/png, image/jpeg or image/svg+xml.' }]);
	const looked = type === SVG ? await inThread('quietSvg', { bytes }) : { ok: true as const, gives: starts?.(bytes) };
	if (!looked.ok) return looked.answer;
	if (!looked.gives)
		return faults(400, [{ path: '', says: `This is not a ${type} picture, or it contains scripts or outside parts.` }]);
	const sum = await sumOf(bytes);
	await insertPicture(db, sum, type, bytes);
	return { status: 201, body: { sum }, headers: { location: `/api/pictures/${sum}` } };
}

/** SHA-256, in hexadecimal. */
async function sumOf(bytes: Uint8Array): Promise<string> {
	const hash = createHash('sha256');
	for (let at = 0; at < bytes.length; at += SUM_STEP) {
		hash.update(bytes.subarray(at, at + SUM_STEP));
		await setImmediate();
	}
	return hash.digest('hex');
}
