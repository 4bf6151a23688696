/** What a job costs: every line from an amount, a price and a waste; sums that add up; other grades and a price that is not passed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyWindowJob, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import type { JobFile } from '../../job/definition.ts';
import { patched } from '../../job/patch.ts';
import { GRADES } from '../../shop/grades.ts';
import { builtInShop, type Shop } from '../../shop/shop.ts';
import { there } from '../../units/there.ts';
import { offerAt, otherGrades, plannedWith, type Offer } from './beside.ts';
import { costOf } from './cost.ts';
import { bestUnder } from './under.ts';

const shopWith = (house: Partial<Shop['house']>, more: Partial<Shop> = {}): Shop => {
	const own = { ...builtInShop.house, ...house };
	return { ...builtInShop, house: own, houses: { ...builtInShop.houses, mm: own }, ...more };
};
const asked = (changes: Partial<JobFile> = {}, shop: Shop = builtInShop) => ({ file: workedJob(changes), shop });
const costed = (changes: Partial<JobFile> = {}, shop: Shop = builtInShop, waste?: Record<string, number>) =>
	costOf(plannedWith(asked(changes, shop)), waste);
const offered = (offer: ReturnType<typeof offerAt>): Offer => {
	assert.ok('cost' in offer, JSON.stringify(offer));
	return offer;
};

test('glazing of the worked case: 542 × 701 mm at its price, and the house’s waste beside it', () => {
	const glazing = builtInShop.glazings[plannedWith(asked()).job.guard.glazing.id]!;
	const line = there(
		costed().materials.find(({ material }) => material === glazing.id),
		'glazing'
	);
	assert.equal(line.amount, (542 * 701) / 1e6);
	assert.equal(line.cents, Math.round(((542 * 701) / 1e6) * 1.15 * glazing.pricePerM2!));
	const planned = costed({}, builtInShop, { [glazing.id]: 40 }).materials.find(({ material }) => material === glazing.id)!;
	assert.equal(planned.waste, 40);
	assert.equal(planned.cents, Math.round(((542 * 701) / 1e6) * 1.4 * glazing.pricePerM2!));
});

test('work is minutes by the shop’s hour; margin and tax come on top, each rounded once', () => {
	const hourly = costed({}, shopWith({ hourCents: 6000 }));
	for (const { minutes, cents } of hourly.work) assert.equal(cents, Math.round(minutes * 100));
	const { sums } = costed({}, shopWith({ marginPercent: 25, taxPercent: 20 }));
	assert.equal(sums.margin, Math.round(sums.cost * 0.25));
	assert.equal(sums.tax, Math.round(sums.net * 0.2));
	assert.equal(costed({}, shopWith({ marginPercent: 0 })).sums.total, costed().sums.cost);
});

test('a material without a price is named and not counted; a moulding with one is paid by the metre', () => {
	const ash = builtInShop.mouldings['ash-22']!;
	const frame = { kind: 'wood', moulding: 'ash-22' } as const;
	assert.ok(costed({ frame }).unpriced.some((name) => name.startsWith('Ash')));
	const priced = shopWith({}, { mouldings: { ...builtInShop.mouldings, 'ash-22': { ...ash, pricePerM2: 1200 } } });
	const planned = plannedWith(asked({ frame }, priced));
	const line = costOf(planned).materials.find(({ name }) => name.startsWith('Ash'))!;
	const { outer } = planned.plan.frame!;
	assert.ok(Math.abs(line.amount - (2 * (outer.width + outer.height)) / 1000) < 1e-9);
	assert.equal(line.cents, Math.round(line.amount * 1.15 * 1200));
});

test('twenty alike: materials twentyfold, the bench made ready once', () => {
	const [one, twenty] = [costed(), costed({ copies: 20 })];
	for (const { material, amount } of one.materials)
		assert.ok(
			Math.abs(
				there(
					twenty.materials.find((other) => other.material === material),
					material
				).amount -
					20 * amount
			) < 1e-9
		);
	const once = one.work.slice(0, 2).reduce((sum, { minutes }) => sum + minutes, 0);
	assert.ok(Math.abs(twenty.minutes - (20 * (one.minutes - once) + once)) < 1e-6);
	assert.equal(twenty.sundries, 20 * one.sundries);
});

test('nothing is known of the cost while there is no frame', () => {
	const { frame: _, ...without } = workedJob();
	assert.equal(costOf(plannedWith({ file: without, shop: builtInShop })).known, false);
});

test('property: whole cents, sums that add up, and more waste never costs less', () => {
	fc.assert(
		fc.property(anyWindowJob, fc.integer({ min: 0, max: 60 }), (file, percent) => {
			const planned = plannedWith({ file, shop: builtInShop });
			const cost = costOf(planned);
			const { sums } = cost;
			for (const cents of Object.values(sums)) assert.ok(Number.isSafeInteger(cents) && cents >= 0);
			assert.equal(
				sums.materials,
				cost.materials.reduce((sum, { cents }) => sum + (cents ?? 0), cost.sundries)
			);
			assert.equal(
				sums.work,
				cost.work.reduce((sum, { cents }) => sum + cents, 0)
			);
			assert.equal(sums.total, sums.materials + sums.work + sums.margin + sums.tax);
			const waste = Object.fromEntries(cost.materials.map(({ material }) => [material, percent]));
			const more = costOf(planned, Object.fromEntries(Object.keys(waste).map((key) => [key, percent + 10])));
			assert.ok(more.sums.total >= costOf(planned, waste).sums.total);
		}),
		{ numRuns: runs(60) }
	);
});

test('property: no step is without minutes, and a thing more never takes less time', () => {
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			const { work } = costOf(plannedWith({ file, shop: builtInShop }));
			for (const { step, minutes } of work) assert.ok(minutes > 0, step);
		}),
		{ numRuns: runs(60) }
	);
});

test('one grade down costs less and reaches it; nothing that protects the piece is left out', () => {
	const of = asked();
	const now = plannedWith(of);
	assert.equal(now.plan.grade.reached, 'rare');
	const others = otherGrades(of);
	assert.deepEqual(
		others.map(({ grade }) => grade),
		['keep', 'show']
	);
	const down = offered(there(others[0], 'keep'));
	assert.ok(down.cost.sums.total < costOf(now).sums.total);
	const then = plannedWith({ ...of, file: patched(of.file, down.patch) });
	assert.ok(['rare', 'keep'].includes(there(then.plan.grade.reached, 'grade')));
	assert.equal(then.job.guard.edgeSeal === null, now.job.guard.edgeSeal === null);
	assert.notEqual(then.job.guard.glazing.family, 'none');
	assert.ok(offered(there(others[1], 'show')).cost.sums.total <= down.cost.sums.total);
});

test('one grade up says what it takes, or which rule no material satisfies', () => {
	const poor = asked({ aim: 'keep', guard: { ...workedJob().guard, glazing: 'glass' } });
	const up = offered(offerAt(poor, 'rare', false));
	const then = plannedWith({ ...poor, file: patched(poor.file, up.patch) });
	assert.equal(then.plan.grade.reached, 'rare');
	assert.ok(
		up.changes.some((change) => /glazing$/.test(change)),
		up.changes.join()
	);
	const stuck = asked({ aim: 'show', hold: { kind: 'whole-surface', adhesive: 'dry-mount' } });
	const barred = offerAt(stuck, 'rare', false);
	assert.ok('barredBy' in barred, 'what is stuck down is stuck at every price');
	assert.match(barred.barredBy, /^hold\./);
});

test('a price is never passed: the best grade under it, and what was given up for it', () => {
	const of = asked();
	const { total } = costOf(plannedWith(of)).sums;
	const stands = bestUnder(of, total);
	assert.deepEqual([stands.offer?.grade, stands.changes], ['rare', []], 'it stands as it is');
	let before = Infinity;
	let rank = 0;
	for (let cents = total; cents > 0; cents -= 2000) {
		const { offer, least, changes } = bestUnder(of, cents);
		if (!offer) {
			assert.ok(least > cents);
			return;
		}
		assert.ok(offer.cost.sums.total <= cents && offer.cost.sums.total <= before + 2000);
		assert.ok(GRADES.indexOf(offer.grade) >= rank, 'a lower price never gets a better grade');
		assert.ok(cents === total || changes.length > 0);
		rank = GRADES.indexOf(offer.grade);
		before = cents;
		const then = plannedWith({ ...of, file: patched(of.file, offer.patch) });
		assert.ok(GRADES.indexOf(there(then.plan.grade.reached, 'grade')) <= rank, `${cents} reaches ${offer.grade}`);
		assert.ok(then.plan.fits, 'it still fits');
	}
	assert.fail('under nothing there is nothing');
});

test('borders are given up last at a grade, and never under the width that is thin', () => {
	const of = asked();
	for (let cents = 20_000; cents < 36_000; cents += 800) {
		const { offer, changes } = bestUnder(of, cents);
		if (!offer || !changes.some((change) => change.startsWith('Borders'))) continue;
		const { job } = plannedWith({ ...of, file: patched(of.file, offer.patch) });
		assert.ok(job.borders.width >= builtInShop.house.thinBorder && job.borders.width < 70);
		const wider = patched(patched(of.file, offer.patch), [
			{ op: 'replace', path: '/borders/width', value: job.borders.width + 1 }
		]);
		assert.ok(costOf(plannedWith({ ...of, file: wider })).sums.total > cents, 'a millimetre more is too dear');
		return;
	}
	assert.fail('no price asks for narrower borders');
});
