/** Another moulding as a remedy: of the same kind, nearest in face; the customer's frame has no other. */
import type { Context, Remedy } from '../../rule/rule.ts';
import { remedy } from '../../rule/change.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { drop } from '../../job/patch.ts';
import { isMetal, mouldingName, type Moulding } from '../../shop/mouldings.ts';
import { there } from '../../units/there.ts';

export function mouldingRemedy(
	context: Context,
	fits: (moulding: Moulding) => boolean,
	tie: (one: Moulding, other: Moulding) => number = () => 0
): Remedy[] {
	const { kind, section } = there(context.job.frame, 'frame');
	if (kind === 'ready-made' || context.job.rabbet) return [];
	const [nearest] = Object.values(context.shop.mouldings)
		.filter((moulding) => !moulding.withdrawn && isMetal(moulding) === (kind === 'metal') && fits(moulding))
		.sort((one, other) => Math.abs(one.face - section.face) - Math.abs(other.face - section.face) || tie(one, other));
	if (!nearest) return [];
	const chosen = remedy(
		context,
		`Moulding: ${inSentence(mouldingName(nearest, context.job.reader))}`,
		['frame', 'moulding'],
		nearest.id
	);
	return [{ label: chosen.label, patch: [...drop(context.file, ['frame', 'section']), ...chosen.patch] }];
}
