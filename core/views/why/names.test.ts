/** Every figure that is explained, and everything that an explanation names, is called as a framer calls it, not by its path. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { someKnown } from '../../../tests/known/sums.ts';
import { tokens } from './expression.ts';
import { nameOf } from './names.ts';

/** `window.mats[0].print.needs.width` → `window mats 1 print needs width`. */
const spelledOut = (path: string) =>
	path
		.replace(/\[(\d+)\]/g, (_, number: string) => ` ${Number(number) + 1}`)
		.replace(/([a-z])([A-Z])/g, '$1 $2')
		.replaceAll('.', ' ')
		.toLowerCase();

test('no figure of the known jobs is called by its path', () => {
	const bare = new Set<string>();
	for (const [, file] of someKnown()) {
		const of = { plan: plan(file, builtInShop), job: decide(readJob(file), builtInShop), shop: builtInShop };
		for (const [path, why] of Object.entries(of.plan.why))
			for (const named of [path, ...tokens(why.of).flatMap(({ kind, text }) => (kind === 'path' ? [text] : []))])
				if (nameOf(named, of) === spelledOut(named)) bare.add(named.replace(/\[\d+\]/g, '[#]'));
	}
	assert.deepEqual([...bare], []);
});

test('a name counts as often as it says: the mat and its window, or the last alone', () => {
	assert.equal(nameOf('window.mats[1].holes[2].stop.left'), 'left stop of mat 2, window 3');
	assert.equal(nameOf('window.mats[1].holes[0].curve.centre.top'), 'centre of the curve of mat 2, window 1, from the top');
	assert.equal(nameOf('hold.others[0].places[3]'), 'hinge 4 at another edge');
	assert.equal(nameOf('job.windows[1].at.left'), 'window 2 from the left, entered');
	assert.equal(nameOf('frame.cornersOut[2]'), 'corner 3 out of square');
});
