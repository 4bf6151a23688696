/** What is typed at the bench, held against the plan: parts as they were cut, the sheet as it was laid (handbook bench#cut-check, windows#placement). */
import type { Figures } from '../../figures.ts';
import type { Finding } from '../../rule/rule.ts';
import { isSame } from '../../units/compare.ts';
import type { Decided } from '../../job/decided.ts';
import type { JobFile } from '../../job/definition.ts';
import { drop, put, type Operation } from '../../job/patch.ts';
import type { Size } from '../../geometry/shapes.ts';
import { sightsOf } from '../../rule/sights.ts';
import { laidOn } from '../../stations/hold/as-laid.ts';
import { lineName } from '../../stations/cut/material-name.ts';
import type { AnyStepId, Step } from '../../stations/step.ts';
import { showLength, type Reader } from '../../units/show.ts';
import type { Laid, Measured } from './run.ts';

/** More than so much is off, mm: of a blank's side, between its diagonals, of a window's side. */
const BLANK_OFF = 1;
const DIAGONALS_OFF = 1;
const WINDOW_OFF = 0.5;
const HAIR = 1e-9;

export type PartToMeasure = { part: string; planned: Size; opening?: Size; /** Which mat it is, from 0. */ mat?: number };

const MEASURED: Partial<Record<AnyStepId, readonly string[]>> = {
	'cut-boards': ['mat', 'under-mat', 'filler', 'barrier', 'backing', 'support'],
	'cut-glazing': ['glazing']
};

/** Parts that are measured once they are cut, each kind once; none for a step that cuts nothing. */
export function partsToMeasure({ id, uses }: Step): PartToMeasure[] {
	const roles = MEASURED[id] ?? [];
	const parts = new Map<string, PartToMeasure>();
	for (const cut of uses) {
		// What follows a frame out of true has sides of its own.
		if (!roles.includes(cut.role) || cut.sides) continue;
		const part = lineName(cut);
		const mat = cut.role === 'mat' ? Number(/\d+$/.exec(cut.of ?? '')?.[0] ?? 1) - 1 : undefined;
		parts.set(part, {
			part,
			planned: { width: cut.width, height: cut.height },
			...(cut.opening ? { opening: cut.opening } : {}),
			...(mat === undefined ? {} : { mat })
		});
	}
	return [...parts.values()];
}

export type Checked = { good: boolean; says: string };

/** @returns whether a part is as planned, and what is off where it is not */
export function cutChecked({ planned, opening }: PartToMeasure, measured: Measured, reader: Reader): Checked {
	const length = (mm: number): string => showLength(mm, reader, 'fine').text;
	const off = [
		...offBy('width', measured.width - planned.width, BLANK_OFF, length),
		...offBy('height', measured.height - planned.height, BLANK_OFF, length),
		...(opening && measured.opening
			? [
					...offBy('window width', measured.opening.width - opening.width, WINDOW_OFF, length),
					...offBy('window height', measured.opening.height - opening.height, WINDOW_OFF, length)
				]
			: [])
	];
	if (measured.d1 !== undefined && measured.d2 !== undefined) {
		const differ = Math.abs(measured.d1 - measured.d2);
		if (differ > DIAGONALS_OFF + HAIR) off.push(`its diagonals differ by ${length(differ)}`);
	}
	return off.length === 0 ? { good: true, says: 'As planned.' } : { good: false, says: `Off: ${off.join('; ')}. Recut it.` };
}

function offBy(what: string, by: number, most: number, length: (mm: number) => string): string[] {
	return Math.abs(by) > most + HAIR ? [`${what} ${length(Math.abs(by))} too ${by > 0 ? 'large' : 'small'}`] : [];
}

/**
 * The change to a job by which it goes on with a mat as it was cut: its window where it really is, its board used; borders, overlaps and
 * placing follow. Only a mat that is alone, with one window that covers the sheet, moves the plan with it.
 * @returns null where the plan cannot follow
 */
export function fromWhatWasCut(
	file: JobFile,
	job: Decided,
	plan: Pick<Figures, 'window'>,
	{ mat, opening }: PartToMeasure,
	measured: Measured
): Operation[] | null {
	const [window] = job.windows;
	const planned = plan.window?.mats[0];
	if (mat !== 0 || job.mats.length !== 1 || job.windows.length !== 1 || window?.way !== 'cover' || !planned) return null;
	if (!opening || !measured.opening) return null;
	const { width, height, left = planned.border.left, top = planned.border.top } = measured;
	const uneven = unevenOverlap(plan, measured.opening);
	return [
		...put(file, ['mats', 0, 'have'], { opening: measured.opening, outer: { width, height }, left, top, cut: true }),
		...drop(file, ['borders']),
		...(uneven ? put(file, ['window', 'overlap'], uneven) : drop(file, ['window', 'overlap']))
	];
}

/** Overlaps that were to differ from side to side differ by as much; null where they were to be even. */
function unevenOverlap({ window }: Pick<Figures, 'window'>, cut: Size): { left?: number; top?: number } | null {
	const overlap = window?.overlap;
	if (!window || !overlap) return null;
	const less = (axis: keyof Size) => (window.opening[axis] - cut[axis]) / 2;
	const sides = {
		...(isSame(overlap.left, overlap.right) ? {} : { left: overlap.left + less('width') }),
		...(isSame(overlap.top, overlap.bottom) ? {} : { top: overlap.top + less('height') })
	};
	return Object.keys(sides).length > 0 ? sides : null;
}

/** Rules of what then shows, or is covered, in the wrong place. */
const SHOWS_WRONG = ['window.zone-exposed', 'window.zone-covered', 'window.overlap-thin', 'window.no-paper-left'];

/** Why a mat as it was cut is not gone on from: what would show or be covered that did not before, or a new stop; null where nothing. */
export function whyNotFollowed(before: readonly Finding[], after: readonly Finding[]): string | null {
	const nameOf = ({ rule, where, severity }: Finding) => `${rule} ${where} ${severity}`;
	const had = new Set(before.map(nameOf));
	const worse = after.find(
		(finding) => (finding.severity === 'stop' || SHOWS_WRONG.includes(finding.rule)) && !had.has(nameOf(finding))
	);
	return worse?.says ?? null;
}

export type ToLay = {
	window: number;
	left: number;
	top: number;
	/** How far it may lie off; null: it is free. */ within: Size | null;
};

/** Where each sheet is laid, as the hand meets the board. */
export function placesToLay(job: Decided, plan: Figures): ToLay[] {
	return sightsOf(job, plan).flatMap((sight, window) => {
		const { left, top, board } = laidOn(plan, job, sight);
		// On its own board and on a support edge is laid on edge: there is nothing to measure from.
		if (board === 'its own board' || board === 'support') return [];
		return [{ window, left, top, within: sight.opening.tolerance ?? null }];
	});
}

/** @returns whether a sheet lies where it belongs, before its hinges are wetted */
export function laidChecked({ left, top, within }: ToLay, laid: Laid, reader: Reader): Checked {
	const length = (mm: number): string => showLength(mm, reader, 'fine').text;
	const off = [
		...(within && Math.abs(laid.left - left) > within.width + HAIR
			? [`${length(Math.abs(laid.left - left))} too far ${laid.left > left ? 'right' : 'left'}`]
			: []),
		...(within && Math.abs(laid.top - top) > within.height + HAIR
			? [`${length(Math.abs(laid.top - top))} too ${laid.top > top ? 'low' : 'high'}`]
			: [])
	];
	return off.length === 0
		? { good: true, says: 'In position.' }
		: { good: false, says: `It is ${off.join(' and ')}, as it lies. Move it before wetting the hinges.` };
}
