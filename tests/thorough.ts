/**
 * How much a costly test tries: all of it in `npm test`, a twentieth in the everyday loop. Where changes are tried a property has a
 * hundredth of its cases, but what is written down is tried whole: it is what is to notice them.
 */
const SHARES = { all: 1, twentieth: 0.05, hundredth: 0.01 };

const share = SHARES[(process.env.CASES ?? 'twentieth') as keyof typeof SHARES];

/** The cases of a property. */
export function runs(all: number): number {
	return Math.ceil(all * share);
}

/** Cases that are written down, spread over their list. */
export function some<Value>(all: readonly Value[]): Value[] {
	const wanted = process.env.CASES === 'hundredth' ? all.length : runs(all.length);
	return all.filter((_, index) => Math.floor((index * wanted) / all.length) !== Math.floor(((index - 1) * wanted) / all.length));
}
