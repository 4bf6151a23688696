/** The shop's own words, minutes and steps among those that a package wants. */
import type { OwnStep } from '../../shop/own-steps.ts';
import { afterOf } from '../../shop/step-names.ts';
import type { MadeStep, Step } from '../../stations/step.ts';

/** @param copies so many are made: minutes are for all of them */
export function withOwnSteps(steps: readonly MadeStep[], own: readonly OwnStep[], copies: number): Step[] {
	const words = new Map(own.map((one) => [one.step, one]));
	return steps.flatMap((step): Step[] => [
		withWords(step, words.get(step.id)),
		...own.flatMap((one) => (afterOf(one.step) === step.id ? [stepOf(one, copies)] : []))
	]);
}

function withWords(step: MadeStep, own: OwnStep | undefined): Step {
	if (!own) return step;
	return {
		...step,
		...(own.title ? { title: own.title } : {}),
		does: [...step.does, ...own.says],
		...(own.minutes === undefined ? {} : { minutes: own.minutes * (step.pieces ?? 1) })
	};
}

function stepOf({ step, title = '', says, minutes = 0, waitMinutes }: OwnStep, copies: number): Step {
	return {
		id: step,
		title,
		does: says,
		minutes: minutes * copies,
		...(copies > 1 ? { pieces: copies } : {}),
		...(waitMinutes ? { waitMinutes } : {}),
		uses: []
	};
}
