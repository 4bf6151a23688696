/** What the page and the worker that squares a photograph say to each other. */
import type { Point } from '$core/geometry/shapes.ts';

export type Ask =
	| { kind: 'open'; file: Blob }
	| {
			kind: 'square';
			/** Where the sheet's corners are seen, from top-left clockwise, as shares of the photograph's width and height. */
			corners: Point[];
			/** The same corners on the sheet, mm from its bounding box's corner, and the size of that box. */
			outline: Point[];
			size: { width: number; height: number };
	  };

export type Told =
	| { kind: 'opened'; preview: ImageBitmap; width: number; height: number }
	| { kind: 'progress'; share: number }
	| { kind: 'squared'; picture: Blob }
	| { kind: 'refused'; says: string };
