/** Wood mouldings on the shop's rack, and metal sections that are bought in pairs: each by its few figures. */

import type { Unit } from '../units/length.ts';
import { showLength, type Reader } from '../units/show.ts';
import { AS_IT_COMES, type Stocked } from './stocked.ts';

export type Section = { face: number; lip: number; depth: number; rabbetDepth: number; density: number };
/** Its price is for a metre. */
export type Moulding = Section & {
	id: string;
	/** What it is made of; what it is called says its face too, in the reader's unit: `mouldingName`. */
	name: string;
	finish: string;
	colour: string;
	/** A metal section is sold in pairs by size, in steps of this; null for wood. A section's rabbet depth is that of its channel. */
	pairStep: number | null;
} & Stocked;

/** `Ash, 22 face, shallow`; read in inches `Ash, 7⁄8 face, shallow`. */
export function mouldingName({ name, face, finish }: Pick<Moulding, 'name' | 'face' | 'finish'>, reads: Unit | Reader): string {
	// A name, which nobody cuts by: what is rounded in it is not marked.
	const reader = typeof reads === 'string' ? reads : { unit: reads.unit, fraction: reads.fraction };
	return `${name}, ${showLength(face, reader, 'mark').text} face${finish ? `, ${finish}` : ''}`;
}

export function isMetal({ pairStep }: Pick<Moulding, 'pairStep'>): boolean {
	return pairStep !== null;
}

/** What can't be of a profile, by its figure; none when it can be. Lengths in mm. */
export function impossibleIn({
	face,
	lip,
	depth,
	rabbetDepth
}: Omit<Section, 'density'>): { key: keyof Section; says: string }[] {
	const faults: { key: keyof Section; says: string }[] = [];
	if (lip >= face)
		faults.push({
			key: 'lip',
			says: `A lip of ${lip} mm is ${lip > face ? 'wider than' : 'as wide as'} the face of ${face} mm, but is part of it. Measure both again.`
		});
	if (rabbetDepth >= depth)
		faults.push({
			key: 'rabbetDepth',
			says: `A rabbet ${rabbetDepth} mm deep cuts through a frame ${depth} mm deep. Measure both again.`
		});
	return faults;
}

type Profile = Omit<Section, 'density'>;
const wood = (id: string, name: string, finish: string, colour: string, density: number, profile: Profile): Moulding => ({
	...AS_IT_COMES,
	...profile,
	id,
	name,
	finish,
	colour,
	density,
	pairStep: null,
	pricePerM2: null
});
const ALUMINIUM = 2700;
const metal = (id: string, finish: string, colour: string, pairStep: number, profile: Profile): Moulding => ({
	...wood(id, 'Aluminium', finish, colour, ALUMINIUM, profile),
	pairStep
});

export const MOULDINGS: readonly Moulding[] = [
	wood('ash-22', 'Ash', '', 'ash', 680, { face: 22, lip: 8, depth: 32, rabbetDepth: 20 }),
	wood('ash-22-shallow', 'Ash', 'shallow', 'ash', 680, { face: 22, lip: 6, depth: 26, rabbetDepth: 16 }),
	wood('oak-30', 'Oak', '', 'oak', 700, { face: 30, lip: 8, depth: 36, rabbetDepth: 24 }),
	wood('obeche-25', 'Obeche', 'painted dark', 'bark', 380, { face: 25, lip: 8, depth: 34, rabbetDepth: 22 }),
	wood('pine-18', 'Pine', 'limed', 'limed', 500, { face: 18, lip: 7, depth: 28, rabbetDepth: 18 }),
	wood('tulipwood-40', 'Tulipwood', 'stained', 'walnut', 450, { face: 40, lip: 8, depth: 42, rabbetDepth: 30 }),
	metal('metal-10', 'matt dark', 'charcoal', 25.4, { face: 10, lip: 7, depth: 25, rabbetDepth: 19 }),
	metal('metal-12-deep', 'deep, silver', 'fog', 10, { face: 12, lip: 9, depth: 38, rabbetDepth: 31 })
];
