/** Rules about sizes: borders, the pack they give, and what must go into it (handbook window#borders, window#fit). */
import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import { leastSaid, remedy, said } from '../../rule/change.ts';
import { SIDES, type SideName, type Sides, type Size } from '../../geometry/shapes.ts';
import { longestOf } from '../measure/measure.ts';
import { each } from '../../units/one-or-each.ts';
import { named, sightsOf, which, type Sight } from '../../rule/sights.ts';
import { isNothing, receiveUp } from '../../units/round.ts';
import { showSize, showWithUnit } from '../../units/show.ts';
import { allowanceIn } from '../frame/frame.ts';
import { smallestPack } from './fit.ts';
import { houseSetback } from './mats.ts';
import { overlapsOf } from './lift-room.ts';
import { nth, there } from '../../units/there.ts';
import { isAtLeast, isAtMost } from '../../units/compare.ts';

export const sizeRules: Rule[] = [
	{
		id: 'window.border-thin',
		station: 'window',
		of: 'fit',
		when: 'the narrowest visible border is under {thinBorder} on a sheet whose long side is over {thinBorderFrom|bare}',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'A narrow border crowds a large sheet and weakens the mat.',
		fixes: 'A border of the minimum width.',
		find: (context) => {
			const seen = context.plan.window?.mats[0]?.seen;
			const { house } = context.shop;
			if (!seen || longestOf(each(context.plan.measure)) <= house.thinBorderFrom) return [];
			const side = SIDES.reduce((least, next) => (seen[next] < seen[least] ? next : least));
			// Where nothing of it is left, the frame is too small: that is a finding of its own.
			return seen[side] >= house.thinBorder || seen[side] <= 0
				? []
				: [
						{
							says: `The ${side} border shows ${said(context, seen[side])}; ${leastSaid(context, house.thinBorder)} is the minimum for a sheet this size.`,
							where: `window.mats[0].seen.${side}`,
							remedies: widerBorder(context, side, house.thinBorder - seen[side])
						}
					];
		}
	},
	{
		id: 'window.border-like-face',
		station: 'window',
		of: 'fit',
		when: 'a visible border within {stripeWithin} of the moulding’s face',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'Border and moulding of equal width read as a stripe.',
		fixes: 'A border that differs from the face.',
		find: (context) => {
			const { frame, window } = context.plan;
			const seen = window?.mats[0]?.seen;
			if (!frame || !seen) return [];
			const side = SIDES.find((one) => Math.abs(seen[one] - frame.section.face) <= context.shop.house.stripeWithin);
			return side
				? [
						{
							says: `The ${side} border shows ${said(context, seen[side])}, the moulding’s face ${said(context, frame.section.face)}.`,
							where: `window.mats[0].seen.${side}`,
							remedies: widerBorder(
								context,
								side,
								frame.section.face + context.shop.house.stripeWithin + context.job.step - seen[side]
							)
						}
					]
				: [];
		}
	},
	{
		id: 'window.frame-too-small',
		station: 'window',
		of: 'fit',
		when: 'fitted borders under {fitBorderLeast} or negative; or a piece without a mat too large for the customer’s frame',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A mat this narrow is too weak; a negative one can’t be cut.',
		fixes: 'The smallest shop size with enough border all round.',
		find: (context) => {
			const { window } = context.plan;
			const { house } = context.shop;
			if (!window) return [];
			if (window.mats.length === 0) return pieceTooLarge(context);
			if (context.job.borders.way !== 'fit') return [];
			const { border } = nth(window.mats, 0);
			const side = SIDES.reduce((least, next) => (border[next] < border[least] ? next : least));
			if (isAtLeast(border[side], house.fitBorderLeast)) return [];
			const larger = context.job.borders.pack
				? smallestPack(context, Math.max(house.fitBorderLeast, ...bordersForLifts(context)))
				: null;
			return [
				{
					says: `A pack of ${showSize(window.pack, context.job.reader)} ${leavesOfBorder(context, border[side])} at the ${side}; ${leastSaid(context, house.fitBorderLeast)} of border is the minimum.`,
					where: `window.mats[0].border.${side}`,
					remedies: larger ? [remedy(context, `Pack ${larger.name}`, ['borders', 'pack'], larger.pack)] : []
				}
			];
		}
	},
	{
		id: 'window.sheet-beyond-pack',
		station: 'window',
		of: 'fit',
		when: 'a sheet reaches past the boards round it',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Anything sticking out is crushed on fitting.',
		fixes: 'Wider borders, where no pack is given.',
		find: (context) => {
			const { window } = context.plan;
			if (!window || window.mats.length === 0) return [];
			return sightsOf(context.job, context.plan).flatMap((sight): Case[] => {
				const beyond = beyondPack(sight, window.pack);
				const side = SIDES.reduce((worst, next) => (beyond[next] > beyond[worst] ? next : worst));
				if (isAtMost(beyond[side], 0) || isNothing(beyond[side])) return [];
				return [
					{
						says: `${which(sight)}The sheet reaches ${said(context, beyond[side])} past the boards at the ${side}.`,
						where: named(sight.number, 'window.placement.left'),
						// A T-hinge wants board above it too.
						remedies: widerBorder(
							context,
							side,
							beyond[side] + (side === 'top' && context.job.hold.kind === 't-hinge' ? context.shop.house.boardAboveLeast : 0)
						)
					}
				];
			});
		}
	}
];

function leavesOfBorder(context: Context, border: number): string {
	if (isNothing(border)) return 'leaves no border';
	return border < 0 ? `is ${said(context, -border)} too small for the window` : `leaves ${said(context, border)} of border`;
}

/** In the customer's frame a piece without a mat either goes in or does not: nothing can follow. */
function pieceTooLarge({ plan, job, shop }: Context): Case[] {
	const { frame, window } = plan;
	// A frame that is made here is made to it.
	if (!frame || !window || !job.rabbet) return [];
	return (['width', 'height'] as const).flatMap((axis): Case[] => {
		const short = allowanceIn(axis, job, shop.house, window.pack) - frame.allowance[axis];
		if (isAtMost(short, 0)) return [];
		const across = axis === 'width' ? 'wide' : 'high';
		return [
			{
				says: `The piece is ${showWithUnit(window.pack[axis], job.reader, 'mark')} ${across}, the rabbet ${showWithUnit(frame.rabbet[axis], job.reader, 'mark')}: with the room it needs it is ${showWithUnit(short, job.reader, 'mark')} too large.`,
				where: `frame.allowance.${axis}`
			}
		];
	});
}

/** How far a sheet reaches past the pack at each side; negative where boards are left round it. */
function beyondPack({ opening, measure }: Sight, pack: Size): Sides {
	const { placement } = opening;
	const { width, height } = measure.largest;
	return {
		top: -placement.top,
		right: placement.left + width - pack.width,
		bottom: placement.top + height - pack.height,
		left: -placement.left
	};
}

/** A border wider by that much; even and weighted borders move together, and a pack that is given leaves none to widen. */
export function widerBorder(context: Context, side: SideName, by: number): Remedy[] {
	const { borders, step } = context.job;
	const [first] = there(context.plan.window, 'window').mats;
	if (borders.way === 'fit' || !first) return [];
	// From the border as it is cut: what was asked for may have been rounded down to it.
	const wider = receiveUp(first.border[side] + by, step);
	if (borders.way === 'weighted' && side === 'bottom') {
		const more = receiveUp(wider - borders.width + step, step);
		return [remedy(context, `Wider at the bottom by ${said(context, more)}`, ['borders', 'weight'], more)];
	}
	const own = borders.way === 'own';
	return [
		remedy(context, `Border ${said(context, wider)}${own ? ` at the ${side}` : ''}`, ['borders', own ? side : 'width'], wider)
	];
}

/** For each lift the front border that leaves its strips a width. */
function bordersForLifts({ job, shop, plan }: Context): number[] {
	const { mats } = there(plan.window, 'window');
	return job.mats.flatMap((mat, index) => {
		if (mat.lift === 0) return [];
		const setback = mat.setback ?? houseSetback(index, job, shop.house, overlapsOf(plan));
		return setback + 2 * job.step - Math.min(...SIDES.map((side) => nth(mats, index).border[side] - nth(mats, 0).border[side]));
	});
}
