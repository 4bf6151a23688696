/** Station Hold: what carries the piece, where it comes, which edges it fixes, and how much room it leaves (handbook hold). */
import type { Size } from '../../geometry/shapes.ts';
import type { Piece } from '../../job/decide-piece.ts';
import { isFolded, isHinge } from '../../job/decide-hold.ts';
import type { Decided } from '../../job/decide.ts';
import type { WindowChoice } from '../../job/decide-window.ts';
import type { Shop } from '../../shop/shop.ts';
import { receiveUp } from '../../units/round.ts';
import { pocketLeg } from './corners.ts';
import { edgeCounts, evenPlaces } from './edge-points.ts';
import { planHinges } from './hinges.ts';
import { planStrips } from './strips.ts';
import type { Measure } from '../../figures/measure.ts';
import type { PlacedOpening } from '../../figures/window.ts';
import type { Hold, Hinges } from '../../figures/hold.ts';

export type HoldInput = { measure: Measure; movement: Size; opening: PlacedOpening; choice: WindowChoice; pack: Size };

/** What all kinds share. */
type Shared = Pick<Hold, 'kind' | 'inset' | 'tissue' | 'sheetGrams' | 'loadKPa' | 'workingKPa' | 'dryMinutes'>;

/** @throws FaultError for places that do not lie on the sheet, or meet */
export function planHold(job: Decided, piece: Piece, shop: Shop, before: HoldInput): Hold {
	const hold = planKind(job, piece, shop, before);
	const bulge = bulgeOf(hold, before);
	return bulge ? { ...hold, bulge } : hold;
}

function planKind(job: Decided, piece: Piece, shop: Shop, before: HoldInput): Hold {
	const { kind } = job.hold;
	const shared: Shared = {
		kind,
		inset: 0,
		tissue: null,
		sheetGrams: gramsOf(before.measure, piece),
		loadKPa: 0,
		workingKPa: 0,
		dryMinutes: 0
	};
	if (isHinge(kind)) return hinged(shared, planHinges(job, shop, before.measure, before.opening.placement.top), job, piece, shop);
	if (isFolded(kind)) return folded(shared, job, piece, shop, before);
	if (kind === 'clips') return clipped(shared, job, shop, before);
	if (kind === 'stitching') return stitched(shared, shop, before);
	if (kind === 'whole-surface') return stuckDown(shared, job, shop, before.measure);
	// The lip holds it, or a conservator says what does: nothing is made for it here.
	return { ...shared, count: 0, places: [], size: { width: 0, height: 0 }, fixed: [] };
}

function hinged(shared: Shared, hinges: Hinges, job: Decided, piece: Piece, shop: Shop): Hold {
	const { adhesive } = job.hold;
	const { house } = shop;
	const { others, ...top } = hinges;
	const carrying = top.places.length;
	return {
		...shared,
		...top,
		count: carrying + others.reduce((sum, { places }) => sum + places.length, 0),
		tissue: adhesive.family === 'paste' ? tissueFor(piece.grammage, shop.tissues) : null,
		// Grams × gravity are millinewtons; over mm² they are kilopascals. Those of the other edges carry nothing.
		loadKPa: (shared.sheetGrams * house.gravity) / (carrying * top.size.width * top.size.height),
		workingKPa: adhesive.loadKPa,
		dryMinutes: adhesive.dryMinutes,
		fixed: ['top', ...others.map(({ side }) => side)],
		...(others.length > 0 ? { others } : {})
	};
}

/** Nothing sticks to the sheet, so nothing is loaded and nothing dries. */
function folded(shared: Shared, job: Decided, piece: Piece, shop: Shop, before: HoldInput): Hold {
	const { kind, slack } = job.hold;
	const room = (axis: keyof Size) => slack[axis] ?? receiveUp(before.movement[axis], job.step);
	const common = { ...shared, places: [], fixed: [], slack: { width: room('width'), height: room('height') } };
	if (kind === 'corners') {
		const leg = job.hold.width ?? pocketLeg(before.opening, before.choice.shape, before.measure.mean, shop.house);
		return { ...common, count: 4, size: { width: leg, height: leg } };
	}
	const strips = planStrips(job, shop.house, { readings: piece.readings!, opening: before.opening });
	return { ...common, count: strips.length, size: { width: strips[0]!.length, height: strips[0]!.reach }, strips };
}

/** A stiff piece: clips at its edges in the frame, or patches behind it on the support of a float, so that nothing shows at its edge. */
function clipped(shared: Shared, job: Decided, { house }: Shop, { measure: { mean }, choice }: HoldInput): Hold {
	const counts = edgeCounts(mean, house);
	const sides = evenPlaces(mean.height, counts.side);
	const behind = choice.way === 'float';
	return {
		...shared,
		count: 2 * (counts.top + counts.side),
		places: evenPlaces(mean.width, counts.top),
		size: behind ? { width: house.patch, height: house.patch } : { width: house.hingeWidth, height: house.hingeContact },
		...(behind ? { patchInside: house.patchInside } : {}),
		workingKPa: job.hold.adhesive.loadKPa,
		dryMinutes: behind ? Math.max(job.hold.adhesive.dryMinutes, house.supportDryMinutes) : job.hold.adhesive.dryMinutes,
		fixed: [],
		others: [
			{ side: 'right', places: sides },
			{ side: 'bottom', places: evenPlaces(mean.width, counts.top) },
			{ side: 'left', places: sides }
		]
	};
}

/** Sewn along its edges to a board covered with cloth. */
function stitched(shared: Shared, { house }: Shop, { measure, pack }: HoldInput): Hold {
	const along = (length: number) => Math.max(2, Math.ceil(length / house.stitchEach - 1e-9));
	const turn = 2 * house.clothTurn;
	return {
		...shared,
		count: 2 * (along(measure.mean.width) + along(measure.mean.height)),
		places: [],
		size: { width: house.stitchLong, height: 0 },
		fixed: ['top', 'right', 'bottom', 'left'],
		cloth: { width: pack.width + turn, height: pack.height + turn },
		stitchSpacing: house.stitchEach
	};
}

/** Its whole back sticks. */
function stuckDown(shared: Shared, job: Decided, { house }: Shop, { mean }: Measure): Hold {
	const { adhesive } = job.hold;
	return {
		...shared,
		count: 1,
		places: [],
		size: { ...mean },
		loadKPa: (shared.sheetGrams * house.gravity) / (mean.width * mean.height),
		workingKPa: adhesive.loadKPa,
		dryMinutes: Math.max(adhesive.dryMinutes, house.boardDryMinutes),
		fixed: ['top', 'right', 'bottom', 'left']
	};
}

function gramsOf({ mean }: Measure, piece: Piece): number {
	return (mean.width * mean.height * piece.grammage) / 1e6;
}

/** The lightest tissue of at least a tenth of the sheet's weight, and never above half of it: the hinge must tear before the sheet. */
export function tissueFor(grammage: number, tissues: readonly number[]): number | null {
	const chosen = tissues.find((weight) => weight >= grammage / 10) ?? tissues.at(-1)!;
	return chosen <= grammage / 2 ? chosen : null;
}

/** Axes along which the sheet is held at both ends by what can't give, and by how much it is short of room. */
export function heldShort(hold: Pick<Hold, 'kind' | 'fixed' | 'slack'>, movement: Size): Partial<Size> {
	const short: Partial<Size> = {};
	for (const [axis, one, other] of [
		['width', 'left', 'right'],
		['height', 'top', 'bottom']
	] as const) {
		const by = hold.slack ? movement[axis] - hold.slack[axis] : movement[axis];
		// Stitches give with the cloth, and what is stuck down whole moves with its board.
		const held = hold.slack || (isHinge(hold.kind) && hold.fixed.includes(one) && hold.fixed.includes(other));
		if (held && by > 1e-6) short[axis] = by;
	}
	return short;
}

/** h = (2/π) √(m L): a sheet held on opposite sides that wants to grow by m over its length L (handbook hold#bulge). */
function bulgeOf(hold: Hold, { measure, movement }: HoldInput): Partial<Size> | null {
	const short = heldShort(hold, movement);
	const entries = Object.entries(short) as [keyof Size, number][];
	if (entries.length === 0) return null;
	return Object.fromEntries(entries.map(([axis, by]) => [axis, (2 / Math.PI) * Math.sqrt(by * measure.mean[axis])]));
}
