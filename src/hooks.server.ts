import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { faults, respond } from '$lib/server/answer.ts';
import { connect, database, disconnect } from '$lib/server/db/connection.ts';
import { markEnding } from '$lib/server/db/lock.ts';
import { followCutters } from '$lib/server/cutter.ts';
import { tellChanges } from '$lib/server/changes.ts';
import { endStreams } from '$lib/server/events.ts';
import { keepStandingsTrue } from '$lib/server/standing.ts';
import { LOOK, lookFrom } from '$lib/ui/look.ts';
import { log, loggable } from '$lib/server/log.ts';
import { answered } from '$lib/server/metrics.ts';
import { keepTidy } from '$lib/server/tidy.ts';
import { databaseWhere } from '$lib/server/settings.ts';
import { stopThreads } from '$lib/server/threads/pool.ts';

export const init: ServerInit = async () => {
	const where = databaseWhere();
	await connect(where, (error) => log.warn({ err: loggable(error) }, 'a connection to the database broke off'));
	await tellChanges(database());
	const stops = [keepTidy(database()), keepStandingsTrue(database())];
	await followCutters(database());
	// Sent as soon as the server is asked to stop: what is under way is still answered.
	process.on('rare-keep:stopping', () => {
		if ('folder' in where) markEnding(where.folder);
		for (const stop of stops) stop();
		endStreams();
	});
	// Sent once no request is under way any more.
	process.on('sveltekit:shutdown', () => void Promise.all([stopThreads(), disconnect()]));
	process.on('rare-keep:answered', (request: Answered) => {
		answered(request);
		log.info(request, 'answered');
	});
};

type Answered = { id: string; method: string; path: string; status: number; ms: number };

const SECURITY: Record<string, string> = {
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()'
};
const NOTHING = "default-src 'none'; frame-ancestors 'none'";

export const handle: Handle = async ({ event, resolve }) => {
	const response = isForeignWrite(event.request)
		? respond(faults(403, [{ path: 'Origin', says: 'Another site may not write here.' }]))
		: await resolve(event, { transformPageChunk: ({ html }) => html.replace('%look%', lookFrom(event.cookies.get(LOOK)) ?? '') });
	for (const [name, value] of Object.entries(SECURITY)) response.headers.set(name, value);
	if (!response.headers.has('content-security-policy')) response.headers.set('content-security-policy', NOTHING);
	return response;
};

/** No other web page can store jobs here: a browser says where a write comes from. */
function isForeignWrite(request: Request): boolean {
	if (request.method === 'GET' || request.method === 'HEAD') return false;
	const origin = request.headers.get('origin');
	if (origin === null) return false;
	return !URL.canParse(origin) || new URL(origin).host !== request.headers.get('host');
}

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status === 404) return { message: 'Nothing at this address.' };
	if (status < 500) return { message };
	log.error({ err: loggable(error), id: event.request.headers.get('x-request-id'), path: event.url.pathname }, 'failed');
	return { message: 'Something went wrong here. Saved work is safe; what you typed is still in this browser.' };
};
