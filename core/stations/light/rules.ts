/** What light asks of the place: said of the place, never of the frame’s grade (handbook light#asks). Estimates. */
import type { Context, Remedy, Rule } from '../../rule/rule.ts';
import { put } from '../../job/patch.ts';
import { putLight } from '../../job/place.ts';
import { exposureIn, ROOMS, type Exposure, type RoomId } from '../../shop/places.ts';
import { isFugitive } from '../../shop/fade.ts';
import { isAbove, isBelow } from '../../units/compare.ts';
import { sayYears } from '../../units/spans.ts';
import { showNumber } from '../../units/show.ts';
import { uvBehind, yearsToFade } from './years.ts';
import { glazingRemedy } from '../guard/rule-words.ts';

export const lightRules: Rule[] = [
	{
		id: 'light.sun',
		station: 'climate',
		of: 'place',
		when: 'a place of over {sunLux}; for classes 1 to 6 at Rare and Keep a stop of the place',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Sun fades in weeks what a room fades in decades, and bakes the pack.',
		fixes: 'A place out of the sun; a facsimile there, the original elsewhere.',
		find: (context) => {
			const { piece, place } = context.job;
			const most = Math.max(...place.exposure.sources.map(({ lux }) => lux));
			if (!isAbove(most, context.shop.house.sunLux)) return [];
			const isHard = piece.fade !== null && isFugitive(piece.fade) && context.grade !== 'show';
			return [
				{
					says: `The sun reaches it: ${showNumber(most)} lx.`,
					where: 'place',
					...(isHard ? { severity: 'stop' as const } : {}),
					remedies: outOfSun(context)
				}
			];
		}
	},
	{
		id: 'light.too-soon',
		station: 'climate',
		of: 'place',
		when: 'a visible fade in under {lightYears|bare} years at its place; under {lightYearsLeast|bare} year a stop of the place',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'What light takes does not come back. An estimate.',
		fixes: 'Another place, fewer months or hours, other glazing; a facsimile on show.',
		find: (context) => {
			const { light } = context.plan;
			const { house } = context.shop;
			if (!isNamed(context) || !light || light.years === null || !isBelow(light.years, house.lightYears)) return [];
			const isHard = isBelow(light.years, house.lightYearsLeast);
			const most = isHard ? house.lightYearsLeast : house.lightYears;
			return [
				{
					says: `At its place a visible fade comes after about ${sayYears(light.years)}.`,
					where: 'light.years',
					...(isHard ? { severity: 'stop' as const } : {}),
					remedies: [
						...elsewhere(context, (exposure) => yearsIn(context, exposure) >= most),
						...fewerMonths(context, most),
						...otherGlazing(context, most)
					]
				}
			];
		}
	},
	{
		id: 'light.over-budget',
		station: 'climate',
		of: 'place',
		when: 'more light in a year than the budget of its class; over {lightBudgets|bare} times it a caution',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'The budget is what lets a colour last some generations. An estimate.',
		fixes: 'Less light, fewer hours or months, another place.',
		find: (context) => {
			const { light } = context.plan;
			if (!isNamed(context) || !light || !isAbove(light.budget, 1)) return [];
			return [
				{
					says: `Its place gives ${showNumber(light.budget, 1)} times the yearly light budget of class ${light.fade}.`,
					where: 'light.budget',
					...(isAbove(light.budget, context.shop.house.lightBudgets) ? { severity: 'caution' as const } : {}),
					remedies: elsewhere(context, (exposure) => budgetIn(context, exposure) <= 1)
				}
			];
		}
	},
	{
		id: 'glazing.uv-high',
		station: 'guard',
		of: 'place',
		when: 'more than {uvMost} of UV behind the glazing, at Rare more than {uvMostRare|bare}',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'UV fades colours and makes paper, skin and plastics brittle.',
		fixes: 'Glazing that stops more of it; another place.',
		find: (context) => {
			const { job, shop, grade } = context;
			if (!isNamed(context)) return [];
			const most = grade === 'rare' ? shop.house.uvMostRare : shop.house.uvMost;
			const uv = uvBehind(job.place.exposure, job.guard.glazing);
			if (!isAbove(uv, most)) return [];
			const { family } = job.guard.glazing;
			const better = (family === 'none' ? [] : family === 'acrylic' ? ['uv-acrylic', 'uv-glass'] : ['uv-glass', 'uv-acrylic'])
				.filter((id) => id !== job.guard.glazing.id)
				.filter((id) => {
					const glazing = shop.glazings[id];
					return glazing && !glazing.withdrawn && uvBehind(job.place.exposure, glazing) <= most;
				});
			return [
				{
					says: `About ${showNumber(uv)} µW/lm of UV reach it at its place; at most ${showNumber(most)} should.`,
					where: 'place',
					remedies: [
						...better.map((id) => glazingRemedy(context, id)),
						...elsewhere(context, (exposure) => uvBehind(exposure, job.guard.glazing) <= most)
					]
				}
			];
		}
	}
];

/** Of a place that nobody named nothing is held against the piece. */
function isNamed({ file: { place } }: Context): boolean {
	return [place?.room, place?.lux, place?.sources, place?.hoursPerDay, place?.source, place?.uv].some((one) => one !== undefined);
}

function yearsIn({ job }: Context, exposure: Exposure): number {
	return job.piece.fade === null ? Infinity : (yearsToFade(exposure, job.piece.fade, job.guard.glazing).years ?? Infinity);
}

function budgetIn({ job }: Context, exposure: Exposure): number {
	return job.piece.fade === null ? 0 : yearsToFade(exposure, job.piece.fade, job.guard.glazing).budget;
}

/** Out of the sun: where it lasts long enough, else where it lasts longest. */
function outOfSun(context: Context): Remedy[] {
	const { sunLux, lightYears } = context.shop.house;
	const isDim = ({ sources }: Exposure) => sources.every(({ lux }) => lux <= sunLux);
	const lasting = elsewhere(context, (exposure) => isDim(exposure) && yearsIn(context, exposure) >= lightYears);
	return lasting.length > 0 ? lasting : elsewhere(context, isDim, 'longest');
}

const withYears = (label: string, years: number): string =>
	Number.isFinite(years) ? `${label}: about ${sayYears(years)}` : label;

/** Typical places where it is enough, the brightest of them first. */
function elsewhere(
	context: Context,
	isEnough: (exposure: Exposure) => boolean,
	wanted: 'enough' | 'longest' = 'enough'
): Remedy[] {
	const sign = wanted === 'enough' ? 1 : -1;
	const { monthsPerYear } = context.job.place.exposure;
	return (Object.keys(ROOMS) as RoomId[])
		.filter((room) => room !== context.file.place?.room)
		.map((room) => ({ room, exposure: { ...exposureIn(room), monthsPerYear } }))
		.filter(({ exposure }) => isEnough(exposure))
		.sort((one, other) => sign * (yearsIn(context, one.exposure) - yearsIn(context, other.exposure)))
		.slice(0, 1)
		.map(({ room, exposure }) => ({
			label: withYears(PLACED[room], yearsIn(context, exposure)),
			patch: putLight(context.file, { room })
		}));
}

/** So few months a year that it lasts long enough; one at least. */
function fewerMonths(context: Context, most: number): Remedy[] {
	const { exposure } = context.job.place;
	const now = yearsIn(context, exposure);
	const months = Math.floor((exposure.monthsPerYear * now) / most);
	if (months < 1 || months >= exposure.monthsPerYear) return [];
	return [
		{
			label: withYears(
				`On show ${months} ${months === 1 ? 'month' : 'months'} a year`,
				yearsIn(context, { ...exposure, monthsPerYear: months })
			),
			patch: put(context.file, ['place', 'monthsPerYear'], months)
		}
	];
}

function otherGlazing(context: Context, most: number): Remedy[] {
	const { job, shop } = context;
	const { glazing } = job.guard;
	if (glazing.family === 'none' || job.piece.fade === null) return [];
	const { fade } = job.piece;
	return Object.values(shop.glazings)
		.filter((one) => one.family === glazing.family && one.id !== glazing.id && !one.withdrawn)
		.map((one) => ({ one, years: yearsToFade(job.place.exposure, fade, one).years ?? Infinity }))
		.filter(({ years }) => years >= most)
		.sort((left, right) => left.years - right.years)
		.slice(0, 1)
		.map(({ one, years }) => ({ ...glazingRemedy(context, one.id), label: withYears(one.name, years) }));
}

const PLACED: Record<RoomId, string> = {
	corridor: 'In a dim corridor',
	'living-room': 'In a living room, away from windows',
	'opposite-window': 'Opposite a window',
	'beside-window': 'Beside a window',
	'sun-patch': 'In a patch of sun'
};
