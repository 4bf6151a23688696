/** What the shop sets for itself, list by list: sizes by which frames are bought, materials, places. */
import Joi from 'joi';
import type { Fault } from '$core/job/faults.ts';
import { readPlaces, type OwnPlace } from '$core/light/own-places.ts';
import { KINDS, readMaterials, type WrittenMaterial } from '$core/shop/catalogue.ts';
import { readHouse, type WrittenFigure } from '$core/shop/own-house.ts';
import { readPackSizes, WRITTEN_SIZES, type WrittenSize } from '$core/shop/pack-sizes.ts';
import { readShelf, type WrittenShelfItem } from '$core/shop/shelf.ts';
import { builtInShop, type Shop } from '$core/shop/shop.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import type { Database } from './db/open.ts';
import { isUsedAnywhere } from './db/jobs.ts';
import { keepList, selectList } from './db/shop.ts';
import { faults, type Answer } from './jobs.ts';

type Read = { ok: true; items: unknown } | { ok: false; faults: Fault[] };
type List = {
	/** Name of the list in the database. */
	stored: string;
	asItComes: unknown;
	read: (list: unknown) => Read;
};

/** By the key under which a list is sent. */
const LISTS = {
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

/** Kept as it was written: 16 in stays 16 in. */
function readSizes(list: unknown): Read {
	const read = readPackSizes(list);
	if (!read.ok) return read;
	return { ok: true, items: (list as WrittenSize[]).map(({ name, width, height }) => ({ name: name.trim(), width, height })) };
}

/** Revision 0 is the list as it comes. */
export async function listOf<T>(db: Database, key: ListKey): Promise<{ rev: number; items: T }> {
	const kept = await selectList(db, LISTS[key].stored);
	return kept ? { rev: kept.rev, items: kept.items as T } : { rev: 0, items: LISTS[key].asItComes as T };
}

/** Everything the shop set for itself. */
export async function writtenShop(db: Database): Promise<WrittenShop> {
	const [packSizes, materials, places, shelf, house] = await Promise.all([
		listOf<WrittenSize[]>(db, 'packSizes'),
		listOf<WrittenMaterial[]>(db, 'materials'),
		listOf<OwnPlace[]>(db, 'places'),
		listOf<WrittenShelfItem[]>(db, 'shelf'),
		listOf<WrittenFigure[]>(db, 'house')
	]);
	return { packSizes: packSizes.items, materials: materials.items, places: places.items, shelf: shelf.items, house: house.items };
}

/** The shop that jobs are planned for. */
export async function shopOf(db: Database): Promise<Shop> {
	return shopFrom(await writtenShop(db));
}

export async function getList(db: Database, key: ListKey): Promise<Answer> {
	const { rev, items } = await listOf(db, key);
	return { status: 200, body: { rev, [key]: items }, headers: { etag: `"${rev}"` } };
}

/** Keeps a list on top of the revision named by If-Match. */
export async function putList(db: Database, key: ListKey, sent: unknown, ifMatch: string | null): Promise<Answer> {
	if (ifMatch === null) return faults(428, [{ path: 'If-Match', says: 'Say which revision this started from: If-Match: "0".' }]);
	const match = /^"(\d{1,9})"$/.exec(ifMatch);
	if (!match) return faults(400, [{ path: 'If-Match', says: 'This must be one quoted number, such as "0".' }]);
	const checked = checkSent(key, sent);
	if (!checked.ok) return faults(400, checked.faults);
	const items = key === 'materials' ? await withKeptMaterials(db, checked.items as WrittenMaterial[]) : checked.items;
	const rev = await keepList(db, LISTS[key].stored, items, Number(match[1]));
	if (rev === null)
		return faults(409, [
			{ path: 'If-Match', says: 'Somebody else changed the list meanwhile. Load it again and make the change on top of it.' }
		]);
	return { status: 200, body: { rev, [key]: items }, headers: { etag: `"${rev}"` } };
}

/** The list that a body holds, read; or every fault of it. */
export function checkSent(key: ListKey, sent: unknown): Read {
	const body = Joi.object({ [key]: Joi.any().required() })
		.unknown(false)
		.messages({
			'object.base': 'A group of keys in curly brackets is wanted here.',
			'any.required': 'This is missing.',
			'object.unknown': `This key is not known here. Known: ${key}.`
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
	const kept: WrittenMaterial[] = [];
	for (const material of gone) if (await isUsedAnywhere(db, material.id)) kept.push({ ...material, withdrawn: true });
	return [...next, ...kept];
}
