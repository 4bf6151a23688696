/** plan() over 2 000 varied jobs against its budget. */
import fc from 'fast-check';
import { plan } from '../core/plan.ts';
import { builtInShop } from '../core/shop/shop.ts';
import { anyJob } from '../tests/jobs.ts';
import { middleOfFive, report } from './report.ts';

const jobs = fc.sample(anyJob, { numRuns: 2000, seed: 60 });

// A sitting is warm after a few strokes; the first are measured in the browser (bench/keystroke.ts).
for (const job of fc.sample(anyJob, { numRuns: 1000, seed: 7 })) void plan(job, builtInShop).why;
report(
	'plan(), 2 000 varied jobs',
	jobs.map((job) => middleOfFive(() => plan(job, builtInShop))),
	2
);
report(
	'plan() with every explanation',
	jobs.map((job) => middleOfFive(() => plan(job, builtInShop).why)),
	2
);
