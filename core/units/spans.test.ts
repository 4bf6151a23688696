import assert from 'node:assert/strict';
import { test } from 'node:test';
import { sayDays, sayYears } from './spans.ts';

test('years: days under a month, months under a year, tenths under ten', () => {
	for (const [years, says] of [
		[0.001, 'a day'],
		[2 / 365, '2 days'],
		[29.49 / 365, '29 days'],
		[30 / 365, '30 days'],
		[1 / 12, 'a month'],
		[5 / 12, '5 months'],
		[11.4 / 12, '11 months'],
		[11.5 / 12, 'a year'],
		[1, 'a year'],
		[1.04, 'a year'],
		[1.06, '1.1 years'],
		[9.94, '9.9 years'],
		[10, '10 years'],
		[10.4, '10 years'],
		[24.6, '25 years']
	] as const)
		assert.equal(sayYears(years), says, String(years));
});

test('days: hours under a day, tenths under ten', () => {
	for (const [days, says] of [
		[0.001, 'an hour'],
		[1 / 24, 'an hour'],
		[2 / 24, '2 hours'],
		[0.5, '12 hours'],
		[0.9, '22 hours'],
		[1, 'a day'],
		[1.06, '1.1 days'],
		[3.14, '3.1 days'],
		[9.96, '10 days'],
		[10.4, '10 days'],
		[60, '60 days']
	] as const)
		assert.equal(sayDays(days), says, String(days));
});
