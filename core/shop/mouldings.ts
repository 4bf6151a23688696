/** Wood mouldings on the shop's rack, and metal sections that are bought in pairs: each by its few figures. */

export type Section = { face: number; lip: number; depth: number; rabbetDepth: number; density: number };
export type Moulding = Section & {
	id: string;
	name: string;
	colour: string;
	/** A metal section: sold in pairs by size, in steps of this. Its rabbet depth is that of the channel. */
	metal?: { pairStep: number };
};

export const MOULDINGS: readonly Moulding[] = [
	{ id: 'ash-22', name: 'Ash, 22 face', colour: 'ash', face: 22, lip: 8, depth: 32, rabbetDepth: 20, density: 680 },
	{
		id: 'ash-22-shallow',
		name: 'Ash, 22 face, shallow',
		colour: 'ash',
		face: 22,
		lip: 6,
		depth: 26,
		rabbetDepth: 16,
		density: 680
	},
	{ id: 'oak-30', name: 'Oak, 30 face', colour: 'oak', face: 30, lip: 8, depth: 36, rabbetDepth: 24, density: 700 },
	{
		id: 'obeche-25',
		name: 'Obeche, 25 face, painted dark',
		colour: 'bark',
		face: 25,
		lip: 8,
		depth: 34,
		rabbetDepth: 22,
		density: 380
	},
	{ id: 'pine-18', name: 'Pine, 18 face, limed', colour: 'limed', face: 18, lip: 7, depth: 28, rabbetDepth: 18, density: 500 },
	{
		id: 'tulipwood-40',
		name: 'Tulipwood, 40 face, stained',
		colour: 'walnut',
		face: 40,
		lip: 8,
		depth: 42,
		rabbetDepth: 30,
		density: 450
	},
	{
		id: 'metal-10',
		name: 'Aluminium, 10 face, matt dark',
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
		name: 'Aluminium, 12 face, deep, silver',
		colour: 'fog',
		face: 12,
		lip: 9,
		depth: 38,
		rabbetDepth: 31,
		density: 2700,
		metal: { pairStep: 10 }
	}
];
