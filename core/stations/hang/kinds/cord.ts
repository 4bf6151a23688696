/** Cord between two rings. */
import type { HangerDefinition, Line } from './hanger.ts';
import { wire } from './wire.ts';

const line: Line = {
	name: 'cord',
	title: 'Cord',
	strengths: (shop) => shop.cords,
	from: 'shop.cords',
	caution: null
};

export const cord: HangerDefinition & { line: Line } = { ...wire, title: 'Cord', came: 'rings and cord', line };
