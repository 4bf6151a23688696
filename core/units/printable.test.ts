import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { isDay } from './day.ts';
import { nearestWord } from './nearest-word.ts';
import { isPrintable, printable } from './printable.ts';

test('what a paper can carry: letters of any script, tabs and line ends, but no control, no half of a character', () => {
	for (const text of ['Tern Holm', 'Ærø, 東京, 🖼', 'a\tb\r\nc', '']) assert.ok(isPrintable(text), JSON.stringify(text));
	for (const text of ['a\u0000', '\u0007', 'a\u000bb', '\u007f', '\u0085', '\uffff', '\ufdd0', '\ud800', 'a\udc00', '\u{1ffff}'])
		assert.ok(!isPrintable(text), JSON.stringify(text));
});

test('any text: cleared, it is printable, and what was printable stays as it was', () => {
	fc.assert(
		fc.property(fc.string({ unit: 'binary' }), (text) => {
			assert.ok(isPrintable(printable(text)));
			if (isPrintable(text)) assert.equal(printable(text), text);
		})
	);
});

test('days that there are', () => {
	for (const day of ['2026-02-28', '2024-02-29', '2026-12-31']) assert.ok(isDay(day), day);
	for (const day of ['2026-02-31', '2026-02-29', '2026-13-01', '0001-01-01', '2026-1-1', 'soon', '2026-02-28T00:00'])
		assert.ok(!isDay(day), day);
});

test('the word that was meant: of the fewest changed letters, and none where nothing is near', () => {
	const boards = ['cotton-4', 'cotton-8', 'pulp-4', 'fluted-pp'];
	assert.equal(nearestWord('coton-4', boards), 'cotton-4');
	assert.equal(nearestWord('pulp-5', boards), 'pulp-4');
	assert.equal(nearestWord('__proto__', boards), null);
	assert.equal(nearestWord('', boards), null);
});
