/** Drills of the shop, by the unit in which it works, mm, thinnest first: a pilot hole is one of them (handbook hang#inset). */
import { MM_PER_INCH, type Unit } from '../units/length.ts';

const SIXTY_FOURTHS = [4, 5, 6, 7, 8, 9, 10];

export const DRILLS: Readonly<Record<Unit, readonly number[]>> = {
	mm: [1, 1.5, 2, 2.5, 3, 3.5, 4],
	in: SIXTY_FOURTHS.map((parts) => (parts / 64) * MM_PER_INCH)
};
