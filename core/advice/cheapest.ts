/**
 * The cheapest set of changes that brings a package to a grade (handbook guard#cheapest): found by search over the catalogue.
 *
 * Each stop of the grade can be fixed in a few ways: another material in its place, a material before it, or the rule's own remedy.
 * The search takes the stops one after the other, the cheaper way first, and leaves a branch as soon as it costs more than the best
 * set found so far.
 */
import type { Context } from '../rule/rule.ts';
import { stopsAt, type StopFound } from '../judge/judge.ts';
import { decide } from '../decide.ts';
import type { Unit } from '../units/length.ts';
import type { JobFile } from '../job/definition.ts';
import { FaultError } from '../job/faults.ts';
import { patched, type Operation } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { planFigures } from '../plan.ts';
import type { Grade } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import type { Stocked } from '../shop/stocked.ts';
import { packagePrice } from './price.ts';
import { SLOTS, slotsOf, whereOfSlot, type Slot, type SlotName } from './slots.ts';
import type { Figures } from '../figures.ts';
import type { Decided } from '../job/decided.ts';
import { known, nth, there } from '../units/there.ts';

export type CheapestSet = {
	grade: Grade;
	changes: { label: string; cents: number }[];
	/** Cents more than now, by the shop's prices; negative where it gets cheaper. */
	cents: number;
	/** All changes as one: one press, one undo step. */
	patch: Operation[];
	/** It still fits its frame as it does now. */
	fits: boolean;
	/** False when the search was cut short: there may be a cheaper set. */
	proven: boolean;
};
/** What no change of materials fixes. */
export type Barred = { grade: Grade; barredBy: string };

export type State = {
	file: JobFile;
	job: Decided;
	figures: Figures;
	cents: number;
	stops: StopFound[];
	fit: number;
	cautions: number;
};
/** A change that might fix a stop, with what it adds to the price, as far as that is known before it is planned. */
type Way = { label: string; patch: Operation[]; cents: number };
type Step = { label: string; next: State; patch: Operation[] };
type Found = { steps: Step[]; state: State };

/** States looked at before the search settles for the best so far. */
const MOST_STATES = 44;
const MOST_STEPS = 12;
/** Places whose stop goes by its own remedy alone. */
const ALONE = ['back.seal', 'schools.hang-from'];

/**
 * @param file a job that can be planned
 * @param reads the unit of its labels; the job's own unless given
 * @returns the set (without changes when the grade is reached already), or the rule that stands in the way
 */
export function cheapestTo(file: JobFile, shop: Shop, grade: Grade, reads?: Unit): CheapestSet | Barred {
	const start = there(stateOf(file, shop, grade, reads), 'state of');
	const context = { file, job: start.job, shop, plan: start.figures, grade };
	const hopeless = start.stops.find((stop) => slotsFor(context, stop.where).length === 0 && !stop.remedies?.length);
	if (hopeless) return { grade, barredBy: hopeless.rule };
	// A set after which it still fits goes before a cheaper one after which it does not.
	for (const mayUnfit of [false, true]) {
		const search = new Search(shop, grade, start, mayUnfit);
		search.from(start, [], new Set());
		if (search.best) return setOf(search.best, start, grade, search.cutShort);
		if (mayUnfit) return { grade, barredBy: search.barredBy ?? nth(start.stops, 0).rule };
	}
	throw new Error('Both searches end with a return.');
}

function setOf({ steps, state }: Found, start: State, grade: Grade, cutShort: boolean): CheapestSet {
	return {
		grade,
		changes: steps.map(({ label, next }, index) => ({ label, cents: next.cents - (steps[index - 1]?.next ?? start).cents })),
		cents: state.cents - start.cents,
		patch: steps.flatMap(({ patch }) => patch),
		fits: state.fit <= start.fit,
		proven: !cutShort
	};
}

class Search {
	best: Found | null = null;
	barredBy: string | null = null;
	cutShort = false;
	#looked = 0;
	readonly #start: State;
	readonly #shop: Shop;
	readonly #grade: Grade;
	readonly #mayUnfit: boolean;

	constructor(shop: Shop, grade: Grade, start: State, mayUnfit: boolean) {
		this.#shop = shop;
		this.#grade = grade;
		this.#start = start;
		this.#mayUnfit = mayUnfit;
	}

	/** @param fixed stops that were fixed on the way here; they may not come back */
	from(state: State, steps: Step[], fixed: ReadonlySet<string>): void {
		const [stop] = state.stops;
		if (!stop) {
			if (!this.best || this.#costOf({ steps, state }) < this.#costOf(this.best)) this.best = { steps, state };
			return;
		}
		if (steps.length >= MOST_STEPS) return;
		const gone = new Set([...fixed, nameOf(stop)]);
		const rest = this.#leastToCome(state, stop.where);
		// Which back it is, its thickness and mass, may decide what else goes.
		const mayMatterLater = slotsFor(this.#contextOf(state), stop.where).length > 1;
		let passable = false;
		for (const way of this.#waysOut(state, stop)) {
			if (this.best && this.#cost(state.cents + way.cents + rest, steps.length + 1) >= this.#costOf(this.best)) continue;
			if (this.#looked >= MOST_STATES) {
				this.cutShort = true;
				return;
			}
			this.#looked += 1;
			const next = stateOf(patched(state.file, way.patch), this.#shop, this.#grade, this.#start.job.reader.unit);
			if (!next || next.stops.some((one) => gone.has(nameOf(one)))) continue;
			if (!this.#mayUnfit && next.fit > this.#start.fit) continue;
			passable = true;
			this.from(next, [...steps, { label: way.label, next, patch: way.patch }], gone);
			// Nothing else came of it: a dearer one would fix no more. Only a thicker mat may give the air that is wanting too.
			const nothingNew =
				next.cautions <= state.cautions &&
				next.stops.length < state.stops.length &&
				next.stops.every((one) => isAmong(one, state.stops));
			const airWanting = /^mats/.test(stop.where) && state.stops.some(({ rule }) => rule === 'gap.small');
			const placeIsFixed = next.stops.every((one) => one.where !== stop.where);
			if (nothingNew && placeIsFixed && !airWanting && !mayMatterLater) break;
		}
		if (!passable && !this.best) this.barredBy ??= stop.rule;
	}

	/** Changes that might fix it, cheapest first: materials for its place and, of a back, for what lies before it; else the rule's remedies. */
	#waysOut(state: State, stop: StopFound): Way[] {
		const context = this.#contextOf(state);
		const slots = slotsFor(context, stop.where);
		if (slots.length === 0) return (stop.remedies ?? []).map(({ label, patch }) => ({ label, patch, cents: 0 }));
		const ways = slots.flatMap((slot) => {
			const { options, chosen } = SLOTS[slot.name];
			const held = chosen(context, slot.index ?? 0);
			const list = PRICED[slot.name];
			return options(context, slot.index ?? 0)
				.filter(({ id }) => id !== held && id !== 'none' && mayStand(context, slot, id))
				.map(({ id, name, patch }) => ({
					label: labelOf(slot, id, name),
					patch,
					cents: this.#difference(state, slot, held, id),
					like: `${slot.name} ${list && id !== null ? likeness(there(this.#shop[list][id], 'material')) : id}`
				}));
		});
		ways.sort((one, other) => one.cents - other.cents);
		// Of materials that differ in name and price alone, the cheapest does.
		const seen = new Set<string>();
		return ways.filter(({ like }) => !seen.has(like) && seen.add(like));
	}

	/** What one material costs more than another in this place, so that cheaper ones come first; 0 where a package has no price of it. */
	#difference({ figures }: State, slot: Slot, from: string | null, to: string | null): number {
		const list = PRICED[slot.name];
		if (!list || !figures.window) return 0;
		const { width, height } = figures.window.pack;
		const amount = list === 'edgeSeals' ? (figures.back?.edgeSeal?.length ?? 0) / 1000 : (width * height) / 1e6;
		const priceOf = (id: string | null) => (id === null ? 0 : (this.#shop[list][id]?.pricePerM2 ?? 0));
		return Math.floor((priceOf(to) - priceOf(from)) * amount);
	}

	/** Of every other place that holds a stop: the cheapest material that may stand there, less the one that does, and the change itself. */
	#leastToCome(state: State, except: string): number {
		const context = this.#contextOf(state);
		let sum = 0;
		for (const where of new Set(state.stops.map((stop) => stop.where))) {
			const [slot, ...others] = slotsFor(context, where);
			const list = slot && PRICED[slot.name];
			if (where === except) continue;
			if (!slot || !list) {
				// What no material fixes may go with another change; a tape, an adhesive, a seal of its own never does.
				if (slot || ALONE.includes(where)) sum += this.#shop.house.changeCents;
				continue;
			}
			const held = SLOTS[slot.name].chosen(context, slot.index ?? 0);
			const candidates = Object.keys(this.#shop[list]).filter((id) => id !== held && mayStand(context, slot, id));
			const least = Math.min(...candidates.map((id) => this.#difference(state, slot, held, id)));
			// A back may be fixed from before it, for nothing.
			if (others.length > 0) sum += Math.min(0, Number.isFinite(least) ? least : 0);
			else sum += (Number.isFinite(least) ? least : 0) + this.#shop.house.changeCents;
		}
		return sum;
	}

	/** What materials cost, and what the work of each change is worth. */
	#cost(cents: number, changes: number): number {
		return cents + changes * this.#shop.house.changeCents;
	}

	/** A caution that it leaves behind weighs too: the cheapest back is none at all. */
	#costOf({ steps, state }: Found): number {
		const left = Math.max(0, state.cautions - this.#start.cautions);
		return this.#cost(state.cents, steps.length) + left * this.#shop.house.cautionCents;
	}

	#contextOf(state: State): Context {
		return { file: state.file, job: state.job, shop: this.#shop, plan: state.figures, grade: this.#grade };
	}
}

function isAmong(stop: StopFound, stops: StopFound[]): boolean {
	return stops.some((one) => nameOf(one) === nameOf(stop));
}

function nameOf({ rule, where }: StopFound): string {
	return `${rule} ${where}`;
}

/** A job planned and judged at a grade; null where it can't be planned. */
export function stateOf(file: JobFile, shop: Shop, grade: Grade, reads: Unit | undefined): State | null {
	try {
		const job = decide(readJob(file), shop, reads);
		const figures = planFigures(job, shop);
		const { safety, fit, cautions } = stopsAt({ file, job, shop, plan: figures, grade });
		// What has to dry is no matter of materials.
		const stops = safety.filter(({ rule }) => rule !== 'ready.not-dry');
		const context = { file, job, shop, plan: figures, grade };
		// A back can be fixed in several ways, and decides what else is asked; what a change of figures fixes comes last.
		const turn = (stop: StopFound) => nth([2, 1, 2, 0], slotsFor(context, stop.where).length);
		stops.sort((one, other) => turn(one) - turn(other));
		return { file, job, figures, cents: packagePrice(job, figures)?.cents ?? 0, stops, fit, cautions };
	} catch (error) {
		if (error instanceof FaultError) return null;
		throw error;
	}
}

/** Where a stop can be fixed: in its own place, a back also from before it. */
function slotsFor({ job }: Context, where: string): Slot[] {
	const own = [...slotsOf({ job }), { name: 'adhesive' as const }, { name: 'join' as const }].find(
		(slot) => whereOfSlot(slot) === where
	);
	if (where === 'guard.backing') return [{ name: 'backing' }, { name: 'barrier' }, { name: 'under-mat' }];
	return own ? [own] : [];
}

/** Lists whose materials a package is priced by: by the pack's area, an edge seal by its length. */
const PRICED: Partial<Record<SlotName, 'glazings' | 'boards' | 'barriers' | 'edgeSeals'>> = {
	glazing: 'glazings',
	mat: 'boards',
	support: 'boards',
	'under-mat': 'boards',
	filler: 'boards',
	barrier: 'barriers',
	backing: 'boards',
	'edge-seal': 'edgeSeals'
};

const NO_FIGURES = ['id', 'name', 'pricePerM2', 'sources', 'own'];
const LIKENESS = new WeakMap<Stocked, string>();

/** The same for materials that nothing but name, price and sources tells apart. */
function likeness(material: Stocked): string {
	const known = LIKENESS.get(material);
	if (known !== undefined) return known;
	const figures = Object.entries(material).filter(([key, value]) => !NO_FIGURES.includes(key) && value !== false);
	const like = JSON.stringify(figures.sort(([one], [other]) => (one < other ? -1 : 1)));
	LIKENESS.set(material, like);
	return like;
}

/** A quick look at a material's own grade, so that hopeless ones are not planned. */
export function mayStand({ shop, grade, job, plan }: Context, { name }: Slot, id: string | null): boolean {
	// Nothing that protects the piece is taken away to reach a grade; a seal without glazing protects nothing.
	if (id === null) return name === 'filler' || (name === 'edge-seal' && job.guard.glazing.family === 'none');
	const reaches = { rare: ['rare'], keep: ['rare', 'keep'], show: ['rare', 'keep', 'show'] }[grade];
	if (name === 'backing') {
		const { backing, backingBehindBoard, unknown, woodFibre, stiff } = known(shop.boards, id);
		if (unknown.length > 0 || (woodFibre && !job.guard.barrier)) return false;
		// A back that bends is never offered, at any grade.
		if (stiff === false || (typeof stiff === 'number' && longestOf(plan) > stiff)) return false;
		return reaches.includes(backing) || reaches.includes(backingBehindBoard ?? 'never');
	}
	if (name === 'filler') {
		const { touch, unknown, woodFibre, backing, backingBehindBoard } = known(shop.boards, id);
		const shielded = job.guard.underMat !== null;
		const reached = shielded && backingBehindBoard ? backingBehindBoard : backing;
		// Graded as a back wherever it lies; without an under-mat it faces the piece too.
		return unknown.length === 0 && !woodFibre && reaches.includes(reached) && (shielded || reaches.includes(touch));
	}
	if (name === 'mat' || name === 'support' || name === 'under-mat') {
		const { touch, unknown, outerMatAtKeep, buffered } = known(shop.boards, id);
		if (grade === 'rare' && buffered && job.piece.proteinOrDye) return false;
		return unknown.length === 0 && (reaches.includes(touch) || (grade === 'keep' && name === 'mat' && outerMatAtKeep === true));
	}
	if (name === 'glazing') {
		const { uvStoppedPercent, family, antiStatic, unknown } = known(shop.glazings, id);
		if (job.piece.friable && family === 'acrylic' && !antiStatic && grade !== 'show') return false;
		return unknown.length === 0 && uvStoppedPercent >= { rare: 97, keep: 70, show: 0 }[grade];
	}
	if (name === 'adhesive') return reaches.includes(known(shop.adhesives, id).sheet);
	if (name === 'edge-seal') return reaches.includes(known(shop.edgeSeals, id).reach);
	return true;
}

function longestOf({ window }: Figures): number {
	return window ? Math.max(window.pack.width, window.pack.height) : 0;
}

/** `Clear glass, glazing`, `No filler 1`. */
export function labelOf({ name, index = 0 }: Slot, id: string | null, material: string): string {
	const part: Record<string, string> = {
		mat: `mat ${index + 1}`,
		'under-mat': 'back mat',
		backing: 'backing board',
		barrier: 'barrier',
		filler: `filler ${index + 1}`,
		support: 'support',
		glazing: 'glazing',
		'edge-seal': 'edge seal',
		adhesive: 'hold',
		join: 'join'
	};
	return `${material}${id === null ? '' : ','} ${part[name] ?? name}`.replace('None', 'No');
}
