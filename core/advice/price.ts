/** What the materials of a package cost, by the shop's prices: whole pieces of the pack's size, without waste (handbook guard#price). */
import { wholeCents } from '../units/round.ts';
import type { Stocked } from '../shop/stocked.ts';
import type { Figures } from '../figures.ts';
import type { Decided } from '../job/decided.ts';

export type Price = {
	cents: number;
	/** Names of materials that have no price yet. */
	unpriced: string[];
};

/** Null while there is no window. */
export function packagePrice({ guard, mats, windows, kept }: Decided, { window, back }: Figures): Price | null {
	if (!window) return null;
	const areaM2 = (window.pack.width * window.pack.height) / 1e6;
	const unpriced: string[] = [];
	const cost = (material: (Stocked & { name: string }) | null | undefined, amount: number): number => {
		if (!material) return 0;
		if (material.pricePerM2 === null) unpriced.push(material.name);
		return (material.pricePerM2 ?? 0) * amount;
	};
	const sum =
		cost(kept.glazing ? null : guard.glazing, areaM2) +
		mats.reduce((all, mat) => all + cost(mat.have ? null : mat.board, areaM2), 0) +
		cost(windows.find((one) => one.support)?.support, areaM2) +
		cost(guard.underMat, areaM2) +
		guard.fillers.reduce((all, filler) => all + cost(filler.board, areaM2), 0) +
		cost(guard.barrier, areaM2) +
		cost(kept.back ? null : guard.backing, areaM2) +
		cost(guard.edgeSeal, (back?.edgeSeal?.length ?? 0) / 1000);
	return { cents: wholeCents(sum), unpriced };
}
