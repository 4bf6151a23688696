/** The light of a job's place put anew; what the wall is, and who comes near, stays. */
import type { JobFile } from './definition.ts';
import { put, type Operation } from './patch.ts';

type Place = NonNullable<JobFile['place']>;
const AROUND = ['wall', 'wallColour', 'climate', 'outside', 'wallCelsius', 'children', 'overBed', 'door'] as const;

export function putLight(file: JobFile, light: Partial<Place>): Operation[] {
	const stays = Object.fromEntries(AROUND.flatMap((key) => (file.place?.[key] === undefined ? [] : [[key, file.place[key]]])));
	return put(file, ['place'], { ...stays, ...light });
}
