/** Accepting a caution knowingly, and taking that back: changes of the job file, so that they stay with its revision. */
import type { JobFile } from '../job/definition.ts';
import { put, type Operation } from '../job/patch.ts';
import type { Decided } from '../job/decided.ts';
import type { Finding } from '../rule/rule.ts';

/** An earlier acceptance of the same rule at the same place is replaced: its facts have changed. */
export function acceptCaution(file: JobFile, finding: Finding, reason: string, initials: string): Operation[] {
	const where = finding.where ?? '';
	const others = (file.accepted ?? []).filter((one) => !(one.rule === finding.rule && (one.where ?? '') === where));
	const accepted = {
		rule: finding.rule,
		where,
		facts: finding.facts ?? finding.says,
		reason: reason.trim(),
		initials: initials.trim()
	};
	return put(file, ['accepted'], [...others, accepted]);
}

/** What a bought package, or a frame that came with everything in, brings with it. */
const OF_WHAT_CAME = [
	'gap.small',
	'points.few',
	'points.flexible',
	'hang.kept-unknown',
	'mat.outer-off',
	'window.overlap-thin',
	'material.unknown'
];

/** A reason that lies at hand, so that a caution is accepted by one press, and printed as any; null where somebody has to think of one. */
export function reasonAtHand({ rule, severity }: Finding, { kept, mats }: Pick<Decided, 'kept' | 'mats'>): string | null {
	const came = kept.glazing ?? kept.back ?? kept.points ?? kept.hangers ?? mats.find(({ have }) => have) ?? null;
	return severity === 'caution' && came !== null && OF_WHAT_CAME.includes(rule) ? 'It came like this and stays so.' : null;
}

export function takeBackAcceptance(file: JobFile, finding: Finding): Operation[] {
	const kept = (file.accepted ?? []).filter((one) => !(one.rule === finding.rule && (one.where ?? '') === (finding.where ?? '')));
	return put(file, ['accepted'], kept);
}

/** Why it was accepted before, where the facts have changed since; null where it never was. */
export function formerAcceptance(file: JobFile, finding: Finding): { reason: string; initials: string } | null {
	if (finding.accepted) return null;
	const former = (file.accepted ?? []).find((one) => one.rule === finding.rule && (one.where ?? '') === (finding.where ?? ''));
	return former ? { reason: former.reason ?? '', initials: former.initials ?? '' } : null;
}
