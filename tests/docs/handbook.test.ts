import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { RULES } from '../../core/judge/rules.ts';
import type { JobFile } from '../../core/job/definition.ts';
import { plan } from '../../core/plan.ts';
import { HOUSE_MM } from '../../core/shop/house.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { workedJob } from '../jobs.ts';
import { someKnown } from '../known/sums.ts';
import { lookIn } from '../../core/views/why/expression.ts';
import { generatedPages } from '../../scripts/generated-pages.ts';

const folder = 'docs/handbook';
const chapters = Object.fromEntries(
	readdirSync(folder).map((name) => [name.replace(/^\d+-|\.md$/g, ''), readFileSync(join(folder, name), 'utf8')])
);
const anchors = (chapter: string) => new Set([...(chapters[chapter] ?? '').matchAll(/\{#([^}]+)\}/g)].map((match) => match[1]));

test('every paragraph that an explanation leads to exists', () => {
	const sources = new Set<string>();
	for (const [, file] of someKnown()) for (const { source } of Object.values(plan(file, builtInShop).why)) sources.add(source);
	assert.ok(sources.size > 25);
	for (const source of sources) {
		const [chapter, anchor] = source.split('#') as [string, string];
		assert.ok(anchors(chapter).has(anchor), `docs/handbook has no ${source}`);
	}
});

test('every rule and every house figure has its paragraph', () => {
	for (const rule of RULES) assert.ok(anchors('findings').has(rule.id), rule.id);
	for (const name of Object.keys(HOUSE_MM)) assert.ok(anchors('house').has(name), name);
});

test('the worked cases come out', () => {
	let count = 0;
	for (const [chapter, text] of Object.entries(chapters)) {
		for (const [, body] of text.matchAll(/```case\n([\s\S]*?)```/g)) {
			const { job, gives } = JSON.parse(body!) as { job: Partial<JobFile>; gives: Record<string, number> };
			const result = plan(workedJob(job), builtInShop);
			const lookup = lookIn({ plan: result, job: {}, shop: {} });
			for (const [path, wanted] of Object.entries(gives)) {
				const value = lookup(path) as number;
				assert.ok(Math.abs(value - wanted) <= 0.011, `${chapter}: ${path} is ${value}, not ${wanted}`);
				count += 1;
			}
		}
	}
	assert.ok(count > 40, `${count} figures in worked cases`);
});

test('pages made from lists are as the lists are now', () => {
	for (const [path, text] of Object.entries(generatedPages()))
		assert.equal(readFileSync(path, 'utf8'), text, `${path} is stale: npm run docs`);
});
