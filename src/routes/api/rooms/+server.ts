import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { database } from '$lib/server/db/connection.ts';
import { faults } from '$lib/server/jobs.ts';
import { getRooms, postLoggerFile, postRoom } from '$lib/server/rooms.ts';
import { readBytes, readJson } from '$lib/server/validation/body.ts';
import { CLIMATE_BODY_MOST } from '$lib/server/validation/climate.ts';

export const GET: RequestHandler = async () => respond(await getRooms(database()));

export const POST: RequestHandler = async ({ request, url }) => {
	if (/^text\/csv\b/i.test(request.headers.get('content-type') ?? '')) {
		const bytes = await readBytes(request, CLIMATE_BODY_MOST);
		if (!bytes)
			return respond(
				faults(413, [
					{ path: '', says: 'This is larger than 16 MB. Import it in Light and climate: there it is read as a stream.' }
				])
			);
		return respond(await postLoggerFile(database(), url.searchParams.get('name') ?? '', new TextDecoder().decode(bytes)));
	}
	const read = await readJson(request, CLIMATE_BODY_MOST);
	if (!read.ok) return respond({ status: read.status, body: { faults: read.faults } });
	return respond(await postRoom(database(), read.body));
};

export const fallback = onlyMethods('GET', 'POST');
