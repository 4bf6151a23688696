/** What jobs want beyond what lies in the shop: an order list, made before anything is cut (handbook cut#stock). */
import { countUp } from '../units/round.ts';
import type { Unit } from '../units/length.ts';
import type { Shop } from '../shop/shop.ts';
import { there } from '../units/there.ts';
import { cuttingPlans } from './cut.ts';
import type { CuttingPlan } from './figures.ts';
import { isItem, itemKey, type Item } from './items.ts';
import { mayMixLots, plansByLot } from './lots.ts';
import { cuttingJobOf, lotsOf, type InStock } from './offer.ts';
import { groupsOf, type PartGroup, type PartWanted } from './parts.ts';
import { sourceOf, type Source } from './sources.ts';

export type Short = {
	item: Item;
	/** So many are missing: sheets, sticks, pieces, whole metres. */
	count: number;
	/** Jobs that want of it. */
	jobs: string[];
};

/** Pieces or metres of a thing that a job takes. */
export type ThingWanted = { job: string; material: string; amount: number };

/** Everything that jobs want and that does not lie in the shop. @param lines things that lie there, and how many are spoken for */
export function shortOf(
	asked: readonly { parts: readonly PartWanted[]; things: readonly ThingWanted[] }[],
	stock: readonly InStock[],
	lines: readonly { material: string; present: number; reserved: number }[],
	shop: Shop,
	unit: Unit
): Short[] {
	const free = new Map<string, number>();
	for (const { material, present, reserved } of lines) free.set(material, (free.get(material) ?? 0) + present - reserved);
	return [
		...sheetsShort(
			asked.flatMap(({ parts }) => parts),
			stock,
			shop,
			unit
		),
		...thingsShort(
			asked.flatMap(({ things }) => things),
			free
		)
	];
}

/** Sheets and sticks that a first plan of the parts would buy; what the shop has no name for (spacer sticks, strip wood) is not ordered here. */
export function sheetsShort(parts: readonly PartWanted[], stock: readonly InStock[], shop: Shop, unit: Unit): Short[] {
	const short = new Map<string, Short>();
	for (const group of groupsOf(parts)) {
		if (!isItem({ kind: group.from, material: group.material }, shop)) continue;
		const { sheets } = firstPlan(group, stock, shop, unit);
		for (const { sheet, placed } of sheets) {
			const source = sourceOf(sheet);
			const size = source && sizeOf(source);
			if (!size) continue;
			const item: Item = { ...size, material: group.material, colour: group.colour };
			const known = short.get(itemKey(item)) ?? { item, count: 0, jobs: [] };
			const on = placed.map(({ blank }) => there(group.parts.find(({ id }) => id === blank)?.job, 'job'));
			known.count += 1;
			known.jobs = [...new Set([...known.jobs, ...on])].sort();
			short.set(itemKey(item), known);
		}
	}
	return [...short.values()];
}

function firstPlan(group: PartGroup, stock: readonly InStock[], shop: Shop, unit: Unit): CuttingPlan {
	const job = cuttingJobOf(group, stock, shop, unit);
	const lots = lotsOf(group, stock, shop);
	const means = { solve: null, now: () => 0 };
	const plans = lots && mayMixLots(job, lots) ? plansByLot(job, lots, means) : cuttingPlans(job, means);
	return there(plans.next().value, 'first plan');
}

function sizeOf(source: Source): { kind: 'sheet' | 'stick'; width: number; height: number } | null {
	if (source.from === 'bought') return { kind: 'sheet', width: source.width, height: source.height };
	// A stick has no width of its own: its moulding has.
	return source.from === 'stick' ? { kind: 'stick', width: source.length, height: 1 } : null;
}

/** Things of which less is free than the jobs take. @param free by material */
export function thingsShort(wanted: readonly ThingWanted[], free: ReadonlyMap<string, number>): Short[] {
	const sums = new Map<string, { amount: number; jobs: string[] }>();
	for (const { job, material, amount } of wanted) {
		const known = sums.get(material) ?? { amount: 0, jobs: [] };
		known.amount += amount;
		if (!known.jobs.includes(job)) known.jobs.push(job);
		sums.set(material, known);
	}
	return [...sums].flatMap(([material, { amount, jobs }]) => {
		const count = countUp(amount) - (free.get(material) ?? 0);
		return count > 0 ? [{ item: { kind: 'thing', material, colour: '', width: 0, height: 0 }, count, jobs }] : [];
	});
}
