/** Where practitioners differ: each question a house rule, its first option the default (handbook schools). */

import { BACK_SEALS } from './kinds.ts';

export type School = {
	id: string;
	/** Where it is chosen. */
	at: 'intake' | 'guard' | 'hold' | 'frame' | 'bench' | 'back' | 'wall' | 'record';
	question: string;
	/** The first is the default: the safer one by conservation standards. */
	options: readonly string[];
	/** Why each is held, in a sentence. */
	because: Readonly<Record<string, string>>;
};

/** What an option is called, where its id with spaces says too little. */
const CALLED: Readonly<Record<string, string>> = {
	'under-mat': 'the under-mat',
	'window-mat': 'the window mat',
	'let-move': 'let it move',
	'stick-down': 'stick it down',
	'by-hand': 'stretched by hand',
	wetted: 'wetted, so that it tightens',
	top: 'only the top',
	all: 'all four',
	'bottom-too': 'at the bottom too',
	'by-width': 'by the width',
	one: 'one',
	gummed: 'gummed tape',
	'self-adhesive': 'self-adhesive tape',
	'rare-and-shedding': 'on rare pieces, and where a frame sheds',
	rigid: 'rigid pins',
	flexible: 'flexible tabs',
	third: 'a third of the height',
	quarter: 'a quarter of the height',
	'two-above-300': 'two above 300 mm (12 in) of width',
	'by-mass': 'what the weight allows',
	rings: 'rings straight on hooks',
	'by-hanger': 'as it hangs',
	'cover-first': 'the dust cover',
	'hardware-first': 'the hardware',
	'inner-first': 'the inner face first',
	'both-first': 'both faces at once',
	'by-piece': 'as the piece asks',
	washed: 'washed hands',
	trough: 'a trough behind the mat',
	fix: 'fixative',
	'strip-or-one': 'one strip or tab',
	follow: 'the lite follows it',
	'true-it': 'the lite trues it',
	whole: 'the whole pack at once',
	layers: 'layer by layer',
	long: 'a long one',
	bottom: 'the bottom one',
	four: 'four',
	air: 'in the air',
	polish: 'wiped dry',
	refer: 'left to a conservator',
	soften: 'softened by somebody trained',
	transfer: 'joined by transfer tape',
	last: 'last',
	sleeve: 'in a sleeve',
	stuck: 'stuck on'
};

export function optionName(option: string): string {
	return CALLED[option] ?? option.replace(/-/g, ' ');
}

export const SCHOOLS: readonly School[] = [
	{
		id: 'hang-from',
		at: 'hold',
		question: 'where the sheet hangs',
		options: ['under-mat', 'window-mat'],
		because: {
			'under-mat': 'The window can be replaced without touching the sheet.',
			'window-mat': 'Quick, and sheet and window stay aligned.'
		}
	},
	{
		id: 'fixed-edges',
		at: 'hold',
		question: 'which edges are fixed',
		options: ['top', 'all'],
		because: { top: 'The sheet can grow and shrink.', all: 'It stays flat and in its place behind the window.' }
	},
	{
		id: 'big-prints',
		at: 'hold',
		question: 'where a big print is held',
		options: ['top', 'bottom-too'],
		because: {
			top: 'It may move; a slight wave is accepted.',
			'bottom-too': 'No shadow along the bottom; taken off when it sags.'
		}
	},
	{
		id: 'hinge-count',
		at: 'hold',
		question: 'how many hinges',
		options: ['by-width', 'one'],
		because: { 'by-width': 'Two or more keep it from turning.', one: 'One in the middle touches least.' }
	},
	{
		id: 'cockle',
		at: 'hold',
		question: 'a print that cockles',
		options: ['let-move', 'stick-down'],
		because: {
			'let-move': 'Better paper and a deeper gap; nothing is done that can’t be undone.',
			'stick-down': 'Perfectly flat, and buyers prefer it; only what can be printed again.'
		}
	},
	{
		id: 'back-seal',
		at: 'back',
		question: 'what closes the back',
		options: BACK_SEALS,
		because: { gummed: 'Wetted, it opens again.', 'self-adhesive': 'Quick and dry.' }
	},
	{
		id: 'dust-cover',
		at: 'back',
		question: 'paper over the back',
		options: ['none', 'by-hand', 'wetted'],
		because: {
			none: 'The joint is sealed; the back can be seen.',
			'by-hand': 'Keeps dust and insects out, stretched without strain.',
			wetted: 'Tightens by itself, and may pull at the joints.'
		}
	},
	{
		id: 'edge-seal',
		at: 'guard',
		question: 'tape round the pack',
		options: ['rare-and-shedding', 'always', 'never'],
		because: {
			'rare-and-shedding': 'Where it counts, and where a frame sheds.',
			always: 'Dust and damp stay out of every package.',
			never: 'A good back seal is held to be enough.'
		}
	},
	{
		id: 'points',
		at: 'frame',
		question: 'what holds the pack',
		options: ['rigid', 'flexible'],
		because: { rigid: 'They hold under load.', flexible: 'They bend back when the piece is swapped.' }
	},
	{
		id: 'ring-drop',
		at: 'wall',
		question: 'how far down the rings sit',
		options: ['third', 'quarter'],
		because: { third: 'Measured, the same on every piece.', quarter: 'The picture leans less from the wall.' }
	},
	{
		id: 'hooks',
		at: 'wall',
		question: 'one hook or two',
		options: ['two-above-300', 'one', 'two'],
		because: {
			'two-above-300': 'Level where it is wide, easy where it is narrow.',
			one: 'Levelled by hand in a moment.',
			two: 'Stays level and pulls less.'
		}
	},
	{
		id: 'hang-by',
		at: 'wall',
		question: 'wire, cord or none',
		options: ['by-mass', 'wire', 'cord', 'rings'],
		because: {
			'by-mass': 'What carries it decides.',
			wire: 'Forgiving of a nail that is a little off.',
			cord: 'Soft, and hides its knots.',
			rings: 'Straight on hooks: nothing stretches.'
		}
	},
	{
		id: 'bumpers',
		at: 'back',
		question: 'how many bumpers',
		options: ['by-hanger', 'two', 'four'],
		because: {
			'by-hanger': 'Two below; four where it hangs from one hanger.',
			two: 'The top lies on the wall anyway.',
			four: 'Air all round the back.'
		}
	},
	{
		id: 'cover-order',
		at: 'back',
		question: 'dust cover or hardware first',
		options: ['cover-first', 'hardware-first'],
		because: {
			'cover-first': 'The hardware lies on top and can be changed.',
			'hardware-first': 'It was there before: the paper is cut round it.'
		}
	},
	{
		id: 'cleaning',
		at: 'bench',
		question: 'cleaning the glazing',
		options: ['inner-first', 'both-first'],
		because: {
			'inner-first': 'The outer face is wiped when tape has left its trace.',
			'both-first': 'One wipe, before the piece is near.'
		}
	},
	{
		id: 'centring',
		at: 'bench',
		question: 'centring the pack',
		options: ['measured', 'by-eye'],
		because: { measured: 'At both ends of each side.', 'by-eye': 'Against a straight rail, as it will be seen.' }
	},
	{
		id: 'hands',
		at: 'bench',
		question: 'gloves or washed hands',
		options: ['by-piece', 'gloves', 'washed'],
		because: {
			'by-piece': 'Gloves on photographs and metal leaf, washed hands elsewhere.',
			gloves: 'No trace is left on anything.',
			washed: 'Dry hands feel more.'
		}
	},
	{
		id: 'dust',
		at: 'bench',
		question: 'blowing dust',
		options: ['bulb', 'compressor', 'canned'],
		because: {
			bulb: 'No propellant, no cold spray.',
			compressor: 'Strong and steady, if it is filtered.',
			canned: 'At hand everywhere; held upright.'
		}
	},
	{
		id: 'friable',
		at: 'intake',
		question: 'a sheet that sheds',
		options: ['trough', 'fix'],
		because: {
			trough: 'Particles fall out of sight; nothing is put on the sheet.',
			fix: 'Fixed, it takes a plain mat; the maker’s or owner’s decision.'
		}
	},
	{
		id: 'top-hold',
		at: 'hold',
		question: 'tabs or one strip',
		options: ['tabs', 'strip-or-one'],
		because: { tabs: 'The sheet can move between them.', 'strip-or-one': 'Small sheets hang straight from little.' }
	},
	{
		id: 'old-frame',
		at: 'frame',
		question: 'an old frame out of true',
		options: ['follow', 'true-it'],
		because: {
			follow: 'The lite is cut as the frame is; nothing presses.',
			'true-it': 'A straight lite trues the frame, unless it presses.'
		}
	},
	{
		id: 'metal-load',
		at: 'frame',
		question: 'loading a metal frame',
		options: ['whole', 'layers'],
		because: { whole: 'The pack is closed before it moves.', layers: 'Each layer is seen as it goes in.' }
	},
	{
		id: 'closing-rail',
		at: 'frame',
		question: 'which metal rail closes',
		options: ['long', 'bottom'],
		because: { long: 'The pack slides in the short way.', bottom: 'The frame is upright while it is loaded.' }
	},
	{
		id: 'clips',
		at: 'frame',
		question: 'spring clips',
		options: ['every-side', 'four'],
		because: { 'every-side': 'Pressed evenly.', four: 'Quickly opened again.' }
	},
	{
		id: 'ready-glass',
		at: 'frame',
		question: 'glass of a ready-made frame',
		options: ['lifted', 'in-place'],
		because: { lifted: 'Cleaned on both sides, and looked at.', 'in-place': 'Nothing is bent that need not be.' }
	},
	{
		id: 'wiping',
		at: 'bench',
		question: 'wiping the glazing',
		options: ['lint-free', 'paper-towel'],
		because: {
			'lint-free': 'A cleaner without ammonia on a lint-free cloth leaves nothing behind.',
			'paper-towel': 'Household cleaner and paper towel are at hand; never on acrylic.'
		}
	},
	{
		id: 'drying',
		at: 'bench',
		question: 'drying the glass',
		options: ['polish', 'air'],
		because: { polish: 'Wiped until it is dry, no mark is left.', air: 'Nothing is rubbed, and no lint comes of it.' }
	},
	{
		id: 'backing-join',
		at: 'guard',
		question: 'under-mat to backing',
		options: ['loose', 'transfer'],
		because: { loose: 'Each board moves as it will.', transfer: 'Taped together, nothing slides in the pack.' }
	},
	{
		id: 'bumper-order',
		at: 'back',
		question: 'when the bumpers go on',
		options: ['last', 'before-hangers'],
		because: {
			last: 'The frame still lies flat while the hangers are screwed in.',
			'before-hangers': 'Done with the back, before it is turned.'
		}
	},
	{
		id: 'old-hinge',
		at: 'intake',
		question: 'an old gummed hinge on a photograph',
		options: ['refer', 'soften'],
		because: {
			refer: 'A conservator removes it; water stains an emulsion.',
			soften: 'Softened by somebody trained, with hardly any water.'
		}
	},
	{
		id: 'certificates',
		at: 'back',
		question: 'papers on the back',
		options: ['sleeve', 'stuck'],
		because: { sleeve: 'They can be removed again.', stuck: 'They can’t be lost.' }
	},
	{
		id: 'inscription',
		at: 'record',
		question: 'where an inscription goes',
		options: ['label', 'mat', 'print'],
		because: {
			label: 'Nothing is written on mat or print.',
			mat: 'Seen with the picture.',
			print: 'It belongs to the print, in its margin.'
		}
	}
];
