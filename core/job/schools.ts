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
	'under-mat': 'the back mat',
	'window-mat': 'the window mat',
	'let-move': 'let it move',
	'stick-down': 'mount it overall',
	'by-hand': 'stretched by hand',
	'by-eye': 'judged from the front',
	wetted: 'dampened to tighten',
	top: 'only the top',
	all: 'all four',
	'bottom-too': 'top and bottom',
	'by-width': 'by width',
	one: 'one',
	gummed: 'gummed tape',
	'self-adhesive': 'self-adhesive tape',
	'rare-and-shedding': 'on rare pieces and dusty frames',
	rigid: 'rigid points',
	flexible: 'flexible points',
	third: 'a third down',
	quarter: 'a quarter down',
	'two-above-300': 'two above 300 mm (12 in) of width',
	'by-mass': 'as the weight allows',
	rings: 'rings straight on hooks',
	'by-hanger': 'by hanger',
	'cover-first': 'the dust cover',
	'hardware-first': 'the hardware',
	'inner-first': 'the inner face first',
	'both-first': 'both faces at once',
	'by-piece': 'as the piece needs',
	washed: 'washed hands',
	trough: 'a trough behind the mat',
	fix: 'fixative',
	'strip-or-one': 'one strip or tab',
	follow: 'cut the pane to it',
	'true-it': 'a square pane trues it',
	whole: 'whole pack at once',
	layers: 'layer by layer',
	long: 'a long rail',
	bottom: 'the bottom rail',
	four: 'four',
	air: 'air dry',
	polish: 'wipe dry',
	refer: 'leave to a conservator',
	soften: 'trained staff soften it',
	transfer: 'join by transfer tape',
	last: 'last',
	sleeve: 'in a sleeve',
	stuck: 'stick on'
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
			'under-mat': 'The window mat can be replaced without touching the sheet.',
			'window-mat': 'Quick, and sheet and window stay aligned.'
		}
	},
	{
		id: 'fixed-edges',
		at: 'hold',
		question: 'which edges are fixed',
		options: ['top', 'all'],
		because: { top: 'The sheet can expand and shrink.', all: 'It stays flat and in position.' }
	},
	{
		id: 'big-prints',
		at: 'hold',
		question: 'hinges on a big print',
		options: ['top', 'bottom-too'],
		because: {
			top: 'It can move; accept a slight wave.',
			'bottom-too': 'No shadow along the bottom; remove if it sags.'
		}
	},
	{
		id: 'hinge-count',
		at: 'hold',
		question: 'how many hinges',
		options: ['by-width', 'one'],
		because: { 'by-width': 'Two or more keep it from turning.', one: 'One in the middle touches the sheet least.' }
	},
	{
		id: 'cockle',
		at: 'hold',
		question: 'a print that cockles',
		options: ['let-move', 'stick-down'],
		because: {
			'let-move': 'Thicker paper, a deeper gap; nothing irreversible.',
			'stick-down': 'Perfectly flat, which buyers prefer; replaceable prints only.'
		}
	},
	{
		id: 'back-seal',
		at: 'back',
		question: 'back tape',
		options: BACK_SEALS,
		because: { gummed: 'Opens with water.', 'self-adhesive': 'Quick and dry.' }
	},
	{
		id: 'dust-cover',
		at: 'back',
		question: 'dust cover',
		options: ['none', 'by-hand', 'wetted'],
		because: {
			none: 'The joint is taped; the back stays visible.',
			'by-hand': 'Keeps out dust and insects; no strain on the joints.',
			wetted: 'Tightens as it dries, but may strain the joints.'
		}
	},
	{
		id: 'edge-seal',
		at: 'guard',
		question: 'edge seal',
		options: ['rare-and-shedding', 'always', 'never'],
		because: {
			'rare-and-shedding': 'Where it matters most: rare pieces, dusty frames.',
			always: 'Keeps dust and humidity out of every pack.',
			never: 'A well-taped back is enough.'
		}
	},
	{
		id: 'points',
		at: 'frame',
		question: 'points',
		options: ['rigid', 'flexible'],
		because: { rigid: 'They hold under load.', flexible: 'They bend back for reopening.' }
	},
	{
		id: 'ring-drop',
		at: 'wall',
		question: 'drop of the rings',
		options: ['third', 'quarter'],
		because: { third: 'The same on every piece.', quarter: 'The picture leans out less.' }
	},
	{
		id: 'hooks',
		at: 'wall',
		question: 'one hook or two',
		options: ['two-above-300', 'one', 'two'],
		because: {
			'two-above-300': 'Stays level if wide, quick if narrow.',
			one: 'Quick to level by hand.',
			two: 'Stays level and pulls less.'
		}
	},
	{
		id: 'hang-by',
		at: 'wall',
		question: 'wire, cord or none',
		options: ['by-mass', 'wire', 'cord', 'rings'],
		because: {
			'by-mass': 'Weight decides.',
			wire: 'Forgives a nail slightly off.',
			cord: 'Soft, and hides its knots.',
			rings: 'Nothing stretches.'
		}
	},
	{
		id: 'bumpers',
		at: 'back',
		question: 'how many bumpers',
		options: ['by-hanger', 'two', 'four'],
		because: {
			'by-hanger': 'Two at the bottom; four where it hangs from one hanger.',
			two: 'The top rests on the wall anyway.',
			four: 'A gap behind all of the back.'
		}
	},
	{
		id: 'cover-order',
		at: 'back',
		question: 'dust cover or hardware first',
		options: ['cover-first', 'hardware-first'],
		because: {
			'cover-first': 'Hardware on top can be changed.',
			'hardware-first': 'Cut the paper round it.'
		}
	},
	{
		id: 'cleaning',
		at: 'bench',
		question: 'cleaning the glazing',
		options: ['inner-first', 'both-first'],
		because: {
			'inner-first': 'Wipe the outer face last, after taping.',
			'both-first': 'Clean once, before the piece is near.'
		}
	},
	{
		id: 'centring',
		at: 'bench',
		question: 'centring the pack',
		options: ['measured', 'by-eye'],
		because: { measured: 'Measure both ends of each side.', 'by-eye': 'As it will be seen, against a straight rail.' }
	},
	{
		id: 'hands',
		at: 'bench',
		question: 'gloves or washed hands',
		options: ['by-piece', 'gloves', 'washed'],
		because: {
			'by-piece': 'Gloves for photographs and metal leaf, washed hands otherwise.',
			gloves: 'No marks on anything.',
			washed: 'Bare hands feel more.'
		}
	},
	{
		id: 'dust',
		at: 'bench',
		question: 'blowing dust',
		options: ['bulb', 'compressor', 'canned'],
		because: {
			bulb: 'No propellant, no cold spray.',
			compressor: 'Strong and steady, if filtered.',
			canned: 'Easy to get; hold upright.'
		}
	},
	{
		id: 'friable',
		at: 'intake',
		question: 'friable sheet',
		options: ['trough', 'fix'],
		because: {
			trough: 'Particles fall out of sight; nothing on the sheet.',
			fix: 'Fixed, it takes a plain mat; the artist’s or owner’s decision.'
		}
	},
	{
		id: 'top-hold',
		at: 'hold',
		question: 'tabs or one strip',
		options: ['tabs', 'strip-or-one'],
		because: { tabs: 'The sheet can move between them.', 'strip-or-one': 'Small sheets need little to hang straight.' }
	},
	{
		id: 'old-frame',
		at: 'frame',
		question: 'old frame out of square',
		options: ['follow', 'true-it'],
		because: {
			follow: 'The pane fits the frame; nothing presses.',
			'true-it': 'A square pane trues the frame, unless it presses.'
		}
	},
	{
		id: 'metal-load',
		at: 'frame',
		question: 'loading a metal frame',
		options: ['whole', 'layers'],
		because: { whole: 'The pack is closed before moving.', layers: 'Each layer is checked as it goes in.' }
	},
	{
		id: 'closing-rail',
		at: 'frame',
		question: 'which metal rail closes',
		options: ['long', 'bottom'],
		because: { long: 'The pack slides in the short way.', bottom: 'The frame stands upright for loading.' }
	},
	{
		id: 'clips',
		at: 'frame',
		question: 'spring clips',
		options: ['every-side', 'four'],
		because: { 'every-side': 'Pressed evenly.', four: 'Quick to reopen.' }
	},
	{
		id: 'ready-glass',
		at: 'frame',
		question: 'glass of a ready-made frame',
		options: ['lifted', 'in-place'],
		because: { lifted: 'Both sides cleaned and checked.', 'in-place': 'Points and tabs stay unbent.' }
	},
	{
		id: 'wiping',
		at: 'bench',
		question: 'cleaner for the glazing',
		options: ['lint-free', 'paper-towel'],
		because: {
			'lint-free': 'Ammonia-free cleaner on a lint-free cloth leaves no residue.',
			'paper-towel': 'Household cleaner and paper towel are handy; never on acrylic.'
		}
	},
	{
		id: 'drying',
		at: 'bench',
		question: 'drying the glass',
		options: ['polish', 'air'],
		because: { polish: 'Wiped dry, it leaves no mark.', air: 'No rubbing, no lint.' }
	},
	{
		id: 'backing-join',
		at: 'guard',
		question: 'back mat to backing board',
		options: ['loose', 'transfer'],
		because: { loose: 'Each board moves freely.', transfer: 'Nothing slides in the pack.' }
	},
	{
		id: 'bumper-order',
		at: 'back',
		question: 'bumpers: when',
		options: ['last', 'before-hangers'],
		because: {
			last: 'The frame lies flat while hangers are screwed on.',
			'before-hangers': 'Done with the back, before turning over.'
		}
	},
	{
		id: 'old-hinge',
		at: 'intake',
		question: 'old gummed hinge on a photograph',
		options: ['refer', 'soften'],
		because: {
			refer: 'Water stains an emulsion.',
			soften: 'Barely any water, by trained hands.'
		}
	},
	{
		id: 'certificates',
		at: 'back',
		question: 'papers on the back',
		options: ['sleeve', 'stuck'],
		because: { sleeve: 'Removable.', stuck: 'They can’t be lost.' }
	},
	{
		id: 'inscription',
		at: 'record',
		question: 'inscription',
		options: ['label', 'mat', 'print'],
		because: {
			label: 'Mat and print stay clean.',
			mat: 'Seen with the picture.',
			print: 'Belongs to the print, in its margin.'
		}
	}
];
