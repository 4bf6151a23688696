/** The stand-in for the calliper reads a pack that a rigid window can lie in: off at first, nearly right once it was pushed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { centred, READING_PLACES, type Readings } from '../../core/views/bench/centring.ts';
import { readCalliper, readingOf } from '../../src/lib/server/instruments/calliper.ts';

const of = { targets: { top: 65.5, right: 65.5, bottom: 75.5, left: 65.5 }, spans: { width: 360, height: 510 } };
const roundOf = (job: string, round: number) =>
	Object.fromEntries(READING_PLACES.map((place) => [place, readingOf({ job, round, place, ...of }, () => 0.5)])) as Readings;
const correction = (job: string, round: number) =>
	centred({ ...of, readings: roundOf(job, round), pack: { width: 542, height: 701 }, allowance: { width: 3, height: 3 } });

test('the first round is off by less than the frame leaves, the next is nearly right', () => {
	for (const job of ['K-0101', 'K-0102', 'K-0103', 'K-0115']) {
		const first = correction(job, 0);
		assert.equal(first.do, 'push', first.says);
		assert.ok(Math.abs(first.right) + Math.abs(first.down) + Math.abs(first.turn * 350) > 0.1, job);
		const then = correction(job, 1);
		assert.ok(Math.abs(then.right) <= 0.11 && Math.abs(then.down) <= 0.11, then.says);
	}
	assert.deepEqual(roundOf('K-0101', 0), roundOf('K-0101', 0));
});

test('what cannot be read is named', () => {
	const asked = { job: 'K-0101', round: 0, place: 'tl', ...of };
	assert.equal(readCalliper(asked).status, 200);
	const { status, body } = readCalliper({ ...asked, place: 'middle' });
	assert.equal(status, 400);
	assert.equal((body as { faults: { path: string }[] }).faults[0]!.path, 'place');
});
