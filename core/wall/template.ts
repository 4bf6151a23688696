/** The nails of a picture at their own size, to be taped to the wall: a cross at each, their line, and the picture’s middle (handbook hang#walls). */
import type { Point } from '../geometry/shapes.ts';
import { rectangle, type Scene, type Shape } from '../figures/scene.ts';
import { nth } from '../units/there.ts';
import type { WallPlan } from './wall.ts';

/** Of paper round the nails, and half of a cross, mm. */
const ROUND = 40;
const ARM = 9;

export type NailPaper = { picture: string; hooks: WallPlan['hooks']; scene: Scene };

/** @returns one for each picture that has nails, from the left; x from its middle, y down from its highest nail */
export function nailPapers({ pictures, hooks }: WallPlan): NailPaper[] {
	return pictures
		.flatMap((one): NailPaper[] => {
			const own = hooks.filter(({ picture }) => picture === one.id);
			if (own.length === 0) return [];
			const top = Math.max(...own.map(({ height }) => height));
			const middle = one.left + one.width / 2;
			const at = own.map(({ x, height }): Point => ({ x: x - middle, y: top - height }));
			return [{ picture: one.id, hooks: own, scene: sceneOf(at) }];
		})
		.sort((one, other) => nth(one.hooks, 0).n - nth(other.hooks, 0).n);
}

function sceneOf(nails: readonly Point[]): Scene {
	const xs = [0, ...nails.map(({ x }) => x)];
	const left = Math.min(...xs) - ROUND;
	const width = Math.max(...xs) + ROUND - left;
	const height = Math.max(...nails.map(({ y }) => y)) + 2 * ROUND;
	const line = (from: Point, to: Point, role: 'leader' | 'cut-line' = 'leader'): Shape => ({
		role,
		open: true,
		rings: [[from, to]]
	});
	return {
		view: 'board',
		title: nails.length === 1 ? 'Nail' : 'Nails',
		box: { left, top: -ROUND, width, height },
		shapes: [
			{ role: 'part', rings: [rectangle(left, -ROUND, width, height)], fill: 'none' },
			line({ x: 0, y: -ROUND }, { x: 0, y: height - ROUND }),
			...[...new Set(nails.map(({ y }) => y))].map((y) => line({ x: left, y }, { x: left + width, y })),
			...nails.flatMap(({ x, y }): Shape[] => [
				line({ x: x - ARM, y }, { x: x + ARM, y }, 'cut-line'),
				line({ x, y: y - ARM }, { x, y: y + ARM }, 'cut-line'),
				{ role: 'ring', circle: { x, y, radius: 2 }, fill: 'none', title: 'Nail' }
			])
		],
		dimensions: [],
		callouts: []
	};
}
