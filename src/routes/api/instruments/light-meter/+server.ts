import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { readMeter } from '$lib/server/instruments/light-meter.ts';
import { readJson } from '$lib/server/validation/body.ts';

export const POST: RequestHandler = async ({ request }) => {
	const read = await readJson(request);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	return respond(readMeter(read.body));
};

export const fallback = onlyMethods('POST');
