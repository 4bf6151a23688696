/** Rules about depth: whether the pack and what holds it go into the rabbet or the channel (handbook pack#clearance). */
import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import { leastSaid, mostSaid, remedy, said, saidBoth, saidFine, saidRead } from '../../rule/change.ts';
import { mouldingRemedy } from '../frame/other-mouldings.ts';
import { drop } from '../../job/patch.ts';
import { cutDown, isNothing, receiveUp } from '../../units/round.ts';
import { frameKindOf } from '../frame/kinds/all.ts';
import { known, nth, there } from '../../units/there.ts';
import { isAbove, isAtLeast, isAtMost, isBelow } from '../../units/compare.ts';

/** A filler thinner than this is left out instead. */
const THINNEST_FILLER = 0.8;

export const depthRules: Rule[] = [
	{
		id: 'pack.proud',
		station: 'pack',
		of: 'fit',
		when: 'the pack is deeper than the rabbet',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Points have nothing to hold in, and the back can’t close.',
		fixes: 'A thinner filler or none; strips glued to the frame’s back; offset clips; else a deeper moulding.',
		find: (context) => {
			const clearance = context.plan.pack?.clearance;
			if (clearance === undefined || isAtLeast(clearance, -mayStandProud(context))) return [];
			return [
				{
					says: `The pack is ${saidRead(context, -clearance)} proud of the ${frameKindOf(context.job)?.recess}.`,
					where: 'pack.clearance',
					remedies: depthRemedies(context, context.shop.house.roomForPoints - clearance)
				}
			];
		}
	},
	{
		id: 'pack.tight',
		station: 'pack',
		of: 'fit',
		when: 'less than {roomForPoints} of depth for the points',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A point driven through the edge of the backing board presses on the pack.',
		fixes: 'A thinner filler or none; strips glued to the frame’s back; else a deeper moulding.',
		find: (context) => {
			const clearance = context.plan.pack?.clearance;
			const { roomForPoints } = context.shop.house;
			if (!hasPoints(context) || clearance === undefined || isBelow(clearance, 0) || isAtLeast(clearance, roomForPoints))
				return [];
			const [has, needs] = saidBoth(context, clearance, roomForPoints);
			return [
				{
					says: `${isNothing(clearance) ? 'No room' : `Only ${has}`} of depth for the points; they need ${needs}.`,
					where: 'pack.clearance',
					remedies: depthRemedies(context, roomForPoints - clearance)
				}
			];
		}
	},
	{
		id: 'pack.points-in-groove',
		station: 'pack',
		of: 'fit',
		when: 'the pack ends at a groove in the rabbet’s wall, where points would go in',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Points driven into a groove hold nothing.',
		fixes: 'Build up past the groove with a filler.',
		find: (context) => {
			const thickness = context.plan.pack?.thickness;
			const groove = context.job.frame?.groove;
			if (
				thickness === undefined ||
				!groove ||
				!hasPoints(context) ||
				isBelow(there(there(context.plan.pack, 'pack').clearance, 'clearance'), 0)
			)
				return [];
			const end = groove.from + groove.width;
			if (thickness + 1 <= groove.from || thickness >= end) return [];
			const filler = stockedFiller(
				context,
				end + 1 - thickness,
				there(there(context.plan.pack, 'pack').clearance, 'clearance') - context.shop.house.roomForPoints,
				'least'
			);
			return [
				{
					says: `The pack ends at ${saidFine(context, thickness)}, in the groove from ${said(context, groove.from)} to ${said(context, end)}.`,
					where: 'frame.groove',
					remedies: filler === null ? [] : [anotherFiller(context, filler, 'Build up past the groove: filler')]
				}
			];
		}
	},
	{
		id: 'pack.recessed',
		station: 'pack',
		of: 'fit',
		when: 'the pack ends more than {recessedFrom} below the moulding’s back',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'The tape must span the step, so a wider one is planned; or raise the pack with a filler.',
		fixes: 'A filler that leaves room for the points.',
		find: (context) => {
			const clearance = context.plan.pack?.clearance;
			const { house } = context.shop;
			if (!hasPoints(context) || clearance === undefined || isAtMost(clearance, house.recessedFrom)) return [];
			const thickness = stockedFiller(
				context,
				Math.max(0.5, clearance - house.recessedFrom),
				clearance - house.roomForPoints,
				'most'
			);
			return [
				{
					says: `The pack ends ${saidRead(context, clearance)} below the moulding’s back.`,
					...(context.plan.back?.tape
						? {}
						: { why: 'So deep, points and dust cover have little to hold to; a filler raises the pack.' }),
					where: 'pack.clearance',
					remedies: thickness === null ? [] : [anotherFiller(context, thickness)]
				}
			];
		}
	},
	{
		id: 'pack.clip-range',
		station: 'pack',
		of: 'fit',
		when: 'a metal channel leaves less than {clipLeast} for its spring clips, or more than {clipMost|bare}',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'With too little room, a card shim holds the pack; with too much, the clip presses on nothing.',
		fixes: 'A filler to raise the pack; without room for a clip, a thinner filler, else a deeper section.',
		find: (context): Case[] => {
			const clearance = context.plan.pack?.clearance;
			const { clipLeast, clipMost } = context.shop.house;
			if (context.job.frame?.kind !== 'metal' || clearance === undefined || isBelow(clearance, 0)) return [];
			if (isAtLeast(clearance, clipLeast) && isAtMost(clearance, clipMost)) return [];
			const found = { where: 'pack.clearance' };
			if (clearance > clipMost) {
				const thickness = stockedFiller(context, clearance - clipMost, clearance - clipLeast, 'least');
				return [
					{
						...found,
						says: `The channel leaves ${saidRead(context, clearance)}; a spring clip takes up ${mostSaid(context, clipMost)} at most.`,
						remedies: thickness === null ? [] : [anotherFiller(context, thickness)]
					}
				];
			}
			return [
				{
					...found,
					says: `The channel leaves ${isNothing(clearance) ? 'nothing' : saidRead(context, clearance)}: a spring clip needs ${leastSaid(context, clipLeast)}, so a card shim holds the pack.`,
					remedies: orElse(thinnerFiller(context, clipLeast - clearance), () => deeperMoulding(context, clipLeast - clearance))
				}
			];
		}
	}
];

/** Points want room behind the pack; a channel's spring clip has its own range, and offset clips step over the pack. */
function hasPoints({ job, plan }: Context): boolean {
	return plan.frame?.points.kind !== 'clips' && plan.frame?.points.kind !== 'offset-clips' && job.frame?.kind !== 'metal';
}

/** How far a pack may stand proud: as far as an offset clip steps. */
function mayStandProud({ plan, shop }: Context): number {
	return plan.frame?.points.kind === 'offset-clips' ? shop.house.offsetMost : 0;
}

/** Behind an under-mat foam board; where nothing lies between, what may face the piece. */
function fillerBoard({ job }: Context): string {
	return job.guard.underMat || job.windows.some(({ support }) => support) ? 'foam-free' : 'alkaline-corrugated';
}

function anotherFiller(context: Context, thickness: number, label = 'Filler'): Remedy {
	const fillers = [...(context.file.guard?.fillers ?? []), { board: fillerBoard(context), thickness }];
	return remedy(context, `${label} of ${saidRead(context, thickness)}`, ['guard', 'fillers'], fillers);
}

/** The thinnest that whole boards of that kind add up to between two bounds, or boards with another kind beside them; null where none do. */
function stockedFiller(context: Context, least: number, most: number, take: 'least' | 'most'): number | null {
	const { shop } = context;
	const board = known(shop.boards, fillerBoard(context));
	const thin = [known(shop.boards, 'cotton-4'), known(shop.boards, 'cotton-2')];
	const heights = [0, 1, 2, 3, 4, 5, 6, 7, 8].flatMap((layers) => [
		layers * board.thickness,
		...thin.flatMap(({ thickness }) => [1, 2, 3].map((more) => layers * board.thickness + more * thickness))
	]);
	const found = heights.filter((height) => isAbove(height, 0) && isAtLeast(height, least) && isAtMost(height, most));
	if (found.length === 0) return null;
	return take === 'least' ? Math.min(...found) : Math.max(...found);
}

/** Another moulding is offered only where nothing else helps. */
function orElse(first: Remedy[], other: () => Remedy[]): Remedy[] {
	return first.length > 0 ? first : other();
}

/** Depth that is missing: a thinner filler, strips that deepen the rabbet, offset clips; else a deeper moulding. */
function depthRemedies(context: Context, missing: number): Remedy[] {
	return orElse([...thinnerFiller(context, missing), ...deepened(context, missing), ...offsetClips(context)], () =>
		deeperMoulding(context, missing)
	);
}

function thinnerFiller(context: Context, missing: number): Remedy[] {
	const fillers = context.job.guard.fillers;
	const index = fillers.findIndex((filler) => isAtLeast(filler.thickness, missing));
	if (index < 0) return [];
	// What is left is whole layers of it.
	const { board, thickness } = nth(fillers, index);
	const left = cutDown(thickness - missing, board.thickness);
	if (left < THINNEST_FILLER) return [{ label: 'Remove the filler', patch: drop(context.file, ['guard', 'fillers', index]) }];
	return [
		remedy(
			context,
			`Filler from ${saidRead(context, thickness)} to ${saidRead(context, left)}`,
			['guard', 'fillers', index, 'thickness'],
			left
		)
	];
}

/** Strips glued to the back of a wood frame. */
function deepened(context: Context, missing: number): Remedy[] {
	const { frame } = context.job;
	if (frameKindOf(context.job)?.wood === false) return [];
	const deepen = receiveUp(there(frame, 'frame').deepen + missing, context.job.step);
	if (deepen > context.shop.house.deepenMost) return [];
	return [
		remedy(
			context,
			`${there(frame, 'frame').deepen > 0 ? `Strips from ${said(context, there(frame, 'frame').deepen)} to` : 'Strips of'} ${said(context, deepen)} glued to the back`,
			['frame', 'deepen'],
			deepen
		)
	];
}

function deeperMoulding(context: Context, missing: number): Remedy[] {
	const { section } = there(context.job.frame, 'frame');
	const wanted = section.rabbetDepth + missing;
	return mouldingRemedy(
		context,
		(moulding) => isAtLeast(moulding.rabbetDepth, wanted) && moulding.lip >= section.lip,
		(one, other) => one.rabbetDepth - other.rabbetDepth
	);
}

/** They step over a pack that stands proud. */
function offsetClips(context: Context): Remedy[] {
	const clearance = there(there(context.plan.pack, 'pack').clearance, 'clearance');
	if (frameKindOf(context.job)?.clips || clearance >= 0 || -clearance > context.shop.house.offsetMost) return [];
	return [remedy(context, 'Offset clips over it', ['frame', 'points'], 'offset-clips')];
}
