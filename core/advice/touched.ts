/** What a change of the shop does to a job: which of its figures are others than before. */
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { attempt, FaultError } from '../job/faults.ts';
import { readJob } from '../job/read.ts';
import { planDecided, type Plan } from '../plan.ts';
import { usedMaterials } from '../stations/guard/used.ts';
import { packagePrice } from './price.ts';
import type { Size } from '../geometry/shapes.ts';
import { showMoney, showNumber, showSize } from '../units/show.ts';
import { type Grade, GRADE_NAMES } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import type { Decided } from '../job/decided.ts';
import { nth } from '../units/there.ts';

export type Touched = {
	/** `grade Rare → Keep`, `pack 11 → 12.5 mm`; none when a changed material is used and nothing comes out otherwise. */
	changes: string[];
	was: Grade | null;
	becomes: Grade | null;
};

/** Null when the job uses none of the materials that differ between the two shops, and comes out as before. */
export function touchedBy(file: JobFile, before: Shop, after: Shop): Touched | null {
	const wasPlanned = attempt(() => planOf(file, before));
	if (!wasPlanned.ok) {
		// It could not be planned before either: it is named where it can be now.
		const nowPlanned = attempt(() => planOf(file, after));
		return nowPlanned.ok ? { changes: ['can be planned now'], was: null, becomes: nowPlanned.gives.plan.grade.reached } : null;
	}
	const { job, plan: then } = wasPlanned.gives;
	const differs = usedMaterials(job).some(
		({ list, material: { id } }) => JSON.stringify(before[list][id]) !== JSON.stringify(after[list][id])
	);
	try {
		const { job: next, plan: now } = planOf(file, after);
		const changes = compare({ job, plan: then }, { job: next, plan: now });
		if (!differs && changes.length === 0) return null;
		return { changes, was: then.grade.reached, becomes: now.grade.reached };
	} catch (error) {
		if (!(error instanceof FaultError)) throw error;
		return { changes: [`can’t be planned: ${nth(error.faults, 0).says}`], was: then.grade.reached, becomes: null };
	}
}

function planOf(file: JobFile, shop: Shop): Planned {
	const job = decide(readJob(file), shop);
	return { job, plan: planDecided(file, job, shop) };
}

/** Where figures may be others though none of the above is. */
const STATIONS: readonly { name: string; of: (plan: Plan) => unknown }[] = [
	{ name: 'Window', of: ({ window }) => window },
	{ name: 'Guard', of: ({ pack }) => pack },
	{ name: 'Hold', of: ({ hold }) => hold },
	{ name: 'Frame', of: ({ frame }) => frame },
	{ name: 'Cut', of: ({ cut }) => cut },
	{ name: 'Back', of: ({ back }) => back },
	{ name: 'Wall', of: ({ hang }) => hang }
];

type Planned = { job: Decided; plan: Plan };
function compare(before: Planned, after: Planned): string[] {
	const changes: string[] = [];
	const add = (name: string, one: string, other: string) => {
		if (one !== other) changes.push(`${name} ${one} → ${other}`);
	};
	const grade = (plan: Plan) => (plan.grade.reached ? GRADE_NAMES[plan.grade.reached] : 'none');
	add('grade', grade(before.plan), grade(after.plan));
	const size = (of: Size | undefined) => (of ? showSize(of, 'mm') : '–');
	add('window', size(before.plan.window?.opening), size(after.plan.window?.opening));
	add('pack size', size(before.plan.window?.pack), size(after.plan.window?.pack));
	add('outer size', size(before.plan.frame?.outer), size(after.plan.frame?.outer));
	const mm = (value: number | undefined) => (value === undefined ? '–' : `${showNumber(value, 1)} mm`);
	add('pack depth', mm(before.plan.pack?.thickness), mm(after.plan.pack?.thickness));
	add('gap over the piece', mm(before.plan.pack?.gap), mm(after.plan.pack?.gap));
	const kg = (plan: Plan) => (plan.mass ? `${showNumber(plan.mass.kg)} kg` : '–');
	add('weight', kg(before.plan), kg(after.plan));
	const years = (plan: Plan) => (plan.light?.years ? `${showNumber(plan.light.years, 1)} years` : '–');
	add('to a visible fade', years(before.plan), years(after.plan));
	const days = (plan: Plan) => (plan.climate ? `${showNumber(plan.climate.halfDays, 1)} days` : '–');
	add('to halfway humidity', days(before.plan), days(after.plan));
	const price = ({ job, plan }: Planned) => {
		const found = packagePrice(job, plan);
		return found ? showMoney(found.cents, '') : '–';
	};
	add('materials', price(before), price(after));
	const named = changes.length > 0;
	for (const { name, of } of STATIONS)
		if (!named && JSON.stringify(of(before.plan)) !== JSON.stringify(of(after.plan))) changes.push(`other figures at ${name}`);
	const ids = (plan: Plan) => new Set(plan.findings.map(({ rule, where }) => `${rule} ${where}`));
	const [old, fresh] = [ids(before.plan), ids(after.plan)];
	for (const { rule, where, says } of after.plan.findings)
		if (!old.has(`${rule} ${where}`)) changes.push(`new: ${says.replace(/\.$/, '')}`);
	for (const { rule, where, says } of before.plan.findings)
		if (!fresh.has(`${rule} ${where}`)) changes.push(`gone: ${says.replace(/\.$/, '')}`);
	return changes;
}
