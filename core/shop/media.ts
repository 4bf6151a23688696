/** Media: what follows from them for the boards, the air, the water and the light (handbook intake#media). Working values. */

import type { ConcernId } from './concerns.ts';
import { AS_IT_COMES, type Stocked } from './stocked.ts';

export type Medium = {
	id: string;
	name: string;
	friable?: boolean;
	/** Some of it is matt and powdery: whether it sheds is asked. */
	mayShed?: boolean;
	/** Wants un-buffered boards. */
	proteinOrDye?: boolean;
	/** Can stick to glazing when warm. */
	sticks?: boolean;
	/** Never hard: it wants as much air as what sheds. */
	deepGap?: boolean;
	/** Dries, some of them for months: whether it has is asked. */
	dries?: boolean;
	/** Until it is dry it gives off vapours. */
	fresh?: boolean;
	/** Gives off vapours for as long as it is there (findings#seal.traps). */
	givesOff?: boolean;
	/** Grows like a resin-coated photograph. */
	resinCoated?: boolean;
	/** Its back takes no water: paste and gummed tape do not bond to it. */
	noWater?: boolean;
	/** On a base of fibre or of plastic: which it is, is asked. */
	baseAsked?: boolean;
	/** What water does to it wherever it reaches it (findings#hold.water-media). */
	water?: 'runs' | 'harms';
	/** Water harms it where it comes near. */
	nearWater?: boolean;
	/** Warmth harms it. */
	noHeat?: boolean;
	/** Light class of its most fugitive kind. */
	fade: number;
	/** The same of a piece dated before 1950. */
	fadeBefore1950?: number;
	/** What comes with it for intake. */
	concerns?: readonly ConcernId[];
	/** Why, in a sentence; a shop’s own may say nothing. */
	says?: string;
} & Stocked;

const COMMON: readonly Omit<Medium, keyof Stocked>[] = [
	{ id: 'ink', name: 'ink', fade: 2, water: 'runs', says: 'Unknown ink is taken as one that fades and runs.' },
	{
		id: 'iron-gall-ink',
		name: 'iron-gall ink',
		fade: 3,
		water: 'harms',
		says: 'Water carries its iron and acid into the paper round each stroke.'
	},
	{ id: 'carbon-ink', name: 'carbon ink', fade: 8, says: 'Carbon does not fade.' },
	{ id: 'fountain-pen-ink', name: 'fountain-pen ink', fade: 1, water: 'runs', says: 'Most are dyes that run and fade fast.' },
	{
		id: 'ballpoint',
		name: 'ballpoint',
		fade: 2,
		water: 'runs',
		says: 'A dye in a paste that never quite dries: it runs and transfers.'
	},
	{
		id: 'copying-pencil',
		name: 'copying pencil',
		fade: 2,
		water: 'harms',
		says: 'A drop of water turns it violet and makes it run.'
	},
	{ id: 'felt-pen', name: 'felt pen', fade: 1, water: 'runs', says: 'Dyes: in a patch of sun they fade in days.' },
	{ id: 'marker', name: 'marker', fade: 1, water: 'runs', says: 'Dyes: in a patch of sun they fade in days.' },
	{ id: 'autograph-ink', name: 'autograph ink', fade: 2, water: 'runs', says: 'Signing pens are dyes: they run and fade.' },
	{ id: 'aniline-ink', name: 'aniline ink', fade: 1, water: 'runs', says: 'An early dye: it runs and fades fast.' },
	{
		id: 'alcohol-ink',
		name: 'alcohol ink',
		fade: 1,
		water: 'runs',
		sticks: true,
		dries: true,
		says: 'Dyes on a surface that takes no water.'
	},
	{ id: 'watercolour', name: 'watercolour', fade: 3, says: 'Thin washes of unknown colours fade early.' },
	{
		id: 'gouache',
		name: 'gouache',
		fade: 3,
		nearWater: true,
		mayShed: true,
		sticks: true,
		says: 'Water and pressure mark it; matt and powdery, it is friable.'
	},
	{ id: 'tempera', name: 'tempera', fade: 6, dries: true, says: 'It dries slowly and chips.' },
	{ id: 'acrylic-ink', name: 'acrylic ink', fade: 5, says: 'Pigments in acrylic; some colours are dyes.' },
	{ id: 'acrylic-paint', name: 'acrylic paint', fade: 6, sticks: true, dries: true, says: 'It stays soft and sticks when warm.' },
	{
		id: 'oil',
		name: 'oil',
		fade: 6,
		sticks: true,
		dries: true,
		fresh: true,
		says: 'It dries for months and gives off acids meanwhile.'
	},
	{
		id: 'spray-paint',
		name: 'spray paint',
		fade: 4,
		sticks: true,
		dries: true,
		fresh: true,
		says: 'Solvents leave it for weeks; it stays soft.'
	},
	{
		id: 'varnish',
		name: 'varnish',
		fade: 6,
		sticks: true,
		dries: true,
		fresh: true,
		says: 'It gives off solvents until hard, and sticks when warm.'
	},
	{
		id: 'resin',
		name: 'resin',
		fade: 5,
		sticks: true,
		dries: true,
		fresh: true,
		says: 'It cures for weeks and softens in warmth.'
	},
	{ id: 'wax', name: 'wax, encaustic', fade: 6, sticks: true, noHeat: true, says: 'It softens in warmth and takes up dust.' },
	{ id: 'graphite', name: 'graphite', fade: 8, says: 'It does not fade; rubbing smears it.' },
	{ id: 'soft-graphite', name: 'soft graphite', fade: 8, friable: true, says: 'It is a little friable, and smears.' },
	{ id: 'charcoal', name: 'charcoal', fade: 8, friable: true, says: 'Loose dust: a knock or static takes it off.' },
	{ id: 'chalk', name: 'chalk', fade: 7, friable: true, says: 'Loose dust: a knock or static takes it off.' },
	{ id: 'conte', name: 'conté, sanguine', fade: 7, friable: true, says: 'A little friable: static and knocks take it off.' },
	{ id: 'pastel', name: 'pastel', fade: 3, friable: true, says: 'Loose dust, some of it dyed: a knock or static takes it off.' },
	{
		id: 'oil-pastel',
		name: 'oil pastel',
		fade: 4,
		sticks: true,
		deepGap: true,
		says: 'It never dries: it takes up dust and marks what touches it; plain acrylic is allowed.'
	},
	{ id: 'wax-crayon', name: 'wax crayon', fade: 4, sticks: true, noHeat: true, says: 'It blooms and softens in warmth.' },
	{ id: 'coloured-pencil', name: 'coloured pencil', fade: 3, says: 'Many of its colours are dyes.' },
	{ id: 'glitter', name: 'glitter', fade: 5, friable: true, says: 'It falls off and scratches.' },
	{ id: 'sand', name: 'sand', fade: 8, friable: true, says: 'Grains fall off and scratch.' },
	{ id: 'leaf', name: 'loose metal leaf', fade: 8, friable: true, says: 'It lifts at a breath.' },
	{ id: 'silver-leaf', name: 'silver leaf', fade: 8, says: 'It tarnishes: nothing with sulphur near it.' },
	{
		id: 'printing-ink',
		name: 'coloured printing ink',
		fade: 3,
		fadeBefore1950: 2,
		says: 'Coloured inks vary: unknown ones fade early.'
	},
	{ id: 'printing-ink-black', name: 'black printing ink', fade: 7, says: 'Carbon in oil.' },
	{
		id: 'lithograph',
		name: 'colour lithograph',
		fade: 3,
		fadeBefore1950: 2,
		says: 'Coloured inks vary; before 1950 many were fugitive lakes.'
	},
	{ id: 'lithograph-black', name: 'black lithograph', fade: 8, says: 'Carbon in oil.' },
	{ id: 'letterpress', name: 'letterpress', fade: 8, says: 'Carbon in oil; black alone.' },
	{ id: 'screenprint', name: 'screenprint', fade: 5, sticks: true, says: 'Thick ink: it sticks to what touches it when warm.' },
	{
		id: 'screenprint-fluorescent',
		name: 'fluorescent screenprint',
		fade: 1,
		sticks: true,
		says: 'Fluorescent dyes are gone in a few sunny weeks.'
	},
	{ id: 'etching', name: 'etching', fade: 8, says: 'Black ink does not fade; its colours are a medium of their own.' },
	{ id: 'engraving', name: 'engraving', fade: 8, says: 'Black ink does not fade; its colours are a medium of their own.' },
	{ id: 'woodcut', name: 'woodcut', fade: 8, says: 'Black ink does not fade; its colours are a medium of their own.' },
	{ id: 'linocut', name: 'linocut', fade: 8, says: 'Black ink does not fade; its colours are a medium of their own.' },
	{
		id: 'japanese-woodblock',
		name: 'Japanese woodblock colour',
		fade: 2,
		water: 'runs',
		says: 'Plant colours in paste: they run and fade.'
	},
	{ id: 'hand-coloured', name: 'hand-coloured print', fade: 2, water: 'runs', says: 'Washes over the print: they run and fade.' },
	{ id: 'offset', name: 'offset print', fade: 3, fadeBefore1950: 2, says: 'Magenta and yellow fade first.' },
	{ id: 'risograph', name: 'risograph', fade: 2, says: 'Soy inks never quite dry; many are fugitive.' },
	{ id: 'monotype', name: 'monotype', fade: 5, dries: true, says: 'Thick ink dries for weeks.' },
	{
		id: 'toner',
		name: 'toner print',
		fade: 6,
		sticks: true,
		noHeat: true,
		says: 'Plastic on the surface: it sticks to warm glazing.'
	},
	{
		id: 'thermal',
		name: 'thermal paper',
		fade: 2,
		noHeat: true,
		says: 'Warmth turns it black; light and plastic bleach it. Frame a copy.'
	},
	{ id: 'blueprint', name: 'blueprint', fade: 3, proteinOrDye: true, says: 'Alkali and light bleach its blue.' },
	{ id: 'diazo', name: 'diazo print', fade: 1, givesOff: true, says: 'It fades in weeks and gives off sulphur and ammonia.' },
	{ id: 'cyanotype', name: 'cyanotype', fade: 3, proteinOrDye: true, says: 'Alkali and light bleach its blue.' },
	{
		id: 'silver-gelatin',
		name: 'silver gelatin',
		fade: 5,
		sticks: true,
		baseAsked: true,
		says: 'Fibre or resin-coated: it decides whether paste bonds and how long it lasts.'
	},
	{
		id: 'silver-gelatin-fibre',
		name: 'silver gelatin on fibre base',
		fade: 8,
		sticks: true,
		says: 'Silver does not fade in light; moisture and fumes tarnish it.'
	},
	{
		id: 'silver-gelatin-coated',
		name: 'black-and-white, resin-coated',
		fade: 5,
		sticks: true,
		resinCoated: true,
		noWater: true,
		says: 'Light makes its plastic base crack.'
	},
	{
		id: 'silver-gelatin-toned',
		name: 'toned silver gelatin',
		fade: 8,
		sticks: true,
		baseAsked: true,
		says: 'Toning protects the silver.'
	},
	{
		id: 'silver-gelatin-tinted',
		name: 'hand-tinted silver gelatin',
		fade: 2,
		sticks: true,
		water: 'runs',
		baseAsked: true,
		says: 'Its tints are dyes.'
	},
	{
		id: 'chromogenic',
		name: 'chromogenic print',
		fade: 3,
		proteinOrDye: true,
		sticks: true,
		resinCoated: true,
		noWater: true,
		says: 'Its dyes fade in light and in the dark.'
	},
	{
		id: 'albumen',
		name: 'albumen print',
		fade: 2,
		proteinOrDye: true,
		water: 'runs',
		says: 'It yellows, and curls at a drop of water.'
	},
	{
		id: 'salted-print',
		name: 'salted paper print',
		fade: 2,
		proteinOrDye: true,
		water: 'runs',
		says: 'Light, alkali and moisture bleach it.'
	},
	{
		id: 'collodion-print',
		name: 'collodion print',
		fade: 6,
		proteinOrDye: true,
		water: 'runs',
		sticks: true,
		says: 'Water lifts its skin, solvents dissolve it.'
	},
	{ id: 'carbon-print', name: 'carbon print', fade: 7, sticks: true, says: 'Pigment in gelatin: stable, soft when moist.' },
	{ id: 'platinum', name: 'platinum print', fade: 8, says: 'It stains paper it lies on: interleave.' },
	{ id: 'gum', name: 'gum print', fade: 6, says: 'Pigment in gum: water softens it.' },
	{
		id: 'daguerreotype',
		name: 'daguerreotype',
		fade: 8,
		concerns: ['cased'],
		noWater: true,
		says: 'A breath or a wipe destroys its image.'
	},
	{
		id: 'ambrotype',
		name: 'ambrotype',
		fade: 8,
		concerns: ['cased'],
		noWater: true,
		says: 'Collodion on glass: it lifts when wiped.'
	},
	{ id: 'tintype', name: 'tintype', fade: 8, concerns: ['cased'], noWater: true, says: 'Collodion on iron: it lifts and rusts.' },
	{ id: 'dye-transfer', name: 'dye transfer print', fade: 3, proteinOrDye: true, says: 'Alkali harms its dyes.' },
	{
		id: 'dye-bleach',
		name: 'silver-dye bleach print',
		fade: 5,
		sticks: true,
		resinCoated: true,
		noWater: true,
		says: 'On polyester, with a gloss that every touch marks: no paste.'
	},
	{
		id: 'instant',
		name: 'instant print',
		fade: 2,
		proteinOrDye: true,
		sticks: true,
		noWater: true,
		givesOff: true,
		says: 'It is a sealed sandwich: never trimmed, never sealed in.'
	},
	{
		id: 'nitrate-film',
		name: 'nitrate film',
		fade: 2,
		concerns: ['nitrate'],
		noWater: true,
		givesOff: true,
		says: 'It burns even when shut in.'
	},
	{
		id: 'acetate-film',
		name: 'acetate film',
		fade: 4,
		noWater: true,
		givesOff: true,
		says: 'It shrinks, and gives off acetic acid as it ages.'
	},
	{
		id: 'face-mounted',
		name: 'face-mounted print',
		fade: 4,
		sticks: true,
		resinCoated: true,
		noWater: true,
		says: 'Its acrylic is its face: held by hardware alone.'
	},
	{
		id: 'metal-print',
		name: 'print on metal',
		fade: 4,
		sticks: true,
		noWater: true,
		says: 'A dye in a coating on metal: held by hardware alone.'
	},
	{
		id: 'dye-sublimation',
		name: 'dye sublimation print',
		fade: 4,
		sticks: true,
		noWater: true,
		says: 'Dyes that move again in warmth.'
	},
	{
		id: 'dye-inkjet',
		name: 'dye inkjet',
		fade: 2,
		proteinOrDye: true,
		water: 'runs',
		says: 'Its dyes run, and fade from light and ozone.'
	},
	{ id: 'pigment-inkjet', name: 'pigment inkjet', fade: 6, says: 'Pigments: stable on good paper.' },
	{
		id: 'dye-inkjet-coated',
		name: 'dye inkjet on coated photo paper',
		fade: 2,
		proteinOrDye: true,
		sticks: true,
		water: 'runs',
		resinCoated: true,
		noWater: true,
		says: 'Its dyes run, and fade from light and ozone.'
	},
	{
		id: 'pigment-inkjet-coated',
		name: 'pigment inkjet on coated photo paper',
		fade: 6,
		sticks: true,
		resinCoated: true,
		noWater: true,
		says: 'Pigments on plastic-coated paper.'
	},
	{
		id: 'synthetic-paper',
		name: 'print on synthetic paper',
		fade: 5,
		sticks: true,
		resinCoated: true,
		noWater: true,
		says: 'Plastic: no paste bonds to it.'
	},
	{
		id: 'pvc',
		name: 'PVC',
		fade: 3,
		sticks: true,
		givesOff: true,
		noWater: true,
		says: 'Its softener and acid come out for years.'
	},
	{
		id: 'rubber',
		name: 'rubber',
		fade: 4,
		sticks: true,
		givesOff: true,
		noWater: true,
		says: 'It gives off sulphur, then hardens and cracks.'
	},
	{ id: 'dyed-silk', name: 'dyed silk', fade: 1, proteinOrDye: true, water: 'runs', says: 'Early dyes run and fade.' },
	{ id: 'feather', name: 'feather', fade: 3, proteinOrDye: true, says: 'A protein, and insects eat it.' },
	{
		id: 'pressed-plant',
		name: 'pressed plant',
		fade: 2,
		friable: true,
		says: 'It crumbles, and its green is gone in a season of light.'
	}
];

export const MEDIA: readonly Medium[] = COMMON.map((medium) => ({ ...AS_IT_COMES, ...medium, pricePerM2: null }));
