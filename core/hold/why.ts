import type { Decided } from '../job/decide.ts';
import type { WindowChoice } from '../job/decide-window.ts';
import { explainer, type Why } from '../why/why.ts';
import type { Hold } from './hold.ts';

const GRAMS = 'measure.mean.width * measure.mean.height * job.piece.grammage / 1000000';

/** Explains every figure of Hold. */
export function whyHold(why: Why, hold: Hold, job: Decided, choice: WindowChoice): void {
	const explain = explainer(why);
	if (hold.kind === 'corners') return whyCorners(explain, job, choice);
	explain('hold.inset', 'min(shop.house.hingeInset, measure.mean.width / 5)', 'hold#hinges');
	explain(
		'hold.count',
		job.hold.count === null
			? 'max(2, count((measure.mean.width - 2 * hold.inset) / shop.house.hingeEach) + 1)'
			: 'job.hold.count',
		'hold#hinges'
	);
	for (const index of hold.places.keys()) {
		const place = `hold.inset + (measure.mean.width - 2 * hold.inset) * ${index} / (hold.count - 1)`;
		explain(`hold.places[${index}]`, hold.count === 1 ? 'measure.mean.width / 2' : place, 'hold#hinges');
	}
	const width =
		job.hold.width === null ? 'min(shop.house.hingeWidth, shop.house.hingeWidthShare * measure.mean.width)' : 'job.hold.width';
	explain('hold.size.width', width, 'hold#size');
	explain('hold.size.height', 'job.hold.contact', 'hold#size');
	if (hold.tissue !== null) explain('hold.tissue', 'next(job.piece.grammage / 10, shop.tissues)', 'hold#tissue');
	explain('hold.sheetGrams', GRAMS, 'hold#load');
	explain(
		'hold.loadKPa',
		'hold.sheetGrams * shop.house.gravity / (hold.count * hold.size.width * hold.size.height)',
		'hold#load'
	);
	explain('hold.workingKPa', `shop.adhesives[${job.hold.adhesive.id}].loadKPa`, 'hold#load');
	explain('hold.dryMinutes', `shop.adhesives[${job.hold.adhesive.id}].dryMinutes`, 'hold#drying');
}

function whyCorners(explain: ReturnType<typeof explainer>, job: Decided, { shape }: WindowChoice): void {
	explain('hold.count', '4', 'hold#corners');
	const oval = shape === 'oval' || shape === 'circle';
	const [across, down] = ['window.opening.width / 2', 'window.opening.height / 2'];
	const hidden = oval
		? `(measure.mean.width + measure.mean.height) / 2 - sqrt(${across} * ${across} + ${down} * ${down})`
		: 'min(window.overlap.top, window.overlap.bottom) + min(window.overlap.left, window.overlap.right)';
	const leg = `max(0, min(shop.house.pocketMost, min(measure.mean.width, measure.mean.height) / 6, max(0, ${hidden}) - shop.house.pocketBehind))`;
	for (const axis of ['width', 'height'])
		explain(`hold.size.${axis}`, job.hold.width === null ? leg : 'job.hold.width', 'hold#corners');
	explain('hold.inset', '0', 'hold#corners');
	explain('hold.sheetGrams', GRAMS, 'hold#load');
	for (const figure of ['loadKPa', 'workingKPa', 'dryMinutes']) explain(`hold.${figure}`, '0', 'hold#corners');
}
