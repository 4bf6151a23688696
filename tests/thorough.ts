/** How many cases a costly property tries: all of them in `npm test`, a tenth in the everyday loop, a hundredth where changes are tried. */
const SHARES = { all: 1, tenth: 0.1, hundredth: 0.01 };

export function runs(all: number): number {
	const share = SHARES[(process.env.CASES ?? 'tenth') as keyof typeof SHARES];
	return Math.ceil(all * share);
}
