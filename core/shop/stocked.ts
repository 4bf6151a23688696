/** What every material of the catalogue carries beside its figures. */

export type Stocked = {
	/** Price for a square metre (tapes, mouldings, wires: a metre; tissues: a sheet; rings, hooks: one), cents; null where the shop has not set one. */
	pricePerM2: number | null;
	/** Where a figure comes from; what is not named is a working value of the handbook. */
	sources: Readonly<Record<string, string>>;
	/** Figures that nobody has given: careful values stand in for them (findings#material.unknown). */
	unknown: readonly string[];
	/** Kept for the jobs that use it, offered no longer. */
	withdrawn: boolean;
	/** The shop added it. */
	own: boolean;
};

/** A material of the handbook with all its figures. */
export const AS_IT_COMES: Omit<Stocked, 'pricePerM2'> = { sources: {}, unknown: [], withdrawn: false, own: false };

/** What a job is offered of a list: nothing that was withdrawn, but what it holds already. */
export function offered<T extends Stocked & { id: string }>(list: Readonly<Record<string, T>>, chosen?: string | null): T[] {
	return Object.values(list).filter((one) => !one.withdrawn || one.id === chosen);
}
