import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { getList, putList } from '$lib/server/shop.ts';
import { readJson } from '$lib/server/validation/body.ts';

export const GET: RequestHandler = async () => respond(await getList(database(), 'house'));

export const PUT: RequestHandler = async ({ request }) => {
	const read = await readJson(request);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	return respond(await putList(database(), 'house', read.body, request.headers.get('if-match')));
};

export const fallback = onlyMethods('GET', 'PUT');
