import type { Rule } from '../../rule/rule.ts';
import { leastSaid, remedy, saidBoth } from '../../rule/change.ts';
import { mouldingRemedy } from '../frame/other-mouldings.ts';
import { frameKindOf } from '../frame/kinds/all.ts';
import { there } from '../../units/there.ts';
import { isAtLeast } from '../../units/compare.ts';

export const backRules: Rule[] = [
	{
		id: 'seal.none',
		station: 'back',
		of: 'safety',
		when: 'neither back tape nor dust cover on a wood or ready-made frame; a dust cover alone is a caution at Rare',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Dust and insects get in at the joint.',
		fixes: 'The shop’s back tape.',
		school: 'back-seal',
		find: (context) => {
			const { back } = context.job;
			// What keeps dust and damp out of a metal section is the pack's edge seal.
			if (frameKindOf(context.job)?.wood === false || back.seal !== null || (back.dustCover && context.grade !== 'rare'))
				return [];
			return [
				{
					says: back.dustCover ? 'Only paper closes the back.' : 'The back has no seal.',
					...(back.dustCover ? { severity: 'caution' as const, why: 'Paper alone lets moisture through.' } : {}),
					where: 'back.seal',
					remedies: [remedy(context, 'Gummed tape', ['back', 'seal'], 'gummed')]
				}
			];
		}
	},
	{
		id: 'seal.land-thin',
		station: 'back',
		of: 'safety',
		when: 'under {landLeast} of wood for the back tape, with {bareWood} of it left bare',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'On so little wood the tape lifts, or shows from the side.',
		fixes: 'A moulding with more flat wood at the back.',
		find: (context) => {
			const tape = context.plan.back?.tape;
			const { landLeast, bareWood } = context.shop.house;
			if (frameKindOf(context.job)?.wood === false || !tape || isAtLeast(tape.land, landLeast)) return [];
			const says =
				tape.land === 0
					? `No wood is left for the back tape; it needs ${leastSaid(context, landLeast)}.`
					: `${saidBoth(context, tape.land, landLeast)[0]} of wood for the tape; it needs ${saidBoth(context, tape.land, landLeast)[1]}.`;
			const { lip, rabbetDepth } = there(context.job.frame, 'frame').section;
			return [
				{
					says,
					where: 'back.tape.land',
					remedies: mouldingRemedy(
						context,
						(one) => one.face - one.lip - bareWood >= landLeast && one.lip >= lip && one.rabbetDepth >= rabbetDepth
					)
				}
			];
		}
	}
];
