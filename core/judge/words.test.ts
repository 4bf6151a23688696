/** What is said about a job: in the reader's unit, each thing once, findings as sentences. Its words are tested in tests/structure/words. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyPieceJob, anyWindowJob, workedJob } from '../../tests/jobs.ts';
import { madeTexts, type Said } from '../../tests/structure/words/made.ts';
import { runs } from '../../tests/thorough.ts';
import { planSteps } from '../views/bench/steps.ts';
import { lineDetail, lineName, lineSize, materialName } from '../stations/cut/material-name.ts';
import { sceneOf, VIEWS } from '../views/drawing/views.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { readJob } from '../job/read.ts';
import { plan } from '../plan.ts';
import { HOUSE_NAMES } from '../shop/house-names.ts';
import { builtInShop } from '../shop/shop.ts';
import type { Unit } from '../units/length.ts';
import { RULES } from './rules.ts';

const anyFile = fc.oneof(anyWindowJob, anyPieceJob);

/** Metal sections and frames are sold by size, by the inch or by the centimetre, whoever reads. */
const isNotSold = ({ text }: Said) => !/\bpairs?\b|\bpack \d/i.test(text);

/** What is shown in the reader's unit: an explanation adds up in the unit that is cut. */
const shown = (file: JobFile, reads: Unit): Said[] => madeTexts(file, reads).filter(({ where }) => !where.startsWith('why'));

test('property: who reads inches reads no millimetre, but in the name of what is sold by it; who reads millimetres no inch', () => {
	fc.assert(
		fc.property(anyFile, (file) => {
			for (const { where, text } of shown(file, 'in').filter(isNotSold))
				assert.doesNotMatch(text, /\d mm\b|\d kg\b|\d N\b/, `${where}: ${text}`);
			for (const { where, text } of shown(file, 'mm').filter(isNotSold))
				assert.doesNotMatch(text, /\d in\b(?! all)|\d lb\b|\d oz\b|⁄/, `${where}: ${text}`);
		}),
		{ numRuns: runs(120) }
	);
});

test('property: no two lines of a cut list read the same, each says what tells it apart', () => {
	fc.assert(
		fc.property(anyFile, fc.constantFrom<Unit>('mm', 'in'), (file, reads) => {
			const { reader } = decide(readJob(file), builtInShop, reads);
			const lines = plan(file, builtInShop, reads).cut.map((cut) =>
				[lineName(cut), lineDetail(cut, reader), lineSize(cut, reader), materialName(cut, builtInShop)].join(' | ')
			);
			assert.equal(new Set(lines).size, lines.length, lines.join('\n'));
		}),
		{ numRuns: runs(150) }
	);
});

test('property: nothing is said twice: no line of a step, no fix of a finding, no part of a weight or kit, no figure of a drawing', () => {
	fc.assert(
		fc.property(anyFile, (file) => {
			const job = decide(readJob(file), builtInShop);
			const made = plan(file, builtInShop);
			const steps = planSteps(job, made, builtInShop);
			const scenes = [
				...VIEWS.map((view) => sceneOf(view, made, job, builtInShop)),
				...steps.flatMap(({ pictures }) => pictures ?? [])
			].filter((scene) => scene !== null);
			const lists: [string, string[]][] = [
				['steps', steps.map(({ id }) => id)],
				...steps.map(({ id, does }): [string, string[]] => [`step ${id}`, does]),
				...made.findings.map(({ rule, remedies }): [string, string[]] => [rule, remedies.map(({ label }) => label)]),
				['weight', made.mass?.parts.map(({ part }) => part) ?? []],
				['kit', made.frame?.kit?.map(({ part, size }) => `${part} ${size}`) ?? []],
				['open', made.open.map(({ station }) => station)],
				...scenes.map(({ title, dimensions }): [string, string[]] => [title, dimensions.map(({ name }) => name)])
			];
			for (const [where, list] of lists) assert.equal(new Set(list).size, list.length, `${where}: ${list.join(' | ')}`);
		}),
		{ numRuns: runs(150) }
	);
});

test('findings are sentences; what fixes them is pressed and has no full stop', () => {
	fc.assert(
		fc.property(anyFile, (file) => {
			for (const { rule, says, why, remedies } of plan(file, builtInShop).findings) {
				assert.match(says, /^[A-Z0-9“⁄].*\.$/s, `${rule}: ${says}`);
				assert.match(why, /^[A-Z].*\.$/s, `${rule}: ${why}`);
				for (const { label } of remedies) assert.match(label, /^[A-Z0-9“].*[^.]$/, `${rule}: ${label}`);
			}
		}),
		{ numRuns: runs(150) }
	);
});

test('no two rules have one id, no two house figures one name', () => {
	const names = Object.values(HOUSE_NAMES);
	assert.equal(new Set(names).size, names.length, 'no two figures of a house have one name');
	const rules = RULES.map(({ id }) => id);
	assert.equal(new Set(rules).size, rules.length);
});

test('a job that was begun and no more says what is still to do, in words', () => {
	const { window: _, mats: __, frame: ___, ...rest } = workedJob();
	const begun: JobFile = { ...rest, piece: {} };
	const open = plan(begun, builtInShop).open.map(({ station, needs }) => `${station}: ${needs}`);
	assert.ok(open.length > 0);
	for (const one of open) assert.match(one, /^[a-z]+: [a-z]/, one);
});
