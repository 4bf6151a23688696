/** A pack as it lies in its frame: pushed and turned by known amounts, and read as a tape reads it. Written apart from the formulas. */
import fc from 'fast-check';
import type { Sides, Size } from '../core/geometry/shapes.ts';
import type { Readings } from '../core/views/bench/centring.ts';

export type FramedPack = {
	/** The window, and the visible border that is planned round it. */
	opening: Size;
	targets: Sides;
	pack: Size;
	allowance: Size;
	/** How far it must go to the right and down, and how far it is turned clockwise, radians. */
	right: number;
	down: number;
	turn: number;
};

const side = fc.double({ min: 100, max: 900, noNaN: true });
const border = fc.double({ min: 30, max: 120, noNaN: true });
const share = fc.double({ min: -1, max: 1, noNaN: true });

export const framedPack: fc.Arbitrary<FramedPack> = fc
	.record({ width: side, height: side, top: border, right: border, bottom: border, left: border, x: share, y: share, phi: share })
	.map(({ width, height, x, y, phi, ...targets }) => {
		const pack = { width: width + targets.left + targets.right + 12, height: height + targets.top + targets.bottom + 12 };
		const allowance = { width: 3, height: 3 };
		// Any pack that lies in its frame is off by no more than the play, most of them by less than half.
		return {
			opening: { width, height },
			targets,
			pack,
			allowance,
			right: x * 1.2,
			down: y * 1.2,
			turn: (phi * 1.6) / Math.max(pack.width, pack.height)
		};
	});

/** The frame's lip is true; the window's corners lie turned about its middle and off its place. Each reading is square to the lip. */
export function readingsOf({ opening, targets, right, down, turn }: FramedPack, spans: Size): Readings {
	const middle = { x: targets.left + opening.width / 2, y: targets.top + opening.height / 2 };
	const seen = { width: targets.left + opening.width + targets.right, height: targets.top + opening.height + targets.bottom };
	const at = (x: number, y: number) => ({
		x: middle.x - right + x * Math.cos(turn) - y * Math.sin(turn),
		y: middle.y - down + x * Math.sin(turn) + y * Math.cos(turn)
	});
	const [w, h] = [opening.width / 2, opening.height / 2];
	const corners = { tl: at(-w, -h), tr: at(w, -h), bl: at(-w, h), br: at(w, h) };
	const yAt = (a: { x: number; y: number }, b: { x: number; y: number }, x: number) =>
		a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
	const xAt = (a: { x: number; y: number }, b: { x: number; y: number }, y: number) =>
		a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y);
	const xs = [middle.x - spans.width / 2, middle.x + spans.width / 2] as const;
	const ys = [middle.y - spans.height / 2, middle.y + spans.height / 2] as const;
	return {
		tl: yAt(corners.tl, corners.tr, xs[0]),
		tr: yAt(corners.tl, corners.tr, xs[1]),
		bl: seen.height - yAt(corners.bl, corners.br, xs[0]),
		br: seen.height - yAt(corners.bl, corners.br, xs[1]),
		lt: xAt(corners.tl, corners.bl, ys[0]),
		lb: xAt(corners.tl, corners.bl, ys[1]),
		rt: seen.width - xAt(corners.tr, corners.br, ys[0]),
		rb: seen.width - xAt(corners.tr, corners.br, ys[1])
	};
}

/** As it lies after a push to the right and down and a turn clockwise. */
export const pushed = (of: FramedPack, right: number, down: number, turn: number): FramedPack => ({
	...of,
	right: of.right - right,
	down: of.down - down,
	turn: of.turn + turn
});
