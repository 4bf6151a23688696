import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { planned } from '../../../tests/jobs.ts';
import { builtInShop } from '../../shop/shop.ts';
import { DOSES, fadeRate, yearlyBudget } from '../../shop/fade.ts';
import { exposureIn, ROOMS, SOURCES, type Exposure, type RoomId } from '../../shop/places.ts';
import { UNGLAZED, uvShare, yearsToFade, type Filter } from './years.ts';

const near = (value: number, wanted: number, within: number) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const glazing = (id: string) => builtInShop.glazings[id]!;
const daylight = (lux: number, hoursPerDay: number): Exposure => ({
	sources: [{ lux, hoursPerDay, uv: 400 }],
	monthsPerYear: 12
});

test('reference: 150 lx for 8 h behind plain glass, class 4', () => {
	const faded = yearsToFade(daylight(150, 8), 4, glazing('glass'));
	assert.equal(faded.yearly, 394_200);
	near((400 * 0.55) / 0.9, 244.44, 0.01);
	near(faded.doseMlxh, 4.684, 0.0005);
	near(faded.years!, 11.9, 0.05);
	near(faded.budget, 2.63, 0.005);
});

test('reference: the same behind UV acrylic; a window’s side unglazed; daylight and halogen together', () => {
	const acrylic = yearsToFade(daylight(150, 8), 4, glazing('uv-acrylic'));
	assert.equal(acrylic.yearly, 398_580);
	near(acrylic.doseMlxh, 9.608, 0.0005);
	near(acrylic.years!, 24.1, 0.05);
	const bare = yearsToFade(daylight(1500, 8), 2, UNGLAZED);
	assert.equal(bare.yearly, 4_380_000);
	near(bare.doseMlxh, 0.6, 1e-9);
	near(bare.years!, 0.137, 0.0005);
	const two: Exposure = {
		sources: [
			{ lux: 150, hoursPerDay: 6, uv: SOURCES['daylight-glass'].uv },
			{ lux: 200, hoursPerDay: 4, uv: SOURCES.halogen.uv }
		],
		monthsPerYear: 12
	};
	const both = yearsToFade(two, 3, glazing('glass'));
	near(both.yearly, 558_450, 1e-6);
	near(both.years!, 3.9, 0.005);
});

test('classes: each bears more than the one before, with UV less than without; budgets of the guide', () => {
	for (const [index, { withUv, withoutUv }] of DOSES.entries()) {
		assert.ok(withUv < withoutUv);
		if (index > 0) assert.ok(withUv > DOSES[index - 1]!.withUv && withoutUv > DOSES[index - 1]!.withoutUv);
		near(fadeRate(index + 1, 400), 1 / withUv, 1e-9);
		near(fadeRate(index + 1, 0), 1 / withoutUv, 1e-9);
		// However much UV: at most twice as fast as the table says.
		near(fadeRate(index + 1, 1e6), 2 / withUv, 1e-9);
	}
	assert.deepEqual([1, 3, 4, 6, 7, 8].map(yearlyBudget), [15_000, 15_000, 150_000, 150_000, 600_000, 600_000]);
});

test('property: more light, more hours, more UV, more months never give more years', () => {
	const number = fc.double({ min: 0.1, max: 1000, noNaN: true });
	const filter = fc.record({
		uvStoppedPercent: fc.integer({ min: 0, max: 100 }),
		lightPassedPercent: fc.integer({ min: 1, max: 100 })
	});
	fc.assert(
		fc.property(
			number,
			number,
			number,
			fc.integer({ min: 1, max: 8 }),
			filter,
			fc.double({ min: 1, max: 3, noNaN: true }),
			(lux, hours, uv, fade, by: Filter, more) => {
				const years = (one: Partial<Exposure['sources'][0]>, months = 6) =>
					yearsToFade({ sources: [{ lux, hoursPerDay: hours, uv, ...one }], monthsPerYear: months }, fade, by).years!;
				const now = years({}) * (1 + 1e-9);
				assert.ok(years({ lux: lux * more }) <= now);
				assert.ok(years({ hoursPerDay: hours * more }) <= now);
				assert.ok(years({ uv: uv * more }) <= now);
				assert.ok(years({}, 6 * Math.min(more, 2)) <= now);
				assert.ok(
					yearsToFade({ sources: [{ lux, hoursPerDay: hours, uv }], monthsPerYear: 6 }, fade, { ...by, uvStoppedPercent: 100 })
						.years! *
						(1 + 1e-9) >=
						years({})
				);
			}
		)
	);
});

test('in the dark nothing fades, and nothing is divided by nothing', () => {
	const dark = yearsToFade(daylight(0, 8), 3, glazing('glass'));
	assert.deepEqual([dark.yearly, dark.years, dark.budget], [0, null, 0]);
	assert.equal(dark.doseMlxh, 3);
	assert.equal(uvShare(daylight(0, 8), 3), 1);
});

test('UV glazing hardly helps below LED, and much beside daylight', () => {
	assert.ok(uvShare(exposureIn('corridor'), 4) <= builtInShop.house.uvHardlyHelps);
	assert.ok(uvShare(exposureIn('living-room'), 4) > 2);
});

test('a job has its light: every glazing beside its own, the changes that double the years', () => {
	const { light } = planned({
		piece: { readings: { width: 402, height: 551 }, medium: ['watercolour', 'felt-pen'] },
		place: { room: 'opposite-window' }
	});
	assert.equal(light!.fade, 1, 'the most fugitive part decides');
	assert.deepEqual(
		light!.byGlazing.map(({ glazing: id }) => id),
		Object.keys(builtInShop.glazings)
	);
	assert.equal(light!.byGlazing.find(({ glazing: id }) => id === 'uv-acrylic')!.years, light!.years);
	assert.deepEqual(
		light!.doubling.map(({ by }) => by),
		['place', 'months', 'hours', 'lux']
	);
	for (const { years } of light!.doubling) assert.ok(years >= 2 * light!.years! * (1 - 1e-9));
});

test('a job without medium and class has no light; an own reading takes the typical place’s stead', () => {
	assert.equal(planned({ piece: { readings: { width: 402, height: 551 } } }).light, undefined);
	const piece = { readings: { width: 402, height: 551 }, fade: 4 };
	const read = planned({ piece, place: { room: 'living-room', lux: 300, uv: 20 } }).light!;
	near(read.yearly, 300 * 0.91 * 8 * 365, 1e-6);
	const rotated = planned({ piece, place: { room: 'living-room', monthsPerYear: 3 } }).light!;
	near(rotated.years!, planned({ piece, place: { room: 'living-room' } }).light!.years! * 4, 1e-9);
	for (const room of Object.keys(ROOMS) as RoomId[]) assert.ok(planned({ piece, place: { room } }).light!.years! > 0, room);
});
