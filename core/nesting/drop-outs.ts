/** What falls out of a mat's windows: board that serves another job's mat or under-mat (handbook cut#stock). */
import type { Cut } from '../figures/cut.ts';
import type { Figures } from '../figures.ts';
import type { Size } from '../geometry/shapes.ts';
import type { Decided } from '../job/decided.ts';

/** Trimmed square, a millimetre a side. */
const TRIMMED = 1;

/** @returns the blanks that the windows of a mat give, in the order of the windows; none of what is no mat, and of a window that is no rectangle */
export function dropOutsOf(cut: Cut, job: Decided, { window }: Figures): Size[] {
	const [, number] = /^mat (\d+)$/.exec(cut.of ?? '') ?? [];
	const mat = cut.role === 'mat' && number ? window?.mats[Number(number) - 1] : undefined;
	if (!mat) return [];
	return (mat.holes?.map(({ opening }) => opening) ?? [mat.opening]).flatMap(({ width, height }, index) =>
		job.windows[index]?.shape === 'rectangle' ? [{ width: width - 2 * TRIMMED, height: height - 2 * TRIMMED }] : []
	);
}
