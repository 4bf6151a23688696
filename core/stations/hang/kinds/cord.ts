/** Cord between two rings. */
import type { HangerDefinition, Line } from './hanger.ts';
import { wire } from './wire.ts';

const line: Line = {
	name: 'cord',
	title: 'Cord',
	strengths: (shop) => shop.cords,
	from: 'shop.cords',
	tied: 'Thread it through the ring, two half hitches round the standing cord, or a bowline; a stop knot in the end. Seal both ends; do not press anything flat.',
	caution: null
};

export const cord: HangerDefinition & { line: Line } = { ...wire, title: 'Cord', came: 'rings and cord', line };
