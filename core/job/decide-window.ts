/** Windows, mats and borders: each choice made, the house's where the job gives none. */
import { evenSides, mapSides, type Place, type Sides, type Size } from '../geometry/shapes.ts';
import type { Board } from '../shop/boards.ts';
import { readColour, type Colour } from '../shop/colours.ts';
import type { Grade } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import type { Job } from './definition.ts';
import { frameIsThere } from './decide-kept.ts';
import type { Fault } from './faults.ts';
import { NOT_KNOWN, type WindowShape, type WindowWay } from './kinds.ts';
import { type Piece, isStiff } from './decide-piece.ts';
import { houseBoard, material, type FromHouse } from './material.ts';
import { SCOPE_OF } from './scopes.ts';
import { known, there } from '../units/there.ts';

export type WindowChoice = {
	way: WindowWay;
	shape: WindowShape;
	/** Cover: as asked for; with `solve` the program finds it. */
	overlap: Sides;
	/** Behind a mat that is at hand the window is its opening: only these sides of the overlap were typed, the others follow. */
	typed: Partial<Sides>;
	solve: boolean;
	/** Reveal: paper left visible round the image. */
	reveal: Sides;
	/** Float: free space round the piece, how far the support lies back, and its board. */
	gap: number;
	setBack: number;
	support: Board | null;
	/** Undercut at 45°, so that a support as large as the piece shows no edge. */
	bevelledSupport: boolean;
	supportTint: string | null;
	/** From the top-left of all windows; null where a grid or the only window gives it. */
	at: Place | null;
};

export type Grid = { columns: number; rows: number; gutter: number };

export type MatChoice = {
	board: Board;
	bevel: 'normal' | 'reverse';
	reveal: Sides;
	lift: number;
	/** What its lift is made of; null: the shop chooses. */
	liftBoard: Board | null;
	setback: number | null;
	colour: Colour;
	/** The core's own colour, and a line painted on the bevel. */
	core: Colour | null;
	bevelLine: Colour | null;
	/**
	 * Bought cut, or at hand: as measured, with its left and top border where they were measured. It is not cut; `cut`: it was, here, and is
	 * as it came out.
	 */
	have: { opening: Size; outer: Size; left: number | null; top: number | null; cut: boolean } | null;
	/** It is at hand, and nobody has measured it yet. */
	unmeasured: boolean;
	print: Size | null;
	printEnds: 'beyond-blank' | 'under-lip' | 'at-sight';
};

export type Borders = {
	/** `have`: the front mat was bought, and its borders come with it. */
	way: 'even' | 'weighted' | 'own' | 'fit' | 'have';
	asked: Sides;
	width: number;
	weight: number;
	/** The pack that `fit` must give; null when a ready-made frame's rabbet gives it. */
	pack: Size | null;
	/** What stands in the middle: the window, or the motif on the piece. */
	centre: 'window' | 'motif';
};

type GivenWindow = NonNullable<Job['window']>;

/** What a choice is made for. `matted`: the job has a window mat. */
type Subject = { aim: Grade; piece: Pick<Piece, 'kind' | 'proteinOrDye'> & { matted: boolean } };

/** One window, or one for each opening; what an opening leaves out, the window at the top says for all. */
export function decideWindows(job: Job, shop: Shop, of: Subject, house: FromHouse, faults: Fault[]): WindowChoice[] {
	const given = job.window ?? {};
	const openings = given.openings;
	const bought = job.mats?.some(({ have }) => have !== undefined) ?? false;
	if (!openings || openings.length === 0) return [decideWindow({ ...given, bought }, 'window', shop, of, house, faults)];
	const windows = openings.map((opening, index) => {
		const at = `window.openings[${index}]`;
		const { openings: _, grid: __, ...shared } = given;
		const choice = decideWindow({ ...shared, ...opening }, at, shop, of, house, faults);
		return { ...choice, at: opening.at ? { left: opening.at.left ?? 0, top: opening.at.top ?? 0 } : null };
	});
	const [first] = windows;
	for (const [index, window] of windows.entries()) {
		if ((window.way === 'float') !== (there(first, 'first').way === 'float'))
			faults.push({
				path: `window.openings[${index}].way`,
				says: 'Floats need depth and covered sheets do not: in one mat, float all or none.'
			});
		else if (window.support?.id !== there(first, 'first').support?.id)
			faults.push({ path: `window.openings[${index}].support`, says: 'All floats in one mat need the same kind of support.' });
	}
	return windows;
}

/** Rows and columns; several windows without places stand in one row. */
export function decideGrid(job: Job, windows: WindowChoice[], house: FromHouse, shop: Shop, faults: Fault[]): Grid | null {
	const given = job.window?.grid;
	const count = job.window?.openings?.length ?? 0;
	if (given && count === 0) {
		faults.push({ path: 'window.grid', says: 'A grid needs its openings, one for each window, row by row.' });
		return null;
	}
	const free = windows.filter((window) => window.at !== null).length;
	if (count === 0 || free === count) return null;
	if (free > 0) {
		const missing = windows.findIndex((window) => window.at === null);
		faults.push({
			path: `window.openings[${missing}].at`,
			says: 'The other windows have set positions. Enter left and top for this one.'
		});
		return null;
	}
	const columns = given?.columns ?? (given?.rows ? Math.ceil(count / given.rows) : count);
	const rows = given?.rows ?? Math.ceil(count / columns);
	if (columns * rows < count)
		faults.push({ path: 'window.grid', says: `${columns} × ${rows} places are too few for ${count} windows.` });
	return { columns, rows, gutter: house(given?.gutter, 'window.grid.gutter', 'house.gutter', shop.house.gutter) };
}

function decideWindow(
	given: Omit<GivenWindow, 'openings' | 'grid'> & { /** The mats that are at hand fix the opening. */ bought?: boolean },
	at: string,
	shop: Shop,
	{ aim, piece }: Subject,
	house: FromHouse,
	faults: Fault[]
): WindowChoice {
	const way = given.way ?? (piece.kind === 'object' || piece.kind === 'bone' ? 'float' : 'cover');
	const boxed = way === 'float' && !piece.matted;
	const solve = given.overlap === 'solve';
	const shape = given.shape ?? 'rectangle';
	if (solve && way === 'cover' && shape !== 'rectangle')
		faults.push({ path: `${at}.overlap`, says: 'Only a rectangle can be solved. Enter the overlap for this shape.' });
	// What is stitched lies on the covered board itself.
	const stands = way === 'float' && piece.kind !== 'textile' && piece.kind !== 'object';
	const rare = piece.proteinOrDye ? 'cotton-8-unbuffered' : 'cotton-8';
	const support = stands ? house(given.support, `${at}.support`, 'aim', aim === 'rare' ? rare : 'foam-free') : null;
	// A pale rim would shine through: a translucent piece stands on a support of exactly its size.
	const translucent = piece.kind === 'vellum' || piece.kind === 'bone';
	const bevelledSupport = given.supportEdge === undefined ? translucent : given.supportEdge === 'bevelled';
	const overlap = typeof given.overlap === 'object' ? given.overlap : {};
	const whole = way === 'cover' && !solve && Object.keys(overlap).length === 0;
	const bought = given.bought === true;
	if (bought && way === 'cover') checkTyped(given.overlap, `${at}.overlap`, faults);
	else if (whole) house(undefined, `${at}.overlap`, 'house.overlap', shop.house.overlap);
	return {
		way,
		shape,
		solve: solve && way === 'cover' && !bought,
		typed: way === 'cover' ? overlap : {},
		overlap: mapSides((side) =>
			whole || bought || way !== 'cover'
				? (overlap[side] ?? shop.house.overlap)
				: house(overlap[side], `${at}.overlap.${side}`, 'house.overlap', shop.house.overlap)
		),
		reveal: mapSides((side) =>
			way === 'reveal' && !bought
				? house(given.reveal?.[side], `${at}.reveal.${side}`, 'house.paperReveal', shop.house.paperReveal)
				: shop.house.paperReveal
		),
		gap:
			way === 'float' && !bought
				? house(
						given.gap,
						`${at}.gap`,
						boxed ? 'house.boxAir' : 'house.floatGap',
						boxed ? shop.house.boxAir : shop.house.floatGap
					)
				: shop.house.floatGap,
		setBack: given.setBack ?? (bevelledSupport ? 0 : shop.house.floatSetBack),
		bevelledSupport,
		supportTint: given.supportTint ?? null,
		support: support === null ? null : material(shop.boards, support, `${at}.support`, 'board', faults),
		at: null
	};
}

/** The opening is the mat's own: one side of an axis gives the other. */
function checkTyped(overlap: GivenWindow['overlap'], at: string, faults: Fault[]): void {
	if (overlap === 'solve')
		faults.push({ path: at, says: 'The mat is ready-cut and its opening is fixed. Leave the overlap blank.' });
	if (typeof overlap !== 'object') return;
	for (const [one, other, axis] of [
		['left', 'right', 'across'],
		['top', 'bottom', 'down']
	] as const)
		if (overlap[one] !== undefined && overlap[other] !== undefined)
			faults.push({
				path: `${at}.${other}`,
				says: `The ready-cut mat’s opening is fixed: ${axis} one overlap gives the other. Remove ${one} or ${other}.`
			});
}

/** @param usual the house’s mats, where the job says nothing of its own */
export function decideMats(
	job: Job,
	shop: Shop,
	{ aim, piece }: Subject,
	usual: NonNullable<Job['mats']>,
	house: FromHouse,
	faults: Fault[]
): MatChoice[] {
	const board = houseBoard(aim, piece.proteinOrDye);
	if (!piece.matted) return checkMatless(job, faults);
	const given = house(job.mats, 'mats', 'aim', usual);
	return given.map((mat, index) => {
		const at = `mats[${index}]`;
		if (index === 0 && mat.reveal !== undefined)
			faults.push({
				path: `${at}.reveal`,
				says: 'The front mat has no reveal. Remove it; its width is set in borders.'
			});
		const { print } = mat;
		if (print && (print.width === undefined || print.height === undefined))
			faults.push({ path: `${at}.print`, says: 'A printed area needs a width and a height. Enter both.' });
		return {
			board: matBoard(house(mat.board, `${at}.board`, 'aim', board), mat.have !== undefined, `${at}.board`, shop, faults),
			bevel: mat.bevel ?? 'normal',
			reveal:
				index === 0
					? evenSides(0)
					: mapSides((side) => mat.reveal?.[side] ?? house(undefined, `${at}.reveal`, 'house.reveal', shop.house.reveal)),
			lift: mat.lift ?? 0,
			liftBoard: mat.liftBoard === undefined ? null : material(shop.boards, mat.liftBoard, `${at}.liftBoard`, 'board', faults),
			setback: mat.setback ?? null,
			colour: readColour(mat.colour ?? 'white'),
			core: mat.core === undefined ? null : readColour(mat.core),
			bevelLine: mat.bevelLine === undefined ? null : readColour(mat.bevelLine),
			...decideHave(job, index, faults),
			print: print ? (print as Size) : null,
			printEnds: mat.printEnds ?? 'beyond-blank'
		};
	});
}

/** Of a bought mat nobody may know the board: it is taken as the one that harms most. */
function matBoard(id: string, bought: boolean, at: string, shop: Shop, faults: Fault[]): Board {
	if (id !== NOT_KNOWN || !bought) return material(shop.boards, id, at, 'board', faults);
	return { ...known(shop.boards, UNKNOWN_MAT), name: 'Mat, board unknown', unknown: ['touch'] };
}

const UNKNOWN_MAT = 'mat-ordinary';

/** A bought mat as measured: its board stands round its opening. */
function decideHave(job: Job, index: number, faults: Fault[]): Pick<MatChoice, 'have' | 'unmeasured'> {
	const have = job.mats?.[index]?.have;
	if (!have) return { have: null, unmeasured: false };
	const at = `mats[${index}].have`;
	const isMeasured = (['opening', 'outer'] as const).every(
		(name) => have[name]?.width !== undefined && have[name].height !== undefined
	);
	if ((job.window?.openings?.length ?? 0) > 0)
		faults.push({ path: at, says: 'A ready-cut mat can have one window only. For several, cut the mat here.' });
	if (!isMeasured) return { have: null, unmeasured: true };
	const { opening, outer, left = null, top = null, cut = false } = have as typeof have & { opening: Size; outer: Size };
	for (const axis of ['width', 'height'] as const)
		if (opening[axis] >= outer[axis])
			faults.push({ path: `${at}.opening.${axis}`, says: 'The opening is as large as the mat itself. Measure both again.' });
	for (const [side, axis] of [
		['left', 'width'],
		['top', 'height']
	] as const) {
		const border = side === 'left' ? left : top;
		if (border !== null && border + opening[axis] >= outer[axis])
			faults.push({
				path: `${at}.${side}`,
				says: 'This border and the opening are as large as the mat itself. Measure both again.'
			});
	}
	return { have: { opening, outer, left, top, cut }, unmeasured: false };
}

/** Panels, canvases and boxes go without a mat unless one is given; any piece does when the list is empty. */
export function isMatted(job: Job, kind: Piece['kind']): boolean {
	return job.mats ? job.mats.length > 0 : !(isStiff(kind) || kind === 'object');
}

/** Without a mat the frame's lip is all that stands before the piece. */
function checkMatless(job: Job, faults: Fault[]): MatChoice[] {
	if ((job.window?.openings?.length ?? 0) > 0) faults.push({ path: 'mats', says: 'Several windows need a mat. Add one.' });
	if (job.window?.way === 'reveal')
		faults.push({ path: 'window.way', says: 'A reveal shows paper inside a mat. Add a mat, or choose cover or float.' });
	if ((job.window?.shape ?? 'rectangle') !== 'rectangle')
		faults.push({ path: 'window.shape', says: 'Without a mat the frame is the window, a rectangle. Add a mat for this shape.' });
	return [];
}

const UNUSED = {
	have: ['way', 'width', 'weight', 'top', 'right', 'bottom', 'left', 'pack', 'centre'],
	even: ['top', 'right', 'bottom', 'left', 'pack', 'weight'],
	weighted: ['top', 'right', 'bottom', 'left', 'pack'],
	own: ['width', 'weight', 'pack'],
	fit: ['top', 'right', 'bottom', 'left', 'width']
} as const;

export function decideBorders(job: Job, shop: Shop, house: FromHouse, faults: Fault[]): Borders {
	const given = job.borders ?? {};
	const bought = job.mats?.[0]?.have !== undefined;
	const fits = frameIsThere(job) && SCOPE_OF[job.scope ?? 'whole'].window;
	const way = bought ? 'have' : house(given.way, 'borders.way', 'house', fits ? 'fit' : 'weighted');
	for (const key of UNUSED[way]) {
		if (given[key] !== undefined)
			faults.push({
				path: `borders.${key}`,
				says: bought
					? 'The front mat is ready-cut: its borders are fixed. Remove this.'
					: `Borders “${way}” have no ${key}. Remove it, or choose another way.`
			});
	}
	const centre = given.centre ?? 'window';
	if (way === 'have') return { way, asked: evenSides(0), width: shop.house.borderWidth, weight: 0, pack: null, centre: 'window' };
	if (way === 'own') {
		const own = mapSides(
			(side) => given[side] ?? house(undefined, `borders.${side}`, 'house.borderWidth', shop.house.borderWidth)
		);
		return { way, asked: own, width: own.left, weight: 0, pack: null, centre };
	}
	const weight = way === 'even' ? 0 : house(given.weight, 'borders.weight', 'house.borderWeight', shop.house.borderWeight);
	if (way === 'fit') {
		const pack = given.pack as Size | undefined;
		const half = given.pack && (given.pack.width === undefined || given.pack.height === undefined);
		if (half || (!pack && !frameIsThere(job)))
			faults.push({
				path: 'borders.pack',
				says: 'Fitted borders need the pack’s width and height, or the rabbet size of the customer’s frame.'
			});
		return { way, asked: evenSides(0), width: shop.house.borderWidth, weight, pack: pack ?? null, centre };
	}
	const width = house(given.width, 'borders.width', 'house.borderWidth', shop.house.borderWidth);
	return { way, asked: { ...evenSides(width), bottom: width + weight }, width, weight, pack: null, centre };
}
