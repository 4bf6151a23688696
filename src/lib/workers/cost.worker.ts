/** Looks for the same job at other grades and under a price, away from the page. */
import { otherGrades, type NoOffer, type Offer } from '$core/views/cost/beside.ts';
import { bestUnder, type Under } from '$core/views/cost/under.ts';
import type { JobFile } from '$core/job/definition.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import type { Unit } from '$core/units/length.ts';

export type CostAsk = {
	round: number;
	file: JobFile;
	shop: WrittenShop;
	reads: Unit | null;
	waste: Readonly<Record<string, number>>;
	/** Cents that it may cost; null: the other grades are asked for. */
	most: number | null;
};
export type CostTold = { round: number } & ({ kind: 'others'; others: (Offer | NoOffer)[] } | { kind: 'under'; under: Under });

self.onmessage = ({ data: { round, file, shop, reads, waste, most } }: MessageEvent<CostAsk>) => {
	const asked = { file, shop: shopFrom(shop), waste, ...(reads ? { reads } : {}) };
	if (most !== null) {
		postMessage({ round, kind: 'under', under: bestUnder(asked, most) } satisfies CostTold);
		return;
	}
	postMessage({ round, kind: 'others', others: otherGrades(asked) } satisfies CostTold);
};
