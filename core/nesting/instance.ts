/** A cutting job in whole steps and without kerf, as the search and the bounds see it. */
import type { CuttingJob } from './figures.ts';

/** Steps of a millimetre: every metric size and 1/64 in are whole in them, so that sums of sides compare exactly. */
const STEPS = 200_000;
export const steps = (mm: number): number => nearestWhole(mm * STEPS);
/** Of what is whole but for the rounding of sums: no length is rounded by it. */
export const nearestWhole = (value: number): number => Math.floor(value + 0.5);
export const millimetres = (whole: number): number => whole / STEPS;

/**
 * A kind of blank, or of sheet without its trim. Each side is a kerf longer than it is: then pieces that are cut apart lie edge to edge,
 * and no kerf is left to think of.
 */
export type Kind = { index: number; w: number; h: number; area: number; count: number };
export type BlankKind = Kind & { turn: boolean };
export type SheetKind = Kind & { cost: number };

export type Instance = { blanks: BlankKind[]; sheets: SheetKind[] };

/** Taken off each edge, mm: where an edge is trimmed at all, the blade takes as much as it is thick. */
export const trimOf = ({ trim, kerf }: Pick<CuttingJob, 'trim' | 'kerf'>): number => (trim > 0 ? Math.max(trim, kerf) : 0);

/** @returns the blanks that fit some sheet, the largest first, and the sheets; blanks that fit none are left out, `index` is the place in the job's list */
export function instanceOf(job: CuttingJob): Instance {
	const sheets = job.sheets.map(({ width, height, count, cost }, index) => {
		const trim = cost === 0 ? 0 : 2 * trimOf(job);
		const w = steps(width - trim + job.kerf);
		const h = steps(height - trim + job.kerf);
		return { index, w, h, area: w * h, count, cost };
	});
	const blanks = job.blanks
		.map(({ width, height, count, turn }, index) => {
			const w = steps(width + job.kerf);
			const h = steps(height + job.kerf);
			return { index, w, h, area: w * h, count, turn: turn && w !== h };
		})
		.filter((blank) => blank.count > 0 && sheets.some((sheet) => sheet.count > 0 && fits(blank, sheet)))
		.sort((one, other) => other.area - one.area);
	return { blanks, sheets: sheets.filter((sheet) => sheet.count > 0 && sheet.w > 0 && sheet.h > 0) };
}

export const fits = (blank: BlankKind, { w, h }: { w: number; h: number }): boolean =>
	(blank.w <= w && blank.h <= h) || (blank.turn && blank.h <= w && blank.w <= h);
