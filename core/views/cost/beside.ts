/** The same job at another grade, with what it costs there (handbook cut#cost). */
import { cheaperAt, aimedAt } from '../../advice/cheaper.ts';
import { cheapestTo } from '../../advice/cheapest.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { patched, type Operation } from '../../job/patch.ts';
import { readJob } from '../../job/read.ts';
import { planDecided } from '../../plan.ts';
import type { Finding } from '../../rule/rule.ts';
import { GRADES, type Grade } from '../../shop/grades.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Unit } from '../../units/length.ts';
import { nth } from '../../units/there.ts';
import { costOf, type Cost } from './cost.ts';
import type { Planned } from './materials.ts';

export type Offer = {
	grade: Grade;
	patch: Operation[];
	/** What differs from the job as it stands. */
	changes: string[];
	/** Cautions that come with it and that the job as it stands does not have. */
	cautions: string[];
	/** Its own outer size, in mm; null while there is no frame. */
	outer: { width: number; height: number } | null;
	cost: Cost;
};
export type NoOffer = { grade: Grade; barredBy: string };

export type Asked = { file: JobFile; shop: Shop; reads?: Unit; waste?: Readonly<Record<string, number>> };

export function plannedWith({ file, shop, reads }: Asked): Planned {
	const job = decide(readJob(file), shop, reads);
	return { file, job, plan: planDecided(file, job, shop), shop };
}

/**
 * @param cheap takes the cheapest material that the grade admits in each place; else the job's own as far as they reach it
 * @returns the job at that grade, or the rule that no change of materials satisfies
 */
export function offerAt(asked: Asked, grade: Grade, cheap: boolean): Offer | NoOffer {
	const aim = aimedAt(asked.file, grade);
	const aimed = patched(asked.file, aim);
	const set = cheapestTo(aimed, asked.shop, grade, asked.reads);
	if ('barredBy' in set) return { grade, barredBy: set.barredBy };
	const reached = patched(aimed, set.patch);
	const cheaper = cheap ? cheaperAt(reached, asked.shop, grade, asked.reads) : { patch: [], changes: [] };
	const replaced = new Set(cheaper.changes.map(placeOf));
	return offerOf(
		asked,
		grade,
		[...aim, ...set.patch, ...cheaper.patch],
		[...set.changes.map(({ label }) => label).filter((label) => !replaced.has(placeOf(label))), ...cheaper.changes]
	);
}

const nameOf = ({ rule, where }: Finding): string => `${rule} ${where}`;

/** Of `Clear glass, glazing` the place. */
const placeOf = (label: string): string => nth(label.split(', ').slice(-1), 0);

export function offerOf(asked: Asked, grade: Grade, patch: Operation[], changes: string[]): Offer {
	const planned = plannedWith({ ...asked, file: patched(asked.file, patch) });
	const had = new Set(plannedWith(asked).plan.findings.map(nameOf));
	const cautions = planned.plan.findings.filter((finding) => finding.severity === 'caution' && !had.has(nameOf(finding)));
	return {
		grade,
		patch,
		changes,
		cautions: cautions.map(({ says }) => says),
		outer: planned.plan.frame?.outer ?? null,
		cost: costOf(planned, asked.waste)
	};
}

/** The job at every grade but the one that it reaches: above it as little as it takes, below it as cheap as the grade admits. */
export function otherGrades(asked: Asked): (Offer | NoOffer)[] {
	const { job, plan } = plannedWith(asked);
	const now = GRADES.indexOf(plan.grade.reached ?? job.aim);
	return GRADES.flatMap((grade, at) => (at === now ? [] : [offerAt(asked, grade, at > now)]));
}
