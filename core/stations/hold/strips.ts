/**
 * Edge strips and slings: folded paper along the sheet's edges, no adhesive on it. They touch, they don't press (handbook hold#strips).
 * Strips run along the bottom and both sides; a sling carries the bottom, and a third of both sides keeps the sheet from sliding out.
 */
import type { Write } from '../../rule/book.ts';
import type { SideName } from '../../geometry/shapes.ts';
import type { Readings } from '../../job/decide-piece.ts';
import { there } from '../../units/there.ts';
import type { House } from '../../shop/house.ts';
import type { Opening } from '../../figures/window.ts';
import type { Strip } from '../../figures/hold.ts';
import type { Decided } from '../../job/decided.ts';
import { at, houseTerms, largest, less, plain, smallest, sum, times, type Term, type TermSize } from '../../rule/term.ts';

/** How far a strip may reach at a side and stay hidden: overlap − 1. */
function hiddenReachOf({ overlap }: Opening, side: SideName, house: House): Term {
	const covered = at(`window.overlap.${side}`, there(overlap, 'overlap')[side]);
	return largest(plain(0), less(covered, houseTerms(house)('pocketBehind')));
}

export function hiddenReach(opening: Opening, side: SideName, house: House): number {
	return hiddenReachOf(opening, side, house).value;
}

/** @param readings the sheet's own sides: a strip is as long as the edge that it lies on */
export function planStrips(
	job: Decided,
	of: House,
	{ readings, opening }: { readings: Readings; opening: Opening },
	write: Write
): Strip[] {
	const house = houseTerms(of);
	const asked = job.hold.reach;
	return (['bottom', 'left', 'right'] as const).map((side, index): Strip => {
		const edge = at(`job.piece.readings.${side}`, readings[side]);
		const length = side !== 'bottom' && job.hold.kind === 'sling' ? times(edge, house('slingShare')) : edge;
		const reach = asked === null ? smallest(house('stripReach'), hiddenReachOf(opening, side, of)) : at('job.hold.reach', asked);
		return {
			side,
			length: write(`strips[${index}].length`, length, 'strips').value,
			reach: write(`strips[${index}].reach`, reach, 'strips').value
		};
	});
}

/** Each is folded from a strip as wide as its reach and what lies behind the sheet. */
export function stripBlank(path: string, { length, reach }: Strip, house: House): TermSize {
	return { width: at(`${path}.length`, length), height: sum(at(`${path}.reach`, reach), houseTerms(house)('stripBehind')) };
}
