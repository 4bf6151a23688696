/** The short count; `npm run bench -- faults` has the whole. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { comesAndGoes, type Fault } from './comes-and-goes.ts';

const AWAY = /^503 .*The database does not answer\. Saved work is safe; try again in a moment\./;
/** 409: kept before it could be answered. */
const KEPT = /^409 /;

for (const [fault, times] of Object.entries({ restarted: 3, terminated: 4, killed: 2 } satisfies Record<Fault, number>))
	test(`PostgreSQL ${fault} ${times} times under six writers, readers and streams: the process lives, nothing is lost`, async () => {
		const { alive, lost, backMs, others, silent, kept } = await comesAndGoes(fault as Fault, times);
		assert.equal(alive, times);
		assert.deepEqual(lost, []);
		assert.equal(silent, 0);
		assert.ok(kept > 0);
		for (const what of others.keys()) assert.ok(AWAY.test(what) || KEPT.test(what) || what === '503 a page', what);
		assert.ok(
			backMs.every((ms) => ms < 5000),
			String(backMs)
		);
	});
