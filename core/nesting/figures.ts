/** What a cutting plan is asked with and what it holds: the names are those of cutting files. Millimetres. */
export type SheetStock = {
	id: string;
	width: number;
	height: number;
	count: number;
	/** 0: an offcut, used before full sheets and not trimmed. */
	cost: number;
};

export type BlankWanted = {
	id: string;
	width: number;
	height: number;
	count: number;
	/** May be cut lying across: its grain is of no matter. */
	turn: boolean;
};

export type CuttingJob = {
	kerf: number;
	trim: number;
	/** Shorter side from which a left-over is kept. */
	minOffcut: number;
	seconds: number;
	sheets: SheetStock[];
	blanks: BlankWanted[];
};

export type Rect = { left: number; top: number; width: number; height: number };
export type Placed = Rect & { blank: string; turned: boolean };

/** A cut from edge to edge of a piece. `x`: along the line x = at, from top to bottom. `gives`: left or upper first, `null` of no size. */
export type SawCut = { order: number; from: string; axis: 'x' | 'y'; at: number; gives: [string | null, string | null] };

export type SheetPlan = { sheet: string; placed: Placed[]; cuts: SawCut[]; offcuts: Rect[] };

export type CuttingPlan = {
	sheets: SheetPlan[];
	unplaced: { blank: string; count: number; says: string }[];
	/** Full sheets, the cost of all, mm² of all that is cut into. */
	used: { sheets: number; cost: number; area: number };
	bound: { sheets: number; says: string };
	/** No plan has fewer full sheets; where they differ in cost, none costs less. */
	proven: boolean;
};
