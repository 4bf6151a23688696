import type { Rule } from '../findings/rule.ts';
import { remedy } from '../findings/change.ts';
import { showNumber } from '../units/show.ts';

export const hangRules: Rule[] = [
	{
		id: 'hang.wire-none',
		station: 'hang',
		when: 'no wire on the list is strong enough',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A wire carries four times its pull or it is not used: rings straight on hooks instead.',
		mends: 'Rings straight on hooks.',
		find: (context) => {
			const { hang, mass } = context.plan;
			if (!hang?.noWire) return [];
			return [
				{
					says: `No wire of the shop carries ${showNumber(mass!.kg, 1)} kg at this angle.`,
					where: 'hang.by',
					remedies: [remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')]
				}
			];
		}
	},
	{
		id: 'hang.wire-shows',
		station: 'hang',
		when: 'a wire was asked for and the frame is too low to hide it',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Wire and hook would stand above the frame or pull without bound: rings are planned straight on hooks.',
		mends: 'Rings straight on hooks.',
		school: 'hang-by',
		find: (context) => {
			const { hang, mass } = context.plan;
			if (!hang || hang.by !== 'rings' || hang.noWire || !context.job.hang.wireAsked || mass!.kg > context.shop.house.wireMostKg)
				return [];
			return [
				{
					says: 'The frame is too low for a hidden wire.',
					where: 'hang.by',
					remedies: [remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')]
				}
			];
		}
	},
	{
		id: 'hang.wire-flat',
		station: 'hang',
		when: 'on the one hook that was asked for the wire would lie flatter than 15 degrees',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'The flatter the wire, the harder it pulls at the rails, without bound; two hooks are planned.',
		mends: 'Two hooks.',
		school: 'hooks',
		find: (context) => {
			const { hang } = context.plan;
			if (!hang || hang.by !== 'wire' || context.job.hang.hooks !== 1 || hang.hookCount === 1) return [];
			return [
				{
					says: 'One hook was asked for; the wire would lie too flat on it.',
					where: 'hang.hooks',
					remedies: [remedy(context, 'Two hooks', ['hang', 'hooks'], 2)]
				}
			];
		}
	},
	{
		id: 'hang.too-heavy',
		station: 'hang',
		when: 'a wire was asked for above 12 kg, or the whole weighs more than 25',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Over 12 kg two-hole rings hang straight on two hooks; over 25 kg a rail or an installer carries it.',
		mends: 'Rings straight on hooks; over 25 kg a rail or an installer.',
		school: 'hang-by',
		find: (context) => {
			const { mass } = context.plan;
			const { house } = context.shop;
			if (!mass || !context.plan.hang) return [];
			const wire = context.job.hang.wireAsked && mass.kg > house.wireMostKg;
			if (!wire && mass.kg <= house.cleatFromKg) return [];
			return [
				{
					says: wire
						? `A wire was asked for, and it weighs ${showNumber(mass.kg, 1)} kg.`
						: `It weighs ${showNumber(mass.kg, 1)} kg.`,
					where: 'mass.kg',
					remedies: wire ? [remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')] : []
				}
			];
		}
	}
];
