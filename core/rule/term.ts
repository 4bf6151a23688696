/**
 * A figure with how it comes about: the value, and the expression that gives it. Both are made by one call, so no formula is written
 * twice: `sum(house('land'), at('frame.allowance.width', 3))` is 41 mm and reads `shop.house.land + frame.allowance.width`.
 * The expression is written only when somebody asks: a drag plans sixty times a second and asks for none.
 */
import type { House } from '../shop/house.ts';
import { countUp, cutDown, receiveUp, showNearest, tidy } from '../units/round.ts';

/** How tightly an expression holds together: a sum is put in brackets inside a product, what stands alone never. */
type Binding = 'sum' | 'product' | 'alone';

export type Term = { readonly value: number; readonly binds: Binding; readonly of: () => string };

const DEGREES = 180 / Math.PI;

/** A figure that stands somewhere in plan, job or shop. */
export function at(path: string, value: number): Term {
	return { value, binds: 'alone', of: () => path };
}

export type TermSize = { readonly width: Term; readonly height: Term };

/** A size that stands under a path. */
export function sizeTerms(path: string, { width, height }: { width: number; height: number }): TermSize {
	return { width: at(`${path}.width`, width), height: at(`${path}.height`, height) };
}

/** A plain number. */
export function plain(value: number): Term {
	return { value, binds: value < 0 ? 'sum' : 'alone', of: () => String(value) };
}

/** House figures by their name. */
export function houseTerms(house: House): (name: NumberedHouse) => Term {
	return (name) => at(`shop.house.${name}`, house[name]);
}

type NumberedHouse = { [Name in keyof House]: House[Name] extends number ? Name : never }[keyof House];

/** What they come to together; 0 of none. */
export function sum(...terms: readonly Term[]): Term {
	const [first, ...others] = terms;
	if (!first) return plain(0);
	if (others.length === 0) return first;
	return {
		value: others.reduce((value, term) => value + term.value, first.value),
		binds: 'sum',
		of: () => terms.map((term) => term.of()).join(' + ')
	};
}

/** The first without the others. */
export function less(from: Term, ...others: readonly Term[]): Term {
	if (others.length === 0) return from;
	return {
		value: others.reduce((value, term) => value - term.value, from.value),
		binds: 'sum',
		of: () => [from.of(), ...others.map((term) => bracketed(term, 'sum'))].join(' - ')
	};
}

export function times(...factors: readonly Term[]): Term {
	const [first, ...others] = factors;
	if (!first || others.length === 0) return first ?? plain(1);
	return {
		value: others.reduce((value, term) => value * term.value, first.value),
		binds: 'product',
		// A quotient among the factors needs no brackets: a × (b ÷ c) is a × b ÷ c.
		of: () => factors.map((term) => (term.binds === 'product' ? term.of() : bracketed(term, 'product'))).join(' * ')
	};
}

export function over(part: Term, whole: Term): Term {
	return {
		value: part.value / whole.value,
		binds: 'product',
		of: () => `${part.binds === 'product' ? part.of() : bracketed(part, 'product')} / ${bracketed(whole, 'product')}`
	};
}

export function negative(term: Term): Term {
	return { value: 0 - term.value, binds: 'sum', of: () => `-(${term.of()})` };
}

export const half = (term: Term): Term => over(term, plain(2));
export const twice = (term: Term): Term => times(plain(2), term);

export const smallest = (...terms: readonly Term[]): Term => named('min', Math.min(...terms.map(valueOf)), terms);
export const largest = (...terms: readonly Term[]): Term => named('max', Math.max(...terms.map(valueOf)), terms);
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

/** A function of the expressions by its name (views/why/expression.ts), its value computed by the caller. */
export function named(name: string, value: number, terms: readonly Term[]): Term {
	return { value, binds: 'alone', of: () => `${name}(${terms.map((term) => term.of()).join(', ')})` };
}

/** Without the last digits that only reckoning in binary brings. */
export const tidied = (term: Term): Term => ({ ...term, value: tidy(term.value) });

function bracketed(term: Term, inside: 'sum' | 'product'): string {
	const holds = term.binds === 'alone' || (inside === 'sum' && term.binds === 'product');
	return holds ? term.of() : `(${term.of()})`;
}

function valueOf(term: Term): number {
	return term.value;
}
