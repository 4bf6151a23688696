/**
 * The expressions that explain figures: numbers, paths into plan, job and shop, + − × ÷ and a few named functions. Written as
 * `frame.rabbet.width + 2 * (frame.section.face - frame.section.lip)`. Angles are degrees.
 */
import type { WindowShape } from '../../job/kinds.ts';
import { cornersOut, LITE_FIGURES, liteArea, liteBlank, liteOf } from '../../stations/frame/lite.ts';
import { solveDiagonal, outlineFor, otherDiagonal, type Diagonals, type FourSides } from '../../geometry/quadrilateral.ts';
import type { Rect } from '../../geometry/shapes.ts';
import type { Readings, Zone } from '../../job/decide-piece.ts';
import { fadeRate, yearlyBudget } from '../../shop/fade.ts';
import type { Exposure } from '../../shop/places.ts';
import { uvShare } from '../../stations/light/years.ts';
import { planMeasure } from '../../stations/measure/measure.ts';
import { sagFlat } from '../../stations/sag/sag.ts';
import { countUp, cutDown, receiveUp, showNearest } from '../../units/round.ts';
import { zoneMargin } from '../../stations/window/zone-margin.ts';
import { roomFor } from '../../stations/window/shape.ts';
import { nearestIn } from '../../rule/term.ts';
import { nth, there } from '../../units/there.ts';

export type Token = { kind: 'number' | 'path' | 'name' | 'sign'; text: string };
/** What a path holds: a number, a list to choose from, or a thing that a function reads. */
export type Lookup = (path: string) => unknown;

const TOKEN = /\s*(?:(\d+(?:\.\d+)?(?:e-?\d+)?)|([A-Za-z]\w*(?:\.\w+|\[[\w-]+\])+)|([A-Za-z]\w*)|([-+*/(),]))/y;

const DEGREES = 180 / Math.PI;

type Call = (...values: never[]) => number;
const FUNCTIONS: Record<string, Call> = {
	min: (...values: number[]) => Math.min(...values),
	max: (...values: number[]) => Math.max(...values),
	abs: (x: number) => Math.abs(x),
	sqrt: (x: number) => Math.sqrt(x),
	sin: (x: number) => Math.sin(x / DEGREES),
	cos: (x: number) => Math.cos(x / DEGREES),
	tan: (x: number) => Math.tan(x / DEGREES),
	atan: (x: number) => Math.atan(x) * DEGREES,
	down: (x: number, step: number) => cutDown(x, step),
	up: (x: number, step: number) => receiveUp(x, step),
	nearest: (x: number, step: number) => showNearest(x, step),
	count: (x: number) => countUp(x),
	/** The first of a list that is not below x, else the largest. */
	next: (x: number, list: readonly number[]) => list.find((one) => one >= x) ?? Math.max(...list),
	/** The one of a list that is nearest to x. */
	nearestOf: (x: number, list: readonly number[]) => nearestIn(x, list),
	firstDiagonal: (readings: FourSides & Diagonals) => solveDiagonal(readings, readings) ?? Number.NaN,
	otherDiagonal: (readings: FourSides, d1: number) => otherDiagonal(readings, d1),
	cornerX: (readings: FourSides, d1: number, corner: number) => nth(outlineFor(readings, d1), corner).x,
	cornerY: (readings: FourSides, d1: number, corner: number) => nth(outlineFor(readings, d1), corner).y,
	usableAcross: (readings: Readings) => planMeasure({ readings, single: false }, '').usable.width,
	usableDown: (readings: Readings) => planMeasure({ readings, single: false }, '').usable.height,
	cornerOut: (readings: Readings, corner: number) => nth(cornersOut(readings), corner),
	liteArea: (top: number, right: number, bottom: number, left: number, d1: number, d2: number) =>
		liteArea({ top, right, bottom, left, d1, d2 }),
	lite: (readings: Readings, width: number, height: number, step: number, figure: number) => {
		const allowance = { width, height };
		const sides = liteOf(readings, allowance, step);
		const blank = liteBlank(readings, allowance, step);
		return nth([...LITE_FIGURES.map((one) => sides[one]), blank.width, blank.height], figure);
	},
	zoneMargin: (zone: Zone, window: Rect, shape: WindowShape) => zoneMargin(zone, window, shape),
	roomAcross: (zone: Rect, window: Rect, shape: WindowShape) => {
		const room = roomFor(zone, window, shape);
		return Math.min(room.left, room.right);
	},
	roomDown: (zone: Rect, window: Rect, shape: WindowShape) => {
		const room = roomFor(zone, window, shape);
		return Math.min(room.top, room.bottom);
	},
	fadeRate: (fade: number, uv: number) => fadeRate(fade, uv),
	yearlyBudget: (fade: number) => yearlyBudget(fade),
	uvShare: (exposure: Exposure, fade: number) => uvShare(exposure, fade),
	sag: (glazing: Parameters<typeof sagFlat>[0], pack: Parameters<typeof sagFlat>[1], gravity: number) =>
		sagFlat(glazing, pack, gravity)
};

/** @throws Error when the text is no expression: explanations are written by us, so that is a defect */
export function tokens(expression: string): Token[] {
	const found: Token[] = [];
	TOKEN.lastIndex = 0;
	while (TOKEN.lastIndex < expression.trimEnd().length) {
		const match = TOKEN.exec(expression);
		if (!match) throw new Error(`Not an expression: ${expression}`);
		const [, number, path, name, sign] = match;
		if (number !== undefined) found.push({ kind: 'number', text: number });
		else if (path !== undefined) found.push({ kind: 'path', text: path });
		else if (name !== undefined) found.push({ kind: 'name', text: name });
		else found.push({ kind: 'sign', text: there(sign, 'sign') });
	}
	return found;
}

/** The value of an expression, its paths looked up. */
export function evaluate(expression: string, lookup: Lookup): number {
	const list = tokens(expression);
	let at = 0;
	const peek = () => list[at]?.text;
	const take = (text: string) => {
		if (peek() !== text) throw new Error(`“${text}” is missing in: ${expression}`);
		at += 1;
	};
	const sum = (): number => {
		let value = product();
		while (peek() === '+' || peek() === '-') {
			const sign = nth(list, at++).text;
			const right = product();
			value = sign === '+' ? value + right : value - right;
		}
		return value;
	};
	const product = (): number => {
		let value = atom() as number;
		while (peek() === '*' || peek() === '/') {
			const sign = nth(list, at++).text;
			const right = atom() as number;
			value = sign === '*' ? value * right : value / right;
		}
		return value;
	};
	const atom = (): unknown => {
		const token = list[at++];
		if (!token) throw new Error(`Something is missing at the end of: ${expression}`);
		if (token.kind === 'number') return Number(token.text);
		if (token.kind === 'path') return lookup(token.text);
		if (token.text === '-') return -(atom() as number);
		if (token.text === '(') {
			const value = sum();
			take(')');
			return value;
		}
		return call(token.text);
	};
	const call = (name: string): number => {
		const known = FUNCTIONS[name];
		if (!known) throw new Error(`“${name}” is not a function, in: ${expression}`);
		take('(');
		const values: unknown[] = [argument()];
		while (peek() === ',') {
			at += 1;
			values.push(argument());
		}
		take(')');
		return known(...(values as never[]));
	};
	// A path that stands alone in a call may hold a list or a thing; in a sum it is a number.
	const argument = (): unknown => {
		const alone = list[at]?.kind === 'path' && (list[at + 1]?.text === ',' || list[at + 1]?.text === ')');
		return alone ? atom() : sum();
	};
	const value = sum();
	if (at !== list.length) throw new Error(`Something is left over in: ${expression}`);
	return value;
}

/** Walks `window.mats[0].opening.width`, `shop.boards[cotton-4].thickness` in the things given. */
export function lookIn(roots: { plan: object; job: object; shop: object }): Lookup {
	return (path) => {
		const steps = path.split(/[.[\]]+/).filter(Boolean);
		const [first] = steps;
		let value: unknown = first === 'job' ? roots.job : first === 'shop' ? roots.shop : roots.plan;
		for (const step of first === 'job' || first === 'shop' ? steps.slice(1) : steps)
			value = (value as Record<string, unknown> | null | undefined)?.[step];
		return value;
	};
}
