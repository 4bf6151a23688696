import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { patched } from './job/patch.ts';
import { plan } from './plan.ts';
import { builtInShop } from './shop/shop.ts';
import { anyJob, anyPieceJob, anyWindowJob } from '../tests/jobs.ts';
import { runs } from '../tests/thorough.ts';

test('property: no remedy leads to a fault, and a pressed remedy removes its finding', () => {
	fc.assert(
		fc.property(
			fc.oneof({ weight: 3, arbitrary: anyJob }, { weight: 2, arbitrary: anyWindowJob }, { weight: 2, arbitrary: anyPieceJob }),
			fc.nat(),
			(file, turn) => {
				const before = plan(file, builtInShop);
				// One finding of each job, in turn: over a thousand jobs that is every rule many times.
				const some = before.findings.filter((_, index, all) => (index + turn) % all.length < 1);
				for (const finding of some) {
					for (const remedy of finding.remedies) {
						const after = plan(patched(file, remedy.patch), builtInShop);
						const again = after.findings.filter(
							(one) => one.rule === finding.rule && one.where === finding.where && one.says === finding.says
						);
						assert.equal(again.length, 0, `“${remedy.label}” leaves ${finding.rule}: ${finding.says}`);
					}
				}
			}
		),
		{ numRuns: runs(500) }
	);
});
