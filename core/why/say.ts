/** An explanation in words: the expression with names, the expression with numbers, and what each name holds. */
import { evaluate, tokens, type Lookup, type Token } from './expression.ts';

export type Part = { path: string; name: string; value: number | null };
export type Said = { words: string; numbers: string; parts: Part[]; result: number };

const SIGNS: Record<string, string> = { '*': '×', '/': '÷', '-': '−', '+': '+' };
const FUNCTIONS: Record<string, string> = {
	down: 'cut down to the step',
	up: 'received up to the step',
	nearest: 'to the nearest step',
	count: 'counted up',
	next: 'the next of the list',
	min: 'the least of',
	max: 'the largest of',
	abs: 'the size of',
	firstDiagonal: 'the diagonal that fits',
	otherDiagonal: 'the other diagonal of',
	cornerX: 'across to the corner of',
	cornerY: 'down to the corner of',
	usableAcross: 'the width that an upright pack may have in',
	usableDown: 'the height that an upright pack may have in',
	roomAcross: 'the room across of',
	roomDown: 'the room up and down of',
	fadeRate: 'the fade that a million lux hours do in class, UV,',
	yearlyBudget: 'the yearly budget of class',
	uvShare: 'how much faster with UV,',
	sag: 'the sag of a plate of'
};

/** @param write how a number is written: the caller knows the unit */
export function sayExpression(expression: string, lookup: Lookup, write: (value: number, path: string | null) => string): Said {
	const list = tokens(expression);
	const parts = new Map<string, Part>();
	for (const token of list) {
		if (token.kind !== 'path' || parts.has(token.text)) continue;
		const value = lookup(token.text);
		parts.set(token.text, { path: token.text, name: nameOf(token.text), value: typeof value === 'number' ? value : null });
	}
	const numbers = (token: Token) => {
		const part = parts.get(token.text);
		if (token.kind !== 'path') return null;
		return part!.value === null ? part!.name : write(part!.value, token.text);
	};
	return {
		words: line(list, (token) => (token.kind === 'path' ? parts.get(token.text)!.name : null)),
		numbers: line(list, numbers),
		parts: [...parts.values()],
		result: evaluate(expression, lookup)
	};
}

function line(list: Token[], replace: (token: Token) => string | null): string {
	return list
		.map(
			(token) =>
				replace(token) ??
				(token.kind === 'sign'
					? (SIGNS[token.text] ?? token.text)
					: token.kind === 'name'
						? `${FUNCTIONS[token.text] ?? token.text} `
						: token.text)
		)
		.join(' ')
		.replace(/ {2}/g, ' ')
		.replace(/\( /g, '(')
		.replace(/ \)/g, ')')
		.replace(/ ,/g, ',');
}

const WORDS: Record<string, string> = {
	mats: 'mat',
	layers: 'layer',
	rails: 'rail',
	parts: 'part',
	places: 'place',
	strips: 'strip',
	hooks: 'hook',
	outline: 'corner',
	zones: 'zone',
	openings: 'window',
	holes: 'window',
	pieces: 'piece',
	windows: 'window',
	fillers: 'filler',
	sources: 'source'
};

/** `window.mats[0].border.left` → `mat 1 border left`; `shop.house.overlap` → `house overlap`. */
export function nameOf(path: string): string {
	const steps = path.split(/[.[\]]+/).filter(Boolean);
	const [root] = steps;
	if (root === 'shop')
		return steps[1] === 'house' ? `house ${spaced(steps[2]!)}` : `${spaced(steps.at(-1)!)} of ${steps[2] ?? 'the list'}`;
	if (root === 'job') {
		if (steps[1] === 'step') return 'cutting step';
		return `${steps.slice(2).map(word).join(' ')} asked for`;
	}
	const shown =
		['measure', 'window', 'hold', 'hang', 'frame', 'back'].includes(root!) && steps.length > 2 ? steps.slice(1) : steps;
	return shown.map(word).join(' ');
}

function word(step: string): string {
	return /^\d+$/.test(step) ? String(Number(step) + 1) : (WORDS[step] ?? spaced(step));
}

function spaced(camel: string): string {
	return camel.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
}
