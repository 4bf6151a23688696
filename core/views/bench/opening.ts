/** A package that was closed is opened again: what comes off before its steps are done once more (handbook order#variants). */
import { placeOf } from '../../shop/step-names.ts';
import type { Shop } from '../../shop/shop.ts';
import type { AnyStepId, MadeStep, Step } from '../../stations/step.ts';
import type { Plan } from '../../plan.ts';
import type { Decided } from '../../job/decided.ts';
import { waysToOpen } from './label-words.ts';
import { withOwnSteps } from './own-steps.ts';
import { startOf, type Run } from './run.ts';

/** Steps that put hardware on the back. */
const HARDWARE: ReadonlySet<AnyStepId> = new Set<AnyStepId>(['hang', 'rings', 'wire']);

/** @returns the steps of a run: those of its package, and before what is done again the opening, where something has to come off for it */
export function stepsOfRun(
	steps: readonly Step[],
	run: Run,
	{ job, plan, shop }: { job: Decided; plan: Plan; shop: Shop }
): Step[] {
	const last = run.reopened.at(-1);
	if (!last) return [...steps];
	const ways = waysToOpen(job, plan, shop.house).filter(({ made }) => last.undone.includes(made));
	const does = [
		...(steps.some(({ id }) => HARDWARE.has(id) && last.undone.includes(id))
			? [ways.length > 0 ? 'Remove wire and hangers first.' : 'Remove the hangers.']
			: []),
		...ways.map(({ does: way }) => `${way.charAt(0).toUpperCase()}${way.slice(1)}.`)
	];
	const has = (id: AnyStepId) => steps.some((step) => step.id === id);
	const from = placeOf(startOf(last.cause, has));
	const at = steps.findIndex(({ id }) => placeOf(id) >= from);
	if (does.length === 0 || at < 0) return [...steps];
	const opening: MadeStep = {
		id: 'open-again',
		title: 'Reopen it',
		does: [...does, 'Record what you remove, and why.'],
		because: `Close it again from “${steps[at]?.title}” on.`,
		caution: 'Lift points and tabs with a tool, never toward the glazing or your other hand.',
		minutes: shop.house.minutesStep,
		uses: []
	};
	return [...steps.slice(0, at), ...withOwnSteps([opening], shop.steps, 1), ...steps.slice(at)];
}
