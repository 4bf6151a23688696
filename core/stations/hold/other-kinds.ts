/** Changing to another kind of hold: what belongs to the old one goes with it. */
import type { Context, Remedy } from '../../rule/rule.ts';
import type { JobFile } from '../../job/definition.ts';
import { put, type Operation } from '../../job/patch.ts';
import { SIDES } from '../../geometry/shapes.ts';
import { sightsOf } from '../../rule/sights.ts';
import { pocketLeg } from './corners.ts';
import { hiddenReach } from './strips.ts';
import { isFolded, isHinge, type HoldKind } from '../../job/hold-kinds.ts';

export function kindPatch(file: JobFile, kind: HoldKind, adhesive: string): Operation[] {
	const { count, places, slack, width: _, contact: __, ...rest } = file.hold ?? {};
	const kept = {
		...rest,
		...(isHinge(kind) && count !== undefined ? { count } : {}),
		...(isHinge(kind) && places !== undefined ? { places } : {}),
		...(isFolded(kind) && slack !== undefined ? { slack } : {})
	};
	return put(file, ['hold'], { ...kept, kind, adhesive });
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
