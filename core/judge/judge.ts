/** Findings, the grade reached and what holds it down (handbook guard#grade-reached). */
import { GRADES, type Grade } from '../shop/grades.ts';
import { type Case, type Context, type Finding, type Rule, type Severity } from '../rule/rule.ts';
import { SCOPES } from '../job/kinds.ts';
import { covers, SCOPE_OF } from '../job/scopes.ts';
import { rulesOf } from './of-scope.ts';
import { there } from '../units/there.ts';

export type Verdict = {
	findings: Finding[];
	/**
	 * reached is null when even Show has a stop, and while sheet, layers or hold can't be planned; heldBy: the stops of the next grade up.
	 * known: somebody measured the sheet and decided layers and hold. Until then no screen and no paper says a grade.
	 */
	grade: {
		aimed: Grade;
		reached: Grade | null;
		heldBy: string[];
		known: boolean;
	};
	/** No stop of fit. */
	fits: boolean;
};

const WEIGHT: Record<Severity, number> = { stop: 0, caution: 1, note: 3 };

export function judge(context: Context): Verdict {
	const aimed = context.job.aim;
	const asked = rulesOf(context.job.scope).map((rule): [Rule, Case[]] => [
		rule,
		rule.severity[aimed] ? rule.find({ ...context, grade: aimed }) : []
	]);
	const findings = asked.flatMap(([rule, cases]) =>
		withFacts(
			cases.map((found) => findingOf(rule, found, aimed)),
			rule,
			context
		)
	);
	findings.sort((one, other) => weightOf(one) - weightOf(other));
	const isPlanned = isJudged(context);
	let best: Grade | null = null;
	let heldBy: string[] = [];
	// From the highest down: those below the one that is reached are not asked.
	for (const grade of GRADES) {
		const stops = stopsAmong(grade === aimed ? asked : askedAt(context, grade), grade);
		if (stops.length === 0) {
			best = grade;
			break;
		}
		heldBy = stops;
	}
	const reached = isPlanned ? best : null;
	const { answered, scope } = context.job;
	return {
		findings,
		grade: {
			aimed,
			reached,
			heldBy,
			known: isPlanned && answered.has('guard') && (!covers(scope, 'hold') || answered.has('hold'))
		},
		fits: !findings.some((finding) => finding.severity === 'stop' && finding.of === 'fit')
	};
}

/** What a grade says is planned: of a frame that stays closed nothing is. */
function isJudged({ plan: { measure, pack, hold }, job: { scope } }: Context): boolean {
	return SCOPE_OF[scope].window && measure !== undefined && pack !== undefined && (hold !== undefined || !covers(scope, 'hold'));
}

/** What was accepted comes after what is still to be thought about. */
function weightOf({ severity, accepted }: Finding): number {
	return accepted ? WEIGHT.caution + 1 : WEIGHT[severity];
}

/** Cautions carry their facts; those that were accepted with the same facts carry by whom. A stop can't be accepted at its grade. */
function withFacts(findings: Finding[], rule: Rule, context: Context): Finding[] {
	if (!findings.some(({ severity }) => severity === 'caution')) return findings;
	const { job } = context;
	// Whichever unit is read, the facts are the same.
	const inMm =
		job.reader.unit === 'mm'
			? findings
			: rule.find({ ...context, job: { ...job, reader: { ...job.reader, unit: 'mm' } }, grade: job.aim });
	return findings.map((finding, index) => {
		if (finding.severity !== 'caution') return finding;
		const facts = inMm[index]?.says ?? finding.says;
		const known = job.accepted.find((one) => one.rule === rule.id && one.where === (finding.where ?? '') && one.facts === facts);
		return { ...finding, facts, ...(known ? { accepted: { reason: known.reason, initials: known.initials } } : {}) };
	});
}

function findingOf(rule: Rule, found: Case, grade: Grade): Finding {
	return {
		rule: rule.id,
		station: rule.station,
		of: rule.of,
		severity: found.severity ?? there(rule.severity[grade], 'severity'),
		says: found.says,
		why: found.why ?? rule.why,
		...(rule.school ? { school: rule.school } : {}),
		...(found.where ? { where: found.where } : {}),
		remedies: found.remedies ?? []
	};
}

/** Only what may stop the grade is asked. */
function askedAt(context: Context, grade: Grade): [Rule, Case[]][] {
	const rules = rulesOf(context.job.scope).filter((rule) => rule.severity[grade] === 'stop' && rule.of === 'safety');
	return rules.map((rule) => [rule, rule.find({ ...context, grade })]);
}

const isStopping = ({ id, severity }: Rule) =>
	Object.values(severity).some((one) => one === 'stop' || one === 'caution') && !id.startsWith('window.');
const STOPPING = new Map(SCOPES.map((scope) => [scope, rulesOf(scope).filter(isStopping)]));

export type StopFound = { rule: string; of: Rule['of']; where: string; remedies: Case['remedies'] };

/**
 * Every stop at a grade that materials bear on: those of safety one by one, those of fit counted; and every caution. The window’s own are left out: no material opens or closes it.
 */
export function stopsAt(context: Context): { safety: StopFound[]; fit: number; cautions: number } {
	let cautions = 0;
	const stops = there(STOPPING.get(context.job.scope), 'rules').flatMap((rule) =>
		rule
			.find(context)
			.filter((found) => {
				const severity = found.severity ?? rule.severity[context.grade];
				if (severity === 'caution') cautions += 1;
				return severity === 'stop';
			})
			.map((found) => ({ rule: rule.id, of: rule.of, where: found.where ?? '', remedies: found.remedies }))
	);
	const safety = stops.filter(({ of }) => of === 'safety');
	return { safety, fit: stops.length - safety.length, cautions };
}

/** Ids of the safety rules that stop a grade. */
function stopsAmong(asked: [Rule, Case[]][], grade: Grade): string[] {
	return asked
		.filter(([rule, cases]) => rule.of === 'safety' && cases.some((found) => (found.severity ?? rule.severity[grade]) === 'stop'))
		.map(([rule]) => rule.id);
}
