/** The limits of the bench to a hair: what is still pushed, what is recut, what is trimmed; what is good and what is off. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Reader } from '../../units/show.ts';
import { bladePlaces, centred, centringSays, spansOf, type CentringAsked, type Readings } from './centring.ts';
import { cutChecked, laidChecked } from './checks.ts';

const MM: Reader = { unit: 'mm', fraction: 16 };
const LEVEL: Readings = { tl: 60, tr: 60, bl: 60, br: 60, lt: 60, lb: 60, rt: 60, rb: 60 };
const asked = (readings: Partial<Readings>, more: Partial<CentringAsked> = {}): CentringAsked => ({
	targets: { top: 60, right: 60, bottom: 60, left: 60 },
	readings: { ...LEVEL, ...readings },
	spans: { width: 400, height: 500 },
	pack: { width: 500, height: 700 },
	allowance: { width: 3, height: 3 },
	...more
});
const by = (right: number, down = 0): Partial<Readings> => ({
	lt: 60 - right,
	lb: 60 - right,
	rt: 60 + right,
	rb: 60 + right,
	tl: 60 - down,
	tr: 60 - down,
	bl: 60 + down,
	br: 60 + down
});

test('reading places lie 40 in; without a pack it is as large as they and 40', () => {
	assert.deepEqual(spansOf({ width: 400, height: 500 }), { width: 360, height: 460 });
	const { pack: _, ...bare } = asked({ tl: 60, tr: 61, bl: 61, br: 60, lt: 61.25, lb: 60, rt: 60, rb: 61.25 });
	const { turn, play } = centred(bare);
	assert.ok(Math.abs(play.needed.width - (Math.abs(turn) * 540) / 2) < 1e-9);
	assert.ok(Math.abs(play.needed.height - (Math.abs(turn) * 440) / 2) < 1e-9);
});

test('targets that differ from side to side are what is aimed at', () => {
	const one = centred(asked({}, { targets: { top: 60, right: 62, bottom: 64, left: 60 } }));
	assert.deepEqual([one.right, one.down], [-1, -2]);
});

test('up to half a millimetre along a side is pushed, more is recut, more than three was misread', () => {
	// One side alone is out by so much when the turn that the four share is taken off: three quarters of it stay.
	const out = (mm: number) => centred(asked({ tl: 60, tr: 60 + mm }));
	const left = (mm: number) => Math.abs(out(mm).residual.tr - out(mm).residual.tl);
	assert.ok(Math.abs(left(0.6) - 0.45) < 1e-9);
	assert.equal(out(0.5 / 0.75).do, 'push');
	assert.equal(out(0.5 / 0.75 + 0.01).do, 'recut');
	assert.match(out(2.9 / 0.75).says, /^The window itself is out of square/);
	assert.match(out(3.05 / 0.75).says, /no window is cut so far out/);
});

test('what the frame leaves: all of it is still a push, on either axis; beyond half of it only from the far side', () => {
	for (const axis of ['width', 'height'] as const) {
		const push = (mm: number) => centred(asked(axis === 'width' ? by(mm) : by(0, mm)));
		assert.deepEqual([push(3).do, push(3).fits], ['push', true], axis);
		assert.deepEqual([push(3.01).do, push(3.01).fits], ['trim', false], axis);
		assert.match(push(3.01).says, axis === 'width' ? /of play across/ : /of play up and down/);
		assert.doesNotMatch(push(1.5).says, /far side/, axis);
		assert.match(push(1.51).says, /far side: try/, axis);
	}
});

test('a twentieth of a millimetre is said, less is nothing', () => {
	assert.equal(centred(asked(by(0.05))).says, 'Push right 0.1.');
	assert.equal(centred(asked(by(0.049))).says, 'Centred: leave it.');
	assert.equal(centred(asked(by(-1, 2))).says.split(' It works')[0], 'Push left 1, down 2.');
	assert.equal(centred(asked(by(1, -1))).says, 'Push right 1, up 1.');
});

test('a pack as wide as high turns by its foot, a wide one by its right end; from the back the other way', () => {
	const facts = { ...centred(asked({})), turn: 0.004 };
	const says = (width: number, height: number, seen: 'front' | 'back' = 'front') =>
		centringSays(facts, { width, height }, MM, seen);
	assert.equal(says(500, 500), 'Turn it clockwise, the bottom 1 to the left.');
	assert.equal(says(500, 499), 'Turn it clockwise, the right end 1 down.');
	assert.equal(says(500, 500, 'back'), 'Turn it anticlockwise, the bottom 1 to the right.');
	assert.equal(
		centringSays({ ...facts, turn: -0.004 }, { width: 500, height: 499 }, MM),
		'Turn it anticlockwise, the right end 1 up.'
	);
});

test('the blade: turn and push together, on the axis each at the end that moves more', () => {
	const places = (right: number, down: number, turn: number) =>
		bladePlaces({ right, down, turn }, { width: 400, height: 600 }).map(({ side, end, mm }) => `${side} ${end} ${mm.toFixed(2)}`);
	assert.deepEqual(places(1, 0, 0.002), ['left top 1.60', 'top right 0.40']);
	assert.deepEqual(places(1, 0, -0.002), ['left bottom 1.60', 'bottom right 0.40']);
	assert.deepEqual(places(0, 1, 0.002), ['right bottom 0.60', 'top right 1.40']);
	assert.deepEqual(places(0, -1, 0.002), ['right bottom 0.60', 'bottom left 1.40']);
	assert.deepEqual(places(0, 0.04, 0), []);
});

test('a part is good to its limit and off beyond it, whichever way', () => {
	const part = { part: 'mat 1', planned: { width: 500, height: 700 }, opening: { width: 300, height: 400 } };
	const good = (measured: object) => cutChecked(part, { width: 500, height: 700, ...measured }, MM).good;
	for (const [key, most] of [
		['width', 1],
		['height', 1]
	] as const) {
		const at = part.planned[key];
		assert.deepEqual([good({ [key]: at + most }), good({ [key]: at - most })], [true, true]);
		assert.deepEqual([good({ [key]: at + most + 0.01 }), good({ [key]: at - most - 0.01 })], [false, false]);
	}
	const opening = (width: number, height: number) => good({ opening: { width, height } });
	assert.deepEqual([opening(300.5, 399.5), opening(300.51, 400), opening(300, 399.49)], [true, false, false]);
	assert.deepEqual([good({ d1: 860, d2: 861 }), good({ d1: 861.01, d2: 860 })], [true, false]);
	assert.deepEqual([good({ d1: 860 }), good({ d2: 860 })], [true, true]);
});

test('a sheet lies right to its tolerance; beyond it, which way it lies off', () => {
	const to = { window: 0, left: 70, top: 80, within: { width: 2, height: 3 } };
	const lies = (left: number, top: number) => laidChecked(to, { left, top }, MM);
	assert.ok(lies(72, 83).good && lies(68, 77).good);
	assert.match(lies(72.1, 80).says, /2\.1 too far right/);
	assert.match(lies(67.9, 80).says, /2\.1 too far left/);
	assert.match(lies(70, 83.1).says, /3\.1 too low/);
	assert.match(lies(70, 76.9).says, /3\.1 too high/);
	assert.ok(laidChecked({ ...to, within: null }, { left: 0, top: 0 }, MM).good, 'it is free');
});
