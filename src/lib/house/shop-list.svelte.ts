/** A list of the shop on its way to the server: kept as a whole, refused in a sentence, put back by one press. */
import { sayDone } from '$lib/ui/toasts.ts';

type Answer = { rev?: number; faults?: { says: string }[] };

export class ShopList<T> {
	/** Why the server did not take it; empty while it did. */
	refused = $state('');
	busy = $state(false);
	readonly #path: string;
	readonly #key: string;
	#rev: number;
	#kept: T;

	/**
	 * @param path where the list is kept: `/api/shop/house`
	 * @param key its name in what is sent
	 * @param kept the list as it stands on the server, at revision `rev`
	 */
	constructor(path: string, key: string, kept: T, rev: number) {
		[this.#path, this.#key, this.#kept, this.#rev] = [path, key, kept, rev];
	}

	/**
	 * Keeps the list. A list that somebody else kept meanwhile is not overwritten: then `refused` says so.
	 * @param says what is said once it is kept
	 * @param putBack shows the list of before again, once undo has kept it
	 * @returns whether it is kept
	 */
	async keep(list: T, says: string, putBack: (before: T) => void): Promise<boolean> {
		const before = this.#kept;
		if (!(await this.#send(list))) return false;
		sayDone(this.#key, says, {
			label: 'Undo',
			go: () => void this.#send(before).then((done) => done && (putBack(before), sayDone(this.#key, 'As it was before.')))
		});
		return true;
	}

	async #send(list: T): Promise<boolean> {
		this.refused = '';
		this.busy = true;
		try {
			const response = await fetch(this.#path, {
				method: 'PUT',
				headers: { 'content-type': 'application/json', 'if-match': `"${this.#rev}"` },
				body: JSON.stringify({ [this.#key]: list })
			});
			const answer = (await response.json()) as Answer;
			if (answer.rev === undefined) {
				this.refused = answer.faults?.[0]?.says ?? 'The server did not take it.';
				return false;
			}
			[this.#rev, this.#kept] = [answer.rev, list];
			return true;
		} catch {
			this.refused = 'The server cannot be reached. What was changed stays here until it answers.';
			return false;
		} finally {
			this.busy = false;
		}
	}
}
