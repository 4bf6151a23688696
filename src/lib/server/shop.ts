/** What the shop sets for itself: for now the sizes by which frames are bought. */
import Joi from 'joi';
import { readPackSizes, WRITTEN_SIZES, type WrittenSize } from '$core/shop/pack-sizes.ts';
import { builtInShop, withPackSizes, type Shop } from '$core/shop/shop.ts';
import type { Database } from './db/open.ts';
import { keepList, selectList } from './db/shop.ts';
import { faults, type Answer } from './jobs.ts';

const PACK_SIZES = 'pack-sizes';

export type ShopSettings = { rev: number; packSizes: readonly WrittenSize[] };

const body = Joi.object({ packSizes: Joi.any().required() }).unknown(false).messages({
	'object.base': 'A group of keys in curly brackets is wanted here.',
	'any.required': 'This is missing.',
	'object.unknown': 'This key is not known here. Known: packSizes.'
});

/** Revision 0 is the list as it comes. */
export async function settingsOf(db: Database): Promise<ShopSettings> {
	const kept = await selectList(db, PACK_SIZES);
	return kept ? { rev: kept.rev, packSizes: kept.items as WrittenSize[] } : { rev: 0, packSizes: WRITTEN_SIZES };
}

/** The shop that jobs are planned for. */
export async function shopOf(db: Database): Promise<Shop> {
	const { rev, packSizes } = await settingsOf(db);
	const read = readPackSizes(packSizes);
	return rev === 0 || !read.ok ? builtInShop : withPackSizes(builtInShop, read.sizes);
}

export async function getShop(db: Database): Promise<Answer> {
	const settings = await settingsOf(db);
	return { status: 200, body: settings, headers: { etag: `"${settings.rev}"` } };
}

/** Keeps the shop's settings on top of the revision named by If-Match. */
export async function putShop(db: Database, sent: unknown, ifMatch: string | null): Promise<Answer> {
	if (ifMatch === null) return faults(428, [{ path: 'If-Match', says: 'Say which revision this started from: If-Match: "0".' }]);
	const match = /^"(\d{1,9})"$/.exec(ifMatch);
	if (!match) return faults(400, [{ path: 'If-Match', says: 'This must be one quoted number, such as "0".' }]);
	const { error } = body.validate(sent, { abortEarly: false, convert: false });
	if (error)
		return faults(
			400,
			error.details.map((detail) => ({ path: detail.path.join('.'), says: detail.message }))
		);
	const { packSizes } = sent as { packSizes: unknown };
	const read = readPackSizes(packSizes);
	if (!read.ok) return faults(400, read.faults);
	const plain = (packSizes as WrittenSize[]).map(({ name, width, height }) => ({ name: name.trim(), width, height }));
	const rev = await keepList(db, PACK_SIZES, plain, Number(match[1]));
	if (rev === null)
		return faults(409, [
			{ path: 'If-Match', says: 'Somebody else changed the list meanwhile. Load it again and make the change on top of it.' }
		]);
	return { status: 200, body: { rev }, headers: { etag: `"${rev}"` } };
}
