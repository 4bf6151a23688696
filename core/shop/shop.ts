/** A shop: its catalogue, house figures and house rules. The core reads it, never changes it. */
import { SCHOOLS } from '../job/schools.ts';
import { BARRIERS, BOARDS, type Barrier, type Board } from './boards.ts';
import { GLAZINGS, type Glazing } from './glazing.ts';
import {
	ADHESIVES,
	EDGE_SEALS,
	TAPE_WIDTHS,
	TISSUES,
	WIRES_BREAKING_KG,
	type Adhesive,
	type EdgeSeal,
	type Tissue
} from './holds.ts';
import { HOUSE, type House } from './house.ts';
import { MEDIA, type Medium } from './media.ts';
import { MOULDINGS, type Moulding } from './mouldings.ts';
import { PACK_SIZES, type PackSize } from './pack-sizes.ts';

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
	tapeWidths: readonly number[];
	wires: readonly number[];
	house: House;
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
	tapeWidths: TAPE_WIDTHS,
	wires: WIRES_BREAKING_KG,
	house: HOUSE,
	schools: Object.fromEntries(SCHOOLS.map((school) => [school.id, school.options[0]!]))
};

/** The same shop with its own list of sizes by which frames are bought. */
export function withPackSizes(shop: Shop, packSizes: readonly PackSize[]): Shop {
	return { ...shop, packSizes };
}

function byId<T extends { id: string }>(items: readonly T[]): ById<T> {
	const map: Record<string, T> = Object.create(null);
	for (const item of items) map[item.id] = item;
	return map;
}
