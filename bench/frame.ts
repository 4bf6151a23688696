/** Full jobs of every kind, the section of each redrawn, and the sag series: its time and what it leaves out. */
import fc from 'fast-check';
import { placeCallouts, placeDimensions } from '../core/views/drawing/dimensions.ts';
import { sectionScene } from '../core/views/drawing/section.ts';
import { onShelf } from '../core/advice/on-shelf.ts';
import { decide } from '../core/decide.ts';
import { readJob } from '../core/job/read.ts';
import { plan } from '../core/plan.ts';
import { sagFlat } from '../core/stations/sag/sag.ts';
import { readShelf } from '../core/shop/shelf.ts';
import { builtInShop } from '../core/shop/shop.ts';
import { anyPieceJob } from '../tests/jobs.ts';
import shelfFile from '../demo/shelf.json' with { type: 'json' };
import { middleOfFive, report } from './report.ts';

const jobs = fc.sample(anyPieceJob, { numRuns: 1000, seed: 60 });
for (const job of jobs.slice(0, 500)) void plan(job, builtInShop).why;

report(
	'plan() of a full job, every kind of piece, hold and frame',
	jobs.map((job) => middleOfFive(() => plan(job, builtInShop))),
	2
);

const drawn = jobs.slice(0, 400).map((file) => ({ file, job: decide(readJob(file), builtInShop) }));
report(
	'section redrawn: plan, scene, its dimensions and callouts',
	drawn.map(({ file, job }) =>
		middleOfFive(() => {
			const scene = sectionScene(plan(file, builtInShop), job, builtInShop)!;
			placeDimensions(scene, 5, (dimension) => dimension.value.toFixed(1));
			placeCallouts(scene, 5);
		})
	),
	16.7
);

const shelf = readShelf(shelfFile);
if (!shelf.ok) throw new Error('The demo’s shelf can’t be read.');
report(
	'the shelf of the demo tried with a job',
	drawn.slice(0, 100).map(({ file, job }) => {
		const now = { job, plan: plan(file, builtInShop) };
		return middleOfFive(() => onShelf(file, now, builtInShop, shelf.items));
	}),
	50
);

const acrylic = builtInShop.glazings['uv-acrylic']!;
const panes = fc.sample(fc.record({ width: fc.integer({ min: 150, max: 1500 }), height: fc.integer({ min: 150, max: 1500 }) }), {
	numRuns: 2000,
	seed: 3
});
const TIMES = 50;
report(
	'sag series, a pane',
	panes.map((pane) => {
		const began = performance.now();
		for (let time = 0; time < TIMES; time += 1) sagFlat(acrylic, pane);
		return (performance.now() - began) / TIMES;
	}),
	0.05
);

/** The series with ten times as many terms on each axis. */
function converged({ width, height }: { width: number; height: number }): number {
	const [a, b] = [width / 1000, height / 1000];
	let sum = 0;
	for (let m = 1; m <= 299; m += 2)
		for (let n = 1; n <= 299; n += 2)
			sum += (((m + n) / 2 - 1) % 2 === 0 ? 1 : -1) / (m * n * ((m * m) / (a * a) + (n * n) / (b * b)) ** 2);
	const { densityKgM3, thickness, stiffnessGPa, bendsAs, poisson } = acrylic;
	const stiffness = (stiffnessGPa * 1e9 * (bendsAs / 1000) ** 3) / (12 * (1 - poisson ** 2));
	return ((16 * densityKgM3 * thickness * 9.81) / 1000 / (Math.PI ** 6 * stiffness)) * sum * 1000;
}

const worst = Math.max(...panes.slice(0, 200).map((pane) => Math.abs(sagFlat(acrylic, pane) / converged(pane) - 1)));
console.log(`sag series, against ten times its terms: ${(worst * 100).toFixed(5)} % off at worst of 0.1 %`);
if (worst > 0.001) process.exitCode = 1;
