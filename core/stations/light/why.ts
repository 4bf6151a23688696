import { explainer, plus, type Why } from '../../rule/why.ts';
import { exposureIn } from '../../shop/places.ts';
import type { Light } from '../../figures/light.ts';
import type { Decided } from '../../job/decided.ts';

/** Explains every figure of the light. */
export function whyLight(why: Why, light: Light, job: Decided): void {
	const explain = explainer(why);
	const behind = (path: string, glazing: string) => {
		explain(`${path}.yearly`, plus(job.place.exposure.sources.map((_, index) => yearlyOf(index, glazing))), 'light#years');
		if (light.years === null) explain(`${path}.doseMlxh`, '1 / fadeRate(light.fade, 0)', 'light#classes');
		else {
			explain(
				`${path}.years`,
				`1000000 / (${plus(job.place.exposure.sources.map((_, index) => `${yearlyOf(index, glazing)} * ${rateOf(index, glazing)}`))})`,
				'light#years'
			);
			explain(`${path}.doseMlxh`, `${path}.yearly / 1000000 * ${path}.years`, 'light#classes');
		}
		explain(`${path}.budget`, `${path}.yearly / yearlyBudget(light.fade)`, 'light#budget');
	};
	explain('light.fade', String(light.fade), 'light#classes');
	behind('light', job.guard.glazing.id);
	for (const [index, { glazing }] of light.byGlazing.entries()) behind(`light.byGlazing[${index}]`, glazing);
	explain('light.uvShare', 'uvShare(job.place.exposure, light.fade)', 'light#uv');
	for (const [index, change] of light.doubling.entries()) {
		const path = `light.doubling[${index}]`;
		explain(`${path}.years`, doubled(change, light, job), 'light#doubling');
		if (change.by === 'months') explain(`${path}.monthsPerYear`, String(change.monthsPerYear), 'light#doubling');
		if (change.by === 'hours' || change.by === 'lux') explain(`${path}.share`, '1 / 2', 'light#doubling');
	}
}

const source = (index: number) => `job.place.exposure.sources[${index}]`;

function yearlyOf(index: number, glazing: string): string {
	const passed = `shop.glazings[${glazing}].lightPassedPercent / 100`;
	return `${source(index)}.lux * ${passed} * ${source(index)}.hoursPerDay * 365 * job.place.exposure.monthsPerYear / 12`;
}

function rateOf(index: number, glazing: string): string {
	const { uv, passed } = through(glazing);
	return `fadeRate(light.fade, ${source(index)}.uv * ${uv} / ${passed})`;
}

/** What a glazing leaves of the UV and of the light, as shares. */
function through(glazing: string): { uv: string; passed: string } {
	return {
		uv: `(1 - shop.glazings[${glazing}].uvStoppedPercent / 100)`,
		passed: `(shop.glazings[${glazing}].lightPassedPercent / 100)`
	};
}

function doubled(change: Light['doubling'][number], light: Light, job: Decided): string {
	switch (change.by) {
		case 'glazing':
			return `light.byGlazing[${light.byGlazing.findIndex(({ glazing }) => glazing === change.glazing)}].years`;
		case 'months':
			return `light.years * job.place.exposure.monthsPerYear / ${change.monthsPerYear}`;
		case 'place': {
			const [{ lux, hoursPerDay, uv }] = exposureIn(change.room).sources as [{ lux: number; hoursPerDay: number; uv: number }];
			const left = through(job.guard.glazing.id);
			const yearly = `${lux} * ${hoursPerDay} * 365 * job.place.exposure.monthsPerYear / 12 * ${left.passed}`;
			return `1000000 / (${yearly} * fadeRate(light.fade, ${uv} * ${left.uv} / ${left.passed}))`;
		}
		default:
			return '2 * light.years';
	}
}
