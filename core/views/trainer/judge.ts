/** The trainer's judge: whether the fault is gone, by the same rules, interlocks and checks that every job and every bench goes by. */
import { RULES } from '../../judge/rules.ts';
import { readJob } from '../../job/read.ts';
import type { JobFile } from '../../job/definition.ts';
import { decide } from '../../decide.ts';
import { planDecided } from '../../plan.ts';
import { shopFor, type Shop } from '../../shop/shop.ts';
import type { Finding } from '../../rule/rule.ts';
import { folded, type Deed, type Run, type RunEvent } from '../bench/run.ts';
import { planSteps } from '../bench/steps.ts';
import type { Made, TrainerCase } from './case.ts';
import { runFaults, type RunFault } from './run-faults.ts';

export type Line = {
	says: string;
	why?: string;
	/** It is put right. */ settled?: true;
	/** A rule, to be read about. */ rule?: string;
};
export type Judged = {
	solved: boolean;
	/** The fault with its reason: once it is put right, or when it was asked for. */
	fault: Line[];
	/** What keeps it from being right beside the fault. */
	also: Line[];
};

export function madeOf(file: JobFile, shop: Shop): Made {
	const job = decide(readJob(file), shop);
	const plan = planDecided(file, job, shop);
	return { file, job, plan, shop: shopFor(shop, job.cutIn), steps: planSteps(job, plan, shop) };
}

/** @param tell the fault is told though it is still there */
export function judgeCase(of: TrainerCase, file: JobFile, run: Run, shop: Shop, tell: boolean): Judged {
	const now = madeOf(file, shop);
	const began = madeOf(of.job, shop);
	const also = changedFacts(of, now, shop);
	const judged = 'rule' in of.fault ? judgePlan(of.fault.rule, now, began) : judgeRun(of.fault.done, run, now, began);
	const solved = judged.isGone && also.length === 0 && judged.also.length === 0;
	return {
		solved,
		fault: judged.isGone ? judged.fault.map((line) => ({ ...line, settled: true as const })) : tell ? judged.fault : [],
		also: [...also, ...judged.also]
	};
}

const MINUTE_MS = 60_000;

type Half = { isGone: boolean; fault: Line[]; also: Line[] };

function judgePlan(rule: string, now: Made, began: Made): Half {
	const found = ({ plan }: Made): Finding[] => plan.findings.filter((one) => one.rule === rule);
	const known = RULES.find(({ id }) => id === rule);
	const there = found(now);
	// A caution that was accepted is still there: nothing was put right.
	const fault = (there.length > 0 ? there : found(began)).map(({ says, why }): Line => ({
		says,
		why: known?.fixes ? `${why} Fix: ${lowered(known.fixes)}` : why,
		rule
	}));
	// What was knowingly accepted beside it is its framer's to say.
	const others = now.plan.findings.filter((one) => one.severity !== 'note' && !one.accepted && one.rule !== rule);
	return {
		isGone: there.length === 0,
		fault,
		also: [
			...others.map(({ says, why, rule: other }): Line => ({ says, why, rule: other })),
			...now.plan.open.map(({ station, needs }): Line => ({ says: `${station}: it needs ${needs}.` }))
		]
	};
}

const lowered = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

function judgeRun(done: (made: Made) => Deed[], run: Run, now: Made, began: Made): Half {
	const built = runFaults(folded(eventsOf(done(began))), began);
	const wrong = new Set(built.map(({ step }) => step));
	const found = runFaults(run, now);
	const there = found.filter(({ step }) => wrong.has(step));
	return {
		isGone: there.length === 0,
		fault: (there.length > 0 ? there : built).map(asLine),
		also: found.filter(({ step }) => !wrong.has(step)).map(asLine)
	};
}

const asLine = ({ says, why }: RunFault): Line => ({ says, why });

/** What was done before a case is played, each a minute after the one before. */
function eventsOf(deeds: readonly Deed[]): RunEvent[] {
	return deeds.map((deed, at) => ({ ...deed, id: String(at), at: at * MINUTE_MS, by: '' }));
}

type Piece = Made['job']['piece'];
/** What a piece is, and what of it a fault could be talked away with. */
const FACTS: [name: string, of: (piece: Piece) => unknown][] = [
	['kind of piece', ({ kind, material }) => [kind, material]],
	['media', ({ media }) => media.map(({ id }) => id)],
	['measurements', ({ readings }) => readings],
	['thickness', ({ thickness, relief }) => [thickness, relief]],
	['zones', ({ zones }) => zones.map(({ kind, left, top, width, height }) => [kind, left, top, width, height])],
	['friable or not', ({ friable }) => friable],
	['travels or not', ({ travels }) => travels],
	['replaceable or not', ({ replaceable }) => replaceable],
	['paper weight', ({ grammage }) => grammage]
];

/** A piece is what it is: a fault does not go away by writing down another one. */
function changedFacts(of: TrainerCase, now: Made, shop: Shop): Line[] {
	const truly = madeOf({ ...of.job, ...(of.truth ? { piece: of.truth } : {}) }, shop);
	const isOther = (one: unknown, other: unknown): boolean => JSON.stringify(one) !== JSON.stringify(other);
	return [
		...FACTS.filter(([, fact]) => isOther(fact(now.job.piece), fact(truly.job.piece))).map(([name]): Line => ({
			says: `It does not match the piece: ${name}.`,
			why: 'Measurements of the piece must stay as taken.'
		})),
		...(now.job.aim === truly.job.aim
			? []
			: [{ says: 'The target grade is not the one given.', why: 'The grade is the owner’s choice.' }])
	];
}
