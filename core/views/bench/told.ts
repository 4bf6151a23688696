/** The run of a package for other programs: its steps in the order told, what comes before each, what each uses and takes (open interface). */
import { lineName } from '../../stations/cut/material-name.ts';
import type { Planned } from '../cost/materials.ts';
import type { AnyStepId } from '../../stations/step.ts';
import { showNearest } from '../../units/round.ts';
import { beforeOf } from './before.ts';
import { planSteps } from './steps.ts';
import { takesOf } from './takes.ts';

export type ToldStep = {
	id: AnyStepId;
	title: string;
	does: string[];
	/** Null where nothing can hurt. */
	caution: string | null;
	/** Steps of this run that must be done, and dry, before it. */
	after: AnyStepId[];
	minutes: number;
	waitMinutes: number;
	/** Names of the cut list. */
	uses: string[];
	takes: { what: string; count: number }[];
};

/** @returns none while the plan is open at a station that the job covers */
export function toldSteps(planned: Planned): { steps: ToldStep[] } {
	const steps = planSteps(planned.job, planned.plan, planned.shop);
	const takes = takesOf(planned, steps);
	return {
		steps: steps.map(({ id, title, does, caution, minutes = 0, waitMinutes = 0, uses }, at) => ({
			id,
			title,
			does,
			caution: caution ?? null,
			after: [...new Set(beforeOf(id).map(({ step }) => step))].filter((step) =>
				steps.slice(0, at).some((one) => one.id === step)
			),
			minutes: showNearest(minutes, 0.1),
			waitMinutes,
			uses: [...new Set(uses.map(lineName))],
			takes: takes.flatMap(({ step, name, amount }) => (step === id ? [{ what: name, count: showNearest(amount, 0.001) }] : []))
		}))
	};
}
