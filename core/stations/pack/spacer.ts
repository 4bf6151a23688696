/**
 * Spacers: strips under the frame's lip that hold the glazing off where no mat does (handbook guard#spacers).
 *
 *   ├─ hidden ─┤          hidden = lip − allowance/2, what the lip surely covers
 *   ▐███▌      │          strip: its thickness, with its covering no more than that
 *   ▐███▌ high │          seen: what stands out past the lip, where a lip is too short for any strip
 */
import type { Size } from '../../geometry/shapes.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Figure } from '../../rule/book.ts';
import { at, down, half, houseTerms, largest, less, plain, sum, tidied, twice, type Term } from '../../rule/term.ts';
import type { Spacer } from '../../figures/pack.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import { there } from '../../units/there.ts';

export function planSpacer(job: Decided, shop: Shop, pack: Size, frame: Frame | null, figure: Figure): Spacer {
	const { thickness, lined, seen } = there(job.guard.spacer, 'spacer');
	const house = houseTerms(shop.house);
	const step = at('job.step', job.step);
	const write = (name: string, term: Term) => figure(`pack.spacer.${name}`, term, 'guard#spacers');
	const covering = write('covering', lined ? house('liningThick') : plain(0));
	const hidden = frame && hiddenBy(frame);
	const room = hidden && less(hidden, covering);
	const thick = write('thick', seen === null ? thickOf(room, house('spacerWidth'), step) : byDesign(room, seen, step));
	const whole = sum(thick, covering);
	return {
		lengths: {
			across: write('lengths.across', at('window.pack.width', pack.width)).value,
			down: write('lengths.down', down(less(at('window.pack.height', pack.height), twice(whole)), step)).value
		},
		high: write('high', at('job.guard.spacer.thickness', thickness)).value,
		thick: thick.value,
		covering: covering.value,
		seen: write('seen', hidden ? largest(plain(0), tidied(less(whole, hidden))) : plain(0)).value
	};
}

/** What the lip surely covers, where the pack lies as far off as its allowance lets it. */
function hiddenBy({ section, allowance }: Frame): Term {
	const wider = allowance.width >= allowance.height ? 'width' : 'height';
	return less(at('frame.section.lip', section.lip), half(at(`frame.allowance.${wider}`, allowance[wider])));
}

/** As much as shall be seen stands out past what the lip surely covers. */
function byDesign(room: Term | null, seen: number, step: Term): Term {
	const shown = at('job.guard.spacer.seen', seen);
	return largest(step, down(room ? sum(room, shown) : shown, step));
}

/** No thicker than what the lip surely hides; where it hides nothing, the usual strip, which is seen. */
function thickOf(room: Term | null, usual: Term, step: Term): Term {
	if (!room || room.value >= usual.value) return usual;
	const narrower = down(room, step);
	return narrower.value > 0 ? narrower : usual;
}
