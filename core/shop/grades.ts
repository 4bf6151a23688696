/** The three grades, from the safest (handbook guard#grades). */

export type Grade = 'rare' | 'keep' | 'show';
/** What a material's table says; `never` is below every grade. */
export type Reach = Grade | 'never';

export const GRADES: readonly Grade[] = ['rare', 'keep', 'show'];

export const GRADE_NAMES: Readonly<Record<Grade, string>> = { rare: 'Rare', keep: 'Keep', show: 'Show' };

/** What is said of a grade: nothing is graded before sheet, layers and hold are decided. */
export function gradeSaid({ reached, known }: { reached: Grade | null; known: boolean }): string {
	if (!known) return 'not yet known';
	return reached === null ? 'none' : GRADE_NAMES[reached];
}

const RANK: Record<Reach, number> = { rare: 3, keep: 2, show: 1, never: 0 };

/** Whether a material or practice that reaches `reach` is good enough for `grade`. */
export function reaches(reach: Reach, grade: Grade): boolean {
	return RANK[reach] >= RANK[grade];
}
