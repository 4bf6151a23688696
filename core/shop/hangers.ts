/** Rings for the frame's back, each with the plate that stands on the wood (handbook hang#rings). */
export type Ring = {
	id: string;
	name: string;
	/** One hole: left loose enough to turn. Two: a strap, for load. */
	holes: 1 | 2;
	/** Width of the plate across the rail, mm. */
	plate: number;
	/** Diameter of its screw, mm. */
	screw: number;
	/** What one may bear for years, kg. */
	workingKg: number;
};

export const RINGS: readonly Ring[] = [
	{ id: 'ring-7', name: 'Ring, one hole, narrow plate', holes: 1, plate: 7, screw: 2.5, workingKg: 5 },
	{ id: 'ring-10', name: 'Ring, one hole', holes: 1, plate: 10, screw: 3, workingKg: 9 },
	{ id: 'ring-13', name: 'Ring, one hole, broad plate', holes: 1, plate: 13, screw: 3.5, workingKg: 14 },
	{ id: 'strap-10', name: 'Ring, two holes, narrow strap', holes: 2, plate: 10, screw: 3, workingKg: 18 },
	{ id: 'strap-16', name: 'Ring, two holes, broad strap', holes: 2, plate: 16, screw: 4, workingKg: 45 }
];
