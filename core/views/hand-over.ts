/** What is not done while a job is about to be handed over, or `[]`: it is said once, and the person decides. */
import { SCOPE_OF } from '../job/scopes.ts';
import type { Decided } from '../job/decided.ts';
import type { Plan } from '../plan.ts';
import type { Step } from '../stations/step.ts';
import { waitsOf } from './bench/locks.ts';
import type { Run } from './bench/run.ts';

/** So many open steps are named, the others counted. */
const NAMED = 3;

/**
 * @param run what was done at the bench; `null` when it was never begun there
 * @param now ms, by the server's clock
 * @returns sentences in the order in which they matter
 */
export function notDoneYet(
	{ plan, job }: { plan: Plan; job: Decided },
	steps: readonly Step[],
	run: Run | null,
	now: number
): string[] {
	const says: string[] = [];
	const found = plan.findings.filter(({ severity, accepted }) => severity === 'stop' && !accepted);
	const stops = found.filter(({ of }) => of !== 'place');
	const ofPlace = found.filter(({ of }) => of === 'place');
	if (stops.length > 0)
		says.push(
			`${stops.length === 1 ? 'One finding stops' : `${stops.length} findings stop`} this plan: ${stops.map(({ says: one }) => one).join(' ')}`
		);
	if (ofPlace.length > 0) says.push(`It must not hang in the place named: ${ofPlace.map(({ says: one }) => one).join(' ')}`);
	if (plan.open.length > 0) says.push(`Not known yet: ${plan.open.map(({ needs }) => needs).join('; ')}.`);
	else if (SCOPE_OF[job.scope].window && !plan.grade.known)
		says.push('Layers or hold were never decided, so the grade reached is not known.');
	const left = steps.filter(({ id }) => !run?.done.has(id) && id !== 'wall');
	if (run === null && steps.length > 0) says.push('It was never started at the bench.');
	else if (left.length > 0) {
		const named = left
			.slice(0, NAMED)
			.map(({ title }) => `“${title}”`)
			.join(', ');
		const more = left.length > NAMED ? `, and ${left.length - NAMED} more` : '';
		says.push(`${left.length === 1 ? 'One step' : `${left.length} steps`} at the bench not done: ${named}${more}.`);
	}
	const wet = run ? waitsOf(run).filter(({ until }) => until > now) : [];
	if (wet.length > 0) says.push(`Still drying: ${wet.map(({ what }) => what).join(', ')}.`);
	return says;
}
