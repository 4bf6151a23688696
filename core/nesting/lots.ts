/**
 * Boards of one job are of one lot (handbook stock): where several lots lie in the rack, each job is given to one of them, the largest job
 * first, to the lot that it fills best; a lot is then planned by itself, and a job that does not go onto its lot is cut from sheets that
 * are bought.
 */
import { areaBound } from './area-bound.ts';
import { cuttingPlans, type Means } from './cut.ts';
import type { CuttingJob, CuttingPlan, SheetStock } from './figures.ts';
import { instanceOf } from './instance.ts';
import { sourceOf } from './sources.ts';
import { there } from '../units/there.ts';

/** Lot of each sheet by its id, `null` of what is bought; job of each blank by its id. */
export type LotsAndJobs = { lots: Readonly<Record<string, string | null>>; jobs: Readonly<Record<string, string>> };

/** More of a lot is not filled with blanks. */
const FILLED = 0.9;

/** Whether lots could be mixed at all. */
export function mayMixLots({ sheets }: CuttingJob, { lots }: LotsAndJobs): boolean {
	const there = new Set(sheets.filter(({ count }) => count > 0).map(({ id }) => lots[id] ?? null));
	return [...there].some((lot) => lot !== null && lot !== '') && there.size > 1;
}

type Share = { sheets: SheetStock[]; jobs: string[]; room: number };
type Run = { plans: Generator<CuttingPlan | null, CuttingPlan, void>; plan: CuttingPlan; done: boolean };

/** As `cuttingPlans`; every job's blanks lie on sheets of one lot. */
export function* plansByLot(job: CuttingJob, which: LotsAndJobs, means: Means): Generator<CuttingPlan | null, CuttingPlan, void> {
	const { lots, bought } = sharesOf(job, which);
	for (const [name, area] of areasOf(job, which)) {
		const able = lots.filter(({ room }) => room >= area).sort((one, other) => one.room - other.room);
		const share = able[0] ?? bought;
		share.jobs.push(name);
		share.room -= area;
	}
	const runs = lots.flatMap((share) => runOf(job, which, means, share, bought) ?? []);
	runs.push(...(runOf(job, which, means, bought, null) ?? []));
	const fewest = areaBound(instanceOf(job)).sheets;
	const whole = (): CuttingPlan =>
		together(
			job,
			runs.map(({ plan }) => plan),
			fewest
		);
	yield whole();
	while (runs.some(({ done }) => !done))
		for (const run of runs) {
			if (run.done) continue;
			const { done, value } = run.plans.next();
			run.done = Boolean(done);
			if (value) run.plan = value;
			yield value ? whole() : null;
		}
	return whole();
}

/** Area that each job wants, the largest first. */
function areasOf(job: CuttingJob, which: LotsAndJobs): [job: string, area: number][] {
	const areas = new Map<string, number>();
	for (const blank of job.blanks) {
		const name = jobOf(blank, which);
		areas.set(name, (areas.get(name) ?? 0) + blank.width * blank.height * blank.count);
	}
	return [...areas].sort(([, one], [, other]) => other - one);
}

const jobOf = ({ id }: { id: string }, { jobs }: LotsAndJobs): string => jobs[id] ?? id;

/** A share for each lot, and one of what is bought. */
function sharesOf({ sheets }: CuttingJob, { lots }: LotsAndJobs): { lots: Share[]; bought: Share } {
	const shares = new Map<string | null, Share>();
	for (const sheet of sheets) {
		if (sourceOf(sheet.id)?.from === 'drop-out') continue;
		const lot = lots[sheet.id] ?? null;
		const share = shares.get(lot) ?? { sheets: [], jobs: [], room: 0 };
		share.sheets.push(sheet);
		share.room += sheet.width * sheet.height * sheet.count * FILLED;
		shares.set(lot, share);
	}
	const bought = shares.get(null) ?? { sheets: [], jobs: [], room: 0 };
	shares.delete(null);
	return { lots: [...shares.values()], bought };
}

/** The first plan of a lot; a job of which a blank finds no place on it leaves it whole. @param elsewhere where it goes then */
function runOf(job: CuttingJob, which: LotsAndJobs, means: Means, share: Share, elsewhere: Share | null): Run[] {
	while (share.jobs.length > 0) {
		const plans = cuttingPlans(jobOfShare(job, which, share), means);
		const { value } = plans.next();
		const plan = there(value, 'first plan');
		const out = new Set(plan.unplaced.map(({ blank }) => jobOf({ id: blank }, which)));
		if (out.size === 0 || !elsewhere) return [{ plans, plan, done: false }];
		elsewhere.jobs.push(...out);
		share.jobs = share.jobs.filter((name) => !out.has(name));
	}
	return [];
}

/** What falls out of a job's mats is of their lot. */
function jobOfShare(job: CuttingJob, which: LotsAndJobs, { sheets, jobs }: Share): CuttingJob {
	const drops = job.sheets.filter(({ id }) => {
		const source = sourceOf(id);
		return source?.from === 'drop-out' && jobs.includes(jobOf({ id: source.part }, which));
	});
	return { ...job, sheets: [...drops, ...sheets], blanks: job.blanks.filter((blank) => jobs.includes(jobOf(blank, which))) };
}

function together(job: CuttingJob, plans: readonly CuttingPlan[], fewest: number): CuttingPlan {
	const sum = (of: (plan: CuttingPlan) => number): number => plans.reduce((all, plan) => all + of(plan), 0);
	const used = {
		sheets: sum((plan) => plan.used.sheets),
		cost: sum((plan) => plan.used.cost),
		area: sum((plan) => plan.used.area)
	};
	const unplaced = plans.flatMap((plan) => plan.unplaced);
	const alike = new Set(job.sheets.filter(({ cost }) => cost > 0).map(({ cost }) => cost)).size <= 1;
	const proven = unplaced.length === 0 && (used.cost === 0 || (alike && used.sheets === fewest));
	const says = `${used.sheets === 1 ? '1 full sheet' : `${used.sheets} full sheets`}, each job from one lot${proven && used.sheets > 0 ? ', and fewer is impossible' : ''}.`;
	return {
		sheets: plans.flatMap((plan) => plan.sheets),
		unplaced,
		used,
		bound: { sheets: unplaced.length === 0 ? Math.min(fewest, used.sheets) : 0, says },
		proven
	};
}
