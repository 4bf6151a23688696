import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { runs } from '../../../tests/thorough.ts';
import { has, planned, workedJob, type SinglePlan } from '../../../tests/jobs.ts';
import type { JobFile } from '../../job/definition.ts';
import { backScene } from '../../views/drawing/back.ts';
import { planSteps } from '../../views/bench/steps.ts';
import { decide } from '../../decide.ts';
import { FaultError } from '../../job/faults.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';

const corners = (changes: Partial<JobFile> = {}, hold: JobFile['hold'] = {}): SinglePlan =>
	planned({ hold: { kind: 'corners', ...hold }, window: { overlap: 10 }, ...changes });
const leg = (made: SinglePlan) => made.hold!.size.width;
const faultOf = (file: JobFile): string => {
	try {
		plan(file, builtInShop);
		return '';
	} catch (error) {
		if (error instanceof FaultError) return `${error.faults[0]!.path}: ${error.faults[0]!.says}`;
		throw error;
	}
};

test('a leg is as long as the overlaps hide, at most 40 and a sixth of the short side', () => {
	assert.equal(leg(corners()), 19, '10 + 10 − 1');
	assert.equal(
		leg(corners({ window: { overlap: { top: 14, bottom: 8, left: 10, right: 20 } } })),
		17,
		'the smallest of the sums'
	);
	assert.equal(leg(corners({ window: { overlap: 60 } })), 40);
	assert.equal(leg(corners({ piece: { readings: { width: 90, height: 120 } } })), 15);
	assert.equal(leg(corners({}, { width: 14 })), 14, 'as it is given');
});

test('under an oval the corners of the sheet lie farther behind the mat', () => {
	const made = corners({ window: { shape: 'oval', overlap: 10 } });
	const { width, height } = made.window!.opening;
	assert.ok(Math.abs(leg(made) - Math.min(40, 402 / 6, (402 + 551) / 2 - Math.hypot(width / 2, height / 2) - 1)) < 1e-9);
});

test('no adhesive, nothing is loaded and nothing dries; the sheet’s back stays clear', () => {
	const made = corners({ piece: { readings: { width: 402, height: 551 }, bothSides: true } });
	assert.deepEqual(
		[made.hold!.count, made.hold!.tissue, made.hold!.loadKPa, made.hold!.dryMinutes, made.hold!.places.length],
		[4, null, 0, 0, 0]
	);
	assert.equal(has(made, 'hold.both-sides'), false);
	assert.equal(
		corners({ aim: 'rare' }).findings.some(({ rule }) => rule === 'hold.grade'),
		false
	);
	assert.match(
		faultOf(workedJob({ hold: { kind: 'corners', adhesive: 'starch-paste' } })),
		/hold\.adhesive: Corner pockets hold without adhesive/
	);
	assert.match(
		faultOf(workedJob({ hold: { kind: 'corners' }, window: { way: 'float' } })),
		/hold\.kind: No mat hides the corners of a float/
	);
});

test('a pocket keeps off a zone as a hinge does', () => {
	const zone = (left: number, top: number) => ({
		piece: {
			readings: { width: 402, height: 551 },
			zones: [{ id: 'seal', kind: 'keep-off' as const, left, top, width: 10, height: 10 }]
		}
	});
	assert.equal(has(corners(zone(0, 0)), 'hold.keep-off'), true);
	assert.equal(has(corners(zone(9, 9)), 'hold.keep-off'), true, '9 + 9 < 19');
	assert.equal(has(corners(zone(10, 10)), 'hold.keep-off'), false);
	assert.equal(has(corners(zone(200, 0)), 'hold.keep-off'), false, 'where a hinge would be');
	assert.equal(has(corners(zone(392, 541)), 'hold.keep-off'), true);
});

test('pockets on the cut list, on the bench and on the back', () => {
	const file = workedJob({ hold: { kind: 'corners' }, window: { overlap: 10 } });
	const made = plan(file, builtInShop);
	const pocket = made.cut.find(({ role }) => role === 'corner pocket')!;
	assert.ok(Math.abs(pocket.height - 19 / Math.SQRT2) < 1e-9 && Math.abs(pocket.width - 4 * pocket.height) < 1e-9);
	assert.equal(pocket.count, 4);
	assert.equal(
		made.cut.some(({ role }) => role === 'hinge tab' || role === 'cross-piece'),
		false
	);
	const job = decide(readJob(file), builtInShop);
	const steps = planSteps(job, made, builtInShop);
	assert.match(steps.find(({ id }) => id === 'hinge')!.does.join(' '), /19 along each edge/);
	const drawn = backScene(made, job, builtInShop)!.shapes.filter(({ title }) => title === 'Corner pocket');
	assert.equal(drawn.length, 4);
	for (const { rings } of drawn) assert.equal(rings![0]!.length, 3);
});

test('property: a pocket that the program chose never shows', () => {
	const overlap = fc.integer({ min: 5, max: 30 });
	fc.assert(
		fc.property(
			overlap,
			overlap,
			overlap,
			overlap,
			fc.constantFrom('rectangle', 'oval', 'arch'),
			(top, right, bottom, left, shape) => {
				const made = corners({
					window: {
						shape,
						overlap: shape === 'arch' ? { top, right: left, bottom, left } : { top, right, bottom, left }
					}
				});
				const finding = made.findings.find(({ rule }) => rule === 'hold.corner-shows');
				assert.ok(!finding || /too short: 12 mm is the minimum/.test(finding.says), finding?.says);
			}
		),
		{ numRuns: runs(200) }
	);
});
