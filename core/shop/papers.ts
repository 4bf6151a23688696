/** Papers that cover a back (handbook back#dust-cover). */
export type DustCoverPaper = { id: string; name: string; grammage: number };

export const DUST_COVERS: readonly DustCoverPaper[] = [
	{ id: 'dust-cover-paper', name: 'Dust-cover paper, 80 g/m²', grammage: 80 },
	{ id: 'dust-cover-paper-heavy', name: 'Dust-cover paper, 120 g/m²', grammage: 120 }
];

/** On a larger frame the heavier one. */
export function dustCoverFor(longest: number, heavyFrom: number): string {
	return longest > heavyFrom ? 'dust-cover-paper-heavy' : 'dust-cover-paper';
}
