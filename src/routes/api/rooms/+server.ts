import Joi from 'joi';
import { call, route } from '$lib/server/answer.ts';
import { getRooms, postLoggerFile, postRoom } from '$lib/server/rooms.ts';
import { bytes, json, type ReadBody } from '$lib/server/validation/body.ts';
import { CLIMATE_BODY_MOST } from '$lib/server/validation/climate.ts';

const named = Joi.object<{ name: string }>({
	name: Joi.string().allow('').max(80).default('').messages({ '*': 'Name the room in 1 to 80 letters: ?name=Loft.' })
});
const csv = bytes(CLIMATE_BODY_MOST, 'This is larger than 16 MB. Import it in Light and climate: there it is read as a stream.');

/** A logger's file as it is, or a room as JSON. */
async function body(request: Request): Promise<ReadBody> {
	return /^text\/csv\b/i.test(request.headers.get('content-type') ?? '') ? csv(request) : json(CLIMATE_BODY_MOST)(request);
}

export const { GET, POST, fallback } = route({
	GET: call({ answer: ({ db }) => getRooms(db) }),
	POST: call({
		query: named,
		body,
		answer: ({ db, query, body: sent }) =>
			sent instanceof Uint8Array ? postLoggerFile(db, query.name, sent) : postRoom(db, sent)
	})
});
