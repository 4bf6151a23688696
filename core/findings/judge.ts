/** Findings, the grade reached and what holds it down (handbook guard#grade-reached). */
import { GRADES, type Grade } from '../shop/grades.ts';
import { isOfFit, type Case, type Context, type Finding, type Rule, type Severity } from './rule.ts';
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
	const asked = RULES.map((rule): [Rule, Case[]] => [rule, rule.severity[aimed] ? rule.find({ ...context, grade: aimed }) : []]);
	const findings = asked.flatMap(([rule, cases]) => cases.map((found) => findingOf(rule, found, aimed)));
	findings.sort((one, other) => WEIGHT[one.severity] - WEIGHT[other.severity]);
	const stops = GRADES.map((grade) => (grade === aimed ? stopsAmong(asked, grade) : stopsAmong(askedAt(context, grade), grade)));
	const best = stops.findIndex((held) => held.length === 0);
	const reached = best < 0 ? null : GRADES[best]!;
	const heldBy = best === 0 ? [] : stops[best < 0 ? GRADES.length - 1 : best - 1]!;
	return {
		findings,
		grade: { aimed, reached, heldBy },
		fits: !findings.some((finding) => finding.severity === 'stop' && isOfFit(finding.rule))
	};
}

function findingOf(rule: Rule, found: Case, grade: Grade): Finding {
	return {
		rule: rule.id,
		station: rule.station,
		severity: found.severity ?? rule.severity[grade]!,
		says: found.says,
		why: rule.why,
		...(rule.school ? { school: rule.school } : {}),
		...(found.where ? { where: found.where } : {}),
		remedies: found.remedies ?? []
	};
}

/** Only what may stop the grade is asked. */
function askedAt(context: Context, grade: Grade): [Rule, Case[]][] {
	return RULES.filter((rule) => rule.severity[grade] === 'stop' && !isOfFit(rule.id)).map((rule) => [
		rule,
		rule.find({ ...context, grade })
	]);
}

/** Ids of the safety rules that stop a grade. */
function stopsAmong(asked: [Rule, Case[]][], grade: Grade): string[] {
	return asked
		.filter(([rule, cases]) => !isOfFit(rule.id) && cases.some((found) => (found.severity ?? rule.severity[grade]) === 'stop'))
		.map(([rule]) => rule.id);
}
