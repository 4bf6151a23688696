import type { Case, Context, Rule } from '../../rule/rule.ts';
import { atSides, mostSaid, leastSaid, remedy, remedyOfMat, said, saidBoth, saidFine, sidesWith } from '../../rule/change.ts';
import { SIDES, type Sides } from '../../geometry/shapes.ts';
import type { Grid } from '../../job/decide-window.ts';
import { named, sightsOf, which, type Sight } from '../../rule/sights.ts';
import { cutDown, isNothing, receiveUp, showNearest } from '../../units/round.ts';
import { showLength, showSize } from '../../units/show.ts';
import { sizeRules } from './size-rules.ts';
import { atHandRules, isAtHand, underIt } from './at-hand-rules.ts';
import { between } from './layout.ts';
import { floated } from './float-it.ts';
import { hiddenByBevel } from './opening.ts';
import { coveredCase, exposedCase, overlapRemedy, zonesOf } from './zones.ts';
import { overlapsOf } from './lift-room.ts';
import { windowKeys } from '../../job/keys.ts';
import { lastOf, nth, there } from '../../units/there.ts';
import { isAtLeast, isAtMost, isBelow, isSame } from '../../units/compare.ts';

export const windowRules: Rule[] = [
	{
		id: 'window.overlap-thin',
		station: 'window',
		of: 'fit',
		when: 'an overlap too small for the sheet’s movement (with a reverse bevel, less the board’s thickness)',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'In a dry winter the sheet shrinks and can slip out of its window.',
		fixes: 'Enough overlap on the short sides.',
		find: (context) =>
			sights(context).flatMap((sight) => (sight.choice.way === 'cover' && sight.opening.overlap ? thinCase(context, sight) : []))
	},
	{
		id: 'window.no-paper-left',
		station: 'window',
		of: 'fit',
		when: 'a reveal that leaves less paper behind the mat than the minimum overlap; a stop at Rare and Keep where the paper ends inside the window',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Too little under the mat: the sheet’s edge can slip into the window.',
		fixes: 'A reveal that keeps the paper’s edge covered.',
		find: (context) => sights(context).flatMap((sight) => (sight.choice.way === 'reveal' ? noPaperCase(context, sight) : []))
	},
	{
		id: 'window.zone-covered',
		station: 'window',
		of: 'fit',
		when: 'a zone that must show is less than {showZoneMargin} inside the window',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'It would sit under the mat, or so near its edge that a small shift covers it.',
		fixes: 'Less overlap on that side.',
		find: (context) =>
			sights(context).flatMap((sight) => zonesOf(sight, 'show').flatMap((zone) => coveredCase(context, sight, zone)))
	},
	{
		id: 'window.zone-exposed',
		station: 'window',
		of: 'fit',
		when: 'a zone that must be hidden is less than {hideZoneMargin} outside the window',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'What the owner wants hidden would show in the window.',
		fixes: 'More overlap on that side.',
		find: (context) =>
			sights(context).flatMap((sight) => zonesOf(sight, 'hide').flatMap((zone) => exposedCase(context, sight, zone)))
	},
	{
		id: 'window.reveal-thin',
		station: 'window',
		of: 'fit',
		when: 'a reveal, as cut, no wider than the board’s thickness, with a normal bevel',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'The bevel uses it all up: no flat strip of that mat would show.',
		fixes: 'The shop’s reveal.',
		find: (context) =>
			(context.plan.window ? context.job.mats : []).flatMap((mat, index): Case[] => {
				// No mat lies before the first.
				if (index === 0) return [];
				// Between the axes of an oval the strip is narrower than on them.
				const share = context.job.windows.some(({ shape }) => shape === 'oval' || shape === 'circle')
					? context.shop.house.ovalRevealShare
					: 1;
				// As cut: a reveal is rounded to the step.
				const cut = revealOf(context, index);
				const least = share * cut;
				if (mat.bevel === 'reverse' || !isAtMost(least, mat.board.thickness)) return [];
				const wider = Math.max(context.shop.house.reveal, receiveUp(mat.board.thickness / share + 3, context.job.step));
				return [
					{
						says: `Mat ${index + 1} shows no flat strip: its reveal is ${saidFine(context, cut)}, its board ${saidFine(context, mat.board.thickness)} thick.`,
						where: `mats[${index}].reveal`,
						remedies: [remedyOfMat(context, `Reveal ${said(context, wider)}`, index, { reveal: wider })]
					}
				];
			})
	},
	{
		id: 'window.lift-setback',
		station: 'window',
		of: 'fit',
		when: 'a lift set back less than {setbackLeast} or more than {setbackMost|bare}, or one over the back mat that reaches the sheet',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Too near, it shows or rests on the sheet; too far, the mat sags.',
		fixes: 'The shop’s setback.',
		find: (context) => (context.plan.window?.mats ?? []).flatMap((_, index) => setbackCase(context, index))
	},
	...sizeRules,
	...atHandRules,
	{
		id: 'window.sheets-overlap',
		station: 'window',
		of: 'fit',
		when: 'two sheets overlap behind the mat',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Each sheet needs its own room to move; overlapping, they mark each other and lift the mat.',
		fixes: 'A wider gutter.',
		find: sheetsOverlap
	},
	{
		id: 'window.deckle-hidden',
		station: 'window',
		of: 'fit',
		when: 'an edge that is part of the work is behind the mat',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'A float shows the whole sheet and its edges.',
		fixes: 'Float it.',
		find: (context) => {
			if (
				!context.file.piece?.deckle ||
				context.job.several ||
				context.job.window.way === 'float' ||
				context.job.mats.length === 0
			)
				return [];
			return [{ says: 'The deckle edge is behind the mat.', where: 'window.opening', remedies: floated(context) }];
		}
	},
	{
		id: 'float.support-shows',
		station: 'window',
		of: 'safety',
		when: 'a float’s support as large as the piece, or larger',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Its edge shows beside the piece and collects dust.',
		fixes: 'The shop’s setback.',
		find: (context) =>
			sights(context)
				.filter(
					({ choice }) =>
						choice.way === 'float' && choice.support !== null && isAtMost(choice.setBack, 0) && !choice.bevelledSupport
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
		of: 'fit',
		when: 'a printed area less than {printBeyondBlank} beyond the blank’s finished edge',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The trimmed edge would show unprinted board.',
		fixes: 'A printed area that reaches past the blank.',
		find: (context) =>
			(context.plan.window?.mats ?? []).flatMap((mat, index): Case[] => {
				if (!mat.print) return [];
				const printed = there(nth(context.job.mats, index).print, 'print');
				const { needs } = mat.print;
				if (isAtLeast(printed.width, needs.width) && isAtLeast(printed.height, needs.height)) return [];
				const larger = { width: Math.max(needs.width, printed.width), height: Math.max(needs.height, printed.height) };
				return [
					{
						says: `The print of mat ${index + 1} measures ${showSize(printed, context.job.reader, 'mark')}; it needs ${showSize(needs, context.job.reader, 'mark')}.`,
						where: `window.mats[${index}].print.needs.${isBelow(printed.width, needs.width) ? 'width' : 'height'}`,
						remedies: [remedyOfMat(context, `Print ${showSize(larger, context.job.reader, 'mark')}`, index, { print: larger })]
					}
				];
			})
	}
];

/** The narrowest reveal of a mat as it is cut. */
function revealOf({ plan }: Context, index: number): number {
	const { mats } = there(plan.window, 'window');
	return Math.min(...SIDES.map((side) => nth(mats, index).border[side] - nth(mats, index - 1).border[side]));
}

function sights({ job, plan }: Context): Sight[] {
	return sightsOf(job, plan);
}

/** More overlap on each side that has less than the sheet's movement asks for. */
function thinCase(context: Context, sight: Sight): Case[] {
	const { overlap, least } = sight.opening;
	const bevel = hiddenByBevel(lastOf(context.job.mats));
	const thin = SIDES.filter((side) => isBelow(there(overlap, 'overlap')[side] - bevel, there(least, 'least')[side]));
	const atHand = isAtHand(context);
	// An opening that is larger than the sheet has its own finding.
	if (atHand && SIDES.some((one) => isBelow(there(overlap, 'overlap')[one], 0))) return [];
	if (thin.length === 0) return [];
	const wider = Object.fromEntries(
		thin.map((side) => [side, receiveUp(there(least, 'least')[side] + bevel, context.job.step)])
	) as Partial<Sides>;
	const side = nth(thin, 0);
	const covers = there(overlap, 'overlap')[side] - bevel;
	const [has, needs] = saidBoth(context, covers, there(least, 'least')[side]);
	return [
		{
			says: `${which(sight)}The mat covers ${isNothing(Math.max(0, covers)) ? 'nothing' : has} ${atSides(thin)}; movement needs ${needs}.`,
			where: named(sight.number, `window.overlap.${side}`),
			remedies: [
				overlapRemedy(context, sight, `Overlap ${rangeOf(context, Object.values(wider))} ${atSides(thin)}`, wider),
				...(atHand ? underIt(context) : [])
			]
		}
	];
}

/** A smaller reveal, as far as there is paper. */
function noPaperCase(context: Context, sight: Sight): Case[] {
	const { overlap, least } = sight.opening;
	const bevel = hiddenByBevel(lastOf(context.job.mats));
	const short = SIDES.filter((side) => isBelow(there(overlap, 'overlap')[side] - bevel, there(least, 'least')[side]));
	if (short.length === 0) return [];
	const side = short.reduce((worst, next) =>
		there(overlap, 'overlap')[next] - there(least, 'least')[next] <
		there(overlap, 'overlap')[worst] - there(least, 'least')[worst]
			? next
			: worst
	);
	const smaller = Object.fromEntries(
		short.map((one) => [
			one,
			cutDown(
				sight.choice.reveal[one] - (there(least, 'least')[one] + bevel - there(overlap, 'overlap')[one]) - context.job.step / 2,
				context.job.step
			)
		])
	) as Partial<Sides>;
	const possible = Object.values(smaller).every((length) => length >= 0);
	const left = there(overlap, 'overlap')[side] - bevel;
	const [has, needs] = saidBoth(context, left, there(least, 'least')[side]);
	const ends = there(overlap, 'overlap')[side];
	const says =
		ends < 0 && !isNothing(ends)
			? `The paper ends ${said(context, -ends)} inside the window`
			: left < 0 || isNothing(left)
				? 'No paper is left behind the mat'
				: `Only ${has} of paper is left behind the mat`;
	// Nothing covers that edge at all, and bare board is seen.
	const isBare = ends < 0 && !isNothing(ends) && context.grade !== 'show';
	return [
		{
			says: `${which(sight)}${says} at the ${side}; ${needs} is the minimum.`,
			...(isBare ? { severity: 'stop' as const } : {}),
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
		.filter(({ apart }) => isBelow(apart, 0))
		.sort((first, second) => first.apart - second.apart)[0];
	if (!worst) return [];
	const { grid, step } = context.job;
	// Windows of unlike size stand in the middle of their cells to the step: one more may be wanted.
	const [one, other] = [worst.one.sight.opening.opening, worst.other.sight.opening.opening];
	const spare = one.width === other.width && one.height === other.height ? 0 : step;
	const wider = ({ gutter }: Grid) => receiveUp(showNearest(gutter, step) - worst.apart + spare, step);
	return [
		{
			says: `Sheets ${worst.one.sight.number} and ${worst.other.sight.number} overlap by ${said(context, -worst.apart)} behind the mat.`,
			where: named(worst.other.sight.number, 'window.placement.left'),
			remedies: grid ? [remedy(context, `Gutter ${said(context, wider(grid))}`, ['window', 'grid', 'gutter'], wider(grid))] : []
		}
	];
}

function setbackCase(context: Context, index: number): Case[] {
	const { house } = context.shop;
	const { window } = context.plan;
	const lift = nth(there(window, 'window').mats, index).lift;
	if (!lift) return [];
	const nearest = index === there(window, 'window').mats.length - 1;
	const covered = nearest ? overlapsOf(context.plan).flatMap((overlap) => Object.values(overlap)) : [];
	const least = Math.max(house.setbackLeast, ...covered.map((overlap) => overlap + house.setbackBeyondSheet));
	if (isAtLeast(lift.setback, least) && isAtMost(lift.setback, house.setbackMost)) return [];
	// A setback that nobody typed is not to blame: so wide an overlap leaves a lift no place.
	if (nth(context.job.mats, index).setback === null)
		return [
			{
				says: `Behind mat ${index + 1}a lift has no good position: it clears the sheet ${leastSaid(context, least)} from the window, and set back more than ${mostSaid(context, house.setbackMost)} the mat sags.`,
				where: `window.mats[${index}].lift.setback`
			}
		];
	const wanted = receiveUp(Math.max(house.setback, least), context.job.step);
	return [
		{
			says: `The lift behind mat ${index + 1} is set back ${said(context, lift.setback)}; ${leastSaid(context, least)} to ${mostSaid(context, house.setbackMost)} works here.`,
			where: `window.mats[${index}].lift.setback`,
			remedies: [remedyOfMat(context, `Set back ${said(context, wanted)}`, index, { setback: wanted })]
		}
	];
}

/** `3 mm`, or `3 to 4 mm` where sides ask for different ones. */
function rangeOf(context: Context, lengths: number[]): string {
	const [least, most] = [Math.min(...lengths), Math.max(...lengths)];
	return isSame(most, least)
		? said(context, least)
		: `${showLength(least, context.job.reader, 'mark').text} to ${said(context, most)}`;
}
