/** A new piece, empty: the same one until something is typed in it. */
import type { Unit } from '$core/units/length.ts';

/**
 * @param reads in which unit this screen shows lengths; null: as the shop has said
 * @returns where it opens; Today where the shop has not said yet in which unit it measures
 * @throws when it was not created
 */
export async function beginPiece(reads: Unit | null): Promise<string> {
	const unit = reads ?? (await unitOfShop());
	if (unit === null) return '/';
	const response = await fetch('/api/jobs?orEmpty=true', {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		// Who reads inches cuts in them.
		body: JSON.stringify({ format: 'rare-keep/job', version: 1, unit, piece: { readings: {} } })
	});
	if (!response.ok) throw new Error(String(response.status));
	const { number } = (await response.json()) as { number: string };
	return `/jobs/${number}?at=intake`;
}

async function unitOfShop(): Promise<Unit | null> {
	const response = await fetch('/api/shop/about');
	if (!response.ok) throw new Error(String(response.status));
	const { items } = (await response.json()) as { items?: { unit?: Unit } };
	return items?.unit ?? null;
}
