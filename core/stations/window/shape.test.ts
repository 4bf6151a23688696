import type { WindowShape } from '../../job/kinds.ts';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { planSingle, workedJob } from '../../../tests/jobs.ts';
import { areaOf, liesInside, liesOutside, outlineOf, roomFor, spanAcross, spanDown } from './shape.ts';

const near = (value: number, wanted: number, within = 1e-6) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

const SHAPES: WindowShape[] = ['rectangle', 'oval', 'circle', 'arch'];
const window = { left: 10, top: 20, width: 200, height: 300 };

/** Whether a point lies in the window, by its definition. */
function holds(shape: WindowShape, x: number, y: number): boolean {
	const { left, top, width, height } = window;
	if (shape === 'rectangle') return x >= left && x <= left + width && y >= top && y <= top + height;
	const [a, b] = [width / 2, shape === 'arch' ? width / 2 : height / 2];
	const centre = { x: left + a, y: shape === 'arch' ? top + a : top + b };
	const inEllipse = ((x - centre.x) / a) ** 2 + ((y - centre.y) / b) ** 2 <= 1;
	if (shape !== 'arch') return inEllipse;
	return y >= centre.y ? x >= left && x <= left + width && y <= top + height : inEllipse;
}

const anyRect = fc.record({
	left: fc.integer({ min: -40, max: 240 }),
	top: fc.integer({ min: -40, max: 350 }),
	width: fc.integer({ min: 2, max: 120 }),
	height: fc.integer({ min: 2, max: 120 })
});

test('property: inside is where every point lies in the window, outside where none does', () => {
	for (const shape of SHAPES) {
		fc.assert(
			fc.property(anyRect, (zone) => {
				const points: [number, number][] = [];
				for (let across = 0; across <= 12; across += 1)
					for (let down = 0; down <= 12; down += 1)
						points.push([zone.left + (zone.width * across) / 12, zone.top + (zone.height * down) / 12]);
				const held = points.filter(([x, y]) => holds(shape, x, y)).length;
				if (liesInside(zone, window, shape, 0)) assert.equal(held, points.length, `${shape} inside`);
				else
					assert.ok(
						held < points.length || Math.min(...Object.values(roomFor(zone, window, shape))) > -1e-6,
						`${shape} not inside`
					);
				if (liesOutside(zone, window, shape, 0.01)) assert.equal(held, 0, `${shape} outside`);
				// A sampled point within half a millimetre of the edge may go either way.
				else if (held === 0)
					assert.ok(
						!liesOutside(
							{ ...zone, left: zone.left - 6, top: zone.top - 6, width: zone.width + 12, height: zone.height + 12 },
							window,
							shape,
							0
						)
					);
			}),
			{ numRuns: 150 }
		);
	}
});

test('property: moved by its room a zone still lies inside, by more it does not', () => {
	for (const shape of SHAPES) {
		fc.assert(
			fc.property(anyRect, (zone) => {
				if (!liesInside(zone, window, shape, 0)) return;
				const room = roomFor(zone, window, shape);
				assert.ok(liesInside({ ...zone, left: zone.left + room.right }, window, shape, 0), shape);
				assert.ok(!liesInside({ ...zone, left: zone.left + room.right + 0.01 }, window, shape, 0), shape);
				assert.ok(liesInside({ ...zone, top: zone.top - room.top }, window, shape, 0), shape);
				assert.ok(!liesInside({ ...zone, top: zone.top - room.top - 0.01 }, window, shape, 0), shape);
			}),
			{ numRuns: 120 }
		);
	}
});

test('a drawn outline encloses the area of its shape, to a thousandth', () => {
	for (const shape of SHAPES) {
		const ring = outlineOf(shape, window);
		const area = Math.abs(
			ring.reduce((sum, point, index) => {
				const next = ring[(index + 1) % ring.length]!;
				return sum + (point.x * next.y - next.x * point.y) / 2;
			}, 0)
		);
		near(area / areaOf(shape, window), 1, 1e-3);
		near(Math.max(...ring.map(({ x }) => x)) - Math.min(...ring.map(({ x }) => x)), 200, 1e-9);
		near(Math.max(...ring.map(({ y }) => y)) - Math.min(...ring.map(({ y }) => y)), 300, 1e-9);
	}
});

test('oval and circle: diameters less the overlaps, the cutter’s centre, a mat in front wider on the same centre', () => {
	const mats = [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6 }];
	const oval = planSingle(workedJob({ window: { shape: 'oval', overlap: 6 }, mats })).window!;
	assert.deepEqual(oval.mats[1]!.curve, { centre: { left: 271, top: 345.5 }, diameters: { width: 390, height: 539 } });
	assert.deepEqual(oval.mats[0]!.curve, { centre: { left: 271, top: 345.5 }, diameters: { width: 402, height: 551 } });
	const circle = planSingle(workedJob({ window: { shape: 'circle', overlap: 6 }, mats })).window!;
	assert.deepEqual(circle.opening, { width: 390, height: 390 });
	near(circle.overlap.top, 80.5);
	assert.deepEqual(circle.free, { width: 6, height: 80.5 });
});

test('an arch: radius, spring line, one centre for every mat; too low, or an uneven reveal, is a fault', () => {
	const arch = planSingle(
		workedJob({ window: { shape: 'arch', overlap: 6 }, mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6 }] })
	).window!;
	assert.deepEqual(arch.mats[1]!.curve, { centre: { left: 271, top: 271 }, radius: 195, spring: 271 });
	assert.deepEqual(arch.mats[0]!.curve, { centre: { left: 271, top: 271 }, radius: 201, spring: 271 });
	const wide = { piece: { readings: { width: 500, height: 240 } }, window: { shape: 'arch' as const, overlap: 6 } };
	assert.throws(() => planSingle(workedJob({ ...wide, mats: [{ board: 'cotton-4' }] })), /window\.shape: An arch .* is too low/);
	const uneven = [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: { top: 6, right: 5, bottom: 6, left: 5 } }];
	assert.throws(
		() => planSingle(workedJob({ window: { shape: 'arch', overlap: 6 }, mats: uneven })),
		/mats\[1\]\.reveal: On an arch/
	);
});

test('what must show in an oval: its corners with 2 mm to spare; fixed by less overlap or a rectangle', () => {
	const sheet = (zones: object[], overlap: number, shape: WindowShape) =>
		planSingle(
			workedJob({
				piece: { readings: { width: 402, height: 551 }, zones },
				window: { shape, overlap },
				mats: [{ board: 'cotton-4' }]
			})
		);
	// On the long axis, 4 mm inside the oval's end.
	const atEnd = [{ id: 'mark', kind: 'show', left: 191, top: 510, width: 20, height: 30 }];
	assert.ok(!sheet(atEnd, 6, 'oval').findings.some(({ rule }) => rule === 'window.zone-covered'));
	const inCorner = [{ id: 'mark', kind: 'show', left: 330, top: 480, width: 30, height: 20 }];
	const covered = sheet(inCorner, 6, 'oval').findings.find(({ rule }) => rule === 'window.zone-covered')!;
	assert.deepEqual(
		covered.remedies.map(({ label }) => label),
		['A rectangle instead']
	);
	assert.ok(!sheet(inCorner, 6, 'rectangle').findings.some(({ rule }) => rule === 'window.zone-covered'));
});

test('an arch is open down to its bottom, and from its spring line on as wide as it is', () => {
	// Radius 100, spring line at 120, bottom at 320.
	assert.deepEqual(spanAcross('arch', window, 320), [10, 210]);
	assert.equal(spanAcross('arch', window, 320.1), null);
	assert.deepEqual(spanAcross('arch', window, 120), [10, 210]);
	assert.deepEqual(spanAcross('arch', window, 20), [110, 110]);
	assert.equal(spanAcross('arch', window, 19.9), null);
	assert.deepEqual(spanDown('arch', window, 110), [20, 320]);
	assert.deepEqual(spanDown('oval', window, 110), [20, 320]);
	assert.equal(spanDown('oval', window, 210.1), null);
});

test('a spot beside a curve is outside of it from the curve on', () => {
	// The oval’s half axes are 100 and 150, its middle at 110, 170: at 45° it ends 70.71 and 106.07 from it.
	const spot = (off: number) => ({ left: 110 + 70.72 + off, top: 170 + 106.07 + off, width: 4, height: 4 });
	assert.deepEqual(
		[spot(0), spot(-0.1), spot(10)].map((zone) => liesOutside(zone, window, 'oval', 0)),
		[true, false, true]
	);
	const over = (off: number) => ({ left: 110 - 70.72 - 4 - off, top: 120 - 70.72 - 4 - off, width: 4, height: 4 });
	assert.deepEqual(
		[over(0), over(-0.1), over(5)].map((zone) => liesOutside(zone, window, 'arch', 0)),
		[true, false, true]
	);
});
