import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cuttingJob, countingClock, planOf, solve } from '../../tests/nesting/means.ts';
import { framingMix } from '../../tests/nesting/mixes.ts';
import { areaBound } from './area-bound.ts';
import { builtInShop } from '../shop/shop.ts';
import { reachableBelow, reachableFrom } from './costs.ts';
import { coverBound } from './cover.ts';
import { instanceOf, millimetres, steps } from './instance.ts';
import { laidOut } from './lay.ts';
import { cuttingJobOf, type InStock } from './offer.ts';
import { groupsOf, partsWanted } from './parts.ts';
import { perfectLayout } from './perfect.ts';
import { randomFrom } from './random.ts';
import { firstLayout, improved } from './search.ts';
import { fittingSets, treeOf } from './sets.ts';
import { wrongWith } from './verify.ts';
import { blanksOf, inRows, leaf, pair, withBeside, withoutKind, withoutRun, type Box } from './slicing.ts';

const kind = (w: number, h: number, count = 1, turn = true) => ({ index: 0, w, h, area: w * h, count, turn });
const sheet = (w: number, h: number, cost = 1, count = 9) => ({ index: 0, w, h, area: w * h, count, cost });
const always = () => true;

test('inches and millimetres are whole in steps, so that sixteen sixteenths are an inch to the last step', () => {
	assert.equal(16 * steps(25.4 / 16), steps(25.4));
	assert.equal(64 * steps(25.4 / 64), steps(25.4));
	assert.equal(millimetres(steps(813.5)), 813.5);
});

test('the same seed gives the same numbers, spread from 0 up to 1', () => {
	const draw = (seed: number) => Array.from({ length: 2000 }, randomFrom(seed));
	assert.deepEqual(draw(7), draw(7));
	assert.notDeepEqual(draw(7), draw(8));
	const mean = draw(7).reduce((sum, one) => sum + one, 0) / 2000;
	assert.ok(mean > 0.47 && mean < 0.53, String(mean));
	assert.ok(draw(7).every((one) => one >= 0 && one < 1));
});

test('a pair is as large as holds both, across and down', () => {
	const a = leaf(kind(30, 20), 0, false);
	const b = leaf(kind(10, 40), 1, true);
	assert.deepEqual([b.w, b.h, b.turned], [40, 10, true]);
	const across = pair(true, a, b);
	assert.deepEqual([across.w, across.h, across.filled, across.leaves], [70, 20, 1000, 2]);
	const down = pair(false, a, b);
	assert.deepEqual([down.w, down.h], [40, 30]);
	assert.deepEqual(blanksOf(withBeside(down, b, true, leaf(kind(5, 5), 2, false))), [0, 1, 2]);
});

test('leaves are taken out by their order or by their kind, and what is left closes up', () => {
	const leaves = [0, 1, 2, 3].map((blank) => leaf(kind(10 + blank, 10), blank, false)) as [Box, Box, Box, Box];
	const tree = pair(true, pair(false, leaves[0], leaves[1]), pair(false, leaves[2], leaves[3]));
	const out: number[] = [];
	const left = withoutRun(tree, 1, 3, out);
	assert.deepEqual(
		[blanksOf(left), out],
		[
			[0, 3],
			[1, 2]
		]
	);
	assert.deepEqual([left?.w, left?.h], [23, 10]);
	assert.equal(withoutRun(tree, 0, 4, []), null);
	assert.equal(withoutRun(tree, 4, 9, []), tree);
	assert.deepEqual(blanksOf(withoutKind(tree, 2)), [0, 1, 3]);
	assert.equal(withoutKind(leaves[2], 2), null);
	assert.equal(withoutKind(tree, 9), tree);
});

test('a row of one height is cut from its beginning, equal parts after each other; parts of other heights stay together', () => {
	const [a, b, c] = [leaf(kind(10, 20), 0, false), leaf(kind(30, 20), 1, false), leaf(kind(10, 20), 2, false)];
	const row = inRows(pair(true, pair(true, a, b), c));
	assert.deepEqual([blanksOf(row), row.first?.blank, row.w, row.h], [[1, 0, 2], 1, 50, 20]);
	const low = leaf(kind(10, 5), 3, false);
	const mixed = inRows(pair(true, pair(true, a, low), b));
	assert.deepEqual([blanksOf(mixed), mixed.first?.leaves], [[0, 3, 1], 2]);
	const column = inRows(pair(false, pair(false, a, c), a));
	assert.deepEqual([column.across, column.first?.leaves, column.h], [false, 1, 60]);
});

test('areas: offcuts are used up first, then the largest sheets for their number, the cheapest area for their cost', () => {
	const blanks = [kind(10, 10, 35)];
	assert.deepEqual(areaBound({ blanks, sheets: [sheet(20, 50)] }), { sheets: 4, cost: 4 });
	assert.deepEqual(areaBound({ blanks, sheets: [sheet(20, 50), sheet(10, 60, 0, 1)] }), { sheets: 3, cost: 3 });
	const two = [sheet(20, 50, 10), sheet(10, 50, 4)];
	assert.deepEqual(areaBound({ blanks, sheets: two }), { sheets: 4, cost: 28 });
	assert.deepEqual(areaBound({ blanks, sheets: [sheet(20, 50, 10), sheet(10, 50, 4, 2)] }), { sheets: 4, cost: 8 + 25 });
});

test('sums of sheets: a bound between two of them is the higher one', () => {
	const sheets = [
		{ cost: 9, count: 9 },
		{ cost: 20, count: 9 },
		{ cost: 0, count: 1 }
	];
	assert.equal(reachableFrom(sheets, 10, 100), 18);
	assert.equal(reachableFrom(sheets, 18, 100), 18);
	assert.equal(reachableFrom(sheets, 19, 100), 20);
	assert.equal(reachableFrom(sheets, 200, 100), 100);
	assert.equal(reachableBelow(sheets, 29), 27);
	assert.equal(reachableBelow(sheets, 9), 0);
	// Too many sums to list: the bound as it is, a hair below the cost.
	const odd = [{ cost: 0.001, count: 9 }];
	assert.equal(reachableFrom(odd, 500.0004, 1000), 500.0004);
	assert.equal(reachableBelow(odd, 1000), 1000 - 1e-6);
});

test('which sets fit one sheet: each box that no other is as narrow and as low as', () => {
	const blanks = [kind(30, 20), kind(20, 20, 2)];
	const { all, complete } = fittingSets(blanks, [sheet(50, 40)], always);
	assert.equal(complete, true);
	const written = [...all.values()].map(({ kinds, counts, front }) => [kinds, counts, front]);
	assert.deepEqual(written, [
		[[0], [1], [20, 30, 30, 20]],
		[[1], [1], [20, 20]],
		[
			[0, 1],
			[1, 1],
			[30, 40, 40, 30, 50, 20]
		],
		[[1], [2], [20, 40, 40, 20]],
		[
			[0, 1],
			[1, 2],
			[40, 40]
		]
	]);
});

test('a listed set comes with a tree that fits', () => {
	const { blanks, sheets } = instanceOf(framingMix(9, 1));
	const big = blanks.slice(0, 6);
	const sets = fittingSets(big, sheets, always);
	let looked = 0;
	for (const set of sets.all.values()) {
		const list = set.kinds.flatMap((one, at) => new Array<number>(set.counts[at] ?? 0).fill(one));
		const tree = treeOf(list, sheets[0]!, big, sets);
		assert.ok(tree.w <= sheets[0]!.w && tree.h <= sheets[0]!.h);
		assert.deepEqual(blanksOf(tree).sort(), list.sort());
		looked += 1;
	}
	assert.ok(looked > 20);
});

test('many alike are listed as quickly as a few: thirty strips have thirty sets', () => {
	const strips = [kind(500, 30, 30)];
	let asked = 0;
	const { all, complete } = fittingSets(strips, [sheet(1016, 813)], () => {
		asked += 1;
		return asked < 20;
	});
	assert.deepEqual([complete, all.size], [true, 30]);
	// Two columns of fifteen, or one of 27 and three across.
	assert.ok([...all.values()].at(-1)?.front.includes(1000));
});

test('listing stops when it is told to, or when there are too many', () => {
	const { blanks, sheets } = instanceOf(framingMix(8, 1));
	assert.equal(fittingSets(blanks, sheets, () => false).complete, false);
	const few = fittingSets(blanks, sheets, always, 50);
	assert.deepEqual([few.complete, few.all.size], [false, 50]);
});

test('the covering programme proves what areas do not: three larger than half take three sheets', () => {
	const instance = { blanks: [kind(60, 60, 3), kind(10, 10, 5)], sheets: [sheet(100, 100)] };
	const sets = fittingSets(instance.blanks.slice(0, 1), instance.sheets, always);
	assert.deepEqual(areaBound(instance), { sheets: 2, cost: 2 });
	assert.deepEqual(
		coverBound(instance, 1, sets, 3, solve, () => 5),
		{ least: 3, layout: null }
	);
});

test('a cheaper layout comes of the covering programme, what it does not list left out', () => {
	const instance = { blanks: [kind(50, 50, 8), kind(10, 10, 5)], sheets: [sheet(100, 100)] };
	const sets = fittingSets(instance.blanks.slice(0, 1), instance.sheets, always);
	const cover = coverBound(instance, 1, sets, 8, solve, () => 5);
	// Eight quarters fill two sheets; the area of the small ones asks for a third.
	assert.equal(cover?.least, 3);
	assert.deepEqual([cover?.layout?.laid.length, cover?.layout?.out], [2, [1, 1, 1, 1, 1]]);
	assert.equal(
		coverBound(instance, 1, sets, 8, solve, () => 0),
		null
	);
});

test('too few sheets for any plan: no bound is said', () => {
	const instance = { blanks: [kind(60, 60, 3)], sheets: [sheet(100, 100, 1, 2)] };
	const sets = fittingSets(instance.blanks, instance.sheets, always);
	assert.equal(
		coverBound(instance, 1, sets, 9, solve, () => 5),
		null
	);
});

test('without waste: found where the areas come out even, not asked where they do not', () => {
	const parts = [kind(60, 40), kind(60, 60), kind(40, 70), kind(40, 30)];
	const whole = { blanks: parts, sheets: [sheet(100, 100)] };
	const layout = perfectLayout(whole, always);
	assert.deepEqual([layout?.laid.length, layout?.laid[0]?.root.w, layout?.laid[0]?.root.h], [1, 100, 100]);
	assert.equal(perfectLayout({ ...whole, blanks: parts.slice(1) }, always), null);
	assert.equal(
		perfectLayout(whole, () => false),
		null
	);
	assert.equal(perfectLayout({ ...whole, sheets: [sheet(100, 100, 1, 0)] }, always), null);
	// Twice the same, each blank there twice.
	const twice = perfectLayout({ ...whole, blanks: parts.map((one) => ({ ...one, count: 2 })) }, always);
	assert.deepEqual([twice?.laid.length, twice?.cost], [2, 2]);
});

test('search ends with as much as is enough, and begins where it is told', () => {
	const instance = instanceOf(framingMix(5, 1));
	const first = firstLayout(instance);
	const found = [
		...improved(instance, first, { random: randomFrom(1), now: countingClock(), until: 2000, enough: first.cost - 1 })
	];
	assert.equal(found.at(-1)?.cost, first.cost - 1);
	const from = { laid: [], out: blanksOf(null), cost: 0, outArea: 0 };
	const none = [...improved(instance, first, { random: randomFrom(1), now: () => 9, until: 5, enough: 0, from })];
	assert.equal(none.at(-1)?.out.length, 0);
});

test('the rest of a piece is cut off where it leaves the most', () => {
	const job = cuttingJob({ blanks: [{ id: 'A', width: 1000, height: 500, count: 1, turn: false }] });
	const instance = instanceOf(job);
	const root = leaf(instance.blanks[0]!, 0, false);
	const plan = laidOut(job, instance, { sheet: instance.sheets[0]!, root });
	// 1524 × 516 below it is more than 524 × 1016 beside it.
	assert.deepEqual(plan.offcuts[0], { left: 0, top: 500, width: 1524, height: 516 });
	assert.deepEqual(plan.offcuts[1], { left: 1000, top: 0, width: 524, height: 500 });
	assert.deepEqual(
		plan.cuts.map(({ order, from, axis, at, gives }) => [order, from, axis, at, gives]),
		[
			[1, '0', 'y', 500, ['1', '2']],
			[2, '1', 'x', 1000, ['3', '4']]
		]
	);
});

test('what cut lists ask for: flat parts and rails, each by its own name, a material and a colour together', () => {
	const line = { role: 'mat', material: 'cotton-4', width: 500, height: 400, count: 2, from: 'sheet' as const };
	const parts = partsWanted(
		'K-0101',
		[
			{ ...line, of: 'mat 1', colour: 'shell' },
			line,
			line,
			{ ...line, role: 'lift', side: 'left' },
			{ ...line, role: 'rail', material: 'Ash, 22 face', from: 'stick', height: 22 },
			{ ...line, role: 'wire', from: 'coil' },
			{ ...line, count: 0 },
			{ ...line, height: 0 }
		],
		({ of, role }) => of ?? role
	);
	assert.deepEqual(
		parts.map(({ id, from, turn }) => [id, from, turn]),
		[
			['K-0101 mat 1', 'sheet', true],
			['K-0101 mat', 'sheet', true],
			['K-0101 mat (2)', 'sheet', true],
			['K-0101 lift left', 'sheet', true],
			['K-0101 rail', 'stick', false]
		]
	);
	assert.deepEqual(
		groupsOf(parts).map(({ key, parts: of }) => [key, of.length]),
		[
			['cotton-4|shell', 1],
			['cotton-4|', 3],
			['Ash, 22 face|22', 1]
		]
	);
});

test('what is there goes before what must be bought; an offcut costs nothing; a colour takes only its own', () => {
	const part = {
		id: 'K-0101 mat',
		job: 'K-0101',
		name: 'mat',
		from: 'sheet' as const,
		material: 'cotton-4',
		width: 500,
		height: 400,
		count: 2,
		turn: true
	};
	const line: InStock = {
		id: 7,
		kind: 'sheet',
		material: 'cotton-4',
		colour: 'shell',
		width: 1524,
		height: 1016,
		free: 2,
		place: '',
		lot: ''
	};
	const stock = [
		line,
		{ ...line, id: 8, kind: 'offcut' as const, colour: '', width: 610 },
		{ ...line, id: 9, free: 0 },
		{ ...line, id: 10, material: 'cotton-2' }
	];
	const offered = (colour: string) => cuttingJobOf(groupsOf([{ ...part, colour }])[0]!, stock, builtInShop, 'mm').sheets;
	const [sheet, offcut, ...bought] = offered('');
	assert.deepEqual([sheet?.id, sheet?.count, offcut?.id, offcut?.cost], ['stock 7', 2, 'stock 8', 0]);
	assert.ok(bought.length === 3 && bought.every(({ cost }) => cost > (sheet?.cost ?? 0)));
	assert.deepEqual(
		offered('fog').map(({ id }) => id),
		['buy 1016 × 813', 'buy 1524 × 1016', 'buy 1829 × 1219']
	);
	const inches = cuttingJobOf(groupsOf([{ ...part, colour: 'fog' }])[0]!, [], builtInShop, 'in').sheets[0];
	assert.deepEqual([inches?.width, inches?.height], [1016, 812.8]);
});

test('sticks: a mitre takes its slanting kerf, the trim of the ends is off already', () => {
	const rail = {
		id: 'K-0101 rail',
		job: 'K-0101',
		name: 'rail',
		from: 'stick' as const,
		material: 'Ash',
		colour: '',
		width: 577,
		height: 22,
		count: 4,
		turn: false
	};
	const job = cuttingJobOf(groupsOf([rail])[0]!, [], builtInShop, 'mm');
	assert.deepEqual([job.kerf, job.trim], [3 * Math.SQRT2, 0]);
	assert.deepEqual(
		job.sheets.map(({ id, width, height }) => [id, width, height]),
		[
			['stick 2400', 2380, 22],
			['stick 3000', 2980, 22]
		]
	);
	// 4 × 577 and three slanting cuts between them are 2320.7.
	assert.deepEqual(planOf(job).used, { sheets: 1, cost: 2400, area: 2380 * 22 });
});

test('a plan that somebody sends is cut again in thought before it is kept', () => {
	const job = cuttingJob({ blanks: [{ id: 'A', width: 500, height: 400, count: 3, turn: false }] });
	const good = planOf(job);
	assert.equal(wrongWith(job, good), null);
	const spoilt = (spoil: (plan: typeof good) => void) => {
		const plan = structuredClone(good);
		spoil(plan);
		return wrongWith(job, plan) ?? '';
	};
	assert.match(
		spoilt((plan) => (plan.sheets[0]!.sheet = 'X')),
		/not one of the sheets/
	);
	assert.match(
		spoilt((plan) => (plan.sheets[0]!.cuts[0]!.from = '9')),
		/not there/
	);
	assert.match(
		spoilt((plan) => (plan.sheets[0]!.cuts[0]!.at = 9999)),
		/does not go through/
	);
	assert.match(
		spoilt((plan) => (plan.sheets[0]!.placed[0]!.left += 1)),
		/does not come from its cuts/
	);
	assert.match(
		spoilt((plan) => (plan.sheets[0]!.placed[0]!.turned = true)),
		/not needed like that/
	);
	assert.match(
		spoilt((plan) => (plan.sheets[0]!.placed[0]!.blank = 'B')),
		/not needed like that/
	);
	assert.match(
		spoilt((plan) => plan.sheets.push(structuredClone(plan.sheets[0]!))),
		/More of “A”/
	);
	assert.match(wrongWith({ ...job, sheets: [{ ...job.sheets[0]!, count: 0 }] }, good) ?? '', /More sheets/);
	assert.match(wrongWith({ ...job, blanks: [{ ...job.blanks[0]!, width: 501 }] }, good) ?? '', /not cut to its size/);
});
