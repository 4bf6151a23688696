import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DATE_LANGUAGES } from '../../core/shop/about.ts';
import { readDay, showDate, showDay } from '../../src/lib/ui/days.ts';

const today = new Date(2026, 5, 15);

test('in every language that a shop may choose, a day as it is shown is read as that day', () => {
	for (const language of DATE_LANGUAGES)
		for (let month = 1; month <= 12; month += 1) {
			const day = `2026-${String(month).padStart(2, '0')}-03`;
			const shown = showDay(day, language);
			assert.equal(readDay(shown, 'mm', today, language), day, `${language}: ${shown}`);
			assert.equal(readDay(showDay(day, language, 'long'), 'mm', today, language), day, `${language}, long`);
		}
});

test('each look of a date, in the shop’s words', () => {
	const at = new Date(2026, 11, 3, 14, 2, 51);
	const looks = ['day', 'short', 'long', 'weekday', 'month', 'time'] as const;
	assert.deepEqual(
		looks.map((look) => showDate(at, look, 'en-GB')),
		['3 Dec 2026', '3 Dec', '3 December', 'Thursday', 'December 2026', '14:02']
	);
	assert.equal(showDate(at, 'day', 'en-US'), 'Dec 3, 2026');
	assert.equal(showDate(at, 'weekday', 'de'), 'Donnerstag');
	assert.match(showDate(at, 'second', 'en-GB'), /^3 Dec 2026, 14:02:51$/);
	assert.equal(showDay('no day', 'de'), 'no day');
});
