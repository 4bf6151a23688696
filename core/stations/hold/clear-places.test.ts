/** Hinges that lie on a zone move to the nearest free place of the top edge. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Readings } from '../../job/decide-piece.ts';
import { planMeasure } from '../measure/measure.ts';
import { clearPlaces } from './clear-places.ts';
import type { Held } from './held.ts';
import { pointOn } from './own-edges.ts';

const SHEET = { top: 400, bottom: 400, left: 500, right: 500 };

type Of = { zones: [left: number, width: number, top?: number, kind?: string][]; readings?: Readings; width?: number };

/** Tabs 30 mm wide that reach 8 mm onto the sheet, unless told otherwise. */
function cleared(places: number[], { zones, readings = SHEET, width = 30 }: Of): number[] | null {
	const measure = planMeasure({ readings, single: false }, '');
	const asked = zones.map(([left, wide, top = 0, kind = 'keep-off']) => ({ kind, left, top, width: wide, height: 10 }));
	return clearPlaces({ hold: { places, size: { width, height: 8 } }, measure, piece: { zones: asked } } as unknown as Held, 0.5);
}

test('a tab keeps 1 mm from a zone: half of it and 1 mm from its edge', () => {
	const zones: Of['zones'] = [[100, 50]];
	assert.deepEqual(cleared([120, 300], { zones }), [84, 300], '100 − 15 − 1, the nearer');
	assert.deepEqual(cleared([130, 300], { zones }), [166, 300], '150 + 15 + 1');
	assert.deepEqual(cleared([84, 166], { zones }), [84, 166], 'they are free already');
	assert.deepEqual(cleared([84.1, 300], { zones }), [84, 300]);
	assert.deepEqual(cleared([165.9, 300], { zones }), [166, 300]);
	// In the cutting step, away from the zone.
	assert.deepEqual(cleared([120, 300], { zones: [[100.3, 50]] }), [84, 300]);
	assert.deepEqual(cleared([140, 300], { zones: [[100.3, 50]] }), [166.5, 300]);
});

test('only what must not be touched is kept clear, as far down as a tab reaches', () => {
	assert.deepEqual(cleared([120], { zones: [[100, 50, 0, 'hide']] }), [120]);
	assert.deepEqual(cleared([120], { zones: [[100, 50, 8]] }), [120], 'it begins where the tab ends');
	assert.deepEqual(cleared([120], { zones: [[100, 50, 7.9]] }), [84]);
});

test('where the top edge slopes, a zone is reached as much sooner', () => {
	for (const readings of [
		{ ...SHEET, right: 510, d1: Math.hypot(400, 505) },
		{ ...SHEET, left: 510, d1: Math.hypot(400, 500) }
	]) {
		const measure = planMeasure({ readings, single: false }, '');
		const slope = Math.abs(pointOn(measure, 'top', 400).y - pointOn(measure, 'top', 0).y);
		assert.ok(slope > 1, String(slope));
		const at = (top: number) => cleared([120], { zones: [[100, 50, top]], readings });
		assert.notDeepEqual(at(8 + slope - 0.002), [120]);
		assert.deepEqual(at(8 + slope + 0.002), [120]);
	}
});

test('of a sheet that leans, zones count from the corner of its box, places from its own', () => {
	const readings = { ...SHEET, d1: 630, d2: 650 };
	const { x: corner } = pointOn(planMeasure({ readings, single: false }, ''), 'top', 0);
	assert.ok(corner > 1, String(corner));
	const [place] = cleared([120 - corner], { zones: [[100, 50]], readings })!;
	assert.equal(place, Math.floor((84 - corner) * 2) / 2);
	const [right] = cleared([140 - corner], { zones: [[100, 50]], readings })!;
	assert.equal(right, Math.ceil((166 - corner) * 2) / 2);
});

test('a tab stays on the sheet, up to its very end', () => {
	assert.deepEqual(cleared([40], { zones: [[31, 50]] }), [15], 'exactly half of it from the corner');
	assert.deepEqual(cleared([40], { zones: [[30.5, 50]] }), [96.5]);
	assert.deepEqual(cleared([360], { zones: [[319, 50]] }), [385]);
	assert.deepEqual(cleared([360], { zones: [[319.5, 50]] }), [303.5]);
});

test('two tabs keep 1 mm from each other, and one that is free is not pushed away', () => {
	const zones: Of['zones'] = [[100, 50]];
	assert.deepEqual(cleared([120, 160], { zones }), [84, 166]);
	assert.deepEqual(cleared([130, 197], { zones }), [166, 197], '31 apart');
	assert.deepEqual(cleared([130, 196.5], { zones }), [84, 196.5]);
	// Both beside each other: the second goes round to the other side.
	assert.deepEqual(cleared([110, 115], { zones }), [84, 166]);
});

test('they are given from left to right, and where the edge has no room there is no answer', () => {
	// The first finds no room before its zone nor right behind it, and goes past the second.
	assert.deepEqual(
		cleared([80, 140], {
			zones: [
				[10, 90],
				[200, 20]
			]
		}),
		[140, 184]
	);
	assert.equal(cleared([200], { zones: [[10, 380]] }), null);
	assert.equal(cleared([100, 200, 300], { zones: [[40, 320]], width: 60 }), null);
	assert.deepEqual(cleared([], { zones: [[10, 380]] }), []);
});
