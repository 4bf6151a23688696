/** What the rails of a frame weigh (handbook hang#mass). */
import type { Size } from '../../geometry/shapes.ts';
import type { Frame } from '../../figures/frame.ts';
import type { House } from '../../shop/house.ts';
import { at, houseTerms, less, over, plain, sum, times, twice, type Term } from '../../rule/term.ts';

const CUBIC_MM = plain(1_000_000_000);

/** Section area × rails × density, the mitres not counted twice. */
export function mouldingKg({ section, outer }: Frame): Term {
	const of = (figure: 'face' | 'depth' | 'lip' | 'rabbetDepth' | 'density') => at(`frame.section.${figure}`, section[figure]);
	const area = less(times(of('face'), of('depth')), times(of('lip'), of('rabbetDepth')));
	return over(times(area, railLength(of('face'), outer), of('density')), CUBIC_MM);
}

/** Strips as wide as the flat back of the moulding. */
export function deepeningKg({ section, outer }: Frame, deepen: number): Term {
	const wide = less(at('frame.section.face', section.face), at('frame.section.lip', section.lip));
	const strips = times(wide, at('job.frame.deepen', deepen), railLength(wide, outer));
	return over(times(strips, at('frame.section.density', section.density)), CUBIC_MM);
}

/** A strip of wood across the back, as long as the frame is wide. */
export function stripKg({ outer }: Frame, of: House): Term {
	const house = houseTerms(of);
	const strip = times(at('frame.outer.width', outer.width), house('backStripWidth'), house('cleatThickness'));
	return over(times(strip, house('stripWoodDensity')), CUBIC_MM);
}

/** A cleat’s rail on the frame, and the strip at its bottom. */
export function cleatKg(frame: Frame, of: House): Term {
	return twice(stripKg(frame, of));
}

/** The length of all rails at the middle of their width. */
export function railLength(face: Term, { width, height }: Size): Term {
	const round = twice(sum(at('frame.outer.width', width), at('frame.outer.height', height)));
	return less(round, times(plain(4), face));
}
