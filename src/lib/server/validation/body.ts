/** Reads a request's body: its type, its size, its JSON. Each thing wrong with it has a status and a sentence. */
import type { Fault } from '$core/job/faults.ts';

export const BODY_MOST = 1024 * 1024;
/** A body up to so many times too large is read to its end, unkept: who is still sending gets the answer, not a broken connection. */
const READ_OUT = 8;
/** A job file is four groups deep; what nests deeper is no job file and would exhaust whoever walks it. */
const DEEPEST = 40;

export type Refused = { ok: false; status: 400 | 413 | 415; faults: Fault[] };
export type ReadBody = { ok: true; body: unknown } | Refused;

export async function readJson(request: Request, most = BODY_MOST): Promise<ReadBody> {
	if (!/^application\/json\s*(;|$)/i.test(request.headers.get('content-type') ?? ''))
		return refused(415, 'Send it as application/json.');
	const bytes = await readBytes(request, most);
	const limit = most / BODY_MOST;
	if (!bytes) return refused(413, `This is larger than ${limit} MB.${limit === 1 ? ' A job file is a few kilobytes.' : ''}`);
	let text: string;
	try {
		text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
	} catch {
		return refused(400, 'This is not UTF-8 text.');
	}
	if (depthOf(text) > DEEPEST) return refused(400, `This nests deeper than ${DEEPEST} groups.`);
	let body: unknown;
	try {
		body = JSON.parse(text);
	} catch (error) {
		return refused(400, `This is not complete JSON: ${(error as Error).message.slice(0, 120)}.`);
	}
	const unstorable = unstorableAt(body);
	return unstorable === null
		? { ok: true, body }
		: {
				ok: false,
				status: 400,
				faults: [{ path: unstorable, says: 'This text has a character that can’t be saved (NUL, or half of a pair).' }]
			};
}

/** As a call reads its body: JSON, up to a size. */
export function json(most = BODY_MOST): (request: Request) => Promise<ReadBody> {
	return (request) => readJson(request, most);
}

/** As a call reads its body: bytes, up to a size that `tooLarge` names. */
export function bytes(most: number, tooLarge: string): (request: Request) => Promise<{ ok: true; body: Uint8Array } | Refused> {
	return async (request) => {
		const body = await readBytes(request, most);
		return body ? { ok: true, body } : refused(413, tooLarge);
	};
}

/** All bytes of a body, or null past the limit; nothing past it is held in memory. */
export async function readBytes(request: Request, most: number): Promise<Uint8Array | null> {
	const chunks: Uint8Array[] = [];
	let size = 0;
	for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
		size += chunk.byteLength;
		if (size > most * READ_OUT) return null;
		if (size > most) chunks.length = 0;
		else chunks.push(chunk);
	}
	return size > most ? null : Buffer.concat(chunks);
}

function refused(status: Refused['status'], says: string): Refused {
	return { ok: false, status, faults: [{ path: '', says }] };
}

/** Deepest nesting of brackets outside of strings, without recursion. */
function depthOf(text: string): number {
	let depth = 0;
	let deepest = 0;
	let inString = false;
	for (let at = 0; at < text.length; at += 1) {
		const letter = text[at];
		if (inString) {
			if (letter === '\\') at += 1;
			else if (letter === '"') inString = false;
		} else if (letter === '"') inString = true;
		else if (letter === '[' || letter === '{') deepest = Math.max(deepest, (depth += 1));
		else if (letter === ']' || letter === '}') depth -= 1;
	}
	return deepest;
}

/** The path of the first text that the database cannot hold. */
function unstorableAt(value: unknown, path = ''): string | null {
	if (typeof value === 'string') return isStorable(value) ? null : path;
	if (typeof value !== 'object' || value === null) return null;
	for (const [key, item] of Object.entries(value)) {
		const at = Array.isArray(value) ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`;
		const found = isStorable(key) ? unstorableAt(item, at) : at;
		if (found !== null) return found;
	}
	return null;
}

/** Whether the database can hold a text: no NUL, no half of a pair. */
export function isStorable(text: string): boolean {
	return !text.includes('\u0000') && !/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/.test(text);
}
