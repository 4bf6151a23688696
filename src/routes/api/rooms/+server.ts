import Joi from 'joi';
import { call, route } from '$lib/server/answer.ts';
import { getRooms, postLoggerFile, postRoom } from '$lib/server/rooms.ts';
import { bytes, writtenJson } from '$lib/server/validation/body.ts';
import { CLIMATE_BODY_MOST } from '$lib/server/validation/climate.ts';

const named = Joi.object<{ name: string }>({
	name: Joi.string().allow('').max(80).default('').messages({ '*': 'Name the room in 1 to 80 letters: ?name=Loft.' })
});
const csv = bytes(CLIMATE_BODY_MOST, 'This is larger than 16 MB. Import it in Light and climate: there it is read as a stream.');

const written = writtenJson(CLIMATE_BODY_MOST);
const isCsv = (headers: Headers): boolean => /^text\/csv\b/i.test(headers.get('content-type') ?? '');

export const { GET, POST, fallback } = route({
	GET: call({ answer: ({ db }) => getRooms(db) }),
	POST: call({
		query: named,
		/** A logger's file as it is, or a room as JSON. */
		body: (request) => (isCsv(request.headers) ? csv(request) : written(request)),
		answer: ({ db, query, headers, body }) => (isCsv(headers) ? postLoggerFile(db, query.name, body) : postRoom(db, body))
	})
});
