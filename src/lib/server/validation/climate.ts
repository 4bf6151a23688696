/** What `POST /api/climate` and `core climate` are given: a job file and a room, hour by hour. */
import Joi from 'joi';
import type { Reading } from '$core/stations/climate/rooms.ts';
import { readRoom } from '$core/stations/climate/readings.ts';
import type { Fault } from '$core/job/faults.ts';
import type { JobFile } from '$core/job/definition.ts';
import { checkJobFile } from './job-file.ts';

/** A year by five minutes is 3 MB. */
export const CLIMATE_BODY_MOST = 16 * 1024 * 1024;

const schema = Joi.object({ pack: Joi.any().required(), room: Joi.any().required() }).unknown(false).messages({
	'object.base': 'Must be a group of keys in curly brackets.',
	'any.required': 'This is missing.',
	'object.unknown': 'This key is not recognised. Use: pack, room.'
});

export type ClimateRequest = { pack: JobFile; room: Reading[] };

/** Every fault with its path: `pack.window.overlap`, `room[12][1]`. */
export function checkClimate(body: unknown): { ok: true; request: ClimateRequest } | { ok: false; faults: Fault[] } {
	const { error } = schema.validate(body, { abortEarly: false, convert: false });
	if (error) return { ok: false, faults: error.details.map((detail) => ({ path: detail.path.join('.'), says: detail.message })) };
	const { pack, room } = body as { pack: unknown; room: unknown };
	const job = checkJobFile(pack);
	const read = readRoom(room);
	if (job.ok && read.ok) return { ok: true, request: { pack: job.job, room: read.room } };
	const faults = job.ok ? [] : job.faults.map(({ path, says }) => ({ path: path === '' ? 'pack' : `pack.${path}`, says }));
	return { ok: false, faults: [...faults, ...(read.ok ? [] : read.faults)] };
}
