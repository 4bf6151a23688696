/**
 * How far a hung picture leans at its wall (handbook hang#lean): what it hangs by stands its top off, bumpers its bottom.
 *
 *   lean = atan((stand-off at the hangers − bumper) / distance between them); + where the top stands farther out
 */
import type { Hang } from '../../figures/hang.ts';
import { angleOf, at, houseTerms, largest, less, over, plain, type Term } from '../../rule/term.ts';
import { HANGERS } from './kinds/all.ts';
import { insetOf, type Hangs, type Planned } from './places.ts';

/** Bumpers at the two lower corners; with four, at the upper ones too. */
const ALL_CORNERS = 4;

/** @returns nothing for what does not hang */
export function leanOf(hangs: Hangs, { by, drop }: Planned): Pick<Hang, 'lean'> {
	const { standsOff, levels } = HANGERS[by];
	if (!standsOff) return {};
	const { job, outer, shop, write } = hangs;
	const { bumpers, bumperHeight } = job.back;
	const bumper = bumpers > 0 ? at('job.back.bumperHeight', bumperHeight) : plain(0);
	const hanger = houseTerms(shop.house)(standsOff);
	const top = bumpers === ALL_CORNERS ? largest(hanger, bumper) : hanger;
	const bottom: Term = levels ? largest(hanger, bumper) : bumper;
	const between = less(outer.height, at('hang.drop', drop), insetOf(hangs));
	// Rings at the very bottom: nothing below them to lean on.
	if (between.value <= 0) return {};
	return { lean: write('lean', angleOf(over(less(top, bottom), between)), 'lean').value };
}
