/** Picture wire between two rings. */
import type { HangerDefinition, Line } from './hanger.ts';

const line: Line = {
	name: 'wire',
	title: 'Wire',
	strengths: (shop) => shop.wires,
	from: 'shop.wires',
	tied: 'Thread it through the ring, behind the standing wire, back through ring and loop, pull tight; four to five close turns; cut the end and press it flat.',
	caution: 'Wire ends prick: snip, tuck, press.'
};

export const wire: HangerDefinition & { line: Line } = {
	title: 'Wire',
	came: 'rings and wire',
	line,
	single: null,
	own: null,
	rings: 'rings',
	ringsTitle: 'Rings',
	holes: null,
	holdsIn: 'rails',
	most: null,
	standsOff: 'lineStandsOff',
	levels: false,
	onMetal: true,
	turns: true
};
