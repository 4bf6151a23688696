/** How the piece is held, as it was decided. */
import type { Size } from '../geometry/shapes.ts';
import type { Adhesive } from '../shop/holds.ts';
import type { HoldKind } from './hold-kinds.ts';

export type HoldChoice = {
	kind: HoldKind;
	adhesive: Adhesive;
	count: number | null;
	width: number | null;
	/** How far a hinge reaches onto the sheet. */
	contact: number;
	/** How far strips were asked to reach; null: as far as the window hides. */
	reach: number | null;
	/** Hinge centres from the sheet's left that were set by hand. */
	places: number[] | null;
	/** Room that pockets, strips or a sling were asked to leave. */
	slack: Partial<Size>;
	/** What a conservator chose: what was used, by whom, when, how it comes off. */
	chosen: { used: string; by: string; on: string; release: string };
	/** The board that hinges hang it from. */
	from: 'under-mat' | 'window-mat';
};
