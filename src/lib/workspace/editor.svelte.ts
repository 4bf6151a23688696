/** One open job: its file, undo, what was typed and is a fault, and the way to the server. The plan is derived, never copied. */
import { invalidate } from '$app/navigation';
import { tick } from 'svelte';
import { asFarAs } from '$core/advice/as-far-as.ts';
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { attempt, type Attempt, type Fault } from '$core/job/faults.ts';
import { patched, put, type Key, type Operation, valueAt } from '$core/job/patch.ts';
import { readJob } from '$core/job/read.ts';
import { withUnit } from '$core/job/unit.ts';
import { each } from '$core/units/one-or-each.ts';
import { planDecided, type Plan } from '$core/plan.ts';
import { named } from '$core/rule/sights.ts';
import type { Slot } from '$core/advice/slots.ts';
import { shopFor, type Shop } from '$core/shop/shop.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import { readLength, type Unit } from '$core/units/length.ts';
import type { Reader } from '$core/units/show.ts';
import { READS_CHANGED, rememberUnit } from '$lib/ui/reads.ts';
import { Keeping, type Kept } from './keeping.svelte.ts';
import { holdUnsent, unsentOf, type Draft } from './unsent.ts';
import { stable } from '$lib/ui/stable.svelte.ts';
import { openingsOf } from '$core/figures/window.ts';
import { pieceKeys, windowKeys } from '$core/job/keys.ts';
import type { Decided } from '$core/job/decided.ts';
import { nth } from '$core/units/there.ts';

export type Version = { name: string; file: JobFile; job: Decided; plan: Plan };

/** A job as its page opens it. */
export type Opened = Kept & {
	reads: Unit | null;
	shop: WrittenShop;
	/** It is practised on: what would be found is kept back. */ blind: boolean;
};

/** Written to the browser's store so soon; at once when the page is left. */
const STORE_MS = 120;
/** Strokes nearer to each other than this are a pull; then strip and findings follow no oftener than SETTLE_MS. */
const OFTEN_MS = 60;
const SETTLE_MS = 500;

export class JobEditor {
	readonly number: string;
	/** The way to the server and back. */
	readonly keeping: Keeping;
	file = $state.raw<JobFile>({});
	/** Why the last choice was not taken, until the next one is. */
	refusal = $state('');
	/** Typed text that is no figure yet, by its place in the file: it is shown, never thrown away. */
	drafts = $state<Record<string, Draft>>({});
	/** What those ask for that could be read, and can’t be planned as the job stands. */
	readonly #waiting: Record<string, () => readonly Operation[]> = {};
	/** A second version to compare with: the job as it stood, or one of its revisions. */
	second = $state.raw<Version | null>(null);
	/** The place of the package for which materials are compared. */
	slot = $state.raw<Slot>({ name: 'glazing' });
	/** Which of several windows the panels speak of. */
	at = $state(0);
	#past = $state.raw<JobFile[]>([]);
	#future = $state.raw<JobFile[]>([]);
	/** The place that is being typed in: its strokes are one undo step. */
	#typing: string | null = null;
	#settling = 0;
	#settledAt = 0;
	#strokeAt = 0;
	#storing: ReturnType<typeof setTimeout> | undefined;

	/** The unit that this reader chose; null: as the job is cut. */
	#reads = $state<Unit | null>(null);
	readonly job: Decided = $derived(this.#planned(this.file, this.#reads).job);
	readonly plan: Plan = $derived(this.#planned(this.file, this.#reads).plan);
	/** The plan and its job as strip and findings show them: while somebody types, a frame after the drawing. */
	settled = $state.raw() as Planned;
	/** The unit that is read and typed here. The job's own is `job.cutIn`. */
	readonly unit: Unit = $derived(this.job.reader.unit);
	readonly reader: Reader = $derived(this.job.reader);
	/** Most strokes leave the piece as it is: then nothing that shows it is done again. */
	readonly #piece = stable(() => nth(this.job.pieces, Math.min(this.at, this.job.pieces.length - 1)));
	/** The piece and the window that the panels speak of, and where they stand in the file. */
	readonly here = $derived.by(() => {
		const index = Math.min(this.at, this.job.pieces.length - 1);
		const number = this.job.several ? index + 1 : null;
		return {
			index,
			number,
			piece: this.#piece(),
			choice: nth(this.job.windows, index),
			windowKeys: windowKeys({ number }),
			pieceKeys: (part: string): Key[] => [...pieceKeys(this.file, number, part), part]
		};
	});
	/** Figures of that piece and window, as far as there are some; while somebody types a frame after the drawing. */
	readonly figures = $derived.by(() => {
		const { plan } = this.settled;
		const { index, number } = this.here;
		return {
			measure: each(plan.measure)[index],
			movement: each(plan.movement)[index],
			hold: each(plan.hold)[index],
			opening: plan.window && openingsOf(plan.window)[index],
			path: (text: string) => named(number, text)
		};
	});
	/** Why the job as it stands can't be planned: what is shown then is planned without what is at fault. None where it can be. */
	readonly faults: Fault[] = $derived(this.#faultsOf(this.file, this.#reads));
	readonly canUndo = $derived(this.#past.length > 0);
	readonly canRedo = $derived(this.#future.length > 0);

	/** What the shop set for itself, and the shop that this job is planned for: the page's own, since one process serves many pages. */
	readonly written: WrittenShop;
	readonly #shop: Shop;
	readonly #plans = new WeakMap<JobFile, Partial<Record<Unit | 'own', Attempt<Planned>>>>();
	readonly #asFarAs = new WeakMap<JobFile, Partial<Record<Unit | 'own', Planned>>>();

	/** Nothing is found for whoever has to find it. */
	readonly blind: boolean;

	constructor({ reads, shop, blind, ...kept }: Opened) {
		this.blind = blind;
		this.written = shop;
		this.#shop = shopFrom(shop);
		this.number = kept.number;
		this.file = kept.file;
		this.#reads = reads;
		this.settled = this.#planned(this.file, reads);
		this.keeping = new Keeping(kept, {
			file: () => this.file,
			isTyping: () => this.#isTyping(),
			canPlan: (file) => this.#canPlan(file),
			takeUp: (theirs) => {
				this.#become(theirs);
				this.#settle(false);
			},
			onkept: () => this.#store()
		});
	}

	/** The shop in the house of a unit. */
	shopIn(cutIn: Unit = 'mm'): Shop {
		return shopFor(this.#shop, cutIn);
	}

	/** In the browser: takes up what an earlier visit could not send, and leaves nothing behind unsent. */
	start(): () => void {
		const unsent = unsentOf(this.number, (file) => this.#canPlan(file));
		if (unsent) {
			this.drafts = unsent.drafts;
			if (JSON.stringify(unsent.file) !== JSON.stringify(this.file)) {
				this.keeping.rev = unsent.rev;
				this.keeping.sentBefore = unsent.onItsWay ?? null;
				this.file = unsent.file;
				this.#touched();
			}
		}
		const hidden = () => this.#storeNow();
		const end = this.keeping.start();
		addEventListener('pagehide', hidden);
		return () => {
			removeEventListener('pagehide', hidden);
			this.#storeNow();
			end();
		};
	}

	/**
	 * Applies operations if the job that they give can be planned.
	 * @returns the faults that stand in the way, none when it was applied
	 */
	apply(operations: readonly Operation[], typing: string | null = null): Fault[] {
		const tried = attempt(() => patched(this.file, operations), told);
		if (!tried.ok) {
			this.refusal = nth(tried.faults, 0).says;
			return tried.faults;
		}
		const next = tried.gives;
		const faults = this.#newFaultsOf(next);
		// A field says its fault itself, in place.
		this.refusal = typing === null && faults[0] ? faults[0].says : '';
		if (faults.length > 0) return faults;
		if (typing === null || typing !== this.#typing) this.#past = [...this.#past, this.file];
		this.#typing = typing;
		this.#future = [];
		this.file = next;
		this.#touched(typing !== null);
		// Once the fields have the job as it is now: what they ask for may be made of it.
		if (Object.keys(this.#waiting).length > 0) void tick().then(() => this.#tryWaiting());
		return [];
	}

	/** What stood in another field and was a fault may be none any more: what is shown there holds then, as part of the same stroke. */
	#tryWaiting(): void {
		for (const [place, asks] of Object.entries(this.#waiting)) {
			if (place === this.#typing) continue;
			const tried = attempt(() => patched(this.file, asks()), told);
			if (!tried.ok || this.#newFaultsOf(tried.gives).length > 0) continue;
			this.#settled(place);
			this.file = tried.gives;
			this.#touched();
		}
	}

	/** Its field is gone, and nobody sees what stood there. */
	notWaiting(place: string): void {
		delete this.#waiting[place];
	}

	#settled(place: string): void {
		delete this.drafts[place];
		delete this.#waiting[place];
	}

	/** A length as it was typed, mm, while what it belongs to is not whole yet; null where none stands. */
	typedLength(keys: readonly Key[], zero = false): number | null {
		const written = valueAt(this.file, keys);
		if (typeof written !== 'string' && typeof written !== 'number') return null;
		const read = readLength(written, this.job.cutIn, zero || undefined);
		return read.ok ? read.mm : null;
	}

	/** Puts one value in place. What is typed and is a fault stays as a draft, and the job as it was. */
	put(keys: readonly Key[], value: unknown): Fault[] {
		return this.apply(put(this.file, keys, value));
	}

	/**
	 * A stroke in a field.
	 * @param place the field's place in the file, a JSON Pointer
	 * @param asks what the text asks for of the job as it stands, or null when it could not be read; `says` then tells why
	 */
	type(place: string, text: string, asks: (() => readonly Operation[]) | null, says = ''): void {
		const faults = asks === null ? [{ path: place, says }] : this.apply(asks(), place);
		if (faults.length > 0) {
			this.drafts[place] = { text, says: nth(faults, 0).says };
			if (asks) this.#waiting[place] = asks;
			else delete this.#waiting[place];
			this.#takeBack(place);
		} else this.#settled(place);
		this.#store();
	}

	/** An entry that became a fault leaves nothing of its first strokes: `24` is not meant by somebody who types `2400`. */
	#takeBack(place: string): void {
		const before = this.#past.at(-1);
		if (this.#typing !== place || !before) return;
		this.#past = this.#past.slice(0, -1);
		this.#typing = null;
		this.file = before;
		this.#touched();
	}

	/** What was typed or pulled in this stroke is taken back, as if it had not begun. */
	cancelTyping(): void {
		if (this.#typing !== null) this.#takeBack(this.#typing);
	}

	/** The field is left: the next stroke is a new undo step. */
	endTyping(): void {
		this.#typing = null;
	}

	/** Puts a field back to what the job holds. */
	dropDraft(place: string): void {
		this.#settled(place);
		this.#store();
	}

	/** Keeps the job as it stands beside the one that is changed. */
	keepSecond(): void {
		this.second = { name: 'Version A', file: this.file, ...this.#planned(this.file, this.#reads) };
	}

	/** A revision that was kept, as the second version. @throws FaultError when this program can't plan it */
	showRevision(rev: number, file: JobFile): void {
		this.second = { name: `Rev ${rev}`, file, ...this.#planned(file, this.#reads) };
	}

	/** The second version becomes the job, and the job the second: one undo step. */
	takeSecond(): void {
		if (!this.second) return;
		const { file } = this.second;
		this.second = { name: 'Version A', file: this.file, ...this.#planned(this.file, this.#reads) };
		this.#replace(file);
	}

	/** Shows figures and sentences in a unit. No size changes, and nothing of the job: whoever else reads it reads it their way. */
	read(unit: Unit): void {
		this.#reads = unit;
		rememberUnit(unit);
		void invalidate(READS_CHANGED);
		this.settled = this.#planned(this.file, unit);
		if (this.second) this.second = { ...this.second, ...this.#planned(this.second.file, unit) };
	}

	/** The job cut in the other unit: everything typed means what it meant, the house's figures and steps are that unit's. */
	recutIn(unit: Unit): void {
		this.#replace(withUnit(this.file, unit));
	}

	/** What the job would be if it were cut in that unit; null where it can't be. */
	ifCutIn(unit: Unit): Plan | null {
		const file = withUnit(this.file, unit);
		return this.#canPlan(file) ? this.#planned(file, this.#reads).plan : null;
	}

	/** Another file in the place of this one, as one undo step; refused, with the reason, when it can't be planned. */
	#replace(file: JobFile): void {
		const faults = this.#newFaultsOf(file);
		this.refusal = faults[0]?.says ?? '';
		if (faults.length > 0) return;
		this.#become(file);
		this.#touched();
	}

	/** One undo step further. */
	#become(file: JobFile): void {
		this.#past = [...this.#past, this.file];
		this.#future = [];
		this.#typing = null;
		this.file = file;
	}

	undo(): void {
		const before = this.#past.at(-1);
		if (!before) return;
		this.#future = [...this.#future, this.file];
		this.#past = this.#past.slice(0, -1);
		this.file = before;
		this.#typing = null;
		this.#touched();
	}

	redo(): void {
		const next = this.#future.at(-1);
		if (!next) return;
		this.#past = [...this.#past, this.file];
		this.#future = this.#future.slice(0, -1);
		this.file = next;
		this.#typing = null;
		this.#touched();
	}

	/** After a conflict: the file that the person chose, on top of theirs. @returns faults of the mixture, none when it was taken */
	settle(file: JobFile): Fault[] {
		const faults = this.#faultsOf(file, this.#reads);
		if (faults.length > 0 || !this.keeping.conflict) return faults;
		this.keeping.settle();
		this.#become(file);
		this.#touched();
		return [];
	}

	#touched(whileTyping = false): void {
		this.#settle(whileTyping);
		this.#store();
		this.keeping.changed();
	}

	/** After a stroke a frame later; while strokes come faster than frames go, as in a pull, only now and then. */
	#settle(whileTyping: boolean): void {
		cancelAnimationFrame(this.#settling);
		const now = () => {
			this.#settledAt = performance.now();
			this.settled = this.#planned(this.file, this.#reads);
		};
		if (!whileTyping) return now();
		const often = performance.now() - this.#strokeAt < OFTEN_MS && performance.now() - this.#settledAt < SETTLE_MS;
		this.#strokeAt = performance.now();
		this.#settling = requestAnimationFrame(() => {
			if (!often) now();
			// One more frame without a stroke, and it rests.
			else this.#settling = requestAnimationFrame(() => (this.#settling = requestAnimationFrame(now)));
		});
	}

	/** What is not kept yet, and what is half typed, stands in the browser until it is; written once the stroke is drawn. */
	#store(): void {
		this.#storing ??= setTimeout(() => this.#storeNow(), STORE_MS);
	}

	#storeNow(): void {
		clearTimeout(this.#storing);
		this.#storing = undefined;
		const { rev, isUnsent, onItsWay } = this.keeping;
		const held = { rev, file: this.file, drafts: this.drafts, onItsWay };
		holdUnsent(this.number, isUnsent || this.#isTyping() ? held : null);
	}

	#isTyping(): boolean {
		return Object.keys(this.drafts).length > 0;
	}

	#canPlan(file: JobFile): boolean {
		return this.#faultsOf(file, this.#reads).length === 0;
	}

	/** A file is planned once for a reader: to see whether it can be, and to be shown. */
	#tried(file: JobFile, reads: Unit | null): Attempt<Planned> {
		const known = this.#plans.get(file) ?? {};
		this.#plans.set(file, known);
		return (known[reads ?? 'own'] ??= attempt(() => {
			const job = decide(readJob(file), this.#shop, reads ?? undefined);
			const plan = planDecided(file, job, this.#shop);
			return { job, plan: this.blind ? withoutFindings(plan) : plan };
		}, told));
	}

	/** The plan of a file; where it can't be planned, of what is left without what is at fault. */
	#planned(file: JobFile, reads: Unit | null): Planned {
		const tried = this.#tried(file, reads);
		if (tried.ok) return tried.gives;
		const known = this.#asFarAs.get(file) ?? {};
		this.#asFarAs.set(file, known);
		return (known[reads ?? 'own'] ??= asFarAs(file, this.#shop, reads ?? undefined));
	}

	/** Faults of a file, none when it can be planned. */
	#faultsOf(file: JobFile, reads: Unit | null): Fault[] {
		const tried = this.#tried(file, reads);
		return tried.ok ? [] : tried.faults;
	}

	/** The same, but for a change that only leaves what was at fault before: then one is fixed after the other. */
	#newFaultsOf(file: JobFile): Fault[] {
		const faults = this.#faultsOf(file, this.#reads);
		const isOld = (fault: Fault) => this.faults.some(({ path, says }) => path === fault.path && says === fault.says);
		return faults.length < this.faults.length && faults.every(isOld) ? [] : faults;
	}
}

/** A fault of the program's own: whoever looks into it finds it where the browser writes such things down. */
const told = (error: unknown): void => console.error(error);

type Planned = { job: Decided; plan: Plan };

function withoutFindings(plan: Plan): Plan {
	return { ...plan, findings: [], grade: { ...plan.grade, known: false, reached: null, heldBy: [] } };
}
