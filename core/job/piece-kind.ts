/** Another kind of piece: what was decided for the old kind and can't be for the new one is left to the house again. */
import type { PieceKind } from './kinds.ts';
import type { JobFile } from './definition.ts';
import { supportsOf } from '../shop/supports.ts';
import { drop, put, type Operation } from './patch.ts';

/** Kinds that are held and framed alike. */
const ALIKE: Record<PieceKind, 'sheet' | 'stiff' | 'textile' | 'object'> = {
	paper: 'sheet',
	photograph: 'sheet',
	vellum: 'sheet',
	bone: 'sheet',
	panel: 'stiff',
	canvas: 'stiff',
	textile: 'textile',
	object: 'object'
};

export function putPieceKind(file: JobFile, kind: PieceKind): Operation[] {
	const [from, to] = [ALIKE[file.piece?.kind ?? 'paper'], ALIKE[kind]];
	const { support } = file.piece ?? {};
	const unfit = support !== undefined && !supportsOf(kind).includes(support) ? drop(file, ['piece', 'support']) : [];
	const patch = [...put(file, ['piece', 'kind'], kind), ...unfit];
	if (from === to) return patch;
	// Stiff pieces and objects go without a mat unless one is wanted; what goes back to a sheet has the house's again.
	const mats = to === 'stiff' || to === 'object' || file.mats?.length === 0 ? drop(file, ['mats']) : [];
	const points = file.frame?.points === 'offset-clips' ? drop(file, ['frame', 'points']) : [];
	return [...patch, ...drop(file, ['hold']), ...mats, ...points, ...drop(file, ['window', 'way'])];
}
