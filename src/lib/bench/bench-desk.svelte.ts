/** What the bench shows: the plan that the run goes by, its steps, the one that is open, and what the keys do there. */
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import { shopFor } from '$core/shop/shop.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import type { AnyStepId, Step } from '$core/stations/step.ts';
import type { Unit } from '$core/units/length.ts';
import type { Cause } from '$core/views/bench/causes.ts';
import { lockOf, minutesAgain, nextStep, waitsOf } from '$core/views/bench/locks.ts';
import type { Deed } from '$core/views/bench/run.ts';
import { shortOf } from '$core/nesting/short.ts';
import { stepsOfRun } from '$core/views/bench/opening.ts';
import { stopsAtDoor } from '$core/views/bench/door.ts';
import { takesOf, type StepTake } from '$core/views/bench/takes.ts';
import { planSteps } from '$core/views/bench/steps.ts';
import type { BenchAnswer, OpenRun, Store } from '$lib/server/bench.ts';
import type { PracticePage } from '$lib/server/job-page.ts';
import { askServer } from '$lib/ui/ask-server.ts';
import { BenchRun } from './bench-run.svelte.ts';
import { Initials } from './initials.svelte.ts';

export type BenchStart = {
	number: string;
	rev: number;
	job: JobFile;
	shop: WrittenShop;
	reads: Unit | null;
	bench: BenchAnswer;
	own: { rev: number; job: JobFile } | null;
	runs: OpenRun[];
	practice: PracticePage | null;
	/** null: nothing of it is taken from the shop’s stock. */
	store: Store | null;
};

/** As the record keeps a text. */
const STOP_LETTERS = 300;

/** Steps that screw hardware on: which way is up is asked before. */
export const ASKS_UP: readonly AnyStepId[] = ['hang', 'rings'];

/** Which place of the screen is asked for beside the step. */
export type Aside = 'wrong' | 'force' | 'door' | null;

export class BenchDesk {
	readonly number: string;
	readonly rev: number;
	readonly title: string;
	/** Which case of the trainer it is. */
	readonly practice: PracticePage | null;
	readonly bench: BenchRun;
	readonly initials = new Initials();
	/** Every other run that is open. */
	others = $state.raw<readonly OpenRun[]>([]);
	/** The server's time, second by second. */
	now = $state(0);
	aside = $state<Aside>(null);
	#start: BenchStart;
	#open = $state<AnyStepId | null>(null);
	#beat: ReturnType<typeof setInterval> | undefined;

	constructor(start: BenchStart) {
		this.#start = start;
		this.number = start.number;
		this.rev = start.rev;
		this.practice = start.practice;
		this.title = (start.job.title ?? start.job.piece?.title) || 'New piece';
		this.bench = new BenchRun(start.number, start.bench);
		this.others = start.runs.filter(({ number }) => number !== start.number);
		this.now = this.bench.now();
	}

	readonly run = $derived.by(() => this.bench.run);
	/** The plan that the run goes by; before it has begun, the latest. */
	readonly planned = $derived.by(() => this.#planned(this.run.rev));
	/** The latest plan. */
	readonly latest = $derived.by(() => this.#planned(this.#start.rev));
	readonly steps: Step[] = $derived.by(() => stepsOfRun(this.planned.steps, this.run, this.planned));
	readonly step: Step | null = $derived.by(
		() => this.steps.find(({ id }) => id === this.#open) ?? nextStep(this.run, this.steps, this.now) ?? this.steps.at(-1) ?? null
	);
	readonly lock = $derived.by(() => (this.step ? lockOf(this.step.id, this.run, this.steps, this.now) : null));
	readonly isDone = $derived.by(() => this.step !== null && this.run.done.has(this.step.id));
	/** The plan was changed after the run had begun, and nobody has said yet by which it goes on. */
	readonly hasChanged = $derived.by(() => this.run.rev > 0 && this.run.stayedAt < this.#start.rev && this.run.endedAt === null);
	/** What still dries, here and at other jobs, the soonest first. */
	readonly waits = $derived.by(() =>
		[
			...waitsOf(this.run).map((wait) => ({ ...wait, number: this.number })),
			...this.others.flatMap(({ number, waits }) => waits.map((wait) => ({ ...wait, number })))
		].sort((one, other) => one.until - other.until)
	);

	/** What it wants that does not lie in the shop. */
	readonly short = $derived.by(() => {
		const { store } = this.#start;
		const { shop, job } = this.planned;
		return store ? shortOf([store.asks], store.stock, store.things, shop, job.cutIn) : [];
	});

	/** What steps take from the shop’s stock as they are done, with where the first of it lies. */
	readonly takes = $derived.by((): (StepTake & { place: string | null })[] => {
		const { store } = this.#start;
		if (!store) return [];
		return takesOf(this.planned, this.planned.steps).map((take) => ({
			...take,
			place: store.things.find(({ material }) => material === take.material)?.place ?? null
		}));
	});

	/** Planned once for each revision. */
	#plans: Record<number, ReturnType<BenchDesk['plan']>> = {};
	#planned(rev: number) {
		const { own, job } = this.#start;
		const isOwn = own !== null && own.rev === rev;
		const key = isOwn ? rev : this.#start.rev;
		return (this.#plans[key] ??= this.plan(isOwn ? own.job : job));
	}

	plan(file: JobFile) {
		const shop = shopFrom(this.#start.shop);
		const job = decide(readJob(file), shop, this.#start.reads ?? undefined);
		const plan = planDecided(file, job, shop);
		return { file, job, plan, shop: shopFor(shop, job.cutIn), steps: planSteps(job, plan, shop) };
	}

	open(): void {
		this.#beat = setInterval(() => (this.now = this.bench.now()), 1000);
		void this.bench.open(() => void this.lookAround());
	}

	close(): void {
		clearInterval(this.#beat);
		this.bench.close();
	}

	/** The other jobs at the bench. */
	async lookAround(): Promise<void> {
		const asked = await askServer<{ runs: OpenRun[] }>('GET', '/api/bench');
		if (asked.ok) this.others = asked.answer.runs.filter(({ number }) => number !== this.number);
	}

	did(...deeds: Deed[]): void {
		this.bench.did(this.initials.now, ...deeds);
	}

	/** Stops of the latest plan, by which it would begin. A case of the trainer tells nothing. */
	readonly stops: readonly string[] = $derived.by(() =>
		this.practice ? [] : stopsAtDoor(this.latest.plan, this.latest.job.scope)
	);

	/** @param because without it, what has stops asks for a reason first */
	begin(because?: string): void {
		if (this.stops.length > 0 && because === undefined) {
			this.aside = 'door';
			return;
		}
		this.did({
			kind: 'begun',
			rev: this.#start.rev,
			...(because === undefined ? {} : { despite: this.stops.map((says) => says.slice(0, STOP_LETTERS)), because })
		});
		this.aside = null;
		this.#open = null;
	}

	show(step: AnyStepId): void {
		this.#open = step;
		this.aside = null;
	}

	back(): void {
		const at = this.steps.findIndex(({ id }) => id === this.step?.id);
		const before = this.steps[at - 1];
		if (before) this.show(before.id);
	}

	/** Whether the step's own question keeps it from being done. */
	readonly asks = $derived.by(
		() => this.step !== null && ASKS_UP.includes(this.step.id) && this.run.answered.get(this.step.id) !== true
	);

	/** Of a batch, so many are through a step that is not done for all. */
	through(step: Step): number {
		return Math.min(this.run.counted.get(step.id) ?? 0, (step.pieces ?? 1) - 1);
	}

	/** One more of a batch, or one less. */
	count(step: Step, more: 1 | -1): void {
		if (more === 1 || this.through(step) > 0) this.did({ kind: 'counted', step: step.id, more });
	}

	/**
	 * Done, and on to the next; what is locked asks for a reason first. Of a batch one piece is through, and the step is done with the last.
	 * @param whole all that are left of a batch at once
	 */
	goOn(forced?: string, whole = forced !== undefined): void {
		const { step } = this;
		if (!step || this.asks) return;
		if (!this.run.done.has(step.id)) {
			if (this.lock && forced === undefined) {
				this.aside = 'force';
				return;
			}
			if (!whole && this.through(step) + 1 < (step.pieces ?? 1)) {
				this.count(step, 1);
				return;
			}
			const { waitMinutes: minutes } = step;
			this.did({
				kind: 'done',
				step: step.id,
				...(forced === undefined ? {} : { forced }),
				...(minutes ? { waits: { minutes, what: step.title } } : {})
			});
		}
		this.aside = null;
		this.#open = this.#after(step)?.id ?? null;
		if (this.steps.every(({ id }) => this.run.done.has(id) || id === step.id)) this.did({ kind: 'ended' });
	}

	/** What can be done now: later in the order first, then what was left before; while all of it dries, what comes next. */
	#after(step: Step): Step | null {
		const at = this.steps.indexOf(step);
		const left = this.steps.filter(({ id }) => !this.run.done.has(id) && id !== step.id);
		const now = this.bench.now();
		const later = left.filter((one) => this.steps.indexOf(one) > at);
		return later.find(({ id }) => !lockOf(id, this.run, this.steps, now)) ?? nextStep(this.run, this.steps, now);
	}

	reopen(cause: Cause): void {
		const { copies } = this.planned.job;
		const pieces = copies > 1 ? { pieces: copies } : {};
		this.did({ kind: 'reopened', cause, minutes: minutesAgain(this.run, this.steps, cause), ...pieces });
		this.#open = null;
		this.aside = null;
	}

	/** Minutes that a look costs that finds something, by the house. */
	get lookMinutes(): number {
		const { shop, steps } = this.planned;
		return steps.find(({ id }) => id === 'dust-first')?.minutes ?? shop.house.minutesDust;
	}
}
