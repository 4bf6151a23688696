import { axisOf, SIDES, type SideName, type Size } from '../../geometry/shapes.ts';
import { expressionOf, type TermSize } from '../../rule/term.ts';
import type { House } from '../../shop/house.ts';
import type { MatChoice } from '../../job/decide-window.ts';
import { named } from '../../rule/sights.ts';
import { explainer, onAxes, plus, SIDES_OF, type Why } from '../../rule/why.ts';
import type { Limit } from './ranges.ts';
import { isBoughtInPairs } from './window.ts';
import { openingsOf, type PlacedOpening, type Window } from '../../figures/window.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import { nth, there } from '../../units/there.ts';

type Explain = ReturnType<typeof explainer>;

const BEFORE: Record<keyof Size, 'left' | 'top'> = { width: 'left', height: 'top' };

/** Explains one window as if it stood alone: the opening, what it sees, overlap, least, free, placement, support. */
export function whyOpening(
	why: Why,
	index: number,
	window: Window,
	job: Decided,
	frame: Frame | null,
	limits: readonly Limit[]
): void {
	const explain = explainer(why);
	const opening = nth(openingsOf(window), index);
	if (job.mats.length === 0) return whyMatless(explain, window, job, frame);
	const last = `window.mats[${window.mats.length - 1}].border`;
	onAxes((axis) => {
		const before = BEFORE[axis];
		const at = window.openings ? ` + window.openings[${index}].at.${before}` : '';
		explain(`window.placement.${before}`, `${last}.${before}${at} - window.sees.${before}`, 'window#placement');
		if (opening.free) explain(`window.free.${axis}`, leastOf(limits, axis, 'free'), 'window#free-range');
		if (opening.tolerance) explain(`window.tolerance.${axis}`, leastOf(limits, axis, 'right'), 'window#tolerance');
	});
}

/** The least of an axis' limits, never below 0. */
function leastOf(limits: readonly Limit[], axis: keyof Size, which: 'free' | 'right'): string {
	const own = limits.filter((limit) => limit.axis === axis).map((limit) => limit[which].of);
	return `max(0, min(${own.join(', ')}))`;
}

/** Without a mat: the pack is the piece with its air, and what is seen is what the lip leaves. */
function whyMatless(explain: Explain, window: Window, job: Decided, frame: Frame | null): void {
	onAxes((axis) => {
		const before = BEFORE[axis];
		explain(`window.opening.${axis}`, frame ? `frame.sight.${axis}` : `window.pack.${axis}`, 'window#matless');
		explain(`window.sees.${axis}`, `window.opening.${axis}`, 'window#matless');
		explain(`window.placement.${before}`, `(window.pack.${axis} - measure.largest.${axis}) / 2`, 'window#matless');
		explain(
			`window.sees.${before}`,
			`(window.pack.${axis} - window.opening.${axis}) / 2 - window.placement.${before}`,
			'window#matless'
		);
	});
}

/** The pack of a piece without a mat, before any frame. */
function packMatless(axis: keyof Size, job: Decided, ready: TermSize | null): string {
	if (job.window.way !== 'float') return `up(measure.largest.${axis}, job.step)`;
	return ready ? packGiven(axis, job, ready) : `up(measure.largest.${axis} + 2 * job.window.gap, job.step)`;
}

/** Explains what all windows share: where they lie, mats, borders, the pack. The first mat's seen border needs the frame. */
export function whyWindow(
	why: Why,
	window: Window,
	job: Decided,
	frame: Frame | null,
	house: House,
	ready: TermSize | null
): void {
	const explain = explainer(why);
	onAxes((axis) => {
		const [one, other] = SIDES_OF[axis];
		if (window.mats.length === 0) explain(`window.pack.${axis}`, packMatless(axis, job, ready), 'window#matless');
		else
			explain(
				`window.pack.${axis}`,
				job.borders.way === 'fit'
					? packGiven(axis, job, ready)
					: `window.mats[0].opening.${axis} + window.mats[0].border.${one} + window.mats[0].border.${other}`,
				job.borders.way === 'fit' ? 'window#fit' : 'window#mats'
			);
		if (!window.openings) return;
		const ends = window.openings.map((_, at) => `window.openings[${at}].at.${one} + window.openings[${at}].opening.${axis}`);
		explain(`window.opening.${axis}`, `max(${ends.join(', ')})`, 'window#several');
		for (const at of window.openings.keys())
			explain(`window.openings[${at}].at.${one}`, placeOf(axis, at, window.openings, job), 'window#several');
	});
	for (const index of window.mats.keys()) whyMat(explain, window, job, frame, index, house);
}

function packGiven(axis: keyof Size, job: Decided, ready: TermSize | null): string {
	return job.borders.pack ? `job.borders.pack.${axis}` : expressionOf(there(ready, 'rabbet')[axis]);
}

/** A free place is what was asked for, counted from the outermost; in a grid the cells before it and half of what its own leaves. */
function placeOf(axis: keyof Size, at: number, openings: PlacedOpening[], job: Decided): string {
	const before = BEFORE[axis];
	if (!job.grid) {
		const all = openings.map((_, index) => `job.windows[${index}].at.${before}`);
		return `nearest(job.windows[${at}].at.${before} - min(${all.join(', ')}), job.step)`;
	}
	const { columns } = job.grid;
	const line = (index: number) => (axis === 'width' ? index % columns : Math.floor(index / columns));
	const largest = (of: number) =>
		`max(0${openings.map((_, index) => (line(index) === of ? `, window.openings[${index}].opening.${axis}` : '')).join('')})`;
	const cells = Array.from({ length: line(at) }, (_, of) => `${largest(of)} + nearest(job.grid.gutter, job.step)`);
	return plus([...cells, `nearest((${largest(line(at))} - window.openings[${at}].opening.${axis}) / 2, job.step)`]);
}

function whyMat(explain: Explain, window: Window, job: Decided, frame: Frame | null, index: number, house: House): void {
	const at = `window.mats[${index}]`;
	const mat = nth(job.mats, index);
	const thickness = `shop.boards[${mat.board.id}].thickness`;
	const reverse = mat.bevel === 'reverse';
	const last = window.mats.length - 1;
	const reveals = (side: SideName, from: number, to: number) =>
		Array.from({ length: to - from }, (_, step) => `nearest(job.mats[${from + step}].reveal.${side}, job.step)`);
	onAxes((axis) => {
		const [one, other] = SIDES_OF[axis];
		const wider = reveals(one, index + 1, window.mats.length).concat(reveals(other, index + 1, window.mats.length));
		explain(`${at}.opening.${axis}`, plus([`window.opening.${axis}`, ...wider]), 'window#mats');
		explain(`${at}.blank.${axis}`, `window.pack.${axis}`, 'window#mats');
		for (const [hole, planned] of (nth(window.mats, index).holes ?? []).entries()) {
			const path = `${at}.holes[${hole}]`;
			explain(`${path}.opening.${axis}`, plus([`window.openings[${hole}].opening.${axis}`, ...wider]), 'window#several');
			explain(
				`${path}.border.${one}`,
				[
					`window.mats[${last}].border.${one} + window.openings[${hole}].at.${one}`,
					...reveals(one, index + 1, window.mats.length)
				].join(' - '),
				'window#several'
			);
			explain(
				`${path}.border.${other}`,
				`window.pack.${axis} - ${path}.border.${one} - ${path}.opening.${axis}`,
				'window#several'
			);
			for (const side of [one, other])
				explain(
					`${path}.stop.${side}`,
					reverse ? `${path}.border.${side} - ${thickness}` : `${path}.border.${side}`,
					'window#guide-stops'
				);
			if (planned.curve) whyCurve(explain, path, axis, planned.curve.radius !== undefined);
		}
		const { curve, print } = nth(window.mats, index);
		if (curve) whyCurve(explain, at, axis, curve.radius !== undefined);
		if (!print) return;
		explain(`${at}.print.needs.${axis}`, printNeeds(axis, mat, frame), 'window#printed');
		explain(
			`${at}.print.board.${axis}`,
			axis === 'width' ? 'window.pack.width + shop.house.clampTrim' : 'window.pack.height',
			'window#printed'
		);
	});
	const source = job.borders.centre === 'motif' ? 'window#motif' : job.borders.way === 'fit' ? 'window#fit' : 'window#borders';
	for (const side of SIDES) {
		explain(`${at}.border.${side}`, plus([borderOf(side, job), ...reveals(side, 1, index + 1)]), source);
		explain(`${at}.stop.${side}`, reverse ? `${at}.border.${side} - ${thickness}` : `${at}.border.${side}`, 'window#guide-stops');
		if (index > 0) {
			const reveal = `nearest(job.mats[${index}].reveal.${side}, job.step)`;
			explain(`${at}.seen.${side}`, reverse ? reveal : `${reveal} - ${thickness}`, 'window#seen');
		} else if (frame) {
			explain(
				`${at}.seen.${side}`,
				`${at}.border.${side} - frame.section.lip + frame.allowance.${axisOf(side)} / 2`,
				'window#seen'
			);
		}
	}
	if (nth(window.mats, index).lift) whyLift(explain, at, index, window, job, house);
}

/** Past the blank's edge; hidden by the lip by as much as a lip must cover; or as large as the sight. */
function printNeeds(axis: keyof Size, { printEnds }: MatChoice, frame: Frame | null): string {
	if (printEnds === 'beyond-blank' || !frame) return `window.pack.${axis} + 2 * shop.house.printBeyondBlank`;
	return printEnds === 'at-sight' ? `frame.sight.${axis}` : `frame.sight.${axis} + 2 * shop.house.lipCover`;
}

function whyCurve(explain: Explain, path: string, axis: keyof Size, arch: boolean): void {
	const before = BEFORE[axis];
	if (!arch) {
		explain(`${path}.curve.centre.${before}`, `${path}.border.${before} + ${path}.opening.${axis} / 2`, 'window#shapes');
		explain(`${path}.curve.diameters.${axis}`, `${path}.opening.${axis}`, 'window#shapes');
		return;
	}
	if (axis === 'width') {
		explain(`${path}.curve.radius`, `${path}.opening.width / 2`, 'window#shapes');
		explain(`${path}.curve.centre.left`, `${path}.border.left + ${path}.opening.width / 2`, 'window#shapes');
		return;
	}
	explain(`${path}.curve.spring`, `${path}.border.top + ${path}.curve.radius`, 'window#shapes');
	explain(`${path}.curve.centre.top`, `${path}.curve.spring`, 'window#shapes');
}

function whyLift(explain: Explain, at: string, index: number, window: Window, job: Decided, house: House): void {
	const lift = `${at}.lift`;
	explain(`${lift}.height`, `job.mats[${index}].lift`, 'window#lift');
	const asked = nth(job.mats, index).setback !== null;
	const covered = openingsOf(window).flatMap(({ overlap }, hole) =>
		overlap ? SIDES.map((side) => named(window.openings ? hole + 1 : null, `window.overlap.${side}`)) : []
	);
	const nearest = index === job.mats.length - 1 && covered.length > 0;
	const beyondSheet = `up(max(${covered.join(', ')}) + shop.house.setbackBeyondSheet, job.step)`;
	explain(
		`${lift}.setback`,
		asked ? `job.mats[${index}].setback` : nearest ? `max(shop.house.setback, ${beyondSheet})` : 'shop.house.setback',
		'window#lift'
	);
	const { fitBorderLeast } = house;
	const tooSmall = job.borders.way === 'fit' && Math.min(...Object.values(nth(window.mats, 0).border)) < fitBorderLeast;
	const wide = (side: SideName) =>
		tooSmall ? `max(job.step, ${at}.border.${side} - ${lift}.setback)` : `${at}.border.${side} - ${lift}.setback`;
	for (const side of ['left', 'right'] as const) {
		explain(`${lift}.uprights.${side}.width`, wide(side), 'window#lift');
		explain(`${lift}.uprights.${side}.height`, 'window.pack.height', 'window#lift');
	}
	for (const side of ['top', 'bottom'] as const) {
		explain(
			`${lift}.crosses.${side}.width`,
			`window.pack.width - ${lift}.uprights.left.width - ${lift}.uprights.right.width`,
			'window#lift'
		);
		explain(`${lift}.crosses.${side}.height`, wide(side), 'window#lift');
	}
}

/** The front mat's border: asked for, or what a given pack leaves; shifted where the motif stands in the middle. */
function borderOf(side: SideName, job: Decided): string {
	const axis = axisOf(side);
	const [one, other] = SIDES_OF[axis];
	const plain = (of: SideName): string => {
		if (job.borders.way === 'fit') {
			const weight = axis === 'height' ? ' - job.borders.weight' : '';
			const first = `nearest((window.pack.${axis} - window.mats[0].opening.${axis}${weight}) / 2, job.step)`;
			return of === one ? first : `(window.pack.${axis} - window.mats[0].opening.${axis} - ${first})`;
		}
		if (job.borders.way === 'own') return `nearest(job.borders.asked.${of}, job.step)`;
		return of === 'bottom' ? 'nearest(job.borders.width + job.borders.weight, job.step)' : 'nearest(job.borders.width, job.step)';
	};
	const motif = `job.piece.motif.${BEFORE[axis]} + job.piece.motif.${axis} / 2`;
	const shifted = `nearest(${plain(one)} - (${motif} - (window.sees.${one} + window.sees.${axis} / 2)), job.step)`;
	const centred = job.borders.centre === 'motif';
	const asked = !centred ? plain(side) : side === one ? shifted : `${plain(one)} + ${plain(other)} - ${shifted}`;
	if (!isBoughtInPairs(job) || job.borders.way === 'fit') return asked;
	// What the next pair of a metal section is larger: half of it, rounded, here; the rest there.
	const natural = `window.mats[0].opening.${axis} + ${plain(one)} + ${plain(other)}`;
	const more = `(up(${natural}, job.frame.pairStep) - (${natural}))`;
	const half = `nearest(${more} / 2, job.step)`;
	return side === one ? `${asked} + ${half}` : `${asked} + ${more} - ${half}`;
}
