/**
 * Cutting plans against two packers of general use, the same input in one run: cost, proofs, largest offcut, first plan.
 * `FEWER=10 npm run bench -- cutting` takes every tenth instance.
 */
import loadHighs from 'highs';
import { cuttingPlans } from '../core/nesting/cut.ts';
import type { CuttingJob, CuttingPlan } from '../core/nesting/figures.ts';
import { randomFrom } from '../core/nesting/random.ts';
import { solverFrom, type Highs } from '../src/lib/nesting/solver.ts';
import { faultsOf } from '../tests/nesting/checker.ts';
import { framingMix, nearPerfect, zeroWaste } from '../tests/nesting/mixes.ts';
import { guillotinePeer, largestEmpty, maxRectsPeer, type PeerPlan } from '../tests/nesting/peers.ts';

const solve = solverFrom(await (loadHighs as unknown as () => Promise<Highs>)());
const fewer = Number(process.env.FEWER ?? 1);
const now = () => performance.now();

type Group = { name: string; count: number; seconds: number; job: (seed: number) => CuttingJob };
const GROUPS: Group[] = [
	{ name: 'framing mixes, one kind of sheet', count: 100, seconds: 5, job: (seed) => framingMix(seed, 1) },
	{ name: 'framing mixes, two kinds', count: 100, seconds: 5, job: (seed) => framingMix(seed, 2) },
	{ name: 'zero waste, up to 40 blanks', count: 60, seconds: 5, job: (seed) => zeroWaste(seed) },
	{ name: 'near perfect, 1 to 3 % waste', count: 20, seconds: 5, job: (seed) => nearPerfect(seed) },
	{ name: '60 to 150 blanks', count: 20, seconds: 5, job: (seed) => framingMix(seed, 1, 60 + ((seed * 17) % 90)) },
	{ name: '500 blanks', count: 10, seconds: 20, job: (seed) => framingMix(seed, 1, 500) }
];

let failed = 0;
const rows: string[] = [];
for (const group of GROUPS) rows.push(measured(group));
console.log(
	[
		'| | instances | ours | edge to edge | any place | saved on the better | proven | within one sheet | costlier | smaller offcut | first plan p95 | memory |',
		'|---|---|---|---|---|---|---|---|---|---|---|---|',
		...rows
	].join('\n')
);
console.log(`\nSixty rails on sticks: ${sticksMeasured()}`);
process.exitCode = failed > 0 ? 1 : 0;

/** Rails of one moulding, of fifteen, thirty and sixty lengths. */
function sticksMeasured(): string {
	const random = randomFrom(5);
	const proven: number[] = [];
	const INSTANCES = 12;
	for (let one = 0; one < INSTANCES; one += 1) {
		const kinds = [15, 30, 60][one % 3] ?? 15;
		const blanks = Array.from({ length: kinds }, (_, at) => ({
			id: String(at),
			width: 250 + Math.floor(random() * 900),
			height: 22,
			count: 60 / kinds,
			turn: false
		}));
		const sheets = [2380, 2980].map((width) => ({ id: String(width), width, height: 22, count: 60, cost: width + 20 }));
		const job = { kerf: 3 * Math.SQRT2, trim: 0, minOffcut: 22, seconds: 4, sheets, blanks };
		const started = now();
		for (const plan of cuttingPlans(job, { solve, now })) {
			if (!plan?.proven) continue;
			proven.push(now() - started);
			break;
		}
	}
	const middle = proven.sort((a, b) => a - b)[Math.floor(proven.length / 2)] ?? Infinity;
	return `${proven.length} of ${INSTANCES} proven within 4 s, ${proven.filter((ms) => ms < 1000).length} within 1 s, the middle one in ${middle.toFixed(0)} ms`;
}

function measured({ name, count, seconds, job: jobOf }: Group): string {
	const sums = { ours: 0, guillotine: 0, maxRects: 0, better: 0, proven: 0, close: 0, worse: 0, smaller: 0 };
	const first: number[] = [];
	let tried = 0;
	let memory = 0;
	for (let seed = 1; seed <= count; seed += fewer) {
		const job = { ...jobOf(seed), seconds };
		const guillotine = guillotinePeer(job);
		const maxRects = maxRectsPeer(job);
		const better = Math.min(guillotine?.cost ?? Infinity, maxRects?.cost ?? Infinity);
		const { plan, firstMs } = planned(job);
		memory = Math.max(memory, process.memoryUsage().rss);
		const faults = faultsOf(job, plan);
		if (faults.length > 0 || plan.unplaced.length > 0) {
			failed += 1;
			console.log(`${name} ${seed}: ${faults.join(' ')} ${plan.unplaced.length} not placed`);
		}
		tried += 1;
		first.push(firstMs);
		sums.ours += plan.used.cost;
		sums.guillotine += guillotine?.cost ?? 0;
		sums.maxRects += maxRects?.cost ?? 0;
		sums.better += better;
		if (plan.proven) sums.proven += 1;
		if (plan.used.sheets - plan.bound.sheets <= 1) sums.close += 1;
		if (plan.used.cost > better + 1e-9) sums.worse += 1;
		const offcut = Math.max(0, ...plan.sheets.flatMap(({ offcuts }) => offcuts.map(({ width, height }) => width * height)));
		const theirs = Math.max(...[guillotine, maxRects].map((peer) => offcutOf(peer, plan, job)));
		if (theirs > offcut + 1) sums.smaller += 1;
		if (!plan.proven || theirs > offcut + 1 || plan.used.cost > better + 1e-9)
			console.log(
				`${name} ${seed}: ${plan.used.sheets} sheets, cost ${plan.used.cost} (${better}), at least ${plan.bound.sheets}` +
					`${plan.proven ? '' : ', not proven'}; offcut ${(offcut / 1e4).toFixed(1)} dm² (${(theirs / 1e4).toFixed(1)})`
			);
	}
	first.sort((one, other) => one - other);
	const share = (part: number) => `${((100 * part) / tried).toFixed(0)} %`;
	return `| ${[
		name,
		tried,
		sums.ours,
		sums.guillotine,
		sums.maxRects,
		`${(100 * (1 - sums.ours / sums.better)).toFixed(1)} %`,
		share(sums.proven),
		share(sums.close),
		sums.worse,
		sums.smaller,
		`${(first[Math.floor(0.95 * (first.length - 1))] ?? 0).toFixed(0)} ms`,
		`${(memory / 2 ** 20).toFixed(0)} MB`
	].join(' | ')} |`;
}

function planned(job: CuttingJob): { plan: CuttingPlan; firstMs: number } {
	const started = now();
	const plans = cuttingPlans(job, { solve, now });
	plans.next();
	const firstMs = now() - started;
	for (;;) {
		const { done, value } = plans.next();
		if (done) return { plan: value, firstMs };
	}
}

/** A peer's largest empty rectangle, where it needs the same sheets. */
function offcutOf(peer: PeerPlan | null, plan: CuttingPlan, job: CuttingJob): number {
	return peer && Math.abs(peer.cost - plan.used.cost) < 1e-9 ? largestEmpty(peer, job) : 0;
}
