import ts from 'typescript-eslint';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import { TIERS } from './scripts/tiers.js';
import svelteConfig from './svelte.config.js';

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'node_modules/', 'demo-data/', 'data/', 'tmp/'] },
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{ languageOptions: { globals: { ...globals.browser, ...globals.node } } },
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } },
		rules: { 'svelte/no-navigation-without-resolve': 'off' }
	},
	{
		rules: {
			eqeqeq: ['error', 'smart'],
			'no-eval': 'error',
			'no-var': 'error',
			'prefer-const': 'error',
			// A leading underscore says that a value is left out on purpose.
			'@typescript-eslint/no-unused-vars': [
				'error',
				{ argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }
			]
		}
	},
	{
		// A plain Math.round on a length is a defect: rounding has a direction in its name (core/units/round.ts).
		files: ['core/**/*.ts'],
		ignores: ['core/units/**', 'core/**/*.test.ts'],
		rules: {
			'no-restricted-syntax': [
				'error',
				{
					selector: "CallExpression[callee.object.name='Math'][callee.property.name='round']",
					message: 'Use cutDown, receiveUp or showNearest.'
				}
			]
		}
	},
	{
		// What must be there is asked for by name (core/units/there.ts), not asserted away. Tests may assert: they fail loudly.
		files: ['{core,src,scripts,cli}/**/*.{ts,svelte}'],
		ignores: ['**/*.test.ts', '**/*.d.ts'],
		rules: { '@typescript-eslint/no-non-null-assertion': 'error' }
	},
	{
		// Rules that need types: nothing is left running unseen, and a switch over kinds has them all.
		files: ['{core,src,tests,bench,scripts,cli}/**/*.ts'],
		ignores: ['**/*.d.ts'],
		languageOptions: {
			parserOptions: { project: 'tsconfig.json', tsconfigRootDir: import.meta.dirname }
		},
		rules: {
			'@typescript-eslint/no-floating-promises': [
				'error',
				{ allowForKnownSafeCalls: [{ from: 'package', name: ['test', 'describe'], package: 'node:test' }] }
			],
			'@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
			'@typescript-eslint/no-unnecessary-type-assertion': 'error'
		}
	},
	...TIERS.slice(0, -1).map((tier, index) => ({
		files: tier.map((part) => (part.endsWith('.ts') ? `core/${part}` : `core/${part}/**/*.ts`)),
		ignores: ['core/**/*.test.ts'],
		rules: {
			'no-restricted-imports': [
				'error',
				{
					patterns: [
						{
							regex: `^(\\.\\.?/)+(${TIERS.slice(index + 1)
								.flat()
								.map((part) => (part.endsWith('.ts') ? `${part.replace('.', '\\.')}$` : `${part}/`))
								.join('|')})`,
							message: 'A tier imports from those below it only (scripts/tiers.js).'
						}
					]
				}
			]
		}
	}))
);
