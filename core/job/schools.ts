/** Where practitioners differ: each question a house rule, its first option the default (handbook schools). */

export type School = {
	id: string;
	question: string;
	/** The first is the default: the safer one by conservation standards. */
	options: readonly string[];
	/** Options that this version does not plan yet; a job that asks for one is told so. */
	notPlanned?: readonly string[];
};

export const SCHOOLS: readonly School[] = [
	{ id: 'hang-from', question: 'where the sheet hangs', options: ['under-mat', 'window-mat'] },
	{ id: 'fixed-edges', question: 'which edges are fixed', options: ['top', 'all'], notPlanned: ['all'] },
	{ id: 'big-prints', question: 'where a big print is held', options: ['top', 'bottom-too'], notPlanned: ['bottom-too'] },
	{ id: 'hinge-count', question: 'how many hinges', options: ['by-width', 'one'] },
	{ id: 'cockle', question: 'a print that cockles', options: ['let-move', 'stick-down'], notPlanned: ['stick-down'] },
	{ id: 'back-seal', question: 'what closes the back', options: ['gummed', 'self-adhesive'] },
	{ id: 'dust-cover', question: 'paper over the back', options: ['none', 'by-hand', 'wetted'] },
	{ id: 'edge-seal', question: 'tape round the pack', options: ['rare-and-shedding', 'always', 'never'] },
	{ id: 'points', question: 'what holds the pack', options: ['rigid', 'flexible'] },
	{ id: 'ring-drop', question: 'how far down the rings sit', options: ['third', 'quarter'] },
	{ id: 'hooks', question: 'one hook or two', options: ['two-above-300', 'one', 'two'] },
	{ id: 'hang-by', question: 'wire, cord or none', options: ['by-mass', 'wire', 'cord', 'rings'], notPlanned: ['cord'] },
	{ id: 'bumpers', question: 'how many bumpers', options: ['by-hanger', 'two', 'four'] },
	{ id: 'cover-order', question: 'dust cover or hardware first', options: ['cover-first', 'hardware-first'] },
	{ id: 'cleaning', question: 'cleaning the glazing', options: ['inner-first', 'both-first'] },
	{ id: 'centring', question: 'centring the pack', options: ['measured', 'by-eye'] },
	{ id: 'hands', question: 'gloves or washed hands', options: ['by-piece', 'gloves', 'washed'] },
	{ id: 'dust', question: 'blowing dust', options: ['bulb', 'compressor', 'canned'] },
	{ id: 'friable', question: 'a sheet that sheds', options: ['trough', 'fix'] },
	{ id: 'top-hold', question: 'tabs or one strip', options: ['tabs', 'strip-or-one'], notPlanned: ['strip-or-one'] },
	{ id: 'old-frame', question: 'an old frame out of true', options: ['follow', 'true-it'] },
	{ id: 'metal-load', question: 'loading a metal frame', options: ['whole', 'layers'] },
	{ id: 'closing-rail', question: 'which metal rail closes', options: ['long', 'bottom'] },
	{ id: 'clips', question: 'spring clips', options: ['every-side', 'four'] },
	{ id: 'ready-glass', question: 'glass of a ready-made frame', options: ['lifted', 'in-place'] },
	{ id: 'certificates', question: 'papers on the back', options: ['sleeve', 'stuck'] },
	{ id: 'inscription', question: 'where an inscription goes', options: ['label', 'mat', 'print'] }
];
