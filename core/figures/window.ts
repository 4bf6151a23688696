/** Figures of Window: openings, mats, borders. */
import type { Place, Sides, Size, Rect, SideName } from '../geometry/shapes.ts';

/** What a cutter for curves is set to, measured from the blank's left and top edge. */
export type Curve = {
	centre: Place;
	/** Oval and circle. */
	diameters?: Size;
	/** Arch: its round, and the line from which it springs. */
	radius?: number;
	spring?: number;
};

/** One of several openings in a mat. */
export type Hole = { opening: Size; border: Sides; stop: Sides; curve?: Curve };

export type MatPlan = {
	/** The narrowest opening; of several the size of all together. */
	opening: Size;
	/** From the blank's edge to that opening. */
	border: Sides;
	/** The first mat's border as seen in the frame, centred; the others' flat strip. Absent for the first until a frame is chosen. */
	seen?: Sides;
	/** Guide-stop settings: blank's edge to the cutting line on the back. */
	stop: Sides;
	blank: Size;
	curve?: Curve;
	/** Several windows, in the order of the job. */
	holes?: Hole[];
	/** Strips of the lift behind it, absent without one: uprights run the whole height. */
	lift?: { height: number; setback: number; uprights: { left: Size; right: Size }; crosses: { top: Size; bottom: Size } };
	/** A printed mat: the least printed area, and the blank with the strip that the cutter's clamps hold, trimmed off last. */
	print?: { needs: Size; board: Size };
};

export type Opening = {
	opening: Size;
	/** What the window shows, from the bounding box's top-left corner. */
	sees: Rect;
	/** How far the mat covers the sheet; absent in a float, as are the two that follow. */
	overlap?: Sides;
	least?: Sides;
	/** ± mm that the sheet may be off before something is wrong to see, and while it is still right: known once its hold is. */
	free?: Size;
	tolerance?: Size;
	/** How far each zone lies inside the window (show) or outside it (hide); negative where it does not. */
	zones?: { id: string; kind: 'show' | 'hide'; margin: number }[];
	/** The sides that the zones gave, when it was asked for. */
	solved?: Sides;
	/** Zones to give up where no window satisfies all: each set an equal choice, the first was taken. */
	giveUp?: string[][];
	/** Which zone gave a solved side, by its name; null where the least overlap did. */
	solvedBy?: Record<SideName, string | null>;
	/** A float's support: smaller than the piece on every side. */
	support?: Size;
};

/** One of several windows, with its place. */
export type PlacedOpening = Opening & {
	/** From the top-left of all windows, between narrowest edges. */
	at: Place;
	/** Where the top-left corner of the sheet's bounding box lies on the under-mat. */
	placement: Place;
	/** The same of a float's support on its base. */
	supportAt?: Place;
};

/** Of several windows `opening` is the size of all together; the rest stands in `openings`. */
export type Window = Partial<Omit<PlacedOpening, 'at' | 'opening'>> & {
	opening: Size;
	mats: MatPlan[];
	pack: Size;
	openings?: PlacedOpening[];
};

/** The windows of a plan as a list, one alone or several. */
export function openingsOf(window: Window): PlacedOpening[] {
	return window.openings ?? [{ ...(window as Window & { placement: Place; sees: Rect }), at: { left: 0, top: 0 } }];
}
