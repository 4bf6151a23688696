/** Full sheets as suppliers sell them (handbook stock): boards, museum boards, glazing; in the unit that a shop cuts in. */
import type { Size } from '../geometry/shapes.ts';
import type { Unit } from '../units/length.ts';
import type { Shop } from './shop.ts';

const INCH = 25.4;
type Pair = [mm: Size, inches: [number, number]];
const size = (width: number, height: number, across: number, down: number): Pair => [{ width, height }, [across, down]];
const SMALL = size(1016, 813, 40, 32);
const LARGE = size(1524, 1016, 60, 40);
const BOARD = [SMALL, LARGE];
const MUSEUM = [SMALL, LARGE, size(1829, 1219, 72, 48)];
const GLAZING = [size(762, 610, 30, 24), SMALL, size(1219, 914, 48, 36), LARGE];

/** @returns the sizes of a board or a glazing that can be bought, the smallest first; none of what is no sheet */
export function sheetSizes(material: string, unit: Unit, shop: Pick<Shop, 'boards' | 'glazings'>): Size[] {
	return pairsOf(material, shop).map(([mm, [across, down]]) =>
		unit === 'mm' ? mm : { width: across * INCH, height: down * INCH }
	);
}

function pairsOf(material: string, { boards, glazings }: Pick<Shop, 'boards' | 'glazings'>): Pair[] {
	if (glazings[material]) return GLAZING;
	const board = boards[material];
	if (!board) return [];
	return board.touch === 'rare' ? MUSEUM : BOARD;
}
