import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { planned } from '$lib/server/jobs.ts';
import { shopOf } from '$lib/server/shop.ts';
import { readJson } from '$lib/server/validation/body.ts';

export const POST: RequestHandler = async ({ request }) => {
	const read = await readJson(request);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	const result = planned(read.body, await shopOf(database()));
	return respond(result.ok ? { status: 200, body: result.plan } : result.answer);
};

export const fallback = onlyMethods('POST');
