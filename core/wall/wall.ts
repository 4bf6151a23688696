/** A wall and what hangs on it. X from the wall's left corner, heights from the floor, all in mm (handbook hang#walls). */
import type { Size } from '../geometry/shapes.ts';
import type { Grade } from '../shop/grades.ts';
import type { Exposure, PlaceClimate, SourceId } from '../shop/places.ts';
import type { Filter } from '../stations/light/years.ts';
import type { Severity } from '../rule/rule.ts';

export const WALL_KINDS = ['masonry', 'plasterboard', 'lath-plaster', 'wood'] as const;
export type WallKind = (typeof WALL_KINDS)[number];
export const THING_NAMES = {
	heat: 'stove or radiator',
	water: 'sink or bath',
	window: 'window',
	door: 'door',
	furniture: 'furniture',
	bed: 'bed or seat',
	socket: 'outlet or switch',
	stud: 'stud',
	'picture-rail': 'picture rail',
	other: 'something else'
} as const;
export type ThingKind = keyof typeof THING_NAMES;
export const THING_KINDS = Object.keys(THING_NAMES) as ThingKind[];

/** Stands before the wall or is let into it. */
export type Thing = Size & { name: string; kind: ThingKind; left: number; bottom: number };

/** `x` from the picture's centre line, `down` from the frame's top to the nail, with the picture hung. */
export type PictureHook = { x: number; down: number };
export type Picture = {
	id: string;
	outer: Size;
	/** null: nobody knows how heavy it is. */
	kg: number | null;
	hooks: readonly PictureHook[];
	/** Its place lies in the sun, as its job says. */
	inSun?: boolean;
	/** Of air behind it, mm: its bumpers. */
	air?: number;
	/** Of a job whose media are known: its class, its glazing, and the light of the place that it names. */
	fades?: { fade: number; filter: Filter; exposure: Exposure; aim: Grade };
};

export const LINES = ['row', 'column', 'grid'] as const;
export const GAPS = ['equal', 'between'] as const;
/** Of a row and a grid by height; of a column by x. */
export const ALIGNS = {
	row: ['centre', 'top', 'bottom'],
	column: ['centre', 'left', 'right'],
	grid: ['centre', 'top', 'bottom']
} as const;
export type Align = 'centre' | 'top' | 'bottom' | 'left' | 'right';

export type Group = {
	pictures: readonly string[];
	line: (typeof LINES)[number];
	/** Of a row and a grid from left to right; of a column heights, the upper first. */
	from: number;
	to: number;
	align: Align;
	/** Of the align line: a height; of a column its x. */
	height: number;
	/** Equal between and at both ends, equal between alone, or a length. */
	gap: (typeof GAPS)[number] | number;
	/** Rise to the right for one along it, of a row along a stair: the line is at `height` at `from`. */
	slope: number;
	/** Of a grid. */
	columns: number;
};

export type Place = { id: string; left: number; /** Height of its centre. */ centre: number };

/** Read with a meter on the wall, lux. */
export type LightReading = { left: number; height: number; lux: number };
export type WallLight = { source: SourceId; hoursPerDay: number; readings: readonly LightReading[] };

export type Wall = {
	wall: Size & {
		kind: WallKind;
		/** Cold in winter. */ outside?: boolean;
		/** What the room is like. */ climate?: PlaceClimate;
		light?: WallLight;
		things: readonly Thing[];
	};
	pictures: readonly Picture[];
	groups: readonly Group[];
	places: readonly Place[];
};

/** As it hangs. */
export type Hung = Size & { id: string; left: number; bottom: number };
export type NumberedHook = { n: number; picture: string; x: number; height: number };
export type WallFinding = { rule: WallRule; severity: Severity; picture: string; says: string };
export const WALL_RULES = [
	'wall.overlap',
	'wall.outside',
	'wall.no-room',
	'wall.over-heat',
	'wall.over-water',
	'light.sun',
	'light.too-soon',
	'light.over-budget',
	'climate.place',
	'wall.in-sun',
	'wall.over-bed',
	'wall.cold',
	'wall.load'
] as const;
export type WallRule = (typeof WALL_RULES)[number];

/** An estimate, for comparing places: light at its centre, and years to a just noticeable fade; null in the dark, absent where its media are not known. */
export type LitPicture = { picture: string; lux: number; years?: number | null; /** Yearly budgets used. */ budget?: number };

export type WallPlan = {
	pictures: Hung[];
	/** One a group. */
	gaps: number[];
	hooks: NumberedHook[];
	findings: WallFinding[];
	/** Of those whose light is known. */
	light: LitPicture[];
};
