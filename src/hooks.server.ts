import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { AWAY, faults, respond, TRY_AGAIN } from '$lib/server/answer.ts';
import { connect, database, disconnect } from '$lib/server/db/connection.ts';
import { markEnding } from '$lib/server/db/lock.ts';
import { followCutters } from '$lib/server/cutter.ts';
import { onChange, tellChanges } from '$lib/server/changes.ts';
import { endStreams } from '$lib/server/events.ts';
import { keepStandingsTrue } from '$lib/server/standing.ts';
import { LOOK, lookFrom } from '$lib/ui/look.ts';
import { connectionClosed } from '$lib/server/left.ts';
import { isOfDatabase, log, loggable, loggablePath } from '$lib/server/log.ts';
import { answered } from '$lib/server/metrics.ts';
import { keepTidy } from '$lib/server/tidy.ts';
import { databaseWhere, ownOrigin } from '$lib/server/settings.ts';
import { stopThreads } from '$lib/server/threads/pool.ts';

export const init: ServerInit = async () => {
	const where = databaseWhere();
	await connect(where, (error) => log.warn({ err: loggable(error) }, 'a connection to the database broke off'));
	await tellChanges(database());
	const stops = [keepTidy(database()), keepStandingsTrue(database())];
	const follow = () => followCutters(database());
	await follow();
	onChange((change) => {
		if ('away' in change && !change.away)
			follow().catch((error: unknown) => log.warn({ err: loggable(error) }, 'a cutter could not be followed'));
	});
	// Sent as soon as the server is asked to stop: what is under way is still answered.
	process.on('rare-keep:stopping', () => {
		if ('folder' in where) markEnding(where.folder);
		for (const stop of stops) stop();
		endStreams();
	});
	// Sent once no request is under way any more.
	process.on('sveltekit:shutdown', () => void Promise.all([stopThreads(), disconnect()]));
	process.on('uncaughtException', (error) => endBy(error));
	process.on('unhandledRejection', (error) => {
		// A connection that broke where nobody waited for it: the next request makes another.
		if (isOfDatabase(error)) log.warn({ err: loggable(error) }, 'a connection to the database broke off');
		else endBy(error);
	});
	process.on('rare-keep:answered', (request: Answered) => {
		connectionClosed(request.id);
		answered(request);
		log.info({ ...request, path: loggablePath(request.path) }, 'answered');
	});
};

/** What nobody caught leaves the process as nobody knows: it ends, and the log says of what. */
function endBy(error: unknown): void {
	log.fatal({ err: loggable(error) }, 'ended by a fault that nothing caught');
	process.exit(1);
}

type Answered = { id: string; method: string; path: string; status: number; ms: number };

const NOTHING = "default-src 'none'; frame-ancestors 'none'";

export const handle: Handle = async ({ event, resolve }) => {
	let response = isForeignWrite(event.request)
		? respond(faults(403, [{ path: 'Origin', says: 'Another site may not write here.' }]))
		: await resolve(event, { transformPageChunk: ({ html }) => html.replace('%look%', lookFrom(event.cookies.get(LOOK)) ?? '') });
	// A page that the database could not fill is no fault of the program.
	if (event.locals.isAway && response.status === 500)
		response = new Response(response.body, { status: 503, headers: { ...Object.fromEntries(response.headers), ...TRY_AGAIN } });
	if (!response.headers.has('content-security-policy')) response.headers.set('content-security-policy', NOTHING);
	if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'private, no-cache');
	return response;
};

/** No other web page can store jobs here: a browser says where a write comes from, by which protocol too. */
function isForeignWrite(request: Request): boolean {
	if (request.method === 'GET' || request.method === 'HEAD') return false;
	const origin = request.headers.get('origin');
	return origin !== null && origin !== (ownOrigin() ?? `http://${request.headers.get('host')}`);
}

let isEnding = false;

function endWithoutBuild(): void {
	if (isEnding) return;
	isEnding = true;
	log.fatal('The built program was taken away while it ran. It ends; start it again, which builds it anew.');
	process.kill(process.pid, 'SIGTERM');
}

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status === 404) return { message: 'Nothing at this address.' };
	if (status < 500) return { message };
	log.error(
		{ err: loggable(error), id: event.request.headers.get('x-request-id'), path: loggablePath(event.url.pathname) },
		'failed'
	);
	// Its parts are read as they are wanted: without them nothing here works any more.
	if ((error as { code?: unknown } | null)?.code === 'ERR_MODULE_NOT_FOUND') endWithoutBuild();
	if (isOfDatabase(error)) {
		event.locals.isAway = true;
		return { message: AWAY };
	}
	return { message: 'Something went wrong here. Saved work is safe; what you typed is still in this browser.' };
};
