/** Media: what follows from them for the boards, the air and the light (handbook intake#media). */

import { AS_IT_COMES, type Stocked } from './stocked.ts';

export type Medium = {
	id: string;
	name: string;
	friable?: boolean;
	/** Wants un-buffered boards. */
	proteinOrDye?: boolean;
	/** Can stick to glazing when warm. */
	sticks?: boolean;
	/** Dries, some of them for months: whether it has is asked. */
	dries?: boolean;
	/** Grows like a resin-coated photograph. */
	resinCoated?: boolean;
	/** Its back takes no water: paste and gummed tape do not bond to it. */
	noWater?: boolean;
	/** Light class of its most fugitive kind. */
	fade: number;
} & Stocked;

const COMMON: readonly Omit<Medium, keyof Stocked>[] = [
	{ id: 'ink', name: 'ink', fade: 4 },
	{ id: 'iron-gall-ink', name: 'iron-gall ink', fade: 4 },
	{ id: 'carbon-ink', name: 'carbon ink', fade: 8 },
	{ id: 'printing-ink', name: 'printing ink', fade: 6 },
	{ id: 'lithograph', name: 'lithograph', fade: 7 },
	{ id: 'letterpress', name: 'letterpress', fade: 8 },
	{ id: 'watercolour', name: 'watercolour', fade: 4 },
	{ id: 'gouache', name: 'gouache', fade: 4, sticks: true },
	{ id: 'graphite', name: 'graphite', fade: 8 },
	{ id: 'charcoal', name: 'charcoal', fade: 8, friable: true },
	{ id: 'chalk', name: 'chalk', fade: 7, friable: true },
	{ id: 'pastel', name: 'pastel', fade: 3, friable: true },
	{ id: 'coloured-pencil', name: 'coloured pencil', fade: 4 },
	{ id: 'felt-pen', name: 'felt pen', fade: 1 },
	{ id: 'marker', name: 'marker', fade: 1 },
	{ id: 'autograph-ink', name: 'autograph ink', fade: 2 },
	{ id: 'alcohol-ink', name: 'alcohol ink', fade: 1, sticks: true, dries: true },
	{ id: 'oil', name: 'oil', fade: 6, sticks: true, dries: true },
	{ id: 'acrylic-paint', name: 'acrylic paint', fade: 6, sticks: true, dries: true },
	{ id: 'tempera', name: 'tempera', fade: 6, dries: true },
	{ id: 'varnish', name: 'varnish', fade: 6, sticks: true, dries: true },
	{ id: 'resin', name: 'resin', fade: 5, sticks: true, dries: true },
	{ id: 'wax', name: 'wax, encaustic', fade: 6, sticks: true },
	{ id: 'cyanotype', name: 'cyanotype', fade: 3, proteinOrDye: true },
	{ id: 'silver-gelatin', name: 'silver gelatin', fade: 8, sticks: true },
	{ id: 'silver-gelatin-coated', name: 'black-and-white, resin-coated', fade: 5, sticks: true, resinCoated: true, noWater: true },
	{ id: 'chromogenic', name: 'chromogenic print', fade: 3, proteinOrDye: true, sticks: true, resinCoated: true, noWater: true },
	{ id: 'dye-inkjet', name: 'dye inkjet', fade: 2, proteinOrDye: true },
	{ id: 'pigment-inkjet', name: 'pigment inkjet', fade: 6 },
	{
		id: 'dye-inkjet-coated',
		name: 'dye inkjet on coated photo paper',
		fade: 2,
		proteinOrDye: true,
		sticks: true,
		resinCoated: true,
		noWater: true
	},
	{
		id: 'pigment-inkjet-coated',
		name: 'pigment inkjet on coated photo paper',
		fade: 6,
		sticks: true,
		resinCoated: true,
		noWater: true
	},
	{ id: 'synthetic-paper', name: 'print on synthetic paper', fade: 5, sticks: true, resinCoated: true, noWater: true },
	{ id: 'dyed-silk', name: 'dyed silk', fade: 1, proteinOrDye: true },
	{ id: 'feather', name: 'feather', fade: 3, proteinOrDye: true },
	{ id: 'pressed-plant', name: 'pressed plant', fade: 2, friable: true }
];

export const MEDIA: readonly Medium[] = COMMON.map((medium) => ({ ...AS_IT_COMES, ...medium, pricePerM2: null }));
