import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import { PLACE_CLIMATES } from '../../shop/places.ts';
import { isBelow } from '../../units/compare.ts';
import { remedy, said } from '../../rule/change.ts';
import { showNumber } from '../../units/show.ts';
import { dewPoint } from './dew-point.ts';

export const climateRules: Rule[] = [
	{
		id: 'climate.place',
		station: 'climate',
		of: 'safety',
		when: 'a kitchen, a bathroom, over a radiator or fireplace, an unheated room; an outside wall with a gap under {coldWallAir} a caution, at Show a note',
		severity: { rare: 'stop', keep: 'caution', show: 'caution' },
		why: 'Steam, grease, heat and frost reach it through any frame.',
		fixes: 'A steady room; higher bumpers on an outside wall.',
		find: (context) => {
			const { place, back } = context.job;
			const { house } = context.shop;
			const found: Case[] = [];
			if (place.climate !== null && place.climate !== 'steady')
				found.push({
					says: `It will hang ${place.climate === 'over-heat' ? PLACE_CLIMATES[place.climate] : `in ${PLACE_CLIMATES[place.climate]}`}.`,
					where: 'place.climate',
					remedies: [remedy(context, 'In a steady room', ['place', 'climate'], 'steady')]
				});
			const air = back.bumpers > 0 ? back.bumperHeight : 0;
			const isColder = place.wallCelsius !== null && place.wallCelsius < dewPoint(house.airCelsius, house.airRh);
			if (place.outside && !isColder && isBelow(air, house.coldWallAir))
				found.push({
					says: `On an outside wall with ${air === 0 ? 'no gap' : `a gap of ${said(context, air)}`} behind it; it needs ${said(context, house.coldWallAir)}.`,
					why: 'An outside wall is colder than the room: without a gap the back gets damp.',
					severity: context.grade === 'show' ? 'note' : 'caution',
					where: 'place.outside',
					remedies: [higherBumpers(context)]
				});
			return found;
		}
	},
	{
		id: 'climate.cold-wall',
		station: 'climate',
		of: 'safety',
		when: 'an outside wall colder than the dew point of the air in the pack, with less than {coldWallAir} gap behind the frame',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A cold back collects condensation; a gap keeps it nearer room temperature. An estimate.',
		fixes: 'Higher bumpers, so air can pass behind the frame.',
		find: (context) => {
			const { place, back } = context.job;
			const { house } = context.shop;
			const dew = dewPoint(house.airCelsius, house.airRh);
			if (!place.outside || place.wallCelsius === null || place.wallCelsius >= dew) return [];
			const air = back.bumpers > 0 ? back.bumperHeight : 0;
			if (air >= house.coldWallAir) return [];
			return [
				{
					says: `The wall is at ${showNumber(place.wallCelsius, 1)} °C; condensation forms below ${showNumber(dew, 1)} °C.`,
					where: 'place.wallCelsius',
					remedies: [higherBumpers(context)]
				}
			];
		}
	}
];

function higherBumpers(context: Context): Remedy {
	const { back } = context.job;
	const { coldWallAir } = context.shop.house;
	const four = back.bumpers > 0 ? [] : remedy(context, '', ['back', 'bumpers'], 4).patch;
	return {
		label: `Bumpers ${said(context, coldWallAir)}`,
		patch: [...four, ...remedy(context, '', ['back', 'bumperHeight'], coldWallAir).patch]
	};
}
