/** The changes that remedies make, so that no rule spells out a patch by hand. */
import { SIDES, type SideName, type Sides } from '../geometry/shapes.ts';
import { writtenMats } from '../job/written.ts';
import { put, type Key } from '../job/patch.ts';
import { MM_PER_INCH } from '../units/length.ts';
import { POUNDS_PER_KG, showBoth, showLimit, showMass, showNumber, showWithUnit } from '../units/show.ts';
import type { Context, Remedy } from './rule.ts';

/** One value put at one place of the job file. */
export function remedy(context: Context, label: string, keys: readonly Key[], value: unknown): Remedy {
	return { label, patch: put(context.file, keys, value) };
}

/** Changes one mat; where the file leaves the mats to the house, the house's mats are written out first. */
export function remedyOfMat(context: Context, label: string, index: number, changes: Record<string, unknown>): Remedy {
	if (context.file.mats?.[index] === undefined) {
		const mats = writtenMats(context.job.mats).map((mat, at) => ({ ...mat, ...(at === index ? changes : {}) }));
		return remedy(context, label, ['mats'], mats);
	}
	return { label, patch: Object.entries(changes).flatMap(([key, value]) => put(context.file, ['mats', index, key], value)) };
}

/** `at the top and left`, `on every side`. */
export function atSides(sides: SideName[]): string {
	if (sides.length === 4) return 'on every side';
	return `at the ${sides.length === 1 ? sides[0] : `${sides.slice(0, -1).join(', ')} and ${sides.at(-1)}`}`;
}

/** Sides written out in full, some of them changed. */
export function sidesWith(sides: Sides, changed: Partial<Sides>): Sides | number {
	const all = { ...sides, ...changed };
	return SIDES.every((side) => all[side] === all.top) ? all.top : all;
}

/** A length that is cut or laid by a tape, in the reader's unit. */
export function said(context: Context, mm: number): string {
	return showWithUnit(mm, context.job.reader, 'mark');
}

/** A length that nobody cuts. */
export function saidFine(context: Context, mm: number): string {
	return showWithUnit(mm, context.job.reader, 'fine');
}

/** The same where nothing is held against it: from an eighth of an inch on no decimals of one, which no tape has. */
export function saidRead({ job: { reader } }: Context, mm: number): string {
	return showWithUnit(mm, { ...reader, cutIn: undefined }, Math.abs(mm) >= MM_PER_INCH / 8 ? 'mark' : 'fine');
}

/** A figure and what it is held against: `1⁄16 in`, `1⁄8 in`; as decimals where both would read the same. */
export function saidBoth(context: Context, one: number, other: number): [string, string] {
	return showBoth(one, other, context.job.reader);
}

/** A limit of safety, rounded to the safe side. */
export function leastSaid(context: Context, mm: number): string {
	return showLimit(mm, context.job.reader, 'least');
}

export function mostSaid(context: Context, mm: number): string {
	return showLimit(mm, context.job.reader, 'most');
}

/** A mass and what it is held against: where both would read the same, as decimals. */
export function massesSaid({ job: { reader } }: Context, one: number, other: number): [string, string] {
	const [first, second] = [showMass(one, reader), showMass(other, reader)];
	if (first !== second) return [first, second];
	const fine = (kg: number) => (reader.unit === 'mm' ? `${showNumber(kg, 3)} kg` : `${showNumber(kg * POUNDS_PER_KG, 3)} lb`);
	return [fine(one), fine(other)];
}

export function massSaid(context: Context, kg: number): string {
	return showMass(kg, context.job.reader);
}
