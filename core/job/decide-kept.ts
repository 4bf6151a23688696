/** What came with a frame that is there: kept as it is, counted as what it is, and bought or cut no second time. */
import type { Size } from '../geometry/shapes.ts';
import type { Board } from '../shop/boards.ts';
import type { Glazing } from '../shop/glazing.ts';
import type { Shop } from '../shop/shop.ts';
import type { Job } from './definition.ts';
import type { Fault } from './faults.ts';
import { KEPT_IN_PLACE, NOT_KNOWN, type CameWith, type FASTENERS, type HangerKind } from './kinds.ts';
import { known } from '../units/there.ts';
import { material } from './material.ts';
import { SCOPE_OF } from './scopes.ts';
import { valueAt } from './patch.ts';

/** A pane or a board: its own thickness where it was measured; nobody knows its kind. */
export type KeptPart = { thickness: number | null; unknown: boolean };

export type Kept = {
	/** Its size where somebody measured it, axis by axis. */
	glazing: (KeptPart & { size: Record<keyof Size, number | null> | null }) | null;
	/** With what the catalogue says of its board. */
	back: (KeptPart & { listedThickness: number; listedMassPerM2: number }) | null;
	/** null: not counted yet. */
	points: { kind: (typeof FASTENERS)[number] | null; count: number | null } | null;
	hangers: HangerKind | null;
	/** Where they are on the back, as measured from the top and from the sides: a cover is slit there. */
	hangersAt: { drop: number; inset: number | null } | null;
	/** What leaves the frame. */
	replaced: ReadonlySet<CameWith>;
};

/** A frame that nobody here makes: the customer's, one bought whole, or the one that a job for a back or a hanging is about. */
export function frameIsThere(job: Pick<Job, 'frame' | 'scope'>): boolean {
	const { kind, joined, opening } = job.frame ?? {};
	return (
		kind === 'ready-made' || (kind === 'metal' && (joined ?? opening !== undefined)) || !SCOPE_OF[job.scope ?? 'whole'].window
	);
}

const NOTHING: Kept = { glazing: null, back: null, points: null, hangers: null, hangersAt: null, replaced: new Set() };

export function decideKept(job: Job, shop: Shop, faults: Fault[]): Kept {
	const { kept = {}, replaced = [] } = job.frame ?? {};
	if (job.frame?.kept === undefined && replaced.length === 0) return NOTHING;
	if ((Object.keys(kept).length > 0 || replaced.length > 0) && !frameIsThere(job))
		faults.push({
			path: Object.keys(kept).length > 0 ? 'frame.kept' : 'frame.replaced',
			says: 'Only an existing frame comes with parts. Choose kind ready-made or joined metal, or remove it.'
		});
	for (const [stays, path] of KEPT_IN_PLACE)
		if (valueAt(job, stays.split('.')) !== undefined && valueAt(job, path.split('.')) !== undefined)
			faults.push({ path, says: `The part that came with the frame stays here. Remove this, or take ${stays} out.` });
	for (const [index, part] of replaced.entries()) {
		const stays = part === 'mat' ? job.mats?.some(({ have }) => have !== undefined) : kept[part] !== undefined;
		if (stays)
			faults.push({
				path: `frame.replaced[${index}]`,
				says: `The ${part} can’t both stay and be replaced. Remove one of the two.`
			});
	}
	const metal = job.frame?.kind === 'metal';
	if (kept.points?.kind !== undefined && (kept.points.kind === 'clips') !== metal)
		faults.push({
			path: 'frame.kept.points.kind',
			says: metal
				? 'Spring clips hold the pack in a metal section: choose clips.'
				: 'Spring clips are for metal sections. Choose points.'
		});
	const { width = null, height = null } = kept.glazing?.size ?? {};
	const size = kept.glazing?.size ? { width, height } : null;
	const { drop, inset } = kept.hangersAt ?? {};
	return {
		glazing: kept.glazing ? { ...partOf(kept.glazing.kind, kept.glazing.thickness), size } : null,
		back: kept.back ? { ...partOf(kept.back.board, kept.back.thickness), ...listed(kept.back.board, shop) } : null,
		points: kept.points ? { kind: kept.points.kind ?? null, count: kept.points.count ?? null } : null,
		hangers: kept.hangers ?? null,
		hangersAt: kept.hangers && drop !== undefined ? { drop, inset: inset ?? null } : null,
		replaced: new Set(replaced)
	};
}

/** What the catalogue says of a board, a missing one apart: that is a fault of its own. */
function listed(board: string | undefined, { boards }: Shop) {
	const { thickness, massPerM2 } = boards[board ?? UNKNOWN_BACK] ?? known(boards, UNKNOWN_BACK);
	return { listedThickness: thickness, listedMassPerM2: massPerM2 };
}

function partOf(id: string | undefined, thickness: number | undefined): KeptPart {
	return { thickness: thickness ?? null, unknown: id === undefined || id === NOT_KNOWN };
}

/** Taken as the kind that keeps least light out and weighs most. */
const UNKNOWN_GLAZING = 'glass';
/** Taken as what harms most. */
const UNKNOWN_BACK = 'hardboard';

/** The pane that stays, as thick as it was measured. */
export function keptGlazing(job: Job, shop: Shop, faults: Fault[]): Glazing | null {
	const kept = job.frame?.kept?.glazing;
	if (!kept) return null;
	const { unknown, thickness } = partOf(kept.kind, kept.thickness);
	const id = unknown ? UNKNOWN_GLAZING : (kept.kind ?? UNKNOWN_GLAZING);
	const pane = material(shop.glazings, id, 'frame.kept.glazing.kind', 'glazing', faults);
	if (!pane) return pane;
	if (pane.family === 'none')
		faults.push({
			path: 'frame.kept.glazing.kind',
			says: 'The frame has no glazing to keep. Take it out of frame.kept.'
		});
	return {
		...pane,
		...(thickness === null ? {} : { thickness, bendsAs: pane.bendsAs === pane.thickness ? thickness : pane.bendsAs }),
		...(unknown ? { name: 'Glazing of unknown kind', unknown: ['uvStoppedPercent', 'densityKgM3'] } : {})
	};
}

/** The back that stays: a thicker one of its kind weighs more. */
export function keptBack(job: Job, shop: Shop, faults: Fault[]): Board | null {
	const kept = job.frame?.kept?.back;
	if (!kept) return null;
	const { unknown, thickness } = partOf(kept.board, kept.thickness);
	const board = material(
		shop.boards,
		unknown ? UNKNOWN_BACK : (kept.board ?? UNKNOWN_BACK),
		'frame.kept.back.board',
		'board',
		faults
	);
	if (!board) return board;
	return {
		...board,
		...(thickness === null ? {} : { thickness, massPerM2: (board.massPerM2 * thickness) / board.thickness }),
		...(unknown ? { name: 'Backing board of unknown kind', unknown: ['touch'] } : {})
	};
}
