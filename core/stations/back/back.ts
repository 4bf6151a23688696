/** Station Back: tape over the joint, tape round the pack, paper over all (handbook back). */
import { mapAxes, type Size } from '../../geometry/shapes.ts';
import { readyPack } from '../frame/frame.ts';
import { dustCoverFor } from '../../shop/papers.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Back } from '../../figures/back.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import {
	apart,
	at,
	counted,
	houseTerms,
	largest,
	less,
	nextOf,
	over,
	plain,
	smallest,
	sum,
	tidied,
	times,
	twice,
	type Term
} from '../../rule/term.ts';
import { there } from '../../units/there.ts';

export function planBack(
	job: Decided,
	shop: Shop,
	/** `recess`: how deep what lies in the rabbet is; a pack that stays closed is not sealed again. */
	before: { pack: Size | null; recess: Term; frame: Frame | null },
	figure: Figure
): Back {
	const { pack, frame, recess: thickness } = before;
	const house = houseTerms(shop.house);
	const back: Back = { bumpers: figure('back.bumpers', at('job.back.bumpers', job.back.bumpers), 'back#bumpers').value };
	if (job.guard.edgeSeal && pack) {
		const width = figure(
			'back.edgeSeal.width',
			sum(at('job.guard.sealOnFace', job.guard.sealOnFace), thickness, house('edgeSealOnBack')),
			'back#edge-seal'
		);
		const round = twice(sum(at('window.pack.width', pack.width), at('window.pack.height', pack.height)));
		back.edgeSeal = {
			width: width.value,
			stock: figure('back.edgeSeal.stock', nextOf(width, shop.tapeWidths, 'shop.tapeWidths'), 'back#edge-seal').value,
			length: figure('back.edgeSeal.length', times(round, house('tapeSpare')), 'back#edge-seal').value
		};
	}
	// The pack lies in its frame already: a board is cut to the opening behind it.
	if (frame && !pack && job.guard.backing && !job.kept.back) {
		const size = readyPack(job, shop.house, {
			width: at('frame.rabbet.width', frame.rabbet.width),
			height: at('frame.rabbet.height', frame.rabbet.height)
		});
		back.board = mapAxes((axis) => figure(`back.board.${axis}`, size[axis], 'frame#allowance').value);
	}
	if (frame) back.pouch = pouchOf(frame, job, shop, figure);
	if (frame && job.back.seal) back.tape = tapeOf(frame, thickness, job, shop, figure);
	if (frame && job.back.dustCover) {
		const sized = (path: string, by: (outer: Term) => Term): Size => ({
			width: figure(`${path}.width`, tidied(by(at('frame.outer.width', frame.outer.width))), 'back#dust-cover').value,
			height: figure(`${path}.height`, tidied(by(at('frame.outer.height', frame.outer.height))), 'back#dust-cover').value
		});
		back.dustCover = sized('back.dustCover', (outer) => less(outer, twice(house('dustCoverInside'))));
		back.dustCoverRough = sized('back.dustCoverRough', (outer) => sum(outer, twice(house('dustCoverRough'))));
		back.dustCoverPaper = dustCoverFor(Math.max(frame.outer.width, frame.outer.height), shop.house.dustCoverHeavyFrom);
	}
	return back;
}

/** So much larger than the frame that it slides in over its depth. */
function pouchOf({ outer, section }: Frame, job: Decided, shop: Shop, figure: Figure): Size {
	const { deepen } = there(job.frame, 'frame');
	const deep = sum(at('frame.section.depth', section.depth), ...(deepen > 0 ? [at('job.frame.deepen', deepen)] : []));
	const side = (axis: keyof Size) =>
		figure(
			`back.pouch.${axis}`,
			tidied(sum(at(`frame.outer.${axis}`, outer[axis]), deep, houseTerms(shop.house)('pouchRoom'))),
			'back#wrap'
		).value;
	return { width: side('width'), height: side('height') };
}

/** The land is what the flat wood leaves once 2 mm of it stay bare at the outer edge. */
function tapeOf(
	{ section, rabbet }: Frame,
	thickness: Term,
	job: Decided,
	shop: Shop,
	figure: Figure
): NonNullable<Back['tape']> {
	const house = houseTerms(shop.house);
	const write = (name: string, term: Term) => figure(`back.tape.${name}`, term, 'back#tape');
	const flat = less(at('frame.section.face', section.face), at('frame.section.lip', section.lip), house('bareWood'));
	const land = write('land', largest(plain(0), smallest(house('land'), flat)));
	const { deepen } = there(job.frame, 'frame');
	const depth = sum(
		at('frame.section.rabbetDepth', section.rabbetDepth),
		...(deepen > 0 ? [at('job.frame.deepen', deepen)] : [])
	);
	const recess = write('recess', apart(depth, thickness));
	const onBacking = largest(house('tapeOnBacking'), sum(house('pointHead'), house('pointHeadCover')));
	const width = write('width', sum(land, recess, onBacking));
	const stock = write('stock', nextOf(width, shop.tapeWidths, 'shop.tapeWidths'));
	const strip = (index: number, axis: keyof Size) =>
		write(`strips[${index}]`, sum(at(`frame.rabbet.${axis}`, rabbet[axis]), twice(land))).value;
	return {
		land: land.value,
		recess: recess.value,
		width: width.value,
		stock: stock.value,
		strips: [strip(0, 'width'), strip(1, 'height'), strip(2, 'width'), strip(3, 'height')],
		passes: write('passes', counted(over(width, stock))).value
	};
}
