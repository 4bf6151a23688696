/**
 * A figure with how it comes about: the value, and the expression that gives it. Both are made by one call, so no formula is written
 * twice: `sum(house('land'), at('frame.allowance.width', 3))` is 41 mm and reads `shop.house.land + frame.allowance.width`.
 * The expression is written only when somebody asks: a drag plans sixty times a second and asks for none.
 */
import type { House } from '../shop/house.ts';
import { there } from '../units/there.ts';
import { countUp, cutDown, receiveUp, showNearest, tidy } from '../units/round.ts';

type Kind = 'place' | 'plain' | 'sum' | 'less' | 'product' | 'quotient' | 'call' | 'negative' | 'again';

/** One plain object a term, all of one shape, and nothing written before it is asked for: a plan makes a thousand of them. */
export type Term = {
	readonly value: number;
	readonly kind: Kind;
	/** Path of a place, name of a call. */
	readonly text: string;
	readonly terms: readonly Term[];
	/** Writes the same under other names. */
	readonly rename: ((text: string) => string) | null;
};

const NONE: readonly Term[] = [];

function make(value: number, kind: Kind, text: string, terms: readonly Term[]): Term {
	return { value, kind, text, terms, rename: null };
}

/** The expression of a term: numbers, paths into plan, job and shop, + − × ÷ and a few named functions. */
export function expressionOf(term: Term): string {
	const { kind, text, terms } = term;
	const [first, second] = terms;
	switch (kind) {
		case 'place':
			return text;
		case 'plain':
			return String(term.value);
		case 'sum':
			return terms.map(expressionOf).join(' + ');
		case 'less':
			return terms.map((one, index) => (index === 0 || !isSum(one) ? expressionOf(one) : `(${expressionOf(one)})`)).join(' - ');
		case 'product':
			// A quotient among the factors needs no brackets: a × (b ÷ c) is a × b ÷ c.
			return terms.map(asFactor).join(' * ');
		case 'quotient':
			return `${asFactor(there(first, 'dividend'))} / ${asDivisor(there(second, 'divisor'))}`;
		case 'call':
			return `${text}(${terms.map(expressionOf).join(', ')})`;
		case 'negative':
			return `-(${expressionOf(there(first, 'term'))})`;
		case 'again': {
			const written = expressionOf(there(first, 'term'));
			return term.rename ? term.rename(written) : written;
		}
	}
}

function asFactor(term: Term): string {
	return isSum(term) ? `(${expressionOf(term)})` : expressionOf(term);
}

function asDivisor(term: Term): string {
	return isSum(term) || isProduct(term) ? `(${expressionOf(term)})` : expressionOf(term);
}

/** It falls apart inside a product. */
function isSum({ kind, value, terms }: Term): boolean {
	if (kind === 'again') return isSum(there(terms[0], 'term'));
	return kind === 'sum' || kind === 'less' || kind === 'negative' || (kind === 'plain' && value < 0);
}

function isProduct({ kind, terms }: Term): boolean {
	if (kind === 'again') return isProduct(there(terms[0], 'term'));
	return kind === 'product' || kind === 'quotient';
}

/** A figure that stands somewhere in plan, job or shop. */
export function at(path: string, value: number): Term {
	return make(value, 'place', path, NONE);
}

export type TermSize = { readonly width: Term; readonly height: Term };

/** A size that stands under a path. */
export function sizeTerms(path: string, { width, height }: { width: number; height: number }): TermSize {
	return { width: at(`${path}.width`, width), height: at(`${path}.height`, height) };
}

/** A plain number. */
export function plain(value: number): Term {
	return make(value, 'plain', '', NONE);
}

/** House figures by their name. */
export function houseTerms(house: House): (name: NumberedHouse) => Term {
	return (name) => at(`shop.house.${name}`, house[name]);
}

type NumberedHouse = { [Name in keyof House]: House[Name] extends number ? Name : never }[keyof House];

/** What they come to together; 0 of none. */
export function sum(...terms: readonly Term[]): Term {
	const [first] = terms;
	if (!first) return plain(0);
	if (terms.length === 1) return first;
	let value = 0;
	for (const term of terms) value += term.value;
	return make(value, 'sum', '', terms);
}

/** The first without the others. */
export function less(from: Term, ...others: readonly Term[]): Term {
	if (others.length === 0) return from;
	let { value } = from;
	for (const other of others) value -= other.value;
	return make(value, 'less', '', [from, ...others]);
}

export function times(...factors: readonly Term[]): Term {
	let value = 1;
	for (const factor of factors) value *= factor.value;
	const [first] = factors;
	return first && factors.length === 1 ? first : make(value, 'product', '', factors);
}

export function over(part: Term, whole: Term): Term {
	return make(part.value / whole.value, 'quotient', '', [part, whole]);
}

export function negative(term: Term): Term {
	return make(0 - term.value, 'negative', '', [term]);
}

const TWO = plain(2);
const DEGREES = 180 / Math.PI;

export const half = (term: Term): Term => over(term, TWO);
export const twice = (term: Term): Term => times(TWO, term);

export function smallest(...terms: readonly Term[]): Term {
	let value = Infinity;
	for (const term of terms) value = Math.min(value, term.value);
	return named('min', value, terms);
}

export function largest(...terms: readonly Term[]): Term {
	let value = -Infinity;
	for (const term of terms) value = Math.max(value, term.value);
	return named('max', value, terms);
}

export const apart = (one: Term, other: Term): Term => named('abs', Math.abs(one.value - other.value), [less(one, other)]);
export const root = (term: Term): Term => named('sqrt', Math.sqrt(term.value), [term]);

/** Of an angle in degrees. */
export const sine = (term: Term): Term => named('sin', Math.sin(term.value / DEGREES), [term]);
export const cosine = (term: Term): Term => named('cos', Math.cos(term.value / DEGREES), [term]);
export const tangent = (term: Term): Term => named('tan', Math.tan(term.value / DEGREES), [term]);
/** In degrees, of a rise over a run. */
export const angleOf = (term: Term): Term => named('atan', Math.atan(term.value) * DEGREES, [term]);

/** Rounded in its direction: down for what is cut, up for what must receive it, to the nearest for what is shown. */
export const down = (term: Term, step: Term): Term => named('down', cutDown(term.value, step.value), [term, step]);
export const up = (term: Term, step: Term): Term => named('up', receiveUp(term.value, step.value), [term, step]);
export const nearest = (term: Term, step: Term): Term => named('nearest', showNearest(term.value, step.value), [term, step]);
export const counted = (term: Term): Term => named('count', countUp(term.value), [term]);
/** The first of a list in stock that is not below it, else the largest. */
export const nextOf = (term: Term, list: readonly number[], path: string): Term =>
	named('next', list.find((one) => one >= term.value) ?? Math.max(...list), [term, at(path, Number.NaN)]);

/** The one of a list that is nearest to it; of two as near the smaller. */
export const nearestOf = (term: Term, list: readonly number[], path: string): Term =>
	named('nearestOf', nearestIn(term.value, list), [term, at(path, Number.NaN)]);

export function nearestIn(value: number, list: readonly number[]): number {
	return [...list].sort((one, other) => Math.abs(one - value) - Math.abs(other - value) || one - other)[0] ?? value;
}

/** A function of the expressions by its name (views/why/expression.ts), its value computed by the caller. */
export function named(name: string, value: number, terms: readonly Term[]): Term {
	return make(value, 'call', name, terms);
}

/** Without the last digits that only reckoning in binary brings. */
export const tidied = (term: Term): Term => make(tidy(term.value), 'again', '', [term]);

/** With a value that the expression alone does not give, as where nothing is divided by. */
export const settled = (term: Term, value: number): Term => make(value, 'again', '', [term]);

/** The same under other names. */
export const underNames = (term: Term, rename: (text: string) => string): Term => ({
	...make(term.value, 'again', '', [term]),
	rename
});
