/** What a job wants that is bought by its name: rail pairs of a kit, frames and mats bought ready, boards that stick, sleeves (handbook cut#orders). */
import { itemByName } from '../../nesting/items.ts';
import { materialName } from '../../stations/cut/material-name.ts';
import { pairName } from '../../stations/frame/kit.ts';
import type { StepId } from '../../shop/step-names.ts';
import { showSize } from '../../units/show.ts';
import type { Planned } from './materials.ts';

/** `step`: it leaves the stock there. */
export type ByName = { material: string; name: string; amount: number; step: StepId };

/** @returns for all that are alike */
export function boughtByName({ job, plan, shop }: Planned): ByName[] {
	const made: Omit<ByName, 'material'>[] = [];
	const { frame, belongs, bought, copies } = job;
	const pairs = plan.frame?.kit?.flatMap(({ size }) => (size === undefined ? [] : [size])) ?? [];
	if (frame)
		for (const size of pairs)
			made.push({ name: `Pair of rails, ${frame.name}, ${pairName(size, frame.pairStep)}`, amount: copies, step: 'join-metal' });
	if (frame && job.frameIsThere && bought.frame !== null && plan.frame)
		made.push({
			name: `Ready-made frame, for ${showSize(plan.frame.rabbet, job.reader.unit, 'mark')} ${job.reader.unit}`,
			amount: copies,
			step: 'ready-frame'
		});
	for (const { mat } of bought.mats) {
		const have = job.mats[mat - 1]?.have;
		if (have)
			made.push({
				name: `Ready-cut mat, ${showSize(have.outer, job.reader.unit, 'mark')}, opening ${showSize(have.opening, job.reader.unit, 'mark')} ${job.reader.unit}`,
				amount: copies,
				step: 'try-window'
			});
	}
	// A board or tissue that sticks has its size in its name: a smaller one is of no use.
	for (const cut of plan.cut)
		if (cut.from === 'sheet' && shop.adhesives[cut.material])
			made.push({
				name: `${materialName(cut, shop)}, at least ${showSize(cut, job.reader, 'least')} ${job.reader.unit}`,
				amount: cut.count,
				step: 'stick-down'
			});
	if (belongs.papers.length > 0) made.push({ name: 'Polyester sleeve', amount: copies, step: 'label' });
	const known = new Map<string, ByName>();
	for (const one of made) {
		const { material } = itemByName(one.name);
		const before = known.get(material);
		known.set(material, { ...one, material, amount: one.amount + (before?.amount ?? 0) });
	}
	return [...known.values()];
}
