/**
 * How far the sheet may be off, per axis: before something is wrong to see (free), and while it is still right (tolerance), which is what
 * the bench is told (handbook window#free-range, window#tolerance). Each limit carries its value and what gives it.
 */
import { axisOf, type SideName, type Size } from '../../geometry/shapes.ts';
import { expressionOf } from '../../rule/term.ts';
import { hiddenLegOf } from '../hold/corners.ts';
import type { Piece } from '../../job/decide-piece.ts';
import type { MatChoice, WindowChoice } from '../../job/decide-window.ts';
import type { House } from '../../shop/house.ts';
import { hiddenByBevel } from './opening.ts';
import { roomFor } from './shape.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Opening } from '../../figures/window.ts';
import type { Hold } from '../../figures/hold.ts';
import { there } from '../../units/there.ts';

export type Limit = {
	axis: keyof Size;
	/** What first stops a shifted sheet: an edge that would appear, a zone or the image that would be covered, a hold that would show. */
	by: { edge: SideName } | { zone: string } | { image: SideName } | { hold: 'pocket' | 'strip' };
	free: { mm: number; of: string };
	right: { mm: number; of: string };
};

type Subject = {
	piece: Piece;
	choice: WindowChoice;
	measure: Measure;
	opening: Opening;
	hold: Hold;
	mat: MatChoice | null;
	house: House;
};

const SIDES_OF_AXIS: Record<keyof Size, [SideName, SideName]> = { width: ['left', 'right'], height: ['top', 'bottom'] };

/** @returns none in a float, and without a mat */
export function limitsOf(subject: Subject): Limit[] {
	const { opening, mat } = subject;
	if (!opening.overlap || !opening.least || !mat) return [];
	return (['width', 'height'] as const).flatMap((axis) => [
		...SIDES_OF_AXIS[axis].map((side) => edgeLimit(axis, side, subject)),
		...zoneLimits(axis, subject),
		...imageLimits(axis, subject),
		...holdLimits(axis, subject)
	]);
}

function edgeLimit(axis: keyof Size, side: SideName, { opening, mat }: Subject): Limit {
	const bevel = hiddenByBevel(there(mat, 'mat'));
	const of = `window.overlap.${side}`;
	const less = bevel > 0 ? ` - shop.boards[${there(mat, 'mat').board.id}].thickness` : '';
	return {
		axis,
		by: { edge: side },
		free: { mm: there(opening.overlap, 'overlap')[side], of },
		right: {
			mm: there(opening.overlap, 'overlap')[side] - bevel - there(opening.least, 'least')[side],
			of: `${of}${less} - window.least.${side}`
		}
	};
}

function zoneLimits(axis: keyof Size, { piece, choice, opening, house }: Subject): Limit[] {
	return piece.zones.flatMap((zone, at): Limit[] => {
		if (zone.kind !== 'show') return [];
		const room = roomFor(zone, opening.sees, choice.shape);
		const [one, other] = SIDES_OF_AXIS[axis];
		const mm = Math.min(room[one], room[other]);
		const path = `job.piece.zones[${at}]`;
		const of =
			choice.shape === 'rectangle'
				? `min(${path}.${one} - window.sees.${one}, window.sees.${one} + window.sees.${axis} - ${path}.${one} - ${path}.${axis})`
				: `${axis === 'width' ? 'roomAcross' : 'roomDown'}(${path}, window.sees, job.window.shape)`;
		return [
			{
				axis,
				by: { zone: zone.id },
				free: { mm, of },
				right: { mm: mm - house.showZoneMargin, of: `${of} - shop.house.showZoneMargin` }
			}
		];
	});
}

/** In a reveal the mat must not cover the image. */
function imageLimits(axis: keyof Size, { piece, choice, opening }: Subject): Limit[] {
	const { image } = piece;
	if (choice.way !== 'reveal' || !image) return [];
	const [one, other] = SIDES_OF_AXIS[axis] as ['left' | 'top', 'right' | 'bottom'];
	const { sees } = opening;
	const path = 'job.piece.image';
	const before = { mm: image[one] - sees[one], of: `${path}.${one} - window.sees.${one}` };
	const after = {
		mm: sees[one] + sees[axis] - image[one] - image[axis],
		of: `window.sees.${one} + window.sees.${axis} - ${path}.${one} - ${path}.${axis}`
	};
	return [
		{ axis, by: { image: one }, free: before, right: before },
		{ axis, by: { image: other }, free: after, right: after }
	];
}

/** Pockets and strips are hidden as far as the overlap reaches past them. */
function holdLimits(axis: keyof Size, { opening, choice, measure, hold }: Subject): Limit[] {
	if (hold.kind === 'corners') {
		const hidden = hiddenLegOf(opening, choice.shape, measure.mean);
		const spare = { mm: hidden.value - hold.size.width, of: `${expressionOf(hidden)} - hold.size.width` };
		return [{ axis, by: { hold: 'pocket' }, free: spare, right: spare }];
	}
	return (hold.strips ?? []).flatMap(({ side, reach }, index): Limit[] => {
		if (axisOf(side) !== axis) return [];
		const spare = {
			mm: there(opening.overlap, 'overlap')[side] - reach,
			of: `window.overlap.${side} - hold.strips[${index}].reach`
		};
		return [{ axis, by: { hold: 'strip' }, free: spare, right: spare }];
	});
}

/** The least limit of each axis, never below 0. */
export function rangeOf(limits: readonly Limit[], which: 'free' | 'right'): Size {
	const least = (axis: keyof Size) =>
		Math.max(0, Math.min(...limits.filter((limit) => limit.axis === axis).map((limit) => limit[which].mm)));
	return { width: least('width'), height: least('height') };
}

/** The limit that decides an axis. */
export function decidingLimit(limits: readonly Limit[], axis: keyof Size, which: 'free' | 'right'): Limit | undefined {
	const own = limits.filter((limit) => limit.axis === axis);
	return own.reduce<Limit | undefined>((least, next) => (!least || next[which].mm < least[which].mm ? next : least), undefined);
}
