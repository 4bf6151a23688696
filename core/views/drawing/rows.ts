/** Lays sizes out in rows, so that parts of a job stand side by side and none on another. */
import type { Place, Rect, Size } from '../../geometry/shapes.ts';

const APART = 20;
/** A row ends about here, unless one part is longer. */
const ROW = 1800;

export function placeInRows(sizes: Size[]): { places: Place[]; box: Rect } {
	const most = Math.max(ROW, ...sizes.map(({ width }) => width));
	let [left, top, tall, wide] = [0, 0, 0, 0];
	const places = sizes.map((size) => {
		if (left > 0 && left + size.width > most) {
			top += tall + APART;
			left = 0;
			tall = 0;
		}
		const place = { left, top };
		left += size.width + APART;
		tall = Math.max(tall, size.height);
		wide = Math.max(wide, place.left + size.width);
		return place;
	});
	return { places, box: { left: 0, top: 0, width: wide, height: top + tall } };
}
