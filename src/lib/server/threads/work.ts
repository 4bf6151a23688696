/** What worker threads do: everything that may take longer than a request may hold up the others. Texts in, texts out. */
import { wallPiece, wallPieceOrFault, type WallPiece } from '../wall-piece.ts';
import { climateAnswer, type ClimateAnswer } from '$core/advice/climate-answer.ts';
import type { Held } from '$core/advice/on-shelf.ts';
import { readShelf } from '$core/shop/shelf.ts';
import type { SentEvent } from '../db/bench.ts';
import type { RoomYear } from '../db/rooms.ts';
import { isQuietSvg } from '../quiet-svg.ts';
import { readRoomFile, readRoomJson } from '../room-file.ts';
import { jsonOf } from '../validation/body.ts';
import { eventsOf } from '../validation/bench.ts';
import { checkClimate } from '../validation/climate.ts';
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { attempt, FaultError, type Attempt, type Fault } from '$core/job/faults.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import { touchedBy, type Touched } from '$core/advice/touched.ts';
import { shopFor, type Shop } from '$core/shop/shop.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import type { Unit } from '$core/units/length.ts';
import { factsOf, standingOf } from '../facts.ts';
import { planSteps } from '$core/views/bench/steps.ts';
import { toldSteps } from '$core/views/bench/told.ts';
import { takesOf, type StepTake } from '$core/views/bench/takes.ts';
import { nextOf } from '$core/views/bench/next.ts';
import { jobParts, partsOrFault, type JobParts } from '../job-parts.ts';
import { pieceOf, rackPiece, type RackPiece } from '../rack-piece.ts';
import type { Facts } from '../db/jobs.ts';
import { nth, there } from '$core/units/there.ts';

/** One piece of work and its answer, by name. */
export type Work = {
	/** The plan of a file with every remedy and reason, as JSON. */
	plan: { given: { file: JobFile; shop: WrittenShop }; gives: string };
	/** What lists need to know of a file that takes long to plan. */
	facts: { given: { file: JobFile; shop: WrittenShop; stands: string }; gives: Facts };
	/** How jobs stand, for a shop that has changed. */
	standings: { given: { files: JobFile[]; shop: WrittenShop }; gives: Pick<Facts, 'standing' | 'reached'>[] };
	/** Pieces as Today's rack shows them. */
	rack: { given: { jobs: { number: number; file: JobFile }[]; shop: WrittenShop; reads: Unit | null }; gives: RackPiece[] };
	/** The run of a file at the bench, as JSON. */
	steps: { given: { file: JobFile; shop: WrittenShop }; gives: string };
	/** What each step at the bench takes from stock. */
	takes: { given: { file: JobFile; shop: WrittenShop }; gives: StepTake[] };
	/** What jobs ask of full sheets; `tried`: with what lies ready for them. */
	parts: {
		given: { jobs: { number: number; file: JobFile }[]; shop: WrittenShop; held: readonly Held[]; tried: boolean };
		gives: JobParts[];
	};
	/** Jobs as they hang on a wall, or why they do not. */
	walled: { given: { jobs: { number: string; file: JobFile }[]; shop: WrittenShop }; gives: WallPiece[] };
	/** What a change of the shop's lists does to jobs. */
	touched: { given: { files: JobFile[]; before: WrittenShop; after: WrittenShop }; gives: (Touched | null)[] };
	/** The year of a pack in a room, as JSON. */
	climate: { given: { sent: Uint8Array; shop: WrittenShop }; gives: string };
	/** A logger's file, read. */
	room: { given: { csv: Uint8Array }; gives: Omit<RoomYear, 'name'> };
	/** A room that was sent as JSON. */
	roomJson: { given: { sent: Uint8Array }; gives: RoomYear };
	/** What a bench was away with: a long list of events. */
	events: { given: { sent: Uint8Array }; gives: SentEvent[] };
	/** Whether an SVG is of shapes alone. */
	quietSvg: { given: { bytes: Uint8Array }; gives: boolean };
};
export type WorkName = keyof Work;
export type Task = { [Name in WorkName]: { name: Name; given: Work[Name]['given'] } }[WorkName];
export type Done<Name extends WorkName> = { ok: true; gives: Work[Name]['gives'] } | { ok: false; faults: Fault[] };

const WORK: { [Name in WorkName]: (given: Work[Name]['given']) => Work[Name]['gives'] } = {
	plan: ({ file, shop }) => JSON.stringify(planned(file, shopOf(shop)).plan),
	facts: ({ file, shop, stands }) => {
		const { job, plan } = planned(file, shopOf(shop));
		return factsOf(file, job, plan, shopOf(shop), stands);
	},
	standings: ({ files, shop }) =>
		files.map((file): Pick<Facts, 'standing' | 'reached'> => {
			const made = tried(() => planned(file, shopOf(shop)));
			return made.ok
				? { standing: standingOf(nextOf(made.gives.plan, made.gives.job.scope)), reached: made.gives.plan.grade.reached }
				: { standing: 'stopped', reached: null };
		}),
	rack: ({ jobs, shop, reads }) =>
		jobs.map(({ number, file }) =>
			rackPiece(
				number,
				file,
				tried(() => pieceOf(number, file, shopOf(shop), reads))
			)
		),
	steps: ({ file, shop }) => {
		const own = shopOf(shop);
		const { job, plan } = planned(file, own);
		return JSON.stringify(toldSteps({ file, job, plan, shop: shopFor(own, job.cutIn) }));
	},
	takes: ({ file, shop }) => {
		const own = shopOf(shop);
		const { job, plan } = planned(file, own);
		return takesOf({ file, job, plan, shop: shopFor(own, job.cutIn) }, planSteps(job, plan, own));
	},
	parts: ({ jobs, shop, held, tried: tryShelf }) => {
		const read = readShelf(shop.shelf);
		const ready = { shelf: read.ok ? read.items : [], held, tried: tryShelf };
		return jobs.map(({ number, file }) =>
			partsOrFault(
				number,
				file,
				tried(() => jobParts(number, file, shopOf(shop), ready))
			)
		);
	},
	walled: ({ jobs, shop }) =>
		jobs.map(({ number, file }) =>
			wallPieceOrFault(
				number,
				file,
				tried(() => wallPiece(number, file, shopOf(shop)))
			)
		),
	touched: ({ files, before, after }) =>
		files.map((file) => {
			const made = tried(() => touchedBy(file, shopOf(before), shopOf(after)));
			return made.ok ? made.gives : { changes: [`can’t be planned: ${nth(made.faults, 0).says}`], was: null, becomes: null };
		}),
	climate: ({ sent, shop }) => JSON.stringify(climateOf(sent, shopOf(shop))),
	room: ({ csv }) => readRoomFile(csv),
	roomJson: ({ sent }) => readRoomJson(sent),
	events: ({ sent }) => {
		const read = eventsOf(sent);
		if (!read.ok) throw new FaultError(read.faults);
		return read.value;
	},
	quietSvg: ({ bytes }) => isQuietSvg(new TextDecoder().decode(bytes))
};

/** @returns what the work gives, or the faults of what was given; anything else that is thrown is a defect */
export default function work({ name, given }: Task): Done<WorkName> {
	try {
		return { ok: true, gives: WORK[name](given as never) };
	} catch (error) {
		if (error instanceof FaultError) return { ok: false, faults: error.faults };
		throw error;
	}
}

/** Of a job file and a room as they were sent. @throws FaultError of both, with their paths */
function climateOf(sent: Uint8Array, shop: Shop): ClimateAnswer {
	const read = jsonOf(sent);
	if (!read.ok) throw new FaultError(read.faults);
	const checked = checkClimate(read.body);
	if (!checked.ok) throw new FaultError(checked.faults);
	try {
		return climateAnswer(checked.request, shop);
	} catch (error) {
		if (!(error instanceof FaultError)) throw error;
		throw new FaultError(error.faults.map(({ path, says }) => ({ path: path.startsWith('pack') ? path : `pack.${path}`, says })));
	}
}

/** One of several: what fails at one is written down, and the others go on. */
function tried<T>(work: () => T): Attempt<T> {
	return attempt(work, (error) => console.error(error));
}

function planned(file: JobFile, shop: Shop) {
	const job = decide(readJob(file), shop);
	return { job, plan: planDecided(file, job, shop) };
}

/** Shops by what was written; the last few, since most work is for the one that stands. */
const shops = new Map<string, Shop>();
const MOST_SHOPS = 4;

function shopOf(written: WrittenShop): Shop {
	const key = JSON.stringify(written);
	const known = shops.get(key) ?? shopFrom(written);
	shops.set(key, known);
	if (shops.size > MOST_SHOPS) shops.delete(there(shops.keys().next().value, 'value'));
	return known;
}
