/** A lite, or a board, that lies in the rack in the very size that a part wants: nothing is cut for it (handbook cut#stock). */
import { isNothing } from '../units/round.ts';
import type { InStock } from './offer.ts';
import type { PartWanted } from './parts.ts';

/** @returns a line with as many free as are wanted, upright or turned where it may be turned; null where there is none */
export function asItLies(part: PartWanted, stock: readonly InStock[]): InStock | null {
	if (part.from !== 'sheet') return null;
	return (
		stock.find(
			({ material, colour, width, height, free }) =>
				material === part.material &&
				(part.colour === '' || colour === part.colour) &&
				free >= part.count &&
				((isNothing(width - part.width) && isNothing(height - part.height)) ||
					(part.turn && isNothing(width - part.height) && isNothing(height - part.width)))
		) ?? null
	);
}
