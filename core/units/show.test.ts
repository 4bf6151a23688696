import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
	showBoth,
	showForce,
	showGrams,
	showLength,
	showLimit,
	showMass,
	showMinutes,
	showMoney,
	showNumber,
	showShare,
	showSize,
	showStrength,
	showWithUnit
} from './show.ts';

const IN = 25.4;

test('millimetres to a tenth, without a nought behind; a minus is a minus, and nothing has none', () => {
	for (const [mm, text] of [
		[390, '390'],
		[390.04, '390'],
		[390.06, '390.1'],
		[-1.8, '−1.8'],
		[-0.02, '0'],
		[0, '0']
	] as const)
		assert.equal(showLength(mm, 'mm').text, text, String(mm));
});

test('inches in the shop’s fraction, shortened; its parts beside the text', () => {
	assert.deepEqual(showLength(16.25 * IN, 'in'), { text: '16 1⁄4', whole: '16', numerator: 1, denominator: 4 });
	assert.deepEqual(showLength(-(5 / 16) * IN, 'in'), { text: '−5⁄16', whole: '−', numerator: 5, denominator: 16 });
	assert.deepEqual(showLength(3 * IN, 'in'), { text: '3', whole: '3', numerator: 0, denominator: 1 });
	assert.deepEqual(showLength(0, 'in'), { text: '0', whole: '0', numerator: 0, denominator: 1 });
	assert.deepEqual(showLength(-0.001, 'in').text, '0');
	assert.equal(showLength((1 / 32) * IN, { unit: 'in', fraction: 32 }).text, '1⁄32');
	assert.equal(showLength((7 / 32) * IN, { unit: 'in', fraction: 8 }).text, '1⁄4');
});

test('what nobody cuts is a decimal of an inch where it is no fraction: thousandths under an inch, hundredths from one on', () => {
	assert.deepEqual(showLength(2.9, 'in', 'fine'), { text: '0.114', whole: '0.114', numerator: 0, denominator: 1 });
	assert.equal(showLength(-2.9, 'in', 'fine').text, '−0.114');
	assert.equal(showLength(30, 'in', 'fine').text, '1.18');
	assert.equal(showLength(0.25 * IN, 'in', 'fine').text, '1⁄4');
	// Shown as no step it would read as nothing.
	assert.equal(showLength(0.5, 'in').text, '0.02');
	assert.equal(showLength(0.04, 'in').text, '0');
	assert.equal(showLength(0.9999 * IN, 'in', 'fine').text, '1');
	assert.equal(showLength(1.0001 * IN, 'in', 'fine').text, '1');
});

test('cut in millimetres and read in inches: what lies between two fractions is marked, a limit and a decimal are not', () => {
	const reader = { unit: 'in', fraction: 16, cutIn: 'mm' } as const;
	for (const [mm, look, text] of [
		[390, 'cut', '≈15 3⁄8'],
		[390, 'mark', '≈15 3⁄8'],
		[-3, 'mark', '≈−1⁄8'],
		[4.5, 'mark', '≈3⁄16'],
		[16.25 * IN, 'cut', '16 1⁄4'],
		[50.9, 'cut', '≈2'],
		[390, 'least', '15 3⁄8'],
		[3, 'fine', '0.118']
	] as const)
		assert.equal(showLength(mm, reader, look).text, text, `${mm} ${look}`);
	assert.equal(showLength(390, { ...reader, cutIn: 'in' }).text, '15 3⁄8');
	assert.equal(showLength(16.25 * IN, { unit: 'mm', fraction: 16, cutIn: 'in' }).text, '412.8');
});

test('a limit goes to its safe side', () => {
	assert.equal(showLimit(3.01, 'in', 'least'), '1⁄8 in');
	assert.equal(showLimit(3.3, 'in', 'least'), '3⁄16 in');
	assert.equal(showLimit(3.3, 'in', 'most'), '1⁄8 in');
	assert.equal(showLimit(3.01, 'mm', 'least'), '3.1 mm');
	assert.equal(showLimit(3.09, 'mm', 'most'), '3 mm');
});

test('sizes width first; two lengths that read the same are told apart', () => {
	assert.equal(showSize({ width: 390, height: 539 }, 'mm'), '390 × 539');
	assert.equal(showWithUnit(16.25 * IN, 'in'), '16 1⁄4 in');
	assert.deepEqual(showBoth(2.9, 3, 'in'), ['0.114 in', '0.118 in']);
	assert.deepEqual(showBoth(2.9, 30, 'in'), ['1⁄8 in', '1 3⁄16 in']);
	assert.deepEqual(showBoth(2.9, 3, 'mm'), ['2.9 mm', '3 mm']);
});

test('plain numbers and shares', () => {
	assert.deepEqual(
		[showNumber(2.5), showNumber(2.004), showNumber(-0.001), showNumber(-3.456, 1), showNumber(120, 0)],
		['2.5', '2', '0', '−3.5', '120']
	);
	assert.equal(showShare(0.7, 5), '14 %');
});

test('money has its two decimals', () => {
	assert.deepEqual(
		[0, 5, 100, 453, -453, 123_456].map((cents) => showMoney(cents, '')),
		['0.00', '0.05', '1.00', '4.53', '−4.53', '1234.56']
	);
});

test('masses: kilograms to a hundredth; pounds and ounces, under a pound ounces alone', () => {
	assert.equal(showMass(3.214, 'mm'), '3.21 kg');
	assert.equal(showMass(3.2, 'in'), '7 lb 1 oz');
	assert.equal(showMass(16 / 35.27396195, 'in'), '1 lb');
	assert.equal(showMass(15.949 / 35.27396195, 'in'), '15.9 oz');
	// It would read 16 oz.
	assert.equal(showMass(15.951 / 35.27396195, 'in'), '1 lb');
	assert.equal(showMass(15.95 / 35.27396195 + 1e-12, 'in'), '1 lb');
	assert.equal(showMass(0.1, 'in'), '3.5 oz');
});

test('a sheet’s weight, a wire’s strength, a pull', () => {
	assert.deepEqual([showGrams(44.3, 'mm'), showGrams(44.3, 'in'), showGrams(144, 'in')], ['44 g', '1.6 oz', '5.1 oz']);
	assert.equal(showGrams(44.6, 'mm'), '45 g');
	assert.equal(showGrams(100_000, 'in'), '3527.4 oz');
	assert.deepEqual([showStrength(27.2155, 'mm'), showStrength(27.2155, 'in')], ['27.2 kg', '60 lb']);
	assert.deepEqual([showForce(16.64, 'mm'), showForce(16.64, 'in')], ['16.6 N', '3.7 lb']);
});

test('minutes up to two hours, then hours', () => {
	assert.deepEqual([45, 119, 119.4, 120, 121, 150, 720].map(showMinutes), [
		'45 min',
		'119 min',
		'119 min',
		'2 h',
		'2 h',
		'2.5 h',
		'12 h'
	]);
	assert.equal(showMinutes(120.9), '2 h');
	assert.equal(showMinutes(93.75), '94 min');
	assert.equal(showMinutes(135), '2.3 h');
});
