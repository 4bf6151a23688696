import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { crosses, perspectiveBetween, seen, takeStraight } from './perspective.ts';

const near = (value: number, wanted: number, within = 1e-6) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

const sheet = [
	{ x: 0, y: 0 },
	{ x: 400, y: 0 },
	{ x: 402, y: 551 },
	{ x: 2, y: 550 }
];

/** Corners of a sheet seen a little from the side: never crossed. */
const anyCorners = fc.array(fc.integer({ min: -80, max: 80 }), { minLength: 8, maxLength: 8 }).map((off) => [
	{ x: 200 + off[0]!, y: 200 + off[1]! },
	{ x: 900 + off[2]!, y: 200 + off[3]! },
	{ x: 900 + off[4]!, y: 1100 + off[5]! },
	{ x: 200 + off[6]!, y: 1100 + off[7]! }
]);

test('property: each corner comes out on its partner, and the way back is the way there', () => {
	fc.assert(
		fc.property(anyCorners, fc.integer({ min: 0, max: 400 }), fc.integer({ min: 0, max: 550 }), (corners, x, y) => {
			const there = perspectiveBetween(sheet, corners)!;
			const back = perspectiveBetween(corners, sheet)!;
			for (const [index, corner] of sheet.entries()) {
				near(seen(there, corner).x, corners[index]!.x, 1e-6);
				near(seen(there, corner).y, corners[index]!.y, 1e-6);
			}
			const again = seen(back, seen(there, { x, y }));
			near(again.x, x, 1e-5);
			near(again.y, y, 1e-5);
		}),
		{ numRuns: 300 }
	);
});

test('property: straight lines stay straight', () => {
	fc.assert(
		fc.property(anyCorners, (corners) => {
			const there = perspectiveBetween(sheet, corners)!;
			const [a, b, c] = [0, 0.4, 1].map((share) => seen(there, { x: 30 + 300 * share, y: 80 + 400 * share })) as [
				{ x: number; y: number },
				{ x: number; y: number },
				{ x: number; y: number }
			];
			near((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x), 0, 1e-3);
		})
	);
});

test('corners that cross, or lie on a line, are no sheet', () => {
	const [one, two, three, four] = sheet as [(typeof sheet)[0], (typeof sheet)[0], (typeof sheet)[0], (typeof sheet)[0]];
	assert.equal(crosses(sheet), false);
	assert.equal(crosses([two, one, three, four]), true);
	assert.equal(crosses([one, two, { x: 800, y: 0 }, four]), true);
	assert.equal(perspectiveBetween(sheet, [two, one, three, four]), null);
});

test('a photograph of four fields taken straight: each field where it was, what lies beyond is white', () => {
	const [width, height] = [80, 60];
	const photograph = { data: new Uint8ClampedArray(width * height * 4), width, height };
	for (let y = 0; y < height; y += 1)
		for (let x = 0; x < width; x += 1) photograph.data.set([x < 40 ? 200 : 20, y < 30 ? 200 : 20, 50, 255], (y * width + x) * 4);
	const picture = { data: new Uint8ClampedArray(40 * 30 * 4), width: 40, height: 30 };
	const whole = [
		{ x: 0, y: 0 },
		{ x: 40, y: 0 },
		{ x: 40, y: 30 },
		{ x: 0, y: 30 }
	];
	const twice = whole.map(({ x, y }) => ({ x: x * 2, y: y * 2 }));
	takeStraight(photograph, picture, perspectiveBetween(whole, twice)!, [0, 30]);
	const at = (x: number, y: number) => [...picture.data.subarray((y * 40 + x) * 4, (y * 40 + x) * 4 + 3)];
	assert.deepEqual(
		[at(5, 5), at(35, 5), at(5, 25), at(35, 25)],
		[
			[200, 200, 50],
			[20, 200, 50],
			[200, 20, 50],
			[20, 20, 50]
		]
	);
	const beyond = whole.map(({ x, y }) => ({ x: x * 2 + 60, y: y * 2 }));
	takeStraight(photograph, picture, perspectiveBetween(whole, beyond)!, [0, 30]);
	assert.deepEqual(at(35, 5), [255, 255, 255]);
});
