/** Reads a request's body: its type, its size, its JSON. Each thing wrong with it has a status and a sentence. */
import type { Fault } from '$core/job/faults.ts';
import { isPrintable, UNPRINTABLE_SAYS } from '$core/units/printable.ts';
import { scanJson } from './scan-json.ts';

export const BODY_MOST = 1024 * 1024;
/** A body up to so many times too large is read to its end, unkept: who is still sending gets the answer, not a broken connection. */
const READ_OUT = 64;
/** A job file is four groups deep; what nests deeper is no job file and would exhaust whoever walks it. */
const DEEPEST = 40;

export type Refused = { ok: false; status: 400 | 413 | 415; faults: Fault[] };
export type ReadBody = { ok: true; body: unknown } | Refused;

export async function readJson(request: Request, most = BODY_MOST): Promise<ReadBody> {
	const read = await writtenJson(most)(request);
	return read.ok ? jsonOf(read.body) : read;
}

/** As a call reads its body that a thread is to parse: JSON as it was sent, up to a size. */
export function writtenJson(most: number): (request: Request) => Promise<{ ok: true; body: Uint8Array } | Refused> {
	return async (request) => {
		if (!/^application\/json\s*(;|$)/i.test(request.headers.get('content-type') ?? ''))
			return refused(415, 'Send it as application/json.');
		const sent = await readBytes(request, most);
		const limit = most / BODY_MOST;
		return sent
			? { ok: true, body: sent }
			: refused(413, `This is larger than ${limit} MB.${limit === 1 ? ' A job file is a few kilobytes.' : ''}`);
	};
}

/** What was sent, parsed; or what is wrong with it. */
export function jsonOf(sent: Uint8Array): ReadBody {
	let text: string;
	try {
		text = new TextDecoder('utf-8', { fatal: true }).decode(sent);
	} catch {
		return refused(400, 'This is not UTF-8 text.');
	}
	const { depth, doubled } = scanJson(text);
	if (depth > DEEPEST) return refused(400, `This nests deeper than ${DEEPEST} groups.`);
	let body: unknown;
	try {
		body = JSON.parse(text);
	} catch (error) {
		return refused(400, `This is not complete JSON: ${(error as Error).message.slice(0, 120)}.`);
	}
	if (doubled !== null) return { ok: false, status: 400, faults: [{ path: doubled, says: 'This key is given twice.' }] };
	const unprintable = unprintableAt(body);
	return unprintable === null
		? { ok: true, body }
		: { ok: false, status: 400, faults: [{ path: unprintable, says: UNPRINTABLE_SAYS }] };
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

/** The path of the first text that cannot be kept and printed. */
function unprintableAt(value: unknown, path = ''): string | null {
	if (typeof value === 'string') return isPrintable(value) ? null : path;
	if (typeof value !== 'object' || value === null) return null;
	for (const [key, item] of Object.entries(value)) {
		const at = Array.isArray(value) ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`;
		const found = isPrintable(key) ? unprintableAt(item, at) : at;
		if (found !== null) return found;
	}
	return null;
}
