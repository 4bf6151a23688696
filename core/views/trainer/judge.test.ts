/** The trainer's cases: each has its fault and no other, is judged by the rules' own reasons, and can be put right. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { patched } from '../../job/patch.ts';
import { RULES } from '../../judge/rules.ts';
import { builtInShop } from '../../shop/shop.ts';
import { BEFORE } from '../bench/before.ts';
import { folded, type Deed, type Run, type RunEvent } from '../bench/run.ts';
import { CASES, CASE_IDS, caseOf, type CaseId } from './cases/all.ts';
import { judgeCase, madeOf } from './judge.ts';
import { runFaults } from './run-faults.ts';

const MINUTE = 60_000;
const eventsOf = (deeds: readonly Deed[]): RunEvent[] =>
	deeds.map((deed, at) => ({ ...deed, id: `e${at}`, at: at * MINUTE, by: 'PA' }));

/** A case as it begins, and what its learner does at the bench. */
function begun(id: CaseId, ...deeds: Deed[]): { file: JobFile; run: Run } {
	const of = caseOf(id);
	const made = madeOf(of.job, builtInShop);
	return { file: of.job, run: folded(eventsOf([...('done' in of.fault ? of.fault.done(made) : []), ...deeds])) };
}
const judged = (id: CaseId, { file, run }: { file: JobFile; run: Run }, tell = false) =>
	judgeCase(caseOf(id), file, run, builtInShop, tell);

test('each case has its fault and nothing else that stops it; twelve of them, from measuring to hanging', () => {
	assert.equal(CASE_IDS.length, 12);
	assert.deepEqual(
		[...new Set(CASE_IDS.map((id) => CASES[id].station))],
		['measure', 'window', 'guard', 'hold', 'frame', 'cut', 'bench', 'back', 'wall']
	);
	for (const id of CASE_IDS) {
		const of = caseOf(id);
		const { plan } = madeOf(of.job, builtInShop);
		const serious = [...new Set(plan.findings.filter(({ severity }) => severity !== 'note').map(({ rule }) => rule))];
		assert.deepEqual(serious, 'rule' in of.fault ? [of.fault.rule] : [], id);
		assert.deepEqual(plan.open, [], id);
		const first = judged(id, begun(id));
		assert.equal(first.solved, false, id);
		assert.deepEqual(first.fault, [], `${id}: nothing is told before it is asked for`);
	}
});

test('told, it gives the rule’s own sentence and reason, or what locks the step', () => {
	for (const id of CASE_IDS) {
		const of = caseOf(id);
		const { fault } = judged(id, begun(id), true);
		assert.ok(fault.length > 0, id);
		for (const { says, why } of fault) assert.ok(says.endsWith('.') && why, `${id}: ${says}`);
		if ('rule' in of.fault) {
			const { rule } = of.fault;
			const known = RULES.find((one) => one.id === rule)!;
			assert.ok(
				fault.every((line) => line.rule === rule && line.why!.startsWith(known.why)),
				id
			);
		}
	}
	const [order] = judged('hardware-first', begun('hardware-first'), true).fault;
	assert.equal(order!.why, BEFORE.hang.find(({ step }) => step === 'seal')!.because);
});

/** The ways that a careful framer would go. */
const PUT_RIGHT: Partial<Record<CaseId, (file: JobFile) => JobFile>> = {
	'misread-diagonal': (file) => ({ ...file, piece: { ...file.piece, readings: { ...file.piece!.readings, d2: '530' } } }),
	'covered-name': (file) => ({ ...file, window: { way: 'cover', overlap: { top: 10, right: 10, bottom: 5, left: 10 } } }),
	'thin-overlap': (file) => ({ ...file, window: { way: 'cover', overlap: 6 } }),
	'pulp-mat': (file) => ({ ...file, mats: [{ board: 'cotton-4', colour: 'slate', lift: 4 }] }),
	'against-glazing': (file) => ({ ...file, guard: { ...file.guard, spacer: { material: 'cotton', thickness: 4 } } }),
	'pulled-dust': (file) => ({ ...file, guard: { ...file.guard, glazing: 'uv-acrylic-lr' } }),
	'hinge-on-notes': (file) => ({ ...file, hold: { kind: 'corners' } }),
	'proud-pack': (file) => ({ ...file, guard: { ...file.guard, fillers: [] } }),
	'one-tooth': (file) => ({ ...file, hang: { by: 'rings' } })
};

for (const id of CASE_IDS) {
	const of = caseOf(id);
	const put = PUT_RIGHT[id];
	if (!put) continue;
	test(`${id}: put right it is solved, and so says the judge`, () => {
		const found = judged(id, { file: put(of.job), run: begun(id).run });
		assert.deepEqual(found.also, []);
		assert.equal(found.solved, true);
		assert.ok(found.fault.length > 0 && found.fault.every(({ settled, why }) => settled && why));
	});
}

test('a rule’s own remedy makes the fault go; glass for a piece that travels is found instead', () => {
	const other: string[] = [];
	for (const id of CASE_IDS) {
		const of = caseOf(id);
		if (!('rule' in of.fault)) continue;
		const { rule } = of.fault;
		const { plan } = madeOf(of.job, builtInShop);
		for (const finding of plan.findings.filter((one) => one.rule === rule))
			for (const remedy of finding.remedies) {
				const file = patched(of.job, remedy.patch);
				const { fault, also, solved } = judged(id, { file, run: begun(id).run });
				assert.ok(
					fault.every(({ settled }) => settled),
					`${id}: ${remedy.label}`
				);
				if (!solved) other.push(`${id}: ${remedy.label}: ${also.map((line) => line.rule).join()}`);
			}
	}
	assert.deepEqual(other, ['pulled-dust: UV glass: glazing.breakable']);
});

test('a fault is not talked away: other readings, no zone, another medium, a lower aim, or accepted', () => {
	const says = (id: CaseId, change: (file: JobFile) => JobFile) => {
		const found = judged(id, { file: change(caseOf(id).job), run: begun(id).run });
		assert.equal(found.solved, false, id);
		return found.also.map((line) => line.says).join(' ');
	};
	const piece = (changes: Partial<NonNullable<JobFile['piece']>>) => (file: JobFile) => ({
		...file,
		piece: { ...file.piece, ...changes }
	});
	assert.match(says('covered-name', piece({ zones: [] })), /does not match the piece: zones/);
	assert.match(says('pulled-dust', piece({ medium: ['ink'] })), /media/);
	assert.match(says('misread-diagonal', piece({ readings: { width: 318, height: 424 } })), /measurements/);
	assert.match(
		says('pulp-mat', (file) => ({ ...file, aim: 'show' })),
		/not the one given/
	);
	const { plan } = madeOf(caseOf('thin-overlap').job, builtInShop);
	const { rule, facts, where = '' } = plan.findings[0]!;
	const accepted = [{ rule, where, facts: facts!, reason: 'as he likes', initials: 'OB' }];
	says('thin-overlap', (file) => ({ ...file, accepted }));
});

test('a fault for another one is no solution', () => {
	const found = judged('covered-name', {
		file: { ...caseOf('covered-name').job, window: { way: 'cover', overlap: 1 } },
		run: begun('covered-name').run
	});
	assert.deepEqual([found.solved, found.fault.length, found.also.map(({ rule }) => rule)], [false, 1, ['window.overlap-thin']]);
	const wrong = judged('proud-pack', {
		file: { ...caseOf('proud-pack').job, guard: { ...caseOf('proud-pack').job.guard, fillers: [], underMat: 'mat-ordinary' } },
		run: begun('proud-pack').run
	});
	assert.equal(wrong.solved, false);
	assert.ok(
		wrong.also.some(({ rule }) => rule?.startsWith('board.')),
		JSON.stringify(wrong.also)
	);
});

test('a window that was cut too wide: cut again and measured, or mark not done; measured wide again it is not', () => {
	const of = caseOf('wide-window');
	const made = madeOf(of.job, builtInShop);
	const measured = ('done' in of.fault ? of.fault.done(made) : []).find((deed) => deed.kind === 'measured')!;
	const { opening } = made.plan.cut.find(({ role }) => role === 'mat')!;
	assert.equal(judged('wide-window', begun('wide-window', { kind: 'undone', step: 'cut-boards' })).solved, true);
	assert.equal(judged('wide-window', begun('wide-window', { ...measured, opening: opening! })).solved, true);
	assert.equal(judged('wide-window', begun('wide-window', measured)).solved, false);
	// The plan follows what was cut.
	const follows: JobFile = {
		...of.job,
		window: { way: 'cover' },
		mats: [
			{ ...of.job.mats![0], have: { opening: measured.opening!, outer: { width: measured.width, height: measured.height } } }
		]
	};
	const { borders: _, ...bare } = follows;
	assert.equal(judged('wide-window', { file: bare, run: begun('wide-window').run }).solved, true);
});

test('off centre under tape: reopened for it; read again without a push it is not', () => {
	const again: Deed = { kind: 'reopened', cause: 'off-centre', minutes: 3 };
	assert.equal(judged('off-centre', begun('off-centre', again)).solved, true);
	assert.equal(judged('off-centre', begun('off-centre', { kind: 'wrong', step: 'seal', says: 'off' })).solved, false);
	const [line] = judged('off-centre', begun('off-centre'), true).fault;
	assert.match(line!.says, /^Push right 1\.2\.$/);
});

test('rings before the tape: off again, and on after it; the tape pressed under them is not enough', () => {
	assert.equal(judged('hardware-first', begun('hardware-first', { kind: 'undone', step: 'hang' })).solved, true);
	assert.equal(judged('hardware-first', begun('hardware-first', { kind: 'done', step: 'seal' })).solved, false);
	const right: Deed[] = [
		{ kind: 'undone', step: 'hang' },
		{ kind: 'done', step: 'seal' },
		{ kind: 'done', step: 'hang' }
	];
	assert.equal(judged('hardware-first', begun('hardware-first', ...right)).solved, true);
	const skipped = judged(
		'hardware-first',
		begun('hardware-first', { kind: 'undone', step: 'hang' }, { kind: 'undone', step: 'fit-all' }, { kind: 'done', step: 'seal' })
	);
	assert.equal(skipped.solved, false, 'another step out of its order');
});

test('a run in its order has no fault, whatever the case', () => {
	for (const id of CASE_IDS) {
		const made = madeOf(caseOf(id).job, builtInShop);
		const run = folded(eventsOf(made.steps.map(({ id: step }) => ({ kind: 'done', step }))));
		assert.deepEqual(runFaults(run, made), [], id);
	}
});
