import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { runs } from '../../tests/thorough.ts';
import { exposureIn } from '../shop/places.ts';
import { UNGLAZED, yearsToFade } from '../stations/light/years.ts';
import { there } from '../units/there.ts';
import { luxAt } from './light.ts';
import { planWall } from './plan-wall.ts';
import type { Picture, Wall } from './wall.ts';

const SQUARE = { width: 400, height: 400 };
const square = (id: string, more: Partial<Picture> = {}): Picture => ({
	id,
	outer: SQUARE,
	kg: 2,
	hooks: [{ x: 0, down: 100 }],
	...more
});
const wall = (pictures: Picture[], more: Partial<Wall['wall']> = {}): Wall => ({
	wall: { width: 4000, height: 2500, kind: 'masonry', things: [], ...more },
	pictures,
	groups: [],
	places: pictures.map(({ id }, at) => ({ id, left: 300 + 500 * at, centre: 1500 }))
});
const found = (of: Wall, rule: string) => planWall(of, 'mm').findings.filter((one) => one.rule === rule);

test('between two readings as far from both it is their mean; at one it is that; without any nobody knows', () => {
	const readings = [
		{ left: 0, height: 1500, lux: 100 },
		{ left: 1000, height: 1500, lux: 300 }
	];
	assert.equal(luxAt(readings, { x: 500, y: 1500 }), 200);
	assert.equal(luxAt(readings, { x: 1000, y: 1500 }), 300);
	// Twice as far from the second: 4 to 1.
	assert.ok(Math.abs(there(luxAt(readings, { x: 1000 / 3, y: 1500 }), 'lux') - 140) < 1e-9);
	assert.equal(luxAt([], { x: 500, y: 1500 }), null);
});

test('property: nowhere is it lighter than the lightest reading, or darker than the darkest', () => {
	const place = { left: fc.integer({ min: 0, max: 5000 }), height: fc.integer({ min: 0, max: 3000 }) };
	const reading = fc.record({ ...place, lux: fc.integer({ min: 0, max: 50_000 }) });
	fc.assert(
		fc.property(fc.array(reading, { minLength: 1, maxLength: 12 }), fc.record(place), (readings, { left, height }) => {
			const lux = there(luxAt(readings, { x: left, y: height }), 'lux');
			const all = readings.map((one) => one.lux);
			assert.ok(lux >= Math.min(...all) - 1e-6 && lux <= Math.max(...all) + 1e-6);
		}),
		{ numRuns: runs(300) }
	);
});

test('a job brings the light of its place; readings go before it; what nobody knows is left out', () => {
	const fades = { fade: 4, filter: UNGLAZED, exposure: exposureIn('living-room'), aim: 'keep' as const };
	const of = (more: Partial<Wall['wall']> = {}) => planWall(wall([square('a', { fades }), square('b')], more), 'mm').light;
	assert.deepEqual(
		of(),
		(() => {
			const { years, budget } = yearsToFade(exposureIn('living-room'), 4, UNGLAZED);
			return [{ picture: 'a', lux: 150, years, budget }];
		})()
	);
	const light = { source: 'led', hoursPerDay: 6, readings: [{ left: 500, height: 1500, lux: 80 }] } as const;
	const [a, b] = of({ light });
	const led = { sources: [{ lux: 80, hoursPerDay: 6, uv: 5 }], monthsPerYear: 12 };
	const shown = yearsToFade(led, 4, UNGLAZED);
	assert.deepEqual(a, { picture: 'a', lux: 80, years: shown.years, budget: shown.budget });
	assert.equal(there(b, 'b').years, undefined, 'nobody knows material');
	const [dark] = of({ light: { ...light, readings: [{ left: 500, height: 1500, lux: 0 }] } });
	assert.equal(there(dark, 'a').years, null);
});

test('in the sun: as its job says, or above 5 000 lx read there', () => {
	const lit = (lux: number) => ({
		light: { source: 'daylight-glass', hoursPerDay: 1, readings: [{ left: 500, height: 1500, lux }] } as const
	});
	assert.equal(found(wall([square('a')], lit(5001)), 'wall.in-sun').length, 1);
	assert.equal(found(wall([square('a')], lit(5000)), 'wall.in-sun').length, 0);
	assert.equal(found(wall([square('a', { inSun: true })]), 'wall.in-sun').length, 1);
});

test('over a bed, and on an outside wall with less than 6 mm of air', () => {
	const bed = (left: number) => ({ things: [{ name: '', kind: 'bed', left, bottom: 0, width: 900, height: 500 } as const] });
	assert.equal(found(wall([square('a')], bed(699)), 'wall.over-bed').length, 1);
	assert.equal(found(wall([square('a')], bed(700)), 'wall.over-bed').length, 0, 'beside it');
	const cold = (air?: number) => found(wall([square('a', air === undefined ? {} : { air })], { outside: true }), 'wall.cold');
	assert.match(there(cold()[0], 'found').says, /bumpers of 6 mm/);
	assert.match(there(cold(3)[0], 'found').says, /with bumpers of 3 mm: 6 mm/);
	assert.match(there(cold(0)[0], 'found').says, /with no bumpers/);
	assert.equal(cold(6).length, 0);
	assert.equal(found(wall([square('a', { air: 0 })]), 'wall.cold').length, 0);
});

test('a fugitive picture in the sun is stopped above Show; too few years and budgets are said of each; a kitchen of all', () => {
	const fades = (fade: number, aim: 'rare' | 'show') => ({ fade, filter: UNGLAZED, exposure: exposureIn('sun-patch'), aim });
	const rulesAt = (fade: number, aim: 'rare' | 'show') =>
		planWall(wall([square('a', { inSun: true, fades: fades(fade, aim) })]), 'mm').findings.map(
			({ rule, severity }) => `${severity} ${rule}`
		);
	assert.deepEqual(rulesAt(1, 'rare'), ['stop light.sun', 'stop light.too-soon', 'caution light.over-budget']);
	assert.deepEqual(rulesAt(1, 'show'), ['stop light.too-soon', 'caution light.over-budget', 'caution wall.in-sun']);
	assert.deepEqual(rulesAt(8, 'rare'), ['caution light.over-budget', 'caution wall.in-sun']);
	const kitchen = (aim: 'rare' | 'show') =>
		found(
			wall([square('a', { fades: { ...fades(8, aim), exposure: exposureIn('corridor') } })], { climate: 'kitchen' }),
			'climate.place'
		);
	assert.deepEqual(
		[kitchen('rare')[0]!.severity, kitchen('show')[0]!.severity, kitchen('show')[0]!.says],
		['stop', 'caution', 'a hangs in a kitchen.']
	);
	assert.equal(found(wall([square('a')], { climate: 'steady' }), 'climate.place').length, 0);
	assert.equal(
		found(wall([square('a')], { climate: 'over-heat' }), 'climate.place')[0]!.says,
		'a hangs over a radiator or fireplace.'
	);
});
