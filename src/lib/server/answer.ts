/** From an answer to a response, and what every call shares: methods that are not known here. */
import type { RequestHandler } from '@sveltejs/kit';
import { faults, type Answer } from './jobs.ts';

export function respond({ status, body, headers }: Answer): Response {
	return new Response(JSON.stringify(body), {
		status,
		headers: { 'content-type': 'application/json', 'cache-control': 'no-store', ...headers }
	});
}

/** For `export const fallback`: 405 with the methods that there are. */
export function onlyMethods(...methods: string[]): RequestHandler {
	return ({ request }) =>
		respond(
			faults(405, [{ path: '', says: `${request.method} is not known here. Known: ${methods.join(', ')}.` }], {
				allow: methods.join(', ')
			})
		);
}
