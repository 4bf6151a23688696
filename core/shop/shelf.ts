/**
 * What stands on the shelf: ready frames with their rabbets, sticks that were left over, mats that were bought or cut (handbook frame#shelf).
 */
import type { Fault } from '../job/faults.ts';
import type { Field, Fields } from '../job/field.ts';
import { NOT_KNOWN } from '../job/kinds.ts';
import { readField } from '../job/read.ts';
import { readCents } from '../units/cents.ts';
import { impossibleIn, type Section } from './mouldings.ts';

type OnTheShelf = {
	name: string;
	/** Shelf or place. */
	place: string;
	/** So many are alike, those that jobs hold among them. */
	count: number;
};
/** What the shop paid for one, in cents; null where nobody said. */
type Bought = { price: number | null };
export type ShelfFrame = OnTheShelf &
	Bought & {
		kind: 'frame';
		/** Its rabbet. */
		width: number;
		height: number;
		section: Section;
		colour: string;
	};
export type ShelfStick = OnTheShelf & { kind: 'stick'; moulding: string; length: number };
/** A mat that is cut: its opening and its outer size as measured. */
export type ShelfMat = OnTheShelf &
	Bought & {
		kind: 'mat';
		width: number;
		height: number;
		openingWidth: number;
		openingHeight: number;
		/** Id of a board, or that nobody knows it. */
		board: string;
		colour: string;
	};
export type ShelfItem = ShelfFrame | ShelfStick | ShelfMat;
export type ShelfKind = ShelfItem['kind'];
/** As it was written: lengths as typed. */
export type WrittenShelfItem = Record<string, unknown>;

const MOST = 200;
const MOST_ALIKE = 9999;
const MOST_CENTS = 10_000_000;
const text = (says: string, most = 60): Field => ({ kind: 'text', most, says });
const length = (says: string): Field => ({ kind: 'length', says });

const COMMON: Fields = {
	name: text('name'),
	place: text('location'),
	count: { kind: 'number', least: 0, most: MOST_ALIKE, whole: true, says: 'how many alike; one unless given' }
};
const PRICE: Fields = {
	price: {
		kind: 'number',
		least: 0,
		most: MOST_CENTS,
		whole: true,
		says: 'cost of one: cents, or an amount such as 48.50'
	}
};
const FRAME: Fields = {
	...COMMON,
	...PRICE,
	kind: text('frame'),
	width: length('rabbet width'),
	height: length('rabbet height'),
	face: length('face'),
	lip: length('lip'),
	depth: length('depth'),
	rabbetDepth: length('rabbet depth'),
	colour: text('colour', 40)
};
const STICK: Fields = {
	...COMMON,
	kind: text('stick'),
	moulding: text('a moulding the shop stocks'),
	length: length('length')
};
const MAT: Fields = {
	...COMMON,
	...PRICE,
	kind: text('mat'),
	width: length('outer width'),
	height: length('outer height'),
	openingWidth: length('opening width'),
	openingHeight: length('opening height'),
	board: text('a board the shop stocks, or unknown'),
	colour: text('colour', 40)
};
const FIELDS: Record<ShelfKind, Fields> = { frame: FRAME, stick: STICK, mat: MAT };
/** As it was read; what is missing is a fault already. */
type Read = Partial<Section> & {
	name?: string;
	place?: string;
	count?: number;
	price?: number;
	moulding?: string;
	length?: number;
	width?: number;
	height?: number;
	colour?: string;
	openingWidth?: number;
	openingHeight?: number;
	board?: string;
} & Record<string, unknown>;

const NEEDED = {
	frame: ['name', 'width', 'height', 'face', 'lip', 'depth', 'rabbetDepth'],
	stick: ['name', 'moulding', 'length'],
	mat: ['name', 'width', 'height', 'openingWidth', 'openingHeight']
} as const satisfies Record<ShelfKind, readonly string[]>;

/** What is not known of a ready frame's wood, kg/m³. */
const USUAL_DENSITY = 560;

/**
 * Reads a list of frames and sticks.
 * @returns them in millimetres, or every fault with its path: `shelf[2].lip`
 */
export function readShelf(list: unknown): { ok: true; items: ShelfItem[] } | { ok: false; faults: Fault[] } {
	if (!Array.isArray(list)) return { ok: false, faults: [{ path: 'shelf', says: 'This must be a list in [ ].' }] };
	if (list.length > MOST)
		return {
			ok: false,
			faults: [{ path: 'shelf', says: `There are ${list.length} items on it; at most ${MOST} can be saved.` }]
		};
	const faults: Fault[] = [];
	const names = new Set<string>();
	const items = list.map((given: unknown, index): ShelfItem => {
		const at = `shelf[${index}]`;
		const kind = (given as { kind?: unknown } | null)?.kind;
		if (!isKind(kind)) {
			faults.push({ path: `${at}.kind`, says: 'Enter a frame, a stick or a mat.' });
			return { kind: 'stick', name: '', place: '', count: 0, moulding: '', length: 0 };
		}
		const fields: Field = { kind: 'group', fields: FIELDS[kind], says: `a ${kind} on the shelf` };
		const read = readField(fields, withPrice(withCount(given as object, at, faults), at, faults), at, 'mm', faults) as Read;
		const said = faults.length;
		for (const key of NEEDED[kind]) {
			const missing = read[key] === undefined || String(read[key]).trim() === '';
			if (missing && !faults.some(({ path }) => path === `${at}.${key}`))
				faults.push({ path: `${at}.${key}`, says: `A ${kind} on the shelf needs ${NEEDED[kind].join(', ')}.` });
		}
		const name = String(read.name ?? '').trim();
		if (names.has(name)) faults.push({ path: `${at}.name`, says: `“${name}” is used twice. Give each its own name.` });
		names.add(name);
		const of: OnTheShelf = { name, place: String(read.place ?? '').trim(), count: read.count ?? 1 };
		if (kind === 'stick') return { kind, ...of, moulding: read.moulding ?? '', length: read.length ?? 0 };
		if (kind === 'mat') return matFrom(read, of, at, faults);
		const { face, lip, depth, rabbetDepth } = read as Section;
		if (faults.length === said)
			faults.push(...impossibleIn({ face, lip, depth, rabbetDepth }).map(({ key, says }) => ({ path: `${at}.${key}`, says })));
		return {
			kind,
			...of,
			price: read.price ?? null,
			width: read.width ?? 0,
			height: read.height ?? 0,
			section: { face, lip, depth, rabbetDepth, density: USUAL_DENSITY },
			colour: String(read.colour ?? 'ash')
		};
	});
	return faults.length > 0 ? { ok: false, faults } : { ok: true, items };
}

/** As it stands in a field, `3` is a number too; of what is none only one thing is said. */
function withCount(given: object & { count?: unknown }, at: string, faults: Fault[]): object {
	const { count, ...rest } = given;
	if (typeof count !== 'string') return given;
	if (/^\d{1,4}$/.test(count.trim())) return { ...rest, count: Number(count) };
	faults.push({ path: `${at}.count`, says: 'How many are there? Enter a whole number.' });
	return rest;
}

/** A sum as it is typed is cents; an empty field is none. */
function withPrice(given: object & { price?: unknown }, at: string, faults: Fault[]): object {
	const { price, ...rest } = given;
	if (typeof price !== 'string') return given;
	if (price.trim() === '') return rest;
	const cents = readCents(price);
	if (typeof cents === 'number') return { ...rest, price: cents };
	faults.push({ path: `${at}.price`, says: 'Not an amount. Write 48 or 48.50, or leave it empty.' });
	return rest;
}

function isKind(kind: unknown): kind is ShelfKind {
	return typeof kind === 'string' && Object.hasOwn(FIELDS, kind);
}

/** Its board stands round its opening. */
function matFrom(read: Read, of: OnTheShelf, at: string, faults: Fault[]): ShelfMat {
	const { width = 0, height = 0, openingWidth = 0, openingHeight = 0 } = read;
	for (const [key, opening, outer] of [
		['openingWidth', openingWidth, width],
		['openingHeight', openingHeight, height]
	] as const)
		if (opening > 0 && outer > 0 && opening >= outer)
			faults.push({ path: `${at}.${key}`, says: 'The opening is as large as the mat itself. Measure both again.' });
	const board = read.board?.trim() ?? '';
	return {
		kind: 'mat',
		...of,
		price: read.price ?? null,
		width,
		height,
		openingWidth,
		openingHeight,
		board: board === '' ? NOT_KNOWN : board,
		colour: String(read.colour ?? 'white')
	};
}
