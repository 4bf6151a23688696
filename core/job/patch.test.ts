import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyJob, workedJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';
import type { JobFile } from './definition.ts';
import { drop, patched, put, valueAt, type Operation } from './patch.ts';

/** Frozen to its last group: whoever writes into it is found out. */
function frozen<Value>(value: Value): Value {
	if (typeof value === 'object' && value !== null) for (const part of Object.values(Object.freeze(value))) frozen(part);
	return value;
}

const KEYS = [
	['guard', 'glazing'],
	['window', 'overlap', 'top'],
	['frame', 'groove', 'from'],
	['x-own', 'a', 'b'],
	['mats', 0, 'board'],
	['aim']
];

test('property: the old file stays as it was, the new one holds what was put, and the rest is the same', () => {
	fc.assert(
		fc.property(anyJob, fc.constantFrom(...KEYS), fc.constantFrom<unknown>('rare', 4.5, { top: 3 }, null), (job, keys, value) => {
			const before = JSON.stringify(job);
			const file = frozen(job);
			if (keys[0] === 'mats' && !file.mats?.length) return;
			const next = patched(file, put(file, keys, value));
			assert.equal(JSON.stringify(file), before);
			assert.deepEqual(valueAt(next, keys), value);
			const undone = valueAt(file, keys) === undefined ? drop(next, keys) : put(next, keys, valueAt(file, keys));
			assert.deepEqual(valueAt(patched(frozen(next), undone), keys), valueAt(file, keys));
			for (const key of Object.keys(file) as (keyof JobFile)[])
				if (key !== keys[0]) assert.equal(next[key], file[key], `${key} is shared`);
		}),
		{ numRuns: runs(150) }
	);
});

test('what is put is the new file’s own: changing it later changes no operation and no other file', () => {
	const opening = { width: 200, height: 100 };
	const operations = put(workedJob(), ['window', 'openings'], [opening]);
	const one = patched(workedJob(), operations);
	const other = patched(one, put(one, ['window', 'openings', 0, 'width'], 300));
	assert.equal(opening.width, 200);
	assert.equal(valueAt(one, ['window', 'openings', 0, 'width']), 200);
	assert.equal(valueAt(other, ['window', 'openings', 0, 'width']), 300);
});

test('operations apply one after the other, into what the ones before them brought', () => {
	const file = frozen(workedJob());
	const operations: Operation[] = [
		{ op: 'add', path: '/x-own', value: { list: [1] } },
		{ op: 'add', path: '/x-own/list/-', value: 2 },
		{ op: 'remove', path: '/x-own/list/0' }
	];
	assert.deepEqual(valueAt(patched(file, operations), ['x-own']), { list: [2] });
	assert.deepEqual(valueAt(patched(file, operations), ['x-own']), { list: [2] }, 'again, the same');
});

test('a change that does not fit the file is refused, and nothing of it is done', () => {
	const file = frozen(workedJob());
	assert.throws(() => patched(file, [{ op: 'remove', path: '/x-none/at/all' }]), /This change can’t be applied/);
	assert.throws(() => patched(file, [{ op: 'replace', path: '/x-none', value: 1 }]), /This change can’t be applied/);
});

test('no change reaches what every object has by birth', () => {
	const file = workedJob();
	for (const path of ['/__proto__/harmed', '/constructor/prototype/harmed']) {
		try {
			patched(file, [{ op: 'add', path, value: true }]);
		} catch {
			// Refusing it is as good.
		}
		assert.equal(({} as { harmed?: boolean }).harmed, undefined, path);
	}
});
