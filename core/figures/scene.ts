/** A scene is a picture in millimetres: the single source of every screen drawing, print and export. x right, y down. */
import type { Point, Rect } from '../geometry/shapes.ts';
import type { Look } from '../units/show.ts';

/** What a shape is; style.ts says how each is drawn. */
export type Role =
	| 'moulding'
	| 'moulding-edge'
	| 'mat'
	| 'bevel'
	| 'bevel-reverse'
	| 'under-mat'
	| 'support'
	| 'bevel-line'
	| 'sheet'
	| 'usable'
	| 'wall'
	| 'shadow'
	| 'image'
	| 'diagonal'
	| 'sheet-edge'
	| 'pack'
	| 'backing'
	| 'tape'
	| 'edge-seal'
	| 'point'
	| 'ring'
	| 'wire'
	| 'hook'
	| 'bumper'
	| 'hinge'
	| 'stitch'
	| 'clip'
	| 'strip'
	| 'part'
	| 'part-window'
	| 'zone-show'
	| 'zone-hide'
	| 'zone-keep-off'
	| 'layer'
	| 'layer-faulty'
	| 'break'
	| 'leader'
	| 'plate'
	| 'writing'
	| 'sleeve'
	| 'cut-sheet'
	| 'blank'
	| 'offcut'
	| 'cut-line'
	| 'trim'
	| 'cut-made'
	| 'lies'
	| 'blade';

/** Hatches tell materials apart in print without colour. */
export type Hatch = 'wood' | 'glass' | 'acrylic' | 'board' | 'pulp' | 'foam' | 'plastic' | 'metal' | 'film' | 'paper';

export type Shape = {
	role: Role;
	/** Closed rings, filled even-odd; or one open line. Absent for a circle. */
	rings?: Point[][];
	open?: true;
	circle?: Point & { radius: number };
	fill?: string;
	hatch?: Hatch;
	/** Read out and shown on pointing. */
	title?: string;
	/** Layer of an export; the role's own name unless given. */
	layer?: string;
	/** The piece's own picture, laid over the shape and clipped to its window. */
	picture?: Picture;
};

export type DimensionSide = 'top' | 'right' | 'bottom' | 'left';

/** A length to be shown beside the drawing: it runs along x at the top and bottom, along y at the left and right. */
export type Dimension = {
	/** "outer width"; the row's name in the table behind the drawing. */
	name: string;
	/** Plan path of the figure, so that it can say why. Absent where it is the difference of two. */
	path?: string;
	side: DimensionSide;
	from: number;
	to: number;
	/** The figure, mm; `to − from` unless the drawing shortens it. */
	value: number;
	/** Where the extension lines start. */
	at: number;
	/** How the figure is said: cut unless given. */
	look?: Look;
};

/** A row of text with a leader to a place: the layers of a section. */
export type Callout = {
	name: string;
	path?: string;
	value: number;
	to: Point;
	sign?: 'stop' | 'caution';
	/** fine unless given. */ look?: Look;
};

/** A kept picture by its sum. */
export type Picture = { sum: string; place: Rect; clip: Point[] };

/** Words in a place of the drawing, which is as large as what they name. */
export type Label = { kind: 'blank' | 'offcut' | 'cut'; name: string; detail: string; turned?: boolean; place: Rect };

export type Scene = {
	view: 'front' | 'section' | 'back' | 'sheet' | 'corner' | 'preview' | 'parts' | 'board';
	title: string;
	/** Everything but dimensions and callouts lies in it. */
	box: Rect;
	shapes: Shape[];
	dimensions: Dimension[];
	callouts: Callout[];
	labels?: Label[];
	/** Its few figures are drawn with their names. */
	namesFigures?: true;
	/** What is not true to scale, in a sentence. */
	notToScale?: string;
	/** It shows a way of the hands: nothing in it is measured. */
	sketch?: true;
};

export function rectangle(left: number, top: number, width: number, height: number): Point[] {
	return [
		{ x: left, y: top },
		{ x: left + width, y: top },
		{ x: left + width, y: top + height },
		{ x: left, y: top + height }
	];
}

/** A rectangle with a hole. */
export function ring(outer: Point[], hole: Point[]): Point[][] {
	return [outer, hole];
}

/** Where things stand in a section, mm from the frame's outer edge and its face. */
/** Where the parts of a section lie, mm: left edge of the pack, the break, the window. */
export type Layout = {
	/** Left edge of the pack, start and end of the break, the window's narrowest edge, the right end. */
	packLeft: number;
	breakFrom: number;
	breakTo: number;
	window: number;
	end: number;
	/** Top of the pack. */
	top: number;
	/** The frame's back, with strips on it; where there is no frame the pack's. */
	back: number;
};
