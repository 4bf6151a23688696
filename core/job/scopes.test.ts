/** Jobs that are only a part of the work. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { decide } from '../decide.ts';
import type { JobFile } from './definition.ts';
import { drop, patched, put } from './patch.ts';
import { readJob } from './read.ts';
import { SCOPES } from './kinds.ts';
import { covers } from './scopes.ts';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { planSteps } from '../views/bench/steps.ts';
import { quoteRows } from '../views/cost/quote-words.ts';
import { sceneOf, VIEWS } from '../views/drawing/views.ts';
import { EVERYTHING, inItsFrame, BACK_ONLY, HANG_ONLY, roles, explained } from '../../tests/as-it-comes.ts';
import { planned, planSingle, workedJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';

test('a mats-only job: mats and under-mat are cut, nothing is asked of glazing, frame or wall', () => {
	const made = planned({ scope: 'mat-package' });
	assert.deepEqual([...new Set(roles(made))], ['mat', 'under-mat']);
	assert.deepEqual(
		[made.hold, made.frame, made.back, made.hang, made.light],
		[undefined, undefined, undefined, undefined, undefined]
	);
	assert.deepEqual(made.open, []);
	assert.ok(!made.findings.some(({ rule }) => /^(glazing|gap|seal|board\.backing)/.test(rule)));
	assert.notEqual(made.grade.reached, null);
});

test('matted and mounted: what holds the piece is planned and cut too', () => {
	const made = planned({ scope: 'mount' });
	assert.ok(made.hold && roles(made).includes('hinge tab') && !roles(made).includes('glazing'));
});

test('a back alone: tape and dust cover from what was measured outside; without its recess it says what is missing', () => {
	const made = planSingle(BACK_ONLY);
	assert.deepEqual(made.frame!.rabbet, { width: 545, height: 704 });
	assert.deepEqual([made.back!.tape!.land, made.back!.tape!.recess, made.back!.tape!.width], [10, 4, 29]);
	assert.deepEqual(made.back!.tape!.strips, [565, 724, 565, 724]);
	assert.deepEqual(new Set(roles(made)), new Set(['back tape']));
	assert.deepEqual([made.hang, made.mass, made.window], [undefined, undefined, undefined]);
	explained(BACK_ONLY);
	const missing = planSingle({ ...BACK_ONLY, given: { outer: { width: 577, height: 736 } } });
	assert.deepEqual(missing.open, [{ station: 'back', needs: 'the pack’s thickness' }]);
});

test('a hanging alone is the handbook’s worked case: drop 245.3, r 108.0, T 31.4 N, wire 868.9', () => {
	const { hang, mass } = planSingle(HANG_ONLY);
	const near = (value: number, wanted: number, within: number) => assert.ok(Math.abs(value - wanted) <= within, `${value}`);
	near(hang!.drop, 245.3, 0.05);
	near(hang!.rise, 108, 0.05);
	near(hang!.pullN, 31.4, 0.05);
	near(hang!.wire!.length, 868.9, 0.05);
	assert.equal(hang!.wire!.breakingKg, 27.2);
	assert.equal(mass!.kg, 3.2);
	explained(HANG_ONLY);
	assert.match(planSingle({ ...HANG_ONLY, given: {} }).open[0]!.needs, /outer width and height; its weight/);
});

test('an unframing plans no figure and is open at none', () => {
	const made = planned({ scope: 'unframe' });
	assert.deepEqual([made.open, made.cut, made.window, made.frame], [[], [], undefined, undefined]);
});

test('property: a scope and back loses nothing, and no station outside it is open or has a finding', () => {
	fc.assert(
		fc.property(fc.constantFrom(...SCOPES), fc.boolean(), (scope, withFrame) => {
			const file = withFrame ? inItsFrame(EVERYTHING) : workedJob();
			const before = plan(file, builtInShop);
			const part = patched(file, put(file, ['scope'], scope));
			const made = plan(part, builtInShop);
			const stations = {
				measure: 'measure',
				window: 'window',
				guard: 'guard',
				hold: 'hold',
				pack: 'guard',
				frame: 'frame',
				back: 'back',
				hang: 'wall'
			} as const;
			for (const { station } of made.open)
				assert.ok(covers(scope, stations[station as 'hang']), `${scope} is open at ${station}`);
			const whole = patched(part, drop(part, ['scope']));
			assert.deepEqual(whole, file);
			assert.deepEqual(
				plan(whole, builtInShop).findings.map(({ says }) => says),
				before.findings.map(({ says }) => says)
			);
		}),
		{ numRuns: runs(40) }
	);
});

test('every scope has its steps in order and its drawings; no step is of what somebody else does', () => {
	const of = (file: JobFile) => {
		const [made, job] = [plan(file, builtInShop), decide(readJob(file), builtInShop)];
		for (const view of VIEWS) sceneOf(view, made, job, builtInShop);
		return planSteps(job, made, builtInShop).map(({ id }) => id);
	};
	assert.deepEqual(of(workedJob({ scope: 'mat-package' })), [
		'ready',
		'gather',
		'cut-boards',
		'join-mats',
		'join-package',
		'label',
		'last-look'
	]);
	assert.deepEqual(of(BACK_ONLY), ['ready', 'gather', 'seal', 'bumpers', 'label', 'last-look']);
	assert.deepEqual(of(HANG_ONLY), ['ready', 'gather', 'hang', 'label', 'last-look', 'wall']);
	assert.deepEqual(of(workedJob({ scope: 'unframe' })), ['ready', 'take-out', 'look-at-it', 'label', 'last-look']);
	const mounted = of(workedJob({ scope: 'mount' }));
	assert.ok(mounted.includes('place') && !mounted.includes('fit-first') && !mounted.includes('clean-glazing'));
	const fitted = of(workedJob({ scope: 'fit' }));
	assert.ok(fitted.includes('fit-first') && fitted.includes('seal') && !fitted.includes('place') && !fitted.includes('hang'));
});

test('a new back with its board: cut to the opening, held by points, named in the price, laid in before the tape', () => {
	const file: JobFile = {
		...BACK_ONLY,
		scope: 'back-hang',
		given: { ...BACK_ONLY.given, mass: 3.2, holds: 'a certificate, 1931' },
		guard: { backing: 'fluted-pp' },
		frame: { ...BACK_ONLY.frame, kept: { hangers: 'rings' } }
	};
	const made = planSingle(file);
	assert.deepEqual(made.back!.board, { width: 542, height: 700.5 }, 'the rabbet 545 × 704 less the allowance of each side');
	// What lies there, and the board: 12 + 3.5 against 16.
	assert.equal(made.back!.tape!.recess, 0.5);
	assert.ok(made.frame!.points.total > 0 && made.hang);
	explained(file);
	const steps = planSteps(decide(readJob(file), builtInShop), made, builtInShop);
	const order = steps.map(({ id }) => id);
	for (const [one, other] of [
		['ready-frame', 'cut-boards'],
		['cut-boards', 'close-pack'],
		['close-pack', 'fit-all'],
		['fit-all', 'seal'],
		['seal', 'hang']
	] as const)
		assert.ok(order.includes(one) && order.indexOf(one) < order.indexOf(other), `${one} before ${other}`);
	assert.ok(roles(made).includes('backing'));
	const rows = quoteRows({ file, job: decide(readJob(file), builtInShop), plan: made, shop: builtInShop });
	assert.deepEqual(
		rows.map(({ name }) => name),
		['piece', 'inside', 'new board', 'sealed', 'hangs from', 'weight']
	);
	const never = planSingle({ ...file, guard: { backing: 'hardboard' }, aim: 'rare' });
	assert.ok(
		never.findings.some(({ rule }) => rule.startsWith('board.backing')),
		'its grade is judged'
	);
});

test('hardware that is there is slit round: said, drawn where it was measured, and nothing is screwed on', () => {
	const file: JobFile = {
		...BACK_ONLY,
		back: { dustCover: true },
		frame: { ...BACK_ONLY.frame, kept: { hangers: 'rings', hangersAt: { drop: 180, inset: 8 } } }
	};
	const made = planSingle(file);
	const job = decide(readJob(file), builtInShop);
	const cover = planSteps(job, made, builtInShop).find(({ id }) => id === 'dust-cover')!;
	assert.match(cover.does.join(' '), /Cut relief slits round the existing hardware, 180 from the top and 8 from each side\./);
	const titles = sceneOf('back', made, job, builtInShop)!.shapes.map(({ title }) => title);
	assert.equal(titles.filter((title) => title === 'Cut round the hanger').length, 2);
	assert.equal(made.hang, undefined);
});

test('fitted, closed and hung: all that fitting has, and its hangers', () => {
	const [fitted, hung] = (['fit', 'fit-hang'] as const).map((scope) => planned({ scope }));
	assert.equal(fitted!.hang, undefined);
	assert.ok(hung!.hang && hung!.back && hung!.frame && hung!.hold === undefined);
});
