import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { evaluate, lookIn, tokens } from './expression.ts';
import { nameOf } from './names.ts';
import { sayExpression } from './say.ts';

const roots = {
	plan: { window: { opening: { width: 390, height: 539 }, mats: [{ border: { left: 70 } }] }, frame: { rails: [577, 736] } },
	job: { step: 0.5, guard: { fillers: [{ thickness: 5 }] } },
	shop: { house: { overlap: 6, wireEnd: 125 }, boards: { 'cotton-4': { thickness: 1.5 } }, tapeWidths: [25, 38, 50, 75] }
};
const lookup = lookIn(roots);
const value = (expression: string) => evaluate(expression, lookup);

test('numbers, signs and brackets as in arithmetic', () => {
	for (const [expression, wanted] of [
		['2 + 3 * 4', 14],
		['(2 + 3) * 4', 20],
		['2 - 3 - 4', -5],
		['24 / 4 / 2', 3],
		['-3 + 5', 2],
		['2 * -3', -6],
		['1.5e-3 * 1000', 1.5],
		['((1))', 1]
	] as const)
		assert.equal(value(expression), wanted, expression);
});

test('property: sums and products come out as the language computes them', () => {
	const number = fc.integer({ min: 1, max: 999 });
	fc.assert(
		fc.property(number, number, number, number, (a, b, c, d) => {
			assert.equal(value(`${a} + ${b} * ${c} - ${d}`), a + b * c - d);
			assert.equal(value(`(${a} + ${b}) * (${c} - ${d})`), (a + b) * (c - d));
			assert.equal(value(`${a} / ${b} + ${c} / ${d}`), a / b + c / d);
		})
	);
});

test('paths into plan, job and shop', () => {
	for (const [path, wanted] of [
		['window.opening.width', 390],
		['window.mats[0].border.left', 70],
		['frame.rails[1]', 736],
		['job.step', 0.5],
		['job.guard.fillers[0].thickness', 5],
		['shop.house.overlap', 6],
		['shop.boards[cotton-4].thickness', 1.5]
	] as const)
		assert.equal(value(path), wanted, path);
	assert.equal(lookup('window.nothing.there'), undefined);
	assert.equal(value('window.opening.width + 2 * shop.house.overlap'), 402);
});

test('functions: rounding has its direction, the next of a list, angles in degrees', () => {
	for (const [expression, wanted] of [
		['down(390.74, job.step)', 390.5],
		['up(390.24, job.step)', 390.5],
		['nearest(390.24, job.step)', 390],
		['count(2.01)', 3],
		['min(3, 2, 5)', 2],
		['max(3, 2, 5)', 5],
		['abs(2 - 5)', 3],
		['sqrt(3 * 3 + 4 * 4)', 5],
		['next(30.5, shop.tapeWidths)', 38],
		['next(80, shop.tapeWidths)', 75]
	] as const)
		assert.equal(value(expression), wanted, expression);
	assert.ok(Math.abs(value('sin(30)') - 0.5) < 1e-12);
	assert.ok(Math.abs(value('cos(60)') - 0.5) < 1e-12);
	assert.ok(Math.abs(value('tan(45)') - 1) < 1e-12);
	assert.ok(Math.abs(value('atan(1)') - 45) < 1e-12);
});

test('what is no expression is a defect that says where', () => {
	for (const [expression, says] of [
		['2 +', /at the end/],
		['(2 + 3', /“\)” is missing/],
		['2 3', /left over/],
		['round(2)', /“round” is not a function/],
		['2 % 3', /Not an expression/],
		['min(2', /“\)” is missing/]
	] as const)
		assert.throws(() => value(expression), says, expression);
	assert.deepEqual(
		tokens('a.b + 2').map((token) => token.kind),
		['path', 'sign', 'number']
	);
});

test('said in one line: each name with its number, and what each name holds', () => {
	const said = sayExpression('window.opening.width + 2 * shop.house.overlap', lookup, (one) => `${one} mm`);
	assert.equal(said.line, 'window width 390 mm + 2 × overlap (shop) 6 mm');
	assert.equal(said.result, 402);
	assert.deepEqual(said.parts, [
		{ path: 'window.opening.width', name: 'window width', value: 390 },
		{ path: 'shop.house.overlap', name: 'overlap (shop)', value: 6 }
	]);
	assert.equal(sayExpression('down(390.7, job.step)', lookup, String).line, 'down to the step (390.7, cutting step 0.5)');
});

test('names of places in the words of the trade', () => {
	for (const [path, name] of [
		['window.mats[0].border.left', 'left border of mat 1'],
		['frame.rails[1]', 'rail 2'],
		['shop.house.wireEnd', 'wire for the turns at each end (shop)'],
		['shop.boards[cotton-4].thickness', 'thickness of cotton-4'],
		['job.step', 'cutting step'],
		['mass.kg', 'total weight']
	] as const)
		assert.equal(nameOf(path), name, path);
});
