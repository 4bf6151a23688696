import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../tests/jobs.ts';
import { patched } from './patch.ts';
import { putLight } from './place.ts';

test('add a light at the same wall: lux, hours and name go, the wall stays', () => {
	const file = workedJob({
		place: { name: 'Study', lux: 150, uv: 400, wall: 'masonry', outside: true, wallCelsius: 8, children: true }
	});
	assert.deepEqual(patched(file, putLight(file, { room: 'corridor' })).place, {
		wall: 'masonry',
		outside: true,
		wallCelsius: 8,
		children: true,
		room: 'corridor'
	});
	assert.deepEqual(patched(workedJob(), putLight(workedJob(), { room: 'corridor' })).place, { room: 'corridor' });
});
