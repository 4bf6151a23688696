/** What a job takes ready from the shelf: named in the job, and held for it while the shelf has such a thing (handbook frame#shelf). */
import type { ShelfItem, ShelfKind } from '../shop/shelf.ts';
import type { JobFile } from './definition.ts';

export type Claim = {
	/** Where the job names it. */
	path: string;
	/** As the shelf calls it. */
	name: string;
	what: ShelfKind;
	/** Of a stick: the rails' moulding. */
	moulding: string | null;
};

type Named = {
	frame?: Pick<NonNullable<JobFile['frame']>, 'moulding' | 'ready'>;
	mats?: readonly { have?: { ready?: string } }[];
};

/** @returns none twice: what is named in two places is one thing */
export function claimsOf({ frame, mats = [] }: Named): Claim[] {
	const named = [
		{
			path: 'frame.ready',
			name: frame?.ready,
			what: frame?.moulding === undefined ? ('frame' as const) : ('stick' as const),
			moulding: frame?.moulding ?? null
		},
		...mats.map(({ have }, index) => ({
			path: `mats[${index}].have.ready`,
			name: have?.ready,
			what: 'mat' as const,
			moulding: null
		}))
	];
	const seen = new Set<string>();
	return named.flatMap(({ name, ...claim }) => {
		const called = name?.trim() ?? '';
		if (called === '' || seen.has(called)) return [];
		seen.add(called);
		return [{ ...claim, name: called }];
	});
}

/** What the shelf has under that name, if it is what the job wants: a name that stayed behind when the job changed holds nothing. */
export function claimed(claim: Claim, shelf: readonly ShelfItem[]): ShelfItem | null {
	const item = shelf.find(({ name }) => name === claim.name);
	if (!item || item.kind !== claim.what) return null;
	return item.kind !== 'stick' || item.moulding === claim.moulding ? item : null;
}
