import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { runs } from '../../../tests/thorough.ts';
import { framedPack, readingsOf, pushed, type FramedPack } from '../../../tests/framed-pack.ts';
import { bladePlaces, centred, centringSays, READING_PLACES, type CentringAsked, type Readings } from './centring.ts';

const near = (value: number, wanted: number, within = 0.005): void =>
	assert.ok(Math.abs(value - wanted) <= within, `${value}, wanted ${wanted}`);

const worked: CentringAsked = {
	targets: { top: 65.5, right: 65.5, bottom: 75.5, left: 65.5 },
	readings: { tl: 65.54, tr: 66.26, bl: 75.46, br: 74.74, lt: 65.51, lb: 64.49, rt: 65.49, rb: 66.51 },
	spans: { width: 360, height: 510 },
	pack: { width: 542, height: 701 },
	allowance: { width: 3, height: 3 }
};

test('the worked turn: 0.002 clockwise, 0.4 to the right and 0.5 up', () => {
	const readings: Readings = { tl: 60, tr: 61, bl: 60, br: 59, lt: 60, lb: 59.2, rt: 60, rb: 60.8 };
	const one = centred({
		targets: { top: 60, right: 60, bottom: 60, left: 60 },
		readings,
		spans: { width: 500, height: 400 },
		allowance: { width: 3, height: 3 }
	});
	near(one.turn, -0.002, 1e-9);
	near(one.right, 0.4, 1e-9);
	near(one.down, -0.5, 1e-9);
	for (const place of READING_PLACES) near(one.residual[place], 0, 1e-9);
});

test('the worked pack: push, turn and play, in words from the front and from the back', () => {
	const one = centred(worked);
	near(one.right, 0.5);
	near(one.down, -0.4);
	near(one.turn, -0.002, 1e-6);
	near(one.play.needed.width, 1.2);
	near(one.play.needed.height, 0.94);
	assert.deepEqual([one.fits, one.do, one.play.has], [true, 'push', { width: 3, height: 3 }]);
	assert.equal(one.says, 'Push right 0.5, up 0.4, then turn it anticlockwise, the bottom 0.7 to the right.');
	assert.equal(
		centringSays(one, { width: 542, height: 701 }, 'mm', 'back'),
		'Push left 0.5, up 0.4, then turn it clockwise, the bottom 0.7 to the left.'
	);
});

test('the blade goes where the pack moves away from, at the end that moves more', () => {
	assert.deepEqual(
		bladePlaces(centred(worked), { width: 542, height: 701 }).map(({ side, end, mm }) => [side, end, mm.toFixed(2)]),
		[
			['left', 'bottom', '1.20'],
			['bottom', 'right', '0.94']
		]
	);
	assert.deepEqual(bladePlaces({ right: 0, down: 0, turn: 0 }, { width: 500, height: 500 }), []);
	assert.deepEqual(bladePlaces({ right: -1, down: 0, turn: 0 }, { width: 500, height: 500 }), [
		{ side: 'right', end: 'bottom', mm: 1 }
	]);
});

test('the play: half of it surely goes, all of it only from the far side, more than that is trimmed', () => {
	const shifted = (by: number): CentringAsked => ({
		...worked,
		readings: { ...level, lt: 65.5 - by, lb: 65.5 - by, rt: 65.5 + by, rb: 65.5 + by }
	});
	const level: Readings = { tl: 65.5, tr: 65.5, bl: 75.5, br: 75.5, lt: 65.5, lb: 65.5, rt: 65.5, rb: 65.5 };
	assert.equal(centred({ ...worked, readings: level }).says, 'Centred: leave it.');
	assert.equal(centred(shifted(1.5)).says, 'Push right 1.5.');
	assert.equal(centred(shifted(1.6)).says, 'Push right 1.6. It works only if the pack is hard against the far side: try.');
	const beyond = centred(shifted(3.1));
	assert.deepEqual([beyond.fits, beyond.do], [false, 'trim']);
	assert.match(beyond.says, /needs 3\.1 of play across and the frame has 3: trim the pack, or recut the window\.$/);
});

test('a window that is itself out of true is recut, not pushed; what no window can give is named', () => {
	const bent = centred({ ...worked, readings: { ...worked.readings, rb: worked.readings.rb + 1.2 } });
	assert.equal(bent.do, 'recut');
	assert.match(
		bent.says,
		/^The window itself is out of square: 0\.9 remains along the right however the pack sits\. Recut it, do not push\.$/
	);
	const misread = centred({ ...worked, readings: { ...worked.readings, rb: 86.5 } });
	assert.equal(misread.do, 'recut');
	assert.match(
		misread.says,
		/^The two measurements of the right differ by .* no window is cut so far out\. Measure both ends of the right again\.$/
	);
	// Just at the limit it is pushed.
	const limit = centred({
		...worked,
		readings: { tl: 65.5, tr: 66, bl: 75.5, br: 75.5, lt: 65.5, lb: 65.5, rt: 65.5, rb: 65.5 }
	});
	assert.equal(limit.do, 'push');
});

test('property: after one instruction, carried out to the tenth that is said, every reading is within 0.3 of its target', () => {
	fc.assert(
		fc.property(framedPack, (of) => {
			const asked = askedOf(of);
			const one = centred(asked);
			if (one.do !== 'push') {
				assert.equal(one.do, 'trim', one.says);
				assert.match(one.says, /trim the pack/);
				return;
			}
			const after = readingsOf(pushed(of, tenth(one.right), tenth(one.down), byItsFoot(one.turn, of)), asked.spans);
			for (const [place, target] of TARGETS)
				assert.ok(Math.abs(after[place] - asked.targets[target]) <= 0.3, `${place}: ${after[place]}; ${one.says}`);
			const again = centred({ ...asked, readings: after });
			assert.ok(Math.abs(again.right) < 0.1 && Math.abs(again.down) < 0.1);
		}),
		{ numRuns: runs(1000) }
	);
});

test('property: what lies beyond the play says so', () => {
	fc.assert(
		fc.property(framedPack, fc.double({ min: 0.05, max: 4, noNaN: true }), (of, more) => {
			const asked = askedOf({ ...of, right: of.allowance.width + more, turn: 0 });
			const one = centred(asked);
			assert.deepEqual([one.fits, one.do], [false, 'trim'], one.says);
		}),
		{ numRuns: runs(200) }
	);
});

const TARGETS = [
	['tl', 'top'],
	['tr', 'top'],
	['bl', 'bottom'],
	['br', 'bottom'],
	['lt', 'left'],
	['lb', 'left'],
	['rt', 'right'],
	['rb', 'right']
] as const;
const tenth = (mm: number): number => (Math.sign(mm) * Math.floor(Math.abs(mm) * 10 + 0.5)) / 10;
/** The turn as it is said: by how far the end goes, in tenths. */
const byItsFoot = (turn: number, { pack }: FramedPack): number => {
	const arm = Math.max(pack.width, pack.height) / 2;
	return tenth(turn * arm) / arm;
};

function askedOf(of: FramedPack): CentringAsked {
	const spans = { width: of.opening.width - 40, height: of.opening.height - 40 };
	return { targets: of.targets, readings: readingsOf(of, spans), spans, pack: of.pack, allowance: of.allowance };
}
