import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { planSteps } from '../bench/steps.ts';
import { sceneToSvg, written } from '../formats/svg.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { anyJob, workedJob } from '../../../tests/jobs.ts';
import type { JobFile } from '../../job/definition.ts';
import { backScene } from './back.ts';
import { placeCallouts, placeDimensions } from './dimensions.ts';
import { frontScene } from './front.ts';
import { sectionScene } from './section.ts';
import { runs } from '../../../tests/thorough.ts';

function scenes(file: JobFile) {
	const job = decide(readJob(file), builtInShop);
	const planOf = plan(file, builtInShop);
	return {
		job,
		plan: planOf,
		all: [frontScene(planOf, job)!, sectionScene(planOf, job, builtInShop)!, backScene(planOf, job, builtInShop)!]
	};
}

test('property: labels never meet, at any size of text', () => {
	fc.assert(
		fc.property(anyJob, fc.constantFrom(0.012, 0.02, 0.035), (file, share) => {
			const { all, job } = scenes(file);
			for (const scene of all) {
				const textHeight = Math.max(scene.box.width, scene.box.height) * share;
				const { placed } = placeDimensions(scene, textHeight, (dimension) => written(dimension, job.reader));
				for (const [index, { label, name }] of placed.entries()) {
					for (const other of placed.slice(index + 1)) {
						const apart =
							label.left + label.width <= other.label.left + 1e-6 ||
							other.label.left + other.label.width <= label.left + 1e-6 ||
							label.top + label.height <= other.label.top + 1e-6 ||
							other.label.top + other.label.height <= label.top + 1e-6;
						assert.ok(apart, `${scene.view}: “${name}” meets “${other.name}”`);
					}
				}
				const rows = placeCallouts(scene, textHeight);
				for (const [index, { row }] of rows.entries()) assert.ok(index === 0 || row - rows[index - 1]!.row >= textHeight * 1.4);
			}
		}),
		{ numRuns: runs(80) }
	);
});

test('a label too wide for its line stands beside it, unless another dimension’s line runs there', () => {
	const at = (from: number, to: number) => ({ name: `${from}`, side: 'top' as const, from, to, value: to - from, at: 0 });
	const placed = (...dimensions: ReturnType<typeof at>[]) =>
		placeDimensions(
			{ view: 'front', title: '', box: { left: 0, top: 0, width: 100, height: 100 }, shapes: [], dimensions, callouts: [] },
			10,
			() => '1 1⁄16'
		).placed;
	const [alone] = placed(at(40, 45));
	assert.ok(alone!.label.left + alone!.label.width < 40, 'outward');
	const [crowded] = placed(at(40, 45), at(30, 40), at(45, 60));
	assert.equal(crowded!.labelAt, 42.5);
	const [turned] = placed(at(40, 45), at(0, 39));
	assert.ok(turned!.label.left > 45);
	const wide = placed(at(0, 100));
	assert.equal(wide[0]!.labelAt, 50);
});

test('property: nothing of the front view is outside the frame', () => {
	fc.assert(
		fc.property(anyJob, (file) => {
			const { all, plan: planOf } = scenes(file);
			const [front] = all;
			// A sheet that the plan itself finds past its boards is drawn where it lies.
			const isPastBoards = planOf.findings.some(({ rule }) => rule === 'window.sheet-beyond-pack');
			for (const shape of front!.shapes.filter(
				(one) => !one.role.startsWith('zone') && !(isPastBoards && one.role === 'sheet')
			)) {
				for (const { x, y } of shape.rings!.flat()) {
					assert.ok(
						x >= front!.box.left - 1e-6 &&
							x <= front!.box.left + front!.box.width + 1e-6 &&
							y >= front!.box.top - 1e-6 &&
							y <= front!.box.top + front!.box.height + 1e-6
					);
				}
			}
		}),
		{ numRuns: runs(80) }
	);
});

test('the dimensions of the front are the plan’s figures', () => {
	const { all, plan: planOf } = scenes(workedJob());
	const values = Object.fromEntries(all[0]!.dimensions.map((dimension) => [dimension.name, dimension.value]));
	assert.equal(values['outer width'], 577);
	assert.equal(values['window height'], 539);
	assert.equal(values['visible border left'], 65.5);
	for (const dimension of all.flatMap((scene) => scene.dimensions)) {
		if (dimension.path) assert.ok(planOf.why[dimension.path], `${dimension.path} has no why`);
	}
});

test('SVG: millimetres as they are, text escaped, no foreign address', () => {
	const { all, job } = scenes(
		workedJob({
			piece: { ...workedJob().piece, picture: 'a'.repeat(64) },
			mats: [{ board: 'cotton-4', colour: '<b>"&' }]
		})
	);
	const svg = sceneToSvg(all[0]!, { reader: job.reader, textHeight: 10, pictureAt: () => 'https://elsewhere.example/x.png' });
	assert.match(svg, /width="[\d.]+mm"/);
	assert.ok(!svg.includes('<b>') && !svg.includes('elsewhere'));
	assert.ok(svg.includes('&lt;b&gt;'));
	assert.ok(sceneToSvg(all[0]!, { reader: 'in', textHeight: 10, pictureAt: (sum) => `/api/pictures/${sum}` }).includes('<image'));
});

test('steps are made for this very package', () => {
	const steps = (changes: Partial<JobFile>) => {
		const file = workedJob(changes);
		return planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
	};
	const ids = steps({}).map((step) => step.id);
	assert.ok(!ids.includes('edge-seal'), 'no edge seal was planned');
	assert.ok(ids.indexOf('seal') < ids.indexOf('hang'), 'the back is sealed before the hangers');
	assert.ok(ids.indexOf('dust-first') < ids.indexOf('fit-first') && ids.indexOf('fit-first') < ids.indexOf('fit-all'));
	const sealed = steps({
		aim: 'rare',
		guard: { ...workedJob().guard!, glazing: 'uv-glass', edgeSeal: 'aluminium-laminate' },
		frame: { moulding: 'ash-22' }
	});
	assert.ok(
		sealed.findIndex((step) => step.id === 'edge-seal') < sealed.findIndex((step) => step.id === 'fit-first'),
		'the edge seal goes on before the pack enters the frame'
	);
	assert.match(sealed.find((step) => step.id === 'cut-glazing')!.caution!, /gloves/);
	const friable = steps({
		piece: { readings: { width: 300, height: 420 }, medium: ['charcoal'] },
		guard: { ...workedJob().guard!, glazing: 'uv-acrylic-lr' }
	});
	assert.match(friable.find((step) => step.id === 'dust-first')!.does[0]!, /No tapping/);
	assert.match(friable.find((step) => step.id === 'clean-glazing')!.does[0]!, /film/);
	assert.equal(steps({ frame: {} }).length, 0);
	const cautions = sealed.flatMap((step) => step.caution ?? []);
	assert.equal(new Set(cautions).size, cautions.length, 'each caution stands once');
});
