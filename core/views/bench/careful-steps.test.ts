/** Steps that a conservator asks for: referring, lying open, a lined rabbet, backs that touch nothing, objects held round, light on paper. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { Hold } from '../../figures/hold.ts';
import type { Measure } from '../../figures/measure.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { careOf } from '../care/care.ts';
import { notDoneYet } from '../hand-over.ts';
import { lightOn, madeOf, seenBy, warnings } from './label-words.ts';
import { planSteps } from './steps.ts';

function made(file: JobFile) {
	const job = decide(readJob(file), builtInShop);
	const planned = plan(file, builtInShop);
	return { job, plan: planned, steps: planSteps(job, planned, builtInShop) };
}
const section = { face: 30, lip: 10, depth: 60, rabbetDepth: 50, density: 550 };
const bare = (piece: JobFile['piece'], more: Partial<JobFile> = {}): JobFile => ({
	format: 'rare-keep/job',
	version: 1,
	aim: 'rare',
	piece: { readings: { width: 300, height: 400 }, ...piece },
	frame: { kind: 'wood', section },
	...more
});
const idsOf = (file: JobFile) => made(file).steps.map(({ id }) => id);
const step = (file: JobFile, id: string) => made(file).steps.find((one) => one.id === id);

test('referred: the frame may be made, nothing touches the piece, and what to do meanwhile is said', () => {
	const mould = bare({ medium: ['etching'], concerns: ['mould', 'foxing'] });
	const { steps } = made(mould);
	assert.deepEqual(
		steps.map(({ id }) => id),
		['ready', 'refer', 'gather', 'cut-frame', 'join-frame', 'finish-frame', 'cut-boards', 'cut-glazing', 'prepare-hold']
	);
	assert.match(steps[1]!.does[0]!, /^Active mould: gloves and a mask/);
	assert.equal(steps[1]!.does.length, 2, 'foxing stops nothing');
	assert.deepEqual(idsOf(bare({ medium: ['nitrate-film'] })), ['ready', 'refer']);
	assert.match(step(bare({ medium: ['nitrate-film'] }), 'refer')!.title, /Do not frame it/);
	const seen = { name: 'A. Holm', on: '2026-11-12', finding: 'Dead.' };
	assert.ok(idsOf(bare({ ...mould.piece, conservator: seen })).includes('close-pack'));
	assert.ok(!idsOf(bare({ ...mould.piece, conservator: { name: 'A. Holm', on: '2026-11-12' } })).includes('close-pack'));
	const half = bare({ ...mould.piece, concerns: ['mould', 'insects'], conservator: { ...seen, of: ['mould'] } });
	assert.match(step(half, 'refer')!.does.join(' '), /^Live insects/);
});

test('what the paste brought leaves before an edge seal: 12 hours, 24 for a heavy sheet or many hinges; nothing waits without paste or seal', () => {
	const hinged = (grammage: number, hold: JobFile['hold'] = {}, guard: JobFile['guard'] = {}) =>
		bare({ medium: ['etching'], grammage }, { hold: { kind: 't-hinge', adhesive: 'starch-paste', ...hold }, guard });
	assert.equal(step(hinged(200), 'lie-open')!.waitMinutes, 720);
	assert.equal(step(hinged(300), 'lie-open')!.waitMinutes, 720);
	assert.equal(step(hinged(301), 'lie-open')!.waitMinutes, 1440);
	assert.equal(step(hinged(200, { count: 5 }), 'lie-open')!.waitMinutes, 1440);
	assert.equal(step(hinged(200, {}, { edgeSeal: null }), 'lie-open'), undefined);
	assert.equal(step(bare({ medium: ['etching'] }, { hold: { kind: 'strips' } }), 'lie-open'), undefined);
	const ids = idsOf(hinged(200));
	assert.ok(ids.indexOf('try-window') < ids.indexOf('lie-open') && ids.indexOf('lie-open') < ids.indexOf('close-pack'));
});

test('a rabbet is lined where no edge seal keeps the pack off its wood: tape on the cut list, room for it, a step before the pack', () => {
	const painting = bare({ kind: 'panel', medium: ['oil'], dry: true, thickness: 8 });
	const { plan: of, steps } = made(painting);
	const [tape] = of.cut.filter(({ role }) => role === 'rabbet lining');
	assert.equal(tape!.material, 'aluminium-laminate');
	assert.ok(steps.find(({ id }) => id === 'line-rabbet')!.uses.includes(tape!));
	const without = made({ ...painting, frame: { kind: 'wood', section, lining: null } });
	assert.ok(without.plan.findings.some(({ rule, severity }) => rule === 'frame.rabbet-bare' && severity === 'caution'));
	assert.equal(
		without.steps.some(({ id }) => id === 'line-rabbet'),
		false
	);
	assert.ok(of.frame!.allowance.width > without.plan.frame!.allowance.width);
	assert.equal(
		made(bare({ medium: ['etching'] })).plan.cut.some(({ role }) => role === 'rabbet lining'),
		false,
		'sealed'
	);
	const metal = made(bare({ kind: 'panel', thickness: 8 }, { frame: { kind: 'metal', moulding: 'metal-12-deep' } }));
	assert.equal(metal.job.frame!.lining, null);
});

test('backs of paintings touch nothing: screwed to a stretcher, on strips behind a panel', () => {
	const canvas = bare({ kind: 'canvas', medium: ['oil'], dry: true, thickness: 20 });
	const back = made(canvas).plan.pack!.layers.at(-1)!;
	assert.deepEqual([back.role, back.touches, back.faces], ['backing', false, true]);
	assert.match(
		step(canvas, 'close-pack')!.does.join(' '),
		/face down on a clean, padded slip sheet.*Screw the alkaline corrugated board to the stretcher/
	);
	assert.ok(step(canvas, 'gather')!.ticks!.includes('short screws for the backing board'));
	const panel = made(bare({ kind: 'panel', medium: ['oil'], dry: true, thickness: 8 }));
	assert.deepEqual(
		panel.plan.pack!.layers.map(({ role }) => role),
		['piece', 'back-spacer', 'backing']
	);
	assert.equal(panel.plan.pack!.thickness, 8 + 3 + 3);
	assert.equal(panel.plan.cut.filter(({ role }) => role === 'back spacer').length, 2);
	// A canvas is keyed out in its frame: 3 mm at each end of a side, and it hardly moves itself.
	assert.equal(made({ ...canvas, aim: 'keep' }).plan.frame!.allowance.width, 6.5);
});

test('glass painted in reverse is never turned over, lies behind acrylic, with air', () => {
	const reverse = bare({ kind: 'panel', support: 'glass-reverse', thickness: 3 });
	const { job, plan: of } = made(reverse);
	assert.deepEqual([job.guard.glazing.id, of.pack!.gap >= 3], ['uv-acrylic', true]);
	assert.match(step(reverse, 'fit-first')!.does.join(' '), /turn nothing over/);
	assert.match(step(reverse, 'dust-first')!.does.join(' '), /No tapping/);
});

test('an object is held round: brackets in the list of what is laid ready, ties and recess on the cut list, nothing through it', () => {
	const object = (kind: 'brackets' | 'ties' | 'recess') => bare({ kind: 'object', thickness: 10 }, { hold: { kind } });
	assert.ok(step(object('brackets'), 'gather')!.ticks!.includes('8 padded brackets, screws'));
	const ties = made(object('ties')).plan.cut.find(({ role }) => role === 'tie')!;
	// Across the shorter side and round both its edges, 25 mm of tail at each end.
	assert.deepEqual([ties.width, ties.count, ties.material], [300 + 2 * (10 + 25), 2, 'polyester-film']);
	const recess = made(object('recess')).plan.cut.find(({ role }) => role === 'recess board')!;
	assert.deepEqual(recess.opening, { width: 302, height: 402 });
	assert.match(
		step(object('recess'), 'cut-boards')!.does.join(' '),
		/cut an opening 302 × 402: 24 from the left edge and 24 from the top/
	);
	assert.equal(made(object('recess')).plan.pack!.gap, 5);
	// Out of square: the opening goes round all that the object reaches.
	const leaning = made(
		bare(
			{ kind: 'object', thickness: 10, readings: { top: 300, bottom: 304, left: 400, right: 400, d1: 502, d2: 500.5 } },
			{ hold: { kind: 'recess' } }
		)
	).plan;
	const hold = leaning.hold as Hold;
	const { largest, mean } = leaning.measure as Measure;
	const { placement } = leaning.window!;
	assert.ok(largest.width > mean.width);
	assert.ok(Math.abs(hold.size.width - largest.width - 2) < 0.1);
	assert.ok(Math.abs(hold.recess!.left - (placement!.left - 1)) < 1e-6);
});

test('hands: nitrile gloves for photographs, metal, leaf and ivory; gloves and a mask for what is toxic, and no blowing', () => {
	const ready = (piece: JobFile['piece']) => step(bare(piece), 'ready')!.does.join(' ');
	for (const piece of [
		{ kind: 'photograph' as const },
		{ kind: 'panel' as const, support: 'metal-plate' as const, thickness: 1 },
		{ medium: ['leaf'] },
		{ kind: 'bone' as const, material: 'ivory' as const, thickness: 1 }
	])
		assert.match(ready(piece), /Wear nitrile gloves/);
	assert.match(ready({ medium: ['etching'] }), /Wash and dry your hands/);
	const toxic = bare({ medium: ['woodcut'], concerns: ['toxic'] });
	assert.match(step(toxic, 'ready')!.does.join(' '), /Wear a mask; do not blow or brush/);
	assert.doesNotMatch(step(toxic, 'dust-first')!.does.join(' '), /Blow with/);
});

test('pockets and strips are of polyester at a photograph, of unbuffered paper where alkali harms, else of alkaline paper', () => {
	const of = (piece: JobFile['piece']) =>
		made(bare(piece, { hold: { kind: 'strips' } })).plan.cut.find(({ role }) => role === 'edge strip')!.material;
	assert.equal(of({ kind: 'photograph', medium: ['chromogenic'] }), 'polyester-film');
	assert.equal(of({ kind: 'vellum' }), 'unbuffered-paper');
	assert.equal(of({ medium: ['etching'] }), 'alkaline-paper');
});

test('label, care sheet and hand-over say the light, what to beware of, and who has seen it', () => {
	const sunny = bare(
		{
			medium: ['felt-pen'],
			support: 'newsprint',
			concerns: ['toxic', 'tears'],
			conservator: { name: 'A. Holm', on: '2026-11-12', finding: 'Mended', consolidated: true }
		},
		{ place: { room: 'sun-patch' } }
	);
	const { job, plan: of, steps } = made(sunny);
	assert.equal(madeOf(job), 'felt pen on newsprint');
	assert.equal(seenBy(job), 'A. Holm, 2026-11-12: Mended (consolidated)');
	assert.match(warnings(job), /^Toxic: gloves, mask/);
	assert.match(lightOn(job, of, builtInShop.house), /^at most 50 lx, class 1; The sun reaches it: 30000 lx\./);
	const care = careOf(job, of, builtInShop)
		.find(({ title }) => title === 'Where to hang it')!
		.says.join(' ');
	assert.match(care, /At most 50 lux.*Do not hang it in the place you named\..*after about 1?\d days/);
	assert.ok(
		notDoneYet({ plan: of, job }, steps, null, 0).some((says) => says.startsWith('It must not hang in the place named:'))
	);
	const safe = made(bare({ medium: ['graphite'] }, { place: { room: 'corridor' } }));
	assert.equal(lightOn(safe.job, safe.plan, builtInShop.house), 'at most 200 lx, class 8');
	assert.equal(warnings(safe.job) + seenBy(safe.job), '');
	assert.equal(lightOn(made(workedJob()).job, made(workedJob()).plan, builtInShop.house), '');
});
