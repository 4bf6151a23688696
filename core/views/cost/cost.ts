/** What a job costs: its materials with what is cut away, its minutes of work, what is added for the price, and tax (handbook cut#cost). Whole cents. */
import { wholeCents } from '../../units/round.ts';
import { shopFor } from '../../shop/shop.ts';
import { planSteps } from '../bench/steps.ts';
import { takenBy, type Planned, type Taken } from './materials.ts';

export type MaterialLine = Taken & {
	/** Of 100 of what is used: cut away beside it. */
	waste: number;
	/** Null where nobody has set a price. */
	cents: number | null;
};
export type WorkLine = { step: string; minutes: number; cents: number };

export type Cost = {
	materials: MaterialLine[];
	/** Tissue, paste, screws: for each piece. */
	sundries: number;
	work: WorkLine[];
	minutes: number;
	sums: { materials: number; work: number; cost: number; margin: number; net: number; tax: number; total: number };
	/** Materials that have no price, which are therefore not in it. */
	unpriced: string[];
	/** Everything that is planned is in it: without a window or a frame there is no cost. */
	known: boolean;
};

/**
 * @param waste of 100, by material, from the cutting plans that hold its parts; the house's figure stands for what is in none
 * @returns each line rounded once, sums of what is shown
 */
export function costOf(planned: Planned, waste: Readonly<Record<string, number>> = {}): Cost {
	const { job, plan, shop } = planned;
	const { house } = shopFor(shop, job.cutIn);
	const materials = takenBy({ ...planned, shop }).map((taken): MaterialLine => {
		const share = taken.cut ? (waste[taken.material] ?? house.wastePercent) : 0;
		const cents = taken.each === null ? null : wholeCents(taken.amount * (1 + share / 100) * taken.each);
		return { ...taken, waste: share, cents };
	});
	const steps = planSteps(job, plan, shop);
	const work = steps.map(({ title, minutes = 0 }): WorkLine => ({
		step: title,
		minutes,
		cents: wholeCents((minutes * house.hourCents) / 60)
	}));
	const sundries = house.sundriesCents * job.copies;
	const sum = {
		materials: materials.reduce((all, { cents }) => all + (cents ?? 0), sundries),
		work: work.reduce((all, { cents }) => all + cents, 0)
	};
	const cost = sum.materials + sum.work;
	const margin = wholeCents((cost * house.marginPercent) / 100);
	const net = cost + margin;
	const tax = wholeCents((net * house.taxPercent) / 100);
	return {
		materials,
		sundries,
		work,
		minutes: work.reduce((all, { minutes }) => all + minutes, 0),
		sums: { ...sum, cost, margin, net, tax, total: net + tax },
		unpriced: materials.filter(({ each }) => each === null).map(({ name }) => name),
		known: steps.length > 0
	};
}
