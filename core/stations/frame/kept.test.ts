/** What came with a frame and stays: counted as what it is, neither cut nor bought. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { packagePrice } from '../../advice/price.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { patched, put } from '../../job/patch.ts';
import { readJob } from '../../job/read.ts';
import { acceptCaution, reasonAtHand } from '../../judge/accept.ts';
import { plan, type Plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { planSteps } from '../../views/bench/steps.ts';
import {
	SECTION,
	PANE,
	BACK,
	BACK_ONLY,
	EVERYTHING,
	inItsFrame,
	roles,
	explained,
	HANG_ONLY
} from '../../../tests/as-it-comes.ts';
import { there } from '../../units/there.ts';
import { faultsOf, fixed, has, planSingle, severityOf, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';

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
	assert.match(both!, /^guard\.glazing: The part that came with the frame stays/);
	assert.match(faultsOf({ frame: { moulding: 'ash-22', kept: { glazing: PANE } } })[0]!, /^frame\.kept: Only an existing frame/);
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

test('a frame that is there and not measured asks for measurements and its profile; nothing is made up', () => {
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
			['frame', 'the profile as meas'],
			['hang', 'a frame: its weight']
		]
	);
});

test('one hanger at the top: in the middle of the rail, its nail on the centre line; a sawtooth carries 2 kg', () => {
	const made = planSingle(inItsFrame({ hangers: 'sawtooth' }));
	const { hang, frame } = made;
	assert.equal(hang!.drop, (SECTION.face - SECTION.lip) / 2);
	assert.deepEqual(hang!.hooks, [{ x: 0, height: 1500 + frame!.outer.height / 2 - hang!.drop }], 'on a nail of its own');
	assert.equal(severityOf(made, 'hang.too-heavy'), made.mass!.kg > 2 ? 'caution' : undefined);
	const after = fixed(inItsFrame({ hangers: 'sawtooth' }), 'hang.too-heavy');
	assert.equal(after.file.frame?.kept?.hangers, undefined);
	assert.equal(after.plan.hang!.by, 'rings');
	assert.equal(planSingle(inItsFrame({ hangers: 'centre-hanger' })).back!.bumpers, 4);
});

test('the steps of a bought frame: its tabs bent up and back, its glazing cleaned, none cut', () => {
	const file = inItsFrame({ ...EVERYTHING, hangers: 'centre-hanger' });
	const steps = planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
	const say = (id: string) => steps.find((step) => step.id === id)?.does.join(' ') ?? '';
	assert.match(say('ready-frame'), /Bend up the 12 flexible points .* for reuse.*Its back stays, hardboard/);
	assert.match(say('fit-all'), /Bend the old points back with a tool, all 12/);
	assert.equal(say('cut-glazing'), '');
	assert.match(say('clean-glazing'), /both faces/);
	assert.doesNotMatch(say('gather'), /flexible|hanger/);
});

test('what came like this is accepted by one press, where it is a caution of what came', () => {
	const file = inItsFrame({ glazing: PANE, points: { kind: 'rigid', count: 4 } }, { aim: 'keep' });
	const [made, job] = [plan(file, builtInShop), decide(readJob(file), builtInShop)];
	const few = made.findings.find(({ rule }) => rule === 'points.few')!;
	const reason = reasonAtHand(few, job)!;
	const accepted = plan(patched(file, acceptCaution(file, few, reason, 'OB')), builtInShop).findings.find(
		({ rule }) => rule === 'points.few'
	)!;
	assert.deepEqual(accepted.accepted, { reason: 'It came like this and stays so.', initials: 'OB' });
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
			if (kept.points) assert.doesNotMatch(gather, /pins|flexible point/);
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

test('a sawtooth carries its two kilograms, and nothing more', () => {
	const hung = (mass: number) =>
		planSingle({ ...HANG_ONLY, given: { outer: { width: 300, height: 400 }, mass }, hang: { by: 'sawtooth' } });
	assert.deepEqual([has(hung(2), 'hang.too-heavy'), has(hung(2.01), 'hang.too-heavy')], [false, true]);
});

test('a hanging tag bears below the edge of its back, is bent out while that lies loose, and leaves with it', () => {
	const file = inItsFrame({ ...EVERYTHING, hangers: 'tag' });
	const made = planSingle(file);
	const { hang, frame, back } = made;
	// Rabbet 704 high in a frame 14 wider all round; the tag 10 below the back's edge.
	assert.deepEqual([hang!.drop, frame!.outer.height, back!.bumpers], [24, 732, 4]);
	assert.equal(hang!.hooks[0]!.height, 1500 + 366 - 24);
	assert.equal(planSingle({ ...file, hang: { drop: 30 } }).hang!.hooks[0]!.height, 1500 + 366 - 30);
	const steps = planSteps(decide(readJob(file), builtInShop), planSingle(file), builtInShop);
	const bent = steps.findIndex(({ does }) => does.some((line) => /Bend the hanging tag/.test(line)));
	const closed = steps.findIndex(({ id }) => id === 'close-pack');
	assert.ok(bent !== -1 && bent < closed, `bent in step ${bent}, the pack closed in ${closed}`);
	assert.match(there(steps[closed], 'close-pack').does.join(' '), /its bent tag up/);
	assert.match(
		there(
			steps.find(({ id }) => id === 'seal'),
			'seal'
		).does.join(' '),
		/round the hanging tag/
	);
	assert.ok(!has(made, 'hang.no-back') && !has(made, 'hang.wood-thin'));
	const gone = fixed(inItsFrame({ hangers: 'tag' }), 'hang.no-back');
	assert.deepEqual([gone.plan.hang!.by, gone.file.frame?.kept?.hangers], ['rings', undefined]);
});

test('a new back takes the tag with it', () => {
	const frame = { ...BACK_ONLY.frame, kept: { hangers: 'tag' as const } };
	assert.ok(!has(planSingle({ ...BACK_ONLY, frame }), 'hang.no-back'));
	assert.ok(has(planSingle({ ...BACK_ONLY, frame, guard: { backing: 'fluted-pp' } }), 'hang.no-back'));
});

test('what a remedy replaces leaves: the bench is told so', () => {
	const file = inItsFrame(EVERYTHING, { aim: 'keep' });
	const after = fixed(file, 'board.backing-acidic').file;
	assert.deepEqual([after.frame?.kept?.back, after.frame?.replaced], [undefined, ['back']]);
	const steps = planSteps(decide(readJob(after), builtInShop), planSingle(after), builtInShop);
	assert.match(
		there(
			steps.find(({ id }) => id === 'ready-frame'),
			'ready-frame'
		).does.join(' '),
		/Remove its back/
	);
	assert.deepEqual(fixed(file, 'glazing.uv-low').file.frame?.replaced, ['glazing']);
});

test('borders that fit a size of their own are held against the frame as any other: too large is a stop, the frame’s own size mends it', () => {
	const sized = (width: number) => inItsFrame({}, { borders: { way: 'fit', pack: { width, height: 700 }, weight: 0 } });
	assert.equal(severityOf(planSingle(sized(600)), 'frame.does-not-fit'), 'stop');
	assert.equal(planSingle(sized(600)).fits, false);
	assert.ok(!has(planSingle(sized(541)), 'frame.does-not-fit'));
	const after = fixed(sized(600), 'frame.does-not-fit');
	assert.deepEqual(after.file.borders, { way: 'fit', weight: 0 });
	assert.ok(!has(after.plan, 'frame.does-not-fit'));
});
