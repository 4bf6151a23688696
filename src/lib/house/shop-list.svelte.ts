/** A list of the shop on its way to the server: looked at before, kept as a whole, refused in a sentence, put back by one press. */
import type { TouchedJob } from '$lib/server/touches.ts';
import { sayDone } from '$lib/ui/toasts.ts';

type Faults = { faults?: { says: string }[] };
export type Touches = { jobs: TouchedJob[]; looked: number; more: boolean };

export class ShopList<T> {
	/** Why the server did not take it; empty while it did. */
	refused = $state('');
	busy = $state(false);
	/** Which jobs a change would touch, once that was asked; the change that follows asks anew. */
	touches = $state.raw<Touches | null>(null);
	/** As it stands on the server. */
	kept = $state.raw() as T;
	readonly #path: string;
	readonly #key: string;
	#rev: number;

	/**
	 * @param path where the list is kept: `/api/shop/house`
	 * @param key its name in what is sent
	 * @param kept the list as it stands on the server, at revision `rev`
	 */
	constructor(path: string, key: string, kept: T, rev: number) {
		[this.#path, this.#key, this.kept, this.#rev] = [path, key, kept, rev];
	}

	/** Another's list in the place of ours, of which nothing is unsent. @returns whether it is a newer one */
	takeUp(kept: T, rev: number): boolean {
		if (rev <= this.#rev) return false;
		[this.kept, this.#rev, this.touches] = [kept, rev, null];
		return true;
	}

	/** Asks which jobs would come out otherwise. */
	async look(list: T): Promise<void> {
		await this.#send(`${this.#path}/touches`, 'POST', list, (answer) => {
			this.touches = answer as Touches;
		});
	}

	/**
	 * Keeps the list. A list that somebody else kept meanwhile is not overwritten: then `refused` says so.
	 * @param says what is said once it is kept
	 * @param putBack shows the list of before again, once undo has kept it
	 * @returns whether it is kept
	 */
	async keep(list: T, says: string, putBack: (before: T) => void): Promise<boolean> {
		const before = this.kept;
		if (!(await this.put(list))) return false;
		sayDone(this.#key, says, {
			label: 'Undo',
			go: () => void this.put(before).then((done) => done && (putBack(before), sayDone(this.#key, 'As before.')))
		});
		return true;
	}

	/** Keeps it without a word. @returns whether it is kept */
	async put(list: T): Promise<boolean> {
		return this.#send(this.#path, 'PUT', list, (answer) => {
			const { rev, [this.#key]: kept } = answer as { rev: number } & Record<string, T>;
			[this.#rev, this.kept, this.touches] = [rev, kept as T, null];
		});
	}

	async #send(path: string, method: string, list: T, done: (answer: unknown) => void): Promise<boolean> {
		this.refused = '';
		this.busy = true;
		try {
			const response = await fetch(path, {
				method,
				headers: { 'content-type': 'application/json', 'if-match': `"${this.#rev}"` },
				body: JSON.stringify({ [this.#key]: list })
			});
			const answer = (await response.json()) as unknown;
			if (response.ok) done(answer);
			else this.refused = (answer as Faults).faults?.[0]?.says ?? 'The server refused it.';
		} catch {
			this.refused = 'No connection to the server. Your changes stay here until it answers.';
		} finally {
			this.busy = false;
		}
		return this.refused === '';
	}
}
