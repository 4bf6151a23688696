/** Typical years of a room by the hour (handbook climate#rooms): relative humidity in %. Estimates, for comparing. */

export const HOURS_OF_YEAR = 8760;

export type TypicalRoom = { id: string; name: string; rh: (hour: number) => number; celsius: (hour: number) => number };

/** Days since 1 January at an hour. */
const day = (hour: number) => hour / 24;
const yearly = (d: number, peak: number) => Math.cos((2 * Math.PI * (d - peak)) / 365);
const daily = (d: number) => Math.cos(2 * Math.PI * (d - 0.25));
/** Damp in summer, dry while it is heated. */
const heated = (d: number) => d >= 334 || d < 59;

export const TYPICAL_ROOMS: readonly TypicalRoom[] = [
	{
		id: 'loft',
		name: 'Loft: damp summer, heated winter, a wet week in October',
		rh: (hour) => {
			const d = day(hour);
			if (d >= 280 && d < 287) return 85;
			return 50 + 12 * yearly(d, 212) + 3 * daily(d) - (heated(d) ? 8 : 0);
		},
		celsius: (hour) => 17 + 8 * yearly(day(hour), 205) - 2 * daily(day(hour))
	},
	{
		id: 'living-room',
		name: 'Living room, heated',
		rh: (hour) => 48 + 8 * yearly(day(hour), 222) + 2 * daily(day(hour)) - (heated(day(hour)) ? 6 : 0),
		celsius: (hour) => 20 + 2 * yearly(day(hour), 205) - daily(day(hour))
	},
	{
		id: 'unheated',
		name: 'Home unheated in winter',
		rh: (hour) => 68 - 10 * yearly(day(hour), 182) + 4 * daily(day(hour)),
		celsius: (hour) => 11 + 8 * yearly(day(hour), 205) - 2 * daily(day(hour))
	},
	{
		id: 'gallery',
		name: 'Gallery, air-conditioned',
		rh: (hour) => 50 + 2 * yearly(day(hour), 212) + daily(day(hour)),
		celsius: () => 20
	}
];

/** One room's year as readings: hour, % RH, °C. */
export function yearOf(room: TypicalRoom): Reading[] {
	return Array.from({ length: HOURS_OF_YEAR }, (_, hour) => [hour, room.rh(hour), room.celsius(hour)]);
}

/** Hour since the first one, % RH, °C. */
export type Reading = [hour: number, rh: number, celsius: number];
