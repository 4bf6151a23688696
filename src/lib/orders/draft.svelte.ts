/** What is put together to be ordered, and every call on orders. */
import { invalidateAll } from '$app/navigation';
import { askServer } from '$lib/ui/ask-server.ts';
import { itemKey, type Item } from '$core/nesting/items.ts';

export type DraftLine = { item: Item; count: string; cents: number; supplier: string; leadDays: number };

export class OrderDesk {
	lines = $state<DraftLine[]>([]);
	busy = $state(false);
	refused = $state('');
	/** What a supplier said of an order, by its number. */
	said = $state<Record<number, string>>({});
	/** The order that was sent last and not taken: what was on it, and its name. */
	#sent: { content: string; key: string } | null = null;

	/** Puts so many on the list; what stands there already becomes more. */
	put(line: Omit<DraftLine, 'count'>, count: number): void {
		const known = this.lines.find(({ item }) => itemKey(item) === itemKey(line.item));
		if (known) known.count = String(Number(known.count || 0) + count);
		else this.lines.push({ ...line, count: String(count) });
	}

	take(line: DraftLine): void {
		this.lines = this.lines.filter((one) => one !== line);
	}

	/** @returns the answer, or null where it was refused: `refused` says why */
	async call<T>(method: string, path: string, body?: unknown): Promise<T | null> {
		this.busy = true;
		const asked = await askServer<T>(method, path, body);
		this.busy = false;
		this.refused = asked.ok ? '' : asked.says;
		return asked.ok ? asked.answer : null;
	}

	/** Orders what stands on the list of one supplier. */
	async order(supplier: string, send: boolean, mode: string): Promise<void> {
		const mine = this.lines.filter((line) => line.supplier === supplier);
		// Tried again after a failure it is the same order; changed, it is another.
		const content = JSON.stringify(mine.map(({ item, count }) => [itemKey(item), count]));
		if (this.#sent?.content !== content) this.#sent = { content, key: crypto.randomUUID() };
		const sent = await this.call('POST', '/api/orders', {
			supplier,
			send,
			key: this.#sent.key,
			mode,
			leadDays: Math.max(...mine.map(({ leadDays }) => leadDays)),
			lines: mine.map(({ item, count, cents }) => ({ ...item, ordered: Number(count), cents }))
		});
		if (!sent) return;
		this.#sent = null;
		this.lines = this.lines.filter((line) => line.supplier !== supplier);
		await invalidateAll();
	}
}
