/** Several alike, the same again, an old frame first, and what belongs with a piece. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { decide } from './decide.ts';
import { fromUnframing } from './job/from-unframing.ts';
import { PIECE_KINDS } from './job/kinds.ts';
import { drop, patched, put } from './job/patch.ts';
import { belongsTo } from './job/piece-fields.ts';
import { readJob } from './job/read.ts';
import { sameAgain } from './job/same-again.ts';
import { plan } from './plan.ts';
import { builtInShop } from './shop/shop.ts';
import { planSteps } from './views/bench/steps.ts';
import { sceneOf } from './views/drawing/views.ts';
import { SECTION, explained } from '../tests/as-it-comes.ts';
import { faultsOf, planned, planSingle, workedJob } from '../tests/jobs.ts';

test('alike: every count of the cut list is for all, everything else of one', () => {
	const [one, twenty] = [planned(), planned({ copies: 20 })];
	assert.deepEqual(
		twenty.cut.map(({ count }) => count),
		one.cut.map(({ count }) => count * 20)
	);
	assert.deepEqual([twenty.window, twenty.mass, twenty.pack], [one.window, one.mass, one.pack]);
	explained(workedJob({ copies: 20 }));
	assert.match(faultsOf({ copies: 0 })[0]!, /^copies: 0 is outside 1 to 500/);
	assert.match(faultsOf({ copies: 10000 })[0]!, /^copies/);
});

test('what an unframing found starts the job: what is used again stays, what is gone leaves, old tape is a concern', () => {
	const file = workedJob({
		scope: 'unframe',
		unframing: [
			{ what: 'frame', fate: 'used-again', condition: 'gilded, loose corner' },
			{ what: 'glazing', fate: 'used-again' },
			{ what: 'mat', fate: 'gone', material: 'ordinary board' },
			{ what: 'hinges', fate: 'gone', material: 'gummed tape' },
			{ what: 'back', fate: 'gone', material: 'wood-fibre board' }
		]
	});
	const started = patched(file, fromUnframing(file));
	assert.deepEqual(started.frame?.kept, { glazing: { kind: 'unknown' } });
	assert.deepEqual(started.frame?.replaced, ['mat', 'back']);
	assert.deepEqual(started.piece?.concerns, ['old-tape']);
	assert.match(started.piece.condition!, /Frame: gilded, loose corner, reused\. .*Back: wood-fibre board, discarded\./);
	// Once it is measured, it is planned.
	const whole = patched(started, [
		...drop(started, ['scope']),
		...put(started, ['frame', 'section'], SECTION),
		...put(started, ['frame', 'opening'], { width: 545, height: 704 }),
		...put(started, ['borders'], { way: 'fit' })
	]);
	assert.deepEqual(planSingle(whole).open, []);
	assert.deepEqual(fromUnframing(workedJob()), []);
	const again = patched(started, fromUnframing(started));
	assert.deepEqual(again, started, 'pressed twice it is the same');
});

test('a spacer is seen as far past the lip as is designed; else as little as can be', () => {
	const boxed = (seen?: number) =>
		workedJob({
			mats: [],
			window: { way: 'float', gap: 10 },
			piece: { kind: 'object', readings: { width: 60, height: 140 }, thickness: 4 },
			borders: {},
			guard: {
				spacer: { material: 'wood-lined', thickness: 20, lined: true, colour: 'ink', ...(seen === undefined ? {} : { seen }) }
			},
			frame: { section: { face: 22, lip: 8, depth: 50, rabbetDepth: 42, density: 680 } },
			hold: { kind: 'stitching' }
		});
	const usual = planSingle(boxed()).pack!.spacer!;
	assert.equal(usual.seen, 0);
	const designed = planSingle(boxed(5)).pack!.spacer!;
	assert.ok(Math.abs(designed.seen - 5) <= 0.5, `${designed.seen}`);
	explained(boxed(5));
});

test('bare wood is finished and dry before the pack is near it; a section of metal has none', () => {
	const steps = (finish: 'oil' | 'wax') => {
		const file = workedJob({ frame: { section: SECTION, finish } });
		return planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
	};
	const ids = steps('oil').map(({ id }) => id);
	assert.ok(ids.indexOf('join-frame') < ids.indexOf('finish-wood') && ids.indexOf('finish-wood') < ids.indexOf('fit-first'));
	assert.equal(steps('oil').find(({ id }) => id === 'finish-wood')!.waitMinutes, 24 * 60);
	assert.equal(steps('wax').find(({ id }) => id === 'finish-wood')!.waitMinutes, 2 * 60);
	assert.match(faultsOf({ frame: { moulding: 'metal-10', finish: 'wax' } })[0]!, /^frame\.finish/);
});

test('what belongs with it stands in the steps and is drawn where it goes', () => {
	const file = workedJob({
		schools: { inscription: 'mat' },
		belongs: { papers: ['Certificate of 1974', ' '], inscription: 'For Ada', signed: true, plate: { text: 'Tide chart' } }
	});
	const [made, job] = [plan(file, builtInShop), decide(readJob(file), builtInShop)];
	const steps = planSteps(job, made, builtInShop);
	const said = (step: string) => steps.find(({ id }) => id === step)!.does.join(' ');
	assert.match(said('label'), /sleeve on the back.*: Certificate of 1974\..*plate.*“Tide chart”/);
	assert.match(said('sign'), /Write on the mat, in pencil, at the bottom left: “For Ada”\..*signs the mat/);
	const order = steps.map(({ id }) => id);
	assert.ok(order.indexOf('sign') < order.indexOf('close-pack'), 'while the mat can be reached');
	const titles = (view: 'front' | 'back') => sceneOf(view, made, job, builtInShop)!.shapes.map(({ title = '' }) => title);
	assert.ok(['Title plate: Tide chart', 'Inscription: For Ada'].every((title) => titles('front').includes(title)));
	assert.ok(titles('back').includes('In a polyester sleeve: Certificate of 1974'));
	const without = workedJob();
	assert.ok(
		!sceneOf('front', plan(without, builtInShop), decide(readJob(without), builtInShop), builtInShop)!.shapes.some(
			({ role }) => role === 'plate'
		)
	);
});

test('the same again: the decisions, not the day, the owner or what was accepted; the old file stays as it was', () => {
	const file = workedJob({
		title: 'Print 3',
		dates: { wanted: '2026-12-01' },
		copies: 4,
		accepted: [{ rule: 'gap.small', facts: 'x', reason: 'y', initials: 'OB' }],
		piece: { readings: { width: 402, height: 551 }, owner: 'Ada', condition: 'a tear', kind: 'paper' }
	});
	const before = JSON.stringify(file);
	const again = sameAgain(file);
	assert.deepEqual(again.piece, { readings: { width: 402, height: 551 }, kind: 'paper' });
	assert.deepEqual([again.title, again.dates, again.copies, again.accepted], ['Print 3, again', undefined, undefined, undefined]);
	assert.equal(sameAgain(again).title, 'Print 3, again');
	assert.equal(JSON.stringify(file), before);
	assert.deepEqual(planSingle(again).cut, planSingle({ ...file, copies: 1 }).cut);
});

test('a field that is not of this kind of piece is not asked for, but what was written stays to be seen', () => {
	assert.deepEqual(
		PIECE_KINDS.filter((kind) => belongsTo(kind, 'deckle', false)),
		['paper', 'vellum']
	);
	assert.ok(belongsTo('object', 'deckle', true) && belongsTo('panel', 'relief', false) && !belongsTo('panel', 'cockle', false));
});
