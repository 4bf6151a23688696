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
import { CHAPTER_DRAWINGS, chapterDrawing } from '../../core/views/drawing/of-chapter.ts';
import { askedName } from '../../core/views/why/asked.ts';
import { nameOf } from '../../core/views/why/names.ts';
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

test('every chapter opens with a drawing of its own, for either unit', () => {
	for (const unit of ['mm', 'in'] as const) {
		const drawn = Object.keys(chapters).map((chapter) => chapterDrawing(chapter, builtInShop, unit));
		for (const [index, chapter] of Object.keys(chapters).entries()) {
			const { scene, reader } = drawn[index] ?? assert.fail(`${chapter} has none`);
			assert.ok(scene.shapes.length > 1 && scene.box.width > 0, chapter);
			assert.equal(reader.unit, unit);
		}
		assert.equal(new Set(drawn.map((one) => JSON.stringify(one!.scene))).size, drawn.length, 'no two are the same');
	}
	assert.deepEqual(Object.keys(CHAPTER_DRAWINGS).sort(), Object.keys(chapters).sort());
});

test('the shown zone of the chapter on findings is covered, as it says', () => {
	const file = workedJob(CHAPTER_DRAWINGS.findings!.job);
	assert.ok(plan(file, builtInShop).findings.some(({ rule }) => rule === 'window.zone-covered'));
});

test('worked cases are said in words: what is asked, and what comes of it', () => {
	const raw = /\bjob\b|[a-z][A-Z]|mlxh|\[|\./;
	for (const text of Object.values(chapters))
		for (const [, body] of text.matchAll(/```case\n([\s\S]*?)```/g)) {
			const { job, gives } = JSON.parse(body!) as { job: object; gives: Record<string, number> };
			for (const path of [...leavesOf(job)]) assert.doesNotMatch(askedName(path), raw, path);
			for (const path of Object.keys(gives)) assert.doesNotMatch(nameOf(path), raw, path);
		}
});

function leavesOf(value: unknown, path = ''): string[] {
	if (typeof value !== 'object' || value === null) return [path];
	return Object.entries(value).flatMap(([key, one]) =>
		leavesOf(one, Array.isArray(value) ? `${path}[${key}]` : path ? `${path}.${key}` : key)
	);
}
