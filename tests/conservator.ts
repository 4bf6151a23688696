/**
 * Seventy pieces as a conservator would meet them, and what the handbook says of each: written from the handbook's chapters, not from what
 * the program answers. Everything that is not named is left to the house.
 */
import type { JobFile } from '../core/job/definition.ts';
import type { HoldKind } from '../core/job/hold-kinds.ts';
import type { PieceKind } from '../core/job/kinds.ts';
import type { Grade } from '../core/shop/grades.ts';

export type Met = {
	name: string;
	kind?: PieceKind;
	medium?: string[];
	aim: Grade;
	/** null: none, not even Show. */
	reached: Grade | null;
	piece?: Omit<NonNullable<JobFile['piece']>, 'kind' | 'medium'>;
	job?: Partial<JobFile>;
	/** Findings that must be there: `stop hold.water-media`. */
	has?: string[];
	/** Rules that must not be. */
	not?: string[];
	hold?: HoldKind;
	glazing?: string;
	/** Class that light is reckoned with. */
	fade?: number;
};

const seen = { name: 'A. Holm', on: '2026-10-02', finding: 'Stable, may be framed.' };
const paste = { hold: { kind: 't-hinge', adhesive: 'starch-paste' } } as const;
const at = (room: 'corridor' | 'living-room' | 'opposite-window' | 'beside-window' | 'sun-patch') => ({ place: { room } });
const quiet = ['seal.edge-on-piece', 'hold.water-harm', 'gap.contact', 'gap.small', 'material.buffer-harm'];

export const PIECES: readonly Met[] = [
	// Refer means refer.
	{
		name: 'nitrate negative',
		kind: 'photograph',
		medium: ['nitrate-film'],
		aim: 'rare',
		reached: null,
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'nitrate negative that a conservator saw',
		kind: 'photograph',
		medium: ['nitrate-film'],
		aim: 'show',
		reached: null,
		piece: { conservator: seen },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'etching with mould',
		medium: ['etching'],
		aim: 'show',
		reached: null,
		piece: { concerns: ['mould'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'etching with mould, treated',
		medium: ['etching'],
		aim: 'rare',
		reached: 'rare',
		piece: { concerns: ['mould'], conservator: seen },
		has: ['caution piece.needs-conservator']
	},
	{
		name: 'letter with insects',
		medium: ['carbon-ink'],
		aim: 'keep',
		reached: null,
		piece: { concerns: ['insects'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'print stuck to its glass',
		kind: 'photograph',
		medium: ['chromogenic'],
		aim: 'keep',
		reached: null,
		piece: { concerns: ['stuck'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'acetate that smells of vinegar',
		kind: 'photograph',
		medium: ['acetate-film'],
		aim: 'keep',
		reached: null,
		piece: { concerns: ['vinegar'] },
		has: ['stop piece.needs-conservator'],
		not: ['seal.traps']
	},
	{
		name: 'map with tears, Show',
		medium: ['lithograph-black'],
		aim: 'show',
		reached: 'show',
		piece: { concerns: ['tears'] },
		has: ['caution piece.needs-conservator']
	},
	{
		name: 'map with tears, Keep',
		medium: ['lithograph-black'],
		aim: 'keep',
		reached: 'show',
		piece: { concerns: ['tears'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'brittle broadside',
		medium: ['letterpress'],
		aim: 'rare',
		reached: 'show',
		piece: { concerns: ['brittle'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'old tape on a letterpress sheet',
		medium: ['letterpress'],
		aim: 'rare',
		reached: 'show',
		piece: { concerns: ['old-tape'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'corroding metal plate',
		kind: 'panel',
		aim: 'keep',
		reached: 'show',
		piece: { support: 'metal-plate', thickness: 1, concerns: ['corrosion'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'tacky alcohol ink',
		medium: ['alcohol-ink'],
		aim: 'keep',
		reached: 'show',
		piece: { concerns: ['tacky'], dry: true },
		has: ['stop piece.needs-conservator'],
		fade: 1
	},
	{
		name: 'weeping glass',
		kind: 'photograph',
		medium: ['ambrotype'],
		aim: 'keep',
		reached: 'show',
		piece: { concerns: ['weeping-glass'] },
		has: ['stop piece.needs-conservator']
	},
	{
		name: 'foxed engraving',
		medium: ['engraving'],
		aim: 'rare',
		reached: 'rare',
		piece: { concerns: ['foxing'] },
		has: ['caution piece.needs-conservator']
	},
	{
		name: 'arsenic green wallpaper',
		medium: ['woodcut'],
		aim: 'rare',
		reached: 'rare',
		piece: { concerns: ['toxic'] },
		has: ['caution piece.toxic'],
		not: ['piece.needs-conservator']
	},
	// Flaking sheds.
	{
		name: 'flaking tempera on panel',
		kind: 'panel',
		medium: ['tempera'],
		aim: 'keep',
		reached: null,
		piece: { thickness: 8, dry: true, concerns: ['flaking'] },
		has: ['stop piece.needs-conservator'],
		not: ['glazing.none', 'glazing.static-friable', 'gap.small'],
		glazing: 'uv-acrylic-lr'
	},
	{
		name: 'flaking gouache, consolidated',
		medium: ['gouache'],
		aim: 'rare',
		reached: 'rare',
		piece: { friable: false, concerns: ['flaking'], conservator: { ...seen, consolidated: true } },
		has: ['caution piece.needs-conservator'],
		not: ['friable.no-trough'],
		glazing: 'uv-acrylic'
	},
	{
		name: 'flaking miniature under plain acrylic',
		medium: ['tempera'],
		aim: 'keep',
		reached: null,
		piece: { dry: true, concerns: ['flaking'] },
		job: { guard: { glazing: 'acrylic' } },
		has: ['stop glazing.static-friable']
	},
	// Seals.
	{
		name: 'oil on canvas, unglazed',
		kind: 'canvas',
		medium: ['oil'],
		aim: 'rare',
		reached: 'rare',
		piece: { thickness: 20, dry: true },
		not: ['seal.edge-none', 'seal.edge-on-piece', 'glazing.none', 'board.touch-acidic'],
		hold: 'clips',
		glazing: 'none',
		fade: 6
	},
	{
		name: 'oil on canvas with an edge seal typed',
		kind: 'canvas',
		medium: ['oil'],
		aim: 'rare',
		reached: null,
		piece: { thickness: 20, dry: true },
		job: { guard: { edgeSeal: 'aluminium-laminate' } },
		has: ['stop seal.edge-on-piece']
	},
	{
		name: 'acetate negative, sealed',
		kind: 'photograph',
		medium: ['acetate-film'],
		aim: 'rare',
		reached: 'keep',
		job: { guard: { edgeSeal: 'polyester' } },
		has: ['stop seal.traps']
	},
	{
		name: 'instant print',
		kind: 'photograph',
		medium: ['instant'],
		aim: 'rare',
		reached: 'rare',
		not: ['seal.traps', 'seal.edge-none', 'hold.no-bond'],
		hold: 'strips',
		fade: 2
	},
	{
		name: 'newspaper cutting',
		medium: ['letterpress'],
		aim: 'rare',
		reached: 'rare',
		piece: { support: 'newsprint' },
		has: ['note piece.acid-support'],
		not: ['seal.traps']
	},
	{ name: 'vinyl lettering', medium: ['pvc'], aim: 'keep', reached: 'rare', not: ['seal.traps'] },
	{
		name: 'fresh varnish under a seal',
		kind: 'panel',
		medium: ['varnish'],
		aim: 'rare',
		reached: 'keep',
		piece: { thickness: 6 },
		job: { guard: { glazing: 'uv-acrylic', edgeSeal: 'aluminium-laminate' } },
		has: ['stop seal.traps', 'caution ready.dry-unknown']
	},
	// Water.
	{
		name: 'iron-gall letter',
		medium: ['iron-gall-ink'],
		aim: 'rare',
		reached: 'rare',
		not: ['hold.water-media'],
		hold: 'strips',
		fade: 3
	},
	{
		name: 'iron-gall letter, hinged',
		medium: ['iron-gall-ink'],
		aim: 'rare',
		reached: 'keep',
		job: paste,
		has: ['stop hold.water-media']
	},
	{
		name: 'copying pencil, hinged at Keep',
		medium: ['copying-pencil'],
		aim: 'keep',
		reached: 'keep',
		job: paste,
		has: ['caution hold.water-media'],
		fade: 2
	},
	{
		name: 'felt-pen drawing, hinged',
		medium: ['felt-pen'],
		aim: 'keep',
		reached: 'keep',
		job: paste,
		has: ['caution hold.water-media'],
		fade: 1
	},
	{
		name: 'autographed programme',
		medium: ['autograph-ink', 'offset'],
		aim: 'keep',
		reached: 'keep',
		not: ['hold.water-media'],
		hold: 'strips',
		fade: 2
	},
	{ name: 'ballpoint note', medium: ['ballpoint'], aim: 'rare', reached: 'rare', hold: 'strips', fade: 2 },
	{
		name: 'aniline ink, gummed at Show',
		medium: ['aniline-ink'],
		aim: 'show',
		reached: 'show',
		job: { hold: { kind: 't-hinge', adhesive: 'gummed-paper' } },
		has: ['note hold.water-media'],
		fade: 1
	},
	{
		name: 'gouache, image well in',
		medium: ['gouache'],
		aim: 'keep',
		reached: 'rare',
		piece: { friable: false, image: { left: 40, top: 40, width: 220, height: 320 } },
		job: paste,
		not: ['hold.water-media'],
		fade: 3
	},
	{
		name: 'gouache to the edge',
		medium: ['gouache'],
		aim: 'keep',
		reached: 'rare',
		piece: { friable: false, image: { left: 5, top: 5, width: 290, height: 390 } },
		job: paste,
		has: ['caution hold.water-media']
	},
	{ name: 'gouache, powdery unasked', medium: ['gouache'], aim: 'rare', reached: 'rare', has: ['caution piece.sheds-unknown'] },
	{
		name: 'tracing-paper plan',
		medium: ['graphite'],
		aim: 'rare',
		reached: 'rare',
		piece: { support: 'tracing' },
		hold: 'strips'
	},
	{
		name: 'papyrus, pasted',
		medium: ['carbon-ink'],
		aim: 'keep',
		reached: 'keep',
		piece: { support: 'papyrus' },
		job: paste,
		has: ['caution hold.water-harm']
	},
	{
		name: 'colour negative print, pasted',
		kind: 'photograph',
		medium: ['chromogenic'],
		aim: 'keep',
		reached: null,
		job: paste,
		has: ['stop hold.no-bond']
	},
	{
		name: 'colour negative print',
		kind: 'photograph',
		medium: ['chromogenic'],
		aim: 'rare',
		reached: 'rare',
		not: ['hold.no-bond'],
		hold: 'strips',
		fade: 3
	},
	{
		name: 'silver gelatin, base unasked',
		kind: 'photograph',
		medium: ['silver-gelatin'],
		aim: 'rare',
		reached: 'rare',
		has: ['caution piece.base-unknown'],
		hold: 'strips',
		fade: 5
	},
	{
		name: 'silver gelatin on fibre, pasted',
		kind: 'photograph',
		medium: ['silver-gelatin-fibre'],
		aim: 'rare',
		reached: 'rare',
		job: paste,
		not: ['hold.no-bond', 'piece.base-unknown'],
		fade: 8
	},
	{
		name: 'silver-dye bleach, pasted',
		kind: 'photograph',
		medium: ['dye-bleach'],
		aim: 'rare',
		reached: null,
		job: paste,
		has: ['stop hold.no-bond'],
		fade: 5
	},
	{
		name: 'ivory with heat-released glue',
		kind: 'bone',
		aim: 'rare',
		reached: null,
		piece: { material: 'ivory', thickness: 1 },
		job: { hold: { kind: 'v-hinge', adhesive: 'reversible-glue' } },
		has: ['stop hold.water-harm', 'caution piece.protected']
	},
	{
		name: 'bone carving',
		kind: 'bone',
		aim: 'rare',
		reached: 'rare',
		piece: { material: 'bone', thickness: 2 },
		not: quiet,
		hold: 'conservator'
	},
	{
		name: 'heavy print on cellulose paste',
		medium: ['etching'],
		aim: 'rare',
		reached: 'keep',
		piece: { grammage: 300 },
		job: { hold: { kind: 't-hinge', adhesive: 'cellulose-paste' } },
		has: ['stop hold.load']
	},
	// Light speaks of the place.
	{
		name: 'felt pen in the sun',
		medium: ['felt-pen'],
		aim: 'rare',
		reached: 'rare',
		job: at('sun-patch'),
		has: ['stop light.sun', 'stop light.too-soon', 'caution light.over-budget'],
		fade: 1
	},
	{
		name: 'watercolour opposite a window',
		medium: ['watercolour'],
		aim: 'rare',
		reached: 'rare',
		job: at('opposite-window'),
		has: ['caution light.too-soon', 'caution light.over-budget'],
		not: ['light.sun'],
		fade: 3
	},
	{
		name: 'graphite in the sun at Show',
		medium: ['graphite'],
		aim: 'show',
		reached: 'show',
		job: at('sun-patch'),
		has: ['caution light.sun'],
		fade: 8
	},
	{
		name: 'carbon ink in a corridor',
		medium: ['carbon-ink'],
		aim: 'rare',
		reached: 'rare',
		job: at('corridor'),
		not: ['light.sun', 'light.too-soon', 'light.over-budget', 'glazing.uv-high']
	},
	{
		name: 'oil unglazed beside a window',
		kind: 'canvas',
		medium: ['oil'],
		aim: 'keep',
		reached: 'rare',
		piece: { thickness: 20, dry: true },
		job: at('beside-window'),
		has: ['caution glazing.uv-high']
	},
	{
		name: 'screenprint behind plain glass in a living room',
		medium: ['screenprint'],
		aim: 'show',
		reached: 'show',
		job: at('living-room'),
		has: ['caution glazing.uv-high'],
		glazing: 'glass',
		fade: 5
	},
	{ name: 'colour lithograph of 1908', medium: ['lithograph'], aim: 'rare', reached: 'rare', piece: { year: '1908' }, fade: 2 },
	{ name: 'colour lithograph of 1972', medium: ['lithograph'], aim: 'rare', reached: 'rare', piece: { year: '1972' }, fade: 3 },
	{
		name: 'watercolour called class 7',
		medium: ['watercolour'],
		aim: 'keep',
		reached: 'keep',
		piece: { fade: 7 },
		has: ['caution light.class-above'],
		fade: 7
	},
	// Backs, objects, cloth.
	{
		name: 'oak panel',
		kind: 'panel',
		medium: ['oil'],
		aim: 'rare',
		reached: 'rare',
		piece: { thickness: 10, dry: true, support: 'wood-quarter' },
		not: ['board.touch-acidic', 'board.backing-weak', 'seal.edge-none'],
		hold: 'clips',
		glazing: 'none'
	},
	{
		name: 'glass painted in reverse',
		kind: 'panel',
		aim: 'rare',
		reached: 'rare',
		piece: { thickness: 3, support: 'glass-reverse' },
		not: quiet,
		glazing: 'uv-acrylic'
	},
	{ name: 'medal', kind: 'object', aim: 'rare', reached: 'rare', piece: { thickness: 6 }, not: quiet, hold: 'ties' },
	{
		name: 'medal, stitched',
		kind: 'object',
		aim: 'keep',
		reached: 'show',
		piece: { thickness: 6 },
		job: { hold: { kind: 'stitching' } },
		has: ['stop hold.pierces']
	},
	{
		name: 'insect box',
		kind: 'object',
		medium: ['feather'],
		aim: 'rare',
		reached: 'rare',
		piece: { thickness: 12 },
		job: { hold: { kind: 'brackets' } },
		not: quiet,
		hold: 'brackets'
	},
	{
		name: 'daguerreotype in its case',
		kind: 'object',
		medium: ['daguerreotype'],
		aim: 'rare',
		reached: 'rare',
		piece: { thickness: 15 },
		has: ['caution piece.needs-conservator'],
		job: { hold: { kind: 'recess' } }
	},
	{
		name: 'sampler, fibre unasked',
		kind: 'textile',
		aim: 'rare',
		reached: 'rare',
		has: ['note piece.fibre-unknown'],
		not: quiet,
		hold: 'stitching'
	},
	{
		name: 'linen towel',
		kind: 'textile',
		aim: 'rare',
		reached: 'rare',
		piece: { support: 'linen' },
		not: ['piece.fibre-unknown', ...quiet],
		hold: 'stitching'
	},
	{
		name: 'embroidery with raised stitches',
		kind: 'textile',
		aim: 'rare',
		reached: 'rare',
		piece: { support: 'embroidery' },
		not: quiet
	},
	{ name: 'vellum deed', kind: 'vellum', medium: ['carbon-ink'], aim: 'rare', reached: 'rare', not: quiet, hold: 'strips' },
	{
		name: 'cyanotype',
		kind: 'photograph',
		medium: ['cyanotype'],
		aim: 'rare',
		reached: 'rare',
		not: quiet,
		hold: 'strips',
		fade: 3
	},
	{
		name: 'pastel, unfixed',
		medium: ['pastel'],
		aim: 'rare',
		reached: 'rare',
		not: ['friable.no-trough', ...quiet],
		glazing: 'uv-acrylic-lr',
		fade: 3
	},
	{
		name: 'oil pastel under plain acrylic',
		medium: ['oil-pastel'],
		aim: 'show',
		reached: 'show',
		job: { guard: { glazing: 'acrylic' } },
		not: ['glazing.static-friable'],
		fade: 4
	},
	// Places.
	{
		name: 'etching for a bathroom',
		medium: ['etching'],
		aim: 'rare',
		reached: 'keep',
		job: { place: { climate: 'bathroom' } },
		has: ['stop climate.place']
	},
	{
		name: 'etching for a kitchen, Keep',
		medium: ['etching'],
		aim: 'keep',
		reached: 'keep',
		job: { place: { climate: 'kitchen' } },
		has: ['caution climate.place']
	},
	{
		name: 'etching on an outside wall',
		medium: ['etching'],
		aim: 'rare',
		reached: 'rare',
		job: { place: { outside: true } },
		has: ['caution climate.place']
	},
	{
		name: 'oil in ordinary wood, Rare',
		kind: 'panel',
		medium: ['oil'],
		aim: 'rare',
		reached: 'rare',
		piece: { thickness: 6, dry: true },
		not: ['frame.rabbet-bare']
	},
	{ name: 'etching unsealed at Keep', medium: ['etching'], aim: 'keep', reached: 'keep', has: ['note frame.rabbet-bare'] }
];
