import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';

export const GET: RequestHandler = async () => {
	await database().query('SELECT 1');
	return respond({ status: 200, body: { ok: true } });
};

export const fallback = onlyMethods('GET');
