/** Whether a plan may be worked from: nothing that leaves the program is final while something is open or stops. */
import type { Figures } from '../figures.ts';
import type { Scope } from '../job/kinds.ts';
import { SCOPE_OF } from '../job/scopes.ts';
import type { Verdict } from './judge.ts';

/** @returns what is missing, in words; empty for a plan that is ready */
export function draftBecause(
	{ findings, open, grade }: Pick<Verdict, 'findings' | 'grade'> & Pick<Figures, 'open'>,
	scope: Scope = 'whole'
): string {
	const stops = findings.filter(({ severity, of }) => severity === 'stop' && of !== 'place').length;
	return [
		stops > 0 ? `${stops} ${stops === 1 ? 'stop' : 'stops'}` : '',
		open.length > 0 ? `still to do: ${open.map(({ station }) => station).join(', ')}` : '',
		open.length === 0 && !grade.known && SCOPE_OF[scope].window ? 'layers or hold not decided yet' : ''
	]
		.filter(Boolean)
		.join('; ');
}
