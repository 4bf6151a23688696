/** Steps tell of this package: every part is used, nothing that is not there is named. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyJob, anyPieceJob, anyWindowJob, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { partName } from '../../stations/cut/part-name.ts';
import { plan, type Plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { heldBy, madeOf, toOpen } from './label-words.ts';
import { planSteps, type Step } from './steps.ts';
import type { Decided } from '../../job/decided.ts';

function made(file: JobFile): { job: Decided; plan: Plan; steps: Step[]; words: string } {
	const job = decide(readJob(file), builtInShop);
	const planned = plan(file, builtInShop);
	const steps = planSteps(job, planned, builtInShop);
	return { job, plan: planned, steps, words: steps.flatMap(({ title, does }) => [title, ...does]).join('\n') };
}
const worked = (changes: Partial<JobFile> = {}) => made(workedJob(changes));
const stepOf = ({ steps }: { steps: Step[] }, id: string) => steps.find((step) => step.id === id);
const guard = (changes: JobFile['guard']): Partial<JobFile> => ({ guard: { ...workedJob().guard, ...changes } });

const hasRole = (of: Plan, role: string): boolean => of.cut.some((cut) => cut.role === role);

/** What a step may only name where the package has it. */
const NAMED: [RegExp, (of: { job: Decided; plan: Plan }) => boolean][] = [
	[/(?<!back )\bspacer(?!s? behind)/i, ({ job }) => job.guard.spacer !== null],
	[/back spacer/i, ({ plan: of }) => hasRole(of, 'back spacer')],
	[/Line the rabbet/, ({ job }) => job.frame?.lining != null],
	[/Let it lie open/, ({ job }) => job.guard.edgeSeal !== null],
	[/Glue the lifts|Lift, mat/, ({ job }) => job.mats.some(({ lift }) => lift > 0)],
	[/edge seal/i, ({ job }) => job.guard.edgeSeal !== null],
	[/dust cover/i, ({ plan: of }) => of.back?.dustCover !== undefined],
	[/back tape|Tape the back/i, ({ plan: of }) => of.back?.tape !== undefined],
	[/\b(rigid|flexible) (pins?|tabs?)\b/i, ({ job }) => job.frame!.kind !== 'metal'],
	[/\bpilot hole/i, ({ job }) => job.frame!.kind !== 'metal'],
	[/spring clips?/i, ({ job }) => job.frame!.kind === 'metal'],
	[/\bwire\b/i, ({ plan: of }) => [of.hang?.by, of.hang?.turned?.by].includes('wire')],
	[/under-mat/i, ({ job }) => job.guard.underMat !== null],
	[/\bfiller/i, ({ job }) => job.guard.fillers.length > 0],
	[/bumper/i, ({ job }) => job.back.bumpers > 0],
	[/\bmat \d/i, ({ job }) => job.mats.length > 0],
	[/Peel the inner film|Leave the film/i, ({ job }) => job.guard.glazing.family === 'acrylic'],
	[/Cut the glazing|Clean the glazing/, ({ job }) => job.guard.glazing.family !== 'none']
];

test('property: every line of the cut list is used by a step, and no step names what is not there', () => {
	fc.assert(
		fc.property(fc.oneof(anyJob, anyWindowJob, anyPieceJob), (file) => {
			const of = made(file);
			const used = new Set(of.steps.flatMap(({ uses }) => uses));
			for (const cut of of.plan.cut) assert.ok(used.has(cut), `${cut.role}, ${cut.material} is used by no step`);
			const gather = of.steps.find(({ id }) => id === 'gather');
			// What is laid ready is counted as the cut list and the kit count it.
			for (const role of new Set(of.plan.cut.map((cut) => cut.role))) {
				const count = of.plan.cut.filter((cut) => cut.role === role).reduce((sum, cut) => sum + cut.count, 0);
				assert.ok(
					!gather || gather.ticks!.includes(`${count} × ${partName(role)}`),
					`${count} × ${role}: ${gather?.ticks?.join(', ')}`
				);
			}
			for (const { part, count } of of.plan.frame?.kit?.slice(2) ?? [])
				assert.ok(!gather || gather.ticks!.includes(`${count} × ${part}`), `${count} × ${part}`);
			for (const step of of.steps)
				for (const line of [step.title, ...step.does])
					for (const [pattern, isThere] of NAMED)
						assert.ok(!pattern.test(line) || isThere(of), `${step.id} names ${String(pattern)}: ${line}`);
		}),
		{ numRuns: runs(2000) }
	);
});

test('what is made has its steps: spacers lined and fitted, lifts glued, fillers loaded, mats joined by the join that was chosen', () => {
	const full = worked({
		...guard({
			spacer: { material: 'cotton', thickness: 6, lined: true },
			fillers: [{ board: 'foam-free', thickness: 10 }],
			join: 'paste'
		}),
		mats: [{ board: 'cotton-4', lift: 3 }]
	});
	assert.match(stepOf(full, 'make-spacers')!.does.join(' '), /Cover before cutting to length/);
	assert.match(stepOf(full, 'close-pack')!.does.join(' '), /^Lay spacers along the edges, then the glazing on them\./);
	assert.match(stepOf(full, 'glue-lifts')!.does.join(' '), /face down: glue strips along its four edges/);
	assert.match(stepOf(full, 'close-pack')!.does.join(' '), /foam board.* in 2 layers/i);
	assert.match(stepOf(full, 'try-window')!.does.join(' '), /paste/);
	assert.doesNotMatch(full.words, /gummed tape along one long edge/);
});

test('a float: the panel is fixed from behind to its support before the support goes to the base; a flat float has neither', () => {
	const order = (of: { steps: Step[] }) => of.steps.map(({ id }) => id);
	const panel: JobFile['piece'] = { kind: 'panel', thickness: 5, readings: { width: 240, height: 330 } };
	const lifted = [{ board: 'cotton-4', lift: 12 }];
	const float = worked({ piece: panel, window: { way: 'float', support: 'cotton-8' }, mats: lifted, hold: {} });
	const ids = order(float);
	assert.ok(ids.includes('fix-panel') && ids.includes('support-to-base'), ids.join());
	assert.ok(ids.indexOf('fix-panel') < ids.indexOf('support-to-base'), ids.join());
	assert.match(stepOf(float, 'fix-panel')!.does.join(' '), /behind|back/);
	const flat = worked({ window: { way: 'float', support: null }, mats: lifted, hold: { kind: 'v-hinge' } });
	assert.equal(flat.job.window.support, null);
	assert.ok(!order(flat).includes('support-to-base'));
	assert.ok(flat.plan.cut.every(({ role }) => role !== 'support'));
});

test('a piece that sheds is never laid face down; everything else is turned for its tabs', () => {
	const charcoal = worked({
		piece: { readings: { width: 402, height: 551 }, medium: ['charcoal'] },
		mats: [{ board: 'cotton-4', bevel: 'reverse', lift: 3 }]
	});
	assert.doesNotMatch(charcoal.words, /lies face down|turn it over|face down on the (under|window)/);
	assert.match(charcoal.words, /keep it face up/);
	assert.match(worked().words, /Lay it face down on a clean slip sheet/);
});

test('a one-hole ring is left loose enough to turn, a two-hole one is not', () => {
	assert.match(stepOf(worked(), 'hang')!.does.join(' '), /just loose enough to turn/);
	const heavy = worked({ hang: { by: 'rings' } });
	assert.match(stepOf(heavy, 'hang')!.title, /Strap/);
	assert.doesNotMatch(stepOf(heavy, 'hang')!.does.join(' '), /loose enough/);
});

test('the dust cover goes on before the hardware, or by the other school after it', () => {
	const order = (changes: Partial<JobFile>) => worked({ back: { dustCover: true }, ...changes }).steps.map(({ id }) => id);
	const first = order({});
	assert.ok(first.indexOf('dust-cover') < first.indexOf('hang'), first.join());
	const after = order({ schools: { 'cover-order': 'hardware-first' } });
	assert.ok(after.indexOf('dust-cover') > after.indexOf('hang'), after.join());
	const bumpers = order({ schools: { 'bumper-order': 'before-hangers' } });
	assert.ok(bumpers.indexOf('bumpers') < bumpers.indexOf('hang'));
});

test('the label: kind of hold, material of the piece, and how this kind of point or clip opens', () => {
	const label = (changes: Partial<JobFile>) => {
		const of = worked(changes);
		return { held: heldBy(of.job, of.plan), opens: toOpen(of.job, of.plan, builtInShop.house), made: madeOf(of.job) };
	};
	assert.equal(label({ hold: { kind: 'corners' }, window: { overlap: 10 } }).held, 'corner pockets, no adhesive');
	assert.match(label({}).held, /^3 T-hinges, wheat-starch paste and tissue, comes off with water$/);
	assert.equal(label({ piece: { kind: 'bone', material: 'horn', readings: { width: 80, height: 90 } }, hold: {} }).made, 'horn');
	const piece = (kind: 'photograph' | 'textile' | 'panel', medium: string[]) =>
		label({ piece: { ...workedJob().piece, kind, medium }, hold: {} }).made;
	assert.equal(piece('photograph', ['silver-gelatin', 'ink']), 'photograph, silver gelatin, ink');
	assert.equal(piece('textile', ['dyed-silk']), 'dyed silk');
	assert.equal(piece('panel', ['oil']), 'oil on panel');
	const opened = (points: 'rigid' | 'flexible' | 'hand' | 'turn-buttons' | 'offset-clips') =>
		label({ frame: { ...workedJob().frame, points } }).opens;
	assert.match(opened('rigid'), /lift \d+ points out with a tool/);
	assert.match(opened('flexible'), /bend up \d+ points/);
	assert.match(opened('hand'), /pull \d+ points/);
	assert.match(opened('turn-buttons'), /turn \d+ buttons/);
	assert.match(opened('offset-clips'), /unscrew \d+ offset clips/);
	assert.match(label({ back: { seal: 'self-adhesive' } }).opens, /cut the tape along the joint/);
});
