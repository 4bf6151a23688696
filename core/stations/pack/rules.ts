import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import type { Board } from '../../shop/boards.ts';
import { fillerBoards, firstMakeable, liftBoards, nearestHeight, spacerBoards } from './made.ts';
import { remedy, remedyOfMat, said, saidBoth, saidFine } from '../../rule/change.ts';
import { receiveUp } from '../../units/round.ts';
import { longestOf } from '../measure/measure.ts';
import { each } from '../../units/one-or-each.ts';
import { depthRules } from './depth-rules.ts';
import { sagFlat } from '../sag/sag.ts';
import { gapNeed } from './pack.ts';
import { hasRoomForLift } from '../window/lift-room.ts';
import { there } from '../../units/there.ts';
import { isFixed } from '../../job/fixed.ts';
import { isStiff } from '../../job/decide-piece.ts';
import { isAtLeast, isBelow } from '../../units/compare.ts';

/** Strips of board can build a lift up to here; more wants a spacer. */
const HIGHEST_LIFT = 12;
const THICKEST_SPACER = 25;

export const packRules: Rule[] = [
	{
		id: 'gap.contact',
		station: 'pack',
		of: 'safety',
		when: 'no gap between glazing and piece',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Condensation forms on the glazing, and anything touching it sticks.',
		school: 'mat',
		fixes: 'Lift the mat nearest the piece; a spacer where strips have no room.',
		find: (context) => {
			const { pack, measure } = context.plan;
			if (!pack || pack.gap > 0 || context.job.guard.glazing.family === 'none') return [];
			const need = gapNeed(context.job, context.shop.house, context.grade, longestOf(each(measure))).value;
			return [{ says: 'The piece touches the glazing.', where: 'pack.gap', remedies: liftRemedies(context, need - pack.gap) }];
		}
	},
	{
		id: 'gap.small',
		station: 'pack',
		of: 'safety',
		when: 'too small a gap over the piece; under half of it a stop at Keep too, for an unfixed friable sheet',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'In warm, humid air the sheet bulges toward the glazing; it must not touch.',
		fixes: 'Lift the mat nearest the piece; a spacer where strips have no room.',
		find: (context) => {
			const { pack, measure } = context.plan;
			if (!pack || !measure || pack.gap <= 0 || context.job.guard.glazing.family === 'none') return [];
			// What is stuck down whole does not bulge.
			if (context.job.hold.kind === 'whole-surface') return [];
			const sheds = context.job.piece.friable && !isFixed(context.job);
			const need = gapNeed(context.job, context.shop.house, context.grade, longestOf(each(measure))).value;
			if (isAtLeast(pack.gap, need)) return [];
			return [
				{
					says: `${saidBoth(context, pack.gap, need)[0]} gap over the piece; it needs ${saidBoth(context, pack.gap, need)[1]}.`,
					where: 'pack.gap',
					...(sheds
						? { why: 'Loose particles are drawn to the glazing, and a knock reaches the piece.' }
						: { why: whyGap(context) }),
					...(sheds && context.grade === 'keep' && isBelow(pack.gap, need / 2) ? { severity: 'stop' as const } : {}),
					remedies: liftRemedies(context, need - pack.gap)
				}
			];
		}
	},
	{
		id: 'gap.sag',
		station: 'pack',
		of: 'safety',
		when: 'glazing, laid flat, sags by more than the gap',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Flat at the bench or in a van, the glazing would touch the piece: carry it upright.',
		fixes: 'Lift the mat nearest the piece, a spacer, or thicker glazing; else carry it upright.',
		find: (context) => {
			const { pack } = context.plan;
			// Without glazing nothing sags, and what lies against it has its own finding.
			if (!pack || context.job.guard.glazing.family === 'none' || pack.gap <= 0 || pack.sag <= pack.gap) return [];
			const carried = pack.sagCarried <= pack.gap ? ' Carried upright it stays clear.' : '';
			const [sags, air] = saidBoth(context, pack.sag, pack.gap);
			return [
				{
					says: `Laid flat, the glazing sags by up to ${sags} over ${air} gap.${carried}`,
					where: 'pack.sag',
					remedies: [...liftRemedies(context, pack.sag - pack.gap), ...stifferGlazing(context, pack.gap)]
				}
			];
		}
	},
	{
		id: 'pack.not-made',
		station: 'pack',
		of: 'fit',
		when: 'no stack of the shop’s boards gives the height of a lift, filler or cotton spacer within {madeWithin}',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'Heights are built up in board; one no stack makes can’t be built.',
		fixes: 'The nearest height a stack gives.',
		find: notMade
	},
	...depthRules
];

/** Why this piece needs it: what is stiff does not bulge, what sticks does not need to. */
function whyGap({ job, grade }: Context): string {
	const { piece } = job;
	if (isStiff(piece.kind)) return 'Paint warms in the sun; touching the glazing, it sticks.';
	if (piece.kind === 'photograph' || piece.sticks) return 'In warm, humid air its surface sticks to glazing it touches.';
	if (piece.kind === 'bone' || piece.kind === 'object') return 'A knock on the glazing must not reach it.';
	if (piece.kind === 'textile') return 'Threads pressed on the glazing flatten, and moisture stays between.';
	return grade === 'rare'
		? 'In warm, humid air the sheet bulges toward the glazing; Rare needs more than the minimum gap.'
		: 'In warm, humid air the sheet bulges toward the glazing; it must not touch.';
}

/** Lifts, fillers and cotton spacers that no boards of the shop add up to. */
function notMade(context: Context): Case[] {
	const { job, shop, plan } = context;
	return (plan.pack?.layers ?? []).flatMap((layer): Case[] => {
		if (layer.made) return [];
		const height = layer.thickness;
		const about = (what: string, where: string, boards: Board[], fix: (to: number) => Remedy): Case[] => {
			const nearest = nearestHeight(height, boards);
			const would = nearest ? `; ${saidFine(context, nearest.height)} would work` : '';
			return [
				{
					says: `No stack of the shop’s boards gives ${what} of ${saidFine(context, height)}${would}.`,
					where,
					remedies: nearest ? [fix(nearest.height)] : []
				}
			];
		};
		const index = layer.index ?? 0;
		if (layer.role === 'lift')
			return about(`a lift behind mat ${index + 1}`, `mats[${index}].lift`, liftBoards(job, shop, index), (to) =>
				remedyOfMat(context, `Lift to ${saidFine(context, to)}`, index, { lift: to })
			);
		if (layer.role === 'filler')
			return about('a filler', `guard.fillers[${index}].thickness`, fillerBoards(job, shop, index), (to) =>
				remedy(context, `Filler to ${saidFine(context, to)}`, ['guard', 'fillers', index, 'thickness'], to)
			);
		if (layer.role === 'spacer' && there(job.guard.spacer, 'spacer').material === 'cotton')
			return about('a spacer', 'guard.spacer', spacerBoards(job, shop), (to) =>
				remedy(context, `Spacer to ${saidFine(context, to)}`, ['guard', 'spacer'], {
					...there(job.guard.spacer, 'spacer'),
					thickness: to
				})
			);
		return [];
	});
}

/** More air: the mat nearest the piece is lifted; where strips have no room, a spacer under the lip. */
function liftRemedies(context: Context, by: number): Remedy[] {
	const index = context.job.mats.length - 1;
	const nearest = context.job.mats[index];
	const { job, shop } = context;
	const lift =
		nearest &&
		firstMakeable((nearest.lift ?? 0) + by, HIGHEST_LIFT, job.step, liftBoards(job, shop, index), shop.house.madeWithin);
	if (nearest && lift && hasRoomForLift(context, index))
		return [remedyOfMat(context, `Lift the mat ${nearest.lift > 0 ? 'to' : 'by'} ${said(context, lift)}`, index, { lift })];
	const { spacer } = job.guard;
	const material = spacer?.material ?? 'cotton';
	const least = (spacer?.thickness ?? 0) + by;
	const thickness =
		material === 'cotton'
			? firstMakeable(least, THICKEST_SPACER, job.step, spacerBoards(job, shop), shop.house.madeWithin)
			: receiveUp(least, job.step);
	if (!thickness || thickness > THICKEST_SPACER) return [];
	return [
		remedy(context, `Spacer ${spacer ? 'to ' : ''}${said(context, thickness)} under the lip`, ['guard', 'spacer'], {
			material,
			thickness
		})
	];
}

/** Glazing of the shop that stops no less UV and sags less than the gap: glass and laminated are stiffer than acrylic. */
function stifferGlazing(context: Context, gap: number): Remedy[] {
	const { glazing } = context.job.guard;
	const { house, glazings } = context.shop;
	const pack = there(context.plan.window, 'window').pack;
	return Object.values(glazings)
		.filter((one) => one.family !== 'none' && !one.withdrawn && one.id !== glazing.id)
		.filter((one) => one.uvStoppedPercent >= glazing.uvStoppedPercent && sagFlat(one, pack, house.gravity) <= gap)
		.slice(0, 1)
		.map((one) => remedy(context, one.name, ['guard', 'glazing'], one.id));
}
