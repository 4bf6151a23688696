/** DXF as a reader of another make reads it: layers by name, closed polylines, millimetres, y up. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import DxfParser, { type ILwpolylineEntity } from 'dxf-parser';
import { planned, workedJob } from '../../../tests/jobs.ts';
import { partsOf, partsScene } from '../drawing/parts.ts';
import { sceneOf } from '../drawing/views.ts';
import type { JobFile } from '../../job/definition.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { sceneToDxf } from './dxf.ts';
import type { Scene } from '../../figures/scene.ts';

type Read = { layer: string; closed: boolean; points: { x: number; y: number }[] };

function read(scene: Scene): { lines: Read[]; layers: string[]; units: unknown } {
	const dxf = new DxfParser().parseSync(sceneToDxf(scene))!;
	const lines = dxf.entities
		.filter((entity): entity is ILwpolylineEntity => entity.type === 'LWPOLYLINE')
		.map(({ layer, shape, vertices }) => ({ layer, closed: shape, points: vertices.map(({ x, y }) => ({ x, y })) }));
	return { lines, layers: Object.keys(dxf.tables.layer.layers), units: dxf.header['$INSUNITS'] };
}

const sizeOf = (points: { x: number; y: number }[]) => {
	const span = (of: 'x' | 'y') =>
		Math.round((Math.max(...points.map((one) => one[of])) - Math.min(...points.map((one) => one[of]))) * 1000) / 1000;
	return `${span('x')} × ${span('y')}`;
};
const partsIn = (file: JobFile) => {
	const job = decide(readJob(file), builtInShop);
	const made = plan(file, builtInShop);
	return { made, job, ...read(partsScene(made, job)!) };
};

test('every cut part: its outline closed on a layer of its name, its window on another, all in millimetres', () => {
	const { made, job, lines, layers, units } = partsIn(workedJob());
	assert.equal(units, 4, 'millimetres');
	assert.ok(lines.every(({ closed }) => closed));
	for (const part of partsOf(made, job)) {
		const drawn = lines.filter(({ layer }) => layer === part.name);
		assert.equal(drawn.length, part.count, part.name);
		assert.ok(layers.includes(part.name));
	}
	const of = (layer: string) => lines.filter((one) => one.layer === layer).map(({ points }) => sizeOf(points));
	assert.deepEqual([of('mat 1'), of('mat 1, window')], [['542 × 701'], ['402 × 551']]);
	assert.deepEqual(of('mat 2, window'), ['390 × 539']);
	assert.deepEqual(of('rail, top and bottom'), ['577 × 22', '577 × 22']);
});

test('a rail is mitred, and a window lies where its borders put it, y upward', () => {
	const { lines } = partsIn(workedJob());
	const rail = lines.find(({ layer }) => layer === 'rail, left and right')!.points;
	const lengths = [rail[0]!, rail[1]!, rail[2]!, rail[3]!].map((from, index, all) => {
		const to = all[(index + 1) % 4]!;
		return Math.round(Math.hypot(to.x - from.x, to.y - from.y) * 100) / 100;
	});
	assert.deepEqual(lengths, [736, 31.11, 692, 31.11], 'long points, mitres, the sight between');
	const [mat, window] = ['mat 1', 'mat 1, window'].map((name) => lines.find(({ layer }) => layer === name)!.points);
	const least = (points: typeof mat, of: 'x' | 'y') => Math.min(...points!.map((point) => point[of]));
	// Weighted: 80 below, 70 at the left.
	assert.ok(Math.abs(least(window, 'y') - least(mat, 'y') - 80) < 1e-6);
	assert.ok(Math.abs(least(window, 'x') - least(mat, 'x') - 70) < 1e-6);
});

test('glazing that follows a frame is drawn as it is cut, not as its blank', () => {
	const { lines, made } = partsIn(
		workedJob({
			borders: { way: 'fit', weight: 8 },
			frame: {
				kind: 'ready-made',
				section: { face: 30, lip: 8, depth: 28, rabbetDepth: 18, density: 560 },
				opening: { top: 601, right: 799, bottom: 603, left: 802, d1: 1005, d2: 1000 }
			}
		})
	);
	const glazing = lines.find(({ layer }) => layer === 'glazing')!.points;
	const lite = made.frame!.lite!;
	const away = (one: number, other: number) =>
		Math.hypot(glazing[one]!.x - glazing[other]!.x, glazing[one]!.y - glazing[other]!.y);
	for (const [one, other, wanted] of [
		[0, 1, lite.top],
		[1, 2, lite.right],
		[2, 3, lite.bottom],
		[3, 0, lite.left]
	] as const)
		assert.ok(Math.abs(away(one, other) - wanted) < 0.01, `${away(one, other)} is not ${wanted}`);
	assert.notEqual(lite.left, lite.right);
});

test('front, section and back: a layer for each role, at their true size', () => {
	const file = workedJob({ window: { shape: 'oval', overlap: 6 } });
	const job = decide(readJob(file), builtInShop);
	const made = plan(file, builtInShop);
	for (const [view, layer] of [
		['front', 'moulding'],
		['section', 'layer'],
		['back', 'hinge']
	] as const) {
		const scene = sceneOf(view, made, job, builtInShop)!;
		const { lines, layers } = read(scene);
		assert.ok(layers.includes(layer), view);
		const all = lines.filter((line) => line.layer === 'moulding').flatMap(({ points }) => points);
		if (view !== 'section') assert.equal(sizeOf(all), `${planned().frame!.outer.width} × ${planned().frame!.outer.height}`);
		assert.ok(lines.every(({ closed, points }) => closed || points.length >= 2));
	}
});
