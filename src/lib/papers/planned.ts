/** A kept job, planned for the paper that is printed of it, in the unit that its reader reads. */
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import { shopFor } from '$core/shop/shop.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import type { Unit } from '$core/units/length.ts';
import { figureText, figureWithUnit } from '$core/views/why/figure-text.ts';

export type ForPaper = { job: JobFile; shop: WrittenShop; reads: Unit | null };

export function plannedForPaper(data: ForPaper) {
	const asItIs = shopFrom(data.shop);
	const job = decide(readJob(data.job), asItIs, data.reads ?? undefined);
	const plan = planDecided(data.job, job, asItIs);
	return {
		job,
		plan,
		shop: shopFor(asItIs, job.cutIn),
		/** A figure by its path. */
		text: (value: number, path: string) => figureText(value, path, job.reader),
		withUnit: (value: number, path: string) => figureWithUnit(value, path, job.reader)
	};
}
export type Printed = ReturnType<typeof plannedForPaper>;
