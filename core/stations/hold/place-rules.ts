/** Rules about where a hold comes, which edges it fixes, and whether it shows. */
import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import { leastSaid, remedy, said, saidBoth, saidFine, saidRead } from '../../rule/change.ts';
import { overlapRemedy } from '../window/zones.ts';
import { widerBorder } from '../window/size-rules.ts';
import { houseBoard } from '../../job/material.ts';
import { evenSides } from '../../geometry/shapes.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { isNothing, receiveUp } from '../../units/round.ts';
import type { Zone } from '../../job/decide-piece.ts';
import { drop, put } from '../../job/patch.ts';
import { named, which } from '../../rule/sights.ts';
import { contactsOf, touches } from './contacts.ts';
import type { Contact } from './kinds/kind.ts';
import { hiddenLeg, pocketLeg } from './corners.ts';
import { clearPlaces } from './clear-places.ts';
import { heldSights, type Held } from './held.ts';
import { heldShort } from './hold.ts';
import { topHold } from './hinges.ts';
import { inFolded, kindPatch } from './other-kinds.ts';
import { hiddenReach } from './strips.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import { known, lastOf, nth, there } from '../../units/there.ts';
import { isAbove, isAtLeast, isBelow, isSame } from '../../units/compare.ts';

const WORDS: Record<Contact['what'], string> = {
	hinge: 'A hinge',
	pocket: 'A corner pocket',
	strip: 'An edge strip',
	point: 'A clip',
	patch: 'A patch behind the piece'
};

export const placeRules: Rule[] = [
	{
		id: 'hold.keep-off',
		station: 'hold',
		of: 'safety',
		when: 'a hinge, pocket, strip or clip on a zone that must not be touched',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'That area must not be wetted or pulled.',
		fixes: 'Move the hinge along the edge until it clears the zone; else keep only the outer two.',
		find: (context) =>
			heldSights(context).flatMap((sight) => {
				const contacts = contactsOf(sight);
				return keepOffs(sight).flatMap((zone): Case[] => {
					const contact = contacts.find((one) => touches(one, zone));
					if (!contact) return [];
					return [
						{
							says: `${which(sight)}${WORDS[contact.what]} is on “${zone.id}”.`,
							where: named(sight.number, 'hold.places'),
							remedies: isHinge(sight.hold.kind) ? [...movedOff(context, sight), outerTwo(context)] : []
						}
					];
				});
			})
	},
	{
		id: 'hold.off-board',
		station: 'hold',
		of: 'safety',
		when: 'a tab or cross-piece runs off its board, there is no such board, or hinges overlap',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A hinge must be pasted to board over its whole length.',
		fixes: 'A V-hinge or pass-through, a wider border, a back mat, fewer hinges.',
		find: (context) => heldSights(context).flatMap((sight) => (isHinge(sight.hold.kind) ? offBoard(context, sight) : []))
	},
	{
		id: 'hold.too-much',
		station: 'hold',
		of: 'safety',
		when: 'adhesive on more than one side or along a whole edge, a single tab on a sheet over {oneTabUpTo}, or pockets, strips and slings with less slack than the sheet’s movement',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'A sheet that can’t expand bulges toward the glazing or tears.',
		fixes: 'Two or more hinges, at the top only; pockets and strips with slack for movement.',
		school: 'fixed-edges',
		find: (context) => heldSights(context).flatMap((sight) => tooMuch(context, sight))
	},
	{
		id: 'hold.corner-shows',
		station: 'hold',
		of: 'safety',
		when: 'a pocket or strip reaches past the overlap, or the overlap leaves a pocket under {pocketLeast}, a strip under {stripLeast|bare}',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Too long, it shows; too short, it holds nothing.',
		fixes: 'Pockets or strips no longer than the overlap hides, else hinges.',
		find: (context) =>
			heldSights(context).flatMap((sight) =>
				sight.hold.kind === 'corners' ? cornerCase(context, sight) : stripCases(context, sight)
			)
	}
];

/** The first reason why a hinge would not lie on its board. */
function offBoard(context: Context, sight: Held): Case[] {
	const { job, file, shop, plan } = context;
	const { hold, opening } = sight;
	const float = sight.choice.way === 'float';
	const where = named(sight.number, 'hold.places');
	const kinds = (['v-hinge', 'pass-through'] as const).map((kind) => ({
		label: kind === 'v-hinge' ? 'V-hinges' : 'Pass-through hinges',
		patch: kindPatch(file, kind, job.hold.adhesive.id)
	}));
	if (!isThere(job, float)) {
		const board = houseBoard(job.aim, job.piece.proteinOrDye);
		const underMat = remedy(context, `A back mat of ${inSentence(known(shop.boards, board).name)}`, ['guard', 'underMat'], board);
		return [{ says: `${which(sight)}No board behind the sheet to hinge it to.`, where, remedies: [underMat] }];
	}
	// A sheet that reaches past its boards has that finding.
	if (isBelow(opening.placement.top, 0)) return [];
	if (hold.kind === 't-hinge' && isBelow(opening.placement.top, shop.house.boardAboveLeast)) {
		const { top } = opening.placement;
		const [above, least] = saidBoth(context, top, shop.house.boardAboveLeast);
		return [
			{
				says: `${which(sight)}${isNothing(top) ? 'There is no board' : `${above} of board`} above the sheet; a T-hinge needs ${least}.`,
				where,
				remedies: [...kinds, ...widerBorder(context, 'top', shop.house.boardAboveLeast - opening.placement.top)]
			}
		];
	}
	const half = (hold.kind === 't-hinge' && hold.cross ? hold.cross.width : hold.size.width) / 2;
	const [first, last] = [nth(hold.places, 0), lastOf(hold.places)];
	const beyond = Math.max(
		half - first - opening.placement.left,
		opening.placement.left + last + half - there(plan.window, 'window').pack.width
	);
	if (isAbove(beyond, 0))
		return [
			{
				says: `${which(sight)}An outer hinge reaches ${saidRead(context, beyond)} past the side of its board.`,
				where,
				remedies: hold.kind === 't-hinge' ? kinds : []
			}
		];
	const apart = Math.min(Infinity, ...hold.places.slice(1).map((place, index) => place - nth(hold.places, index)));
	if (isAtLeast(apart, hold.size.width)) return [];
	const count = Math.max(1, Math.floor((last - first) / (hold.size.width + shop.house.crossApart)) + 1);
	return [
		{
			says: `${which(sight)}Hinges ${said(context, hold.size.width)} wide overlap: their centres are ${said(context, apart)} apart.`,
			where,
			remedies: [
				{
					label: count === 1 ? 'One hinge' : `${count} hinges`,
					patch: [...drop(file, ['hold', 'places']), ...put(file, ['hold', 'count'], count)]
				}
			]
		}
	];
}

/** The board that hinges lie on: the window mat, the under-mat, a float's support, or in a flat float whatever closes the back. */
function isThere(job: Context['job'], float: boolean): boolean {
	if (job.hold.from === 'window-mat' || job.guard.underMat) return true;
	return float && (job.windows.some(({ support }) => support !== null) || job.guard.backing !== null);
}

function keepOffs({ piece }: Held): Zone[] {
	return piece.zones.filter((zone) => zone.kind === 'keep-off');
}

/** Each hinge that lies on a zone goes to the nearest place beside it. */
function movedOff(context: Context, sight: Held): Remedy[] {
	if (sight.number !== null || sight.hold.others) return [];
	const places = clearPlaces(sight, context.job.step);
	if (!places) return [];
	const moved = sight.hold.places.filter((place, index) => !isSame(place, nth(places, index))).length;
	return [
		{
			label: moved === 1 ? 'Move that hinge beside it' : `Move ${moved} hinges beside it`,
			patch: [...drop(context.file, ['hold', 'count']), ...put(context.file, ['hold', 'places'], places)]
		}
	];
}

/** The two outer ones alone: whatever the count, they stay where they are. */
function outerTwo({ file }: Context): Remedy {
	return { label: '2 hinges', patch: [...drop(file, ['hold', 'places']), ...put(file, ['hold', 'count'], 2)] };
}

function tooMuch(context: Context, sight: Held): Case[] {
	const cases = isHinge(sight.hold.kind) ? tooMuchAdhesive(context, sight) : tooLittleSlack(context, sight);
	if (context.job.guard.glazing.family !== 'none') return cases;
	// There is no glazing that it could bulge toward.
	return cases.map((one) => ({ why: 'A sheet that can’t expand bulges or tears.', ...one }));
}

/** What a sheet would do that can't grow, as far as the air in the pack leaves it: an estimate. */
function bulges(context: Context, { hold }: Held): string {
	if (!hold.bulge) return '';
	const most = Math.max(...Object.values(hold.bulge));
	const { gap } = there(context.plan.pack, 'pack');
	const glazed = context.job.guard.glazing.family !== 'none';
	if (glazed && most >= gap)
		return ` In humid air it would bulge as far as the glazing${gap > 0 ? `, ${saidFine(context, gap)} away` : ''}.`;
	return ` In humid air it would bulge by about ${saidFine(context, most)}${glazed ? ` of the ${saidFine(context, gap)} gap` : ''}.`;
}

/** Beside its top. */
const OTHER_EDGES = 3;

function tooMuchAdhesive(context: Context, sight: Held): Case[] {
	const { hold, measure } = sight;
	const where = named(sight.number, 'hold.count');
	const school = (id: string, safer: string, label: string) => [remedy(context, label, ['schools', id], safer)];
	const held = hold.others?.length ?? 0;
	if (held === OTHER_EDGES)
		return [
			{
				says: `${which(sight)}Adhesive holds the sheet on all four sides.${bulges(context, sight)}`,
				where,
				remedies: school('fixed-edges', 'top', 'Hinges at the top only')
			}
		];
	if (held === 1)
		return [
			{
				says: `${which(sight)}Adhesive holds the sheet at the bottom too; check again in two years.${bulges(context, sight)}`,
				where,
				severity: 'caution',
				remedies: school('big-prints', 'top', 'Hinges at the top only')
			}
		];
	if (topHold(context.job, measure, context.shop.house) === 'strip')
		return [
			{
				says: `${which(sight)}One strip of adhesive along the whole top edge.`,
				where,
				remedies: school('top-hold', 'tabs', 'Separate tabs')
			}
		];
	const longest = Math.max(measure.mean.width, measure.mean.height);
	if (hold.places.length > 1 || longest <= context.shop.house.oneTabUpTo) return [];
	return [
		{
			says: `${which(sight)}One hinge on a sheet ${said(context, measure.mean.width)} wide.`,
			why: 'A sheet this size swings on a single tab.',
			where,
			severity: context.grade === 'show' ? 'note' : 'caution',
			remedies: [
				{
					label: 'Two hinges',
					patch: [...drop(context.file, ['hold', 'places']), ...put(context.file, ['hold', 'count'], 2)]
				}
			]
		}
	];
}

function tooLittleSlack(context: Context, sight: Held): Case[] {
	const { hold, movement } = sight;
	if (!hold.slack) return [];
	const short = heldShort(hold, movement);
	return (['width', 'height'] as const)
		.filter((axis) => short[axis] !== undefined)
		.map((axis) => ({
			says: slackSays(context, sight, axis),
			where: named(sight.number, `hold.slack.${axis}`),
			remedies: [{ label: 'Slack for its movement', patch: drop(context.file, ['hold', 'slack']) }]
		}));
}

function slackSays(context: Context, sight: Held, axis: 'width' | 'height'): string {
	const [slack, moves] = saidBoth(context, there(sight.hold.slack, 'slack')[axis], sight.movement[axis]);
	return `${which(sight)}${isNothing(there(sight.hold.slack, 'slack')[axis]) ? 'No slack' : `${slack} slack`} ${axis === 'width' ? 'across' : 'down'}; the sheet moves by ${moves}.`;
}

function hinges(context: Context): Remedy {
	return { label: 'Hinges', patch: kindPatch(context.file, 't-hinge', 'starch-paste') };
}

function cornerCase(context: Context, sight: Held): Case[] {
	const { house } = context.shop;
	const leg = sight.hold.size.width;
	const hidden = hiddenLeg(sight.opening, sight.choice.shape, sight.measure.mean);
	const where = named(sight.number, 'hold.size');
	const strips = inFolded(context).filter(({ label }) => label === 'Edge strips');
	if (isAbove(leg, hidden)) {
		const fits = pocketLeg(sight.opening, sight.choice.shape, sight.measure.mean, house) >= house.pocketLeast;
		const shorter = { label: 'Pockets as long as the overlap hides', patch: drop(context.file, ['hold', 'width']) };
		return [
			{
				says: pocketSays(context, sight, leg, hidden),
				where,
				remedies: fits && context.file.hold?.width !== undefined ? [shorter] : [...strips, hinges(context)]
			}
		];
	}
	if (isAtLeast(leg, house.pocketLeast)) return [];
	return [
		{ says: tooShortSays(context, sight, leg), where, remedies: [...widerOverlap(context, sight), ...strips, hinges(context)] }
	];
}

function pocketSays(context: Context, sight: Held, leg: number, hidden: number): string {
	const [one, other] = saidBoth(context, leg, hidden);
	return `${which(sight)}A corner pocket of ${one} shows: ${isAbove(hidden, 0) ? `the overlaps hide ${other}` : 'nothing hides it'}.`;
}

/** By how much a pocket falls short of the least, and what overlap would do. */
function tooShortSays(context: Context, sight: Held, leg: number): string {
	const { pocketLeast } = context.shop.house;
	// All three alike, so that the difference is the one that is said.
	const [has, least, short] = [leg, pocketLeast, pocketLeast - leg].map((length) => saidFine(context, length));
	const wanted = overlapForPocket(context, sight);
	const would =
		wanted === null
			? 'The sheet is too small for pockets'
			: `An overlap of ${said(context, wanted)} on every side would be enough`;
	return `${which(sight)}Corner pockets of ${has} are ${short} too short: ${least} is the minimum that holds. ${would}.`;
}

/** The overlap on every side that hides the least pocket; null where the sheet itself is too small, or a curve decides. */
function overlapForPocket({ shop, job }: Context, { measure, choice }: Held): number | null {
	const { pocketLeast, pocketBehind } = shop.house;
	if (Math.min(measure.mean.width, measure.mean.height) / 6 < pocketLeast || choice.shape !== 'rectangle') return null;
	return receiveUp((pocketLeast + pocketBehind) / 2, job.step);
}

function widerOverlap(context: Context, sight: Held): Remedy[] {
	const wanted = overlapForPocket(context, sight);
	if (wanted === null || sight.choice.way !== 'cover' || sight.choice.solve) return [];
	const { overlap } = sight.choice;
	const sides = (['top', 'right', 'bottom', 'left'] as const).map((side) => [side, Math.max(overlap[side], wanted)] as const);
	return [
		overlapRemedy(context, sight, `Overlap ${said(context, wanted)} on every side`, {
			...evenSides(wanted),
			...Object.fromEntries(sides)
		})
	];
}

function stripCases(context: Context, sight: Held): Case[] {
	const { house } = context.shop;
	return (sight.hold.strips ?? []).flatMap(({ side, reach }, index): Case[] => {
		const hidden = hiddenReach(sight.opening, side, house);
		const where = named(sight.number, `hold.strips[${index}].reach`);
		const word = `at the ${side}`;
		if (isAbove(reach, hidden)) {
			const shorter = { label: 'Strips as long as the overlap hides', patch: drop(context.file, ['hold', 'contact']) };
			return [
				{
					says: `${which(sight)}A strip of ${saidBoth(context, reach, hidden)[0]} ${word} shows: ${isAbove(hidden, 0) ? `the overlap hides ${saidBoth(context, reach, hidden)[1]}` : 'nothing hides it'}.`,
					where,
					remedies: context.file.hold?.contact !== undefined && hidden >= house.stripLeast ? [shorter] : [hinges(context)]
				}
			];
		}
		if (isAtLeast(reach, house.stripLeast)) return [];
		return [
			{
				says: `${which(sight)}A strip of ${saidFine(context, reach)} ${word} holds nothing: ${leastSaid(context, house.stripLeast)} is the minimum.`,
				where,
				remedies: [hinges(context)]
			}
		];
	});
}
