/** What a piece is on, or made of, by its kind: what follows for boards, water and movement (handbook intake#supports). Working values. */
import type { PieceKind } from '../job/kinds.ts';
import type { House } from './house.ts';

/** House figures that say how a support moves. */
export type GrowthName = keyof Pick<
	House,
	| 'paperGrowthAcross'
	| 'paperGrowthAlong'
	| 'vellumGrowth'
	| 'tracingGrowth'
	| 'panelGrowth'
	| 'panelTangential'
	| 'panelQuarter'
	| 'plywoodGrowth'
	| 'fibreboardGrowth'
	| 'canvasGrowth'
	| 'stillGrowth'
>;

export type Support = {
	name: string;
	/** Kinds of piece that may be on it. */
	of: readonly PieceKind[];
	/** Why it is asked, in a sentence. */
	says: string;
	/** Its back takes no water: paste and gummed tape do not bond. */
	noWater?: true;
	/** Wanted un-buffered; `false`: known to want none. */
	unbuffered?: boolean;
	/** Groundwood: yellows and sheds acid (findings#piece.acid-support). */
	acid?: true;
	/** Gives off vapours: not sealed in (findings#seal.traps). */
	givesOff?: true;
	/** It moves by this figure; the kind’s own unless given. */
	growth?: GrowthName;
	/** No paste, no hinge. */
	dryHold?: true;
	/** Acrylic in front and air: glass on glass breaks both. */
	acrylicOnly?: true;
	sticks?: true;
	/** Raised stitches or pile: as much air as what sheds. */
	raised?: true;
	/** The face looks through it: never turned over. */
	faceUp?: true;
};

const PAPER = ['paper'] as const;
const CLOTH = ['textile'] as const;

const ALL = {
	paper: { name: 'paper', of: PAPER, says: 'A sheet of ordinary paper.' },
	tracing: {
		name: 'tracing paper',
		of: PAPER,
		says: 'It moves twice as much as paper and cockles at a drop of water.',
		growth: 'tracingGrowth',
		dryHold: true
	},
	newsprint: {
		name: 'newsprint',
		of: PAPER,
		says: 'Groundwood yellows in weeks of daylight and gives off acid.',
		acid: true,
		givesOff: true
	},
	glassine: { name: 'glassine', of: PAPER, says: 'It cockles at a drop of water.', dryHold: true },
	papyrus: { name: 'papyrus', of: PAPER, says: 'Its strips part when wetted: no paste.', dryHold: true },
	bark: { name: 'bark paper', of: PAPER, says: 'Thick and uneven; it moves with humidity.' },
	'backed-map': { name: 'cloth-backed map', of: PAPER, says: 'Paper on cloth: hinges hold to the cloth, which moves otherwise.' },
	scroll: {
		name: 'scroll',
		of: PAPER,
		says: 'Backed paper that tends to roll: supported all round, never forced flat.',
		dryHold: true
	},
	leather: { name: 'leather', of: ['vellum', 'object'], says: 'A protein: unbuffered boards, no water.', unbuffered: true },
	skin: { name: 'vellum, parchment', of: ['vellum'], says: 'Skin moves strongly with humidity; no water.', unbuffered: true },
	wood: { name: 'solid wood, cut not known', of: ['panel'], says: 'It moves across its grain.', growth: 'panelGrowth' },
	'wood-tangential': {
		name: 'solid wood, flat-sawn',
		of: ['panel'],
		says: 'It moves most across its grain.',
		growth: 'panelTangential'
	},
	'wood-quarter': {
		name: 'solid wood, quarter-sawn',
		of: ['panel'],
		says: 'It moves less across its grain.',
		growth: 'panelQuarter'
	},
	plywood: { name: 'plywood', of: ['panel'], says: 'It hardly moves.', growth: 'plywoodGrowth' },
	fibreboard: {
		name: 'MDF, hardboard',
		of: ['panel'],
		says: 'It hardly moves; it is raw wood fibre.',
		growth: 'fibreboardGrowth'
	},
	'glass-reverse': {
		name: 'glass, painted in reverse',
		of: ['panel'],
		says: 'The paint is on its back and flakes: acrylic in front, a gap between, never turned over.',
		noWater: true,
		growth: 'stillGrowth',
		acrylicOnly: true,
		sticks: true,
		faceUp: true
	},
	'metal-plate': {
		name: 'metal plate',
		of: ['panel', 'photograph'],
		says: 'It takes no water; gloves.',
		noWater: true,
		growth: 'stillGrowth'
	},
	linen: { name: 'linen', of: CLOTH, says: 'A plant fibre: buffered boards do it good.', unbuffered: false },
	cotton: { name: 'cotton', of: CLOTH, says: 'A plant fibre: buffered boards do it good.', unbuffered: false },
	silk: { name: 'silk', of: CLOTH, says: 'A protein: alkali weakens it.', unbuffered: true },
	wool: { name: 'wool', of: CLOTH, says: 'A protein: alkali weakens it, and insects eat it.', unbuffered: true },
	synthetic: { name: 'synthetic cloth', of: CLOTH, says: 'Neither alkali nor water harms it.', unbuffered: false },
	jersey: { name: 'jersey', of: CLOTH, says: 'It stretches: supported all over, stitched without tension.' },
	embroidery: { name: 'embroidery', of: CLOTH, says: 'Raised stitches need a gap; its threads may bleed.', raised: true },
	lace: { name: 'lace', of: CLOTH, says: 'Open work: stitched at its strong places alone.' }
} as const satisfies Record<string, Support>;

export type SupportId = keyof typeof ALL;
export const SUPPORTS: Readonly<Record<SupportId, Support>> = ALL;
export const SUPPORT_IDS = Object.keys(ALL) as SupportId[];

/** Those that a kind of piece may be on. */
export function supportsOf(kind: PieceKind): SupportId[] {
	return SUPPORT_IDS.filter((id) => SUPPORTS[id].of.includes(kind));
}
