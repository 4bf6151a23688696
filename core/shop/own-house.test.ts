import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isLength } from '../units/figures.ts';
import { MM_PER_INCH } from '../units/length.ts';
import { planSingle, workedJob } from '../../tests/jobs.ts';
import { plan } from '../plan.ts';
import { HOUSE_IN, HOUSE_MM, houseUnit, type House } from './house.ts';
import { readHouse, usualFigure } from './own-house.ts';
import { builtInShop, shopFor, withHouses } from './shop.ts';
import { shopFrom } from './written.ts';
import { WRITTEN_SIZES } from './pack-sizes.ts';

/** The inch house of the handbook: figure, millimetres, inches. */
const TABLE: [keyof House, number, number][] = [
	['overlap', 6, 1 / 4],
	['reveal', 6, 1 / 4],
	['floatSetBack', 6, 1 / 4],
	['borderWeight', 10, 3 / 8],
	['floatGap', 10, 3 / 8],
	['borderWidth', 70, 2.75],
	['gutter', 40, 1.5],
	['setback', 8, 5 / 16],
	['allowanceLeast', 3, 1 / 8],
	['allowanceStep', 0.5, 1 / 16],
	['land', 10, 3 / 8],
	['bareWood', 2, 1 / 16],
	['tapeOnBacking', 15, 5 / 8],
	['edgeSealOnFace', 3, 1 / 8],
	['edgeSealOnBack', 10, 3 / 8],
	['dustCoverInside', 3, 1 / 8],
	['dustCoverRough', 25, 1],
	['hingeWidth', 25, 1],
	['hingeContact', 8, 5 / 16],
	['hingeTab', 25, 1],
	['crossWidth', 60, 2.375],
	['crossHeight', 20, 3 / 4],
	['hingeInset', 50, 2],
	['hingeEach', 300, 12],
	['pointsRigid', 125, 5],
	['pointsFlexible', 75, 3],
	['pointsTurnButton', 200, 8],
	['pointFirst', 50, 2],
	['clipEach', 250, 10],
	['wireHidden', 50, 2],
	['wireEnd', 125, 5],
	['hookOffset', 20, 3 / 4],
	['hookSpacingLeast', 125, 5],
	['hookSpacingFree', 100, 4],
	['twoHooksAbove', 300, 12],
	['centreHeight', 1500, 59],
	['kerf', 3, 1 / 8],
	['stickTrim', 20, 3 / 4],
	['offcutLeast', 200, 8]
];
/** Limits of safety stay the same length. */
const LIMITS: (keyof House)[] = [
	'leastOverlap',
	'gapFlat',
	'gapSticky',
	'gapFriable',
	'lipCover',
	'lipBeyondTape',
	'wireAngle',
	'wireAngleLeast',
	'lowFrameLeast',
	'fitBorderLeast',
	'hangerSafety',
	'wireMostKg',
	'sawtoothMostKg',
	'woodForScrew',
	'landLeast'
];

test('the inch house: its own defaults in real fractions, limits of safety the same length', () => {
	for (const [name, mm, inches] of TABLE) {
		assert.equal(HOUSE_MM[name], mm, name);
		assert.ok(Math.abs(HOUSE_IN[name] - inches * MM_PER_INCH) < 1e-9, name);
	}
	for (const name of LIMITS) assert.equal(HOUSE_IN[name], HOUSE_MM[name], name);
	assert.deepEqual(
		shopFor(builtInShop, 'in').tapeWidths.map((width) => Math.round((width / MM_PER_INCH) * 1e6) / 1e6),
		[1, 1.5, 2, 3]
	);
	assert.equal(HOUSE_IN.fraction, 16);
});

test('every default of the inch house is a real fraction of an inch, or a limit that stays as it is', () => {
	for (const [name, value] of Object.entries(HOUSE_IN) as [keyof House, number][]) {
		if (value === HOUSE_MM[name] || !isLength(houseUnit(name))) continue;
		const steps = (value / MM_PER_INCH) * 16;
		assert.ok(Math.abs(steps - Math.round(steps)) < 1e-9, `${name} is ${value / MM_PER_INCH} in`);
	}
});

test('a job cut in inches is planned with them: no converted millimetre among its defaults', () => {
	const { mats: _, borders: __, window: ___, ...bare } = workedJob({ unit: 'in' });
	const made = planSingle({ ...bare, mats: [{ board: 'cotton-4' }] });
	assert.equal(made.window!.mats[0]!.border.left, 2.75 * 25.4);
	assert.ok(Math.abs(made.window!.mats[0]!.border.bottom - 3.125 * 25.4) < 1e-9);
	assert.equal(made.hold!.size.width, 25.4);
	assert.equal(made.hold!.places[0], 2 * 25.4);
	assert.equal(made.back!.tape!.stock, 38.1);
	assert.ok(
		made.assumed.some(({ path, is }) => path === 'window.overlap' && is.startsWith('1⁄4 in')),
		'said in inches'
	);
});

test('a shop edits both houses: each job is planned with its own', () => {
	const house = [
		{ house: 'mm', figure: 'borderWidth', value: '80' },
		{ house: 'in', figure: 'borderWidth', value: '3 1/4' },
		{ house: 'in', figure: 'fraction', value: 32 }
	] as const;
	const shop = shopFrom({ about: {}, packSizes: WRITTEN_SIZES, materials: [], schools: [], steps: [], house });
	const { borders: _, ...bare } = workedJob();
	const borderOf = (unit: 'mm' | 'in') => plan({ ...bare, unit }, shop).window!.mats[0]!.border.left * 1;
	assert.equal(borderOf('mm'), 80);
	assert.ok(Math.abs(borderOf('in') - 3.25 * 25.4) < 1e-9);
	assert.equal(shopFor(shop, 'in').house.fraction, 32);
	assert.equal(withHouses(builtInShop, { mm: {}, in: {} }).house.borderWidth, 70);
});

test('house figures: each fault with its place and what to do; zero only where there may be none', () => {
	const fault = (one: object) => {
		const read = readHouse([one]);
		return read.ok ? '' : `${read.faults[0]!.path}: ${read.faults[0]!.says}`;
	};
	assert.equal(fault({ house: 'mm', figure: 'borderWeight', value: 0 }), '');
	assert.match(fault({ house: 'mm', figure: 'hingeEach', value: 0 }), /^house\[0\]\.value: .+/);
	assert.match(fault({ house: 'mm', figure: 'borderWidth', value: '2 m' }), /far from 70 mm/);
	assert.match(fault({ house: 'in', figure: 'overlap', value: '6 furlongs' }), /is not a unit/);
	assert.match(fault({ house: 'in', figure: 'fraction', value: 12 }), /8, 16 or 32/);
	assert.match(fault({ house: 'mm', figure: 'gravity', value: 9 }), /not a shop figure that can be set/);
	assert.match(fault({ house: 'yd', figure: 'overlap', value: 6 }), /Enter mm or in/);
	const twice = readHouse([
		{ house: 'mm', figure: 'overlap', value: 6 },
		{ house: 'mm', figure: 'overlap', value: 7 }
	]);
	assert.ok(!twice.ok && /twice/.test(twice.faults[0]!.says));
	assert.deepEqual(
		[usualFigure('overlap', 'in'), usualFigure('leastOverlap', 'in'), usualFigure('dropShare', 'mm')],
		['1⁄4', '0.118', '0.3333']
	);
});
