/** What a picture hangs by: rings for the frame's back, each with the plate that stands on the wood, and hooks for the wall (handbook hang#rings). */
import { AS_IT_COMES, type Stocked } from './stocked.ts';

/** Its price is for one. */
export type Ring = {
	id: string;
	name: string;
	/** One hole: left loose enough to turn. Two: a strap, for load. */
	holes: number;
	/** Width of the plate across the rail, mm. */
	plate: number;
	/** Diameter of its screw, mm. */
	screw: number;
	/** What one may bear for years, kg. */
	workingKg: number;
} & Stocked;

export const RINGS: readonly Ring[] = [
	ring('ring-7', 'D-ring, narrow plate', 1, 7, 2.5, 5),
	ring('ring-10', 'D-ring', 1, 10, 3, 9),
	ring('ring-13', 'D-ring, broad plate', 1, 13, 3.5, 14),
	ring('strap-10', 'Strap hanger, narrow', 2, 10, 3, 18),
	ring('strap-16', 'Strap hanger, broad', 2, 16, 4, 45)
];

/** Its price is for one. */
export type WallHook = { id: string; name: string; /** As its maker rates it, kg. */ ratedKg: number } & Stocked;

export const HOOKS: readonly WallHook[] = [
	hook('hook-one-nail', 'Hook, one nail', 5),
	hook('hook-two-nails', 'Hook, two nails', 10),
	hook('hook-three-nails', 'Hook, three nails', 20),
	hook('hook-screw', 'Screw hook in a wall plug', 40)
];

/** The weakest hook of the shop that is rated for so much; null where none is. */
export function hookFor(hooks: Readonly<Record<string, WallHook>>, kg: number): WallHook | null {
	const able = Object.values(hooks).filter(({ ratedKg, withdrawn }) => !withdrawn && ratedKg >= kg);
	return able.sort((one, other) => one.ratedKg - other.ratedKg)[0] ?? null;
}

function ring(id: string, name: string, holes: number, plate: number, screw: number, workingKg: number): Ring {
	return { ...AS_IT_COMES, id, name, holes, plate, screw, workingKg, pricePerM2: null };
}

function hook(id: string, name: string, ratedKg: number): WallHook {
	return { ...AS_IT_COMES, id, name, ratedKg, pricePerM2: null };
}
