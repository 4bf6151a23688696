import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { SIDES, type Sides } from '../../geometry/shapes.ts';
import type { Zone } from '../../job/decide-piece.ts';
import { has, fixed, planSingle, workedJob } from '../../../tests/jobs.ts';
import { liesInside, liesOutside } from './shape.ts';
import type { SolveInput } from './sides-asked.ts';
import { solveWindow } from './solve.ts';
import { runs } from '../../../tests/thorough.ts';

const near = (value: number, wanted: number, within = 1e-6) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

const input = (zones: Omit<Zone, 'id'>[], changes: Partial<SolveInput> = {}): SolveInput => ({
	usable: { left: 0, top: 0, width: 26, height: 22 },
	least: { top: 2, right: 2, bottom: 3, left: 2 },
	zones: zones.map((zone, index) => ({ ...zone, id: `zone ${index}` })),
	showMargin: 2,
	hideMargin: 1,
	step: 1,
	...changes
});

/** What the window shows, in the sheet's measures. */
const seen = ({ usable }: SolveInput, overlap: Sides) => ({
	left: usable.left + overlap.left,
	top: usable.top + overlap.top,
	width: usable.width - overlap.left - overlap.right,
	height: usable.height - overlap.top - overlap.bottom
});

/** Every zone is as it is asked, and the overlap is the least or more. */
function satisfies(asked: SolveInput, overlap: Sides, zones = asked.zones): boolean {
	const window = seen(asked, overlap);
	return (
		SIDES.every((side) => overlap[side] >= asked.least[side] - 1e-6) &&
		window.width > 0 &&
		window.height > 0 &&
		zones.every((zone) =>
			zone.kind === 'show'
				? liesInside(zone, window, 'rectangle', asked.showMargin)
				: zone.kind === 'keep-off' || liesOutside(zone, window, 'rectangle', asked.hideMargin)
		)
	);
}

/** The largest area of all windows whose sides lie on a grid of 1 mm; 0 when none satisfies the zones. */
function bruteForce(asked: SolveInput): number {
	const { width, height } = asked.usable;
	let best = 0;
	for (let left = asked.least.left; left < width; left += 1) {
		for (let right = asked.least.right; left + right < width; right += 1) {
			for (let top = asked.least.top; top < height; top += 1) {
				// Downward from the largest: the first that satisfies is the best of this column.
				const most = (width - left - right) * (height - top - asked.least.bottom);
				if (most <= best) break;
				for (let bottom = asked.least.bottom; top + bottom < height; bottom += 1) {
					const area = (width - left - right) * (height - top - bottom);
					if (area <= best) break;
					if (satisfies(asked, { top, right, bottom, left })) best = area;
				}
			}
		}
	}
	return best;
}

const whole = (least: number, most: number) => fc.integer({ min: least, max: most });
const anyZone = fc.record({
	kind: fc.constantFrom('show' as const, 'hide' as const, 'hide' as const),
	left: whole(0, 24),
	top: whole(0, 20),
	width: whole(1, 7),
	height: whole(1, 6)
});

test('property: whenever any window satisfies every zone, the solved one does, and none on a 1 mm grid is larger', () => {
	fc.assert(
		fc.property(fc.array(anyZone, { maxLength: 4 }), (zones) => {
			const asked = input(zones);
			const best = bruteForce(asked);
			const solved = solveWindow(asked);
			if (best === 0) return assert.ok(solved === null || solved.giveUp.length > 0, 'a window where there is none');
			assert.ok(solved && solved.giveUp.length === 0, 'no window where there is one');
			assert.ok(satisfies(asked, solved.overlap), JSON.stringify(solved.overlap));
			const window = seen(asked, solved.overlap);
			near(window.width * window.height, best, 1e-6);
		}),
		{ numRuns: runs(40) }
	);
});

test('property: the cut-down opening still satisfies every zone, at any step and place', () => {
	const tenth = (least: number, most: number) => whole(least * 10, most * 10).map((value) => value / 10);
	const zone = fc.record({
		kind: fc.constantFrom('show' as const, 'hide' as const),
		left: tenth(0, 180),
		top: tenth(0, 180),
		width: tenth(1, 40),
		height: tenth(1, 40)
	});
	fc.assert(
		fc.property(fc.array(zone, { maxLength: 5 }), tenth(150, 220), tenth(150, 220), (zones, width, height) => {
			const asked = input(zones, { usable: { left: 1.3, top: 0.7, width, height }, step: 25.4 / 16 });
			const solved = solveWindow(asked);
			if (!solved || solved.giveUp.length > 0) return;
			assert.ok(satisfies(asked, solved.overlap), JSON.stringify(solved));
			const window = seen(asked, solved.overlap);
			for (const length of [window.width, window.height]) near(length / asked.step, Math.round(length / asked.step), 1e-6);
		}),
		{ numRuns: runs(200) }
	);
});

test('where nothing satisfies all, the fewest are given up, and what is left is satisfied', () => {
	fc.assert(
		fc.property(fc.array(anyZone, { minLength: 2, maxLength: 5 }), (zones) => {
			const asked = input(zones);
			const solved = solveWindow(asked);
			if (!solved || solved.giveUp.length === 0) return;
			const [taken] = solved.giveUp as [number[], ...number[][]];
			assert.ok(solved.giveUp.every((set) => set.length === taken.length));
			assert.ok(
				satisfies(
					asked,
					solved.overlap,
					asked.zones.filter((_, index) => !taken.includes(index))
				)
			);
			// With one fewer given up there is no window: each smaller set fails.
			if (taken.length === 1) assert.equal(bruteForce(asked), 0);
		}),
		{ numRuns: Math.max(10, runs(30)) }
	);
});

test('a tie goes to the more central window, then to the left side, the right, the top, the bottom', () => {
	// A spot in the very middle: clearing it by any side leaves half; the wider axis keeps more.
	const least = { top: 3, right: 3, bottom: 3, left: 3 };
	const middle = { kind: 'hide' as const, left: 29, top: 24, width: 2, height: 2 };
	const solved = solveWindow(input([middle], { least, usable: { left: 0, top: 0, width: 60, height: 50 } }))!;
	assert.deepEqual(solved.by, { top: null, right: null, bottom: null, left: 0 });
	const square = solveWindow(input([{ ...middle, top: 29 }], { least, usable: { left: 0, top: 0, width: 60, height: 60 } }))!;
	assert.equal(square.by.left, 0, 'left before right, top and bottom');
});

test('of two windows alike the more central one, where it is not the first of them', () => {
	const usable = { left: 0, top: 0, width: 60, height: 50 };
	// Cleared by the left it is 33 and 2, by the right 4 and 31: as wide, and nearer to the middle.
	const across = input([{ kind: 'hide', left: 30, top: 0, width: 2, height: 50 }], {
		usable,
		least: { top: 3, right: 2, bottom: 3, left: 4 }
	});
	assert.deepEqual(solveWindow(across)!.by, { top: null, right: 0, bottom: null, left: null });
	const down = input([{ kind: 'hide', left: 0, top: 25, width: 60, height: 2 }], {
		usable,
		least: { top: 4, right: 3, bottom: 2, left: 3 }
	});
	assert.deepEqual(solveWindow(down)!.by, { top: null, right: null, bottom: 0, left: null });
});

test('the minimum overlap of the sheet’s movement bounds it, and a reverse bevel the board’s thickness more', () => {
	const made = planSingle(workedJob({ window: { overlap: 'solve' } }));
	near(made.window!.solved!.bottom, 3.89275, 1e-4);
	assert.deepEqual([made.window!.solved!.left, made.window!.solved!.right, made.window!.solved!.top], [3, 3, 3]);
	const reverse = planSingle(workedJob({ window: { overlap: 'solve' }, mats: [{ board: 'cotton-4', bevel: 'reverse' }] }));
	near(reverse.window!.solved!.left, 4.5);
	assert.ok(!has(reverse, 'window.overlap-thin') && !has(made, 'window.overlap-thin'));
});

test('a name that must show lies under a stain that must not: each can be given up with one press', () => {
	const zones = [
		{ id: 'name', kind: 'show' as const, left: 180, top: 250, width: 60, height: 20 },
		{ id: 'stain', kind: 'hide' as const, left: 200, top: 255, width: 20, height: 8 }
	];
	const file = workedJob({
		piece: { readings: { width: 402, height: 551 }, zones },
		window: { overlap: 'solve' },
		frame: { moulding: 'oak-30' }
	});
	const before = planSingle(file);
	const sets = before.window!.giveUp!.map((set) => set.join());
	assert.deepEqual(sets.sort(), ['name', 'stain']);
	const rule = has(before, 'window.zone-covered') ? 'window.zone-covered' : 'window.zone-exposed';
	const finding = before.findings.find((one) => one.rule === rule)!;
	// So wide an overlap wants wider borders too: the sheet would reach past its boards.
	assert.deepEqual(finding.remedies.map(({ label }) => label.split(', and ')[0]).sort(), ['Drop “name”', 'Drop “stain”']);
	const { plan: after } = fixed(file, rule);
	assert.ok(!has(after, 'window.zone-covered') && !has(after, 'window.zone-exposed'));
	assert.equal(after.window!.giveUp, undefined);
});

test('property: no set smaller than those named can be given up, and a window is left without each of them', () => {
	const fewest = (asked: SolveInput): number => {
		const count = asked.zones.length;
		const sizes = Array.from({ length: 1 << count }, (_, mask) => mask).filter((mask) => {
			const zones = asked.zones.filter((_, index) => (mask & (1 << index)) === 0);
			return solveWindow({ ...asked, zones })?.giveUp.length === 0;
		});
		return Math.min(...sizes.map((mask) => mask.toString(2).replaceAll('0', '').length));
	};
	fc.assert(
		fc.property(fc.array(anyZone, { minLength: 3, maxLength: 6 }), (zones) => {
			const asked = input(zones);
			const solved = solveWindow(asked);
			if (!solved) return assert.equal(fewest(asked), Infinity);
			const least = fewest(asked);
			for (const set of solved.giveUp) {
				assert.equal(set.length, least, JSON.stringify(solved.giveUp));
				const left = solveWindow({ ...asked, zones: asked.zones.filter((_, index) => !set.includes(index)) });
				assert.deepEqual(left?.giveUp, []);
			}
			assert.equal(new Set(solved.giveUp.map(String)).size, solved.giveUp.length);
		}),
		{ numRuns: runs(200) }
	);
});

test('a hundred zones against each other: an answer, and each zone once', () => {
	const zones = Array.from({ length: 100 }, (_, index) => ({
		kind: index % 2 === 0 ? ('show' as const) : ('hide' as const),
		left: (index * 37) % 380,
		top: (index * 91) % 520,
		width: 4 + (index % 7),
		height: 4 + (index % 5)
	}));
	const asked = input(zones, { usable: { left: 0, top: 0, width: 402, height: 551 } });
	const solved = solveWindow(asked)!;
	const [taken] = solved.giveUp as [number[]];
	assert.ok(taken.length > 0 && new Set(taken).size === taken.length);
	assert.ok(
		satisfies(
			asked,
			solved.overlap,
			asked.zones.filter((_, index) => !taken.includes(index))
		)
	);
});

test('zones and limits count from the sheet’s bounding box, overlaps from where it can be used', () => {
	const usable = { left: 10, top: 20, width: 100, height: 80 };
	const along = (zone: Omit<Zone, 'id'>, show?: Omit<Zone, 'id'>) =>
		solveWindow(input([zone, ...(show ? [show] : [])], { usable }))!;
	// Each strip reaches over the whole sheet, so that one side alone can clear it.
	const strip = { top: { left: 0, top: 20, width: 200, height: 5 }, left: { left: 10, top: 0, width: 7, height: 200 } };
	assert.equal(along({ kind: 'hide', ...strip.top }).sides.top, 6, '5 and 1 mm');
	assert.equal(along({ kind: 'hide', ...strip.left }).sides.left, 8);
	assert.equal(along({ kind: 'hide', left: 0, top: 96, width: 200, height: 4 }).sides.bottom, 5);
	assert.equal(along({ kind: 'hide', left: 104, top: 0, width: 6, height: 200 }).sides.right, 7);
	// What must show 2 mm inside lets each side come so far and no farther.
	const shown = (zone: { left: number; top: number }, hide: Omit<Zone, 'id' | 'kind'>) =>
		along({ kind: 'hide', ...hide }, { kind: 'show', width: 4, height: 4, ...zone }).giveUp.length;
	assert.deepEqual([shown({ left: 50, top: 28 }, strip.top), shown({ left: 50, top: 27.9 }, strip.top)], [0, 2]);
	assert.deepEqual([shown({ left: 20, top: 50 }, strip.left), shown({ left: 19.9, top: 50 }, strip.left)], [0, 2]);
});

test('what rounding takes goes to the side that may have it, and where neither may there is no such window', () => {
	// 30.4 less 2 and 2 is 26.4, cut down to 26: 0.4 are left over.
	const between = (left: number, right: number) =>
		solveWindow(
			input(
				[
					{ kind: 'show', left: 4 + left, top: 8, width: 2, height: 2 },
					{ kind: 'show', left: 30.4 - 4 - right - 2, top: 8, width: 2, height: 2 }
				],
				{ usable: { left: 0, top: 0, width: 30.4, height: 22 } }
			)
		)!;
	const overlaps = (left: number, right: number) =>
		[between(left, right).overlap.left, between(left, right).overlap.right].map((mm) => Math.round(mm * 100) / 100);
	assert.deepEqual(overlaps(5, 5), [2.2, 2.2]);
	assert.deepEqual(overlaps(0.1, 5), [2.1, 2.3]);
	assert.deepEqual(overlaps(5, 0.1), [2.3, 2.1]);
	assert.deepEqual(overlaps(0.1, 0.3), [2.1, 2.3]);
	assert.deepEqual([between(0.1, 0.3).giveUp, between(0.1, 0.2).giveUp.length > 0], [[], true]);
});

test('a window narrower than a step is none', () => {
	const wide = (width: number) => solveWindow(input([], { usable: { left: 0, top: 0, width, height: 22 } }));
	assert.equal(wide(4.9), null);
	assert.equal(wide(4), null);
	assert.ok(wide(5));
	const high = (height: number) => solveWindow(input([], { usable: { left: 0, top: 0, width: 26, height } }));
	assert.ok(high(5.9) === null && high(6));
});
