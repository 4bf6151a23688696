import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { runs, some } from '../../tests/thorough.ts';
import { anyJob, has, planned, workedJob } from '../../tests/jobs.ts';
import { acceptCaution, formerAcceptance, takeBackAcceptance } from '../judge/accept.ts';
import { stopsAt } from '../judge/judge.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { patched } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { plan, planFigures } from '../plan.ts';
import { figuresOf, withMaterials } from '../shop/catalogue.ts';
import { GRADES, type Grade } from '../shop/grades.ts';
import { builtInShop, type Shop } from '../shop/shop.ts';
import { cheapestTo, mayStand } from './cheapest.ts';
import { choicesFor } from './guard-choices.ts';
import { packagePrice } from './price.ts';
import { slotsOf, SLOTS, type Slot } from './slots.ts';

const guard = (changes: JobFile['guard']) => workedJob({ guard: { ...workedJob().guard, ...changes } });
const choices = (file: JobFile, slot: Slot, shop: Shop = builtInShop) =>
	choicesFor(file, { job: decide(readJob(file), shop), plan: plan(file, shop) }, shop, slot);
const reaches = (file: JobFile, grade: Grade, shop: Shop = builtInShop) => {
	const { reached } = plan(file, shop).grade;
	return reached !== null && GRADES.indexOf(reached) <= GRADES.indexOf(grade);
};
const setFor = (file: JobFile, grade: Grade, shop: Shop = builtInShop) => {
	const found = cheapestTo(file, shop, grade);
	assert.ok('changes' in found, `barred by ${'barredBy' in found ? found.barredBy : ''}`);
	return found;
};

test('every glazing beside the one that is chosen: what it would do to this job', () => {
	const file = guard({ glazing: 'glass' });
	const all = choices(file, { name: 'glazing' });
	assert.deepEqual(
		all.map(({ id }) => id),
		Object.keys(builtInShop.glazings)
	);
	const by = (id: string) => all.find((one) => one.id === id)!;
	assert.deepEqual([by('glass').chosen, by('glass').kg, by('glass').cents], [true, 0, 0]);
	assert.equal(by('glass').severity, 'stop', 'unfit ones stay choosable, with their finding');
	assert.equal(by('uv-acrylic').severity, null);
	assert.equal(by('uv-acrylic').reached, plan(patched(file, by('uv-acrylic').patch), builtInShop).grade.reached);
	const areaM2 = 0.542 * 0.701;
	assert.ok(Math.abs(by('uv-acrylic').kg! - areaM2 * (3 * 1.19 - 2 * 2.5)) < 1e-9);
	assert.ok(Math.abs(by('uv-acrylic').cents! - areaM2 * (4800 - 1800)) <= 1);
	assert.ok(by('uv-acrylic').years === null || by('uv-acrylic').years! > by('glass').years!);
});

test('a mat is offered boards that are cut as mats; a choice that can’t be planned says why', () => {
	const boards = choices(workedJob(), { name: 'mat', index: 0 }).map(({ id }) => id);
	assert.ok(boards.includes('cotton-8') && !boards.includes('hardboard') && !boards.includes('fluted-pp'));
	const spacers = choices(workedJob(), { name: 'spacer' });
	assert.equal(spacers.find(({ id }) => id === 'acrylic')!.gap, planned().pack!.gap + 3);
	for (const slot of slotsOf({ job: decide(readJob(workedJob()), builtInShop) })) {
		const chosen = choices(workedJob(), slot).filter((one) => one.chosen);
		assert.equal(chosen.length, 1, slot.name);
	}
});

test('property: every choice of every place gives the plan that it says', () => {
	fc.assert(
		fc.property(anyJob, fc.nat(), fc.nat(), (file, which, option) => {
			const job = decide(readJob(file), builtInShop);
			const slots = slotsOf({ job });
			const all = choices(file, slots[which % slots.length]!);
			const one = all[option % all.length]!;
			if (one.fault) return;
			const made = plan(patched(file, one.patch), builtInShop);
			assert.equal(made.grade.reached, one.reached);
			assert.equal(made.pack!.gap, one.gap);
		}),
		{ numRuns: runs(100) }
	);
});

test('the price of a package: the pack’s area by each board, the edge seal by its length', () => {
	const job = decide(readJob(workedJob()), builtInShop);
	const price = packagePrice(job, plan(workedJob(), builtInShop))!;
	const areaM2 = 0.542 * 0.701;
	assert.ok(Math.abs(price.cents - areaM2 * (4800 + 3 * 1900 + 900)) <= 1);
	assert.deepEqual(price.unpriced, []);
	const sealed = packagePrice(
		decide(readJob(guard({ edgeSeal: 'paper' })), builtInShop),
		plan(guard({ edgeSeal: 'paper' }), builtInShop)
	)!;
	assert.ok(Math.abs(sealed.cents - price.cents - 2 * (0.542 + 0.701) * 1.05 * 30) <= 1);
	const shop = withMaterials(builtInShop, [
		{ kind: 'board', id: 'cotton-4', name: 'Cotton', figures: { pricePerM2: null }, sources: {} }
	]);
	assert.deepEqual(packagePrice(decide(readJob(workedJob()), shop), plan(workedJob(), shop))!.unpriced.length > 0, true);
});

test('the cheapest set reaches the grade with one change where one is enough', () => {
	const file = { ...guard({ glazing: 'glass' }), aim: 'keep' } as JobFile;
	const set = setFor(file, 'keep');
	assert.equal(set.changes.length, 1);
	assert.match(set.changes[0]!.label, /^Coated glass, low reflection|^UV/);
	const next = patched(file, set.patch);
	assert.ok(reaches(next, 'keep'));
	const before = packagePrice(decide(readJob(file), builtInShop), plan(file, builtInShop))!.cents;
	assert.equal(packagePrice(decide(readJob(next), builtInShop), plan(next, builtInShop))!.cents - before, set.cents);
	assert.deepEqual(setFor(next, 'keep').changes, [], 'nothing is left to do');
});

test('a back may be fixed from before it, when that is cheaper', () => {
	const file = { ...guard({ backing: 'hardboard', glazing: 'glass' }), aim: 'show' } as JobFile;
	const set = setFor(file, 'show');
	const next = patched(file, set.patch);
	assert.ok(reaches(next, 'show'));
	assert.equal(set.changes.length, 1);
});

test('what no change of materials fixes is named', () => {
	const wet = workedJob({
		piece: {
			readings: { width: 402, height: 551 },
			zones: [{ id: 'seal', kind: 'keep-off', left: 0, top: 0, width: 402, height: 60 }]
		}
	});
	assert.deepEqual(cheapestTo(wet, builtInShop, 'rare'), { grade: 'rare', barredBy: 'hold.keep-off' });
});

/** Every mixture of what may stand in glazing, edge seal and back; the dear way to the same answer. */
function cheapestByTrying(file: JobFile, grade: Grade, shop: Shop): number {
	const context = (of: JobFile) => {
		const job = decide(readJob(of), shop);
		return { file: of, job, shop, plan: planFigures(job, shop), grade };
	};
	const start = context(file);
	const priceOf = (of: ReturnType<typeof context>) => packagePrice(of.job, of.plan)!.cents;
	const [price, cautions, fits] = [priceOf(start), stopsAt(start).cautions, plan(file, shop).fits];
	const { changeCents, cautionCents } = shop.house;
	let best = Infinity;
	const walk = (at: JobFile, slots: Slot[], changes: number) => {
		const here = context(at);
		const [slot, ...rest] = slots;
		if (!slot) {
			const cost = priceOf(here) - price + changes * changeCents;
			if (cost >= best) return;
			const made = plan({ ...at, aim: grade }, shop);
			const reached = made.grade.reached !== null && GRADES.indexOf(made.grade.reached) <= GRADES.indexOf(grade);
			if (reached && (!fits || made.fits))
				best = Math.min(best, cost + Math.max(0, stopsAt(here).cautions - cautions) * cautionCents);
			return;
		}
		walk(at, rest, changes);
		const held = SLOTS[slot.name].chosen(here, 0);
		for (const option of SLOTS[slot.name].options(here, 0))
			// Taking a protection away is no way to a grade.
			if (
				(option.id !== null || slot.name === 'edge-seal') &&
				option.id !== held &&
				option.id !== 'none' &&
				mayStand(here, slot, option.id)
			)
				walk(patched(at, option.patch), rest, changes + 1);
	};
	walk(file, [{ name: 'glazing' }, { name: 'edge-seal' }, { name: 'backing' }], 0);
	return best;
}

test('the cheapest set costs what trying every mixture finds', () => {
	const { boards } = builtInShop;
	const few = ['cotton-4', 'cotton-8', 'fluted-pp', 'alkaline-corrugated', 'foam-ordinary'];
	const small = { ...builtInShop, boards: Object.fromEntries(few.map((id) => [id, boards[id]!])) };
	for (const [shop, glazing, backing, edgeSeal, grade] of some([
		[small, 'glass', 'foam-ordinary', null, 'rare'],
		[builtInShop, 'glass', 'cotton-4', 'packing', 'rare'],
		[builtInShop, 'acrylic', 'foam-ordinary', null, 'keep'],
		[builtInShop, 'none', 'chipboard', 'packing', 'keep'],
		[builtInShop, 'glass', 'mat-ordinary', 'paper', 'rare']
	] as const)) {
		const file = { ...guard({ glazing, backing, edgeSeal }), aim: grade, mats: [{ board: 'cotton-8' }] } as JobFile;
		const set = setFor(file, grade, shop);
		const next = patched(file, set.patch);
		const cautions = (of: JobFile) =>
			stopsAt({ file: of, job: decide(readJob(of), shop), shop, plan: plan(of, shop), grade }).cautions;
		const { changeCents, cautionCents } = shop.house;
		const cost = set.cents + set.changes.length * changeCents + Math.max(0, cautions(next) - cautions(file)) * cautionCents;
		assert.ok(set.proven);
		assert.ok(Math.abs(cost - cheapestByTrying(file, grade, shop)) <= 2, `${glazing} ${backing}: ${cost}`);
	}
});

test('of boards that nothing but name and price tells apart the cheapest is taken, and the search says so', () => {
	const twin = (id: string, pricePerM2: number) => {
		const { name, ...figures } = builtInShop.boards['cotton-4']!;
		return {
			kind: 'board' as const,
			id,
			name: `${name}, ${id}`,
			figures: { ...figuresOf('board', { ...figures, name }), pricePerM2 },
			sources: {}
		};
	};
	const shop = withMaterials(builtInShop, [twin('dear', 9000), twin('cheap', 100), twin('middle', 500)]);
	const pulp = workedJob({ mats: [{ board: 'cotton-4' }, { board: 'mat-ordinary', reveal: 6 }] });
	const found = setFor(pulp, 'rare', shop);
	assert.deepEqual(
		found.changes.map(({ label }) => label),
		['Cotton museum board, 4-ply, cheap, mat 2']
	);
	assert.equal(found.proven, true);
	assert.ok(found.cents < setFor(pulp, 'rare').cents, 'it costs less than the built-in one');
});

test('property: a set that is found reaches its grade, and no part of it is too many', () => {
	fc.assert(
		fc.property(anyJob, fc.constantFrom<Grade>('rare', 'keep'), (file, grade) => {
			const found = cheapestTo(file, builtInShop, grade);
			if ('barredBy' in found) return;
			const next = patched(file, found.patch);
			const made = plan({ ...next, aim: grade }, builtInShop);
			const stops = made.findings.filter(
				({ severity, rule }) => severity === 'stop' && !/^(window|pack|frame|hang|tool)\.|^mat.print|^ready/.test(rule)
			);
			assert.deepEqual(
				stops.map(({ rule }) => rule),
				[]
			);
		}),
		{ numRuns: runs(100) }
	);
});

test('a caution is accepted with a reason and initials, and comes back when its facts change', () => {
	const file = workedJob({ aim: 'keep', window: { overlap: 2 } });
	const thin = (of: JobFile) => plan(of, builtInShop).findings.find(({ rule }) => rule === 'window.overlap-thin');
	const accepted = patched(file, acceptCaution(file, thin(file)!, ' the owner wants all of it ', 'OB'));
	assert.deepEqual(thin(accepted)!.accepted, { reason: 'the owner wants all of it', initials: 'OB' });
	assert.ok(has(plan(accepted, builtInShop), 'window.overlap-thin'), 'it stays in the record');
	// Whichever unit is read, open edges are open edges.
	const open = (unit: 'mm' | 'in') =>
		plan({ ...guard({ edgeSeal: null }), aim: 'rare', unit, accepted: held }, builtInShop).findings.find(
			({ rule }) => rule === 'gap.sag' || rule === 'seal.edge-none'
		)!;
	const held = [
		{
			rule: 'seal.edge-none',
			where: 'guard.edgeSeal',
			facts: 'The pack’s edges are not sealed.',
			reason: 'dry house',
			initials: 'PA'
		}
	];
	assert.ok(open('mm').accepted && open('in').accepted);
	const changed = { ...accepted, window: { overlap: 1 } } as JobFile;
	assert.equal(thin(changed)!.accepted, undefined);
	assert.deepEqual(formerAcceptance(changed, thin(changed)!), { reason: 'the owner wants all of it', initials: 'OB' });
	assert.ok(thin({ ...changed, window: { overlap: 2 } })!.accepted, 'as before, it counts again');
	const back = patched(accepted, takeBackAcceptance(accepted, thin(accepted)!));
	assert.equal(thin(back)!.accepted, undefined);
	assert.deepEqual(back.accepted, []);
});

test('a stop can’t be accepted at its grade; with a lower aim it is a caution that can', () => {
	const file = guard({ glazing: 'none' });
	const none = (of: JobFile) => plan(of, builtInShop).findings.find(({ rule }) => rule === 'glazing.none')!;
	const keep = { ...file, aim: 'keep' } as JobFile;
	const accepted = patched(keep, acceptCaution(keep, none(keep), 'for a week', 'RT'));
	assert.ok(none(accepted).accepted);
	const rare = none({ ...accepted, aim: 'rare' });
	assert.deepEqual([rare.severity, rare.accepted], ['stop', undefined]);
	assert.throws(
		() => plan({ ...keep, accepted: [{ rule: 'glazing.none', facts: 'x', reason: ' ', initials: 'RT' }] }, builtInShop),
		/reason and initials/
	);
});
