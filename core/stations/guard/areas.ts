/** Areas of the pack’s parts, m². */
import type { WindowShape } from '../../job/kinds.ts';
import type { MatPlan } from '../../figures/window.ts';
import type { Size } from '../../geometry/shapes.ts';
import { at, less, over, plain, sum, times, half, type Term } from '../../rule/term.ts';

const SQUARE_MM = plain(1_000_000);

/** A size that stands under a path. */
function sides(path: string, { width, height }: Size): [Term, Term] {
	return [at(`${path}.width`, width), at(`${path}.height`, height)];
}

/** mm², of a rectangle under a path. */
function rectangle(path: string, size: Size): Term {
	return times(...sides(path, size));
}

export function areaM2(path: string, size: Size): Term {
	return over(rectangle(path, size), SQUARE_MM);
}

/** The strips of a lift. */
export function liftArea(path: string, { uprights, crosses }: NonNullable<MatPlan['lift']>): Term {
	const strips = [
		rectangle(`${path}.uprights.left`, uprights.left),
		rectangle(`${path}.uprights.right`, uprights.right),
		rectangle(`${path}.crosses.top`, crosses.top),
		rectangle(`${path}.crosses.bottom`, crosses.bottom)
	];
	return over(sum(...strips), SQUARE_MM);
}

export type Opening = { path: string; size: Size; shape: WindowShape };

/** A blank without what its windows take. */
export function matArea(path: string, blank: Size, openings: readonly Opening[]): Term {
	return over(less(rectangle(path, blank), ...openings.map(openingArea)), SQUARE_MM);
}

/** mm²: a rectangle, an ellipse, or a half circle on a rectangle. */
export function openingArea({ path, size, shape }: Opening): Term {
	const [width, height] = sides(path, size);
	const pi = plain(Math.PI);
	if (shape === 'rectangle') return times(width, height);
	if (shape === 'arch') return sum(times(width, less(height, half(width))), over(times(pi, width, width), plain(8)));
	return over(times(pi, width, height), plain(4));
}
