/**
 * Where a blank may be added on a sheet: beside any box of its slicing tree, in the room that the box may grow into. Rooms are looked for
 * once, and the best of them for a kind of blank once: from one try to the next most sheets stay as they are.
 */
import { there } from '../units/there.ts';
import type { BlankKind, SheetKind } from './instance.ts';
import type { Random } from './random.ts';
import { leaf, withBeside, type Box } from './slicing.ts';

type Room = {
	w: number;
	h: number;
	beside: Box;
	/** Of the box, along which the blank lies. */
	side: number;
	across: boolean;
};
/** `lost`: what the blank leaves of its room at the narrowest, `Infinity` when it goes nowhere. */
export type Place = { lost: number; room: Room | null; turned: boolean };
const NOWHERE: Place = { lost: Infinity, room: null, turned: false };

/** Rooms that are smaller hold none of the blanks. */
export type Least = { side: number; area: number };
export const leastOf = (blanks: readonly BlankKind[]): Least => ({
	side: Math.min(...blanks.map(({ w, h }) => Math.min(w, h))),
	area: Math.min(...blanks.map(({ area }) => area))
});

/** One place in so many is passed over, so that the same blanks do not always come to the same places (“blinks”). */
export const BLINK = 0.02;

/** A sheet with what lies on it. It is never changed; what is known of it grows. */
export class Filled {
	readonly sheet: SheetKind;
	readonly root: Box;
	/** Area of the sheet on which nothing lies. */
	readonly free: number;
	/** The shorter side of a blank that goes somewhere is no longer than this. */
	readonly deepest: number;
	readonly #rooms: Room[] = [];
	readonly #places = new Map<number, Place>();
	readonly #least: Least;

	constructor(sheet: SheetKind, root: Box, least: Least) {
		this.sheet = sheet;
		this.root = root;
		this.free = sheet.area - root.filled;
		this.#least = least;
		roomsIn(root, sheet.w, sheet.h, least, this.#rooms);
		this.deepest = this.#rooms.reduce((most, { w, h }) => Math.max(most, Math.min(w, h)), 0);
	}

	/** The place where a blank leaves least beside it. @param blank place of the kind in the list of kinds */
	placeFor(blank: number, kind: BlankKind, random: Random): Place {
		const known = this.#places.get(blank);
		if (known) return known;
		const best = bestOf(this.#rooms, kind, random);
		this.#places.set(blank, best);
		return best;
	}

	/** Whether what is known is of these blanks. */
	isOf(least: Least): boolean {
		return this.#least === least;
	}

	with(blank: number, kind: BlankKind, { room, turned }: Place): Filled {
		const { beside, across } = there(room, 'room');
		return new Filled(this.sheet, withBeside(this.root, beside, across, leaf(kind, blank, turned)), this.#least);
	}
}

/** A sheet as it lies, with what is known of it for these blanks. */
export const filledOf = (laid: { sheet: SheetKind; root: Box }, least: Least): Filled =>
	laid instanceof Filled && laid.isOf(least) ? laid : new Filled(laid.sheet, laid.root, least);

function roomsIn(box: Box, roomW: number, roomH: number, least: Least, into: Room[]): void {
	if (roomW * roomH - box.filled < least.area) return;
	if (roomW - box.w >= least.side) into.push({ w: roomW - box.w, h: roomH, beside: box, side: box.h, across: true });
	if (roomH - box.h >= least.side) into.push({ w: roomW, h: roomH - box.h, beside: box, side: box.w, across: false });
	const { first, second } = box;
	if (first === null || second === null) return;
	if (box.across) {
		roomsIn(first, roomW - second.w, roomH, least, into);
		roomsIn(second, roomW - first.w, roomH, least, into);
	} else {
		roomsIn(first, roomW, roomH - second.h, least, into);
		roomsIn(second, roomW, roomH - first.h, least, into);
	}
}

function bestOf(rooms: readonly Room[], { w, h, turn }: BlankKind, random: Random): Place {
	let lost = Infinity;
	let best: Room | null = null;
	let turned = false;
	for (const room of rooms) {
		const straight = lostIn(room, w, h);
		if (straight < lost && random() >= BLINK) {
			lost = straight;
			best = room;
			turned = false;
		}
		const across = turn ? lostIn(room, h, w) : Infinity;
		if (across < lost && random() >= BLINK) {
			lost = across;
			best = room;
			turned = true;
		}
	}
	return best === null ? NOWHERE : { lost, room: best, turned };
}

/** At the narrowest: beside the blank, above it, or where box and blank end. */
function lostIn(room: Room, w: number, h: number): number {
	if (w > room.w || h > room.h) return Infinity;
	return Math.min(room.w - w, room.h - h, Math.abs(room.side - (room.across ? h : w)));
}
