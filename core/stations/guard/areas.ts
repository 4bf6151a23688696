/** Areas of the pack’s parts, m². */
import type { Size } from '../../geometry/shapes.ts';
import type { MatPlan } from '../../figures/window.ts';

export function liftArea(lift: NonNullable<MatPlan['lift']>): number {
	return areaM2(lift.uprights.left) + areaM2(lift.uprights.right) + areaM2(lift.crosses.top) + areaM2(lift.crosses.bottom);
}

export function areaM2(size: Size): number {
	return (size.width * size.height) / 1e6;
}
