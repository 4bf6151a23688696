import { call, route } from '$lib/server/answer.ts';
import { json } from '$lib/server/validation/body.ts';
import { getWalls, postWalls } from '$lib/server/walls.ts';

export const { GET, POST, fallback } = route({
	GET: call({ answer: ({ db }) => getWalls(db) }),
	POST: call({ body: json(), answer: ({ db, body }) => postWalls(db, body) })
});
