import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { anyJob, workedJob } from '../../../tests/jobs.ts';
import { nextOf } from './next.ts';
import { planSteps, type Step } from './steps.ts';
import { runs } from '../../../tests/thorough.ts';

const stepsOf = (file: JobFile): Step[] => planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
const steps = (changes: Partial<JobFile> = {}) => stepsOf(workedJob(changes));
const ids = (changes: Partial<JobFile> = {}) => steps(changes).map((step) => step.id);
const guard = (changes: JobFile['guard']) => ({ guard: { ...workedJob().guard, ...changes } });
const step = (id: string, changes: Partial<JobFile> = {}) => steps(changes).find((one) => one.id === id)!;
const textOf = (one: Step) => [one.title, ...one.does, one.because ?? '', one.caution ?? ''].join(' ');

test('the order of the work, for the worked case', () => {
	assert.deepEqual(ids(), [
		'ready',
		'gather',
		'cut-frame',
		'join-frame',
		'finish-frame',
		'cut-boards',
		'cut-glazing',
		'prepare-hold',
		'join-mats',
		'tabs',
		'place',
		'hinge',
		'try-window',
		'clean-glazing',
		'dust-first',
		'close-pack',
		'mark-up',
		'fit-first',
		'fit-all',
		'centre',
		'seal',
		'hang',
		'bumpers',
		'label',
		'last-look',
		'wall'
	]);
});

test('a step stands only where the package has what it is about', () => {
	assert.ok(ids(guard({ edgeSeal: 'aluminium-laminate' })).includes('edge-seal'));
	assert.ok(!ids().includes('edge-seal'));
	assert.ok(!ids(guard({ glazing: 'none' })).includes('clean-glazing'));
	assert.ok(!ids(guard({ glazing: 'none' })).includes('cut-glazing'));
	assert.ok(ids({ back: { dustCover: true } }).includes('dust-cover'));
	assert.ok(!ids({ back: { seal: null } }).includes('seal'));
});

test('figures of the plan stand in the steps', () => {
	for (const [id, figures] of [
		['cut-boards', ['542 × 701', '402 × 551', '390 × 539', '70', '76']],
		['cut-glazing', ['542 × 701']],
		['cut-frame', ['577', '736']],
		['join-frame', ['545 × 704', '890.3']],
		['place', ['70']],
		['tabs', ['3', '25', '33', '352']],
		['hinge', ['3', '60 × 20', '2 above']],
		['centre', ['65.5']],
		['seal', ['565', '724']],
		['wall', ['1500']]
	] as const) {
		for (const figure of figures) assert.ok(textOf(step(id)).includes(figure), `${id}: ${figure} in ${textOf(step(id))}`);
	}
});

test('waits are said: paste dries before the window closes over it', () => {
	assert.ok((step('hinge').waitMinutes ?? 0) >= 30);
	assert.ok((step('hinge', { hold: { adhesive: 'gummed-paper' } }).waitMinutes ?? 0) < 30);
	assert.ok((step('join-frame').waitMinutes ?? 0) >= 60);
});

test('cautions stand where the step is, once each, and defer to local codes and trained people', () => {
	const all = steps(guard({ glazing: 'glass', edgeSeal: 'aluminium-laminate' }));
	const cautions = all.flatMap((one) => one.caution ?? []);
	assert.equal(new Set(cautions).size, cautions.length);
	assert.match(step('cut-boards').caution!, /[Bb]lade/);
	assert.match(step('cut-boards', guard({ backing: 'hardboard' })).caution!, /extraction, wearing a mask/);
	assert.match(all.find((one) => one.id === 'cut-glazing')!.caution!, /gloves/);
	assert.match(step('cut-frame').caution!, /guard/i);
	assert.match(step('wall').caution!, /[Ll]ocal codes/);
	assert.match(step('ready', { piece: { ...workedJob().piece, concerns: ['mould'] } }).caution!, /conservator/);
	assert.match(textOf(step('ready', { piece: { ...workedJob().piece, dry: false } })), /fully dry/);
});

test('hands and gloves, by the piece and by the school', () => {
	assert.match(textOf(step('ready')), /Wash and dry your hands/);
	assert.match(textOf(step('ready', { piece: { ...workedJob().piece, kind: 'photograph' } })), /gloves/);
	assert.match(textOf(step('ready', { schools: { hands: 'gloves' } })), /gloves/);
	assert.match(
		textOf(step('ready', { schools: { hands: 'washed' }, piece: { ...workedJob().piece, kind: 'photograph' } })),
		/Wash and dry your hands/
	);
});

test('glass and acrylic are cleaned, and friable sheets dusted, differently', () => {
	const cleaning = (glazing: string) => textOf(step('clean-glazing', guard({ glazing })));
	assert.notEqual(cleaning('uv-glass'), cleaning('uv-acrylic'));
	assert.match(cleaning('uv-acrylic'), /film/);
	const friable = { ...guard({ glazing: 'uv-acrylic-lr' }), piece: { ...workedJob().piece, medium: ['pastel'] } };
	assert.match(textOf(step('dust-first', friable)), /No tapping/);
	assert.doesNotMatch(textOf(step('dust-first')), /No tapping/);
});

test('in inches the steps speak in inches', () => {
	const inches = steps({ unit: 'in' });
	assert.ok(inches.some((one) => /⁄16|⁄8|⁄4|⁄2/.test(textOf(one))));
	assert.doesNotMatch(textOf(inches.find((one) => one.id === 'cut-boards')!), /542/);
});

test('property: every job that can be framed has its steps, each said in whole sentences', () => {
	fc.assert(
		fc.property(anyJob, (file) => {
			const made = stepsOf(file);
			assert.ok(made.length >= 14, String(made.length));
			assert.equal(new Set(made.map((one) => one.id)).size, made.length, 'no step twice');
			for (const one of made) {
				assert.ok(one.title.length > 0 && one.does.length > 0, one.id);
				for (const sentence of [...one.does, one.because ?? '.', one.caution ?? '.']) {
					assert.match(sentence, /[.:]$/, `${one.id}: ${sentence}`);
					assert.doesNotMatch(sentence, /undefined|NaN|null|\[object/, `${one.id}: ${sentence}`);
				}
			}
		}),
		{ numRuns: runs(120) }
	);
});

test('nothing is to be done while the piece is not measured or no moulding is chosen', () => {
	assert.deepEqual(stepsOf({ format: 'rare-keep/job', version: 1 }), []);
	const { frame: _, ...frameless } = workedJob();
	assert.deepEqual(stepsOf(frameless), []);
});

test('what comes next: what is missing, what stops, what wants a decision, then the bench', () => {
	const next = (file: JobFile) => nextOf(plan(file, builtInShop), file.scope ?? 'whole');
	const empty = next({ format: 'rare-keep/job', version: 1 });
	assert.deepEqual([empty.does, empty.ready, empty.sign], ['Measure the sheet', false, null]);
	const { frame: _, ...frameless } = workedJob();
	assert.equal(next(frameless).does, 'Choose a frame');
	const stopped = next(workedJob({ ...guard({ backing: 'chipboard' }) }));
	assert.deepEqual([stopped.does, stopped.sign, stopped.ready], ['Clear the stops', 'stop', false]);
	assert.match(stopped.because, /^Chipboard is the backing board/);
	const unsure = next(workedJob({ hold: { count: 1 } }));
	assert.deepEqual([unsure.does, unsure.sign], ['Decide', 'caution']);
	assert.equal(next(workedJob()).does, 'Decide layers and hold', 'nobody has said how it is held');
	const ready = next(workedJob({ answered: ['hold'] }));
	assert.deepEqual([ready.does, ready.ready, ready.sign], ['Cut', true, 'settled']);
	assert.match(ready.because, /^\d+ parts on the cut list$/);
});

const piece = (width: number, height: number) => ({ piece: { readings: { width, height } } });
const grid = { columns: 2, rows: 1, gutter: 40 };

test('several windows: each in every mat has its stops, each sheet its place and its hinges', () => {
	const several: Partial<JobFile> = { piece: {}, window: { overlap: 5, openings: [piece(100, 120), piece(90, 120)], grid } };
	const cutting = textOf(step('cut-boards', several));
	for (const name of ['Cut mat 1, window 1', 'Cut mat 1, window 2', 'Cut mat 2, window 1', 'Cut mat 2, window 2'])
		assert.ok(cutting.includes(name), name);
	const placing = step('place', several);
	assert.equal(placing.title, 'Place the sheets');
	assert.ok(placing.does.some((line) => line.startsWith('Window 2: Lay it face up on the back mat')));
	assert.equal(step('hinge', several).title, 'Close the 4 T-hinges');
	const tabs = step('tabs', several);
	assert.equal(tabs.title, 'Tabs on the sheets, 4');
	assert.ok(tabs.does.some((line) => line.startsWith('Window 2: Lay it face down on a clean slip sheet')));
});

test('a float: slits from the front of its support, tabs, the sheet on its support, then the support on its base by its own figures', () => {
	const float: Partial<JobFile> = {
		window: { way: 'float', gap: 12, support: 'cotton-8' },
		mats: [{ board: 'cotton-4', lift: 9 }]
	};
	const order = ids(float).filter((id) => ['slits', 'tabs', 'place', 'hinge', 'support-to-base'].includes(id));
	assert.deepEqual(order, ['slits', 'tabs', 'place', 'hinge', 'support-to-base']);
	assert.match(
		textOf(step('place', float)),
		/each tab through its slit; a weight on it\. It shows 6 past the support’s left edge and 6 past its top/
	);
	assert.match(step('hinge', float).title, /^Close the 3 pass-through hinges$/);
	// Slits lie 16 below the sheet’s edge, 10 inside the support’s; hinges at 50, 201, 352 of the sheet, whose edge lies 6 outside.
	assert.match(
		textOf(step('slits', float)),
		/each 27 long, level\. Centres 44 from the left and 10 from the top; 195 from the left/
	);
	// Pack 402 + 24 + 140 wide: the sheet at 82, its support at 88.
	assert.match(textOf(step('support-to-base', float)), /its top left corner 88 from the left edge and 88 from the top/);
});

test('curves are cut by their centre; a printed mat from its bottom, its strip last; a ready frame is measured, not cut', () => {
	assert.match(
		textOf(step('cut-boards', { window: { shape: 'arch', overlap: 6 }, mats: [{ board: 'cotton-4' }] })),
		/arch, its centre 265 from the left and 265 from the top, radius 195/
	);
	assert.match(
		textOf(step('cut-boards', { mats: [{ board: 'cotton-4', print: { width: 700, height: 800 } }] })),
		/bottom edge, and trim the clamp strip/
	);
	const section = { face: 30, lip: 8, depth: 30, rabbetDepth: 16, density: 560 };
	const ready: Partial<JobFile> = {
		frame: { kind: 'ready-made', section, opening: { width: 600, height: 750 } },
		borders: { way: 'fit', weight: 8 }
	};
	assert.ok(ids(ready).includes('ready-frame') && !ids(ready).includes('cut-frame'));
});

test('a weight lies on flat sheets alone, and on none that sheds', () => {
	const placed = (piece: object) => textOf(step('place', { piece: { ...workedJob().piece, ...piece } }));
	assert.match(placed({}), /; a weight on it\..*weight it/);
	assert.match(placed({ friable: true }), /hold it by hand at the edge: friable/);
	assert.doesNotMatch(placed({ friable: true }), /weight|weigh/);
	for (const kind of ['textile', 'object'] as const) {
		const on = steps({ piece: { ...workedJob().piece, kind }, hold: { kind: 'stitching' } }).find(({ id }) => id === 'place');
		assert.doesNotMatch(on ? textOf(on) : '', /weight|weigh/, kind);
	}
	const tabs = (friable: boolean) => textOf(step('tabs', { piece: { ...workedJob().piece, friable } }));
	assert.match(tabs(true), /keep it face up.*adhesive up.*small weight on each tab at the bare edge, none on friable areas/);
	assert.match(tabs(false), /Blotter and weight on each/);
});

test('each window’s line says its own tolerance, each lifted mat’s its wider upright: no line of a step twice', () => {
	const lifted = steps({
		mats: [
			{ board: 'cotton-4', lift: 3 },
			{ board: 'cotton-4', lift: 3, reveal: 6 }
		],
		borders: { way: 'own', top: 60, right: 60, bottom: 60, left: 80 }
	}).find(({ id }) => id === 'glue-lifts')!;
	assert.equal(lifted.does.length, 4);
	for (const mat of [1, 2]) {
		assert.match(lifted.does[2 * mat - 2]!, new RegExp(`^Mat ${mat}, face down: glue strips `));
		assert.equal(lifted.does[2 * mat - 1], `Mat ${mat}: the wider strip goes at the right as it lies.`);
	}
});

test('a pack that is too deep is not said to leave clearance', () => {
	const deep = guard({ fillers: [{ board: 'foam-free', thickness: 30 }] });
	assert.doesNotMatch(textOf(step('fit-all', deep)), /−|From the pack to the moulding’s back/);
	assert.match(textOf(step('fit-all')), /From the pack to the moulding’s back: \d/);
	const metal = step('fit-all', { ...deep, frame: { kind: 'metal', moulding: 'metal-10' } });
	assert.equal(metal.title, 'The pack is too deep');
	assert.match(metal.does[0]!, /^It is [\d.]+ deeper than the channel and does not fit as planned\.$/);
});

test('materials are named as a sentence names them', () => {
	assert.equal(step('cut-glazing', guard({ glazing: 'glass' })).title, 'Cut the glazing, plain glass');
	assert.match(step('cut-glazing', guard({ glazing: 'uv-glass' })).title, /^Cut the glazing, UV glass/);
	assert.match(textOf(step('cut-frame', { frame: { moulding: 'ash-22' } })), /of ash, 22 face\./);
});

test('a float that was fixed to its backing is not backed twice; with nothing before it there is no pack to close', () => {
	const flat: Partial<JobFile> = {
		piece: { ...workedJob().piece, kind: 'panel', medium: ['oil'], thickness: 12, dry: true },
		mats: [],
		window: { way: 'float', gap: 25, support: 'cotton-8' },
		hold: { kind: 'clips', adhesive: 'gummed-linen' },
		frame: { kind: 'wood', section: { face: 20, lip: 6, depth: 45, rabbetDepth: 35, density: 600 } }
	};
	const bare = { glazing: 'none', underMat: null, backing: 'alkaline-corrugated', edgeSeal: null } as const;
	assert.match(textOf(step('support-to-base', { ...flat, guard: bare })), / on the backing/);
	assert.ok(!ids({ ...flat, guard: bare }).includes('close-pack'));
	const filled = { ...flat, guard: { ...bare, fillers: [{ board: 'foam-free', thickness: 5 }] } };
	assert.match(textOf(step('support-to-base', filled)), / on the filler/);
	assert.match(textOf(step('close-pack', filled)), /alkaline corrugated board/);
});

test('what sheds is marked on edge, never laid on its face; a support of exactly its size is met flush', () => {
	const piece = { ...workedJob().piece, medium: ['pastel'] };
	assert.match(textOf(step('mark-up', { piece })), /Stand the pack on edge, top up, never face down/);
	const ivory: Partial<JobFile> = {
		piece: { kind: 'bone', medium: ['watercolour'], readings: { width: 66, height: 86 } },
		mats: [{ board: 'cotton-4-unbuffered', lift: 3.5 }],
		window: { support: 'cotton-4-unbuffered' },
		hold: {}
	};
	assert.match(textOf(step('place', ivory)), /face up on the support: edges flush on all four sides/);
});
