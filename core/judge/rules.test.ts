import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../job/definition.ts';
import { patched } from '../job/patch.ts';
import { plan } from '../plan.ts';
import { GRADES, type Grade } from '../shop/grades.ts';
import { withMaterials } from '../shop/catalogue.ts';
import { builtInShop, type Shop } from '../shop/shop.ts';
import { workedJob } from '../../tests/jobs.ts';
import type { Severity } from '../rule/rule.ts';
import { RULES } from './rules.ts';

type Changes = Partial<JobFile>;
type Case = {
	/** The shop default unless said. */
	shop?: Shop;
	/** What the rule is for, on the worked case. */
	fires: Changes;
	/** Its nearest neighbour that is right. */
	spares: Changes;
	/** At Rare, Keep, Show; null where the grade does not ask. */
	at: [Severity | null, Severity | null, Severity | null];
	/** The fix that is offered first, by its label; null where none is. */
	fix: string | null;
};

const sheet = (changes: JobFile['piece']): Changes => ({ piece: { readings: { width: 402, height: 551 }, ...changes } });
const guard = (changes: JobFile['guard']): Changes => ({ guard: { ...workedJob().guard, ...changes } });
const two = { readings: { width: 100, height: 120 } };
const section = { face: 22, lip: 6, depth: 30, rabbetDepth: 16, density: 680 };
const frame = (changes: Partial<typeof section>, more: JobFile['frame'] = {}): Changes => ({
	frame: { kind: 'wood', section: { ...section, ...changes }, allowance: 3, ...more }
});
const zone = (kind: 'show' | 'hide' | 'keep-off', left: number, top: number, width = 30, height = 20) =>
	sheet({ zones: [{ id: 'mark', kind, left, top, width, height }] });
const all = (severity: Severity): Case['at'] => [severity, severity, severity];

const metal = (rabbetDepth: number): Changes => ({
	frame: { kind: 'metal', section: { face: 12, lip: 8, depth: rabbetDepth + 4, rabbetDepth }, allowance: 3 }
});
const ready = (opening: NonNullable<JobFile['frame']>['opening']): Changes => ({
	frame: { kind: 'ready-made', section: { ...section, lip: 8 }, opening },
	borders: { way: 'fit', weight: 8 }
});

/** Own profiles with so much flat wood at the back. */
const wood = (flat: number): Changes => frame({ face: 6 + flat });
const theirs = (width: number): Changes => ({
	frame: { kind: 'ready-made', section: { ...section, lip: 8 }, opening: { width: 546, height: 694.5 } },
	borders: { way: 'even', width }
});
const ivory = (adhesive: string): Changes => ({
	piece: { kind: 'bone', material: 'ivory', readings: { width: 80, height: 100 }, thickness: 1 },
	...(adhesive === 'none' ? {} : { hold: { kind: 't-hinge', adhesive } })
});

/** In a frame that came with parts which stay. */
const came = (kept: NonNullable<JobFile['frame']>['kept'], more: Changes = {}): Changes => ({
	frame: { kind: 'ready-made', section: { ...section, lip: 8 }, opening: { width: 545, height: 704 }, kept },
	borders: { way: 'fit', weight: 8 },
	guard: {
		underMat: 'cotton-4',
		backing: 'alkaline-corrugated',
		edgeSeal: null,
		...(kept?.glazing ? {} : { glazing: 'uv-acrylic' })
	},
	...more
});
const pane = (width: number): Changes => came({ glazing: { kind: 'uv-glass', size: { width, height: 703 } } });
/** Bought cut: its opening as measured, in a pack of the worked case. */
const have = (width: number, outer = 542) => ({ opening: { width, height: 539 }, outer: { width: outer, height: 701 } });
const behind = (outer: number): Changes => ({
	window: {},
	mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6, have: have(390, outer) }]
});
const bought = (width: number): Changes => ({ window: {}, borders: {}, mats: [{ board: 'cotton-4', have: have(width) }] });

const CASES: Record<string, Case> = {
	'frame.plate-high': {
		fires: { belongs: { plate: { text: 'Tide chart', height: 22.5 } } },
		spares: { belongs: { plate: { text: 'Tide chart', height: 22 } } },
		at: all('note'),
		fix: 'Plate 60 × 22'
	},
	'frame.kept-size': { fires: pane(545.5), spares: pane(545), at: all('stop'), fix: 'New glazing' },
	'points.few': {
		fires: came({ points: { kind: 'rigid', count: 21 } }),
		spares: came({ points: { kind: 'rigid', count: 22 } }),
		at: ['caution', 'caution', 'note'],
		fix: 'New points'
	},
	'hang.kept-unknown': {
		fires: came({ hangers: 'wire' }),
		spares: came({ hangers: 'sawtooth' }),
		at: ['caution', 'caution', 'note'],
		fix: 'New hangers'
	},
	'mat.opening-large': {
		fires: bought(402.5),
		spares: bought(402),
		at: all('stop'),
		fix: 'A second mat behind it, reveal 6 mm'
	},
	'mat.outer-off': { fires: behind(541.5), spares: behind(542), at: all('caution'), fix: null },
	'ready.dry-unknown': {
		fires: sheet({ medium: ['oil'] }),
		spares: sheet({ medium: ['oil'], dry: true }),
		at: all('caution'),
		fix: 'It is dry'
	},
	'hang.wood-thin': { fires: wood(9.5), spares: wood(10), at: all('caution'), fix: 'A cross strip' },
	'hang.ring-none': {
		fires: { hang: { ring: 'strap-16' }, ...wood(14) },
		spares: { hang: { ring: 'strap-16' }, ...wood(16) },
		at: all('caution'),
		fix: 'D-ring'
	},
	'seal.land-thin': {
		fires: wood(6.5),
		spares: wood(7),
		at: ['caution', 'caution', 'note'],
		fix: 'Moulding: pine, 18 face, limed'
	},
	'frame.does-not-fit': { fires: theirs(75), spares: theirs(70), at: all('stop'), fix: 'Borders that fit the frame' },
	'frame.allowance-small': {
		fires: frame({}, { allowance: 0 }),
		spares: frame({}, { allowance: 3.5 }),
		at: all('caution'),
		fix: 'The allowance they need'
	},
	'hold.off-board': {
		fires: { borders: { way: 'even', width: 16 }, mats: [{ board: 'cotton-4' }] },
		spares: { borders: { way: 'even', width: 18 }, mats: [{ board: 'cotton-4' }] },
		at: all('stop'),
		fix: 'V-hinges'
	},
	'hold.no-bond': {
		fires: {
			...sheet({ kind: 'photograph', medium: ['silver-gelatin-coated'] }),
			hold: { kind: 't-hinge', adhesive: 'starch-paste' }
		},
		spares: { ...sheet({ kind: 'photograph', medium: ['silver-gelatin-coated'] }), hold: {} },
		at: all('stop'),
		fix: 'Edge strips'
	},
	'hold.friable-down': {
		fires: { ...sheet({ medium: ['charcoal'] }), hold: { kind: 'pass-through', adhesive: 'starch-paste' } },
		spares: { ...sheet({ medium: ['charcoal'] }), hold: { kind: 't-hinge', adhesive: 'starch-paste' } },
		at: all('stop'),
		fix: 'T-hinges, the sheet face up'
	},
	'hold.water-harm': { fires: ivory('starch-paste'), spares: ivory('none'), at: all('stop'), fix: 'Edge strips' },
	'hold.conservator': {
		fires: { ...ivory('none'), hold: { kind: 'conservator' } },
		spares: ivory('none'),
		at: all('note'),
		fix: null
	},
	'pack.not-made': {
		fires: guard({ fillers: [{ board: 'foam-free', thickness: 0.4 }] }),
		spares: guard({ fillers: [{ board: 'foam-free', thickness: 5 }] }),
		at: all('note'),
		fix: 'Filler to 0.8 mm'
	},
	'piece.protected': {
		fires: sheet({ concerns: ['protected'] }),
		spares: sheet({ concerns: [] }),
		at: all('caution'),
		fix: null
	},
	'piece.needs-conservator': {
		fires: sheet({ concerns: ['mould'] }),
		spares: sheet({ concerns: ['protected'] }),
		at: all('stop'),
		fix: null
	},
	'piece.toxic': { fires: sheet({ concerns: ['toxic'] }), spares: sheet({}), at: all('caution'), fix: null },
	'piece.acid-support': {
		fires: sheet({ support: 'newsprint' }),
		spares: sheet({ support: 'tracing' }),
		at: all('note'),
		fix: null
	},
	'piece.sheds-unknown': {
		fires: sheet({ medium: ['gouache'] }),
		spares: sheet({ medium: ['gouache'], friable: false }),
		at: ['caution', 'caution', 'note'],
		fix: 'It is not powdery'
	},
	'piece.base-unknown': {
		fires: sheet({ medium: ['silver-gelatin'] }),
		spares: sheet({ medium: ['silver-gelatin-fibre'] }),
		at: ['caution', 'caution', 'note'],
		fix: 'Fibre base'
	},
	'piece.fibre-unknown': {
		fires: { ...sheet({ kind: 'textile' }), hold: {} },
		spares: { ...sheet({ kind: 'textile', support: 'linen' }), hold: {} },
		at: all('note'),
		fix: null
	},
	'light.class-above': {
		fires: sheet({ medium: ['watercolour'], fade: 6 }),
		spares: sheet({ medium: ['watercolour'], fade: 6, fadeBecause: 'Earth colours, tested' }),
		at: ['caution', 'caution', 'note'],
		fix: 'Class 3, from its media'
	},
	// A sheet of class 8 in the sun fades late, and its place is the sun all the same.
	'light.sun': {
		fires: { ...sheet({ medium: ['carbon-ink'] }), place: { room: 'sun-patch' } },
		spares: { ...sheet({ medium: ['carbon-ink'] }), place: { lux: 5000, hoursPerDay: 1 } },
		at: all('caution'),
		fix: 'Beside a window: about 234 years'
	},
	'light.too-soon': {
		fires: { ...sheet({ medium: ['watercolour'] }), place: { room: 'opposite-window' } },
		spares: { ...sheet({ medium: ['carbon-ink'] }), place: { room: 'opposite-window' } },
		at: all('caution'),
		fix: 'In a dim corridor: about 23 years'
	},
	'light.over-budget': {
		fires: { ...sheet({ medium: ['oil'] }), place: { room: 'living-room' } },
		spares: { ...sheet({ medium: ['oil'] }), place: { room: 'corridor' } },
		at: all('note'),
		fix: 'In a dim corridor: about 752 years'
	},
	'glazing.uv-high': {
		fires: { ...guard({ glazing: 'glass' }), place: { room: 'living-room' } },
		spares: { ...guard({ glazing: 'uv-glass' }), place: { room: 'living-room' } },
		at: all('caution'),
		fix: 'UV glass'
	},
	'climate.place': {
		fires: { place: { climate: 'bathroom' } },
		spares: { place: { climate: 'steady' } },
		at: ['stop', 'caution', 'caution'],
		fix: 'In a steady room'
	},
	'frame.rabbet-bare': {
		fires: guard({ edgeSeal: null }),
		spares: { ...guard({ edgeSeal: null }), frame: { ...workedJob().frame, lining: 'polyester' } },
		at: [null, 'note', null],
		fix: 'Line it with aluminium laminate tape'
	},
	'hold.water-media': {
		fires: { ...sheet({ medium: ['ballpoint'] }), hold: { kind: 't-hinge', adhesive: 'starch-paste' } },
		spares: { ...sheet({ medium: ['ballpoint'] }), hold: { kind: 'strips' } },
		at: ['caution', 'caution', 'note'],
		fix: 'Edge strips'
	},
	'hold.pierces': {
		fires: { ...sheet({ kind: 'object', thickness: 8 }), mats: [], hold: { kind: 'stitching' } },
		spares: { ...sheet({ kind: 'object', thickness: 8 }), mats: [], hold: { kind: 'brackets' } },
		at: ['stop', 'stop', 'caution'],
		fix: 'Ties round it'
	},
	'seal.edge-on-piece': {
		fires: guard({ glazing: 'none', edgeSeal: 'polyester' }),
		spares: guard({ glazing: 'none', edgeSeal: null }),
		at: all('stop'),
		fix: 'No edge seal'
	},
	'material.fast-unknown': {
		fires: { mats: [{ board: 'cotton-4', colour: 'moss' }] },
		spares: { mats: [{ board: 'cotton-4', colour: 'linen' }] },
		at: ['caution', null, null],
		fix: 'White'
	},
	'seal.traps': {
		fires: { ...sheet({ medium: ['pvc'] }), ...guard({ edgeSeal: 'polyester' }) },
		spares: { ...sheet({ medium: ['carbon-ink'] }), ...guard({ edgeSeal: 'polyester' }) },
		at: ['stop', 'caution', 'note'],
		fix: 'No edge seal'
	},
	'material.pat-unknown': {
		fires: { ...sheet({ kind: 'photograph', medium: ['silver-gelatin-fibre'] }), hold: {} },
		spares: { ...sheet({ kind: 'paper', medium: ['silver-gelatin-fibre'] }), hold: {} },
		at: ['stop', 'caution', 'note'],
		fix: null
	},
	'piece.medium-unknown': {
		fires: sheet({ medium: ['squid juice'] }),
		spares: sheet({ medium: ['ink'] }),
		at: ['caution', 'caution', 'note'],
		fix: null
	},
	'ready.not-dry': { fires: sheet({ dry: false }), spares: sheet({ dry: true }), at: all('stop'), fix: 'It is dry now' },
	'measure.misfit': {
		fires: sheet({ readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 684, d2: 684 } }),
		spares: sheet({ readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 682, d2: 682.2 } }),
		at: all('caution'),
		fix: null
	},
	'measure.lean': {
		fires: sheet({ readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 684 } }),
		spares: sheet({ readings: { top: 402, bottom: 402.5, left: 551, right: 551 } }),
		at: all('note'),
		fix: null
	},
	'window.overlap-thin': {
		fires: { window: { overlap: 2 } },
		spares: { window: { overlap: 4.5 } },
		at: all('caution'),
		fix: 'Overlap 3 to 4 mm on every side'
	},
	'window.zone-covered': {
		fires: zone('show', 7, 200),
		spares: zone('show', 8, 200),
		at: all('stop'),
		fix: 'Overlap 5 mm at the left'
	},
	'window.zone-exposed': {
		fires: zone('hide', 380, 200, 20),
		spares: zone('hide', 397, 200, 4),
		at: all('caution'),
		fix: 'Overlap 23 mm at the right'
	},
	'window.reveal-thin': {
		fires: { mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 1.5 }] },
		spares: { mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 2 }] },
		at: all('caution'),
		fix: 'Reveal 6 mm'
	},
	'window.lift-setback': {
		fires: {
			mats: [
				{ board: 'cotton-4', lift: 3, setback: 5 },
				{ board: 'cotton-4', reveal: 6 }
			]
		},
		spares: {
			mats: [
				{ board: 'cotton-4', lift: 3, setback: 6 },
				{ board: 'cotton-4', reveal: 6 }
			]
		},
		at: all('caution'),
		fix: 'Set back 8 mm'
	},
	'window.border-thin': {
		fires: { borders: { way: 'even', width: 44 } },
		spares: { borders: { way: 'even', width: 44.5 } },
		at: all('note'),
		fix: 'Border 44.5 mm'
	},
	'window.border-like-face': {
		fires: { borders: { way: 'even', width: 29 } },
		spares: { borders: { way: 'even', width: 30 } },
		at: all('note'),
		fix: 'Border 30 mm'
	},
	'board.touch-acidic': {
		fires: { mats: [{ board: 'cotton-4' }, { board: 'mat-ordinary', reveal: 6 }] },
		spares: { mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6 }] },
		at: ['stop', 'stop', 'caution'],
		fix: 'Cotton board, 4-ply'
	},
	'board.backing-acidic': {
		fires: guard({ backing: 'chipboard' }),
		spares: guard({ backing: 'chipboard', barrier: 'aluminium-laminate' }),
		at: all('stop'),
		fix: 'Back: fluted polypropylene sheet'
	},
	'board.backing-grade': {
		fires: guard({ backing: 'foam-ordinary' }),
		spares: guard({ backing: 'foam-free' }),
		at: ['stop', 'stop', null],
		fix: 'Back: fluted polypropylene sheet'
	},
	'board.backing-weak': {
		fires: guard({ backing: 'cotton-4' }),
		spares: guard({ backing: 'alkaline-corrugated' }),
		at: ['stop', 'caution', 'note'],
		fix: 'Back: fluted polypropylene sheet'
	},
	'material.buffer-harm': {
		fires: sheet({ medium: ['cyanotype'] }),
		spares: {
			...sheet({ medium: ['cyanotype'] }),
			...guard({ underMat: 'cotton-4-unbuffered' }),
			mats: [{ board: 'cotton-4-unbuffered' }]
		},
		at: ['stop', 'caution', 'note'],
		fix: 'Unbuffered cotton, 4-ply'
	},
	'material.unknown': {
		shop: withMaterials(builtInShop, [
			{ kind: 'board', id: 'rag-found', name: 'Board found in the loft', figures: {}, sources: {} }
		]),
		fires: guard({ underMat: 'rag-found' }),
		spares: guard({ underMat: 'cotton-4' }),
		at: ['stop', 'caution', 'note'],
		fix: 'Cotton museum board, 4-ply, back mat'
	},
	'glazing.etched-deep': {
		fires: { ...guard({ glazing: 'etched-glass' }), mats: [{ board: 'cotton-4', lift: 2 }] },
		spares: { ...guard({ glazing: 'etched-glass' }), mats: [{ board: 'cotton-4', lift: 1.5 }] },
		at: all('caution'),
		fix: 'UV glass, low reflection'
	},
	'glazing.none': {
		fires: guard({ glazing: 'none' }),
		spares: guard({ glazing: 'glass' }),
		at: ['stop', 'caution', 'note'],
		fix: 'UV acrylic'
	},
	'glazing.uv-low': {
		fires: guard({ glazing: 'acrylic' }),
		spares: guard({ glazing: 'uv-acrylic' }),
		at: ['stop', 'stop', 'note'],
		fix: 'UV acrylic'
	},
	'glazing.static-friable': {
		fires: sheet({ friable: true }),
		spares: { ...sheet({ friable: true }), ...guard({ glazing: 'uv-acrylic-lr' }) },
		at: ['stop', 'stop', 'caution'],
		fix: 'UV acrylic, low reflection, anti-static'
	},
	'glazing.breakable': {
		fires: { ...guard({ glazing: 'uv-glass' }), ...sheet({ travels: true }) },
		spares: { ...guard({ glazing: 'laminated' }), ...sheet({ travels: true }) },
		at: all('caution'),
		fix: 'UV acrylic'
	},
	'friable.no-trough': {
		fires: sheet({ friable: true }),
		spares: { ...sheet({ friable: true }), mats: [{ board: 'cotton-4', bevel: 'reverse', lift: 1.5 }] },
		at: ['caution', 'caution', 'note'],
		fix: 'Reverse bevel, lift to 1.5 mm'
	},
	'mat.join': {
		fires: guard({ join: 'transfer', joinDistance: 9 }),
		spares: guard({ join: 'gummed' }),
		at: ['stop', 'caution', null],
		fix: 'Join with gummed tape'
	},
	'seal.edge-grade': {
		fires: guard({ edgeSeal: 'packing' }),
		spares: guard({ edgeSeal: 'aluminium-laminate' }),
		at: ['stop', 'stop', null],
		fix: 'Aluminium laminate tape'
	},
	'seal.edge-none': {
		fires: guard({ edgeSeal: null }),
		spares: guard({ edgeSeal: 'polyester' }),
		at: ['caution', null, null],
		fix: 'Aluminium laminate tape'
	},
	'hold.tape-on-piece': {
		fires: { hold: { adhesive: 'hardware-tape' } },
		spares: { hold: { adhesive: 'gummed-linen' } },
		at: all('stop'),
		fix: 'Wheat-starch paste and tissue'
	},
	'hold.adhesive-irreversible': {
		fires: { hold: { adhesive: 'dry-mount' } },
		spares: { hold: { adhesive: 'starch-paste' } },
		at: all('stop'),
		fix: 'Wheat-starch paste and tissue'
	},
	'hold.grade': {
		fires: { hold: { adhesive: 'self-adhesive-tissue' } },
		spares: { hold: { adhesive: 'cellulose-paste' } },
		at: ['stop', 'stop', null],
		fix: 'Wheat-starch paste and tissue'
	},
	'hold.load': {
		fires: { ...sheet({ readings: { width: 900, height: 1200 }, grammage: 600 }), hold: { count: 2 } },
		spares: { ...sheet({ readings: { width: 900, height: 1200 }, grammage: 600 }), hold: { count: 10 } },
		at: ['stop', 'caution', 'caution'],
		fix: '7 hinges'
	},
	'hold.stronger-than-sheet': {
		fires: sheet({ grammage: 20 }),
		spares: sheet({ grammage: 22 }),
		at: ['caution', 'caution', 'note'],
		fix: 'Edge strips'
	},
	'hold.keep-off': {
		fires: zone('keep-off', 180, 0, 40, 40),
		spares: zone('keep-off', 180, 10, 40, 40),
		at: ['stop', 'stop', 'caution'],
		fix: 'Move that hinge beside it'
	},
	'hold.too-much': {
		fires: { schools: { 'fixed-edges': 'all' } },
		spares: { schools: { 'fixed-edges': 'top' } },
		at: ['stop', 'stop', 'caution'],
		fix: 'Hinges at the top only'
	},
	'hold.to-mat': {
		fires: { schools: { 'hang-from': 'window-mat' } },
		spares: { schools: { 'hang-from': 'under-mat' } },
		at: ['stop', 'caution', 'note'],
		fix: 'Hang it from the back mat'
	},
	// A covering window always has a mat: this comes with packages that have none.
	'gap.contact': {
		fires: { window: { way: 'float' }, mats: [{ board: 'cotton-4' }] },
		spares: { window: { way: 'float' }, mats: [{ board: 'cotton-4', lift: 5 }] },
		at: all('stop'),
		fix: 'Lift the mat by 5 mm'
	},
	'gap.small': {
		fires: { mats: [{ board: 'cotton-2' }] },
		spares: { mats: [{ board: 'cotton-2', lift: 3 }] },
		at: ['stop', 'caution', 'note'],
		fix: 'Lift the mat by 2.5 mm'
	},
	'gap.sag': {
		fires: { ...sheet({ readings: { width: 900, height: 1200 } }), mats: [{ board: 'cotton-4' }] },
		spares: { mats: [{ board: 'cotton-8' }] },
		at: ['caution', 'caution', 'note'],
		fix: null
	},
	'pack.proud': {
		fires: frame({ rabbetDepth: 10 }),
		spares: frame({}),
		at: all('stop'),
		fix: 'Strips of 4 mm glued to the back'
	},
	'pack.tight': {
		fires: frame({ rabbetDepth: 12 }),
		spares: frame({}),
		at: all('caution'),
		fix: 'Strips of 2 mm glued to the back'
	},
	'pack.points-in-groove': {
		fires: frame({ rabbetDepth: 30, depth: 40 }, { groove: { from: 11.5, width: 4 } }),
		spares: frame({ rabbetDepth: 30, depth: 40 }, { groove: { from: 12, width: 4 } }),
		at: all('caution'),
		fix: 'Build up past the groove: filler of 5.8 mm'
	},
	'tool.too-small': {
		fires: { mats: [{ board: 'fluted-pp' }] },
		spares: { mats: [{ board: 'cotton-8' }] },
		at: all('caution'),
		fix: 'Cotton museum board, 4-ply'
	},
	'pack.recessed': { fires: frame({ rabbetDepth: 24 }), spares: frame({}), at: all('note'), fix: 'Filler of 10 mm' },
	'frame.lip-short': { fires: frame({ lip: 4 }), spares: frame({ lip: 4.5 }), at: all('stop'), fix: 'Moulding: ash, 22 face' },
	'frame.weak': {
		fires: { ...frame({ face: 12, depth: 14, rabbetDepth: 13 }), ...sheet({ readings: { width: 700, height: 900 } }) },
		spares: { ...frame({ face: 40, depth: 42 }), ...sheet({ readings: { width: 700, height: 900 } }) },
		at: all('caution'),
		fix: 'Moulding: ash, 22 face'
	},
	'points.flexible': {
		fires: frame({}, { points: 'flexible' }),
		spares: frame({}, { points: 'rigid' }),
		at: ['caution', 'note', null],
		fix: 'Rigid points'
	},
	'seal.none': {
		fires: { back: { seal: null } },
		spares: { back: { seal: 'self-adhesive' } },
		at: ['stop', 'caution', 'note'],
		fix: 'Gummed tape'
	},
	'window.no-paper-left': {
		fires: {
			...sheet({ image: { left: 20, top: 20, width: 362, height: 511 } }),
			window: { way: 'reveal', reveal: { top: 12, right: 18, bottom: 12, left: 12 } }
		},
		spares: {
			...sheet({ image: { left: 20, top: 20, width: 362, height: 511 } }),
			window: { way: 'reveal', reveal: 12 }
		},
		at: all('caution'),
		fix: 'Reveal 16.5 mm at the right'
	},
	'window.frame-too-small': {
		fires: { borders: { way: 'fit', pack: { width: 425, height: 600 }, weight: 10 } },
		spares: { borders: { way: 'fit', pack: { width: 440, height: 600 }, weight: 10 } },
		at: all('stop'),
		fix: 'Pack 18 × 24 in'
	},
	'window.sheet-beyond-pack': {
		fires: { window: { overlap: 30 }, mats: [{ board: 'cotton-4' }], borders: { way: 'even', width: 29.5 } },
		spares: { window: { overlap: 30 }, mats: [{ board: 'cotton-4' }], borders: { way: 'even', width: 30 } },
		at: all('stop'),
		fix: 'Border 42 mm'
	},
	'window.sheets-overlap': {
		fires: {
			piece: {},
			window: { overlap: 6, openings: [{ piece: two }, { piece: two }], grid: { columns: 2, rows: 1, gutter: 11 } },
			mats: [{ board: 'cotton-4' }]
		},
		spares: {
			piece: {},
			window: { overlap: 6, openings: [{ piece: two }, { piece: two }], grid: { columns: 2, rows: 1, gutter: 12 } },
			mats: [{ board: 'cotton-4' }]
		},
		at: all('caution'),
		fix: 'Gutter 12 mm'
	},
	'window.deckle-hidden': {
		fires: sheet({ deckle: true }),
		spares: { ...sheet({ deckle: true }), window: { way: 'float' } },
		at: all('note'),
		fix: 'Float it'
	},
	'float.support-shows': {
		fires: { window: { way: 'float', setBack: 0 } },
		spares: { window: { way: 'float', setBack: 3 } },
		at: all('stop'),
		fix: 'Set it back 6 mm'
	},
	'mat.print-short': {
		fires: { mats: [{ board: 'cotton-4', print: { width: 538, height: 800 } }], borders: { way: 'even', width: 70 } },
		spares: { mats: [{ board: 'cotton-4', print: { width: 540, height: 699 } }], borders: { way: 'even', width: 70 } },
		at: all('stop'),
		fix: 'Print 540 × 800'
	},
	'hold.both-sides': {
		fires: sheet({ bothSides: true }),
		spares: sheet({ bothSides: false }),
		at: ['caution', 'caution', 'note'],
		fix: 'Edge strips'
	},
	'hold.corner-shows': {
		fires: { hold: { kind: 'corners' }, window: { overlap: 6 } },
		spares: { hold: { kind: 'corners' }, window: { overlap: 6.5 } },
		at: all('stop'),
		fix: 'Overlap 6.5 mm on every side'
	},
	'pack.clip-range': {
		fires: { ...metal(25), ...guard({ fillers: [] }) },
		spares: { ...metal(12), ...guard({ fillers: [] }) },
		at: all('caution'),
		fix: 'Filler of 8 mm'
	},
	'frame.pair-size': {
		fires: { ...metal(14), borders: { way: 'fit', pack: { width: 540, height: 711.2 } } },
		spares: { ...metal(14), borders: { way: 'fit', pack: { width: 533.4, height: 711.2 } } },
		at: all('stop'),
		fix: 'Pack 558.8 × 711.2'
	},
	'frame.misfit': {
		fires: ready({ top: 605, bottom: 605, left: 760, right: 760, d1: 974, d2: 974 }),
		spares: ready({ top: 605, bottom: 605, left: 760, right: 760, d1: 972, d2: 972 }),
		at: all('caution'),
		fix: null
	},
	'frame.out-of-true': {
		fires: ready({ top: 605, bottom: 607, left: 760, right: 760 }),
		spares: ready({ top: 605, bottom: 605.5, left: 760, right: 760 }),
		at: all('note'),
		fix: null
	},
	'hang.wire-flat': {
		fires: { ...sheet({ readings: { width: 800, height: 180 } }), hang: { by: 'wire', hooks: 1 } },
		spares: { ...sheet({ readings: { width: 400, height: 551 } }), hang: { by: 'wire', hooks: 1 } },
		at: all('caution'),
		fix: 'Two hooks'
	},
	'climate.cold-wall': {
		fires: { place: { outside: true, wallCelsius: 9.2 } },
		spares: { place: { outside: true, wallCelsius: 9.3 } },
		at: all('caution'),
		fix: 'Bumpers 6 mm'
	},
	// Above 12 kg rings hang straight on hooks, and up to there the list has a wire for each angle.
	'hang.wire-none': { fires: {}, spares: {}, at: [null, null, null], fix: null },
	'hang.wire-shows': {
		fires: { ...sheet({ readings: { width: 900, height: 30 } }), borders: { way: 'even', width: 20 }, hang: { by: 'wire' } },
		spares: { hang: { by: 'wire' } },
		at: all('caution'),
		fix: 'Rings on hooks'
	},
	// The worked frame is 736 high.
	'hang.rings-low': {
		fires: { hang: { drop: 368 } },
		spares: { hang: { drop: 367.5 } },
		at: all('stop'),
		fix: 'A third down'
	},
	'hang.stand-tips': {
		fires: { hang: { stands: true } },
		spares: {},
		at: all('caution'),
		fix: 'Without a leg'
	},
	'hang.not-on-metal': {
		fires: { ...metal(16), hang: { by: 'sawtooth' } },
		spares: { ...metal(16), hang: { by: 'security' } },
		at: all('stop'),
		fix: 'Hangers in the channel'
	},
	'hang.no-back': {
		fires: { ...guard({ backing: 'fluted-pp' }), hang: { by: 'stand' } },
		spares: { ...guard({ backing: 'aluminium-composite' }), hang: { by: 'stand' } },
		at: all('stop'),
		fix: 'A back of aluminium composite'
	},
	'hang.drop-unused': {
		fires: { hang: { by: 'security', drop: 200 } },
		spares: { hang: { by: 'rings', drop: 200 } },
		at: all('note'),
		fix: 'Remove the drop'
	},
	'hang.too-heavy': {
		fires: { ...sheet({ readings: { width: 1000, height: 1400 } }), ...guard({ glazing: 'uv-glass' }), hang: { by: 'wire' } },
		spares: { ...sheet({ readings: { width: 1000, height: 1400 } }), ...guard({ glazing: 'uv-glass' }), hang: { by: 'rings' } },
		at: all('caution'),
		fix: 'Rings on hooks'
	}
};

const planAt = (aim: Grade, changes: Changes, shop = builtInShop) => plan(workedJob({ ...changes, aim }), shop);
const found = (aim: Grade, rule: string, changes: Changes, shop?: Shop) =>
	planAt(aim, changes, shop).findings.find((finding) => finding.rule === rule) ?? null;

/** What is said depends on what the piece is. */
const WHY_OF_ITS_OWN = new Set([
	'hang.kept-unknown',
	'points.few',
	'mat.join',
	'pack.recessed',
	'gap.small',
	'piece.needs-conservator'
]);

/** The findings of the handbook's table. */
const OF_THE_HANDBOOK = `board.touch-acidic board.backing-acidic board.backing-weak material.buffer-harm material.unknown
	glazing.uv-low glazing.none glazing.static-friable glazing.breakable gap.contact gap.small gap.sag hold.adhesive-irreversible
	hold.tape-on-piece hold.too-much hold.load hold.stronger-than-sheet hold.keep-off hold.corner-shows hold.to-mat
	float.support-shows friable.no-trough ready.not-dry mat.print-short mat.join hold.grade board.backing-grade seal.edge-grade
	pack.proud frame.lip-short window.frame-too-small window.zone-covered hang.wire-none window.overlap-thin window.no-paper-left
	window.zone-exposed window.reveal-thin window.lift-setback glazing.etched-deep pack.tight pack.points-in-groove frame.weak
	hang.wire-shows hang.wire-flat hang.too-heavy climate.cold-wall tool.too-small window.border-thin window.border-like-face
	pack.recessed seal.none seal.edge-none points.flexible piece.protected piece.needs-conservator hold.water-harm hold.no-bond
	hold.friable-down hold.off-board hang.not-on-metal hang.no-back pack.not-made hang.wood-thin frame.allowance-small
	seal.land-thin seal.edge-on-piece seal.traps hold.water-media frame.rabbet-bare material.pat-unknown climate.place
	piece.acid-support light.over-budget light.too-soon light.sun glazing.uv-high`.split(/\s+/);

test('no rule of the handbook’s table is missing', () => {
	assert.deepEqual(
		OF_THE_HANDBOOK.filter((id) => !CASES[id]),
		[]
	);
});

test('every rule has a case here, and every case a rule', () => {
	assert.deepEqual(Object.keys(CASES).sort(), RULES.map((rule) => rule.id).sort());
});

for (const [rule, { fires, spares, at, fix, shop = builtInShop }] of Object.entries(CASES)) {
	test(`${rule}: at each grade as the handbook says, not for its neighbour, fixed by its remedy`, () => {
		for (const [index, grade] of GRADES.entries()) {
			assert.equal(found(grade, rule, fires, shop)?.severity ?? null, at[index], `${rule} at ${grade}`);
			assert.equal(found(grade, rule, spares, shop), null, `${rule} at ${grade} for what is right`);
		}
		const asked = GRADES.find((_, index) => at[index] !== null);
		if (!asked) return;
		const finding = found(asked, rule, fires, shop)!;
		assert.match(finding.says, /^.+\.$/);
		assert.ok(WHY_OF_ITS_OWN.has(rule) || finding.why === RULES.find((one) => one.id === rule)!.why, finding.why);
		assert.equal(finding.remedies[0]?.label ?? null, fix);
		if (fix === null) return;
		const after = plan(patched(workedJob({ ...fires, aim: asked }), finding.remedies[0]!.patch), shop);
		assert.deepEqual(
			after.findings.filter((one) => one.rule === rule && one.where === finding.where).map((one) => one.says),
			[],
			`“${fix}”`
		);
	});
}
