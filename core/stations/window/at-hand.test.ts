/** Mats that were bought cut, or lie at hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { patched } from '../../job/patch.ts';
import { nth } from '../../units/there.ts';
import { explained } from '../../../tests/as-it-comes.ts';
import { faultsOf, faultsIn, fixed, has, planSingle, severityOf, workedJob } from '../../../tests/jobs.ts';

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

test('a bought mat that is too large: what mends it is offered where it can, and only there', () => {
	const labels = (file: JobFile, rule: string) =>
		planSingle(file)
			.findings.find((finding) => finding.rule === rule)
			?.remedies.map(({ label }) => label);
	const large = atHand({ opening: { width: 410, height: 560 }, outer: HAVE.outer }, { hold: { kind: 't-hinge' } });
	assert.deepEqual(labels(large, 'mat.opening-large'), ['A second mat behind it, reveal 8.5 mm', 'Float the sheet in it']);
	const floated = patched(large, planSingle(large).findings.find(({ rule }) => rule === 'mat.opening-large')!.remedies[1]!.patch);
	assert.deepEqual([floated.window?.way, floated.hold?.kind], ['float', 'pass-through']);
	assert.deepEqual(planSingle(floated).window!.opening, { width: 410, height: 560 });
	// Wider than the opening it can't float in it; the reveal of the mat below is that of its own normal bevel.
	const high: JobFile = {
		...large,
		mats: [{ board: 'cotton-4', bevel: 'reverse', have: { opening: { width: 390, height: 560 }, outer: HAVE.outer } }]
	};
	assert.deepEqual(labels(high, 'mat.opening-large'), ['A second mat behind it, reveal 8.5 mm']);
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
