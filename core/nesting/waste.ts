/** What is cut away beside blanks and kept offcuts (handbook cut#cost). */
import type { CuttingPlan, Rect } from './figures.ts';

/**
 * @param keptFrom a rest whose longer side is shorter is cut away too, mm
 * @returns of 100 of the blanks' area; 0 where no blank is placed
 */
export function wasteOf({ sheets, used }: CuttingPlan, keptFrom = 0): number {
	const areaOf = (rects: readonly { width: number; height: number }[]): number =>
		rects.reduce((sum, { width, height }) => sum + width * height, 0);
	const isKept = ({ width, height }: Rect): boolean => Math.max(width, height) >= keptFrom;
	const blanks = sheets.reduce((sum, { placed }) => sum + areaOf(placed), 0);
	const offcuts = sheets.reduce((sum, one) => sum + areaOf(one.offcuts.filter(isKept)), 0);
	return blanks === 0 ? 0 : ((used.area - blanks - offcuts) / blanks) * 100;
}
