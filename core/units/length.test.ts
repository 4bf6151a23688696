import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { cuttingStep, isBareFraction, readLength, type Unit } from './length.ts';
import { cutDown, countUp, receiveUp, showNearest } from './round.ts';
import { showLength, showNumber } from './show.ts';

const mm = (text: string | number, unit: Unit = 'mm', zero = false) => {
	const read = readLength(text, unit, zero);
	return read.ok ? read.mm : read.says;
};

test('lengths as people write them', () => {
	assert.equal(mm('412'), 412);
	assert.equal(mm('412 mm', 'in'), 412);
	assert.equal(mm('41.2 cm'), 412);
	for (const written of [
		'16 1/4',
		'16-1/4 in',
		'16 1/4"',
		'16.25"',
		`1' 4 1/4"`,
		'16¼',
		'16 1⁄4',
		'16 ¼ in',
		'1 ft 4 1/4 in',
		'1′ 4¼″'
	]) {
		assert.equal(mm(written, 'in'), 412.75, written);
	}
	assert.equal(mm('⅝', 'in'), 15.875);
	assert.equal(mm('.5 in'), 12.7);
	assert.equal(mm('11/16', 'in'), 17.4625);
	assert.equal(mm('12 11/16', 'in'), 322.2625);
	assert.equal(mm(402), 402);
});

test('every word of a unit is as long as its unit', () => {
	for (const [words, length] of [
		[['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'], 3],
		[['cm', 'centimetre', 'centimetres'], 30],
		[['m'], 3000],
		[['in', 'inch', 'inches', '"'], 76.2],
		[['ft', 'foot', 'feet', "'"], 914.4]
	] as const)
		for (const word of words) assert.equal(mm(`3 ${word}`, word === 'mm' ? 'in' : 'mm'), length, word);
});

test('a comma is a decimal where nothing else can be meant', () => {
	for (const [written, length] of [
		['41,2', 41.2],
		['41,25', 41.25],
		[',5', 0.5],
		['0,125', 0.125],
		['1234,567', 1234.567]
	] as const)
		assert.equal(mm(written), length, written);
	for (const written of ['1,2,3', '1,234', '1,234.5', '1.234,5', ',', '12,'])
		assert.match(String(mm(written)), /read in two ways/, written);
});

test('a fraction without a unit is one, a whole number or a letter is none', () => {
	for (const written of ['1/4', '16 1/4', '16-1/4', '½', '16½', '1⁄4']) assert.ok(isBareFraction(written), written);
	for (const written of ['16', '16.5', '/', '16 1/4 in', 'a/b', '']) assert.ok(!isBareFraction(written), written);
});

test('where a length ends to be one', () => {
	assert.equal(mm(`${'0'.repeat(37)}412`), 412, 'forty signs');
	assert.match(String(mm(`${'0'.repeat(38)}412`)), /too long/);
	assert.equal(mm(`1' 11 15/16"`), 608.0125);
	assert.match(String(mm(`1' 12"`)), /12 inches or more/);
	assert.match(String(mm('16 4/4', 'in')), /more than a whole/);
	assert.match(String(mm('1 ft 2 in 3 in')), /names two units/);
	assert.match(String(mm('1 ft 2 in 3 in 4 in')), /is not a length/);
	assert.match(String(mm('in')), /second unit, “in”/);
	assert.equal(mm(4999.9), 4999.9);
	assert.match(String(mm(5000)), /5 m or more/);
	assert.equal(cuttingStep('in'), 25.4 / 16);
	assert.equal(cuttingStep('in', 32), 25.4 / 32);
	assert.equal(cuttingStep('mm'), 0.5);
});

test('what is less than any step is said as a decimal, down to what is nothing', () => {
	assert.deepEqual([showLength(0.05, 'in').text, showLength(0.049, 'in').text], ['0.002', '0']);
	assert.deepEqual(
		[showLength(25.4, 'in').text, showLength(0, 'in').text, showLength(-25.4 * 1.5, 'in').text],
		['1', '0', '−1 1⁄2']
	);
});

test('slips are refused with a sentence, never read as something else', () => {
	for (const written of [
		'',
		'   ',
		'-4',
		'−4',
		'0',
		'12 in mm',
		'12 mm in',
		'1/0',
		'16 5/4',
		'16.5 1/4',
		'1,500',
		'1,234.5',
		'1.2.3',
		'1e3',
		'abc',
		'4 4',
		'5 m',
		'5000',
		`1' 4 mm`,
		`1' 13"`,
		'200 in',
		'in',
		'1/2/3',
		'9'.repeat(50)
	]) {
		const read = readLength(written, 'mm');
		assert.equal(read.ok, false, `“${written}” was read`);
		assert.match((read as { says: string }).says, /\.$/);
	}
	assert.equal(readLength(Number.NaN, 'mm').ok, false);
	assert.equal(mm('0', 'mm', true), 0);
	assert.match(String(mm(-4)), /−4 mm is below 0/);
	assert.match(String(mm('12 in mm')), /second unit/);
});

test('rounding has a direction, and a whisker does not make a step', () => {
	assert.equal(cutDown(390.49, 0.5), 390);
	assert.equal(receiveUp(390.01, 0.5), 390.5);
	assert.equal(showNearest(0.25, 0.5), 0.5);
	assert.equal(cutDown(0.1 + 0.2 + 0.2, 0.5), 0.5);
	assert.equal(countUp(3 + 1e-12), 3);
	fc.assert(
		fc.property(fc.double({ min: 0, max: 5000, noNaN: true }), fc.constantFrom(0.5, 25.4 / 16), (length, step) => {
			assert.ok(cutDown(length, step) <= length + 1e-6 && receiveUp(length, step) >= length - 1e-6);
			assert.ok(Math.abs(showNearest(length, step) - length) <= step / 2 + 1e-6);
		})
	);
});

test('shown: millimetres to a tenth, inches as real fractions, and read back the same', () => {
	assert.equal(showLength(63.75, 'mm').text, '63.8');
	assert.equal(showLength(63.75, 'mm', 'mark').text, '63.8');
	assert.equal(showLength(412.75, 'in').text, '16 1⁄4');
	assert.equal(showLength(15.875, 'in').text, '5⁄8');
	assert.equal(showLength(-3.14, 'mm', 'mark').text, '−3.1');
	assert.deepEqual(
		[showLength(2.9, 'in', 'fine').text, showLength(402, 'in', 'fine').text],
		['0.114', '15.83'],
		'what nobody cuts'
	);
	assert.deepEqual([showLength(2.9, 'in').text, showLength(402, 'in', 'mark').text], ['1⁄8', '15 13⁄16']);
	assert.deepEqual(
		[showLength(3.06, 'mm', 'most').text, showLength(3.01, 'mm', 'least').text],
		['3', '3.1'],
		'limits to their safe side'
	);
	assert.deepEqual(
		[showLength(3.06, 'in', 'most').text, showLength(3.06, 'in', 'least').text, showLength(0.5, 'in').text],
		['1⁄16', '1⁄8', '0.02']
	);
	assert.equal(showLength(2.9, { unit: 'in', fraction: 32 }).text, '1⁄8');
	assert.equal(showLength(2.5, { unit: 'in', fraction: 32 }).text, '3⁄32');
	assert.deepEqual(
		[showNumber(30, 0), showNumber(100), showNumber(3.5), showNumber(0.301, 2), showNumber(-0.001)],
		['30', '100', '3.5', '0.3', '0']
	);
	fc.assert(
		fc.property(fc.integer({ min: 1, max: 3000 }), (sixteenths) => {
			const length = (sixteenths * 25.4) / 16;
			assert.ok(Math.abs(Number(mm(showLength(length, 'in').text, 'in')) - length) < 1e-5);
		})
	);
});

test('a length too small to be kept is no size: it is refused, not read as nothing', () => {
	for (const tiny of [5e-324, 1e-9, '0.0000001 mm', '0.00000001 in']) {
		assert.equal(readLength(tiny, 'mm').ok, false, String(tiny));
		assert.deepEqual(readLength(tiny, 'mm', true), { ok: true, mm: 0 }, String(tiny));
	}
	assert.deepEqual(readLength(0.001, 'mm'), { ok: true, mm: 0.001 });
});
