import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { describe, sceneToSvg } from '../formats/svg.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { anyJob, planSingle, workedJob } from '../../../tests/jobs.ts';
import { sceneOf, VIEWS } from './views.ts';
import type { Role, Scene, Shape } from '../../figures/scene.ts';
import { runs } from '../../../tests/thorough.ts';

function drawn(file: JobFile) {
	const job = decide(readJob(file), builtInShop);
	const planOf = plan(file, builtInShop);
	const [front, section, back] = VIEWS.map((view) => sceneOf(view, planOf, job, builtInShop)!) as [Scene, Scene, Scene];
	return { plan: planOf, job, front, section, back };
}

const ofRole = (scene: Scene, role: Role) => scene.shapes.filter((shape) => shape.role === role);
function boxOf({ rings, circle }: Shape) {
	const points = circle ? [circle] : rings!.flat();
	const [xs, ys] = [points.map((point) => point.x), points.map((point) => point.y)];
	const [left, top] = [Math.min(...xs), Math.min(...ys)];
	return { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}
const near = (value: number, wanted: number, what: string) =>
	assert.ok(Math.abs(value - wanted) < 1e-6, `${what}: ${value}, not ${wanted}`);
const dimension = (scene: Scene, name: string) => scene.dimensions.find((one) => one.name === name)!;

test('front: frame, sheet and its picture lie where the plan says, in millimetres', () => {
	const { front, plan: planOf } = drawn(workedJob({ piece: { ...workedJob().piece, picture: 'a'.repeat(64) } }));
	near(front.box.width, 577, 'outer width');
	near(front.box.height, 736, 'outer height');
	const sheet = boxOf(ofRole(front, 'sheet')[0]!);
	near(sheet.width, 402, 'sheet width');
	near(sheet.height, 551, 'sheet height');
	// From the outer edge: face less lip, half the allowance, the placement on the under-mat.
	near(sheet.left - front.box.left, 22 - 6 + 1.5 + planOf.window!.placement!.left, 'sheet from the left');
	near(front.shapes.find((shape) => shape.picture)!.picture!.place.width, 402, 'the picture is as wide as the sheet');
});

test('front: every dimension is as long as it says', () => {
	for (const file of [workedJob(), workedJob({ unit: 'in' }), workedJob({ mats: [{ board: 'cotton-8' }] })]) {
		for (const one of drawn(file).front.dimensions) near(one.to - one.from, one.value, one.name);
	}
});

test('front without a moulding: the pack alone', () => {
	const { frame: _, ...frameless } = workedJob();
	const { front, plan: planOf } = drawn(frameless);
	near(front.box.width, planOf.window!.pack.width, 'pack width');
	assert.equal(ofRole(front, 'sheet').length, 1);
	assert.equal(drawn(frameless).back, null);
});

test('section: layers in their order and at their thickness, the border’s break stated', () => {
	const { section, plan: planOf } = drawn(workedJob());
	const air = section.callouts.filter((callout) => callout.path === 'pack.gap');
	assert.deepEqual(
		air.map((callout) => callout.value),
		[planOf.pack!.gap]
	);
	assert.deepEqual(
		section.callouts.filter((callout) => !air.includes(callout)).map((callout) => callout.value),
		planOf.pack!.layers.map((layer) => layer.thickness)
	);
	const heights = section.callouts.map((callout) => callout.to.y);
	assert.deepEqual(
		[...heights].sort((one, other) => one - other),
		heights,
		'from the front down'
	);
	assert.match(section.notToScale!, /border is shortened/);
	near(dimension(section, 'rabbet depth').to - dimension(section, 'rabbet depth').from, 16, 'rabbet depth');
	near(dimension(section, 'lip').to - dimension(section, 'lip').from, 6, 'lip');
});

test('section: what stops the package is signed where it lies', () => {
	const wrong = workedJob({ aim: 'rare', mats: [{ board: 'cotton-4' }, { board: 'pulp-4', reveal: 6 }] });
	const signed = drawn(wrong).section.callouts.filter((callout) => callout.sign === 'stop');
	assert.equal(signed.length, 1);
	assert.match(signed[0]!.name, /^Buffered wood-pulp mat board/);
	assert.equal(drawn(workedJob()).section.callouts.filter((callout) => callout.sign).length, 0);
});

test('back: rings, wire and nails are the plan’s, seen from behind', () => {
	const { back, plan: planOf } = drawn(workedJob());
	const { hang } = planOf;
	const spans = back.dimensions.map((one) => one.value);
	for (const figure of [hang!.drop, hang!.span, hang!.spacing, hang!.rise])
		assert.ok(spans.includes(figure), `${figure} in ${spans.join()}`);
	for (const one of back.dimensions) near(one.to - one.from, one.value, one.name);
});

test('property: every scene of every job has finite figures only and can be said in words', () => {
	fc.assert(
		fc.property(anyJob, (file) => {
			const { front, section, back, job } = drawn(file);
			for (const scene of [front, section, back]) {
				for (const shape of scene.shapes) {
					const box = boxOf(shape);
					for (const value of Object.values(box)) assert.ok(Number.isFinite(value), `${scene.view}: ${shape.role}`);
				}
				const words = describe(scene, job.reader);
				assert.doesNotMatch(words, /undefined|NaN|Infinity/);
				assert.ok(words.startsWith(`${scene.title}, in ${job.reader.unit}.`));
				const svg = sceneToSvg(scene, { reader: job.reader, textHeight: scene.box.height / 40 });
				assert.doesNotMatch(svg, /undefined|NaN|Infinity/);
				assert.equal([...svg.matchAll(/<svg /g)].length, 1);
			}
		}),
		{ numRuns: runs(60) }
	);
});

test('the section of what is no plain wood frame: channel and clip, strips and groove, offset clip, no break without a mat', () => {
	const titles = (file: JobFile) => drawn(file).section.shapes.map(({ title }) => title);
	const metal = workedJob({ frame: { kind: 'metal', section: { face: 12, lip: 8, depth: 26, rabbetDepth: 16 } } });
	assert.ok(titles(metal).includes('Spring clip'));
	assert.ok(!titles(metal).includes('Back tape'));
	const channel = drawn(metal).section.shapes.find(({ role }) => role === 'moulding')!;
	assert.equal(channel.hatch, 'metal');
	const old = workedJob({ frame: { moulding: 'ash-22', deepen: 6, groove: { from: 8, width: 3 } } });
	const wood = drawn(old).section;
	assert.ok(titles(old).includes('Strip glued to the back'));
	near(dimension(wood, 'strips on the back').value, 6, 'strips');
	// The wall steps back where the groove is.
	assert.equal(wood.shapes.find(({ role }) => role === 'moulding')!.rings![0]!.length, 10);
	const panel = workedJob({
		piece: { kind: 'panel', thickness: 6, relief: 2, readings: { width: 240, height: 330 } },
		mats: [],
		hold: {},
		guard: { glazing: 'uv-acrylic', spacer: 6, backing: 'alkaline-corrugated', edgeSeal: null }
	});
	const sketch = drawn(panel).section;
	assert.ok(titles(panel).includes('Offset clip') && titles(panel).includes('Its highest relief'));
	assert.equal(sketch.notToScale, undefined);
	assert.ok(sketch.shapes.every(({ role }) => role !== 'break'));
	near(dimension(sketch, 'pack thickness').value, 21, 'pack');
});

test('the back shows each hold where it comes, mirrored, and zones that it must keep off', () => {
	const of = (changes: Partial<JobFile>, title: string) =>
		drawn(workedJob(changes)).back.shapes.filter((shape) => shape.title === title);
	const zones = [{ id: 'stamp', kind: 'keep-off' as const, left: 10, top: 20, width: 30, height: 40 }];
	const file = { piece: { readings: { width: 402, height: 551 }, zones } };
	const [zone] = of(file, 'stamp, keep off');
	const { pack, placement } = planOf(workedJob(file));
	// From the front it begins 10 from the left, so from the back it ends 10 from the right.
	near(Math.max(...zone!.rings![0]!.map(({ x }) => x)), pack.width - placement.left - 10, 'mirrored');
	assert.equal(of({ hold: { kind: 'strips' }, window: { overlap: 10 } }, 'Edge strip, behind the sheet').length, 3);
	assert.equal(of({ schools: { 'fixed-edges': 'all' } }, 'Hinge: tab').length, 12);
	assert.equal(of({ piece: { kind: 'textile', readings: { width: 402, height: 551 } }, hold: {} }, 'Stitches').length, 1);
	const metal = { frame: { kind: 'metal' as const, section: { face: 12, lip: 8, depth: 26, rabbetDepth: 16 } } };
	assert.equal(of(metal, 'Spring clip').length, planSingle(workedJob(metal)).frame!.points.total);
});

function planOf(file: JobFile) {
	const { window } = planSingle(file);
	return { pack: window!.pack, placement: window!.placement };
}
