/** One voice: no word of the list in anything that is written, nor in anything that is made of a job. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import fc from 'fast-check';
import type { JobFile } from '../../../core/job/definition.ts';
import { planWall } from '../../../core/wall/plan-wall.ts';
import { wallFrom, type WallFile } from '../../../core/wall/written.ts';
import type { Unit } from '../../../core/units/length.ts';
import { anyPieceJob, anyWindowJob } from '../../jobs.ts';
import { runs } from '../../thorough.ts';
import { madeTexts } from './made.ts';
import { NOT_MADE, NOT_USED, notUsedIn } from './not-to-use.ts';
import { writtenTexts } from './written.ts';

const written = writtenTexts();
const demo = readdirSync('demo/jobs').map(
	(name) => [name, JSON.parse(readFileSync(`demo/jobs/${name}`, 'utf8')) as JobFile] as const
);

/** What is wrong with texts, each with its place. */
const wrongIn = (texts: readonly { where: string; text: string }[]): string[] =>
	texts.flatMap(({ where, text }) => {
		const one = notUsedIn(text);
		return one ? [`${where}: “${text}” (${one.use})`] : [];
	});

test('nothing that is written has a word that is not used', () => {
	assert.ok(written.length > 7000, `${written.length} texts are read`);
	assert.deepEqual(wrongIn(written.map(({ file, line, text }) => ({ where: `${file}:${line}`, text }))), []);
});

test('screens, steps, faults, papers, data and the handbook are read, each as it is written', () => {
	const has = (file: string, text: string) =>
		assert.ok(
			written.some((one) => one.file === file && one.text === text),
			`${file}: ${text}`
		);
	has('src/lib/workspace/Compare.svelte', 'Weight');
	has('src/lib/workspace/panels/Intake.svelte', 'Artist');
	has('src/lib/bench/Force.svelte', 'Leave it locked');
	has('core/units/length.ts', 'A size can’t be 0. Measure again.');
	has('core/views/bench/steps.ts', 'Wash and dry your hands.');
	has('core/job/schools.ts', 'mount it overall');
	has('src/lib/server/validation/sentences.ts', 'Must be a list.');
	has('docs/handbook/01-units.md', '# Lengths');
	assert.ok(written.some(({ file }) => file === 'README.md') && written.some(({ file }) => file.startsWith('demo/jobs/')));
	assert.ok(written.some(({ file }) => file === 'cli/core.ts') && written.some(({ file }) => file === 'docs/job-file.md'));
});

test('nothing that is made of a demo piece has one, read in mm and in inches', () => {
	for (const [name, file] of demo)
		for (const reads of ['mm', 'in'] as const)
			assert.deepEqual(wrongIn(madeTexts(file, reads).map(({ where, text }) => ({ where: `${name}, ${where}`, text }))), []);
});

test('nothing that is found on the demo walls has one', () => {
	for (const name of readdirSync('demo/walls')) {
		const { file } = JSON.parse(readFileSync(`demo/walls/${name}`, 'utf8')) as { file: WallFile };
		const { wall, faults } = wallFrom(file, new Map());
		const texts = [...planWall(wall, 'mm').findings, ...faults].map(({ says }) => says);
		assert.ok(texts.length > 0, name);
		assert.deepEqual(wrongIn(texts.map((text) => ({ where: name, text }))), []);
	}
});

test('property: nothing that is made of any job has one, and every text is whole', () => {
	fc.assert(
		fc.property(fc.oneof(anyWindowJob, anyPieceJob), fc.constantFrom<Unit>('mm', 'in'), (file, reads) => {
			const texts = madeTexts(file, reads);
			assert.deepEqual(wrongIn(texts), []);
			for (const { where, text } of texts.filter((one) => !one.where.startsWith('why')))
				for (const never of NOT_MADE) assert.doesNotMatch(text, never, `${where}: ${text}`);
		}),
		{ numRuns: runs(150) }
	);
});

test('each word of the list is found where it is planted', () => {
	const planted: Record<string, string> = {
		'is not a …': 'This is no length.',
		'due; needed, needs': 'A number is wanted.',
		'back mat': 'On the under-mat, face up.',
		pane: 'The lite follows it.',
		'saved, saving': 'Kept.',
		shop: 'by the house’s figures',
		friable: 'It sheds.',
		gap: '3 mm of air',
		'humidity, moisture': 'a swing of damp',
		'mounted overall': 'Stuck down whole',
		'minimum; at least': 'least overlap',
		measurement: 'The readings disagree.',
		'safety glasses': 'gloves, eyes covered'
	};
	for (const [use, text] of Object.entries(planted)) assert.equal(notUsedIn(text)?.use, use, text);
	assert.equal(notUsedIn('Enter at least 3 mm.'), null);
});

test('each exception has its reason, and something that is written needs it', () => {
	const made = demo.flatMap(([, file]) => madeTexts(file, 'mm').map(({ text }) => text));
	const texts = [...written.map(({ text }) => text), ...made];
	for (const { not, but = [] } of NOT_USED)
		for (const { in: where, because } of but) {
			assert.ok(because.length > 3);
			assert.ok(
				texts.some((text) => not.test(text) && where.test(text)),
				`${String(not)}: nothing needs ${String(where)}`
			);
		}
});
