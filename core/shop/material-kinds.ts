/** The kinds of material that a catalogue holds: which figures each has, between which bounds. */
import { COLOURS } from './colours.ts';
import { impossibleIn, isMetal } from './mouldings.ts';
import type { Stock } from './shop.ts';

export type FigureValue = number | string | boolean;

/** One figure of a kind: how it is named, in which unit, and between which bounds. */
export type Column = {
	key: string;
	/** As a sentence names it. */
	name: string;
	/** Without it the material is unknown (findings#material.unknown). */
	needed?: true;
	/** What nothing careful can stand in for: what is cut and chosen by it would be wrong. */
	must?: true;
	/** Taken where nobody has given it. */
	careful: FigureValue | null;
} & (
	| { of: 'length'; least: number; most: number }
	| { of: 'number'; unit: string; least: number; most: number; whole?: true }
	| { of: 'money' }
	| { of: 'choice'; options: readonly string[] }
	| { of: 'flag' }
	| { of: 'text'; looks?: { like: RegExp; says: string } }
);

const REACH = ['rare', 'keep', 'show', 'never'] as const;
const touch = { of: 'choice', options: REACH } as const;
const price = (of: string): Column => ({ key: 'pricePerM2', name: `price for ${of}`, of: 'money', careful: null });
const thickness = (careful: number): Column => ({
	key: 'thickness',
	name: 'thickness',
	of: 'length',
	least: 0.01,
	most: 30,
	needed: true,
	careful
});
const massPerM2: Column = {
	key: 'massPerM2',
	name: 'weight',
	of: 'number',
	unit: 'kg/m²',
	least: 0.01,
	most: 30,
	needed: true,
	careful: 1.05
};
const permeance: Column = {
	key: 'permeance',
	name: 'moisture through it',
	of: 'number',
	unit: 'g/(Pa s m²)',
	least: 0,
	most: 1e-4,
	needed: true,
	careful: 3e-6
};
const buffers: Column = {
	key: 'buffers',
	name: 'share that takes up water',
	of: 'number',
	unit: '0 to 1',
	least: 0,
	most: 1,
	careful: 0
};
const buffered = (needed: boolean): Column => ({
	key: 'buffered',
	name: 'buffered',
	of: 'flag',
	...(needed ? { needed: true } : {}),
	careful: false
});

/** Longer than any pack. */
export const ALWAYS_STIFF = 5000;

const profile = (key: string, name: string, most: number): Column => ({
	key,
	name,
	of: 'length',
	least: 1,
	most,
	must: true,
	careful: null
});
const kilos = (key: string, name: string): Column => ({
	key,
	name,
	of: 'number',
	unit: 'kg',
	least: 0.5,
	most: 1000,
	must: true,
	careful: null
});
const flag = (key: string, name: string): Column => ({ key, name, of: 'flag', careful: false });

const PROFILE: readonly Column[] = [
	{ key: 'finish', name: 'finish', of: 'text', careful: '' },
	profile('face', 'face', 200),
	profile('lip', 'lip', 60),
	profile('depth', 'depth', 200),
	profile('rabbetDepth', 'rabbet depth', 200)
];
const DRAWN_AS: Column = { key: 'colour', name: 'drawn as', of: 'choice', options: Object.keys(COLOURS), careful: 'ash' };

type Figures = Readonly<Record<string, FigureValue | null | undefined>>;

function impossibleProfile({ face, lip, depth, rabbetDepth }: Figures): { key: string; says: string }[] {
	const all = [face, lip, depth, rabbetDepth];
	if (!all.every((one) => typeof one === 'number')) return [];
	return impossibleIn({ face, lip, depth, rabbetDepth } as Parameters<typeof impossibleIn>[0]);
}

export type KindOfMaterial = {
	/** As a list of them is headed. */
	name: string;
	/** One of them, in a sentence. */
	one: string;
	/** The shop's list in which they stand. */
	of: keyof Stock;
	columns: readonly Column[];
	/** Where two kinds share a list: which of them are of this one, and what makes an own one so. */
	shares?: { has: (material: Readonly<Record<string, unknown>>) => boolean; fixed: Readonly<Record<string, null>> };
	/** What can't be, by its figure. */
	impossible?: (figures: Figures) => { key: string; says: string }[];
};

/** Which figures a kind of material has: the engine reads them; the editor, the CSV and the handbook's tables are made from them. */
const CATALOGUE_KINDS = {
	board: {
		name: 'Boards',
		one: 'board',
		of: 'boards',
		columns: [
			thickness(1.5),
			massPerM2,
			// The finding about what is unknown speaks for it; a guess would claim that it is acid.
			{ key: 'touch', name: 'grade for touching the piece', ...touch, needed: true, careful: 'rare' },
			{ key: 'forMats', name: 'usable as a mat', of: 'flag', careful: true },
			{ key: 'outerMatAtKeep', name: 'usable as an outer mat at Keep', of: 'flag', careful: false },
			{ key: 'fabricFaced', name: 'faced with cloth', of: 'flag', careful: false },
			{ key: 'backing', name: 'grade as backing board', ...touch, needed: true, careful: 'rare' },
			{ key: 'backingBehindBoard', name: 'grade as backing board behind a back mat', ...touch, careful: null },
			{ key: 'woodFibre', name: 'raw wood fibre', of: 'flag', careful: false },
			buffered(true),
			{ key: 'stiff', name: 'stiff up to a longer side of', of: 'number', unit: 'mm', least: 0, most: ALWAYS_STIFF, careful: 0 },
			permeance,
			{ ...buffers, careful: 1 },
			flag('passesPat', 'passes the photographic activity test'),
			flag('fast', 'bleed and light fastness known'),
			{ key: 'growth', name: 'expands like', of: 'choice', options: ['paper', 'plastic', 'metal'], careful: 'paper' },
			price('1 m²')
		]
	},
	glazing: {
		name: 'Glazing',
		one: 'sheet of glazing',
		of: 'glazings',
		columns: [
			{ key: 'family', name: 'family', of: 'choice', options: ['glass', 'laminated', 'acrylic'], careful: 'glass' },
			thickness(2),
			{ key: 'densityKgM3', name: 'density', of: 'number', unit: 'kg/m³', least: 500, most: 4000, needed: true, careful: 2500 },
			{ key: 'stiffnessGPa', name: 'stiffness', of: 'number', unit: 'GPa', least: 0.5, most: 120, careful: 3.2 },
			{ key: 'bendsAs', name: 'stiffness as a thickness of', of: 'length', least: 0.1, most: 30, careful: 2 },
			{ key: 'poisson', name: 'Poisson’s ratio', of: 'number', unit: '', least: 0, most: 0.5, careful: 0.37 },
			{ key: 'perKelvin', name: 'expansion per K', of: 'number', unit: '/K', least: 0, most: 1e-3, careful: 70e-6 },
			{ key: 'perTenRh', name: 'expansion per 10 % RH', of: 'number', unit: '', least: 0, most: 0.01, careful: 0.0003 },
			{ key: 'uvStoppedPercent', name: 'UV stopped', of: 'number', unit: '%', least: 0, most: 100, needed: true, careful: 45 },
			{
				key: 'lightPassedPercent',
				name: 'light transmitted',
				of: 'number',
				unit: '%',
				least: 1,
				most: 100,
				needed: true,
				careful: 90
			},
			{ key: 'antiStatic', name: 'anti-static', of: 'flag', careful: false },
			{ key: 'lowReflection', name: 'low reflection', of: 'flag', careful: false },
			{ key: 'etched', name: 'matt-etched', of: 'flag', careful: false },
			price('1 m²')
		]
	},
	barrier: {
		name: 'Barriers',
		one: 'barrier',
		of: 'barriers',
		columns: [thickness(0.1), massPerM2, permeance, buffered(false), buffers, price('1 m²')]
	},
	adhesive: {
		name: 'Adhesives',
		one: 'adhesive',
		of: 'adhesives',
		columns: [
			{
				key: 'family',
				name: 'family',
				of: 'choice',
				options: ['paste', 'gummed', 'self-adhesive', 'hardware', 'glue', 'whole-surface'],
				careful: 'glue'
			},
			{ key: 'release', name: 'how it comes off', of: 'text', needed: true, careful: 'nothing known' },
			{ key: 'sheet', name: 'grade on a sheet', ...touch, needed: true, careful: 'rare' },
			{ key: 'loadKPa', name: 'working load', of: 'number', unit: 'kPa', least: 0.1, most: 50, needed: true, careful: 1.5 },
			{ key: 'dryMinutes', name: 'drying', of: 'number', unit: 'min', least: 0, most: 10_080, careful: 45 }
		]
	},
	tape: {
		name: 'Edge-seal tapes',
		one: 'edge-seal tape',
		of: 'edgeSeals',
		columns: [{ key: 'reach', name: 'grade as an edge seal', ...touch, needed: true, careful: 'rare' }, price('a metre')]
	},
	tissue: {
		name: 'Hinge tissues',
		one: 'hinge tissue',
		of: 'tissueKinds',
		columns: [
			{ key: 'grammage', name: 'weight', of: 'number', unit: 'g/m²', least: 2, most: 200, needed: true, careful: 11 },
			price('a sheet')
		]
	},
	moulding: {
		name: 'Mouldings',
		one: 'moulding',
		of: 'mouldings',
		columns: [
			...PROFILE,
			{ key: 'density', name: 'density', of: 'number', unit: 'kg/m³', least: 100, most: 1500, careful: 700 },
			DRAWN_AS,
			price('a metre')
		],
		shares: { has: ({ pairStep }) => !isMetal({ pairStep: pairStep as number | null }), fixed: { pairStep: null } },
		impossible: impossibleProfile
	},
	metal: {
		name: 'Metal sections',
		one: 'metal section',
		of: 'mouldings',
		columns: [
			...PROFILE,
			{ key: 'pairStep', name: 'pairs are sold by', of: 'length', least: 1, most: 100, must: true, careful: null },
			{ key: 'density', name: 'density', of: 'number', unit: 'kg/m³', least: 1000, most: 9000, careful: 2700 },
			DRAWN_AS,
			price('a metre')
		],
		shares: { has: ({ pairStep }) => isMetal({ pairStep: pairStep as number | null }), fixed: {} },
		impossible: impossibleProfile
	},
	'tape-width': {
		name: 'Back tape widths',
		one: 'width of back tape',
		of: 'tapes',
		columns: [
			{ key: 'width', name: 'width', of: 'length', least: 5, most: 200, must: true, careful: null },
			{ key: 'cutIn', name: 'for jobs cut in', of: 'choice', options: ['mm', 'in'], must: true, careful: null },
			price('a metre')
		]
	},
	ring: {
		name: 'Rings',
		one: 'ring',
		of: 'rings',
		columns: [
			{ key: 'holes', name: 'holes', of: 'number', unit: '1 or 2', least: 1, most: 2, whole: true, must: true, careful: null },
			{ key: 'plate', name: 'width of its plate', of: 'length', least: 2, most: 80, must: true, careful: null },
			{ key: 'screw', name: 'its screw', of: 'length', least: 1, most: 10, must: true, careful: null },
			kilos('workingKg', 'working load'),
			price('one')
		]
	},
	wire: {
		name: 'Wires',
		one: 'wire',
		of: 'wireKinds',
		columns: [kilos('breakingKg', 'breaks at'), price('a metre')]
	},
	cord: {
		name: 'Cords',
		one: 'cord',
		of: 'cordKinds',
		columns: [kilos('breakingKg', 'breaks at'), price('a metre')]
	},
	hook: {
		name: 'Wall hooks',
		one: 'wall hook',
		of: 'hooks',
		columns: [kilos('ratedKg', 'rated for'), price('one')]
	},
	medium: {
		name: 'Media',
		one: 'medium',
		of: 'media',
		columns: [
			{
				key: 'fade',
				name: 'light class',
				of: 'number',
				unit: '1 to 8',
				least: 1,
				most: 8,
				whole: true,
				needed: true,
				careful: 1
			},
			flag('friable', 'friable'),
			flag('proteinOrDye', 'needs unbuffered boards'),
			flag('sticks', 'sticks to warm glazing'),
			flag('dries', 'must be dry first'),
			flag('resinCoated', 'expands like resin-coated paper'),
			flag('noWater', 'back does not absorb water'),
			{ key: 'water', name: 'water', of: 'choice', options: ['runs', 'harms'], careful: null },
			flag('givesOff', 'gives off vapours'),
			flag('noHeat', 'harmed by warmth')
		]
	},
	colour: {
		name: 'Colours',
		one: 'colour',
		of: 'colours',
		columns: [
			{ key: 'code', name: 'maker’s code', of: 'text', careful: '' },
			{
				key: 'hex',
				name: 'appearance',
				of: 'text',
				looks: { like: /^#[0-9a-f]{6}$/, says: 'Enter # and six digits, such as #5f7180.' },
				must: true,
				careful: null
			}
		]
	}
} satisfies Record<string, KindOfMaterial>;
export type MaterialKind = keyof typeof CATALOGUE_KINDS;
export const KINDS: Readonly<Record<MaterialKind, KindOfMaterial>> = CATALOGUE_KINDS;
export const MATERIAL_KINDS = Object.keys(KINDS) as MaterialKind[];
