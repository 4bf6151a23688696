import assert from 'node:assert/strict';
import { test } from 'node:test';
import { LoggerError, LoggerReader, readTime } from './logger.ts';
import { encodingOf, linesOf } from './logger-text.ts';

test('encodings: by the mark, by the zeros of plain letters, else UTF-8', () => {
	const utf16 = (text: string) => new Uint8Array([...text].flatMap((letter) => [letter.charCodeAt(0), 0]));
	assert.equal(encodingOf(new Uint8Array([0xff, 0xfe, 0x74, 0])), 'utf-16le');
	assert.equal(encodingOf(new Uint8Array([0xfe, 0xff, 0, 0x74])), 'utf-16be');
	assert.equal(encodingOf(utf16('time')), 'utf-16le');
	assert.equal(encodingOf(new Uint8Array([0, 0x74, 0, 0x69])), 'utf-16be');
	assert.equal(encodingOf(new TextEncoder().encode('time')), 'utf-8');
	assert.equal(encodingOf(new Uint8Array()), 'utf-8');
});

test('lines: empty ones are left out; one that never ends, and a quote that is not closed, are no table', () => {
	assert.equal(linesOf('time,rh\r\n\n\n2025-01-01,50\n'), 'time,rh\r\n2025-01-01,50');
	assert.throws(() => linesOf('a,b\n"c'), /Line 2 has a quotation mark that is not closed/);
	assert.throws(() => linesOf(`a\n${'x'.repeat(3000)}`), /Line 2 is 3000 letters long/);
	assert.equal(linesOf('"a, b",c\n'), '"a, b",c');
});

test('a day that is none is no time, and a temperature that no room has is another column', () => {
	assert.ok(Number.isNaN(readTime('2025-02-30 10:00', true)));
	assert.ok(Number.isNaN(readTime('31/04/2025 10:00', true)));
	assert.ok(!Number.isNaN(readTime('2024-02-29 10:00', true)));
	const reader = new LoggerReader(
		{ time: 0, clock: null, rh: 1, celsius: 2, fahrenheit: false, comma: false, dayFirst: true },
		1
	);
	assert.throws(() => reader.take(['2025-01-01 10:00', '50', '140']), LoggerError);
});
