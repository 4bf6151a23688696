/** The module file of the package, whose own types are named for its broken entry. */
declare module 'maxrects-packer/dist/maxrects-packer.mjs' {
	type Rect = { x: number; y: number; width: number; height: number };
	export class MaxRectsPacker {
		constructor(width: number, height: number, padding: number, options: object);
		bins: { rects: Rect[] }[];
		addArray(rects: { width: number; height: number }[]): void;
	}
}
