/** Ready sizes for a piece: sixty standard frames by sixty standard mats, against its budget. */
import { readyPairs } from '../core/advice/ready-pairs.ts';
import { decide } from '../core/decide.ts';
import { readJob } from '../core/job/read.ts';
import { plan } from '../core/plan.ts';
import { builtInShop } from '../core/shop/shop.ts';
import { workedJob } from '../tests/jobs.ts';
import { middleOfFive, report } from './report.ts';

const SIXTY = Array.from({ length: 60 }, (_, index) => ({
	name: `size ${index + 1}`,
	width: 200 + 15 * index,
	height: 250 + 20 * index
}));
const shop = { ...builtInShop, packSizes: SIXTY };
const files = [200, 260, 320, 380, 440, 500].map((width) => workedJob({ piece: { readings: { width, height: width * 1.3 } } }));
report(
	'ready pairs, 60 frames × 60 mats',
	files.map((file) => {
		const now = { job: decide(readJob(file), shop), plan: plan(file, shop) };
		return middleOfFive(() => readyPairs(file, now, shop));
	}),
	100
);
