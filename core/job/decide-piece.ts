/** The pieces of a job, with what follows from their media; several windows hold one each. */
import type { BoneKind, PieceKind } from './kinds.ts';
import { CONCERNS, isSeen, refersAt, type ConcernId, type Conservator } from '../shop/concerns.ts';
import { yearIn } from './suggest-aim.ts';
import type { Rect } from '../geometry/shapes.ts';
import type { Grade } from '../shop/grades.ts';
import { SUPPORTS, supportsOf, type Support, type SupportId } from '../shop/supports.ts';
import type { Medium } from '../shop/media.ts';
import type { House } from '../shop/house.ts';
import type { Shop } from '../shop/shop.ts';
import type { Job } from './definition.ts';
import type { Fault } from './faults.ts';
import type { FromHouse } from './material.ts';

export type Readings = { top: number; right: number; bottom: number; left: number; d1?: number; d2?: number };
export type Zone = { id: string; kind: 'show' | 'hide' | 'keep-off'; left: number; top: number; width: number; height: number };

/** Trade and transport of these are regulated by law. */
export const PROTECTED: readonly BoneKind[] = ['ivory', 'horn', 'tortoiseshell'];
export type Piece = {
	kind: PieceKind;
	/** Of kind bone: what it is. */
	material: BoneKind | null;
	media: Medium[];
	unknownMedia: string[];
	/** What it is on; null: nobody said. */
	support: (Support & { id: SupportId }) | null;
	/** Class that its media have, and why another was typed. */
	fadeOfMedia: number | null;
	fadeBecause: string;
	/** Light class of the most fugitive part; null while neither it nor a known medium is named. */
	fade: number | null;
	friable: boolean;
	/** Some of it may be matt and powdery, and nobody has said whether it sheds. */
	shedsAsked: boolean;
	proteinOrDye: boolean;
	sticks: boolean;
	/** Never hard, or of raised stitches: as much air as what sheds. */
	deepGap: boolean;
	resinCoated: boolean;
	/** Its back takes no water: paste and gummed tape do not bond. So it is taken while its base is asked. */
	noWater: boolean;
	baseAsked: boolean;
	/** Water may not come near it at all: no paste, whatever bonds. */
	dryHold: boolean;
	/** It gives off vapours that an edge seal would keep in. */
	givesOff: boolean;
	replaceable: boolean;
	grammage: number;
	grain: 'unknown' | 'along-width' | 'along-height';
	/** null while a width or a height is missing. */
	readings: Readings | null;
	/** One width and one height were given, no diagonals: the sheet is taken as upright. */
	single: boolean;
	thickness: number;
	cockle: number;
	/** How far its tallest part stands above its face. */
	relief: number;
	/** Within the sheet, from its bounding box's corner; null while one of its four figures is missing. */
	image: Rect | null;
	motif: Rect | null;
	zones: Zone[];
	travels: boolean;
	/** null: it has to dry, and nobody has said whether it has. */
	dry: boolean | null;
	fixative: { kind: string; on: string } | null;
	bothSides: boolean;
	concerns: ConcernId[];
	/** Those that a conservator has written nothing of. */
	unseen: ConcernId[];
	conservator: Conservator | null;
	picture: string | null;
};

type GivenPiece = NonNullable<Job['piece']>;

/** One piece, or one for each of several windows: what an opening leaves out, the piece at the top says for all. */
export function decidePieces(job: Job, shop: Shop, house: FromHouse, faults: Fault[]): Piece[] {
	const shared = job.piece ?? {};
	const openings = job.window?.openings;
	if (!openings || openings.length === 0) return [decidePiece(shared, 'piece', shop, house, faults)];
	return openings.map((opening, index) =>
		decidePiece({ ...shared, ...opening.piece }, `window.openings[${index}].piece`, shop, house, faults)
	);
}

/** What several pieces in one package are together: as careful as the most delicate of them. */
export function together(pieces: Piece[]): Piece {
	const [first] = pieces as [Piece];
	if (pieces.length === 1) return first;
	const any = (ask: (piece: Piece) => boolean) => pieces.some(ask);
	const all = <T>(list: (piece: Piece) => T[]) => [...new Set(pieces.flatMap(list))];
	return {
		...first,
		kind: any((piece) => piece.kind === 'photograph') ? 'photograph' : first.kind,
		media: all((piece) => piece.media),
		unknownMedia: all((piece) => piece.unknownMedia),
		fade: mostFugitive(pieces.map((piece) => piece.fade)),
		friable: any((piece) => piece.friable),
		proteinOrDye: any((piece) => piece.proteinOrDye),
		sticks: any((piece) => piece.sticks),
		resinCoated: pieces.every((piece) => piece.resinCoated),
		noWater: any((piece) => piece.noWater),
		replaceable: pieces.every((piece) => piece.replaceable),
		grammage: Math.max(...pieces.map((piece) => piece.grammage)),
		thickness: Math.max(...pieces.map((piece) => piece.thickness)),
		cockle: Math.max(...pieces.map((piece) => piece.cockle)),
		relief: Math.max(...pieces.map((piece) => piece.relief)),
		travels: any((piece) => piece.travels),
		dry: pieces.some((piece) => piece.dry === false) ? false : pieces.some((piece) => piece.dry === null) ? null : true,
		bothSides: any((piece) => piece.bothSides),
		concerns: all((piece) => piece.concerns),
		unseen: all((piece) => piece.unseen),
		shedsAsked: any((piece) => piece.shedsAsked),
		baseAsked: any((piece) => piece.baseAsked),
		dryHold: any((piece) => piece.dryHold),
		deepGap: any((piece) => piece.deepGap),
		givesOff: any((piece) => piece.givesOff)
	};
}

function decidePiece(given: GivenPiece, at: string, shop: Shop, house: FromHouse, faults: Fault[]): Piece {
	const words = given.medium ?? [];
	const media = words.flatMap((word) => shop.media[word] ?? []);
	if (given.material !== undefined && (given.kind ?? 'paper') !== 'bone')
		faults.push({
			path: `${at}.material`,
			says: 'Only bone, ivory, horn or tortoiseshell has a material. Choose kind bone, or remove it.'
		});
	const { readings, single } = decideReadings(given.readings, `${at}.readings`, faults);
	const kind = given.kind ?? 'paper';
	if (given.support !== undefined && !supportsOf(kind).includes(given.support))
		faults.push({
			path: `${at}.support`,
			says: `${SUPPORTS[given.support].name} does not go with kind ${kind}. Choose one of: ${supportsOf(kind).join(', ') || 'none'}.`
		});
	const support: Piece['support'] = given.support ? { id: given.support, ...SUPPORTS[given.support] } : null;
	const conservator = conservatorOf(given);
	const concerns = concernsOf(given, media);
	const unseen = concerns.filter((one) => !isSeen(one, conservator));
	const isConsolidated = conservator?.consolidated === true;
	const fadeOfMedia = mostFugitive(media.map((medium) => classOf(medium, given.year)));
	const baseAsked = given.noWater === undefined && !support?.noWater && media.some((medium) => medium.baseAsked);
	const dry = given.dry ?? (given.fixative || media.some((medium) => medium.dries) ? null : true);
	const thickness = given.thickness ?? 0;
	const zones = (given.zones ?? []).map((zone, index) => {
		for (const key of ['kind', 'left', 'top', 'width', 'height'] as const) {
			if (zone[key] === undefined)
				faults.push({ path: `${at}.zones[${index}].${key}`, says: 'A zone needs kind, left, top, width and height.' });
		}
		return { ...zone, id: zone.id ?? `zone ${index + 1}` } as Zone;
	});
	return {
		kind,
		material: kind === 'bone' ? (given.material ?? 'bone') : null,
		media,
		unknownMedia: words.filter((word) => !shop.media[word]),
		support,
		fadeOfMedia,
		fadeBecause: given.fadeBecause?.trim() ?? '',
		fade: given.fade ?? fadeOfMedia,
		friable: given.friable ?? (media.some((medium) => medium.friable) || (!isConsolidated && concerns.some(isShedding))),
		shedsAsked: given.friable === undefined && media.some((medium) => medium.mayShed) && !media.some((medium) => medium.friable),
		proteinOrDye:
			given.proteinOrDye ?? ((support?.unbuffered ?? PROTEIN.includes(kind)) || media.some((medium) => medium.proteinOrDye)),
		sticks:
			given.sticks ??
			(support?.sticks === true || media.some((medium) => medium.sticks) || unseen.some((one) => CONCERNS[one].sticks)),
		deepGap: support?.raised === true || media.some((medium) => medium.deepGap),
		resinCoated: media.some((medium) => medium.resinCoated),
		noWater: given.noWater ?? (support?.noWater === true || baseAsked || media.some((medium) => medium.noWater)),
		baseAsked,
		dryHold: support?.dryHold === true,
		givesOff:
			support?.givesOff === true || media.some((medium) => medium.givesOff === true || (medium.fresh === true && dry !== true)),
		replaceable: given.replaceable ?? false,
		grammage: house(given.grammage, `${at}.grammage`, 'house.grammage', usualGrammage(kind, thickness, shop.house)),
		grain: given.grain ?? 'unknown',
		readings,
		single,
		thickness,
		cockle: given.cockle ?? 0,
		relief: given.relief ?? 0,
		image: wholeRect(given.image),
		motif: wholeRect(given.motif),
		zones,
		travels: given.travels ?? false,
		dry,
		fixative: given.fixative ? { kind: given.fixative.kind?.trim() ?? '', on: given.fixative.on?.trim() ?? '' } : null,
		bothSides: given.bothSides ?? false,
		concerns,
		unseen,
		conservator,
		picture: given.picture ?? null
	};
}

/** What is regulated by law, and what comes with a medium, is so whether or not somebody ticked it. */
function concernsOf({ kind, material, concerns = [] }: GivenPiece, media: readonly Medium[]): ConcernId[] {
	const regulated = kind === 'bone' && material !== undefined && PROTECTED.includes(material);
	const all: ConcernId[] = [
		...concerns,
		...media.flatMap((medium) => medium.concerns ?? []),
		...(regulated ? (['protected'] as const) : [])
	];
	return [...new Set(all)];
}

const isShedding = (concern: ConcernId): boolean => CONCERNS[concern].sheds === true;

/** Half of it written down is nothing written down. */
function conservatorOf({ conservator }: GivenPiece): Conservator | null {
	const [name, on, finding] = [conservator?.name, conservator?.on, conservator?.finding].map((one) => one?.trim() ?? '') as [
		string,
		string,
		string
	];
	if (!name || !on || !finding) return null;
	return { name, on, finding, consolidated: conservator?.consolidated === true, of: conservator?.of ?? null };
}

/** Colours of a sheet from before 1950 were often fugitive. */
function classOf({ fade, fadeBefore1950 }: Medium, year: string | undefined): number {
	const dated = yearIn(year);
	return fadeBefore1950 !== undefined && dated !== null && dated < 1950 ? fadeBefore1950 : fade;
}

/** Concerns that forbid the work at a grade until a conservator has written what was found; nitrate for good. */
export function referredAt({ concerns, unseen }: Pick<Piece, 'concerns' | 'unseen'>, grade: Grade): ConcernId[] {
	return concerns.filter((one) => refersAt(one, !unseen.includes(one), grade) === 'stop');
}

/** Cloth is taken as silk or wool until it is known not to be; skin, bone and horn are protein. */
const PROTEIN: readonly PieceKind[] = ['textile', 'vellum', 'bone'];

/** What a square metre of such a piece weighs, g: a sheet as the house's, what is thick by its density. */
function usualGrammage(kind: PieceKind, thickness: number, house: House): number {
	const thick = { panel: house.panelDensity, bone: house.boneDensity, object: house.objectDensity } as const;
	if (kind === 'panel' || kind === 'bone' || kind === 'object') return Math.max(house.grammage, thickness * thick[kind]);
	return {
		paper: house.grammage,
		photograph: house.grammage,
		canvas: house.canvasGrammage,
		textile: house.textileGrammage,
		vellum: house.vellumGrammage
	}[kind];
}

/** The lowest class; null of nothing. */
function mostFugitive(classes: (number | null)[]): number | null {
	const known = classes.filter((one) => one !== null);
	return known.length > 0 ? Math.min(...known) : null;
}

function wholeRect(given: Partial<Rect> | undefined): Rect | null {
	if (!given) return null;
	const { left, top, width, height } = given;
	return left === undefined || top === undefined || width === undefined || height === undefined
		? null
		: { left, top, width, height };
}

/** Two or four sides: a side that was not read is taken as its opposite, width and height stand for both. */
export function decideReadings(
	given: GivenPiece['readings'],
	at: string,
	faults: Fault[]
): { readings: Readings | null; single: boolean } {
	if (!given) return { readings: null, single: true };
	const { top, right, bottom, left, d1, d2, width, height } = given;
	if (width !== undefined && (top ?? bottom) !== undefined)
		faults.push({ path: `${at}.width`, says: 'Enter one width, or top and bottom, not both.' });
	if (height !== undefined && (left ?? right) !== undefined)
		faults.push({ path: `${at}.height`, says: 'Enter one height, or left and right, not both.' });
	const across = width ?? top ?? bottom;
	const down = height ?? left ?? right;
	if (across === undefined || down === undefined) return { readings: null, single: true };
	return {
		readings: { top: top ?? across, bottom: bottom ?? across, left: left ?? down, right: right ?? down, d1, d2 },
		single:
			(top === undefined || bottom === undefined) &&
			(left === undefined || right === undefined) &&
			d1 === undefined &&
			d2 === undefined
	};
}

/** What is stiff by itself is held by its edges. */
export function isStiff(kind: Piece['kind']): boolean {
	return kind === 'panel' || kind === 'canvas';
}
