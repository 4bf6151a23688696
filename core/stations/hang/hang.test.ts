import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planBack } from '../back/back.ts';
import { unwritten } from '../../rule/book.ts';
import { nextOf, plain } from '../../rule/term.ts';
import { planFrame } from '../frame/frame.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import type { JobFile } from '../../job/definition.ts';
import { builtInShop } from '../../shop/shop.ts';
import { has, fixed, planned, severityOf, workedJob } from '../../../tests/jobs.ts';
import { hung } from '../../../tests/hung.ts';

const near = (value: number, wanted: number, within = 0.05) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

test('two hooks: 577 × 736, face 22, 3.2 kg', () => {
	const hang = hung({});
	near(hang.drop, 245.3);
	assert.equal(hang.inset, 8, 'the middle of the flat wood, 22 − 6');
	assert.equal(hang.span, 561);
	assert.equal(hang.spacing, 187);
	near(hang.rise, 108);
	near(hang.angle, 30);
	near(hang.pullN, 31.4);
	near(hang.sidewaysN, 27.2);
	near(hang.wireWantedKg!, 12.8);
	assert.equal(hang.wire!.breakingKg, 27.2);
	near(hang.wire!.length, 868.9, 0.1);
	assert.deepEqual(
		hang.hooks.map((hook) => hook.x),
		[-93.5, 93.5]
	);
	near(hang.hooks[0]!.height, 1750.6, 0.1);
});

test('one hook: 280 × 360, face 20, 1.2 kg', () => {
	const hang = hung({ width: 280, height: 360, face: 20, kg: 1.2 });
	assert.equal(hang.hookCount, 1);
	near(hang.rise, 70);
	near(hang.angle, 27.8);
	near(hang.pullN, 12.64);
	near(hang.wire!.length, 550.6, 0.1);
	near(hang.hooks[0]!.height, 1650, 0.1);
});

test('a low frame: hooks farther apart, then rings straight on hooks', () => {
	const low = hung({ width: 700, height: 260, face: 20, kg: 1.5 });
	assert.equal(low.by, 'wire');
	assert.ok(low.widened);
	near(low.angle, 30);
	near(low.rise, 260 / 3 - 50);
	const lower = hung({ width: 700, height: 190, face: 20, kg: 1.5 });
	assert.equal(lower.by, 'rings');
	assert.deepEqual(
		lower.hooks.map((hook) => hook.x),
		[-343, 343]
	);
	near(lower.hooks[0]!.height, 1500 + 95 - 190 / 3 + 20);
});

test('by mass: above 12 kg rings, and a wire asked for all the same is a caution', () => {
	assert.equal(hung({ kg: 13 }).by, 'rings');
	const between = hung({ kg: 11 });
	assert.ok(between.noWire && between.by === 'rings');
	const heavy: Partial<JobFile> = {
		guard: { ...workedJob().guard!, glazing: 'laminated', backing: 'aluminium-composite' },
		piece: { readings: { width: 900, height: 1000 } },
		frame: { moulding: 'tulipwood-40' },
		hang: { by: 'wire' }
	};
	assert.equal(severityOf(planned(heavy), 'hang.too-heavy'), 'caution');
	assert.ok(!has(fixed(workedJob(heavy), 'hang.too-heavy').plan, 'hang.too-heavy'));
	const noWire: Partial<JobFile> = { ...heavy, piece: { readings: { width: 520, height: 680 } } };
	assert.ok(planned(noWire).mass!.kg > 10.3 && planned(noWire).mass!.kg < 12, String(planned(noWire).mass!.kg));
	assert.equal(planned(noWire).fits, false);
	assert.ok(!has(fixed(workedJob(noWire), 'hang.wire-none').plan, 'hang.wire-none'));
	const lowWire: Partial<JobFile> = {
		piece: { readings: { width: 600, height: 90 } },
		borders: { way: 'even', width: 30 },
		hang: { by: 'wire' }
	};
	assert.ok(has(planned(lowWire), 'hang.wire-shows'));
	assert.ok(!has(fixed(workedJob(lowWire), 'hang.wire-shows').plan, 'hang.wire-shows'));
});

test('mass: every layer, windows taken out, mitres not counted twice', () => {
	const { mass, frame } = planned();
	const kg = Object.fromEntries(mass!.parts.map((part) => [part.part, part.kg]));
	near(kg['glazing']!, 0.542 * 0.701 * 0.003 * 1190, 1e-6);
	near(kg['mat 1']!, (0.542 * 0.701 - 0.402 * 0.551) * 1.05, 1e-6);
	near(kg['moulding']!, ((22 * 30 - 6 * 16) * (2 * (frame!.outer.width + frame!.outer.height) - 88) * 680) / 1e9, 1e-6);
	near(
		mass!.parts.reduce((sum, part) => sum + part.kg, 0),
		mass!.kg,
		1e-9
	);
});

test('back tape: land, recess and what holds on the backing; strips; two passes when none is wide enough', () => {
	const { back, pack } = planned();
	near(back!.tape!.recess, Math.abs(16 - pack!.thickness), 1e-9);
	near(back!.tape!.width, 10 + 16 - pack!.thickness + 15, 1e-9);
	assert.equal(back!.tape!.stock, 38);
	assert.deepEqual(back!.tape!.strips, [565, 724, 565, 724]);
	assert.equal(nextOf(plain(38.1), [25, 38, 50, 75], 'shop.tapeWidths').value, 50);
	const job = decide(
		readJob(workedJob({ frame: { section: { face: 22, lip: 6, depth: 120, rabbetDepth: 100, density: 680 } } })),
		builtInShop
	);
	const frame = planFrame(job, builtInShop, { ready: null, thickness: 15, pack: { width: 542, height: 701 } }, unwritten);
	assert.equal(
		planBack(job, builtInShop, { pack: { width: 542, height: 701 }, recess: plain(14), frame }, unwritten).tape!.passes,
		2
	);
});

test('edge seal and dust cover', () => {
	const { back, pack } = planned({ guard: { ...workedJob().guard!, edgeSeal: 'paper' }, back: { dustCover: true } });
	near(back!.edgeSeal!.width, 3 + pack!.thickness + 10, 1e-9);
	near(back!.edgeSeal!.length, 2 * (542 + 701) * 1.05, 1e-9);
	assert.deepEqual(back!.dustCover, { width: 571, height: 730 });
	assert.equal(severityOf(planned({ back: { seal: null } }), 'seal.none'), 'caution');
});
