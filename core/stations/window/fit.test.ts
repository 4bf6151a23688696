import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { PACK_SIZES, readPackSizes, WRITTEN_SIZES } from '../../shop/pack-sizes.ts';
import { builtInShop, withPackSizes } from '../../shop/shop.ts';
import { plan } from '../../plan.ts';
import { workedJob } from '../../../tests/jobs.ts';
import { smallestAround, turnedEachWay, wholeInches } from './fit.ts';

test('the list default: inches, centimetres and A-sizes, each once', () => {
	assert.equal(PACK_SIZES.length, WRITTEN_SIZES.length);
	const sizeOf = (name: string) => PACK_SIZES.find((one) => one.name === name)!;
	assert.ok(Math.abs(sizeOf('16 × 20 in').width - 406.4) < 1e-9);
	assert.deepEqual([sizeOf('50 × 70 cm').width, sizeOf('50 × 70 cm').height], [500, 700]);
	assert.deepEqual([sizeOf('A3').width, sizeOf('A3').height], [297, 420]);
	assert.equal(new Set(PACK_SIZES.map(({ name }) => name)).size, PACK_SIZES.length);
});

test('property: whatever is sent as a list is read, or refused with a path into it', () => {
	const item = fc.oneof(
		fc.record({
			name: fc.string({ maxLength: 45 }),
			width: fc.oneof(fc.double(), fc.string()),
			height: fc.oneof(fc.integer(), fc.string())
		}),
		fc.jsonValue({ maxDepth: 2 })
	);
	fc.assert(
		fc.property(fc.oneof(fc.array(item, { maxLength: 6 }), fc.jsonValue()), (list) => {
			const read = readPackSizes(list);
			if (read.ok) return assert.ok(read.sizes.every(({ name, width, height }) => name !== '' && width > 0 && height > 0));
			assert.ok(
				read.faults.every(({ path, says }) => path.startsWith('packSizes') && /[.\])]$/.test(says)),
				JSON.stringify(read.faults)
			);
		}),
		{ numRuns: 300 }
	);
});

test('each size upright and turned, a square one once, what is as large as another not again', () => {
	const turned = turnedEachWay([
		{ name: 'tall', width: 400, height: 500 },
		{ name: 'square', width: 300, height: 300 },
		{ name: 'wide', width: 500, height: 400 }
	]);
	assert.deepEqual(
		turned.map(({ name }) => name),
		['tall', 'tall, turned', 'square']
	);
});

test('property: the smallest size round a pack holds it, and no smaller one does', () => {
	fc.assert(
		fc.property(fc.integer({ min: 50, max: 1100 }), fc.integer({ min: 50, max: 1100 }), (width, height) => {
			const holding = turnedEachWay(PACK_SIZES).filter(({ pack }) => pack.width >= width && pack.height >= height);
			const found = smallestAround(PACK_SIZES, { width, height });
			if (holding.length === 0) return assert.equal(found, null);
			assert.equal(found!.width * found!.height, Math.min(...holding.map(({ pack }) => pack.width * pack.height)));
			for (const section of wholeInches({ width, height })) {
				assert.ok(section.width >= width - 1e-6 && section.height >= height - 1e-6);
				assert.ok(Math.abs(section.width / 25.4 - Math.round(section.width / 25.4)) < 1e-9);
			}
		})
	);
});

test('the shop’s own list decides what is offered; without one that is large enough nothing is', () => {
	const file = workedJob({ borders: { way: 'fit', pack: { width: 400, height: 540 }, weight: 0 } });
	const offered = (packSizes: typeof PACK_SIZES) =>
		plan(file, withPackSizes(builtInShop, packSizes))
			.findings.find(({ rule }) => rule === 'window.frame-too-small')!
			.remedies.map(({ label }) => label);
	assert.deepEqual(offered([{ name: 'Loft', width: 600, height: 440 }]), ['Pack Loft, turned']);
	assert.deepEqual(offered([{ name: 'Small', width: 300, height: 400 }]), []);
});

test('a pack as large as a size of the list goes into it, turned too', () => {
	assert.deepEqual(smallestAround(PACK_SIZES, { width: 210, height: 297 }), { width: 210, height: 297 });
	assert.deepEqual(smallestAround(PACK_SIZES, { width: 297, height: 210 }), { width: 297, height: 210 });
	assert.notDeepEqual(smallestAround(PACK_SIZES, { width: 210.5, height: 297 }), { width: 210, height: 297 });
	assert.notDeepEqual(smallestAround(PACK_SIZES, { width: 210, height: 297.5 }), { width: 210, height: 297 });
});

test('whole inches: the next up, and one more on each side', () => {
	const sizes = wholeInches({ width: 508, height: 254.1 }).map(({ width, height }) =>
		[width / 25.4, height / 25.4].map(Math.round)
	);
	assert.deepEqual(sizes, [
		[20, 11],
		[21, 11],
		[20, 12],
		[21, 12]
	]);
});
