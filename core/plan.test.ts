import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { decide } from './decide.ts';
import { plan, planDecided } from './plan.ts';
import { readJob } from './job/read.ts';
import { patched } from './job/patch.ts';
import { builtInShop, shopFor } from './shop/shop.ts';
import { anyWindowJob, planned, workedJob, planSingle } from '../tests/jobs.ts';
import { evaluate, lookIn } from './views/why/expression.ts';
import { someKnown } from '../tests/known/sums.ts';
import { runs } from '../tests/thorough.ts';
import { there } from './units/there.ts';

const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

test('the worked case: window, pack, placement, frame', () => {
	const { window, frame } = planned();
	assert.deepEqual(window!.opening, { width: 390, height: 539 });
	assert.deepEqual(window!.mats[0]!.opening, { width: 402, height: 551 });
	assert.deepEqual(window!.pack, { width: 542, height: 701 });
	assert.deepEqual(window!.placement, { left: 70, top: 70 });
	assert.deepEqual(frame!.rabbet, { width: 545, height: 704 });
	assert.deepEqual(frame!.sight, { width: 533, height: 692 });
	assert.deepEqual(frame!.outer, { width: 577, height: 736 });
	assert.deepEqual(frame!.rails, [577, 736, 577, 736]);
	assert.equal(window!.mats[0]!.seen!.left, 65.5);
});

test('the worked case with lip 8 and the allowance left to the program', () => {
	const { window, frame } = planned({
		frame: { kind: 'wood', section: { face: 22, lip: 8, depth: 30, rabbetDepth: 16, density: 680 } }
	});
	assert.deepEqual(frame!.allowance, { width: 3, height: 3.5 });
	assert.deepEqual(frame!.rabbet, { width: 545, height: 704.5 });
	assert.deepEqual(frame!.sight, { width: 529, height: 688.5 });
	assert.deepEqual(frame!.outer, { width: 573, height: 732.5 });
	const seen = window!.mats[0]!.seen!;
	assert.deepEqual([seen.left, seen.right, seen.top, seen.bottom], [63.5, 63.5, 63.75, 73.75]);
	assert.equal(seen.top + 551 + seen.bottom, 688.5);
	near(frame!.stick, 2780.4, 0.05);
});

test('a job without a width and a height is planned as far as it goes, and says what is missing', () => {
	const open = planSingle({ format: 'rare-keep/job', version: 1, piece: { readings: { width: 402 } } });
	assert.deepEqual(
		open.open.map((one) => one.station),
		['measure']
	);
	assert.equal(open.window, undefined);
	const { frame: _, ...file } = workedJob();
	const frameless = planSingle(file);
	assert.deepEqual(
		frameless.open.map((one) => one.station),
		['frame', 'hang']
	);
	assert.equal(frameless.mass, undefined);
});

test('readings alone are enough: the house decides the rest and the plan says which', () => {
	const alone = planSingle({
		format: 'rare-keep/job',
		version: 1,
		piece: { readings: { width: '16 1/4', height: '21 3/4' } },
		unit: 'in'
	});
	assert.equal(alone.measure!.usable.width, 412.75);
	assert.ok(alone.assumed.some((one) => one.path === 'mats'));
	assert.ok(alone.assumed.some((one) => one.path === 'guard.glazing'));
});

/** Every number in a plan, with its path; findings and lists of words are no figures. */
function* figures(value: unknown, path = ''): Generator<[string, number]> {
	if (typeof value === 'number') yield [path, value];
	else if (Array.isArray(value)) for (const [index, item] of value.entries()) yield* figures(item, `${path}[${index}]`);
	else if (typeof value === 'object' && value !== null) {
		for (const [key, item] of Object.entries(value)) {
			if (['findings', 'open', 'assumed', 'why', 'index'].includes(key)) continue;
			yield* figures(item, path === '' ? key : `${path}.${key}`);
		}
	}
}

test('every figure can say why, and every explanation comes out at its figure', () => {
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			const job = decide(readJob(file), builtInShop);
			const result = planSingle(file);
			const lookup = lookIn({ plan: result, job, shop: shopFor(builtInShop, job.cutIn) });
			const found = [...figures(result)];
			for (const [path, value] of found) {
				const explanation = result.why[path];
				assert.ok(explanation, `${path} has no why`);
				near(evaluate(explanation.of, lookup), value, 1e-6);
			}
			const paths = new Set(found.map(([path]) => path));
			for (const path of Object.keys(result.why)) assert.ok(paths.has(path), `why explains ${path}, which is no figure`);
		}),
		{ numRuns: runs(150) }
	);
});

test('every figure of the known jobs comes out at its explanation', () => {
	for (const [name, file] of someKnown()) {
		const job = decide(readJob(file), builtInShop);
		const result = planDecided(file, job, builtInShop);
		const lookup = lookIn({ plan: result, job, shop: shopFor(builtInShop, job.cutIn) });
		for (const [path, value] of figures(result))
			near(evaluate(there(result.why[path], `${name}: ${path}`).of, lookup), value, 1e-6);
	}
});

test('a remedy changes the file only, and undo is the file before', () => {
	const file = workedJob({ back: { seal: null } });
	const text = JSON.stringify(file);
	const remedy = planSingle(file).findings.find((one) => one.rule === 'seal.none')!.remedies[0]!;
	const next = patched(file, remedy.patch);
	assert.equal(JSON.stringify(file), text);
	assert.equal(next.back!.seal, 'gummed');
});

test('a fix that would leave no room is hidden: a lift’s strips, windows that stand close', () => {
	// The stain is cleared by 46 mm of overlap, and the strips of the lift would then be narrower than nothing.
	const zones = [{ id: 'stain', kind: 'hide' as const, left: 20, top: 100, width: 25, height: 351 }];
	const stained = (lift: number) =>
		planSingle(
			workedJob({
				piece: { readings: { width: 402, height: 551 }, zones },
				mats: [{ board: 'cotton-4', lift }],
				borders: { way: 'even', width: 45 }
			})
		).findings.find(({ rule }) => rule === 'window.zone-exposed')!;
	assert.deepEqual(
		stained(0).remedies.map(({ label }) => label),
		['Overlap 46 mm at the left, and border 46 mm', 'Find the largest window, and border 46 mm']
	);
	assert.deepEqual(stained(3).remedies, []);

	const piece = { readings: { width: 100, height: 120 } };
	const thin = (gutter: number) =>
		plan(
			workedJob({
				piece: {},
				window: { overlap: 5, openings: [{ piece }, { piece }], grid: { columns: 2, rows: 1, gutter } },
				mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 1 }]
			}),
			builtInShop
		).findings.find(({ rule }) => rule === 'window.reveal-thin')!;
	assert.deepEqual(
		thin(40).remedies.map(({ label }) => label),
		['Reveal 6 mm']
	);
	assert.deepEqual(thin(12).remedies, [], 'the two windows would run into each other');
});
