/** Where hangers stand on a frame, and nails in a wall (handbook hang#drop, #inset, #nails): what every kind plans with. */
import type { Size } from '../../geometry/shapes.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Hang } from '../../figures/hang.ts';
import { fail } from '../../job/faults.ts';
import type { Decided } from '../../job/decided.ts';
import type { Write } from '../../rule/book.ts';
import { at, down, half, houseTerms, largest, less, negative, sum, times, twice, type Term } from '../../rule/term.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { showWithUnit } from '../../units/show.ts';
import { there } from '../../units/there.ts';
import { FRAMES } from '../frame/kinds/all.ts';

/** What a kind of hanger plans from. */
export type Hangs = {
	job: Decided;
	shop: Shop;
	frame: Frame;
	kg: Term;
	/** The frame’s sides as it hangs: turned a quarter they change over. */
	outer: Readonly<Record<keyof Size, Term>>;
	/** Where its figures are written down. */
	under: 'hang' | 'hang.turned';
	write: Write;
};

/** As a kind gives it: what all share is added after. */
export type Planned = Omit<Hang, 'lean' | 'turned' | 'stand'>;

/** A share of the height, or as the framer measures it. @throws FaultError for one below the frame */
export function dropOf({ job, outer }: Hangs): Term {
	const { drop, dropShare } = job.hang;
	return drop === null ? times(outer.height, at('job.hang.dropShare', dropShare)) : typedDrop({ job, outer }, drop);
}

/** @throws FaultError for one below the frame */
export function typedDrop({ job, outer }: Pick<Hangs, 'job' | 'outer'>, drop: number): Term {
	if (drop >= outer.height.value)
		fail(
			'hang.drop',
			`The frame is ${showWithUnit(outer.height.value, job.reader)} high: rings ${showWithUnit(drop, job.reader, 'mark')} down would hang below it.`
		);
	return at('job.hang.drop', drop);
}

/** The middle of the flat wood at the back; of a strip across it, its screw where the strip is; of a metal channel the middle of its face. */
export function insetOf({ job, frame: { section }, shop: { house } }: Hangs): Term {
	const { inset, flatWood: wood } = FRAMES[there(job.frame, 'frame').kind];
	const middle = inset(section);
	return job.hang.strip && wood(section) !== null ? largest(middle, houseTerms(house)('woodForScrew')) : middle;
}

/** Flat wood at the back that a hanger’s plate stands on, mm; none in a metal channel. */
export function flatWood(job: Decided, { section }: Frame, { backStripWidth }: House): number | null {
	const wood = FRAMES[there(job.frame, 'frame').kind].flatWood(section);
	return wood !== null && job.hang.strip ? backStripWidth : wood;
}

/** From rail to rail, the bare edge of each left free. */
export function stripOf({ job, outer, shop, write }: Hangs): Size {
	const house = houseTerms(shop.house);
	const width = down(less(outer.width, twice(house('bareWood'))), at('job.step', job.step));
	return {
		width: write('strip.width', width, 'strip').value,
		height: write('strip.height', house('backStripWidth'), 'strip').value
	};
}

/** Of what bears `drop` below the frame’s top, above the floor, when its centre hangs as high as it is to. */
export function heightOf({ job, outer }: Hangs, drop: Term): Term {
	return less(sum(at('job.hang.centreHeight', job.hang.centreHeight), half(outer.height)), drop);
}

/** From the middle of the wall’s place, and above the floor: the centre’s height, less what the wire lets the picture down. */
export function hooksOf(hangs: Hangs, { drop, rise }: { drop: Term; rise: Term }, places: readonly Term[]): Hang['hooks'] {
	const { job, outer, shop, write } = hangs;
	const top = sum(at('job.hang.centreHeight', job.hang.centreHeight), half(outer.height));
	const height = sum(less(top, less(drop, rise)), houseTerms(shop.house)('hookOffset'));
	return nailsAt(
		write,
		places.map((x) => ({ x, height }))
	);
}

/** Written down as they stand. */
export function nailsAt(write: Write, nails: readonly { x: Term; height: Term }[]): Hang['hooks'] {
	return nails.map(({ x, height }, index) => ({
		x: write(`hooks[${index}].x`, x, 'nails').value,
		height: write(`hooks[${index}].height`, height, 'nails').value
	}));
}

/** Two of them, as far to the left of the middle as to the right. */
export function apartBy(spacing: Term): Term[] {
	return [negative(half(spacing)), half(spacing)];
}
