/** What was done at the bench and ought not to have been: out of its order, past a cut that was off, past a pack that lay off centre. */
import { centred, centringSays, spansOf } from '../bench/centring.ts';
import { seenOf } from '../drawing/centring.ts';
import { beforeOf } from '../bench/before.ts';
import { cutChecked, partsToMeasure } from '../bench/checks.ts';
import type { Run } from '../bench/run.ts';
import type { AnyStepId, Step } from '../../stations/step.ts';
import type { Made } from './case.ts';

export type RunFault = { step: AnyStepId; title: string; says: string; why: string };

/** @returns each step that is done and should not be, with the reason that locks it or the check that it passed over */
export function runFaults(run: Run, made: Made): RunFault[] {
	return made.steps
		.flatMap((step) => (run.done.has(step.id) ? [...cutOff(step, run, made), ...offCentre(step, run, made)] : []))
		.concat(made.steps.flatMap((step) => (run.done.has(step.id) ? outOfOrder(step, run, made.steps) : [])));
}

const CUT = 'Every later layer follows this size: wrong now is wrong in the frame.';
const CENTRED = 'The borders show for as long as it hangs, and under tape nothing can be shifted.';

function cutOff(step: Step, run: Run, { job }: Made): RunFault[] {
	return partsToMeasure(step).flatMap((part) => {
		const measured = run.measured.get(part.part);
		const checked = measured && cutChecked(part, measured, job.reader);
		return checked && !checked.good
			? [{ step: step.id, title: step.title, says: `${part.part}. ${checked.says}`, why: CUT }]
			: [];
	});
}

function offCentre({ id, title }: Step, run: Run, { job, plan, shop }: Made): RunFault[] {
	const seen = seenOf(plan, shop.house);
	const readings = run.read.at(-1);
	if (id !== 'centre' || !seen || !readings) return [];
	const { targets, pack, allowance, opening, step } = seen;
	const found = centred({ targets, readings, spans: spansOf(opening), pack, allowance, step });
	const moves = Math.max(
		Math.abs(found.right),
		Math.abs(found.down),
		(Math.abs(found.turn) * Math.max(pack.width, pack.height)) / 2
	);
	if (found.do === 'push' && moves <= CENTRED_WITHIN) return [];
	return [{ step: id, title, says: centringSays(found, pack, job.reader), why: CENTRED }];
}

/** Nobody sees less, mm. */
const CENTRED_WITHIN = 0.3;

/** Done before what must come before it, or while that is not done. */
function outOfOrder({ id, title }: Step, run: Run, steps: readonly Step[]): RunFault[] {
	const at = run.done.get(id)?.at ?? 0;
	const place = steps.findIndex((step) => step.id === id);
	for (const { step, because } of beforeOf(id)) {
		const index = steps.findIndex((one) => one.id === step);
		const before = steps[index];
		if (!before || index > place) continue;
		const done = run.done.get(step);
		if (!done || done.at > at) return [{ step: id, title, says: `“${title}” was done before “${before.title}”.`, why: because }];
	}
	return [];
}
