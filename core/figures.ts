/** What a plan holds, station by station: what rules read and views show. */
import type { Size } from './geometry/shapes.ts';
import type { OneOrEach } from './units/one-or-each.ts';
import type { Measure } from './figures/measure.ts';
import type { Window } from './figures/window.ts';
import type { Hold } from './figures/hold.ts';
import type { Pack } from './figures/pack.ts';
import type { Frame } from './figures/frame.ts';
import type { Back } from './figures/back.ts';
import type { Mass, Hang } from './figures/hang.ts';
import type { Light } from './figures/light.ts';
import type { Climate } from './figures/climate.ts';

/** Figures by station; a station that cannot be planned yet is absent and named in `open`. */
export type Figures = {
	open: { station: string; needs: string }[];
	/** Of several windows a list, as `movement` and `hold`. */
	measure?: OneOrEach<Measure>;
	movement?: OneOrEach<Size>;
	window?: Window;
	hold?: OneOrEach<Hold>;
	pack?: Pack;
	frame?: Frame;
	back?: Back;
	mass?: Mass;
	hang?: Hang;
	/** An estimate for comparing choices; absent while neither a medium nor a fade class is known. */
	light?: Light;
	climate?: Climate;
};
