import type { Case, Context, Rule } from '../findings/rule.ts';
import { hasRoomForLift, remedy, remedyOfMat, said, sidesWith } from '../findings/change.ts';
import { axisOf, mapSides, SIDES, type SideName, type Sides } from '../geometry/shapes.ts';
import type { Zone } from '../job/decide.ts';
import { receiveUp, cutDown } from '../units/round.ts';
import { showLength } from '../units/show.ts';
import { openingFor, overlapFor, zoneInside } from './window.ts';

/** Figures that differ by less than this are the same. */
const SAME = 1e-6;

export const windowRules: Rule[] = [
	{
		id: 'window.overlap-thin',
		station: 'window',
		when: 'an overlap below the least that the sheet’s movement allows (with a reverse bevel, less the board’s thickness)',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A sheet that shrinks in a dry winter can slip out of its window.',
		find: (context) => {
			const { window } = context.plan;
			const mat = context.job.mats.at(-1)!;
			if (!window) return [];
			const bevel = mat.bevel === 'reverse' ? mat.board.thickness : 0;
			const thin = SIDES.filter((side) => window.overlap[side] - bevel < window.least[side] - SAME);
			if (thin.length === 0) return [];
			const wider = Object.fromEntries(
				thin.map((side) => [side, receiveUp(window.least[side] + bevel, context.job.step)])
			) as Partial<Sides>;
			const side = thin[0]!;
			return [
				{
					says: `The mat covers ${said(context, window.overlap[side] - bevel, true)} ${atSides(thin)}; the sheet’s movement asks for ${said(context, window.least[side], true)}.`,
					where: `window.overlap.${side}`,
					remedies: [overlapRemedy(context, `Overlap ${rangeOf(context, Object.values(wider))} ${atSides(thin)}`, wider)]
				}
			];
		}
	},
	{
		id: 'window.zone-covered',
		station: 'window',
		when: 'a zone that must show lies less than 2 mm inside the window',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'What must be seen would lie under the mat, or so near its edge that a small shift covers it.',
		find: (context) => zonesOf(context, 'show').flatMap((zone) => coveredCase(context, zone))
	},
	{
		id: 'window.zone-exposed',
		station: 'window',
		when: 'a zone that must be hidden lies less than 1 mm outside the window',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'What the owner does not want to see would stand in the window.',
		find: (context) => zonesOf(context, 'hide').flatMap((zone) => exposedCase(context, zone))
	},
	{
		id: 'window.reveal-thin',
		station: 'window',
		when: 'a reveal of no more than the board’s thickness, with a normal bevel',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'The bevel takes the board’s thickness out of it: no flat strip of that mat would be seen.',
		find: (context) =>
			context.job.mats.flatMap((mat, index): Case[] => {
				const thin =
					index > 0 && mat.bevel === 'normal' && Math.min(...SIDES.map((side) => mat.reveal[side])) <= mat.board.thickness + SAME;
				if (!thin) return [];
				const wider = Math.max(context.shop.house.reveal, receiveUp(mat.board.thickness + 3, context.job.step));
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
		find: (context) => (context.plan.window?.mats ?? []).flatMap((_, index) => setbackCase(context, index))
	},
	{
		id: 'window.border-thin',
		station: 'window',
		when: 'the smallest seen border is under 40 mm on a sheet whose long side is over 300',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'A narrow border crowds a large sheet, and leaves the mat little strength.',
		find: (context) => {
			const seen = context.plan.window?.mats[0]?.seen;
			const { measure } = context.plan;
			const { house } = context.shop;
			if (!seen || !measure || Math.max(measure.mean.width, measure.mean.height) <= house.thinBorderFrom) return [];
			const side = SIDES.reduce((least, next) => (seen[next] < seen[least] ? next : least));
			return seen[side] >= house.thinBorder
				? []
				: [
						{
							says: `The ${side} border shows ${said(context, seen[side], true)}; ${said(context, house.thinBorder)} is the least that carries a sheet of this size.`,
							where: `window.mats[0].seen.${side}`
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
		find: (context) => {
			const { frame, window } = context.plan;
			const seen = window?.mats[0]?.seen;
			if (!frame || !seen) return [];
			const side = SIDES.find((one) => Math.abs(seen[one] - frame.section.face) <= context.shop.house.stripeWithin);
			return side
				? [
						{
							says: `The ${side} border shows ${said(context, seen[side], true)}, the moulding’s face ${said(context, frame.section.face, true)}.`,
							where: `window.mats[0].seen.${side}`
						}
					]
				: [];
		}
	}
];

function zonesOf(context: Context, kind: Zone['kind']): Zone[] {
	return context.plan.window && context.plan.measure ? context.job.piece.zones.filter((zone) => zone.kind === kind) : [];
}

/** Less overlap on each side that covers the zone, as long as the least overlap stays. */
function coveredCase(context: Context, zone: Zone): Case[] {
	const { window, measure } = context.plan;
	const margin = context.shop.house.showZoneMargin;
	const inside = zoneInside(zone, window!.overlap, measure!);
	const short = SIDES.filter((side) => inside[side] < margin - SAME);
	if (short.length === 0) return [];
	const side = short.reduce((worst, next) => (inside[next] < inside[worst] ? next : worst));
	const { step } = context.job;
	// Half a step may come back when the opening is cut down, so the next step below is tried too.
	const tries = [0, step].map((more) => {
		const less = Object.fromEntries(
			short.map((one) => [one, cutDown(window!.overlap[one] - (margin - inside[one]) - more, step)])
		) as Partial<Sides>;
		return { less, after: overlapAfter(context, less) };
	});
	const mend = tries.find(
		({ less, after }) =>
			after &&
			short.every((one) => less[one]! >= 0 && after[one] >= window!.least[one] - SAME) &&
			short.every((one) => zoneInside(zone, after, measure!)[one] >= margin - SAME)
	);
	return [
		{
			says:
				inside[side] < 0
					? `The mat covers “${zone.id}” by ${said(context, -inside[side], true)} at the ${side}.`
					: `“${zone.id}” lies ${said(context, inside[side], true)} from the window’s edge at the ${side}; ${said(context, margin)} is wanted.`,
			where: `window.overlap.${side}`,
			remedies: mend ? [overlapRemedy(context, `Overlap ${said(context, mend.less[side]!)} ${atSides(short)}`, mend.less)] : []
		}
	];
}

/** More overlap on the one side that hides the zone at the least cost, if that covers nothing that must show. */
function exposedCase(context: Context, zone: Zone): Case[] {
	const { window, measure } = context.plan;
	const margin = context.shop.house.hideZoneMargin;
	const outside = zoneOutside(zone, zoneInside(zone, window!.overlap, measure!));
	if (SIDES.some((side) => outside[side] >= margin - SAME)) return [];
	const nearest = [...SIDES].sort((one, other) => outside[other] - outside[one]);
	for (const side of nearest) {
		const more = receiveUp(window!.overlap[side] + margin - outside[side], context.job.step);
		const after = overlapAfter(context, { [side]: more });
		if (!after || !leavesAllWell(context, after)) continue;
		return [
			{
				says: `“${zone.id}” stands in the window.`,
				where: `window.overlap.${side}`,
				remedies: [overlapRemedy(context, `Overlap ${said(context, more)} at the ${side}`, { [side]: more })]
			}
		];
	}
	return [{ says: `“${zone.id}” stands in the window.`, where: 'window.opening' }];
}

/** How far a zone lies wholly outside each side of the window; negative where it does not. */
function zoneOutside(zone: Zone, inside: Sides): Sides {
	return mapSides((side) => -(inside[side] + (axisOf(side) === 'width' ? zone.width : zone.height)));
}

/** The overlap that results when some sides are asked for differently; null when no window is left. */
function overlapAfter({ job, plan }: Context, changed: Partial<Sides>): Sides | null {
	const asked = { ...job.window.overlap, ...changed };
	const opening = openingFor(asked, plan.measure!.usable, job.step);
	return opening.width > 0 && opening.height > 0 ? overlapFor(asked, plan.measure!.usable, opening) : null;
}

/** What must show still shows, and strips behind the mat still have room. */
function leavesAllWell(context: Context, after: Sides): boolean {
	const { measure } = context.plan;
	const shows = zonesOf(context, 'show').every((zone) => {
		const [before, inside] = [zoneInside(zone, context.plan.window!.overlap, measure!), zoneInside(zone, after, measure!)];
		return SIDES.every((side) => inside[side] >= context.shop.house.showZoneMargin - SAME || inside[side] >= before[side] - SAME);
	});
	const nearest = context.job.mats.length - 1;
	return shows && (context.job.mats[nearest]!.lift === 0 || hasRoomForLift(context, nearest, after));
}

function setbackCase(context: Context, index: number): Case[] {
	const { house } = context.shop;
	const { window } = context.plan;
	const lift = window!.mats[index]!.lift;
	if (!lift) return [];
	const nearest = index === window!.mats.length - 1;
	const beyondSheet = nearest ? Math.max(...Object.values(window!.overlap)) + house.setbackBeyondSheet : 0;
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

function overlapRemedy(context: Context, label: string, changed: Partial<Sides>) {
	return remedy(context, label, ['window', 'overlap'], sidesWith(context.job.window.overlap, changed));
}

/** `3 mm`, or `3 to 4 mm` where sides ask for different ones. */
function rangeOf(context: Context, lengths: number[]): string {
	const [least, most] = [Math.min(...lengths), Math.max(...lengths)];
	return most - least < SAME ? said(context, least) : `${showLength(least, context.job.unit).text} to ${said(context, most)}`;
}

/** `at the top and left`, `on every side`. */
function atSides(sides: SideName[]): string {
	if (sides.length === 4) return 'on every side';
	return `at the ${sides.length === 1 ? sides[0] : `${sides.slice(0, -1).join(', ')} and ${sides.at(-1)}`}`;
}
