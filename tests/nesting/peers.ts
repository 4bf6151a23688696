/** The same cutting job by two packers of general use, each by every one of its strategies, the best of them counted. */
import { packer } from 'guillotine-packer';
// Its entry for import is broken: the module file is named.
import { MaxRectsPacker } from 'maxrects-packer/dist/maxrects-packer.mjs';
import type { BlankWanted, CuttingJob, SheetStock } from '../../core/nesting/figures.ts';

type Laid = { x: number; y: number; width: number; height: number };
/** Sheets in full with what lies on each, and their cost. */
export type PeerPlan = { sheets: number; cost: number; laid: Laid[][]; sheet: SheetStock };

/** @returns the plan of least cost on one kind of sheet, `null` when a blank is larger than each */
export function guillotinePeer(job: CuttingJob): PeerPlan | null {
	return cheapest(job, (sheet) => {
		const items = blanksOf(job).map(({ width, height }, name) => ({ name: String(name), width, height }));
		const bins = packer(
			{ binWidth: sheet.width, binHeight: sheet.height, items },
			{ kerfSize: job.kerf, allowRotation: turns(job) }
		);
		return [(bins ?? []).map((bin) => bin.map(({ x, y, width, height }) => ({ x, y, width, height })))];
	});
}

/** Bound to no cuts from edge to edge: it may lay what no knife that runs through can cut. */
export function maxRectsPeer(job: CuttingJob): PeerPlan | null {
	return cheapest(job, (sheet) =>
		[0, 1, 2].map((logic) => {
			const bins = new MaxRectsPacker(sheet.width, sheet.height, job.kerf, {
				smart: false,
				pot: false,
				square: false,
				allowRotation: turns(job),
				logic
			});
			bins.addArray(blanksOf(job).map((blank) => ({ ...blank })));
			return bins.bins.map((bin) => bin.rects.map(({ x, y, width, height }) => ({ x, y, width, height })));
		})
	);
}

/** Neither knows of a grain of single blanks: a job turns all or none. */
const turns = (job: CuttingJob): boolean => job.blanks.every((blank) => blank.turn);

const blanksOf = (job: CuttingJob) =>
	job.blanks.flatMap(({ width, height, count }) => Array.from({ length: count }, () => ({ width, height })));

function cheapest(job: CuttingJob, plansOn: (sheet: SheetStock) => Laid[][][]): PeerPlan | null {
	let best: PeerPlan | null = null;
	for (const sheet of job.sheets) {
		if (!job.blanks.every((blank) => fitsOn(blank, sheet))) continue;
		for (const laid of plansOn(sheet)) {
			const plan = { sheets: laid.length, cost: laid.length * sheet.cost, laid, sheet };
			if (!best || plan.cost < best.cost) best = plan;
		}
	}
	return best;
}

const fitsOn = (blank: BlankWanted, { width, height }: SheetStock): boolean =>
	(blank.width <= width && blank.height <= height) || (blank.turn && blank.height <= width && blank.width <= height);

/** @returns mm² of the largest empty rectangle on any sheet that is wide enough to keep; it need not be one that cuts from edge to edge leave */
export function largestEmpty({ laid, sheet }: PeerPlan, { kerf, minOffcut }: CuttingJob): number {
	let largest = 0;
	for (const blanks of laid)
		for (const left of [0, ...blanks.map(({ x, width }) => x + width + kerf)])
			for (const top of [0, ...blanks.map(({ y, height }) => y + height + kerf)])
				for (const right of [sheet.width, ...blanks.map(({ x }) => x - kerf)]) {
					if (right - left < minOffcut) continue;
					const inWay = blanks.filter(({ x, y, width, height }) => x < right && x + width > left && y + height > top);
					const bottom = Math.min(sheet.height, ...inWay.map(({ y }) => y - kerf));
					if (bottom - top >= minOffcut) largest = Math.max(largest, (right - left) * (bottom - top));
				}
	return largest;
}
