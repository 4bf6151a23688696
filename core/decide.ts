/**
 * Fills a job with what the house decides where the job says nothing, so that stations read definite values alone.
 * What this version does not plan yet is a fault here: it is never silently planned as something else.
 */
import type { BackSeal, RabbetLining } from './job/kinds.ts';
import type { Size } from './geometry/shapes.ts';
import type { Grade } from './shop/grades.ts';
import { shopFor, type Shop } from './shop/shop.ts';
import { type Unit, cuttingStep } from './units/length.ts';
import { suggestAim } from './job/suggest-aim.ts';
import { claimsOf } from './job/claims.ts';
import { decideFrame, decideRabbet } from './job/decide-frame.ts';
import { decideKept, frameIsThere, keptBack, keptGlazing } from './job/decide-kept.ts';
import { covers, SCOPE_OF } from './job/scopes.ts';
import { HANGERS } from './stations/hang/kinds/all.ts';
import { usualAir, type UsualAir } from './stations/guard/house-air.ts';
import { decideHold } from './stations/hold/decide-hold.ts';
import { decidePieces, together, type Piece, isStiff } from './job/decide-piece.ts';
import { decideBorders, decideGrid, decideMats, decideWindows, isMatted } from './job/decide-window.ts';
import { decidePlace } from './job/decide-place.ts';
import type { Job } from './job/definition.ts';
import { FaultError, type Fault } from './job/faults.ts';
import { fromHouse, houseBoard, material, type Assumed, type FromHouse } from './job/material.ts';
import type { Accepted, Belongs, Decided, Spacer } from './job/decided.ts';
import { readColour } from './shop/colours.ts';
import type { Reader } from './units/show.ts';
import { known, nth } from './units/there.ts';

/**
 * The job with every choice made.
 * @param reads the unit of its sentences; the one that it is cut in unless given
 * @throws FaultError for what is not planned yet, for materials that the shop does not have, for choices that contradict
 */
export function decide(job: Job, shopAsItIs: Shop, reads: Unit = job.unit ?? 'mm'): Decided {
	const cutIn = job.unit ?? 'mm';
	const shop = shopFor(shopAsItIs, cutIn);
	const reader: Reader = { unit: reads, fraction: shop.houses.in.fraction, cutIn };
	const faults: Fault[] = [];
	const assumed: Assumed[] = [];
	const house = fromHouse(assumed, shop, reader);
	const schools = { ...shop.schools, ...job.schools } as Record<string, string>;
	const pieces = decidePieces(job, shop, house, faults);
	const piece = together(pieces);
	const aim = house(job.aim, 'aim', 'intake', suggestAim(job.piece ?? {}).aim);
	const subject = { aim, piece: { ...piece, matted: isMatted(job, piece.kind) } };
	const windows = decideWindows(job, shop, subject, house, faults);
	const hold = decideHold(job, shop, { aim, piece, windows, matted: subject.piece.matted, schools }, house, faults);
	const float = windows.some((window) => window.way === 'float');
	const frame = decideFrame(job, shop, schools, hold.kind === 'clips' && !float, reader, house, faults);
	const metal = (job.frame?.kind ?? frame?.kind) === 'metal';
	const kept = decideKept(job, shop, faults);
	const hang = decideHang(job, shop, schools, faults);
	const matted = subject.piece.matted;
	const fixed = piece.fixative !== null || schools['friable'] === 'fix';
	const closes = SCOPE_OF[job.scope ?? 'whole'].pack;
	// A set that is closed elsewhere is glazed there.
	const glazing = job.frame?.kept?.glazing ? 'kept' : (job.guard?.glazing ?? usualGlazing(piece, aim));
	const air = usualAir({
		job,
		shop,
		aim,
		piece,
		pieces,
		windows,
		matted,
		fixed,
		glazed: !closes || glazing !== 'none',
		step: cuttingStep(cutIn, shop.houses.in.fraction)
	});
	const guard = decideGuard(
		job,
		shop,
		{ aim, piece, schools, stitched: hold.kind === 'stitching', spacer: air.spacer },
		house,
		faults
	);
	const decided: Decided = {
		cutIn,
		reader,
		step: cuttingStep(cutIn, shop.houses.in.fraction),
		aim,
		schools,
		piece,
		pieces,
		window: nth(windows, 0),
		windows,
		several: (job.window?.openings?.length ?? 0) > 0,
		grid: decideGrid(job, windows, house, shop, faults),
		mats: decideMats(job, shop, subject, air.mats, house, faults),
		borders: decideBorders(job, shop, house, faults),
		guard,
		hold,
		frame: frame && { ...frame, lining: liningOf(job, frame, { aim, guard, closes }, house) },
		rabbet: decideRabbet(job, metal, faults),
		frameIsThere: frameIsThere(job),
		claims: claimsOf(job),
		bought: {
			frame: job.frame?.price ?? null,
			mats: (job.mats ?? []).flatMap(({ have }, at) => (have?.price === undefined ? [] : [{ mat: at + 1, cents: have.price }]))
		},
		kept,
		scope: job.scope ?? 'whole',
		given: decideGiven(job),
		belongs: decideBelongs(job, shop),
		copies: job.copies ?? 1,
		back: {
			// The hangers of a metal section slide in the channel that a tape would close.
			seal: metal
				? house(job.back?.seal, 'back.seal', 'frame', null)
				: house(job.back?.seal, 'back.seal', 'school back-seal', schools['back-seal'] as BackSeal),
			dustCover: job.back?.dustCover ?? schools['dust-cover'] !== 'none',
			bumpers: job.back?.bumpers ?? bumpersFor(hang, schools),
			bumperHeight: job.back?.bumperHeight ?? shop.house.bumperHeight
		},
		hang,
		place: decidePlace(job, house, faults),
		answered: answeredIn(job),
		accepted: decideAccepted(job, faults),
		wallColour: job.place?.wallColour ?? 'chalk',
		assumed
	};
	if (faults.length > 0) throw new FaultError(faults);
	return decided;
}

/** At Rare wood is lined where no edge seal keeps its vapours off. */
function liningOf(
	job: Job,
	frame: NonNullable<Decided['frame']>,
	{ aim, guard, closes }: { aim: Grade; guard: Decided['guard']; closes: boolean },
	house: FromHouse
): RabbetLining | null {
	if (frame.kind === 'metal' || !closes) return null;
	const usual = aim === 'rare' && guard.edgeSeal === null ? 'aluminium-laminate' : null;
	return usual === null ? (job.frame?.lining ?? null) : house(job.frame?.lining, 'frame.lining', 'aim', usual);
}

/** What swings by its top alone, or hangs both ways up, has them at all corners (handbook hang#kinds); what stands has no wall. */
function bumpersFor({ by, turns }: Decided['hang'], schools: Record<string, string>): number {
	if (by === 'stand') return 0;
	return schools['bumpers'] === 'four' || turns || (by !== 'by-mass' && HANGERS[by].single) ? 4 : 2;
}

/** What a job that is a part is told, since nobody plans it here. */
function decideGiven({ given, scope = 'whole' }: Job): Decided['given'] {
	const { outer, mass, pack, holds = '' } = given ?? {};
	const asks = SCOPE_OF[scope].asks;
	const asked = { outer: asks.includes('outer'), mass: asks.includes('mass'), pack: asks.includes('recess') };
	return {
		// Half of it measured is not measured yet.
		outer: asked.outer && outer?.width !== undefined && outer.height !== undefined ? (outer as Size) : null,
		mass: asked.mass ? (mass ?? null) : null,
		pack: asked.pack ? (pack ?? null) : null,
		holds: holds.trim() || null
	};
}

/** @returns texts without the blanks round them, none where nothing is written */
function decideBelongs({ belongs }: Job, shop: Shop): Belongs {
	const { papers = [], inscription = '', signed = false, plate } = belongs ?? {};
	const text = plate?.text?.trim() ?? '';
	return {
		papers: papers.map((paper) => paper.trim()).filter(Boolean),
		inscription: inscription.trim() || null,
		signed,
		plate:
			text === '' ? null : { text, width: plate?.width ?? shop.house.plateWidth, height: plate?.height ?? shop.house.plateHeight }
	};
}

function decideGuard(
	job: Job,
	shop: Shop,
	{
		aim,
		piece,
		schools,
		stitched,
		spacer
	}: { aim: Grade; piece: Piece; schools: Record<string, string>; stitched: boolean; spacer: UsualAir['spacer'] },
	house: FromHouse,
	faults: Fault[]
): Decided['guard'] {
	const given = job.guard ?? {};
	const closes = SCOPE_OF[job.scope ?? 'whole'].pack;
	const lining = given.lining ?? stitched;
	if (lining && given.underMat === null)
		faults.push({
			path: 'guard.underMat',
			says: stitched ? 'Stitched work needs a covered board. Choose one.' : 'A lining needs a board behind the piece. Choose one.'
		});
	if (stitched && given.lining === false)
		faults.push({ path: 'guard.lining', says: 'Stitched work is sewn to the cloth on its board. Keep the lining.' });
	const board = houseBoard(aim, piece.proteinOrDye);
	const glazing = usualGlazing(piece, aim);
	const choose = <T>(
		map: Readonly<Record<string, T>>,
		key: 'underMat' | 'backing' | 'barrier',
		what: string,
		value: string | null
	): T | null => {
		// A new back on a frame that stays closed has a board where one is chosen, and only then.
		const isNewBack = key === 'backing' && covers(job.scope ?? 'whole', 'back') && typeof given.backing === 'string';
		if (!closes && key !== 'underMat' && !isNewBack) return null;
		const chosen = key === 'barrier' ? (given.barrier ?? null) : house(given[key], `guard.${key}`, 'aim', value);
		return chosen === null ? null : material(map, chosen, `guard.${key}`, what, faults);
	};
	const seal = {
		'rare-and-shedding': aim === 'rare' ? 'aluminium-laminate' : null,
		always: aim === 'rare' ? 'aluminium-laminate' : 'paper',
		never: null
	}[known(schools, 'edge-seal')] as string | null;
	const pane =
		keptGlazing(job, shop, faults) ??
		material(
			shop.glazings,
			closes ? house(given.glazing, 'guard.glazing', 'aim', glazing) : 'none',
			'guard.glazing',
			'glazing',
			faults
		);
	// It joins glazing to backing: without glazing it would lie on the piece's face. What gives off is not sealed in.
	const isSealable = closes && pane?.family !== 'none';
	const edgeSeal = isSealable ? house(given.edgeSeal, 'guard.edgeSeal', 'school edge-seal', piece.givesOff ? null : seal) : null;

	return {
		glazing: pane,
		sealOnPiece: closes && !isSealable && typeof given.edgeSeal === 'string',
		underMat: choose(shop.boards, 'underMat', 'board', isStiff(piece.kind) ? null : board),
		fillers: (closes ? (given.fillers ?? []) : []).map((filler, index) => {
			const at = `guard.fillers[${index}].board`;
			if (filler.board === undefined) faults.push({ path: at, says: 'Name the filler’s board.' });
			const chosen = material(shop.boards, filler.board ?? 'foam-free', at, 'board', faults);
			return { board: chosen, thickness: filler.thickness ?? chosen?.thickness ?? 0 };
		}),
		spacer: closes ? decideSpacer(spacer && house(given.spacer, 'guard.spacer', 'aim', spacer), faults, given.spacer) : null,
		barrier: choose(shop.barriers, 'barrier', 'barrier', null),
		backing:
			keptBack(job, shop, faults) ??
			// Behind canvas and panel it faces the piece itself.
			choose(shop.boards, 'backing', 'board', aim === 'rare' && !isStiff(piece.kind) ? 'fluted-pp' : 'alkaline-corrugated'),
		sealOnFace: given.sealOnFace ?? shop.house.edgeSealOnFace,
		edgeSeal: edgeSeal === null ? null : material(shop.edgeSeals, edgeSeal, 'guard.edgeSeal', 'edge-seal tape', faults),
		lining,
		join: given.join ?? 'gummed',
		joinDistance: given.joinDistance ?? shop.house.joinDistance
	};
}

/** The house’s glazing: paintings go without unless they shed, or are glass themselves. */
function usualGlazing(piece: Piece, aim: Grade): string {
	if (piece.friable) return 'uv-acrylic-lr';
	if (piece.support?.acrylicOnly) return 'uv-acrylic';
	if (isStiff(piece.kind)) return 'none';
	if (aim !== 'show') return 'uv-acrylic';
	return piece.travels ? 'acrylic' : 'glass';
}

/** A bare length is a strip of cotton board. */
function decideSpacer(
	usual: NonNullable<Job['guard']>['spacer'],
	faults: Fault[],
	asked: NonNullable<Job['guard']>['spacer']
): Spacer | null {
	const given = asked === undefined ? usual : asked;
	if (given === undefined || given === null) return null;
	if (typeof given === 'number') return { material: 'cotton', thickness: given, lined: false, colour: null, seen: null };
	if (given.thickness === undefined)
		faults.push({ path: 'guard.spacer.thickness', says: 'A spacer needs a height. Enter it, or remove the spacer.' });
	const material = given.material ?? 'cotton';
	return {
		material,
		thickness: given.thickness ?? 0,
		lined: given.lined ?? material === 'wood-lined',
		colour: given.colour === undefined ? null : readColour(given.colour),
		seen: given.seen ?? null
	};
}

function decideAccepted(job: Job, faults: Fault[]): Accepted[] {
	return (job.accepted ?? []).map((one, index) => {
		for (const key of ['rule', 'facts', 'reason', 'initials'] as const)
			if (!one[key]?.trim())
				faults.push({
					path: `accepted[${index}].${key}`,
					says: 'An accepted caution needs its rule, facts, reason and initials.'
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

/** A station is answered by a choice of its own, or by taking the house's. */
function answeredIn(job: Job): ReadonlySet<string> {
	const said = (value: object | undefined) => value !== undefined && Object.keys(value).length > 0;
	const answered = new Set<string>(job.answered ?? []);
	const { readings: _, ...piece } = job.piece ?? {};
	if (said(piece) || job.aim !== undefined) answered.add('intake');
	if (said(job.window) || job.mats !== undefined || said(job.borders)) answered.add('window');
	if (said(job.guard)) answered.add('guard');
	if (said(job.hold)) answered.add('hold');
	if (said(job.frame)) answered.add('frame');
	if (said(job.back)) answered.add('back');
	if (said(job.hang)) answered.add('wall');
	return answered;
}

function decideHang(job: Job, shop: Shop, schools: Record<string, string>, faults: Fault[]): Decided['hang'] {
	if (job.hang?.drop !== undefined && job.hang.dropShare !== undefined)
		faults.push({ path: 'hang.drop', says: 'Enter the drop as a length or as a share of the height, not both.' });
	const by = (job.frame?.kept?.hangers ?? job.hang?.by ?? schools['hang-by']) as Decided['hang']['by'];
	const hooks = { one: 1, two: 2 }[known(schools, 'hooks')] as 1 | 2 | undefined;
	return {
		by,
		wireAsked: by === 'wire' || by === 'cord',
		hooks: (job.hang?.hooks as 1 | 2 | undefined) ?? hooks ?? null,
		drop: job.hang?.drop ?? null,
		ring: job.hang?.ring === undefined ? null : material(shop.rings, job.hang.ring, 'hang.ring', 'ring', faults),
		strip: job.hang?.strip ?? false,
		turns: job.hang?.turns ?? false,
		stands: job.hang?.stands ?? false,
		weighed: job.hang?.weighed ?? null,
		dropShare: job.hang?.dropShare ?? (schools['ring-drop'] === 'quarter' ? shop.house.dropShareQuarter : shop.house.dropShare),
		centreHeight: job.hang?.centreHeight ?? shop.house.centreHeight
	};
}
