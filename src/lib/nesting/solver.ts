/** The solver of linear programmes: HiGHS, in WebAssembly. */
import type { Programme, Row, Solve } from '$core/nesting/programme.ts';

/** What is used of the package, which has one entry for Node and one for pages. */
export type Highs = {
	solve(
		problem: string,
		options?: Record<string, unknown>
	): {
		Status: string;
		ObjectiveValue: number;
		Columns: Record<string, { Primal?: number }>;
		Rows: { Name?: string; Index: number; Dual?: number }[];
	};
};

/** @returns a function that solves programmes; it holds up its thread until it is done or its seconds are over */
export function solverFrom(highs: Highs): Solve {
	return (programme, seconds) => {
		const solved = highs.solve(written(programme), {
			time_limit: Math.max(0.05, seconds),
			output_flag: false,
			...(programme.whole ? { mip_rel_gap: 0, mip_abs_gap: Math.max(1e-6, programme.apart ?? 0) } : {})
		});
		const state = solved.Status === 'Optimal' ? 'best' : solved.Status === 'Infeasible' ? 'none' : 'open';
		const duals = new Array<number>(programme.rows.length).fill(0);
		for (const row of solved.Rows) duals[row.Index] = row.Dual ?? 0;
		return {
			state,
			value: solved.ObjectiveValue,
			columns: programme.costs.map((_, index) => solved.Columns[`c${index}`]?.Primal ?? 0),
			duals
		};
	};
}

/** The programme in the LP format: a row of no column would be none there, so it holds the first one no times. */
function written({ costs, rows, whole }: Programme): string {
	const names = costs.map((_, index) => `c${index}`);
	const lines = ['Minimize', ` obj: ${sum(costs.map((cost, index) => [index, cost]))}`, 'Subject To'];
	rows.forEach((row, index) => lines.push(` r${index}: ${sum(row.of)} ${limit(row)}`));
	if (whole) lines.push('General', names.join('\n'));
	return [...lines, 'End'].join('\n');
}

/** Terms of a sum, each on a line of its own: lines of the format are bounded. */
function sum(terms: Row['of']): string {
	if (terms.length === 0) return '0 c0';
	return terms.map(([column, times]) => `${times < 0 ? '-' : '+'} ${Math.abs(times)} c${column}`).join('\n');
}

const limit = ({ least, most }: Row): string => (least === undefined ? `<= ${most ?? 0}` : `>= ${least}`);
