/** Adhesives, hinge tissues and tapes: working figures of the handbook (hold#adhesives, guard#edge-seal, back#tape, hang#wire). */
import type { Reach } from './grades.ts';
import type { Unit } from '../units/length.ts';
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
	/** It carries sheets up to this weight, g/m². */
	sheetUpTo?: number;
	/** It comes on a board of its own, which lies in the pack. */
	ownBoard?: true;
} & Stocked;

export const ADHESIVES: readonly Adhesive[] = [
	adhesive('starch-paste', 'Wheat-starch paste and tissue', 'paste', 'water', 'rare', 5, 45),
	{ ...adhesive('cellulose-paste', 'Methyl-cellulose paste and tissue', 'paste', 'water', 'rare', 2, 45), sheetUpTo: 200 },
	adhesive('gummed-linen', 'Gummed linen tape', 'gummed', 'water', 'keep', 4, 15),
	adhesive('gummed-paper', 'Gummed paper hinging tape', 'gummed', 'water', 'keep', 4, 15),
	adhesive('self-adhesive-tissue', 'Self-adhesive tissue tape', 'self-adhesive', 'solvent, harder with age', 'show', 1.5, 0),
	adhesive('hardware-tape', 'Household tape', 'hardware', 'none', 'never', 1.5, 0),
	adhesive('transfer-tape', 'Transfer tape', 'hardware', 'none', 'never', 1.5, 0),
	adhesive('gummed-brown', 'Brown gummed tape', 'hardware', 'water, leaving stains', 'never', 4, 15),
	adhesive('reversible-glue', 'Reversible conservation glue', 'glue', 'water or heat, slowly', 'show', 1.5, 45),
	{ ...adhesive('adhesive-board', 'Adhesive board', 'whole-surface', 'none', 'show', 1.5, 0), ownBoard: true },
	adhesive('dry-mount', 'Dry mounting', 'whole-surface', 'none', 'show', 1.5, 0),
	adhesive('spray', 'Spray adhesive', 'whole-surface', 'none', 'show', 1.5, 0),
	adhesive('none', 'No adhesive', 'none', 'by hand', 'rare', 0, 0)
];

/** It is wetted to stick. */
export function isWetted({ family }: Pick<Adhesive, 'family'>): boolean {
	return family === 'paste' || family === 'gummed';
}

/** It is wetted to stick, or comes off with water or heat. */
export function bringsWaterOrHeat(adhesive: Pick<Adhesive, 'family' | 'release'>): boolean {
	return isWetted(adhesive) || /\b(water|heat)\b/.test(adhesive.release);
}

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

/** A width in which back tape is stocked, for jobs that are cut in one of the two units; its price is for a metre. */
export type TapeWidth = { id: string; name: string; /** mm */ width: number; cutIn: Unit } & Stocked;

export const TAPE_WIDTHS: readonly TapeWidth[] = [
	...[25, 38, 50, 75].map((width) => tapeWidth(`back-tape-${width}`, `Back tape, ${width} mm`, width, 'mm')),
	tapeWidth('back-tape-1-in', 'Back tape, 1 in', 25.4, 'in'),
	tapeWidth('back-tape-1-1-2-in', 'Back tape, 1 1⁄2 in', 38.1, 'in'),
	tapeWidth('back-tape-2-in', 'Back tape, 2 in', 50.8, 'in'),
	tapeWidth('back-tape-3-in', 'Back tape, 3 in', 76.2, 'in')
];

/** Widths that a job finds which is cut in that unit, mm, narrowest first. */
export function widthsOf(tapes: Readonly<Record<string, TapeWidth>>, cutIn: Unit): number[] {
	return figuresInOrder(
		Object.values(tapes).filter((tape) => tape.cutIn === cutIn),
		({ width }) => width
	);
}

/** Picture wire or cord by breaking strength, kg; its price is for a metre. */
export type HangingLine = { id: string; name: string; breakingKg: number } & Stocked;

/** Spools of wire are sold as 15, 25, 60, 90 lb. */
export const WIRES: readonly HangingLine[] = [6.8, 11.3, 27.2, 40.8].map((kg) => hangingLine('wire', 'Picture wire', kg));
export const CORDS: readonly HangingLine[] = [9, 18, 36].map((kg) => hangingLine('cord', 'Picture cord', kg));

/** Strengths that are offered, kg, weakest first. */
export function strengthsOf(lines: Readonly<Record<string, HangingLine>>): number[] {
	return figuresInOrder(Object.values(lines), ({ breakingKg }) => breakingKg);
}

/** Weights of the tissues that are offered, g/m², lightest first. */
export function tissueWeights(kinds: Readonly<Record<string, Tissue>>): number[] {
	return figuresInOrder(Object.values(kinds), ({ grammage }) => grammage);
}

function figuresInOrder<T extends Stocked>(all: readonly T[], figure: (one: T) => number): number[] {
	return [...new Set(all.filter(({ withdrawn }) => !withdrawn).map(figure))].sort((one, other) => one - other);
}

function tapeWidth(id: string, name: string, width: number, cutIn: Unit): TapeWidth {
	return { ...AS_IT_COMES, id, name, width, cutIn, pricePerM2: null };
}

function hangingLine(kind: string, name: string, breakingKg: number): HangingLine {
	return {
		...AS_IT_COMES,
		id: `${kind}-${String(breakingKg).replace('.', '-')}`,
		name: `${name}, breaks at ${breakingKg} kg`,
		breakingKg,
		pricePerM2: null
	};
}

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
