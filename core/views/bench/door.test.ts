import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { planned, workedJob } from '../../../tests/jobs.ts';
import { builtInShop } from '../../shop/shop.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import type { JobFile } from '../../job/definition.ts';
import { stopsAtDoor, UNKNOWN_GRADE } from './door.ts';
import { folded } from './run.ts';

/** Decided in everything, without a stop. */
const FLAG = JSON.parse(readFileSync('demo/jobs/K-0105.json', 'utf8')) as JobFile;
const door = (file: JobFile) => stopsAtDoor(planned(file), decide(readJob(file), builtInShop).scope);

test('what has no stop begins; each stop is named once, in its own words; cautions do not stand there', () => {
	assert.deepEqual(door(FLAG), []);
	const acidic = { ...FLAG, guard: { ...FLAG.guard!, backing: 'chipboard', barrier: null } };
	const stops = planned(acidic).findings.filter(({ severity, of }) => severity === 'stop' && of !== 'place');
	assert.ok(stops.length > 0);
	assert.deepEqual(door(acidic), [...new Set(stops.map(({ says }) => says))]);
});

test('a grade that is not known stands there too; not at a frame that stays closed', () => {
	const { guard: _, hold: __, ...bare } = workedJob();
	assert.ok(door(bare).includes(UNKNOWN_GRADE));
	assert.ok(!door({ ...bare, scope: 'hang' }).includes(UNKNOWN_GRADE));
});

test('a run says despite what it was begun, and why', () => {
	const begun = { kind: 'begun', rev: 1, id: 'a', at: 5, by: 'OB' } as const;
	assert.equal(folded([begun]).despite, null);
	const run = folded([{ ...begun, despite: ['Too tight.'], because: 'a trial fit' }]);
	assert.deepEqual(run.despite, { stops: ['Too tight.'], because: 'a trial fit', by: 'OB' });
});
