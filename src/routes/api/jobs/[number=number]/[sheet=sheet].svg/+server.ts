import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { drawingOf, type Sheet } from '$lib/server/drawings.ts';

export const GET: RequestHandler = async ({ params }) => {
	const drawn = await drawingOf(database(), params.number, params.sheet as Sheet, 'svg');
	if (!drawn.ok) return respond(drawn.answer);
	return new Response(drawn.text, { headers: { 'content-type': 'image/svg+xml', 'cache-control': 'no-store' } });
};

export const fallback = onlyMethods('GET');
