/** A part to be cut, its size with what gives it: layers and holds say theirs, the cut list puts them together. */
import type { Cut } from '../figures/cut.ts';
import type { Lite } from '../figures/frame.ts';
import type { Term, TermSize } from '../rule/term.ts';

export type CutPart = Omit<Cut, 'width' | 'height' | 'high' | 'opening' | 'sides'> &
	TermSize & { high?: Term; opening?: TermSize; sides?: Record<keyof Lite, Term> };
export type AddCut = (part: CutPart) => void;
