import type { Case, Context, Remedy, Rule } from '../findings/rule.ts';
import { atSides, overlapsOf, remedy, remedyOfMat, said, sidesWith } from '../findings/change.ts';
import { SIDES, type SideName, type Sides, type Size } from '../geometry/shapes.ts';
import { put } from '../job/patch.ts';
import { longestOf } from '../measure/measure.ts';
import { each } from '../one-or-each.ts';
import { named, sightsOf, which, windowKeys, type Sight } from '../sights.ts';
import { cutDown, receiveUp, showNearest } from '../units/round.ts';
import { showLength, showSize, showWithUnit } from '../units/show.ts';
import { allowanceIn } from '../frame/frame.ts';
import { smallestPack } from './fit.ts';
import { between } from './layout.ts';
import { houseSetback } from './mats.ts';
import { hiddenByBevel } from './opening.ts';
import { coveredCase, exposedCase, overlapRemedy, zonesOf } from './zones.ts';

/** Figures that differ by less than this are the same. */
const SAME = 1e-6;

export const windowRules: Rule[] = [
	{
		id: 'window.overlap-thin',
		station: 'window',
		when: 'an overlap below the least that the sheet’s movement allows (with a reverse bevel, less the board’s thickness)',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A sheet that shrinks in a dry winter can slip out of its window.',
		mends: 'The overlap that is needed, on the sides that lack it.',
		find: (context) =>
			sights(context).flatMap((sight) => (sight.choice.way === 'cover' && sight.opening.overlap ? thinCase(context, sight) : []))
	},
	{
		id: 'window.no-paper-left',
		station: 'window',
		when: 'a reveal that leaves less paper behind the mat than the least overlap',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'The mat has nothing to hold the sheet down with: its edge can slip into the window.',
		mends: 'A reveal that leaves the paper covered.',
		find: (context) => sights(context).flatMap((sight) => (sight.choice.way === 'reveal' ? noPaperCase(context, sight) : []))
	},
	{
		id: 'window.zone-covered',
		station: 'window',
		when: 'a zone that must show lies less than 2 mm inside the window',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'What must be seen would lie under the mat, or so near its edge that a small shift covers it.',
		mends: 'Less overlap on the side of the zone.',
		find: (context) =>
			sights(context).flatMap((sight) => zonesOf(sight, 'show').flatMap((zone) => coveredCase(context, sight, zone)))
	},
	{
		id: 'window.zone-exposed',
		station: 'window',
		when: 'a zone that must be hidden lies less than 1 mm outside the window',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'What the owner does not want to see would stand in the window.',
		mends: 'More overlap on the side of the zone.',
		find: (context) =>
			sights(context).flatMap((sight) => zonesOf(sight, 'hide').flatMap((zone) => exposedCase(context, sight, zone)))
	},
	{
		id: 'window.reveal-thin',
		station: 'window',
		when: 'a reveal of no more than the board’s thickness, with a normal bevel',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'The bevel takes the board’s thickness out of it: no flat strip of that mat would be seen.',
		mends: 'The house’s reveal.',
		find: (context) =>
			context.job.mats.flatMap((mat, index): Case[] => {
				// Between the axes of an oval the strip is narrower than on them.
				const share = context.job.windows.some(({ shape }) => shape === 'oval' || shape === 'circle')
					? context.shop.house.ovalRevealShare
					: 1;
				const least = share * Math.min(...SIDES.map((side) => mat.reveal[side]));
				const thin = index > 0 && mat.bevel === 'normal' && least <= mat.board.thickness + SAME;
				if (!thin) return [];
				const wider = Math.max(context.shop.house.reveal, receiveUp(mat.board.thickness / share + 3, context.job.step));
				return [
					{
						says: `Mat ${index + 1} shows no flat strip: its reveal is ${said(context, Math.min(...Object.values(mat.reveal)), true)}, its board ${said(context, mat.board.thickness, true)} thick.`,
						where: `mats[${index}].reveal`,
						remedies: [remedyOfMat(context, `Reveal ${said(context, wider)}`, index, { reveal: wider })]
					}
				];
			})
	},
	{
		id: 'window.lift-setback',
		station: 'window',
		when: 'a lift set back less than 6 mm or more than 25, or one over the under-mat that reaches the sheet',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Too near it shows at a slant or lies on the sheet; too far and the mat sags.',
		mends: 'The house’s setback.',
		find: (context) => (context.plan.window?.mats ?? []).flatMap((_, index) => setbackCase(context, index))
	},
	{
		id: 'window.border-thin',
		station: 'window',
		when: 'the smallest seen border is under 40 mm on a sheet whose long side is over 300',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'A narrow border crowds a large sheet, and leaves the mat little strength.',
		mends: 'A border of the least width.',
		find: (context) => {
			const seen = context.plan.window?.mats[0]?.seen;
			const { house } = context.shop;
			if (!seen || longestOf(each(context.plan.measure)) <= house.thinBorderFrom) return [];
			const side = SIDES.reduce((least, next) => (seen[next] < seen[least] ? next : least));
			return seen[side] >= house.thinBorder
				? []
				: [
						{
							says: `The ${side} border shows ${said(context, seen[side], true)}; ${said(context, house.thinBorder)} is the least that carries a sheet of this size.`,
							where: `window.mats[0].seen.${side}`,
							remedies: widerBorder(context, side, house.thinBorder - seen[side])
						}
					];
		}
	},
	{
		id: 'window.border-like-face',
		station: 'window',
		when: 'a seen border within 3 mm of the moulding’s face',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'Border and moulding of one width read as a stripe.',
		mends: 'A border that differs from the face.',
		find: (context) => {
			const { frame, window } = context.plan;
			const seen = window?.mats[0]?.seen;
			if (!frame || !seen) return [];
			const side = SIDES.find((one) => Math.abs(seen[one] - frame.section.face) <= context.shop.house.stripeWithin);
			return side
				? [
						{
							says: `The ${side} border shows ${said(context, seen[side], true)}, the moulding’s face ${said(context, frame.section.face, true)}.`,
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
		when: 'borders that fit a given pack come out under 15 mm, or negative; or a piece without a mat is too large for a frame that exists',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A mat this narrow has no strength, and a negative one can’t be cut.',
		mends: 'The smallest of the shop’s sizes that leaves every border.',
		find: (context) => {
			const { window } = context.plan;
			const { house } = context.shop;
			if (!window) return [];
			if (window.mats.length === 0) return pieceTooLarge(context);
			if (context.job.borders.way !== 'fit') return [];
			const { border } = window.mats[0]!;
			const side = SIDES.reduce((least, next) => (border[next] < border[least] ? next : least));
			if (border[side] >= house.fitBorderLeast - SAME) return [];
			const larger = context.job.borders.pack
				? smallestPack(context, Math.max(house.fitBorderLeast, borderForLifts(context)))
				: null;
			return [
				{
					says: `A pack of ${showSize(window.pack, context.job.unit)} leaves ${said(context, border[side], true)} of border at the ${side}; ${said(context, house.fitBorderLeast)} is the least.`,
					where: `window.mats[0].border.${side}`,
					remedies: larger ? [remedy(context, `Pack ${larger.name}`, ['borders', 'pack'], larger.pack)] : []
				}
			];
		}
	},
	{
		id: 'window.sheet-beyond-pack',
		station: 'window',
		when: 'a sheet reaches past the boards that it lies between',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'What stands out of the pack is crushed when the pack goes into its frame.',
		mends: 'Wider borders, where no pack is given.',
		find: (context) => {
			const { window } = context.plan;
			if (!window || window.mats.length === 0) return [];
			return sights(context).flatMap((sight): Case[] => {
				const beyond = beyondPack(sight, window.pack);
				const side = SIDES.reduce((worst, next) => (beyond[next] > beyond[worst] ? next : worst));
				if (beyond[side] <= SAME) return [];
				return [
					{
						says: `${which(sight)}The sheet reaches ${said(context, beyond[side], true)} past the boards at the ${side === 'bottom' ? 'foot' : side}.`,
						where: named(sight.number, 'window.placement.left'),
						remedies: widerBorder(context, side, beyond[side])
					}
				];
			});
		}
	},
	{
		id: 'window.sheets-overlap',
		station: 'window',
		when: 'two sheets lie on each other behind the mat',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Each sheet needs its own place to move in; one on another marks it and lifts the mat.',
		mends: 'A wider gutter.',
		find: sheetsOverlap
	},
	{
		id: 'window.deckle-hidden',
		station: 'window',
		when: 'an edge that is part of the work lies behind the mat',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'A float shows the whole sheet with its edges.',
		mends: 'Float it.',
		find: (context) => {
			if (
				!context.file.piece?.deckle ||
				context.job.several ||
				context.job.window.way === 'float' ||
				context.job.mats.length === 0
			)
				return [];
			return [{ says: 'The deckle edge lies behind the mat.', where: 'window.opening', remedies: floated(context) }];
		}
	},
	{
		id: 'float.support-shows',
		station: 'window',
		when: 'a float’s support as large as the piece, or larger',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Its edge stands out beside the piece, and dust settles on it.',
		mends: 'The house’s set-back.',
		find: (context) =>
			sights(context)
				.filter(
					({ choice }) => choice.way === 'float' && choice.support !== null && choice.setBack <= SAME && !choice.bevelledSupport
				)
				.map((sight) => ({
					says: `${which(sight)}The support is as large as the piece.`,
					where: named(sight.number, 'window.support.width'),
					remedies: [
						remedy(
							context,
							`Set it back ${said(context, context.shop.house.floatSetBack)}`,
							[...windowKeys(sight), 'setBack'],
							context.shop.house.floatSetBack
						)
					]
				}))
	},
	{
		id: 'mat.print-short',
		station: 'window',
		when: 'a printed area that goes less than 5 mm beyond the blank’s finished edge',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The blank is trimmed into white board.',
		mends: 'A printed area that reaches past the blank.',
		find: (context) =>
			(context.plan.window?.mats ?? []).flatMap((mat, index): Case[] => {
				const printed = context.job.mats[index]!.print;
				if (!mat.print || !printed) return [];
				const { needs } = mat.print;
				if (printed.width >= needs.width - SAME && printed.height >= needs.height - SAME) return [];
				const larger = { width: Math.max(needs.width, printed.width), height: Math.max(needs.height, printed.height) };
				return [
					{
						says: `The print of mat ${index + 1} measures ${showSize(printed, context.job.unit, true)}; it needs ${showSize(needs, context.job.unit, true)}.`,
						where: `window.mats[${index}].print.needs.${printed.width < needs.width - SAME ? 'width' : 'height'}`,
						remedies: [remedyOfMat(context, `Print ${showSize(larger, context.job.unit, true)}`, index, { print: larger })]
					}
				];
			})
	}
];

/** In a frame that exists a piece without a mat either goes in or does not: nothing can follow. */
function pieceTooLarge({ plan, job, shop }: Context): Case[] {
	const { frame, window } = plan;
	if (!frame || !job.rabbet) return [];
	return (['width', 'height'] as const).flatMap((axis): Case[] => {
		const short = allowanceIn(axis, job, shop.house, frame.rabbet) - frame.allowance[axis];
		if (short <= SAME) return [];
		const across = axis === 'width' ? 'wide' : 'high';
		return [
			{
				says: `The piece is ${showWithUnit(window!.pack[axis], job.unit, true)} ${across}, the rabbet ${showWithUnit(frame.rabbet[axis], job.unit, true)}: with the room that it needs it is ${showWithUnit(short, job.unit, true)} too large.`,
				where: `frame.allowance.${axis}`
			}
		];
	});
}

/** The whole sheet shown, on a support; the nearest mat lifted as far as sheet and support need. */
function floated(context: Context): Remedy[] {
	const { file, job, shop } = context;
	const index = job.mats.length - 1;
	const support = shop.boards[job.aim === 'rare' ? 'cotton-8' : 'foam-free']!;
	const depth = job.mats.reduce((sum, mat) => sum + mat.board.thickness + mat.lift, 0);
	const needs = support.thickness + Math.max(job.piece.thickness, shop.house.thinnestSheet) + context.plan.pack!.gapNeed;
	const lift = receiveUp(Math.max(job.mats[index]!.lift, job.mats[index]!.lift + needs - depth), job.step);
	const lifted = remedyOfMat(context, '', index, { lift }).patch;
	return [
		{
			label: 'Float it',
			patch: [
				...put(file, ['window'], { ...file.window, way: 'float', support: support.id }),
				...(file.hold?.kind === 't-hinge' ? put(file, ['hold', 'kind'], 'pass-through') : []),
				...lifted
			]
		}
	];
}

function sights({ job, plan }: Context): Sight[] {
	return sightsOf(job, plan);
}

/** More overlap on each side that has less than the sheet's movement asks for. */
function thinCase(context: Context, sight: Sight): Case[] {
	const { overlap, least } = sight.opening;
	const bevel = hiddenByBevel(context.job.mats.at(-1)!);
	const thin = SIDES.filter((side) => overlap![side] - bevel < least![side] - SAME);
	if (thin.length === 0) return [];
	const wider = Object.fromEntries(
		thin.map((side) => [side, receiveUp(least![side] + bevel, context.job.step)])
	) as Partial<Sides>;
	const side = thin[0]!;
	return [
		{
			says: `${which(sight)}The mat covers ${said(context, overlap![side] - bevel, true)} ${atSides(thin)}; the sheet’s movement asks for ${said(context, least![side], true)}.`,
			where: named(sight.number, `window.overlap.${side}`),
			remedies: [overlapRemedy(context, sight, `Overlap ${rangeOf(context, Object.values(wider))} ${atSides(thin)}`, wider)]
		}
	];
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
function widerBorder(context: Context, side: SideName, by: number): Remedy[] {
	const { borders, step } = context.job;
	if (borders.way === 'fit') return [];
	// From the border as it is cut: what was asked for may have been rounded down to it.
	const wider = receiveUp(context.plan.window!.mats[0]!.border[side] + by, step);
	if (borders.way === 'weighted' && side === 'bottom') {
		const more = receiveUp(wider - borders.width + step, step);
		return [remedy(context, `Wider at the bottom by ${said(context, more)}`, ['borders', 'weight'], more)];
	}
	const own = borders.way === 'own';
	return [
		remedy(context, `Border ${said(context, wider)}${own ? ` at the ${side}` : ''}`, ['borders', own ? side : 'width'], wider)
	];
}

/** The front border that leaves the strips of every lift a width. */
function borderForLifts({ job, shop, plan }: Context): number {
	const { mats } = plan.window!;
	return Math.max(
		0,
		...job.mats.map((mat, index) => {
			if (mat.lift === 0) return 0;
			const setback = mat.setback ?? houseSetback(index, job, shop.house, overlapsOf(plan));
			return setback + 2 * job.step - Math.min(...SIDES.map((side) => mats[index]!.border[side] - mats[0]!.border[side]));
		})
	);
}

/** A smaller reveal, as far as there is paper. */
function noPaperCase(context: Context, sight: Sight): Case[] {
	const { overlap, least } = sight.opening;
	const bevel = hiddenByBevel(context.job.mats.at(-1)!);
	const short = SIDES.filter((side) => overlap![side] - bevel < least![side] - SAME);
	if (short.length === 0) return [];
	const side = short.reduce((worst, next) => (overlap![next] - least![next] < overlap![worst] - least![worst] ? next : worst));
	const smaller = Object.fromEntries(
		short.map((one) => [
			one,
			cutDown(sight.choice.reveal[one] - (least![one] + bevel - overlap![one]) - context.job.step / 2, context.job.step)
		])
	) as Partial<Sides>;
	const possible = Object.values(smaller).every((length) => length >= 0);
	return [
		{
			says: `${which(sight)}${overlap![side] < 0 ? `The paper ends ${said(context, -overlap![side], true)} inside the window` : `Only ${said(context, overlap![side] - bevel, true)} of paper is left behind the mat`} at the ${side}; ${said(context, least![side], true)} is the least.`,
			where: named(sight.number, `window.overlap.${side}`),
			remedies: possible
				? [
						remedy(
							context,
							`Reveal ${rangeOf(context, Object.values(smaller))} ${atSides(short)}`,
							[...windowKeys(sight), 'reveal'],
							sidesWith(sight.choice.reveal, smaller)
						)
					]
				: []
		}
	];
}

/** Behind several windows: the bounding boxes of the sheets where they lie. */
function sheetsOverlap(context: Context): Case[] {
	const all = sights(context).map((sight) => ({ sight, box: { ...sight.opening.placement, ...sight.measure.largest } }));
	const worst = all
		.flatMap((one, index) => all.slice(index + 1).map((other) => ({ one, other, apart: between(one.box, other.box) })))
		.filter(({ apart }) => apart < -SAME)
		.sort((first, second) => first.apart - second.apart)[0];
	if (!worst) return [];
	const { grid, step } = context.job;
	// Windows of unlike size stand in the middle of their cells to the step: one more may be wanted.
	const [one, other] = [worst.one.sight.opening.opening, worst.other.sight.opening.opening];
	const spare = one.width === other.width && one.height === other.height ? 0 : step;
	const wider = grid ? receiveUp(showNearest(grid.gutter, step) - worst.apart + spare, step) : 0;
	return [
		{
			says: `Sheets ${worst.one.sight.number} and ${worst.other.sight.number} lie on each other by ${said(context, -worst.apart, true)} behind the mat.`,
			where: named(worst.other.sight.number, 'window.placement.left'),
			remedies: grid ? [remedy(context, `Gutter ${said(context, wider)}`, ['window', 'grid', 'gutter'], wider)] : []
		}
	];
}

function setbackCase(context: Context, index: number): Case[] {
	const { house } = context.shop;
	const { window } = context.plan;
	const lift = window!.mats[index]!.lift;
	if (!lift) return [];
	const nearest = index === window!.mats.length - 1;
	const covered = overlapsOf(context.plan).flatMap((overlap) => Object.values(overlap));
	const beyondSheet = nearest && covered.length > 0 ? Math.max(...covered) + house.setbackBeyondSheet : 0;
	const least = Math.max(house.setbackLeast, beyondSheet);
	if (lift.setback >= least - SAME && lift.setback <= house.setbackMost + SAME) return [];
	const wanted = receiveUp(Math.max(house.setback, least), context.job.step);
	const narrowest = Math.min(...Object.values(window!.mats[index]!.border));
	const possible = wanted <= house.setbackMost && wanted < narrowest;
	return [
		{
			says: `The lift behind mat ${index + 1} is set back ${said(context, lift.setback, true)}; ${said(context, least, true)} to ${said(context, house.setbackMost)} is right here.`,
			where: `window.mats[${index}].lift.setback`,
			remedies: possible ? [remedyOfMat(context, `Set back ${said(context, wanted)}`, index, { setback: wanted })] : []
		}
	];
}

/** `3 mm`, or `3 to 4 mm` where sides ask for different ones. */
function rangeOf(context: Context, lengths: number[]): string {
	const [least, most] = [Math.min(...lengths), Math.max(...lengths)];
	return most - least < SAME ? said(context, least) : `${showLength(least, context.job.unit).text} to ${said(context, most)}`;
}
