import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readMass } from './mass.ts';
import { showMass } from './show.ts';

test('a mass is read as a scale has it, kilograms or pounds and ounces', () => {
	for (const [text, unit, kg] of [
		['3.2', 'mm', 3.2],
		['3,2 kg', 'in', 3.2],
		['450 g', 'mm', 0.45],
		['7 lb 3 oz', 'in', 3.26],
		['7lb', 'mm', 3.175],
		['12 oz', 'in', 0.34],
		['7.5', 'in', 3.402]
	] as const)
		assert.equal(readMass(text, unit), kg, text);
	for (const wrong of ['', 'lb', '7 stone', '-3', '3 lb 4', '1e3']) assert.equal(readMass(wrong, 'in'), null, wrong);
});

test('property: what is shown is read back as the same', () => {
	fc.assert(
		fc.property(fc.integer({ min: 500, max: 60_000 }), (grams) => {
			const shown = showMass(grams / 1000, 'in');
			assert.equal(showMass(readMass(shown, 'in')!, 'in'), shown);
			assert.equal(readMass(showMass(grams / 1000, 'mm'), 'mm'), Number(showMass(grams / 1000, 'mm').split(' ')[0]));
		})
	);
});
