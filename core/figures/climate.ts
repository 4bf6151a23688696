/** Figures of the climate in the pack. */

export type Seal = 'none' | 'tape' | 'edge';

export type Climate = {
	/** Water for each % RH, g. */
	capacity: number;
	/** Water exchanged with the room, g a day for each % RH. */
	exchange: number;
	tauDays: number;
	halfDays: number;
};
