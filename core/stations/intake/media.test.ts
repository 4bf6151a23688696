/** What a medium and a support say: classes that are asked and not guessed, a kind that is changed, panels by their wood. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planned, planSingle, workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import { patched } from '../../job/patch.ts';
import { putPieceKind } from '../../job/piece-kind.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { readMaterials, withMaterials } from '../../shop/catalogue.ts';
import { MEDIA } from '../../shop/media.ts';
import { builtInShop } from '../../shop/shop.ts';
import { SUPPORT_IDS, SUPPORTS, supportsOf } from '../../shop/supports.ts';

const readings = { width: 402, height: 551 };

test('every medium and support says why in a sentence; every kind but a few has its supports', () => {
	for (const { id, says, fade } of MEDIA) {
		assert.match(says ?? '', /^[A-ZÄ].+\.$/, id);
		assert.ok(fade >= 1 && fade <= 8 && Number.isInteger(fade), id);
	}
	for (const id of SUPPORT_IDS) assert.match(SUPPORTS[id].says, /^[A-Z].+\.$/, id);
	assert.deepEqual(supportsOf('vellum'), ['leather', 'skin']);
});

test('an own medium without a class is asked for it, and the most fugitive counts meanwhile', () => {
	const read = readMaterials([{ kind: 'medium', id: 'beet-juice', name: 'Beet juice', figures: {}, sources: {} }]);
	assert.ok(read.ok);
	const shop = withMaterials(builtInShop, read.materials);
	const file = workedJob({ piece: { readings, medium: ['beet-juice'] } });
	assert.equal(decide(readJob(file), shop).piece.fade, 1);
	const found = plan(file, shop).findings.find(({ rule }) => rule === 'piece.medium-unknown')!;
	assert.match(found.says, /^No light class for Beet juice: the most fugitive, 1, counts/);
	const known = readMaterials([{ kind: 'medium', id: 'beet-juice', name: 'Beet juice', figures: { fade: 2 }, sources: {} }]);
	assert.ok(known.ok);
	assert.equal(decide(readJob(file), withMaterials(builtInShop, known.materials)).piece.fade, 2);
});

test('flaking counts as friable until a conservator has consolidated it; half a finding is none', () => {
	const friable = (conservator?: object) =>
		decide(
			readJob(workedJob({ piece: { readings, concerns: ['flaking'], ...(conservator ? { conservator } : {}) } })),
			builtInShop
		).piece.friable;
	const seen = { name: 'A. Holm', on: '2026-11-12', finding: 'Consolidated.' };
	assert.deepEqual([friable(), friable(seen), friable({ ...seen, consolidated: true })], [true, true, false]);
	assert.equal(friable({ name: 'A. Holm', consolidated: true }), true);
});

test('a support of another kind is a fault; changing the kind takes it along', () => {
	const silk = workedJob({ piece: { readings, kind: 'textile', support: 'silk' }, hold: {} });
	assert.throws(() => planned({ piece: { readings, support: 'silk' } }), /silk does not go with kind paper/);
	const paper = patched(silk, putPieceKind(silk, 'paper'));
	assert.equal(paper.piece!.support, undefined);
	assert.ok(planSingle(paper).measure);
});

test('a panel moves by its wood, across its grain alone; paper by its kind; unknown fibre counts as silk', () => {
	const moves = (piece: object) => planned({ piece: { readings, ...piece }, mats: [], hold: {} }).movement!.width;
	const panel = (support?: string, grain?: string) =>
		moves({ kind: 'panel', thickness: 6, ...(support ? { support } : {}), ...(grain ? { grain } : {}) });
	const share = (perTen: number) => Number((402 * perTen * 3.5).toFixed(6));
	assert.equal(Number(panel().toFixed(6)), share(0.0045));
	assert.equal(Number(panel('wood-tangential').toFixed(6)), share(0.006));
	assert.equal(Number(panel('wood-quarter').toFixed(6)), share(0.003));
	assert.equal(Number(panel('plywood', 'along-width').toFixed(6)), share(0.001));
	assert.equal(Number(panel('fibreboard').toFixed(6)), share(0.0008));
	assert.equal(Number(panel('wood', 'along-width').toFixed(6)), share(0.0001));
	assert.equal(panel('glass-reverse'), 0);
	assert.equal(Number(moves({ support: 'tracing' }).toFixed(6)), share(0.003));
	const protein = (support?: 'linen' | 'silk') =>
		decide(readJob(workedJob({ piece: { readings, kind: 'textile', ...(support ? { support } : {}) }, hold: {} })), builtInShop)
			.piece.proteinOrDye;
	assert.deepEqual([protein(), protein('silk'), protein('linen')], [true, true, false]);
});
