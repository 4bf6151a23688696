/** Findings, the grade reached and what holds it down (handbook guard#grade-reached). */
import { GRADES, type Grade } from '../shop/grades.ts';
import { isOfFit, type Context, type Finding, type Rule, type Severity } from './rule.ts';
import { RULES } from './rules.ts';

export type Verdict = {
	findings: Finding[];
	/** reached is null when even Show has a stop; heldBy: the stops of the next grade up. */
	grade: { aimed: Grade; reached: Grade | null; heldBy: string[] };
	/** No stop of fit. */
	fits: boolean;
};

const WEIGHT: Record<Severity, number> = { stop: 0, caution: 1, note: 2 };

export function judge(context: Context): Verdict {
	const aimed = context.job.aim;
	const findings = RULES.flatMap((rule) => findingsOf(rule, { ...context, grade: aimed }));
	findings.sort((one, other) => WEIGHT[one.severity] - WEIGHT[other.severity]);
	const stops = GRADES.map((grade) => stopsOf({ ...context, grade }));
	const best = stops.findIndex((held) => held.length === 0);
	const reached = best < 0 ? null : GRADES[best]!;
	const heldBy = best === 0 ? [] : stops[best < 0 ? GRADES.length - 1 : best - 1]!;
	return {
		findings,
		grade: { aimed, reached, heldBy },
		fits: !findings.some((finding) => finding.severity === 'stop' && isOfFit(finding.rule))
	};
}

function findingsOf(rule: Rule, context: Context): Finding[] {
	const severity = rule.severity[context.grade];
	if (severity === undefined) return [];
	return rule.find(context).map((found) => ({
		rule: rule.id,
		station: rule.station,
		severity: found.severity ?? severity,
		says: found.says,
		why: rule.why,
		...(rule.school ? { school: rule.school } : {}),
		...(found.where ? { where: found.where } : {}),
		remedies: found.remedies ?? []
	}));
}

/** Ids of the safety rules that stop a grade. */
function stopsOf(context: Context): string[] {
	return RULES.filter((rule) => !isOfFit(rule.id) && rule.severity[context.grade] === 'stop')
		.filter((rule) => rule.find(context).some((found) => (found.severity ?? 'stop') === 'stop'))
		.map((rule) => rule.id);
}
