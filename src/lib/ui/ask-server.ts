/** A call on the server whose refusal is said where it was made. */

type Fault = { path: string; says: string };
export type Asked<T> =
	| { ok: true; answer: T }
	| {
			ok: false;
			/** 0: nothing answered. */ status: number;
			says: string;
			/** Each with the field that it is about. */ faults: Fault[];
	  };

/** @returns what is answered, or why it was not taken, in a sentence */
export async function askServer<T = object>(method: string, path: string, body?: unknown): Promise<Asked<T>> {
	try {
		const response = await fetch(path, {
			method,
			...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
		});
		const answer = (await response.json()) as T & { faults?: Fault[] };
		if (response.ok) return { ok: true, answer };
		return {
			ok: false,
			status: response.status,
			says: answer.faults?.[0]?.says ?? 'This could not be saved.',
			faults: answer.faults ?? []
		};
	} catch {
		return { ok: false, status: 0, says: 'The server does not answer. Your entry is still here; try again.', faults: [] };
	}
}
