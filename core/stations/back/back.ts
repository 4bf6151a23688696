/** Station Back: tape over the joint, tape round the pack, paper over all (handbook back). */
import type { Size } from '../../geometry/shapes.ts';
import { dustCoverFor } from '../../shop/papers.ts';
import type { Shop } from '../../shop/shop.ts';
import { countUp, tidy } from '../../units/round.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Back } from '../../figures/back.ts';
import type { Decided } from '../../job/decided.ts';
import { there } from '../../units/there.ts';

export function planBack(job: Decided, shop: Shop, before: { pack: Size; thickness: number; frame: Frame | null }): Back {
	const { pack, thickness, frame } = before;
	const { house, tapeWidths } = shop;
	const back: Back = { bumpers: job.back.bumpers };
	if (job.guard.edgeSeal) {
		const width = house.edgeSealOnFace + thickness + house.edgeSealOnBack;
		back.edgeSeal = { width, stock: stockWidth(width, tapeWidths), length: 2 * (pack.width + pack.height) * house.tapeSpare };
	}
	if (frame && job.back.seal) back.tape = tapeOf(frame, thickness, job, shop);
	if (frame && job.back.dustCover) {
		const sized = (by: number): Size => ({ width: tidy(frame.outer.width + by), height: tidy(frame.outer.height + by) });
		back.dustCover = sized(-2 * house.dustCoverInside);
		back.dustCoverRough = sized(2 * house.dustCoverRough);
		back.dustCoverPaper = dustCoverFor(Math.max(frame.outer.width, frame.outer.height), house.dustCoverHeavyFrom);
	}
	return back;
}

/** The land is what the flat wood leaves once 2 mm of it stay bare at the outer edge. */
function tapeOf(
	{ section, rabbet }: Frame,
	thickness: number,
	job: Decided,
	{ house, tapeWidths }: Shop
): NonNullable<Back['tape']> {
	const land = Math.max(0, Math.min(house.land, section.face - section.lip - house.bareWood));
	const recess = Math.abs(section.rabbetDepth + there(job.frame, 'frame').deepen - thickness);
	const width = land + recess + Math.max(house.tapeOnBacking, house.pointHead + house.pointHeadCover);
	const stock = stockWidth(width, tapeWidths);
	const [across, down] = [rabbet.width + 2 * land, rabbet.height + 2 * land];
	return { land, recess, width, stock, strips: [across, down, across, down], passes: countUp(width / stock) };
}

/** The next width in stock, or the widest there is. */
export function stockWidth(width: number, stocked: readonly number[]): number {
	return stocked.find((stock) => stock >= width) ?? Math.max(...stocked);
}
