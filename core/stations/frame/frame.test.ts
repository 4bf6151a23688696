import assert from 'node:assert/strict';
import { test } from 'node:test';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { sagFlat } from '../sag/sag.ts';
import { builtInShop } from '../../shop/shop.ts';
import { has, fixed, planned, severityOf, workedJob } from '../../../tests/jobs.ts';
import { allowanceFor } from './frame.ts';
import { pointsOf } from './points.ts';

const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const section = { face: 22, lip: 8, depth: 30, rabbetDepth: 16, density: 680 };
const { house, glazings } = builtInShop;

test('allowance: 1200 with a paper board 5.5, 701 is 3.5, 542 is 3', () => {
	const job = decide(readJob(workedJob()), builtInShop);
	const pack = { width: 1200, height: 701 };
	assert.equal(allowanceFor('width', job, house, pack), 5.5);
	assert.equal(allowanceFor('height', job, house, pack), 3.5);
	assert.equal(allowanceFor('width', job, house, { width: 542, height: 1 }), 3);
	const noBoards = { ...job, mats: [], guard: { ...job.guard, underMat: null, fillers: [], backing: null } };
	assert.equal(allowanceFor('width', noBoards, house, pack), 4.5, 'acrylic alone');
});

test('rigid points: 704, 225, 300, 1000; flexible on 545; one in the middle of a short side', () => {
	const rigid = (side: number) => pointsOf(side, 'rigid', house);
	assert.deepEqual([rigid(704).count, rigid(704).spacing], [6, 120.8]);
	assert.deepEqual([rigid(225).count, rigid(225).spacing], [2, 125]);
	assert.deepEqual([rigid(300).count, rigid(300).spacing], [3, 100]);
	assert.deepEqual([rigid(1000).count, rigid(1000).spacing], [9, 112.5]);
	const flexible = pointsOf(545, 'flexible', house);
	assert.equal(flexible.count, 7);
	near(flexible.spacing, 74.2, 0.05);
	assert.deepEqual(rigid(70), { first: 35, count: 1, spacing: 0 });
});

test('the lip, as worked: 6 and 8 pass both, 5 passes unsealed alone; narrower tape on the face, or a wider lip', () => {
	const guard = { ...workedJob().guard!, edgeSeal: 'aluminium-laminate' as const };
	assert.ok(!has(planned(), 'frame.lip-short'));
	assert.ok(!has(planned({ guard }), 'frame.lip-short'), '4.5 ≥ 3 + 1, 3 ≥ 3');
	const five = { section: { ...section, lip: 5 }, allowance: 3 };
	assert.ok(!has(planned({ frame: five }), 'frame.lip-short'), '3.5 ≥ 3');
	const sealed = workedJob({ guard, frame: five });
	const found = plan(sealed, builtInShop).findings.find(({ rule }) => rule === 'frame.lip-short')!;
	assert.equal(found.remedies[0]!.label, '2 mm of tape on the face', '3.5 ≥ 2 + 1, 2 ≥ 2');
	assert.ok(!has(fixed(sealed, 'frame.lip-short').plan, 'frame.lip-short'));
	assert.ok(!has(planned({ guard, frame: { section } }), 'frame.lip-short'));
});

test('a pack that is proud, tight or recessed, each with its remedy', () => {
	const guard = { ...workedJob().guard!, fillers: [{ board: 'foam-free', thickness: 5 }] };
	// 3 + 1.5 + 1.5 + 0.5 + 1.5 + 5 + 3 = 16
	const at = (rabbetDepth: number) => workedJob({ guard, frame: { section: { ...section, rabbetDepth, depth: 40 } } });
	const proud = plan(at(14), builtInShop);
	near(proud.pack!.thickness, 16);
	near(proud.pack!.clearance!, -2);
	assert.equal(severityOf(proud, 'pack.proud'), 'stop');
	assert.equal(proud.fits, false);
	const fixedProud = fixed(at(14), 'pack.proud').plan;
	assert.ok(fixedProud.fits && fixedProud.pack!.clearance! >= 3);
	assert.equal(severityOf(plan(at(16), builtInShop), 'pack.tight'), 'caution');
	const thinner = fixed(at(17), 'pack.tight');
	// Nothing between 0 and 3 mm is sold as foam board.
	assert.deepEqual(thinner.file.guard!.fillers, []);
	assert.ok(!has(plan(at(19), builtInShop), 'pack.tight'));
	assert.ok(!has(plan(at(28), builtInShop), 'pack.recessed'));
	assert.equal(severityOf(plan(at(28.5), builtInShop), 'pack.recessed'), 'note');
	const filled = fixed(at(28.5), 'pack.recessed').plan;
	assert.ok(filled.pack!.clearance! >= 3 && !has(filled, 'pack.recessed'));
	const bare = workedJob({ guard: { ...guard, fillers: [] }, frame: { section: { ...section, rabbetDepth: 9, depth: 40 } } });
	const deeper = fixed(bare, 'pack.proud').file.frame!;
	assert.ok(deeper.deepen && !deeper.moulding, 'the moulding stays as long as strips on its back do');
});

test('sag lying flat: glass 2.0, acrylic 3.0, laminated bends as 2.5', () => {
	near(sagFlat(glazings['glass']!, { width: 500, height: 700 }), 0.443, 0.0005);
	near(sagFlat(glazings['uv-acrylic']!, { width: 542, height: 701 }), 2.299, 0.002);
	near(sagFlat(glazings['uv-acrylic']!, { width: 800, height: 1000 }), 10.36, 0.01);
	const square = sagFlat(glazings['glass']!, { width: 600, height: 600 });
	const stiffness = (70e9 * 0.002 ** 3) / (12 * (1 - 0.22 ** 2));
	near(square, ((0.0040624 * 2500 * 0.002 * 9.81 * 0.6 ** 4) / stiffness) * 1000, 0.001);
	assert.ok(has(planned({ piece: { readings: { width: 700, height: 900 } } }), 'gap.sag'));
});

test('a heavy piece in a light section, plain corners, flexible points', () => {
	const light = workedJob({
		piece: { readings: { width: 700, height: 900 } },
		guard: { ...workedJob().guard!, glazing: 'laminated' },
		frame: { section: { ...section, face: 14, depth: 18, lip: 6, rabbetDepth: 14 } }
	});
	assert.ok(has(plan(light, builtInShop), 'frame.weak'));
	assert.ok(!has(fixed(light, 'frame.weak').plan, 'frame.weak'));
	assert.ok(!has(planned(), 'frame.weak'));
	assert.equal(severityOf(planned({ aim: 'rare', frame: { section, points: 'flexible' } }), 'points.flexible'), 'caution');
});
