/**
 * Station Hang: rings, wire and nails (handbook hang).
 *
 *        hook ○───── s ─────○ hook        r = rise above the rings, θ = angle of the wire at the ring
 *          ╱                 ╲
 *   ring ●╱ θ             θ   ╲● ring     span S between the rings, run = S/2 for one hook, (S − s)/2 for two
 */
import type { Size } from '../../geometry/shapes.ts';
import { fail } from '../../job/faults.ts';
import type { Ring } from '../../shop/hangers.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { cutDown, tidy } from '../../units/round.ts';
import { showWithUnit } from '../../units/show.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Hang } from '../../figures/hang.ts';
import type { Decided } from '../../job/decided.ts';
import { HANGERS, lineAsked } from './kinds/all.ts';
import { FRAMES } from '../frame/kinds/all.ts';
import { there } from '../../units/there.ts';

type Line = { hookCount: 1 | 2; spacing: number; rise: number; run: number; widened?: true };

export function planHang(job: Decided, shop: Shop, before: { frame: Frame; kg: number }): Hang {
	const { frame, kg } = before;
	const { house } = shop;
	const drop = dropOf(job, frame);
	const inset = insetOf(job, frame, house);
	const span = frame.outer.width - 2 * inset;
	const fixed = { drop, inset, span, ...(job.hang.strip ? { strip: stripOf(frame, house, job.step) } : {}) };
	const line = byRings(job, house, kg) ? null : wireLine(frame.outer.width, span, drop, job.hang.hooks, house);
	if (!line) return withRing({ ...fixed, ...ringsOnHooks(job, frame, span, drop, kg, house), noWire: false }, job, shop, frame);
	const angleRad = Math.atan(line.rise / line.run);
	const pullN = (kg * house.gravity) / (2 * Math.sin(angleRad));
	const wireWantedKg = (house.wireSafety * pullN) / house.gravity;
	const { by, line: asked } = lineAsked(job);
	const breakingKg = asked.strengths(shop).find((strength) => strength >= wireWantedKg);
	if (breakingKg === undefined)
		return withRing({ ...fixed, ...ringsOnHooks(job, frame, span, drop, kg, house), noWire: true }, job, shop, frame);
	const height = job.hang.centreHeight + frame.outer.height / 2 - (drop - line.rise) + house.hookOffset;
	const hang = {
		by,
		...fixed,
		hookCount: line.hookCount,
		spacing: line.spacing,
		rise: line.rise,
		angle: (angleRad * 180) / Math.PI,
		pullN,
		sidewaysN: pullN * Math.cos(angleRad),
		ringWantedKg: (house.hangerSafety * pullN) / house.gravity,
		wireWantedKg,
		wire: { breakingKg, length: line.spacing + 2 * Math.hypot(line.run, line.rise) + 2 * house.wireEnd },
		widened: line.widened ?? false,
		noWire: false,
		hooks: line.hookCount === 1 ? [{ x: 0, height }] : [-1, 1].map((side) => ({ x: (side * line.spacing) / 2, height }))
	} satisfies Hang;
	return withRing(hang, job, shop, frame);
}

/** A share of the height, or as the framer measures it. @throws FaultError for one below the frame */
function dropOf(job: Decided, { outer }: Frame): number {
	const { drop, dropShare } = job.hang;
	if (drop === null) return outer.height * dropShare;
	if (drop >= outer.height)
		fail(
			'hang.drop',
			`The frame is ${showWithUnit(outer.height, job.reader)} high: rings ${showWithUnit(drop, job.reader, 'mark')} down would hang below it.`
		);
	return drop;
}

/** The middle of the flat wood at the back; of a strip across it, its screw where the strip is; of a metal channel the middle of its face. */
function insetOf(job: Decided, { section }: Frame, { woodForScrew }: House): number {
	const { inset, flatWood: wood } = FRAMES[there(job.frame, 'frame').kind];
	const middle = inset(section);
	return job.hang.strip && wood(section) !== null ? Math.max(middle, woodForScrew) : middle;
}

/** Flat wood at the back that a hanger's plate stands on, mm; none in a metal channel. */
export function flatWood(job: Decided, { section }: Frame, { backStripWidth }: House): number | null {
	const wood = FRAMES[there(job.frame, 'frame').kind].flatWood(section);
	return wood !== null && job.hang.strip ? backStripWidth : wood;
}

/** From rail to rail, the bare edge of each left free. */
function stripOf({ outer }: Frame, { bareWood, backStripWidth }: House, step: number): Size {
	return { width: cutDown(outer.width - 2 * bareWood, step), height: backStripWidth };
}

/** Rings of the shop that this wood takes and that bear enough: none whose plate stands out past it. */
export function ringsFor(shop: Shop, wood: number, hang: Pick<Hang, 'by' | 'ringWantedKg'>): Ring[] {
	return Object.values(shop.rings).filter(
		({ plate, workingKg, holes }) =>
			plate <= wood && workingKg >= hang.ringWantedKg && (HANGERS[hang.by].holes ?? holes) === holes
	);
}

function withRing(hang: Hang, job: Decided, shop: Shop, frame: Frame): Hang {
	const wood = flatWood(job, frame, shop.house);
	if (wood === null) return hang;
	const ring = job.hang.ring ?? ringsFor(shop, wood, hang)[0];
	return ring ? { ...hang, ring: ring.id, pilot: tidy(ring.screw * shop.house.pilotShare) } : hang;
}

function byRings(job: Decided, house: House, kg: number): boolean {
	return job.hang.by === 'rings' || kg > house.wireMostKg;
}

/** The wire's line, or null where the frame is too low for one: one hook, then two, then two farther apart. */
function wireLine(outerWidth: number, span: number, drop: number, asked: 1 | 2 | null, house: House): Line | null {
	const hidden = drop - house.wireHidden;
	const two = asked ? asked === 2 : outerWidth > house.twoHooksAbove;
	const one: Line = { hookCount: 1, spacing: 0, run: span / 2, rise: Math.min((span / 2) * tan(house.wireAngle), hidden) };
	if (!two && steepEnough(one, house)) return one;
	const spacing = Math.min(Math.max(span * house.hookSpacingShare, house.hookSpacingLeast), span - house.hookSpacingFree);
	if (spacing > 0) {
		const run = (span - spacing) / 2;
		const pair: Line = { hookCount: 2, spacing, run, rise: Math.min(run * tan(house.wireAngle), hidden) };
		if (steepEnough(pair, house)) return pair;
	} else if (steepEnough(one, house)) return one;
	// Low frame: hooks so far apart that the wire stands at its wanted angle again.
	const run = hidden / tan(house.wireAngle);
	if (hidden < house.lowFrameLeast || run < house.runLeast || span - 2 * run <= 0) return null;
	return { hookCount: 2, spacing: span - 2 * run, run, rise: hidden, widened: true };
}

function steepEnough(line: Line, house: House): boolean {
	return line.rise > 0 && line.rise / line.run >= tan(house.wireAngleLeast) - 1e-9;
}

function ringsOnHooks(
	job: Decided,
	frame: Frame,
	span: number,
	drop: number,
	kg: number,
	house: House
): Omit<Hang, 'drop' | 'inset' | 'span' | 'noWire' | 'strip'> {
	const height = job.hang.centreHeight + frame.outer.height / 2 - drop + house.hookOffset;
	return {
		by: 'rings',
		hookCount: 2,
		widened: false,
		spacing: span,
		rise: 0,
		angle: 90,
		pullN: (kg * house.gravity) / 2,
		sidewaysN: 0,
		ringWantedKg: house.hangerSafety * kg,
		hooks: [-1, 1].map((side) => ({ x: (side * span) / 2, height }))
	};
}

function tan(degrees: number): number {
	return Math.tan((degrees * Math.PI) / 180);
}
