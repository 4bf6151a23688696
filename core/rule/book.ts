/** Where stations write their figures down: each once, with the term that gives it and its paragraph of the handbook. */
import { houseUnit, type House } from '../shop/house.ts';
import { unitOf } from '../units/figures.ts';
import { nth } from '../units/there.ts';
import { at, expressionOf, underNames, type Term } from './term.ts';
import type { Why } from './why.ts';

/** @returns the figure under its path, so that what follows from it names it */
export type Figure = (path: string, term: Term, source: string) => Term;

/** `Figure` for one station: its name and its paragraph without what all of them begin with. */
export type Write = (name: string, term: Term, anchor: string) => Term;

export type Book = {
	figure: Figure;
	/** Adds the expressions of all that was written down. */
	explain: (why: Why) => Why;
};

/** For who wants the figures alone. */
export const unwritten: Figure = (path, term) => at(path, term.value);

/** Figures that are written for a single window, under the names of one of several. */
export function renamed(figure: Figure, rename: (text: string) => string): Figure {
	return (path, term, source) => {
		figure(rename(path), underNames(term, rename), source);
		return at(path, term.value);
	};
}

export function openBook(): Book {
	const [paths, terms, sources]: [string[], Term[], string[]] = [[], [], []];
	return {
		figure: (path, term, source) => {
			paths.push(path);
			terms.push(term);
			sources.push(source);
			return at(path, term.value);
		},
		explain: (why) => {
			for (const [index, path] of paths.entries())
				why[path] = { of: expressionOf(nth(terms, index)), source: nth(sources, index), unit: unitOf(path, houseUnitOf) };
			return why;
		}
	};
}

function houseUnitOf(name: string) {
	return houseUnit(name as keyof House);
}
