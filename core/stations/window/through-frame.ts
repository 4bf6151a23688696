/** What depends on the frame round the mats: what its lip leaves to see, and how far a printed mat is printed (handbook window#seen, #printed). */
import { axisOf, mapAxes, type Place } from '../../geometry/shapes.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Window } from '../../figures/window.ts';
import type { MatChoice } from '../../job/decide-window.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import { SIDES_OF, sidesOf, sideTerms, sideValues, sizeValues, writeSides, writeSize } from '../../rule/side-terms.ts';
import { at, half, houseTerms, less, sizeTerms, sum, tidied, twice, type TermSize } from '../../rule/term.ts';
import type { House } from '../../shop/house.ts';
import { nth, there } from '../../units/there.ts';

/** Completes the window, with a frame or while there is none. */
export function seeThrough(window: Window, job: Decided, house: House, frame: Frame | null, figure: Figure): void {
	const [first] = window.mats;
	if (!first) return seeMatless(window, frame, figure);
	for (const [index, mat] of window.mats.entries()) {
		const choice = nth(job.mats, index);
		if (choice.print) mat.print = printOf(index, choice, window, house, frame, figure);
	}
	if (!frame) return;
	const border = sideTerms('window.mats[0].border', first.border);
	const allowance = sizeTerms('frame.allowance', frame.allowance);
	const lip = at('frame.section.lip', frame.section.lip);
	const seen = sidesOf((side) => tidied(sum(less(border[side], lip), half(allowance[axisOf(side)]))));
	first.seen = sideValues(writeSides((name, term) => figure(`window.mats[0].${name}`, term, 'window#seen'), 'seen', seen, ''));
}

/** Past the blank's edge; hidden by the lip by as much as a lip must cover; or as large as the sight. */
function printOf(index: number, { printEnds }: MatChoice, window: Window, of: House, frame: Frame | null, figure: Figure) {
	const house = houseTerms(of);
	const pack = sizeTerms('window.pack', window.pack);
	const needs = (): TermSize => {
		if (printEnds === 'beyond-blank' || !frame)
			return mapAxes((axis) => tidied(sum(pack[axis], twice(house('printBeyondBlank')))));
		const sight = sizeTerms('frame.sight', frame.sight);
		return printEnds === 'at-sight' ? sight : mapAxes((axis) => tidied(sum(sight[axis], twice(house('lipCover')))));
	};
	const write = (name: string, size: TermSize) =>
		sizeValues(writeSize((path, term) => figure(`window.mats[${index}].print.${path}`, term, 'window#printed'), name, size, ''));
	return {
		needs: write('needs', needs()),
		board: write('board', { width: tidied(sum(pack.width, house('clampTrim'))), height: pack.height })
	};
}

/** Without a mat what shows of the piece is what the lip leaves; before there is a frame, all of it. */
function seeMatless(window: Window, frame: Frame | null, figure: Figure): void {
	const pack = sizeTerms('window.pack', window.pack);
	const write = (name: string, size: TermSize) => writeSize((path, term) => figure(path, term, 'window#matless'), name, size, '');
	const opening = write('window.opening', frame ? sizeTerms('frame.sight', frame.sight) : pack);
	const placement = there(window.placement, 'placement');
	const seen = (axis: 'width' | 'height') => {
		const side: keyof Place = SIDES_OF[axis][0];
		const hidden = half(less(pack[axis], opening[axis]));
		return figure(`window.sees.${side}`, tidied(less(hidden, at(`window.placement.${side}`, placement[side]))), 'window#matless')
			.value;
	};
	window.opening = sizeValues(opening);
	window.sees = { left: seen('width'), top: seen('height'), ...sizeValues(write('window.sees', opening)) };
}
