/** The word of a list that somebody most likely meant. */

/** @returns the word of the fewest changed letters; null where even that shares too little with what was typed */
export function nearestWord(typed: string, words: readonly string[]): string | null {
	let [best, least] = [null as string | null, Math.ceil(Math.max(typed.length, 1) / 2)];
	for (const word of words) {
		const apart = lettersApart(typed, word, least);
		if (apart < least) [best, least] = [word, apart];
	}
	return best;
}

/** Letters put in, left out or changed from one to the other, counted up to `most`. */
function lettersApart(one: string, other: string, most: number): number {
	if (Math.abs(one.length - other.length) >= most) return most;
	let above = Array.from({ length: other.length + 1 }, (_, at) => at);
	for (let row = 1; row <= one.length; row += 1) {
		const line = [row];
		for (let at = 1; at <= other.length; at += 1) {
			const changed = (above[at - 1] ?? 0) + (one[row - 1] === other[at - 1] ? 0 : 1);
			line.push(Math.min(changed, (above[at] ?? 0) + 1, (line[at - 1] ?? 0) + 1));
		}
		if (Math.min(...line) >= most) return most;
		above = line;
	}
	return above[other.length] ?? most;
}
