/** Every part of the work, of every piece, with whatever is not yet known: a plan or faults, never anything else that is thrown. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { asFarAs } from './advice/as-far-as.ts';
import { decide } from './decide.ts';
import type { JobFile } from './job/definition.ts';
import { attempt } from './job/faults.ts';
import { BONE_KINDS, PIECE_KINDS, SCOPES } from './job/kinds.ts';
import { readJob } from './job/read.ts';
import { planDecided } from './plan.ts';
import { readHouse } from './shop/own-house.ts';
import { MEDIA } from './shop/media.ts';
import { builtInShop, type Shop } from './shop/shop.ts';
import { nextOf } from './views/bench/next.ts';
import { planSteps } from './views/bench/steps.ts';
import { sceneOf, VIEWS } from './views/drawing/views.ts';

/** Plans it with all that its pages ask for. @returns how it ended; what is no fault is thrown on */
function tried(file: JobFile, shop: Shop = builtInShop): 'plan' | 'faults' {
	let defect: unknown;
	const made = attempt(
		() => {
			const job = decide(readJob(file), shop);
			const plan = planDecided(file, job, shop);
			// Remedies and reasons are made when they are first looked at.
			void plan.findings.flatMap(({ remedies }) => remedies);
			void plan.why;
			nextOf(plan, job.scope);
			planSteps(job, plan, shop);
			for (const view of VIEWS) sceneOf(view, plan, job, shop);
			return plan;
		},
		(error) => (defect = error)
	);
	if (defect) throw new Error(`${JSON.stringify(file)}: ${String(defect instanceof Error ? defect.stack : defect)}`);
	return made.ok ? 'plan' : 'faults';
}

/** One of each that a plan tells apart by what follows from it. */
const TOLD_APART = [
	...new Map(MEDIA.map(({ id, name: _, fade: __, ...flags }) => [JSON.stringify(flags), id] as const)).values()
];

const SIZE = { width: 402, height: 551 };
/** What is not yet known, or is chosen early. */
const EMPTY: readonly [string, (of: JobFile) => JobFile][] = [
	['all of it', (of) => of],
	['readings', ({ piece, ...of }) => ({ ...of, piece: { ...piece, readings: {} } })],
	['hung from the window mat', (of) => ({ ...of, schools: { 'hang-from': 'window-mat' } })],
	['no mats', (of) => ({ ...of, mats: [] })],
	['customer’s frame without measurements', (of) => ({ ...of, frame: { kind: 'ready-made' } })],
	[
		'a mat at hand, nothing measured',
		({ piece, ...of }) => ({ ...of, piece: { ...piece, readings: {} }, mats: [{ board: 'cotton-4', have: {} }] })
	],
	['given in part', (of) => ({ ...of, given: { outer: { width: 430 } } })],
	['a float', (of) => ({ ...of, window: { way: 'float' } })],
	['a reveal without its image', (of) => ({ ...of, window: { way: 'reveal' } })]
];

function jobsOf(scope: (typeof SCOPES)[number]): JobFile[] {
	return PIECE_KINDS.flatMap((kind) =>
		[null, ...TOLD_APART].flatMap((medium) =>
			EMPTY.map(([, without]) =>
				without({
					format: 'rare-keep/job',
					version: 1,
					scope,
					piece: {
						kind,
						readings: SIZE,
						...(medium ? { medium: [medium] } : {}),
						...(kind === 'bone' ? { material: 'ivory' } : {})
					},
					frame: { moulding: 'ash-22' }
				})
			)
		)
	);
}

for (const scope of SCOPES)
	test(`${scope}: every kind × medium × empty field gives a plan or faults`, () => {
		const ends = jobsOf(scope).map((file) => tried(file));
		assert.ok(ends.filter((end) => end === 'plan').length > ends.length / 2, 'most of them can be planned');
	});

test('a pastel before its size, in a customer’s frame with a mat at hand', () => {
	const base = { format: 'rare-keep/job', version: 1, piece: { medium: ['pastel'], readings: {} } } as const;
	assert.equal(tried(base as unknown as JobFile), 'plan');
	for (const scope of ['mat-package', 'mount', 'fit'] as const)
		assert.equal(tried({ ...base, scope } as unknown as JobFile), 'plan', scope);
});

test('bone of every material, and every scope with nothing at all', () => {
	for (const scope of SCOPES) assert.equal(tried({ format: 'rare-keep/job', version: 1, scope }), 'plan');
	for (const material of BONE_KINDS)
		assert.equal(tried({ format: 'rare-keep/job', version: 1, piece: { kind: 'bone', material, readings: SIZE } }), 'plan');
});

const tiny: JobFile = { format: 'rare-keep/job', version: 1, piece: { readings: { width: 22, height: 26 } } };
const withOverlap = (value: number): Shop => {
	const read = readHouse([{ house: 'mm', figure: 'overlap', value }]);
	assert.ok(read.ok);
	return { ...builtInShop, houses: { ...builtInShop.houses, mm: { ...builtInShop.houses.mm, ...read.own.mm } } };
};

test('a figure of the house that leaves no window: the job opens as far as it goes, with its fault', () => {
	const shop = withOverlap(12);
	assert.equal(tried(tiny, shop), 'faults');
	const { plan, faults } = asFarAs(tiny, shop);
	assert.match(faults[0]!.path, /^window\.overlap/);
	assert.equal(plan.window, undefined);
	assert.equal(plan.open[0]?.station, 'measure');
	assert.deepEqual(asFarAs({ ...tiny, window: { overlap: 3 } }, shop).faults, []);
});

test('what is typed and at fault is laid aside, and nothing else', () => {
	const file = { ...tiny, piece: { readings: SIZE }, window: { overlap: 400 }, hold: { kind: 'nailed' } } as unknown as JobFile;
	const { plan, faults, job } = asFarAs(file, builtInShop);
	assert.ok(faults.length > 0);
	assert.deepEqual(plan.measure && !Array.isArray(plan.measure) && plan.measure.mean, SIZE);
	assert.ok(plan.window, 'the window is planned with the house’s overlap');
	assert.equal(job.hold.kind, 't-hinge');
	const unreadable = { format: 'rare-keep/job', version: 1, scope: 'sideways', piece: { readings: SIZE } } as unknown as JobFile;
	assert.ok(asFarAs(unreadable, builtInShop).faults.length > 0);
});
