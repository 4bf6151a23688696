/** Which sums of sheets' costs there are: a bound between two of them is as good as the higher one. */
type Priced = { cost: number; count: number };

/** More sums are not listed; then a bound is taken as it is. */
const MOST = 200_000;

/** @returns the lowest sum of whole sheets that is not below a bound; `most` where none is found up to it */
export function reachableFrom(sheets: Priced[], bound: number, most: number): number {
	const sums = sumsTo(sheets, most);
	if (!sums) return bound;
	let best = most;
	for (const sum of sums) if (sum >= bound - 1e-9 && sum < best) best = sum;
	return best;
}

/** @returns the highest sum of whole sheets that is below a cost; a hair below it where there are too many sums to list */
export function reachableBelow(sheets: Priced[], cost: number): number {
	const sums = sumsTo(sheets, cost);
	if (!sums) return cost - 1e-6;
	let best = 0;
	for (const sum of sums) if (sum < cost - 1e-9 && sum > best) best = sum;
	return best;
}

function sumsTo(sheets: Priced[], most: number): Set<number> | null {
	let sums = new Set<number>([0]);
	for (const cost of new Set(sheets.map((sheet) => sheet.cost).filter((one) => one > 0))) {
		const next = new Set<number>();
		for (const sum of sums)
			for (let total = sum; total <= most + 1e-9; total += cost) {
				next.add(total);
				if (next.size > MOST) return null;
			}
		sums = next;
	}
	return sums;
}
