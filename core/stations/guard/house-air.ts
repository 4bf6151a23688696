/**
 * The gap that the house plans by itself (handbook pack#gap): where the aim asks for more than a mat gives, an 8-ply mat, a lift, or a
 * spacer under the lip; over what sheds a reverse bevel and a trough. What the job says of its mats goes before.
 */
import type { Job } from '../../job/definition.ts';
import { isStiff, type Piece } from '../../job/decide-piece.ts';
import type { WindowChoice } from '../../job/decide-window.ts';
import { houseBoard } from '../../job/material.ts';
import type { Grade } from '../../shop/grades.ts';
import type { Shop } from '../../shop/shop.ts';
import { isAtLeast } from '../../units/compare.ts';
import { receiveUp } from '../../units/round.ts';
import { known } from '../../units/there.ts';
import { firstMakeable, stackableBoards } from '../pack/made.ts';
import { gapNeedOf } from '../pack/pack.ts';

export type UsualMat = NonNullable<Job['mats']>[number];
export type UsualAir = {
	mats: UsualMat[];
	spacer: { material: 'cotton' | 'wood-lined'; thickness: number } | null;
};

export type AirSubject = {
	job: Job;
	shop: Shop;
	aim: Grade;
	piece: Piece;
	pieces: readonly Piece[];
	windows: readonly WindowChoice[];
	matted: boolean;
	/** It is fixed, so that nothing falls. */
	fixed: boolean;
	glazed: boolean;
	step: number;
};

/** Strips of board build a lift or a spacer up to here, mm; narrower borders have no room for a lift. */
const HIGHEST_LIFT = 12;
const BORDER_FOR_LIFT = 30;

export function usualAir(of: AirSubject): UsualAir {
	const { job, shop, aim, piece, windows, matted } = of;
	const unbuffered = piece.proteinOrDye;
	const board = houseBoard(aim, unbuffered);
	const plain: UsualMat = { board, colour: 'shell' };
	const float = windows.some(({ way }) => way === 'float');
	const inside = float ? Math.max(...windows.map(({ support }) => support?.thickness ?? 0)) + thickness(piece, shop) : 0;
	const given = givenSpacer(job);
	// What the job says of its mats stands; their gap has its finding.
	const goesWithout = isStiff(piece.kind) || piece.kind === 'object';
	if (job.mats !== undefined && (job.mats.length > 0 || !goesWithout)) return { mats: [plain], spacer: null };
	if (!of.glazed) return { mats: matted ? [plain] : [], spacer: null };
	const need = gapNeedOf(piece, shop.house, aim, longest(of.pieces)) + inside - (given ?? 0);
	if (!matted) return { mats: [], spacer: given === null && need > 0 ? spacerFor(need, of) : null };
	// Show asks nothing; a float lies before its window all the same.
	if (aim === 'show' && !float) return { mats: [plain], spacer: null };
	const sheds = piece.friable && !of.fixed;
	const least = sheds ? { bevel: 'reverse' as const } : {};
	const trough = sheds && !float ? shop.house.troughLift : 0;
	const own = known(shop.boards, board).thickness;
	if (isAtLeast(own, need) && trough === 0) return { mats: [{ ...plain, ...least }], spacer: null };
	const thicker = shop.boards[unbuffered ? 'cotton-8-unbuffered' : 'cotton-8'];
	if (thicker && !thicker.withdrawn && isAtLeast(thicker.thickness, need) && trough === 0)
		return { mats: [{ ...plain, board: thicker.id }], spacer: null };
	const lift = hasRoom(job, shop)
		? firstMakeable(
				Math.max(need - own, trough),
				HIGHEST_LIFT,
				of.step,
				[known(shop.boards, board), ...stackableBoards(shop, aim)],
				shop.house.madeWithin
			)
		: null;
	if (lift !== null) return { mats: [{ ...plain, ...least, lift }], spacer: null };
	const mat = thicker && !thicker.withdrawn ? thicker : known(shop.boards, board);
	return {
		mats: [{ ...plain, ...least, board: mat.id }],
		spacer: given === null && need > mat.thickness ? spacerFor(need - mat.thickness, of) : null
	};
}

/** Board strips as high as a lift, then a stick of lined wood. */
function spacerFor(need: number, { shop, aim, step }: AirSubject): UsualAir['spacer'] {
	const strips = stackableBoards(shop, aim).filter(({ forMats }) => forMats);
	const cotton = firstMakeable(need, HIGHEST_LIFT, step, strips, shop.house.madeWithin);
	return cotton === null
		? { material: 'wood-lined', thickness: receiveUp(need, step) }
		: { material: 'cotton', thickness: cotton };
}

/** Its borders take strips behind them, and there is one window. */
function hasRoom({ borders, frame, window }: Job, { house }: Shop): boolean {
	if ((window?.openings?.length ?? 0) > 0 || borders?.way === 'fit' || frame?.opening !== undefined) return false;
	const { top, right, bottom, left } = borders ?? {};
	const asked = [borders?.width ?? house.borderWidth, ...[top, right, bottom, left].filter((side) => side !== undefined)];
	return Math.min(...asked) >= BORDER_FOR_LIFT;
}

function givenSpacer({ guard }: Job): number | null {
	const { spacer } = guard ?? {};
	if (spacer === undefined) return null;
	if (spacer === null) return 0;
	return typeof spacer === 'number' ? spacer : (spacer.thickness ?? 0);
}

function thickness({ thickness: thick }: Piece, { house }: Shop): number {
	return Math.max(thick, house.thinnestSheet);
}

/** The longest side that was read; 0 before anybody measured. */
function longest(pieces: readonly Piece[]): number {
	return Math.max(
		0,
		...pieces.flatMap(({ readings }) => (readings ? [readings.top, readings.bottom, readings.left, readings.right] : []))
	);
}
