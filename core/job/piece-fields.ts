/** Which readings and remarks belong to a kind of piece: a field that is not its own is not asked for. */
import type { PieceKind } from './kinds.ts';

export type PieceField = 'deckle' | 'bothSides' | 'cockle' | 'relief' | 'image' | 'fixative';

const SHEET: readonly PieceField[] = ['deckle', 'bothSides', 'cockle', 'relief', 'image', 'fixative'];

const FIELDS: Record<PieceKind, readonly PieceField[]> = {
	paper: SHEET,
	photograph: ['bothSides', 'cockle', 'image'],
	vellum: ['deckle', 'bothSides', 'cockle', 'relief', 'image', 'fixative'],
	panel: ['relief', 'fixative'],
	canvas: ['relief', 'fixative'],
	textile: ['bothSides', 'relief', 'image'],
	bone: ['relief', 'image'],
	object: ['relief']
};

/** @param written it stands in the file already, whatever its kind: what was typed is never hidden */
export function belongsTo(kind: PieceKind, field: PieceField, written: boolean): boolean {
	return written || FIELDS[kind].includes(field);
}
