/** The largest plans of Window: six mats, four windows, ten zones; and the solving of a window from ten zones. */
import { plan } from '../core/plan.ts';
import { builtInShop } from '../core/shop/shop.ts';
import type { JobFile } from '../core/job/definition.ts';
import { solveWindow } from '../core/stations/window/solve.ts';
import type { SolveInput } from '../core/stations/window/sides-asked.ts';
import { report } from './report.ts';

const TIMES = 1000;
const WARM = 1000;

/** A generator with a fixed seed: the same jobs every time. */
function random(seed: number): () => number {
	let state = seed;
	return () => {
		state = (state * 1664525 + 1013904223) % 4294967296;
		return state / 4294967296;
	};
}
const next = random(7);
const between = (least: number, most: number) => Math.round((least + next() * (most - least)) * 10) / 10;

function zones(width: number, height: number, count: number) {
	return Array.from({ length: count }, (_, index) => {
		const hide = index % 2 === 0;
		const side = index % 4;
		const [left, top] = hide
			? [side === 0 ? 0 : between(0, width - 12), side === 0 ? between(0, height - 12) : 0]
			: [between(20, width - 60), between(20, height - 60)];
		return {
			id: `z${index}`,
			kind: hide ? ('hide' as const) : ('show' as const),
			left,
			top,
			width: between(3, 11),
			height: between(3, 11)
		};
	});
}

function job(): JobFile {
	const openings = Array.from({ length: 4 }, (_, index) => {
		const [width, height] = [between(150, 300), between(150, 300)];
		return { piece: { readings: { width, height }, zones: zones(width, height, index < 2 ? 3 : 2) } };
	});
	return {
		format: 'rare-keep/job',
		version: 1,
		piece: { medium: ['watercolour'] },
		window: { overlap: 'solve', openings, grid: { columns: 2, rows: 2, gutter: 90 } },
		mats: Array.from({ length: 6 }, (_, index) => ({ board: 'cotton-4', ...(index > 0 ? { reveal: 6 } : {}) })),
		borders: { way: 'weighted', width: 70, weight: 10 },
		frame: { moulding: 'oak-30' }
	};
}

/** The middle of five of each, so that what else the machine does is not counted. */
function measure(name: string, budget: number, make: () => () => void): void {
	for (let index = 0; index < WARM; index += 1) make()();
	const times = Array.from({ length: TIMES }, () => {
		const run = make();
		const five = Array.from({ length: 5 }, () => {
			const start = performance.now();
			run();
			return performance.now() - start;
		});
		return five.sort((one, other) => one - other)[2]!;
	});
	report(name, times, budget);
}

measure('plan: six mats, four windows, ten zones', 2, () => {
	const file = job();
	return () => plan(file, builtInShop);
});
measure('solve: ten zones', 5, () => {
	const [width, height] = [between(300, 900), between(300, 900)];
	const input: SolveInput = {
		usable: { left: 0, top: 0, width, height },
		least: { top: 3, right: 3, bottom: 3.9, left: 3 },
		zones: zones(width, height, 10),
		showMargin: 2,
		hideMargin: 1,
		step: 0.5
	};
	return () => solveWindow(input);
});
