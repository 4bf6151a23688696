import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyPieceJob, anyWindowJob, planSingle, workedJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { FaultError } from '../job/faults.ts';
import { readJob } from '../job/read.ts';
import { plan, type Plan } from '../plan.ts';
import { builtInShop, shopFor } from '../shop/shop.ts';
import { lookIn } from '../views/why/expression.ts';
import { figureText, figureWithUnit } from '../views/why/figure-text.ts';
import { nameOf } from '../views/why/names.ts';
import { sayExpression } from '../views/why/say.ts';
import { figureWord, showFigure } from './figures.ts';

const MM = { unit: 'mm', fraction: 16 } as const;
const IN = { unit: 'in', fraction: 16 } as const;

test('every figure that says why has its unit as data, in either unit, and everything that it names too', () => {
	fc.assert(
		fc.property(fc.oneof(anyWindowJob, anyPieceJob), (file) => {
			const job = decide(readJob(file), builtInShop);
			const made = plan(file, builtInShop);
			const named = { plan: made, job, shop: shopFor(builtInShop, job.cutIn) };
			for (const [path, { of, unit }] of Object.entries(made.why)) {
				const said = sayExpression(
					of,
					lookIn(named),
					(value, part) => (part === null ? String(value) : figureWithUnit(value, part, job.reader)),
					named
				);
				assert.doesNotMatch(said.line, /undefined|NaN|\[object|job\.|shop\.|\[\d/, `${path}: ${said.line}`);
				assert.doesNotMatch(showFigure(said.result, unit, job.reader), /undefined|NaN/, path);
				assert.doesNotMatch(nameOf(path, named), /[[\].]|undefined/, path);
			}
		}),
		{ numRuns: runs(60) }
	);
});

test('units are what a framer calls them', () => {
	for (const [path, value, mm, inches] of [
		['window.opening.width', 412.75, '412.8 mm', '16 1⁄4 in'],
		['pack.gap', 2.9, '2.9 mm', '0.114 in'],
		['mass.kg', 3.21, '3.21 kg', '7 lb 1 oz'],
		['mass.parts[0].kg', 0.1, '0.1 kg', '3.5 oz'],
		['hang.wire.breakingKg', 27.2, '27.2 kg', '60 lb'],
		['hold.loadKPa', 2.354, '2.354 kPa', '2.354 kPa'],
		['hold.dryMinutes', 720, '12 h', '12 h'],
		['light.years', 24.04, '24 years', '24 years'],
		['hang.angle', 30, '30°', '30°'],
		['hang.pullN', 31.39, '31.4 N', '7.1 lb'],
		['hold.count', 3, '3', '3'],
		['hold.tissue', 20, '20 g/m²', '20 g/m²'],
		['shop.house.swingRh', 35, '35 % RH', '35 % RH'],
		['hang.angle', 27.83, '27.8°', '27.8°'],
		['hold.loadKPa', 1.23456, '1.235 kPa', '1.235 kPa'],
		['hold.loadKPa', 0.001, '0.001 kPa', '0.001 kPa'],
		['hold.loadKPa', 0.00094, '9.4 × 10⁻⁴ kPa', '9.4 × 10⁻⁴ kPa'],
		['hold.loadKPa', -0.0000123, '−1.2 × 10⁻⁵ kPa', '−1.2 × 10⁻⁵ kPa'],
		['hold.loadKPa', 0, '0 kPa', '0 kPa'],
		['job.piece.grammage', 120, '120 g/m²', '120 g/m²'],
		['job.pieces[1].grammage', 120, '120 g/m²', '120 g/m²'],
		['job.windows[2].gap', 12.7, '12.7 mm', '1⁄2 in']
	] as const) {
		assert.equal(figureWithUnit(value, path, MM), mm, path);
		assert.equal(figureWithUnit(value, path, IN), inches, path);
	}
	assert.throws(() => figureText(1, 'nowhere.at.all', MM), /No unit is set/);
});

test('the word over a column: that of the reader, of the unit, or none where the text carries its own', () => {
	assert.deepEqual([figureWord('cut', 'mm'), figureWord('cut', 'in')], ['mm', 'in']);
	assert.deepEqual(
		(['minutes', 'kg', 'strength', 'grams'] as const).map((unit) => figureWord(unit, 'mm')),
		['min', 'kg', 'kg', 'g']
	);
	assert.deepEqual(
		(['kPa', 'degrees', 'newton', 'count'] as const).map((unit) => figureWord(unit, 'mm')),
		['kPa', '°', '', '']
	);
});

test('an explanation names layers and materials as they are seen, each with its figure, in one line', () => {
	const file = workedJob({ mats: [{ board: 'cotton-4' }, { board: 'pulp-4', reveal: 6 }] });
	const job = decide(readJob(file), builtInShop);
	const made = planSingle(file);
	const named = { plan: plan(file, builtInShop), job, shop: builtInShop };
	const said = sayExpression(
		made.why['pack.gap']!.of,
		lookIn(named),
		(value, path) => (path === null ? String(value) : figureText(value, path, MM)),
		named
	);
	assert.equal(said.line, 'mat 1 (cotton museum board, 4-ply) 1.5 + mat 2 (buffered wood-pulp mat board) 1.4');
	assert.equal(nameOf('pack.gap', named), 'gap over the piece');
});

/** The inch house has defaults of its own: with them a border may leave a lift no room, which is a fault and no plan. */
function cutInInches(file: JobFile): Plan | null {
	try {
		return plan({ ...file, unit: 'in' }, builtInShop);
	} catch (fault) {
		assert.ok(fault instanceof FaultError);
		for (const { says } of fault.faults) assert.doesNotMatch(says, /\d ?(mm|cm|kg)\b/, says);
		return null;
	}
}

test('an inch job says inches everywhere: mouldings, tapes, clips, findings, never a fraction under the step', () => {
	const odd = /\d+⁄(?!2\b|4\b|8\b|16\b)\d+/;
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			const made = cutInInches(file);
			if (!made) return;
			const sentences = made.findings.flatMap(({ says, why, remedies }) => [says, why, ...remedies.map(({ label }) => label)]);
			for (const text of [...sentences, ...made.assumed.map(({ is }) => is)]) {
				assert.doesNotMatch(text, odd, text);
				// A size that is bought keeps the name that it is sold by.
				const without = builtInShop.packSizes.reduce((rest, { name }) => rest.replaceAll(name, ''), text);
				assert.doesNotMatch(without, /\d ?(mm|cm|kg)\b/, text);
				assert.doesNotMatch(text, /\bin in\b|NaN|undefined|\[object/, text);
			}
		}),
		{ numRuns: runs(80) }
	);
});

test('reading another unit changes no figure, no grade and no cut, only the words', () => {
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			const [one, other] = [plan(file, builtInShop, 'mm'), plan(file, builtInShop, 'in')];
			for (const key of ['measure', 'window', 'hold', 'frame', 'back', 'hang', 'mass', 'grade'] as const)
				assert.deepEqual(one[key], other[key], key);
			// A moulding is named by its face, in the reader's unit.
			const sizes = ({ cut }: typeof one) => cut.map(({ material: _, ...line }) => line);
			assert.deepEqual(sizes(one), sizes(other));
			assert.deepEqual(
				one.findings.map(({ rule, severity, where, facts }) => [rule, severity, where, facts]),
				other.findings.map(({ rule, severity, where, facts }) => [rule, severity, where, facts])
			);
		}),
		{ numRuns: runs(60) }
	);
});

test('what is asked of light has its own units, not millimetres', () => {
	const of = (key: string, value: number) => figureWithUnit(value, `job.place.exposure.${key}`, MM);
	assert.deepEqual(
		[of('sources[0].lux', 150), of('sources[1].uv', 75), of('sources[0].hoursPerDay', 8), of('monthsPerYear', 12)],
		['150 lx', '75 µW/lm', '8 h', '12 months']
	);
});
