/** "Will it fit what is on the shelf?" */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyJob, planSingle, workedJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';
import type { JobFile } from '../job/definition.ts';
import { decide } from '../decide.ts';
import { claimed } from '../job/claims.ts';
import { patched, put } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { plan } from '../plan.ts';
import { readShelf, type ShelfItem } from '../shop/shelf.ts';
import { builtInShop } from '../shop/shop.ts';
import { sameAgain } from '../job/same-again.ts';
import { costOf } from '../views/cost/cost.ts';
import { planSteps } from '../views/bench/steps.ts';
import { onShelf, pairsOnShelf, type Held, type OnShelf } from './on-shelf.ts';

const FRAME = { kind: 'frame', name: 'Old', place: 'Rack', face: 30, lip: 9, depth: 34, rabbetDepth: 22 };
const frame = (width: number | string, height: number | string, more: object = {}) => ({ ...FRAME, width, height, ...more });
const stick = (length: number, moulding = 'ash-22') => ({ kind: 'stick', name: 'Stick', place: 'Beam', moulding, length });
/** Without a mat the frame’s lip is its window. */
const panel = workedJob({
	piece: { kind: 'panel', thickness: 6, readings: { width: 240, height: 330 } },
	mats: [],
	hold: {},
	guard: { glazing: 'none', backing: 'alkaline-corrugated', edgeSeal: null }
});
const WHITE = {
	kind: 'mat',
	name: 'White',
	place: '',
	width: 542,
	height: 701,
	openingWidth: 390,
	openingHeight: 539,
	board: 'cotton-4',
	colour: 'white'
};
const read = (list: object[]): ShelfItem[] => {
	const shelf = readShelf(list);
	assert.ok(shelf.ok, JSON.stringify(shelf));
	return shelf.items;
};
const tried = (file: JobFile, list: object[]): OnShelf[] =>
	onShelf(file, { job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop) }, builtInShop, read(list));
const now = (file: JobFile) => ({ job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop) });
const only = (file: JobFile, item: object) => tried(file, [item])[0]!;

test('a frame: as it is, with other borders, or by how much it is too small', () => {
	const file = workedJob();
	// The pack is 542 × 701, the allowance 3 as it is given.
	const same = only(file, frame(545, 704));
	assert.deepEqual([same.fits, same.says], ['as-is', 'It fits as it is.']);
	assert.equal(planSingle(patched(file, same.patch!)).fits, true);
	const larger = only(file, frame('60 cm', '80 cm'));
	assert.equal(larger.fits, 'other-borders');
	assert.match(larger.says, /^With borders of 97\.5 mm at the sides, 117\.5 mm above, 127\.5 mm below\.$/);
	const small = only(file, frame(420, 560));
	// 402 × 551 opened, two borders of 15, an allowance of 3.
	assert.deepEqual([small.fits, small.patch], ['no', null]);
	assert.match(small.says, /is 15 mm too narrow and 24 mm too low/);
	const shallow = only(file, frame(545, 704, { rabbetDepth: 10 }));
	assert.match(shallow.says, /is .* proud of the rabbet/);
});

test('a frame may be turned', () => {
	const turned = only(workedJob(), frame(704, 545));
	assert.deepEqual([turned.fits, turned.says], ['as-is', 'Turned, it fits as it is.']);
	const made = planSingle(patched(workedJob(), turned.patch!));
	assert.deepEqual([made.frame!.rabbet.width, made.frame!.rabbet.height], [545, 704]);
});

test('a stick: long enough, long enough with narrower borders, or too short by', () => {
	const file = workedJob({ frame: { moulding: 'ash-22' } });
	const needs = planSingle(file).frame!.stick;
	assert.equal(only(file, stick(needs)).fits, 'as-is');
	const shorter = only(file, stick(needs - 60));
	assert.equal(shorter.fits, 'other-borders');
	const after = planSingle(patched(file, shorter.patch!));
	assert.ok(after.frame!.stick <= needs - 60 && after.frame!.stick > needs - 72, String(after.frame!.stick));
	const short = only(file, stick(1000));
	assert.deepEqual([short.fits, short.patch], ['no', null]);
	assert.match(short.says, /too short: four rails need/);
	assert.match(only(file, stick(3000, 'metal-10')).says, /no wood moulding/);
});

test('what fits comes first', () => {
	const found = tried(workedJob(), [
		frame(300, 300),
		{ ...frame(600, 800), name: 'Large' },
		{ ...frame(545, 704), name: 'Same' }
	]);
	assert.deepEqual(
		found.map(({ item, fits }) => [item.name, fits]),
		[
			['Same', 'as-is'],
			['Large', 'other-borders'],
			['Old', 'no']
		]
	);
});

test('a piece without a mat goes in, or does not', () => {
	assert.equal(only(panel, frame(245, 337)).fits, 'as-is');
	assert.match(only(panel, frame(240, 330)).says, /too narrow/);
	assert.match(only(panel, frame(300, 340)).says, /too wide: without a mat nothing fills it/);
});

test('a frame that is too large is cut down to this very size; not by less than clean ends take', () => {
	const large = only(panel, frame(300, 400, { face: 24, lip: 9 }));
	assert.equal(large.fits, 'cut-down');
	const file = patched(panel, large.patch!);
	const made = planSingle(file);
	const { rabbet, outer } = made.frame!;
	assert.equal(made.fits, true);
	assert.deepEqual([outer.width, outer.height], [rabbet.width + 30, rabbet.height + 30]);
	assert.equal(
		large.says,
		`Cut down by ${300 - rabbet.width} mm across and ${400 - rabbet.height} mm down, with its corners rejoined.`
	);
	const steps = planSteps(decide(readJob(file), builtInShop), made, builtInShop);
	const [said] = steps.filter(({ id }) => id === 'cut-frame').map(({ does }) => does.join(' '));
	assert.match(said!, /Take the frame “Old” apart at its corners.* from its own rails, recut/);
	assert.ok(steps.find(({ id }) => id === 'gather')!.ticks!.includes('frame “Old”'));
	const just = (more: number) => only(panel, frame(rabbet.width + more, rabbet.height + 40)).fits;
	assert.deepEqual([just(6), just(5)], ['cut-down', 'no']);
	// Turned it may be long enough.
	assert.equal(only(panel, frame(400, 300)).fits, 'cut-down');
});

test('what other jobs hold is offered to nobody else; what is left of several alike is', () => {
	const two = frame(545, 704, { count: 2 });
	const holds = (...held: [string, number][]): OnShelf =>
		onShelf(workedJob(), now(workedJob()), builtInShop, read([two]), {
			held: held.map(([job, count]) => ({ name: 'Old', job, count })),
			by: 'K-0101'
		})[0]!;
	assert.deepEqual([holds().fits, holds().free], ['as-is', true]);
	assert.equal(holds(['K-0102', 1]).fits, 'as-is');
	assert.deepEqual(
		[holds(['K-0102', 1], ['K-0103', 1])].map(({ fits, free, says, patch }) => [fits, free, says, patch]),
		[['no', false, 'K-0102, K-0103 hold all.', null]]
	);
	// Its own hold is not against it.
	assert.equal(holds(['K-0101', 2]).fits, 'as-is');
	const three = workedJob({ copies: 3 });
	const asked = (count: number, held: Held[] = []) =>
		onShelf(three, now(three), builtInShop, read([{ ...two, count }]), { held, by: 'K-0101' })[0]!.says;
	assert.equal(asked(2), '2 are free, and this job is of 3 alike.');
	assert.equal(asked(0), 'None is left.');
	assert.equal(
		asked(3, [{ name: 'Old', job: 'K-0102', count: 2 }]),
		'One is free, and this job is of 3 alike; K-0102 holds the rest.'
	);
	assert.equal(asked(1, [{ name: 'Old', job: 'K-0102', count: 1 }]), 'K-0102 holds it.');
	const pairs = (held: Held[]) =>
		pairsOnShelf(workedJob(), now(workedJob()), builtInShop, read([frame(547, 706), WHITE]), { held, by: 'K-0101' }).length;
	assert.deepEqual([pairs([]), pairs([{ name: 'White', job: 'K-0102', count: 1 }])], [1, 0]);
});

test('what a job takes is named in it, once; a name that stayed behind takes nothing', () => {
	const file = workedJob();
	const shelf = read([frame(545, 704), stick(4500)]);
	const claimsIn = (one: JobFile) =>
		decide(readJob(one), builtInShop).claims.map((claim) => [claim.path, claimed(claim, shelf)?.name]);
	const framed = patched(file, only(file, frame(545, 704)).patch!);
	assert.deepEqual(claimsIn(framed), [['frame.ready', 'Old']]);
	const ofStick = patched(file, only(file, stick(4500)).patch!);
	assert.deepEqual(claimsIn(ofStick), [['frame.ready', 'Stick']]);
	// Another moulding, or rails where a frame was: it is not that thing any more.
	assert.deepEqual(claimsIn(patched(ofStick, put(ofStick, ['frame', 'moulding'], 'oak-30'))), [['frame.ready', undefined]]);
	assert.deepEqual(claimsIn({ ...file, frame: { kind: 'wood', moulding: 'ash-22', ready: 'Old' } }), [
		['frame.ready', undefined]
	]);
	assert.deepEqual(claimsIn({ ...file, frame: { ...framed.frame, ready: '  ' } }), []);
	assert.deepEqual(claimsIn(sameAgain(framed)), []);
});

test('what was paid for it goes into the job, and into what the job costs', () => {
	const file = workedJob();
	const cost = (job: JobFile) => costOf({ file: job, ...now(job), shop: builtInShop });
	const framed = patched(file, only(file, frame(545, 704, { price: '64,50' })).patch!);
	assert.equal(framed.frame!.price, 6450);
	const bought = ({ materials }: ReturnType<typeof costOf>) =>
		materials.filter(({ name }) => /ready-(made|cut)$/.test(name)).map(({ name, amount, cents }) => [name, amount, cents]);
	assert.deepEqual(bought(cost(framed)), [['Old, ready-made', 1, 6450]]);
	assert.deepEqual(bought(cost({ ...framed, copies: 3 })), [['Old, ready-made', 3, 19350]]);
	assert.deepEqual(bought(cost(patched(file, only(file, { ...WHITE, price: 900 }).patch!))), [['Mat 1, ready-cut', 1, 900]]);
	// Cut down, it is paid for once: its rails are no moulding by the metre.
	const cut = patched(panel, only(panel, frame(300, 400, { price: 3000 })).patch!);
	assert.deepEqual(bought(cost(cut)), [['Old, ready-made', 1, 3000]]);
	assert.deepEqual(
		cost(cut).unpriced.filter((name) => /Old/.test(name)),
		[]
	);
	const deepened = { ...cut, frame: { ...cut.frame, deepen: 5 } };
	assert.ok(
		cost(deepened).materials.some(({ name }) => /strip wood/i.test(name)),
		'strips on its back are bought as ever'
	);
	// A moulding that is chosen since is paid by the metre, and the frame no more.
	const { section: _, ...frameOf } = cut.frame!;
	assert.deepEqual(bought(cost({ ...cut, frame: { ...frameOf, moulding: 'ash-22' } })), []);
	for (const price of ['much', -1, 1.5]) assert.equal(readShelf([frame(545, 704, { price })]).ok, false, String(price));
	assert.equal((read([frame(545, 704, { price: '' })])[0] as { price: number | null }).price, null);
});

test('how many there are: one unless it is said, a whole number, as text too', () => {
	assert.deepEqual(
		[undefined, 3, '12', 0].map((count) => read([frame(545, 704, count === undefined ? {} : { count })])[0]!.count),
		[1, 3, 12, 0]
	);
	for (const count of [-1, 1.5, 'two', '', 10000, null]) {
		const wrong = readShelf([frame(545, 704, { count })]);
		assert.deepEqual(wrong.ok ? [] : wrong.faults.map(({ path }) => path), ['shelf[0].count'], String(count));
	}
});

test('property: what is said to fit, fits', () => {
	const size = fc.integer({ min: 200, max: 1100 });
	fc.assert(
		fc.property(anyJob, size, size, fc.integer({ min: 1200, max: 4900 }), (file, width, height, length) => {
			for (const { fits, patch, item } of tried(file, [frame(width, height), stick(length)])) {
				if (!patch) continue;
				const made = planSingle(patched(file, patch));
				assert.notEqual(fits, 'no');
				assert.equal(made.fits, true, item.name);
				if (fits === 'cut-down') {
					const { face, lip } = made.frame!.section;
					const has = [width, height].map((rabbet) => rabbet + 2 * (face - lip) - 6);
					const { outer } = made.frame!;
					const fitsIn = ([w, h]: number[]) => outer.width <= w! + 1e-6 && outer.height <= h! + 1e-6;
					assert.ok(fitsIn(has) || fitsIn(has.reverse()), item.name);
				} else if (item.kind === 'stick') assert.ok(made.frame!.stick <= item.length + 1e-6);
				else assert.ok(Math.min(...Object.values(made.window!.mats[0]!.border)) >= 15 - 1e-9);
			}
		}),
		{ numRuns: runs(200) }
	);
});

test('bad shelves: each fault with its place and what to do', () => {
	const faults = (list: unknown) => {
		const shelf = readShelf(list);
		return shelf.ok ? [] : shelf.faults.map(({ path, says }) => `${path}: ${says}`);
	};
	assert.match(faults('x')[0]!, /shelf: This must be a list/);
	assert.match(faults([{ kind: 'board' }])[0]!, /shelf\[0\]\.kind: Enter a frame, a stick or a mat/);
	assert.match(faults([frame(0, 400)])[0]!, /shelf\[0\]\.width/);
	assert.match(faults([frame(400, 500, { lip: 30 })])[0]!, /shelf\[0\]\.lip: A lip of 30 mm is as wide/);
	assert.match(faults([frame(400, 500, { rabbetDepth: 34 })])[0]!, /cuts through a frame 34 mm deep/);
	assert.match(faults([{ ...stick(400), name: ' ' }])[0]!, /shelf\[0\]\.name: A stick on the shelf needs name/);
	assert.match(faults([frame(400, 500), frame(400, 500)])[0]!, /shelf\[1\]\.name: “Old” is used twice/);
	assert.match(faults([{ ...stick(400), colour: 'red' }])[0]!, /“colour” is not recognised/);
	assert.match(faults(Array.from({ length: 201 }, () => frame(400, 500)))[0]!, /at most 200/);
});

const MAT = { kind: 'mat', name: 'Bought mat', place: 'Drawer', board: 'cotton-4' };
const mat = (openingWidth: number, openingHeight: number, width = 542, height = 701, more: object = {}) => ({
	...MAT,
	openingWidth,
	openingHeight,
	width,
	height,
	...more
});

test('a mat on the shelf: it covers, upright or turned, or says by how much it does not', () => {
	const file = workedJob();
	const right = only(file, mat(390, 539));
	assert.deepEqual([right.fits, right.says], ['as-is', 'It covers 6 mm at the sides, 6 mm above and below.']);
	assert.equal(planSingle(patched(file, right.patch!)).cut.filter(({ role }) => role === 'mat').length, 0);
	assert.equal(only(file, mat(539, 390, 701, 542)).fits, 'as-is');
	const large = only(file, mat(410, 560));
	assert.deepEqual([large.fits, large.patch], ['no', null]);
	assert.match(large.says, /opening measures 410 × 560/);
});

test('mats with frames that take them: three at most, those that sit closest first; none that presses or slides', () => {
	const file = workedJob();
	const pairs = (list: object[]) =>
		pairsOnShelf(file, { job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop) }, builtInShop, read(list));
	const [close, loose] = [frame(545, 704.5, { name: 'Close' }), frame(547, 707, { name: 'Loose' })];
	const found = pairs([mat(390, 539), loose, close, frame(543, 704, { name: 'Tight' }), frame(600, 800, { name: 'Wide' })]);
	assert.deepEqual(
		found.map((one) => one.frame.name),
		['Close', 'Loose']
	);
	const made = planSingle(patched(file, found[0]!.patch));
	assert.deepEqual([made.frame!.rabbet.width, made.window!.pack.width], [545, 542]);
	const many = Array.from({ length: 5 }, (_, index) => frame(545, 704.5, { name: `Frame ${index}` }));
	assert.equal(pairs([mat(390, 539), ...many]).length, 3);
});

test('a mat that can’t be is named at its place; a board that nobody knows is taken carefully', () => {
	const shelf = readShelf([mat(542, 539), { ...MAT, name: 'Half' }]);
	assert.deepEqual(shelf.ok ? [] : shelf.faults.map(({ path }) => path), [
		'shelf[0].openingWidth',
		'shelf[1].width',
		'shelf[1].height',
		'shelf[1].openingWidth',
		'shelf[1].openingHeight'
	]);
	const { board: _, ...unknown } = mat(390, 539);
	const [item] = read([unknown]);
	assert.equal(item?.kind === 'mat' && item.board, 'unknown');
});
