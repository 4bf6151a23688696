/** Metal frames are not wood. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { has, planSingle, workedJob } from '../../../tests/jobs.ts';
import { toOpen } from '../../views/bench/label-words.ts';
import { planSteps } from '../../views/bench/steps.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';

const section = { face: 10, lip: 7, depth: 20, rabbetDepth: 14 };
const metal = (changes: Partial<JobFile> = {}): JobFile =>
	workedJob({ frame: { kind: 'metal', moulding: 'metal-10' }, ...changes });
const joined = (changes: Partial<JobFile> = {}): JobFile =>
	workedJob({
		frame: { kind: 'metal', joined: true, section, opening: { width: 545, height: 704 } },
		borders: { way: 'fit', weight: 8 },
		...changes
	});
const stepsOf = (file: JobFile) => planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
const words = (file: JobFile) =>
	stepsOf(file)
		.flatMap(({ title, does }) => [title, ...does])
		.join('\n');

test('no tape, points or screws in steps, gather list, cut list and label; a bare back is no finding', () => {
	for (const file of [metal(), joined()]) {
		assert.doesNotMatch(
			words(file),
			/\b(rigid|flexible)\b|\bpins?\b|back tape|Tape the back|Pilot|screws \d|screw at most|glue and clamp/i
		);
		assert.ok(planSingle(file).cut.every(({ role, from }) => !/tape|rail/.test(role) && from !== 'stick'));
		assert.ok(
			!has(planSingle(file), 'seal.none') && !has(planSingle(file), 'seal.land-thin') && !has(planSingle(file), 'hang.wood-thin')
		);
		const job = decide(readJob(file), builtInShop);
		const made = plan(file, builtInShop);
		assert.match(
			toOpen(job, made, builtInShop.house),
			new RegExp(`^turn back ${made.frame!.points.total} clips, loosen the closing rail’s two screws`)
		);
		assert.equal(job.back.seal, null);
	}
});

test('kit parts are counted once, in the gather list too', () => {
	const { frame } = planSingle(metal());
	const clips = frame!.kit.filter(({ part }) => part === 'spring clip');
	assert.deepEqual([clips.length, clips[0]!.count], [1, frame!.points.total]);
	const gather = stepsOf(metal())
		.find(({ id }) => id === 'gather')!
		.does.join(' ');
	for (const word of ['spring clip', 'hanger', 'corner plate, plain', 'corner plate, with screws'])
		assert.equal(gather.split(word).length - 1, 1, `${word}: ${gather}`);
	assert.match(gather, new RegExp(`${frame!.points.total} (× )?spring clip`));
});

test('hangers go in before the closing rail where the channel is closed after it', () => {
	const ids = stepsOf(metal()).map(({ id }) => id);
	assert.ok(ids.includes('hang'));
	assert.deepEqual(
		ids.filter((id) => id === 'hang'),
		['hang'],
		'once'
	);
});

test('delivered joined: measured, opened at its closing rail, loaded, no kit to buy; borders fit its channel', () => {
	const made = planSingle(joined());
	assert.equal(made.frame!.kit, undefined);
	assert.equal(made.frame!.rabbet.width, 545);
	const steps = stepsOf(joined());
	const ids = steps.map(({ id }) => id);
	assert.ok(ids.includes('open-metal') && !ids.includes('join-metal'));
	assert.ok(ids.indexOf('open-metal') < ids.indexOf('fit-first'));
	assert.match(steps.find(({ id }) => id === 'open-metal')!.does.join(' '), /[Ll]oosen the two screws .* slide it off/);
	// The opening alone says that it is there.
	const { joined: _, ...alone } = joined().frame!;
	assert.equal(decide(readJob(joined({ frame: alone })), builtInShop).frame!.joined, true);
});
