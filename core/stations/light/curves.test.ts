import assert from 'node:assert/strict';
import { test } from 'node:test';
import { builtInShop } from '../../shop/shop.ts';
import { doseOverLife, lifeFor, rotationsBeside, yearsByGlazing } from './curves.ts';
import { exposureIn } from '../../shop/places.ts';
import { yearsToFade } from './years.ts';

const place = exposureIn('opposite-window');
const acrylic = builtInShop.glazings['uv-acrylic']!;

test('years by glazing: eight classes each, the tougher the longer; nothing in the dark', () => {
	const rows = yearsByGlazing(place, Object.values(builtInShop.glazings));
	assert.equal(rows.length, Object.keys(builtInShop.glazings).length);
	for (const { years, name } of rows) {
		assert.equal(years.length, 8);
		assert.deepEqual(
			years,
			[...years].sort((one, other) => one - other),
			name
		);
	}
	assert.equal(rows.find(({ id }) => id === 'uv-acrylic')!.years[2], yearsToFade(place, 3, acrylic).years);
	assert.deepEqual(yearsByGlazing({ ...place, sources: [{ lux: 0, hoursPerDay: 8, uv: 0 }] }, [acrylic]), []);
});

test('dose over a life: all is spent after the years to a visible fade, half the months take twice as long', () => {
	const [whole, half] = doseOverLife(place, 3, acrylic, [12, 6], 10);
	assert.ok(Math.abs(half!.years - 2 * whole!.years) < 1e-9);
	assert.equal(whole!.spent.length, 11);
	assert.equal(whole!.spent[0], 0);
	assert.ok(Math.abs(whole!.spent[4]! - 4 / whole!.years) < 1e-9);
	assert.deepEqual(doseOverLife({ ...place, sources: [] }, 3, acrylic, [12], 10), []);
});

test('a life in round years, and the rotations that stand beside the one it has', () => {
	assert.deepEqual([lifeFor(0.1), lifeFor(2.2), lifeFor(24), lifeFor(1e6)], [2, 10, 100, 10_000]);
	assert.deepEqual(rotationsBeside(12), [12, 6, 4, 3]);
	assert.deepEqual(rotationsBeside(7), [7, 6, 4, 3]);
	assert.deepEqual(rotationsBeside(6), [12, 6, 4, 3]);
});
