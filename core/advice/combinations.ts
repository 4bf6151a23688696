/** Every back with every seal for one pack: what buffers, what breathes, and what a year of a room does inside (handbook climate#combinations). */
import type { Size } from '../geometry/shapes.ts';
import { packParts } from '../stations/guard/pack-parts.ts';
import { offered } from '../shop/stocked.ts';
import type { House } from '../shop/house.ts';
import type { Shop } from '../shop/shop.ts';
import { climateOf, exchangeOf, sealOf, SEALS } from '../stations/climate/climate.ts';
import { wettingRh } from '../stations/climate/dew-point.ts';
import type { Reading } from '../stations/climate/rooms.ts';
import { insideOf, prepareRoom, summaryOf, type InsideYear } from '../stations/climate/year.ts';
import type { Window } from '../figures/window.ts';
import type { Climate, Seal } from '../figures/climate.ts';
import type { Decided } from '../job/decided.ts';
import { plain } from '../rule/term.ts';
import { nth } from '../units/there.ts';

/** What of a pack stays, whichever back closes it. */
export type Buffer = {
	/** Kilograms that take up water, each part by its share. */
	kg: number;
	/** The back's own mass comes on top; false where `kg` is the whole pack's. */
	withoutBack: boolean;
	size: Size;
	/** Permeances of fillers and barrier before the back. */
	before: number[];
};

export type Combination = {
	/** `fluted-pp edge` */
	id: string;
	back: string;
	backName: string;
	seal: Seal;
	/** The one that the job has. */
	own: boolean;
} & Climate;

/** A combination in a room: without the hours themselves. */
export type YearResult = Omit<InsideYear, 'inside'> & {
	id: string;
	/** Hours in which a wall of the given temperature is wetted; null where none was given. */
	coldHours: number | null;
};

/** The buffer of a job's pack. */
export function bufferOf(job: Decided, window: Window, sheetGrams: readonly number[], house: House): Buffer {
	const parts = packParts(job, window, sheetGrams, house).filter(({ part }) => part !== 'backing');
	return {
		kg: parts.reduce((sum, { kg, buffers }) => sum + kg.value * buffers, 0),
		withoutBack: true,
		size: window.pack,
		before: [
			...job.guard.fillers.map(({ board }) => board.permeance),
			...(job.guard.barrier ? [job.guard.barrier.permeance] : [])
		]
	};
}

/** Every board that may close a back at some grade, with each seal. @param job whose own combination is marked; null for none */
export function combinationsOf(buffer: Buffer, shop: Shop, job: Decided | null): Combination[] {
	const ownBack = job?.guard.backing?.id;
	const backs = offered(shop.boards, ownBack).filter((board) => board.backing !== 'never');
	const areaM2 = (buffer.size.width * buffer.size.height) / 1e6;
	const size = { width: plain(buffer.size.width), height: plain(buffer.size.height) };
	return backs.flatMap((back) =>
		SEALS.map((seal): Combination => {
			const kg = buffer.kg + (buffer.withoutBack ? areaM2 * back.massPerM2 * back.buffers : 0);
			return {
				id: `${back.id} ${seal}`,
				back: back.id,
				backName: back.name,
				seal,
				own: back.id === ownBack && job !== null && seal === sealOf(job),
				...climateOf(
					kg * shop.house.waterPerKg,
					exchangeOf(size, [...buffer.before, back.permeance].map(plain), seal, shop.house).value
				)
			};
		})
	);
}

/**
 * A year of a room inside each combination, one after the other, so that a caller can show how far it has come.
 * @param wallCelsius of an outside wall behind the back, or null
 */
export function* yearsOf(
	combinations: readonly Combination[],
	room: readonly Reading[],
	wallCelsius: number | null
): Generator<YearResult & { inside: Float64Array }> {
	const prepared = prepareRoom(room);
	const wets = wallCelsius === null ? null : prepared.celsius.map((celsius) => wettingRh(celsius, wallCelsius));
	for (const { id, tauDays } of combinations) {
		const inside = insideOf(tauDays, prepared);
		yield { id, inside, ...summaryOf(inside, prepared), coldHours: wets && hoursAbove(inside, wets, prepared.steps) };
	}
}

/** Hours in which the air of the pack would wet the wall; an estimate. */
function hoursAbove(inside: Float64Array, wets: Float64Array, steps: Float64Array): number {
	return inside.reduce((sum, rh, index) => (rh > nth(wets, index) ? sum + nth(steps, index) : sum), 0);
}

/** Which are worth looking at first: its own (or foam board, taped), the tightest and the loosest. @returns their ids */
export function worthDrawing(all: readonly Combination[]): string[] {
	const [loosest, ...others] = [...all].sort((one, other) => one.tauDays - other.tauDays);
	if (!loosest) return [];
	const own = all.find((one) => one.own) ?? all.find(({ id }) => id === 'foam-free tape') ?? loosest;
	return [...new Set([own.id, (others.at(-1) ?? loosest).id, loosest.id])];
}

/** What a seal is called. */
export const SEAL_NAMES: Record<Seal, string> = { none: 'unsealed', tape: 'taped', edge: 'edge seal' };

/** For a pack without a job: all its boards, and its size. */
export function looseBuffer(kg: number, size: Size): Buffer {
	return { kg, withoutBack: false, size, before: [] };
}
