/** What an open job asks of full sheets, as Cutting lists it. */
import { onShelf, type Fit, type Held, type OnShelf } from '$core/advice/on-shelf.ts';
import { decide } from '$core/decide.ts';
import { claimed } from '$core/job/claims.ts';
import type { Attempt } from '$core/job/faults.ts';
import type { JobFile } from '$core/job/definition.ts';
import { showJobNumber } from '$core/job/number.ts';
import { readJob } from '$core/job/read.ts';
import type { ThingWanted } from '$core/nesting/short.ts';
import { takenBy } from '$core/views/cost/materials.ts';
import { boughtByName } from '$core/views/cost/by-name.ts';
import { dropOutsOf } from '$core/nesting/drop-outs.ts';
import { thingsOf } from '$core/nesting/items.ts';
import { partsWanted, type PartWanted } from '$core/nesting/parts.ts';
import { planDecided } from '$core/plan.ts';
import type { ShelfItem } from '$core/shop/shelf.ts';
import type { Shop } from '$core/shop/shop.ts';
import { lineName } from '$core/stations/cut/material-name.ts';
import { nth } from '$core/units/there.ts';

export type JobParts = {
	number: string;
	title: string;
	/** Something forbids the work: its sizes may still change. */
	stopped: boolean;
	parts: PartWanted[];
	/** What lies ready on the shelf and fits, where it takes nothing from there yet: nothing need be cut for it, or less. */
	shelf: { name: string; fits: Exclude<Fit, 'no'> }[];
	/** What it takes from the shelf. */
	taken: string[];
	/** Hardware, wire and tapes that it takes. */
	things: ThingWanted[];
	/** Why it can't be planned: it is left out, by name. Null where it can. */
	fault: string | null;
};

/** A job that can't be planned asks nothing, and is named. */
export function partsOrFault(number: number, file: JobFile, made: Attempt<JobParts>): JobParts {
	if (made.ok) return made.gives;
	return {
		number: showJobNumber(number),
		title: (file.title ?? file.piece?.title) || 'New piece',
		stopped: true,
		parts: [],
		shelf: [],
		taken: [],
		things: [],
		fault: nth(made.faults, 0).says
	};
}

export type ReadyThings = { shelf: readonly ShelfItem[]; held: readonly Held[]; /** Says what of it fits. */ tried: boolean };

export function jobParts(number: number, file: JobFile, shop: Shop, ready: ReadyThings): JobParts {
	const job = decide(readJob(file), shop);
	const plan = planDecided(file, job, shop);
	const shown = showJobNumber(number);
	const moulding = file.frame?.moulding;
	const parts = partsWanted(shown, plan.cut, lineName, (cut) => dropOutsOf(cut, job, plan));
	const taken = job.claims.flatMap((claim) => claimed(claim, ready.shelf) ?? []);
	// Rails are cut from the frame or the stick that it takes; other sticks, as of a spacer, are not.
	const ofStick = taken.some(({ kind }) => kind !== 'mat');
	const holds = { held: ready.held, by: shown };
	const counted = new Set(thingsOf(shop).map(({ id }) => id));
	const things = takenBy({ file, job, plan, shop }).filter(({ material, unit }) => unit !== 'm2' && counted.has(material));
	return {
		number: shown,
		title: (file.title ?? file.piece?.title) || 'New piece',
		stopped: !plan.fits || plan.findings.some(({ severity, of }) => severity === 'stop' && of !== 'place'),
		fault: null,
		taken: taken.map(({ name }) => name),
		shelf:
			job.frameIsThere || !ready.tried || taken.length > 0 ? [] : fitting(onShelf(file, { job, plan }, shop, ready.shelf, holds)),
		things: [...things, ...boughtByName({ file, job, plan, shop })].map(({ material, amount }) => ({
			job: shown,
			material,
			amount
		})),
		// A rail is cut from its moulding, whatever that is called in the reader's unit.
		parts: parts
			.filter(({ material }) => material !== job.frame?.name || !ofStick)
			.map((part) => (moulding && part.material === job.frame?.name ? { ...part, material: moulding } : part))
	};
}

/** Frames and mats; a stick on the shelf is cut in any case. */
function fitting(tried: readonly OnShelf[]): JobParts['shelf'] {
	return tried.flatMap(({ item, fits }) => (fits === 'no' || item.kind === 'stick' ? [] : [{ name: item.name, fits }]));
}
