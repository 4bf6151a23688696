/** Where practitioners differ: each question a house rule, its first option the default (handbook schools). */

export type School = {
	id: string;
	question: string;
	/** The first is the default: the safer one by conservation standards. */
	options: readonly string[];
	/** Why each is held, in a sentence. */
	because: Readonly<Record<string, string>>;
};

export const SCHOOLS: readonly School[] = [
	{
		id: 'hang-from',
		question: 'where the sheet hangs',
		options: ['under-mat', 'window-mat'],
		because: {
			'under-mat': 'The window can be replaced without touching the sheet.',
			'window-mat': 'Quick, and sheet and window stay aligned.'
		}
	},
	{
		id: 'fixed-edges',
		question: 'which edges are fixed',
		options: ['top', 'all'],
		because: { top: 'The sheet can grow and shrink.', all: 'It stays flat and in its place behind the window.' }
	},
	{
		id: 'big-prints',
		question: 'where a big print is held',
		options: ['top', 'bottom-too'],
		because: { top: 'It may move; a slight wave is accepted.', 'bottom-too': 'No shadow along the foot; taken off when it sags.' }
	},
	{
		id: 'hinge-count',
		question: 'how many hinges',
		options: ['by-width', 'one'],
		because: { 'by-width': 'Two or more keep it from turning.', one: 'One in the middle touches least.' }
	},
	{
		id: 'cockle',
		question: 'a print that cockles',
		options: ['let-move', 'stick-down'],
		because: {
			'let-move': 'Better paper and a deeper gap; nothing is done that can’t be undone.',
			'stick-down': 'Perfectly flat, and buyers prefer it; only what can be printed again.'
		}
	},
	{
		id: 'back-seal',
		question: 'what closes the back',
		options: ['gummed', 'self-adhesive'],
		because: { gummed: 'Wetted, it opens again.', 'self-adhesive': 'Quick and dry.' }
	},
	{
		id: 'dust-cover',
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
		question: 'what holds the pack',
		options: ['rigid', 'flexible'],
		because: { rigid: 'They hold under load.', flexible: 'They bend back when the piece is swapped.' }
	},
	{
		id: 'ring-drop',
		question: 'how far down the rings sit',
		options: ['third', 'quarter'],
		because: { third: 'Measured, the same on every piece.', quarter: 'The picture leans less from the wall.' }
	},
	{
		id: 'hooks',
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
		question: 'dust cover or hardware first',
		options: ['cover-first', 'hardware-first'],
		because: {
			'cover-first': 'The hardware lies on top and can be changed.',
			'hardware-first': 'It was there before: the paper is cut round it.'
		}
	},
	{
		id: 'cleaning',
		question: 'cleaning the glazing',
		options: ['inner-first', 'both-first'],
		because: {
			'inner-first': 'The outer face is wiped when tape has left its trace.',
			'both-first': 'One wipe, before the piece is near.'
		}
	},
	{
		id: 'centring',
		question: 'centring the pack',
		options: ['measured', 'by-eye'],
		because: { measured: 'At both ends of each side.', 'by-eye': 'Against a straight rail, as it will be seen.' }
	},
	{
		id: 'hands',
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
		question: 'a sheet that sheds',
		options: ['trough', 'fix'],
		because: {
			trough: 'Particles fall out of sight; nothing is put on the sheet.',
			fix: 'Fixed, it takes a plain mat; the maker’s or owner’s decision.'
		}
	},
	{
		id: 'top-hold',
		question: 'tabs or one strip',
		options: ['tabs', 'strip-or-one'],
		because: { tabs: 'The sheet can move between them.', 'strip-or-one': 'Small sheets hang straight from little.' }
	},
	{
		id: 'old-frame',
		question: 'an old frame out of true',
		options: ['follow', 'true-it'],
		because: {
			follow: 'The lite is cut as the frame is; nothing presses.',
			'true-it': 'A straight lite trues the frame, unless it presses.'
		}
	},
	{
		id: 'metal-load',
		question: 'loading a metal frame',
		options: ['whole', 'layers'],
		because: { whole: 'The pack is closed before it moves.', layers: 'Each layer is seen as it goes in.' }
	},
	{
		id: 'closing-rail',
		question: 'which metal rail closes',
		options: ['long', 'bottom'],
		because: { long: 'The pack slides in the short way.', bottom: 'The frame stands while it is loaded.' }
	},
	{
		id: 'clips',
		question: 'spring clips',
		options: ['every-side', 'four'],
		because: { 'every-side': 'Pressed evenly.', four: 'Quickly opened again.' }
	},
	{
		id: 'ready-glass',
		question: 'glass of a ready-made frame',
		options: ['lifted', 'in-place'],
		because: { lifted: 'Cleaned on both sides, and looked at.', 'in-place': 'Nothing is bent that need not be.' }
	},
	{
		id: 'wiping',
		question: 'wiping the glazing',
		options: ['lint-free', 'paper-towel'],
		because: {
			'lint-free': 'A cleaner without ammonia on a lint-free cloth leaves nothing behind.',
			'paper-towel': 'Household cleaner and paper towel are at hand; never on acrylic.'
		}
	},
	{
		id: 'drying',
		question: 'drying the glass',
		options: ['polish', 'air'],
		because: { polish: 'Wiped until it is dry, no mark is left.', air: 'Nothing is rubbed, and no lint comes of it.' }
	},
	{
		id: 'backing-join',
		question: 'under-mat to backing',
		options: ['loose', 'transfer'],
		because: { loose: 'Each board moves as it will.', transfer: 'Taped together, nothing slides in the pack.' }
	},
	{
		id: 'bumper-order',
		question: 'when the bumpers go on',
		options: ['last', 'before-hangers'],
		because: { last: 'The frame still lies flat while the hangers are screwed in.', 'before-hangers': 'Done with the back, before it is turned.' }
	},
	{
		id: 'old-hinge',
		question: 'an old gummed hinge on a photograph',
		options: ['refer', 'soften'],
		because: { refer: 'A conservator removes it; water stains an emulsion.', soften: 'Softened by somebody trained, with hardly any water.' }
	},
	{
		id: 'certificates',
		question: 'papers on the back',
		options: ['sleeve', 'stuck'],
		because: { sleeve: 'They can be taken out again.', stuck: 'They can’t be lost.' }
	},
	{
		id: 'inscription',
		question: 'where an inscription goes',
		options: ['label', 'mat', 'print'],
		because: {
			label: 'Nothing is written on mat or print.',
			mat: 'Seen with the picture.',
			print: 'It belongs to the print, in its margin.'
		}
	}
];
