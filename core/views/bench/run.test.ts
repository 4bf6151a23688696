/** Runs: what must be done before what, over every package; events folded; locks, waits and what opening again undoes. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyJob, anyPieceJob, anyWindowJob, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import type { AnyStepId, StepId } from '../../stations/step.ts';
import { BEFORE, beforeOf } from './before.ts';
import { CAUSES, REOPENS } from './causes.ts';
import { lockOf, minutesAgain, nextStep, waitsOf } from './locks.ts';
import { folded, isUndoneBy, type Deed, type Run, type RunEvent } from './run.ts';
import { planSteps, type Step } from './steps.ts';

const stepsOf = (file: JobFile): Step[] => planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
const steps = (changes: Partial<JobFile> = {}): Step[] => stepsOf(workedJob(changes));
const MINUTE = 60_000;

/** Events a minute apart, in their order. */
const events = (...deeds: Deed[]): RunEvent[] =>
	deeds.map((deed, at) => ({ ...deed, id: `event ${at}`, at: at * MINUTE, by: 'OB' }));
const did = (...ids: AnyStepId[]): Deed[] => ids.map((step) => ({ kind: 'done', step }));

/** By school one or the other comes first. */
const EITHER = new Set([
	'dust-cover hang',
	'dust-cover bumpers',
	'dust-cover back-strip',
	'hang dust-cover',
	'hang seal',
	'bumpers hang',
	'bumpers dust-cover',
	'bumpers seal',
	// A cleat is glued to bare wood before the tape, everything else is screwed on after it.
	'seal hang',
	'dust-cover rings',
	// Into a metal channel they are slid while a rail is off.
	'hang fit-all',
	'hang centre'
]);

const SCHOOLS: JobFile['schools'][] = [
	{},
	{ 'cover-order': 'hardware-first' },
	{ 'bumper-order': 'before-hangers' },
	{ 'hang-from': 'window-mat' },
	{ 'metal-load': 'layers', centring: 'by-eye' }
];

test('property: whatever the package, what must be done before a step stands before it, and in that order nothing is locked', () => {
	fc.assert(
		fc.property(fc.oneof(anyJob, anyWindowJob, anyPieceJob), fc.constantFrom(...SCHOOLS), (file, schools) => {
			const of = stepsOf({ ...file, schools: { ...file.schools, ...schools } });
			const at = new Map(of.map(({ id }, index) => [id, index]));
			assert.equal(at.size, of.length, 'no step twice');
			for (const { id } of of)
				for (const { step } of beforeOf(id))
					if (at.has(step) && !EITHER.has(`${id} ${step}`))
						assert.ok(at.get(step)! < at.get(id)!, `${step} before ${id}: ${[...at.keys()].join(' ')}`);
			let now = 0;
			const done: RunEvent[] = [];
			for (const { id, waitMinutes = 0 } of of) {
				assert.equal(lockOf(id, folded(done), of, now), null, id);
				done.push({
					kind: 'done',
					step: id,
					id,
					at: now,
					by: '',
					...(waitMinutes > 0 ? { waits: { minutes: waitMinutes, what: id } } : {})
				});
				now += waitMinutes * MINUTE;
			}
			assert.equal(nextStep(folded(done), of, now), null);
		}),
		{ numRuns: runs(500) }
	);
});

test('the orders that cost most when they are forgotten', () => {
	const locked = (id: StepId, of: Step[], ...done: StepId[]) => lockOf(id, folded(events(...did(...done))), of, 1e12);
	const of = steps({ back: { dustCover: true }, guard: { ...workedJob().guard, edgeSeal: 'aluminium-laminate' } });
	assert.match(locked('fit-first', of, 'close-pack', 'dust-first')!.because, /the lip must hide/);
	assert.match(locked('hang', of)!.because, /Fix the pack in position/);
	assert.match(locked('hang', of, 'fit-all', 'centre')!.because, /bare wood/);
	assert.match(locked('hang', of, 'fit-all', 'centre', 'seal')!.because, /under the hardware/);
	assert.match(locked('seal', of, 'fit-all')!.because, /nothing can be shifted/);
	assert.match(locked('clean-glazing', of, 'cut-glazing')!.because, /clean the glazing last/);
	assert.match(locked('cut-boards', of)!.because, /Find what is missing/);
	assert.equal(locked('cut-boards', of, 'gather'), null);
	const turned = steps({ back: { dustCover: true }, schools: { 'cover-order': 'hardware-first' } });
	assert.equal(locked('rings', turned, 'gather', 'fit-all', 'centre', 'seal'), null);
	assert.equal(locked('dust-cover', turned, 'seal', 'fit-all', 'centre')?.by.id, 'rings');
	assert.equal(locked('wire', turned, 'seal', 'rings')?.by.id, 'dust-cover', 'no strung wire lies under the paper');
	assert.equal(locked('bumpers', turned, 'seal', 'rings', 'wire')?.by.id, 'dust-cover', 'and no bumper');
});

test('what dries locks what follows until it is dry, and says until when', () => {
	const of = steps();
	const done: Deed[] = [
		...did('gather', 'cut-boards', 'prepare-hold', 'join-mats', 'tabs', 'place'),
		{ kind: 'done', step: 'hinge', waits: { minutes: 45, what: 'Hinges' } }
	];
	const run = folded(events(...done));
	const hinged = run.done.get('hinge')!.at;
	const wait = 45 * MINUTE;
	assert.deepEqual(lockOf('try-window', run, of, hinged + wait - 1)?.until, hinged + wait);
	assert.equal(lockOf('try-window', run, of, hinged + wait), null);
	assert.deepEqual(
		waitsOf(run).map(({ step, what, until }) => [step, what, until]),
		[['hinge', 'Hinges', hinged + wait]]
	);
	// Meanwhile what is not locked is next.
	assert.equal(nextStep(folded(events(...did('ready'), ...done)), of, hinged)?.id, 'cut-frame');
});

test('events: each counts once, a step done twice was done the first time, a step taken back is open', () => {
	const [begun, ...done] = events({ kind: 'begun', rev: 3 }, ...did('ready', 'ready'), { kind: 'undone', step: 'gather' });
	const run = folded([begun!, ...done, ...done]);
	assert.deepEqual([run.rev, run.stayedAt, run.begunAt, run.by], [3, 3, 0, 'OB']);
	assert.deepEqual(
		[...run.done].map(([step, { at, by }]) => [step, at, by]),
		[['ready', MINUTE, 'OB']]
	);
	assert.equal(folded(events(...did('ready'), { kind: 'undone', step: 'ready' })).done.size, 0);
	const forced = folded(events({ kind: 'done', step: 'hang', forced: 'It was on already' }));
	assert.equal(forced.done.get('hang')!.forced, 'It was on already');
	assert.equal(folded(events({ kind: 'begun', rev: 3 }, { kind: 'begun', rev: 9 })).rev, 3);
	assert.equal(folded(events({ kind: 'begun', rev: 3 }, { kind: 'taken-over', rev: 4 })).rev, 4);
	const stayed = folded(events({ kind: 'begun', rev: 3 }, { kind: 'stayed', rev: 4 }));
	assert.deepEqual([stayed.rev, stayed.stayedAt], [3, 4]);
});

test('what is typed, ticked, read, looked at and photographed is there', () => {
	const readings = { tl: 1, tr: 1, bl: 1, br: 1, lt: 1, lb: 1, rt: 1, rb: 1 };
	const run = folded(
		events(
			{ kind: 'ticked', what: '2 × mat', on: true },
			{ kind: 'ticked', what: 'wire', on: true },
			{ kind: 'ticked', what: 'wire', on: false },
			{ kind: 'measured', part: 'mat 1', width: 542, height: 701, d1: 886 },
			{ kind: 'laid', window: 0, left: 70, top: 70.5 },
			{ kind: 'read', readings },
			{ kind: 'looked', step: 'dust-first', clean: false, cause: 'lint', minutes: 4 },
			{ kind: 'looked', step: 'dust-first', clean: true, minutes: 4 },
			{ kind: 'answered', step: 'hang', yes: true },
			{ kind: 'photographed', side: 'back', picture: 'p' },
			{ kind: 'wrong', step: 'fit-all', says: 'A pin broke' },
			{ kind: 'ended' }
		)
	);
	assert.deepEqual([...run.ticked], ['2 × mat']);
	assert.deepEqual([...run.measured], [['mat 1', { width: 542, height: 701, d1: 886 }]]);
	assert.deepEqual([...run.laid], [[0, { left: 70, top: 70.5 }]]);
	assert.deepEqual(run.read, [readings]);
	assert.deepEqual(
		run.looked.get('dust-first')!.map(({ clean, cause }) => [clean, cause]),
		[
			[false, 'lint'],
			[true, undefined]
		]
	);
	assert.equal(run.minutesLost, 4, 'a look that finds nothing costs nothing');
	assert.deepEqual([run.answered.get('hang'), run.photographs.get('back'), run.wrong[0]!.says], [true, 'p', 'A pin broke']);
	assert.equal(run.endedAt, 11 * MINUTE);
});

test('reopened: the steps from its cause on are to be done once more, which way is up is asked once more, the minutes count', () => {
	const of = steps();
	const all = of.map(({ id }) => id);
	const before = folded(events(...did(...all), { kind: 'answered', step: 'hang', yes: true }));
	const lost = minutesAgain(before, of, 'lint');
	const minutes = of.filter(({ id }) => all.indexOf(id) >= all.indexOf('dust-first')).reduce((sum, one) => sum + one.minutes!, 0);
	assert.equal(lost, minutes);
	const after = folded([
		...eventsOf(before, all),
		...events({ kind: 'reopened', cause: 'lint', minutes: lost }).map((one) => ({ ...one, id: 'again' }))
	]);
	assert.equal(nextStep(after, of, 1e12)?.id, 'dust-first');
	assert.ok(after.done.has('clean-glazing') && !after.done.has('fit-all') && !after.done.has('hang'));
	assert.deepEqual([after.answered.size, after.minutesLost, after.reopened.length], [0, lost, 1]);
	for (const cause of CAUSES) {
		assert.ok(isUndoneBy(cause, REOPENS[cause].from, () => false));
		assert.ok(!isUndoneBy(cause, 'cut-boards', () => true), cause);
	}
});

const eventsOf = (_: Run, ids: AnyStepId[]): RunEvent[] => events(...did(...ids), { kind: 'answered', step: 'hang', yes: true });

test('property: two devices that have the same events in the same order have the same run', () => {
	const deed: fc.Arbitrary<Deed> = fc.oneof(
		fc.record({ kind: fc.constant('done' as const), step: fc.constantFrom(...(Object.keys(BEFORE) as StepId[])) }),
		fc.record({ kind: fc.constant('undone' as const), step: fc.constantFrom(...(Object.keys(BEFORE) as StepId[])) }),
		fc.record({
			kind: fc.constant('reopened' as const),
			cause: fc.constantFrom(...CAUSES),
			minutes: fc.integer({ min: 0, max: 90 })
		})
	);
	fc.assert(
		fc.property(fc.array(deed, { maxLength: 60 }), (deeds) => {
			const all = events(...deeds);
			// Sent twice, or told twice by two ways: nothing is doubled.
			const twice = all.flatMap((one) => [one, one]);
			assert.deepEqual(folded(twice), folded(all));
			// Folded in two parts or in one.
			for (const { step } of deeds.filter((one) => one.kind === 'done') as { step: StepId }[])
				assert.ok(folded(all).done.has(step) || deeds.some(({ kind }) => kind !== 'done'));
		}),
		{ numRuns: runs(200) }
	);
});

test('a batch: counted piece by piece, one reopened takes that one back', () => {
	const of = steps({ copies: 20 });
	assert.equal(of.find(({ id }) => id === 'gather')!.pieces, undefined, 'once for all');
	const fit = of.find(({ id }) => id === 'fit-all')!;
	assert.equal(fit.pieces, 20);
	const counted = (...more: number[]): Deed[] => more.map((one) => ({ kind: 'counted', step: 'fit-all', more: one }));
	assert.equal(folded(events(...counted(1, 1, -1, 1))).counted.get('fit-all'), 2);
	assert.equal(folded(events(...counted(-1, 1))).counted.get('fit-all'), 1, 'never below none');
	const done = folded(events(...did(...of.map(({ id }) => id))));
	const one = steps();
	const all = folded(events(...did(...one.map(({ id }) => id))));
	assert.ok(Math.abs(minutesAgain(done, of, 'dust') - minutesAgain(all, one, 'dust')) < 1e-9, 'it is one that is opened');
	const again = folded(
		events(...did('cut-boards', 'fit-first', 'fit-all'), ...counted(3), {
			kind: 'reopened',
			cause: 'points-moved',
			minutes: 3,
			pieces: 20
		})
	);
	assert.deepEqual([again.counted.get('fit-all'), again.done.has('fit-all'), again.done.has('fit-first')], [19, false, true]);
});

test('taken back, a step asks its question again', () => {
	const run = folded(events({ kind: 'answered', step: 'hang', yes: true }, ...did('hang'), { kind: 'undone', step: 'hang' }));
	assert.deepEqual([run.answered.has('hang'), run.done.has('hang')], [false, false]);
});

test('hardware first: opened for the hardware, the rings and what lies over them are done again', () => {
	const turned = ['seal', 'rings', 'dust-cover', 'wire', 'bumpers'] as const;
	const has = (id: AnyStepId) => turned.some((one) => one === id);
	assert.deepEqual(
		turned.filter((id) => isUndoneBy('hardware', id, has)),
		['rings', 'dust-cover', 'wire', 'bumpers']
	);
	assert.deepEqual(
		(['seal', 'dust-cover', 'hang', 'bumpers'] as const).filter((id) => isUndoneBy('hardware', id, () => false)),
		['hang', 'bumpers']
	);
});
