/**
 * A pack's air through the year of a room (handbook climate#year): dφ/dt = (φroom − φ)/τ, stepped exactly, since a plain step of an hour
 * breaks for a pack that follows fast.
 */
import type { Reading } from './rooms.ts';

export type InsideYear = {
	/** Hour and % RH inside. */
	inside: [number, number][];
	min: number;
	max: number;
	/** Largest change within 168 hours. */
	steepestWeek: number;
	hoursAbove65: number;
};

const WEEK = 168;
export const MOULD_RH = 65;
/** Shorter rooms are no year: they are run once, from balance. */
const YEAR_FROM_HOURS = 360 * 24;

/**
 * Inside relative humidity at each of the room's readings. A whole year is run twice and the second reported, so that the start does not
 * count; a shorter room begins in balance with its first reading.
 * @param tauDays time constant of the pack
 * @param room readings whose hours ascend; each holds until the next
 */
export function insideYear(tauDays: number, room: readonly Reading[]): InsideYear {
	const steps = stepsOf(room);
	const span = room.at(-1)![0] - room[0]![0] + steps.at(-1)!;
	const inside: [number, number][] = new Array(room.length);
	let rh = room[0]![1];
	const rounds = span >= YEAR_FROM_HOURS ? 2 : 1;
	const factor = stayFactor(tauDays);
	for (let round = 0; round < rounds; round += 1) {
		for (let index = 0; index < room.length; index += 1) {
			const outside = room[index]![1];
			inside[index] = [room[index]![0], rh];
			rh = outside + (rh - outside) * factor(steps[index]!);
		}
	}
	return { inside, ...summary(inside, steps) };
}

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

/** Hours until the next reading; the last is as long as the one before. */
function stepsOf(room: readonly Reading[]): number[] {
	const steps = room.slice(1).map(([hour], index) => hour - room[index]![0]);
	return [...steps, steps.at(-1) ?? 1];
}

function summary(inside: [number, number][], steps: number[]): Omit<InsideYear, 'inside'> {
	let [min, max, above, steepest, later] = [Infinity, -Infinity, 0, 0, 0];
	for (let index = 0; index < inside.length; index += 1) {
		const [hour, rh] = inside[index]!;
		min = Math.min(min, rh);
		max = Math.max(max, rh);
		if (rh > MOULD_RH) above += steps[index]!;
		while (later < inside.length && inside[later]![0] < hour + WEEK - 1e-9) later += 1;
		if (later < inside.length) steepest = Math.max(steepest, Math.abs(rhAt(inside, later, hour + WEEK) - rh));
	}
	return { min, max, steepestWeek: steepest, hoursAbove65: above };
}

/** Between two readings on the straight line. */
function rhAt(inside: [number, number][], later: number, hour: number): number {
	const [h2, rh2] = inside[later]!;
	if (later === 0 || h2 <= hour) return rh2;
	const [h1, rh1] = inside[later - 1]!;
	return rh1 + ((rh2 - rh1) * (hour - h1)) / (h2 - h1);
}
