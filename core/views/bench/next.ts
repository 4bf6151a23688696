/** What a job needs next, in a few words: what is missing, what stops it, what wants a look, or the bench. */
import type { Scope } from '../../job/kinds.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import type { Plan } from '../../plan.ts';
import type { Severity } from '../../rule/rule.ts';

export type Next = { does: string; because: string; sign: Severity | 'settled' | null; ready: boolean };

const FIRST: Record<string, string> = { measure: 'Measure the sheet', frame: 'Choose a frame', hang: 'Choose a frame' };

/** @param scope of a frame that stays closed nobody decides layers or hold */
export function nextOf(plan: Plan, scope: Scope): Next {
	const closed = !SCOPE_OF[scope].window;
	const [open] = plan.open;
	if (open && closed) return { does: 'Measure the frame', because: `needs ${open.needs}`, sign: null, ready: false };
	if (open)
		return { does: FIRST[open.station] ?? `Go to ${open.station}`, because: `needs ${open.needs}`, sign: null, ready: false };
	for (const severity of ['stop', 'caution'] as const) {
		// What its place asks is said at Wall and at hand-over: it holds nothing up here.
		const found = plan.findings.filter((finding) => finding.severity === severity && finding.of !== 'place' && !finding.accepted);
		const [first] = found;
		if (!first) continue;
		const more = found.length > 1 ? `, and ${found.length - 1} more` : '';
		return {
			does: severity === 'stop' ? 'Clear the stops' : 'Decide',
			because: `${first.says.replace(/\.$/, '')}${more}`,
			sign: severity,
			ready: false
		};
	}
	if (!plan.grade.known && !closed)
		return { does: 'Decide layers and hold', because: 'or use the shop’s choices', sign: null, ready: false };
	if (plan.cut.length === 0)
		return { does: 'Take it to the bench', because: 'nothing is cut for it', sign: 'settled', ready: true };
	return { does: 'Cut', because: `${plan.cut.length} parts on the cut list`, sign: 'settled', ready: true };
}
