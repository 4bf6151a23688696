/** Tables as CSV: nothing in a cell is reckoned as a formula by what opens it. */
import Papa from 'papaparse';

/** However the text goes on, over line ends too. */
const FORMULA = /^[=+\-@\t\r]/;

type Table = Parameters<typeof Papa.unparse>[0];

/** @param columns their order, where rows are objects */
export function csvOf(table: Table, columns?: string[]): string {
	return Papa.unparse(table, { escapeFormulae: FORMULA, ...(columns ? { columns } : {}) });
}
