import type { Context, Remedy, Rule } from '../findings/rule.ts';
import { remedy, said } from '../findings/change.ts';
import { drop } from '../job/patch.ts';
import type { Section } from '../shop/mouldings.ts';
import { showNumber } from '../units/show.ts';

const SAME = 1e-6;

export const frameRules: Rule[] = [
	{
		id: 'frame.lip-short',
		station: 'frame',
		when: 'the lip may not cover the pack’s edge: lip − allowance/2 under 3 mm, or with an edge seal under 5, or lip − allowance under 3',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The edge of the pack, or of its tape, would show, and the pack could fall through.',
		mends: 'A moulding of the shop whose lip covers and whose rabbet takes the pack.',
		find: (context) => {
			const { frame } = context.plan;
			if (!frame) return [];
			const axis = frame.allowance.width >= frame.allowance.height ? 'width' : 'height';
			if (lipCovers(context, frame.section.lip, frame.allowance[axis])) return [];
			return [
				{
					says: `A lip of ${said(context, frame.section.lip, true)} with ${said(context, frame.allowance[axis], true)} of allowance covers too little${context.job.guard.edgeSeal ? ' of a pack with an edge seal' : ''}.`,
					where: 'frame.section.lip',
					remedies: widerLip(context, frame.allowance[axis])
				}
			];
		}
	},
	{
		id: 'frame.weak',
		station: 'frame',
		when: 'the mass is more than the section carries',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Long rails bow and corners open under the weight: a deeper section, splines or a brace.',
		mends: 'Splines in plain corners, or a stronger moulding.',
		find: (context) => {
			const { frame, mass } = context.plan;
			if (!frame || !mass) return [];
			const carries = carriesKg(context, frame.section, context.job.frame!.corners);
			if (mass.kg <= carries) return [];
			return [
				{
					says: `It weighs ${showNumber(mass.kg, 1)} kg; this section carries ${showNumber(carries, 1)}.`,
					where: 'mass.kg',
					remedies: stronger(context, mass.kg)
				}
			];
		}
	},
	{
		id: 'points.flexible',
		station: 'frame',
		when: 'flexible tabs hold the pack',
		severity: { rare: 'caution', keep: 'note' },
		why: 'Tabs bend back under load; rigid pins stay.',
		mends: 'Rigid pins.',
		school: 'points',
		find: (context) =>
			context.job.frame?.points === 'flexible'
				? [
						{
							says: 'Flexible tabs hold the pack.',
							where: 'frame.points',
							remedies: [remedy(context, 'Rigid pins', ['frame', 'points'], 'rigid')]
						}
					]
				: []
	}
];

function lipCovers({ job, shop }: Context, lip: number, allowance: number): boolean {
	const { house } = shop;
	if (lip - allowance / 2 < house.lipCover - SAME) return false;
	return !job.guard.edgeSeal || (lip - allowance / 2 >= house.lipCoverSealed - SAME && lip - allowance >= house.lipCover - SAME);
}

/** A moulding of the shop whose lip covers and whose rabbet still takes the pack. */
function widerLip(context: Context, allowance: number): Remedy[] {
	const { section } = context.job.frame!;
	const depth = context.plan.pack!.thickness + context.shop.house.roomForPoints;
	const fitting = Object.values(context.shop.mouldings).filter(
		(one) => lipCovers(context, one.lip, allowance) && one.rabbetDepth >= Math.min(depth, section.rabbetDepth)
	);
	return mouldingRemedy(context, fitting);
}

function stronger(context: Context, kg: number): Remedy[] {
	const { section, corners } = context.job.frame!;
	if (corners === 'plain' && carriesKg(context, section, 'reinforced') >= kg)
		return [remedy(context, 'Splines in the corners', ['frame', 'corners'], 'reinforced')];
	const fitting = Object.values(context.shop.mouldings).filter(
		(one) => carriesKg(context, one, 'reinforced') >= kg * 1.2 && one.rabbetDepth >= section.rabbetDepth && one.lip >= section.lip
	);
	return mouldingRemedy(context, fitting);
}

function mouldingRemedy(context: Context, fitting: ({ id: string; name: string } & Section)[]): Remedy[] {
	const { face } = context.job.frame!.section;
	const [nearest] = fitting.sort((one, other) => Math.abs(one.face - face) - Math.abs(other.face - face));
	if (!nearest) return [];
	const chosen = remedy(context, `Moulding: ${nearest.name.toLowerCase()}`, ['frame', 'moulding'], nearest.id);
	return [{ label: chosen.label, patch: [...drop(context.file, ['frame', 'section']), ...chosen.patch] }];
}

/** Kilograms by the rule of thumb: face × depth over 60 (120 with plain corners), less on long rails. */
function carriesKg({ plan, shop }: Context, { face, depth }: Section, corners: 'reinforced' | 'plain'): number {
	const { house } = shop;
	const longest = Math.max(plan.frame!.outer.width, plan.frame!.outer.height);
	return (
		((face * depth) / (corners === 'plain' ? house.weakPlain : house.weakReinforced)) * Math.min(1, house.weakSide / longest)
	);
}
