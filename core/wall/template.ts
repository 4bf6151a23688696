/**
 * The nails of a wall's pictures at their own size, to be cut out and taped to it: a cross at each, the line that they lie on, and the
 * picture's middle (handbook hang#nail-papers). As many on a page as it takes; one that is wider is alone.
 */
import type { Point, Rect, Size } from '../geometry/shapes.ts';
import { rectangle, type Scene, type Shape } from '../figures/scene.ts';
import { nth } from '../units/there.ts';
import type { NumberedHook, WallPlan } from './wall.ts';

/** Of paper beside the nails, over and under them, and half of a cross, mm. */
const BESIDE = 12;
const ROUND = 30;
const ARM = 9;

type Note = Point & { hook: NumberedHook; /** Of its picture’s middle. */ side: -1 | 0 | 1 };
/** `names`: where each picture is named, by its id; `notes`: beside each nail. */
export type NailPage = { scene: Scene; names: (Point & { picture: string })[]; notes: Note[] };
type Block = { picture: string; box: Rect; nails: { at: Point; hook: NumberedHook }[] };

/** @returns pages from the left of the wall; @param page what can be printed on, mm */
export function nailPages(plan: WallPlan, page: Size): NailPage[] {
	const pages: Block[][] = [];
	let left = 0;
	for (const block of blocksOf(plan)) {
		const fits = block.box.width <= page.width && block.box.height <= left;
		if (!fits) pages.push([]);
		nth(pages, pages.length - 1).push(block);
		left = block.box.width > page.width ? 0 : (fits ? left : page.height) - block.box.height;
	}
	return pages.map(pageOf);
}

/** Of each picture that has nails; x from its middle, y down from its highest nail. */
function blocksOf({ pictures, hooks }: WallPlan): Block[] {
	return pictures
		.flatMap((one): Block[] => {
			const own = hooks.filter(({ picture }) => picture === one.id);
			if (own.length === 0) return [];
			const top = Math.max(...own.map(({ height }) => height));
			const middle = one.left + one.width / 2;
			const nails = own.map((hook) => ({ at: { x: hook.x - middle, y: top - hook.height }, hook }));
			const xs = [0, ...nails.map(({ at }) => at.x)];
			const left = Math.min(...xs) - BESIDE;
			const deep = Math.max(...nails.map(({ at }) => at.y));
			const box = { left, top: -ROUND, width: Math.max(...xs) + BESIDE - left, height: deep + 2 * ROUND };
			return [{ picture: one.id, box, nails }];
		})
		.sort((one, other) => nth(one.nails, 0).hook.n - nth(other.nails, 0).hook.n);
}

/** One below the other, each to be cut out. */
function pageOf(blocks: readonly Block[]): NailPage {
	const width = Math.max(...blocks.map(({ box }) => box.width));
	const shapes: Shape[] = [];
	const [names, notes]: [NailPage['names'], Note[]] = [[], []];
	let top = 0;
	for (const { picture, box, nails } of blocks) {
		const down = top - box.top;
		const [left, right] = [0, box.width];
		const move = ({ x, y }: Point): Point => ({ x: x - box.left, y: y + down });
		const line = (from: Point, to: Point, role: 'leader' | 'cut-line' = 'leader'): Shape => ({
			role,
			open: true,
			rings: [[from, to]]
		});
		shapes.push(
			{ role: 'part', rings: [rectangle(left, top, box.width, box.height)], fill: 'none' },
			line(move({ x: 0, y: box.top }), move({ x: 0, y: box.top + box.height })),
			...[...new Set(nails.map(({ at }) => at.y))].map((y) => line({ x: left, y: y + down }, { x: right, y: y + down }))
		);
		for (const { at, hook } of nails) {
			const { x, y } = move(at);
			shapes.push(
				line({ x: x - ARM, y }, { x: x + ARM, y }, 'cut-line'),
				line({ x, y: y - ARM }, { x, y: y + ARM }, 'cut-line'),
				{ role: 'ring', circle: { x, y, radius: 2 }, fill: 'none', title: 'Nail' }
			);
			notes.push({ x, y: y + ARM + 5, hook, side: Math.sign(at.x) as Note['side'] });
		}
		names.push({ x: left + 3, y: top + 6, picture });
		top += box.height;
	}
	return {
		scene: { view: 'board', title: 'Nails', box: { left: 0, top: 0, width, height: top }, shapes, dimensions: [], callouts: [] },
		names,
		notes
	};
}
