/** What lies in the rack in the very size that is needed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { asItLies } from './as-it-lies.ts';
import type { InStock } from './offer.ts';
import type { PartWanted } from './parts.ts';

const part = (changes: Partial<PartWanted> = {}): PartWanted => ({
	id: 'K-0101 glazing',
	job: 'K-0101',
	name: 'glazing',
	from: 'sheet',
	material: 'uv-acrylic',
	colour: '',
	width: 304.8,
	height: 406.4,
	count: 1,
	turn: true,
	...changes
});
const line = (changes: Partial<InStock> = {}): InStock => ({
	id: 7,
	kind: 'lite',
	material: 'uv-acrylic',
	colour: '',
	width: 304.8,
	height: 406.4,
	free: 1,
	place: 'case',
	lot: '',
	...changes
});
const found = (wanted: PartWanted, ...lines: InStock[]) => asItLies(wanted, lines)?.id ?? null;

test('a lite of the very size, upright or turned where it may be', () => {
	assert.equal(found(part(), line()), 7);
	assert.equal(found(part(), line({ width: 406.4, height: 304.8 })), 7);
	assert.equal(found(part({ turn: false }), line({ width: 406.4, height: 304.8 })), null);
	assert.equal(found(part(), line({ width: 304.9 })), null, 'a tenth more is cut');
	assert.equal(found(part(), line({ height: 406.5 })), null);
	assert.equal(found(part({ turn: true }), line({ width: 406.4, height: 304.9 })), null);
});

test('of its material, of its colour where one is asked for, and enough of them free', () => {
	assert.equal(found(part(), line({ material: 'acrylic' })), null);
	assert.equal(found(part({ colour: 'white' }), line({ colour: 'fog' })), null);
	assert.equal(found(part({ colour: 'white' }), line({ colour: 'fog', id: 6 }), line({ colour: 'white' })), 7);
	assert.equal(found(part(), line({ colour: 'fog' })), 7, 'any colour is one');
	assert.equal(found(part({ count: 2 }), line()), null);
	assert.equal(found(part({ count: 2 }), line({ free: 2 })), 7);
	assert.equal(found(part({ from: 'stick' }), line()), null);
});
