/** What each choice for a place of the package would do to this very job: the plan of each, beside the plan as it stands. */
import type { Context, Severity } from '../rule/rule.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { FaultError } from '../job/faults.ts';
import { patched, type Operation } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { planDecided, type Plan } from '../plan.ts';
import type { Grade } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import { packagePrice } from './price.ts';
import { SLOTS, whereOfSlot, type Slot } from './slots.ts';
import { nth } from '../units/there.ts';

export type ChoiceOutcome = {
	id: string | null;
	name: string;
	patch: Operation[];
	chosen: boolean;
	/** The gravest finding about this place with this choice, null when there is none. */
	severity: Severity | null;
	/** What it says. */
	says: string | null;
	reached: Grade | null;
	/** Air over the piece, mm. */
	gap: number | null;
	/** Kilograms more than now; null while there is no frame. */
	kg: number | null;
	/** Years to a just noticeable fade: an estimate. */
	years: number | null;
	/** Cents more than now; null where a price is missing. */
	cents: number | null;
	/** Why this choice can't be planned at all. */
	fault: string | null;
};

const ORDER: Severity[] = ['stop', 'caution', 'note'];

/** @param now the job as it stands, planned */
export function choicesFor(file: JobFile, now: { job: Context['job']; plan: Plan }, shop: Shop, slot: Slot): ChoiceOutcome[] {
	const context: Context = { file, job: now.job, shop, plan: now.plan, grade: now.job.aim };
	const { options, chosen } = SLOTS[slot.name];
	const held = chosen(context, slot.index ?? 0);
	const priceNow = packagePrice(now.job, now.plan);
	return options(context, slot.index ?? 0).map(({ id, name, patch }) => {
		const base = { id, name, patch, chosen: id === held };
		try {
			const next = id === held ? file : patched(file, patch);
			const job = id === held ? now.job : decide(readJob(next), shop, now.job.reader.unit);
			const plan = id === held ? now.plan : planDecided(next, job, shop);
			const about = plan.findings.filter(({ where, accepted }) => where === whereOfSlot(slot) && !accepted);
			const worst = ORDER.flatMap((severity) => about.filter((finding) => finding.severity === severity))[0];
			const price = packagePrice(job, plan);
			return {
				...base,
				severity: worst?.severity ?? null,
				says: worst?.says ?? null,
				reached: plan.grade.reached,
				gap: plan.pack?.gap ?? null,
				kg: plan.mass && now.plan.mass ? plan.mass.kg - now.plan.mass.kg : null,
				years: plan.light?.years ?? null,
				cents: price && priceNow && price.unpriced.join() === priceNow.unpriced.join() ? price.cents - priceNow.cents : null,
				fault: null
			};
		} catch (error) {
			if (!(error instanceof FaultError)) throw error;
			const none = { severity: null, says: null, reached: null, gap: null, kg: null, years: null, cents: null };
			return { ...base, ...none, fault: nth(error.faults, 0).says };
		}
	});
}
