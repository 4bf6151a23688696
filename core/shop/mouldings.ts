/** Wood mouldings on the shop's rack, and metal sections that are bought in pairs: each by its few figures. */

import type { Unit } from '../units/length.ts';
import { showLength, type Reader } from '../units/show.ts';

export type Section = { face: number; lip: number; depth: number; rabbetDepth: number; density: number };
export type Moulding = Section & {
	id: string;
	/** What it is made of; its name says its face too, in the reader's unit: `mouldingName`. */
	wood: string;
	finish?: string;
	colour: string;
	/** A metal section: sold in pairs by size, in steps of this. Its rabbet depth is that of the channel. */
	metal?: { pairStep: number };
};

/** `Ash, 22 face, shallow`; read in inches `Ash, 7⁄8 face, shallow`. */
export function mouldingName({ wood, face, finish }: Pick<Moulding, 'wood' | 'face' | 'finish'>, reads: Unit | Reader): string {
	return `${wood}, ${showLength(face, reads, 'mark').text} face${finish ? `, ${finish}` : ''}`;
}

export const MOULDINGS: readonly Moulding[] = [
	{ id: 'ash-22', wood: 'Ash', colour: 'ash', face: 22, lip: 8, depth: 32, rabbetDepth: 20, density: 680 },
	{
		id: 'ash-22-shallow',
		wood: 'Ash',
		finish: 'shallow',
		colour: 'ash',
		face: 22,
		lip: 6,
		depth: 26,
		rabbetDepth: 16,
		density: 680
	},
	{ id: 'oak-30', wood: 'Oak', colour: 'oak', face: 30, lip: 8, depth: 36, rabbetDepth: 24, density: 700 },
	{
		id: 'obeche-25',
		wood: 'Obeche',
		finish: 'painted dark',
		colour: 'bark',
		face: 25,
		lip: 8,
		depth: 34,
		rabbetDepth: 22,
		density: 380
	},
	{ id: 'pine-18', wood: 'Pine', finish: 'limed', colour: 'limed', face: 18, lip: 7, depth: 28, rabbetDepth: 18, density: 500 },
	{
		id: 'tulipwood-40',
		wood: 'Tulipwood',
		finish: 'stained',
		colour: 'walnut',
		face: 40,
		lip: 8,
		depth: 42,
		rabbetDepth: 30,
		density: 450
	},
	{
		id: 'metal-10',
		wood: 'Aluminium',
		finish: 'matt dark',
		colour: 'charcoal',
		face: 10,
		lip: 7,
		depth: 25,
		rabbetDepth: 19,
		density: 2700,
		metal: { pairStep: 25.4 }
	},
	{
		id: 'metal-12-deep',
		wood: 'Aluminium',
		finish: 'deep, silver',
		colour: 'fog',
		face: 12,
		lip: 9,
		depth: 38,
		rabbetDepth: 31,
		density: 2700,
		metal: { pairStep: 10 }
	}
];
