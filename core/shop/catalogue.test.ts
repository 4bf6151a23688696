import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planned, workedJob, severityOf } from '../../tests/jobs.ts';
import { plan } from '../plan.ts';
import {
	figuresOf,
	materialsOf,
	readFigure,
	readMaterials,
	withMaterials,
	type Material,
	type WrittenMaterial
} from './catalogue.ts';
import { KINDS, MATERIAL_KINDS } from './material-kinds.ts';
import { offered } from './stocked.ts';
import { readColour, writtenColour } from './colours.ts';
import type { HangingLine } from './holds.ts';
import { hookFor } from './hangers.ts';
import { mouldingName } from './mouldings.ts';
import { builtInShop, shopFor } from './shop.ts';
import { touchedBy } from '../advice/touched.ts';

const board = (figures: WrittenMaterial['figures'], more: Partial<WrittenMaterial> = {}): WrittenMaterial => ({
	kind: 'board',
	id: 'quay-rag',
	name: 'Rag board of the quay',
	figures,
	sources: {},
	...more
});
const wire = (id: string, breakingKg: number): WrittenMaterial => ({
	kind: 'wire',
	id,
	name: `Wire breaking strength ${breakingKg} kg`,
	figures: { breakingKg },
	sources: {}
});
const moulding = (figures: WrittenMaterial['figures'], more: Partial<WrittenMaterial> = {}): WrittenMaterial => ({
	kind: 'moulding',
	id: 'larch-26',
	name: 'Larch',
	figures,
	sources: {},
	...more
});
const LARCH = { face: 26, lip: 7, depth: 34, rabbetDepth: 21, density: 590, finish: 'oiled', colour: 'oak' };
const WHOLE = { thickness: 2, massPerM2: 1.4, touch: 'rare', backing: 'rare', buffered: true, permeance: 3e-6 };
const withUnderMat = (id: string) => workedJob({ guard: { ...workedJob().guard, underMat: id } });
const faultsOf = (list: unknown) => {
	const read = readMaterials(list);
	return read.ok ? [] : read.faults.map(({ path, says }) => `${path}: ${says}`);
};

test('every material of the handbook is written and read back as it is', () => {
	for (const kind of MATERIAL_KINDS) {
		for (const material of materialsOf(builtInShop, kind)) {
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
		[[board({ uvStoppedPercent: 90 })], /has no such figure/],
		[
			[{ kind: 'glazing', id: 'x', name: 'X', figures: { lightPassedPercent: 0, uvStoppedPercent: 100 } }],
			/Light transmitted must be between 1 and 100 %/
		],
		[[{ ...board({}), id: 'Über' }], /Enter an id of lower-case letters/],
		[[{ ...board({}), id: 'none' }], /“none” means no material/],
		[[board({}), board({})], /is used twice/],
		[[{ ...board({}), name: ' ' }], /a name of 1 to 80 letters/],
		[[{ ...board({}), kind: 'paint' }], /Enter a kind, one of/],
		[[{ ...board({}), price: 3 }], /This key is not recognised/],
		['boards', /must be a list/],
		[Array.from({ length: 501 }, (_, index) => ({ ...board({}), id: `b-${index}` })), /at most 500 can be saved/]
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
	assert.ok(touched.changes.includes('pack depth 11 mm → 12.2 mm'), touched.changes.join('; '));
	assert.ok(touched.changes.some((one) => one.startsWith('new: Cotton museum board, 4-ply')));
	assert.equal(touchedBy(workedJob(), builtInShop, withMaterials(builtInShop, [board(WHOLE)])), null, 'it uses none of it');
	// What the plan takes by itself is seen by what comes out.
	const taken = materialsOf(builtInShop, 'wire').find(
		(one) => (one as HangingLine).breakingKg === planned().hang!.wire!.breakingKg
	)!;
	const gone = withMaterials(builtInShop, [{ ...wire(taken.id, 1), figures: {}, withdrawn: true }]);
	assert.deepEqual(touchedBy(workedJob(), builtInShop, gone)!.changes, ['other figures at Cut', 'other figures at Wall']);
	const price = withMaterials(builtInShop, [board({ pricePerM2: 1 }, { id: 'cotton-4', name: 'Cotton museum board, 4-ply' })]);
	assert.match(touchedBy(workedJob(), builtInShop, price)!.changes.join(), /^materials [\d.]+ → [\d.]+$/);
});

test('a moulding and a metal section of the shop’s own: planned with like the others, each among its kind', () => {
	const section = { ...LARCH, pairStep: '1 in', density: null, finish: 'brushed' };
	const read = readMaterials([moulding(LARCH), { ...moulding(section), kind: 'metal', id: 'metal-26', name: 'Aluminium' }]);
	assert.ok(read.ok);
	const shop = withMaterials(builtInShop, read.materials);
	assert.equal(mouldingName(shop.mouldings['larch-26']!, 'mm'), 'Larch, 26 face, oiled');
	assert.deepEqual([shop.mouldings['larch-26']!.pairStep, shop.mouldings['metal-26']!.pairStep], [null, 25.4]);
	assert.equal(shop.mouldings['metal-26']!.density, 2700);
	const own = ({ id }: { id: string }) => id.endsWith('-26');
	assert.deepEqual(materialsOf(shop, 'moulding').filter(own).length, 1);
	assert.deepEqual(materialsOf(shop, 'metal').filter(own).length, 1);
	const made = plan(workedJob({ frame: { kind: 'wood', moulding: 'larch-26' } }), shop);
	// Outer: rabbet, and on both sides what of the face is not lip.
	assert.ok(Math.abs(made.frame!.outer.width - made.frame!.rabbet.width - 2 * (26 - 7)) < 1e-9);
});

test('what is cut by is never guessed, and no profile is taken that can’t be', () => {
	const { lip: _, ...without } = LARCH;
	for (const [given, says] of [
		[moulding(without), /^materials\[0\]\.figures\.lip: .*a moulding needs “lip”/],
		[moulding({ ...LARCH, face: null }), /figures\.face: .*needs “face”/],
		[moulding({ ...LARCH, lip: 27 }), /figures\.lip: A lip of 27 mm is wider than the face of 26 mm/],
		[moulding({ ...LARCH, rabbetDepth: 34 }), /figures\.rabbetDepth: A rabbet 34 mm deep cuts through/],
		// A changed one of the handbook is held against its other figures.
		[moulding({ lip: 22 }, { id: 'ash-22', name: 'Ash' }), /figures\.lip: A lip of 22 mm is as wide as the face of 22 mm/],
		[moulding({ ...LARCH, density: '5,9' }), /Write 5\.9 with a point/],
		[{ ...wire('w', 5), figures: {} }, /a wire needs “breaks at”/],
		[{ kind: 'ring', id: 'r', name: 'R', figures: { holes: 1.5, plate: 8, screw: 3, workingKg: 9 } }, /a whole number/],
		[{ kind: 'medium', id: 'm', name: 'M', figures: { fade: 9 } }, /Light class must be between 1 and 8/],
		[{ kind: 'colour', id: 'c', name: 'C', figures: { hex: 'sea green' } }, /such as #5f7180/],
		[{ kind: 'tape-width', id: 't', name: 'T', figures: { width: 30, cutIn: 'cm' } }, /one of mm, in/]
	] as const)
		assert.match(faultsOf([given]).join('\n'), says);
});

test('of what every plan takes from, something stays', () => {
	const gone = (kind: 'tape-width' | 'tissue') =>
		materialsOf(builtInShop, kind).map(({ id, name }) => ({ kind, id, name, figures: {}, sources: {}, withdrawn: true }));
	assert.deepEqual(faultsOf(gone('tissue')), [
		'materials: Keep one weight of hinge tissue in the lists: plans take the next that is strong enough.'
	]);
	assert.equal(faultsOf(gone('tape-width')).length, 2);
	assert.deepEqual(faultsOf(gone('tape-width').slice(1)), [
		'materials: Keep one width of back tape for jobs cut in inches in the lists.'
	]);
	const wide = { kind: 'tape-width', id: 'wide', name: 'Wide', figures: { width: 60, cutIn: 'mm' }, sources: {} } as const;
	assert.deepEqual(withMaterials(builtInShop, [wide]).tapeWidths, [25, 38, 50, 60, 75]);
	assert.deepEqual(shopFor(withMaterials(builtInShop, [wide]), 'in').tapeWidths, shopFor(builtInShop, 'in').tapeWidths);
});

test('a hook of the shop that is rated for its share, the weakest that is', () => {
	const hooks = withMaterials(builtInShop, [
		{ kind: 'hook', id: 'own', name: 'Own', figures: { ratedKg: 7 }, sources: {} },
		{ kind: 'hook', id: 'hook-two-nails', name: 'Two', figures: {}, sources: {}, withdrawn: true }
	]).hooks;
	assert.equal(hookFor(hooks, 5)!.id, 'hook-one-nail');
	assert.equal(hookFor(hooks, 5.1)!.id, 'own');
	assert.equal(hookFor(hooks, 7.1)!.id, 'hook-three-nails', 'what is withdrawn is not hung by');
	assert.equal(hookFor(hooks, 41), null);
});

test('a colour of the shop is written with what it is called and how it looks', () => {
	const shop = withMaterials(builtInShop, [
		{ kind: 'colour', id: 'sea-fog', name: 'sea fog', figures: { hex: '#aabbcc', code: '1042' }, sources: {} }
	]);
	assert.deepEqual(writtenColour(shop.colours['sea-fog']!), { name: 'sea fog', code: '1042', hex: '#aabbcc' });
	assert.equal(writtenColour(shop.colours.slate!), 'slate');
	assert.equal(readColour(writtenColour(shop.colours['sea-fog']!)).said, 'sea fog 1042');
});
