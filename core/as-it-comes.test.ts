/** Jobs that begin with what is there: frames with everything in, bought mats, jobs that are only a part, several alike. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { faultsOf, fixed, has, planned, planSingle, severityOf, workedJob } from '../tests/jobs.ts';
import { runs } from '../tests/thorough.ts';
import type { JobFile } from './job/definition.ts';
import { FaultError } from './job/faults.ts';
import { decide } from './decide.ts';
import { drop, patched, put } from './job/patch.ts';
import { readJob } from './job/read.ts';
import { PIECE_KINDS, SCOPES } from './job/kinds.ts';
import { covers } from './job/scopes.ts';
import { plan, type Plan } from './plan.ts';
import { packagePrice } from './advice/price.ts';
import { builtInShop, shopFor } from './shop/shop.ts';
import { evaluate, lookIn } from './views/why/expression.ts';
import { fromUnframing } from './job/from-unframing.ts';
import { sceneOf, VIEWS } from './views/drawing/views.ts';
import { planSteps } from './views/bench/steps.ts';
import { acceptCaution, reasonAtHand } from './judge/accept.ts';
import { belongsTo } from './job/piece-fields.ts';
import { sameAgain } from './job/same-again.ts';
import { nth } from './units/there.ts';

const SECTION = { face: 22, lip: 8, depth: 30, rabbetDepth: 20, density: 680 };
const PANE = { kind: 'glass', thickness: 2 } as const;
const BACK = { board: 'hardboard', thickness: 3 } as const;

/** The worked piece in a frame that came with everything in. */
function inItsFrame(kept: NonNullable<JobFile['frame']>['kept'] = {}, changes: Partial<JobFile> = {}): JobFile {
	return workedJob({
		aim: 'show',
		guard: { underMat: 'cotton-4', edgeSeal: null },
		borders: { way: 'fit', weight: 0 },
		frame: { kind: 'ready-made', section: SECTION, opening: { width: 545, height: 704 }, kept },
		...changes
	});
}

const EVERYTHING = { glazing: PANE, back: BACK, points: { kind: 'flexible', count: 12 }, hangers: 'sawtooth' } as const;
function faultsIn(file: JobFile): string[] {
	try {
		plan(file, builtInShop);
		return [];
	} catch (error) {
		if (error instanceof FaultError) return error.faults.map(({ path, says }) => `${path}: ${says}`);
		throw error;
	}
}

const roles = (of: Pick<Plan, 'cut'>) => of.cut.map(({ role }) => role);

/** Every explanation gives the figure that the plan has. */
function explained(file: JobFile): void {
	const made = plan(file, builtInShop);
	const job = decide(readJob(file), builtInShop);
	const look = lookIn({ plan: made, job, shop: shopFor(builtInShop, job.cutIn) });
	for (const [path, { of }] of Object.entries(made.why)) {
		const [value, wanted] = [evaluate(of, look), look(path)];
		assert.ok(Math.abs(value - (wanted as number)) < 1e-6, `${path}: ${of} gives ${value}, the plan has ${String(wanted)}`);
	}
}

test('a bought frame with everything in: what stays is neither cut nor bought, and counts in depth, mass and light', () => {
	const made = planSingle(inItsFrame(EVERYTHING));
	assert.deepEqual(
		roles(made).filter((role) => ['glazing', 'backing', 'wire', 'rail, top and bottom'].includes(role)),
		[]
	);
	const layers = made.pack!.layers.map(({ role, thickness }) => [role, thickness]);
	assert.deepEqual(
		[layers[0], layers.at(-1)],
		[
			['glazing', 2],
			['backing', 3]
		]
	);
	assert.equal(made.frame!.points.total, 12);
	assert.equal(made.frame!.points.kind, 'flexible');
	assert.equal(made.hang!.by, 'sawtooth');
	assert.deepEqual(made.hang!.hooks.length, 1);
	assert.ok(made.mass!.parts.some(({ part }) => part === 'glazing') && made.mass!.parts.some(({ part }) => part === 'backing'));
	assert.equal(made.light?.byGlazing.find(({ glazing }) => glazing === 'glass')?.yearly, made.light?.yearly);
	assert.equal(severityOf(made, 'board.backing-acidic'), 'stop', 'its raw back is judged as what it is');
	explained(inItsFrame(EVERYTHING));
});

test('depth, mass and light are the same whether a part is kept or new; the price is not', () => {
	const kept = inItsFrame({ glazing: PANE, back: BACK });
	const bought = inItsFrame({}, { guard: { underMat: 'cotton-4', edgeSeal: null, glazing: 'glass', backing: 'hardboard' } });
	const [one, other] = [planSingle(kept), planSingle(bought)];
	assert.equal(one.pack!.thickness, other.pack!.thickness);
	assert.equal(one.mass!.kg, other.mass!.kg);
	assert.deepEqual(one.light, other.light);
	assert.deepEqual(one.grade, other.grade);
	const price = (file: JobFile) => packagePrice(decide(readJob(file), builtInShop), plan(file, builtInShop))!.cents;
	assert.ok(price(kept) < price(bought));
});

test('a thicker back that stays weighs more, a thinner pane less, and both are explained', () => {
	const usual = planSingle(inItsFrame({ back: { board: 'hardboard' } })).mass!.parts.find(({ part }) => part === 'backing')!.kg;
	const thick = inItsFrame({ glazing: { kind: 'glass', thickness: 1.8 }, back: { board: 'hardboard', thickness: 4.5 } });
	const made = planSingle(thick);
	assert.ok(Math.abs(made.mass!.parts.find(({ part }) => part === 'backing')!.kg - usual * 1.5) < 1e-9);
	assert.equal(made.pack!.layers[0]!.thickness, 1.8);
	explained(thick);
});

test('what nobody knows is taken carefully and said: a pane as plain glass, a back as hardboard', () => {
	const made = planSingle(inItsFrame({ glazing: { kind: 'unknown' }, back: { board: 'unknown' } }));
	assert.deepEqual(
		made.findings.filter(({ rule }) => rule === 'material.unknown').map(({ where }) => where),
		['guard.glazing', 'guard.backing']
	);
	assert.equal(made.pack!.layers[0]!.thickness, 2);
	assert.ok(has(made, 'board.backing-acidic'));
	assert.equal(severityOf(planSingle(inItsFrame({ points: { kind: 'flexible' } }, { aim: 'keep' })), 'points.few'), 'caution');
});

test('faults: both kept and chosen, kept in a frame that is made here, a pane larger than its rabbet', () => {
	const [both] = faultsOf(inItsFrame({ glazing: PANE }, { guard: { glazing: 'glass' } }));
	assert.match(both!, /^guard\.glazing: What came with the frame stays/);
	assert.match(
		faultsOf({ frame: { moulding: 'ash-22', kept: { glazing: PANE } } })[0]!,
		/^frame\.kept: Only a frame that is there/
	);
	const large = inItsFrame({ glazing: { ...PANE, size: { width: 550, height: 704 } } });
	assert.equal(severityOf(planSingle(large), 'frame.kept-size'), 'stop');
	const mended = fixed(large, 'frame.kept-size');
	assert.equal(mended.file.frame?.kept?.glazing, undefined);
	assert.ok(
		mended.plan.cut.some(({ role }) => role === 'glazing'),
		'a new pane is cut'
	);
	const small = inItsFrame({ glazing: { ...PANE, size: { width: 532, height: 704 } } });
	assert.equal(severityOf(planSingle(small), 'frame.kept-size'), 'stop');
	assert.ok(!has(planSingle(inItsFrame({ glazing: { ...PANE, size: { width: 544, height: 702 } } })), 'frame.kept-size'));
});

test('a choice takes the place of what is kept, and what is kept of the choice: never both', () => {
	const kept = inItsFrame({ glazing: PANE, hangers: 'rings' });
	const chosen = patched(kept, put(kept, ['guard', 'glazing'], 'uv-acrylic'));
	assert.equal(chosen.frame?.kept?.glazing, undefined);
	assert.equal(planSingle(chosen).pack!.layers[0]!.material, 'uv-acrylic');
	const again = patched(chosen, put(chosen, ['frame', 'kept', 'glazing'], PANE));
	assert.equal(again.guard?.glazing, undefined);
	assert.deepEqual(planSingle(again).pack, planSingle(kept).pack);
});

test('a frame that is there and not measured asks for its readings and its profile; nothing is made up', () => {
	const unread = inItsFrame({}, { frame: { kind: 'ready-made', section: SECTION } });
	assert.deepEqual(
		planSingle(unread).open.map(({ station }) => station),
		['window', 'frame']
	);
	const bare = planSingle(
		inItsFrame({}, { frame: { kind: 'ready-made', opening: { width: 545, height: 704 }, section: { face: 22 } } })
	);
	assert.deepEqual(
		bare.open.map(({ station, needs }) => [station, needs.slice(0, 19)]),
		[
			['frame', 'the frame’s profile'],
			['hang', 'a frame, since its ']
		]
	);
});

test('one hanger at the top: in the middle of the rail, its nail on the centre line; a sawtooth carries 2 kg', () => {
	const made = planSingle(inItsFrame({ hangers: 'sawtooth' }));
	const { hang, frame } = made;
	assert.equal(hang!.drop, (SECTION.face - SECTION.lip) / 2);
	assert.deepEqual(hang!.hooks, [{ x: 0, height: 1500 + frame!.outer.height / 2 - hang!.drop + 20 }]);
	assert.equal(severityOf(made, 'hang.too-heavy'), made.mass!.kg > 2 ? 'caution' : undefined);
	const after = fixed(inItsFrame({ hangers: 'sawtooth' }), 'hang.too-heavy');
	assert.equal(after.file.frame?.kept?.hangers, undefined);
	assert.equal(after.plan.hang!.by, 'rings');
	assert.equal(planSingle(inItsFrame({ hangers: 'centre-hanger' })).back!.bumpers, 4);
});

const HAVE = { opening: { width: 390, height: 540 }, outer: { width: 542, height: 701 } };
const atHand = (have = HAVE, changes: Partial<JobFile> = {}): JobFile => {
	const { borders: _, window: __, ...file } = workedJob({ mats: [{ board: 'cotton-4', have }], ...changes });
	return file;
};

test('a bought mat: pack, borders and overlap follow from what was measured, and it is not cut', () => {
	const { window, cut } = planSingle(atHand());
	assert.deepEqual(window!.pack, { width: 542, height: 701 });
	assert.deepEqual(window!.opening, { width: 390, height: 540 });
	assert.deepEqual(window!.mats[0]!.border, { top: 80.5, right: 76, bottom: 80.5, left: 76 });
	assert.deepEqual(window!.overlap, { top: 5.5, right: 6, bottom: 5.5, left: 6 });
	assert.ok(!cut.some(({ role }) => role === 'mat'));
	explained(atHand());
});

test('a bought mat, shifted: one side of an axis is typed and the other follows; both are a fault', () => {
	const shifted = { ...atHand(), window: { overlap: { top: 3 } } } as JobFile;
	assert.deepEqual(planSingle(shifted).window!.overlap, { top: 3, right: 6, bottom: 8, left: 6 });
	assert.match(faultsIn({ ...atHand(), window: { overlap: { left: 5, right: 7 } } })[0]!, /^window\.overlap\.right/);
	assert.ok(faultsOf({ mats: [{ have: HAVE }] }).some((fault) => fault.startsWith('borders.')));
	assert.match(faultsIn(atHand({ opening: HAVE.outer, outer: HAVE.outer }))[0]!, /^mats\[0\]\.have\.opening/);
});

test('a bought mat whose opening is larger than the sheet is a stop; a second mat under it covers', () => {
	const large = atHand({ opening: { width: 410, height: 560 }, outer: HAVE.outer });
	assert.equal(severityOf(planSingle(large), 'mat.opening-large'), 'stop');
	const under = fixed(large, 'mat.opening-large');
	assert.equal(under.file.mats!.length, 2);
	assert.ok(!has(under.plan, 'mat.opening-large') && !has(under.plan, 'window.overlap-thin'));
	assert.deepEqual(
		under.plan.cut.filter(({ role }) => role === 'mat').map(({ of }) => of),
		['mat 2']
	);
	explained(under.file);
});

test('a bought mat that covers too little is shifted where the other side has enough, else a mat goes under it', () => {
	const thin = { ...atHand({ opening: { width: 390, height: 546 }, outer: HAVE.outer }) };
	assert.equal(severityOf(planSingle(thin), 'window.overlap-thin'), 'caution');
	assert.ok(!has(fixed(thin, 'window.overlap-thin').plan, 'window.overlap-thin'));
});

test('a mat cut over a bought one opens wider by its reveal; one cut under it narrower; two bought lie centred', () => {
	const have = { ...HAVE, outer: { width: 560, height: 720 } };
	const over = planSingle({
		...workedJob({ mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6, have }] }),
		window: {}
	});
	assert.deepEqual(nth(over.window!.mats, 0).opening, { width: 402, height: 552 });
	assert.deepEqual(over.window!.pack, { width: 542, height: 702 });
	assert.equal(severityOf(over, 'mat.outer-off'), 'note');
	const front = { board: 'cotton-4', have: { opening: { width: 420, height: 570 }, outer: HAVE.outer } };
	const two = { ...atHand(HAVE, { mats: [front, { board: 'cotton-4', have }] }) };
	const { window } = planSingle(two);
	assert.deepEqual(window!.opening, HAVE.opening);
	assert.deepEqual(window!.mats[1]!.border, { top: 80.5, right: 76, bottom: 80.5, left: 76 });
	explained(two);
});

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

const BACK_ONLY: JobFile = {
	format: 'rare-keep/job',
	version: 1,
	scope: 'back',
	frame: { section: { face: 22, lip: 6, depth: 30, rabbetDepth: 16 } },
	given: { outer: { width: 577, height: 736 }, pack: 12 }
};

test('a back alone: tape and dust cover from what was measured outside; without its recess it says what is missing', () => {
	const made = planSingle(BACK_ONLY);
	assert.deepEqual(made.frame!.rabbet, { width: 545, height: 704 });
	assert.deepEqual([made.back!.tape!.land, made.back!.tape!.recess, made.back!.tape!.width], [10, 4, 29]);
	assert.deepEqual(made.back!.tape!.strips, [565, 724, 565, 724]);
	assert.deepEqual(new Set(roles(made)), new Set(['back tape']));
	assert.deepEqual([made.hang, made.mass, made.window], [undefined, undefined, undefined]);
	explained(BACK_ONLY);
	const missing = planSingle({ ...BACK_ONLY, given: { outer: { width: 577, height: 736 } } });
	assert.deepEqual(missing.open, [{ station: 'back', needs: 'the thickness of what lies in its rabbet' }]);
});

const HANG_ONLY: JobFile = {
	format: 'rare-keep/job',
	version: 1,
	scope: 'hang',
	frame: { section: { face: 22, lip: 6, depth: 30, rabbetDepth: 16 } },
	given: { outer: { width: 577, height: 736 }, mass: 3.2 }
};

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
	assert.match(planSingle({ ...HANG_ONLY, given: {} }).open[0]!.needs, /outer width and height; what it weighs/);
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

test('alike: every count of the cut list is for all, everything else of one', () => {
	const [one, twenty] = [planned(), planned({ copies: 20 })];
	assert.deepEqual(
		twenty.cut.map(({ count }) => count),
		one.cut.map(({ count }) => count * 20)
	);
	assert.deepEqual([twenty.window, twenty.mass, twenty.pack], [one.window, one.mass, one.pack]);
	explained(workedJob({ copies: 20 }));
	assert.match(faultsOf({ copies: 0 })[0]!, /^copies: 0 lies outside 1 to 500/);
	assert.match(faultsOf({ copies: 10000 })[0]!, /^copies/);
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

test('the steps of a bought frame: its tabs bent up and back, its glazing cleaned, none cut; its tag before the back goes in', () => {
	const file = inItsFrame({ ...EVERYTHING, hangers: 'centre-hanger' });
	const steps = planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
	const say = (id: string) => steps.find((step) => step.id === id)?.does.join(' ') ?? '';
	assert.match(say('ready-frame'), /Bend up the 12 flexible tabs .* used again.*Its back stays, hardboard/);
	assert.match(say('fit-first'), /tag that it hangs by, .* before the back goes in/);
	assert.match(say('fit-all'), /tabs that are there, bent back with a tool, all 12/);
	assert.equal(say('cut-glazing'), '');
	assert.match(say('clean-glazing'), /Both faces/);
	assert.doesNotMatch(say('gather'), /flexible|hanger/);
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
	assert.match(started.piece.condition!, /Frame: gilded, loose corner, used again\. .*Back: wood-fibre board, gone\./);
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
	const label = planSteps(job, made, builtInShop)
		.find(({ id }) => id === 'label')!
		.does.join(' ');
	assert.match(
		label,
		/sleeve on the back.*: Certificate of 1974\..*in pencil, at the lower left, “For Ada”.*signs the mat.*plate.*“Tide chart”/
	);
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

test('what came like this is accepted by one press, where it is a caution of what came', () => {
	const file = inItsFrame({ glazing: PANE, points: { kind: 'rigid', count: 4 } }, { aim: 'keep' });
	const [made, job] = [plan(file, builtInShop), decide(readJob(file), builtInShop)];
	const few = made.findings.find(({ rule }) => rule === 'points.few')!;
	const reason = reasonAtHand(few, job)!;
	const accepted = plan(patched(file, acceptCaution(file, few, reason, 'OB')), builtInShop).findings.find(
		({ rule }) => rule === 'points.few'
	)!;
	assert.deepEqual(accepted.accepted, { reason: 'It came like this, and stays as it is.', initials: 'OB' });
	const uv = made.findings.find(({ rule }) => rule === 'glazing.uv-low')!;
	assert.equal(reasonAtHand(uv, job), null, 'a stop is accepted by nobody');
	assert.equal(reasonAtHand(few, decide(readJob(workedJob()), builtInShop)), null);
});

const anyKept = fc.record(
	{
		glazing: fc.record({
			kind: fc.constantFrom('glass', 'uv-acrylic', 'laminated', 'unknown'),
			thickness: fc.constantFrom(1.8, 2, 3)
		}),
		back: fc.record({
			board: fc.constantFrom('hardboard', 'fluted-pp', 'foam-free', 'unknown'),
			thickness: fc.constantFrom(2.5, 3, 5)
		}),
		points: fc.record({ kind: fc.constantFrom('rigid' as const, 'flexible' as const), count: fc.integer({ min: 0, max: 40 }) }),
		hangers: fc.constantFrom('rings' as const, 'wire' as const, 'sawtooth' as const, 'centre-hanger' as const)
	},
	{ requiredKeys: [] }
);

test('property: what is kept is never cut, bought or counted twice, and is explained as every other figure', () => {
	fc.assert(
		fc.property(anyKept, fc.constantFrom('rare' as const, 'keep' as const, 'show' as const), (kept, aim) => {
			const file = inItsFrame(kept, { aim });
			const [made, job] = [plan(file, builtInShop), decide(readJob(file), builtInShop)];
			const cutRoles = roles(made);
			const price = (of: Plan) => packagePrice(job, of)!.cents;
			assert.equal(cutRoles.includes('glazing'), kept.glazing === undefined);
			assert.equal(cutRoles.includes('backing'), kept.back === undefined);
			assert.ok(!(kept.hangers && cutRoles.includes('wire')));
			for (const role of ['glazing', 'backing']) {
				assert.equal(made.pack!.layers.filter((layer) => layer.role === role).length, 1, role);
				assert.equal(made.mass!.parts.filter(({ part }) => part === role).length, 1, role);
			}
			if (kept.points) assert.equal(made.frame!.points.total, kept.points.count);
			const gather = planSteps(job, made, builtInShop)
				.find(({ id }) => id === 'gather')!
				.does.join(' ');
			if (kept.points) assert.doesNotMatch(gather, /pins|flexible tab/);
			if (kept.hangers) assert.doesNotMatch(gather, /ring,|sawtooth|centre hanger/);
			assert.ok(price(made) >= 0);
			explained(file);
		}),
		{ numRuns: runs(120) }
	);
});

test('one hanger bears all of it, straight down, from the middle', () => {
	const { hang, mass, frame } = planSingle(inItsFrame({ hangers: 'centre-hanger' }));
	assert.deepEqual(
		[hang!.span, hang!.spacing, hang!.rise, hang!.angle, hang!.sidewaysN, hang!.hookCount, hang!.inset],
		[0, 0, 0, 90, 0, 1, frame!.outer.width / 2]
	);
	assert.ok(Math.abs(hang!.pullN - mass!.kg * 9.81) < 1e-9 && Math.abs(hang!.ringWantedKg - 2 * mass!.kg) < 1e-9);
	explained(inItsFrame({ hangers: 'centre-hanger' }));
});

test('a bought mat that is too large: what mends it is offered where it can, and only there', () => {
	const labels = (file: JobFile, rule: string) =>
		planSingle(file)
			.findings.find((finding) => finding.rule === rule)
			?.remedies.map(({ label }) => label);
	const large = atHand({ opening: { width: 410, height: 560 }, outer: HAVE.outer }, { hold: { kind: 't-hinge' } });
	assert.deepEqual(labels(large, 'mat.opening-large'), ['A second mat under it, reveal 8.5 mm', 'Float the sheet in it']);
	const floated = patched(large, planSingle(large).findings.find(({ rule }) => rule === 'mat.opening-large')!.remedies[1]!.patch);
	assert.deepEqual([floated.window?.way, floated.hold?.kind], ['float', 'pass-through']);
	assert.deepEqual(planSingle(floated).window!.opening, { width: 410, height: 560 });
	// Wider than the opening it can't float in it; the reveal of the mat below is that of its own normal bevel.
	const high: JobFile = {
		...large,
		mats: [{ board: 'cotton-4', bevel: 'reverse', have: { opening: { width: 390, height: 560 }, outer: HAVE.outer } }]
	};
	assert.deepEqual(labels(high, 'mat.opening-large'), ['A second mat under it, reveal 8.5 mm']);
	const low: JobFile = {
		...large,
		mats: [{ board: 'cotton-4', have: { opening: { width: 410, height: 539 }, outer: HAVE.outer } }]
	};
	assert.ok(!labels(low, 'mat.opening-large')!.includes('Float the sheet in it'));
	// A mat is under it already: a third is no fix.
	const two = atHand(HAVE, {
		mats: [
			{ board: 'cotton-4', have: { opening: { width: 410, height: 560 }, outer: HAVE.outer } },
			{ board: 'cotton-4', reveal: 5 }
		]
	});
	assert.ok(!labels(two, 'window.overlap-thin')!.some((label) => label.startsWith('A second mat')));
	// In reveal the paper has its own finding.
	const revealed = atHand(
		{ opening: { width: 410, height: 560 }, outer: HAVE.outer },
		{ piece: { readings: { width: 402, height: 551 }, image: { left: 20, top: 20, width: 360, height: 500 } } }
	);
	assert.ok(!has(planSingle({ ...revealed, window: { way: 'reveal' } }), 'mat.opening-large'));
});

test('a mat behind that is not of the pack’s size is named by its place', () => {
	const have = { ...HAVE, outer: { width: 540, height: 720 } };
	const made = planSingle({
		...workedJob({ mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6, have }] }),
		window: {}
	});
	const off = made.findings.find(({ rule }) => rule === 'mat.outer-off')!;
	assert.deepEqual([off.severity, off.says], ['caution', 'Mat 2 measures 540 × 720 outside, the pack 542 × 702.']);
});

test('three mats, one of them at hand: those before it open wider, those behind it narrower, each by its own reveals', () => {
	const cut = (top: number, bottom = top) => ({ board: 'cotton-4', reveal: { top, right: 6, bottom, left: 6 } });
	const front = planSingle(atHand(HAVE, { mats: [{ board: 'cotton-4', have: HAVE }, cut(4, 8), cut(5)] })).window!;
	assert.deepEqual(
		front.mats.map(({ opening }) => opening),
		[
			{ width: 390, height: 540 },
			{ width: 378, height: 528 },
			{ width: 366, height: 518 }
		]
	);
	assert.deepEqual([front.mats[1]!.border.top, front.mats[1]!.border.bottom], [84.5, 88.5]);
	const back = { ...workedJob({ mats: [{ board: 'cotton-4' }, cut(4, 8), { ...cut(5, 7), have: HAVE }] }), window: {} };
	const { mats } = planSingle(back).window!;
	assert.deepEqual(
		mats.map(({ opening }) => opening),
		[
			{ width: 414, height: 564 },
			{ width: 402, height: 552 },
			{ width: 390, height: 540 }
		]
	);
	assert.deepEqual([mats[2]!.border.top - mats[1]!.border.top, mats[2]!.border.bottom - mats[1]!.border.bottom], [5, 7]);
});

test('a reveal that leaves no window behind a mat at hand is named at its place', () => {
	const behind = (reveal: object) =>
		faultsIn(
			atHand(HAVE, {
				mats: [
					{ board: 'cotton-4', have: HAVE },
					{ board: 'cotton-4', reveal }
				]
			})
		);
	const none = /^mats\[1\]\.reveal: This reveal leaves no window/;
	assert.match(behind({ top: 6, bottom: 6, left: 195, right: 195 })[0]!, none);
	assert.match(behind({ top: 270, bottom: 270, left: 6, right: 6 })[0]!, none);
	assert.match(behind({ top: 6, bottom: 6, left: 200, right: 195 })[0]!, none);
	// A millimetre is a window.
	assert.ok(!behind({ top: 6, bottom: 6, left: 195, right: 194 }).some((fault) => none.test(fault)));
	assert.ok(!behind({ top: 270, bottom: 269, left: 6, right: 6 }).some((fault) => none.test(fault)));
});

test('a mat at hand is shifted by the side that lacks; what was typed for the other axis stays', () => {
	const shifted = (height: number, overlap?: object) => {
		const file = {
			...atHand({ opening: { width: 390, height }, outer: HAVE.outer }),
			...(overlap ? { window: { overlap } } : {})
		};
		const { remedies } = planSingle(file).findings.find(({ rule }) => rule === 'window.overlap-thin')!;
		return patched(file, remedies[0]!.patch).window?.overlap;
	};
	assert.deepEqual(shifted(544), { bottom: 4 });
	assert.deepEqual(shifted(544, { left: 4 }), { left: 4, bottom: 4 });
	assert.deepEqual(shifted(544, { right: 4 }), { right: 4, bottom: 4 });
	assert.deepEqual(shifted(540, { left: 10 }), { right: 3 });
	assert.deepEqual(shifted(540, { bottom: 9 }), { top: 3 });
	assert.deepEqual(shifted(540, { top: 9 }), { bottom: 4 });
});

test('a sawtooth carries its two kilograms, and nothing more', () => {
	const hung = (mass: number) =>
		planSingle({ ...HANG_ONLY, given: { outer: { width: 300, height: 400 }, mass }, hang: { by: 'sawtooth' } });
	assert.deepEqual([has(hung(2), 'hang.too-heavy'), has(hung(2.01), 'hang.too-heavy')], [false, true]);
});
