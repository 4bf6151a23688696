/** Pieces that are held, with their hold: what the rules of Hold walk over. */
import type { Context } from '../../rule/rule.ts';
import { sightsOf, type Sight } from '../../rule/sights.ts';
import type { Hold } from '../../figures/hold.ts';

export type Held = Sight & { hold: Hold };

export function heldSights({ job, plan }: Pick<Context, 'job' | 'plan'>): Held[] {
	return sightsOf(job, plan).filter((sight): sight is Held => sight.hold !== undefined);
}
