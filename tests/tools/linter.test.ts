/** The linters hold the tiers and what needs types; loading them takes longer than the everyday tests should. */
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { ESLint } from 'eslint';

test('an import that climbs is an error of the linter’s', async () => {
	const eslint = new ESLint();
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

test('a promise that nobody waits for, a switch that leaves a kind out and a needless ! are errors of the linter’s', () => {
	const folder = mkdtempSync(join(tmpdir(), 'rare-keep-lint-'));
	const found = (text: string) => {
		writeFileSync(join(folder, 'planted.ts'), text);
		const { stdout } = spawnSync('node_modules/.bin/oxlint', ['-c', '.oxlintrc.json', '-f', 'unix', folder], {
			encoding: 'utf8'
		});
		return [...stdout.matchAll(/typescript\(([\w-]+)\)/g)].map(([, rule]) => rule);
	};
	try {
		writeFileSync(join(folder, 'tsconfig.json'), '{ "compilerOptions": { "strict": true }, "include": ["*.ts"] }');
		const kind =
			"type Kind = 'nail' | 'hook';\nexport function of(kind: Kind): number {\n\tswitch (kind) {\n\t\tcase 'nail':\n\t\t\treturn 1;\n";
		assert.deepEqual(found('export async function keep(): Promise<void> {}\nkeep();\n'), ['no-floating-promises']);
		assert.deepEqual(found(`${kind}\t}\n\treturn 0;\n}\n`), ['switch-exhaustiveness-check']);
		assert.deepEqual(found(`${kind}\t\tcase 'hook':\n\t\t\treturn 2;\n\t}\n}\n`), []);
		assert.deepEqual(found('export const length = (text: string): number => text!.length;\n'), ['no-unnecessary-type-assertion']);
	} finally {
		rmSync(folder, { recursive: true });
	}
});
