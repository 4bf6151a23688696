import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { respond } from '$lib/server/answer.ts';
import { connect, disconnect } from '$lib/server/db/connection.ts';
import { faults } from '$lib/server/jobs.ts';
import { log } from '$lib/server/log.ts';

export const init: ServerInit = async () => {
	await connect(process.env.DATA_DIR ?? './data', process.env.FRESH === '1');
	// Sent once no request is under way any more.
	process.on('sveltekit:shutdown', () => void disconnect());
};

const SECURITY: Record<string, string> = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()'
};
const NOTHING = "default-src 'none'; frame-ancestors 'none'";

export const handle: Handle = async ({ event, resolve }) => {
	const started = performance.now();
	const response = isForeignWrite(event.request)
		? respond(faults(403, [{ path: 'Origin', says: 'Another site may not write here.' }]))
		: await resolve(event);
	for (const [name, value] of Object.entries(SECURITY)) response.headers.set(name, value);
	if (!response.headers.has('content-security-policy')) response.headers.set('content-security-policy', NOTHING);
	log.info({
		method: event.request.method,
		path: event.url.pathname,
		status: response.status,
		ms: Math.round(performance.now() - started)
	});
	return response;
};

/** No other web page can store jobs here: a browser says where a write comes from. */
function isForeignWrite(request: Request): boolean {
	if (request.method === 'GET' || request.method === 'HEAD') return false;
	const origin = request.headers.get('origin');
	if (origin === null) return false;
	return !URL.canParse(origin) || new URL(origin).host !== request.headers.get('host');
}

export const handleError: HandleServerError = ({ error, event, status }) => {
	if (status === 404) return { message: 'There is nothing at this address.' };
	log.error({ error, path: event.url.pathname });
	return { message: 'Something went wrong here. Nothing that was kept is lost; what you typed is still in this browser.' };
};
