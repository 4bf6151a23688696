/** The light meter on the bench, read through the server. */

export type MeterReading = { ok: true; lux: number; uv: number } | { ok: false; says: string };

/** @param room where it is held: a typical place's id */
export async function readLightMeter(room: string): Promise<MeterReading> {
	try {
		const response = await fetch('/api/instruments/light-meter', {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ room })
		});
		const body = (await response.json()) as { lux?: number; uv?: number; faults?: { says: string }[] };
		if (!response.ok || body.lux === undefined || body.uv === undefined)
			return { ok: false, says: body.faults?.[0]?.says ?? 'The light meter does not answer. Enter its reading.' };
		return { ok: true, lux: body.lux, uv: body.uv };
	} catch {
		return { ok: false, says: 'The light meter can’t be reached. Enter its reading.' };
	}
}
