/** Light at the place: years to a fade for this glazing, for every other, and the smallest changes that double them (handbook light). */
import type { Glazing } from '../../shop/glazing.ts';
import type { Shop } from '../../shop/shop.ts';
import { ROOMS, exposureIn, type Exposure, type RoomId } from '../../shop/places.ts';
import { uvShare, yearsToFade } from './years.ts';
import type { Doubling, Light } from '../../figures/light.ts';
import type { Decided } from '../../job/decided.ts';
import { there } from '../../units/there.ts';

/** Null while neither a medium nor a class is known. */
export function planLight(job: Decided, shop: Shop): Light | null {
	const { fade } = job.piece;
	if (fade === null) return null;
	const { exposure } = job.place;
	const offered = Object.values(shop.glazings).filter((glazing) => !glazing.withdrawn || glazing.id === job.guard.glazing.id);
	const own = yearsToFade(exposure, fade, job.guard.glazing);
	return {
		...own,
		fade,
		byGlazing: offered.map((glazing) => ({ glazing: glazing.id, ...yearsToFade(exposure, fade, glazing) })),
		uvShare: uvShare(exposure, fade),
		doubling: doublingOf(exposure, fade, job.guard.glazing, offered)
	};
}

/** Glazing changes nothing in the room, so it comes first; hours and light are the room's own. */
export function doublingOf(exposure: Exposure, fade: number, glazing: Glazing, offered: readonly Glazing[]): Doubling[] {
	const now = yearsToFade(exposure, fade, glazing).years;
	if (now === null) return [];
	const wanted = 2 * now * (1 - 1e-9);
	const found: Doubling[] = [];
	const least = <T>(options: readonly T[], yearsOf: (option: T) => number | null) => {
		const good = options
			.map((option) => ({ option, years: yearsOf(option) }))
			.filter(({ years }) => years !== null && years >= wanted);
		return good.sort((one, other) => there(one.years, 'years') - there(other.years, 'years'))[0] as
			{ option: T; years: number } | undefined;
	};
	const other = least(offered, (one) => yearsToFade(exposure, fade, one).years);
	if (other) found.push({ by: 'glazing', glazing: other.option.id, years: other.years });
	const rooms = Object.keys(ROOMS) as RoomId[];
	const room = least(
		rooms,
		(one) => yearsToFade({ ...exposureIn(one), monthsPerYear: exposure.monthsPerYear }, fade, glazing).years
	);
	if (room) found.push({ by: 'place', room: room.option, years: room.years });
	const months = Math.floor(exposure.monthsPerYear / 2);
	if (months >= 1)
		found.push({
			by: 'months',
			monthsPerYear: months,
			years: there(yearsToFade({ ...exposure, monthsPerYear: months }, fade, glazing).years, 'years')
		});
	// Years go with one over hours and one over light: half of either doubles them.
	return [...found, { by: 'hours', share: 0.5, years: 2 * now }, { by: 'lux', share: 0.5, years: 2 * now }];
}
