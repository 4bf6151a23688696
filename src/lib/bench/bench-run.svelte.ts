/** A run at the bench as this device knows it: what the server has kept, and after it what is still on its way there. */
import { folded, type Deed, type Run, type RunEvent } from '$core/views/bench/run.ts';
import type { BenchAnswer } from '$lib/server/bench.ts';
import { askServer } from '$lib/ui/ask-server.ts';
import { hearWhileSeen } from '$lib/ui/hear.ts';
import { ageOf, Outbox, pendingOf, type Pending } from './outbox.ts';

/** So many are sent at once. */
const BATCH = 200;
const AGAIN_MS = [500, 1000, 2000, 5000, 10_000];

type Kept = BenchAnswer['events'][number];

export class BenchRun {
	readonly number: string;
	kept = $state.raw<readonly Kept[]>([]);
	pending = $state.raw<readonly Pending[]>([]);
	/** The server does not answer: what is done is kept in this browser. */
	away = $state(false);
	/** Why the server did not take something; nothing of it is lost. */
	refused = $state('');
	ready = $state(false);
	/** The server's clock less this page's own, ms. */
	#ahead = $state(0);
	#box: Outbox | null = null;
	/** What was done so far is in the box. */
	#stored: Promise<unknown> = Promise.resolve();
	#run = 0;
	#sending = false;
	#tries = 0;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#leave: (() => void)[] = [];

	readonly run: Run = $derived(folded([...this.kept, ...this.pending.map((one) => this.#asEvent(one))]));

	constructor(number: string, start: BenchAnswer) {
		this.number = number;
		this.#take(start);
	}

	/** Begins to hear of other devices, and sends what an earlier visit could not. @param others hears of runs of other jobs */
	async open(others: () => void): Promise<void> {
		this.#leave.push(
			hearWhileSeen(
				'/api/events',
				{ bench: ({ number }: { number: string }) => (number === this.number ? void this.pull() : others()) },
				() => void this.pull()
			)
		);
		const back = () => void this.send();
		addEventListener('online', back);
		this.#leave.push(() => removeEventListener('online', back));
		try {
			this.#box = new Outbox();
			this.pending = [...(await this.#box.of(this.number)), ...this.pending];
		} catch {
			// A browser that keeps nothing still runs; it says so when the server is away.
			this.#box = null;
		}
		this.ready = true;
		void this.send();
	}

	close(): void {
		clearTimeout(this.#timer);
		for (const leave of this.#leave) leave();
	}

	/** The server's time, ms. */
	now(): number {
		return performance.timeOrigin + performance.now() + this.#ahead;
	}

	/** Shown at once; kept in this browser, then on the server. */
	did(by: string, ...deeds: Deed[]): void {
		const done = deeds.map((deed) => pendingOf(this.number, by, deed));
		this.pending = [...this.pending, ...done];
		// A browser that has no room left keeps it as long as the page is open.
		const put = async (box: Outbox | null) => {
			if (box) await Promise.all(done.map((one) => box.put(one)));
		};
		this.#stored = this.#stored.then(() => put(this.#box)).catch(() => undefined);
		void this.send();
	}

	async send(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		clearTimeout(this.#timer);
		try {
			while (this.pending.length > 0) {
				const batch = this.pending.slice(0, BATCH);
				await this.#stored;
				const events = batch.map((one) => ({ id: one.id, by: one.by, ageMs: ageOf(one), deed: one.deed }));
				const asked = await askServer<BenchAnswer>('POST', this.#address(), { events });
				if (!asked.ok) {
					this.away = asked.status === 0 || asked.status >= 500;
					this.refused = this.away ? '' : asked.says;
					if (this.away) this.#again();
					return;
				}
				// What stays in the box is sent once more, and counts once.
				await this.#box?.drop(batch).catch(() => undefined);
				const sent = batch.map(({ id }) => id);
				this.#take(asked.answer);
				this.pending = this.pending.filter(({ id }) => !sent.includes(id));
				this.#tries = 0;
				this.away = false;
				this.refused = '';
			}
		} finally {
			this.#sending = false;
		}
	}

	/** @returns whether all that was done is kept on the server */
	async sendNow(): Promise<boolean> {
		while (this.#sending) await new Promise((go) => setTimeout(go, 20));
		await this.send();
		return this.pending.length === 0;
	}

	/** What others did meanwhile. */
	async pull(): Promise<void> {
		const asked = await askServer<BenchAnswer>('GET', this.#address());
		if (!asked.ok) return;
		this.#take(asked.answer);
		if (this.away) void this.send();
	}

	#address(): string {
		return `/api/jobs/${this.number}/bench?after=${this.kept.at(-1)?.n ?? 0}`;
	}

	#again(): void {
		const wait = AGAIN_MS[Math.min(this.#tries, AGAIN_MS.length - 1)];
		this.#tries += 1;
		this.#timer = setTimeout(() => void this.send(), wait);
	}

	#take({ run, events, now }: BenchAnswer): void {
		this.#ahead = now - (performance.timeOrigin + performance.now());
		// Another run was begun: what was kept of the last one is not of this one.
		const before = run === this.#run ? this.kept : [];
		this.#run = run;
		const last = before.at(-1)?.n ?? 0;
		this.kept = [...before, ...events.filter(({ n }) => n > last)];
	}

	#asEvent(one: Pending): RunEvent {
		return { ...one.deed, id: one.id, by: one.by, at: this.now() - ageOf(one) };
	}
}
