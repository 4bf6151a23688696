import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { JobFile } from '../job/definition.ts';
import { patched } from '../job/patch.ts';
import { plan, type Plan } from '../plan.ts';
import { GRADES } from '../shop/grades.ts';
import { builtInShop } from '../shop/shop.ts';
import { anyJob, anyPieceJob, anyWindowJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';

/** Presses after which a chain is taken to run in a circle. */
const MOST = 60;
const rank = ({ grade }: Plan) => (grade.reached === null ? GRADES.length : GRADES.indexOf(grade.reached));
/** It is not dry because somebody presses a button. */
const mendable = ({ findings }: Plan) =>
	findings.find(({ remedies, rule, accepted }) => remedies.length > 0 && !accepted && rule !== 'ready.not-dry');

/** Presses the first remedy until none is left. @returns the rules that were fixed, in their order */
function pressAll(file: JobFile): string[] {
	const pressed: string[] = [];
	let at = file;
	let made = plan(at, builtInShop);
	for (let finding = mendable(made); finding; finding = mendable(made)) {
		const step = `${finding.rule}: ${finding.remedies[0]!.label}`;
		pressed.push(step);
		assert.ok(pressed.length <= MOST, `these run in a circle: ${pressed.slice(-8).join(' → ')}`);
		at = patched(at, finding.remedies[0]!.patch);
		const next = plan(at, builtInShop);
		assert.ok(rank(next) <= rank(made), `“${step}” let the grade fall from ${made.grade.reached} to ${next.grade.reached}`);
		made = next;
	}
	return pressed;
}

test('property: pressing the first remedy until none is left ends, and the grade reached never falls', () => {
	fc.assert(
		fc.property(fc.oneof(anyJob, anyWindowJob, anyPieceJob), (file) => void pressAll(file)),
		{ numRuns: runs(300) }
	);
});
