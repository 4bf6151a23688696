/**
 * Cheaper materials for a job that stays at its grade: place by place, the dearest saving first, each taken only if nothing new stops the
 * grade, no caution is added and it fits its frame as before (handbook cut#cost). No place is left empty that protects the piece.
 */
import { put, patched, type Operation } from '../job/patch.ts';
import type { JobFile } from '../job/definition.ts';
import type { Grade } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import type { Unit } from '../units/length.ts';
import { labelOf, mayStand, stateOf, type State } from './cheapest.ts';
import { SLOTS, slotsOf, type Option, type Slot } from './slots.ts';

export type Cheaper = {
	patch: Operation[];
	/** What stands there instead, as it is said. */
	changes: string[];
};

/** @returns changes that save something; none where each place has its cheapest */
export function cheaperAt(file: JobFile, shop: Shop, grade: Grade, reads?: Unit): Cheaper {
	const start = stateOf(file, shop, grade, reads);
	const found: Cheaper = { patch: [], changes: [] };
	if (!start || start.stops.length > 0) return found;
	let state = start;
	for (const slot of slotsOf({ job: start.job })) {
		const better = cheapestOf(state, slot, shop, grade);
		if (!better) continue;
		state = better.state;
		found.patch.push(...better.option.patch);
		found.changes.push(labelOf(slot, better.option.id, better.option.name));
	}
	return found;
}

function cheapestOf(state: State, slot: Slot, shop: Shop, grade: Grade): { option: Option; state: State } | null {
	const context = { file: state.file, job: state.job, shop, plan: state.figures, grade };
	const { options, chosen } = SLOTS[slot.name];
	const held = chosen(context, slot.index ?? 0);
	if (held === null) return null;
	const others = options(context, slot.index ?? 0).filter(
		({ id }) => id !== null && id !== 'none' && id !== held && mayStand(context, slot, id)
	);
	return others.reduce<{ option: Option; state: State } | null>((best, option) => {
		const next = stateOf(patched(state.file, option.patch), shop, grade, state.job.reader.unit);
		const stands = next && next.stops.length === 0 && next.fit <= state.fit && next.cautions <= state.cautions;
		return stands && next.cents < (best?.state ?? state).cents ? { option, state: next } : best;
	}, null);
}

/** The same job aimed at another grade. */
export const aimedAt = (file: JobFile, grade: Grade): Operation[] => put(file, ['aim'], grade);
