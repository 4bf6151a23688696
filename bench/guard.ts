/** Findings, grade, choices and the cheapest set against their budgets; the search over a catalogue of 60 boards and glazings. */
import fc from 'fast-check';
import { judge } from '../core/judge/judge.ts';
import { cheapestTo } from '../core/advice/cheapest.ts';
import { choicesFor } from '../core/advice/guard-choices.ts';
import { decide } from '../core/decide.ts';
import { readJob } from '../core/job/read.ts';
import { plan, planFigures } from '../core/plan.ts';
import { figuresOf, withMaterials, type WrittenMaterial } from '../core/shop/catalogue.ts';
import { builtInShop } from '../core/shop/shop.ts';
import { anyJob } from '../tests/jobs.ts';
import { middleOfFive, report } from './report.ts';

/** The catalogue once more with other prices, until it holds 60 materials. */
const more: WrittenMaterial[] = [...Object.values(builtInShop.boards), ...Object.values(builtInShop.boards)].map(
	(board, index) => ({
		kind: 'board',
		id: `more-${index}`,
		name: `${board.name}, second maker`,
		figures: { ...figuresOf('board', board), pricePerM2: (board.pricePerM2 ?? 0) + 10 * (index % 7) - 20 },
		sources: {}
	})
);
const shop = withMaterials(builtInShop, more.slice(0, 60 - 18 - 9));
const jobs = fc.sample(anyJob, { numRuns: 400, seed: 4 });

for (const job of jobs) void cheapestTo(job, shop, job.aim as 'rare');
const planned = jobs.map((file) => {
	const job = decide(readJob(file), builtInShop);
	return { file, job, shop: builtInShop, plan: planFigures(job, builtInShop), grade: job.aim };
});
for (const context of planned) judge(context);
report(
	'all findings and the grade, on top of the figures',
	planned.map((context) => middleOfFive(() => judge(context))),
	1
);
report(
	'cheapest set over 60 materials, to Rare',
	jobs.map((job) => middleOfFive(() => cheapestTo(job, shop, 'rare'))),
	50
);
report(
	'every glazing compared for a job',
	jobs.map((file) => {
		const now = { job: decide(readJob(file), shop), plan: plan(file, shop) };
		return middleOfFive(() => choicesFor(file, now, shop, { name: 'glazing' }));
	}),
	50
);
report(
	'every remedy checked for a job',
	jobs.map((file) => {
		// Each plan checks its remedies once: a fresh one every time.
		return middleOfFive(() => plan(file, builtInShop).findings.map(({ remedies }) => remedies.length));
	}),
	50
);
