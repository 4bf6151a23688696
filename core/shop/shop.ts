/** A shop: its catalogue, house figures and house rules. The core reads it, never changes it. */
import { SCHOOLS } from '../job/schools.ts';
import { BARRIERS, BOARDS, type Barrier, type Board } from './boards.ts';
import { GLAZINGS, type Glazing } from './glazing.ts';
import {
	ADHESIVES,
	EDGE_SEALS,
	CORDS,
	strengthsOf,
	TAPE_WIDTHS,
	TISSUES,
	tissueWeights,
	WIRES,
	widthsOf,
	type Adhesive,
	type EdgeSeal,
	type HangingLine,
	type TapeWidth,
	type Tissue
} from './holds.ts';
import { DRILLS } from './drills.ts';
import { HOUSE_IN, HOUSE_MM, type House } from './house.ts';
import type { Unit } from '../units/length.ts';
import type { OwnStep } from './own-steps.ts';
import { DUST_COVERS, type DustCoverPaper } from './papers.ts';
import { SWATCHES, type Swatch } from './colours.ts';
import { HOOKS, RINGS, type Ring, type WallHook } from './hangers.ts';
import { MEDIA, type Medium } from './media.ts';
import { MOULDINGS, type Moulding } from './mouldings.ts';
import { PACK_SIZES, type PackSize } from './pack-sizes.ts';
import { nth } from '../units/there.ts';

type ById<T> = Readonly<Record<string, T>>;

export type Shop = {
	boards: ById<Board>;
	barriers: ById<Barrier>;
	glazings: ById<Glazing>;
	adhesives: ById<Adhesive>;
	edgeSeals: ById<EdgeSeal>;
	media: ById<Medium>;
	mouldings: ById<Moulding>;
	packSizes: readonly PackSize[];
	tissueKinds: ById<Tissue>;
	/** Weights of those that are offered, g/m², lightest first. */
	tissues: readonly number[];
	tapes: ById<TapeWidth>;
	/** Of the house that is used, mm: `shopFor` chooses. */
	tapeWidths: readonly number[];
	wireKinds: ById<HangingLine>;
	cordKinds: ById<HangingLine>;
	/** Of the house that is used, mm, thinnest first. */
	drills: readonly number[];
	/** Breaking strengths of those that are offered, kg, weakest first. */
	wires: readonly number[];
	cords: readonly number[];
	rings: ById<Ring>;
	hooks: ById<WallHook>;
	colours: ById<Swatch>;
	dustCovers: ById<DustCoverPaper>;
	/** As prices carry it; empty where the shop has named none. */
	currency: string;
	/** The house of the unit that a job is cut in. */
	house: House;
	houses: Readonly<Record<Unit, House>>;
	/** Its own words and steps at the bench. */
	steps: readonly OwnStep[];
	/** The shop's side of each question where practitioners differ. */
	schools: Readonly<Record<string, string>>;
};

/** Everything that stands in lists; what follows from them is worked out. */
export type Stock = Pick<
	Shop,
	| 'boards'
	| 'barriers'
	| 'glazings'
	| 'adhesives'
	| 'edgeSeals'
	| 'tissueKinds'
	| 'tapes'
	| 'mouldings'
	| 'rings'
	| 'wireKinds'
	| 'cordKinds'
	| 'hooks'
	| 'media'
	| 'colours'
>;

/** What the plan chooses from, for what is offered. */
function offeredFrom(stock: Stock): Pick<Shop, 'tissues' | 'tapeWidths' | 'wires' | 'cords'> {
	return {
		tissues: tissueWeights(stock.tissueKinds),
		tapeWidths: widthsOf(stock.tapes, 'mm'),
		wires: strengthsOf(stock.wireKinds),
		cords: strengthsOf(stock.cordKinds)
	};
}

const STOCK: Stock = {
	boards: byId(BOARDS),
	barriers: byId(BARRIERS),
	glazings: byId(GLAZINGS),
	adhesives: byId(ADHESIVES),
	edgeSeals: byId(EDGE_SEALS),
	tissueKinds: byId(TISSUES),
	tapes: byId(TAPE_WIDTHS),
	mouldings: byId(MOULDINGS),
	rings: byId(RINGS),
	wireKinds: byId(WIRES),
	cordKinds: byId(CORDS),
	hooks: byId(HOOKS),
	media: byId(MEDIA),
	colours: byId(SWATCHES)
};

/** The shop as it comes: handbook figures, each school at its safer side. */
export const builtInShop: Shop = {
	...STOCK,
	...offeredFrom(STOCK),
	packSizes: PACK_SIZES,
	dustCovers: byId(DUST_COVERS),
	currency: '',
	house: HOUSE_MM,
	drills: DRILLS.mm,
	houses: { mm: HOUSE_MM, in: HOUSE_IN },
	steps: [],
	schools: Object.fromEntries(SCHOOLS.map((school) => [school.id, nth(school.options, 0)]))
};

const chosen = new WeakMap<Shop, Map<Unit, Shop>>();

/** The shop as a job finds it that is cut in a unit: its house figures, its tapes. */
export function shopFor(shop: Shop, unit: Unit): Shop {
	if (shop.house === shop.houses[unit]) return shop;
	const known = chosen.get(shop) ?? new Map<Unit, Shop>();
	chosen.set(shop, known);
	const made = known.get(unit) ?? {
		...shop,
		house: shop.houses[unit],
		tapeWidths: widthsOf(shop.tapes, unit),
		drills: DRILLS[unit]
	};
	known.set(unit, made);
	return made;
}

/** The same shop with house figures of its own, in either house. */
export function withHouses(shop: Shop, own: Readonly<Record<Unit, Partial<House>>>): Shop {
	const houses = { mm: { ...HOUSE_MM, ...own.mm }, in: { ...HOUSE_IN, ...own.in } };
	return { ...shop, house: houses.mm, houses };
}

/** The same shop with other lists of what it has. */
export function withStock(shop: Shop, stock: Stock): Shop {
	return { ...shop, ...stock, ...offeredFrom(stock) };
}

/** The same shop with its own side where practitioners differ. */
export function withSchools(shop: Shop, own: readonly { school: string; option: string }[]): Shop {
	return { ...shop, schools: { ...shop.schools, ...Object.fromEntries(own.map(({ school, option }) => [school, option])) } };
}

/** The same shop with its own words and steps at the bench. */
export function withSteps(shop: Shop, steps: readonly OwnStep[]): Shop {
	return { ...shop, steps };
}

/** The same shop with its own list of sizes by which frames are bought. */
export function withPackSizes(shop: Shop, packSizes: readonly PackSize[]): Shop {
	return { ...shop, packSizes };
}

function byId<T extends { id: string }>(items: readonly T[]): ById<T> {
	const map: Record<string, T> = Object.create(null);
	for (const item of items) map[item.id] = item;
	return map;
}
