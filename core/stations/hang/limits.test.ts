/** Where one way of hanging ends and the next begins, each figure of the house at its very limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan, type Plan } from '../../plan.ts';
import { HOUSE_MM, type House } from '../../shop/house.ts';
import { MOULDINGS } from '../../shop/mouldings.ts';
import { builtInShop } from '../../shop/shop.ts';
import { findingOf } from '../../../tests/findings.ts';
import { hung } from '../../../tests/hung.ts';
import { faultsOf, fixed, has, planned, severityOf, workedJob } from '../../../tests/jobs.ts';
import { ringsFor } from './hang.ts';

const wood = (face: number, lip = 6): Partial<JobFile> => ({
	frame: { section: { face, lip, depth: 30, rabbetDepth: 16, density: 680 } }
});
const inHouse = (changes: Partial<JobFile>, house: Partial<House>): Plan =>
	plan(workedJob(changes), { ...builtInShop, houses: { ...builtInShop.houses, mm: { ...HOUSE_MM, ...house } } });

test('one hook up to 300 mm of outer width, two above; as many as were asked for, at any width', () => {
	const small = { height: 360, face: 20, kg: 1.2 };
	assert.equal(hung({ ...small, width: 300 }).hookCount, 1);
	assert.equal(hung({ ...small, width: 300.5 }).hookCount, 2);
	assert.equal(hung({ ...small, width: 280, hang: { hooks: 2 } }).hookCount, 2);
	assert.equal(hung({ ...small, width: 400, hang: { hooks: 1 } }).hookCount, 1);
});

test('one hook is in the middle; two lie as far to its left as to its right', () => {
	assert.deepEqual(
		hung({ width: 280, height: 360, face: 20, kg: 1.2 }).hooks.map(({ x }) => x),
		[0]
	);
	for (const hang of [hung({}), hung({ kg: 20 }), hung({ width: 700, height: 260, face: 20 })])
		assert.deepEqual(
			hang.hooks.map(({ x }) => x),
			[-hang.spacing / 2, hang.spacing / 2]
		);
});

test('rings straight on hooks: two hooks, S apart, each ring under half the weight, nothing sideways', () => {
	const { hookCount, spacing, span, rise, angle, pullN, sidewaysN, ringWantedKg, widened, noWire } = hung({ kg: 20 });
	assert.deepEqual(
		{ hookCount, spacing, rise, angle, sidewaysN, ringWantedKg, widened, noWire },
		{ hookCount: 2, spacing: span, rise: 0, angle: 90, sidewaysN: 0, ringWantedKg: 40, widened: false, noWire: false }
	);
	assert.ok(Math.abs(pullN - (20 * 9.81) / 2) < 1e-9);
});

test('two hooks that would meet are one', () => {
	// The flat wood is 16 mm wide, so S is 16 less than the frame.
	const narrow = (span: number) => hung({ width: span + 16, height: 400, hang: { hooks: 2 } });
	const { hookSpacingFree } = HOUSE_MM;
	assert.equal(narrow(hookSpacingFree).hookCount, 1);
	assert.deepEqual([narrow(hookSpacingFree + 0.5).hookCount, narrow(hookSpacingFree + 0.5).spacing], [2, 0.5]);
});

test('low frames: the hooks go apart until the wire stands at 30°, down to 20 mm of hidden rise and 50 mm of run', () => {
	const low = (drop: number, house: Partial<House> = {}) => hung({ width: 900, height: 260, kg: 1.5, hang: { drop } }, house);
	const widened = low(90);
	assert.deepEqual([widened.hookCount, widened.widened, widened.by], [2, true, 'wire']);
	assert.ok(Math.abs(widened.spacing - (884 - (2 * 40) / Math.tan(Math.PI / 6))) < 1e-9);
	const { wireHidden, lowFrameLeast } = HOUSE_MM;
	// Where a shorter run may be, the hidden rise decides.
	assert.equal(low(wireHidden + lowFrameLeast, { runLeast: 10 }).by, 'wire');
	assert.equal(low(wireHidden + lowFrameLeast - 0.5, { runLeast: 10 }).by, 'rings');
	const run = 40 / Math.tan(30 / (180 / Math.PI));
	assert.equal(low(90, { runLeast: run }).by, 'wire');
	assert.equal(low(90, { runLeast: run + 0.001 }).by, 'rings');
	assert.equal(low(75).by, 'rings', 'a rise of 25 mm has a run of 43');
});

test('a wire stands at 15° or steeper', () => {
	// One hook over a run of 200: at 15° it rises by 53.6.
	const flat = (rise: number) =>
		hung({ width: 416, height: 400, kg: 1, hang: { hooks: 1, drop: HOUSE_MM.wireHidden + rise } }).hookCount;
	const least = 200 * Math.tan(Math.PI / 12);
	assert.equal(flat(least + 0.01), 1);
	assert.equal(flat(least - 0.01), 2);
	// The angle that is wanted is steep enough, where it is the least too.
	assert.equal(hung({ width: 416, height: 700, kg: 1, hang: { hooks: 1 } }, { wireAngleLeast: 30 }).hookCount, 1);
});

test('a wire that bears exactly four times its pull is strong enough, one that bears less is none', () => {
	const wanted = hung({}).wireWantedKg!;
	assert.equal(hung({}, { wires: [wanted] }).wire!.breakingKg, wanted);
	const none = hung({}, { wires: [wanted - 0.001] });
	assert.ok(none.noWire && none.by === 'rings');
});

test('a wire carries what weighs 12 kg, and nothing above', () => {
	assert.equal(hung({ kg: HOUSE_MM.wireMostKg }, { wires: [200] }).by, 'wire');
	assert.equal(hung({ kg: HOUSE_MM.wireMostKg + 0.01 }, { wires: [200] }).by, 'rings');
	const { kg } = planned().mass!;
	const heavy = (house: Partial<House>, changes: Partial<JobFile> = { hang: { by: 'wire' } }) =>
		has(inHouse(changes, house), 'hang.too-heavy');
	assert.deepEqual([heavy({ wireMostKg: kg }), heavy({ wireMostKg: kg - 0.01 })], [false, true]);
	assert.deepEqual([heavy({ cleatFromKg: kg }, {}), heavy({ cleatFromKg: kg - 0.01 }, {})], [false, true]);
	const low: Partial<JobFile> = {
		piece: { readings: { width: 600, height: 90 } },
		borders: { way: 'even', width: 30 },
		hang: { by: 'wire' }
	};
	const weighs = planned(low).mass!.kg;
	assert.ok(has(inHouse(low, { wireMostKg: weighs }), 'hang.wire-shows'), 'not heavy, but low');
	assert.ok(!has(inHouse(low, { wireMostKg: weighs - 0.01 }), 'hang.wire-shows'), 'its weight has its own finding');
});

test('rings that are as far down as the frame is high hang below it', () => {
	assert.match(faultsOf({ hang: { drop: 736 } })[0]!, /hang\.drop: The frame is 736 mm high/);
	assert.deepEqual(faultsOf({ hang: { drop: 735.5 } }), []);
});

test('a cross strip carries its rings 10 mm in, or in the middle of wider wood; a metal channel in its middle', () => {
	const inset = (face: number, strip: boolean) => planned({ ...wood(face), hang: { strip } }).hang!.inset;
	assert.deepEqual([inset(13, false), inset(13, true), inset(40, true)], [3.5, HOUSE_MM.woodForScrew, 17]);
	assert.equal(planned({ frame: { moulding: 'metal-10' }, hang: { strip: true } }).hang!.inset, 5);
});

test('a ring’s plate may be as wide as the wood, and it may bear just what is wanted; the first that does is taken', () => {
	const fitting = (flat: number, ringWantedKg: number, by: 'wire' | 'rings' = 'wire') =>
		ringsFor(builtInShop, flat, { by, ringWantedKg }).map(({ id }) => id);
	assert.deepEqual(fitting(10, 9), ['ring-10', 'strap-10']);
	assert.deepEqual(fitting(9.9, 5), ['ring-7']);
	assert.deepEqual(fitting(16, 9.1), ['ring-13', 'strap-10', 'strap-16']);
	assert.deepEqual(fitting(16, 1, 'rings'), ['strap-10', 'strap-16']);
	assert.equal(planned(wood(22)).hang!.ring, 'ring-10');
});

test('hang.wood-thin: from 10 mm on there is enough; from 6 mm on it is a caution', () => {
	const severity = (face: number) => severityOf(planned(wood(face)), 'hang.wood-thin');
	assert.deepEqual([16, 15.95, 12, 11.95].map(severity), [undefined, 'caution', 'caution', 'stop']);
});

test('hang.ring-none: a chosen ring is too wide, or too weak, and another is offered; or there is none', () => {
	const chosen = (ring: string, face: number) => findingOf(planned({ ...wood(face), hang: { ring } }), 'hang.ring-none');
	assert.match(chosen('strap-16', 21)!.says, /its plate is wider than the wood/);
	assert.deepEqual(
		chosen('strap-16', 21)!
			.remedies.map(({ label }) => label)
			.slice(0, 1),
		['D-ring']
	);
	assert.equal(chosen('strap-16', 22), undefined, '16 mm of wood for a plate of 16');
	const heavy: Partial<JobFile> = { ...wood(16), piece: { readings: { width: 800, height: 1000 } } };
	const wanted = planned(heavy).hang!.ringWantedKg;
	assert.ok(wanted > 5 && wanted < 18, String(wanted));
	const weak = findingOf(planned({ ...heavy, hang: { ring: 'ring-7' } }), 'hang.ring-none')!;
	assert.match(weak.says, /carries .* is needed/);
	// A plate as wide as the wood is not what is wrong with it.
	const rings = (workingKg: number) => ({
		...builtInShop,
		rings: { one: { ...builtInShop.rings['ring-10']!, id: 'one', workingKg } }
	});
	const noneOf = (workingKg: number, ring?: string) =>
		findingOf(plan(workedJob({ ...wood(16), ...(ring ? { hang: { ring } } : {}) }), rings(workingKg)), 'hang.ring-none');
	assert.match(noneOf(1, 'one')!.says, /carries/);
	assert.match(noneOf(1)!.says, /No ring that fits 10 mm of wood/);
	assert.equal(noneOf(50), undefined);
	// Too little wood has its own finding.
	assert.ok(!has(planned(wood(13)), 'hang.ring-none') && has(planned(wood(13)), 'hang.wood-thin'));
	assert.ok(!has(planned({ frame: { moulding: 'metal-10' } }), 'hang.ring-none'));
});

test('a moulding that is offered for its wood has enough of it, and as much lip and depth as before', () => {
	const offered = (section: { face: number; lip: number; rabbetDepth: number }) => {
		const made = planned({ frame: { section: { depth: 30, density: 680, ...section } } });
		const labels = findingOf(made, 'hang.wood-thin')!.remedies.map(({ label }) => label);
		return MOULDINGS.find(({ name: of }) => labels.some((label) => label.startsWith(`Moulding: ${of.toLowerCase()}`)));
	};
	const like = (id: string) => MOULDINGS.find((moulding) => moulding.id === id)!;
	const pine = like('pine-18');
	// Exactly as much lip and depth as that one has.
	assert.equal(offered({ face: 12, lip: pine.lip, rabbetDepth: pine.rabbetDepth })?.id, 'pine-18');
	assert.notEqual(offered({ face: 12, lip: pine.lip + 0.5, rabbetDepth: pine.rabbetDepth })?.id, 'pine-18');
	assert.notEqual(offered({ face: 12, lip: pine.lip, rabbetDepth: pine.rabbetDepth + 0.5 })?.id, 'pine-18');
	for (const section of [
		{ face: 12, lip: 6, rabbetDepth: 16 },
		{ face: 14, lip: 8, rabbetDepth: 20 }
	]) {
		const { file } = fixed(workedJob({ frame: { section: { depth: 30, density: 680, ...section } } }), 'hang.wood-thin');
		assert.ok(file.hang?.strip, 'a strip is the first fix');
		const moulding = offered(section);
		if (moulding)
			assert.ok(
				moulding.face - moulding.lip >= 10 && moulding.lip >= section.lip && moulding.rabbetDepth >= section.rabbetDepth,
				moulding.id
			);
	}
});

test('10 mm of flat wood are enough in a moulding that is offered, 9.9 are not', () => {
	const own = (face: number) => ({
		...builtInShop,
		mouldings: { own: { ...MOULDINGS.find(({ id }) => id === 'pine-18')!, id: 'own', face, lip: 6, rabbetDepth: 16 } }
	});
	const offers = (face: number) =>
		findingOf(plan(workedJob(wood(12)), own(face)), 'hang.wood-thin')!.remedies.some(({ label }) => label.startsWith('Moulding'));
	assert.deepEqual([offers(16), offers(15.9)], [true, false]);
});

test('strips on the back are weighed where there are any', () => {
	const parts = (deepen?: number) =>
		planned({ frame: { moulding: 'ash-22', ...(deepen ? { deepen } : {}) } }).mass!.parts.map(({ part }) => part);
	assert.ok(!parts().includes('strips on the back'));
	assert.ok(parts(1).includes('strips on the back') && parts(6).includes('strips on the back'));
});
