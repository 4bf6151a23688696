/** The list of hooks as CSV: in millimetres, whatever is read. */
import { csvOf } from '$core/views/formats/csv.ts';
import type { NumberedHook } from '$core/wall/wall.ts';

export function hooksCsv(hooks: readonly NumberedHook[], titleOf: (id: string) => string): string {
	const rows = hooks.map(({ n, x, height, picture }) => [n, x.toFixed(1), height.toFixed(1), titleOf(picture)]);
	return csvOf([['hook', 'from the left, mm', 'from the floor, mm', 'picture'], ...rows]);
}
