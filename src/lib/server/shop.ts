/** What the shop sets for itself, list by list: sizes by which frames are bought, materials, places. */
import Joi from 'joi';
import { FaultError, type Fault } from '$core/job/faults.ts';
import { readAbout } from '$core/shop/about.ts';
import { readPlaces } from '$core/shop/own-places.ts';
import { readMaterials, type WrittenMaterial } from '$core/shop/catalogue.ts';
import { KINDS } from '$core/shop/material-kinds.ts';
import { readSchools } from '$core/shop/own-schools.ts';
import { readOwnSteps } from '$core/shop/own-steps.ts';
import { readHouse } from '$core/shop/own-house.ts';
import { readPackSizes, WRITTEN_SIZES, type WrittenSize } from '$core/shop/pack-sizes.ts';
import { readShelf } from '$core/shop/shelf.ts';
import { builtInShop, type Shop } from '$core/shop/shop.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import { call, faults, revisionNamed, route, type Answer } from './answer.ts';
import type { Database, Queries } from './db/database.ts';
import { usedAnywhere } from './db/jobs.ts';
import { countShelf, selectHeld } from './db/ready.ts';
import { keepList, selectLists } from './db/shop.ts';
import { json } from './validation/body.ts';

type Read = { ok: true; items: unknown } | { ok: false; faults: Fault[] };
type List = {
	/** Name of the list in the database. */
	stored: string;
	asItComes: unknown;
	read: (list: unknown) => Read;
};

/** By the key under which a list is sent. */
const LISTS = {
	about: {
		stored: 'about',
		asItComes: {},
		read: (said: unknown): Read => {
			const read = readAbout(said);
			return read.ok ? { ok: true, items: read.about } : read;
		}
	},
	packSizes: { stored: 'pack-sizes', asItComes: WRITTEN_SIZES, read: readSizes },
	materials: {
		stored: 'materials',
		asItComes: [],
		read: (list: unknown): Read => {
			const read = readMaterials(list);
			return read.ok ? { ok: true, items: read.materials } : read;
		}
	},
	places: {
		stored: 'places',
		asItComes: [],
		read: (list: unknown): Read => {
			const read = readPlaces(list);
			return read.ok ? { ok: true, items: read.places } : read;
		}
	},
	shelf: {
		stored: 'shelf',
		asItComes: [],
		read: (list: unknown): Read => {
			const read = readShelf(list);
			// Kept as it was written: 16 in stays 16 in.
			return read.ok ? { ok: true, items: list } : read;
		}
	},
	schools: {
		stored: 'schools',
		asItComes: [],
		read: (list: unknown): Read => {
			const read = readSchools(list);
			return read.ok ? { ok: true, items: read.schools } : read;
		}
	},
	steps: {
		stored: 'steps',
		asItComes: [],
		read: (list: unknown): Read => {
			const read = readOwnSteps(list);
			return read.ok ? { ok: true, items: read.steps } : read;
		}
	},
	house: {
		stored: 'house-figures',
		asItComes: [],
		read: (list: unknown): Read => {
			const read = readHouse(list);
			return read.ok ? { ok: true, items: list } : read;
		}
	}
} satisfies Record<keyof WrittenShop, List>;
export type ListKey = keyof typeof LISTS;
export const LIST_KEYS = Object.keys(LISTS) as ListKey[];

/** Kept as it was written: 16 in stays 16 in. */
function readSizes(list: unknown): Read {
	const read = readPackSizes(list);
	if (!read.ok) return read;
	return { ok: true, items: (list as WrittenSize[]).map(({ name, width, height }) => ({ name: name.trim(), width, height })) };
}

type Kept = { rev: number; items: unknown };

/** Every list at its revision; 0 is the list as it comes. */
async function lists(db: Database): Promise<Record<ListKey, Kept>> {
	const kept = await selectLists(db);
	return Object.fromEntries(
		LIST_KEYS.map((key) => [key, kept.get(LISTS[key].stored) ?? { rev: 0, items: LISTS[key].asItComes }])
	) as Record<ListKey, Kept>;
}

export async function listOf<T>(db: Database, key: ListKey): Promise<{ rev: number; items: T }> {
	return (await lists(db))[key] as { rev: number; items: T };
}

/** Everything the shop set for itself, and the shop that jobs are planned for. */
export type ShopNow = { written: WrittenShop; shop: Shop; /** Another once any list is another. */ stands: string };

let last: ShopNow | null = null;

/** Made anew when a list stands at another revision than before; of one house there are no two shops at a time. */
export async function shopNow(db: Database): Promise<ShopNow> {
	const all = await lists(db);
	const stands = LIST_KEYS.map((key) => all[key].rev).join('.');
	const written = Object.fromEntries(LIST_KEYS.map((key) => [key, all[key].items])) as WrittenShop;
	if (last?.stands === stands && JSON.stringify(last.written) === JSON.stringify(written)) return last;
	return (last = { written, shop: shopFrom(written), stands });
}

export async function writtenShop(db: Database): Promise<WrittenShop> {
	return (await shopNow(db)).written;
}

export async function shopOf(db: Database): Promise<Shop> {
	return (await shopNow(db)).shop;
}

export async function getList(db: Database, key: ListKey): Promise<Answer> {
	const { rev, items } = await listOf(db, key);
	return { status: 200, body: { rev, [key]: items, ...(await besideList(db, key)) }, headers: { etag: `"${rev}"` } };
}

/** Keeps a list on top of a revision of it. */
export async function putList(db: Database, key: ListKey, sent: unknown, on: number): Promise<Answer> {
	const checked = checkSent(key, sent);
	if (!checked.ok) return faults(400, checked.faults);
	const items = key === 'materials' ? await withKeptMaterials(db, checked.items as WrittenMaterial[]) : checked.items;
	const kept = await keepWithCounts(db, key, items, on);
	if (!kept.ok) return faults(409, kept.faults);
	const { rev } = kept;
	if (rev === null)
		return faults(409, [{ path: 'If-Match', says: 'Someone else has changed the list. Reload it and make your change again.' }]);
	return { status: 200, body: { rev, [key]: items, ...(await besideList(db, key)) }, headers: { etag: `"${rev}"` } };
}

/** What lies ready is counted as its list is kept; fewer than jobs hold are not. */
async function keepWithCounts(
	db: Database,
	key: ListKey,
	items: unknown,
	on: number
): Promise<{ ok: true; rev: number | null } | { ok: false; faults: Fault[] }> {
	const shelf = key === 'shelf' ? readShelf(items) : null;
	try {
		const counted = shelf?.ok ? (tx: Queries) => countShelf(tx, shelf.items) : undefined;
		return { ok: true, rev: await keepList(db, LISTS[key].stored, items, on, counted) };
	} catch (error) {
		if (error instanceof FaultError) return { ok: false, faults: error.faults };
		throw error;
	}
}

/** Beside the shelf: what jobs hold of it. */
async function besideList(db: Database, key: ListKey): Promise<object> {
	return key === 'shelf' ? { held: await selectHeld(db) } : {};
}

/** The calls on a list: one way for all of them. */
export function listRoute(keyOf: (params: Record<string, string>) => ListKey) {
	return route({
		GET: call({ answer: ({ db, params }) => getList(db, keyOf(params)) }),
		PUT: call({
			body: json(),
			answer: ({ db, params, body, headers }) => {
				const on = revisionNamed(headers, 0);
				return on.ok ? putList(db, keyOf(params), body, on.value) : on.answer;
			}
		})
	});
}

/** The list that a body holds, read; or every fault of it. */
export function checkSent(key: ListKey, sent: unknown): Read {
	const body = Joi.object({ [key]: Joi.any().required() })
		.unknown(false)
		.messages({
			'object.base': 'Must be a group of keys in curly brackets.',
			'any.required': 'This is missing.',
			'object.unknown': `This key is not recognised. Known: ${key}.`
		});
	const { error } = body.validate(sent, { abortEarly: false, convert: false });
	if (error) return { ok: false, faults: error.details.map((detail) => ({ path: detail.path.join('.'), says: detail.message })) };
	return LISTS[key].read((sent as Record<string, unknown>)[key]);
}

/** A material of the shop's own that a job or one of its revisions names is kept for them, and offered no longer. */
async function withKeptMaterials(db: Database, next: WrittenMaterial[]): Promise<WrittenMaterial[]> {
	const { items: before } = await listOf<WrittenMaterial[]>(db, 'materials');
	const stays = new Set(next.map(({ kind, id }) => `${kind} ${id}`));
	const gone = before.filter(({ kind, id }) => !stays.has(`${kind} ${id}`) && !builtInShop[KINDS[kind].of][id]);
	const used = await usedAnywhere(
		db,
		gone.map(({ id }) => id)
	);
	return [...next, ...gone.filter(({ id }) => used.has(id)).map((material) => ({ ...material, withdrawn: true }))];
}
