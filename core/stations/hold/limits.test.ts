/** Where one hold ends and the next begins, each figure of the house at its very limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan } from '../../plan.ts';
import { HOUSE_MM, type House } from '../../shop/house.ts';
import { builtInShop } from '../../shop/shop.ts';
import { findingOf, fixesOf, sheet } from '../../../tests/findings.ts';
import { faultsOf, has, planned, workedJob, type SinglePlan } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import { patched } from '../../job/patch.ts';
import { readJob } from '../../job/read.ts';
import { contactsOf } from './contacts.ts';
import { HOLDS } from './kinds/all.ts';
import { inFolded, kindPatch } from './other-kinds.ts';
import { pointOn } from './own-edges.ts';
import { edgeCounts, evenPlaces } from './edge-points.ts';
import { heldShort } from './hold.ts';
import { plain } from '../../rule/term.ts';

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
	assert.match(faults([14.9, 200])[0]!, /hold\.places\[0\]: A hinge 30 mm wide needs its centre between 15 mm and 387 mm/);
	assert.match(faults([200, 387.1])[0]!, /hold\.places\[1\]: A hinge/);
	assert.deepEqual(faults([100, 130]), [], 'edge to edge');
	assert.match(faults([100, 129.9])[0]!, /hold\.places\[1\]: This hinge overlaps the one before it/);
	assert.match(faults([100, 100])[0]!, /hold\.places\[1\]: List positions from left to right/);
	assert.match(faults([200, 100])[0]!, /hold\.places\[1\]: List positions from left to right/);
	assert.match(faults([50, 200, 150])[0]!, /hold\.places\[2\]/);
	assert.match(faults([])[0]!, /at least one position/);
	assert.match(faults([50, 200], { count: 3 })[0]!, /hold\.count: 3 hinges/);
	assert.deepEqual(faults([50, 200], { count: 2 }), []);
	assert.match(faults([50, 200], { kind: 'corners' })[0]!, /Only hinges have positions/);
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
	assert.match(faults(2)[0]!, /Positions are for one sheet/);
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

test('hold.load: exactly limit of a hinge is not too much', () => {
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
	const { boardAboveLeast } = HOUSE_MM;
	const border = (top: number) =>
		planned({ borders: { way: 'own', top, right: 60, bottom: 60, left: 60 }, mats: [{ board: 'cotton-4' }] });
	// The sheet lies 6 mm above the window's edge.
	assert.equal(border(boardAboveLeast + 6).window!.placement.top, boardAboveLeast);
	assert.ok(!has(border(boardAboveLeast + 6), 'hold.off-board') && has(border(boardAboveLeast + 5.5), 'hold.off-board'));
	const wide = (width: number) => planned({ hold: { kind: 'v-hinge', width, count: 3 }, window: { way: 'float', gap: 12 } });
	const apart = wide(30).hold!.places[1]! - wide(30).hold!.places[0]!;
	assert.ok(!has(wide(apart), 'hold.off-board') && has(wide(apart + 0.1), 'hold.off-board'));
});

test('pockets as small as the overlap lets them be are cut and lie in their corners; where it hides none there is none', () => {
	const made = (overlap: number) => planned({ hold: { kind: 'corners' }, window: { overlap } });
	const pockets = (overlap: number) => made(overlap).cut.filter(({ role }) => role === 'corner pocket').length;
	// An overlap of 1 hides a leg of 2, a millimetre of it behind the mat.
	assert.deepEqual([made(1).hold!.size.width, pockets(1), made(0.5).hold!.size.width, pockets(0.5)], [1, 1, 0, 0]);
	const contacts = (overlap: number) => {
		const { hold, measure } = made(overlap);
		return contactsOf({ hold: hold!, measure: measure!, choice: decide(readJob(workedJob()), builtInShop).window });
	};
	assert.deepEqual([contacts(1).length, contacts(0.5).length], [4, 0]);
});

test('tabs and strips touch the sheet from its edge on, as far as they reach', () => {
	const ringsOf = (changes: Partial<JobFile>) => {
		const { hold, measure } = planned(changes);
		return contactsOf({ hold: hold!, measure: measure!, choice: decide(readJob(workedJob(changes)), builtInShop).window }).map(
			({ ring }) => ring.map(({ x, y }) => [x, y].map((mm) => Math.round(mm * 100) / 100))
		);
	};
	assert.deepEqual(ringsOf({ hold: { kind: 't-hinge', places: [100, 300], width: 30, contact: 6 } })[0], [
		[85, 0],
		[115, 0],
		[115, 6],
		[85, 6]
	]);
	const [bottom, left] = ringsOf({ hold: { kind: 'strips', contact: 5 }, window: { overlap: 8 } });
	assert.deepEqual(bottom, [
		[0, 551],
		[402, 551],
		[402, 546],
		[0, 546]
	]);
	assert.deepEqual(left, [
		[0, 0],
		[0, 551],
		[5, 551],
		[5, 0]
	]);
});

test('a place on an edge that slopes', () => {
	const { measure } = planned({ piece: { readings: { top: 400, bottom: 400, left: 510, right: 500, d1: 640 } } });
	const [start, end] = [pointOn(measure!, 'top', 0), pointOn(measure!, 'top', 400)];
	assert.ok(Math.abs(end.y - start.y) > 1, `${start.y} ${end.y}`);
	const middle = pointOn(measure!, 'top', 200);
	assert.ok(Math.abs(middle.x - (start.x + end.x) / 2) < 1e-9 && Math.abs(middle.y - (start.y + end.y) / 2) < 1e-9);
});

test('what a hold comes to, in the strip of stations: of several sheets the heaviest load', () => {
	const { reader } = decide(readJob(workedJob()), builtInShop);
	const hold = { ...planned().hold!, count: 3, workingKPa: 10 };
	const says = (...loads: number[]) =>
		HOLDS['t-hinge'].comesTo(
			loads.map((loadKPa) => ({ ...hold, loadKPa })),
			reader
		);
	assert.equal(says(2), '3 in all, each at 20 % of its limit');
	assert.equal(says(2, 5, 3), '3 in all, each at 50 % of its limit');
	assert.equal(HOLDS['t-hinge'].comesTo([{ ...hold, workingKPa: 0 }], reader), '');
	assert.notEqual(HOLDS['t-hinge'].comesTo([{ ...hold, workingKPa: 1 }], reader), '');
});

test('neither bone nor vellum is mounted overall', () => {
	const offered = (piece: 'paper' | 'bone' | 'vellum') => HOLDS['whole-surface'].offered({ piece, float: false, bare: false });
	assert.deepEqual([offered('paper'), offered('bone'), offered('vellum')], [true, false, false]);
});

test('another kind keeps what belongs to it, and nothing else', () => {
	const file = workedJob({
		hold: { kind: 't-hinge', adhesive: 'starch-paste', count: 2, places: [50, 300], width: 30, slack: { width: 2 } }
	});
	const after = (kind: 'v-hinge' | 'corners' | 'clips') => patched(file, kindPatch(file, kind, 'none')).hold;
	assert.deepEqual(after('v-hinge'), { kind: 'v-hinge', adhesive: 'none', count: 2, places: [50, 300] });
	assert.deepEqual(after('corners'), { kind: 'corners', adhesive: 'none', slack: { width: 2 } });
	assert.deepEqual(after('clips'), { kind: 'clips', adhesive: 'none' });
	const bare = workedJob({ hold: { kind: 't-hinge' } });
	assert.deepEqual(patched(bare, kindPatch(bare, 'pass-through', 'starch-paste')).hold, {
		kind: 'pass-through',
		adhesive: 'starch-paste'
	});
});

test('folded paper is offered under one mat too, and never without one or in a float', () => {
	const offered = (changes: Partial<JobFile>) =>
		fixesOf(planned({ ...sheet(402, 551, { bothSides: true }), window: { overlap: 7 }, ...changes }), 'hold.both-sides');
	assert.deepEqual(offered({ mats: [{ board: 'cotton-4' }] }), ['Corner pockets', 'Edge strips']);
	const context = (changes: Partial<JobFile>) => {
		const file = workedJob(changes);
		return {
			file,
			job: decide(readJob(file), builtInShop),
			shop: builtInShop,
			plan: plan(file, builtInShop),
			grade: 'keep' as const
		};
	};
	assert.equal(inFolded(context({ mats: [{ board: 'cotton-4' }], window: { overlap: 7 } })).length, 2);
	assert.deepEqual(
		inFolded(context({ mats: [], hold: { kind: 'clips' }, ...sheet(402, 551, { kind: 'panel', thickness: 6 }) })),
		[]
	);
	assert.deepEqual(inFolded(context({ window: { way: 'float', gap: 12 }, mats: [{ board: 'cotton-8', lift: 6 }] })), []);
});

test('hold.off-board: by how much, and how many hinges have room', () => {
	const own = (sides: { top?: number; left?: number; right?: number }, hold: JobFile['hold'] = {}) =>
		planned({ borders: { way: 'own', top: 60, right: 60, bottom: 60, left: 60, ...sides }, mats: [{ board: 'cotton-4' }], hold });
	assert.match(
		findingOf(own({ top: 6.5 }), 'hold.off-board')!.says,
		/^0\.5 mm of board above the sheet; a T-hinge needs 12 mm\.$/
	);
	assert.match(findingOf(own({ top: 6 }), 'hold.off-board')!.says, /^There is no board above the sheet/);
	// The cross-piece is 60 mm wide: 30 of them stand left of the first hinge, and 1 mm of board.
	const places = { kind: 't-hinge' as const, places: [28.5, 200] };
	assert.match(findingOf(own({ left: 7 }, places), 'hold.off-board')!.says, /An outer hinge reaches 0\.5 mm past the side/);
	assert.equal(findingOf(own({ left: 7.5 }, places), 'hold.off-board'), undefined);
	const wide = (width: number, count: number, wideSheet = 402) =>
		fixesOf(
			planned({ ...sheet(wideSheet, 150), hold: { kind: 'v-hinge', width, count }, window: { way: 'float', gap: 12 } }),
			'hold.off-board'
		)[0];
	// 302 mm from the first to the last: 100 and 5 mm apart leave room for two more.
	assert.equal(wide(100, 5), '3 hinges');
	assert.equal(wide(150, 2, 200), 'One hinge');
});

test('hold.corner-shows: what is offered holds, and says how much overlap would do', () => {
	const labels = (overlap: number) =>
		fixesOf(planned({ hold: { kind: 'corners', width: 30 }, window: { overlap } }), 'hold.corner-shows');
	assert.equal(labels(6.5)[0], 'Pockets as long as the overlap hides', '12 mm of them hold');
	assert.notEqual(labels(6)[0], 'Pockets as long as the overlap hides');
	const small = (width: number) =>
		findingOf(planned({ ...sheet(width, 300), hold: { kind: 'corners' }, window: { overlap: 6 } }), 'hold.corner-shows')!.says;
	assert.match(small(72), /An overlap of 6\.5 mm on every side would be enough/);
	assert.match(small(71.5), /The sheet is too small for pockets/);
});

test('hold.load: an adhesive that may bear 1 kPa is held against it too', () => {
	const paste = { ...builtInShop.adhesives['starch-paste']!, loadKPa: 1 };
	const made = plan(
		workedJob({ ...sheet(900, 1200, { grammage: 400 }), hold: { kind: 't-hinge', count: 2, width: 5, contact: 2 } }),
		{
			...builtInShop,
			adhesives: { ...builtInShop.adhesives, 'starch-paste': paste }
		}
	) as SinglePlan;
	assert.ok(made.hold!.loadKPa > 1 && has(made, 'hold.load'));
});
