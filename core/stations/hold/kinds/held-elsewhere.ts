/** What a hold for which nothing is made here has: no figures, nothing cut, nothing drawn (handbook hold#lip). */
import type { HoldDefinition } from './kind.ts';

export const heldElsewhere: Pick<HoldDefinition, 'plan' | 'explain' | 'contacts' | 'cut' | 'shapes'> = {
	plan: (shared) => ({ ...shared, count: 0, places: [], size: { width: 0, height: 0 }, fixed: [] }),
	explain: (explain) => {
		explain('hold.inset', '0', 'hold#hinges');
		for (const figure of ['count', 'size.width', 'size.height', 'loadKPa', 'workingKPa', 'dryMinutes'])
			explain(`hold.${figure}`, '0', 'hold#lip');
	},
	contacts: () => [],
	cut: () => {},
	shapes: () => []
};
