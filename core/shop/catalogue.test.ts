import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planned, workedJob, severityOf } from '../../tests/jobs.ts';
import { plan } from '../plan.ts';
import {
	figuresOf,
	KINDS,
	MATERIAL_KINDS,
	offered,
	readFigure,
	readMaterials,
	withMaterials,
	type Material,
	type WrittenMaterial
} from './catalogue.ts';
import { builtInShop } from './shop.ts';
import { touchedBy } from '../advice/touched.ts';

const board = (figures: WrittenMaterial['figures'], more: Partial<WrittenMaterial> = {}): WrittenMaterial => ({
	kind: 'board',
	id: 'quay-rag',
	name: 'Rag board of the quay',
	figures,
	sources: {},
	...more
});
const WHOLE = { thickness: 2, massPerM2: 1.4, touch: 'rare', backing: 'rare', buffered: true, permeance: 3e-6 };
const withUnderMat = (id: string) => workedJob({ guard: { ...workedJob().guard, underMat: id } });
const faultsOf = (list: unknown) => {
	const read = readMaterials(list);
	return read.ok ? [] : read.faults.map(({ path, says }) => `${path}: ${says}`);
};

test('every material of the handbook is written and read back as it is', () => {
	for (const kind of MATERIAL_KINDS) {
		for (const material of Object.values(builtInShop[KINDS[kind].of] as Record<string, Material>)) {
			if (material.id === 'none') continue;
			const written = { kind, id: material.id, name: material.name, figures: figuresOf(kind, material), sources: {} };
			const read = readMaterials([written]);
			assert.ok(read.ok, `${material.id}: ${read.ok ? '' : read.faults[0]!.path}`);
			const again = withMaterials(builtInShop, read.materials)[KINDS[kind].of] as Record<string, Material>;
			assert.deepEqual(figuresOf(kind, again[material.id]!), figuresOf(kind, material), material.id);
		}
	}
});

test('a figure of the handbook is changed, the rest of it stays', () => {
	const shop = withMaterials(builtInShop, [board({ thickness: 1.7 }, { id: 'cotton-4', name: 'Cotton museum board, 4-ply' })]);
	assert.equal(shop.boards['cotton-4']!.thickness, 1.7);
	assert.equal(shop.boards['cotton-4']!.massPerM2, 1.05);
	assert.equal(shop.boards['cotton-4']!.own, false);
	assert.equal(builtInShop.boards['cotton-4']!.thickness, 1.5, 'the built-in shop is never changed');
	assert.equal(plan(workedJob(), shop).pack!.thickness, planned().pack!.thickness + 3 * 0.2);
});

test('a material of one’s own is planned with; without its data it is usable and says so', () => {
	const whole = withMaterials(builtInShop, [board(WHOLE)]);
	assert.deepEqual(whole.boards['quay-rag']!.unknown, []);
	assert.equal(severityOf(plan(withUnderMat('quay-rag'), whole), 'material.unknown'), undefined);
	const bare = withMaterials(builtInShop, [board({ thickness: 2 })]);
	assert.deepEqual(bare.boards['quay-rag']!.unknown, ['massPerM2', 'touch', 'backing', 'buffered', 'permeance']);
	const made = plan(withUnderMat('quay-rag'), bare);
	assert.equal(severityOf(made, 'material.unknown'), 'caution');
	assert.equal(severityOf(made, 'board.touch-acidic'), undefined, 'nobody says that it is acid');
	assert.equal(plan({ ...withUnderMat('quay-rag'), aim: 'rare' }, bare).grade.reached, 'keep');
	// An emptied figure of a known material is unknown too.
	const emptied = withMaterials(builtInShop, [board({ touch: null }, { id: 'cotton-4', name: 'Cotton' })]);
	assert.deepEqual(emptied.boards['cotton-4']!.unknown, ['touch']);
});

test('a glazing without figures behaves as the plainest of its family', () => {
	const shop = withMaterials(builtInShop, [
		{ kind: 'glazing', id: 'old-pane', name: 'Old pane', figures: { family: 'acrylic' }, sources: {} }
	]);
	const { uvStoppedPercent, densityKgM3, thickness, bendsAs, unknown } = shop.glazings['old-pane']!;
	assert.deepEqual([uvStoppedPercent, densityKgM3, thickness, bendsAs], [60, 1190, 3, 3]);
	assert.ok(unknown.includes('uvStoppedPercent'));
});

test('what is withdrawn is offered no longer, and kept for the job that has it', () => {
	const shop = withMaterials(builtInShop, [board(WHOLE, { withdrawn: true })]);
	assert.ok(!offered(shop.boards).some(({ id }) => id === 'quay-rag'));
	assert.ok(offered(shop.boards, 'quay-rag').some(({ id }) => id === 'quay-rag'));
	assert.ok(plan(withUnderMat('quay-rag'), shop).pack);
	const tissues = withMaterials(builtInShop, [
		{ kind: 'tissue', id: 'tissue-11', name: 'Tissue', figures: {}, sources: {}, withdrawn: true },
		{ kind: 'tissue', id: 'tissue-7', name: 'Very thin', figures: { grammage: 7 }, sources: {} }
	]);
	assert.deepEqual(tissues.tissues, [7, 20, 30, 45]);
});

test('bad figures: each with its place and what to do', () => {
	for (const [given, says] of [
		[[board({ thickness: '1,500' })], /^materials\[0\]\.figures\.thickness: .+two ways/],
		[[board({ thickness: -2 })], /thickness/],
		[[board({ massPerM2: '1,05' })], /Write 1\.05 with a point/],
		[[board({ touch: 'always' })], /one of rare, keep, show, never/],
		[[board({ buffered: 'perhaps' })], /yes or no/],
		[[board({ uvStoppedPercent: 90 })], /has no figure of that name/],
		[
			[{ kind: 'glazing', id: 'x', name: 'X', figures: { lightPassedPercent: 0, uvStoppedPercent: 100 } }],
			/Light passed is between 1 and 100 %/
		],
		[[{ ...board({}), id: 'Über' }], /An id is small letters/],
		[[{ ...board({}), id: 'none' }], /“none” means no material/],
		[[board({}), board({})], /is there twice/],
		[[{ ...board({}), name: ' ' }], /a name of 1 to 80 letters/],
		[[{ ...board({}), kind: 'paint' }], /The kind is one of/],
		[[{ ...board({}), price: 3 }], /This key is not known here/],
		['boards', /must be a list/],
		[Array.from({ length: 501 }, (_, index) => ({ ...board({}), id: `b-${index}` })), /at most 500 are kept/]
	] as const)
		assert.match(faultsOf(given).join('\n'), says);
	assert.deepEqual(faultsOf([board(WHOLE)]), []);
});

test('a figure as it is typed: lengths with their unit, flags in words, money in cents', () => {
	const column = (key: string) => KINDS.board.columns.find((one) => one.key === key)!;
	assert.deepEqual(readFigure(column('thickness'), '1/16 in'), { ok: true, value: 1.5875 });
	assert.deepEqual(readFigure(column('buffered'), 'yes'), { ok: true, value: true });
	assert.deepEqual(readFigure(column('pricePerM2'), 1999.6), { ok: true, value: 2000 });
	assert.deepEqual(readFigure(column('permeance'), '3e-6'), { ok: true, value: 3e-6 });
	assert.equal(readFigure(column('pricePerM2'), -1).ok, false);
});

test('a change of a material names the jobs that use it, and what comes out otherwise', () => {
	const shop = withMaterials(builtInShop, [
		board({ thickness: 1.9, touch: 'keep' }, { id: 'cotton-4', name: 'Cotton museum board, 4-ply' })
	]);
	const touched = touchedBy(workedJob({ aim: 'rare' }), builtInShop, shop)!;
	assert.ok(touched.changes.includes('pack 11 mm → 12.2 mm'), touched.changes.join('; '));
	assert.ok(touched.changes.some((one) => one.startsWith('new: Cotton museum board, 4-ply')));
	assert.equal(touchedBy(workedJob(), builtInShop, withMaterials(builtInShop, [board(WHOLE)])), null, 'it uses none of it');
	const price = withMaterials(builtInShop, [board({ pricePerM2: 1 }, { id: 'cotton-4', name: 'Cotton museum board, 4-ply' })]);
	assert.match(touchedBy(workedJob(), builtInShop, price)!.changes.join(), /^materials [\d.]+ → [\d.]+$/);
});
