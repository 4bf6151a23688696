/**
 * A pack's air through the year of a room (handbook climate#year): dφ/dt = (φroom − φ)/τ, stepped exactly, since a plain step of an hour
 * breaks for a pack that follows fast.
 */
import type { Reading } from './rooms.ts';
import { MOULD, MOULD_RH } from './mould.ts';
import { nth } from '../../units/there.ts';

export type InsideYear = {
	/** Hour and % RH inside. */
	inside: [number, number][];
	min: number;
	max: number;
	/** Largest change within 168 hours. */
	steepestWeek: number;
	hoursAbove65: number;
	/** Hours above each humidity of `MOULD`, in its order. */
	hoursAbove: number[];
};

const WEEK = 168;
/** Shorter rooms are no year: they are run once, from balance. */
const YEAR_FROM_HOURS = 360 * 24;

/** A room made ready for many packs: its columns, and how long each reading holds. */
export type PreparedRoom = { hours: Float64Array; rh: Float64Array; celsius: Float64Array; steps: Float64Array; isYear: boolean };

/** @param room readings whose hours ascend; each holds until the next, the last as long as the one before it */
export function prepareRoom(room: readonly Reading[]): PreparedRoom {
	const column = (index: 0 | 1 | 2) => Float64Array.from(room, (reading) => reading[index]);
	const hours = column(0);
	const steps = hours.map((hour, index) => (index + 1 < hours.length ? nth(hours, index + 1) - hour : 0));
	steps[hours.length - 1] = hours.length > 1 ? nth(steps, hours.length - 2) : 1;
	const span = nth(hours, hours.length - 1) - nth(hours, 0) + nth(steps, hours.length - 1);
	return { hours, rh: column(1), celsius: column(2), steps, isYear: span >= YEAR_FROM_HOURS };
}

/**
 * Inside relative humidity at each of the room's readings. A year or more is run again and again until it ends where it began, so that the
 * start does not count, and that year is reported; a shorter room begins in balance with its first reading and runs once.
 * @param tauDays time constant of the pack
 */
export function insideYear(tauDays: number, room: readonly Reading[]): InsideYear {
	const prepared = prepareRoom(room);
	const inside = insideOf(tauDays, prepared);
	return {
		inside: Array.from(inside, (rh, index): [number, number] => [nth(prepared.hours, index), rh]),
		...summaryOf(inside, prepared)
	};
}

/** % RH inside at each reading of a prepared room. */
export function insideOf(tauDays: number, { rh: outside, steps, isYear }: PreparedRoom): Float64Array {
	const inside = new Float64Array(outside.length);
	const factor = stayFactor(tauDays);
	let rh = nth(outside, 0);
	for (let round = 0; round < (isYear ? MOST_ROUNDS : 1); round += 1) {
		const began = rh;
		for (let index = 0; index < outside.length; index += 1) {
			inside[index] = rh;
			rh = nth(outside, index) + (rh - nth(outside, index)) * factor(nth(steps, index));
		}
		if (Math.abs(rh - began) <= STEADY_RH) break;
	}
	return inside;
}

/** A tight pack needs many. */
const MOST_ROUNDS = 50;
const STEADY_RH = 0.01;

/** What stays of a difference after so many hours: exp(−Δt/τ), remembered, since most steps are alike. */
function stayFactor(tauDays: number): (hours: number) => number {
	let [known, value] = [Number.NaN, 0];
	return (hours) => {
		if (hours === known) return value;
		known = hours;
		value = tauDays === Infinity ? 1 : tauDays <= 0 ? 0 : Math.exp(-hours / (tauDays * 24));
		return value;
	};
}

/** Lowest, highest, steepest week, hours above 65 %. */
export function summaryOf(inside: Float64Array, { hours, steps }: PreparedRoom): Omit<InsideYear, 'inside'> {
	let [min, max, steepest, later] = [Infinity, -Infinity, 0, 0];
	const hoursAbove = MOULD.map(() => 0);
	for (let index = 0; index < inside.length; index += 1) {
		const rh = nth(inside, index);
		if (rh < min) min = rh;
		if (rh > max) max = rh;
		if (rh > MOULD_RH)
			for (let at = 0; at < MOULD.length; at += 1)
				if (rh > nth(MOULD, at).rh) hoursAbove[at] = nth(hoursAbove, at) + nth(steps, index);
		const wanted = nth(hours, index) + WEEK;
		while (later < inside.length && nth(hours, later) < wanted - 1e-9) later += 1;
		if (later === inside.length) continue;
		const change = Math.abs(rhAt(inside, hours, later, wanted) - rh);
		if (change > steepest) steepest = change;
	}
	return { min, max, steepestWeek: steepest, hoursAbove65: nth(hoursAbove, hoursAbove.length - 1), hoursAbove };
}

/** Between two readings on the straight line. */
function rhAt(inside: Float64Array, hours: Float64Array, later: number, hour: number): number {
	if (later === 0 || nth(hours, later) <= hour) return nth(inside, later);
	const [h1, h2] = [nth(hours, later - 1), nth(hours, later)];
	return nth(inside, later - 1) + ((nth(inside, later) - nth(inside, later - 1)) * (hour - h1)) / (h2 - h1);
}
