/**
 * Fills a job with what the house decides where the job says nothing, so that stations read definite values alone.
 * What this version does not plan yet is a fault here: it is never silently planned as something else.
 */
import type { Barrier, Board } from '../shop/boards.ts';
import type { Glazing } from '../shop/glazing.ts';
import type { Grade } from '../shop/grades.ts';
import type { Adhesive, EdgeSeal } from '../shop/holds.ts';
import type { Section } from '../shop/mouldings.ts';
import type { Shop } from '../shop/shop.ts';
import { cuttingStep } from '../units/round.ts';
import type { Unit } from '../units/length.ts';
import { suggestAim } from '../intake/suggest.ts';
import { decidePieces, decideReadings, together, type Piece, type Readings } from './decide-piece.ts';
import {
	decideBorders,
	decideGrid,
	decideMats,
	decideWindows,
	type Borders,
	type Grid,
	type MatChoice,
	type WindowChoice
} from './decide-window.ts';
import { decidePlace, type PlaceChoice } from './decide-place.ts';
import type { Job } from './definition.ts';
import { FaultError, type Fault } from './faults.ts';
import { fromHouse, houseBoard, material, type Assumed, type FromHouse } from './material.ts';
import { notPlanned } from './not-planned.ts';

export type SpacerMaterial = 'cotton' | 'acrylic' | 'wood-lined';
export type Spacer = { material: SpacerMaterial; thickness: number };
export type Accepted = { rule: string; where: string; facts: string; reason: string; initials: string };

export type HoldKind = 't-hinge' | 'v-hinge' | 'pass-through' | 'corners';

export type Decided = {
	unit: Unit;
	/** The cutting step, mm. */
	step: number;
	aim: Grade;
	schools: Readonly<Record<string, string>>;
	/** All pieces of the job together, as careful as the most delicate of them. */
	piece: Piece;
	/** One a window, in the order of the windows. */
	pieces: Piece[];
	/** The first of the windows. */
	window: WindowChoice;
	windows: WindowChoice[];
	/** Windows are given as a list: their figures are lists too. */
	several: boolean;
	grid: Grid | null;
	mats: MatChoice[];
	borders: Borders;
	guard: {
		glazing: Glazing;
		underMat: Board | null;
		fillers: { board: Board; thickness: number }[];
		barrier: Barrier | null;
		spacer: Spacer | null;
		backing: Board | null;
		edgeSeal: EdgeSeal | null;
		join: 'gummed' | 'paste' | 'transfer' | 'spray';
		joinDistance: number;
	};
	hold: { kind: HoldKind; adhesive: Adhesive; count: number | null; width: number | null; contact: number };
	/** null while no moulding is chosen. */
	frame: {
		kind: 'wood' | 'ready-made';
		section: Section;
		name: string;
		colour: string;
		allowance: number | null;
		corners: 'reinforced' | 'plain';
		points: 'rigid' | 'flexible' | 'hand' | 'turn-buttons';
		/** A groove in the rabbet's wall, from the lip's underside. */
		groove: { from: number; width: number } | null;
	} | null;
	/** Readings of a ready-made frame's rabbet. */
	rabbet: Readings | null;
	back: { seal: 'gummed' | 'self-adhesive' | null; dustCover: boolean; bumpers: number; bumperHeight: number };
	hang: { by: 'wire' | 'rings' | 'by-mass'; wireAsked: boolean; hooks: 1 | 2 | null; dropShare: number; centreHeight: number };
	/** Where it will hang. */
	place: PlaceChoice;
	/** Cautions accepted knowingly. */
	accepted: Accepted[];
	/** Colour of the wall where it will hang. */
	wallColour: string;
	assumed: Assumed[];
};

/**
 * The job with every choice made.
 * @throws FaultError for what is not planned yet, for materials that the shop does not have, for choices that contradict
 */
export function decide(job: Job, shop: Shop): Decided {
	const faults: Fault[] = notPlanned(job);
	const assumed: Assumed[] = [];
	const house = fromHouse(assumed);
	const schools = { ...shop.schools, ...job.schools } as Record<string, string>;
	const pieces = decidePieces(job, shop, house, faults);
	const piece = together(pieces);
	const aim = house(job.aim, 'aim', 'intake', suggestAim(job.piece ?? {}).aim);
	const windows = decideWindows(job, shop, aim, house, faults);
	const decided: Decided = {
		unit: job.unit ?? 'mm',
		step: cuttingStep(job.unit ?? 'mm'),
		aim,
		schools,
		piece,
		pieces,
		window: windows[0]!,
		windows,
		several: (job.window?.openings?.length ?? 0) > 0,
		grid: decideGrid(job, windows, house, shop, faults),
		mats: decideMats(job, shop, aim, piece.proteinOrDye, house, faults),
		borders: decideBorders(job, shop, house, faults),
		guard: decideGuard(job, shop, aim, piece, schools, house, faults),
		hold: {
			kind: decideHoldKind(job, windows, house, faults),
			adhesive: material(
				shop.adhesives,
				house(job.hold?.adhesive, 'hold.adhesive', 'hold', job.hold?.kind === 'corners' ? 'none' : 'starch-paste'),
				'hold.adhesive',
				'adhesive',
				faults
			),
			count: job.hold?.count ?? (schools['hinge-count'] === 'one' ? 1 : null),
			width: job.hold?.width ?? null,
			contact: job.hold?.contact ?? shop.house.hingeContact
		},
		frame: decideFrame(job, shop, schools, house, faults),
		rabbet: decideRabbet(job, faults),
		back: {
			seal: house(job.back?.seal, 'back.seal', 'school back-seal', schools['back-seal'] as 'gummed' | 'self-adhesive'),
			dustCover: job.back?.dustCover ?? schools['dust-cover'] !== 'none',
			bumpers: job.back?.bumpers ?? (schools['bumpers'] === 'four' ? 4 : 2),
			bumperHeight: job.back?.bumperHeight ?? shop.house.bumperHeight
		},
		hang: decideHang(job, shop, schools),
		place: decidePlace(job, house, faults),
		accepted: decideAccepted(job, faults),
		wallColour: job.place?.wallColour ?? 'chalk',
		assumed
	};
	checkAdhesive(decided.hold, faults);
	if (faults.length > 0) throw new FaultError(faults);
	return decided;
}

function decideGuard(
	job: Job,
	shop: Shop,
	aim: Grade,
	piece: Piece,
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
	}[schools['edge-seal']!] as string | null;
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
		spacer: decideSpacer(given.spacer, faults),
		barrier: choose(shop.barriers, 'barrier', 'barrier', null),
		backing: choose(shop.boards, 'backing', 'board', aim === 'rare' ? 'fluted-pp' : 'alkaline-corrugated'),
		edgeSeal: edgeSeal === null ? null : material(shop.edgeSeals, edgeSeal, 'guard.edgeSeal', 'edge-seal tape', faults),
		join: given.join ?? 'gummed',
		joinDistance: given.joinDistance ?? 20
	};
}

/** A bare length is a strip of cotton board. */
function decideSpacer(given: NonNullable<Job['guard']>['spacer'], faults: Fault[]): Spacer | null {
	if (given === undefined || given === null) return null;
	if (typeof given === 'number') return { material: 'cotton', thickness: given };
	if (given.thickness === undefined)
		faults.push({ path: 'guard.spacer.thickness', says: 'A spacer has a thickness. Give it, or leave the spacer out.' });
	return { material: (given.material ?? 'cotton') as SpacerMaterial, thickness: given.thickness ?? 0 };
}

function decideAccepted(job: Job, faults: Fault[]): Accepted[] {
	return (job.accepted ?? []).map((one, index) => {
		for (const key of ['rule', 'facts', 'reason', 'initials'] as const)
			if (!one[key]?.trim())
				faults.push({
					path: `accepted[${index}].${key}`,
					says: 'An accepted caution has its rule, its facts, a reason and initials.'
				});
		return {
			rule: one.rule ?? '',
			where: one.where ?? '',
			facts: one.facts ?? '',
			reason: one.reason ?? '',
			initials: one.initials ?? ''
		};
	});
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
		kind: given.kind === 'ready-made' ? 'ready-made' : 'wood',
		section: { face, lip, depth, rabbetDepth, density },
		name: 'name' in chosen ? String(chosen.name) : 'Own section',
		colour: given.colour ?? ('colour' in chosen ? String(chosen.colour) : 'ash'),
		allowance: given.allowance ?? null,
		corners: given.corners ?? 'reinforced',
		points: house(given.points, 'frame.points', 'school points', schools['points'] as 'rigid'),
		groove: decideGroove(given.groove, chosen, faults)
	};
}

function checkAdhesive({ kind, adhesive }: Decided['hold'], faults: Fault[]): void {
	if (kind === 'corners' && adhesive && adhesive.family !== 'none')
		faults.push({ path: 'hold.adhesive', says: 'Corner pockets hold without adhesive. Choose none.' });
	if (kind !== 'corners' && adhesive?.family === 'none')
		faults.push({ path: 'hold.adhesive', says: 'A hinge holds by an adhesive. Choose one, such as starch-paste.' });
}

function decideGroove(
	given: { from?: number; width?: number } | undefined,
	{ rabbetDepth }: Section,
	faults: Fault[]
): { from: number; width: number } | null {
	if (!given) return null;
	for (const key of ['from', 'width'] as const)
		if (given[key] === undefined)
			faults.push({ path: `frame.groove.${key}`, says: 'A groove begins somewhere and has a width. Give both.' });
	const { from = 0, width = 0 } = given;
	if (from + width > rabbetDepth)
		faults.push({
			path: 'frame.groove',
			says: `A groove from ${from} to ${from + width} mm ends behind the rabbet, which is ${rabbetDepth} mm deep.`
		});
	return { from, width };
}

/** A frame that exists gives the size; the borders follow it. */
function decideRabbet(job: Job, faults: Fault[]): Readings | null {
	const { kind, opening } = job.frame ?? {};
	if (opening && kind !== 'ready-made')
		faults.push({
			path: 'frame.opening',
			says: 'Only a ready-made frame has a measured opening. Choose kind ready-made, or take it out.'
		});
	if (kind !== 'ready-made') return null;
	const { readings } = decideReadings(opening, 'frame.opening', faults);
	if (!readings)
		faults.push({
			path: 'frame.opening',
			says: 'Measure the rabbet of the ready-made frame: one width and height, or four sides.'
		});
	if (job.borders?.way !== undefined && job.borders.way !== 'fit')
		faults.push({ path: 'borders.way', says: 'A ready-made frame gives the size of the pack. Choose borders that fit.' });
	return readings;
}

/** Behind a covering window a T-hinge; in a float nothing may stand above the sheet. */
function decideHoldKind(job: Job, windows: WindowChoice[], house: FromHouse, faults: Fault[]): HoldKind {
	const float = windows.some((window) => window.way === 'float');
	const kind = house(job.hold?.kind, 'hold.kind', 'window', float ? 'pass-through' : 't-hinge') as HoldKind;
	if (float && kind === 't-hinge')
		faults.push({
			path: 'hold.kind',
			says: 'A T-hinge stands above the sheet and shows in a float. Choose pass-through or v-hinge.'
		});
	if (float && kind === 'corners')
		faults.push({ path: 'hold.kind', says: 'No window hides the corners of a float. Choose pass-through or v-hinge.' });
	return kind;
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
