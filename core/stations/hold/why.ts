import type { WindowChoice } from '../../job/decide-window.ts';
import type { Size } from '../../geometry/shapes.ts';
import type { House } from '../../shop/house.ts';
import { explainer, type Why } from '../../rule/why.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Hold } from '../../figures/hold.ts';
import type { Decided } from '../../job/decided.ts';
import { HOLDS } from './kinds/all.ts';

const GRAMS = 'measure.mean.width * measure.mean.height * job.piece.grammage / 1000000';

/** Explains every figure of Hold. */
export function whyHold(why: Why, hold: Hold, job: Decided, choice: WindowChoice, measure: Measure, house: House): void {
	const explain = explainer(why);
	explain('hold.sheetGrams', GRAMS, 'hold#load');
	HOLDS[hold.kind].explain(explain, { hold, job, choice, measure, house });
	if (!hold.bulge) return;
	for (const axis of Object.keys(hold.bulge) as (keyof Size)[]) {
		const short = hold.slack ? `(movement.${axis} - hold.slack.${axis})` : `movement.${axis}`;
		explain(`hold.bulge.${axis}`, `2 / ${Math.PI} * sqrt(${short} * measure.mean.${axis})`, 'hold#bulge');
	}
}
