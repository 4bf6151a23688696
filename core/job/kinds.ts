/**
 * The kinds that a job file chooses from, each list once: what is read, what is decided and the record of what each is and does (its
 * stations' `kinds`, `layers`, `seals`) follow from it. Kinds of hold stand with their families in hold-kinds.ts.
 */
export const PIECE_KINDS = ['paper', 'photograph', 'panel', 'canvas', 'textile', 'vellum', 'bone', 'object'] as const;
export type PieceKind = (typeof PIECE_KINDS)[number];

/** What a piece of kind bone is. */
export const BONE_KINDS = ['bone', 'ivory', 'horn', 'tortoiseshell'] as const;
export type BoneKind = (typeof BONE_KINDS)[number];

export const WINDOW_WAYS = ['cover', 'reveal', 'float'] as const;
export type WindowWay = (typeof WINDOW_WAYS)[number];

export const WINDOW_SHAPES = ['rectangle', 'oval', 'circle', 'arch'] as const;
export type WindowShape = (typeof WINDOW_SHAPES)[number];

export const SPACER_MATERIALS = ['cotton', 'acrylic', 'wood-lined'] as const;
export type SpacerMaterial = (typeof SPACER_MATERIALS)[number];

export const FRAME_KINDS = ['wood', 'metal', 'ready-made'] as const;
export type FrameKind = (typeof FRAME_KINDS)[number];

/** What holds the pack in a frame of wood. */
export const POINT_KINDS = ['rigid', 'flexible', 'hand', 'turn-buttons', 'offset-clips'] as const;
export type PointKind = (typeof POINT_KINDS)[number];

/** Tapes that close a back. */
export const BACK_SEALS = ['gummed', 'self-adhesive'] as const;
export type BackSeal = (typeof BACK_SEALS)[number];

/** What a picture hangs by, or stands on. */
export const HANGER_KINDS = ['wire', 'cord', 'rings', 'sawtooth', 'centre-hanger', 'cleat', 'security', 'stand', 'tag'] as const;
export type HangerKind = (typeof HANGER_KINDS)[number];

/** What holds the pack in a frame that comes with it: points in wood, spring clips in metal. */
export const FASTENERS = [...POINT_KINDS, 'clips'] as const;

/** Parts that a frame which is there may bring. */
export const CAME_WITH = ['glazing', 'mat', 'back', 'points', 'hangers'] as const;
export type CameWith = (typeof CAME_WITH)[number];

/** A part that came with a frame and stays, and the choice whose place it takes: a job has one of the two. */
export const KEPT_IN_PLACE = [
	['frame.kept.glazing', 'guard.glazing'],
	['frame.kept.back', 'guard.backing'],
	['frame.kept.points', 'frame.points'],
	['frame.kept.points', 'frame.pointCount'],
	['frame.kept.points', 'frame.pointFirst'],
	['frame.kept.hangers', 'hang.by']
] as const;

/** Parts that an old package may hold, from the front. */
export const OLD_PARTS = [
	'frame',
	'glazing',
	'spacer',
	'mat',
	'hinges',
	'under-mat',
	'insert',
	'filler',
	'back',
	'points',
	'dust-cover',
	'hangers',
	'label',
	'other'
] as const;
export type OldPart = (typeof OLD_PARTS)[number];

/** Tapes that line a rabbet. */
export const RABBET_LININGS = ['aluminium-laminate', 'polyester'] as const;
export type RabbetLining = (typeof RABBET_LININGS)[number];

/** What bare wood is finished with in the shop. */
export const FINISHES = ['stain', 'lime', 'wax', 'oil', 'paint'] as const;
export type Finish = (typeof FINISHES)[number];

/** What becomes of a layer that came out of an old package. */
export const FATES = ['kept', 'used-again', 'gone'] as const;
export type Fate = (typeof FATES)[number];

/** What a job covers of the work. */
export const SCOPES = ['whole', 'mat-package', 'mount', 'fit', 'fit-hang', 'back', 'back-hang', 'hang', 'unframe'] as const;
export type Scope = (typeof SCOPES)[number];

/** What nobody knows of a part that came with a frame; careful figures stand for it. */
export const NOT_KNOWN = 'unknown';
