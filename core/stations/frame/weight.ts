/** What the rails of a frame weigh (handbook hang#mass). */
import type { Size } from '../../geometry/shapes.ts';
import type { Frame } from '../../figures/frame.ts';

/** Section area × density × rails, the mitres not counted twice. */
export function mouldingKg({ section, outer }: Frame): number {
	const areaMm2 = section.face * section.depth - section.lip * section.rabbetDepth;
	return (areaMm2 * railLength(section.face, outer) * section.density) / 1e9;
}

export function railLength(face: number, outer: Size): number {
	return 2 * (outer.width + outer.height) - 4 * face;
}
