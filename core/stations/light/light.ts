/** Light at the place: years to a fade for this glazing, for every other, and the smallest changes that double them (handbook light). */
import type { Glazing } from '../../shop/glazing.ts';
import type { Shop } from '../../shop/shop.ts';
import { ROOMS, exposureIn, type RoomId } from '../../shop/places.ts';
import { budgetOf, doseOf, filterTerms, lightTerms, uvShare, yearlyOf, yearsOf } from './years.ts';
import type { Doubling, Faded, Light } from '../../figures/light.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import { at, half, named, over, plain, times, twice, type Term } from '../../rule/term.ts';

/** Null while neither a medium nor a class is known. */
export function planLight(job: Decided, shop: Shop, figure: Figure): Light | null {
	if (job.piece.fade === null) return null;
	const { exposure } = job.place;
	const fade = figure('light.fade', plain(job.piece.fade), 'light#classes');
	const offered = Object.values(shop.glazings).filter((glazing) => !glazing.withdrawn || glazing.id === job.guard.glazing.id);
	const light = lightTerms(exposure, EXPOSURE);
	const behind = (path: string, glazing: Glazing): Faded => {
		const filter = filterTerms(glazing, `shop.glazings[${glazing.id}]`);
		const yearly = figure(`${path}.yearly`, yearlyOf(light, filter), 'light#years');
		const all = yearsOf(light, fade, filter);
		const years = all && figure(`${path}.years`, all, 'light#years');
		return {
			yearly: yearly.value,
			doseMlxh: figure(`${path}.doseMlxh`, doseOf(yearly, years, fade), 'light#classes').value,
			years: years?.value ?? null,
			budget: figure(`${path}.budget`, budgetOf(yearly, fade), 'light#budget').value
		};
	};
	const own = behind('light', job.guard.glazing);
	const byGlazing = offered.map((glazing, index) => ({
		glazing: glazing.id,
		...behind(`light.byGlazing[${index}]`, glazing)
	}));
	const share = named('uvShare', uvShare(exposure, fade.value), [at(EXPOSURE, Number.NaN), fade]);
	return {
		...own,
		fade: fade.value,
		byGlazing,
		uvShare: figure('light.uvShare', share, 'light#uv').value,
		doubling: own.years === null ? [] : doublingOf(job, fade, at('light.years', own.years), byGlazing, figure)
	};
}

const EXPOSURE = 'job.place.exposure';

/** Glazing changes nothing in the room, so it comes first; hours and light are the room's own. */
function doublingOf(job: Decided, fade: Term, now: Term, byGlazing: Light['byGlazing'], figure: Figure): Doubling[] {
	const { exposure } = job.place;
	const wanted = 2 * now.value * (1 - 1e-9);
	const found: Doubling[] = [];
	const write = (name: string, term: Term) => figure(`light.doubling[${found.length}].${name}`, term, 'light#doubling').value;
	/** Of what is enough the one that does least. */
	const least = <T>(options: readonly { option: T; years: Term | null }[]) =>
		options
			.filter((one): one is { option: T; years: Term } => one.years !== null && one.years.value >= wanted)
			.sort((one, other) => one.years.value - other.years.value)[0];
	const other = least(
		byGlazing.map(({ glazing, years }, index) => ({
			option: glazing,
			years: years === null ? null : at(`light.byGlazing[${index}].years`, years)
		}))
	);
	if (other) found.push({ by: 'glazing', glazing: other.option, years: write('years', other.years) });
	const filter = filterTerms(job.guard.glazing, `shop.glazings[${job.guard.glazing.id}]`);
	const room = least(
		(Object.keys(ROOMS) as RoomId[]).map((option) => ({
			option,
			years: yearsOf(
				lightTerms({ ...exposureIn(option), monthsPerYear: exposure.monthsPerYear }, undefined, EXPOSURE),
				fade,
				filter
			)
		}))
	);
	if (room) found.push({ by: 'place', room: room.option, years: write('years', room.years) });
	const months = plain(Math.floor(exposure.monthsPerYear / 2));
	if (months.value >= 1) {
		const years = over(times(now, at(`${EXPOSURE}.monthsPerYear`, exposure.monthsPerYear)), months);
		found.push({ by: 'months', monthsPerYear: write('monthsPerYear', months), years: write('years', years) });
	}
	// Years go with one over hours and one over light: half of either doubles them.
	for (const by of ['hours', 'lux'] as const)
		found.push({ by, share: write('share', half(plain(1))), years: write('years', twice(now)) });
	return found;
}
