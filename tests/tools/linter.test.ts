/** The linter holds the tiers; loading it takes longer than the everyday tests should. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ESLint } from 'eslint';

const UNTYPED = Object.fromEntries(
	['no-floating-promises', 'switch-exhaustiveness-check', 'no-unnecessary-type-assertion'].map((rule) => [
		`@typescript-eslint/${rule}`,
		'off' as const
	])
);

test('an import that climbs is an error of the linter’s', async () => {
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
