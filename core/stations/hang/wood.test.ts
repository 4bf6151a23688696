/** Where wood is: rings in the middle of the flat wood, tape with two millimetres of it bare. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { faultsOf, fixed, has, planned, planSingle, severityOf, workedJob } from '../../../tests/jobs.ts';
import type { JobFile } from '../../job/definition.ts';
import { builtInShop } from '../../shop/shop.ts';
import { ringsFor } from './hang.ts';

const wood = (face: number, lip = 6): Partial<JobFile> => ({
	frame: { section: { face, lip, depth: 30, rabbetDepth: 16, density: 680 } }
});

test('rings are in the middle of face − lip, for every section', () => {
	for (const [face, lip] of [
		[22, 6],
		[18, 7],
		[40, 8],
		[17, 6]
	] as const)
		assert.equal(planned(wood(face, lip)).hang!.inset, (face - lip) / 2);
});

test('tape keeps 2 mm of the wood bare; hang.wood-thin under 10, a stop under 6; seal.land-thin under 5', () => {
	assert.equal(planned(wood(22)).back!.tape!.land, 10);
	assert.equal(planned(wood(16)).back!.tape!.land, 8, '16 − 6 − 2');
	assert.equal(planned(wood(12)).back!.tape!.land, 4);
	assert.deepEqual(
		[severityOf(planned(wood(15.5)), 'hang.wood-thin'), severityOf(planned(wood(11.5)), 'hang.wood-thin')],
		['caution', 'stop']
	);
	assert.ok(
		!has(planned(wood(16)), 'hang.wood-thin') &&
			has(planned(wood(12.5)), 'seal.land-thin') &&
			!has(planned(wood(13)), 'seal.land-thin')
	);
});

test('a plate wider than the wood is hidden, a ring that bears too little is not taken', () => {
	const hang = { by: 'wire' as const, ringWantedKg: 4 };
	for (const flat of [6, 8, 10, 12, 14, 20])
		for (const { plate, workingKg } of ringsFor(builtInShop, flat, hang)) assert.ok(plate <= flat && workingKg >= 4);
	assert.deepEqual(ringsFor(builtInShop, 6, hang), []);
	assert.ok(ringsFor(builtInShop, 20, { by: 'rings', ringWantedKg: 4 }).every(({ holes }) => holes === 2));
	const made = planned(wood(22));
	assert.ok(builtInShop.rings[made.hang!.ring!]!.plate <= 16);
	assert.match(faultsOf({ hang: { ring: 'hoop' } })[0]!, /hang\.ring: The shop has no ring “hoop”/);
});

test('a cross strip carries them where the rails are too narrow', () => {
	const { plan: after } = fixed(workedJob(wood(13)), 'hang.wood-thin');
	assert.equal(after.hang!.strip!.height, 40);
	assert.ok(after.hang!.strip!.width < after.frame!.outer.width);
	assert.ok(after.cut.some(({ role }) => role === 'strip across the back'));
	assert.ok(!has(after, 'hang.wood-thin'));
});

test('a drop is typed as a length: it goes before the share, and can’t be below the frame', () => {
	assert.equal(planned({ hang: { drop: '7 in' } }).hang!.drop, 177.8);
	assert.match(faultsOf({ hang: { drop: 900 } })[0]!, /hang\.drop: The frame is 736 mm high/);
	assert.match(faultsOf({ hang: { drop: 100, dropShare: 0.3 } })[0]!, /not both/);
});

test('the worked case of hanging: inset 8, S 561, s 187, r 108, T 31.4, wire 27.2, cut 868.9', () => {
	const { hang } = planSingle(workedJob());
	assert.deepEqual([hang!.inset, hang!.span, hang!.spacing, hang!.wire!.breakingKg], [8, 561, 187, 27.2]);
	assert.ok(Math.abs(hang!.rise - 108) < 0.05 && Math.abs(hang!.wire!.length - 868.9) < 0.05);
});
