import assert from 'node:assert/strict';
import { test } from 'node:test';
import { RULES } from '../judge/rules.ts';
import { HOUSE_IN, HOUSE_MM } from '../shop/house.ts';
import { whenOf } from './when.ts';

const MM = { unit: 'mm', fraction: 16 } as const;
const INCH = { unit: 'in', fraction: 16 } as const;

test('every rule says when it fires in the figures of either house; none spells a length out', () => {
	for (const rule of RULES) {
		for (const [house, reader] of [
			[HOUSE_MM, MM],
			[HOUSE_IN, INCH]
		] as const)
			assert.doesNotMatch(whenOf(rule, house, reader), /[{}]|undefined|NaN/, rule.id);
		assert.doesNotMatch(whenOf(rule, HOUSE_IN, INCH), / mm\b/, `${rule.id}: said in millimetres to who reads inches`);
	}
});

test('a changed house is said: the figure with its unit, and without it where the sentence has said it', () => {
	const rule = { id: 'a.rule', when: 'set back less than {setbackLeast} or more than {setbackMost|bare}' };
	assert.equal(whenOf(rule, { ...HOUSE_MM, setbackLeast: 7.5 }, MM), 'set back less than 7.5 mm or more than 25');
	assert.throws(() => whenOf({ id: 'a.rule', when: '{nothing}' }, HOUSE_MM, MM), /“nothing”, which is not a shop figure/);
});
