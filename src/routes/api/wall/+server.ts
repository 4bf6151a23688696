import { call, route } from '$lib/server/answer.ts';
import { json } from '$lib/server/validation/body.ts';
import { postWall } from '$lib/server/wall.ts';

export const { POST, fallback } = route({
	POST: call({ keepsNothing: true, body: json(), answer: ({ db, body }) => postWall(db, body) })
});
