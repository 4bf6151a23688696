/** Findings say the true reason for this very plan, and nothing is certified that nobody decided. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyPieceJob, anyWindowJob, has, planned, planSingle, severityOf, workedJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';
import { cheapestTo } from '../advice/cheapest.ts';
import { inSentence } from '../units/in-sentence.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { patched } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { plan } from '../plan.ts';
import { gradeSaid } from '../shop/grades.ts';
import { builtInShop } from '../shop/shop.ts';
import { draftBecause } from './draft.ts';
import { layerName } from '../stations/guard/layers/all.ts';

const sheet = { readings: { width: 402, height: 551 } };
const guard = (changes: JobFile['guard']): Partial<JobFile> => ({ guard: { ...workedJob().guard, ...changes } });
const of = (changes: Partial<JobFile>, rule: string) => planned(changes).findings.find((one) => one.rule === rule);

test('one centred hinge may turn and hang askew; it is no sheet that can’t grow', () => {
	const one = of({ schools: { 'hinge-count': 'one' } }, 'hold.too-much')!;
	assert.match(one.says, /^One hinge on a sheet 402 mm wide\.$/);
	assert.match(one.why, /swings on a single tab/);
	assert.doesNotMatch(one.why, /grow|bulge/);
});

test('no mat is hung from where there is none', () => {
	const made = planned({
		piece: { kind: 'panel', thickness: 6, readings: { width: 240, height: 330 } },
		mats: [],
		hold: {},
		schools: { 'hang-from': 'window-mat' }
	});
	assert.ok(!has(made, 'hold.to-mat'));
});

test('property: no sag over a negative gap, never “0 over 0”, no two findings for one fact', () => {
	fc.assert(
		fc.property(fc.oneof(anyWindowJob, anyPieceJob), (file) => {
			const { findings, pack } = plan(file, builtInShop);
			for (const { rule, says } of findings) {
				assert.doesNotMatch(says, /\b0 mm over 0|−\d/, says);
				if (rule === 'gap.sag') assert.ok(pack!.gap > 0, says);
			}
			const said = findings.map(({ says, where }) => `${says} ${where ?? ''}`);
			assert.equal(new Set(said).size, said.length, said.join('\n'));
			const has = (rule: string) => findings.some((one) => one.rule === rule);
			assert.ok(!(has('gap.contact') && has('gap.small')), 'contact and too little air are one fact');
			assert.ok(!(has('hang.wood-thin') && has('hang.ring-none')), 'too little wood is one fact');
		}),
		{ numRuns: runs(200) }
	);
});

test('a bulge is said as what the air in the pack leaves of it', () => {
	const held = of({ schools: { 'fixed-edges': 'all' } }, 'hold.too-much')!;
	assert.match(held.says, /bulge as far as the glazing, 3 mm away/);
});

test('a float without glazing has no air that is wanting, and no glass is sagging over it', () => {
	const bare = planned({ ...guard({ glazing: 'none' }), window: { way: 'float' }, mats: [{ board: 'cotton-4' }] });
	assert.ok(!bare.findings.some(({ rule }) => rule.startsWith('gap.')));
	assert.ok(!bare.pack!.layers.some(({ role }) => role === 'glazing'));
});

test('zero allowance warns; no glazing on work that sheds stops Keep', () => {
	const frame = { ...workedJob().frame, allowance: 0 };
	assert.equal(severityOf(planned({ frame }), 'frame.allowance-small'), 'caution');
	const open = { ...guard({ glazing: 'none' }), aim: 'keep' as const };
	assert.equal(severityOf(planned({ ...open, piece: { ...sheet, medium: ['charcoal'] } }), 'glazing.none'), 'stop');
	assert.equal(severityOf(planned({ ...open, piece: { ...sheet, medium: ['ink'] } }), 'glazing.none'), 'caution');
});

test('what the layers say: a float’s base touches, a buffered or fabric board counts where it touches, a mat over a float does not', () => {
	const float = { window: { way: 'float' as const }, mats: [{ board: 'pulp-4', lift: 9 }] };
	const base = planned({ ...float, ...guard({ underMat: 'chipboard' }) });
	assert.ok(base.pack!.layers.find(({ role }) => role === 'under-mat')!.touches);
	assert.ok(has(base, 'board.touch-acidic'), 'chipboard under a float is found');
	assert.ok(!has(planned({ ...float, aim: 'keep' }), 'board.touch-acidic'), 'a pulp mat over a float faces it');
	const print = { piece: { ...sheet, medium: ['cyanotype'] }, mats: [{ board: 'cotton-4-unbuffered' }] };
	assert.ok(has(planned({ ...print, ...guard({ underMat: 'cotton-4' }) }), 'material.buffer-harm'));
	const mild = guard({ underMat: 'cotton-4-unbuffered' });
	const outer = [{ board: 'cotton-4' }, { board: 'cotton-4-unbuffered', reveal: 6 }];
	const floating: Partial<JobFile> = { window: { way: 'float', support: null }, mats: [{ board: 'cotton-4', lift: 9 }] };
	assert.ok(has(planned({ ...print, ...mild, mats: [{ board: 'cotton-4' }] }), 'material.buffer-harm'), 'the mat lies on it');
	assert.ok(!has(planned({ ...print, ...mild, mats: outer }), 'material.buffer-harm'), 'the outer mat does not touch');
	assert.ok(!has(planned({ ...print, ...mild, ...floating }), 'material.buffer-harm'), 'a mat over a float neither');
});

test('a lite that follows its frame weighs what it measures; a lift stays on list and in mass while its height counts', () => {
	const file = workedJob({
		frame: {
			kind: 'ready-made',
			section: { face: 30, lip: 8, depth: 28, rabbetDepth: 18, density: 560 },
			opening: { top: 601, bottom: 603, left: 802, right: 799, d1: 1004, d2: 1001 }
		},
		borders: { way: 'fit', weight: 8 }
	});
	const made = planSingle(file);
	const glazing = made.mass!.parts.find(({ part }) => part === 'glazing')!.kg;
	const square = (made.window!.pack.width * made.window!.pack.height * 3 * 1190) / 1e9;
	assert.ok(glazing > square, 'larger than the upright pack');
});

test('property: a fix raises to a height or adds by one, can be bought or stacked, takes no protection away', () => {
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			const made = plan(file, builtInShop);
			for (const { rule, remedies } of made.findings)
				for (const { label, patch } of remedies) {
					if (/lift/i.test(label) && /\d/.test(label)) assert.match(label, /\b(to|by|of|mm)\b/, label);
					assert.doesNotMatch(
						label,
						/^Moulding/.test(label) && remedies.length > 1 && !/lip-short|frame\.weak|land-thin|wood-thin/.test(rule)
							? /^Moulding/
							: /^$/,
						label
					);
					const next = plan(patched(file, patch), builtInShop);
					assert.ok(!next.findings.some((one) => one.rule === 'pack.not-made' && !has(made, 'pack.not-made')), label);
				}
		}),
		{ numRuns: runs(40) }
	);
	const sealed = { ...workedJob(), aim: 'rare' as const, ...guard({ edgeSeal: 'packing', backing: 'cotton-4' }) };
	const set = cheapestTo(sealed, builtInShop, 'rare');
	assert.ok('changes' in set && patched(sealed, set.patch).guard!.edgeSeal, 'the seal stays');
});

test('equal and unequal boards that face the piece are named right', () => {
	const made = planned({ mats: [{ board: 'cotton-4' }, { board: 'mat-ordinary', reveal: 6 }] });
	assert.match(
		of({ mats: [{ board: 'cotton-4' }, { board: 'mat-ordinary', reveal: 6 }] }, 'board.touch-acidic')!.says,
		/^Ordinary/i
	);
	assert.equal(made.findings.find(({ rule }) => rule === 'board.touch-acidic')!.where, 'mats[1].board');
});

test('grade, ticks and papers: nothing is certified that nobody decided', () => {
	const { hold: _, guard: __, ...bare } = workedJob();
	const open = planSingle(bare);
	assert.equal(open.grade.known, false);
	assert.equal(gradeSaid(open.grade), 'not yet known');
	assert.notEqual(draftBecause(open), '');
	const taken = planSingle({ ...bare, answered: ['guard', 'hold'] });
	assert.deepEqual([taken.grade.known, taken.grade.reached], [true, open.grade.reached]);
	const unmeasured = planSingle({ format: 'rare-keep/job', version: 1 });
	assert.deepEqual([unmeasured.grade.known, unmeasured.grade.reached], [false, null]);
	const stopped = planSingle({ ...bare, answered: ['guard', 'hold'], guard: { backing: 'chipboard' } });
	assert.match(draftBecause(stopped), /^\d stops?/);
});

test('dry is asked, not assumed; sticking is by medium or by hand', () => {
	assert.equal(severityOf(planned({ piece: { ...sheet, medium: ['oil'] } }), 'ready.dry-unknown'), 'caution');
	assert.equal(
		severityOf(planned({ piece: { ...sheet, fixative: { kind: 'spray fixative', on: '2026-11-20' } } }), 'ready.dry-unknown'),
		'caution'
	);
	assert.ok(!has(planned({ piece: { ...sheet, medium: ['ink'] } }), 'ready.dry-unknown'));
	const gap = (piece: JobFile['piece']) => planned({ aim: 'keep', piece: { ...sheet, ...piece } }).pack!.gapNeed;
	for (const medium of ['alcohol-ink', 'resin', 'varnish', 'acrylic-paint', 'oil'])
		assert.equal(gap({ medium: [medium], dry: true }), 3, medium);
	assert.deepEqual([gap({ sticks: true }), gap({})], [3, 1.4]);
	for (const medium of [
		'coloured-pencil',
		'marker',
		'autograph-ink',
		'tempera',
		'gouache',
		'wax',
		'dye-inkjet',
		'pigment-inkjet',
		'synthetic-paper'
	])
		assert.ok(!has(planned({ piece: { ...sheet, medium: [medium] } }), 'piece.medium-unknown'), medium);
});

test('a board that may not lie beside the piece says its own reason', () => {
	const why = (board: string, aim: 'rare' | 'keep' | 'show' = 'rare') =>
		planned({ aim, guard: { ...workedJob().guard, underMat: board } }).findings.find(({ rule }) => rule === 'board.touch-acidic')
			?.why;
	assert.match(why('chipboard')!, /not purified/);
	assert.match(why('fluted-pp')!, /absorbs no moisture/);
	assert.match(why('aluminium-composite')!, /absorbs no moisture/);
	assert.match(why('fabric-faced')!, /cloth sheds/);
	assert.match(why('purified-4')!, /Good enough for Keep/);
	assert.equal(why('cotton-4'), undefined);
	assert.equal(why('purified-4', 'keep'), undefined);
});

test('a filler is named by material', () => {
	const job = workedJob({ guard: { ...workedJob().guard, fillers: [{ board: 'foam-free', thickness: 2 }] } });
	const layer = planSingle(job).pack!.layers.find(({ role }) => role === 'filler')!;
	assert.deepEqual(layer.made!.map(({ board }) => board).includes('foam-free'), false);
	const name = layerName(layer, decide(readJob(job), builtInShop), builtInShop);
	for (const { board } of layer.made!) assert.ok(name.includes(inSentence(builtInShop.boards[board]!.name)), name);
	assert.doesNotMatch(name, /foam/i);
});
