import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { there } from '../units/there.ts';
import { lowerBy, steadied, tiltOf } from './level.ts';

const G = 9.81;
/** Its right end `degrees` lower, standing on the edge that is `quarters` round. */
const held = (degrees: number, quarters = 0, sign = 1) => {
	const angle = ((-degrees + 90 * quarters) * Math.PI) / 180;
	return { x: sign * G * Math.sin(angle), y: sign * G * Math.cos(angle) };
};

test('property: its tilt is read on every edge, whichever way the device signs what it reads', () => {
	fc.assert(
		fc.property(
			fc.double({ min: -44, max: 44, noNaN: true }),
			fc.integer({ min: 0, max: 3 }),
			fc.constantFrom(1, -1),
			(degrees, quarters, sign) => {
				assert.ok(Math.abs(there(tiltOf(held(degrees, quarters, sign)), 'tilt') - degrees) < 1e-9);
			}
		)
	);
});

test('from its own zero; lying flat it says nothing', () => {
	assert.ok(Math.abs(there(tiltOf(held(1.5), 1.5), 'tilt')) < 1e-9);
	assert.ok(Math.abs(there(tiltOf(held(-44), 2), 'tilt') - 44) < 1e-9, 'the nearest edge from its zero');
	assert.equal(tiltOf({ x: 1, y: 1 }), null);
});

test('over a length: half a degree is five millimetres on 577', () => {
	assert.ok(Math.abs(lowerBy(0.5, 577) - 5.035) < 0.001);
	assert.ok(lowerBy(-0.5, 577) < 0);
});

test('what trembles is steadied, and comes to rest where it is held', () => {
	let now = steadied(null, { x: 0, y: G });
	assert.deepEqual(now, { x: 0, y: G });
	now = steadied(now, { x: 1, y: G });
	assert.ok(now.x > 0 && now.x < 0.2);
	for (let turn = 0; turn < 100; turn += 1) now = steadied(now, { x: 1, y: G });
	assert.ok(Math.abs(now.x - 1) < 1e-3);
});
