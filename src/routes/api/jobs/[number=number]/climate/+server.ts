import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { getClimates, postClimate } from '$lib/server/rooms.ts';
import { readJson } from '$lib/server/validation/body.ts';

export const GET: RequestHandler = async ({ params }) => respond(await getClimates(database(), params.number));

export const POST: RequestHandler = async ({ params, request }) => {
	const read = await readJson(request);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	return respond(await postClimate(database(), params.number, read.body));
};

export const fallback = onlyMethods('GET', 'POST');
