/**
 * Fills a job with what the house decides where the job says nothing, so that stations read definite values alone.
 * What this version does not plan yet is a fault here: it is never silently planned as something else.
 */
import { evenSides, mapSides, type Sides } from '../geometry/shapes.ts';
import type { Barrier, Board } from '../shop/boards.ts';
import type { Glazing } from '../shop/glazing.ts';
import type { Grade } from '../shop/grades.ts';
import type { Adhesive, EdgeSeal } from '../shop/holds.ts';
import type { Medium } from '../shop/media.ts';
import type { Section } from '../shop/mouldings.ts';
import type { Shop } from '../shop/shop.ts';
import { cuttingStep } from '../units/round.ts';
import type { Unit } from '../units/length.ts';
import type { Job } from './definition.ts';
import { FaultError, type Fault } from './faults.ts';
import { notPlanned } from './not-planned.ts';

export type Assumed = { path: string; is: string; by: string };
export type Readings = { top: number; right: number; bottom: number; left: number; d1?: number; d2?: number };
export type Zone = { id: string; kind: 'show' | 'hide' | 'keep-off'; left: number; top: number; width: number; height: number };
export type MatChoice = {
	board: Board;
	bevel: 'normal' | 'reverse';
	reveal: Sides;
	lift: number;
	setback: number | null;
	colour: string;
};

export type Decided = {
	unit: Unit;
	/** The cutting step, mm. */
	step: number;
	aim: Grade;
	schools: Readonly<Record<string, string>>;
	piece: {
		kind: 'paper' | 'photograph';
		media: Medium[];
		unknownMedia: string[];
		friable: boolean;
		proteinOrDye: boolean;
		sticks: boolean;
		resinCoated: boolean;
		replaceable: boolean;
		grammage: number;
		grain: 'unknown' | 'along-width' | 'along-height';
		/** null while a width or a height is missing. */
		readings: Readings | null;
		/** One width and one height were given, no diagonals: the sheet is taken as upright. */
		single: boolean;
		thickness: number;
		cockle: number;
		zones: Zone[];
		travels: boolean;
		dry: boolean;
		bothSides: boolean;
		concerns: string[];
		picture: string | null;
	};
	window: { overlap: Sides };
	mats: MatChoice[];
	borders: { way: 'even' | 'weighted' | 'own'; asked: Sides; width: number; weight: number };
	guard: {
		glazing: Glazing;
		underMat: Board | null;
		fillers: { board: Board; thickness: number }[];
		barrier: Barrier | null;
		backing: Board | null;
		edgeSeal: EdgeSeal | null;
		join: 'gummed' | 'paste' | 'transfer' | 'spray';
		joinDistance: number;
	};
	hold: { adhesive: Adhesive; count: number | null; width: number | null; contact: number };
	/** null while no moulding is chosen. */
	frame: {
		section: Section;
		name: string;
		colour: string;
		allowance: number | null;
		corners: 'reinforced' | 'plain';
		points: 'rigid' | 'flexible' | 'hand' | 'turn-buttons';
	} | null;
	back: { seal: 'gummed' | 'self-adhesive' | null; dustCover: boolean; bumpers: number };
	hang: { by: 'wire' | 'rings' | 'by-mass'; wireAsked: boolean; hooks: 1 | 2 | null; dropShare: number; centreHeight: number };
	assumed: Assumed[];
};

/**
 * The job with every choice made.
 * @throws FaultError for what is not planned yet, for materials that the shop does not have, for choices that contradict
 */
export function decide(job: Job, shop: Shop): Decided {
	const faults: Fault[] = notPlanned(job);
	const assumed: Assumed[] = [];
	const house = <T>(given: T | undefined, path: string, by: string, value: T): T => {
		if (given !== undefined) return given;
		assumed.push({ path, is: String(value), by });
		return value;
	};
	const schools = { ...shop.schools, ...job.schools } as Record<string, string>;
	const piece = decidePiece(job, shop, house, faults);
	const aim = house(job.aim, 'aim', 'intake', piece.replaceable ? 'show' : job.piece?.replaceable === false ? 'rare' : 'keep');
	const decided: Decided = {
		unit: job.unit ?? 'mm',
		step: cuttingStep(job.unit ?? 'mm'),
		aim,
		schools,
		piece,
		window: { overlap: decideOverlap(job, shop, house) },
		mats: decideMats(job, shop, aim, piece.proteinOrDye, house, faults),
		borders: decideBorders(job, shop, house, faults),
		guard: decideGuard(job, shop, aim, piece, schools, house, faults),
		hold: {
			adhesive: material(
				shop.adhesives,
				house(job.hold?.adhesive, 'hold.adhesive', 'hold', 'starch-paste'),
				'hold.adhesive',
				'adhesive',
				faults
			),
			count: job.hold?.count ?? (schools['hinge-count'] === 'one' ? 1 : null),
			width: job.hold?.width ?? null,
			contact: job.hold?.contact ?? shop.house.hingeContact
		},
		frame: decideFrame(job, shop, schools, house, faults),
		back: {
			seal: house(job.back?.seal, 'back.seal', 'school back-seal', schools['back-seal'] as 'gummed' | 'self-adhesive'),
			dustCover: job.back?.dustCover ?? schools['dust-cover'] !== 'none',
			bumpers: job.back?.bumpers ?? (schools['bumpers'] === 'four' ? 4 : 2)
		},
		hang: decideHang(job, shop, schools),
		assumed
	};
	if (decided.hold.adhesive?.family === 'none')
		faults.push({ path: 'hold.adhesive', says: 'A T-hinge holds by an adhesive. Choose one, such as starch-paste.' });
	if (faults.length > 0) throw new FaultError(faults);
	return decided;
}

type FromHouse = <T>(given: T | undefined, path: string, by: string, value: T) => T;

function decidePiece(job: Job, shop: Shop, house: FromHouse, faults: Fault[]): Decided['piece'] {
	const given = job.piece ?? {};
	const words = given.medium ?? [];
	const media = words.flatMap((word) => shop.media[word] ?? []);
	const { readings, single } = decideReadings(given.readings, faults);
	const zones = (given.zones ?? []).map((zone, index) => {
		for (const key of ['kind', 'left', 'top', 'width', 'height'] as const) {
			if (zone[key] === undefined)
				faults.push({ path: `piece.zones[${index}].${key}`, says: 'This zone needs it: kind, left, top, width and height.' });
		}
		return { ...zone, id: zone.id ?? `zone ${index + 1}` } as Zone;
	});
	return {
		kind: (given.kind ?? 'paper') as 'paper' | 'photograph',
		media,
		unknownMedia: words.filter((word) => !shop.media[word]),
		friable: given.friable ?? media.some((medium) => medium.friable),
		proteinOrDye: given.proteinOrDye ?? media.some((medium) => medium.proteinOrDye),
		sticks: media.some((medium) => medium.sticks),
		resinCoated: media.some((medium) => medium.resinCoated),
		replaceable: given.replaceable ?? false,
		grammage: house(given.grammage, 'piece.grammage', 'house.grammage', shop.house.grammage),
		grain: given.grain ?? 'unknown',
		readings,
		single,
		thickness: given.thickness ?? 0,
		cockle: given.cockle ?? 0,
		zones,
		travels: given.travels ?? false,
		dry: given.dry ?? true,
		bothSides: given.bothSides ?? false,
		concerns: given.concerns ?? [],
		picture: given.picture ?? null
	};
}

/** Two or four sides: a side that was not read is taken as its opposite, width and height stand for both. */
function decideReadings(
	given: NonNullable<Job['piece']>['readings'],
	faults: Fault[]
): { readings: Readings | null; single: boolean } {
	if (!given) return { readings: null, single: true };
	const { top, right, bottom, left, d1, d2, width, height } = given;
	if (width !== undefined && (top ?? bottom) !== undefined)
		faults.push({ path: 'piece.readings.width', says: 'Give one width, or top and bottom, not both.' });
	if (height !== undefined && (left ?? right) !== undefined)
		faults.push({ path: 'piece.readings.height', says: 'Give one height, or left and right, not both.' });
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

function decideOverlap(job: Job, shop: Shop, house: FromHouse): Sides {
	const given = job.window?.overlap;
	if (typeof given === 'object')
		return mapSides((side) => house(given[side], `window.overlap.${side}`, 'house.overlap', shop.house.overlap));
	house(undefined, 'window.overlap', 'house.overlap', shop.house.overlap);
	return evenSides(shop.house.overlap);
}

function decideMats(job: Job, shop: Shop, aim: Grade, unbuffered: boolean, house: FromHouse, faults: Fault[]): MatChoice[] {
	const board = houseBoard(aim, unbuffered);
	const given = house(job.mats, 'mats', 'aim', [{ board, colour: 'shell' }]);
	if (given.length === 0) faults.push({ path: 'mats', says: 'A covering window is cut in a mat. Add one.' });
	return given.map((mat, index) => {
		const at = `mats[${index}]`;
		if (index === 0 && mat.reveal !== undefined)
			faults.push({
				path: `${at}.reveal`,
				says: 'No mat lies before the first one. Take its reveal out; its width stands in borders.'
			});
		return {
			board: material(shop.boards, house(mat.board, `${at}.board`, 'aim', board), `${at}.board`, 'board', faults),
			bevel: mat.bevel ?? 'normal',
			reveal:
				index === 0
					? evenSides(0)
					: mapSides((side) => mat.reveal?.[side] ?? house(undefined, `${at}.reveal`, 'house.reveal', shop.house.reveal)),
			lift: mat.lift ?? 0,
			setback: mat.setback ?? null,
			colour: mat.colour ?? 'white'
		};
	});
}

function decideBorders(job: Job, shop: Shop, house: FromHouse, faults: Fault[]): Decided['borders'] {
	const given = job.borders ?? {};
	const way = house(given.way, 'borders.way', 'house', 'weighted') as Decided['borders']['way'];
	const unused = way === 'own' ? (['width', 'weight', 'pack'] as const) : (['top', 'right', 'bottom', 'left', 'pack'] as const);
	for (const key of unused) {
		if (given[key] !== undefined)
			faults.push({
				path: `borders.${key}`,
				says: `Borders of way “${way}” have no ${key}. Take it out, or choose another way.`
			});
	}
	if (way === 'even' && given.weight !== undefined)
		faults.push({ path: 'borders.weight', says: 'Even borders have no weight. Take it out, or choose “weighted”.' });
	if (way === 'own') {
		const own = mapSides(
			(side) => given[side] ?? house(undefined, `borders.${side}`, 'house.borderWidth', shop.house.borderWidth)
		);
		return { way, asked: own, width: own.left, weight: 0 };
	}
	const width = house(given.width, 'borders.width', 'house.borderWidth', shop.house.borderWidth);
	const weight = way === 'even' ? 0 : house(given.weight, 'borders.weight', 'house.borderWeight', shop.house.borderWeight);
	return { way, asked: { ...evenSides(width), bottom: width + weight }, width, weight };
}

function decideGuard(
	job: Job,
	shop: Shop,
	aim: Grade,
	piece: Decided['piece'],
	schools: Record<string, string>,
	house: FromHouse,
	faults: Fault[]
): Decided['guard'] {
	const given = job.guard ?? {};
	const board = houseBoard(aim, piece.proteinOrDye);
	const glazing = piece.friable ? 'uv-acrylic-lr' : aim !== 'show' ? 'uv-acrylic' : piece.travels ? 'acrylic' : 'glass';
	const choose = <T>(
		map: Readonly<Record<string, T>>,
		key: 'underMat' | 'backing' | 'barrier',
		what: string,
		value: string | null
	): T | null => {
		const chosen = key === 'barrier' ? (given.barrier ?? null) : house(given[key], `guard.${key}`, 'aim', value);
		return chosen === null ? null : material(map, chosen, `guard.${key}`, what, faults);
	};
	const seal = {
		'rare-and-shedding': aim === 'rare' ? 'aluminium-laminate' : null,
		always: aim === 'rare' ? 'aluminium-laminate' : 'paper',
		never: null
	}[schools['edge-seal']!] as EdgeSeal['id'] | null;
	const edgeSeal = house(given.edgeSeal, 'guard.edgeSeal', 'school edge-seal', seal);
	return {
		glazing: material(shop.glazings, house(given.glazing, 'guard.glazing', 'aim', glazing), 'guard.glazing', 'glazing', faults),
		underMat: choose(shop.boards, 'underMat', 'board', board),
		fillers: (given.fillers ?? []).map((filler, index) => {
			const at = `guard.fillers[${index}].board`;
			if (filler.board === undefined) faults.push({ path: at, says: 'Name the filler’s board.' });
			const chosen = material(shop.boards, filler.board ?? 'foam-free', at, 'board', faults);
			return { board: chosen, thickness: filler.thickness ?? chosen?.thickness ?? 0 };
		}),
		barrier: choose(shop.barriers, 'barrier', 'barrier', null),
		backing: choose(shop.boards, 'backing', 'board', aim === 'rare' ? 'fluted-pp' : 'alkaline-corrugated'),
		edgeSeal: edgeSeal === null ? null : shop.edgeSeals[edgeSeal]!,
		join: given.join ?? 'gummed',
		joinDistance: given.joinDistance ?? 20
	};
}

function decideFrame(job: Job, shop: Shop, schools: Record<string, string>, house: FromHouse, faults: Fault[]): Decided['frame'] {
	const given = job.frame ?? {};
	if (given.moulding !== undefined && given.section !== undefined)
		faults.push({ path: 'frame.section', says: 'Name a moulding or give a section, not both.' });
	const chosen = given.section
		? ownSection(given.section, faults)
		: given.moulding === undefined
			? null
			: material(shop.mouldings, given.moulding, 'frame.moulding', 'moulding', faults);
	if (!chosen) return null;
	const { face, lip, depth, rabbetDepth, density } = chosen;
	if (lip >= face)
		faults.push({
			path: 'frame.section.lip',
			says: `A lip of ${lip} mm is as wide as the face of ${face} mm. The lip is part of the face.`
		});
	if (rabbetDepth >= depth)
		faults.push({
			path: 'frame.section.rabbetDepth',
			says: `A rabbet ${rabbetDepth} mm deep cuts through a moulding ${depth} mm deep.`
		});
	return {
		section: { face, lip, depth, rabbetDepth, density },
		name: 'name' in chosen ? String(chosen.name) : 'Own section',
		colour: given.colour ?? ('colour' in chosen ? String(chosen.colour) : 'ash'),
		allowance: given.allowance ?? null,
		corners: given.corners ?? 'reinforced',
		points: house(given.points, 'frame.points', 'school points', schools['points'] as 'rigid')
	};
}

function ownSection(given: NonNullable<NonNullable<Job['frame']>['section']>, faults: Fault[]): Section {
	for (const key of ['face', 'lip', 'depth', 'rabbetDepth', 'density'] as const) {
		if (given[key] === undefined)
			faults.push({
				path: `frame.section.${key}`,
				says: 'A section given outright needs it: face, lip, depth, rabbetDepth and density.'
			});
	}
	return given as Section;
}

function decideHang(job: Job, shop: Shop, schools: Record<string, string>): Decided['hang'] {
	const by = (job.hang?.by ?? schools['hang-by']) as Decided['hang']['by'];
	const hooks = { one: 1, two: 2 }[schools['hooks']!] as 1 | 2 | undefined;
	return {
		by,
		wireAsked: by === 'wire',
		hooks: (job.hang?.hooks as 1 | 2 | undefined) ?? hooks ?? null,
		dropShare: job.hang?.dropShare ?? (schools['ring-drop'] === 'quarter' ? shop.house.dropShareQuarter : shop.house.dropShare),
		centreHeight: job.hang?.centreHeight ?? shop.house.centreHeight
	};
}

/** The board that the house takes next to a piece: whole cotton above Show, un-buffered where the alkaline reserve would harm. */
function houseBoard(aim: Grade, unbuffered: boolean): string {
	if (unbuffered) return 'cotton-4-unbuffered';
	return aim === 'show' ? 'pulp-4' : 'cotton-4';
}

function material<T>(map: Readonly<Record<string, T>>, id: string, path: string, what: string, faults: Fault[]): T {
	const found = map[id];
	if (!found) faults.push({ path, says: `The shop has no ${what} “${id}”. It has: ${Object.keys(map).join(', ')}.` });
	return found as T;
}
