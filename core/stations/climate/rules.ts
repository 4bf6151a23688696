import type { Rule } from '../../rule/rule.ts';
import { remedy, said } from '../../rule/change.ts';
import { showNumber } from '../../units/show.ts';
import { dewPoint } from './dew-point.ts';

export const climateRules: Rule[] = [
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
			const bumpers = remedy(context, '', ['back', 'bumperHeight'], house.coldWallAir).patch;
			const four = back.bumpers > 0 ? [] : remedy(context, '', ['back', 'bumpers'], 4).patch;
			return [
				{
					says: `The wall is at ${showNumber(place.wallCelsius, 1)} °C; condensation forms below ${showNumber(dew, 1)} °C.`,
					where: 'place.wallCelsius',
					remedies: [{ label: `Bumpers ${said(context, house.coldWallAir)}`, patch: [...four, ...bumpers] }]
				}
			];
		}
	}
];
