/**
 * Station Hang: rings, wire and nails (handbook hang).
 *
 *        hook ○───── s ─────○ hook        r = rise above the rings, θ = angle of the wire at the ring
 *          ╱                 ╲
 *   ring ●╱ θ             θ   ╲● ring     span S between the rings, run = S/2 for one hook, (S − s)/2 for two
 */
import type { Size } from '../../geometry/shapes.ts';
import { fail } from '../../job/faults.ts';
import type { HangerKind } from '../../job/kinds.ts';
import type { Ring } from '../../shop/hangers.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { showWithUnit } from '../../units/show.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Hang } from '../../figures/hang.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure, Write } from '../../rule/book.ts';
import {
	angleOf,
	at,
	cosine,
	down,
	half,
	houseTerms,
	largest,
	less,
	negative,
	nextOf,
	over,
	plain,
	root,
	sine,
	smallest,
	sum,
	tangent,
	tidied,
	times,
	twice,
	type Term
} from '../../rule/term.ts';
import { HANGERS, lineAsked } from './kinds/all.ts';
import { FRAMES } from '../frame/kinds/all.ts';
import { there } from '../../units/there.ts';
import { isAtLeast } from '../../units/compare.ts';

type Line = { hookCount: 1 | 2; spacing: Term; rise: Term; run: Term; widened?: true };

export function planHang(job: Decided, shop: Shop, before: { frame: Frame; kg: number }, figure: Figure): Hang {
	const { frame } = before;
	const kg = at('mass.kg', before.kg);
	const write: Write = (name, term, anchor) => figure(`hang.${name}`, term, `hang#${anchor}`);
	const house = houseTerms(shop.house);
	const one = job.hang.by === 'by-mass' ? null : HANGERS[job.hang.by].single;
	if (one) return onOne(job, frame, kg, shop.house, write);
	const drop = write('drop', dropOf(job, frame), 'drop');
	const inset = write('inset', insetOf(job, frame, shop.house), 'inset');
	const span = write('span', less(outer(frame, 'width'), twice(inset)), 'inset');
	const strip = job.hang.strip ? { strip: stripOf(frame, shop.house, job.step, write) } : {};
	const fixed = { drop: drop.value, inset: inset.value, span: span.value, ...strip };
	const onHooks = (noWire: boolean) =>
		withRing({ ...fixed, ...ringsOnHooks(job, frame, { span, drop, kg }, shop.house, write), noWire }, job, shop, frame, write);
	const line = byRings(job, shop.house, kg.value)
		? null
		: wireLine(outer(frame, 'width'), span, drop, job.hang.hooks, shop.house);
	if (!line) return onHooks(false);
	// What the wire must bear decides whether there is one: nothing is written down before.
	const angle = angleOf(over(line.rise, line.run));
	const pull = (of: Term) => over(times(kg, house('gravity')), twice(sine(of)));
	const wanted = (of: Term) => over(times(house('wireSafety'), of), house('gravity'));
	const { by, line: asked } = lineAsked(job);
	const strengths = asked.strengths(shop);
	if (!strengths.some((strength) => strength >= wanted(pull(angle)).value)) return onHooks(true);
	const spacing = write('spacing', line.spacing, 'low-frames');
	const rise = write('rise', line.rise, 'rise');
	const written = write('angle', angleOf(over(rise, line.run)), 'rise');
	const pullN = write('pullN', pull(written), 'pull');
	const wireWantedKg = write('wireWantedKg', wanted(pullN), 'wire');
	const length = sum(spacing, twice(root(sum(times(line.run, line.run), times(rise, rise)))), twice(house('wireEnd')));
	const hang = {
		by,
		...fixed,
		hookCount: write('hookCount', plain(line.hookCount), 'hooks').value as 1 | 2,
		spacing: spacing.value,
		rise: rise.value,
		angle: written.value,
		pullN: pullN.value,
		sidewaysN: write('sidewaysN', times(pullN, cosine(written)), 'pull').value,
		ringWantedKg: write('ringWantedKg', over(times(house('hangerSafety'), pullN), house('gravity')), 'rings').value,
		wireWantedKg: wireWantedKg.value,
		wire: {
			breakingKg: write('wire.breakingKg', nextOf(wireWantedKg, strengths, asked.from), 'wire').value,
			length: write('wire.length', length, 'wire').value
		},
		widened: line.widened ?? false,
		noWire: false,
		hooks: hooksOf(job, frame, { drop, rise }, line.hookCount === 1 ? [plain(0)] : apartBy(spacing), shop.house, write)
	} satisfies Hang;
	return withRing(hang, job, shop, frame, write);
}

/** One hanger in the middle of the top rail's flat wood, unless it was measured; all of it hangs from one nail. */
function onOne(job: Decided, frame: Frame, kg: Term, of: House, write: Write): Hang {
	const house = houseTerms(of);
	const drop = write('drop', job.hang.drop === null ? insetOf(job, frame, of) : dropOf(job, frame), 'one-hanger');
	const rise = write('rise', plain(0), 'one-hanger');
	return {
		by: job.hang.by as HangerKind,
		drop: drop.value,
		inset: write('inset', half(outer(frame, 'width')), 'one-hanger').value,
		span: write('span', plain(0), 'one-hanger').value,
		hookCount: write('hookCount', plain(1), 'one-hanger').value as 1,
		spacing: write('spacing', plain(0), 'one-hanger').value,
		rise: rise.value,
		angle: write('angle', plain(90), 'one-hanger').value,
		pullN: write('pullN', times(kg, house('gravity')), 'one-hanger').value,
		sidewaysN: write('sidewaysN', plain(0), 'one-hanger').value,
		ringWantedKg: write('ringWantedKg', times(house('hangerSafety'), kg), 'one-hanger').value,
		widened: false,
		noWire: false,
		hooks: hooksOf(job, frame, { drop, rise }, [plain(0)], of, write)
	};
}

function outer({ outer: size }: Frame, axis: keyof Size): Term {
	return at(`frame.outer.${axis}`, size[axis]);
}

/** A share of the height, or as the framer measures it. @throws FaultError for one below the frame */
function dropOf(job: Decided, frame: Frame): Term {
	const { drop, dropShare } = job.hang;
	if (drop === null) return times(outer(frame, 'height'), at('job.hang.dropShare', dropShare));
	if (drop >= frame.outer.height)
		fail(
			'hang.drop',
			`The frame is ${showWithUnit(frame.outer.height, job.reader)} high: rings ${showWithUnit(drop, job.reader, 'mark')} down would hang below it.`
		);
	return at('job.hang.drop', drop);
}

/** The middle of the flat wood at the back; of a strip across it, its screw where the strip is; of a metal channel the middle of its face. */
function insetOf(job: Decided, { section }: Frame, house: House): Term {
	const { inset, flatWood: wood } = FRAMES[there(job.frame, 'frame').kind];
	const middle = inset(section);
	return job.hang.strip && wood(section) !== null ? largest(middle, houseTerms(house)('woodForScrew')) : middle;
}

/** Flat wood at the back that a hanger's plate stands on, mm; none in a metal channel. */
export function flatWood(job: Decided, { section }: Frame, { backStripWidth }: House): number | null {
	const wood = FRAMES[there(job.frame, 'frame').kind].flatWood(section);
	return wood !== null && job.hang.strip ? backStripWidth : wood;
}

/** From rail to rail, the bare edge of each left free. */
function stripOf(frame: Frame, of: House, step: number, write: Write): Size {
	const house = houseTerms(of);
	const width = down(less(outer(frame, 'width'), twice(house('bareWood'))), at('job.step', step));
	return {
		width: write('strip.width', width, 'strip').value,
		height: write('strip.height', house('backStripWidth'), 'strip').value
	};
}

/** From the middle of the wall's place, and above the floor: the centre's height, less what the wire lets the picture down. */
function hooksOf(
	job: Decided,
	frame: Frame,
	{ drop, rise }: { drop: Term; rise: Term },
	places: readonly Term[],
	house: House,
	write: Write
): Hang['hooks'] {
	const top = sum(at('job.hang.centreHeight', job.hang.centreHeight), half(outer(frame, 'height')));
	const height = sum(less(top, less(drop, rise)), houseTerms(house)('hookOffset'));
	return places.map((x, index) => ({
		x: write(`hooks[${index}].x`, x, 'nails').value,
		height: write(`hooks[${index}].height`, height, 'nails').value
	}));
}

/** Two of them, as far to the left of the middle as to the right. */
function apartBy(spacing: Term): Term[] {
	return [negative(half(spacing)), half(spacing)];
}

/** Rings of the shop that this wood takes and that bear enough: none whose plate stands out past it. */
export function ringsFor(shop: Shop, wood: number, hang: Pick<Hang, 'by' | 'ringWantedKg'>): Ring[] {
	return Object.values(shop.rings).filter(
		({ plate, workingKg, holes, withdrawn }) =>
			!withdrawn && plate <= wood && workingKg >= hang.ringWantedKg && (HANGERS[hang.by].holes ?? holes) === holes
	);
}

function withRing(hang: Hang, job: Decided, shop: Shop, frame: Frame, write: Write): Hang {
	const wood = flatWood(job, frame, shop.house);
	if (wood === null) return hang;
	const ring = job.hang.ring ?? ringsFor(shop, wood, hang)[0];
	if (!ring) return hang;
	const pilot = times(at(`shop.rings[${ring.id}].screw`, ring.screw), houseTerms(shop.house)('pilotShare'));
	return { ...hang, ring: ring.id, pilot: write('pilot', tidied(pilot), 'inset').value };
}

function byRings(job: Decided, house: House, kg: number): boolean {
	return job.hang.by === 'rings' || kg > house.wireMostKg;
}

/** The wire's line, or null where the frame is too low for one: one hook, then two, then two farther apart. */
function wireLine(outerWidth: Term, span: Term, drop: Term, asked: 1 | 2 | null, of: House): Line | null {
	const house = houseTerms(of);
	const hidden = less(drop, house('wireHidden'));
	const two = asked ? asked === 2 : outerWidth.value > of.twoHooksAbove;
	const steep = (run: Term) => smallest(times(run, tangent(house('wireAngle'))), hidden);
	const one: Line = { hookCount: 1, spacing: plain(0), run: half(span), rise: steep(half(span)) };
	if (!two && steepEnough(one, of)) return one;
	const spacing = smallest(
		largest(times(span, house('hookSpacingShare')), house('hookSpacingLeast')),
		less(span, house('hookSpacingFree'))
	);
	const between = at('hang.spacing', spacing.value);
	if (spacing.value > 0) {
		const run = half(less(span, between));
		const pair: Line = { hookCount: 2, spacing, run, rise: steep(run) };
		if (steepEnough(pair, of)) return pair;
	} else if (steepEnough(one, of)) return one;
	// Low frame: hooks so far apart that the wire stands at its wanted angle again.
	const run = over(hidden, tangent(house('wireAngle')));
	const wide = less(span, twice(run));
	if (hidden.value < of.lowFrameLeast || run.value < of.runLeast || wide.value <= 0) return null;
	return { hookCount: 2, spacing: wide, run: half(less(span, at('hang.spacing', wide.value))), rise: hidden, widened: true };
}

function steepEnough({ rise, run }: Line, house: House): boolean {
	return isAtLeast(rise.value / run.value, tangent(plain(house.wireAngleLeast)).value);
}

/** Nothing stretches: each ring bears half. */
function ringsOnHooks(
	job: Decided,
	frame: Frame,
	{ span, drop, kg }: { span: Term; drop: Term; kg: Term },
	of: House,
	write: Write
): Omit<Hang, 'drop' | 'inset' | 'span' | 'noWire' | 'strip'> {
	const house = houseTerms(of);
	const spacing = write('spacing', span, 'rings');
	const rise = write('rise', plain(0), 'rings');
	return {
		by: 'rings',
		hookCount: write('hookCount', plain(2), 'hooks').value as 2,
		widened: false,
		spacing: spacing.value,
		rise: rise.value,
		angle: write('angle', plain(90), 'rings').value,
		pullN: write('pullN', half(times(kg, house('gravity'))), 'rings').value,
		sidewaysN: write('sidewaysN', plain(0), 'rings').value,
		ringWantedKg: write('ringWantedKg', times(house('hangerSafety'), kg), 'rings').value,
		hooks: hooksOf(job, frame, { drop, rise }, apartBy(spacing), of, write)
	};
}
