/** Which zones are given up where all cannot be satisfied, beside every set that could be. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Zone } from '../../job/decide-piece.ts';
import { fewestGivenUp } from './give-up.ts';
import type { SolveInput } from './sides-asked.ts';
import { solveWindow } from './solve.ts';
import { runs } from '../../../tests/thorough.ts';

const input = (zones: readonly Omit<Zone, 'id'>[]): SolveInput => ({
	usable: { left: 0, top: 0, width: 97, height: 83 },
	least: { top: 2, right: 3, bottom: 4, left: 2.5 },
	zones: zones.map((zone, index) => ({ ...zone, id: `zone ${index}` })),
	showMargin: 1,
	hideMargin: 1,
	step: 0.5
});

/** A spot that must show and that must be hidden: one of both is given up. */
const contrary = (left: number, top: number, width = 3, height = 2): Omit<Zone, 'id'>[] => [
	{ kind: 'show', left, top, width, height },
	{ kind: 'hide', left, top, width, height }
];

/** Every set of so many of the zones. */
function setsOfSize(size: number, count: number, from = 0): number[][] {
	if (size === 0) return [[]];
	return Array.from({ length: count - from }, (_, skipped) => from + skipped).flatMap((first) =>
		setsOfSize(size - 1, count, first + 1).map((rest) => [first, ...rest])
	);
}

/** Every set of the least size without which there is a window, with its area, that of the largest window first. */
function everySet(asked: SolveInput): { set: number[]; area: number }[] {
	for (let size = 0; size <= asked.zones.length; size += 1) {
		const found = setsOfSize(size, asked.zones.length).flatMap((set) => {
			const left = solveWindow({ ...asked, zones: asked.zones.filter((_, index) => !set.includes(index)) });
			if (!left || left.giveUp.length > 0) return [];
			const { top, right, bottom, left: side } = left.sides;
			const { width, height } = asked.usable;
			return [{ set, area: (width - side - right) * (height - top - bottom) }];
		});
		if (found.length > 0) return found.sort((one, other) => other.area - one.area);
	}
	return [];
}

const setsOf = (every: readonly { set: number[] }[]) => every.map(({ set }) => set);

test('of fourteen sets the eight of the largest windows are named, the largest first', () => {
	const asked = input([...contrary(11, 13), ...contrary(70, 17), ...contrary(23, 61), ...contrary(59, 47)]);
	const every = everySet(asked);
	assert.equal(every.length, 14, 'two of the sixteen leave no window');
	assert.deepEqual(fewestGivenUp(asked, [0, 1, 2, 3, 4, 5, 6, 7]), setsOf(every.slice(0, 8)));
});

test('fewer than eight are all named', () => {
	for (const zones of [
		[...contrary(11, 13), ...contrary(70, 17)],
		[...contrary(41, 33)],
		[...contrary(6, 60), { kind: 'hide' as const, left: 0, top: 20, width: 9, height: 5 }],
		// What lies under the minimum overlap is covered whatever the window.
		[...contrary(50, 40), { kind: 'show' as const, left: 40, top: 1, width: 3, height: 3 }],
		[...contrary(50, 40), { kind: 'show' as const, left: 40, top: 78, width: 3, height: 3 }],
		[...contrary(50, 40), { kind: 'show' as const, left: 90, top: 5, width: 3, height: 3 }],
		[...contrary(5, 5), ...contrary(88, 74), { kind: 'hide' as const, left: 30, top: 30, width: 2, height: 2 }]
	]) {
		const asked = input(zones);
		const every = everySet(asked);
		assert.ok(every.length > 0 && every.length <= 8, String(every.length));
		assert.deepEqual(
			fewestGivenUp(
				asked,
				zones.map((_, index) => index)
			),
			setsOf(every),
			JSON.stringify(zones)
		);
	}
});

test('only what is asked about is given up; a zone that is kept off asks for nothing', () => {
	const zones = [...contrary(11, 13), { kind: 'keep-off' as const, left: 11, top: 13, width: 9, height: 9 }, ...contrary(70, 17)];
	const asked = input(zones);
	assert.deepEqual(
		fewestGivenUp(asked, [0, 1]).map((set) => set.length),
		[1, 1]
	);
	for (const set of solveWindow(asked)!.giveUp) assert.ok(set.length === 2 && !set.includes(2));
});

test('a sheet that the minimum overlap covers has no window, whatever is given up', () => {
	const asked = { ...input(contrary(11, 13)), least: { top: 40, right: 50, bottom: 43, left: 47 } };
	assert.deepEqual(fewestGivenUp(asked, [0, 1]), []);
	assert.equal(solveWindow(asked), null);
	// Half a millimetre is one.
	const narrow = { ...input(contrary(11, 13)), least: { top: 40, right: 50, bottom: 42.5, left: 46.5 } };
	assert.ok(solveWindow(narrow));
});

/** Numbers that look like chance and are the same each time. */
function seeded(seed: number): (most: number) => number {
	let state = seed;
	return (most) => {
		state = (state * 1103515245 + 12345) % 2147483648;
		return (state / 2147483648) * most;
	};
}

test('beside every set that could be given up: as many as that, and the largest windows', () => {
	let more = 0;
	const seeds = Math.max(12, runs(40));
	for (let seed = 1; seed <= seeds; seed += 1) {
		const next = seeded(seed);
		const spot = () => [Math.round(next(80)), Math.round(next(70)), 1 + Math.round(next(14)), 1 + Math.round(next(12))] as const;
		const loose = (kind: 'show' | 'hide') => {
			const [left, top, width, height] = spot();
			return { kind, left, top, width, height };
		};
		const zones = [
			...Array.from({ length: 1 + (seed % 4) }, () => contrary(...spot())).flat(),
			loose('hide'),
			...(seed % 3 === 0 ? [loose('show')] : [])
		];
		const asked = { ...input(zones), step: seed % 2 === 0 ? 0.5 : 3 };
		const every = everySet(asked);
		if (every.length === 0 || every[0]!.set.length === 0) continue;
		if (every.length > 8) more += 1;
		const found = fewestGivenUp(
			asked,
			zones.map((_, index) => index)
		);
		const areas = found.map((set) => every.find((one) => String(one.set) === String(set))?.area);
		assert.deepEqual(
			areas,
			every.slice(0, 8).map(({ area }) => area),
			`seed ${seed}: ${JSON.stringify(zones)}`
		);
	}
	assert.ok(more >= 3 * (seeds / 40), `${more} had more than eight`);
});

test('where rounding has no side to go to, only what stands in its way is given up', () => {
	// 30.4 less 2 and 2 is cut down to 26: the outer two leave 0.1 and 0.2 for the 0.4 that are over, the middle one all of it.
	const show = (left: number) => ({ kind: 'show' as const, left, top: 8, width: 2, height: 2 });
	const asked = {
		...input([show(4.1), show(24.2), show(14)]),
		usable: { left: 0, top: 0, width: 30.4, height: 22 },
		showMargin: 2,
		least: { top: 2, right: 2, bottom: 2, left: 2 },
		step: 1
	};
	assert.deepEqual(fewestGivenUp(asked, [0, 1, 2]), [[0], [1]]);
});
