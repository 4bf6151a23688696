/** The pages made from lists in core/: a test holds the files against them. */
import { RULES } from '../core/judge/rules.ts';
import { readFileSync } from 'node:fs';
import type { Rule } from '../core/rule/rule.ts';
import { jobDefinition } from '../core/job/definition.ts';
import type { Field } from '../core/job/field.ts';
import { optionName, SCHOOLS } from '../core/job/schools.ts';
import { HOUSE_MM, houseUnit, type House } from '../core/shop/house.ts';
import { HOUSE_NAMES } from '../core/shop/house-names.ts';
import { usualFigure } from '../core/shop/own-house.ts';
import { figureWord } from '../core/units/figures.ts';
import type { Unit } from '../core/units/length.ts';
import { whenOf } from '../core/rule/when.ts';
import type { Reader } from '../core/units/show.ts';
import { nth } from '../core/units/there.ts';

export function generatedPages(): Record<string, string> {
	return {
		'docs/handbook/17-findings.md': findingsPage(),
		'docs/handbook/18-house.md': housePage(),
		'docs/handbook/19-schools.md': schoolsPage(),
		'docs/job-file.md': jobFilePage(),
		...chaptersWithRules()
	};
}

/** Which rules stand in which chapter, between its two marks. */
const RULES_OF: Record<string, { chapter: string; has: (rule: Rule) => boolean }> = {
	guard: {
		chapter: 'docs/handbook/06-materials.md',
		has: ({ id, station }) => station === 'guard' && !id.startsWith('glazing.')
	},
	glazing: { chapter: 'docs/handbook/07-light.md', has: ({ id }) => id.startsWith('glazing.') },
	climate: {
		chapter: 'docs/handbook/08-climate.md',
		has: ({ id }) => ['climate.cold-wall', 'seal.edge-none', 'seal.none', 'gap.contact', 'gap.small'].includes(id)
	}
};

function chaptersWithRules(): Record<string, string> {
	return Object.fromEntries(
		Object.entries(RULES_OF).map(([name, { chapter, has }]) => {
			const begin = `<!-- rules: ${name}, made by npm run docs -->`;
			const [before, rest] = readFileSync(chapter, 'utf8').split(begin) as [string, string];
			const after = rest.slice(rest.indexOf('<!-- end of rules -->'));
			return [chapter, `${before}${begin}\n\n${ruleTable(RULES.filter(has))}\n${after}`];
		})
	);
}

/** The handbook says the figures as they come. */
const IN_MM: Reader = { unit: 'mm', fraction: 16 };

function ruleTable(rules: readonly Rule[]): string {
	const rows = rules.map((rule) => {
		const at = (['rare', 'keep', 'show'] as const).map((grade) => rule.severity[grade] ?? '–');
		return `| \`${rule.id}\` | ${whenOf(rule, HOUSE_MM, IN_MM)} | ${at.join(' | ')} | ${rule.fixes ?? 'checked by hand'} |\n`;
	});
	return `| rule | when | Rare | Keep | Show | what fixes it |\n|---|---|---|---|---|---|\n${rows.join('')}`;
}

function findingsPage(): string {
	const rules = RULES.map((rule) => {
		const severity = (['rare', 'keep', 'show'] as const)
			.map((grade) => `${nth(grade, 0).toUpperCase()}${grade.slice(1)}: ${rule.severity[grade] ?? 'nothing'}`)
			.join(', ');
		const kind = rule.of === 'fit' ? ' A finding about fit: it does not change the grade.' : '';
		return `## ${rule.id} {#${rule.id}}\n\nWhen: ${whenOf(rule, HOUSE_MM, IN_MM)}.\n\n${rule.why}\n\n${severity}.${kind} ${rule.fixes ? `Fix: ${lowerFirst(rule.fixes)}` : 'No setting fixes it.'}${rule.school ? ` Practitioners differ: *${rule.school}*.` : ''}\n`;
	});
	return `# Findings\n\nA finding says what is, then why, then offers the fix. *Stop*: do not do this at this grade. *Caution*: may be done knowingly. *Note*: worth knowing. Made from the rules in \`core/stations/*/rules.ts\` by \`npm run docs\`.\n\n${rules.join('\n')}`;
}

function lowerFirst(text: string): string {
	return /^[A-Z][a-z’ -]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}

function housePage(): string {
	const said = (name: keyof House, unit: Unit) =>
		[usualFigure(name, unit), figureWord(houseUnit(name), unit)].filter(Boolean).join(' ');
	const rows = (Object.keys(HOUSE_MM) as (keyof House)[]).map((name) => {
		const [metric, inches] = [said(name, 'mm'), said(name, 'in')];
		return `## ${upperFirst(HOUSE_NAMES[name])} {#${name}}\n\n${metric}${metric === inches ? '' : `; cut in inches ${inches}`}\n`;
	});
	return `# Shop figures\n\nUsed unless a job sets its own: a job cut in inches has defaults in inches; limits of safety are the same length in both. Set your own under Shop, Defaults. The built-in ones are in \`core/shop/house.ts\`. Made by \`npm run docs\`.\n\n${rows.join('\n')}`;
}

function schoolsPage(): string {
	const rows = SCHOOLS.map(({ id, question, options, because }) => {
		return `## ${upperFirst(question)} {#${id}}\n\n${options.map((option, index) => `- ${index === 0 ? `**${upperFirst(optionName(option))}**` : upperFirst(optionName(option))}: ${because[option]}`).join('\n')}\n`;
	});
	return `# Ways of working\n\nWhere framers differ, the shop’s way is set under Shop, Ways of working, with its reason; a job can differ at its station. The first is the safer one by conservation standards, and the default. Made by \`npm run docs\`.\n\n${rows.join('\n')}`;
}

function jobFilePage(): string {
	return [
		'# The job file',
		'',
		'The file holds only decisions; all but `format`, `version` and `piece.readings` may be left out, and the plan lists the shop’s defaults used (`assumed`). A JSON number is millimetres; a string is a length as people write it. `null` means "none", where none is allowed. Keys beginning with `x-` are saved untouched; any other unknown key is a fault. What this version can’t plan yet is a fault that says so.',
		'',
		'Made from `core/job/definition.ts` by `npm run docs`; the JSON Schema is at `/api/job.schema.json`. A new number for an import: `POST /api/jobs?number=K-0142`, 409 when it is taken. Pictures: `POST /api/pictures` (PNG, JPEG, SVG of shapes alone) gives the sum that `piece.picture` names.',
		'',
		'| key | holds | says |',
		'|---|---|---|',
		...rows(jobDefinition, ''),
		''
	].join('\n');
}

function rows(field: Field, path: string): string[] {
	const own = path === '' ? [] : [`| \`${path}\` | ${holds(field)} | ${field.says} |`];
	return [...own, ...children(field, path)];
}

function children(field: Field, path: string): string[] {
	if (field.kind === 'group')
		return Object.entries(field.fields).flatMap(([key, child]) => rows(child, path === '' ? key : `${path}.${key}`));
	if (field.kind === 'list') return children(field.of, `${path}[]`);
	if (field.kind === 'none') return children(field.or, path);
	if (field.kind === 'either') return field.of.flatMap((one) => children(one, path));
	return [];
}

function holds(field: Field): string {
	switch (field.kind) {
		case 'length':
			return field.zero ? 'length, zero allowed' : 'length';
		case 'sides':
			return 'length, or lengths by side';
		case 'lengthOrWord':
			return `length, lengths by side, or ${field.words.map((word) => `"${word}"`).join(', ')}`;
		case 'text':
			return 'text';
		case 'choice':
			return field.of.join(', ');
		case 'number':
			return `${field.whole ? 'whole number' : 'number'} ${field.least} to ${field.most}`;
		case 'flag':
			return 'true, false';
		case 'list':
			return `list, at most ${field.most}: ${holds(field.of)}`;
		case 'none':
			return `${holds(field.or)}, or null`;
		case 'either':
			return field.of.map(holds).join(', or ');
		case 'group':
			return 'group';
	}
}

function upperFirst(text: string): string {
	return nth(text, 0).toUpperCase() + text.slice(1);
}
