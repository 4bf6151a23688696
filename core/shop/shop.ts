/** A shop: its catalogue, house figures and house rules. The core reads it, never changes it. */
import { SCHOOLS } from '../job/schools.ts';
import { BARRIERS, BOARDS, type Barrier, type Board } from './boards.ts';
import { GLAZINGS, type Glazing } from './glazing.ts';
import {
	ADHESIVES,
	EDGE_SEALS,
	CORDS_BREAKING_KG,
	TAPE_WIDTHS,
	TISSUES,
	WIRES_BREAKING_KG,
	type Adhesive,
	type EdgeSeal,
	type Tissue
} from './holds.ts';
import { HOUSE_IN, HOUSE_MM, type House } from './house.ts';
import type { Unit } from '../units/length.ts';
import { DUST_COVERS, type DustCoverPaper } from './papers.ts';
import { RINGS, type Ring } from './hangers.ts';
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
	/** Of the house that is used: `shopFor` chooses. */
	tapeWidths: readonly number[];
	wires: readonly number[];
	cords: readonly number[];
	rings: ById<Ring>;
	dustCovers: ById<DustCoverPaper>;
	/** As prices carry it; empty where the shop has named none. */
	currency: string;
	/** The house of the unit that a job is cut in. */
	house: House;
	houses: Readonly<Record<Unit, House>>;
	/** The shop's side of each question where practitioners differ. */
	schools: Readonly<Record<string, string>>;
};

/** The shop as it comes: handbook figures, each school at its safer side. */
export const builtInShop: Shop = {
	boards: byId(BOARDS),
	barriers: byId(BARRIERS),
	glazings: byId(GLAZINGS),
	adhesives: byId(ADHESIVES),
	edgeSeals: byId(EDGE_SEALS),
	media: byId(MEDIA),
	mouldings: byId(MOULDINGS),
	packSizes: PACK_SIZES,
	tissueKinds: byId(TISSUES),
	tissues: TISSUES.map((tissue) => tissue.grammage),
	tapeWidths: TAPE_WIDTHS.mm,
	wires: WIRES_BREAKING_KG,
	cords: CORDS_BREAKING_KG,
	rings: byId(RINGS),
	dustCovers: byId(DUST_COVERS),
	currency: '',
	house: HOUSE_MM,
	houses: { mm: HOUSE_MM, in: HOUSE_IN },
	schools: Object.fromEntries(SCHOOLS.map((school) => [school.id, nth(school.options, 0)]))
};

const chosen = new WeakMap<Shop, Map<Unit, Shop>>();

/** The shop as a job finds it that is cut in a unit: its house figures, its tapes. */
export function shopFor(shop: Shop, unit: Unit): Shop {
	if (shop.house === shop.houses[unit]) return shop;
	const known = chosen.get(shop) ?? new Map<Unit, Shop>();
	chosen.set(shop, known);
	const made = known.get(unit) ?? { ...shop, house: shop.houses[unit], tapeWidths: TAPE_WIDTHS[unit] };
	known.set(unit, made);
	return made;
}

/** The same shop with house figures of its own, in either house. */
export function withHouses(shop: Shop, own: Readonly<Record<Unit, Partial<House>>>): Shop {
	const houses = { mm: { ...HOUSE_MM, ...own.mm }, in: { ...HOUSE_IN, ...own.in } };
	return { ...shop, house: houses.mm, houses };
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
