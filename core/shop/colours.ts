/**
 * Colours of mats, cores, mouldings and walls. A job names one of the built-in ones, gives a value such as #5f7180, or writes the name and
 * the code under which the shop or the maker has it.
 */
import { ownOf } from '../units/by-own-keys.ts';
import { AS_IT_COMES, type Stocked } from './stocked.ts';

export type WrittenColour = string | { name?: string; code?: string; hex?: string };

export type Colour = {
	/** `slate`, `sea fog 1042`. */
	said: string;
	hex: string;
	/** As the job has it. */
	written: WrittenColour;
};

/** @returns what is said of it and its value; a neutral one where none is given */
export function readColour(written: WrittenColour): Colour {
	if (typeof written === 'string') return { said: written, hex: colourOf(written), written };
	const { name = '', code = '', hex } = written;
	return {
		said:
			[name, code]
				.map((word) => word.trim())
				.filter(Boolean)
				.join(' ') || 'own colour',
		hex: colourOf(hex ?? name),
		written
	};
}

/** The built-in ones. */

export const COLOURS: Readonly<Record<string, string>> = {
	white: '#f4f2ec',
	shell: '#ebe4d5',
	fog: '#dcdedd',
	sand: '#d9cbb0',
	moss: '#7c8468',
	slate: '#5f7180',
	ink: '#33414b',
	charcoal: '#3c3d3e',
	ash: '#bb9c6c',
	oak: '#a8824f',
	limed: '#d6ccb9',
	walnut: '#6f4f38',
	bark: '#4b3c33',
	chalk: '#e9e7e1',
	linen: '#ddd3c2',
	sage: '#b9c0ad',
	'sea-mist': '#b7c4c8',
	clay: '#b98d74',
	dusk: '#58606d'
};

/** A colour that the shop has boards or mouldings of, by the name and the code that its maker gives it. */
export type Swatch = { id: string; name: string; code: string; hex: string } & Stocked;

export const SWATCHES: readonly Swatch[] = Object.entries(COLOURS).map(([name, hex]) => ({
	...AS_IT_COMES,
	id: name,
	name,
	code: '',
	hex,
	pricePerM2: null
}));

/** As a job writes it: by its name alone where that says it all. */
export function writtenColour({ id, name, code, hex }: Swatch): WrittenColour {
	if (ownOf(COLOURS, id) === hex && name === id && code === '') return id;
	return { name, hex, ...(code === '' ? {} : { code }) };
}

/** The value of a colour name; a neutral one for a name that has none. */
export function colourOf(name: string): string {
	if (/^#[0-9a-f]{6}$/i.test(name)) return name;
	return ownOf(COLOURS, name) ?? '#e6e3dc';
}

/** Bevels show the core, a little darker than white, so that they are seen beside a white mat. */
export const CORE = '#fbfaf6';
export const PAPER = '#efe9d8';
