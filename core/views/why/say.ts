/** An explanation in words: the expression with each figure's name and number, and what each name holds. */
import { evaluate, tokens, type Lookup, type Token } from './expression.ts';
import { nameOf, type Named } from './names.ts';
import { there } from '../../units/there.ts';

export type Part = { path: string; name: string; value: number | null };

export type Said = {
	/** `mat 1 (cotton museum board, 4-ply) 1.5 + lift behind mat 1 3`. */ line: string;
	parts: Part[];
	result: number;
};

const SIGNS: Record<string, string> = { '*': '×', '/': '÷', '-': '−', '+': '+' };
const FUNCTIONS: Record<string, string> = {
	down: 'down to the step',
	up: 'up to the step',
	nearest: 'to the nearest step',
	count: 'counted up',
	next: 'the next in stock for',
	min: 'the smallest of',
	max: 'the largest of',
	abs: 'the size of',
	firstDiagonal: 'the diagonal that fits',
	otherDiagonal: 'the other diagonal of',
	cornerX: 'across to the corner of',
	cornerY: 'down to the corner of',
	cornerOut: 'error of the corner in',
	usableAcross: 'the width for an upright pack in',
	usableDown: 'the height for an upright pack in',
	zoneMargin: 'the margin of',
	roomAcross: 'the room across of',
	roomDown: 'the room up and down of',
	fadeRate: 'the fading by a million lux hours in class, UV,',
	yearlyBudget: 'the yearly budget of class',
	uvShare: 'how much faster with UV,',
	liteArea: 'the area of a pane of',
	lite: 'the pane that follows',
	sag: 'the sag of a pane of'
};

/**
 * @param write how a number is written: the caller knows the reader, and the path its unit
 * @param of the plan, for the names of its layers and materials
 */
export function sayExpression(
	expression: string,
	lookup: Lookup,
	write: (value: number, path: string | null) => string,
	of?: Named
): Said {
	const list = tokens(expression);
	const parts = new Map<string, Part>();
	for (const token of list) {
		if (token.kind !== 'path' || parts.has(token.text)) continue;
		const value = lookup(token.text);
		parts.set(token.text, { path: token.text, name: nameOf(token.text, of), value: typeof value === 'number' ? value : null });
	}
	const said = (token: Token): string => {
		if (token.kind === 'path') {
			const { name, value } = there(parts.get(token.text), 'get');
			return value === null ? name : `${name} ${write(value, token.text)}`;
		}
		if (token.kind === 'sign') return SIGNS[token.text] ?? token.text;
		return token.kind === 'name' ? `${FUNCTIONS[token.text] ?? token.text} ` : token.text;
	};
	return {
		line: list.map(said).join(' ').replace(/ {2}/g, ' ').replace(/\( /g, '(').replace(/ \)/g, ')').replace(/ ,/g, ','),
		parts: [...parts.values()],
		result: evaluate(expression, lookup)
	};
}
