/** How many cases a costly property tries: all of them in `npm test`, a tenth in the everyday loop. */
export function runs(all: number): number {
	return process.env.THOROUGH === '1' ? all : Math.ceil(all / 10);
}
