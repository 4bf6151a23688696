import assert from 'node:assert/strict';
import { test } from 'node:test';
import { builtInShop } from '../shop/shop.ts';
import { has, planned, planSingle, workedJob } from '../../tests/jobs.ts';
import { SCHOOLS } from './schools.ts';

test('every school has its question, two sides or more, and the reason of each', () => {
	assert.ok(SCHOOLS.length >= 27);
	for (const { id, question, options, because } of SCHOOLS) {
		assert.match(question, /\w/, id);
		assert.ok(options.length >= 2, id);
		assert.deepEqual(Object.keys(because).sort(), [...options].sort(), id);
		for (const reason of Object.values(because)) assert.match(reason, /^[A-Z].+\.$/, `${id}: ${reason}`);
		assert.equal(builtInShop.schools[id], options[0], `${id}: the shop begins at the default`);
	}
});

test('a job sets a school for itself, and its finding says to which it belongs', () => {
	const made = planned({ schools: { 'hang-from': 'window-mat' } });
	assert.equal(made.findings.find(({ rule }) => rule === 'hold.to-mat')!.school, 'hang-from');
	assert.ok(!has(planned(), 'hold.to-mat'));
	assert.equal(planned({ schools: { 'hinge-count': 'one' } }).hold!.count, 1);
	assert.equal(planned({ schools: { bumpers: 'four' } }).back!.bumpers, 4);
	assert.throws(() => planSingle(workedJob({ schools: { 'hang-from': 'nail' } })), /schools\.hang-from/);
	assert.throws(() => planSingle(workedJob({ schools: { opinions: 'many' } })), /schools\.opinions/);
});

test('friable sheet: the trough is asked for, and with it nothing is said', () => {
	const charcoal = { readings: { width: 402, height: 551 }, medium: ['charcoal'] };
	assert.ok(has(planned({ piece: charcoal }), 'friable.no-trough'));
	assert.ok(!has(planned({ piece: charcoal, mats: [{ board: 'cotton-4', bevel: 'reverse', lift: 3 }] }), 'friable.no-trough'));
});
