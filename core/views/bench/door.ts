/** What stands at the door of the bench: stops that nobody has accepted, and a grade that is not known. */
import type { Scope } from '../../job/kinds.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import type { Plan } from '../../plan.ts';

export const UNKNOWN_GRADE = 'The grade is not known yet: layers and hold are not all decided.';

/**
 * @returns a sentence each; none: the run begins. What its place asks is said at Wall and at hand-over, and of a frame that stays closed
 * nobody decides layers or hold.
 */
export function stopsAtDoor(plan: Plan, scope: Scope): string[] {
	const stops = plan.findings.filter(({ severity, of, accepted }) => severity === 'stop' && of !== 'place' && !accepted);
	const isUnknown = !plan.grade.known && SCOPE_OF[scope].window;
	return [...new Set([...stops.map(({ says }) => says), ...(isUnknown ? [UNKNOWN_GRADE] : [])])];
}
