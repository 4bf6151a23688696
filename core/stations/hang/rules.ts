import type { Context, Rule } from '../../rule/rule.ts';
import { massSaid, massesSaid, remedy, said, saidBoth, saidFine, saidRead } from '../../rule/change.ts';
import { drop, leave, put } from '../../job/patch.ts';
import { mouldingRemedy } from '../frame/other-mouldings.ts';
import { showStrength } from '../../units/show.ts';
import { ringsFor } from './hang.ts';
import { HANGERS, lineAsked, standsOnSides } from './kinds/all.ts';
import { flatWood } from './places.ts';
import { frameKindOf } from '../frame/kinds/all.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import { there } from '../../units/there.ts';
import { isAbove, isAtLeast, isBelow } from '../../units/compare.ts';

export const hangRules: Rule[] = [
	{
		id: 'hang.wood-thin',
		station: 'hang',
		of: 'fit',
		when: 'less than {woodForScrew} of flat wood at the back for the hanger screws; under {woodForScrewLeast|bare} a stop',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A screw near an edge splits the wood, and the hanger’s plate sticks out past it.',
		fixes: 'A moulding with more flat wood, or a cross strip glued and screwed on.',
		find: (context) => {
			const { job, plan, shop } = context;
			if (!plan.hang || HANGERS[plan.hang.by].holdsIn === 'back') return [];
			const wood = flatWood(job, there(plan.frame, 'frame'), shop.house);
			const { woodForScrew, woodForScrewLeast } = shop.house;
			if (wood === null || isAtLeast(wood, woodForScrew)) return [];
			const [has, needs] = saidBoth(context, wood, woodForScrew);
			return [
				{
					says: `${has} of flat wood at the back; hanger screws need ${needs}.`,
					...(isBelow(wood, woodForScrewLeast) ? { severity: 'stop' as const } : {}),
					where: 'hang.inset',
					remedies: [standsAlone(context) ? onStrip(context) : stripAcross(context), ...moreWood(context, woodForScrew)]
				}
			];
		}
	},
	{
		id: 'hang.ring-none',
		station: 'hang',
		of: 'fit',
		when: 'no shop ring fits the wood and carries the load, or the chosen one does not',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A ring must be rated for twice its pull, and its plate must stay on the wood.',
		fixes: 'A cross strip, which takes any ring; a ring that fits the wood.',
		find: (context) => {
			const { job, plan, shop } = context;
			const { hang } = plan;
			if (!hang || standsAlone(context)) return [];
			const wood = flatWood(job, there(plan.frame, 'frame'), shop.house);
			// Too little wood has its own finding.
			if (wood === null || isBelow(wood, shop.house.woodForScrew)) return [];
			const fitting = ringsFor(shop, wood, hang);
			const chosen = job.hang.ring;
			const [first] = fitting;
			if (chosen ? fitting.some(({ id }) => id === chosen.id) : first) return [];
			const bears = showStrength(hang.ringWantedKg, job.reader);
			const says = !chosen
				? `No ring that fits ${saidRead(context, wood)} of wood carries ${bears}.`
				: chosen.plate > wood
					? `${chosen.name}: its plate is wider than the wood.`
					: `${chosen.name} carries ${showStrength(chosen.workingKg, job.reader)}; ${bears} is needed.`;
			const instead = first ? [remedy(context, first.name, ['hang', 'ring'], first.id)] : [];
			return [{ says, where: 'hang.ring', remedies: [...instead, ...(job.hang.strip ? [] : [stripAcross(context)])] }];
		}
	},
	{
		id: 'hang.wire-none',
		station: 'hang',
		of: 'fit',
		when: 'a wire is chosen, and none on the list is strong enough',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A wire must break at four times its pull or more; otherwise hang rings straight on hooks.',
		fixes: 'Rings straight on hooks.',
		find: (context) => {
			const { hang, mass } = context.plan;
			// Rings straight on hooks are planned instead: only who asked for a line is stopped.
			if (!hang?.noWire || !context.job.hang.wireAsked) return [];
			return [
				{
					says: `No ${lineAsked(context.job).line.name} of the shop carries ${massSaid(context, there(mass, 'mass').kg)} at this angle.`,
					where: 'hang.by',
					remedies: [remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')]
				}
			];
		}
	},
	{
		id: 'hang.wire-shows',
		station: 'hang',
		of: 'fit',
		when: 'a wire is chosen and the frame is too low to hide it',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Wire and hook would show above the frame, or the pull would increase without limit: hang the rings straight on hooks.',
		fixes: 'Rings straight on hooks.',
		school: 'hang-by',
		find: (context) => {
			const { hang, mass } = context.plan;
			if (
				!hang ||
				HANGERS[hang.by].line ||
				hang.noWire ||
				!context.job.hang.wireAsked ||
				isAbove(there(mass, 'mass').kg, context.shop.house.wireMostKg)
			)
				return [];
			return [
				{
					says: `The frame is too low for a hidden ${lineAsked(context.job).line.name}.`,
					where: 'hang.by',
					remedies: [remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')]
				}
			];
		}
	},
	{
		id: 'hang.wire-flat',
		station: 'hang',
		of: 'fit',
		when: 'on the one hook chosen the wire would be flatter than {wireAngleLeast}',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'The flatter the wire, the harder it pulls on the rails; two hooks are planned.',
		fixes: 'Two hooks.',
		school: 'hooks',
		find: (context) => {
			const { hang } = context.plan;
			if (!hang || !HANGERS[hang.by].line || context.job.hang.hooks !== 1 || hang.hookCount === 1) return [];
			return [
				{
					says: 'One hook is chosen; the wire would be too flat.',
					where: 'hang.hooks',
					remedies: [remedy(context, 'Two hooks', ['hang', 'hooks'], 2)]
				}
			];
		}
	},
	{
		id: 'hang.too-heavy',
		station: 'hang',
		of: 'fit',
		when: 'a wire chosen above {wireMostKg}, a sawtooth above {sawtoothMostKg|bare}, a hanging tag above {tagMostKg|bare}, a stand above {standMostKg}, or a weight above {cleatFromKg|bare} without a cleat',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'So heavy a piece needs strap hangers straight on two hooks; the heaviest a cleat, or an installer.',
		fixes: 'Rings straight on hooks; for the heaviest a cleat or an installer.',
		school: 'hang-by',
		find: (context) => {
			const { mass } = context.plan;
			const { house } = context.shop;
			if (!mass) return [];
			const over = overloaded(context);
			if (over)
				return [
					{
						says: `It weighs ${massesSaid(context, mass.kg, over.most)[0]}; a ${over.name} carries ${massesSaid(context, mass.kg, over.most)[1]}.`,
						where: 'mass.kg',
						remedies: [remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')]
					}
				];
			const wire = context.job.hang.wireAsked && isAbove(mass.kg, house.wireMostKg);
			if (!wire && (!isAbove(mass.kg, house.cleatFromKg) || context.plan.hang?.by === 'cleat')) return [];
			const heavy = massSaid(context, mass.kg);
			return [
				{
					says: wire
						? `A wire is chosen, and it weighs ${heavy}; ${massSaid(context, house.wireMostKg)} is the limit for a wire.`
						: `It weighs ${heavy}; over ${massSaid(context, house.cleatFromKg)} it needs a cleat or an installer.`,
					where: 'mass.kg',
					remedies: [
						wire
							? remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')
							: remedy(context, 'A cleat', ['hang', 'by'], 'cleat')
					]
				}
			];
		}
	},
	{
		id: 'hang.not-on-metal',
		station: 'hang',
		of: 'fit',
		when: 'a screwed or glued hanger on a metal section',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Screws don’t hold in thin metal, nor does glue: hangers slide into its channel.',
		fixes: 'Hangers in the channel, with wire or straight on hooks; or security plates made for it.',
		find: (context) => {
			const { hang } = context.plan;
			if (!hang || frameKindOf(context.job)?.wood !== false) return [];
			const kinds = [hang.by, ...(hang.stand && hang.by !== 'stand' ? (['stand'] as const) : [])];
			return kinds
				.filter((kind) => !HANGERS[kind].onMetal)
				.map((kind) => ({
					says: `${HANGERS[kind].ringsTitle}: can’t be fixed to a metal section.`,
					where: 'hang.by',
					remedies: [
						kind === hang.by
							? remedy(context, 'Hangers in the channel', ['hang'], { ...context.file.hang, by: 'rings', stands: false })
							: { label: 'Without a leg', patch: drop(context.file, ['hang', 'stands']) }
					]
				}));
		}
	},
	{
		id: 'hang.no-back',
		station: 'hang',
		of: 'fit',
		when: 'a table stand on a back that can’t take screws, or a hanging tag whose back is removed',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The leg tears out of soft, thin or hollow board, and the frame falls; a tag goes with its back.',
		fixes: 'A back of hardboard behind a barrier, or aluminium composite; rings; or hang it.',
		find: (context) => {
			const { plan, job, shop } = context;
			const { backing } = job.guard;
			if (tagIsGone(context))
				return [
					{
						says: 'The hanging tag is on a back that is removed.',
						why: 'A tag is riveted to its back: without that, there is nothing to hang from.',
						where: 'hang.by',
						remedies: [remedy(context, 'Rings on hooks', ['hang', 'by'], 'rings')]
					}
				];
			if (
				!plan.hang?.stand ||
				!SCOPE_OF[job.scope].pack ||
				(backing?.takesScrew && isAtLeast(backing.thickness, shop.house.backForScrew))
			)
				return [];
			const only = plan.hang.by === 'stand';
			return [
				{
					says: backing ? `${backing.name} can’t take screws: a leg’s hinge tears out.` : 'There is no back for a leg’s hinge.',
					where: 'guard.backing',
					remedies: [
						remedy(context, 'A back of aluminium composite', ['guard', 'backing'], 'aluminium-composite'),
						only
							? { label: 'Hang it', patch: drop(context.file, ['hang', 'by']) }
							: { label: 'Without a leg', patch: drop(context.file, ['hang', 'stands']) }
					]
				}
			];
		}
	},
	{
		id: 'hang.drop-unused',
		station: 'hang',
		of: 'fit',
		when: 'a drop is set, and security plates always go on the top rail',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'A drop is for rings on the side rails.',
		fixes: 'Without a drop.',
		find: (context) => {
			const { plan, job } = context;
			if (plan.hang?.by !== 'security' || job.hang.drop === null) return [];
			return [
				{
					says: `The drop of ${said(context, job.hang.drop)} is not used: plates go on the top rail, ${said(context, plan.hang.drop)} down.`,
					where: 'hang.drop',
					remedies: [{ label: 'Remove the drop', patch: drop(context.file, ['hang', 'drop']) }]
				}
			];
		}
	},
	{
		id: 'hang.rings-low',
		station: 'hang',
		of: 'fit',
		when: 'hangers at half the height or lower',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Its weight is then above the rings: the top swings out and it tips.',
		fixes: 'Rings a third down.',
		school: 'ring-drop',
		find: (context) => {
			const { hang, frame } = context.plan;
			if (!hang || !frame || hang.hooks.length === 0 || !isAtLeast(hang.drop, frame.outer.height / 2)) return [];
			const third = { ...context.file.hang };
			delete third.drop;
			delete third.dropShare;
			return [
				{
					says: `They are ${said(context, hang.drop)} down a frame ${said(context, frame.outer.height)} high: it tips forward.`,
					where: 'hang.drop',
					remedies: [{ label: 'A third down', patch: put(context.file, ['hang'], third) }]
				}
			];
		}
	},
	{
		id: 'hang.stand-tips',
		station: 'hang',
		of: 'fit',
		when: 'a frame higher than {standMostHeight} on a leg',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'The taller it is, the easier it tips.',
		fixes: 'Hang it.',
		find: (context) => {
			const { plan, shop } = context;
			const { hang, frame } = plan;
			if (!hang?.stand || !frame || !isAbove(frame.outer.height, shop.house.standMostHeight)) return [];
			const [high, most] = [saidFine(context, frame.outer.height), saidFine(context, shop.house.standMostHeight)];
			const only = hang.by === 'stand';
			return [
				{
					says: `It is ${high} high; over ${most} a frame on a leg tips.`,
					where: 'hang.stand',
					remedies: [
						only
							? { label: 'Hang it, by weight', patch: drop(context.file, ['hang', 'by']) }
							: { label: 'Without a leg', patch: drop(context.file, ['hang', 'stands']) }
					]
				}
			];
		}
	},
	{
		id: 'hang.kept-unknown',
		station: 'hang',
		of: 'fit',
		when: 'wire, cord or rings that came with the frame stay: strength unknown',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Wire ages, kinks and breaks near the knot; a screw is only as good as its wood. Pull-test each and check every strand.',
		fixes: 'New hangers.',
		find: (context) => {
			const { kept } = context.job;
			const { hang } = context.plan;
			if (!hang || kept.hangers === null || standsAlone(context)) return [];
			const wanted = showStrength(hang.ringWantedKg, context.job.reader);
			const wire =
				hang.wireWantedKg === undefined
					? ''
					: `, its ${hang.by} must break at no less than ${showStrength(hang.wireWantedKg, context.job.reader)}`;
			return [
				{
					says: `The existing hangers stay: each must carry ${wanted}${wire}.`,
					...(wire ? {} : { why: 'A screw holds only as long as its wood. Pull each by hand.' }),
					where: 'hang.by',
					remedies: [{ label: 'New hangers', patch: leave(context.file, ['frame', 'kept', 'hangers']) }]
				}
			];
		}
	}
];

/** No rings stand on the side rails: there is no wood to find for them. */
function standsAlone({ plan }: Context): boolean {
	return plan.hang !== undefined && !standsOnSides(HANGERS[plan.hang.by]);
}

/** A tag hangs a frame while the back that it is on stays in it. */
function tagIsGone({ job, plan }: Context): boolean {
	if (job.hang.by !== 'tag') return false;
	return SCOPE_OF[job.scope].pack ? job.kept.back === null : plan.back?.board !== undefined;
}

/** A hanger that carries less than this weighs: what it carries. */
function overloaded({ plan, shop }: Context): { name: string; most: number } | null {
	const kind = plan.hang && HANGERS[plan.hang.by];
	if (!kind?.most || !isAbove(there(plan.mass, 'mass').kg, shop.house[kind.most])) return null;
	return { name: kind.rings, most: shop.house[kind.most] };
}

/** What hangs by the middle, or by plates, hangs by rings on a strip instead. */
function onStrip(context: Context) {
	return {
		label: 'Rings on a cross strip',
		patch: put(context.file, ['hang'], { ...context.file.hang, by: 'rings', strip: true })
	};
}

function stripAcross(context: Context) {
	return remedy(context, 'A cross strip', ['hang', 'strip'], true);
}

function moreWood(context: Context, wood: number) {
	const { lip, rabbetDepth } = there(context.job.frame, 'frame').section;
	return mouldingRemedy(context, (one) => one.face - one.lip >= wood && one.lip >= lip && one.rabbetDepth >= rabbetDepth);
}
