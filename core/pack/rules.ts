import type { Context, Remedy, Rule } from '../findings/rule.ts';
import { hasRoomForLift, remedy, remedyOfMat, said } from '../findings/change.ts';
import { drop } from '../job/patch.ts';
import { cutDown, receiveUp } from '../units/round.ts';
import { longestOf } from '../measure/measure.ts';
import { each } from '../one-or-each.ts';
import { gapNeed } from './pack.ts';

const SAME = 1e-6;
/** A filler thinner than this is taken out instead. */
const THINNEST_FILLER = 0.8;
/** Strips of board can build a lift up to here; more wants a spacer. */
const HIGHEST_LIFT = 12;
const THICKEST_SPACER = 25;

export const packRules: Rule[] = [
	{
		id: 'gap.contact',
		station: 'pack',
		when: 'nothing keeps the glazing off the piece',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Glazing sweats, and prints stick to it when they warm.',
		school: 'mat',
		mends: 'The mat nearest the piece lifted; a spacer where strips have no room.',
		find: (context) => {
			const { pack, measure } = context.plan;
			if (!pack || pack.gap > 0 || context.job.guard.glazing.family === 'none') return [];
			const need = gapNeed(context.job, context.shop.house, context.grade, longestOf(each(measure!)));
			return [
				{ says: 'The piece lies against the glazing.', where: 'pack.gap', remedies: liftRemedies(context, need - pack.gap) }
			];
		}
	},
	{
		id: 'gap.small',
		station: 'pack',
		when: 'the air over the piece is less than it needs',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'In warmth and damp the sheet bulges toward the glazing; it must not reach it.',
		mends: 'The mat nearest the piece lifted; a spacer where strips have no room.',
		find: (context) => {
			const { pack, measure } = context.plan;
			if (!pack || !measure || pack.gap <= 0 || context.job.guard.glazing.family === 'none') return [];
			const need = gapNeed(context.job, context.shop.house, context.grade, longestOf(each(measure)));
			if (pack.gap >= need - SAME) return [];
			return [
				{
					says: `${said(context, pack.gap, true)} of air over the piece; it needs ${said(context, need, true)}.`,
					where: 'pack.gap',
					remedies: liftRemedies(context, need - pack.gap)
				}
			];
		}
	},
	{
		id: 'gap.sag',
		station: 'pack',
		when: 'glazing that lies flat sags by more than the gap',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'At the bench and in a van the glazing would touch the piece: carry it upright.',
		mends: 'The mat nearest the piece lifted; else carry it upright.',
		find: (context) => {
			const { pack } = context.plan;
			if (!pack || pack.sag <= pack.gap) return [];
			return [
				{
					says: `Lying flat, the glazing sags by at most ${said(context, pack.sag, true)} over a gap of ${said(context, pack.gap, true)}.`,
					where: 'pack.sag',
					remedies: liftRemedies(context, pack.sag - pack.gap)
				}
			];
		}
	},
	{
		id: 'pack.proud',
		station: 'pack',
		when: 'the pack is thicker than the rabbet is deep',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Points find nothing to hold to and the back can’t be closed. Strips glued to the frame’s back deepen it too.',
		mends: 'A thinner filler, none, or a deeper moulding of the shop.',
		find: (context) => {
			const clearance = context.plan.pack?.clearance;
			if (clearance === undefined || clearance >= -SAME) return [];
			return [
				{
					says: `The pack stands ${said(context, -clearance, true)} proud of the rabbet.`,
					where: 'pack.clearance',
					remedies: depthRemedies(context, context.shop.house.roomForPoints - clearance)
				}
			];
		}
	},
	{
		id: 'pack.tight',
		station: 'pack',
		when: 'less than 3 mm are left for the points',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A point driven through the edge of the backing presses on the pack.',
		mends: 'A thinner filler, none, or a deeper moulding of the shop.',
		find: (context) => {
			const clearance = context.plan.pack?.clearance;
			const { roomForPoints } = context.shop.house;
			if (clearance === undefined || clearance < -SAME || clearance >= roomForPoints - SAME) return [];
			return [
				{
					says: `Only ${said(context, clearance, true)} are left for the points; they need ${said(context, roomForPoints)}.`,
					where: 'pack.clearance',
					remedies: depthRemedies(context, roomForPoints - clearance)
				}
			];
		}
	},
	{
		id: 'pack.points-in-groove',
		station: 'pack',
		when: 'the pack ends where a groove in the rabbet’s wall would swallow the points',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Points driven into a groove hold nothing.',
		mends: 'A filler that brings the pack past the groove.',
		find: (context) => {
			const thickness = context.plan.pack?.thickness;
			const groove = context.job.frame?.groove;
			if (thickness === undefined || !groove || context.plan.pack!.clearance! < -SAME) return [];
			const end = groove.from + groove.width;
			if (thickness + 1 <= groove.from || thickness >= end) return [];
			const filler = receiveUp(end + 1 - thickness, context.job.step);
			const fillers = [...(context.file.guard?.fillers ?? []), { board: fillerBoard(context), thickness: filler }];
			const fits = context.plan.pack!.clearance! - filler >= context.shop.house.roomForPoints - SAME;
			return [
				{
					says: `The pack ends at ${said(context, thickness, true)}, in the groove from ${said(context, groove.from, true)} to ${said(context, end, true)}.`,
					where: 'frame.groove',
					remedies: fits ? [remedy(context, `Filler ${said(context, filler)}`, ['guard', 'fillers'], fillers)] : []
				}
			];
		}
	},
	{
		id: 'pack.recessed',
		station: 'pack',
		when: 'the pack ends more than 12 mm below the moulding’s back',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'The tape has to span the step; a filler brings the pack up.',
		mends: 'A filler that leaves room for the points.',
		find: (context) => {
			const clearance = context.plan.pack?.clearance;
			const { house } = context.shop;
			if (clearance === undefined || clearance <= house.recessedFrom + SAME) return [];
			const thickness = cutDown(clearance - house.roomForPoints, context.job.step);
			const fillers = [...(context.file.guard?.fillers ?? []), { board: fillerBoard(context), thickness }];
			return [
				{
					says: `The pack ends ${said(context, clearance, true)} below the moulding’s back.`,
					where: 'pack.clearance',
					remedies: [remedy(context, `Filler ${said(context, thickness)}`, ['guard', 'fillers'], fillers)]
				}
			];
		}
	}
];

/** Behind an under-mat foam board; where nothing lies between, what may face the piece. */
function fillerBoard({ job }: Context): string {
	return job.guard.underMat || job.windows.some(({ support }) => support) ? 'foam-free' : 'alkaline-corrugated';
}

/** More air: the mat nearest the piece is lifted; where strips have no room, a spacer under the lip. */
function liftRemedies(context: Context, by: number): Remedy[] {
	const index = context.job.mats.length - 1;
	const lift = receiveUp(context.job.mats[index]!.lift + by, context.job.step);
	if (lift <= HIGHEST_LIFT && hasRoomForLift(context, index))
		return [remedyOfMat(context, `Lift the mat ${said(context, lift)}`, index, { lift })];
	const { spacer } = context.job.guard;
	const thickness = receiveUp((spacer?.thickness ?? 0) + by, context.job.step);
	if (thickness > THICKEST_SPACER) return [];
	const material = spacer?.material ?? 'cotton';
	return [remedy(context, `Spacer ${said(context, thickness)} under the lip`, ['guard', 'spacer'], { material, thickness })];
}

/** Depth that is missing: a thinner filler, or a deeper moulding of the shop. */
function depthRemedies(context: Context, missing: number): Remedy[] {
	return [...thinnerFiller(context, missing), ...deeperMoulding(context, missing)];
}

function thinnerFiller(context: Context, missing: number): Remedy[] {
	const fillers = context.job.guard.fillers;
	const index = fillers.findIndex((filler) => filler.thickness >= missing - SAME);
	if (index < 0) return [];
	const left = cutDown(fillers[index]!.thickness - missing, context.job.step);
	if (left < THINNEST_FILLER) return [{ label: 'Leave the filler out', patch: drop(context.file, ['guard', 'fillers', index]) }];
	return [
		remedy(
			context,
			`Filler ${said(context, fillers[index]!.thickness)} → ${said(context, left)}`,
			['guard', 'fillers', index, 'thickness'],
			left
		)
	];
}

function deeperMoulding(context: Context, missing: number): Remedy[] {
	const { section } = context.job.frame!;
	const wanted = section.rabbetDepth + missing - SAME;
	const deep = Object.values(context.shop.mouldings).filter(
		(moulding) => moulding.rabbetDepth >= wanted && moulding.lip >= section.lip
	);
	const [nearest] = deep.sort(
		(one, other) => Math.abs(one.face - section.face) - Math.abs(other.face - section.face) || one.rabbetDepth - other.rabbetDepth
	);
	if (!nearest) return [];
	const out = drop(context.file, ['frame', 'section']);
	const chosen = remedy(context, `Moulding: ${nearest.name.toLowerCase()}`, ['frame', 'moulding'], nearest.id);
	return [{ label: chosen.label, patch: [...out, ...chosen.patch] }];
}
