import { isFolded, isHinge } from '../../job/decide-hold.ts';
import type { Decided } from '../../job/decide.ts';
import type { WindowChoice } from '../../job/decide-window.ts';
import type { Size } from '../../geometry/shapes.ts';
import type { House } from '../../shop/house.ts';
import { explainer, onAxes, type Why } from '../../rule/why.ts';
import { hiddenLegExpression } from './corners.ts';
import { topHold } from './hinges.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Hold } from '../../figures/hold.ts';

type Explain = ReturnType<typeof explainer>;

const GRAMS = 'measure.mean.width * measure.mean.height * job.piece.grammage / 1000000';

/** Explains every figure of Hold. */
export function whyHold(why: Why, hold: Hold, job: Decided, choice: WindowChoice, measure: Measure, house: House): void {
	const explain = explainer(why);
	explain('hold.sheetGrams', GRAMS, 'hold#load');
	if (isHinge(hold.kind)) whyHinges(explain, hold, job, measure, house);
	else whyOthers(explain, hold, job, choice);
	if (!hold.bulge) return;
	for (const axis of Object.keys(hold.bulge) as (keyof Size)[]) {
		const short = hold.slack ? `(movement.${axis} - hold.slack.${axis})` : `movement.${axis}`;
		explain(`hold.bulge.${axis}`, `2 / ${Math.PI} * sqrt(${short} * measure.mean.${axis})`, 'hold#bulge');
	}
}

function whyHinges(explain: Explain, hold: Hold, job: Decided, measure: Measure, house: House): void {
	const how = topHold(job, measure, house);
	const asked = job.hold.places ? null : job.hold.count;
	explain('hold.inset', 'min(shop.house.hingeInset, measure.mean.width / 5)', 'hold#hinges');
	const others = (hold.others ?? []).reduce((sum, { places }) => sum + places.length, 0);
	const carrying = hold.places.length;
	const evenly = (length: string, inset: string) => `max(2, count((${length} - 2 * ${inset}) / shop.house.hingeEach) + 1)`;
	const top =
		job.hold.places || how !== 'tabs'
			? String(carrying)
			: asked === null
				? evenly('measure.mean.width', 'hold.inset')
				: 'job.hold.count';
	explain('hold.count', others > 0 ? `${top} + ${others}` : top, 'hold#hinges');
	for (const index of hold.places.keys()) {
		const even = `hold.inset + (measure.mean.width - 2 * hold.inset) * ${index} / (${carrying} - 1)`;
		explain(
			`hold.places[${index}]`,
			job.hold.places ? `job.hold.places[${index}]` : carrying === 1 ? 'measure.mean.width / 2' : even,
			'hold#hinges'
		);
	}
	for (const [at, { side, places }] of (hold.others ?? []).entries()) {
		const length = `measure.mean.${side === 'bottom' ? 'width' : 'height'}`;
		const inset = `min(shop.house.hingeInset, ${length} / 5)`;
		for (const index of places.keys())
			explain(
				`hold.others[${at}].places[${index}]`,
				`${inset} + (${length} - 2 * ${inset}) * ${index} / (${places.length} - 1)`,
				'hold#edges'
			);
	}
	const width =
		job.hold.width === null ? 'min(shop.house.hingeWidth, shop.house.hingeWidthShare * measure.mean.width)' : 'job.hold.width';
	explain('hold.size.width', how === 'strip' ? 'measure.mean.width' : width, 'hold#size');
	explain('hold.size.height', 'job.hold.contact', 'hold#size');
	const apart = hold.places.slice(1).map((_, index) => `hold.places[${index + 1}] - hold.places[${index}]`);
	const least =
		apart.length > 0 ? `min(shop.house.crossWidth, min(${apart.join(', ')}) - shop.house.crossApart)` : 'shop.house.crossWidth';
	explain('hold.cross.width', how === 'strip' ? 'hold.size.width' : `max(hold.size.width, ${least})`, 'hold#size');
	const above = (usual: string, less: string) => `min(shop.house.${usual}, max(1, window.placement.top - shop.house.${less}))`;
	explain('hold.cross.height', above('crossHeight', 'crossInside'), 'hold#off-board');
	explain('hold.tab', hold.kind === 't-hinge' ? above('hingeTab', 'tabInside') : 'shop.house.hingeTab', 'hold#off-board');
	if (hold.tissue !== null) explain('hold.tissue', 'next(job.piece.grammage / 10, shop.tissues)', 'hold#tissue');
	explain(
		'hold.loadKPa',
		`hold.sheetGrams * shop.house.gravity / (${carrying} * hold.size.width * hold.size.height)`,
		'hold#load'
	);
	explain('hold.workingKPa', `shop.adhesives[${job.hold.adhesive.id}].loadKPa`, 'hold#load');
	explain('hold.dryMinutes', `shop.adhesives[${job.hold.adhesive.id}].dryMinutes`, 'hold#drying');
}

function whyOthers(explain: Explain, hold: Hold, job: Decided, choice: WindowChoice): void {
	explain('hold.inset', '0', 'hold#hinges');
	if (isFolded(hold.kind)) return whyFolded(explain, hold, job, choice);
	const adhesive = `shop.adhesives[${job.hold.adhesive.id}]`;
	if (hold.kind === 'clips') {
		const counts = { width: hold.places.length, height: hold.others![0]!.places.length };
		explain('hold.count', `2 * (${counts.width} + ${counts.height})`, 'hold#panels');
		const places = (path: string, axis: keyof Size) => {
			for (let index = 0; index < counts[axis]; index += 1)
				explain(`${path}[${index}]`, `measure.mean.${axis} * (${index} + 0.5) / ${counts[axis]}`, 'hold#panels');
		};
		places('hold.places', 'width');
		for (const [at, { side }] of hold.others!.entries())
			places(`hold.others[${at}].places`, side === 'bottom' ? 'width' : 'height');
		const behind = hold.patchInside !== undefined;
		explain('hold.size.width', behind ? 'shop.house.patch' : 'shop.house.hingeWidth', 'hold#panels');
		explain('hold.size.height', behind ? 'shop.house.patch' : 'shop.house.hingeContact', 'hold#panels');
		if (behind) explain('hold.patchInside', 'shop.house.patchInside', 'hold#panels');
		explain('hold.loadKPa', '0', 'hold#panels');
		explain('hold.workingKPa', `${adhesive}.loadKPa`, 'hold#panels');
		explain(
			'hold.dryMinutes',
			behind ? `max(${adhesive}.dryMinutes, shop.house.supportDryMinutes)` : `${adhesive}.dryMinutes`,
			'hold#drying'
		);
		return;
	}
	if (hold.kind === 'frame-lip' || hold.kind === 'conservator') {
		for (const figure of ['count', 'size.width', 'size.height', 'loadKPa', 'workingKPa', 'dryMinutes'])
			explain(`hold.${figure}`, '0', 'hold#lip');
		return;
	}
	if (hold.kind === 'stitching') {
		const along = (axis: keyof Size) => `max(2, count(measure.mean.${axis} / shop.house.stitchEach))`;
		explain('hold.count', `2 * (${along('width')} + ${along('height')})`, 'hold#stitching');
		explain('hold.size.width', 'shop.house.stitchLong', 'hold#stitching');
		explain('hold.size.height', '0', 'hold#stitching');
		explain('hold.stitchSpacing', 'shop.house.stitchEach', 'hold#stitching');
		onAxes((axis) => explain(`hold.cloth.${axis}`, `window.pack.${axis} + 2 * shop.house.clothTurn`, 'hold#stitching'));
		for (const figure of ['loadKPa', 'workingKPa', 'dryMinutes']) explain(`hold.${figure}`, '0', 'hold#stitching');
		return;
	}
	explain('hold.count', '1', 'hold#whole-surface');
	onAxes((axis) => explain(`hold.size.${axis}`, `measure.mean.${axis}`, 'hold#whole-surface'));
	explain('hold.loadKPa', 'hold.sheetGrams * shop.house.gravity / (measure.mean.width * measure.mean.height)', 'hold#load');
	explain('hold.workingKPa', `${adhesive}.loadKPa`, 'hold#load');
	explain('hold.dryMinutes', `max(${adhesive}.dryMinutes, shop.house.boardDryMinutes)`, 'hold#drying');
}

function whyFolded(explain: Explain, hold: Hold, job: Decided, choice: WindowChoice): void {
	onAxes((axis) =>
		explain(
			`hold.slack.${axis}`,
			job.hold.slack[axis] === undefined ? `up(movement.${axis}, job.step)` : `job.hold.slack.${axis}`,
			'hold#slack'
		)
	);
	for (const figure of ['loadKPa', 'workingKPa', 'dryMinutes']) explain(`hold.${figure}`, '0', 'hold#corners');
	if (hold.kind === 'corners') return whyCorners(explain, job, choice);
	explain('hold.count', '3', 'hold#strips');
	const share = hold.kind === 'sling' ? ' * shop.house.slingShare' : '';
	for (const [index, { side }] of hold.strips!.entries()) {
		const at = `hold.strips[${index}]`;
		explain(
			`${at}.length`,
			side === 'bottom' ? 'job.piece.readings.bottom' : `job.piece.readings.${side}${share}`,
			'hold#strips'
		);
		const hidden = `min(shop.house.stripReach, max(0, window.overlap.${side} - shop.house.pocketBehind))`;
		explain(`${at}.reach`, job.hold.reach === null ? hidden : 'job.hold.reach', 'hold#strips');
	}
	explain('hold.size.width', 'hold.strips[0].length', 'hold#strips');
	explain('hold.size.height', 'hold.strips[0].reach', 'hold#strips');
}

function whyCorners(explain: Explain, job: Decided, { shape }: WindowChoice): void {
	explain('hold.count', '4', 'hold#corners');
	const hidden = hiddenLegExpression(shape);
	const leg = `max(0, min(shop.house.pocketMost, min(measure.mean.width, measure.mean.height) / 6, max(0, ${hidden}) - shop.house.pocketBehind))`;
	for (const axis of ['width', 'height'])
		explain(`hold.size.${axis}`, job.hold.width === null ? leg : 'job.hold.width', 'hold#corners');
}
