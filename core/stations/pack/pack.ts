/** Station Pack: how thick the whole is, how much air lies over the piece, and how much it needs (handbook pack). */
import type { Size } from '../../geometry/shapes.ts';
import { sagFlat } from '../sag/sag.ts';
import type { Grade } from '../../shop/grades.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { isStiff } from '../../job/decide-piece.ts';
import type { Layer, Pack } from '../../figures/pack.ts';
import type { Decided } from '../../job/decided.ts';

export function planPack(job: Decided, shop: Shop, before: { layers: Layer[]; pack: Size; longest: number }): Pack {
	const { layers } = before;
	const { house } = shop;
	const { glazing } = job.guard;
	const sag = sagFlat(glazing, before.pack, house.gravity);
	return {
		layers,
		thickness: sumOf(layers.filter(({ inside }) => !inside)),
		gap: sumOf(layers.filter(isOverPiece)) - sumOf(layers.filter(({ inside }) => inside)),
		gapNeed: gapNeed(job, house, job.aim, before.longest),
		sag,
		sagWeeks: glazing.family === 'acrylic' ? (sag * glazing.stiffnessGPa) / house.acrylicCreepGPa : sag,
		sagCarried: sag * Math.sin((house.carriedLean * Math.PI) / 180)
	};
}

/** What lies between the glazing and the piece's face. */
export function isOverPiece(layer: Layer): boolean {
	return layer.role === 'mat' || layer.role === 'lift' || layer.role === 'spacer';
}

function sumOf(layers: Layer[]): number {
	return layers.reduce((sum, layer) => sum + layer.thickness, 0);
}

export type GapReason = 'gapFlat' | 'gapSticky' | 'gapFriable';

/** The largest need that applies: friable most, then photographs, panels, what sticks, and everything at Rare. */
export function gapReason(job: Decided, grade: Grade): GapReason {
	if (job.piece.friable) return 'gapFriable';
	return job.piece.kind === 'photograph' || isStiff(job.piece.kind) || job.piece.sticks || grade === 'rare'
		? 'gapSticky'
		: 'gapFlat';
}

/** Need of air over the piece at a grade, mm: its reason's figure + the cockle + what stands above its face + 1 for a large sheet. */
export function gapNeed(job: Decided, house: House, grade: Grade, longest: number): number {
	return (
		house[gapReason(job, grade)] + job.piece.cockle + job.piece.relief + (longest > house.gapLargeFrom ? house.gapLargeExtra : 0)
	);
}
