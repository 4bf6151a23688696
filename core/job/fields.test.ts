import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { anyJob, workedJob } from '../../tests/jobs.ts';
import { jobDefinition, type JobFile } from './definition.ts';
import type { Fault, FaultError } from './faults.ts';
import type { Field } from './field.ts';
import { pointer, put, valueAt, drop, patched, type Key } from './patch.ts';
import { withUnit } from './unit.ts';
import { runs } from '../../tests/thorough.ts';

function faultsOf(file: unknown): Fault[] {
	try {
		plan(file, builtInShop);
		return [];
	} catch (error) {
		return (error as FaultError).faults;
	}
}

/** Every place of the job file that holds no group itself, with its field. */
function leaves(field: Field, keys: Key[] = []): { keys: Key[]; field: Field }[] {
	if (field.kind === 'group') return Object.entries(field.fields).flatMap(([key, one]) => leaves(one, [...keys, key]));
	if (field.kind === 'list') return leaves(field.of, [...keys, 0]);
	if (field.kind === 'none') return leaves(field.or, keys);
	return [{ keys, field }];
}

const LEAVES = leaves(jobDefinition);
const pathOf = (keys: readonly Key[]) =>
	keys.map((key, index) => (typeof key === 'number' ? `[${key}]` : index === 0 ? key : `.${key}`)).join('');

test('every field refuses what it cannot be, at its own path, in a sentence', () => {
	const wrong: Partial<Record<Field['kind'], unknown[]>> = {
		length: ['', 'wide', -1, true, [], {}, '12 in mm', '1/0', '6 m', Number.NaN],
		number: ['many', true, [], {}, Number.POSITIVE_INFINITY, -1e9],
		choice: ['no such word', 7, true, []],
		flag: ['yes', 1, null, {}],
		text: [7, true, {}, []]
	};
	let asked = 0;
	for (const { keys, field } of LEAVES) {
		for (const value of wrong[field.kind] ?? []) {
			// The format and the version are looked at first, alone.
			const file = structuredClone(workedJob()) as Record<string, unknown>;
			let group = file;
			for (const [index, key] of keys.slice(0, -1).entries()) {
				const next = keys[index + 1];
				if (typeof group[key] !== 'object' || group[key] === null) group[key] = typeof next === 'number' ? [] : {};
				group = group[key] as Record<string, unknown>;
			}
			group[keys.at(-1)!] = value;
			const faults = faultsOf(file);
			const path = pathOf(keys);
			assert.ok(
				faults.some((fault) => fault.path === path || fault.path.startsWith(`${path}.`)),
				`${path} took ${JSON.stringify(value)}: ${JSON.stringify(faults)}`
			);
			for (const fault of faults) assert.match(fault.says, /^\S.*[.!?]$/, `${fault.path}: ${fault.says}`);
			asked += 1;
		}
	}
	assert.ok(asked > 250, `only ${asked} asked`);
});

test('sentences say which, what is wrong and what to do', () => {
	const at = (changes: object) => faultsOf({ ...workedJob(), ...changes }).map((fault) => `${fault.path}: ${fault.says}`);
	const readings = (width: unknown) => at({ piece: { readings: { width, height: 551 } } })[0]!;
	for (const [says, wanted] of [
		[readings(''), /^piece\.readings\.width: .*length/i],
		[readings(-3), /is below 0/],
		[readings(0), /^piece\.readings\.width: .*0/],
		[readings('12 in mm'), /second unit, “mm”/],
		[readings('1/0'), /0/],
		[readings('6 m'), /5 m/],
		[at({ mts: [] })[0], /^mts: /],
		[at({ version: 2 })[0], /^version: /],
		[at({ mats: [{ board: 'cotton-9' }] })[0], /^mats\[0\]\.board: .*cotton-9/],
		[at({ window: { overlap: 300 } })[0], /^window\.overlap: /],
		[at({ borders: { way: 'even', width: 2400 } })[0], /^borders.*5 m/]
	] as const)
		assert.match(says ?? 'no fault', wanted);
});

test('property: a value put at a place is found there, and dropped it is gone', () => {
	const places = LEAVES.filter(({ keys }) => !keys.includes(0) && keys.length > 1).map(({ keys }) => keys);
	fc.assert(
		fc.property(anyJob, fc.constantFrom(...places), fc.oneof(fc.integer(), fc.string()), (file, keys, value) => {
			const before = JSON.stringify(file);
			const next = patched(file, put(file, keys, value));
			assert.equal(valueAt(next, keys), value, pointer(keys));
			const without = patched(next, drop(next, keys));
			assert.equal(valueAt(without, keys), undefined);
			assert.equal(JSON.stringify(file), before, 'the file itself stays as it was');
		}),
		{ numRuns: 300 }
	);
});

test('the other unit: lengths keep what they meant, and what was typed stands', () => {
	const file: JobFile = {
		...workedJob(),
		unit: 'in',
		piece: { readings: { width: '16 1/4', height: 539 } },
		borders: { way: 'even', width: '70 mm' },
		window: { overlap: { top: '1/4', right: 6, bottom: '1/4 in', left: '6mm' } }
	};
	const turned = withUnit(file, 'mm');
	assert.equal(turned.unit, 'mm');
	assert.deepEqual(turned.piece!.readings, { width: '16 1/4 in', height: 539 });
	assert.deepEqual(turned.borders, { way: 'even', width: '70 mm' });
	assert.deepEqual(turned.window!.overlap, { top: '1/4 in', right: 6, bottom: '1/4 in', left: '6mm' });
	const [before, after] = [plan(file, builtInShop), plan(turned, builtInShop)];
	assert.deepEqual(after.measure, before.measure);
});

test('property: turned and turned back, a job plans as before', () => {
	fc.assert(
		fc.property(anyJob, (file) => {
			const other = file.unit === 'in' ? 'mm' : 'in';
			const back = withUnit(withUnit(file, other), file.unit ?? 'mm');
			assert.equal(JSON.stringify(plan(back, builtInShop)), JSON.stringify(plan(file, builtInShop)));
		}),
		{ numRuns: runs(80) }
	);
});
