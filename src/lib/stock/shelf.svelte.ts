/** The shelf while it is written: what can be read is kept by itself, what can't stays here and says why; each keeping can be undone. */
import type { DateLanguage } from '$core/shop/about.ts';
import { readShelf, type ShelfItem, type WrittenShelfItem } from '$core/shop/shelf.ts';
import { showNumber } from '$core/units/show.ts';
import { ShopList } from '$lib/house/shop-list.svelte.ts';
import { showMoment } from '$lib/ui/days.ts';

export type ShelfRow = Record<string, string>;

/** As it is kept, in fields; of what nobody counted there is one. */
export const rowsOf = (items: readonly WrittenShelfItem[]): ShelfRow[] =>
	items.map((item) => ({
		count: '1',
		...Object.fromEntries(
			// A sum that is kept in cents is read as it is written.
			Object.entries(item).map(([key, value]) => [
				key,
				key === 'price' && typeof value === 'number' ? showNumber(value / 100, 2) : String(value)
			])
		)
	}));

const QUIET_MS = 600;
/** Where in this browser lines wait that are half written. */
const PUT_BY = 'shelf';

/** Lines of texts; what another version left, or nobody can read, is none. */
function readPutBy(text: string | null): ShelfRow[] {
	try {
		const list: unknown = JSON.parse(text ?? '[]');
		const isRow = (one: unknown): one is ShelfRow =>
			typeof one === 'object' && one !== null && Object.values(one).every((value) => typeof value === 'string');
		return Array.isArray(list) ? list.filter(isRow) : [];
	} catch {
		return [];
	}
}

export class ShelfDesk {
	rows = $state<ShelfRow[]>([]);
	/** In words: `kept 14:02`. */
	state = $state('');
	readonly list: ShopList<ShelfRow[]>;
	/** Rows as they were kept, oldest first; `#at` is where we stand. */
	#past: ShelfRow[][] = [];
	#at = $state(0);
	#steps = $state(0);
	#timer: ReturnType<typeof setTimeout> | undefined;
	#again = false;

	readonly #language: DateLanguage;

	constructor(rows: ShelfRow[], rev: number, language: DateLanguage) {
		this.#language = language;
		this.rows = rows;
		this.list = new ShopList('/api/shop/shelf', 'shelf', rows, rev);
		this.#past = [structuredClone(rows)];
	}

	readonly faults = $derived.by((): Record<string, string> => {
		const read = readShelf($state.snapshot(this.rows));
		return read.ok ? {} : Object.fromEntries(read.faults.map(({ path, says }) => [path, says]));
	});
	/** Places of rows that can't be kept as they are. */
	readonly #faulty = $derived(Object.keys(this.faults).map((path) => Number(/^shelf\[(\d+)\]/.exec(path)?.[1])));
	readonly canUndo = $derived(this.#at > 0);
	readonly canRedo = $derived(this.#at < this.#steps);
	/** Rows that wait for what they lack. */
	readonly waiting = $derived(this.rows.filter((_, index) => this.#faulty.includes(index)).length);

	/** Lines that are not whole yet, put by in this browser: whoever leaves the page finds them again. */
	putBy(): void {
		const rows = $state.snapshot(this.rows).filter((_, index) => this.#faulty.includes(index));
		if (rows.length > 0) localStorage.setItem(PUT_BY, JSON.stringify(rows));
		else localStorage.removeItem(PUT_BY);
	}

	/** Another changed the shelf, or a job took something from it: shown at once where nothing here is unsent. */
	standsAs(items: readonly WrittenShelfItem[], rev: number): void {
		const whole = $state.snapshot(this.rows).filter((_, index) => !this.#faulty.includes(index));
		if (this.list.busy || JSON.stringify(whole) !== JSON.stringify(this.list.kept)) return;
		const rows = rowsOf(items);
		if (!this.list.takeUp(rows, rev) || JSON.stringify(rows) === JSON.stringify(whole)) return;
		this.rows = [...structuredClone(rows), ...this.rows.filter((_, index) => this.#faulty.includes(index))];
		[this.#past, this.#at, this.#steps] = [[rows], 0, 0];
	}

	/** Once, when the page is there. */
	takeUp(): void {
		const rows = readPutBy(localStorage.getItem(PUT_BY));
		localStorage.removeItem(PUT_BY);
		this.rows.push(...rows);
	}

	/** What a row comes to; null while it can't be read. */
	item(index: number): ShelfItem | null {
		const one = readShelf([$state.snapshot(this.rows[index])]);
		return one.ok ? (one.items[0] ?? null) : null;
	}

	/** After each letter: kept once the hand rests. */
	touched(): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.keepNow(), QUIET_MS);
	}

	add(row: ShelfRow): void {
		this.rows.push(row);
	}

	remove(index: number): void {
		this.rows.splice(index, 1);
		void this.keepNow();
	}

	async undo(): Promise<void> {
		if (this.canUndo) await this.#goTo(this.#at - 1);
	}

	async redo(): Promise<void> {
		if (this.canRedo) await this.#goTo(this.#at + 1);
	}

	/** Keeps what is whole, if it is other than what is kept. @returns once it is, or once it is known why not */
	async keepNow(): Promise<void> {
		clearTimeout(this.#timer);
		if (this.list.busy) {
			this.#again = true;
			return;
		}
		const whole = $state.snapshot(this.rows).filter((_, index) => !this.#faulty.includes(index));
		if (!readShelf(whole).ok || JSON.stringify(whole) === JSON.stringify(this.list.kept)) return;
		if (await this.#put(whole)) {
			this.#past = [...this.#past.slice(0, this.#at + 1), whole];
			this.#at = this.#steps = this.#past.length - 1;
		}
		if (this.#again) {
			this.#again = false;
			await this.keepNow();
		}
	}

	async #goTo(at: number): Promise<void> {
		const rows = this.#past[at];
		if (!rows || !(await this.#put(rows))) return;
		this.#at = at;
		// What is half written is nobody's step, and stays.
		this.rows = [...structuredClone(rows), ...this.rows.filter((_, index) => this.#faulty.includes(index))];
	}

	async #put(rows: ShelfRow[]): Promise<boolean> {
		this.state = 'saving …';
		const done = await this.list.put(rows);
		this.state = done ? `saved ${showMoment(Date.now(), this.#language)}` : '';
		return done;
	}
}
