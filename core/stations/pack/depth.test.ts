/** Depth and air: the handbook's float, what stands above a face, glazing that sags, a groove that swallows points. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { has, planned, severityOf, workedJob } from '../../../tests/jobs.ts';

const near = (value: number, wanted: number, within = 1e-9) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

test('a piece 5 mm thick with its support, under 5 + 2.2 mm of spacer and mat: 2.2 of air, too little at Rare', () => {
	const float = (aim: 'rare' | 'keep') =>
		planned({
			aim,
			piece: { readings: { width: 402, height: 551 }, thickness: 2 },
			window: { way: 'float', support: 'cotton-8' },
			mats: [{ board: 'fabric-faced' }],
			guard: { ...workedJob().guard, spacer: 5 },
			hold: {}
		});
	near(float('rare').pack!.gap, 2.2);
	assert.equal(severityOf(float('rare'), 'gap.small'), 'stop');
	assert.ok(!has(float('keep'), 'gap.small'), '1.4 is enough for a flat sheet at Keep');
	// They stand inside the depth of spacer and mat, so the pack is no thicker for them.
	const { layers, thickness } = float('rare').pack!;
	assert.deepEqual(
		layers.filter(({ inside }) => inside).map(({ role }) => role),
		['piece', 'support']
	);
	near(
		thickness,
		layers.filter(({ inside }) => !inside).reduce((sum, layer) => sum + layer.thickness, 0)
	);
});

test('what stands above the face is counted in the need of air, beside the cockle', () => {
	const need = (piece: object) =>
		planned({ aim: 'keep', piece: { readings: { width: 402, height: 551 }, ...piece } }).pack!.gapNeed;
	near(need({}), 1.4);
	near(need({ relief: 9 }), 10.4);
	near(need({ relief: 9, cockle: 2 }), 12.4);
	near(need({ kind: 'photograph' }), 3);
});

test('acrylic sags twice as far when it lies for weeks, hardly at all as it is carried; glass does not creep', () => {
	const acrylic = planned().pack!;
	near(acrylic.sagWeeks, acrylic.sag * 2);
	near(acrylic.sagCarried, acrylic.sag * Math.sin((10 * Math.PI) / 180));
	const glass = planned({ guard: { ...workedJob().guard, glazing: 'uv-glass' } }).pack!;
	near(glass.sagWeeks, glass.sag);
});

test('glazing that sags onto the piece: more air, or one of the shop that sags less and stops no less UV', () => {
	const wide = workedJob({
		piece: { readings: { width: 560, height: 760 } },
		guard: { ...workedJob().guard, glazing: 'uv-acrylic' }
	});
	const finding = planned(wide).findings.find(({ rule }) => rule === 'gap.sag')!;
	assert.match(finding.says, /Carried upright it stays clear/);
	assert.ok(finding.remedies.some(({ label }) => /^Lift the mat/.test(label)));
});

test('points in a groove: from g to g + w, a millimetre before it too; a filler brings the pack past it', () => {
	const grooved = (from: number, width: number) =>
		planned({ frame: { section: { face: 22, lip: 6, depth: 40, rabbetDepth: 26, density: 680 }, groove: { from, width } } });
	const pack = planned().pack!.thickness;
	for (const [from, width, swallowed] of [
		[pack + 1, 3, false],
		[pack + 0.9, 3, true],
		[pack - 2.9, 3, true],
		[pack - 3, 3, false]
	] as const)
		assert.equal(has(grooved(from, width), 'pack.points-in-groove'), swallowed, `${from} to ${from + width}`);
	const fix = grooved(pack - 1, 3).findings.find(({ rule }) => rule === 'pack.points-in-groove')!.remedies[0]!;
	// g + w + 1 − pack.
	assert.equal(fix.label, 'Build up past the groove: filler of 3 mm');
});
