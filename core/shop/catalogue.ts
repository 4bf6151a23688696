/** The catalogue: what the shop changed or added, kind by kind (`material-kinds.ts`), and the shop that comes of it. */
import { byOwnKeys } from '../units/by-own-keys.ts';
import type { Fault } from '../job/faults.ts';
import { readLength } from '../units/length.ts';
import { wholeCents } from '../units/round.ts';
import { ALWAYS_STIFF, KINDS, MATERIAL_KINDS, type Column, type FigureValue, type MaterialKind } from './material-kinds.ts';
import { widthsOf } from './holds.ts';
import { builtInShop, withStock, type Shop, type Stock } from './shop.ts';
import { AS_IT_COMES, type Stocked } from './stocked.ts';
import { nth } from '../units/there.ts';

/** What the shop changed of a material, or a material of its own: only the figures that it gave. */
export type WrittenMaterial = {
	kind: MaterialKind;
	id: string;
	name: string;
	figures: Record<string, FigureValue | null>;
	sources: Record<string, string>;
	withdrawn?: boolean;
};

/** Any of the catalogue: what all of them carry, beside the figures of their kind. */
export type Material = Stocked & { id: string; name: string };

/** A figure's name in a sentence. */
export function figureName(key: string): string {
	for (const kind of MATERIAL_KINDS) {
		const column = KINDS[kind].columns.find((one) => one.key === key);
		if (column) return column.name;
	}
	return key;
}

const MOST_MATERIALS = 500;
const ID = /^[a-z0-9][a-z0-9-]{0,58}$/;

/**
 * Reads a list of changed and own materials.
 * @param list parsed JSON, of any shape
 * @returns the list with every figure as a number, a word or a flag; or every fault with its path: `materials[3].figures.thickness`
 */
export function readMaterials(list: unknown): { ok: true; materials: WrittenMaterial[] } | { ok: false; faults: Fault[] } {
	if (!Array.isArray(list)) return { ok: false, faults: [{ path: 'materials', says: 'This must be a list in [ ].' }] };
	if (list.length > MOST_MATERIALS)
		return {
			ok: false,
			faults: [{ path: 'materials', says: `There are ${list.length} materials; at most ${MOST_MATERIALS} can be saved.` }]
		};
	const faults: Fault[] = [];
	const seen = new Set<string>();
	const materials = list.map((one: unknown, index) => readMaterial(one, `materials[${index}]`, seen, faults));
	if (faults.length === 0) faults.push(...nothingLeft(withMaterials(builtInShop, materials)));
	return faults.length > 0 ? { ok: false, faults } : { ok: true, materials };
}

/** Lists that every plan takes its next larger one from: one of each stays. */
function nothingLeft({ tissues, tapes }: Shop): Fault[] {
	const lists = [
		{ left: tissues, says: 'Keep one weight of hinge tissue in the lists: plans take the next that is strong enough.' },
		{ left: widthsOf(tapes, 'mm'), says: 'Keep one width of back tape for jobs cut in mm in the lists.' },
		{ left: widthsOf(tapes, 'in'), says: 'Keep one width of back tape for jobs cut in inches in the lists.' }
	];
	return lists.filter(({ left }) => left.length === 0).map(({ says }) => ({ path: 'materials', says }));
}

function readMaterial(given: unknown, at: string, seen: Set<string>, faults: Fault[]): WrittenMaterial {
	const one = (typeof given === 'object' && given !== null ? given : {}) as Record<string, unknown>;
	const fault = (path: string, says: string) => void faults.push({ path: `${at}.${path}`, says });
	for (const key of Object.keys(one))
		if (!['kind', 'id', 'name', 'figures', 'sources', 'withdrawn'].includes(key)) fault(key, 'This key is not recognised.');
	const kind = MATERIAL_KINDS.find((known) => known === one.kind);
	if (!kind) fault('kind', `Enter a kind, one of ${MATERIAL_KINDS.join(', ')}.`);
	const id = typeof one.id === 'string' ? one.id : '';
	if (!ID.test(id)) fault('id', 'Enter an id of lower-case letters, digits and hyphens, such as rag-3, at most 59.');
	if (id === 'none') fault('id', '“none” means no material. Choose another id.');
	if (seen.has(`${kind} ${id}`)) fault('id', `“${id}” is used twice. Give each its own id.`);
	seen.add(`${kind} ${id}`);
	const name = typeof one.name === 'string' ? one.name.trim() : '';
	if (name === '' || name.length > 80) fault('name', 'Enter a name of 1 to 80 letters.');
	if (one.withdrawn !== undefined && typeof one.withdrawn !== 'boolean') fault('withdrawn', 'Enter true or false.');
	const columns = kind ? KINDS[kind].columns : [];
	const figures: WrittenMaterial['figures'] = {};
	for (const [key, value] of Object.entries(groupOf(one.figures, 'figures', fault))) {
		const column = columns.find((known) => known.key === key);
		if (!column) {
			if (kind)
				fault(
					`figures.${key}`,
					`${capital(oneOf(kind))} has no such figure. It has: ${columns.map((known) => known.key).join(', ')}.`
				);
			continue;
		}
		// An emptied field is a figure that nobody knows.
		if (value === null || value === '') {
			if (column.must && kind) fault(`figures.${key}`, mustHave(kind, column));
			figures[key] = null;
			continue;
		}
		const read = readFigure(column, value);
		if (read.ok) figures[key] = read.value;
		else fault(`figures.${key}`, read.says);
	}
	if (kind && ID.test(id)) for (const { path, says } of wholeFaults(kind, id, figures)) fault(path, says);
	const sources: Record<string, string> = {};
	for (const [key, value] of Object.entries(groupOf(one.sources, 'sources', fault))) {
		if (typeof value !== 'string' || value.length > 120) fault(`sources.${key}`, 'Enter a source of at most 120 letters.');
		else if (value.trim() !== '' && columns.some((known) => known.key === key)) sources[key] = value.trim();
	}
	return { kind: kind ?? 'board', id, name, figures, sources, ...(one.withdrawn === true ? { withdrawn: true } : {}) };
}

/** What is missing from an own one, and what can't be together. */
function wholeFaults(kind: MaterialKind, id: string, figures: WrittenMaterial['figures']): Fault[] {
	const { of, columns, impossible } = KINDS[kind];
	const comes = (builtInShop[of] as Record<string, Material>)[id];
	const missing = comes ? [] : columns.filter((column) => column.must && figures[column.key] === undefined);
	const together = impossible?.({ ...(comes ? figuresOf(kind, comes) : {}), ...figures }) ?? [];
	return [
		...missing.map((column) => ({ path: `figures.${column.key}`, says: mustHave(kind, column) })),
		...together.map(({ key, says }) => ({ path: `figures.${key}`, says }))
	];
}

function mustHave(kind: MaterialKind, { name }: Column): string {
	return `Cutting and choices need it: ${oneOf(kind)} needs “${name}”.`;
}

/** `a moulding`, `an adhesive`. */
export function oneOf(kind: MaterialKind): string {
	const { one } = KINDS[kind];
	return `${/^[aeiou]/.test(one) ? 'an' : 'a'} ${one}`;
}

function groupOf(value: unknown, path: string, fault: (path: string, says: string) => void): Record<string, unknown> {
	if (value === undefined) return {};
	if (typeof value === 'object' && value !== null && !Array.isArray(value)) return value as Record<string, unknown>;
	fault(path, 'Must be a group of keys in curly brackets.');
	return {};
}

/** One figure as it was typed or sent. */
export function readFigure(column: Column, value: unknown): { ok: true; value: FigureValue } | { ok: false; says: string } {
	const text = typeof value === 'string' ? value.trim() : value;
	switch (column.of) {
		case 'flag':
			if (text === true || text === 'yes' || text === 'true') return { ok: true, value: true };
			if (text === false || text === 'no' || text === 'false') return { ok: true, value: false };
			return { ok: false, says: 'Write yes or no.' };
		case 'choice':
			return typeof text === 'string' && column.options.includes(text)
				? { ok: true, value: text }
				: { ok: false, says: `This is one of ${column.options.join(', ')}.` };
		case 'text':
			if (typeof text !== 'string' || text.length > 80) return { ok: false, says: 'Enter text of at most 80 letters.' };
			return column.looks && !column.looks.like.test(text) ? { ok: false, says: column.looks.says } : { ok: true, value: text };
		case 'length': {
			if (text === 0 || text === '0') return within(column, 0, ' mm');
			const read =
				typeof text === 'number' || typeof text === 'string'
					? readLength(text, 'mm')
					: ({ ok: false, says: 'Write a length, such as 1.5.' } as const);
			return read.ok ? within(column, read.mm, ' mm') : read;
		}
		case 'money': {
			const read = numberIn(text);
			if (!read.ok) return read;
			return read.value < 0 || read.value > 10_000_000
				? { ok: false, says: 'Enter a price of 0 cents or more.' }
				: { ok: true, value: wholeCents(read.value) };
		}
		case 'number': {
			const read = numberIn(text);
			if (read.ok && column.whole && !Number.isInteger(read.value)) return { ok: false, says: 'Enter a whole number.' };
			return read.ok ? within(column, read.value, column.unit ? ` ${column.unit}` : '') : read;
		}
	}
}

function numberIn(text: unknown): { ok: true; value: number } | { ok: false; says: string } {
	if (typeof text === 'string' && /^-?\d+,\d+$/.test(text))
		return { ok: false, says: `Write ${text.replace(',', '.')} with a point.` };
	const value =
		typeof text === 'number'
			? text
			: typeof text === 'string' && /^-?\d*\.?\d+(e-?\d+)?$/i.test(text)
				? Number(text)
				: Number.NaN;
	return Number.isFinite(value) ? { ok: true, value } : { ok: false, says: 'Write a number, such as 1.05.' };
}

function within(
	{ least, most, name }: { least: number; most: number; name: string },
	value: number,
	unit: string
): { ok: true; value: number } | { ok: false; says: string } {
	if (value >= least && value <= most) return { ok: true, value };
	// A scale such as “1 to 8” is its own unit.
	const of = unit.trim() === `${least} to ${most}` ? '' : unit;
	return { ok: false, says: `${capital(name)} must be between ${least} and ${most}${of}.` };
}

function capital(name: string): string {
	return `${nth(name, 0).toUpperCase()}${name.slice(1)}`;
}

/**
 * The shop with its own and changed materials. What the handbook has and the shop did not touch stays; a figure that nobody gave has a
 * careful value and is named in `unknown`.
 */
export function withMaterials(shop: Shop, written: readonly WrittenMaterial[]): Shop {
	if (written.length === 0) return shop;
	const lists = Object.fromEntries(
		MATERIAL_KINDS.map((kind) => [KINDS[kind].of, byOwnKeys<unknown>(shop[KINDS[kind].of])])
	) as unknown as Record<keyof Stock, Record<string, Material>>;
	for (const one of written) {
		const list = lists[KINDS[one.kind].of];
		list[one.id] = materialOf(one, list[one.id]);
	}
	return withStock(shop, lists as unknown as Stock);
}

function materialOf(written: WrittenMaterial, known: Material | undefined): Material {
	const before = known && !known.own ? (known as unknown as Record<string, unknown>) : null;
	const made: Record<string, unknown> = {
		...(before ?? { ...AS_IT_COMES, pricePerM2: null, ...KINDS[written.kind].shares?.fixed }),
		id: written.id,
		name: written.name,
		sources: written.sources,
		withdrawn: written.withdrawn ?? false,
		own: before === null
	};
	const unknown: string[] = [];
	for (const column of KINDS[written.kind].columns) {
		const given = written.figures[column.key];
		const emptied = given === null || (given === undefined && before === null);
		if (emptied && column.needed) unknown.push(column.key);
		if (given !== undefined && given !== null) made[column.key] = ownForm(column.key, given);
		else if (emptied) made[column.key] = carefulValue(written, column, made);
	}
	return { ...made, unknown } as unknown as Material;
}

/** Stiffness as a side: 0 is none. */
function ownForm(key: string, value: FigureValue): FigureValue {
	if (key !== 'stiff' || typeof value !== 'number') return value;
	return value === 0 ? false : value >= ALWAYS_STIFF ? true : value;
}

/** Figures that follow from a glazing's family, and the catalogue's careful ones. */
function carefulValue({ kind }: WrittenMaterial, column: Column, made: Record<string, unknown>): unknown {
	if (kind === 'glazing') {
		const acrylic = made.family === 'acrylic';
		const byFamily: Record<string, FigureValue> = {
			thickness: acrylic ? 3 : 2,
			densityKgM3: acrylic ? 1190 : 2500,
			stiffnessGPa: acrylic ? 3.2 : 70,
			bendsAs: made.thickness as number,
			poisson: acrylic ? 0.37 : 0.22,
			perKelvin: acrylic ? 70e-6 : 9e-6,
			perTenRh: acrylic ? 0.0003 : 0,
			uvStoppedPercent: acrylic ? 60 : 45
		};
		if (column.key in byFamily) return byFamily[column.key];
	}
	return column.key === 'stiff' ? false : column.key === 'backingBehindBoard' ? undefined : column.careful;
}

/** The shop's materials of a kind. */
export function materialsOf(shop: Shop, kind: MaterialKind): Material[] {
	const { of, shares } = KINDS[kind];
	const all = Object.values(shop[of] as Readonly<Record<string, Material>>).filter(({ id }) => id !== 'none');
	return shares ? all.filter((one) => shares.has(one as unknown as Record<string, unknown>)) : all;
}

/** A material's figures as the catalogue writes them. */
export function figuresOf(kind: MaterialKind, material: Material): Record<string, FigureValue | null> {
	const held = material as unknown as Record<string, FigureValue | null | undefined>;
	return Object.fromEntries(
		KINDS[kind].columns.map(({ key, of }) => {
			const value = held[key];
			if (material.unknown.includes(key)) return [key, null];
			if (key === 'stiff') return [key, value === true ? ALWAYS_STIFF : value === false ? 0 : (value ?? 0)];
			return [key, value === '' ? null : (value ?? (of === 'flag' ? false : null))];
		})
	);
}
