/** What bare wood is finished with, how it is done and how long it dries before the pack is near it (handbook frame#finish). */
import type { Finish } from '../../job/kinds.ts';

export type FinishDefinition = {
	name: string;
	hours: number;
	does: string[];
	caution: string;
	/** Splines may be left bare under it, and are masked then. */
	bareSplines?: true;
};

const OPEN_AIR = 'Solvents: outdoors or extraction, gloves, no flame.';
const RAGS = `${OPEN_AIR} Oily rags in a closed metal can.`;

export const FINISH_OF: Record<Finish, FinishDefinition> = {
	stain: {
		name: 'Stain',
		hours: 4,
		does: ['Sanded along the grain, dust off; stain wiped on evenly, corners and the rabbet’s edge too, the excess wiped off.'],
		caution: OPEN_AIR
	},
	lime: {
		name: 'Lime',
		hours: 12,
		does: [
			'The pores brushed open along the grain; liming paste rubbed across it, wiped off along it; waxed over once it is dry.'
		],
		bareSplines: true,
		caution: 'Lime burns skin and eyes: gloves and safety glasses.'
	},
	wax: {
		name: 'Wax',
		hours: 2,
		does: ['A thin coat on with a pad, left, polished along the grain; none on the lip’s underside, where the pack will lie.'],
		bareSplines: true,
		caution: RAGS
	},
	oil: {
		name: 'Oil',
		hours: 24,
		does: ['A thin coat wiped on, the excess off after ten minutes; the rabbet stays bare: oil gives off what stains paper.'],
		caution: RAGS
	},
	paint: {
		name: 'Paint',
		hours: 12,
		does: ['Primed, rubbed down, two thin coats; the rabbet’s edge coloured, its floor left bare.'],
		caution: OPEN_AIR
	}
};
