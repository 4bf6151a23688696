/** Prints p50, p95 and the ratio of p95 to its budget, in milliseconds. */
export function report(name: string, timesMs: number[], budgetMs: number): void {
	const sorted = [...timesMs].sort((a, b) => a - b);
	const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!;
	line(name, `p50 ${at(0.5).toFixed(2)} ms, p95 ${at(0.95).toFixed(2)} ms`, at(0.95) / budgetMs, `${budgetMs} ms`);
}

/** One line: what, how much, the budget and the ratio to it. */
export function line(name: string, figure: string, ratio: number, budget: string): void {
	console.log(
		`${name.padEnd(44)} ${figure.padEnd(34)} budget ${budget.padEnd(8)} ratio ${ratio.toFixed(2)}${ratio > 1 ? '  OVER' : ''}`
	);
}

/** Milliseconds of some work: the middle of five, so that what else the machine does is not counted. */
export function middleOfFive(work: () => unknown): number {
	const times = Array.from({ length: 5 }, () => {
		const start = performance.now();
		work();
		return performance.now() - start;
	});
	return times.sort((a, b) => a - b)[2]!;
}
