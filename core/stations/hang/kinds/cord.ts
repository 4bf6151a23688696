/** Cord between two rings. */
import type { HangerDefinition, Line } from './hanger.ts';

const line: Line = {
	name: 'cord',
	title: 'Cord',
	strengths: (shop) => shop.cords,
	from: 'shop.cords',
	caution: null
};

export const cord: HangerDefinition & { line: Line } = { line, single: null, rings: 'rings', ringsTitle: 'Rings', holes: null };
