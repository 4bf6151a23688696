import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { drawingOf, type Sheet } from '$lib/server/drawings.ts';

export const GET: RequestHandler = async ({ params }) => {
	const drawn = await drawingOf(database(), params.number, params.sheet as Sheet, 'dxf');
	if (!drawn.ok) return respond(drawn.answer);
	const named = { 'content-disposition': `attachment; filename="${params.number}-${params.sheet}.dxf"` };
	return new Response(drawn.text, { headers: { 'content-type': 'image/vnd.dxf', 'cache-control': 'no-store', ...named } });
};

export const fallback = onlyMethods('GET');
