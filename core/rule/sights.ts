/** Each piece in its window with its figures, whether it stands alone or among several: what rules and drawings walk over. */
import type { Piece } from '../job/decide-piece.ts';
import type { WindowChoice } from '../job/decide-window.ts';
import type { Size } from '../geometry/shapes.ts';
import { each } from '../units/one-or-each.ts';
import type { Measure } from '../figures/measure.ts';
import { openingsOf, type PlacedOpening } from '../figures/window.ts';
import type { Hold } from '../figures/hold.ts';
import type { Figures } from '../figures.ts';
import type { Decided } from '../job/decided.ts';
import { nth } from '../units/there.ts';

export type Sight = {
	index: number;
	/** `null` while it stands alone; else `2` for the second. */
	number: number | null;
	piece: Piece;
	choice: WindowChoice;
	measure: Measure;
	movement: Size;
	opening: PlacedOpening;
	hold: Hold | undefined;
};

/** @returns none while there is no window yet */
export function sightsOf(job: Decided, plan: Figures): Sight[] {
	if (!plan.window) return [];
	const [measures, movements, holds] = [each(plan.measure), each(plan.movement), each(plan.hold)];
	const openings = openingsOf(plan.window);
	const several = plan.window.openings !== undefined;
	return openings.map((opening, index) => ({
		index,
		number: several ? index + 1 : null,
		piece: nth(job.pieces, index),
		choice: nth(job.windows, index),
		measure: nth(measures, index),
		movement: nth(movements, index),
		opening,
		hold: holds[index]
	}));
}

/**
 * A path or an expression that is written for a single window, for one of several: `window.overlap.left` →
 * `window.openings[1].overlap.left`, `measure.usable` → `measure[1].usable`, `job.piece` → `job.pieces[1]`.
 */
export function named(number: number | null, text: string): string {
	if (number === null) return text;
	const at = number - 1;
	return text
		.replace(/\bjob\.piece\./g, `job.pieces[${at}].`)
		.replace(/\bjob\.window\./g, `job.windows[${at}].`)
		.replace(/(^|[^.\w])(measure|movement|hold)\./g, `$1$2[${at}].`)
		.replace(/(^|[^.\w])window\.(?!mats|pack|openings)/g, `$1window.openings[${at}].`);
}

/** `Window 2: ` before a sentence about one of several. */
export function which({ number }: Pick<Sight, 'number'>): string {
	return number === null ? '' : `Window ${number}: `;
}
