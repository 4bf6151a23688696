/** What each kind of hold would do to this very piece: planned, beside the one that stands. */
import type { Severity } from '../rule/rule.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { FaultError } from '../job/faults.ts';
import { drop, patched, type Operation } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { each } from '../units/one-or-each.ts';
import { planDecided, type Plan } from '../plan.ts';
import type { Grade } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import { kindPatch } from '../stations/hold/other-kinds.ts';
import type { Hold } from '../figures/hold.ts';
import { isHinge, type HoldKind, HOLD_KINDS } from '../job/hold-kinds.ts';
import type { Decided } from '../job/decided.ts';
import { HOLDS } from '../stations/hold/kinds/all.ts';
import type { Fitting } from '../stations/hold/kinds/kind.ts';
import { nth } from '../units/there.ts';

export type HoldOutcome = {
	kind: HoldKind;
	chosen: boolean;
	patch: Operation[];
	/** The gravest finding of Hold with it, and what it says. */
	severity: Severity | null;
	says: string | null;
	/** The hold of each piece. */
	holds: Hold[];
	reached: Grade | null;
	/** Why it can't be planned at all. */
	fault: string | null;
};

const ORDER: Severity[] = ['stop', 'caution', 'note'];

/** Kinds that may hold such a piece at all: the others contradict what it is. */
export function kindsFor(job: Decided): HoldKind[] {
	const float = floats(job);
	const to: Fitting = { piece: job.piece.kind, float, bare: float || job.mats.length === 0 };
	return HOLD_KINDS.filter((kind) => HOLDS[kind].refuses(to) === null && HOLDS[kind].offered(to));
}

function floats({ windows }: Decided): boolean {
	return windows.some(({ way }) => way === 'float');
}

/** @param now the job as it stands, planned */
export function holdChoices(file: JobFile, now: { job: Decided; plan: Plan }, shop: Shop): HoldOutcome[] {
	return kindsFor(now.job).map((kind): HoldOutcome => {
		const chosen = kind === now.job.hold.kind;
		// A school that sticks a print down gives way to a kind that is chosen.
		const school = kind === 'whole-surface' || chosen ? [] : drop(file, ['schools', 'cockle']);
		const patch = [...kindPatch(file, kind, adhesiveFor(kind, now.job)), ...school];
		const base = { kind, chosen, patch };
		try {
			const next = chosen ? file : patched(file, patch);
			const job = chosen ? now.job : decide(readJob(next), shop, now.job.reader.unit);
			const plan = chosen ? now.plan : planDecided(next, job, shop);
			const about = plan.findings.filter(({ station, accepted }) => station === 'hold' && !accepted);
			const worst = ORDER.flatMap((severity) => about.filter((finding) => finding.severity === severity))[0];
			return {
				...base,
				severity: worst?.severity ?? null,
				says: worst?.says ?? null,
				holds: each(plan.hold),
				reached: plan.grade.reached,
				fault: null
			};
		} catch (error) {
			if (!(error instanceof FaultError)) throw error;
			return { ...base, severity: null, says: null, holds: [], reached: null, fault: nth(error.faults, 0).says };
		}
	});
}

/** A hinge keeps the adhesive of the hinge that it takes the place of. */
function adhesiveFor(kind: HoldKind, job: Decided): string {
	const { hold } = job;
	return isHinge(kind) && isHinge(hold.kind) ? hold.adhesive.id : HOLDS[kind].adhesive.usual(floats(job), job.aim);
}
