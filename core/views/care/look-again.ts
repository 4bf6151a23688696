/** When a package is opened and looked at again: one rule for label, care sheet and record (handbook records#look-again). */
import { SCOPE_OF } from '../../job/scopes.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import type { Plan } from '../../plan.ts';
import type { House } from '../../shop/house.ts';
import { each } from '../../units/one-or-each.ts';

/** null: of a frame that is not opened here, nothing is said. `years` null: when it changes hands. */
export type LookAgain = { years: number | null } | null;

export function lookAgain(job: Decided, plan: Plan, house: House): LookAgain {
	const isHeldHere = plan.hold !== undefined;
	if (!isHeldHere && !SCOPE_OF[job.scope].pack) return null;
	const reached = plan.grade.known ? plan.grade.reached : null;
	const tapedBelow =
		isHinge(job.hold.kind) &&
		each(plan.hold).some(({ others }) => others?.some(({ side, places }) => side === 'bottom' && places.length > 0));
	const after = [
		...(reached === 'rare' ? [house.lookAgainYears] : reached === 'keep' ? [house.lookAgainKeep] : []),
		...(isHeldHere && job.hold.adhesive.family === 'self-adhesive' ? [house.lookAgainSelfAdhesive] : []),
		...(tapedBelow ? [house.lookAgainBottom] : [])
	];
	return { years: after.length > 0 ? Math.min(...after) : null };
}

/** Whether something seals it: tape over the joint, or tape round the pack; paper alone seals nothing. */
export function isSealed({ back }: Pick<Plan, 'back'>): boolean {
	return back?.tape !== undefined || back?.edgeSeal !== undefined;
}
