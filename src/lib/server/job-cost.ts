/** What the pages of a job's cost start from: the job, the shop, and how much its cutting plans waste. */
import { readJobNumber } from '$core/job/number.ts';
import { wasteOf } from '$core/nesting/waste.ts';
import { shopFrom } from '$core/shop/written.ts';
import { there } from '$core/units/there.ts';
import { database } from './db/connection.ts';
import { selectPlansOfJob } from './db/cutting.ts';
import { plannedPage } from './job-page.ts';

export async function costPage(number: string) {
	const found = await plannedPage(number);
	const plans = await selectPlansOfJob(database(), there(readJobNumber(number), 'number'));
	// The latest plan of a material says it.
	const { mouldings, house } = shopFrom(found.shop);
	const waste = Object.fromEntries(
		plans.map(({ material, plan }) => [material, wasteOf(plan, mouldings[material] ? house.stickRestLeast : 0)])
	);
	return { ...found, waste };
}
