/** Which line of stock is opened to read what happened to it, and that. */
import type { KeptMovement } from '$lib/server/db/stock.ts';
import { askServer } from '$lib/ui/ask-server.ts';

export class History {
	opened = $state<number | null>(null);
	movements = $state.raw<readonly KeptMovement[]>([]);

	async open(id: number): Promise<void> {
		const asked = await askServer<{ movements: KeptMovement[] }>('GET', `/api/stock/${id}`);
		this.movements = asked.ok ? asked.answer.movements : [];
		this.opened = id;
	}

	async turn(id: number): Promise<void> {
		if (this.opened === id) this.opened = null;
		else await this.open(id);
	}
}
