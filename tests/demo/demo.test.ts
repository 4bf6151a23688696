import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { plan, type Plan } from '../../core/plan.ts';
import { builtInShop } from '../../core/shop/shop.ts';

const jobs = Object.fromEntries(
	readdirSync('demo/jobs').map((name) => [
		name.replace('.json', ''),
		JSON.parse(readFileSync(`demo/jobs/${name}`, 'utf8')) as JobFile
	])
);
const planOf = (number: string): Plan => plan(jobs[number]!, builtInShop);
const size = ({ width, height }: { width: number; height: number }) => `${width} × ${height}`;
const rules = (made: Plan) => made.findings.map((finding) => `${finding.severity} ${finding.rule}`);

test('every demo piece can be planned to its end', () => {
	assert.deepEqual(Object.keys(jobs).sort(), ['K-0101', 'K-0103', 'K-0104', 'K-0106', 'K-0116']);
	for (const number of Object.keys(jobs)) {
		const made = planOf(number);
		assert.deepEqual(made.open, [], number);
		assert.ok(made.hang && made.back && made.frame && made.hold, number);
		assert.equal(made.fits, true, number);
	}
});

test('K-0101, a chart that leans: what is wrong with it is found, each finding with its mend', () => {
	const made = planOf('K-0101');
	assert.deepEqual(rules(made), ['stop board.touch-acidic', 'stop gap.small', 'caution pack.tight', 'note measure.lean']);
	assert.deepEqual([made.grade.aimed, made.grade.reached, made.grade.heldBy], ['rare', 'show', ['board.touch-acidic']]);
	// 400.2 × 548.6 usable, overlap 6 on each side, cut down to half a millimetre.
	assert.equal(size(made.window!.opening), '388 × 536.5');
	assert.equal(size(made.window!.pack), '540 × 698.5');
	assert.equal(size(made.frame!.outer), '571 × 730');
	assert.ok(Math.abs(made.pack!.thickness - 17.4) < 1e-9);
	assert.ok(Math.abs(made.pack!.clearance! - 2.6) < 1e-9);
});

test('K-0103, a pressing on an album leaf: lifted, un-buffered, ready for the bench', () => {
	const made = planOf('K-0103');
	assert.deepEqual(rules(made), []);
	assert.equal(made.grade.reached, 'rare');
	assert.equal(size(made.window!.opening), '178 × 236');
	assert.equal(size(made.frame!.outer), '323 × 389');
	assert.equal(size(made.back!.dustCover!), '317 × 383');
	assert.deepEqual([made.hold!.count, made.pack!.thickness], [2, 13.5]);
});

test('K-0104, a cyanotype: un-buffered boards, edge seal, Rare reached', () => {
	const made = planOf('K-0104');
	assert.deepEqual(rules(made), []);
	assert.equal(made.grade.reached, 'rare');
	assert.equal(size(made.window!.pack), '374 × 435');
	// Round the pack and 5 % more: 2 × (374 + 435) × 1.05.
	assert.ok(Math.abs(made.back!.edgeSeal!.length - 1698.9) < 1e-9);
	assert.deepEqual(made.hold!.places, [50, 204]);
	assert.equal(made.hang!.wire!.breakingKg, 6.8);
	assert.ok(Math.abs(made.hang!.drop - 472 / 3) < 1e-9);
});

test('K-0106, charcoal under acrylic: static stops it, either mend lets it go', () => {
	const made = planOf('K-0106');
	assert.deepEqual(rules(made), ['stop glazing.static-friable']);
	assert.equal(made.grade.reached, 'show');
	for (const glazing of ['uv-acrylic-lr', 'uv-glass']) {
		const mended = plan({ ...jobs['K-0106']!, guard: { ...jobs['K-0106']!.guard, glazing } }, builtInShop);
		assert.equal(mended.findings.filter((finding) => finding.severity === 'stop').length, 0, glazing);
	}
});

test('K-0116, a print in inches: cut in whole sixteenths, Keep reached and named what holds it down', () => {
	const made = planOf('K-0116');
	assert.deepEqual(rules(made), []);
	assert.deepEqual([made.grade.reached, made.grade.heldBy], ['keep', ['board.touch-acidic', 'hold.grade', 'gap.small']]);
	const sixteenth = 25.4 / 16;
	for (const length of [
		...Object.values(made.window!.opening),
		...Object.values(made.window!.pack),
		...Object.values(made.frame!.rabbet)
	])
		assert.ok(Math.abs(length / sixteenth - Math.round(length / sixteenth)) < 1e-6, String(length));
	assert.equal(jobs['K-0116']!.unit, 'in');
});

test('the demo’s picture is its own: shapes alone, no address, no script', () => {
	const svg = readFileSync('demo/pictures/tide-chart.svg', 'utf8');
	assert.match(svg, /^<svg /);
	assert.doesNotMatch(svg, /<script|href|onload|<image|data:/);
});
