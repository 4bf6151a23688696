/** Points, sizes, sides: the few shapes that every station speaks of. x to the right, y down, seen from the front, millimetres. */

export type Point = { x: number; y: number };
export type Size = { width: number; height: number };
export type Place = { left: number; top: number };
export type Sides = { top: number; right: number; bottom: number; left: number };
export type Rect = Place & Size;
export type SideName = keyof Sides;

/** Sides in the order in which they are always written. */
export const SIDES: SideName[] = ['top', 'right', 'bottom', 'left'];

/** The same length on all four sides. */
export function evenSides(length: number): Sides {
	return { top: length, right: length, bottom: length, left: length };
}

/** One value a side, made from the side's name. */
export function mapSides(make: (side: SideName) => number): Sides {
	return { top: make('top'), right: make('right'), bottom: make('bottom'), left: make('left') };
}

/** The same for the width and the height. */
export function mapAxes<T>(make: (axis: keyof Size) => T): { width: T; height: T } {
	return { width: make('width'), height: make('height') };
}

/** The axis that a side's border is measured along. */
export function axisOf(side: SideName): 'width' | 'height' {
	return side === 'left' || side === 'right' ? 'width' : 'height';
}

/** A size with a border added on every side. */
export function grow(size: Size, by: Sides): Size {
	return { width: size.width + by.left + by.right, height: size.height + by.top + by.bottom };
}
