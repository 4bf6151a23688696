import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { planned, workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { bufferOf, combinationsOf, looseBuffer, yearsOf } from '../../advice/combinations.ts';
import { builtInShop } from '../../shop/shop.ts';
import { plain } from '../../rule/term.ts';
import { climateOf, exchangeOf, SEALS } from './climate.ts';
import { dewPoint, wettingRh } from './dew-point.ts';
import { HOURS_OF_YEAR, TYPICAL_ROOMS, yearOf, type Reading } from './rooms.ts';
import { insideYear } from './year.ts';
import type { Window } from '../../figures/window.ts';
import type { Seal } from '../../figures/climate.ts';

const near = (value: number, wanted: number, within: number) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const { boards, house } = builtInShop;
const PACK = { width: 500, height: 700 };
const exchange = (permeances: number[], seal: Seal) =>
	exchangeOf({ width: plain(PACK.width), height: plain(PACK.height) }, permeances.map(plain), seal, house).value;
const tau = (permeance: number, seal: Seal) => climateOf(0.7, exchange([permeance], seal)).tauDays;
const loft = yearOf(TYPICAL_ROOMS[0]!);

test('reference: time constants by back and seal', () => {
	for (const [permeance, wanted] of [
		[3e-6, [0.29, 0.321, 0.329]],
		[boards['alkaline-corrugated']!.permeance, [0.614, 0.771, 0.822]],
		[boards['foam-free']!.permeance, [1.762, 4.259, 6.419]],
		[boards['fluted-pp']!.permeance, [2.347, 10.72, 70.09]]
	] as const)
		for (const [index, seal] of SEALS.entries()) near(tau(permeance, seal), wanted[index]!, wanted[index]! * 0.001);
	near(tau(1.5e-7, 'tape') * Math.LN2, 3, 0.05);
});

test('layers in series: the reciprocals of the permeances add; metal lets nothing through', () => {
	const one = exchange([1e-7], 'edge');
	const two = exchange([2e-7, 2e-7], 'edge');
	near(one, two, 1e-12);
	const joints = exchange([0], 'edge');
	near(joints, (6e-8 * 2.4 * 23.4 * 86_400) / 100, 1e-9);
});

test('reference: the typical loft year behind foam board and paper tape', () => {
	const { inside, min, max, steepestWeek, hoursAbove65 } = insideYear(4.2587, loft);
	assert.equal(inside.length, HOURS_OF_YEAR);
	near(min, 29.92, 0.005);
	near(max, 79.27, 0.005);
	near(steepestWeek, 23.92, 0.005);
	assert.equal(hoursAbove65, 208);
});

test('a step of the room against exp(−t/τ)', () => {
	const room: Reading[] = Array.from({ length: 24 * 8 }, (_, hour) => [hour, hour === 0 ? 50 : 80, 20]);
	const { inside } = insideYear(4.2587, room);
	// The first reading holds for an hour; the step begins with the second.
	near(inside[25]![1], 56.278, 0.001);
	near(inside[24 * 7 + 1]![1], 74.202, 0.001);
});

test('a sinusoid of the room against gain 1/√(1 + ω²τ²) and lag atan(ωτ)/ω, within 1 %', () => {
	for (const [periodDays, tauDays] of [
		[1, 0.3],
		[5, 2],
		[73, 20],
		[365, 60]
	] as const) {
		const omega = (2 * Math.PI) / periodDays;
		const room: Reading[] = Array.from({ length: HOURS_OF_YEAR * 4 }, (_, quarter) => [
			quarter / 4,
			50 + 10 * Math.cos(omega * (quarter / 96)),
			20
		]);
		const { inside, min, max } = insideYear(tauDays, room);
		const gain = 1 / Math.hypot(1, omega * tauDays);
		near((max - min) / 2, 10 * gain, 10 * gain * 0.01);
		const lagDays = Math.atan(omega * tauDays) / omega;
		const tops = inside.filter(([hour]) => hour >= HOURS_OF_YEAR - 24 * periodDays);
		const top = tops.reduce((best, one) => (one[1] > best[1] ? one : best), tops[0]!);
		const late = (top[0] / 24) % periodDays;
		// A reading holds until the next: a quarter of an hour's delay besides.
		near(Math.min(late, periodDays - late) === late ? late : late - periodDays, lagDays, periodDays * 0.01 + 0.25 / 24);
	}
});

test('property: inside never leaves the room’s range, and a tighter pack swings less', () => {
	const series = fc.array(fc.integer({ min: 20, max: 90 }), { minLength: 24, maxLength: 400 });
	fc.assert(
		fc.property(series, fc.double({ min: 0.01, max: 50, noNaN: true }), (values, tauDays) => {
			const room = values.map((rh, hour): Reading => [hour, rh, 20]);
			const [loose, tight] = [insideYear(tauDays, room), insideYear(tauDays * 4, room)];
			assert.ok(loose.min >= Math.min(...values) - 1e-9 && loose.max <= Math.max(...values) + 1e-9);
			const swing = ({ inside }: typeof loose) => {
				const [start] = inside[0]!.slice(1);
				return Math.max(...inside.map(([, rh]) => Math.abs(rh - start!)));
			};
			if (values.slice(1).every((rh) => rh >= values[0]!)) assert.ok(swing(tight) <= swing(loose) + 1e-9);
		})
	);
});

test('readings at uneven hours come out as the same hours read evenly', () => {
	const even: Reading[] = Array.from({ length: 48 }, (_, hour) => [hour, hour < 24 ? 40 : 70, 20]);
	const uneven: Reading[] = [even[0]!, even[24]!, [47, 70, 20]];
	near(insideYear(2, uneven).inside.at(-1)![1], insideYear(2, even).inside.at(-1)![1], 1e-9);
	assert.equal(insideYear(2, [[0, 55, 20]]).max, 55);
});

test('dew point after Magnus: 20 °C and 50 % is 9.26 °C', () => {
	near(dewPoint(20, 50), 9.26, 0.005);
	near(dewPoint(20, 100), 20, 1e-9);
	assert.ok(dewPoint(20, 40) < dewPoint(20, 60));
	near(wettingRh(20, dewPoint(20, 50)), 50, 1e-9);
});

test('typical rooms stay between dry and wet the year round', () => {
	for (const room of TYPICAL_ROOMS)
		for (const [, rh, celsius] of yearOf(room)) assert.ok(rh > 10 && rh < 95 && celsius > -10 && celsius < 45, room.id);
});

test('a job has its air: what buffers and what does not', () => {
	const base = planned().climate!;
	near(base.tauDays, base.capacity / base.exchange, 1e-9);
	near(base.halfDays, base.tauDays * Math.LN2, 1e-9);
	const guard = (changes: object) =>
		planned({ guard: { glazing: 'uv-acrylic', underMat: 'cotton-4', backing: 'fluted-pp', edgeSeal: null, ...changes } })
			.climate!;
	const plastic = guard({});
	// 0.42 × … m² of corrugated board is in the capacity, plastic is not.
	near(guard({ backing: 'alkaline-corrugated' }).capacity - plastic.capacity, 0.542 * 0.701 * 0.75, 1e-9);
	near(guard({ backing: 'foam-free' }).capacity - plastic.capacity, 0.542 * 0.701 * 0.65 * 0.4, 1e-9);
	assert.ok(guard({ edgeSeal: 'aluminium-laminate' }).tauDays > plastic.tauDays);
	assert.ok(guard({ barrier: 'aluminium-laminate' }).tauDays > plastic.tauDays);
	// Without a backing the under-mat is all that closes it.
	assert.ok(guard({ backing: null }).tauDays < plastic.tauDays);
	assert.ok(guard({ backing: null, underMat: null }).tauDays > 0);
});

test('every back with every seal: the tighter, the longer; hours in which a cold wall is wetted', () => {
	const all = combinationsOf(looseBuffer(0.7, PACK), builtInShop, null);
	assert.ok(all.length >= 20);
	assert.deepEqual(
		all.filter(({ back }) => back === 'foam-free').map(({ tauDays }) => tauDays.toFixed(3)),
		['1.762', '4.259', '6.419']
	);
	const results = [...yearsOf(all, loft, 12)];
	for (const [index, { min, max, coldHours, hoursAbove65 }] of results.entries()) {
		const alone = insideYear(all[index]!.tauDays, loft);
		assert.deepEqual([min, max, hoursAbove65], [alone.min, alone.max, alone.hoursAbove65]);
		const cold = alone.inside.filter(([hour, rh]) => dewPoint(loft[hour]![2], rh) > 12).length;
		assert.ok(Math.abs(coldHours! - cold) <= 1, all[index]!.id);
	}
	assert.equal([...yearsOf(all.slice(0, 1), loft, null)][0]!.coldHours, null);
	const file = workedJob({ back: { seal: null } });
	const job = decide(readJob(file), builtInShop);
	const made = planned({ back: { seal: null } });
	const own = combinationsOf(
		bufferOf(job, made.window as Window, [made.hold!.sheetGrams], builtInShop.house),
		builtInShop,
		job
	).filter((one) => one.own);
	assert.deepEqual(
		own.map(({ id }) => id),
		['alkaline-corrugated none']
	);
	near(own[0]!.tauDays, made.climate!.tauDays, 1e-9);
});
