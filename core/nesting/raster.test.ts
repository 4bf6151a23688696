/** What a sheet is worth at most: against every way of cutting a small one, and against sheets that were cut up. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { cuttingJob } from '../../tests/nesting/means.ts';
import { zeroWaste } from '../../tests/nesting/mixes.ts';
import { runs } from '../../tests/thorough.ts';
import { there } from '../units/there.ts';
import { instanceOf, type Instance } from './instance.ts';
import { rasterOf, worthsOn, type Raster } from './raster.ts';

const rasterFor = ({ blanks, sheets }: Instance, mm: number): Raster => rasterOf(blanks, there(sheets[0], 'sheet'), mm);

/** By every cut of every box, without a table of boxes and without a raster of its own. */
function bestByTrying({ w, h, ways }: Raster, worths: Int32Array): number {
	const known = new Map<string, number>();
	const best = (boxW: number, boxH: number): number => {
		const key = `${boxW} ${boxH}`;
		const before = known.get(key);
		if (before !== undefined) return before;
		let most = 0;
		for (const way of ways) if (way.w <= boxW && way.h <= boxH) most = Math.max(most, there(worths[way.kind], 'worth'));
		for (let at = 1; at < boxW; at += 1) most = Math.max(most, best(at, boxH) + best(boxW - at, boxH));
		for (let at = 1; at < boxH; at += 1) most = Math.max(most, best(boxW, at) + best(boxW, boxH - at));
		known.set(key, most);
		return most;
	};
	return best(w, h);
}

const side = fc.integer({ min: 40, max: 300 });
const someBlanks = fc.array(
	fc.record({ width: side, height: side, turn: fc.boolean(), worth: fc.integer({ min: 0, max: 900 }) }),
	{
		minLength: 1,
		maxLength: 5
	}
);

test('property: a sheet is worth what the best of all ways to cut it is worth, and what lies around a blank goes on it', () => {
	fc.assert(
		fc.property(someBlanks, (said) => {
			const blanks = said.map(({ width, height, turn }, at) => ({ id: String(at), width, height, turn, count: 1 }));
			const instance = instanceOf(cuttingJob({ blanks, sheets: [{ id: 'S', width: 310, height: 240, count: 9, cost: 1 }] }));
			const raster = rasterFor(instance, 12);
			const worths = Int32Array.from(instance.blanks, ({ index }) => there(said[index], 'blank').worth);
			const onSheet = worthsOn(raster, worths);
			assert.equal(onSheet.best, bestByTrying(raster, worths));
			for (const { kinds, counts } of onSheet.around()) {
				const sum = kinds.reduce((all, kind, at) => all + there(worths[kind], 'worth') * there(counts[at], 'count'), 0);
				assert.ok(sum <= onSheet.best, `${sum} of ${onSheet.best}`);
			}
		}),
		{ numRuns: runs(60) }
	);
});

test('the best around some blank is the best of the sheet', () => {
	const instance = instanceOf(zeroWaste(7, 20));
	const raster = rasterFor(instance, 5);
	const worths = Int32Array.from(instance.blanks, ({ w, h }, at) => 1 + Math.floor((w + h) / 1e6) + at);
	const onSheet = worthsOn(raster, worths);
	const sums = onSheet
		.around()
		.map(({ kinds, counts }) =>
			kinds.reduce((all, kind, at) => all + there(worths[kind], 'worth') * there(counts[at], 'count'), 0)
		);
	assert.equal(Math.max(...sums), onSheet.best);
});

test('property: what was cut from one sheet is worth no more than the best of the raster, whatever each blank is worth', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 1, max: 5000 }),
			fc.array(fc.nat({ max: 1000 }), { minLength: 30, maxLength: 30 }),
			(seed, worth) => {
				const { known, ...job } = zeroWaste(seed, 24);
				const instance = instanceOf(job);
				const worths = Int32Array.from(instance.blanks, (_, at) => there(worth[at % worth.length], 'worth'));
				const all = instance.blanks.reduce((sum, { count }, at) => sum + count * there(worths[at], 'worth'), 0);
				for (const mm of [3.7, 11]) {
					const { best } = worthsOn(rasterFor(instance, mm), worths);
					assert.ok(best * known >= all, `${best} × ${known} of ${all} with cells of ${mm} mm`);
				}
			}
		),
		{ numRuns: runs(20) }
	);
});

test('blanks that are thinner than a cell are left out: nothing is said of them', () => {
	const instance = instanceOf(
		cuttingJob({
			blanks: [
				{ id: 'thin', width: 3, height: 900, count: 4, turn: true },
				{ id: 'mat', width: 400, height: 500, count: 1, turn: true }
			]
		})
	);
	const { ways } = rasterFor(instance, 5);
	assert.deepEqual([...new Set(ways.map(({ kind }) => there(instance.blanks[kind], 'kind').w))].length, 1);
	assert.ok(ways.every(({ w, h }) => w > 0 && h > 0));
});
