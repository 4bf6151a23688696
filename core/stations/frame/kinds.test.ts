/** Frames of every kind: points over a sweep of sizes, metal sections, frames out of true, strips on the back, strength. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { faultsOf, has, planned, planSingle, severityOf, workedJob } from '../../../tests/jobs.ts';
import { otherDiagonal, outlineFor } from '../../geometry/quadrilateral.ts';
import type { JobFile } from '../../job/definition.ts';
import { patched } from '../../job/patch.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { closingRail } from './kit.ts';
import { cornersOut, isOutOfTrue, liteOf, liteOutline } from './lite.ts';
import { unwritten } from '../../rule/book.ts';
import { sizeTerms } from '../../rule/term.ts';
import { placesOfPoints, planPoints, pointsOf } from './points.ts';
import { runs } from '../../../tests/thorough.ts';

const { house } = builtInShop;
const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const section = { face: 26, lip: 8, depth: 30, rabbetDepth: 18, density: 560 };
const metal = (changes: JobFile['frame'] = {}, more: Partial<JobFile> = {}) =>
	planned({ frame: { kind: 'metal', moulding: 'metal-10', ...changes }, ...more });

test('points: the handbook’s sides, rigid and flexible', () => {
	for (const [side, count, spacing] of [
		[704, 6, 120.8],
		[225, 2, 125],
		[300, 3, 100],
		[1000, 9, 112.5]
	] as const) {
		const points = pointsOf(side, 'rigid', house);
		assert.equal(points.count, count, String(side));
		near(points.spacing, spacing, 0.001);
	}
	const flexible = pointsOf(545, 'flexible', house);
	assert.equal(flexible.count, 7);
	near(flexible.spacing, 74.2, 0.05);
});

test('points over every side from 40 to 2500: from the first to the last, none farther apart than its kind allows', () => {
	const each = { rigid: 125, hand: 125, flexible: 75, 'turn-buttons': 200 };
	for (const [kind, most] of Object.entries(each))
		for (let side = 40; side <= 2500; side += 0.5) {
			const { first, count, spacing } = pointsOf(side, kind, house);
			if (side < 80) {
				assert.deepEqual([first, count, spacing], [side / 2, 1, 0]);
				continue;
			}
			assert.equal(first, Math.min(50, side / 4));
			assert.ok(count >= 2 && spacing <= most + 1e-9, `${kind} ${side}`);
			near(first + (count - 1) * spacing, side - first, 1e-9);
			// One fewer would stand too far apart.
			if (count > 2) assert.ok((side - 2 * first) / (count - 2) > most - 1e-6, `${kind} ${side}`);
		}
	const given = planned({ frame: { moulding: 'ash-22', pointFirst: 30 } }).frame!.points;
	assert.equal(given.top.first, 30, 'a tool’s fixed stop');
	assert.equal(pointsOf(100, 'rigid', house, 60).first, 25, 'but never past a quarter');
});

test('spring clips: each long side max(2, 1 + floor(side/250)), each short one max(1, floor(side/250)); or four in all', () => {
	const pointCount = { top: null, side: null };
	const school = (clips: string) => ({ schools: { clips }, kept: decide(readJob(workedJob()), builtInShop).kept });
	const frame = { kind: 'metal', points: 'rigid', pointFirst: null, pointCount } as Parameters<typeof planPoints>[0];
	for (let width = 100; width <= 1600; width += 12.5)
		for (const height of [100, 249.9, 250, 499.9, 500, 750, 1000]) {
			const size = sizeTerms('frame.rabbet', { width, height });
			const sizes = { rabbet: size, pack: size };
			const { top, side, total } = planPoints(frame, sizes, school('every-side'), house, unwritten);
			const long = (length: number) => Math.max(2, 1 + Math.floor(length / 250));
			const short = (length: number) => Math.max(1, Math.floor(length / 250));
			assert.equal(top.count, width >= height ? long(width) : short(width), `${width} × ${height}`);
			assert.equal(side.count, height > width ? long(height) : short(height), `${width} × ${height}`);
			assert.equal(total, 2 * (top.count + side.count));
			assert.equal(planPoints(frame, sizes, school('four'), house, unwritten).total, 4);
		}
	assert.deepEqual(placesOfPoints({ count: 2 }, 400), [100, 300]);
});

test('a metal section: the next pair up, the borders grow with it, a kit in place of rails', () => {
	// 542 × 701 asked for; whole inches: 22 × 28 are 558.8 × 711.2.
	const { window, frame, mass, cut } = metal({ pairStep: 25.4 });
	assert.deepEqual(window!.pack, { width: 558.8, height: 711.2 });
	const { left, right, top, bottom } = window!.mats[0]!.border;
	near(left + right, 140 + 16.8, 1e-9);
	near(bottom - top, 10, 0.5);
	assert.equal(left, 78.5, '70 and half of what is more, to the step');
	assert.deepEqual([frame!.rails, frame!.stick], [undefined, undefined]);
	assert.deepEqual(
		frame!.kit.map(({ part, count, size }) => [part, count, size]),
		[
			['pair of rails, across', 1, 558.8],
			['pair of rails, down', 1, 711.2],
			['corner plate, plain', 4, undefined],
			['corner plate, with screws', 4, undefined],
			['spring clip', frame!.points.total, undefined],
			['hanger', 2, undefined]
		]
	);
	assert.deepEqual(frame!.points, { kind: 'clips', top: { count: 2 }, side: { count: 3 }, total: 10 });
	assert.equal(cut.filter(({ from }) => from === 'stick').length, 0);
	// 0.45 kg/m, the mitres not counted twice.
	near(
		mass!.parts.find(({ part }) => part === 'moulding')!.kg,
		(0.45 * (2 * (frame!.outer.width + frame!.outer.height) - 40)) / 1000
	);
	assert.deepEqual(metal({ pairStep: 10 }).window!.pack, { width: 550, height: 710 });
	assert.equal(metal({}, { schools: { clips: 'four' } }).frame!.points.total, 4);
	assert.deepEqual(
		[
			closingRail({ width: 400, height: 500 }, 'long'),
			closingRail({ width: 500, height: 400 }, 'long'),
			closingRail({ width: 400, height: 500 }, 'bottom')
		],
		['right', 'bottom', 'bottom']
	);
});

test('metal: the channel less the pack suits a spring clip, a card shim or a filler; what belongs to wood is a fault', () => {
	const depth = (rabbetDepth: number) =>
		planned({ frame: { kind: 'metal', section: { face: 12, lip: 8, depth: rabbetDepth + 5, rabbetDepth } } });
	const pack = depth(20).pack!.thickness;
	for (const [clearance, rule] of [
		[-0.1, 'pack.proud'],
		[0.9, 'pack.clip-range'],
		[1, null],
		[6, null],
		[6.1, 'pack.clip-range']
	] as const) {
		const found = depth(pack + clearance).findings.map((finding) => finding.rule);
		for (const one of ['pack.proud', 'pack.clip-range', 'pack.tight', 'pack.recessed', 'frame.weak', 'points.flexible'])
			assert.equal(found.includes(one), one === rule, `${clearance}: ${one}`);
	}
	assert.match(
		faultsOf({ frame: { kind: 'metal', moulding: 'metal-10', points: 'rigid' } })[0]!,
		/frame\.points: Spring clips hold/
	);
	assert.match(faultsOf({ frame: { kind: 'metal', moulding: 'ash-22' } })[0]!, /frame\.kind: “Ash, 22 face” is a wood moulding/);
	assert.match(faultsOf({ frame: { kind: 'wood', moulding: 'metal-10' } })[0]!, /is a metal section/);
	assert.match(faultsOf({ frame: { moulding: 'ash-22', pairStep: 10 } })[0]!, /frame\.pairStep: Only metal/);
});

test('a proud pack: a thinner filler, strips on the back, offset clips', () => {
	const proud = workedJob({
		aim: 'keep',
		guard: { ...workedJob().guard, fillers: [{ board: 'foam-free', thickness: 10 }] },
		frame: { moulding: 'ash-22' }
	});
	const before = planSingle(proud);
	near(before.pack!.clearance!, -1, 1e-9);
	const remedies = before.findings.find(({ rule }) => rule === 'pack.proud')!.remedies;
	assert.deepEqual(
		remedies.map(({ label }) => label),
		['Filler from 10 mm to 5 mm', 'Strips of 4 mm glued to the back', 'Offset clips over it'],
		'a filler that is sold, and no other moulding while anything else fixes it'
	);
	for (const { label, patch } of remedies) {
		const after = planSingle(patched(proud, patch));
		assert.ok(!has(after, 'pack.proud') && !has(after, 'pack.tight'), label);
		if (/Strips/.test(label)) {
			assert.deepEqual([after.pack!.clearance, after.frame!.depthWithStrips], [3, 36]);
			const strips = after.cut.filter(({ role }) => role === 'strip on the back');
			assert.deepEqual(
				strips.map(({ width, height, count }) => [width, height, count]),
				[
					[after.frame!.outer.width, 14, 2],
					[after.frame!.outer.height, 14, 2]
				]
			);
		}
		if (/Offset/.test(label)) assert.equal(after.frame!.offset, -1);
	}
	// What exists is not exchanged for another.
	const ready = workedJob({
		aim: 'keep',
		guard: { ...workedJob().guard, fillers: [{ board: 'foam-free', thickness: 10 }] },
		frame: { kind: 'ready-made', section, opening: { width: 545, height: 704 } },
		borders: { way: 'fit', weight: 10 }
	});
	assert.ok(
		planSingle(ready)
			.findings.find(({ rule }) => rule === 'pack.proud')!
			.remedies.every(({ label }) => !/Moulding/.test(label))
	);
});

test('the old station frame: 401/403 × 502/499, d 645/640', () => {
	const readings = { top: 401, bottom: 403, left: 502, right: 499, d1: 645, d2: 640 };
	const out = cornersOut(readings);
	assert.deepEqual(
		out.map((one) => Math.round(one * 10) / 10),
		[-3.9, 5.5, -2.5, 0.9]
	);
	assert.ok(isOutOfTrue(readings));
	const lite = liteOf(readings, { width: 3, height: 3 }, 0.5);
	// Each side is the rabbet's less about the allowance, down to half a millimetre, and no two opposite ones alike.
	assert.deepEqual([lite.top, lite.bottom, lite.left, lite.right], [398, 399.5, 498.5, 496]);
	assert.ok(lite.d1 > lite.d2);
});

/** Rabbets a little out of true, as old ones are. */
const rabbet = fc
	.record({
		width: fc.integer({ min: 150, max: 900 }),
		height: fc.integer({ min: 150, max: 900 }),
		across: fc.integer({ min: -6, max: 6 }),
		down: fc.integer({ min: -6, max: 6 }),
		lean: fc.integer({ min: -8, max: 8 })
	})
	.map(({ width, height, across, down, lean }) => ({
		top: width,
		bottom: width + across / 2,
		left: height,
		right: height + down / 2,
		d1: Math.hypot(width + lean, height)
	}));

test('property: a lite lies in its rabbet, half the allowance off every edge', () => {
	fc.assert(
		fc.property(rabbet, fc.integer({ min: 2, max: 8 }), (readings, allowance) => {
			const d1 = readings.d1;
			const outline = outlineFor(readings, d1);
			const lite = liteOutline(readings, { width: allowance, height: allowance });
			for (const [index, from] of outline.entries()) {
				const to = outline[(index + 1) % 4]!;
				const length = Math.hypot(to.x - from.x, to.y - from.y);
				for (const corner of [lite[index]!, lite[(index + 1) % 4]!])
					near(((to.x - from.x) * (corner.y - from.y) - (to.y - from.y) * (corner.x - from.x)) / length, allowance / 2, 1e-6);
			}
			const cut = liteOf(readings, { width: allowance, height: allowance }, 0.5);
			for (const side of ['top', 'right', 'bottom', 'left'] as const) assert.ok(cut[side] <= readings[side] - allowance / 4);
			assert.ok(cut.d2 < otherDiagonal(readings, d1));
		}),
		{ numRuns: runs(200) }
	);
});

test('strength: splines and a brace, each with what it carries', () => {
	const heavy = workedJob({
		piece: { readings: { width: 900, height: 1100 } },
		guard: { ...workedJob().guard, glazing: 'laminated' },
		frame: { moulding: 'obeche-25', corners: 'plain' }
	});
	const made = planSingle(heavy);
	assert.equal(severityOf(made, 'frame.weak'), 'caution');
	const braced = planSingle({ ...heavy, frame: { ...heavy.frame, brace: true, corners: 'reinforced' } });
	assert.match(made.findings.find(({ rule }) => rule === 'frame.weak')!.says, /this section carries/);
	assert.ok(braced.findings.every(({ rule }) => rule !== 'frame.weak') || braced.mass!.kg > 14);
});

test('bad frames: a lip as wide as the face, a rabbet through the moulding, readings that no frame has, no density, 101 fillers', () => {
	const bad = (changes: Partial<typeof section>) => faultsOf({ frame: { section: { ...section, ...changes } } })[0]!;
	assert.match(bad({ lip: 26 }), /frame\.section\.lip: A lip of 26 mm is as wide as the face/);
	assert.match(bad({ rabbetDepth: 30 }), /frame\.section\.rabbetDepth: A rabbet 30 mm deep cuts through/);
	assert.match(bad({ density: 0 }), /frame\.section\.density: 0 is outside/);
	const opening = { top: 400, bottom: 400, left: 500, right: 500, d1: 1000 };
	assert.match(
		faultsOf({ frame: { kind: 'ready-made', section, opening }, borders: { way: 'fit' } })[0]!,
		/frame\.opening: No frame can have these measurements/
	);
	const fillers = Array.from({ length: 101 }, () => ({ board: 'foam-free' }));
	assert.match(faultsOf({ guard: { fillers } })[0]!, /guard\.fillers: There are 101 here; at most 100/);
	const forty = planned({ guard: { ...workedJob().guard, fillers: fillers.slice(0, 40) } });
	assert.equal(severityOf(forty, 'pack.proud'), 'stop');
	assert.ok(forty.cut.every(({ width, height }) => width > 0 && height >= 0));
	assert.ok(plan(workedJob(), builtInShop).cut.length > 0);
});

test('a piece without a mat: the pack is the piece, what is seen is what the lip leaves', () => {
	const sketch = workedJob({
		piece: { kind: 'panel', thickness: 6, relief: 1.5, readings: { width: 240, height: 330 } },
		mats: [],
		guard: {
			glazing: 'uv-acrylic',
			spacer: { material: 'wood-lined', thickness: 6 },
			backing: 'alkaline-corrugated',
			edgeSeal: null
		},
		hold: {},
		frame: { moulding: 'obeche-25' }
	});
	const { window, frame, pack } = planSingle(sketch);
	assert.deepEqual(window!.pack, { width: 240, height: 330 });
	assert.deepEqual(window!.opening, frame!.sight);
	assert.deepEqual(window!.mats, []);
	// Behind the panel strips hold its backing board off.
	near(pack!.thickness, 3 + 6 + 6 + 3 + 3, 1e-9);
	// At Keep: 3 for a panel, and its tallest paint.
	assert.deepEqual([pack!.gap, pack!.gapNeed], [6, 4.5]);
	// Wood across its grain, its cut not known: 240 × 0.0045 × 3.5 + 1 = 4.78; 330: 6.2.
	assert.deepEqual(frame!.allowance, { width: 5, height: 6.5 });
	const tooSmall = {
		...sketch,
		frame: { kind: 'ready-made' as const, section, opening: { width: 241, height: 340 } },
		borders: { way: 'fit' as const }
	};
	assert.match(
		planSingle(tooSmall).findings.find(({ rule }) => rule === 'window.frame-too-small')!.says,
		/The piece is 240 mm wide, the rabbet 241 mm: with the room it needs it is 4 mm too large/
	);
});
