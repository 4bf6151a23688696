/** Figures of Guard and Pack: the layers, and how thick they are. */

export type LayerRole =
	| 'glazing'
	| 'spacer'
	| 'mat'
	| 'lift'
	| 'piece'
	| 'support'
	| 'back-spacer'
	| 'under-mat'
	| 'filler'
	| 'barrier'
	| 'backing';

export type Layer = {
	role: LayerRole;
	/** Id in the shop's catalogue; the piece has none. */
	material: string | null;
	thickness: number;
	/** Lies against the piece. */
	touches: boolean;
	/** Nothing but air, film or a window lies between it and the piece. */
	faces: boolean;
	/** Which mat or filler it is, from the front. */
	index?: number;
	/** Of a lift, a filler, a cotton spacer: the boards that it is stacked from; absent where no stack makes its height. */
	made?: Made;
	/** A float, its support with it, stands inside the depth of the mats and spacers round it. */
	inside?: true;
};

export type Spacer = {
	/** Two full, two between them. */
	lengths: { across: number; down: number };
	/** The air that it gives. */
	high: number;
	/** Of the strip that is cut; its covering comes on top. */
	thick: number;
	covering: number;
	/** How much of it is seen from the front, past the lip. */
	seen: number;
};

export type Pack = {
	layers: Layer[];
	thickness: number;
	gap: number;
	/** At the grade aimed at. */
	gapNeed: number;
	/** Glazing lying flat, at most: for minutes at the bench; for weeks, when acrylic creeps; leaning as it is carried. */
	sag: number;
	sagWeeks: number;
	sagCarried: number;
	/** Rabbet depth, with strips on the frame's back, − thickness; absent until a frame is chosen. */
	clearance?: number;
	/** Strips under the lip that hold the glazing off. */
	spacer?: Spacer;
};

export type Made = { board: string; layers: number }[];
