/** Whose hands these are: initials that this browser remembers, the latest first. */

const KEY = 'rare-keep-initials';
const MOST = 6;

export class Initials {
	known = $state.raw<readonly string[]>([]);

	constructor() {
		try {
			const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
			if (Array.isArray(kept)) this.known = kept.filter((one) => typeof one === 'string').slice(0, MOST);
		} catch {
			// On the server, or where nothing is kept, nobody is known.
		}
	}

	get now(): string {
		return this.known[0] ?? '';
	}

	take(initials: string): void {
		const written = initials.trim().toUpperCase().slice(0, 3);
		if (written === '') return;
		this.known = [written, ...this.known.filter((one) => one !== written)].slice(0, MOST);
		try {
			localStorage.setItem(KEY, JSON.stringify(this.known));
		} catch {
			// It holds for this page.
		}
	}

	/** The next of those known. */
	turn(): void {
		const next = this.known.at(-1);
		if (next !== undefined) this.take(next);
	}
}
