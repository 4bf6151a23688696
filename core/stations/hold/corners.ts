/**
 * Corner pockets: folded paper triangles whose legs lie on the sheet's two edges, no adhesive (handbook hold#corners).
 *
 *   ┌────────leg──┐      The fold runs from leg to leg: x + y = leg. The window hides it exactly when the overlaps of the two
 *   │    ╱                sides that meet here add up to the leg or more.
 *   leg╱
 */
import type { Size } from '../../geometry/shapes.ts';
import type { WindowChoice } from '../../job/decide-window.ts';
import type { House } from '../../shop/house.ts';
import type { Opening } from '../../figures/window.ts';

/** The longest leg that the window hides at every corner, mm; 0 where none is. Under an oval the corners of the sheet lie farther off. */
export function hiddenLeg(opening: Opening, shape: WindowChoice['shape'], sheet: Size): number {
	const { overlap } = opening;
	if (!overlap) return 0;
	if (shape === 'oval' || shape === 'circle') {
		const [a, b] = [opening.opening.width / 2, opening.opening.height / 2];
		return Math.max(0, (sheet.width + sheet.height) / 2 - Math.hypot(a, b));
	}
	return Math.min(overlap.top, overlap.bottom) + Math.min(overlap.left, overlap.right);
}

/** The same, written out. */
export function hiddenLegExpression(shape: WindowChoice['shape']): string {
	if (shape !== 'oval' && shape !== 'circle')
		return 'min(window.overlap.top, window.overlap.bottom) + min(window.overlap.left, window.overlap.right)';
	const [across, down] = ['window.opening.width / 2', 'window.opening.height / 2'];
	return `max(0, (measure.mean.width + measure.mean.height) / 2 - sqrt(${across} * ${across} + ${down} * ${down}))`;
}

/** min(40, short side/6, hidden − 1), never below 0. */
export function pocketLeg(opening: Opening, shape: WindowChoice['shape'], sheet: Size, house: House): number {
	const hidden = hiddenLeg(opening, shape, sheet) - house.pocketBehind;
	return Math.max(0, Math.min(house.pocketMost, Math.min(sheet.width, sheet.height) / 6, hidden));
}
