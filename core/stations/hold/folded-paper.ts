/** What pockets and strips are folded from: polyester at a photograph, un-buffered paper where alkali harms (handbook hold#corners). */
import type { Decided } from '../../job/decided.ts';

const FILM = { id: 'polyester-film', said: 'polyester film' } as const;
const UNBUFFERED = { id: 'unbuffered-paper', said: 'unbuffered paper' } as const;
const ALKALINE = { id: 'alkaline-paper', said: 'alkaline paper' } as const;

export function foldedFrom({ piece }: Pick<Decided, 'piece'>): { id: string; said: string } {
	if (piece.kind === 'photograph') return FILM;
	return piece.proteinOrDye ? UNBUFFERED : ALKALINE;
}
