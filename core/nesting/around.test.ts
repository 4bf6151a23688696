/** What a shop's plan is cut from: sources, drop-outs, lots that are not mixed, blanks that stay where they lie. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { faultsOf } from '../../tests/nesting/checker.ts';
import { countingClock, cuttingJob, planOf, solve } from '../../tests/nesting/means.ts';
import { framingMix } from '../../tests/nesting/mixes.ts';
import { workedJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { readJob } from '../job/read.ts';
import { planDecided } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { lineName } from '../stations/cut/material-name.ts';
import { there } from '../units/there.ts';
import { cutSheetScene } from '../views/drawing/cut-sheet.ts';
import { sceneToSvg } from '../views/formats/svg.ts';
import { dropOutsOf } from './drop-outs.ts';
import type { CuttingJob, CuttingPlan } from './figures.ts';
import { mayMixLots, plansByLot, type LotsAndJobs } from './lots.ts';
import { cuttingJobOf, type InStock } from './offer.ts';
import { groupsOf, partsWanted, type PartWanted } from './parts.ts';
import { aroundPins, type Pin } from './pinned.ts';
import { sheetId, sourceOf, stockOf, type Source } from './sources.ts';

test('the id of a sheet says what it is taken from, and is read back as it was written', () => {
	const sources: Source[] = [
		{ from: 'stock', id: 7 },
		{ from: 'bought', width: 1016, height: 812.8 },
		{ from: 'stick', length: 2438.4 },
		{ from: 'drop-out', part: 'K-0101 mat 1 (2)', which: 2 }
	];
	for (const source of sources) assert.deepEqual(sourceOf(sheetId(source)), source);
	assert.equal(sheetId(sources[3]!), 'drop-out 2 of K-0101 mat 1 (2)');
	assert.equal(sourceOf('S'), null);
	assert.deepEqual([stockOf('stock 7'), stockOf('buy 1016 × 813')], [7, null]);
});

function partsOf(number: string, changes: Partial<JobFile>): PartWanted[] {
	const file = workedJob(changes);
	const job = decide(readJob(file), builtInShop);
	const plan = planDecided(file, job, builtInShop);
	return partsWanted(number, plan.cut, lineName, (cut) => dropOutsOf(cut, job, plan));
}

test('a drop-out is a mat’s narrowest opening less a millimetre a side; an oval gives none', () => {
	const mats = partsOf('K-0101', {}).filter(({ name }) => name.startsWith('mat '));
	const file = workedJob();
	const { window } = planDecided(file, decide(readJob(file), builtInShop), builtInShop);
	mats.forEach(({ drops }, index) => {
		const { opening } = there(window?.mats[index], 'mat');
		assert.deepEqual(drops, [{ width: opening.width - 2, height: opening.height - 2 }]);
	});
	assert.ok(partsOf('K-0102', { window: { shape: 'oval' } }).every(({ drops }) => drops === undefined));
});

test('a drop-out serves another job’s mat before any board is cut for it', () => {
	const small = {
		piece: { ...workedJob().piece, readings: { width: 120, height: 160 } },
		borders: { way: 'even', width: 50 }
	} as const;
	const one = { mats: [{ board: 'cotton-4', colour: 'shell' }] };
	const parts = [...partsOf('K-0101', one), ...partsOf('K-0102', { ...one, ...small })];
	const group = there(
		groupsOf(parts).find(({ material, colour }) => material === 'cotton-4' && colour === 'shell'),
		'group'
	);
	const job = cuttingJobOf(group, [], builtInShop, 'mm');
	const plan = planOf({ ...job, seconds: 0.3 });
	assert.deepEqual(faultsOf({ ...job, seconds: 0.3 }, plan), []);
	const drop = plan.sheets.find(({ sheet }) => sheet === 'drop-out 1 of K-0101 mat 1');
	assert.deepEqual(
		drop?.placed.map(({ blank }) => blank),
		['K-0102 mat 1']
	);
	assert.equal(plan.used.sheets, 1);
});

test('a rest of a stick in the rack goes before a new one', () => {
	const rail = {
		id: 'K-1 rail',
		job: 'K-1',
		name: 'rail',
		from: 'stick',
		material: 'ash-22',
		colour: '',
		width: 500,
		height: 22,
		count: 2,
		turn: false
	} as const;
	const rest: InStock = {
		id: 4,
		kind: 'stick',
		material: 'ash-22',
		colour: '',
		width: 1100,
		height: 22,
		free: 1,
		place: '',
		lot: ''
	};
	const job = cuttingJobOf(there(groupsOf([rail])[0], 'group'), [rest], builtInShop, 'mm');
	assert.deepEqual(
		planOf({ ...job, seconds: 0.2 }).sheets.map(({ sheet }) => sheet),
		['stock 4']
	);
});

/** A mix whose blanks belong to jobs of two or three blanks, on two lots and what is bought. */
function lotMix(seed: number): { job: CuttingJob; which: LotsAndJobs } {
	const mix = framingMix(seed, 1, 12);
	const [sheet] = mix.sheets;
	const sized = { ...there(sheet, 'sheet') };
	const job = {
		...mix,
		seconds: 0.2,
		sheets: [
			{ ...sized, id: 'a', count: 2 },
			{ ...sized, id: 'b', count: 1 },
			{ ...sized, id: 'buy', count: 40, cost: sized.cost * 2 }
		]
	};
	return {
		job,
		which: { lots: { a: 'L1', b: 'L2' }, jobs: Object.fromEntries(job.blanks.map(({ id }, at) => [id, `job ${at % 5}`])) }
	};
}

function lastOf(plans: Generator<CuttingPlan | null, CuttingPlan, void>): { first: CuttingPlan | null; last: CuttingPlan } {
	let first: CuttingPlan | null | undefined;
	for (;;) {
		const { done, value } = plans.next();
		first ??= value;
		if (done) return { first: first ?? null, last: value };
	}
}

test('property: every job’s blanks lie on sheets of one lot, in the first plan and in the last', () => {
	fc.assert(
		fc.property(fc.integer({ min: 1, max: 500 }), (seed) => {
			const { job, which } = lotMix(seed);
			assert.ok(mayMixLots(job, which));
			const { first, last } = lastOf(plansByLot(job, which, { solve, now: countingClock() }));
			for (const plan of [there(first, 'first'), last]) {
				const lots = new Map<string, Set<string | null>>();
				for (const { sheet, placed } of plan.sheets)
					for (const { blank } of placed) {
						const name = there(which.jobs[blank], 'job');
						lots.set(name, (lots.get(name) ?? new Set()).add(which.lots[sheet] ?? null));
					}
				for (const [name, of] of lots) assert.equal(of.size, 1, `${name} is of ${[...of].join()}`);
				assert.deepEqual(plan.unplaced, []);
				assert.deepEqual(
					faultsOf(job, plan).filter((fault) => !fault.includes('proven')),
					[]
				);
			}
		}),
		{ numRuns: runs(25) }
	);
});

test('without a lot anywhere nothing is kept apart', () => {
	const { job, which } = lotMix(3);
	assert.equal(mayMixLots(job, { ...which, lots: { a: '', b: '' } }), false);
});

test('property: what is pinned stays where it lies, the rest is cut round it as well as ever', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 1, max: 500 }),
			fc.constantFrom(0, 3),
			fc.array(fc.nat(), { minLength: 1, maxLength: 3 }),
			(seed, kerf, picks) => {
				const job = { ...framingMix(seed, 2, 12), kerf, trim: 5, seconds: 0.15 };
				const plan = planOf(job);
				const all = plan.sheets.flatMap(({ placed }, sheet) => placed.map((_, at): Pin => ({ sheet, placed: at })));
				const pins = [...new Set(picks.map((pick) => pick % all.length))].map((at) => there(all[at], 'pin'));
				const around = aroundPins(job, plan, pins);
				const whole = around.whole(planOf({ ...around.job, seconds: 0.15 }));
				assert.deepEqual(
					faultsOf(job, whole).filter((fault) => !fault.includes('not listed')),
					[]
				);
				around.pins.forEach(({ sheet, placed }, index) => {
					const stays = there(whole.sheets[sheet]?.placed[placed], 'pinned');
					assert.ok(
						pins.some((pin) => JSON.stringify(plan.sheets[pin.sheet]?.placed[pin.placed]) === JSON.stringify(stays)),
						String(index)
					);
				});
			}
		),
		{ numRuns: runs(25) }
	);
});

test('a blank that is pinned on the only sheet leaves the others where there is room', () => {
	const blanks = [
		{ id: 'A', width: 700, height: 500, count: 2, turn: true },
		{ id: 'B', width: 300, height: 400, count: 1, turn: true }
	];
	const job = cuttingJob({ blanks });
	const plan = planOf(job);
	assert.equal(plan.used.sheets, 1);
	const around = aroundPins(job, plan, [{ sheet: 0, placed: 0 }]);
	const whole = around.whole(planOf(around.job));
	assert.deepEqual([whole.used.sheets, whole.unplaced], [1, []]);
	assert.match(whole.bound.says, /^1 full sheet/);
});

test('a sheet as a drawing carries the names of its blanks, its offcuts and the numbers of its cuts', () => {
	const job = cuttingJob({ blanks: [{ id: 'K-0101 mat <1>', width: 700, height: 500, count: 1, turn: true }] });
	const [sheet] = planOf(job).sheets;
	const scene = cutSheetScene(
		{ plan: there(sheet, 'sheet'), width: 1524, height: 1016, kerf: 0, title: 'Sheet 1' },
		(id) => ({ name: id, detail: '700 × 500' }),
		() => ({ name: 'offcut', detail: '' })
	);
	const svg = sceneToSvg(scene, { reader: 'mm', textHeight: 25 });
	assert.match(svg, />K-0101 mat &lt;1&gt; 700 × 500</);
	assert.match(svg, />offcut</);
	assert.match(svg, /rotate\(-90/);
});
