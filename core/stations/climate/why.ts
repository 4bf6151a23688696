import { packParts } from '../guard/pack-parts.ts';
import { partOf } from '../hang/why.ts';
import type { House } from '../../shop/house.ts';
import { explainer, plus, type Why } from '../../rule/why.ts';
import { sealOf } from './climate.ts';
import type { Window } from '../../figures/window.ts';
import type { Decided } from '../../job/decided.ts';

/** Explains every figure of the pack's air. */
export function whyClimate(why: Why, job: Decided, window: Window, sheetGrams: readonly number[], house: House): void {
	const explain = explainer(why);
	const parts = packParts(job, window, sheetGrams, house).filter(({ buffers }) => buffers > 0);
	const shares = parts.map(({ part, buffers }) => `${partOf(part, job, window)}${buffers === 1 ? '' : ` * ${buffers}`}`);
	explain('climate.capacity', `(${plus(shares)}) * shop.house.waterPerKg`, 'climate#pack');
	const resistance = plus(permeancePaths(job).map((path) => `1 / ${path}`));
	const area = 'window.pack.width * window.pack.height / 1000000';
	const perimeter = '2 * (window.pack.width + window.pack.height) / 1000';
	const share = { none: '', tape: ' * shop.house.jointTaped', edge: ' * shop.house.jointEdgeSealed' }[sealOf(job)];
	explain(
		'climate.exchange',
		`(${area} / (${resistance}) + shop.house.jointPermeance${share} * ${perimeter}) * shop.house.pascalPerRh * 86400`,
		'climate#pack'
	);
	explain('climate.tauDays', 'climate.capacity / climate.exchange', 'climate#pack');
	explain('climate.halfDays', `climate.tauDays * ${Math.LN2}`, 'climate#pack');
}

function permeancePaths({ guard }: Decided): string[] {
	const behind = [
		...guard.fillers.map(({ board }) => `shop.boards[${board.id}].permeance`),
		...(guard.barrier ? [`shop.barriers[${guard.barrier.id}].permeance`] : []),
		...(guard.backing ? [`shop.boards[${guard.backing.id}].permeance`] : [])
	];
	if (behind.length > 0) return behind;
	return [guard.underMat ? `shop.boards[${guard.underMat.id}].permeance` : 'shop.house.openBackPermeance'];
}
