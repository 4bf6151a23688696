/**
 * Every flat part that is cut for a job, at its true size, laid out in rows: what a computer-driven cutter or a plotter is given.
 * Seen from the front; one layer a part, by its name.
 */
import { partName } from '../../stations/cut/part-name.ts';
import { placeInRows } from './rows.ts';
import { solvedCorners } from '../../stations/frame/lite.ts';
import type { Point } from '../../geometry/shapes.ts';
import type { Plan } from '../../plan.ts';
import { outlineOf } from '../../stations/window/shape.ts';
import type { Cut } from '../../figures/cut.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, type Scene, type Shape } from '../../figures/scene.ts';
import { nth, there } from '../../units/there.ts';

/** A part: its outer edge, what is cut out of it, and its name. */
export type Part = { name: string; outline: Point[]; holes: Point[][]; count: number };

/** @returns the scene, or null while nothing is cut */
export function partsScene(plan: Plan, job: Decided): Scene | null {
	const parts = partsOf(plan, job);
	if (parts.length === 0) return null;
	const each = parts.flatMap((part) => Array.from({ length: part.count }, () => part));
	const { places, box } = placeInRows(each.map(({ outline }) => sizeOf(outline)));
	const shapes = each.flatMap((part, index): Shape[] => {
		const at = nth(places, index);
		const moved = (points: Point[]) => points.map(({ x, y }) => ({ x: x + at.left, y: y + at.top }));
		return [
			{ role: 'part', rings: [moved(part.outline)], title: partName(part.name), layer: part.name },
			...part.holes.map((hole): Shape => ({ role: 'part-window', rings: [moved(hole)], layer: `${part.name}, window` }))
		];
	});
	return { view: 'parts', title: 'Parts to cut', box, shapes, dimensions: [], callouts: [] };
}

/** Parts of the cut list that have a shape: wire has none. Lines of one name are numbered. */
export function partsOf(plan: Plan, job: Decided): Part[] {
	const flat = plan.cut.filter(({ from, width, height }) => from !== 'coil' && width > 0 && height > 0);
	const many = (role: string) => flat.filter((cut) => cut.role === role).length > 1;
	const seen = new Map<string, number>();
	let mat = -1;
	return flat.map((cut) => {
		const number = (seen.get(cut.role) ?? 0) + 1;
		seen.set(cut.role, number);
		if (cut.role === 'mat') mat += 1;
		return {
			name: many(cut.role) ? `${cut.role} ${number}` : cut.role,
			outline: outlineOfCut(cut, plan),
			holes: cut.role === 'mat' ? holesOf(plan, job, mat) : [],
			count: cut.count
		};
	});
}

function outlineOfCut({ role, width, height, sides }: Cut, plan: Plan): Point[] {
	if (sides) return solvedCorners(sides);
	// A rail is mitred: long at its outer edge, shorter by a face at either end inside.
	if (role.startsWith('rail,'))
		return [
			{ x: 0, y: 0 },
			{ x: width, y: 0 },
			{ x: width - there(plan.frame, 'frame').section.face, y: height },
			{ x: there(plan.frame, 'frame').section.face, y: height }
		];
	return rectangle(0, 0, width, height);
}

/** Narrowest openings of a mat, each in its shape. */
function holesOf({ window }: Plan, job: Decided, index: number): Point[][] {
	const mat = nth(there(window, 'window').mats, index);
	return (mat.holes ?? [mat]).map(({ border, opening }, at) =>
		outlineOf(nth(job.windows, at).shape, { left: border.left, top: border.top, ...opening })
	);
}

function sizeOf(outline: Point[]): { width: number; height: number } {
	return { width: Math.max(...outline.map(({ x }) => x)), height: Math.max(...outline.map(({ y }) => y)) };
}
