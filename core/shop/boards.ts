/** Boards and barriers: working figures of the handbook (guard#boards); a data sheet goes before them. */
import type { Reach } from './grades.ts';
import { AS_IT_COMES, type Stocked } from './stocked.ts';

export type Board = {
	id: string;
	name: string;
	thickness: number;
	/** kg/m² at that thickness. */
	massPerM2: number;
	/** The best grade at which it may touch or face the piece. */
	touch: Reach;
	/** Cut with a bevel as a window mat. */
	forMats: boolean;
	/** At Keep it may face the piece as an outer mat that does not touch. */
	outerMatAtKeep?: true;
	/** The best grade at which it may close the back. */
	backing: Reach;
	/** Foam board reaches Rare as a backing once an under-mat or barrier lies before it. */
	backingBehindBoard?: Reach;
	/** Cloth or suede on its face: sheds, and never touches at Rare. */
	fabricFaced?: true;
	/** Raw wood fibre: acid and formaldehyde vapours. */
	woodFibre?: true;
	/** A hinge's screws hold in it. */
	takesScrew?: true;
	/** Alkaline reserve: good for most paper, not for protein, cyanotype and dye. */
	buffered: boolean;
	/** Stiff enough for a back: always, up to a longer side in mm, or not. */
	stiff: boolean | number;
	/** What it grows like, with damp and warmth. */
	growth: 'paper' | 'plastic' | 'metal';
	/** Damp through it, g/(Pa s m²). */
	permeance: number;
	/** Share of its mass that takes up water. */
	buffers: number;
	/** Not stacked for lifts and spacers. */
	notStacked?: true;
	/** It passed the photographic activity test, as its data say. */
	passesPat?: boolean;
	/** Its colour neither bleeds nor fades, as its data say. */
	fast?: boolean;
} & Stocked;

/** Foam board: tight, and less than half of it is paper. */
const FOAM = { forMats: false, permeance: 1.5e-7, buffers: 0.4 };

export const BOARDS: readonly Board[] = [
	cotton('cotton-2', 'Cotton museum board, 2-ply', 0.8, 0.55, true, 1100),
	cotton('cotton-4', 'Cotton museum board, 4-ply', 1.5, 1.05, true, 1900),
	cotton('cotton-8', 'Cotton museum board, 8-ply', 3.0, 2.1, true, 3800),
	cotton('cotton-2-unbuffered', 'Cotton museum board, 2-ply, unbuffered', 0.8, 0.55, false, 1200),
	cotton('cotton-4-unbuffered', 'Cotton museum board, 4-ply, unbuffered', 1.5, 1.05, false, 2000),
	cotton('cotton-8-unbuffered', 'Cotton museum board, 8-ply, unbuffered', 3.0, 2.1, false, 4000),
	paper('purified-4', 'Purified-pulp board, 4-ply', 1.5, 1.05, 'keep', true, 1300),
	paper('cotton-core-4', 'Cotton core with pulp face, 4-ply', 1.5, 1.05, 'keep', true, 1500),
	{ ...paper('pulp-4', 'Buffered wood-pulp mat board', 1.4, 0.95, 'show', true, 700), outerMatAtKeep: true },
	{ ...paper('fabric-faced', 'Fabric-faced board on a cotton core', 2.2, 1.4, 'keep', true, 2600), fabricFaced: true },
	paper('mat-ordinary', 'Ordinary mat board', 1.4, 0.95, 'never', false, 500),
	{
		...paper('alkaline-corrugated', 'Alkaline corrugated board', 3.0, 0.75, 'rare', true, 900),
		stiff: true,
		forMats: false,
		permeance: 1.2e-6
	},
	{
		...paper('fluted-pp', 'Fluted polypropylene sheet', 3.5, 0.7, 'keep', false, 1000),
		backing: 'rare',
		stiff: true,
		forMats: false,
		growth: 'plastic',
		permeance: 1e-8,
		buffers: 0
	},
	{
		...paper('foam-free', 'Foam board, acid-free paper', 5.0, 0.65, 'keep', false, 800),
		backingBehindBoard: 'rare',
		stiff: 600,
		...FOAM
	},
	{ ...paper('foam-ordinary', 'Ordinary foam board', 5.0, 0.6, 'show', false, 500), stiff: 600, ...FOAM },
	{
		...paper('aluminium-composite', 'Aluminium composite sheet', 3.0, 3.8, 'keep', false, 3200),
		takesScrew: true,
		backing: 'rare',
		stiff: true,
		forMats: false,
		growth: 'metal',
		permeance: 0,
		buffers: 0
	},
	{
		...paper('sorbent-board', 'Sorbent board', 1.5, 1.0, 'keep', false, 3000),
		backing: 'rare',
		notStacked: true,
		forMats: false
	},
	{
		...paper('silica-sheet', 'Silica sheet', 2.0, 1.2, 'keep', false, 4500),
		backing: 'rare',
		notStacked: true,
		forMats: false
	},
	{
		...paper('polyester-batting', 'Polyester batting', 5.0, 0.15, 'rare', false, 500),
		backing: 'never',
		forMats: false,
		growth: 'plastic',
		buffers: 0
	},
	{ ...wood('hardboard', 'Hardboard', 2.9, 350), takesScrew: true },
	{ ...wood('mdf', 'MDF', 2.4, 400), takesScrew: true },
	wood('chipboard', 'Chipboard', 2.2, 300),
	wood('grey-board', 'Grey board', 1.9, 250)
];

export type Barrier = {
	id: string;
	name: string;
	thickness: number;
	massPerM2: number;
	buffered: boolean;
	permeance: number;
	buffers: number;
	/** Folded or laid between, never a barrier before a back. */
	folded?: true;
} & Stocked;

export const BARRIERS: readonly Barrier[] = [
	barrier('polyester-film', 'Polyester film', 0.05, 0.07, 1.5e-8, 600),
	barrier('aluminium-laminate', 'Aluminium laminate', 0.1, 0.12, 1e-9, 900),
	{ ...barrier('alkaline-paper', 'Alkaline paper', 0.2, 0.16, 3e-6, 400), buffered: true, buffers: 1 },
	{ ...barrier('unbuffered-paper', 'Unbuffered paper', 0.2, 0.16, 3e-6, 450), buffers: 1, folded: true },
	{ ...barrier('unbuffered-tissue', 'Unbuffered tissue', 0.03, 0.02, 3e-6, 200), buffers: 1, folded: true }
];

function cotton(id: string, name: string, thickness: number, massPerM2: number, buffered: boolean, pricePerM2: number): Board {
	return { ...paper(id, name, thickness, massPerM2, 'rare', buffered, pricePerM2) };
}

function paper(
	id: string,
	name: string,
	thickness: number,
	massPerM2: number,
	touch: Reach,
	buffered: boolean,
	pricePerM2: number
): Board {
	return {
		...AS_IT_COMES,
		id,
		name,
		thickness,
		massPerM2,
		touch,
		forMats: true,
		backing: touch,
		buffered,
		stiff: false,
		growth: 'paper',
		permeance: 3e-6,
		buffers: 1,
		pricePerM2
	};
}

function wood(id: string, name: string, massPerM2: number, pricePerM2: number): Board {
	// Behind a barrier it may stay at Show; without one board.backing-acidic stops it at every grade.
	return {
		...paper(id, name, 3, massPerM2, 'never', false, pricePerM2),
		backing: 'show',
		forMats: false,
		woodFibre: true,
		stiff: true,
		permeance: 1.5e-6
	};
}

function barrier(id: string, name: string, thickness: number, massPerM2: number, permeance: number, pricePerM2: number): Barrier {
	return { ...AS_IT_COMES, id, name, thickness, massPerM2, buffered: false, permeance, buffers: 0, pricePerM2 };
}
