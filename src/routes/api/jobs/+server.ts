import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { selectJobs } from '$lib/server/db/jobs.ts';
import { postJob } from '$lib/server/jobs.ts';
import { shopOf } from '$lib/server/shop.ts';
import { readJson } from '$lib/server/validation/body.ts';

export const GET: RequestHandler = async ({ url }) => {
	const { jobs, next } = await selectJobs(
		database(),
		(url.searchParams.get('find') ?? '').slice(0, 200),
		(url.searchParams.get('after') ?? '').slice(0, 20)
	);
	return respond({ status: 200, body: { jobs: jobs.map(({ spec: _, ...job }) => job), next } });
};

export const POST: RequestHandler = async ({ request, url }) => {
	const read = await readJson(request);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	return respond(await postJob(database(), read.body, url.searchParams.get('number'), await shopOf(database())));
};

export const fallback = onlyMethods('GET', 'POST');
