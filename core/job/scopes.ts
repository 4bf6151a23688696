/** What a job covers of the work: one file gives every part of it, and a scope without one does not compile (handbook intake#parts). */
import type { Scope } from './kinds.ts';

/** Stations of the strip, in the order of the work. */
export const WORK = ['intake', 'measure', 'window', 'guard', 'hold', 'frame', 'cut', 'bench', 'back', 'wall', 'record'] as const;
export type Work = (typeof WORK)[number];

/** What a job that is a part must be told, since nobody plans it. */
export type Asked = 'profile' | 'outer' | 'mass' | 'recess';

export type ScopeDefinition = {
	name: string;
	/** What it covers, in a sentence. */
	about: string;
	/** What was done, on the label. */
	done: string;
	/** Its stations; the others fold away. */
	stations: readonly Work[];
	/** Glazing, backing and what else closes a pack belong to it. */
	pack: boolean;
	/** The sheet is measured and gets its window. */
	window: boolean;
	asks: readonly Asked[];
};

export const SCOPE_OF: Record<Scope, ScopeDefinition> = {
	whole: {
		name: 'The whole job',
		about: 'From the sheet to the wall.',
		done: 'framed',
		stations: WORK,
		pack: true,
		window: true,
		asks: []
	},
	'mat-package': {
		name: 'A matted set',
		about: 'Window mat and back mat, cut and joined; the customer mounts the piece.',
		done: 'made',
		stations: ['intake', 'measure', 'window', 'guard', 'cut', 'bench', 'record'],
		pack: false,
		window: true,
		asks: []
	},
	mount: {
		name: 'Matted and mounted',
		about: 'The piece mounted in its mats, no frame.',
		done: 'mounted',
		stations: ['intake', 'measure', 'window', 'guard', 'hold', 'cut', 'bench', 'record'],
		pack: false,
		window: true,
		asks: []
	},
	fit: {
		name: 'Fitted into a frame',
		about: 'Already mounted: glazing, pack, frame and back.',
		done: 'framed',
		stations: ['intake', 'measure', 'window', 'guard', 'frame', 'cut', 'bench', 'back', 'record'],
		pack: true,
		window: true,
		asks: []
	},
	'fit-hang': {
		name: 'Fitted, closed and hung',
		about: 'Already mounted: glazing, pack, frame, back and hangers.',
		done: 'framed',
		stations: ['intake', 'measure', 'window', 'guard', 'frame', 'cut', 'bench', 'back', 'wall', 'record'],
		pack: true,
		window: true,
		asks: []
	},
	back: {
		name: 'A new back',
		about: 'Tape, dust cover and bumpers, a new board if chosen; the pack stays closed.',
		done: 'back closed',
		stations: ['intake', 'frame', 'cut', 'bench', 'back', 'record'],
		pack: false,
		window: false,
		asks: ['profile', 'outer', 'recess']
	},
	'back-hang': {
		name: 'A new back, and hung',
		about: 'Board, tape, dust cover, hangers and wire; the pack stays closed.',
		done: 'back closed',
		stations: ['intake', 'frame', 'cut', 'bench', 'back', 'wall', 'record'],
		pack: false,
		window: false,
		asks: ['profile', 'outer', 'recess', 'mass']
	},
	hang: {
		name: 'Hanging only',
		about: 'Hangers, wire and hooks; the frame stays closed.',
		done: 'hung',
		stations: ['intake', 'frame', 'cut', 'bench', 'wall', 'record'],
		pack: false,
		window: false,
		asks: ['profile', 'outer', 'mass']
	},
	unframe: {
		name: 'Unframing only',
		about: 'Unframed, recorded layer by layer.',
		done: 'unframed',
		stations: ['intake', 'bench', 'record'],
		pack: false,
		window: false,
		asks: []
	}
};

export function covers(scope: Scope, work: Work): boolean {
	return SCOPE_OF[scope].stations.includes(work);
}
