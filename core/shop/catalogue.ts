/**
 * The catalogue as data: which figures a kind of material has, what the shop changed or added, and the shop that comes of it.
 * The engine reads `KINDS`; the editor, the CSV and the handbook's tables are made from it.
 */
import type { Fault } from '../job/faults.ts';
import { readLength } from '../units/length.ts';
import { wholeCents } from '../units/round.ts';
import type { Barrier, Board } from './boards.ts';
import type { Glazing } from './glazing.ts';
import type { Adhesive, EdgeSeal, Tissue } from './holds.ts';
import type { Shop } from './shop.ts';
import { AS_IT_COMES, type Stocked } from './stocked.ts';
import { nth } from '../units/there.ts';

export type MaterialKind = 'board' | 'glazing' | 'barrier' | 'adhesive' | 'tape' | 'tissue';
export type FigureValue = number | string | boolean;

/** One figure of a kind: how it is named, in which unit, and between which bounds. */
export type Column = {
	key: string;
	/** As a sentence names it. */
	name: string;
	/** Without it the material is unknown (findings#material.unknown). */
	needed?: true;
	/** Taken where nobody has given it. */
	careful: FigureValue | null;
} & (
	| { of: 'length'; least: number; most: number }
	| { of: 'number'; unit: string; least: number; most: number }
	| { of: 'money' }
	| { of: 'choice'; options: readonly string[] }
	| { of: 'flag' }
	| { of: 'text' }
);

const REACH = ['rare', 'keep', 'show', 'never'] as const;
const touch = { of: 'choice', options: REACH } as const;
const price = (of: string): Column => ({ key: 'pricePerM2', name: `price for ${of}`, of: 'money', careful: null });
const thickness = (careful: number): Column => ({
	key: 'thickness',
	name: 'thickness',
	of: 'length',
	least: 0.01,
	most: 30,
	needed: true,
	careful
});
const massPerM2: Column = {
	key: 'massPerM2',
	name: 'weight',
	of: 'number',
	unit: 'kg/m²',
	least: 0.01,
	most: 30,
	needed: true,
	careful: 1.05
};
const permeance: Column = {
	key: 'permeance',
	name: 'damp through it',
	of: 'number',
	unit: 'g/(Pa s m²)',
	least: 0,
	most: 1e-4,
	needed: true,
	careful: 3e-6
};
const buffers: Column = {
	key: 'buffers',
	name: 'share that takes up water',
	of: 'number',
	unit: '0 to 1',
	least: 0,
	most: 1,
	careful: 0
};
const buffered = (needed: boolean): Column => ({
	key: 'buffered',
	name: 'whether it is buffered',
	of: 'flag',
	...(needed ? { needed: true } : {}),
	careful: false
});

/** Longer than any pack. */
const ALWAYS_STIFF = 5000;

export const KINDS: Record<MaterialKind, { name: string; of: CatalogueList; columns: readonly Column[] }> = {
	board: {
		name: 'Boards',
		of: 'boards',
		columns: [
			thickness(1.5),
			massPerM2,
			// The finding about what is unknown speaks for it; a guess would claim that it is acid.
			{ key: 'touch', name: 'what it may touch', ...touch, needed: true, careful: 'rare' },
			{ key: 'forMats', name: 'cut as a window mat', of: 'flag', careful: true },
			{ key: 'outerMatAtKeep', name: 'outer mat at Keep', of: 'flag', careful: false },
			{ key: 'fabricFaced', name: 'faced with cloth', of: 'flag', careful: false },
			{ key: 'backing', name: 'grade as a back', ...touch, needed: true, careful: 'rare' },
			{ key: 'backingBehindBoard', name: 'grade as a back behind an under-mat', ...touch, careful: null },
			{ key: 'woodFibre', name: 'raw wood fibre', of: 'flag', careful: false },
			buffered(true),
			{ key: 'stiff', name: 'stiff up to a longer side of', of: 'number', unit: 'mm', least: 0, most: ALWAYS_STIFF, careful: 0 },
			permeance,
			{ ...buffers, careful: 1 },
			{ key: 'growth', name: 'grows like', of: 'choice', options: ['paper', 'plastic', 'metal'], careful: 'paper' },
			price('m²')
		]
	},
	glazing: {
		name: 'Glazing',
		of: 'glazings',
		columns: [
			{ key: 'family', name: 'family', of: 'choice', options: ['glass', 'laminated', 'acrylic'], careful: 'glass' },
			thickness(2),
			{ key: 'densityKgM3', name: 'density', of: 'number', unit: 'kg/m³', least: 500, most: 4000, needed: true, careful: 2500 },
			{ key: 'stiffnessGPa', name: 'stiffness', of: 'number', unit: 'GPa', least: 0.5, most: 120, careful: 3.2 },
			{ key: 'bendsAs', name: 'bends as a thickness of', of: 'length', least: 0.1, most: 30, careful: 2 },
			{ key: 'poisson', name: 'Poisson’s ratio', of: 'number', unit: '', least: 0, most: 0.5, careful: 0.37 },
			{ key: 'perKelvin', name: 'growth per K', of: 'number', unit: '/K', least: 0, most: 1e-3, careful: 70e-6 },
			{ key: 'perTenRh', name: 'growth per 10 % RH', of: 'number', unit: '', least: 0, most: 0.01, careful: 0.0003 },
			{ key: 'uvStoppedPercent', name: 'UV stopped', of: 'number', unit: '%', least: 0, most: 100, needed: true, careful: 45 },
			{
				key: 'lightPassedPercent',
				name: 'light passed',
				of: 'number',
				unit: '%',
				least: 1,
				most: 100,
				needed: true,
				careful: 90
			},
			{ key: 'antiStatic', name: 'anti-static', of: 'flag', careful: false },
			{ key: 'lowReflection', name: 'low reflection', of: 'flag', careful: false },
			{ key: 'etched', name: 'matt-etched', of: 'flag', careful: false },
			price('m²')
		]
	},
	barrier: {
		name: 'Barriers',
		of: 'barriers',
		columns: [thickness(0.1), massPerM2, permeance, buffered(false), buffers, price('m²')]
	},
	adhesive: {
		name: 'Adhesives',
		of: 'adhesives',
		columns: [
			{
				key: 'family',
				name: 'family',
				of: 'choice',
				options: ['paste', 'gummed', 'self-adhesive', 'hardware', 'glue', 'whole-surface'],
				careful: 'glue'
			},
			{ key: 'release', name: 'what takes it off', of: 'text', needed: true, careful: 'nobody knows what' },
			{ key: 'sheet', name: 'grade on a sheet', ...touch, needed: true, careful: 'rare' },
			{ key: 'loadKPa', name: 'working load', of: 'number', unit: 'kPa', least: 0.1, most: 50, needed: true, careful: 1.5 },
			{ key: 'dryMinutes', name: 'drying', of: 'number', unit: 'min', least: 0, most: 10_080, careful: 45 }
		]
	},
	tape: {
		name: 'Edge-seal tapes',
		of: 'edgeSeals',
		columns: [{ key: 'reach', name: 'grade as an edge seal', ...touch, needed: true, careful: 'rare' }, price('m')]
	},
	tissue: {
		name: 'Hinge tissues',
		of: 'tissueKinds',
		columns: [
			{ key: 'grammage', name: 'weight', of: 'number', unit: 'g/m²', least: 2, most: 200, needed: true, careful: 11 },
			price('sheet')
		]
	}
};
type CatalogueList = 'boards' | 'glazings' | 'barriers' | 'adhesives' | 'edgeSeals' | 'tissueKinds';
export const MATERIAL_KINDS = Object.keys(KINDS) as MaterialKind[];

/** What the shop changed of a material, or a material of its own: only the figures that it gave. */
export type WrittenMaterial = {
	kind: MaterialKind;
	id: string;
	name: string;
	figures: Record<string, FigureValue | null>;
	sources: Record<string, string>;
	withdrawn?: boolean;
};

export type Material = Board | Glazing | Barrier | Adhesive | EdgeSeal | Tissue;

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
			faults: [{ path: 'materials', says: `There are ${list.length} materials; at most ${MOST_MATERIALS} are kept.` }]
		};
	const faults: Fault[] = [];
	const seen = new Set<string>();
	const materials = list.map((one: unknown, index) => readMaterial(one, `materials[${index}]`, seen, faults));
	return faults.length > 0 ? { ok: false, faults } : { ok: true, materials };
}

function readMaterial(given: unknown, at: string, seen: Set<string>, faults: Fault[]): WrittenMaterial {
	const one = (typeof given === 'object' && given !== null ? given : {}) as Record<string, unknown>;
	const fault = (path: string, says: string) => void faults.push({ path: `${at}.${path}`, says });
	for (const key of Object.keys(one))
		if (!['kind', 'id', 'name', 'figures', 'sources', 'withdrawn'].includes(key)) fault(key, 'This key is not known here.');
	const kind = MATERIAL_KINDS.find((known) => known === one.kind);
	if (!kind) fault('kind', `The kind is one of ${MATERIAL_KINDS.join(', ')}.`);
	const id = typeof one.id === 'string' ? one.id : '';
	if (!ID.test(id)) fault('id', 'An id is small letters, digits and hyphens, such as rag-3, at most 59 of them.');
	if (id === 'none') fault('id', '“none” means no material. Choose another id.');
	if (seen.has(`${kind} ${id}`)) fault('id', `“${id}” is there twice. Give each its own id.`);
	seen.add(`${kind} ${id}`);
	const name = typeof one.name === 'string' ? one.name.trim() : '';
	if (name === '' || name.length > 80) fault('name', 'A material has a name of 1 to 80 letters.');
	if (one.withdrawn !== undefined && typeof one.withdrawn !== 'boolean') fault('withdrawn', 'This is true or false.');
	const columns = kind ? KINDS[kind].columns : [];
	const figures: WrittenMaterial['figures'] = {};
	for (const [key, value] of Object.entries(groupOf(one.figures, 'figures', fault))) {
		const column = columns.find((known) => known.key === key);
		if (!column) {
			if (kind)
				fault(`figures.${key}`, `A ${kind} has no figure of that name. It has: ${columns.map((known) => known.key).join(', ')}.`);
			continue;
		}
		// An emptied field is a figure that nobody knows.
		if (value === null || value === '') {
			figures[key] = null;
			continue;
		}
		const read = readFigure(column, value);
		if (read.ok) figures[key] = read.value;
		else fault(`figures.${key}`, read.says);
	}
	const sources: Record<string, string> = {};
	for (const [key, value] of Object.entries(groupOf(one.sources, 'sources', fault))) {
		if (typeof value !== 'string' || value.length > 120) fault(`sources.${key}`, 'A source is a text of at most 120 letters.');
		else if (value.trim() !== '' && columns.some((known) => known.key === key)) sources[key] = value.trim();
	}
	return { kind: kind ?? 'board', id, name, figures, sources, ...(one.withdrawn === true ? { withdrawn: true } : {}) };
}

function groupOf(value: unknown, path: string, fault: (path: string, says: string) => void): Record<string, unknown> {
	if (value === undefined) return {};
	if (typeof value === 'object' && value !== null && !Array.isArray(value)) return value as Record<string, unknown>;
	fault(path, 'A group of keys in curly brackets is wanted here.');
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
			return typeof text === 'string' && text.length <= 80
				? { ok: true, value: text }
				: { ok: false, says: 'A text of at most 80 letters.' };
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
				? { ok: false, says: 'A price is 0 cents or more.' }
				: { ok: true, value: wholeCents(read.value) };
		}
		case 'number': {
			const read = numberIn(text);
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
	return { ok: false, says: `${nth(name, 0).toUpperCase()}${name.slice(1)} is between ${least} and ${most}${unit}.` };
}

/**
 * The shop with its own and changed materials. What the handbook has and the shop did not touch stays; a figure that nobody gave has a
 * careful value and is named in `unknown`.
 */
export function withMaterials(shop: Shop, written: readonly WrittenMaterial[]): Shop {
	if (written.length === 0) return shop;
	const lists = Object.fromEntries(
		MATERIAL_KINDS.map((kind) => [KINDS[kind].of, { ...shop[KINDS[kind].of] }])
	) as unknown as Record<CatalogueList, Record<string, Material>>;
	for (const one of written) {
		const list = lists[KINDS[one.kind].of];
		list[one.id] = materialOf(one, list[one.id]);
	}
	const next = { ...shop, ...(lists as unknown as Pick<Shop, CatalogueList>) };
	return { ...next, tissues: tissueWeights(next.tissueKinds) };
}

/** Weights of the tissues that are offered, lightest first. */
export function tissueWeights(kinds: Shop['tissueKinds']): number[] {
	const weights = Object.values(kinds)
		.filter((tissue) => !tissue.withdrawn)
		.map((tissue) => tissue.grammage);
	return [...new Set(weights)].sort((one, other) => one - other);
}

function materialOf(written: WrittenMaterial, known: Material | undefined): Material {
	const before = known && !known.own ? (known as unknown as Record<string, unknown>) : null;
	const made: Record<string, unknown> = {
		...(before ?? AS_IT_COMES),
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

/** A material's figures as the catalogue writes them. */
export function figuresOf(kind: MaterialKind, material: Material): Record<string, FigureValue | null> {
	const held = material as unknown as Record<string, FigureValue | null | undefined>;
	return Object.fromEntries(
		KINDS[kind].columns.map(({ key, of }) => {
			const value = held[key];
			if (material.unknown.includes(key)) return [key, null];
			if (key === 'stiff') return [key, value === true ? ALWAYS_STIFF : value === false ? 0 : (value ?? 0)];
			return [key, value ?? (of === 'flag' ? false : null)];
		})
	);
}

/** What a job is offered of a list: nothing that was withdrawn, but what it holds already. */
export function offered<T extends Stocked & { id: string }>(list: Readonly<Record<string, T>>, chosen?: string | null): T[] {
	return Object.values(list).filter((one) => !one.withdrawn || one.id === chosen);
}
