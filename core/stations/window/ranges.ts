/**
 * How far the sheet may be off, per axis: before something is wrong to see (free), and while it is still right (tolerance), which is what
 * the bench is told (handbook window#free-range, window#tolerance). Each limit is a figure with what gives it.
 */
import { axisOf, mapAxes, type Rect, type SideName, type Size } from '../../geometry/shapes.ts';
import type { Figure } from '../../rule/book.ts';
import { SIDES_OF } from '../../rule/side-terms.ts';
import { at, largest, less, named, plain, smallest, sum, type Term } from '../../rule/term.ts';
import { hiddenLegOf } from '../hold/corners.ts';
import type { Piece } from '../../job/decide-piece.ts';
import type { MatChoice, WindowChoice } from '../../job/decide-window.ts';
import type { House } from '../../shop/house.ts';
import { hiddenByBevel } from './opening.ts';
import { roomFor } from './shape.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Opening, Window } from '../../figures/window.ts';
import type { Decided } from '../../job/decided.ts';
import { hangsOnMat } from '../../job/hangs-on-mat.ts';
import type { Hold } from '../../figures/hold.ts';
import { there } from '../../units/there.ts';

export type Limit = {
	axis: keyof Size;
	/** What first stops a shifted sheet: an edge that would appear, a zone or the image that would be covered, a hold that would show. */
	by: { edge: SideName } | { zone: string } | { image: SideName } | { hold: 'pocket' | 'strip' } | { strip: SideName };
	free: Term;
	right: Term;
};

type Subject = {
	piece: Piece;
	choice: WindowChoice;
	measure: Measure;
	opening: Opening;
	hold: Hold;
	mat: MatChoice | null;
	/** Of the lift that lies on the under-mat, from the window's edge; null without one, and where the sheet hangs on the mat. */
	setback: Term | null;
	house: House;
};

/** How far the lift on the under-mat lies back from the window: beside a sheet that hangs on the mat it is nothing to it. */
export function setbackOf(window: Window | undefined, job: Decided): Term | null {
	const last = (window?.mats.length ?? 0) - 1;
	const lift = window?.mats[last]?.lift;
	return lift && !hangsOnMat(job) ? at(`window.mats[${last}].lift.setback`, lift.setback) : null;
}

/** @returns none in a float, and without a mat */
export function limitsOf(subject: Subject): Limit[] {
	const { opening } = subject;
	if (!opening.overlap) return [];
	return (['width', 'height'] as const).flatMap((axis) => [
		...SIDES_OF[axis].map((side) => edgeLimit(axis, side, subject)),
		...zoneLimits(axis, subject),
		...imageLimits(axis, subject),
		...holdLimits(axis, subject),
		...liftLimits(axis, subject)
	]);
}

function edgeLimit(axis: keyof Size, side: SideName, { opening, mat }: Subject): Limit {
	const overlap = at(`window.overlap.${side}`, there(opening.overlap, 'overlap')[side]);
	const least = at(`window.least.${side}`, there(opening.least, 'least')[side]);
	const bevel = hiddenByBevel(there(mat, 'mat'));
	const hangsBack = bevel > 0 ? [at(`shop.boards[${there(mat, 'mat').board.id}].thickness`, bevel)] : [];
	return { axis, by: { edge: side }, free: overlap, right: less(overlap, ...hangsBack, least) };
}

function zoneLimits(axis: keyof Size, { piece, choice, opening, house }: Subject): Limit[] {
	return piece.zones.flatMap((zone, index): Limit[] => {
		if (zone.kind !== 'show') return [];
		const path = `job.piece.zones[${index}]`;
		const room = choice.shape === 'rectangle' ? smallest(...insideOf(axis, path, zone, opening.sees)) : roomTo(axis, path, zone);
		return [
			{ axis, by: { zone: zone.id }, free: room, right: less(room, at('shop.house.showZoneMargin', house.showZoneMargin)) }
		];
	});
	/** How far a zone may go before it meets a round edge. */
	function roomTo(along: keyof Size, path: string, zone: Rect): Term {
		const room = roomFor(zone, opening.sees, choice.shape);
		const [one, other] = SIDES_OF[along];
		const of = [at(path, NaN), at('window.sees', NaN), at('job.window.shape', NaN)];
		return named(along === 'width' ? 'roomAcross' : 'roomDown', Math.min(room[one], room[other]), of);
	}
}

/** From the window's edges to those of something that must stay inside it. */
function insideOf(axis: keyof Size, path: string, inner: Rect, sees: Rect): [Term, Term] {
	const [one] = SIDES_OF[axis];
	const [start, size] = [at(`${path}.${one}`, inner[one]), at(`${path}.${axis}`, inner[axis])];
	const [from, along] = [at(`window.sees.${one}`, sees[one]), at(`window.sees.${axis}`, sees[axis])];
	return [less(start, from), less(sum(from, along), start, size)];
}

/** Over a lift that lies on the under-mat the sheet must not slide under the strip: the free board between them, less 1. */
function liftLimits(axis: keyof Size, { opening, setback }: Subject): Limit[] {
	if (setback === null) return [];
	return SIDES_OF[axis].map((side): Limit => {
		const overlap = at(`window.overlap.${side}`, there(opening.overlap, 'overlap')[side]);
		// Nothing of it is seen: only where it is laid counts.
		return { axis, by: { strip: side }, free: overlap, right: less(setback, overlap, plain(1)) };
	});
}

/** In a reveal the mat must not cover the image. */
function imageLimits(axis: keyof Size, { piece, choice, opening }: Subject): Limit[] {
	const { image } = piece;
	if (choice.way !== 'reveal' || !image) return [];
	const [one, other] = SIDES_OF[axis];
	const [before, after] = insideOf(axis, 'job.piece.image', image, opening.sees);
	return [
		{ axis, by: { image: one }, free: before, right: before },
		{ axis, by: { image: other }, free: after, right: after }
	];
}

/** Pockets and strips are hidden as far as the overlap reaches past them. */
function holdLimits(axis: keyof Size, { opening, choice, measure, hold }: Subject): Limit[] {
	if (hold.kind === 'corners') {
		const spare = less(hiddenLegOf(opening, choice.shape, measure.mean), at('hold.size.width', hold.size.width));
		return [{ axis, by: { hold: 'pocket' }, free: spare, right: spare }];
	}
	return (hold.strips ?? []).flatMap(({ side, reach }, index): Limit[] => {
		if (axisOf(side) !== axis) return [];
		const overlap = at(`window.overlap.${side}`, there(opening.overlap, 'overlap')[side]);
		const spare = less(overlap, at(`hold.strips[${index}].reach`, reach));
		return [{ axis, by: { hold: 'strip' }, free: spare, right: spare }];
	});
}

/** The least limit of each axis, never below 0; none without limits. */
export function rangesOf(limits: readonly Limit[], figure: Figure): Pick<Opening, 'free' | 'tolerance'> {
	if (limits.length === 0) return {};
	const least = (name: string, which: 'free' | 'right', anchor: string): Size =>
		mapAxes((axis) => {
			const own = limits.filter((limit) => limit.axis === axis).map((limit) => limit[which]);
			return figure(`window.${name}.${axis}`, largest(plain(0), smallest(...own)), `window#${anchor}`).value;
		});
	return { free: least('free', 'free', 'free-range'), tolerance: least('tolerance', 'right', 'tolerance') };
}

/** The limit that decides an axis. */
export function decidingLimit(limits: readonly Limit[], axis: keyof Size, which: 'free' | 'right'): Limit | undefined {
	const own = limits.filter((limit) => limit.axis === axis);
	return own.reduce<Limit | undefined>(
		(least, next) => (!least || next[which].value < least[which].value ? next : least),
		undefined
	);
}
