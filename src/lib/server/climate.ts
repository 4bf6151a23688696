/** The call on a pack's climate: checks, then the core. */
import { climateAnswer } from '$core/climate/answer.ts';
import { FaultError } from '$core/job/faults.ts';
import type { Shop } from '$core/shop/shop.ts';
import { faults, type Answer } from './jobs.ts';
import { checkClimate } from './validation/climate.ts';

export function climateOfBody(body: unknown, shop: Shop): Answer {
	const checked = checkClimate(body);
	if (!checked.ok) return faults(400, checked.faults);
	try {
		return { status: 200, body: climateAnswer(checked.request, shop) };
	} catch (error) {
		if (error instanceof FaultError)
			return faults(
				400,
				error.faults.map(({ path, says }) => ({ path: path.startsWith('pack') ? path : `pack.${path}`, says }))
			);
		throw error;
	}
}
