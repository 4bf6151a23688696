/** A job as it was decided: every choice made, the house’s where the file makes none. */
import type { Size } from '../geometry/shapes.ts';
import type { BackSeal, HangerKind, Scope, SpacerMaterial } from './kinds.ts';
import type { Colour } from '../shop/colours.ts';
import type { Barrier, Board } from '../shop/boards.ts';
import type { Glazing } from '../shop/glazing.ts';
import type { Grade } from '../shop/grades.ts';
import type { EdgeSeal } from '../shop/holds.ts';
import type { Ring } from '../shop/hangers.ts';
import type { Reader } from '../units/show.ts';
import type { Unit } from '../units/length.ts';
import type { Claim } from './claims.ts';
import type { FrameChoice } from './decide-frame.ts';
import type { Kept } from './decide-kept.ts';
import { type Piece, type Readings } from './decide-piece.ts';
import type { Borders, Grid, MatChoice, WindowChoice } from './decide-window.ts';
import type { PlaceChoice } from './decide-place.ts';
import type { Assumed } from './material.ts';
import type { HoldChoice } from './hold-choice.ts';

/** Its `thickness` is its height: the air that it gives. */
export type Spacer = {
	material: SpacerMaterial;
	thickness: number;
	lined: boolean;
	/** Of its covering, or of its edge. */
	colour: Colour | null;
	/** By design past the lip; null: as little as can be. */
	seen: number | null;
};

/** What belongs with the piece. */
export type Belongs = {
	papers: string[];
	inscription: string | null;
	/** Its maker signs the mat. */
	signed: boolean;
	plate: { text: string; width: number; height: number } | null;
};

export type Accepted = { rule: string; where: string; facts: string; reason: string; initials: string };

export type Decided = {
	/** The unit that it is cut in. */
	cutIn: Unit;
	/** Who reads its sentences and drawings; reading another unit changes no figure. */
	reader: Reader;
	/** The cutting step, mm. */
	step: number;
	aim: Grade;
	schools: Readonly<Record<string, string>>;
	/** All pieces of the job together, as careful as the most delicate of them. */
	piece: Piece;
	/** One a window, in the order of the windows. */
	pieces: Piece[];
	/** The first of the windows. */
	window: WindowChoice;
	windows: WindowChoice[];
	/** Windows are given as a list: their figures are lists too. */
	several: boolean;
	grid: Grid | null;
	mats: MatChoice[];
	borders: Borders;
	guard: {
		glazing: Glazing;
		underMat: Board | null;
		fillers: { board: Board; thickness: number }[];
		barrier: Barrier | null;
		spacer: Spacer | null;
		backing: Board | null;
		edgeSeal: EdgeSeal | null;
		/** One was asked for where no glazing keeps it off the piece’s face: it is not planned. */
		sealOnPiece: boolean;
		/** How far it comes over the glazing's face. */
		sealOnFace: number;
		/** The board behind the piece is covered with cloth. */
		lining: boolean;
		join: 'gummed' | 'paste' | 'transfer' | 'spray';
		joinDistance: number;
	};
	hold: HoldChoice;
	/** null while no moulding is chosen. */
	frame: FrameChoice | null;
	/** Readings of a ready-made frame's rabbet. */
	rabbet: Readings | null;
	/** Nobody here makes the frame. */
	frameIsThere: boolean;
	/** What lies ready on the shelf and is taken for it. */
	claims: Claim[];
	/** What was bought ready: the frame that is there, or is cut down, and mats at hand; cents for one. */
	bought: { frame: number | null; mats: { mat: number; cents: number }[] };
	/** What came with it and stays: its glazing and back stand in `guard` as what they are. */
	kept: Kept;
	scope: Scope;
	/** What a job that is a part does not plan itself. */
	given: { outer: Size | null; mass: number | null; pack: number | null; holds: string | null };
	belongs: Belongs;
	/** So many are made alike. */
	copies: number;
	back: { seal: BackSeal | null; dustCover: boolean; bumpers: number; bumperHeight: number };
	hang: {
		by: HangerKind | 'by-mass';
		wireAsked: boolean;
		hooks: 1 | 2 | null;
		/** As measured; null where a share of the height decides. */
		drop: number | null;
		dropShare: number;
		centreHeight: number;
		/** null: the shop chooses one that the wood takes. */
		ring: Ring | null;
		/** On a cross strip. */
		strip: boolean;
		/** Turned a quarter too, and on a table too. */
		turns: boolean;
		stands: boolean;
		/** On a scale, kg; null where it is computed. */
		weighed: number | null;
	};
	/** Where it will hang. */
	place: PlaceChoice;
	/** Stations whose house choices were looked at and taken, or that hold a choice of the job's own. */
	answered: ReadonlySet<string>;
	/** Cautions accepted knowingly. */
	accepted: Accepted[];
	/** Colour of the wall where it will hang. */
	wallColour: string;
	assumed: Assumed[];
};
