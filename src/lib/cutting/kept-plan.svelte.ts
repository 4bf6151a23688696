/** A kept plan as it is cut: how far each sheet is, sent to the server as it goes, and every other call on it. */
import { browser } from '$app/environment';
import { goto, invalidateAll } from '$app/navigation';
import { askServer } from '$lib/ui/ask-server.ts';
import type { KeptPlan } from '$lib/server/db/cutting.ts';

/** So many cuts are made; `mark` is another with each word, and grows. */
type Word = { made: number; mark: number };

export class KeptRun {
	busy = $state(false);
	refused = $state('');
	/** Cuts that are made, as this page knows before the server says so, by sheet. */
	#marked = $state<Record<number, number>>({});
	#sending = false;
	/** What of it the server took, and under which mark. */
	readonly #taken: Record<number, Word> = {};
	/** The server's last word to this page on a sheet: what the page is told anew may come later, or be older. */
	#known = $state<Record<number, Word>>({});
	/** What was on its way when a page before this one was left: it may arrive after this one has asked how far a sheet is. */
	readonly #onItsWay: Record<number, number> = {};
	/** Of the last call: it stood otherwise on the server. */
	#isConflict = false;
	readonly #kept: () => KeptPlan;

	constructor(kept: () => KeptPlan) {
		this.#kept = kept;
		const { id, plan, cut } = kept();
		if (!browser) return;
		// What a connection that was gone could not send.
		plan.sheets.forEach((_, at) => {
			const { marked, sent } = this.#stored(id, at);
			if (marked === undefined || cut.includes(at)) return;
			this.#marked[at] = marked;
			if (sent !== undefined) this.#onItsWay[at] = sent;
		});
	}

	/** How many cuts of a sheet are made. */
	made(at: number): number {
		const { plan, cut } = this.#kept();
		const all = plan.sheets[at]?.cuts.length ?? 0;
		if (cut.includes(at)) return all;
		return Math.min(all, this.#marked[at] ?? this.#stands(at).made);
	}

	/** How far a sheet is by the latest word that is known here. */
	#stands(at: number): Word {
		const told = this.#kept().progress[at] ?? { made: 0, mark: 0 };
		const known = this.#known[at];
		return known && known.mark > told.mark ? known : told;
	}

	/** One cut more, or one less that was marked too early. */
	step(at: number, by: 1 | -1): void {
		const { id, plan, cut } = this.#kept();
		if (cut.includes(at)) return;
		const made = Math.min(plan.sheets[at]?.cuts.length ?? 0, Math.max(0, this.made(at) + by));
		this.#marked[at] = made;
		const { sent } = this.#stored(id, at);
		this.#store(id, at, sent === undefined ? [made] : [made, sent]);
		void this.#sendMade();
	}

	/** Sends what a page that was left could not. */
	resume(): void {
		void this.#sendMade();
		void this.#askAnew();
	}

	/** What a page that was left sent after this one was made of what the server knew: nobody tells of it any more. */
	async #askAnew(): Promise<void> {
		const asked = await askServer<KeptPlan>('GET', `/api/cutting/${this.#kept().id}`);
		if (!asked.ok) return;
		for (const [key, { made, mark }] of Object.entries(asked.answer.progress))
			if (mark > this.#stands(Number(key)).mark) this.#known[Number(key)] = { made, mark };
	}

	/** A call of this plan. @returns what is answered; null where it was refused, and `refused` says why */
	async send<T = object>(method: string, path: string, body?: unknown): Promise<T | null> {
		this.busy = true;
		const asked = await askServer<T>(method, `/api/cutting/${this.#kept().id}${path}`, body);
		this.busy = false;
		this.refused = asked.ok ? '' : asked.says;
		this.#isConflict = !asked.ok && asked.status === 409;
		return asked.ok ? asked.answer : null;
	}

	async giveUp(): Promise<void> {
		if (await this.send('DELETE', '')) await goto('/cutting');
	}

	#mark = (id: number, at: number): string => `cutting ${id} ${at}`;

	/** In the browser: cuts that are marked, and what of them was sent. */
	#stored(id: number, at: number): { marked?: number; sent?: number } {
		const [marked, sent] = localStorage.getItem(this.#mark(id, at))?.split(' ').map(Number) ?? [];
		return { ...(marked === undefined ? {} : { marked }), ...(sent === undefined ? {} : { sent }) };
	}

	#store(id: number, at: number, counts: [marked: number, sent?: number]): void {
		localStorage.setItem(this.#mark(id, at), counts.join(' '));
	}

	/** Of a sheet that is cut nothing is marked any more. */
	settle(): void {
		const { cut } = this.#kept();
		for (const key of Object.keys(this.#marked)) if (cut.includes(Number(key))) this.#forget(Number(key));
	}

	#forget(at: number): void {
		delete this.#marked[at];
		delete this.#taken[at];
		localStorage.removeItem(this.#mark(this.#kept().id, at));
	}

	/** The latest of each sheet, one after the other; what was pressed meanwhile goes with the next. */
	async #sendMade(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		const open = () => Object.entries(this.#marked).find(([key, made]) => this.#taken[Number(key)]?.made !== made);
		for (let next = open(); next; next = open()) {
			const [key, made] = next;
			const at = Number(key);
			const { made: from, mark: on } = this.#taken[at] ?? this.#stands(at);
			this.#store(this.#kept().id, at, [this.#marked[at] ?? made, made]);
			const taken = await this.send<{ made: number; mark: number }>('PUT', `/sheets/${at}/made`, { made, from, on });
			if (taken) {
				this.#taken[at] = this.#known[at] = taken;
				// What was pressed meanwhile goes with the next; else somebody else may mark on.
				if (this.#marked[at] === made) this.#forget(at);
			} else if (!this.#isConflict) break;
			else if (!(await this.#wasOurs(at))) this.#forget(at);
			await invalidateAll();
		}
		this.#sending = false;
	}

	/** It stands otherwise on the server: what this page had sent before it was left, or what somebody else marked, which stands. */
	async #wasOurs(at: number): Promise<boolean> {
		const before = this.#onItsWay[at];
		delete this.#onItsWay[at];
		if (before === undefined) return false;
		// Asked of the server itself: what the page is told anew may come later.
		const asked = await askServer<KeptPlan>('GET', `/api/cutting/${this.#kept().id}`);
		const now = asked.ok ? asked.answer.progress[at] : undefined;
		if (now?.made !== before) return false;
		this.#taken[at] = this.#known[at] = now;
		return true;
	}
}
