import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { plan, type Plan } from '../../core/plan.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import type { WallPlan } from '../../core/wall/wall.ts';
import type { CuttingPlan } from '../../core/nesting/figures.ts';
import { workedJob } from '../jobs.ts';
import { faultsOf } from '../nesting/checker.ts';

const core = (args: string[], input = '') =>
	spawnSync(process.execPath, ['scripts/core.js', ...args], { input, encoding: 'utf8' });

test('plan: the worked case comes out as the core plans it', () => {
	const { stdout, status } = core(['plan', 'core/views/worked.json']);
	assert.equal(status, 0);
	assert.deepEqual(JSON.parse(stdout), JSON.parse(JSON.stringify(plan(workedJob(), builtInShop))));
});

test('faults: exit 2, nothing on standard output, a line for each with its path', () => {
	const { stdout, stderr, status } = core(
		['plan', '-'],
		JSON.stringify({ ...workedJob(), window: { overlap: { left: -4 } }, mts: 1 })
	);
	assert.deepEqual([status, stdout], [2, '']);
	assert.match(stderr, /^window\.overlap\.left: −4 mm is below 0/m);
	assert.match(stderr, /^mts: /m);
});

test('a file cut off in the middle, one that is not there, no verb', () => {
	const half = readFileSync('core/views/worked.json', 'utf8').slice(0, 200);
	for (const answer of [core(['plan', '-'], half), core(['plan', 'no-such-file.json']), core([])]) {
		assert.deepEqual([answer.status, answer.stdout], [2, '']);
		assert.match(answer.stderr, /: .+\.$/m);
	}
});

test('plan: every demo piece, several windows and floats too, as the core plans it, with an explanation that names each window', () => {
	for (const number of ['K-0107', 'K-0109', 'K-0112', 'K-0114', 'K-0115']) {
		const path = `demo/jobs/${number}.json`;
		const { stdout, status } = core(['plan', path]);
		assert.equal(status, 0, number);
		const made = JSON.parse(stdout) as Plan;
		assert.deepEqual(made, JSON.parse(JSON.stringify(plan(JSON.parse(readFileSync(path, 'utf8')), builtInShop))), number);
		if (number !== 'K-0112') continue;
		assert.ok(Array.isArray(made.measure) && Array.isArray(made.hold) && Array.isArray(made.movement));
		assert.ok(made.why['window.openings[2].overlap.left'] && made.why['measure[1].lean'] && made.why['hold[0].places[1]']);
	}
});

test('bad windows: each a line with its path', () => {
	const piece = { readings: { width: 90, height: 120 } };
	for (const [window, path] of [
		[{ overlap: 4, openings: [{ piece }, { piece }], grid: { columns: 2, rows: 1, gutter: 0 } }, 'window.grid.gutter'],
		[{ overlap: 4, openings: [{ piece: { readings: { top: 90, left: 120, d1: 900 } } }] }, 'window.openings[0].piece.readings'],
		[{ overlap: 4, openings: [{ piece, way: 'reveals' }] }, 'window.openings[0].way'],
		[{ overlap: 'largest' }, 'window.overlap'],
		[{ shape: 'oval', overlap: 'solve' }, 'window.overlap']
	] as const) {
		const { stdout, stderr, status } = core(['plan', '-'], JSON.stringify({ ...workedJob(), window }));
		assert.deepEqual([status, stdout], [2, ''], path);
		assert.ok(
			stderr.split('\n').some((one) => one.startsWith(`${path}: `)),
			`${path}: ${stderr}`
		);
	}
});

test('climate: a job and a room in, the year inside its pack out; faults with their paths', () => {
	const room = Array.from({ length: 48 }, (_, hour) => [hour, hour < 24 ? 50 : 80, 20]);
	const { stdout, status } = core(['climate', '-'], JSON.stringify({ pack: workedJob(), room }));
	assert.equal(status, 0);
	const year = JSON.parse(stdout) as { tauDays: number; halfDays: number; inside: [number, number][]; min: number; max: number };
	const { climate } = plan(workedJob(), builtInShop);
	assert.equal(year.tauDays, climate!.tauDays);
	assert.equal(year.inside.length, 48);
	// A day after the step of 30 %.
	const wanted = 80 - 30 * Math.exp(-23 / (24 * climate!.tauDays));
	assert.ok(Math.abs(year.inside[47]![1] - wanted) < 1e-9);
	assert.deepEqual([year.min, year.max], [50, year.inside[47]![1]]);
	for (const [body, path] of [
		[{ pack: { ...workedJob(), aim: 'best' }, room }, 'pack.aim'],
		[{ pack: workedJob(), room: [[0, 101, 20]] }, 'room[0][1]'],
		[{ pack: workedJob() }, 'room'],
		[{ pack: { format: 'rare-keep/job', version: 1 }, room }, 'pack']
	] as const) {
		const answer = core(['climate', '-'], JSON.stringify(body));
		assert.deepEqual([answer.status, answer.stdout], [2, ''], path);
		assert.ok(answer.stderr.startsWith(`${path}: `), answer.stderr);
	}
});

const cutting = {
	format: 'rare-keep/cutting',
	version: 1,
	kerf: 0,
	trim: 0,
	minOffcut: 200,
	seconds: 1,
	sheets: [
		{ id: 'S', width: 1524, height: 1016, count: 20, cost: 1800 },
		{ id: 'off-12', width: 610, height: 420, count: 1, cost: 0 }
	],
	blanks: [{ id: 'A', width: 542, height: 701, count: 2, turn: true }]
};

test('cut: a cutting file in, a plan out that can be cut as it says', () => {
	const { stdout, status } = core(['cut', '-'], JSON.stringify(cutting));
	assert.equal(status, 0);
	const answer = JSON.parse(stdout) as CuttingPlan;
	assert.deepEqual(faultsOf(cutting, answer), []);
	assert.deepEqual(answer.used, { sheets: 1, cost: 1800, area: 1524 * 1016 });
	assert.deepEqual([answer.bound, answer.proven], [{ sheets: 1, says: '1 full sheet, and fewer is impossible.' }, true]);
	for (const [body, path] of [
		[{ ...cutting, kerf: -1 }, 'kerf'],
		[{ ...cutting, seconds: 61 }, 'seconds'],
		[{ ...cutting, sheet: [] }, 'sheet'],
		[{ ...cutting, sheets: [{ ...cutting.sheets[0], count: -2 }] }, 'sheets[0].count'],
		[{ ...cutting, blanks: [...cutting.blanks, ...cutting.blanks] }, 'blanks[1].id'],
		[{ ...cutting, kerf: 5, blanks: [{ ...cutting.blanks[0], height: 4 }] }, 'blanks[0].height'],
		[{ ...cutting, blanks: [0, 1].map((id) => ({ ...cutting.blanks[0], id: `${id}`, count: 2501 })) }, 'blanks'],
		[{ ...cutting, version: 2 }, 'version']
	] as const) {
		const refused = core(['cut', '-'], JSON.stringify(body));
		assert.deepEqual([refused.status, refused.stdout], [2, ''], path);
		assert.ok(refused.stderr.startsWith(`${path}: `), refused.stderr);
	}
});

test('wall: the file of the open interface in, places and numbered hooks out; a job is known to the server alone', () => {
	const asked = {
		format: 'rare-keep/wall',
		version: 1,
		wall: { width: 4200, height: 2500, kind: 'masonry' },
		pictures: [
			{ id: 'a', outer: { width: 577, height: 736 }, kg: 3.2, hooks: [{ x: 0, down: 117.4 }] },
			{ id: 'c', outer: { width: 300, height: 400 } }
		],
		groups: [{ pictures: ['a'], line: 'row', from: 200, to: 3000, height: 1500 }],
		places: [{ id: 'c', left: 3300, centre: 1500 }]
	};
	const { stdout, status } = core(['wall', '-'], JSON.stringify(asked));
	assert.equal(status, 0);
	const { pictures, hooks, gaps, findings } = JSON.parse(stdout) as WallPlan;
	assert.deepEqual(pictures[1], { id: 'c', left: 3300, bottom: 1300, width: 300, height: 400 });
	assert.deepEqual([gaps, hooks], [[1111.5], [{ n: 1, picture: 'a', x: 1600, height: 1750.6 }]]);
	assert.deepEqual(findings, []);
	const named = core(['wall', '-'], JSON.stringify({ ...asked, pictures: [{ id: 'a', job: 'K-0101' }, asked.pictures[1]] }));
	assert.deepEqual([named.status, named.stdout], [2, '']);
	assert.match(named.stderr, /^pictures\[0\]\.job: Only the server knows jobs/);
});

test('steps: the run of every demo piece, each with what comes before it and what it uses of the cut list; a fault as with plan', () => {
	for (const number of ['K-0101', 'K-0112', 'K-0120', 'K-0121']) {
		const path = `demo/jobs/${number}.json`;
		const { stdout, status } = core(['steps', path]);
		assert.equal(status, 0, number);
		const { steps } = JSON.parse(stdout) as {
			steps: {
				id: string;
				does: string[];
				caution: string | null;
				after: string[];
				minutes: number;
				waitMinutes: number;
				uses: string[];
			}[];
		};
		const before = new Set<string>();
		for (const { id, does, after, minutes, waitMinutes } of steps) {
			assert.ok(does.length > 0 && minutes > 0 && waitMinutes >= 0, `${number} ${id}`);
			for (const one of after) assert.ok(before.has(one), `${number}: ${one} before ${id}`);
			before.add(id);
		}
		const made = JSON.parse(core(['plan', path]).stdout) as Plan;
		for (const name of new Set(made.cut.map(({ role }) => role)))
			assert.ok(
				steps.some(({ uses }) => uses.some((one) => one.startsWith(name))),
				`${number}: ${name} is used`
			);
	}
	const { stdout, stderr, status } = core(['steps', '-'], JSON.stringify({ ...workedJob(), mts: 1 }));
	assert.deepEqual([status, stdout], [2, '']);
	assert.match(stderr, /^mts: /m);
});
