/** What each step takes from stock as it is done: hardware, wire and tapes, and how often as a run goes (handbook bench#stock). */
import { boughtByName } from '../cost/by-name.ts';
import { thingsOf } from '../../nesting/items.ts';
import type { AnyStepId, Step } from '../../stations/step.ts';
import { hooksOf, ringsOf, takenFor, type Planned, type Taken } from '../cost/materials.ts';
import { isUndoneBy, type RunEvent } from './run.ts';

export type StepTake = {
	step: AnyStepId;
	material: string;
	name: string;
	/** Pieces or metres, for all that are alike. */
	amount: number;
	unit: Taken['unit'];
	/** Taken anew when the package is opened again and closed; what is screwed off is screwed on again. */
	spent: boolean;
};

/** @returns each thing that a shop counts at the last step that uses it, by step and material once */
export function takesOf(planned: Planned, steps: readonly Step[]): StepTake[] {
	const counted = new Set(thingsOf(planned.shop).map(({ id }) => id));
	const takes: StepTake[] = [];
	const add = (step: AnyStepId | undefined, taken: Taken | null, times: number, spent: boolean) => {
		// A foil may be laid as a sheet and as a tape: only what is counted is taken, never an area.
		if (!step || !taken || taken.unit === 'm2' || !counted.has(taken.material) || taken.amount === 0) return;
		const { material, name, unit } = taken;
		const known = takes.find((one) => one.step === step && one.material === material);
		if (known) known.amount += taken.amount * times;
		else takes.push({ step, material, name, unit, amount: taken.amount * times, spent });
	};
	for (const cut of planned.plan.cut)
		add(steps.findLast(({ uses }) => uses.includes(cut))?.id, takenFor(cut, planned), 1, cut.from === 'roll');
	const { copies } = planned.job;
	const idOf = (id: AnyStepId): AnyStepId | undefined => steps.find((step) => step.id === id)?.id;
	for (const ring of ringsOf(planned)) add(idOf('hang') ?? idOf('rings'), ring, copies, false);
	for (const { step, material, name, amount } of boughtByName(planned))
		if (idOf(step)) takes.push({ step, material, name, amount, unit: 'count', spent: false });
	for (const hook of hooksOf(planned)) add(idOf('wall'), hook, copies, false);
	return takes;
}

/** How often a step's things were used up: by each time that it came to its end, a share of them where one of a batch was opened again. */
export type Times = { first: boolean; all: number };

/** @returns of each step that was done and not taken back how often it was */
export function timesDone(events: readonly RunEvent[]): Map<AnyStepId, Times> {
	type Now = { done: boolean; next: number; last: number[] };
	const steps = new Map<AnyStepId, Now>();
	const seen = new Set<string>();
	for (const event of events) {
		if (seen.has(event.id)) continue;
		seen.add(event.id);
		if (event.kind === 'done') {
			const now = steps.get(event.step) ?? { done: false, next: 1, last: [] };
			if (now.done) continue;
			steps.set(event.step, { done: true, next: now.next, last: [...now.last, now.next] });
		} else if (event.kind === 'undone') {
			const now = steps.get(event.step);
			if (now?.done) steps.set(event.step, { ...now, done: false, last: now.last.slice(0, -1) });
		} else if (event.kind === 'reopened') {
			for (const [step, now] of steps)
				if (now.done && isUndoneBy(event.cause, step, (id) => steps.has(id)))
					steps.set(step, { ...now, done: false, next: 1 / (event.pieces ?? 1) });
		}
	}
	return new Map(
		[...steps].map(([step, { last }]) => [step, { first: last.length > 0, all: last.reduce((sum, share) => sum + share, 0) }])
	);
}

/** So much of a material by a step, as a run stands. */
export type Used = { step: AnyStepId; material: string; amount: number };

export function usedBy(takes: readonly StepTake[], events: readonly RunEvent[]): Used[] {
	const times = timesDone(events);
	return takes.flatMap(({ step, material, amount, spent }) => {
		const { first, all } = times.get(step) ?? { first: false, all: 0 };
		const used = spent ? all * amount : first ? amount : 0;
		return used > 0 ? [{ step, material, amount: used }] : [];
	});
}
