import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { JobFile } from '../../job/definition.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { anyJob, workedJob, planSingle } from '../../../tests/jobs.ts';
import { materialName } from './material-name.ts';
import type { Cut } from '../../figures/cut.ts';
import { runs } from '../../../tests/thorough.ts';

const cutOf = (changes: Partial<JobFile> = {}) => planSingle(workedJob(changes)).cut;
const planSeveral = (changes: Partial<JobFile>): Cut[] => plan(workedJob(changes), builtInShop).cut;
const line = ({ role, material, width, height, count }: Cut) => `${count} × ${role}, ${material}: ${width} × ${height}`;
const of = (cuts: Cut[], role: string) => cuts.filter((cut) => cut.role === role);

test('the worked case: everything that is cut, in the order of the package', () => {
	assert.deepEqual(
		cutOf()
			.filter((cut) => cut.from === 'sheet')
			.map(line),
		[
			'1 × glazing, uv-acrylic: 542 × 701',
			'1 × mat, cotton-4: 542 × 701',
			'1 × mat, cotton-4: 542 × 701',
			'1 × under-mat, cotton-4: 542 × 701',
			'1 × backing, alkaline-corrugated: 542 × 701'
		]
	);
	assert.deepEqual(
		of(cutOf(), 'mat').map((mat) => mat.opening),
		[
			{ width: 402, height: 551 },
			{ width: 390, height: 539 }
		]
	);
	assert.deepEqual(
		cutOf()
			.filter((cut) => cut.from === 'stick')
			.map(line),
		['2 × rail, top and bottom, Own profile: 577 × 22', '2 × rail, left and right, Own profile: 736 × 22']
	);
	assert.deepEqual(of(cutOf(), 'back tape').map(line), ['2 × back tape, gummed: 565 × 38', '2 × back tape, gummed: 724 × 38']);
});

test('hinges: tabs with the part above the sheet, cross-pieces, one of each a hinge', () => {
	const cuts = cutOf({ hold: { count: 4 } });
	assert.deepEqual(of(cuts, 'hinge tab').map(line), ['4 × hinge tab, starch-paste: 25 × 33']);
	assert.deepEqual(of(cuts, 'cross-piece').map(line), ['4 × cross-piece, starch-paste: 60 × 20']);
});

test('a lift: two uprights as high as the pack, two strips between them, each as wide as its border less the setback', () => {
	const cuts = cutOf({ mats: [{ board: 'cotton-4', lift: 3 }], borders: { way: 'weighted', width: 70, weight: 10 } });
	// 390 + 2 × 70 = 530 wide, 539 + 70 + 80 = 689 high; the setback is 8.
	assert.deepEqual(of(cuts, 'lift').map(line), [
		'1 × lift, cotton-8: 62 × 689',
		'1 × lift, cotton-8: 62 × 689',
		'1 × lift, cotton-8: 406 × 62',
		'1 × lift, cotton-8: 406 × 72'
	]);
	// 3 is one layer of 8-ply; each strip says its mat and its side.
	assert.deepEqual(
		of(cuts, 'lift').map(({ of: mat, side }) => [mat, side]),
		[
			['mat 1', 'left'],
			['mat 1', 'right'],
			['mat 1', 'top'],
			['mat 1', 'bottom']
		]
	);
});

test('edge seal and dust cover come with what asks for them', () => {
	assert.deepEqual(of(cutOf(), 'edge seal'), []);
	const sealed = cutOf({ guard: { ...workedJob().guard, edgeSeal: 'aluminium-laminate' } });
	// Round the pack, 2 × (542 + 701), and 5 % to spare.
	assert.equal(of(sealed, 'edge seal')[0]!.width, 2610.3);
	assert.deepEqual(of(cutOf(), 'dust cover'), []);
	const covered = of(cutOf({ back: { dustCover: true } }), 'dust cover');
	// Cut 25 over the frame’s outer edge all round, trimmed when it is on.
	assert.deepEqual([covered[0]!.material, covered[0]!.width, covered[0]!.height], ['dust-cover-paper-heavy', 627, 786]);
});

test('what is left out of the package is not cut', () => {
	const guard: JobFile['guard'] = { glazing: 'none', underMat: null, backing: null, fillers: [] };
	assert.deepEqual(
		cutOf({ guard })
			.filter((cut) => cut.from === 'sheet')
			.map((cut) => cut.role),
		['mat', 'mat']
	);
	assert.deepEqual(
		planSingle({ format: 'rare-keep/job', version: 1 }).cut,
		[],
		'nothing is cut for a sheet that is not measured'
	);
});

test('property: sheets of the package are all of one size, and no line is empty', () => {
	fc.assert(
		fc.property(anyJob, (file) => {
			const planned = planSingle(file);
			const pack = planned.window!.pack;
			for (const cut of planned.cut) {
				assert.ok(cut.width > 0 && cut.count > 0 && (cut.height > 0 || cut.from === 'coil'), line(cut));
				if (!['glazing', 'mat', 'under-mat', 'filler', 'barrier', 'backing'].includes(cut.role)) continue;
				assert.deepEqual([cut.width, cut.height], [pack.width, pack.height], line(cut));
			}
			const tabs = of(planned.cut, 'hinge tab')[0]!;
			assert.equal(tabs.count, planned.hold!.places.length);
		}),
		{ numRuns: runs(120) }
	);
});

test('materials are named as they are said', () => {
	const named = cutOf({ guard: { ...workedJob().guard, edgeSeal: 'paper' } }).map((cut) => materialName(cut, builtInShop));
	assert.deepEqual(
		[
			'UV acrylic',
			'Cotton museum board, 4-ply',
			'Alkaline corrugated board',
			'Wheat-starch paste and tissue',
			'Gummed tape'
		].filter((name) => !named.includes(name)),
		[]
	);
});

test('a float has its support, several sheets their tabs of one size in one line, a ready frame no rails', () => {
	const float = cutOf({ window: { way: 'float', gap: 12, support: 'cotton-8' }, mats: [{ board: 'cotton-4', lift: 9 }] });
	assert.deepEqual(of(float, 'support').map(line), ['1 × support, cotton-8: 390 × 539']);
	const piece = (width: number) => ({ piece: { readings: { width, height: 120 } } });
	const several = (widths: number[]) =>
		planSeveral({ piece: {}, window: { overlap: 5, openings: widths.map(piece), grid: { columns: 3, rows: 1, gutter: 60 } } });
	// Tabs are 25 wide, or 0.3 of a narrow sheet.
	assert.deepEqual(of(several([100, 120, 60]), 'hinge tab').map(line), [
		'4 × hinge tab, starch-paste: 25 × 33',
		'2 × hinge tab, starch-paste: 18 × 33'
	]);
	// Cross-pieces too: of 60, or narrower where two of them would meet.
	assert.deepEqual(of(several([100, 120, 60]), 'cross-piece').map(line), [
		'2 × cross-piece, starch-paste: 55 × 20',
		'2 × cross-piece, starch-paste: 60 × 20',
		'2 × cross-piece, starch-paste: 31 × 20'
	]);
	assert.equal(of(several([100, 120, 60]), 'mat').length, 2);
	const section = { face: 30, lip: 8, depth: 30, rabbetDepth: 16, density: 560 };
	const ready = cutOf({
		frame: { kind: 'ready-made', section, opening: { width: 600, height: 750 } },
		borders: { way: 'fit', weight: 8 }
	});
	assert.ok(!ready.some(({ from }) => from === 'stick'));
});
