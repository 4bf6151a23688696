/** Where a picture on its wire settles: level by the handbook's formulas, and else where its centre of mass is lowest. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { builtInShop } from '../../shop/shop.ts';
import { hung as planHung } from '../../../tests/hung.ts';
import { onItsWire, settle, type Hung } from './settle.ts';

const near = (one: number, other: number, within: number, says = '') =>
	assert.ok(Math.abs(one - other) <= within, `${says} ${one} is not ${other}`);

/** The worked case: 577 × 736, 3.2 kg, two hooks 187 apart. */
const worked = (changes: Partial<Hung> = {}): Hung => ({
	span: 561,
	path: 618.9,
	spacing: 187,
	weightN: 3.2 * 9.81,
	offCentre: 0,
	below: 736 / 2 - 245.3,
	hookUp: 0,
	hookRight: 0,
	...changes
});

test('level with its mass in the middle: the pull of the handbook’s formula, within a thousandth', () => {
	for (const of of [worked(), worked({ spacing: 0, path: 2 * Math.hypot(280.5, 140) })]) {
		const settled = settle(of)!;
		near(settled.tilt, 0, 1e-9);
		near(settled.right, 0, 1e-9);
		near(settled.up, 0, 1e-9);
		const run = (of.span - of.spacing) / 2;
		const sine = Math.sqrt(1 - (run / ((of.path - of.spacing) / 2)) ** 2);
		const pull = of.weightN / (2 * sine);
		near(settled.leftN / pull, 1, 1e-3);
		near(settled.rightN / pull, 1, 1e-3);
	}
	const plan = planHung({});
	const asPlanned = settle(onItsWire(plan, { width: 577, height: 736 }, 3.2, builtInShop.house)!)!;
	near(asPlanned.tilt, 0, 1e-9);
	near(asPlanned.leftN / plan.pullN, 1, 1e-9, 'to the digit from the plan itself');
	assert.equal(onItsWire(planHung({ hang: { by: 'rings' } }), { width: 577, height: 736 }, 3.2, builtInShop.house), null);
	near(settle(worked())!.leftN / plan.pullN, 1, 1e-3, 'the plan’s own pull');
});

/** The lowest that the centre of mass comes, each side of the wire as long as it is: tried, not solved. */
function lowest(of: Hung): { tilt: number; y: number } {
	const side = (of.path - of.spacing) / 2;
	const rise = Math.sqrt(side ** 2 - ((of.span - of.spacing) / 2) ** 2);
	const [h1, h2] = [
		{ x: -of.spacing / 2, y: rise },
		of.spacing === 0 ? { x: 0, y: rise } : { x: of.spacing / 2 + of.hookRight, y: rise + of.hookUp }
	];
	// The left ring swings round its hook; the right one is where both its circles meet.
	const heightAt = (swing: number): { tilt: number; y: number } | null => {
		const a = { x: h1.x + side * Math.sin(swing), y: h1.y - side * Math.cos(swing) };
		const [dx, dy] = [h2.x - a.x, h2.y - a.y];
		const far = Math.hypot(dx, dy);
		if (far > side + of.span || far < Math.abs(side - of.span)) return null;
		const along = (of.span ** 2 - side ** 2 + far ** 2) / (2 * far);
		const across = Math.sqrt(Math.max(0, of.span ** 2 - along ** 2));
		const tilts = [1, -1].map((way) =>
			Math.atan2((dy * along) / far + (way * dx * across) / far, (dx * along) / far - (way * dy * across) / far)
		);
		const tilt = tilts.reduce((one, other) => (Math.abs(one) < Math.abs(other) ? one : other));
		const [x, y] = [of.span / 2 + of.offCentre, -of.below];
		return { tilt, y: a.y + x * Math.sin(tilt) + y * Math.cos(tilt) };
	};
	const level = Math.asin((-of.span / 2 - h1.x) / side);
	let best = { tilt: 0, y: Infinity };
	let [from, to] = [level - 0.5, level + 0.5];
	for (let round = 0; round < 7; round += 1) {
		const step = (to - from) / 200;
		let at = from;
		for (let swing = from; swing <= to; swing += step) {
			const found = heightAt(swing);
			if (found && Math.abs(found.tilt) < 0.5 && found.y < best.y) [best, at] = [found, swing];
		}
		[from, to] = [at - 2 * step, at + 2 * step];
	}
	return best;
}

test('property: it settles where its centre of mass is lowest, found by trying every place', () => {
	const many = fc.record({
		span: fc.double({ min: 300, max: 900, noNaN: true }),
		slack: fc.double({ min: 0.08, max: 0.4, noNaN: true }),
		share: fc.double({ min: 0.25, max: 0.6, noNaN: true }),
		offCentre: fc.double({ min: -0.04, max: 0.04, noNaN: true }),
		below: fc.double({ min: 0.15, max: 0.5, noNaN: true }),
		hookUp: fc.double({ min: -6, max: 6, noNaN: true }),
		hookRight: fc.double({ min: -6, max: 6, noNaN: true })
	});
	fc.assert(
		fc.property(many, ({ span, slack, share, offCentre, below, hookUp, hookRight }) => {
			const spacing = span * share;
			const of: Hung = {
				span,
				spacing,
				path: spacing + (span - spacing) * (1 + slack),
				weightN: 3 * 9.81,
				offCentre: offCentre * span,
				below: below * span,
				hookUp,
				hookRight
			};
			const settled = settle(of)!;
			const tried = lowest(of);
			near(settled.tilt, tried.tilt, 2e-4, JSON.stringify(of));
			const weight = 3 * 9.81;
			assert.ok(settled.leftN > 0 && settled.rightN > 0, 'a wire pulls, it does not push');
			assert.ok(settled.leftN + settled.rightN >= weight - 1e-6);
		}),
		{ numRuns: 200 }
	);
});

test('one hook: it swings until its centre of mass lies below the hook', () => {
	const rise = 140;
	const of = worked({ spacing: 0, path: 2 * Math.hypot(280.5, rise), offCentre: 12 });
	near(settle(of)!.tilt, -Math.atan2(12, rise + of.below), 1e-9);
	near(settle(worked({ ...of, offCentre: -12 }))!.tilt, Math.atan2(12, rise + of.below), 1e-9);
});

test('heavier on the right it sinks there; a hook that sits high lifts its side', () => {
	const heavy = settle(worked({ offCentre: 15 }))!;
	assert.ok(heavy.tilt < 0 && heavy.rightN > heavy.leftN);
	near(settle(worked({ offCentre: -15 }))!.tilt, -heavy.tilt, 1e-9);
	const high = settle(worked({ hookUp: 4 }))!;
	assert.ok(high.tilt > 0);
	near(settle(worked({ hookUp: -4 }))!.tilt, -high.tilt, 2e-3);
	assert.ok(settle(worked({ hookRight: 10 }))!.right > 0, 'a hook to the right takes it along');
});

test('both sides of the wire keep their length', () => {
	const of = worked({ offCentre: 14, hookUp: 3 });
	const { tilt, right, up } = settle(of)!;
	const side = (of.path - of.spacing) / 2;
	const rise = Math.sqrt(side ** 2 - ((of.span - of.spacing) / 2) ** 2);
	const end = (sign: number) => ({
		x: right + (sign * of.span * Math.cos(tilt)) / 2,
		y: up + (sign * of.span * Math.sin(tilt)) / 2
	});
	near(Math.hypot(end(-1).x + of.spacing / 2, end(-1).y - rise), side, 1e-6);
	near(Math.hypot(end(1).x - of.spacing / 2, end(1).y - rise - 3), side, 1e-6);
});

test('what cannot hang: a wire as short as its span, hooks as far apart as the rings, a mass at the very side', () => {
	assert.equal(settle(worked({ path: 561 })), null);
	assert.equal(settle(worked({ spacing: 561 })), null);
	assert.equal(settle(worked({ spacing: 700, path: 650 })), null);
});
