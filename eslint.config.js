/** What stands in .svelte files, and what the core may import and do. Of TypeScript and JavaScript the rest is read by .oxlintrc.json. */
import ts from 'typescript-eslint';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import { TIERS } from './scripts/tiers.js';
import svelteConfig from './svelte.config.js';

const IN_SVELTE = ['**/*.svelte', '**/*.svelte.ts'];
// Tests may import from anywhere, and round to compare.
const IN_CORE = ['core/**/*.ts'];

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'demo-data/', 'data/', 'tmp/', '**/*.js', '**/*.test.ts'] },
	{
		files: IN_SVELTE,
		extends: [ts.configs.recommended, svelte.configs.recommended],
		languageOptions: {
			globals: { ...globals.browser, ...globals.node },
			parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig }
		},
		rules: {
			'svelte/no-navigation-without-resolve': 'off',
			eqeqeq: ['error', 'smart'],
			'no-eval': 'error',
			'no-var': 'error',
			'prefer-const': 'error',
			'@typescript-eslint/no-non-null-assertion': 'error',
			// A leading underscore says that a value is left out on purpose.
			'@typescript-eslint/no-unused-vars': [
				'error',
				{ argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }
			]
		}
	},
	{ files: IN_CORE, languageOptions: { parser: ts.parser } },
	{
		// A plain Math.round on a length is a defect: rounding has a direction in its name (core/units/round.ts).
		files: IN_CORE,
		ignores: ['core/units/**'],
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
	...TIERS.slice(0, -1).map((tier, index) => ({
		files: tier.map((part) => (part.endsWith('.ts') ? `core/${part}` : `core/${part}/**/*.ts`)),
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
