/** A metal section is a kit: two pairs of rails, corner plates, clips, hangers (handbook frame#metal). */
import type { Size } from '../../geometry/shapes.ts';
import type { House } from '../../shop/house.ts';
import { MM_PER_INCH } from '../../units/length.ts';
import { showNearest } from '../../units/round.ts';
import { showWithUnit } from '../../units/show.ts';
import type { Pack } from '../../figures/pack.ts';
import type { Points, KitPart } from '../../figures/frame.ts';
import type { Figure } from '../../rule/book.ts';
import { at, plain, type Term, type TermSize } from '../../rule/term.ts';
import { isSame } from '../../units/compare.ts';

/** One pair for the width, one for the height; each corner takes a plain plate and one with screws. */
export function kitOf(pack: TermSize, points: Points, figure: Figure): KitPart[] {
	const parts: { part: string; count: Term; size?: Term }[] = [
		{ part: 'pair of rails, across', count: plain(1), size: pack.width },
		{ part: 'pair of rails, down', count: plain(1), size: pack.height },
		{ part: 'corner plate, plain', count: plain(4) },
		{ part: 'corner plate, with screws', count: plain(4) },
		{ part: 'spring clip', count: at('frame.points.total', points.total) },
		{ part: 'hanger', count: plain(2) }
	];
	return parts.map(({ part, count, size }, index) => {
		const write = (name: string, term: Term) => figure(`frame.kit[${index}].${name}`, term, 'frame#metal').value;
		return { part, count: write('count', count), ...(size ? { size: write('size', size) } : {}) };
	});
}

/** A pair by the name that it is sold under: `22 in`, `27½ in`, `520 mm`. */
export function pairName(size: number, pairStep: number): string {
	const halves = (2 * pairStep) / MM_PER_INCH;
	const byInches = isSame(halves, showNearest(halves, 1));
	return showWithUnit(size, byInches ? 'in' : 'mm', 'mark');
}

/** The rail that closes the frame over the pack: a long one, or by the other school the bottom one where that is short. */
export function closingRail(outer: Size, school: string | undefined): 'bottom' | 'right' {
	return school === 'bottom' || outer.width >= outer.height ? 'bottom' : 'right';
}

/** So little room is left in the channel that no spring clip goes in: a shim of card holds the pack (handbook frame#metal). */
export function isShimmed({ pack }: { pack?: Pack }, { clipLeast }: House): boolean {
	return (pack?.clearance ?? 0) < clipLeast;
}
