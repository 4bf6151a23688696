/** What was done at the bench and is not on the server yet: kept in this browser, in its order, each with its own id. */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Deed } from '$core/views/bench/run.ts';

export type Pending = {
	/** Its place in the order in which things were done. */
	order: number;
	number: string;
	id: string;
	by: string;
	deed: Deed;
	/** By this device's clock, ms. */
	at: number;
	/** Which page it was done on, and by its own clock, which nobody sets. */
	page: string;
	ticked: number;
};

interface Schema extends DBSchema {
	pending: { key: [number, string]; value: Pending; indexes: { number: string } };
}

const NAME = 'rare-keep-run';

/** This page, as long as it is open. */
const PAGE = crypto.randomUUID();

export class Outbox {
	#db: Promise<IDBPDatabase<Schema>>;

	constructor() {
		this.#db = openDB<Schema>(NAME, 1, {
			upgrade: (db) => void db.createObjectStore('pending', { keyPath: ['order', 'id'] }).createIndex('number', 'number')
		});
	}

	async put(one: Pending): Promise<void> {
		await (await this.#db).put('pending', one);
	}

	async of(number: string): Promise<Pending[]> {
		return (await this.#db).getAllFromIndex('pending', 'number', number);
	}

	async drop(sent: readonly Pending[]): Promise<void> {
		const tx = (await this.#db).transaction('pending', 'readwrite');
		await Promise.all([...sent.map(({ order, id }) => tx.store.delete([order, id])), tx.done]);
	}
}

let last = 0;

/** What was just done, behind everything that was done before. */
export function pendingOf(number: string, by: string, deed: Deed): Pending {
	last = Math.max(last + 1, Date.now());
	return { order: last, number, id: crypto.randomUUID(), by, deed, at: Date.now(), page: PAGE, ticked: performance.now() };
}

/** How long ago it was, ms: by the page's own clock where it is the same page, since a device's may be set meanwhile. */
export function ageOf({ page, ticked, at }: Pending): number {
	return Math.max(0, page === PAGE ? performance.now() - ticked : Date.now() - at);
}
