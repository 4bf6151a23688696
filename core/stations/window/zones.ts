/** What zones ask of a window: whether each shows or is hidden as it should, and the smallest change that fixes it. */
import type { Case, Context, Remedy } from '../../rule/rule.ts';
import { atSides, leastSaid, remedy, said, sidesWith } from '../../rule/change.ts';
import { floated } from './float-it.ts';
import { axisOf, mapSides, SIDES, type Rect, type SideName, type Sides } from '../../geometry/shapes.ts';
import type { Zone } from '../../job/decide-piece.ts';
import { valueAt, type Operation } from '../../job/patch.ts';
import { named, which, type Sight } from '../../rule/sights.ts';
import { cutDown, isNothing, receiveUp } from '../../units/round.ts';
import { isSolvable, openingFor, overlapFor, seenBy } from './opening.ts';
import { liesInside, liesOutside, roomFor } from './shape.ts';
import { hasRoomForLift } from './lift-room.ts';
import { pieceKeys, windowKeys } from '../../job/keys.ts';
import { lastOf, nth, there } from '../../units/there.ts';
import { isAtLeast, isBelow } from '../../units/compare.ts';

export function zonesOf(sight: Sight, kind: Zone['kind']): Zone[] {
	return sight.piece.zones.filter((zone) => zone.kind === kind);
}

/** A zone that must show and does not, or hardly. */
export function coveredCase(context: Context, sight: Sight, zone: Zone): Case[] {
	const { choice, opening } = sight;
	const margin = context.shop.house.showZoneMargin;
	if (liesInside(zone, opening.sees, choice.shape, margin)) return [];
	const room = roomFor(zone, opening.sees, choice.shape);
	const short = SIDES.filter((side) => isBelow(room[side], margin));
	const side = short.reduce((worst, next) => (room[next] < room[worst] ? next : worst), short[0] ?? 'left');
	const curved = choice.shape !== 'rectangle';
	const says = curved
		? `“${zone.id}” is closer than ${leastSaid(context, margin)} to the edge of the ${choice.shape}, or beyond it.`
		: isNothing(room[side])
			? `“${zone.id}” ends at the window’s edge at the ${side}; ${leastSaid(context, margin)} inside it is needed.`
			: room[side] < 0
				? `The mat covers “${zone.id}” by ${said(context, -room[side])} at the ${side}.`
				: `“${zone.id}” is ${said(context, room[side])} from the window’s edge at the ${side}; ${leastSaid(context, margin)} is needed.`;
	return [
		{
			says: which(sight) + says,
			where: named(sight.number, `window.${opening.overlap ? `overlap.${side}` : 'opening'}`),
			remedies: coveredRemedies(context, sight, zone, short, room)
		}
	];
}

/** A zone that must be hidden and stands in the window. */
export function exposedCase(context: Context, sight: Sight, zone: Zone): Case[] {
	const { choice, opening } = sight;
	const margin = context.shop.house.hideZoneMargin;
	if (liesOutside(zone, opening.sees, choice.shape, margin)) return [];
	const says = `${which(sight)}“${zone.id}” shows in the window.`;
	if (choice.way !== 'cover' || !opening.overlap)
		return [{ says, where: named(sight.number, 'window.opening'), remedies: revealed(context, sight, zone, margin) }];
	if (choice.solve)
		return [{ says, where: named(sight.number, 'window.opening'), remedies: giveUpRemedies(context, sight, zone) }];
	const outside = zoneOutside(zone, opening.sees);
	const nearest = [...SIDES].sort((one, other) => outside[other] - outside[one]);
	for (const side of nearest) {
		const more = receiveUp(opening.overlap[side] + margin - outside[side], context.job.step);
		const after = seesAfter(context, sight, { [side]: more });
		if (!after || !leavesAllWell(context, sight, after) || !liesOutside(zone, after.sees, choice.shape, margin)) continue;
		return [
			{
				says,
				where: named(sight.number, `window.overlap.${side}`),
				remedies: [
					overlapRemedy(context, sight, `Overlap ${said(context, more)} at the ${side}`, { [side]: more }),
					...solveRemedy(context, sight)
				]
			}
		];
	}
	return [{ says, where: named(sight.number, 'window.opening'), remedies: solveRemedy(context, sight) }];
}

function coveredRemedies(context: Context, sight: Sight, zone: Zone, short: SideName[], room: Sides): Remedy[] {
	const { choice, opening } = sight;
	const margin = context.shop.house.showZoneMargin;
	const { step } = context.job;
	if (!opening.overlap) return [];
	if (choice.way === 'reveal') return widerReveal(context, sight, short, room);
	if (choice.solve) return [...otherWays(context, sight), ...giveUpRemedies(context, sight, zone)];
	if (choice.shape !== 'rectangle') return lessOverlap(context, sight, zone);
	// Half a step may come back when the opening is cut down, so the next step below is tried too.
	for (const more of [0, step]) {
		const less = Object.fromEntries(
			short.map((side) => [side, cutDown(there(opening.overlap, 'overlap')[side] - (margin - room[side]) - more, step)])
		) as Partial<Sides>;
		const after = seesAfter(context, sight, less);
		if (!after || short.some((side) => isBelow(after.overlap[side], there(opening.least, 'least')[side]))) continue;
		if (!liesInside(zone, after.sees, choice.shape, margin)) continue;
		return [
			overlapRemedy(context, sight, `Overlap ${said(context, there(less[nth(short, 0)], 'less'))} ${atSides(short)}`, less),
			...solveRemedy(context, sight)
		];
	}
	const solved = solveRemedy(context, sight);
	return solved.length > 0 ? solved : otherWays(context, sight);
}

/** What lies at the sheet's very edge no cover shows: a reveal or a float does. */
function otherWays(context: Context, sight: Sight): Remedy[] {
	if (sight.number !== null) return [];
	const reveal = sight.piece.image ? [remedy(context, 'Reveal the image with its margin', ['window', 'way'], 'reveal')] : [];
	return [...reveal, ...floated(context)];
}

/** The same overlap on every side, as much as leaves the zone inside a curve. */
function lessOverlap(context: Context, sight: Sight, zone: Zone): Remedy[] {
	const { opening, choice } = sight;
	const { step } = context.job;
	const least = Math.max(...SIDES.map((side) => there(opening.least, 'least')[side]));
	const from = cutDown(Math.min(...SIDES.map((side) => there(opening.overlap, 'overlap')[side])) - step, step);
	for (let overlap = from; isAtLeast(overlap, least); overlap -= step) {
		const all = mapSides(() => cutDown(overlap, step));
		const after = seesAfter(context, sight, all);
		if (after && liesInside(zone, after.sees, choice.shape, context.shop.house.showZoneMargin))
			return [overlapRemedy(context, sight, `Overlap ${said(context, all.left)} on every side`, all)];
	}
	const rectangle = remedy(context, 'A rectangle instead', [...windowKeys(sight), 'shape'], 'rectangle');
	return liesInside(zone, opening.sees, 'rectangle', context.shop.house.showZoneMargin) ? [rectangle] : [];
}

function widerReveal(context: Context, sight: Sight, short: SideName[], room: Sides): Remedy[] {
	const margin = context.shop.house.showZoneMargin;
	const wider = Object.fromEntries(
		short.map((side) => [side, receiveUp(sight.choice.reveal[side] + margin - room[side], context.job.step)])
	) as Partial<Sides>;
	if (!Object.values(wider).every(Number.isFinite)) return [];
	const side = nth(short, 0);
	return [
		remedy(
			context,
			`Reveal ${said(context, there(wider[side], 'wider'))} ${atSides(short)}`,
			[...windowKeys(sight), 'reveal'],
			sidesWith(sight.choice.reveal, wider)
		)
	];
}

/** Less paper shown on the side where the zone lies, as far as the image stays whole. */
function revealed(context: Context, sight: Sight, zone: Zone, margin: number): Remedy[] {
	if (sight.choice.way !== 'reveal') return [];
	const outside = zoneOutside(zone, sight.opening.sees);
	const side = SIDES.reduce((best, next) => (outside[next] > outside[best] ? next : best));
	const less = cutDown(sight.choice.reveal[side] - (margin - outside[side]) - context.job.step, context.job.step);
	if (less < 0) return [];
	return [
		remedy(
			context,
			`Reveal ${said(context, less)} at the ${side}`,
			[...windowKeys(sight), 'reveal'],
			sidesWith(sight.choice.reveal, { [side]: less })
		)
	];
}

/** The program finds the window, when there is one that satisfies every zone. */
function solveRemedy(context: Context, sight: Sight): Remedy[] {
	const { opening, choice, piece, measure } = sight;
	if (choice.way !== 'cover' || choice.shape !== 'rectangle' || !opening.least) return [];
	const { job, shop } = context;
	if (!isSolvable({ piece, measure, mat: lastOf(job.mats), house: shop.house, step: job.step }, opening.least)) return [];
	return [remedy(context, 'Find the largest window', [...windowKeys(sight), 'overlap'], 'solve')];
}

/** Where no window satisfies all, each of the smallest sets of zones that could be given up, if this zone is in the one taken. */
function giveUpRemedies(context: Context, sight: Sight, zone: Zone): Remedy[] {
	const sets = sight.opening.giveUp ?? [];
	if (!sets[0]?.includes(zone.id)) return [];
	return sets.slice(0, 4).map((ids) => ({
		label: `Drop ${ids.map((id) => `“${id}”`).join(' and ')}`,
		patch: withoutZones(context, sight, ids)
	}));
}

function withoutZones(context: Context, sight: Sight, ids: string[]): Operation[] {
	const keys = [...pieceKeys(context.file, sight.number, 'zones'), 'zones'];
	const written = (valueAt(context.file, keys) ?? []) as { id?: string }[];
	const kept = written.filter((zone, index) => !ids.includes(zone.id ?? `zone ${index + 1}`));
	return remedy(context, '', keys, kept).patch;
}

/** How far a zone lies wholly outside each side of the window; negative where it does not. */
function zoneOutside(zone: Zone, sees: Rect): Sides {
	const room = roomFor(zone, sees, 'rectangle');
	return mapSides((side) => -(room[side] + (axisOf(side) === 'width' ? zone.width : zone.height)));
}

type After = { overlap: Sides; sees: Rect };

/** The window that results when some sides are asked for differently; null when none is left. */
function seesAfter({ job }: Context, { choice, measure }: Sight, changed: Partial<Sides>): After | null {
	const asked = { ...choice.overlap, ...changed };
	const opening = openingFor(asked, measure.usable, job.step, choice.shape === 'circle');
	if (opening.width <= 0 || opening.height <= 0 || (choice.shape === 'arch' && opening.height < opening.width / 2)) return null;
	const overlap = overlapFor(asked, measure.usable, opening);
	return { overlap, sees: seenBy(overlap, opening, measure.usable) };
}

/** What must show still shows, and strips behind the mat still have room. */
function leavesAllWell(context: Context, sight: Sight, after: After): boolean {
	const { opening, choice } = sight;
	const margin = context.shop.house.showZoneMargin;
	const shows = zonesOf(sight, 'show').every((zone) => {
		const [before, room] = [roomFor(zone, opening.sees, choice.shape), roomFor(zone, after.sees, choice.shape)];
		return SIDES.every((side) => isAtLeast(room[side], margin) || isAtLeast(room[side], before[side]));
	});
	const nearest = lastOf(context.job.mats);
	return shows && (nearest.lift === 0 || hasRoomForLift(context, context.job.mats.length - 1, [after.overlap]));
}

export function overlapRemedy(context: Context, sight: Sight, label: string, changed: Partial<Sides>): Remedy {
	const keys = [...windowKeys(sight), 'overlap'];
	if (!context.job.mats.some(({ have }) => have)) return remedy(context, label, keys, sidesWith(sight.choice.overlap, changed));
	// The opening of a mat at hand is what it is: one side of an axis is said, and the other follows.
	const { left, right, top, bottom } = { ...sight.choice.typed, ...changed };
	const across = left === undefined || changed.right !== undefined ? { right } : { left };
	const down = top === undefined || changed.bottom !== undefined ? { bottom } : { top };
	return remedy(context, label, keys, JSON.parse(JSON.stringify({ ...across, ...down })));
}
