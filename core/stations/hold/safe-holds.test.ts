/** Holds that would harm a piece, or hold by nothing, are found; those that are safe are offered. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { fixed, has, planned, planSingle, severityOf, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { builtInShop } from '../../shop/shop.ts';
import { kindsFor } from '../../advice/hold-choices.ts';

const sheet = { readings: { width: 402, height: 551 } };
const says = (file: JobFile, rule: string) => planSingle(file).findings.find((one) => one.rule === rule);
const bone = (material: 'bone' | 'ivory' | 'horn' | 'tortoiseshell'): JobFile['piece'] => ({
	kind: 'bone',
	material,
	thickness: 1,
	readings: { width: 80, height: 100 }
});

test('bone, ivory, horn, vellum: no water by the house’s choice; dry holds are offered, water is a stop', () => {
	for (const material of ['bone', 'ivory', 'horn', 'tortoiseshell'] as const) {
		const made = planned({ piece: bone(material), hold: {} });
		assert.deepEqual([made.hold!.kind, made.hold!.loadKPa], ['strips', 0], material);
		for (const adhesive of ['starch-paste', 'cellulose-paste', 'gummed-linen']) {
			const wet = workedJob({ piece: bone(material), hold: { kind: 't-hinge', adhesive } });
			const finding = says(wet, 'hold.water-harm')!;
			assert.equal(finding.severity, 'stop');
			assert.match(finding.says, new RegExp(material));
		}
		assert.equal(has(made, 'piece.protected'), material !== 'bone', 'the law’s caution');
	}
	const skin = workedJob({
		piece: { kind: 'vellum', readings: { width: 330, height: 260 } },
		hold: { kind: 't-hinge', adhesive: 'starch-paste' }
	});
	assert.equal(severityOf(planSingle(skin), 'hold.water-harm'), 'caution');
	assert.equal(planned({ piece: { kind: 'vellum', readings: { width: 330, height: 260 } }, hold: {} }).hold!.kind, 'strips');
	const lip = planned({ piece: bone('ivory'), mats: [], hold: {} });
	assert.equal(lip.hold!.kind, 'frame-lip');
	const job = decide(readJob(workedJob({ piece: bone('ivory'), hold: {} })), builtInShop);
	assert.ok(['strips', 'corners', 'frame-lip', 'conservator'].every((kind) => kindsFor(job).includes(kind as 'strips')));
});

test('property: no hinge is planned unsaid whose tab or cross-piece leaves its board', () => {
	const side = fc.integer({ min: 4, max: 60 });
	fc.assert(
		fc.property(
			side,
			side,
			side,
			fc.integer({ min: 60, max: 600 }),
			fc.constantFrom('t-hinge', 'v-hinge', 'pass-through'),
			(top, left, right, width, kind) => {
				const file = workedJob({
					piece: { readings: { width, height: 300 } },
					borders: { way: 'own', top, left, right, bottom: 40 },
					mats: [{ board: 'cotton-4' }],
					hold: { kind: kind as 't-hinge' }
				});
				const made = planSingle(file);
				const { hold, window } = made;
				const place = window!.placement;
				if (has(made, 'hold.off-board') || has(made, 'window.sheet-beyond-pack')) return;
				const half = (kind === 't-hinge' ? hold!.cross!.width : hold!.size.width) / 2;
				for (const centre of hold!.places) {
					assert.ok(
						place.left + centre - half >= -1e-6 && place.left + centre + half <= window!.pack.width + 1e-6,
						'beside the board'
					);
				}
				if (kind === 't-hinge') {
					assert.ok(place.top - hold!.tab! >= -1e-6, `tab ${hold!.tab} over ${place.top} of board`);
					assert.ok(
						place.top - 2 - hold!.cross!.height >= -1e-6 || hold!.cross!.height <= place.top,
						'cross-piece above the board'
					);
				}
			}
		),
		{ numRuns: runs(150) }
	);
});

test('hold.off-board says what would fit, and an under-mat where there is no board', () => {
	const low = workedJob({ borders: { way: 'even', width: 14 }, mats: [{ board: 'cotton-4' }] });
	assert.deepEqual(
		says(low, 'hold.off-board')!.remedies.map(({ label }) => label.replace(/ [\d.]+ mm/, '')),
		['V-hinges', 'Pass-through hinges', 'Border']
	);
	const none = workedJob({ guard: { glazing: 'uv-acrylic', underMat: null, backing: 'fluted-pp' } });
	const finding = says(none, 'hold.off-board')!;
	assert.match(finding.says, /No board behind the sheet/);
	assert.match(finding.remedies[0]!.label, /^A back mat of /);
	assert.ok(!has(fixed(none, 'hold.off-board').plan, 'hold.off-board'));
	assert.ok(
		!has(planSingle({ ...none, schools: { 'hang-from': 'window-mat' } }), 'hold.off-board'),
		'it hangs from the window mat'
	);
	// A narrow strip above the sheet shortens the tab and the cross-piece, not the sentence.
	const short = planned({ borders: { way: 'even', width: 24 }, mats: [{ board: 'cotton-4' }] });
	assert.ok(short.hold!.tab! < 25 && !has(short, 'hold.off-board'));
});

test('a float’s panel is patched from behind, inside its edge', () => {
	const made = planned({
		piece: { kind: 'panel', thickness: 5, readings: { width: 240, height: 330 } },
		window: { way: 'float', support: 'cotton-8' },
		mats: [{ board: 'cotton-4', lift: 12 }],
		hold: {}
	});
	assert.equal(made.hold!.patchInside, 12);
	assert.ok(made.cut.some(({ role }) => role === 'patch behind the piece'));
});

test('a pocket that is too short says its least, by how much, and what overlap would do', () => {
	const finding = says(workedJob({ hold: { kind: 'corners' }, window: { overlap: 6 } }), 'hold.corner-shows')!;
	assert.equal(
		finding.says,
		'Corner pockets of 11 mm are 1 mm too short: 12 mm is the minimum that holds. An overlap of 6.5 mm on every side would be enough.'
	);
});

test('what is mounted overall does not bulge; its board counts in layers and depth; its wait is its own', () => {
	const stuck = planned({
		aim: 'show',
		piece: { ...sheet, replaceable: true },
		hold: { kind: 'whole-surface', adhesive: 'adhesive-board' }
	});
	assert.equal(stuck.hold!.bulge, undefined);
	assert.ok(stuck.pack!.layers.some(({ material, thickness }) => material === 'adhesive-board' && thickness === 1.5));
	assert.equal(stuck.pack!.thickness, planned().pack!.thickness + 1.5);
	assert.equal(stuck.hold!.dryMinutes, 720);
	assert.equal(planned().hold!.dryMinutes, 45);
});

test('allowed at Keep: self-adhesive tissue on a photograph that can be printed again, reversible glue on panels', () => {
	const photograph = (replaceable: boolean) =>
		workedJob({
			aim: 'keep',
			piece: { kind: 'photograph', ...sheet, replaceable },
			hold: { kind: 't-hinge', adhesive: 'self-adhesive-tissue' }
		});
	assert.ok(!has(planSingle(photograph(true)), 'hold.grade'));
	assert.equal(severityOf(planSingle(photograph(false)), 'hold.grade'), 'stop');
});

test('pockets and strips lie on the sheet’s own corners when it leans', () => {
	const leaning = { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 690, d2: 674 } };
	const made = planned({ piece: leaning, hold: { kind: 't-hinge' } });
	// A place counts along its own top edge, from its own corner.
	assert.ok(made.hold!.places[0]! >= 0 && made.hold!.places.at(-1)! <= 402);
	const keepOff = { id: 'stamp', kind: 'keep-off' as const, left: 0, top: 0, width: 7, height: 60 };
	const upright = planned({ piece: { ...sheet, zones: [keepOff] }, hold: { kind: 'corners' }, window: { overlap: 10 } });
	assert.ok(has(upright, 'hold.keep-off'), 'the pocket lies on the stamp of an upright sheet');
});
