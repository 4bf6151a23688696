/** Boards and barriers: working figures of the handbook (guard#boards); a data sheet goes before them. */
import type { Reach } from './grades.ts';

export type Board = {
	id: string;
	name: string;
	thickness: number;
	/** kg/m² at that thickness. */
	massPerM2: number;
	/** The best grade at which it may touch or face the piece. */
	touch: Reach;
	/** At Keep it may face the piece as an outer mat that does not touch. */
	outerMatAtKeep?: true;
	/** The best grade at which it may close the back. */
	backing: Reach;
	/** Foam board reaches Rare as a backing once an under-mat or barrier lies before it. */
	backingBehindBoard?: Reach;
	/** Raw wood fibre: acid and formaldehyde vapours. */
	woodFibre?: true;
	/** Alkaline reserve: good for most paper, not for protein, cyanotype and dye. */
	buffered: boolean;
	/** Stiff enough for a back: always, up to a longer side in mm, or not. */
	stiff: boolean | number;
	/** Core ages and is soft: it may lie under a piece at Keep at best. */
	growth: 'paper' | 'plastic' | 'metal';
};

export const BOARDS: readonly Board[] = [
	cotton('cotton-2', 'Cotton museum board, 2-ply', 0.8, 0.55, true),
	cotton('cotton-4', 'Cotton museum board, 4-ply', 1.5, 1.05, true),
	cotton('cotton-8', 'Cotton museum board, 8-ply', 3.0, 2.1, true),
	cotton('cotton-4-unbuffered', 'Cotton museum board, 4-ply, un-buffered', 1.5, 1.05, false),
	paper('purified-4', 'Purified-pulp board, 4-ply', 1.5, 1.05, 'keep', true),
	paper('cotton-core-4', 'Cotton core with pulp face, 4-ply', 1.5, 1.05, 'keep', true),
	{ ...paper('pulp-4', 'Buffered wood-pulp mat board', 1.4, 0.95, 'show', true), outerMatAtKeep: true },
	paper('fabric-faced', 'Fabric-faced board on a cotton core', 2.2, 1.4, 'keep', true),
	paper('mat-ordinary', 'Ordinary mat board', 1.4, 0.95, 'never', false),
	{ ...paper('alkaline-corrugated', 'Alkaline corrugated board', 3.0, 0.75, 'rare', true), stiff: true },
	{
		...paper('fluted-pp', 'Fluted polypropylene sheet', 3.5, 0.7, 'keep', false),
		backing: 'rare',
		stiff: true,
		growth: 'plastic'
	},
	{ ...paper('foam-free', 'Foam board, acid-free paper', 5.0, 0.65, 'keep', false), backingBehindBoard: 'rare', stiff: 600 },
	{ ...paper('foam-ordinary', 'Ordinary foam board', 5.0, 0.6, 'show', false), stiff: 600 },
	{
		...paper('aluminium-composite', 'Aluminium composite sheet', 3.0, 3.8, 'keep', false),
		backing: 'rare',
		stiff: true,
		growth: 'metal'
	},
	wood('hardboard', 'Hardboard', 2.9),
	wood('mdf', 'MDF', 2.4),
	wood('chipboard', 'Chipboard', 2.2),
	wood('grey-board', 'Grey board', 1.9)
];

export type Barrier = { id: string; name: string; thickness: number; massPerM2: number; buffered: boolean };

export const BARRIERS: readonly Barrier[] = [
	{ id: 'polyester-film', name: 'Polyester film', thickness: 0.05, massPerM2: 0.07, buffered: false },
	{ id: 'aluminium-laminate', name: 'Aluminium laminate', thickness: 0.1, massPerM2: 0.12, buffered: false },
	{ id: 'alkaline-paper', name: 'Alkaline paper', thickness: 0.2, massPerM2: 0.16, buffered: true }
];

function cotton(id: string, name: string, thickness: number, massPerM2: number, buffered: boolean): Board {
	return { id, name, thickness, massPerM2, touch: 'rare', backing: 'rare', buffered, stiff: false, growth: 'paper' };
}

function paper(id: string, name: string, thickness: number, massPerM2: number, touch: Reach, buffered: boolean): Board {
	return { id, name, thickness, massPerM2, touch, backing: touch, buffered, stiff: false, growth: 'paper' };
}

function wood(id: string, name: string, massPerM2: number): Board {
	// Behind a barrier it may stay at Show; without one board.backing-acidic stops it at every grade.
	return {
		id,
		name,
		thickness: 3,
		massPerM2,
		touch: 'never',
		backing: 'show',
		woodFibre: true,
		buffered: false,
		stiff: true,
		growth: 'paper'
	};
}
