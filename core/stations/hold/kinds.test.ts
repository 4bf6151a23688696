/** Every kind of hold: what it comes to, what it fixes, what it leaves the piece to move. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { runs } from '../../../tests/thorough.ts';
import { faultsOf, has, fixed, planned, planSingle, severityOf, workedJob, type SinglePlan } from '../../../tests/jobs.ts';
import type { JobFile } from '../../job/definition.ts';
import { decide } from '../../decide.ts';
import { patched } from '../../job/patch.ts';
import { putPieceKind } from '../../job/piece-kind.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { holdChoices } from '../../advice/hold-choices.ts';

const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const sheet = { readings: { width: 402, height: 551 } };
const folded = (hold: JobFile['hold'], overlap = 10): SinglePlan => planned({ hold, window: { overlap } });

test('strips lie along the bottom and both sides, hidden by a millimetre; a sling carries the bottom', () => {
	const strips = folded({ kind: 'strips' }).hold!;
	assert.deepEqual(strips.strips, [
		{ side: 'bottom', length: 402, reach: 6 },
		{ side: 'left', length: 551, reach: 6 },
		{ side: 'right', length: 551, reach: 6 }
	]);
	assert.deepEqual([strips.loadKPa, strips.dryMinutes, strips.fixed], [0, 0, []]);
	// An overlap of 6 hides 5; one of 4 hides 3, the least that carries.
	near(folded({ kind: 'strips' }, 6).hold!.size.height, 5);
	const sling = folded({ kind: 'sling' }).hold!;
	near(sling.strips![1]!.length, 551 / 3);
	assert.deepEqual(sling.strips![0], strips.strips[0]);
});

test('a strip that shows is a stop, fixed by its reach; one that is too short by hinges', () => {
	const long = workedJob({ hold: { kind: 'strips', contact: 10 }, window: { overlap: 10 } });
	assert.equal(severityOf(planSingle(long), 'hold.corner-shows'), 'stop');
	assert.equal(fixed(long, 'hold.corner-shows').plan.hold!.size.height, 6);
	assert.ok(!has(folded({ kind: 'strips', contact: 9 }), 'hold.corner-shows'), 'overlap − 1');
	const short = workedJob({ hold: { kind: 'strips' }, window: { overlap: 3.5 } });
	assert.match(
		planSingle(short).findings.find(({ rule }) => rule === 'hold.corner-shows')!.says,
		/holds nothing: 3 mm is the minimum/
	);
});

test('slack: as much as the sheet moves, or it bulges', () => {
	const made = folded({ kind: 'corners' });
	// 402 × 0.0015 × 3.5 = 2.11, up to half a millimetre.
	assert.deepEqual(made.hold!.slack, { width: 2.5, height: 3 });
	assert.equal(made.hold!.bulge, undefined);
	const tight = workedJob({ aim: 'rare', hold: { kind: 'corners', slack: { width: 1 } }, window: { overlap: 10 } });
	assert.equal(severityOf(planSingle(tight), 'hold.too-much'), 'stop');
	near(planSingle(tight).hold!.bulge!.width!, (2 / Math.PI) * Math.sqrt((2.1105 - 1) * 402));
	assert.ok(!has(fixed(tight, 'hold.too-much').plan, 'hold.too-much'));
});

test('a sheet held at its bottom too bulges by (2/π)√(mL): 551 across the grain, 25 mm', () => {
	const all = planned({ schools: { 'fixed-edges': 'all' } });
	assert.deepEqual(all.hold!.fixed, ['top', 'right', 'bottom', 'left']);
	near(all.hold!.bulge!.height!, 25.4, 0.1);
	near(
		planned({ schools: { 'fixed-edges': 'all' }, piece: { ...sheet, grain: 'along-height' } }).hold!.bulge!.height!,
		14.7,
		0.1
	);
	assert.equal(all.hold!.count, 4 * 3, 'by the same rule on every edge');
	// What hangs elsewhere carries nothing: the load is that of the top.
	near(all.hold!.loadKPa, planned().hold!.loadKPa);
});

test('schools: a big print held at its bottom is a caution at every grade; one strip along an edge stops', () => {
	const big = { readings: { width: 500, height: 700 } };
	for (const aim of ['rare', 'keep', 'show'] as const)
		assert.equal(severityOf(planned({ aim, piece: big, schools: { 'big-prints': 'bottom-too' } }), 'hold.too-much'), 'caution');
	const strip = planned({ aim: 'rare', schools: { 'top-hold': 'strip-or-one' } });
	assert.equal(strip.hold!.size.width, 402);
	assert.equal(severityOf(strip, 'hold.too-much'), 'stop');
	assert.equal(severityOf(planned({ aim: 'show', schools: { 'top-hold': 'strip-or-one' } }), 'hold.too-much'), 'caution');
	const small = planned({ piece: { readings: { width: 200, height: 180 } }, schools: { 'top-hold': 'strip-or-one' } });
	assert.deepEqual([small.hold!.places, has(small, 'hold.too-much')], [[100], false], 'both sides up to 200 hang from one tab');
});

test('hinges that were set by hand stay where they are, and carry what their number carries', () => {
	const made = planned({ hold: { places: [40, 130, 360] } });
	assert.deepEqual(made.hold!.places, [40, 130, 360]);
	assert.equal(made.hold!.count, 3);
	assert.deepEqual(made.why['hold.places[1]'], { of: 'job.hold.places[1]', source: 'hold#hinges', unit: 'mark' });
	for (const [places, says] of [
		[[5, 200], /hold\.places\[0\]: A hinge 25 mm wide needs its centre between 12\.5 mm and 389\.5 mm/],
		[[100, 110], /hold\.places\[1\]: This hinge overlaps the one before it/],
		[[200, 100], /hold\.places\[1\]: List positions from left to right/],
		[[], /hold\.places: Enter at least one/]
	] as const)
		assert.match(faultsOf({ hold: { places: [...places] } })[0]!, says);
	assert.match(faultsOf({ hold: { places: [100, 300], count: 3 } })[0]!, /hold\.count: 3 hinges are set but 2 positions/);
	assert.match(faultsOf({ hold: { kind: 'corners', places: [100] }, window: { overlap: 10 } })[0]!, /Only hinges have positions/);
});

test('a hinge on a zone goes to the nearest place beside it, on the cutting step', () => {
	const file = workedJob({
		piece: { ...sheet, zones: [{ id: 'stamp', kind: 'keep-off', left: 190, top: 0, width: 25, height: 20 }] }
	});
	const { plan: after, file: next } = fixed(file, 'hold.keep-off');
	// 190 − 12.5 − 1 = 176.5 is 24.5 away; 215 + 12.5 + 1 = 228.5 is 27.5 away.
	assert.deepEqual(after.hold!.places, [50, 176.5, 352]);
	assert.deepEqual(next.hold!.places, [50, 176.5, 352]);
});

test('property: hinges moved off zones touch none, lie on the sheet and not on each other', () => {
	const zone = fc.record({ left: fc.integer({ min: 0, max: 380 }), width: fc.integer({ min: 5, max: 120 }) });
	fc.assert(
		fc.property(fc.array(zone, { minLength: 1, maxLength: 3 }), fc.integer({ min: 1, max: 5 }), (zones, count) => {
			const file = workedJob({
				piece: {
					...sheet,
					zones: zones.map(({ left, width }, index) => ({
						id: `zone ${index}`,
						kind: 'keep-off' as const,
						left,
						top: 0,
						width,
						height: 5
					}))
				},
				hold: { count }
			});
			const moved = planSingle(file)
				.findings.find(({ rule }) => rule === 'hold.keep-off')
				?.remedies.find(({ label }) => /beside it/.test(label));
			if (!moved) return;
			const after = planSingle(patched(file, moved.patch));
			assert.ok(!has(after, 'hold.keep-off'));
			for (const [index, place] of after.hold!.places.entries()) {
				assert.ok(place >= 12.5 && place <= 389.5);
				if (index > 0) assert.ok(place - after.hold!.places[index - 1]! >= 25);
			}
		}),
		{ numRuns: runs(200) }
	);
});

test('a panel is held at six points or more, one each 200 mm of edge', () => {
	const panel = (width: number, height: number) =>
		planned({ piece: { kind: 'panel', thickness: 6, readings: { width, height } }, mats: [], hold: {} });
	for (const [width, height, top, side] of [
		[240, 330, 2, 2],
		[100, 150, 1, 2],
		[150, 100, 2, 1],
		[200, 400, 1, 2],
		[201, 401, 2, 3]
	] as const) {
		const { hold, frame } = panel(width, height);
		assert.deepEqual([hold!.places.length, hold!.others![0]!.places.length], [top, side], `${width} × ${height}`);
		assert.ok(hold!.count >= 6);
		assert.deepEqual([frame!.points.kind, frame!.points.top.count, frame!.points.side.count], ['offset-clips', top, side]);
	}
});

test('a textile is stitched on a board covered with cloth; adhesive stops it at every grade', () => {
	const flag = { piece: { kind: 'textile' as const, readings: { width: 480, height: 620 } } };
	const made = planned({ ...flag, hold: {} });
	assert.equal(made.hold!.kind, 'stitching');
	assert.equal(made.hold!.count, 2 * (24 + 31), 'one each 20 mm');
	assert.deepEqual(made.hold!.cloth, { width: made.window!.pack.width + 80, height: made.window!.pack.height + 80 });
	const layer = made.pack!.layers.find(({ role }) => role === 'under-mat')!;
	near(layer.thickness, 1.9, 1e-9);
	assert.equal(made.cut.find(({ from }) => from === 'cloth')!.width, made.window!.pack.width + 80);
	assert.match(
		faultsOf({ ...flag, hold: {}, guard: { underMat: null } })[0]!,
		/guard\.underMat: Stitched work needs a covered board/
	);
	const stuck = workedJob({ ...flag, aim: 'show', hold: { kind: 't-hinge' } });
	assert.equal(severityOf(planSingle(stuck), 'hold.adhesive-irreversible'), 'stop');
	assert.equal(fixed(stuck, 'hold.adhesive-irreversible').plan.hold!.kind, 'stitching');
});

test('a translucent piece floats on a support of its own size, undercut', () => {
	const bone = planned({
		piece: { kind: 'bone', thickness: 1, readings: { width: 60, height: 80 } },
		window: { gap: 12 },
		mats: [{ board: 'cotton-4', lift: 6 }],
		hold: {}
	});
	assert.deepEqual(bone.window!.support, { width: 60, height: 80 });
	assert.ok(!has(bone, 'float.support-shows'));
	const square = { gap: 12, setBack: 0, supportEdge: 'square' as const };
	assert.ok(
		has(
			planned({
				piece: { kind: 'bone', thickness: 1, readings: { width: 60, height: 80 } },
				window: square,
				mats: [{ board: 'cotton-4', lift: 6 }],
				hold: {}
			}),
			'float.support-shows'
		)
	);
});

test('what sticks down whole: once, under weight overnight; the print moves with its board', () => {
	const print = { ...sheet, replaceable: true };
	const made = planned({ aim: 'show', piece: print, hold: {}, schools: { cockle: 'stick-down' } });
	assert.deepEqual(
		[made.hold!.kind, made.hold!.count, made.hold!.dryMinutes, made.hold!.bulge],
		['whole-surface', 1, 720, undefined]
	);
	assert.equal(severityOf(made, 'hold.adhesive-irreversible'), 'caution');
	assert.equal(made.cut.find(({ role }) => role === 'adhesive board')!.width, 402);
	const kept = workedJob({ aim: 'rare', piece: sheet, hold: { kind: 'whole-surface' } });
	assert.equal(severityOf(planSingle(kept), 'hold.adhesive-irreversible'), 'stop');
	assert.equal(fixed(kept, 'hold.adhesive-irreversible').plan.hold!.kind, 't-hinge');
});

test('what contradicts a piece is a fault that says what to choose', () => {
	const of = (kind: string, hold: object, more: object = {}) =>
		faultsOf({ piece: { ...sheet, kind } as JobFile['piece'], hold: hold, ...more })[0];
	assert.match(of('panel', { kind: 't-hinge' })!, /hold\.kind: A panel is held by its edges/);
	assert.match(of('paper', { kind: 'clips' })!, /hold\.kind: Clips hold stiff work/);
	assert.match(of('paper', { kind: 'stitching' })!, /hold\.kind: Only textiles and objects are stitched/);
	assert.match(of('object', { kind: 'corners' }, { window: { way: 'cover' } })!, /hold\.kind: An object is held by brackets/);
	assert.match(of('paper', { kind: 'sling' }, { window: { way: 'float' } })!, /hold\.kind: No mat hides the sling/);
	assert.match(of('paper', { kind: 'strips', adhesive: 'gummed-linen' })!, /hold\.adhesive: Strips hold without adhesive/);
	assert.match(of('paper', { kind: 'whole-surface', adhesive: 'starch-paste' })!, /hold\.adhesive: Overall mounting needs/);
	assert.match(of('paper', { count: 0 })!, /hold\.count: 0 is outside 1 to 50/);
});

test('another kind of piece lets go of what it can’t be held by', () => {
	const file = workedJob({ hold: { kind: 't-hinge', adhesive: 'starch-paste', count: 3 } });
	for (const kind of ['panel', 'canvas', 'textile', 'object', 'vellum', 'photograph'] as const) {
		const next = patched(file, putPieceKind(file, kind));
		assert.equal(plan(next, builtInShop).hold !== undefined, true, kind);
		const back = patched(next, putPieceKind(next, 'paper'));
		assert.deepEqual(plan(back, builtInShop).open, []);
	}
	assert.deepEqual(patched(file, putPieceKind(file, 'panel')).mats, undefined, 'no mat is needed');
	assert.equal(patched(file, putPieceKind(file, 'photograph')).hold!.count, 3, 'alike: it stays');
});

test('what each kind would do to this piece is the plan that its change gives', () => {
	const file = workedJob({ hold: { kind: 'pass-through', adhesive: 'starch-paste', count: 4 }, window: { overlap: 10 } });
	const now = { job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop) };
	const choices = holdChoices(file, now, builtInShop);
	assert.deepEqual(
		choices.map(({ kind }) => kind),
		['t-hinge', 'v-hinge', 'pass-through', 'corners', 'strips', 'sling', 'whole-surface']
	);
	for (const choice of choices) {
		assert.equal(choice.fault, null, choice.kind);
		const after = planSingle(choice.chosen ? file : patched(file, choice.patch));
		assert.deepEqual(after.hold, choice.holds[0], choice.kind);
		assert.equal(after.hold!.kind, choice.kind);
		const worst = after.findings.find(({ station }) => station === 'hold');
		assert.equal(choice.says, worst?.says ?? null, choice.kind);
	}
	// A job that says nothing of its hold is changed in one step too.
	const { hold: _, ...silent } = workedJob({ window: { overlap: 10 } });
	const found = holdChoices(silent, { job: decide(readJob(silent), builtInShop), plan: plan(silent, builtInShop) }, builtInShop);
	assert.deepEqual(patched(silent, found.find(({ kind }) => kind === 'corners')!.patch).hold, {
		kind: 'corners',
		adhesive: 'none'
	});
});
