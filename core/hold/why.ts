import type { Decided } from '../job/decide.ts';
import { explainer, type Why } from '../why/why.ts';
import type { Hold } from './hold.ts';

/** Explains every figure of Hold. */
export function whyHold(why: Why, hold: Hold, job: Decided): void {
	const explain = explainer(why);
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
	explain('hold.sheetGrams', 'measure.mean.width * measure.mean.height * job.piece.grammage / 1000000', 'hold#load');
	explain(
		'hold.loadKPa',
		'hold.sheetGrams * shop.house.gravity / (hold.count * hold.size.width * hold.size.height)',
		'hold#load'
	);
	explain('hold.workingKPa', `shop.adhesives[${job.hold.adhesive.id}].loadKPa`, 'hold#load');
	explain('hold.dryMinutes', `shop.adhesives[${job.hold.adhesive.id}].dryMinutes`, 'hold#drying');
}
