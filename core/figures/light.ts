/** Figures of light: how long until a piece has changed visibly, an estimate. */
import type { RoomId } from '../shop/places.ts';

export type Doubling = { years: number } & (
	| { by: 'glazing'; glazing: string }
	| { by: 'place'; room: RoomId }
	| { by: 'months'; monthsPerYear: number }
	| { by: 'hours'; share: number }
	| { by: 'lux'; share: number }
);

export type Light = Faded & {
	/** Class 1 to 8 of the most fugitive part. */
	fade: number;
	byGlazing: ({ glazing: string } & Faded)[];
	/** Faster with the place's UV than without, times; up to 1.3 UV glazing hardly helps. */
	uvShare: number;
	/** The smallest change of each kind that at least doubles the years, the least trouble first. */
	doubling: Doubling[];
};

/** Exposure of a year behind a glazing, and what it comes to. */
export type Faded = {
	/** Lux hours a year behind the glazing. */
	yearly: number;
	/** Million lux hours to a just noticeable fade in this light. */
	doseMlxh: number;
	/** Years to a just noticeable fade; null where no light falls. */
	years: number | null;
	/** How many times the yearly budget is used. */
	budget: number;
};
