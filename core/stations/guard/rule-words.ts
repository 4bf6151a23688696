/** Words and fixes that rules of boards and of glazing share. */
import type { Context } from '../../rule/rule.ts';
import { remedy } from '../../rule/change.ts';
import { known } from '../../units/there.ts';

/** `a, b and c are`, `a is`. */
export function listOf(names: string[]): string {
	const [last, ...before] = [...names].reverse();
	return before.length === 0 ? `${last} is` : `${before.reverse().join(', ')} and ${last} are`;
}

export function glazingRemedy(context: Context, id: string) {
	return remedy(context, known(context.shop.glazings, id).name, ['guard', 'glazing'], id);
}

export function knownGlazing({ job }: Context): string {
	if (job.piece.friable) return 'uv-acrylic-lr';
	return job.guard.glazing.family === 'glass' && !job.piece.travels ? 'uv-glass' : 'uv-acrylic';
}
