/**
 * How a pack buffers and breathes (handbook climate#pack). Its boards take up water, the back and the joints let it through; the glazing
 * side is left out. Estimates for comparing choices.
 */
import type { Size } from '../../geometry/shapes.ts';
import { packParts, type PackPart } from '../guard/pack-parts.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Window } from '../../figures/window.ts';
import type { Seal, Climate } from '../../figures/climate.ts';
import type { Decided } from '../../job/decided.ts';

export const SEALS: readonly Seal[] = ['none', 'tape', 'edge'];

export function planClimate(job: Decided, shop: Shop, before: { window: Window; sheetGrams: number[] }): Climate {
	const { house } = shop;
	const capacity = capacityOf(packParts(job, before.window, before.sheetGrams, house), house);
	const exchange = exchangeOf(before.window.pack, backPermeances(job, house), sealOf(job), house);
	return climateOf(capacity, exchange);
}

/** τ = C/G; a pack that nothing passes never follows. */
export function climateOf(capacity: number, exchange: number): Climate {
	const tauDays = exchange > 0 ? capacity / exchange : Infinity;
	return { capacity, exchange, tauDays, halfDays: tauDays * Math.LN2 };
}

/** A gram for each kilogram of paper, board and cotton; each part by its share. */
export function capacityOf(parts: readonly PackPart[], house: House): number {
	return parts.reduce((sum, { kg, buffers }) => sum + kg * buffers * house.waterPerKg, 0);
}

/** G = (permeance × area + joints × perimeter) × 23.4 Pa for each % RH × 86 400 s. Layers in series: the reciprocals add. */
export function exchangeOf(pack: Size, permeances: readonly number[], seal: Seal, house: House): number {
	const [areaM2, perimeterM] = [(pack.width * pack.height) / 1e6, (2 * (pack.width + pack.height)) / 1000];
	const resistance = permeances.reduce((sum, permeance) => sum + 1 / permeance, 0);
	const through = areaM2 / resistance;
	const joints = house.jointPermeance * jointShare(seal, house) * perimeterM;
	return (through + joints) * house.pascalPerRh * 86_400;
}

function jointShare(seal: Seal, house: House): number {
	return { none: 1, tape: house.jointTaped, edge: house.jointEdgeSealed }[seal];
}

/** With both, the edge seal counts. */
export function sealOf(job: Decided): Seal {
	return job.guard.edgeSeal ? 'edge' : job.back.seal ? 'tape' : 'none';
}

/** Fillers, barrier, backing; where there is none of them the under-mat, or nothing but paper, closes the back. */
function backPermeances({ guard }: Decided, house: House): number[] {
	const behind = [
		...guard.fillers.map(({ board }) => board.permeance),
		...(guard.barrier ? [guard.barrier.permeance] : []),
		...(guard.backing ? [guard.backing.permeance] : [])
	];
	if (behind.length > 0) return behind;
	return [guard.underMat?.permeance ?? house.openBackPermeance];
}
