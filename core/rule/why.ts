/** `why` maps a plan path to the expression that gives it and to the paragraph of the handbook that it comes from. */
import type { FigureUnit } from '../units/figures.ts';

export type Explanation = { of: string; source: string; /** As data: nothing guesses it from the path. */ unit: FigureUnit };
export type Why = Record<string, Explanation>;
