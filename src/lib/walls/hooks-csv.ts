/** The list of hooks as CSV: in millimetres, whatever is read. */
import Papa from 'papaparse';
import type { NumberedHook } from '$core/wall/wall.ts';

export function hooksCsv(hooks: readonly NumberedHook[], titleOf: (id: string) => string): string {
	const rows = hooks.map(({ n, x, height, picture }) => [n, x.toFixed(1), height.toFixed(1), titleOf(picture)]);
	return Papa.unparse([['hook', 'from the left, mm', 'from the floor, mm', 'picture'], ...rows], { escapeFormulae: true });
}
