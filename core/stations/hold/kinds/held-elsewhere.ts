/** What a hold for which nothing is made here has: no figures, nothing cut, nothing drawn (handbook hold#lip). */
import { nothing, type HoldDefinition } from './kind.ts';

export const heldElsewhere: Pick<HoldDefinition, 'plan' | 'contacts' | 'cut' | 'shapes'> = {
	plan: (shared, _, write) => {
		nothing(write, ['inset'], 'hinges');
		nothing(write, ['count', 'size.width', 'size.height', 'loadKPa', 'workingKPa', 'dryMinutes'], 'lip');
		return { ...shared, count: 0, places: [], size: { width: 0, height: 0 }, fixed: [] };
	},
	contacts: () => [],
	cut: () => {},
	shapes: () => []
};
