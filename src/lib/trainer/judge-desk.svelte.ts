/** A try that is judged: what is on its way is kept first, and the judge looks at what is kept. */
import type { JudgeAnswer } from '$lib/server/trainer.ts';
import { Initials } from '$lib/bench/initials.svelte.ts';
import { askServer } from '$lib/ui/ask-server.ts';

export class JudgeDesk {
	verdict = $state.raw<JudgeAnswer | null>(null);
	busy = $state(false);
	/** Why there is none; empty while there is. */
	refused = $state('');
	readonly #number: string;
	readonly #keep: () => Promise<boolean>;

	/** @param keep keeps what was done; false while the server is away */
	constructor(number: string, keep: () => Promise<boolean>) {
		[this.#number, this.#keep] = [number, keep];
	}

	/** @param tell the fault is told though it is still there */
	async ask(tell: boolean): Promise<void> {
		if (this.busy) return;
		this.busy = true;
		this.refused = '';
		try {
			if (!(await this.#keep())) {
				this.refused = 'No connection to the server: the judge checks only saved work.';
				return;
			}
			const asked = await askServer<JudgeAnswer>('POST', `/api/jobs/${this.#number}/judge`, { by: new Initials().now, tell });
			if (asked.ok) this.verdict = asked.answer;
			else this.refused = asked.says;
		} finally {
			this.busy = false;
		}
	}
}
