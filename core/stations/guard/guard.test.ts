import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { has, fixed, planned, severityOf, workedJob } from '../../../tests/jobs.ts';

const readings = { width: 402, height: 551 };
const safe = workedJob().guard!;

/** A rule fires in one job, just does not in another, and its remedy removes it. */
function firesAndMends(rule: string, fires: Partial<JobFile>, quiet: Partial<JobFile>, severity?: string): void {
	const file = workedJob(fires);
	assert.ok(has(plan(file, builtInShop), rule), `${rule} does not fire`);
	if (severity) assert.equal(severityOf(plan(file, builtInShop), rule), severity);
	assert.ok(!has(planned(quiet), rule), `${rule} fires where it must not`);
	assert.ok(!has(fixed(file, rule).plan, rule), `${rule} stays after its remedy`);
}

test('layers from the front, with what touches and what faces', () => {
	const { layers } = planned({ guard: { ...safe, fillers: [{ board: 'foam-free' }], barrier: 'polyester-film' } }).pack!;
	assert.deepEqual(
		layers.map(({ role, touches, faces }) => [role, touches, faces]),
		[
			['glazing', false, false],
			['mat', false, true],
			['mat', false, true],
			['piece', false, false],
			['under-mat', true, false],
			['filler', false, false],
			['barrier', false, false],
			['backing', false, false]
		]
	);
	const bare = planned({ guard: { ...safe, underMat: null, fillers: [{ board: 'foam-free' }] } }).pack!.layers;
	assert.deepEqual(
		bare.slice(-2).map(({ role, touches, faces }) => [role, touches, faces]),
		[
			['filler', true, false],
			['backing', false, true]
		]
	);
});

test('the grade reached is the best without a stop; what holds it down are the stops of the next', () => {
	const pulp = planned({ mats: [{ board: 'cotton-4' }, { board: 'pulp-4', reveal: 6 }] });
	assert.deepEqual(pulp.grade, { aimed: 'keep', reached: 'show', heldBy: ['board.touch-acidic'], known: false });
	const rare = planned({ mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6 }] });
	assert.equal(rare.grade.reached, 'rare', 'it may exceed the aim');
	assert.deepEqual(rare.grade.heldBy, []);
	const none = planned({ guard: { ...safe, backing: 'hardboard' } });
	assert.equal(none.grade.reached, null);
	assert.ok(none.grade.heldBy.includes('board.backing-acidic'));
	const thin = planned({ mats: [{ board: 'cotton-4' }] });
	assert.equal(thin.grade.reached, 'keep');
	assert.deepEqual(thin.grade.heldBy, ['gap.small']);
});

test('board.touch-acidic: a pulp mat nearest the piece stops Keep; as an outer mat it may face it', () => {
	const inner = [{ board: 'cotton-4' }, { board: 'pulp-4', reveal: 6 }];
	const outer = [{ board: 'pulp-4' }, { board: 'cotton-4', reveal: 6 }];
	firesAndMends('board.touch-acidic', { mats: inner }, { mats: outer }, 'stop');
	firesAndMends('board.touch-acidic', { mats: outer, aim: 'rare' }, { mats: outer }, 'stop');
	firesAndMends(
		'board.touch-acidic',
		{ mats: [{ board: 'mat-ordinary' }], aim: 'show' },
		{ mats: [{ board: 'pulp-4' }], aim: 'show' },
		'caution'
	);
});

test('backings: acidic without barrier, below the grade, not stiff', () => {
	firesAndMends(
		'board.backing-acidic',
		{ guard: { ...safe, backing: 'mdf' }, aim: 'show' },
		{ guard: { ...safe, backing: 'mdf', barrier: 'polyester-film' }, aim: 'show' },
		'stop'
	);
	firesAndMends(
		'board.backing-grade',
		{ guard: { ...safe, backing: 'mdf', barrier: 'polyester-film' } },
		{ guard: { ...safe, backing: 'foam-free' } },
		'stop'
	);
	assert.ok(
		!has(planned({ aim: 'rare', guard: { ...safe, backing: 'foam-free' } }), 'board.backing-grade'),
		'foam reaches Rare behind an under-mat'
	);
	firesAndMends(
		'board.backing-weak',
		{ guard: { ...safe, backing: 'foam-free' } },
		{ guard: { ...safe, backing: 'alkaline-corrugated' } },
		'caution'
	);
	assert.ok(
		!has(planned({ guard: { ...safe, backing: 'mdf' } }), 'board.backing-weak'),
		'a raw fibre back is board.backing-acidic alone'
	);
	firesAndMends(
		'board.backing-acidic',
		{ guard: { ...safe, fillers: [{ board: 'chipboard' }] } },
		{ guard: { ...safe, fillers: [{ board: 'foam-free' }] } }
	);
});

test('UV: 97 at Rare, 70 at Keep, a note at Show', () => {
	firesAndMends(
		'glazing.uv-low',
		{ aim: 'rare', guard: { ...safe, glazing: 'acrylic' } },
		{ aim: 'rare', guard: { ...safe, glazing: 'uv-glass' } },
		'stop'
	);
	firesAndMends('glazing.uv-low', { guard: { ...safe, glazing: 'glass' } }, { guard: { ...safe, glazing: 'glass-lr' } }, 'stop');
	firesAndMends(
		'glazing.uv-low',
		{ aim: 'show', guard: { ...safe, glazing: 'glass' } },
		{ aim: 'show', guard: { ...safe, glazing: 'glass-lr' } },
		'note'
	);
	firesAndMends('glazing.none', { guard: { ...safe, glazing: 'none' } }, {}, 'caution');
});

test('friable: no plain acrylic, a trough under the mat', () => {
	const charcoal = { readings, medium: ['charcoal'] };
	firesAndMends(
		'glazing.static-friable',
		{ piece: charcoal },
		{ piece: charcoal, guard: { ...safe, glazing: 'uv-acrylic-lr' } },
		'stop'
	);
	firesAndMends(
		'friable.no-trough',
		{ piece: charcoal },
		{ piece: charcoal, mats: [{ board: 'cotton-4', bevel: 'reverse', lift: 1.5 }] },
		'caution'
	);
	firesAndMends(
		'glazing.breakable',
		{ piece: { readings, travels: true }, guard: { ...safe, glazing: 'uv-glass' } },
		{ piece: { readings, travels: true } },
		'caution'
	);
	assert.ok(
		has(
			planned({ piece: { readings: { width: 700, height: 900 } }, guard: { ...safe, glazing: 'uv-glass' } }),
			'glazing.breakable'
		)
	);
});

test('a buffered board next to a cyanotype', () => {
	const mats = [{ board: 'cotton-4-unbuffered' }];
	const piece = { readings, medium: ['cyanotype'] };
	firesAndMends(
		'material.buffer-harm',
		{ piece, mats, aim: 'rare' },
		{ piece, mats, aim: 'rare', guard: { ...safe, underMat: 'cotton-4-unbuffered' } },
		'stop'
	);
});

test('joins and edge seals by grade', () => {
	firesAndMends(
		'mat.join',
		{ guard: { ...safe, join: 'transfer', joinDistance: 8 } },
		{ guard: { ...safe, join: 'transfer', joinDistance: 12 } },
		'caution'
	);
	firesAndMends('mat.join', { aim: 'rare', guard: { ...safe, join: 'transfer', joinDistance: 50 } }, { aim: 'rare' }, 'stop');
	firesAndMends(
		'seal.edge-grade',
		{ guard: { ...safe, edgeSeal: 'packing' } },
		{ guard: { ...safe, edgeSeal: 'paper' } },
		'stop'
	);
	firesAndMends('seal.edge-none', { aim: 'rare' }, { aim: 'keep' }, 'caution');
});

test('the gap: contact, small, and its need by piece and grade', () => {
	assert.equal(planned().pack!.gap, 3);
	assert.equal(planned().pack!.gapNeed, 1.4);
	assert.equal(planned({ aim: 'rare' }).pack!.gapNeed, 3);
	assert.equal(planned({ piece: { readings: { width: 402, height: 651 }, medium: ['charcoal'], cockle: 2 } }).pack!.gapNeed, 8);
	firesAndMends('gap.small', { aim: 'rare', mats: [{ board: 'cotton-4' }] }, { aim: 'rare' }, 'stop');
	firesAndMends('gap.small', { piece: { kind: 'photograph', readings }, mats: [{ board: 'cotton-4' }] }, {}, 'caution');
});

test('intake: not dry, concerns, a medium that the shop does not know', () => {
	firesAndMends('ready.not-dry', { piece: { readings, dry: false } }, {}, 'stop');
	const asked = planned({ piece: { readings, concerns: ['mould', 'protected'], medium: ['charcaol'] } });
	for (const rule of ['piece.protected', 'piece.medium-unknown']) assert.equal(severityOf(asked, rule), 'caution');
	assert.equal(severityOf(asked, 'piece.needs-conservator'), 'stop');
});
