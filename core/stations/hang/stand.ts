/**
 * A leg that opens behind the frame, so that it stands on a table (handbook hang#stand).
 *
 *        ╲ ← frame, leaning back by `lean`
 *    H ───╳      leg from its hinge, opened by `opens` from the frame’s back as far as its ribbon lets it
 *          ╲╲
 *    ───────╲─╲─── foot behind the frame’s lower edge
 */
import type { Stand } from '../../figures/hang.ts';
import { at, cosine, half, houseTerms, less, over, root, sine, smallest, sum, times } from '../../rule/term.ts';
import type { Hangs } from './places.ts';

export function standOf({ outer, shop, write }: Hangs): Stand {
	const house = houseTerms(shop.house);
	const [lean, opens] = [house('standLean'), house('standOpens')];
	const hinge = write('stand.hinge', times(outer.height, house('standHingeShare')), 'stand');
	const upright = less(opens, lean);
	const reach = times(hinge, cosine(lean));
	// Folded it stays inside the back: no longer than its hinge is high, and then it opens less.
	const longest = half(sum(hinge, reach));
	const leg = write('stand.leg', smallest(over(reach, cosine(upright)), longest), 'stand');
	const foot = write('stand.foot', sum(times(hinge, sine(lean)), root(less(times(leg, leg), times(reach, reach)))), 'stand');
	return {
		lean: write('stand.lean', at('shop.house.standLean', shop.house.standLean), 'stand').value,
		hinge: hinge.value,
		leg: leg.value,
		foot: foot.value
	};
}
