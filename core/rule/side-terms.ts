/** Terms of the four sides and of the two axes of something. */
import { mapAxes, mapSides, type SideName, type Sides, type Size } from '../geometry/shapes.ts';
import type { Write } from './book.ts';
import { at, type Term, type TermSize } from './term.ts';

export type TermSides = Record<SideName, Term>;

/** The two sides that lie along an axis. */
export const SIDES_OF: Record<keyof Size, readonly ['left' | 'top', 'right' | 'bottom']> = {
	width: ['left', 'right'],
	height: ['top', 'bottom']
};

export function sidesOf(make: (side: SideName) => Term): TermSides {
	return { top: make('top'), right: make('right'), bottom: make('bottom'), left: make('left') };
}

/** Four sides that stand under a path. */
export function sideTerms(path: string, sides: Sides): TermSides {
	return sidesOf((side) => at(`${path}.${side}`, sides[side]));
}

export function sideValues(sides: TermSides): Sides {
	return mapSides((side) => sides[side].value);
}

export function sizeValues(size: TermSize): Size {
	return mapAxes((axis) => size[axis].value);
}

/** Writes each side under the name, and gives them by it. */
export function writeSides(write: Write, name: string, sides: TermSides, anchor: string): TermSides {
	return sidesOf((side) => write(`${name}.${side}`, sides[side], anchor));
}

/** Writes width and height under the name, and gives them by it. */
export function writeSize(write: Write, name: string, size: TermSize, anchor: string): TermSize {
	return mapAxes((axis) => write(`${name}.${axis}`, size[axis], anchor));
}
