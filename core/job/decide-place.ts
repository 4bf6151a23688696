/** Where the piece will hang: its light, its wall, who comes near; a typical room where the job says nothing. */
import { ROOMS, SOURCES, type Exposure, type PlaceClimate, type RoomId, type SourceId } from '../shop/places.ts';
import type { Job } from './definition.ts';
import type { Fault } from './faults.ts';
import type { FromHouse } from './material.ts';

export type PlaceChoice = {
	/** Its own name, else the typical room's. */
	name: string;
	exposure: Exposure;
	/** On the way of children, or over a bed. */
	children: boolean;
	overBed: boolean;
	/** On a door, which shakes it. */
	door: boolean;
	/** null: nobody said. */
	climate: PlaceClimate | null;
	outside: boolean;
	wallCelsius: number | null;
};

/** Taken where the job names no place. */
const USUAL: RoomId = 'living-room';
type Given = NonNullable<Job['place']>;

export function decidePlace(job: Job, house: FromHouse, faults: Fault[]): PlaceChoice {
	const given = job.place ?? {};
	const known = given.room === undefined || given.room === 'other' ? null : given.room;
	const measured = given.sources !== undefined || given.lux !== undefined;
	const room = known ?? (measured || given.room === 'other' ? null : house(undefined, 'place.room', 'house', USUAL));
	if (given.sources !== undefined && (given.lux ?? given.hoursPerDay ?? given.source ?? given.uv) !== undefined)
		faults.push({ path: 'place.sources', says: 'Enter one light, or a list of sources, not both.' });
	return {
		name: given.name ?? (room ? ROOMS[room].name : 'its place'),
		exposure: { sources: sourcesOf(given, room, house, faults), monthsPerYear: given.monthsPerYear ?? 12 },
		children: given.children ?? false,
		overBed: given.overBed ?? false,
		door: given.door ?? false,
		climate: given.climate ?? null,
		outside: given.outside ?? false,
		wallCelsius: given.wallCelsius ?? null
	};
}

function sourcesOf(given: Given, room: RoomId | null, house: FromHouse, faults: Fault[]): Exposure['sources'] {
	if (given.sources) {
		return given.sources.map((one, index) => {
			for (const key of ['lux', 'hoursPerDay'] as const)
				if (one[key] === undefined)
					faults.push({ path: `place.sources[${index}].${key}`, says: 'A source needs lux and hoursPerDay.' });
			return { lux: one.lux ?? 0, hoursPerDay: one.hoursPerDay ?? 0, uv: one.uv ?? uvOf(one.source) };
		});
	}
	const typical = ROOMS[room ?? USUAL];
	const source = given.source ?? (room ? typical.source : 'daylight-glass');
	return [
		{
			lux: room ? (given.lux ?? typical.lux) : house(given.lux, 'place.lux', 'house', typical.lux),
			hoursPerDay: room
				? (given.hoursPerDay ?? typical.hoursPerDay)
				: house(given.hoursPerDay, 'place.hoursPerDay', 'house', typical.hoursPerDay),
			uv: given.uv ?? uvOf(source)
		}
	];
}

/** Daylight through glass unless the source is named. */
function uvOf(source: string | undefined): number {
	return SOURCES[(source ?? 'daylight-glass') as SourceId].uv;
}
