/** Adhesives, hinge tissues and tapes: working figures of the handbook (hold#adhesives, guard#edge-seal, back#tape, hang#wire). */
import type { Reach } from './grades.ts';

export type Adhesive = {
	id: string;
	name: string;
	/** paste with tissue, a tape that is wetted, a tape that sticks by itself, a tape never for pieces, or the whole surface. */
	family: 'paste' | 'gummed' | 'self-adhesive' | 'hardware' | 'glue' | 'whole-surface' | 'none';
	release: string;
	/** The best grade at which it may hold a sheet. */
	sheet: Reach;
	/** Long-term working load of a hinge, kPa. */
	loadKPa: number;
	dryMinutes: number;
};

export const ADHESIVES: readonly Adhesive[] = [
	{
		id: 'starch-paste',
		name: 'Wheat-starch paste and tissue',
		family: 'paste',
		release: 'water',
		sheet: 'rare',
		loadKPa: 5,
		dryMinutes: 45
	},
	{
		id: 'cellulose-paste',
		name: 'Methyl-cellulose paste and tissue',
		family: 'paste',
		release: 'water',
		sheet: 'rare',
		loadKPa: 5,
		dryMinutes: 45
	},
	{
		id: 'gummed-linen',
		name: 'Gummed linen tape',
		family: 'gummed',
		release: 'water',
		sheet: 'keep',
		loadKPa: 4,
		dryMinutes: 15
	},
	{
		id: 'gummed-paper',
		name: 'Gummed paper hinging tape',
		family: 'gummed',
		release: 'water',
		sheet: 'keep',
		loadKPa: 4,
		dryMinutes: 15
	},
	{
		id: 'self-adhesive-tissue',
		name: 'Self-adhesive tissue tape',
		family: 'self-adhesive',
		release: 'solvent, with age',
		sheet: 'show',
		loadKPa: 1.5,
		dryMinutes: 0
	},
	{
		id: 'hardware-tape',
		name: 'Hardware-shop tape',
		family: 'hardware',
		release: 'none',
		sheet: 'never',
		loadKPa: 1.5,
		dryMinutes: 0
	},
	{
		id: 'transfer-tape',
		name: 'Transfer tape',
		family: 'hardware',
		release: 'none',
		sheet: 'never',
		loadKPa: 1.5,
		dryMinutes: 0
	},
	{
		id: 'gummed-brown',
		name: 'Brown gummed tape',
		family: 'hardware',
		release: 'water, with stains',
		sheet: 'never',
		loadKPa: 4,
		dryMinutes: 15
	},
	{
		id: 'reversible-glue',
		name: 'Reversible conservation glue',
		family: 'glue',
		release: 'water or heat, slowly',
		sheet: 'show',
		loadKPa: 1.5,
		dryMinutes: 45
	},
	{
		id: 'adhesive-board',
		name: 'Adhesive board',
		family: 'whole-surface',
		release: 'none',
		sheet: 'show',
		loadKPa: 1.5,
		dryMinutes: 0
	},
	{ id: 'dry-mount', name: 'Dry mounting', family: 'whole-surface', release: 'none', sheet: 'show', loadKPa: 1.5, dryMinutes: 0 },
	{ id: 'spray', name: 'Spray adhesive', family: 'whole-surface', release: 'none', sheet: 'show', loadKPa: 1.5, dryMinutes: 0 },
	{ id: 'none', name: 'No adhesive', family: 'none', release: 'by hand', sheet: 'rare', loadKPa: 0, dryMinutes: 0 }
];

/** Long-fibred tissues for hinges, g/m², lightest first. */
export const TISSUES: readonly number[] = [11, 20, 30, 45];

export type EdgeSeal = { id: 'aluminium-laminate' | 'polyester' | 'paper' | 'packing'; name: string; reach: Reach };

export const EDGE_SEALS: readonly EdgeSeal[] = [
	{ id: 'aluminium-laminate', name: 'Aluminium laminate tape', reach: 'rare' },
	{ id: 'polyester', name: 'Polyester tape with acrylic adhesive', reach: 'rare' },
	{ id: 'paper', name: 'Acid-free paper tape', reach: 'keep' },
	{ id: 'packing', name: 'Packing tape', reach: 'show' }
];

/** Widths in which tapes are stocked, mm. */
export const TAPE_WIDTHS: readonly number[] = [25, 38, 50, 75];

/** Picture wire by breaking strength, kg. */
export const WIRES_BREAKING_KG: readonly number[] = [6.8, 11.3, 27.2, 40.8];
