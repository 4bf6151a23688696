/** What holds for every job of every kind: depth, mass, the front, the cut list, explanations, drawings. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyPieceJob } from '../tests/jobs.ts';
import { runs } from '../tests/thorough.ts';
import { planSteps } from './views/bench/steps.ts';
import { partsOf, partsScene } from './views/drawing/parts.ts';
import { placeCallouts, placeDimensions } from './views/drawing/dimensions.ts';
import { sceneOf, VIEWS } from './views/drawing/views.ts';
import { describe } from './views/formats/svg.ts';
import { liteArea } from './stations/frame/lite.ts';
import { decide } from './decide.ts';
import type { JobFile } from './job/definition.ts';
import { readJob } from './job/read.ts';
import { each } from './units/one-or-each.ts';
import { plan } from './plan.ts';
import { builtInShop, shopFor } from './shop/shop.ts';
import { evaluate, lookIn } from './views/why/expression.ts';
import { areaOf } from './stations/window/shape.ts';

const near = (value: number, wanted: number, what: string, within = 1e-9) =>
	assert.ok(Math.abs(value - wanted) <= within * Math.max(1, Math.abs(wanted)), `${what}: ${value} is not ${wanted}`);
const planned = (file: JobFile) => ({ made: plan(file, builtInShop), job: decide(readJob(file), builtInShop) });

test('property: pack + clearance is the rabbet’s depth exactly, strips on the back counted', () => {
	fc.assert(
		fc.property(anyPieceJob, (file) => {
			const { made, job } = planned(file);
			const outside = made.pack!.layers.filter(({ inside }) => !inside);
			near(
				outside.reduce((sum, layer) => sum + layer.thickness, 0),
				made.pack!.thickness,
				'pack'
			);
			near(made.pack!.thickness + made.pack!.clearance!, made.frame!.section.rabbetDepth + job.frame!.deepen, 'depth');
		}),
		{ numRuns: runs(1000) }
	);
});

test('property: the areas of the layers × their weights add up to the mass', () => {
	fc.assert(
		fc.property(anyPieceJob, (file) => {
			const { made, job } = planned(file);
			const pack = (made.window!.pack.width * made.window!.pack.height) / 1e6;
			let kg =
				shopFor(builtInShop, job.cutIn).house.hardwareKg +
				each(made.hold).reduce((sum, { sheetGrams }) => sum + sheetGrams / 1000, 0);
			for (const layer of made.pack!.layers) {
				const board = layer.material === null ? undefined : builtInShop.boards[layer.material];
				// A lite that follows the frame weighs what it measures.
				const glass = made.frame!.lite ? liteArea(made.frame!.lite) / 1e6 : pack;
				if (layer.role === 'glazing') kg += (glass * layer.thickness * job.guard.glazing.densityKgM3) / 1000;
				else if (layer.role === 'mat')
					kg += (pack - areaOf(job.window.shape, made.window!.mats[layer.index!]!.opening) / 1e6) * board!.massPerM2;
				else if (layer.material === 'adhesive-board')
					kg += each(made.hold).reduce((sum, { sheetGrams }, at) => sum + sheetGrams / job.pieces[at]!.grammage, 0) * 0.95;
				else if (layer.role === 'support')
					kg += ((made.window!.support!.width * made.window!.support!.height) / 1e6) * board!.massPerM2;
				else if (layer.role === 'filler') kg += (pack * board!.massPerM2 * layer.thickness) / board!.thickness;
				else if (layer.role === 'barrier') kg += pack * builtInShop.barriers[layer.material!]!.massPerM2;
				else if (layer.role === 'under-mat' || layer.role === 'backing') kg += pack * board!.massPerM2;
			}
			const { section, outer } = made.frame!;
			const rails = (wide: number) => (2 * (outer.width + outer.height) - 4 * wide) / 1000;
			const area = (section.face * section.depth - section.lip * section.rabbetDepth) / 1e6;
			kg += job.frame!.kind === 'metal' ? 0.45 * rails(section.face) : area * rails(section.face) * section.density;
			const land = section.face - section.lip;
			kg += ((land * job.frame!.deepen) / 1e6) * rails(land) * section.density;
			// A frame rail and its strip at the bottom; a strip for rings.
			const { house } = shopFor(builtInShop, job.cutIn);
			const strip = (outer.width * house.backStripWidth * house.cleatThickness * house.stripWoodDensity) / 1e9;
			kg += strip * ((job.hang.by === 'cleat' && !job.kept.hangers ? 2 : 0) + (job.hang.strip ? 1 : 0));
			near(made.mass!.kg, kg, 'mass');
			near(
				made.mass!.parts.reduce((sum, part) => sum + part.kg, 0),
				kg,
				'parts'
			);
		}),
		{ numRuns: runs(1000) }
	);
});

test('property: nothing of the front is outside the frame, nothing of the section outside its box', () => {
	fc.assert(
		fc.property(anyPieceJob, (file) => {
			const { made, job } = planned(file);
			// Borders that are negative, a sheet larger than its boards: stops, there is no such thing to draw.
			if (made.findings.some(({ rule }) => /^window\.(frame-too-small|sheet-beyond-pack)$/.test(rule))) return;
			const front = sceneOf('front', made, job, builtInShop)!;
			const { outer } = made.frame!;
			near(front.box.width, outer.width, 'width');
			for (const shape of front.shapes) {
				// A sheet that leans or a zone may reach past the mat's edge behind it, never past the frame.
				for (const point of shape.rings?.flat() ?? []) {
					if (shape.role.startsWith('zone')) continue;
					assert.ok(
						point.x >= front.box.left - 1e-6 && point.x <= front.box.left + outer.width + 1e-6,
						`${shape.role} ${point.x}`
					);
					assert.ok(
						point.y >= front.box.top - 1e-6 && point.y <= front.box.top + outer.height + 1e-6,
						`${shape.role} ${point.y}`
					);
				}
			}
		}),
		{ numRuns: runs(1000) }
	);
});

test('property: no part on the cut list is larger than what it must go into, none is empty', () => {
	fc.assert(
		fc.property(anyPieceJob, (file) => {
			const { made, job } = planned(file);
			const { rabbet, outer } = made.frame!;
			const tooSmall = made.findings.some(({ rule }) => rule === 'window.frame-too-small');
			for (const cut of made.cut) {
				assert.ok(cut.width > 0 && (cut.height > 0 || cut.from === 'coil'), cut.role);
				const inRabbet = ['glazing', 'mat', 'under-mat', 'filler', 'backing', 'barrier', 'spacer', 'lift'].includes(cut.role);
				// A printed mat keeps the strip that the cutter's clamps hold until the last cut; a lite that follows fits its own rabbet.
				if (inRabbet && !tooSmall && !cut.sides) {
					const [wide, high] = cut.role === 'spacer' ? [Math.max(rabbet.width, rabbet.height), 5] : [rabbet.width, rabbet.height];
					assert.ok(cut.width <= wide + 1e-6 && cut.height <= high + 1e-6, `${cut.role} in the rabbet`);
				}
				if (cut.sides)
					for (const side of ['top', 'right', 'bottom', 'left'] as const) assert.ok(cut.sides[side] < job.rabbet![side]);
				if (cut.role === 'support') {
					const { usable } = each(made.measure)[0]!;
					assert.ok(cut.width <= usable.width + 1e-6 && cut.height <= usable.height + 1e-6, 'support behind the piece');
				}
				if (cut.role.startsWith('rail')) assert.ok(cut.width === outer.width || cut.width === outer.height);
				if (cut.opening && !tooSmall) assert.ok(cut.opening.width < cut.width && cut.opening.height < cut.height);
			}
		}),
		{ numRuns: runs(1000) }
	);
});

test('property: every figure says why, and the expression gives the figure', () => {
	fc.assert(
		fc.property(anyPieceJob, (file) => {
			const { made, job } = planned(file);
			const lookup = lookIn({ plan: made, job, shop: shopFor(builtInShop, job.cutIn) });
			const explained = (path: string, value: number) => {
				const why = made.why[path];
				assert.ok(why, `${path} is not explained`);
				near(evaluate(why.of, lookup), value, `${path} = ${why.of}`, 1e-6);
			};
			const walk = (value: unknown, path: string): void => {
				if (typeof value === 'number') explained(path, value);
				else if (Array.isArray(value)) value.forEach((one, index) => walk(one, `${path}[${index}]`));
				else if (value && typeof value === 'object') for (const [key, one] of Object.entries(value)) walk(one, `${path}.${key}`);
			};
			for (const key of ['hold', 'frame', 'mass'] as const) walk(made[key], key);
			walk(made.window!.pack, 'window.pack');
			walk(made.window!.opening, 'window.opening');
			walk(made.window!.placement, 'window.placement');
			walk(made.window!.sees, 'window.sees');
			for (const key of ['thickness', 'gap', 'gapNeed', 'sag', 'sagWeeks', 'sagCarried', 'clearance'] as const)
				walk(made.pack![key], `pack.${key}`);
			for (const [index, mat] of made.window!.mats.entries()) walk(mat.border, `window.mats[${index}].border`);
			for (const [index, cut] of made.cut.entries()) {
				explained(`cut[${index}].width`, cut.width);
				explained(`cut[${index}].height`, cut.height);
			}
		}),
		{ numRuns: runs(400) }
	);
});

test('property: every view of every kind is drawn in finite figures, its labels apart; its parts lie apart; its steps are whole sentences', () => {
	fc.assert(
		fc.property(anyPieceJob, (file) => {
			const { made, job } = planned(file);
			// Borders that are negative are a stop: there is no such mat to draw or to cut.
			if (made.findings.some(({ rule }) => rule === 'window.frame-too-small')) return;
			for (const view of VIEWS) {
				const scene = sceneOf(view, made, job, builtInShop)!;
				for (const { rings = [], circle } of scene.shapes) {
					for (const { x, y } of rings.flat()) assert.ok(Number.isFinite(x) && Number.isFinite(y), view);
					if (circle) assert.ok(circle.radius > 0 && Number.isFinite(circle.x));
				}
				const { placed } = placeDimensions(scene, 5, (dimension) => dimension.value.toFixed(1));
				for (const one of placed) assert.ok(one.to >= one.from, `${view}: ${one.name}`);
				const rows = placeCallouts(scene, 5);
				for (const [index, { row }] of rows.entries()) if (index > 0) assert.ok(row > rows[index - 1]!.row);
				assert.match(describe(scene, job.reader), /\.$/);
			}
			const parts = partsOf(made, job);
			const { box } = partsScene(made, job)!;
			assert.ok(box.width > 0 && box.height > 0);
			for (const part of parts)
				for (const hole of part.holes)
					for (const { x, y } of hole) {
						const wide = Math.max(...part.outline.map((point) => point.x));
						assert.ok(x > 0 && x < wide && y > 0, part.name);
					}
			for (const step of planSteps(job, made, builtInShop))
				for (const sentence of step.does) assert.match(sentence, /^[A-Z0-9“±].*[.!]$/, `${step.id}: ${sentence}`);
		}),
		{ numRuns: runs(400) }
	);
});
