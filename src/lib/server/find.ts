/** The one find: pieces by any word of theirs, and all else in the shop that has a name; a slip of the hand is looked past. */
import MiniSearch from 'minisearch';
import { HOUSE_NAMES } from '$core/shop/house-names.ts';
import { KINDS } from '$core/shop/material-kinds.ts';
import { OWN_FIGURES } from '$core/shop/own-house.ts';
import type { Shop } from '$core/shop/shop.ts';
import { showJobNumber } from '$core/job/number.ts';
import { ACTS, FOUND_KINDS, PLACES, type FoundThing } from '$lib/find/found.ts';
import type { Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { selectJobs, type ListedJob } from './db/jobs.ts';
import { selectOrders } from './db/orders.ts';
import { selectStock } from './db/stock.ts';
import { selectNear } from './db/today.ts';
import { selectWalls } from './db/walls.ts';
import { folded } from './facts.ts';
import type { Found } from './handbook.ts';
import { shopNow } from './shop.ts';

/** So many of a kind; pieces, which are what is mostly looked for, more. */
const MOST_OF_A_KIND = 4;
const MOST_PIECES = 7;
/** Of a word's letters so many may be others. */
const FUZZY = 0.25;

export type Heading = Pick<Found, 'chapter' | 'title' | 'id' | 'heading'>;
type Named = FoundThing & { says: string };
type Index = MiniSearch<Named>;

/** Everything that changes with the shop's lists alone, indexed for the shop as it stands. */
let known: { stands: string; index: Index } | null = null;

/** @param chapters the handbook by its headings */
export async function findAll(db: Database, asked: string, chapters: readonly Heading[]): Promise<Answer> {
	const find = folded(asked).trim();
	if (find === '') return { status: 200, body: { found: [...acts(), ...places()].map(bare) } };
	const { shop, stands } = await shopNow(db);
	if (known?.stands !== stands)
		known = { stands, index: indexOf([...acts(), ...places(), ...ofShop(shop), ...handbook(chapters)]) };
	const pieces = await piecesBy(db, find);
	const others = [...search(known.index, find), ...search(indexOf(await ofHouse(db, shop)), find)];
	const named = few(others);
	// Who writes the name of a place means the place.
	const [meant, rest] = [named.filter((one) => isMeant(one, find)), named.filter((one) => !isMeant(one, find))];
	return { status: 200, body: { found: [...meant, ...pieces, ...rest].map(bare) } };
}

function isMeant({ kind, name }: FoundThing, find: string): boolean {
	return (kind === 'act' || kind === 'place') && find.length > 2 && folded(name).startsWith(find);
}

function bare({ kind, id, name, detail, href }: FoundThing): FoundThing {
	return { kind, id, name, detail, href };
}

async function piecesBy(db: Database, find: string): Promise<FoundThing[]> {
	const { jobs } = await selectJobs(db, { find, after: null, state: null, order: 'newest' });
	const near = jobs.length === 0 && /\p{L}{3}/u.test(find) ? await selectNear(db, find) : jobs;
	return near.slice(0, MOST_PIECES).map(pieceOf);
}

function pieceOf({ number, title, maker, owner }: ListedJob): FoundThing {
	const shown = showJobNumber(number);
	return {
		kind: 'piece',
		id: shown,
		name: `${shown} ${title || 'New piece'}`,
		detail: [maker, owner].filter(Boolean).join(' · '),
		href: `/jobs/${shown}`
	};
}

function acts(): Named[] {
	return Object.entries(ACTS).map(([id, { name, says, key }]) => ({ kind: 'act', id, name, detail: key, href: null, says }));
}

function places(): Named[] {
	return PLACES.map(({ href, name, says }) => ({ kind: 'place', id: `place ${href}`, name, detail: '', href, says }));
}

function ofShop(shop: Shop): Named[] {
	const materials = Object.entries(KINDS).flatMap(([kind, { of, name }]) =>
		Object.entries(shop[of]).map(([id, material]): Named => ({
			kind: 'material',
			id: `material ${kind} ${id}`,
			name: material.name,
			detail: 'face' in material && typeof material.face === 'number' ? `${name}, ${material.face} mm` : name,
			href: `/stock/materials?kind=${kind}&open=${id}`,
			says: id
		}))
	);
	const settings = OWN_FIGURES.map((figure): Named => ({
		kind: 'setting',
		id: `setting ${figure}`,
		name: HOUSE_NAMES[figure],
		detail: 'Defaults',
		href: `/shop/defaults?find=${figure}`,
		says: figure
	}));
	return [...materials, ...settings];
}

function handbook(chapters: readonly Heading[]): Named[] {
	return chapters.map(({ chapter, title, id, heading }) => ({
		kind: 'handbook',
		id: `handbook ${chapter} ${id ?? ''}`,
		name: heading,
		detail: heading === title ? '' : title,
		href: `/handbook/${chapter}${id ? `#${id}` : ''}`,
		says: id ?? ''
	}));
}

/** What comes and goes from day to day. */
async function ofHouse(db: Database, shop: Shop): Promise<Named[]> {
	const [walls, stock, orders] = [await selectWalls(db), await selectStock(db), await selectOrders(db)];
	const nameOf = (id: string) =>
		Object.values(KINDS)
			.map(({ of }) => shop[of] as Record<string, { name: string } | undefined>)
			.find((list) => Object.hasOwn(list, id))?.[id]?.name ?? id;
	return [
		...walls.map(({ id, name, pictures }): Named => ({
			kind: 'wall',
			id: `wall ${id}`,
			name,
			detail: pictures === 1 ? 'one picture' : `${pictures} pictures`,
			href: `/walls/${id}`,
			says: ''
		})),
		...stock.map(({ id, material, colour, place, present }): Named => ({
			kind: 'stock',
			id: `stock ${id}`,
			name: [nameOf(material), colour].filter(Boolean).join(', '),
			detail: [`${present} here`, place].filter(Boolean).join(' · '),
			href: '/stock/sheets',
			says: `S-${id} ${id}`
		})),
		...orders.map(({ id, supplier, ref, due, lines }): Named => ({
			kind: 'order',
			id: `order ${id}`,
			name: [supplier, ref].filter(Boolean).join(' · '),
			detail: due,
			href: '/stock/orders',
			says: lines.map(({ material, colour }) => `${nameOf(material)} ${colour}`).join(' ')
		}))
	];
}

function indexOf(things: readonly Named[]): Index {
	const index = new MiniSearch<Named>({
		fields: ['name', 'says', 'detail'],
		storeFields: ['kind', 'id', 'name', 'detail', 'href'],
		processTerm: (term) => folded(term),
		searchOptions: { prefix: true, combineWith: 'AND', boost: { name: 4, says: 2 } }
	});
	index.addAll(things);
	return index;
}

/** As it was typed; only where nothing reads so, what reads nearly so. */
function search(index: Index, find: string): (FoundThing & { score: number })[] {
	const exactly = index.search(find);
	const found = exactly.length > 0 ? exactly : index.search(find, { fuzzy: FUZZY });
	return found.map(({ kind, id, name, detail, href, score }): FoundThing & { score: number } => ({
		kind,
		id,
		name,
		detail,
		href,
		score
	}));
}

/** The best of each kind, kind by kind. */
function few(things: readonly (FoundThing & { score: number })[]): FoundThing[] {
	const best = things.toSorted((one, other) => other.score - one.score);
	return FOUND_KINDS.flatMap((kind) => best.filter((one) => one.kind === kind).slice(0, MOST_OF_A_KIND));
}
