/**
 * Centring: eight readings of the border that is seen become one instruction (handbook bench#centring, the turn). X runs to the right and
 * y down, seen from the front; the window is turned by φ, clockwise where φ > 0.
 *
 *        Tl ──────── Tr
 *    Lt ┌──────────────┐ Rt        top side   (Tr − Tl) / w =  φ
 *       │    window    │           foot       (Br − Bl) / w = −φ
 *    Lb └──────────────┘ Rb        left side  (Lb − Lt) / h = −φ
 *        Bl ──────── Br            right side (Rb − Rt) / h =  φ
 */
import type { Sides, Size } from '../../geometry/shapes.ts';
import { isNothing } from '../../units/round.ts';
import { showLength, type Reader } from '../../units/show.ts';
import type { Unit } from '../../units/length.ts';

export const READING_PLACES = ['tl', 'tr', 'bl', 'br', 'lt', 'lb', 'rt', 'rb'] as const;
export type ReadingPlace = (typeof READING_PLACES)[number];
export type Readings = Record<ReadingPlace, number>;

/** All in mm; `spans` between the two reading places of a side, `allowance` what the frame leaves in all along each axis. */
export type CentringAsked = {
	targets: Sides;
	readings: Readings;
	spans: Size;
	/** Without one: the spans and 40. */
	pack?: Size | undefined;
	allowance: Size;
	/** What the tape was read to: perfect windows leave up to so much. */
	step?: number | undefined;
};

export type Centring = {
	/** How far the pack is pushed, mm; to the left and up are negative. */
	right: number;
	down: number;
	/** Radians clockwise that are to be applied. */
	turn: number;
	/** Each reading after the correction, less its target, mm. */
	residual: Readings;
	play: { needed: Size; has: Size };
	fits: boolean;
	do: 'push' | 'recut' | 'trim';
	/** What is left may be the tape's own step. */
	unsure: boolean;
	says: string;
};

/** Reading places lie so far in from the corners of the seen opening. */
const SPAN_INSET = 40;
/** @returns how far the two reading places of a side lie apart */
export const spansOf = ({ width, height }: Size): Size => ({ width: width - SPAN_INSET, height: height - SPAN_INSET });
/** What is left of a side over its span: more is the window itself, mm. */
const OUT_OF_TRUE = 0.5;
/** No window is cut so far out: somebody read wrong, mm. */
const MISREAD = 3;
/** Sums of typed tenths are a hair off. */
const HAIR = 1e-9;

/** @returns how the pack is pushed and turned so that every seen border is as planned, and what is left of it then */
export function centred(asked: CentringAsked): Centring {
	const { targets, readings, spans, allowance, step = 0 } = asked;
	const { tl, tr, bl, br, lt, lb, rt, rb } = readings;
	const pack = packOf(asked);
	const right = ((rt + rb) / 2 - (lt + lb) / 2 - (targets.right - targets.left)) / 2;
	const down = ((bl + br) / 2 - (tl + tr) / 2 - (targets.bottom - targets.top)) / 2;
	const phi = ((tr - tl) / spans.width - (br - bl) / spans.width - (lb - lt) / spans.height + (rb - rt) / spans.height) / 4;
	const acrossTurn = (phi * spans.width) / 2;
	const downTurn = (phi * spans.height) / 2;
	const residual: Readings = {
		tl: tl + down + acrossTurn - targets.top,
		tr: tr + down - acrossTurn - targets.top,
		bl: bl - down - acrossTurn - targets.bottom,
		br: br - down + acrossTurn - targets.bottom,
		lt: lt + right - downTurn - targets.left,
		lb: lb + right + downTurn - targets.left,
		rt: rt - right + downTurn - targets.right,
		rb: rb - right - downTurn - targets.right
	};
	const needed = {
		width: Math.abs(right) + (Math.abs(phi) * pack.height) / 2,
		height: Math.abs(down) + (Math.abs(phi) * pack.width) / 2
	};
	const fits = needed.width <= allowance.width + HAIR && needed.height <= allowance.height + HAIR;
	const out = outOfTrue(residual);
	const does = out.mm > OUT_OF_TRUE + step + HAIR ? 'recut' : fits ? 'push' : 'trim';
	const unsure = does !== 'recut' && out.mm > OUT_OF_TRUE + HAIR;
	const centring = { right, down, turn: -phi, residual, play: { needed, has: allowance }, fits, do: does, unsure } as const;
	return { ...centring, says: centringSays(centring, pack, 'mm') };
}

const packOf = ({ pack, spans }: CentringAsked): Size =>
	pack ?? { width: spans.width + SPAN_INSET, height: spans.height + SPAN_INSET };

const ENDS = { top: ['tl', 'tr'], bottom: ['bl', 'br'], left: ['lt', 'lb'], right: ['rt', 'rb'] } as const;
export const SIDE_WORDS = { top: 'top', bottom: 'bottom', left: 'left', right: 'right' } as const;

/** The side whose two readings differ most when the pack lies as well as it can, and by how much. */
function outOfTrue(residual: Readings): { side: keyof typeof ENDS; mm: number } {
	let worst: { side: keyof typeof ENDS; mm: number } = { side: 'top', mm: 0 };
	for (const side of ['top', 'bottom', 'left', 'right'] as const) {
		const [one, other] = ENDS[side];
		const mm = Math.abs(residual[other] - residual[one]);
		if (mm > worst.mm) worst = { side, mm };
	}
	return worst;
}

type Facts = Omit<Centring, 'says'>;
type Seen = 'front' | 'back';

/**
 * The instruction in a sentence or two.
 * @param seen from the back left and right change over, and so does the turn
 */
export function centringSays(facts: Facts, pack: Size, reader: Unit | Reader, seen: Seen = 'front'): string {
	const length = (mm: number): string => showLength(mm, reader, 'fine').text;
	const out = outOfTrue(facts.residual);
	if (facts.do === 'recut')
		return out.mm > MISREAD
			? `The two measurements of the ${SIDE_WORDS[out.side]} differ by ${length(out.mm)} from the other sides: no window is cut so far out. Measure both ends of the ${SIDE_WORDS[out.side]} again.`
			: `The window itself is out of square: ${length(out.mm)} remains along the ${SIDE_WORDS[out.side]} however the pack sits. Recut it, do not push.`;
	const pushed = pushSays(facts, length, seen);
	const turned = turnSays(facts, pack, length, seen);
	const moves = [pushed, turned].filter(Boolean).join(', then ');
	const tape = facts.unsure
		? ` ${length(out.mm)} remains along the ${SIDE_WORDS[out.side]}: this tape can’t show whether the window is out of square. Use a finer one.`
		: '';
	if (!moves) return `Centred: leave it.${tape}`;
	const does = `${moves[0]?.toUpperCase()}${moves.slice(1)}.`;
	const { needed, has } = facts.play;
	if (!facts.fits) {
		const axis = needed.width > has.width ? 'width' : 'height';
		return `${does} That needs ${length(needed[axis])} of play ${axis === 'width' ? 'across' : 'up and down'} and the frame has ${length(has[axis])}: trim the pack, or recut the window.${tape}`;
	}
	const isFar = needed.width > has.width / 2 + HAIR || needed.height > has.height / 2 + HAIR;
	return `${does}${isFar ? ' It works only if the pack is hard against the far side: try.' : ''}${tape}`;
}

/** Less than is shown is no push. */
const SHOWN = 0.05;
const isShown = (mm: number): boolean => Math.abs(mm) >= SHOWN - HAIR;

/** `push right 0.5, up 0.4` */
function pushSays({ right, down }: Facts, length: (mm: number) => string, seen: Seen): string {
	const across = seen === 'front' ? right : -right;
	const ways = [
		...(isShown(across) ? [`${across > 0 ? 'right' : 'left'} ${length(Math.abs(across))}`] : []),
		...(isShown(down) ? [`${down > 0 ? 'down' : 'up'} ${length(Math.abs(down))}`] : [])
	];
	return ways.length > 0 ? `push ${ways.join(', ')}` : '';
}

/** By the end that moves more: `turn it anticlockwise, the bottom 0.7 to the right`. */
function turnSays({ turn }: Facts, pack: Size, length: (mm: number) => string, seen: Seen): string {
	const upright = pack.height >= pack.width;
	const moves = (Math.abs(turn) * (upright ? pack.height : pack.width)) / 2;
	if (!isShown(moves) || isNothing(moves)) return '';
	const clockwise = seen === 'front' ? turn > 0 : turn < 0;
	const goes = upright
		? `the bottom ${length(moves)} to the ${clockwise ? 'left' : 'right'}`
		: `the right end ${length(moves)} ${clockwise ? 'down' : 'up'}`;
	return `turn it ${clockwise ? 'clockwise' : 'anticlockwise'}, ${goes}`;
}

export type BladePlace = {
	/** The side that the pack moves away from, and which end of it. */
	side: 'top' | 'right' | 'bottom' | 'left';
	end: 'top' | 'right' | 'bottom' | 'left';
	/** How far that end of the pack moves, mm. */
	mm: number;
};

/** Where the blade goes, seen from the front: on each axis at the end that moves more. */
export function bladePlaces({ right, down, turn }: Pick<Centring, 'right' | 'down' | 'turn'>, pack: Size): BladePlace[] {
	const acrossTurn = (-turn * pack.height) / 2;
	const downTurn = (-turn * pack.width) / 2;
	const [atTop, atFoot] = [right - acrossTurn, right + acrossTurn];
	const [atLeft, atRight] = [down + downTurn, down - downTurn];
	const across = Math.abs(atTop) > Math.abs(atFoot) ? { mm: atTop, end: 'top' as const } : { mm: atFoot, end: 'bottom' as const };
	const upDown =
		Math.abs(atLeft) > Math.abs(atRight) ? { mm: atLeft, end: 'left' as const } : { mm: atRight, end: 'right' as const };
	return [
		...(isShown(across.mm)
			? [{ side: across.mm > 0 ? ('left' as const) : ('right' as const), end: across.end, mm: Math.abs(across.mm) }]
			: []),
		...(isShown(upDown.mm)
			? [{ side: upDown.mm > 0 ? ('top' as const) : ('bottom' as const), end: upDown.end, mm: Math.abs(upDown.mm) }]
			: [])
	];
}
