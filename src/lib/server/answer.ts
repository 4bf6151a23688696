/** What a call answers, and the one helper by which every route reads its query and body, answers, and knows its methods. */
import type { RequestEvent, RequestHandler } from '@sveltejs/kit';
import type Joi from 'joi';
import type { Fault } from '$core/job/faults.ts';
import { database } from './db/connection.ts';
import type { Database } from './db/database.ts';
import { readQuery } from './validation/query.ts';
import { leftBy } from './left.ts';
import { fullSays, spaceNow, whyFull } from './space.ts';
import { isOfDatabase, isOfFullDisk, log, loggable, loggablePath } from './log.ts';
import type { Refused } from './validation/body.ts';

export type Answer = { status: number; body: unknown; headers?: Record<string, string> };
/** A text that is an answer's JSON already: a plan made in a thread. */
export class WrittenJson {
	constructor(readonly text: string) {}
}

export const notFound: Answer = faults(404, [{ path: '', says: 'Not found.' }]);

export function faults(status: number, list: Fault[], headers?: Record<string, string>): Answer {
	return { status, body: { faults: list }, headers };
}

export function respond({ status, body, headers }: Answer): Response {
	const text = body instanceof WrittenJson ? body.text : JSON.stringify(body);
	return new Response(text, {
		status,
		headers: { 'content-type': 'application/json', 'cache-control': 'no-store', ...headers }
	});
}

/** A file to be looked at or saved. */
export function file(text: string, type: string, name?: string): Response {
	const headers = { 'content-type': type, 'cache-control': 'no-store' };
	return new Response(text, {
		headers: name ? { ...headers, 'content-disposition': `attachment; filename="${name}"` } : headers
	});
}

/** While the database is away, in calls and on pages. */
export const AWAY = 'The database does not answer. Saved work is safe; try again in a moment.';
export const TRY_AGAIN = { 'retry-after': '2' };

/** The value, or what to answer in its place. */
export type Got<T> = { ok: true; value: T } | { ok: false; answer: Answer };

export type Asked<Query, Body> = {
	db: Database;
	params: Record<string, string>;
	query: Query;
	body: Body;
	headers: Headers;
	url: URL;
	/** Told once whoever asked has gone. */
	left: AbortSignal;
	/** The address from which it is asked. */
	from: () => string;
};
type Call = (event: RequestEvent) => Promise<Response>;
type Says = Answer | Response;

/**
 * One method of a route.
 * @param of.query what may stand behind the `?`; another key, or a value that can’t be meant, is a 400
 * @param of.body how the body is read; without it none is
 */
export function call<Query = unknown, Body = undefined>(of: {
	query?: Joi.ObjectSchema<Query>;
	body?: (request: Request) => Promise<{ ok: true; body: Body } | Refused>;
	/** A call but GET that only computes. */
	keepsNothing?: true;
	answer: (asked: Asked<Query, Body>) => Says | Promise<Says>;
}): Call {
	return async ({ request, url, params, getClientAddress }) => {
		const query = readQuery(url, of.query);
		if (!query.ok) return respond(faults(400, query.faults));
		const body = of.body && (await of.body(request));
		if (body && !body.ok) return respond(faults(body.status, body.faults));
		const full = request.method === 'GET' || of.keepsNothing ? null : await whyFull();
		if (full) return respond(faults(507, [{ path: '', says: full }]));
		const asking = leftBy(request.headers.get('x-request-id'));
		try {
			const says = await of.answer({
				db: database(),
				params: params,
				query: query.value,
				body: body?.body as Body,
				headers: request.headers,
				url,
				left: asking.left,
				from: getClientAddress
			});
			return says instanceof Response ? says : respond(says);
		} catch (error) {
			return respond(await failed(error, request, url));
		} finally {
			asking.done();
		}
	};
}

/** Written down with the id of its request; whoever asked is told that, and nothing of what went wrong inside. */
async function failed(error: unknown, request: Request, { pathname }: URL): Promise<Answer> {
	const id = request.headers.get('x-request-id');
	log.error({ err: loggable(error), id, path: loggablePath(pathname) }, 'failed');
	if (isOfFullDisk(error)) return faults(507, [{ path: '', says: fullSays(await spaceNow()) }]);
	if (isOfDatabase(error)) return faults(503, [{ path: '', says: AWAY }], TRY_AGAIN);
	return faults(500, [{ path: '', says: `Something went wrong here. Saved work is safe. Logged as ${id ?? 'unknown'}.` }]);
}

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** The methods of a route; any other is answered 405, with those that there are. */
export function route<M extends Method>(calls: Record<M, Call>): Record<M, RequestHandler> & { fallback: RequestHandler } {
	const allow = Object.keys(calls).join(', ');
	const fallback: RequestHandler = ({ request }) =>
		respond(faults(405, [{ path: '', says: `${request.method} is not recognised. Use: ${allow}.` }], { allow }));
	return { ...(calls as Record<M, RequestHandler>), fallback };
}

/** The revision that If-Match names. */
export function revisionNamed(headers: Headers, example: number): Got<number> {
	const ifMatch = headers.get('if-match');
	if (ifMatch === null)
		return {
			ok: false,
			answer: faults(428, [{ path: 'If-Match', says: `State the revision you started from: If-Match: "${example}".` }])
		};
	const match = /^"(\d{1,9})"$/.exec(ifMatch);
	return match
		? { ok: true, value: Number(match[1]) }
		: { ok: false, answer: faults(400, [{ path: 'If-Match', says: `Enter one quoted number, such as "${example}".` }]) };
}
