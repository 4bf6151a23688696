/** The pack in its frame from the front: where its window should be, where it lies, and where the blade goes. */
import { rectangle, ring, type Scene, type Shape } from '../../figures/scene.ts';
import type { Figures } from '../../figures.ts';
import type { Decided } from '../../job/decided.ts';
import type { House } from '../../shop/house.ts';
import type { Point, Rect, Sides, Size } from '../../geometry/shapes.ts';
import { PAPER } from '../../shop/colours.ts';
import { bladePlaces, type BladePlace, type Centring } from '../bench/centring.ts';

/** A shift of a millimetre is seen at arm's length. */
const TIMES = 10;

/** The seen border that is planned, and what it is read from; `null` where there is no window in a frame. */
export type Seen = {
	targets: Sides;
	opening: Size;
	pack: Size;
	allowance: Size;
	/** What the shop's tape is read to. */ step: number;
};

export function seenOf({ window, frame }: Figures, { readingStep: step }: House): Seen | null {
	const seen = window?.mats[0]?.seen;
	const opening = window?.mats[0]?.opening;
	return window && frame && seen && opening
		? { targets: seen, opening, pack: window.pack, allowance: frame.allowance, step }
		: null;
}

/** @param centring what the readings say; null: only where the window should be */
export function centringScene(job: Decided, { targets, opening, pack }: Seen, centring: Centring | null): Scene {
	const sight = { width: targets.left + opening.width + targets.right, height: targets.top + opening.height + targets.bottom };
	const face = Math.min(sight.width, sight.height) / 16;
	const outer = rectangle(-face, -face, sight.width + 2 * face, sight.height + 2 * face);
	const inner = rectangle(0, 0, sight.width, sight.height);
	const planned: Rect = { left: targets.left, top: targets.top, ...opening };
	const shapes: Shape[] = [
		{ role: 'moulding', rings: ring(outer, inner), fill: job.frame?.colour.hex ?? '#8a6c43', title: 'Frame' },
		{ role: 'mat', rings: [inner], fill: job.mats[0]?.colour.hex ?? PAPER, title: 'Visible border' },
		{
			role: 'sheet',
			rings: [centring ? lying(planned, centring) : rectangle(planned.left, planned.top, planned.width, planned.height)],
			fill: PAPER
		},
		...(centring ? [{ role: 'lies' as const, rings: [lying(planned, centring)], title: 'The window as it is' }] : []),
		{
			role: 'usable',
			rings: [rectangle(planned.left, planned.top, planned.width, planned.height)],
			title: 'The window as planned'
		},
		...(centring?.do === 'push' ? bladePlaces(centring, pack).map((place) => arrow(place, sight, targets)) : [])
	];
	return {
		view: 'front',
		title: centring ? 'The window as it is and as planned, from the front' : 'The window as planned, from the front',
		box: { left: -face, top: -face, width: sight.width + 2 * face, height: sight.height + 2 * face },
		shapes,
		dimensions: [],
		callouts: [],
		...(centring ? { notToScale: `The error is drawn ${TIMES} times larger.` } : {})
	};
}

/** The window's corners as they lie: pushed and turned the other way round from what is to be done. */
function lying({ left, top, width, height }: Rect, { right, down, turn }: Centring): Point[] {
	const middle = { x: left + width / 2 - TIMES * right, y: top + height / 2 - TIMES * down };
	const [cos, sin] = [Math.cos(-TIMES * turn), Math.sin(-TIMES * turn)];
	return rectangle(-width / 2, -height / 2, width, height).map(({ x, y }) => ({
		x: middle.x + x * cos - y * sin,
		y: middle.y + x * sin + y * cos
	}));
}

/** Share of a side at which an arrow stands, from its beginning. */
const NEAR = 0.18;

/** From the frame's lip towards the middle, on the border where the blade goes in. */
function arrow({ side, end }: BladePlace, sight: Size, targets: Sides): Shape {
	const upright = side === 'left' || side === 'right';
	const along = upright ? sight.height : sight.width;
	const at = along * (end === 'top' || end === 'left' ? NEAR : 1 - NEAR);
	const long = targets[side] * 0.72;
	const half = long * 0.22;
	// Drawn pointing to the right from the left side, then turned to its side.
	const shaft: Point[] = [
		{ x: 0, y: -half * 0.42 },
		{ x: long * 0.55, y: -half * 0.42 },
		{ x: long * 0.55, y: -half },
		{ x: long, y: 0 },
		{ x: long * 0.55, y: half },
		{ x: long * 0.55, y: half * 0.42 },
		{ x: 0, y: half * 0.42 }
	];
	const place: Record<BladePlace['side'], (point: Point) => Point> = {
		left: ({ x, y }) => ({ x, y: at + y }),
		right: ({ x, y }) => ({ x: sight.width - x, y: at + y }),
		top: ({ x, y }) => ({ x: at + y, y: x }),
		bottom: ({ x, y }) => ({ x: at + y, y: sight.height - x })
	};
	return { role: 'blade', rings: [shaft.map(place[side])], title: `Blade in here, ${side}, ${end} end` };
}
