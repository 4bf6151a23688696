/**
 * How a pack buffers and breathes (handbook climate#pack). Its boards take up water, the back and the joints let it through; the glazing
 * side is left out. Estimates for comparing choices.
 */
import { packParts, type PackPart } from '../guard/pack-parts.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Window } from '../../figures/window.ts';
import type { Seal, Climate } from '../../figures/climate.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import { at, houseTerms, over, plain, settled, sum, times, twice, type Term } from '../../rule/term.ts';

export const SEALS: readonly Seal[] = ['none', 'tape', 'edge'];
type TermSize = { width: Term; height: Term };

export function planClimate(
	job: Decided,
	shop: Shop,
	before: { window: Window; sheetGrams: readonly number[] },
	figure: Figure
): Climate {
	const { house } = shop;
	const { pack } = before.window;
	const write = (name: keyof Climate, term: Term) => figure(`climate.${name}`, term, 'climate#pack');
	const size = { width: at('window.pack.width', pack.width), height: at('window.pack.height', pack.height) };
	const capacity = write('capacity', capacityOf(packParts(job, before.window, before.sheetGrams, house), house));
	const exchange = write('exchange', exchangeOf(size, backPermeances(job, house), sealOf(job), house));
	const tau = write('tauDays', tauOf(capacity, exchange));
	return {
		capacity: capacity.value,
		exchange: exchange.value,
		tauDays: tau.value,
		halfDays: write('halfDays', halfOf(tau)).value
	};
}

/** τ = C/G; a pack that nothing passes never follows. */
function tauOf(capacity: Term, exchange: Term): Term {
	const tau = over(capacity, exchange);
	return exchange.value > 0 ? tau : settled(tau, Infinity);
}

const halfOf = (tau: Term): Term => times(tau, plain(Math.LN2));

/** As `planClimate`, for a capacity and an exchange from elsewhere. */
export function climateOf(capacity: number, exchange: number): Climate {
	const tau = tauOf(plain(capacity), plain(exchange));
	return { capacity, exchange, tauDays: tau.value, halfDays: halfOf(tau).value };
}

/** A gram for each kilogram of paper, board and cotton; each part by its share. */
function capacityOf(parts: readonly PackPart[], house: House): Term {
	const wet = parts.flatMap(({ kg, buffers }) => (buffers === 0 ? [] : [buffers === 1 ? kg : times(kg, plain(buffers))]));
	return times(sum(...wet), houseTerms(house)('waterPerKg'));
}

/** G = (permeance × area + joints × perimeter) × 23.4 Pa for each % RH × 86 400 s. Layers in series: the reciprocals add. */
export function exchangeOf({ width, height }: TermSize, permeances: readonly Term[], seal: Seal, of: House): Term {
	const house = houseTerms(of);
	const areaM2 = over(times(width, height), plain(1e6));
	const perimeterM = over(twice(sum(width, height)), plain(1000));
	const resistance = sum(...permeances.map((permeance) => over(plain(1), permeance)));
	const shares = { none: [], tape: [house('jointTaped')], edge: [house('jointEdgeSealed')] };
	const joints = times(house('jointPermeance'), ...shares[seal], perimeterM);
	return times(sum(over(areaM2, resistance), joints), house('pascalPerRh'), plain(86_400));
}

/** With both, the edge seal counts. */
export function sealOf(job: Decided): Seal {
	return job.guard.edgeSeal ? 'edge' : job.back.seal ? 'tape' : 'none';
}

/** Fillers, barrier, backing; where there is none of them the under-mat, or nothing but paper, closes the back. */
function backPermeances({ guard }: Decided, house: House): Term[] {
	const board = ({ id, permeance }: { id: string; permeance: number }) => at(`shop.boards[${id}].permeance`, permeance);
	const behind = [
		...guard.fillers.map((filler) => board(filler.board)),
		...(guard.barrier ? [at(`shop.barriers[${guard.barrier.id}].permeance`, guard.barrier.permeance)] : []),
		...(guard.backing ? [board(guard.backing)] : [])
	];
	if (behind.length > 0) return behind;
	return [guard.underMat ? board(guard.underMat) : houseTerms(house)('openBackPermeance')];
}
