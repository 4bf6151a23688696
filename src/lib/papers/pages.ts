/** What goes on which page: blocks that are not split, as few pages as take them, none of them left half empty where it need not be. */

/**
 * @param heights of the blocks in their order, in any unit
 * @param room of a page, in the same
 * @returns for each page its blocks, by their places in the list. A block that is higher than a page has one to itself and runs on.
 */
export function pagesOf(heights: readonly number[], room: number): number[][] {
	/** For the blocks from `from` on: how few pages, and of those the one whose emptiest page is fullest. */
	type Best = { pages: number; fill: number; end: number };
	const best: Best[] = [];
	best[heights.length] = { pages: 0, fill: Infinity, end: heights.length };
	for (let from = heights.length - 1; from >= 0; from -= 1) {
		let filled = 0;
		for (let end = from + 1; end <= heights.length; end += 1) {
			filled += heights[end - 1] ?? 0;
			if (filled > room && end > from + 1) break;
			const rest = best[end];
			if (!rest) continue;
			const next = { pages: rest.pages + 1, fill: Math.min(rest.fill, filled), end };
			const known = best[from];
			if (!known || next.pages < known.pages || (next.pages === known.pages && next.fill > known.fill)) best[from] = next;
		}
	}
	const pages: number[][] = [];
	for (let from = 0; from < heights.length;) {
		const end = best[from]?.end ?? heights.length;
		pages.push(Array.from({ length: end - from }, (_, at) => from + at));
		from = end;
	}
	return pages;
}
