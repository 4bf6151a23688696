import { axisOf, SIDES, type SideName } from '../geometry/shapes.ts';
import type { Frame } from '../frame/frame.ts';
import type { Decided } from '../job/decide.ts';
import { explainer, onAxes, plus, SIDES_OF, type Why } from '../why/why.ts';
import type { Window } from './window.ts';

/** Explains every figure of Window. The first mat's seen border needs the frame. */
export function whyWindow(why: Why, window: Window, job: Decided, frame: Frame | null): void {
	const explain = explainer(why);
	onAxes((axis) => {
		const [one, other] = SIDES_OF[axis];
		explain(
			`window.opening.${axis}`,
			`down(measure.usable.${axis} - job.window.overlap.${one} - job.window.overlap.${other}, job.step)`,
			'window#opening'
		);
		const half = `(measure.usable.${axis} - window.opening.${axis}) / 2`;
		const difference = `(job.window.overlap.${one} - job.window.overlap.${other}) / 2`;
		explain(`window.overlap.${one}`, `${half} + ${difference}`, 'window#overlap');
		explain(`window.overlap.${other}`, `${half} - ${difference}`, 'window#overlap');
		explain(
			`window.pack.${axis}`,
			`window.mats[0].opening.${axis} + window.mats[0].border.${one} + window.mats[0].border.${other}`,
			'window#mats'
		);
		explain(`window.free.${axis}`, freeOf(axis, job), 'window#free-range');
	});
	explain('window.least.top', 'shop.house.leastOverlap', 'window#least-overlap');
	explain('window.least.bottom', 'max(shop.house.leastOverlap, movement.height + 1)', 'window#least-overlap');
	for (const side of ['left', 'right'])
		explain(`window.least.${side}`, 'max(shop.house.leastOverlap, movement.width / 2 + 1)', 'window#least-overlap');
	const last = window.mats.length - 1;
	for (const side of ['left', 'top'] as const) {
		explain(
			`window.placement.${side}`,
			`window.mats[${last}].border.${side} - window.overlap.${side} - measure.usable.${side}`,
			'window#placement'
		);
	}
	for (const index of window.mats.keys()) whyMat(explain, window, job, frame, index);
}

type Explain = ReturnType<typeof explainer>;

function whyMat(explain: Explain, window: Window, job: Decided, frame: Frame | null, index: number): void {
	const at = `window.mats[${index}]`;
	const mat = job.mats[index]!;
	const thickness = `shop.boards[${mat.board.id}].thickness`;
	const reveals = (side: SideName, from: number, to: number) =>
		Array.from({ length: to - from }, (_, step) => `nearest(job.mats[${from + step}].reveal.${side}, job.step)`);
	onAxes((axis) => {
		const [one, other] = SIDES_OF[axis];
		const wider = reveals(one, index + 1, window.mats.length).concat(reveals(other, index + 1, window.mats.length));
		explain(`${at}.opening.${axis}`, plus([`window.opening.${axis}`, ...wider]), 'window#mats');
		explain(`${at}.blank.${axis}`, `window.pack.${axis}`, 'window#mats');
	});
	for (const side of SIDES) {
		explain(`${at}.border.${side}`, plus([borderOf(side, job), ...reveals(side, 1, index + 1)]), 'window#borders');
		const reverse = mat.bevel === 'reverse';
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
	if (window.mats[index]!.lift) whyLift(explain, at, index, job);
}

function whyLift(explain: Explain, at: string, index: number, job: Decided): void {
	const lift = `${at}.lift`;
	explain(`${lift}.height`, `job.mats[${index}].lift`, 'window#lift');
	const asked = job.mats[index]!.setback !== null;
	const nearest = index === job.mats.length - 1;
	const beyondSheet = `up(max(${SIDES.map((side) => `window.overlap.${side}`).join(', ')}) + shop.house.setbackBeyondSheet, job.step)`;
	explain(
		`${lift}.setback`,
		asked ? `job.mats[${index}].setback` : nearest ? `max(shop.house.setback, ${beyondSheet})` : 'shop.house.setback',
		'window#lift'
	);
	for (const side of ['left', 'right'] as const) {
		explain(`${lift}.uprights.${side}.width`, `${at}.border.${side} - ${lift}.setback`, 'window#lift');
		explain(`${lift}.uprights.${side}.height`, 'window.pack.height', 'window#lift');
	}
	for (const side of ['top', 'bottom'] as const) {
		explain(
			`${lift}.crosses.${side}.width`,
			`window.pack.width - ${lift}.uprights.left.width - ${lift}.uprights.right.width`,
			'window#lift'
		);
		explain(`${lift}.crosses.${side}.height`, `${at}.border.${side} - ${lift}.setback`, 'window#lift');
	}
}

function borderOf(side: SideName, job: Decided): string {
	if (job.borders.way === 'own') return `nearest(job.borders.asked.${side}, job.step)`;
	return side === 'bottom' ? 'nearest(job.borders.width + job.borders.weight, job.step)' : 'nearest(job.borders.width, job.step)';
}

function freeOf(axis: 'width' | 'height', job: Decided): string {
	const [one, other] = SIDES_OF[axis];
	const limits = [`window.overlap.${one}`, `window.overlap.${other}`];
	for (const [index, zone] of job.piece.zones.entries()) {
		if (zone.kind !== 'show') continue;
		const at = `job.piece.zones[${index}]`;
		limits.push(`${at}.${one} - measure.usable.${one} - window.overlap.${one}`);
		limits.push(`measure.usable.${one} + measure.usable.${axis} - window.overlap.${other} - ${at}.${one} - ${at}.${axis}`);
	}
	return `max(0, min(${limits.join(', ')}))`;
}
