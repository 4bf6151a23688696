/** Places by their light: typical ones, and the UV that each source brings (handbook light#places). Estimates, for comparing. */

export const SOURCES = {
	'daylight-glass': { name: 'daylight through window glass', uv: 400 },
	'daylight-open': { name: 'daylight, open window', uv: 600 },
	halogen: { name: 'halogen, filtered', uv: 75 },
	'halogen-bare': { name: 'halogen, bare', uv: 120 },
	fluorescent: { name: 'fluorescent', uv: 100 },
	led: { name: 'white LED', uv: 5 }
} as const;
export type SourceId = keyof typeof SOURCES;

/** Light of one source at the picture. */
export type LightSource = { lux: number; hoursPerDay: number; /** µW/lm */ uv: number };
/** What falls on the picture: its sources, and how much of the year it hangs there. */
export type Exposure = { sources: LightSource[]; monthsPerYear: number };

/** What a place is like beside its light. */
export const PLACE_CLIMATES = {
	steady: 'a steady room',
	kitchen: 'a kitchen',
	bathroom: 'a bathroom',
	'over-heat': 'over a radiator or fireplace',
	unheated: 'an unheated room'
} as const;
export type PlaceClimate = keyof typeof PLACE_CLIMATES;
export const PLACE_CLIMATE_IDS = Object.keys(PLACE_CLIMATES) as PlaceClimate[];

export const ROOMS = {
	corridor: { name: 'dim corridor', lux: 50, hoursPerDay: 8, source: 'led' },
	'living-room': { name: 'living room, away from windows', lux: 150, hoursPerDay: 8, source: 'daylight-glass' },
	'opposite-window': { name: 'opposite a window', lux: 500, hoursPerDay: 8, source: 'daylight-glass' },
	'beside-window': { name: 'beside a window', lux: 1500, hoursPerDay: 8, source: 'daylight-glass' },
	'sun-patch': { name: 'in a patch of sun', lux: 30_000, hoursPerDay: 1, source: 'daylight-glass' }
} as const satisfies Record<string, { name: string; lux: number; hoursPerDay: number; source: SourceId }>;
export type RoomId = keyof typeof ROOMS;

/** What a typical place does to a picture all the year. */
export function exposureIn(room: RoomId): Exposure {
	const { lux, hoursPerDay, source } = ROOMS[room];
	return { sources: [{ lux, hoursPerDay, uv: SOURCES[source].uv }], monthsPerYear: 12 };
}
