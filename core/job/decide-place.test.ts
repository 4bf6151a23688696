import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planned, workedJob } from '../../tests/jobs.ts';
import { ROOMS, SOURCES } from '../shop/places.ts';
import { builtInShop } from '../shop/shop.ts';
import { decide } from '../decide.ts';
import type { JobFile } from './definition.ts';
import { FaultError } from './faults.ts';
import { readJob } from './read.ts';

const placeOf = (place?: JobFile['place']) => decide(readJob(workedJob(place ? { place } : {})), builtInShop).place;
const faultsOf = (place: object): string[] => {
	try {
		placeOf(place);
		return [];
	} catch (error) {
		if (error instanceof FaultError) return error.faults.map(({ path }) => path);
		throw error;
	}
};

test('no place is taken as a living room, and the plan says so', () => {
	assert.deepEqual(placeOf().exposure, { sources: [{ lux: 150, hoursPerDay: 8, uv: 400 }], monthsPerYear: 12 });
	assert.ok(planned().assumed.some(({ path, is }) => path === 'place.room' && is === 'living-room'));
	assert.ok(!planned({ place: { room: 'corridor' } }).assumed.some(({ path }) => path.startsWith('place')));
});

test('typical rooms bring their light; what is given goes before it', () => {
	for (const [room, { lux, hoursPerDay, source, name }] of Object.entries(ROOMS)) {
		const decided = placeOf({ room: room as 'corridor' });
		assert.equal(decided.name, name);
		assert.deepEqual(decided.exposure.sources, [{ lux, hoursPerDay, uv: SOURCES[source].uv }]);
	}
	assert.deepEqual(placeOf({ room: 'living-room', lux: 80, source: 'led', monthsPerYear: 4 }).exposure, {
		sources: [{ lux: 80, hoursPerDay: 8, uv: 5 }],
		monthsPerYear: 4
	});
	assert.deepEqual(placeOf({ room: 'other', name: 'Chapel porch', lux: 1200, hoursPerDay: 4, uv: 600 }).exposure.sources, [
		{ lux: 1200, hoursPerDay: 4, uv: 600 }
	]);
});

test('several lights, each with its own hours and UV', () => {
	const { exposure } = placeOf({
		sources: [
			{ source: 'daylight-glass', lux: 150, hoursPerDay: 6 },
			{ source: 'halogen', lux: 200, hoursPerDay: 4 },
			{ lux: 20, hoursPerDay: 1, uv: 3 }
		]
	});
	assert.deepEqual(
		exposure.sources.map(({ uv }) => uv),
		[400, 75, 3]
	);
});

test('what can’t be: each fault at its place', () => {
	assert.deepEqual(faultsOf({ lux: -5 }), ['place.lux']);
	assert.deepEqual(faultsOf({ hoursPerDay: 30 }), ['place.hoursPerDay']);
	assert.deepEqual(faultsOf({ monthsPerYear: 13 }), ['place.monthsPerYear']);
	assert.deepEqual(faultsOf({ sources: [{ lux: 10 }] }), ['place.sources[0].hoursPerDay']);
	assert.deepEqual(faultsOf({ lux: 50, sources: [{ lux: 10, hoursPerDay: 2 }] }), ['place.sources']);
});

test('children or a bed below ask for more than glass', () => {
	const guard = { ...workedJob().guard, glazing: 'uv-glass' };
	for (const place of [{ children: true }, { overBed: true }])
		assert.ok(planned({ guard, place }).findings.some(({ rule }) => rule === 'glazing.breakable'));
	assert.ok(!planned({ guard, place: { children: false } }).findings.some(({ rule }) => rule === 'glazing.breakable'));
});
