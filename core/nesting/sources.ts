/** What the sheets of a shop's cutting plan are taken from: the id of a sheet says it, here and nowhere else. */
export type Source =
	| { from: 'stock'; id: number }
	| { from: 'bought'; width: number; height: number }
	/** A stick to be bought, of this length, mm. */
	| { from: 'stick'; length: number }
	/** What falls out of the n-th window of a mat that the same plan cuts. */
	| { from: 'drop-out'; part: string; which: number };

type Kind = Source['from'];
type Form<K extends Kind> = { write: (source: Extract<Source, { from: K }>) => string; read: (id: string) => Source | null };

const FORMS: { [K in Kind]: Form<K> } = {
	stock: {
		write: ({ id }) => `stock ${id}`,
		read: (text) => found(/^stock (\d{1,9})$/, text, ([id]) => ({ from: 'stock', id: Number(id) }))
	},
	bought: {
		write: ({ width, height }) => `buy ${width} × ${height}`,
		read: (text) =>
			found(/^buy ([\d.]+) × ([\d.]+)$/, text, ([width, height]) => ({
				from: 'bought',
				width: Number(width),
				height: Number(height)
			}))
	},
	stick: {
		write: ({ length }) => `stick ${length}`,
		read: (text) => found(/^stick ([\d.]+)$/, text, ([length]) => ({ from: 'stick', length: Number(length) }))
	},
	'drop-out': {
		write: ({ part, which }) => `drop-out ${which} of ${part}`,
		read: (text) =>
			found(/^drop-out (\d{1,4}) of (.+)$/, text, ([which, part]) => ({
				from: 'drop-out',
				part: part ?? '',
				which: Number(which)
			}))
	}
};

/** `stock 7`, `buy 1016 × 813`, `stick 2400`, `drop-out 1 of K-0101 mat 1`. */
export function sheetId(source: Source): string {
	const { write } = FORMS[source.from] as Form<Kind>;
	return write(source);
}

/** @returns null for a sheet of a cutting file that this shop did not write */
export function sourceOf(sheet: string): Source | null {
	for (const { read } of Object.values(FORMS)) {
		const source = read(sheet);
		if (source) return source;
	}
	return null;
}

/** The line of stock that a sheet is taken from; null of what does not lie there. */
export function stockOf(sheet: string): number | null {
	const source = sourceOf(sheet);
	return source?.from === 'stock' ? source.id : null;
}

/** It is not in the shop. */
export function isToBuy(sheet: string): boolean {
	const source = sourceOf(sheet);
	return source?.from === 'bought' || source?.from === 'stick';
}

function found(pattern: RegExp, text: string, make: (parts: string[]) => Source): Source | null {
	const [whole, ...parts] = pattern.exec(text) ?? [];
	return whole === undefined ? null : make(parts);
}
