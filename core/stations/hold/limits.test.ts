/** Where one hold ends and the next begins, each figure of the house at its very limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan, type Plan } from '../../plan.ts';
import { HOUSE_MM, type House } from '../../shop/house.ts';
import { builtInShop } from '../../shop/shop.ts';
import { faultsOf, has, planned, workedJob } from '../../../tests/jobs.ts';
import { edgeCounts, evenPlaces } from './edge-points.ts';
import { heldShort } from './hold.ts';
import { plain } from '../../rule/term.ts';

const sheet = (width: number, height: number, more: JobFile['piece'] = {}): Partial<JobFile> => ({
	piece: { readings: { width, height }, ...more }
});
const inHouse = (changes: Partial<JobFile>, house: Partial<House>): Plan =>
	plan(workedJob(changes), { ...builtInShop, houses: { ...builtInShop.houses, mm: { ...HOUSE_MM, ...house } } });
const findingOf = (made: Pick<Plan, 'findings'>, rule: string) => made.findings.find((finding) => finding.rule === rule);
const fixesOf = (made: Pick<Plan, 'findings'>, rule: string) => findingOf(made, rule)!.remedies.map(({ label }) => label);

test('a sheet of 450 g/m² hangs by T-hinges, a heavier one by tabs through the board', () => {
	const kind = (grammage: number) => planned(sheet(402, 551, { grammage })).hold!.kind;
	assert.deepEqual([kind(HOUSE_MM.heavySheet), kind(HOUSE_MM.heavySheet + 1)], ['t-hinge', 'pass-through']);
});

test('who chose the kind is said: the school of sticking down where that is the house’s, else the window', () => {
	const by = (changes: Partial<JobFile>) => planned(changes).assumed.find(({ path }) => path === 'hold.kind')!.by;
	assert.equal(by({}), 'window');
	assert.equal(by({ schools: { cockle: 'stick-down' } }), 'school cockle');
});

test('own places: on the sheet, from left to right, not over each other, as many as are asked for', () => {
	const faults = (places: number[], more: JobFile['hold'] = {}) =>
		faultsOf({ hold: { kind: 't-hinge', width: 30, places, ...more } });
	assert.deepEqual(faults([15, 200, 387]), [], 'half a hinge from each corner of 402');
	assert.match(faults([14.9, 200])[0]!, /hold\.places\[0\]: A hinge 30 mm wide has its centre between 15 mm and 387 mm/);
	assert.match(faults([200, 387.1])[0]!, /hold\.places\[1\]: A hinge/);
	assert.deepEqual(faults([100, 130]), [], 'edge to edge');
	assert.match(faults([100, 129.9])[0]!, /hold\.places\[1\]: This hinge lies over the one before it/);
	assert.match(faults([100, 100])[0]!, /hold\.places\[1\]: Places go from left to right/);
	assert.match(faults([200, 100])[0]!, /hold\.places\[1\]: Places go from left to right/);
	assert.match(faults([50, 200, 150])[0]!, /hold\.places\[2\]/);
	assert.match(faults([])[0]!, /at least one place/);
	assert.match(faults([50, 200], { count: 3 })[0]!, /hold\.count: 3 hinges/);
	assert.deepEqual(faults([50, 200], { count: 2 }), []);
	assert.match(faults([50, 200], { kind: 'corners' })[0]!, /Only hinges have places/);
});

test('places belong to one sheet', () => {
	const opening = { piece: { readings: { width: 402, height: 551 } } };
	const faults = (count: number) =>
		faultsOf({
			piece: {},
			hold: { kind: 't-hinge', places: [100, 300] },
			window: { overlap: 6, openings: Array(count).fill(opening) }
		});
	assert.deepEqual(faults(1), []);
	assert.match(faults(2)[0]!, /Places belong to one sheet/);
});

test('one tab for a sheet up to 200 mm on both sides, where the school has one strip or one tab', () => {
	const made = (width: number, height: number, count?: number) =>
		planned({ ...sheet(width, height), schools: { 'top-hold': 'strip-or-one' }, ...(count ? { hold: { count } } : {}) }).hold!;
	assert.deepEqual(made(150, 200).places, [75]);
	assert.equal(made(150, 200.5).size.width, 150, 'a strip as wide as the sheet');
	assert.equal(made(200.5, 150).size.width, 200.5);
	assert.equal(made(300, 200, 2).places.length, 2, 'tabs that are asked for are tabs');
});

test('one hinge hangs in the middle; on a sheet above 200 mm it is too little', () => {
	const one = (width: number, height: number) => planned({ ...sheet(width, height), hold: { kind: 't-hinge', count: 1 } });
	assert.deepEqual([one(200, 150).hold!.places, one(200, 150).hold!.count], [[100], 1]);
	assert.equal(one(200, 150).hold!.cross!.width, HOUSE_MM.crossWidth);
	assert.ok(
		!has(one(150, 200), 'hold.too-much') && has(one(150, 200.5), 'hold.too-much') && has(one(200.5, 150), 'hold.too-much')
	);
	assert.deepEqual(fixesOf(one(402, 551), 'hold.too-much'), ['Two hinges']);
});

test('points round a stiff edge: one each 200 mm, six or more, the last ones on the longer sides', () => {
	const counts = (width: number, height: number, house: Partial<House> = {}) =>
		edgeCounts({ width, height }, { ...HOUSE_MM, ...house });
	assert.deepEqual(counts(100, 150), { top: 1, side: 2 });
	assert.deepEqual(counts(150, 100), { top: 2, side: 1 });
	assert.deepEqual(counts(100, 100), { top: 1, side: 2 }, 'of a square one its sides');
	assert.deepEqual(counts(200, 400), { top: 1, side: 2 });
	assert.deepEqual(counts(200.1, 400.1), { top: 2, side: 3 });
	assert.deepEqual(counts(100, 150, { edgePointsLeast: 16 }), { top: 1, side: 7 });
	assert.deepEqual(
		evenPlaces(plain(300), 3).map(({ value }) => value),
		[50, 150, 250]
	);
});

test('what moves as much as its slack is not held short; a hinge on both ends is, by all that it moves', () => {
	const moves = { width: 2, height: 3 };
	const folded = (width: number, height: number) => heldShort({ kind: 'corners', fixed: [], slack: { width, height } }, moves);
	assert.deepEqual(folded(2, 3), {});
	assert.deepEqual(folded(1.99, 3), { width: 2 - 1.99 });
	assert.deepEqual(folded(2, 2.5), { height: 0.5 });
	const fixed = (...sides: ('top' | 'right' | 'bottom' | 'left')[]) => heldShort({ kind: 't-hinge', fixed: sides }, moves);
	assert.deepEqual([fixed('top'), fixed('top', 'bottom'), fixed('left', 'right')], [{}, { height: 3 }, { width: 2 }]);
	assert.deepEqual(fixed('left'), {});
	assert.deepEqual(heldShort({ kind: 'stitching', fixed: ['top', 'right', 'bottom', 'left'] }, moves), {});
	assert.deepEqual(heldShort({ kind: 't-hinge', fixed: ['top', 'bottom'] }, { width: 0, height: 0 }), {});
});

test('a pocket as long as the overlaps hide does not show; one of 12 mm holds', () => {
	const pockets = (width: number, overlap = 10) => planned({ hold: { kind: 'corners', width }, window: { overlap } });
	assert.ok(!has(pockets(20), 'hold.corner-shows') && has(pockets(20.1), 'hold.corner-shows'));
	assert.ok(!has(pockets(HOUSE_MM.pocketLeast), 'hold.corner-shows') && has(pockets(11.9), 'hold.corner-shows'));
	// 6.5 on every side hides the least pocket and the millimetre behind it.
	assert.equal(planned({ hold: { kind: 'corners' }, window: { overlap: 6.5 } }).hold!.size.width, 12);
	const short = planned({ hold: { kind: 'corners' }, window: { overlap: 6 } });
	assert.match(
		findingOf(short, 'hold.corner-shows')!.says,
		/Corner pockets of 11 mm are 1 mm too short: 12 mm .* An overlap of 6\.5 mm/
	);
	const longest = planned({ ...sheet(240, 300), hold: { kind: 'corners' }, window: { overlap: 40 } }).hold!.size.width;
	assert.equal(longest, 40, 'a sixth of 240, and the most that is taken');
	assert.equal(planned({ ...sheet(180, 300), hold: { kind: 'corners' }, window: { overlap: 40 } }).hold!.size.width, 30);
	assert.match(
		findingOf(planned({ ...sheet(71, 300), hold: { kind: 'corners' } }), 'hold.corner-shows')!.says,
		/The sheet is too small for pockets/
	);
	assert.ok(!has(planned({ ...sheet(72, 300), hold: { kind: 'corners' }, window: { overlap: 6.5 } }), 'hold.corner-shows'));
});

test('a strip that reaches as far as the overlap hides does not show; one of 3 mm holds', () => {
	const strips = (contact: number | undefined, overlap: number) =>
		planned({ hold: { kind: 'strips', ...(contact === undefined ? {} : { contact }) }, window: { overlap } });
	assert.ok(!has(strips(5, 6), 'hold.corner-shows') && has(strips(5.1, 6), 'hold.corner-shows'));
	assert.ok(!has(strips(3, 6), 'hold.corner-shows') && has(strips(2.9, 6), 'hold.corner-shows'));
	assert.deepEqual(fixesOf(strips(5.5, 4), 'hold.corner-shows'), ['Strips as long as the overlap hides'], '3 mm is hidden');
	assert.ok(!fixesOf(strips(5.5, 3.5), 'hold.corner-shows').includes('Strips as long as the overlap hides'));
});

test('pockets and strips are offered where the window hides ones that hold', () => {
	const offered = (overlap: number) =>
		fixesOf(planned({ ...sheet(402, 551, { bothSides: true }), window: { overlap } }), 'hold.both-sides');
	assert.deepEqual(offered(6.5), ['Corner pockets', 'Edge strips']);
	assert.deepEqual(offered(6), ['Edge strips']);
	assert.deepEqual(offered(4), ['Edge strips']);
	assert.deepEqual(offered(3.5), []);
});

test('hold.load: exactly what a hinge may bear for years is not too much', () => {
	const { loadKPa } = planned().hold!;
	const paste = builtInShop.adhesives['starch-paste']!;
	const made = (may: number) =>
		plan(workedJob(), { ...builtInShop, adhesives: { ...builtInShop.adhesives, 'starch-paste': { ...paste, loadKPa: may } } });
	assert.ok(!has(made(loadKPa), 'hold.load') && has(made(loadKPa * 0.999), 'hold.load'));
	const { places } = planned().hold!;
	assert.equal(fixesOf(made(loadKPa / 1.9), 'hold.load')[0], `${Math.ceil(places.length * 1.9)} hinges`);
	// More than fifty is no answer.
	assert.ok(!fixesOf(made((loadKPa * places.length) / 50.1), 'hold.load').some((label) => /\d+ hinges/.test(label)));
});

test('hold.stronger-than-sheet: tape from 90 g/m² on', () => {
	const made = (grammage: number) =>
		planned({ ...sheet(402, 551, { grammage }), hold: { kind: 't-hinge', adhesive: 'gummed-linen' } });
	assert.ok(has(made(89), 'hold.stronger-than-sheet') && !has(made(90), 'hold.stronger-than-sheet'));
});

test('hold.off-board: a T-hinge needs its board above the sheet; what stands past a side, or over its neighbour, is said', () => {
	const { boardAboveLeast, hingeContact } = HOUSE_MM;
	assert.ok(hingeContact > 0);
	const border = (top: number) =>
		inHouse({ borders: { way: 'own', top, right: 60, bottom: 60, left: 60 }, mats: [{ board: 'cotton-4' }] }, { borderLeast: 1 });
	// The sheet lies 6 mm above the window's edge.
	assert.equal((border(boardAboveLeast + 6).window as { placement: { top: number } }).placement.top, boardAboveLeast);
	assert.ok(!has(border(boardAboveLeast + 6), 'hold.off-board') && has(border(boardAboveLeast + 5.5), 'hold.off-board'));
	const wide = (width: number) => planned({ hold: { kind: 'v-hinge', width, count: 3 }, window: { way: 'float', gap: 12 } });
	const apart = wide(30).hold!.places[1]! - wide(30).hold!.places[0]!;
	assert.ok(!has(wide(apart), 'hold.off-board') && has(wide(apart + 0.1), 'hold.off-board'));
});
