import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ESLint } from 'eslint';
import { circlesIn, climbingIn, importsIn } from './imports.ts';

const core = importsIn('core');
const UNTYPED = Object.fromEntries(
	['no-floating-promises', 'switch-exhaustiveness-check', 'no-unnecessary-type-assertion'].map((rule) => [
		`@typescript-eslint/${rule}`,
		'off' as const
	])
);

test('no import circle, types included', () => {
	assert.deepEqual(circlesIn(importsIn('core', 'src')), []);
});

test('a planted circle is found, through several files', () => {
	const planted = new Map(core);
	planted.set('core/units/round.ts', [...core.get('core/units/round.ts')!, 'core/plan.ts']);
	const circles = circlesIn(planted);
	assert.equal(circles.length, 1);
	assert.ok(circles[0]!.includes('core/plan.ts') && circles[0]!.includes('core/units/round.ts'));
	planted.set('core/units/round.ts', ['core/units/round.ts']);
	assert.deepEqual(circlesIn(planted), [['core/units/round.ts']], 'one that imports itself');
});

test('tiers import downward only', () => {
	assert.deepEqual(climbingIn(core), []);
});

test('a planted import that climbs is found, by the test and by the linter', async () => {
	const planted = new Map(core).set('core/stations/hold/hold.ts', ['core/advice/cheapest.ts']).set('core/elsewhere.ts', []);
	assert.deepEqual(climbingIn(planted), [
		'core/stations/hold/hold.ts imports core/advice/cheapest.ts',
		'core/elsewhere.ts stands in no tier'
	]);
	// Without the rules that need types, which read the whole project.
	const eslint = new ESLint({
		overrideConfig: { files: ['**/*.ts'], languageOptions: { parserOptions: { project: null } }, rules: UNTYPED }
	});
	for (const [file, spec, climbs] of [
		['core/stations/hold/hold.ts', '../../advice/cheapest.ts', true],
		['core/stations/hold/hold.ts', '../../plan.ts', true],
		['core/stations/hold/hold.ts', '../../rule/rule.ts', false],
		['core/units/round.ts', '../shop/shop.ts', true],
		['core/judge/judge.ts', '../views/drawing/scene.ts', true],
		['core/judge/judge.ts', '../stations/hold/rules.ts', false],
		['core/figures.ts', './rule/rule.ts', true]
	] as const) {
		const [result] = await eslint.lintText(`import type { X } from '${spec}';\nexport type Y = X;\n`, { filePath: file });
		const rules = result!.messages.map(({ ruleId }) => ruleId);
		assert.equal(rules.includes('no-restricted-imports'), climbs, `${file} → ${spec}: ${rules.join()}`);
	}
});
