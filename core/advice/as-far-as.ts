/**
 * A job that can't be planned as it stands, opened all the same: what is at fault is laid aside until the rest can be planned, so that its
 * field can be shown beside the sentence that says what is wrong with it.
 */
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import type { Decided } from '../job/decided.ts';
import { attempt, type Attempt, type Fault } from '../job/faults.ts';
import { drop, keysOfPath, patched, valueAt } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { planDecided, type Plan } from '../plan.ts';
import type { Shop } from '../shop/shop.ts';
import type { Unit } from '../units/length.ts';
import { there } from '../units/there.ts';

type Planned = { job: Decided; plan: Plan };
export type AsFarAs = Planned & {
	/** Of the job as it stands; none where it can be planned. */
	faults: Fault[];
};

/** More than so many faults one behind the other are not walked through. */
const MOST_LAID_ASIDE = 12;

/** @returns the plan of the job, or of what is left of it without what is at fault, and the faults of the job as it stands */
export function asFarAs(file: JobFile, shop: Shop, reads?: Unit): AsFarAs {
	const plan = (one: JobFile): Attempt<Planned> =>
		attempt(() => {
			const job = decide(readJob(one), shop, reads);
			return { job, plan: planDecided(one, job, shop) };
		});
	const whole = plan(file);
	if (whole.ok) return { ...whole.gives, faults: [] };
	const { faults } = whole;
	let left: JobFile | null = without(file, faults);
	for (let aside = 1; left && aside <= MOST_LAID_ASIDE; aside += 1) {
		const next = plan(left);
		if (next.ok) return { ...next.gives, faults };
		left = without(left, next.faults);
	}
	const last = LAST_RESORTS.map((lay) => plan(lay(file))).find((one) => one.ok);
	return { ...there(last?.ok ? last.gives : undefined, 'empty job'), faults };
}

/** What says what kind of job it is stays as long as anything else can go. */
const STAYS = new Set(['format', 'version', 'unit', 'scope', 'piece', 'window']);

/** Without the first of the faulty places that the file has, or what holds it; null where it has none of them. */
function without(file: JobFile, faults: readonly Fault[]): JobFile | null {
	for (const { path } of faults) {
		for (let keys = keysOfPath(path); keys.length > 0; keys = keys.slice(0, -1)) {
			if (keys.length === 1 && STAYS.has(String(keys[0]))) break;
			if (valueAt(file, keys) !== undefined) return patched(file, drop(file, keys));
		}
	}
	return null;
}

/** Where a figure of the shop is at fault nothing of the file can go: then nothing is measured, and at last nothing is decided. */
const LAST_RESORTS: readonly ((file: JobFile) => JobFile)[] = [
	({ piece, window: _, mats: __, borders: ___, ...rest }) => ({ ...rest, piece: { ...piece, readings: {} } }),
	({ format, version, unit, scope }) => ({ format, version, ...(unit ? { unit } : {}), ...(scope ? { scope } : {}) }),
	() => ({ format: 'rare-keep/job', version: 1 })
];
