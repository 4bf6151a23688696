import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planned, workedJob } from '../../../tests/jobs.ts';
import { sectionScene } from '../../views/drawing/section.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';

const guard = (changes: JobFile['guard']) => ({ guard: { ...workedJob().guard, ...changes } });
type Given = NonNullable<JobFile['guard']>['spacer'];
const withSpacer = (spacer: Given) => planned(guard({ spacer }));

test('a spacer lies behind the glazing and adds thickness to pack and air', () => {
	const bare = planned();
	const made = withSpacer({ material: 'acrylic', thickness: 6 });
	assert.deepEqual(
		made.pack!.layers.map(({ role }) => role),
		['glazing', 'spacer', ...bare.pack!.layers.slice(1).map(({ role }) => role)]
	);
	assert.equal(made.pack!.gap, bare.pack!.gap + 6);
	assert.equal(made.pack!.thickness, bare.pack!.thickness + 6);
	assert.equal(made.mass!.kg, bare.mass!.kg, 'strips are left out of the mass');
	assert.equal(made.climate!.capacity, bare.climate!.capacity);
});

test('a bare length is a strip of cotton board; null is none', () => {
	assert.equal(withSpacer(3).pack!.layers[1]!.material, 'cotton');
	assert.equal(withSpacer('1/4 in').pack!.gap, planned().pack!.gap + 6.35);
	assert.equal(withSpacer(null).pack!.layers.length, planned().pack!.layers.length);
	assert.throws(() => withSpacer({ material: 'acrylic' }), /A spacer needs a height/);
});

test('four strips on the cut list, none longer than the pack', () => {
	const strips = withSpacer(6).cut.filter(({ role }) => role === 'spacer');
	const { pack } = planned().window!;
	// 6 is two layers of 8-ply.
	assert.deepEqual(
		strips.map(({ width, height, count }) => [width, height, count]),
		[
			// A lip of 6 surely hides 4.5.
			[pack.width, 4.5, 4],
			[pack.height - 9, 4.5, 4]
		]
	);
});

test('in section it stands under the lip alone', () => {
	const file = workedJob(guard({ spacer: 6 }));
	const job = decide(readJob(file), builtInShop);
	const scene = sectionScene(plan(file, builtInShop), job, builtInShop)!;
	const callout = scene.callouts.find(({ name }) => name === 'Spacer, cotton board')!;
	assert.equal(callout.value, 6);
	const { face, lip } = workedJob().frame!.section as { face: number; lip: number };
	assert.ok(callout.to.x > face - lip && callout.to.x < face + 5, `${callout.to.x}`);
});

test('where strips of a lift have no room the remedy is a spacer', () => {
	const made = planned({ borders: { way: 'even', width: 8 }, mats: [{ board: 'cotton-2' }] });
	const small = made.findings.find(({ rule }) => rule === 'gap.small');
	assert.match(small!.remedies[0]!.label, /^Spacer [\d.]+ mm under the lip/);
});
