/** Changing to another kind of hold: what belongs to the old one goes with it. */
import type { Context, Remedy } from '../findings/rule.ts';
import { isFolded, isHinge, type HoldKind } from '../job/decide-hold.ts';
import type { JobFile } from '../job/definition.ts';
import { drop, put, type Operation } from '../job/patch.ts';
import { SIDES } from '../geometry/shapes.ts';
import { sightsOf } from '../sights.ts';
import { pocketLeg } from './corners.ts';
import { hiddenReach } from './strips.ts';

export function kindPatch(file: JobFile, kind: HoldKind, adhesive: string): Operation[] {
	const goes = [
		...(isHinge(kind) ? [] : (['count', 'places'] as const)),
		...(isFolded(kind) ? [] : (['slack'] as const)),
		'width' as const,
		'contact' as const
	];
	return [
		...goes.flatMap((key) => drop(file, ['hold', key])),
		...put(file, ['hold', 'kind'], kind),
		...put(file, ['hold', 'adhesive'], adhesive)
	];
}

/** Pockets, then strips, where the window hides ones that carry. */
export function inFolded(context: Context): Remedy[] {
	const { file, job, shop, plan } = context;
	if (job.mats.length === 0 || job.windows.some(({ way }) => way === 'float')) return [];
	const sights = sightsOf(job, plan);
	const remedies: Remedy[] = [];
	if (
		sights.every(
			({ opening, choice, measure }) => pocketLeg(opening, choice.shape, measure.mean, shop.house) >= shop.house.pocketLeast
		)
	)
		remedies.push({ label: 'Corner pockets', patch: kindPatch(file, 'corners', 'none') });
	const hides = sights.every(({ opening }) =>
		SIDES.every((side) => side === 'top' || hiddenReach(opening, side, shop.house) >= shop.house.stripLeast)
	);
	if (hides) remedies.push({ label: 'Edge strips', patch: kindPatch(file, 'strips', 'none') });
	return remedies;
}
