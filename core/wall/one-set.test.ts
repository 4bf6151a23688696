import assert from 'node:assert/strict';
import { test } from 'node:test';
import { inItsFrame } from '../../tests/as-it-comes.ts';
import { planned, workedJob } from '../../tests/jobs.ts';
import type { JobFile } from '../job/definition.ts';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { asInSet } from './one-set.ts';

const first = workedJob({
	frame: { moulding: 'oak-30', finish: 'wax' },
	mats: [{ board: 'cotton-4', colour: 'slate' }],
	borders: { way: 'even', width: 80 }
});
const other = workedJob({
	piece: { readings: { width: 300, height: 400 } },
	frame: { moulding: 'ash-22', allowance: 4, points: 'flexible' },
	mats: [{ board: 'cotton-2' }, { board: 'cotton-2', reveal: 6 }],
	window: { overlap: 7 },
	guard: { ...workedJob().guard, glazing: 'uv-glass' }
});
const inSet = (file: JobFile, as: JobFile = first): JobFile => {
	const made = asInSet(file, as);
	assert.ok(typeof made !== 'string', String(made));
	return made;
};

test('frame, mats and borders of the first; window, glazing, allowance and points of its own', () => {
	const made = inSet(other);
	assert.deepEqual(made.frame, { allowance: 4, points: 'flexible', moulding: 'oak-30', finish: 'wax' });
	assert.deepEqual(made.mats, first.mats);
	assert.deepEqual(made.borders, first.borders);
	assert.deepEqual([made.window, made.guard, made.piece], [other.window, other.guard, other.piece]);
	const [one, two] = [plan(made, builtInShop), planned({})];
	assert.ok(one.frame && two.frame, 'it can be planned');
	assert.deepEqual(inSet(made), made, 'and is one of the set then');
});

test('what was measured is not made like another: a sentence says why', () => {
	const there = inItsFrame();
	assert.match(String(asInSet(there, first)), /existing frame/);
	assert.match(String(asInSet(other, there)), /no match/);
	assert.match(String(asInSet({ ...other, unit: 'in' }, first)), /another unit/);
	const bought = { ...other, mats: [{ board: 'cotton-4', have: { outer: { width: 400, height: 500 } } }] };
	assert.match(String(asInSet(bought, first)), /ready-cut/);
	assert.match(String(asInSet(other, bought)), /ready-cut/);
	assert.deepEqual(
		inSet(other, { ...first, borders: { way: 'fit' } }).borders,
		other.borders,
		'borders that follow a pack are its own'
	);
});
