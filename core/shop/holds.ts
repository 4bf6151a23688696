/** Adhesives, hinge tissues and tapes: working figures of the handbook (hold#adhesives, guard#edge-seal, back#tape, hang#wire). */
import type { Reach } from './grades.ts';
import { MM_PER_INCH, type Unit } from '../units/length.ts';
import { AS_IT_COMES, type Stocked } from './stocked.ts';

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
	/** It comes on a board of its own, which lies in the pack. */
	ownBoard?: true;
} & Stocked;

export const ADHESIVES: readonly Adhesive[] = [
	adhesive('starch-paste', 'Wheat-starch paste and tissue', 'paste', 'water', 'rare', 5, 45),
	adhesive('cellulose-paste', 'Methyl-cellulose paste and tissue', 'paste', 'water', 'rare', 5, 45),
	adhesive('gummed-linen', 'Gummed linen tape', 'gummed', 'water', 'keep', 4, 15),
	adhesive('gummed-paper', 'Gummed paper hinging tape', 'gummed', 'water', 'keep', 4, 15),
	adhesive('self-adhesive-tissue', 'Self-adhesive tissue tape', 'self-adhesive', 'solvent, with age', 'show', 1.5, 0),
	adhesive('hardware-tape', 'Hardware-shop tape', 'hardware', 'none', 'never', 1.5, 0),
	adhesive('transfer-tape', 'Transfer tape', 'hardware', 'none', 'never', 1.5, 0),
	adhesive('gummed-brown', 'Brown gummed tape', 'hardware', 'water, with stains', 'never', 4, 15),
	adhesive('reversible-glue', 'Reversible conservation glue', 'glue', 'water or heat, slowly', 'show', 1.5, 45),
	{ ...adhesive('adhesive-board', 'Adhesive board', 'whole-surface', 'none', 'show', 1.5, 0), ownBoard: true },
	adhesive('dry-mount', 'Dry mounting', 'whole-surface', 'none', 'show', 1.5, 0),
	adhesive('spray', 'Spray adhesive', 'whole-surface', 'none', 'show', 1.5, 0),
	adhesive('none', 'No adhesive', 'none', 'by hand', 'rare', 0, 0)
];

/** Its price is for a sheet. */
export type Tissue = { id: string; name: string; grammage: number } & Stocked;

/** Long-fibred tissues for hinges, g/m², lightest first. */
export const TISSUES: readonly Tissue[] = [11, 20, 30, 45].map((grammage) => ({
	...AS_IT_COMES,
	id: `tissue-${grammage}`,
	name: `Long-fibred tissue, ${grammage} g/m²`,
	grammage,
	pricePerM2: null
}));

/** Tape round the pack’s edges; its price is for a metre. */
export type EdgeSeal = { id: string; name: string; reach: Reach } & Stocked;

export const EDGE_SEALS: readonly EdgeSeal[] = [
	tape('aluminium-laminate', 'Aluminium laminate tape', 'rare', 90),
	tape('polyester', 'Polyester tape with acrylic adhesive', 'rare', 70),
	tape('paper', 'Acid-free paper tape', 'keep', 30),
	tape('packing', 'Packing tape', 'show', 5)
];

/** Widths in which tapes are stocked, mm: in the house of millimetres, and in that of inches. */
export const TAPE_WIDTHS: Readonly<Record<Unit, readonly number[]>> = {
	mm: [25, 38, 50, 75],
	in: [1, 1.5, 2, 3].map((inches) => inches * MM_PER_INCH)
};

/** Picture wire and cord by breaking strength, kg; spools of wire are sold as 15, 25, 60, 90 lb. */
export const WIRES_BREAKING_KG: readonly number[] = [6.8, 11.3, 27.2, 40.8];
export const CORDS_BREAKING_KG: readonly number[] = [9, 18, 36];

function adhesive(
	id: string,
	name: string,
	family: Adhesive['family'],
	release: string,
	sheet: Reach,
	loadKPa: number,
	dryMinutes: number
): Adhesive {
	return { ...AS_IT_COMES, id, name, family, release, sheet, loadKPa, dryMinutes, pricePerM2: null };
}

function tape(id: string, name: string, reach: Reach, pricePerM: number): EdgeSeal {
	return { ...AS_IT_COMES, id, name, reach, pricePerM2: pricePerM };
}
