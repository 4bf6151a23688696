import assert from 'node:assert/strict';
import { test } from 'node:test';
import { showMoney } from '../units/show.ts';
import { readAbout } from './about.ts';

test('what a shop says of itself is trimmed; nothing said yet is no fault', () => {
	assert.deepEqual(readAbout({}), { ok: true, about: {} });
	assert.deepEqual(readAbout({ name: ' Net Loft ', address: 'Quay 1\nTern Holm', currency: '€', paper: 'a4', unit: 'in' }), {
		ok: true,
		about: { name: 'Net Loft', address: 'Quay 1\nTern Holm', currency: '€', paper: 'a4', unit: 'in' }
	});
	assert.deepEqual(readAbout({ name: 'Net Loft', address: '', currency: ' ' }), { ok: true, about: { name: 'Net Loft' } });
});

test('a shop without a name, a currency that is a sentence, a paper that is none: each at its key', () => {
	const paths = (given: unknown) => {
		const read = readAbout(given);
		return read.ok ? [] : read.faults.map(({ path }) => path);
	};
	assert.deepEqual(paths({ name: '  ', currency: 'kroner and øre', paper: 'a5', unit: 'cm', fax: '1' }), [
		'about.name',
		'about.currency',
		'about.paper',
		'about.unit',
		'about.fax'
	]);
	assert.deepEqual(paths({ name: 'N'.repeat(81) }), ['about.name']);
	assert.deepEqual(paths({ name: 'N'.repeat(80), address: 'a'.repeat(301) }), ['about.address']);
	assert.deepEqual(paths({ name: 7 }), ['about.name']);
	assert.deepEqual(paths([]), ['about']);
	assert.deepEqual(paths(null), ['about']);
});

test('a price carries the currency: signs of few letters before it, words after', () => {
	assert.deepEqual(
		[showMoney(453, ''), showMoney(453, '€'), showMoney(-453, '$'), showMoney(453, 'kr'), showMoney(453, 'CHF')],
		['4.53', '€4.53', '−$4.53', '4.53 kr', '4.53 CHF']
	);
});
