/** A linear programme, whole or not, and what a solver makes of it. The solver is passed in: it is no part of the core. */
export type Row = { of: [column: number, times: number][]; least?: number; most?: number };
export type Programme = {
	/** What one of each column costs; the sum is made as small as it goes. */
	costs: number[];
	rows: Row[];
	/** Columns are taken a whole number of times. */
	whole: boolean;
	/** Of a whole programme: sums of costs are so far apart, so that one nearer to its bound than this is the best. */
	apart?: number;
};
export type Solved = {
	/** `open`: the time was up. */
	state: 'best' | 'none' | 'open';
	value: number;
	/** How often each column is taken. */
	columns: number[];
	/** Of a programme that is not whole: what a row more would cost. */
	duals: number[];
};
export type Solve = (programme: Programme, seconds: number) => Solved;
