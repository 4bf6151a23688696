import assert from 'node:assert/strict';
import { test } from 'node:test';
import { insideYear } from './year.ts';
import { MOULD, mouldIn, mouldSays } from './mould.ts';

/** A year of hours, so many of them at a humidity, the rest at 50 %. */
const year = (rh: number, hours: number) =>
	Array.from({ length: 365 * 24 }, (_, hour): [number, number, number] => [hour, hour < hours ? rh : 50, 20]);

test('mould follows the limit that is reached: two weeks at 86 %, a month at 81, two months at 76, three at 71, a year at 66', () => {
	for (const { rh, hours } of MOULD) {
		const inside = insideYear(0, year(rh + 1, hours));
		assert.equal(mouldIn(inside.hoursAbove)?.rh, rh);
		const shorter = insideYear(0, year(rh + 1, hours - 24));
		assert.notEqual(mouldIn(shorter.hoursAbove)?.rh, rh, `${rh} %, a day too few`);
	}
	assert.equal(mouldIn(insideYear(0, year(65, 8760)).hoursAbove), null, 'at 65 % and not above');
});

test('a damp fortnight is said as such, a dry year as too dry', () => {
	assert.equal(mouldSays(insideYear(0, year(90, 400)).hoursAbove), 'above 85 % for two weeks or longer: mould is likely');
	assert.equal(mouldSays(insideYear(0, year(60, 8760)).hoursAbove), 'too dry for mould');
	assert.equal(insideYear(0, year(90, 400)).hoursAbove65, 400);
});
