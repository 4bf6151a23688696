/** How the steps of two plans of one job differ: what a run that goes by the one would meet in the other. */
import type { Step } from '../../stations/step.ts';

export type Differing = { step: Step; how: 'gone' | 'new' | 'other' };

/** @returns in the order of the new plan, what is gone first */
export function differingSteps(before: readonly Step[], after: readonly Step[]): Differing[] {
	const known = new Map(before.map((step) => [step.id, step]));
	const there = new Set(after.map(({ id }) => id));
	return [
		...before.filter(({ id }) => !there.has(id)).map((step): Differing => ({ step, how: 'gone' })),
		...after.flatMap((step): Differing[] => {
			const old = known.get(step.id);
			if (!old) return [{ step, how: 'new' }];
			return wordsOf(old) === wordsOf(step) ? [] : [{ step, how: 'other' }];
		})
	];
}

const wordsOf = ({ title, does, waitMinutes = 0 }: Step): string => [title, ...does, waitMinutes].join('\n');
