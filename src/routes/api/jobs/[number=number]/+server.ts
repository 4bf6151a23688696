import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { shopOf } from '$lib/server/shop.ts';
import { database } from '$lib/server/db/connection.ts';
import { getJob, putJob } from '$lib/server/jobs.ts';
import { readJson } from '$lib/server/validation/body.ts';

export const GET: RequestHandler = async ({ params, url }) =>
	respond(await getJob(database(), params.number, url.searchParams.get('rev'), await shopOf(database())));

export const PUT: RequestHandler = async ({ params, request, url }) => {
	const read = await readJson(request);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	return respond(
		await putJob(
			database(),
			params.number,
			read.body,
			request.headers.get('if-match'),
			url.searchParams.get('reason') ?? '',
			await shopOf(database())
		)
	);
};

export const fallback = onlyMethods('GET', 'PUT');
