import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readPlaceFigure, readPlaces } from './own-places.ts';

const STUDY = { name: 'Study', lux: 150, hoursPerDay: 6, uv: 400, monthsPerYear: 12 };
const says = (changes: object) => {
	const read = readPlaces([{ ...STUDY, ...changes }]);
	return read.ok ? '' : read.faults.map(({ path, says: text }) => `${path}: ${text}`).join('\n');
};

test('a place is read; what can’t be is said with its bounds', () => {
	assert.deepEqual(readPlaces([STUDY]), { ok: true, places: [STUDY] });
	assert.match(says({ lux: -5 }), /places\[0\]\.lux: Light of −5 lx: must be between 0 and 200000 lx\./);
	assert.match(says({ hoursPerDay: 30 }), /Hours a day of 30: must be between 0 and 24\./);
	assert.match(says({ lux: 0, uv: 100 }), /Without light there is no UV/);
	assert.match(says({ uv: 'much' }), /UV must be a number/);
	assert.match(says({ monthsPerYear: 0 }), /between 1 and 12/);
	assert.match(says({ name: '' }), /a name of 1 to 80 letters/);
	assert.equal(readPlaces('here').ok, false);
	assert.equal(readPlaces(Array.from({ length: 201 }, () => STUDY)).ok, false);
	const twice = readPlaces([STUDY, STUDY]);
	assert.ok(!twice.ok && /is used twice/.test(twice.faults[0]!.says));
});

test('a figure as it is typed', () => {
	assert.deepEqual(readPlaceFigure('lux', ' 150 '), { ok: true, value: 150 });
	assert.deepEqual(readPlaceFigure('lux', '12,5'), { ok: false, says: 'Write 12.5 with a point.' });
	assert.equal(readPlaceFigure('hoursPerDay', '').ok, false);
	assert.equal(readPlaceFigure('lux', '−3').ok, false);
});
