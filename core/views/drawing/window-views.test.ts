import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { each } from '../../units/one-or-each.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { anyWindowJob, workedJob } from '../../../tests/jobs.ts';
import { backScene } from './back.ts';
import { cornerScene } from './corner.ts';
import { frontScene } from './front.ts';
import { previewScene } from './preview.ts';
import { sectionScene } from './section.ts';
import { EXAGGERATION, sheetScene } from './sheet.ts';
import type { Scene, Shape } from '../../figures/scene.ts';
import { runs } from '../../../tests/thorough.ts';

function drawn(file: JobFile) {
	const job = decide(readJob(file), builtInShop);
	const made = plan(file, builtInShop);
	return { job, made };
}
const near = (value: number, wanted: number, within = 1e-6) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const ofRole = (scene: Scene, role: Shape['role']) => scene.shapes.filter((shape) => shape.role === role);
const boxOf = (points: { x: number; y: number }[]) => {
	const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
	return {
		left: Math.min(...xs),
		top: Math.min(...ys),
		width: Math.max(...xs) - Math.min(...xs),
		height: Math.max(...ys) - Math.min(...ys)
	};
};

test('property: every window can be drawn in every view, in finite figures, within its box', () => {
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			const { job, made } = drawn(file);
			const scenes = [
				frontScene(made, job),
				sectionScene(made, job, builtInShop),
				backScene(made, job, builtInShop),
				cornerScene(made, job, 0),
				previewScene(made, job)
			];
			for (const scene of scenes) {
				if (!scene) continue;
				for (const shape of scene.shapes)
					for (const point of shape.rings?.flat() ?? [])
						assert.ok(Number.isFinite(point.x) && Number.isFinite(point.y), `${scene.view} ${shape.role}`);
				// A mat that is too large for its frame stands out beyond it.
				if (!made.fits || (scene.view !== 'corner' && scene.view !== 'front')) continue;
				const outermost = boxOf(
					scene.shapes.filter(({ role }) => role === 'mat' || role === 'moulding').flatMap(({ rings }) => rings!.flat())
				);
				assert.ok(
					outermost.left >= scene.box.left - 1e-6 && outermost.left + outermost.width <= scene.box.left + scene.box.width + 1e-6,
					scene.view
				);
			}
		}),
		{ numRuns: runs(100) }
	);
});

test('several windows: a hole for each in every mat, a sheet for each, a width once a column', () => {
	const piece = (width: number) => ({ piece: { readings: { width, height: 120 } } });
	const { job, made } = drawn(
		workedJob({
			piece: {},
			window: { overlap: 5, openings: [piece(100), piece(100), piece(80)], grid: { columns: 3, rows: 1, gutter: 30 } }
		})
	);
	const front = frontScene(made, job)!;
	assert.ok(ofRole(front, 'mat').every(({ rings }) => rings!.length === 4));
	assert.equal(ofRole(front, 'sheet').length, 3);
	assert.deepEqual(
		front.dimensions.filter(({ name }) => name.startsWith('window')).map(({ name }) => name),
		['window 1 width', 'window 1 height', 'window 2 width', 'window 3 width']
	);
	const back = backScene(made, job, builtInShop)!;
	assert.equal(ofRole(back, 'hinge').length, 2 * each(made.hold).reduce((sum, { count }) => sum + count, 0));
});

test('a float: sheet and support stand free in the opening, and inside the depth of the mats', () => {
	const { job, made } = drawn(
		workedJob({ window: { way: 'float', gap: 12, support: 'cotton-8' }, mats: [{ board: 'cotton-4', lift: 8 }] })
	);
	const front = frontScene(made, job)!;
	const [sheet, support] = [boxOf(ofRole(front, 'sheet')[0]!.rings!.flat()), boxOf(ofRole(front, 'support')[0]!.rings!.flat())];
	near(support.left - sheet.left, 6);
	near(sheet.width - support.width, 12);
	const hole = boxOf(ofRole(front, 'mat')[0]!.rings![1]!);
	near(sheet.left - hole.left, 12 + 1.5, 0.3);
	const section = sectionScene(made, job, builtInShop)!;
	const tops = section.callouts.map(({ to }) => to.y);
	const at = (role: string) => tops[made.pack!.layers.findIndex((layer) => layer.role === role)]!;
	// From the front: mat, then the piece, its support, and the board that both stand on.
	assert.ok(at('mat') < at('piece') && at('piece') < at('support') && at('support') < at('under-mat'));
	near(section.dimensions.find(({ name }) => name === 'gap beside the float')!.value, 12);
});

test('the sheet as measured: true outline and usable rectangle; ten times as large on request, and said', () => {
	const { job, made } = drawn(
		workedJob({ piece: { readings: { top: 402, right: 551, bottom: 402, left: 551, d1: 683.9, d2: 680.2 } } })
	);
	const [measure] = each(made.measure);
	const scene = (exaggerated: boolean) => sheetScene({ piece: job.pieces[0]!, measure: measure!, path: 'measure', exaggerated });
	const shift = (one: Scene) => {
		const corners = ofRole(one, 'sheet')[0]!.rings![0]!;
		return corners[3]!.x - corners[0]!.x;
	};
	near(shift(scene(true)) / shift(scene(false)), EXAGGERATION, 1e-6);
	near(shift(scene(false)), measure!.lean, 0.02);
	assert.match(scene(true).notToScale!, /10 times as large/);
	assert.equal(scene(false).notToScale, undefined);
	const usable = boxOf(ofRole(scene(false), 'usable')[0]!.rings![0]!);
	near(usable.width, 398.89, 0.01);
	for (const { path } of [...scene(false).dimensions, ...scene(false).callouts]) if (path) assert.ok(made.why[path], path);
});

test('a corner at five times its size: reveals and bevels as wide as the boards say', () => {
	const { job, made } = drawn(
		workedJob({
			mats: [
				{ board: 'cotton-4', bevelLine: 'slate' },
				{ board: 'cotton-4', reveal: 6, bevel: 'reverse' }
			]
		})
	);
	const corner = cornerScene(made, job, 0)!;
	const reveal = corner.dimensions.find(({ name }) => name === 'reveal of mat 2')!;
	near(reveal.to - reveal.from, 6);
	const [outer, inner] = ofRole(corner, 'bevel')[0]!.rings!.map(boxOf);
	near(inner!.left - outer!.left, 1.5);
	assert.equal(ofRole(corner, 'bevel').length, 1, 'a reverse bevel hides its core');
	assert.equal(ofRole(corner, 'bevel-line').length, 1);
	const oval = drawn(workedJob({ window: { shape: 'oval', overlap: 6 } }));
	assert.equal(cornerScene(oval.made, oval.job, 0), null);
});

test('on the wall: colours only; two of them come out at one scale', () => {
	const { job, made } = drawn(workedJob({ place: { wallColour: '#335577' } }));
	const scene = previewScene(made, job)!;
	assert.equal(ofRole(scene, 'wall')[0]!.fill, '#335577');
	assert.deepEqual(scene.dimensions, []);
	assert.ok(!scene.shapes.some(({ role }) => role === 'sheet-edge' || role.startsWith('zone')));
	const small = drawn(workedJob({ borders: { way: 'even', width: 40 } }));
	const room = made.frame!.outer;
	near(previewScene(small.made, small.job, room)!.box.width, previewScene(made, job, room)!.box.width);
});
