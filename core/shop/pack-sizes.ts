/**
 * Standard frame sizes: the shop's own list, as it was written (handbook window#fit). A bought frame is named by the pack
 * that it takes: its allowance is inside.
 */
import type { Fault } from '../job/faults.ts';
import { readLength } from '../units/length.ts';
import { nth } from '../units/there.ts';

/** A size as it was written: lengths with their unit, a bare number in millimetres. */
export type WrittenSize = { name: string; width: string | number; height: string | number };
/** The same, mm. */
export type PackSize = { name: string; width: number; height: number };

const MOST_SIZES = 200;
const MOST_LETTERS = 40;

const inch = (width: number, height: number): WrittenSize => ({
	name: `${width} × ${height} in`,
	width: `${width} in`,
	height: `${height} in`
});
const centimetre = (width: number, height: number): WrittenSize => ({
	name: `${width} × ${height} cm`,
	width: `${width} cm`,
	height: `${height} cm`
});

export const WRITTEN_SIZES: readonly WrittenSize[] = [
	inch(8, 10),
	inch(11, 14),
	inch(12, 16),
	inch(16, 20),
	inch(18, 24),
	inch(20, 24),
	inch(22, 28),
	inch(24, 30),
	inch(24, 36),
	inch(30, 40),
	centimetre(18, 24),
	centimetre(20, 30),
	centimetre(24, 30),
	centimetre(30, 40),
	centimetre(40, 50),
	centimetre(50, 70),
	centimetre(60, 80),
	centimetre(70, 100),
	{ name: 'A4', width: 210, height: 297 },
	{ name: 'A3', width: 297, height: 420 },
	{ name: 'A2', width: 420, height: 594 }
];

/**
 * Reads a list of sizes.
 * @param list parsed JSON, of any shape
 * @returns the sizes in millimetres, or every fault with its path: `packSizes[3].width`
 */
export function readPackSizes(list: unknown): { ok: true; sizes: PackSize[] } | { ok: false; faults: Fault[] } {
	const faults: Fault[] = [];
	if (!Array.isArray(list)) return { ok: false, faults: [{ path: 'packSizes', says: 'This must be a list in [ ].' }] };
	if (list.length > MOST_SIZES)
		return {
			ok: false,
			faults: [{ path: 'packSizes', says: `There are ${list.length} sizes; at most ${MOST_SIZES} can be saved.` }]
		};
	const names = new Set<string>();
	const sizes = list.map((one: Partial<WrittenSize> | null, index): PackSize => {
		const at = `packSizes[${index}]`;
		const name = typeof one?.name === 'string' ? one.name.trim() : '';
		if (name === '' || name.length > MOST_LETTERS)
			faults.push({ path: `${at}.name`, says: `Enter a name of 1 to ${MOST_LETTERS} letters.` });
		else if (names.has(name)) faults.push({ path: `${at}.name`, says: `“${name}” is used twice. Give each size its own name.` });
		names.add(name);
		const length = (key: 'width' | 'height') => {
			const written = one?.[key];
			const read =
				typeof written === 'string' || typeof written === 'number'
					? readLength(written, 'mm')
					: ({ ok: false, says: 'Enter a length, such as 16 in or 40 cm.' } as const);
			if (read.ok) return read.mm;
			faults.push({ path: `${at}.${key}`, says: read.says });
			return 0;
		};
		return { name, width: length('width'), height: length('height') };
	});
	return faults.length > 0 ? { ok: false, faults } : { ok: true, sizes };
}

const builtIn = readPackSizes(WRITTEN_SIZES);
if (!builtIn.ok) throw new Error(`The list of sizes has an error: ${nth(builtIn.faults, 0).path}`);

/** The list as it comes. */
export const PACK_SIZES: readonly PackSize[] = builtIn.sizes;
