import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { cutListOf } from '$lib/server/drawings.ts';

export const GET: RequestHandler = async ({ params }) => {
	const list = await cutListOf(database(), params.number);
	if (!list.ok) return respond(list.answer);
	const headers = {
		'content-type': 'text/csv; charset=utf-8',
		'content-disposition': `attachment; filename="${params.number}-cut.csv"`,
		'cache-control': 'no-store'
	};
	return new Response(list.text, { headers });
};

export const fallback = onlyMethods('GET');
