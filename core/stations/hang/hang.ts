/**
 * Station Hang: rings, wire and nails (handbook hang).
 *
 *        hook ○───── s ─────○ hook        r = rise above the rings, θ = angle of the wire at the ring
 *          ╱                 ╲
 *   ring ●╱ θ             θ   ╲● ring     span S between the rings, run = S/2 for one hook, (S − s)/2 for two
 */
import type { HangerKind } from '../../job/kinds.ts';
import type { Ring } from '../../shop/hangers.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Hang } from '../../figures/hang.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import {
	angleOf,
	at,
	cosine,
	half,
	houseTerms,
	largest,
	less,
	nearestOf,
	nextOf,
	over,
	plain,
	root,
	sine,
	smallest,
	sum,
	tangent,
	times,
	twice,
	type Term
} from '../../rule/term.ts';
import { HANGERS, lineAsked } from './kinds/all.ts';
import type { Single } from './kinds/hanger.ts';
import { fail } from '../../job/faults.ts';
import { leanOf } from './lean.ts';
import { apartBy, dropOf, flatWood, heightOf, hooksOf, insetOf, nailsAt, stripOf, type Hangs, type Planned } from './places.ts';
import { standOf } from './stand.ts';
import { isAbove, isAtLeast, isAtMost } from '../../units/compare.ts';

type Line = { hookCount: 1 | 2; spacing: Term; rise: Term; run: Term; widened?: true };

/** @throws FaultError for a drop below the frame */
export function planHang(job: Decided, shop: Shop, before: { frame: Frame; kg: number }, figure: Figure): Hang {
	const { frame } = before;
	const [width, height] = [at('frame.outer.width', frame.outer.width), at('frame.outer.height', frame.outer.height)];
	const of = (under: Hangs['under'], outer: Hangs['outer']): Hangs => ({
		job,
		shop,
		frame,
		kg: at('mass.kg', before.kg),
		outer,
		under,
		write: (name, term, anchor) => figure(`${under}.${name}`, term, `hang#${anchor}`)
	});
	const upright = of('hang', { width, height });
	const hang = planOne(upright);
	const { own, turns } = HANGERS[hang.by];
	if (job.hang.turns && !turns)
		fail('hang.turns', `${own?.title ?? 'This hanger'}: one way up only. Choose rings, wire or one hanger for both ways.`);
	if (job.hang.turns && job.hang.strip)
		fail('hang.strip', 'A cross strip serves one way up: to hang turned too, all four rails need enough wood.');
	const stands = hang.by === 'stand' || job.hang.stands;
	return {
		...hang,
		...leanOf(upright, hang),
		...(stands ? { stand: standOf(upright) } : {}),
		...(job.hang.turns ? { turned: planOne(of('hang.turned', { width: height, height: width })) } : {})
	};
}

function planOne(hangs: Hangs): Planned {
	const { job, shop, kg, outer, write } = hangs;
	const house = houseTerms(shop.house);
	const asked = job.hang.by === 'by-mass' ? null : HANGERS[job.hang.by];
	if (asked?.own) return asked.own.plan(hangs);
	if (asked?.single) return onOne(hangs, asked.single);
	const drop = write('drop', dropOf(hangs), 'drop');
	const inset = write('inset', insetOf(hangs), 'inset');
	const span = write('span', less(outer.width, twice(inset)), 'inset');
	const strip = job.hang.strip ? { strip: stripOf(hangs) } : {};
	const fixed = { drop: drop.value, inset: inset.value, span: span.value, ...strip };
	const onHooks = (noWire: boolean) => withRing({ ...fixed, ...ringsOnHooks(hangs, { span, drop }), noWire }, hangs);
	const line = byRings(hangs) ? null : wireLine(hangs, span, drop);
	if (!line) return onHooks(false);
	// What the wire must bear decides whether there is one: nothing is written down before.
	const angle = angleOf(over(line.rise, line.run));
	const pull = (of: Term) => over(times(kg, house('gravity')), twice(sine(of)));
	const wanted = (of: Term) => over(times(house('wireSafety'), of), house('gravity'));
	const { by, line: stretched } = lineAsked(job);
	const strengths = stretched.strengths(shop);
	if (!strengths.some((strength) => isAtLeast(strength, wanted(pull(angle)).value))) return onHooks(true);
	const spacing = write('spacing', line.spacing, 'low-frames');
	const rise = write('rise', line.rise, 'rise');
	const written = write('angle', angleOf(over(rise, line.run)), 'rise');
	const pullN = write('pullN', pull(written), 'pull');
	const wireWantedKg = write('wireWantedKg', wanted(pullN), 'wire');
	const length = sum(spacing, twice(root(sum(times(line.run, line.run), times(rise, rise)))), twice(house('wireEnd')));
	const hang = {
		by,
		...fixed,
		hookCount: write('hookCount', plain(line.hookCount), 'hooks').value,
		spacing: spacing.value,
		rise: rise.value,
		angle: written.value,
		pullN: pullN.value,
		sidewaysN: write('sidewaysN', times(pullN, cosine(written)), 'pull').value,
		ringWantedKg: write('ringWantedKg', over(times(house('hangerSafety'), pullN), house('gravity')), 'rings').value,
		wireWantedKg: wireWantedKg.value,
		wire: {
			breakingKg: write('wire.breakingKg', nextOf(wireWantedKg, strengths, stretched.from), 'wire').value,
			length: write('wire.length', length, 'wire').value
		},
		widened: line.widened ?? false,
		noWire: false,
		hooks: hooksOf(hangs, { drop, rise }, line.hookCount === 1 ? [plain(0)] : apartBy(spacing))
	} satisfies Planned;
	return withRing(hang, hangs);
}

/** One hanger in the middle of the top, where its kind bears unless it was measured; all of it hangs from one nail. */
function onOne(hangs: Hangs, { bears }: Single): Planned {
	const { job, kg, outer, shop, write } = hangs;
	const house = houseTerms(shop.house);
	const drop = write('drop', job.hang.drop === null ? bears(hangs) : dropOf(hangs), 'one-hanger');
	const rise = write('rise', plain(0), 'one-hanger');
	return {
		by: job.hang.by as HangerKind,
		drop: drop.value,
		inset: write('inset', half(outer.width), 'one-hanger').value,
		span: write('span', plain(0), 'one-hanger').value,
		hookCount: write('hookCount', plain(1), 'one-hanger').value,
		spacing: write('spacing', plain(0), 'one-hanger').value,
		rise: rise.value,
		angle: write('angle', plain(90), 'one-hanger').value,
		pullN: write('pullN', times(kg, house('gravity')), 'one-hanger').value,
		sidewaysN: write('sidewaysN', plain(0), 'one-hanger').value,
		ringWantedKg: write('ringWantedKg', times(house('hangerSafety'), kg), 'one-hanger').value,
		widened: false,
		noWire: false,
		// On a nail of its own, whose head stands where it bears: no hook lies between.
		hooks: nailsAt(write, [{ x: plain(0), height: heightOf(hangs, drop) }])
	};
}

/** Rings of the shop that this wood takes and that bear enough: none whose plate stands out past it. */
export function ringsFor(shop: Shop, wood: number, hang: Pick<Hang, 'by' | 'ringWantedKg'>): Ring[] {
	return Object.values(shop.rings).filter(
		({ plate, workingKg, holes, withdrawn }) =>
			!withdrawn &&
			isAtMost(plate, wood) &&
			isAtLeast(workingKg, hang.ringWantedKg) &&
			(HANGERS[hang.by].holes ?? holes) === holes
	);
}

function withRing(hang: Planned, { job, shop, frame, write }: Hangs): Planned {
	const wood = flatWood(job, frame, shop.house);
	if (wood === null) return hang;
	const ring = job.hang.ring ?? ringsFor(shop, wood, hang)[0];
	if (!ring) return hang;
	const pilot = times(at(`shop.rings[${ring.id}].screw`, ring.screw), houseTerms(shop.house)('pilotShare'));
	return { ...hang, ring: ring.id, pilot: write('pilot', nearestOf(pilot, shop.drills, 'shop.drills'), 'inset').value };
}

/** Asked for; or too heavy for a wire; or where neither it nor its hooks were asked for, tall and narrow; or on a door (handbook hang#rings). */
function byRings({ job, kg, outer, shop: { house } }: Hangs): boolean {
	const { by, wireAsked, hooks } = job.hang;
	const narrow = hooks === null && isAbove(outer.height.value, house.tallNarrow * outer.width.value);
	return by === 'rings' || isAbove(kg.value, house.wireMostKg) || (!wireAsked && (narrow || job.place.door));
}

/** The wire’s line, or null where the frame is too low for one: one hook, then two, then two farther apart. */
function wireLine({ job, outer, shop, under }: Hangs, span: Term, drop: Term): Line | null {
	const of = shop.house;
	const asked = job.hang.hooks;
	const house = houseTerms(of);
	const hidden = less(drop, house('wireHidden'));
	const two = asked ? asked === 2 : outer.width.value > of.twoHooksAbove;
	const steep = (run: Term) => smallest(times(run, tangent(house('wireAngle'))), hidden);
	const one: Line = { hookCount: 1, spacing: plain(0), run: half(span), rise: steep(half(span)) };
	if (!two && steepEnough(one, of)) return one;
	const spacing = smallest(
		largest(times(span, house('hookSpacingShare')), house('hookSpacingLeast')),
		less(span, house('hookSpacingFree'))
	);
	const between = at(`${under}.spacing`, spacing.value);
	if (spacing.value > 0) {
		const run = half(less(span, between));
		const pair: Line = { hookCount: 2, spacing, run, rise: steep(run) };
		if (steepEnough(pair, of)) return pair;
	} else if (steepEnough(one, of)) return one;
	// Low frame: hooks so far apart that the wire stands at its wanted angle again.
	const run = over(hidden, tangent(house('wireAngle')));
	const wide = less(span, twice(run));
	if (hidden.value < of.lowFrameLeast || run.value < of.runLeast || wide.value <= 0) return null;
	return {
		hookCount: 2,
		spacing: wide,
		run: half(less(span, at(`${under}.spacing`, wide.value))),
		rise: hidden,
		widened: true
	};
}

function steepEnough({ rise, run }: Line, house: House): boolean {
	return isAtLeast(rise.value / run.value, tangent(plain(house.wireAngleLeast)).value);
}

/** Nothing stretches: each ring bears half. */
function ringsOnHooks(
	hangs: Hangs,
	{ span, drop }: { span: Term; drop: Term }
): Omit<Planned, 'drop' | 'inset' | 'span' | 'noWire' | 'strip'> {
	const { kg, shop, write } = hangs;
	const house = houseTerms(shop.house);
	const spacing = write('spacing', span, 'rings');
	const rise = write('rise', plain(0), 'rings');
	return {
		by: 'rings',
		hookCount: write('hookCount', plain(2), 'hooks').value,
		widened: false,
		spacing: spacing.value,
		rise: rise.value,
		angle: write('angle', plain(90), 'rings').value,
		pullN: write('pullN', half(times(kg, house('gravity'))), 'rings').value,
		sidewaysN: write('sidewaysN', plain(0), 'rings').value,
		ringWantedKg: write('ringWantedKg', times(house('hangerSafety'), kg), 'rings').value,
		hooks: hooksOf(hangs, { drop, rise }, apartBy(spacing))
	};
}
