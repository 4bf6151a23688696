/** A sheet that sheds is fixed: a fixative is on it, or the job has it fixed as its first step (handbook schools#friable). */
import type { Decided } from './decided.ts';

export function isFixed({ piece, schools }: Pick<Decided, 'piece' | 'schools'>): boolean {
	return piece.fixative !== null || schools['friable'] === 'fix';
}
