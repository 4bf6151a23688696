/** A room hour by hour, as somebody sends it: `[[hour, rh, celsius], …]`. */
import type { Fault } from '../../job/faults.ts';
import type { Reading } from './rooms.ts';
import { there } from '../../units/there.ts';

/** No room is colder or hotter. */
export const [LEAST_CELSIUS, MOST_CELSIUS] = [-60, 80];
export const MOST_READINGS = 600_000;
/** Counted from the first reading or from the new year. */
export const MOST_HOURS = 40 * 366 * 24;
/** Ten faulty rows say what is wrong with the rest. */
const MOST_FAULTS = 10;

/** @returns the readings, or the first faults with their paths: `room[12][1]` */
export function readRoom(list: unknown): { ok: true; room: Reading[] } | { ok: false; faults: Fault[] } {
	const fault = (path: string, says: string) => ({ ok: false as const, faults: [{ path, says }] });
	if (!Array.isArray(list)) return fault('room', 'Must be a list of readings: [[hour, rh, celsius], …].');
	if (list.length === 0) return fault('room', 'The room has no readings. Enter at least two, in order of time.');
	if (list.length > MOST_READINGS)
		return fault('room', `There are ${list.length} readings; at most ${MOST_READINGS} are accepted.`);
	const faults: Fault[] = [];
	const room: Reading[] = [];
	let lastHour = -Infinity;
	for (const [index, row] of (list as unknown[]).entries()) {
		if (faults.length >= MOST_FAULTS) break;
		const at = `room[${index}]`;
		if (!Array.isArray(row) || row.length < 2 || row.length > 3) {
			faults.push({ path: at, says: 'Enter a reading as [hour, rh, celsius].' });
			continue;
		}
		const before = lastHour;
		const [hour, rh, celsius = 20] = row as number[];
		const wrong = faults.length;
		if (!isNumber(hour) || Math.abs(hour) > MOST_HOURS)
			faults.push({ path: `${at}[0]`, says: `The hour must be a number up to ${MOST_HOURS}, forty years.` });
		else if (hour <= before)
			faults.push({ path: `${at}[0]`, says: `Hour ${hour} is not after hour ${before}. Sort the readings by time.` });
		else lastHour = hour;
		if (!isNumber(rh) || rh < 0 || rh > 100) faults.push({ path: `${at}[1]`, says: 'Relative humidity must be from 0 to 100.' });
		if (!isNumber(celsius) || celsius < LEAST_CELSIUS || celsius > MOST_CELSIUS)
			faults.push({ path: `${at}[2]`, says: 'The temperature must be from −60 to 80 °C.' });
		if (faults.length === wrong) room.push([there(hour, 'hour'), there(rh, 'rh'), celsius]);
	}
	return faults.length > 0 ? { ok: false, faults } : { ok: true, room };
}

function isNumber(value: unknown): value is number {
	return typeof value === 'number' && Number.isFinite(value);
}
