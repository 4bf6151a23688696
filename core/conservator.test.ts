/** What a conservator would object to: seventy pieces by the handbook, and properties over all kinds, media and aims. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { PIECES, type Met } from '../tests/conservator.ts';
import { anyJob, anyPieceJob, anyWindowJob } from '../tests/jobs.ts';
import { runs } from '../tests/thorough.ts';
import { decide } from './decide.ts';
import type { JobFile } from './job/definition.ts';
import { referredAt } from './job/decide-piece.ts';
import { attempt } from './job/faults.ts';
import { PIECE_KINDS, SCOPES, type Scope } from './job/kinds.ts';
import { readJob } from './job/read.ts';
import { planDecided } from './plan.ts';
import { CONCERN_IDS } from './shop/concerns.ts';
import { GRADES } from './shop/grades.ts';
import { builtInShop, type Shop } from './shop/shop.ts';
import { supportsOf } from './shop/supports.ts';
import { touchesPiece } from './views/bench/refer.ts';
import { planSteps } from './views/bench/steps.ts';
import { isStepId } from './shop/step-names.ts';

/** Whether a board suits photographs is typed from its data; here it is known of all. */
const shop: Shop = {
	...builtInShop,
	boards: Object.fromEntries(Object.entries(builtInShop.boards).map(([id, board]) => [id, { ...board, passesPat: true }]))
};

const THICK: Partial<Record<string, number>> = { panel: 6, canvas: 20, object: 10, bone: 2 };

function fileOf({ kind = 'paper', medium, aim, piece, job }: Omit<Met, 'name' | 'reached'>): JobFile {
	return {
		format: 'rare-keep/job',
		version: 1,
		aim,
		piece: {
			kind,
			readings: { width: 300, height: 400 },
			thickness: THICK[kind] ?? 0.3,
			...(medium ? { medium } : {}),
			...piece
		},
		frame: { kind: 'wood', section: { face: 30, lip: 12, depth: 60, rabbetDepth: 50, density: 550 } },
		...job
	};
}

function made(file: JobFile) {
	const job = decide(readJob(file), shop);
	return { job, plan: planDecided(file, job, shop) };
}

test('seventy pieces or more, each once', () => {
	assert.ok(PIECES.length >= 70, String(PIECES.length));
	assert.equal(new Set(PIECES.map(({ name }) => name)).size, PIECES.length);
});

for (const met of PIECES)
	test(`${met.name}: as the handbook has it`, () => {
		const { job, plan } = made(fileOf(met));
		const found = plan.findings.map(({ severity, rule }) => `${severity} ${rule}`);
		for (const wanted of met.has ?? []) assert.ok(found.includes(wanted), `${wanted}: ${found.join(', ')}`);
		for (const rule of met.not ?? [])
			assert.ok(!plan.findings.some((one) => one.rule === rule), `no ${rule}: ${found.join(', ')}`);
		assert.equal(plan.grade.reached, met.reached, found.join(', '));
		if (met.hold) assert.equal(job.hold.kind, met.hold);
		if (met.glazing) assert.equal(job.guard.glazing.id, met.glazing);
		if (met.fade) assert.equal(job.piece.fade, met.fade);
	});

const MEDIA = Object.keys(shop.media).filter((id) => !shop.media[id]!.concerns);

test('property: no default of any kind, medium, support and aim has a stop of its own making', () => {
	fc.assert(
		fc.property(
			fc.constantFrom(...PIECE_KINDS).chain((kind) =>
				fc.record({
					kind: fc.constant(kind),
					support: fc.constantFrom(undefined, ...supportsOf(kind)),
					medium: fc.subarray(MEDIA, { maxLength: 3 }),
					aim: fc.constantFrom(...GRADES),
					width: fc.integer({ min: 120, max: 1000 }),
					height: fc.integer({ min: 120, max: 1000 }),
					way: fc.constantFrom(undefined, 'float' as const),
					unit: fc.constantFrom('mm' as const, 'in' as const)
				})
			),
			({ kind, support, medium, aim, width, height, way, unit }) => {
				const file: JobFile = {
					...fileOf({ kind, medium, aim, piece: { readings: { width, height }, dry: true, ...(support ? { support } : {}) } }),
					unit,
					...(way ? { window: { way } } : {}),
					// No frame is chosen yet: its stops are of its profile.
					frame: {}
				};
				const { plan } = made(file);
				assert.deepEqual(
					plan.findings.filter(({ severity }) => severity === 'stop').map(({ rule, says }) => `${rule}: ${says}`),
					[]
				);
				assert.ok(plan.grade.reached !== null && GRADES.indexOf(plan.grade.reached) <= GRADES.indexOf(aim));
			}
		),
		{ numRuns: runs(3000) }
	);
});

test('property: while a concern stands no step touches or encloses the piece, and the run says what to do', () => {
	const given: Partial<Record<Scope, Partial<JobFile>>> = {
		back: { given: { outer: { width: 400, height: 500 }, pack: 10 } },
		'back-hang': { given: { outer: { width: 400, height: 500 }, pack: 10, mass: 2 } },
		hang: { given: { outer: { width: 400, height: 500 }, mass: 2 } }
	};
	fc.assert(
		fc.property(
			fc.constantFrom(...PIECE_KINDS),
			fc.constantFrom(...SCOPES),
			fc.subarray([...CONCERN_IDS], { minLength: 1, maxLength: 4 }),
			fc.constantFrom(...GRADES),
			fc.boolean(),
			(kind, scope, concerns, aim, isSeen) => {
				const conservator = { name: 'A. Holm', on: '2026-10-02', finding: 'May be framed.' };
				const file: JobFile = {
					...fileOf({ kind, aim, piece: { concerns, ...(isSeen ? { conservator } : {}) } }),
					scope,
					...given[scope]
				};
				const outcome = attempt(() => made(file));
				if (!outcome.ok) return;
				const { job, plan } = outcome.gives;
				const steps = planSteps(job, plan, shop);
				const referred = referredAt(job.piece, aim);
				const stops = plan.findings.some(({ rule, severity }) => rule === 'piece.needs-conservator' && severity === 'stop');
				assert.equal(referred.length > 0, stops);
				if (steps.length === 0) return;
				assert.equal(
					steps.some(({ id }) => id === 'refer'),
					stops
				);
				if (stops) for (const { id } of steps) assert.ok(isStepId(id) && !touchesPiece(id), id);
			}
		),
		{ numRuns: runs(1500) }
	);
});

test('property: no piece with a stop of safety has a step that touches it without its reason', () => {
	fc.assert(
		fc.property(fc.oneof(anyJob, anyWindowJob, anyPieceJob), (file) => {
			const { job, plan } = made(file);
			const stops = plan.findings.filter(({ severity, of }) => severity === 'stop' && of === 'safety');
			const first = planSteps(job, plan, shop).find(({ id }) => isStepId(id) && touchesPiece(id));
			if (!first) return;
			assert.equal(/^Stopped: /.test(first.caution ?? ''), stops.length > 0);
			for (const { says } of stops.slice(0, 2)) assert.ok(first.caution!.includes(says), `${first.id}: ${says}`);
		}),
		{ numRuns: runs(1000) }
	);
});
