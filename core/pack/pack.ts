/** Station Pack: how thick the whole is, how much air lies over the piece, and how much it needs (handbook pack). */
import type { Size } from '../geometry/shapes.ts';
import type { Layer } from '../guard/guard.ts';
import type { Decided } from '../job/decide.ts';
import { sagFlat } from '../sag/sag.ts';
import type { Grade } from '../shop/grades.ts';
import type { House } from '../shop/house.ts';
import type { Shop } from '../shop/shop.ts';

export type Pack = {
	layers: Layer[];
	thickness: number;
	gap: number;
	/** At the grade aimed at. */
	gapNeed: number;
	/** Glazing lying flat, at most. */
	sag: number;
	/** Rabbet depth − thickness; absent until a frame is chosen. */
	clearance?: number;
};

export function planPack(job: Decided, shop: Shop, before: { layers: Layer[]; pack: Size; longest: number }): Pack {
	return {
		layers: before.layers,
		thickness: sumOf(before.layers.filter((layer) => !standsInside(layer, before.layers))),
		gap: sumOf(before.layers.filter(isOverPiece)) - sumOf(before.layers.filter((layer) => standsInside(layer, before.layers))),
		gapNeed: gapNeed(job, shop.house, job.aim, before.longest),
		sag: sagFlat(job.guard.glazing, before.pack, shop.house.gravity)
	};
}

/** What lies between the glazing and the piece's face. */
export function isOverPiece(layer: Layer): boolean {
	return layer.role === 'mat' || layer.role === 'lift' || layer.role === 'spacer';
}

/** A float and its support stand inside the depth of the mats round them. */
export function standsInside(layer: Layer, layers: Layer[]): boolean {
	return (layer.role === 'piece' || layer.role === 'support') && layers.some(({ role }) => role === 'support');
}

function sumOf(layers: Layer[]): number {
	return layers.reduce((sum, layer) => sum + layer.thickness, 0);
}

export type GapReason = 'gapFlat' | 'gapSticky' | 'gapFriable';

/** The largest need that applies: friable most, then photographs, what sticks, and everything at Rare. */
export function gapReason(job: Decided, grade: Grade): GapReason {
	if (job.piece.friable) return 'gapFriable';
	return job.piece.kind === 'photograph' || job.piece.sticks || grade === 'rare' ? 'gapSticky' : 'gapFlat';
}

/** Need of air over the piece at a grade, mm: its reason's figure + the cockle + 1 for a large sheet. */
export function gapNeed(job: Decided, house: House, grade: Grade, longest: number): number {
	return house[gapReason(job, grade)] + job.piece.cockle + (longest > house.gapLargeFrom ? house.gapLargeExtra : 0);
}
