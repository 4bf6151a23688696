/** Colours by name: mats, cores, mouldings. A job may give a value such as #5f7180 instead. */

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

/** The value of a colour name; a neutral one for a name that has none. */
export function colourOf(name: string): string {
	if (/^#[0-9a-f]{6}$/i.test(name)) return name;
	return COLOURS[name] ?? '#e6e3dc';
}

/** Bevels show the core, a little darker than white, so that they are seen beside a white mat. */
export const CORE = '#fbfaf6';
export const PAPER = '#efe9d8';
