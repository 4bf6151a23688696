/** The shop's own words and steps while they are edited: by step, as typed, and as the list that is kept. */
import { readOwnSteps, type OwnStep } from '$core/shop/own-steps.ts';
import { afterOf, STEP_ORDER, type AnyStepId, type OwnStepId, type StepId } from '$core/shop/step-names.ts';

/** As typed; sentences stand on lines of their own. */
export type Typed = { title: string; says: string; minutes: string; waitMinutes: string };
export type TypedKey = keyof Typed;
type Sent = { step: AnyStepId; title: string; says: string[]; minutes: string; waitMinutes?: string };

const NOTHING: Typed = { title: '', says: '', minutes: '', waitMinutes: '' };

export class OwnSteps {
	typed = $state<Partial<Record<AnyStepId, Typed>>>({});

	#given: Partial<Record<StepId, number>> = {};

	constructor(kept: readonly OwnStep[]) {
		this.show(kept);
	}

	/** In the order of the work, the shop's own after the step that they come after. */
	readonly list = $derived.by((): Sent[] =>
		STEP_ORDER.flatMap((id) => [id, ...this.ownAfter(id)]).flatMap((step): Sent[] => {
			const one = this.typed[step];
			if (!one || (!afterOf(step) && Object.values(one).every((text) => text.trim() === ''))) return [];
			const { title, says, minutes, waitMinutes } = one;
			const own = afterOf(step) ? { waitMinutes } : {};
			return [{ step, title, says: says.split('\n').filter((line) => line.trim() !== ''), minutes, ...own }];
		})
	);
	readonly read = $derived.by(() => readOwnSteps(this.list));
	/** By step and key: what is wrong with what was typed. */
	readonly faults = $derived.by((): Record<string, string> => {
		if (this.read.ok) return {};
		return Object.fromEntries(
			this.read.faults.map(({ path, says }) => {
				const [, at = '', key = ''] = /^steps\[(\d+)\]\.(\w+)$/.exec(path) ?? [];
				return [`${this.list[Number(at)]?.step} ${key}`, says];
			})
		);
	});

	ownAfter(id: StepId): OwnStepId[] {
		return (Object.keys(this.typed) as AnyStepId[])
			.filter((step): step is OwnStepId => afterOf(step) === id)
			.sort((one, other) => numberOf(one) - numberOf(other));
	}

	of(step: AnyStepId): Typed {
		return this.typed[step] ?? NOTHING;
	}

	type(step: AnyStepId, key: TypedKey, text: string): void {
		this.typed[step] = { ...this.of(step), [key]: text };
	}

	/** A number that was given is not given again while this page is open: a run may have done that step. */
	add(after: StepId): OwnStepId {
		const number = 1 + Math.max(this.#given[after] ?? 0, ...this.ownAfter(after).map(numberOf));
		this.#given[after] = number;
		const step: OwnStepId = `own:${after}:${number}`;
		this.typed[step] = { ...NOTHING };
		return step;
	}

	remove(step: AnyStepId): void {
		delete this.typed[step];
	}

	show(kept: readonly OwnStep[]): void {
		this.typed = Object.fromEntries(
			kept.map(({ step, title = '', says, minutes, waitMinutes }) => [
				step,
				{ title, says: says.join('\n'), minutes: String(minutes ?? ''), waitMinutes: String(waitMinutes ?? '') }
			])
		);
	}
}

const numberOf = (step: OwnStepId): number => Number(step.slice(step.lastIndexOf(':') + 1));
