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
		does: ['Sand along the grain, dust off; wipe stain on evenly, corners and the rabbet’s edge too, then wipe off the excess.'],
		caution: OPEN_AIR
	},
	lime: {
		name: 'Lime',
		hours: 12,
		does: ['Brush the pores open along the grain; rub liming paste across it, wipe off along it; wax once dry.'],
		bareSplines: true,
		caution: 'Lime burns skin and eyes: gloves and safety glasses.'
	},
	wax: {
		name: 'Wax',
		hours: 2,
		does: ['Pad on a thin coat, leave, polish along the grain; none on the lip’s underside, where the pack rests.'],
		bareSplines: true,
		caution: RAGS
	},
	oil: {
		name: 'Oil',
		hours: 24,
		does: ['Wipe on a thin coat, excess off after ten minutes; leave the rabbet bare: oil gives off what stains paper.'],
		caution: RAGS
	},
	paint: {
		name: 'Paint',
		hours: 12,
		does: ['Prime, rub down, two thin coats; colour the rabbet’s edge, leave its floor bare.'],
		caution: OPEN_AIR
	}
};
