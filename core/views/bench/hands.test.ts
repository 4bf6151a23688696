/**
 * Could these hands do it? What hands need before each step — what lies there, what is dry, what is bare, what is open — written down
 * apart from what orders the steps, and held against random jobs of every scope.
 */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyJob, anyPieceJob, anyWindowJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { attempt } from '../../job/faults.ts';
import { HANGER_KINDS, SCOPES } from '../../job/kinds.ts';
import { readJob } from '../../job/read.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import { planDecided } from '../../plan.ts';
import { builtInShop, shopFor } from '../../shop/shop.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import type { AnyStepId, StepId } from '../../stations/step.ts';
import { careOf } from '../care/care.ts';
import { isSealed, lookAgain } from '../care/look-again.ts';
import { takenBy, takenFor } from '../cost/materials.ts';
import { quoteRows } from '../cost/quote-words.ts';
import { heldBy } from './label-words.ts';
import { toldSteps } from './told.ts';

/** What a step leaves behind for the hands that come after it. */
const LEAVES: Partial<Record<StepId, readonly string[]>> = {
	gather: ['everything is there'],
	'ready-frame': ['the frame is known', 'the old back is open'],
	'cut-frame': ['rails'],
	'join-frame': ['a joined frame'],
	'finish-frame': ['a finished frame'],
	'finish-wood': ['finished wood'],
	deepen: ['a rabbet that is deep enough'],
	'line-rabbet': ['a lined rabbet'],
	'join-metal': ['an open metal frame'],
	'open-metal': ['an open metal frame'],
	'paste-print': ['a printed board'],
	'cut-boards': ['boards'],
	'gild-bevel': ['a painted bevel'],
	'cut-glazing': ['a pane'],
	'prepare-hold': ['tabs, pockets or strips'],
	'cover-board': ['a covered board'],
	'bevel-support': ['an undercut support'],
	'glue-lifts': ['lifted mats'],
	'make-spacers': ['spacers'],
	'join-mats': ['one window mat'],
	'fix-surface': ['a surface that is fixed'],
	slits: ['slits'],
	tabs: ['tabs on the sheet'],
	place: ['a piece in its place'],
	'stick-down': ['a piece that is held'],
	hinge: ['a piece that is held'],
	'fix-panel': ['a piece that is held'],
	'hold-board': ['its board behind the window'],
	'fix-support': ['a piece on its support'],
	'support-to-base': ['a support on its base'],
	'try-window': ['a window that was tried'],
	'lie-open': ['a sheet that lay open'],
	sign: ['what was signed'],
	'clean-glazing': ['a clean pane'],
	'dust-first': ['no dust'],
	'close-pack': ['a closed pack'],
	'edge-seal': ['sealed edges'],
	'mark-up': ['a mark that says up'],
	'fit-first': ['a pack in its frame'],
	'fit-all': ['a pack that stays'],
	centre: ['borders that are even'],
	'back-strip': ['a strip that takes screws'],
	seal: ['a taped joint'],
	rings: ['rings'],
	'dust-cover': ['a covered back'],
	hang: ['hangers'],
	wire: ['a strung wire'],
	bumpers: ['bumpers'],
	label: ['a label'],
	'last-look': ['a piece that was looked at']
};

/** What hands need, where any step of the run leaves it: then that step is done, and dry, before. */
const NEEDS: Partial<Record<StepId, readonly string[]>> = {
	'cut-frame': ['everything is there'],
	'join-frame': ['rails'],
	'finish-frame': ['a joined frame'],
	'finish-wood': ['a joined frame'],
	deepen: ['a joined frame'],
	'line-rabbet': ['everything is there', 'a joined frame', 'a finished frame', 'finished wood', 'a rabbet that is deep enough'],
	'lie-open': ['a piece that is held', 'a window that was tried'],
	'paste-print': ['everything is there'],
	'cut-boards': ['everything is there', 'a printed board', 'the frame is known'],
	'cut-glazing': ['everything is there', 'the frame is known'],
	'gild-bevel': ['boards'],
	'prepare-hold': ['everything is there'],
	'cover-board': ['boards'],
	'bevel-support': ['boards'],
	'glue-lifts': ['boards', 'a painted bevel'],
	'join-mats': ['boards', 'lifted mats'],
	'join-package': ['boards', 'one window mat'],
	slits: ['boards', 'a covered board'],
	tabs: ['tabs, pockets or strips', 'a surface that is fixed'],
	// The sheet lies face up from here on: nothing is put on its back any more.
	place: ['boards', 'tabs on the sheet', 'slits', 'a covered board', 'lifted mats', 'a surface that is fixed'],
	'stick-down': ['a piece in its place'],
	'hold-board': ['a piece that is held'],
	hinge: ['tabs, pockets or strips', 'tabs on the sheet', 'a piece in its place'],
	'fix-panel': ['boards', 'tabs, pockets or strips'],
	'fix-support': ['boards', 'an undercut support'],
	// What holds the piece is reached from behind its support, so it is held before that is fixed.
	'support-to-base': ['a covered board', 'a piece that is held', 'a piece on its support', 'a piece in its place'],
	'try-window': ['a piece that is held', 'a support on its base', 'its board behind the window', 'one window mat', 'lifted mats'],
	sign: ['one window mat'],
	'clean-glazing': ['a pane', 'a window that was tried', 'what was signed'],
	'dust-first': ['a clean pane', 'a window that was tried', 'a piece that is held', 'a support on its base'],
	'close-pack': ['boards', 'a sheet that lay open', 'no dust', 'spacers', 'what was signed', 'the old back is open'],
	'edge-seal': ['a closed pack'],
	// Up is seen while nothing lies face down in its frame.
	'mark-up': ['a closed pack', 'sealed edges'],
	'fit-first': [
		'a closed pack',
		'sealed edges',
		'a mark that says up',
		'a joined frame',
		'a finished frame',
		'finished wood',
		'a rabbet that is deep enough',
		'a lined rabbet',
		'an open metal frame'
	],
	'fit-all': ['a pack in its frame', 'a closed pack'],
	centre: ['a pack that stays'],
	// Glue and screws want bare wood; tape wants a pack that stays where it is.
	'back-strip': ['a pack that stays', 'borders that are even'],
	seal: ['a pack that stays', 'borders that are even', 'a strip that takes screws'],
	rings: ['a taped joint', 'a strip that takes screws', 'a pack that stays'],
	'dust-cover': ['a taped joint', 'rings', 'a strip that takes screws'],
	wire: ['rings', 'a covered back'],
	bumpers: ['a covered back', 'a taped joint'],
	label: ['a taped joint', 'a covered back', 'hangers', 'a strung wire', 'a pack that stays'],
	'last-look': ['a label', 'bumpers', 'hangers'],
	wrap: ['a piece that was looked at'],
	wall: ['a piece that was looked at']
};

/** What must not be there yet: it would be in the way, or it would be lost. */
const TOO_LATE: Partial<Record<StepId, readonly string[]>> = {
	'back-strip': ['a taped joint', 'a covered back'],
	seal: ['a covered back', 'bumpers', 'rings'],
	'dust-cover': ['a strung wire', 'bumpers'],
	sign: ['a closed pack'],
	tabs: ['a piece in its place'],
	'cover-board': ['a piece in its place', 'a support on its base'],
	'fix-surface': ['a piece in its place', 'a piece that is held'],
	'edge-seal': ['a pack in its frame'],
	'line-rabbet': ['a pack in its frame'],
	'lie-open': ['a closed pack', 'sealed edges'],
	'mark-up': ['a pack in its frame'],
	'finish-frame': ['a pack in its frame'],
	'finish-wood': ['a pack in its frame']
};

const anyScope: fc.Arbitrary<JobFile> = fc
	.record({
		file: fc.oneof(anyJob, anyWindowJob, anyPieceJob),
		scope: fc.constantFrom(...SCOPES),
		outer: fc.record({ width: fc.integer({ min: 220, max: 900 }), height: fc.integer({ min: 220, max: 900 }) }),
		mass: fc.double({ min: 0.4, max: 24, noNaN: true }),
		pack: fc.double({ min: 4, max: 18, noNaN: true }),
		by: fc.constantFrom(...HANGER_KINDS),
		kept: fc.constantFrom(undefined, ...HANGER_KINDS),
		order: fc.constantFrom('cover-first', 'hardware-first'),
		board: fc.constantFrom(undefined, 'fluted-pp', 'alkaline-corrugated')
	})
	.map(({ file, scope, outer, mass, pack, by, kept, order, board }) => {
		const schools = { ...file.schools, ...(order === 'hardware-first' ? { 'cover-order': order } : {}) };
		if (SCOPE_OF[scope].window) return { ...file, scope, schools };
		const { piece, back } = file;
		return {
			format: file.format,
			version: file.version,
			scope,
			schools,
			...(piece ? { piece } : {}),
			...(back ? { back } : {}),
			...(board ? { guard: { backing: board } } : {}),
			...(kept ? {} : { hang: { by } }),
			frame: {
				kind: 'ready-made',
				section: { face: 22, lip: 6, depth: 30, rabbetDepth: 18, density: 680 },
				...(kept ? { kept: { hangers: kept } } : {})
			},
			given: { outer, mass, pack }
		} satisfies JobFile;
	});

function madeOf(file: JobFile) {
	const made = attempt(() => {
		const job = decide(readJob(file), builtInShop);
		const plan = planDecided(file, job, builtInShop);
		return { file, job, plan, shop: shopFor(builtInShop, job.cutIn) };
	});
	return made.ok ? made.gives : null;
}

/** A shop whose every material has a price: what is missing in a quote then is missing in the list, not in the catalogue. */
function priced<Line extends { pricePerM2: number | null }>(lines: Readonly<Record<string, Line>>): Record<string, Line> {
	return Object.fromEntries(Object.entries(lines).map(([id, line]) => [id, { ...line, pricePerM2: line.pricePerM2 ?? 100 }]));
}

test('property: each step finds what hands need, dry; nothing is done too late; every `after` of the run is in it and before', () => {
	fc.assert(
		fc.property(anyScope, (file) => {
			const planned = madeOf(file);
			if (!planned) return;
			const { steps } = toldSteps(planned);
			const done: AnyStepId[] = [];
			const behind = new Map<AnyStepId, Set<AnyStepId>>();
			const leaving = (what: string) => steps.filter(({ id }) => LEAVES[id as StepId]?.includes(what));
			for (const { id, after } of steps) {
				for (const one of after) assert.ok(done.includes(one), `${id}: ${one} comes after it, or is not there`);
				// All that is told to be done and dry by then.
				const all = new Set(after.flatMap((one) => [one, ...(behind.get(one) ?? [])]));
				behind.set(id, all);
				for (const what of NEEDS[id as StepId] ?? [])
					for (const giver of leaving(what)) {
						assert.ok(done.includes(giver.id), `${id} needs ${what}: ${giver.id} comes later`);
						if (giver.waitMinutes > 0) assert.ok(all.has(giver.id), `${id} needs ${what}, dry: ${giver.id} is not waited for`);
					}
				for (const what of TOO_LATE[id as StepId] ?? [])
					for (const giver of leaving(what))
						assert.ok(!done.includes(giver.id), `${id} after ${giver.id}: ${what} is in the way`);
				done.push(id);
			}
			assert.equal(new Set(done).size, done.length, 'no step twice');
		}),
		{ numRuns: runs(3000) }
	);
});

test('property: every blank that a step names is on the cut list and in the price, and the other way round', () => {
	const { boards, glazings, barriers, tapes, edgeSeals, wireKinds, cordKinds } = builtInShop;
	const shopWithPrices = {
		...builtInShop,
		boards: priced(boards),
		glazings: priced(glazings),
		barriers: priced(barriers),
		tapes: priced(tapes),
		edgeSeals: priced(edgeSeals),
		wireKinds: priced(wireKinds),
		cordKinds: priced(cordKinds)
	};
	fc.assert(
		fc.property(anyScope, (file) => {
			const planned = madeOf(file);
			if (!planned) return;
			const { steps } = toldSteps(planned);
			if (steps.length === 0) return;
			const names = new Set(planned.plan.cut.map(({ role, of }) => (of ? `${role}, ${of}` : role)));
			const used = new Set(steps.flatMap(({ uses }) => uses));
			const plain = (name: string) => name.split(',')[0]!;
			for (const name of used)
				assert.ok(
					[...names].some((one) => plain(one) === plain(name) || one.includes(name)),
					`${name}: cut by nobody`
				);
			const priced = { ...planned, shop: { ...planned.shop, ...shopWithPrices } };
			const paid = new Set(takenBy(priced).map(({ material }) => material));
			for (const cut of planned.plan.cut) {
				if (cut.from === 'tissue' || cut.from === 'cloth') continue;
				const taken = takenFor(cut, priced);
				if (taken) assert.ok(paid.has(taken.material), `${cut.role} of ${cut.material}: in no price`);
				else assert.equal(cut.from, 'roll', `${cut.role} of ${cut.material}: nobody’s price`);
			}
			// A board that is cut is named with its size where it is cut.
			const cutting = steps.filter(({ id }) => id === 'cut-boards' || id === 'paste-print').flatMap(({ does }) => does);
			if (planned.job.reader.unit === 'mm')
				for (const { role, from, width, height } of planned.plan.cut)
					if (from === 'sheet' && ['under-mat', 'backing'].includes(role))
						assert.ok(
							cutting.some((line) => line.includes(`${Number(width.toFixed(1))} × ${Number(height.toFixed(1))}`)),
							`${role} ${width} × ${height}: ${cutting.join(' ')}`
						);
		}),
		{ numRuns: runs(1500) }
	);
});

test('property: label, care sheet, quote and record say the same of one job', () => {
	fc.assert(
		fc.property(anyScope, (file) => {
			const planned = madeOf(file);
			if (!planned) return;
			const { job, plan, shop } = planned;
			const again = lookAgain(job, plan, shop.house);
			const care = careOf(job, plan, shop)
				.flatMap(({ says }) => says)
				.join(' ');
			const years = /check it in (\d+) years?/.exec(care);
			assert.equal(years ? Number(years[1]) : null, again?.years ?? null);
			assert.equal(/when it changes hands/.test(care), again !== null && again.years === null);
			assert.equal(/it is sealed/.test(care), again !== null && isSealed(plan));
			const rows = new Map(quoteRows(planned).map(({ name, says }) => [name, says]));
			assert.equal(rows.get('held by') ?? '', plan.hold ? heldBy(job, plan) : '');
			// A job that is a part speaks of what it does and of nothing else.
			const { window, pack } = SCOPE_OF[job.scope];
			if (!pack) for (const name of ['frame', 'glazing']) assert.ok(!rows.has(name), name);
			if (!window) for (const name of ['window mat', 'behind it', 'grade']) assert.ok(!rows.has(name), name);
			assert.equal(rows.has('sealed'), isSealed(plan));
			assert.equal(rows.has('hangs from'), plan.hang !== undefined);
		}),
		{ numRuns: runs(1500) }
	);
});

test('property: no screw is longer than its wood, and none stands within 5 mm of an edge without a word', () => {
	fc.assert(
		fc.property(anyScope, (file) => {
			const planned = madeOf(file);
			if (!planned?.plan.hang || !planned.plan.frame) return;
			const { job, plan } = planned;
			const { hang, frame } = plan;
			if (job.kept.hangers !== null || !frameKindOf(job)?.wood) return;
			const { steps } = toldSteps(planned);
			for (const { id, does } of steps)
				if (['rings', 'hang'].includes(id) && does.some((line) => /\bscrews? \d|Screws at|screw at/.test(line)))
					assert.match(does.join(' '), /two thirds of the depth|glue and screw/, `${id}: ${does.join(' ')}`);
			if (hang!.strip || HANGERS[hang!.by].holdsIn === 'back') return;
			const flat = frame!.section.face - frame!.section.lip;
			// One in the middle stands in the middle of the top rail's flat wood.
			const inset = HANGERS[hang!.by].single || HANGERS[hang!.by].own ? flat / 2 : hang!.inset;
			const nearest = Math.min(inset, flat - inset);
			if (nearest < 5 - 1e-9)
				assert.ok(
					plan.findings.some(({ rule }) => rule === 'hang.wood-thin'),
					`${nearest} from an edge`
				);
		}),
		{ numRuns: runs(1500) }
	);
});
