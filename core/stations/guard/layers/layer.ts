/** What a layer of the pack is: one file gives all of it, and a part that is missing does not compile. */
import type { Figures } from '../../../figures.ts';
import type { Lite } from '../../../figures/frame.ts';
import type { Layer, LayerRole, Made } from '../../../figures/pack.ts';
import type { Hatch, Layout } from '../../../figures/scene.ts';
import type { Window } from '../../../figures/window.ts';
import type { Point } from '../../../geometry/shapes.ts';
import type { Decided } from '../../../job/decided.ts';
import type { Sight } from '../../../rule/sights.ts';
import type { Term } from '../../../rule/term.ts';
import type { House } from '../../../shop/house.ts';
import type { Shop } from '../../../shop/shop.ts';
import type { AddCut, CutPart } from '../../cut-part.ts';

/** One that there is, before it is known what it touches. */
export type Found = { material: string | null; thickness: number; inside?: true; made?: Made | null };

export type CutOf = {
	job: Decided;
	house: House;
	plan: Figures & { window: Window };
	/** A board as large as the pack. */ board: AddBoard;
};
export type AddBoard = (role: string, material: string, more?: Partial<Pick<CutPart, 'count' | 'layers' | 'of'>>) => void;

/** @param buffers share of its mass that takes up water: 1 for paper and board, 0 for glass, plastic, metal and lifts */
export type AddPart = (part: string, kg: Term, buffers: number) => void;
export type WeighOf = {
	job: Decided;
	window: Window;
	sheetGrams: readonly number[];
	house: House;
	/** Of a lite that follows a frame. */ lite?: Lite;
};

/** A layer in section, from its top to its bottom. */
export type SectionOf = { layer: Layer; top: number; bottom: number; plan: Figures; job: Decided; sight: Sight; layout: Layout };
export type Drawn = { ring: Point[]; title?: string };

export type LayerDefinition = {
	/** In front of the piece, the piece, or behind it. */
	side: 'over' | 'piece' | 'behind';
	/** There is one for each mat, for each filler. */
	each: 'mats' | 'fillers' | null;
	/** In front: nothing but air or a window lies between it and the piece. */
	faces: boolean;
	/** Behind: what lies behind it reaches the piece no longer. */
	closes: boolean;
	/** Behind canvas or panel it stands off, with air between. */
	standsOff: boolean;
	/** Behind a float it lies against the piece all the same. */
	touchesFloat: boolean;
	/** @param index which mat or filler, from the front */
	found(job: Decided, shop: Shop, index: number): Found[];
	/** Where findings about it say they are. */
	where(index: number): string;
	/** Its thickness, by what gives it. */
	thickness(layer: Layer, job: Decided, house: House): Term;
	/** As it is said: "cotton museum board, 4-ply, shell". */
	name(layer: Layer, job: Decided, shop: Shop): string;
	look(layer: Layer, job: Decided): { fill: string; hatch?: Hatch };
	/** In section, each part closed. */
	drawn(of: SectionOf): Drawn[];
	weighs(of: WeighOf, index: number, add: AddPart): void;
	cut(of: CutOf, index: number, add: AddCut): void;
};

export type LayerDefinitions = Record<LayerRole, LayerDefinition>;
