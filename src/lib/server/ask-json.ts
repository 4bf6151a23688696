/** A device or a service that is asked over HTTP. */
const ANSWERS_MS = 2000;

/** @returns its status and JSON; null where there is no address, or nothing answers in time */
export async function askJson(
	url: string | null,
	path: string,
	body?: object
): Promise<{ status: number; body: unknown } | null> {
	if (!url) return null;
	try {
		const response = await fetch(new URL(path, url), {
			signal: AbortSignal.timeout(ANSWERS_MS),
			...(body ? { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {})
		});
		return { status: response.status, body: await response.json() };
	} catch {
		return null;
	}
}
