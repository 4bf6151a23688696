/** How each kind of hold is made by hand: small drawings of our own, of no piece, in millimetres of a usual size. */
import { rectangle, type Scene, type Shape } from '../../figures/scene.ts';
import type { Point } from '../../geometry/shapes.ts';
import type { HoldKind } from '../../job/hold-kinds.ts';
import { hand } from './hands.ts';

const BOARD = '#e7e4da';
const SHEET = '#f6f1e2';
const TISSUE = '#ffffff';

/** `null`: words say it, or its step is drawn as it lies. */
const HANDS: Record<HoldKind, (() => Scene) | null> = {
	't-hinge': tHinge,
	'v-hinge': vHinge,
	'pass-through': passThrough,
	corners: cornerPocket,
	strips: edgeStrip,
	sling: null,
	'frame-lip': null,
	clips: null,
	stitching: null,
	brackets: null,
	ties: null,
	recess: null,
	conservator: null,
	'whole-surface': null
};

export const holdHandsScene = (kind: HoldKind): Scene | null => HANDS[kind]?.() ?? null;

const ring = (...places: [number, number][]): Point[] => places.map(([x, y]) => ({ x, y }));
const solid = (role: Shape['role'], fill: string, title: string, ...places: [number, number][]): Shape => ({
	role,
	rings: [ring(...places)],
	fill,
	title
});
const line = (role: Shape['role'], title: string, ...places: [number, number][]): Shape => ({
	role,
	open: true,
	rings: [ring(...places)],
	title
});

/** From the front, the sheet as if one saw through it. */
function tHinge(): Scene {
	return hand(
		'A T-hinge from the front: its lower end behind the sheet’s edge, its upper end on the board, the cross-piece over it',
		150,
		110,
		[
			{ role: 'backing', rings: [rectangle(0, 0, 150, 110)], fill: BOARD, title: 'Board behind' },
			{ role: 'sheet', rings: [rectangle(12, 58, 126, 52)], fill: SHEET, title: 'The sheet' },
			{ role: 'hinge', rings: [rectangle(58, 58, 34, 12)], fill: TISSUE, title: 'Lower end, pasted behind the sheet' },
			solid('clip', TISSUE, 'Upper end, on the board', [58, 20], [92, 20], [92, 58], [58, 58]),
			solid('clip', TISSUE, 'Cross-piece, pasted over it, clear of the sheet', [30, 34], [120, 34], [120, 54], [30, 54])
		]
	);
}

/** In section, board below. */
function vHinge(): Scene {
	return hand(
		'A V-hinge in section: folded, one half on the sheet’s back, the other on the board, hidden from the front',
		150,
		70,
		[
			{ role: 'layer', rings: [rectangle(0, 46, 150, 18)], fill: BOARD, hatch: 'board', title: 'Board behind' },
			{ role: 'layer', rings: [rectangle(34, 14, 116, 5)], fill: SHEET, title: 'The sheet' },
			line('wire', 'Tissue, folded: open towards the sheet’s middle', [86, 21], [40, 21], [36, 32], [40, 42], [86, 42]),
			{ role: 'tape', rings: [rectangle(52, 38, 48, 4)], title: 'Strip over the half on the board' }
		]
	);
}

/** In section, board below. */
function passThrough(): Scene {
	return hand('A hinge through the board in section: from the sheet’s back through the slot, spread and pasted behind', 150, 80, [
		{ role: 'layer', rings: [rectangle(0, 36, 68, 18)], fill: BOARD, hatch: 'board', title: 'Board behind' },
		{ role: 'layer', rings: [rectangle(76, 36, 74, 18)], fill: BOARD, hatch: 'board', title: 'Board behind' },
		{ role: 'layer', rings: [rectangle(58, 18, 92, 5)], fill: SHEET, title: 'The sheet' },
		line('wire', 'Tissue through the slot', [108, 25], [72, 25], [72, 58], [30, 58])
	]);
}

/** A corner from the front. */
function cornerPocket(): Scene {
	return hand(
		'A pocket from the front: the strip folded to a point behind the corner, a little room at its tip, tape over both ends on the board',
		150,
		110,
		[
			{ role: 'backing', rings: [rectangle(0, 0, 150, 110)], fill: BOARD, title: 'Board behind' },
			{ role: 'sheet', rings: [rectangle(28, 28, 122, 82)], fill: SHEET, title: 'The sheet’s corner' },
			solid('clip', TISSUE, 'Pocket over the corner', [24, 24], [74, 24], [24, 74]),
			line('cut-line', 'Its fold', [24, 74], [24, 24], [74, 24]),
			{ role: 'tape', rings: [rectangle(50, 8, 40, 22)], title: 'Tape, on strip and board' },
			{ role: 'tape', rings: [rectangle(8, 50, 22, 40)], title: 'Tape, on strip and board' }
		]
	);
}

/** In section, board below. */
function edgeStrip(): Scene {
	return hand('An edge strip in section: folded over the edge with a little room, its end taped to the board', 150, 70, [
		{ role: 'layer', rings: [rectangle(0, 46, 150, 18)], fill: BOARD, hatch: 'board', title: 'Board behind' },
		{ role: 'layer', rings: [rectangle(46, 30, 104, 5)], fill: SHEET, title: 'The sheet' },
		line('wire', 'Strip, folded over the edge', [80, 26], [40, 26], [40, 43], [80, 43]),
		line('wire', 'End, taped to the board', [40, 43], [8, 43]),
		{ role: 'tape', rings: [rectangle(2, 39, 26, 4)], title: 'Tape' }
	]);
}
