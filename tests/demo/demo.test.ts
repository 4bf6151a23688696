import assert from 'node:assert/strict';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import { heldBy, toOpen } from '../../core/views/bench/label-words.ts';
import { planSteps } from '../../core/views/bench/steps.ts';
import { decide } from '../../core/decide.ts';
import type { JobFile } from '../../core/job/definition.ts';
import { readJob } from '../../core/job/read.ts';
import { plan, type Plan } from '../../core/plan.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { DRAWN } from '../../scripts/draw-demo.js';
import { readMaterials, withMaterials } from '../../core/shop/catalogue.ts';
import type { SinglePlan } from '../jobs.ts';

const jobs = Object.fromEntries(
	readdirSync('demo/jobs').map((name) => [
		name.replace('.json', ''),
		JSON.parse(readFileSync(`demo/jobs/${name}`, 'utf8')) as JobFile
	])
);
/** With the catalogue of the demo: its boards are known to suit photographs. */
const materials = readMaterials(JSON.parse(readFileSync('demo/materials.json', 'utf8')));
assert.ok(materials.ok);
const shop = withMaterials(builtInShop, materials.materials);
const planSingle = (file: JobFile) => plan(file, shop) as SinglePlan;
const planOf = (number: string): SinglePlan => planSingle(jobs[number]!);
const severalOf = (number: string): Plan => plan(jobs[number]!, shop);
const size = ({ width, height }: { width: number; height: number }) => `${width} × ${height}`;
/** Of the piece and its frame; what its place asks is a test of its own. */
const rules = (made: SinglePlan) =>
	made.findings.filter(({ of }) => of !== 'place').map((finding) => `${finding.severity} ${finding.rule}`);

test('every demo piece can be planned to its end', () => {
	assert.deepEqual(Object.keys(jobs).sort(), [
		'K-0101',
		'K-0102',
		'K-0103',
		'K-0104',
		'K-0105',
		'K-0106',
		'K-0107',
		'K-0108',
		'K-0109',
		'K-0110',
		'K-0111',
		'K-0112',
		'K-0113',
		'K-0114',
		'K-0115',
		'K-0116',
		'K-0117',
		'K-0118',
		'K-0119',
		'K-0120',
		'K-0121',
		'K-0122',
		'K-0123',
		'K-0124'
	]);
	for (const [number, { scope }] of Object.entries(jobs)) {
		const made = severalOf(number);
		assert.deepEqual(made.open, [], number);
		// One that is a part has the figures of its part.
		if (scope !== undefined) continue;
		assert.ok(made.hang && made.back && made.frame && made.hold, number);
		assert.equal(made.fits, true, number);
	}
});

test('K-0101, a chart that leans: what is wrong with it is found, each finding with its fix', () => {
	const made = planOf('K-0101');
	assert.deepEqual(rules(made), [
		'stop board.touch-acidic',
		'stop gap.small',
		'caution material.fast-unknown',
		'caution pack.tight',
		'note measure.lean'
	]);
	assert.deepEqual([made.grade.aimed, made.grade.reached, made.grade.heldBy], ['rare', 'show', ['board.touch-acidic']]);
	// 400.2 × 548.6 usable, overlap 6 on each side, cut down to half a millimetre.
	assert.equal(size(made.window!.opening), '388 × 536.5');
	assert.equal(size(made.window!.pack), '540 × 698.5');
	assert.equal(size(made.frame!.outer), '571 × 730');
	assert.ok(Math.abs(made.pack!.thickness - 17.4) < 1e-9);
	assert.ok(Math.abs(made.pack!.clearance! - 2.6) < 1e-9);
});

test('K-0103, a pressing on an album leaf: lifted, unbuffered, ready for the bench', () => {
	const made = planOf('K-0103');
	assert.deepEqual(rules(made), ['caution hold.water-media', 'note frame.rabbet-bare']);
	assert.equal(made.grade.reached, 'rare');
	assert.equal(size(made.window!.opening), '178 × 236');
	assert.equal(size(made.frame!.outer), '323 × 389');
	assert.equal(size(made.back!.dustCover!), '317 × 383');
	assert.deepEqual([made.hold!.count, made.pack!.thickness], [2, 13.5]);
});

test('K-0104, a cyanotype: unbuffered boards, edge seal, Rare reached', () => {
	const made = planOf('K-0104');
	assert.deepEqual(rules(made), []);
	assert.equal(made.grade.reached, 'rare');
	assert.equal(size(made.window!.pack), '374 × 435');
	// Round the pack and 5 % more: 2 × (374 + 435) × 1.05.
	assert.ok(Math.abs(made.back!.edgeSeal!.length - 1698.9) < 1e-9);
	assert.deepEqual(made.hold!.places, [50, 204]);
	assert.equal(made.hang!.wire!.breakingKg, 6.8);
	assert.ok(Math.abs(made.hang!.drop - 472 / 3) < 1e-9);
});

test('K-0106, charcoal under acrylic: static stops it, either fix lets it go', () => {
	const made = planOf('K-0106');
	assert.deepEqual(rules(made), ['stop glazing.static-friable', 'caution hold.water-media']);
	assert.equal(made.grade.reached, 'show');
	for (const glazing of ['uv-acrylic-lr', 'uv-glass']) {
		const fixed = planSingle({ ...jobs['K-0106']!, guard: { ...jobs['K-0106']!.guard, glazing } });
		assert.equal(fixed.findings.filter((finding) => finding.severity === 'stop').length, 0, glazing);
	}
});

test('K-0102, written on both sides: the window found from its zones, and no hinge goes unsaid', () => {
	const made = planOf('K-0102');
	assert.deepEqual(rules(made), ['stop hold.water-media', 'caution hold.both-sides']);
	// With the overlap of the house strips and a wider one pockets hold it, clear of the writing.
	const strips = planSingle({ ...jobs['K-0102']!, window: { overlap: 6 }, hold: { kind: 'strips' } });
	assert.ok(!rules(strips).some((rule) => /hold\./.test(rule)), rules(strips).join());
	// The sewing holes end 5 mm from the left, and 1 mm more is wanted; the sheet’s own lean takes 0.14 of it.
	assert.equal(made.window!.solved!.left.toFixed(2), '5.86');
	assert.deepEqual(made.window!.solvedBy, { top: null, right: null, bottom: null, left: 'sewing holes' });
	assert.equal(size(made.window!.opening), '200.5 × 324.5');
});

test('K-0107, a deckle edge: floated over a hidden support, its glazing sags when it lies flat', () => {
	const made = planOf('K-0107');
	assert.deepEqual(rules(made), ['caution gap.sag']);
	const sag = made.findings[0]!;
	assert.match(sag.says, /sags by up to 6\.6 mm over 6 mm gap\. Carried upright it stays clear\./);
	assert.deepEqual(
		sag.remedies.map(({ label }) => label),
		['Lift the mat to 9 mm']
	);
	assert.equal(size(made.window!.support!), '548 × 748');
	assert.equal(made.window!.overlap, undefined);
	assert.equal(made.hold!.kind, 'pass-through');
	assert.equal(made.pack!.gap, 1.5 + 8 - 3 - 0.5);
});

test('K-0109, a photograph with its white border: revealed, fitted to a bought frame', () => {
	const made = planOf('K-0109');
	assert.deepEqual(rules(made), []);
	assert.equal(size(made.window!.opening), '190 × 241');
	assert.equal(made.window!.overlap.left, 6.5);
	assert.equal(size(made.window!.pack), '304.8 × 406.4');
	const { left, right } = made.window!.mats[0]!.border;
	assert.ok(Math.abs(left + right + 190 - 304.8) < 1e-9);
});

test('K-0112, three eggs in one mat: each placed and checked by itself', () => {
	const made = severalOf('K-0112');
	assert.deepEqual(
		made.findings.map((finding) => `${finding.rule} ${finding.where}`),
		['measure.lean measure[1].lean']
	);
	assert.deepEqual(
		made.window!.openings!.map(({ at }) => at.left),
		[0, 112, 224.5]
	);
	assert.equal(made.window!.mats[0]!.holes!.length, 3);
	assert.equal((made.measure as unknown[]).length, 3);
	assert.equal(made.mass!.parts.filter(({ part }) => part.startsWith('piece')).length, 3);
});

test('K-0114, a frame out of true: the pack is what goes into it upright', () => {
	const made = planOf('K-0114');
	assert.deepEqual(rules(made), ['note frame.out-of-true']);
	assert.match(made.findings[0]!.says, /top right corner is open by 5\.5 mm; the glazing follows it/);
	const { top, right, bottom, left, d1, d2 } = made.frame!.lite;
	assert.deepEqual([top, right, bottom, left, d1, d2], [398, 496, 399.5, 498.5, 640, 635]);
	assert.deepEqual(made.cut.find(({ role }) => role === 'glazing')!.sides, { top, right, bottom, left, d1, d2 });
	// Rabbet 401/403 × 502/499 with diagonals 645 and 640: an upright pack of 397 × 494.5, less its allowance.
	assert.equal(size(made.frame!.rabbet), '397 × 494');
	assert.equal(size(made.window!.pack), '394 × 491');
	assert.equal(made.frame!.rails, undefined, 'no rail is cut for a frame that exists');
	assert.ok(!made.cut.some((cut) => cut.role.startsWith('rail')));
});

test('K-0105, a silk flag: stitched on a covered board, no adhesive to it, unbuffered round it', () => {
	const made = planOf('K-0105');
	assert.deepEqual(rules(made), []);
	assert.equal(made.grade.reached, 'rare');
	assert.deepEqual([made.hold!.kind, made.hold!.count, made.hold!.loadKPa], ['stitching', 110, 0]);
	assert.equal(size(made.hold!.cloth!), '690 × 840');
	const buffered = { ...jobs['K-0105']!, guard: { ...jobs['K-0105']!.guard, underMat: 'cotton-4' } };
	assert.ok(rules(planSingle(buffered)).includes('stop material.buffer-harm'));
});

test('K-0108, a deed on vellum: strips that leave it to move, air for a seal that stands 9 mm proud', () => {
	const made = planOf('K-0108');
	assert.deepEqual(rules(made), []);
	assert.deepEqual([made.pack!.gap, made.pack!.gapNeed], [12.5, 12.5]);
	// Skin moves twice as far as paper: 330 × 0.003 × 3.5.
	assert.ok(Math.abs(made.movement!.width - 3.467) < 0.001);
	assert.deepEqual(made.hold!.slack, { width: 3.5, height: 3 });
	const [upper, lower] = jobs['K-0108']!.mats!;
	const shallow = planSingle({ ...jobs['K-0108']!, mats: [{ ...upper!, lift: 0 }, lower!] });
	assert.ok(rules(shallow).includes('stop gap.small'));
	assert.ok(
		rules(planSingle({ ...jobs['K-0108']!, hold: { kind: 'strips', slack: { width: 1 } } })).includes('stop hold.too-much')
	);
});

test('K-0110, a poster of twenty: Show, a metal section by whole centimetres, its kit', () => {
	const made = planOf('K-0110');
	assert.equal(made.grade.reached, 'show');
	assert.deepEqual(
		rules(made).filter((rule) => !rule.startsWith('note')),
		[]
	);
	assert.equal(size(made.window!.pack), '520 × 720');
	assert.deepEqual(
		made.frame!.kit.map(({ part, count }) => `${count} ${part}`),
		[
			'1 pair of rails, across',
			'1 pair of rails, down',
			'4 corner plate, plain',
			'4 corner plate, with screws',
			'10 spring clip',
			'2 hanger'
		]
	);
	assert.equal(made.pack!.clearance!.toFixed(1), '2.7');
});

test('K-0111, an oil sketch on panel: no mat, spacers, offset clips, and varnish that is not dry', () => {
	const made = planOf('K-0111');
	assert.deepEqual(rules(made), ['stop ready.not-dry', 'note frame.rabbet-bare']);
	assert.deepEqual(made.window!.mats, []);
	assert.equal(size(made.window!.pack), '240 × 330');
	assert.deepEqual([made.frame!.points.kind, made.frame!.points.total, made.frame!.offset], ['offset-clips', 8, 1]);
	assert.deepEqual([made.pack!.gap, made.pack!.gapNeed], [6, 4.5]);
	const dry = planSingle({ ...jobs['K-0111']!, piece: { ...jobs['K-0111']!.piece, dry: true } });
	assert.deepEqual([rules(dry), dry.grade.reached], [['note frame.rabbet-bare'], 'rare']);
});

test('light speaks of the place: within its years and budgets, with what would help, and never in the grade', () => {
	const places = (number: string) =>
		severalOf(number)
			.findings.filter(({ of }) => of === 'place')
			.map(({ severity, rule }) => `${severity} ${rule}`);
	assert.deepEqual(places('K-0104'), ['caution light.over-budget']);
	assert.deepEqual(places('K-0109'), ['caution light.too-soon', 'caution light.over-budget']);
	assert.deepEqual(places('K-0110'), ['caution light.too-soon', 'caution light.over-budget', 'caution glazing.uv-high']);
	assert.deepEqual(places('K-0111'), ['note light.over-budget']);
	assert.deepEqual(places('K-0102'), ['caution light.over-budget']);
	const sunny = planSingle({ ...jobs['K-0109']!, place: { room: 'sun-patch' } });
	const stops = sunny.findings.filter(({ of, severity }) => of === 'place' && severity === 'stop');
	assert.deepEqual(
		stops.map(({ rule }) => rule),
		['light.sun', 'light.too-soon']
	);
	assert.equal(sunny.grade.reached, planOf('K-0109').grade.reached);
	assert.match(stops[1]!.remedies[0]!.label, /: about [\d.]+ years$/);
});

test('K-0113, a keepsake: a deep box, tied round, never stitched, and the law asked first', () => {
	const made = planOf('K-0113');
	assert.deepEqual(rules(made), ['caution piece.protected']);
	assert.deepEqual([made.pack!.gap, made.hold!.kind], [18 - 8, 'ties']);
	assert.equal(size(made.window!.pack), '140 × 220');
});

test('K-0115, signed along the bottom: every name shows, the clip’s mark does not', () => {
	const made = planOf('K-0115');
	assert.deepEqual(rules(made), ['caution hold.water-media']);
	assert.equal(made.window!.solvedBy!.top, 'clip mark');
	assert.deepEqual(made.window!.giveUp, undefined);
	assert.equal(made.window!.solved!.top, 8);
});

test('K-0116, a print in inches: cut in whole sixteenths, Keep reached, and what keeps it from Rare named', () => {
	const made = planOf('K-0116');
	assert.deepEqual(rules(made), ['note frame.rabbet-bare']);
	assert.deepEqual([made.grade.reached, made.grade.heldBy], ['keep', ['board.touch-acidic', 'hold.grade', 'gap.small']]);
	const sixteenth = 25.4 / 16;
	for (const length of [
		...Object.values(made.window!.opening),
		...Object.values(made.window!.pack),
		...Object.values(made.frame!.rabbet)
	])
		assert.ok(Math.abs(length / sixteenth - Math.round(length / sixteenth)) < 1e-6, String(length));
	assert.equal(jobs['K-0116']!.unit, 'in');
});

test('K-0117, a miniature on ivory: held as a conservator chose, by strips else, and no water; unbuffered round it, the law named', () => {
	const made = planOf('K-0117');
	assert.deepEqual([made.hold!.kind, made.grade.reached], ['conservator', 'rare']);
	const job = decide(readJob(jobs['K-0117']!), builtInShop);
	assert.equal(
		heldBy(job, plan(jobs['K-0117']!, builtInShop)),
		'the conservator’s choice: four brass clips, lined with polyester felt (the conservator on the mainland, 2026-11-20), comes off with a screwdriver, no adhesive'
	);
	const strips = planSingle({ ...jobs['K-0117']!, hold: {} });
	assert.deepEqual([strips.hold!.kind, strips.hold!.loadKPa, strips.grade.reached], ['strips', 0, 'rare']);
	assert.equal(made.findings.find(({ rule }) => rule === 'piece.protected')!.says, 'The piece is ivory.');
	const pasted = planSingle({ ...jobs['K-0117']!, hold: { kind: 't-hinge', adhesive: 'starch-paste' } });
	assert.equal(pasted.findings.find(({ rule }) => rule === 'hold.water-harm')!.severity, 'stop');
});

test('K-0118, a mat package: bought size, pockets, a typed colour on the cut list, no opening in a frame', () => {
	const made = planOf('K-0118');
	assert.ok(Math.abs(made.window!.pack.width - 16 * 25.4) < 1e-9);
	assert.deepEqual(made.open, []);
	assert.ok(made.cut.some(({ role, colour }) => role === 'mat' && colour === 'harbour green NQ 214'));
	assert.ok(!made.cut.some(({ role }) => /rail|tape|wire/.test(role)));
	assert.deepEqual([made.hold, made.frame, made.hang], [undefined, undefined, undefined], 'the customer mounts it');
});

test('K-0119, a metal frame that came joined: opened at its closing rail, no kit, no wood’s words', () => {
	const file = jobs['K-0119']!;
	const made = planOf('K-0119');
	assert.equal(made.frame!.kit, undefined);
	const job = decide(readJob(file), builtInShop);
	const steps = planSteps(job, plan(file, builtInShop), builtInShop);
	assert.ok(steps.some(({ title }) => title === 'Open the frame'));
	const words = steps.flatMap(({ title, does }) => [title, ...does]).join(' ');
	assert.doesNotMatch(words, /\b(tape the|back tape|rigid|screws at most|pilot|rails? \d)/i);
	assert.match(
		toOpen(job, plan(file, builtInShop), builtInShop.house),
		/turn back 8 clips, loosen the closing rail’s two screws/
	);
	assert.ok(!made.findings.some(({ rule }) => rule === 'seal.none'));
});

test('K-0120, a new back: a board, paper slit round the rings existing, and they bear it', () => {
	const made = planOf('K-0120');
	assert.equal(size(made.back!.board!), '395 × 295');
	assert.deepEqual([...new Set(made.cut.map(({ role }) => role))], ['backing', 'back tape', 'dust cover']);
	assert.deepEqual(rules(made), ['caution hang.kept-unknown']);
});

test('K-0121, only the hanging: a cleat whose rails and strip are cut, lifted by two', () => {
	const made = planOf('K-0121');
	assert.deepEqual([made.back, made.window, made.mass!.kg], [undefined, undefined, 9.8]);
	assert.equal(made.cut.filter(({ role }) => role.startsWith('cleat')).length, 3);
	assert.deepEqual(rules(made), []);
});

test('K-0122, a pastel fixed here and hung from the window mat: face up, with air, no trough', () => {
	const file = jobs['K-0122']!;
	const made = planOf('K-0122');
	assert.deepEqual(rules(made), ['caution hold.to-mat', 'caution hold.water-media']);
	const steps = planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
	const order = steps.map(({ id }) => id);
	assert.ok(order.indexOf('fix-surface') < order.indexOf('tabs'));
	assert.doesNotMatch(steps.flatMap(({ does }) => does).join(' '), /Lay it face down|trough/);
});

test('K-0123, resin-coated: corners by default, nothing wetted', () => {
	const made = planOf('K-0123');
	assert.deepEqual([rules(made), made.grade.reached], [['note frame.rabbet-bare'], 'rare']);
	assert.ok(made.cut.some(({ role }) => role === 'corner pocket'));
});

test('K-0124, a canvas unglazed: clips, a backboard, no mat, no tape', () => {
	const made = planOf('K-0124');
	assert.deepEqual([...new Set(made.cut.map(({ role }) => role))].sort(), [
		'backing',
		'rail, left and right',
		'rail, top and bottom',
		'wire'
	]);
	assert.deepEqual(rules(made), ['note seal.none']);
});

test('every demo piece has a picture of its own, just as it is drawn: shapes alone, no address, no script', () => {
	const named = Object.entries(jobs).flatMap(([number, { piece, window }]) => {
		const inWindows = (window?.openings ?? []).flatMap((one) => (one.piece ? [one.piece.picture] : []));
		return [[number, inWindows.length > 0 ? inWindows : [piece?.picture]] as const];
	});
	const kept = readdirSync('demo/pictures');
	for (const [number, sums] of named) {
		const drawn = Object.entries(DRAWN[number as keyof typeof DRAWN] as Record<string, () => string>);
		assert.equal(drawn.length, sums.length, number);
		for (const [index, [name, draw]] of drawn.entries()) {
			const svg = readFileSync(`demo/pictures/${name}.svg`, 'utf8');
			assert.equal(svg, draw(), `${name}: node scripts/draw-demo.js`);
			assert.equal(createHash('sha256').update(svg).digest('hex'), sums[index], number);
			assert.match(svg, /^<svg /);
			assert.doesNotMatch(svg, /<script|href|onload|<image|data:|NaN/);
		}
	}
	assert.equal(kept.length, named.flatMap(([, sums]) => sums).length);
});
