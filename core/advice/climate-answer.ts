/** The year of a job's pack in a room: what the command line and the open interface answer. */
import { fail } from '../job/faults.ts';
import { plan } from '../plan.ts';
import type { Shop } from '../shop/shop.ts';
import type { Reading } from '../stations/climate/rooms.ts';
import { insideYear, type InsideYear } from '../stations/climate/year.ts';

export type ClimateAnswer = { tauDays: number; halfDays: number } & InsideYear;

/** @throws FaultError when the job can't be planned, or has no pack yet */
export function climateAnswer({ pack, room }: { pack: unknown; room: readonly Reading[] }, shop: Shop): ClimateAnswer {
	const { climate } = plan(pack, shop);
	if (!climate) return fail('pack', 'The pack has no size yet: measure the sheet, and the image if it is revealed.');
	return { tauDays: climate.tauDays, halfDays: climate.halfDays, ...insideYear(climate.tauDays, room) };
}
