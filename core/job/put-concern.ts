/** A concern ticked or unticked: what a conservator wrote before is of those that stood then (handbook intake#concerns). */
import type { ConcernId } from '../shop/concerns.ts';
import type { JobFile } from './definition.ts';
import { drop, put, type Operation } from './patch.ts';

export function putConcern(file: JobFile, concern: ConcernId, on: boolean): Operation[] {
	const { concerns = [], conservator } = file.piece ?? {};
	const others = concerns.filter((one) => one !== concern);
	if (!on) {
		const of = conservator?.of?.filter((one) => one !== concern);
		return [
			...put(file, ['piece', 'concerns'], others),
			...(of === undefined ? [] : put(file, ['piece', 'conservator', 'of'], of))
		];
	}
	const isWritten = Boolean(conservator?.finding?.trim());
	return [
		...put(file, ['piece', 'concerns'], [...others, concern]),
		...(isWritten && conservator?.of === undefined ? put(file, ['piece', 'conservator', 'of'], others) : [])
	];
}

/** The finding covers all that is ticked now. */
export function coverAll(file: JobFile): Operation[] {
	return drop(file, ['piece', 'conservator', 'of']);
}
