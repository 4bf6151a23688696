import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { climateOfBody } from '$lib/server/climate.ts';
import { database } from '$lib/server/db/connection.ts';
import { shopOf } from '$lib/server/shop.ts';
import { readJson } from '$lib/server/validation/body.ts';
import { CLIMATE_BODY_MOST } from '$lib/server/validation/climate.ts';

export const POST: RequestHandler = async ({ request }) => {
	const read = await readJson(request, CLIMATE_BODY_MOST);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	return respond(climateOfBody(read.body, await shopOf(database())));
};

export const fallback = onlyMethods('POST');
