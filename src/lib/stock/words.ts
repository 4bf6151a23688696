/** Grades as the catalogue says them. */
export const GRADE_WORDS: Record<string, string> = { rare: 'Rare', keep: 'Keep', show: 'Show', never: 'never' };
