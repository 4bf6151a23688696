/** Figures of Wall: how heavy it is, and by what it hangs. */
import type { HangerKind } from '../job/kinds.ts';
import type { Size } from '../geometry/shapes.ts';

/** `kg`: as it was weighed, else as computed; the two differ by what nobody entered. */
export type Mass = { kg: number; computed?: number; parts: { part: string; kg: number }[] };

/** How far the frame leans back, degrees; its leg’s hinge above the frame’s lower edge, its length, and how far behind that edge its foot is. */
export type Stand = { lean: number; hinge: number; leg: number; foot: number };

export type Hang = {
	by: HangerKind;
	/** From the frame's top to where the wire or hook bears in the ring. */
	drop: number;
	/** From the frame's side to the ring's screw: the middle of the flat wood at the back, or of a metal channel. */
	inset: number;
	span: number;
	/** Hooks, or what else is screwed into the wall; none for a stand. */
	hookCount: number;
	/** From one to the next; 0 with one. */
	spacing: number;
	rise: number;
	/** Degrees at the ring; 90 for rings straight on hooks. */
	angle: number;
	/** In the wire, or at each ring, N. */
	pullN: number;
	sidewaysN: number;
	/** Breaking strength wanted, kg; the wire taken from the list and its length before tying. Absent without wire. */
	wireWantedKg?: number;
	wire?: { breakingKg: number; length: number };
	/** What each ring must bear; the one that is taken, by its id: absent in a metal channel, and where the wood takes none. */
	ringWantedKg: number;
	ring?: string;
	/** Pilot hole for its screw. */
	pilot?: number;
	/** A strip across the back, which carries them, or a cleat’s rail: its length and width. */
	strip?: Size;
	/** A cleat’s rail on the wall. */
	wallRail?: Size;
	/** Its highest edge above the floor, the long one, away from the wall. */
	wallRailEdge?: number;
	/** Degrees at the wall; + where the top stands farther out. Absent for what hangs nowhere. */
	lean?: number;
	/** A leg, so that it stands. */
	stand?: Stand;
	/** The second set of hangers, for the frame turned a quarter to the right; nails as it then hangs. */
	turned?: Omit<Hang, 'lean' | 'stand' | 'turned'>;
	/** Hooks set farther apart than usual, since the frame is low. */
	widened: boolean;
	/** No wire on the list is strong enough. */
	noWire: boolean;
	/** From the picture's centre line, + to the right; nail height above the floor. Left to right. */
	hooks: { x: number; height: number }[];
};
