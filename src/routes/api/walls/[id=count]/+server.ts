import { call, revisionNamed, route } from '$lib/server/answer.ts';
import { json } from '$lib/server/validation/body.ts';
import { ofRevision } from '$lib/server/validation/query.ts';
import { deleteWall, getWall, putWall } from '$lib/server/walls.ts';

export const { GET, PUT, DELETE, fallback } = route({
	GET: call({ query: ofRevision, answer: ({ db, params, query }) => getWall(db, Number(params.id), query.rev) }),
	PUT: call({
		body: json(),
		answer: ({ db, params, body, headers }) => {
			const on = revisionNamed(headers, 3);
			return on.ok ? putWall(db, Number(params.id), body, on.value) : on.answer;
		}
	}),
	DELETE: call({ answer: ({ db, params }) => deleteWall(db, Number(params.id)) })
});
