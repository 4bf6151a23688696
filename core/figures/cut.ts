/** A line of the cut list. */
import type { SideName, Size } from '../geometry/shapes.ts';
import type { Lite } from './frame.ts';

export type Cut = {
	role: string;
	material: string;
	width: number;
	height: number;
	count: number;
	from: 'sheet' | 'stick' | 'roll' | 'tissue' | 'coil' | 'cloth';
	/** How many of them lie on each other to make one height. */
	layers?: number;
	/** The height that they make, where it is not the board's own. */
	high?: number;
	/** Which mat, window or piece it belongs to: `mat 2`. */
	of?: string;
	side?: SideName;
	/** Of a mat: its colour, as it is ordered. */
	colour?: string;
	opening?: Size;
	/** Cut out of square, to follow a frame: its own four sides and diagonals. */
	sides?: Lite;
};
