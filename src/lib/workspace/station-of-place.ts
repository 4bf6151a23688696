/** Which station a place of the job file is asked for at: where a reading was refused, its station is marked. */
import type { StationId } from './stations.ts';

/** The first that a pointer begins with. A window of several carries its piece with it. */
const ASKED_AT: readonly [RegExp, StationId][] = [
	[/^(\/window\/openings\/\d+)?\/piece\/(readings|thickness|cockle|relief|image|zones)\b/, 'measure'],
	[/^(\/window\/openings\/\d+)?\/piece\/grammage\b/, 'hold'],
	[/^(\/window\/openings\/\d+)?\/(title|piece|dates)\b/, 'intake'],
	[/^\/place\b/, 'intake'],
	[/^\/(window|mats|borders)\b/, 'window'],
	[/^\/guard\b/, 'guard'],
	[/^\/hold\b/, 'hold'],
	[/^\/frame\b/, 'frame'],
	[/^\/back\b/, 'back'],
	[/^\/hang\b/, 'wall']
];

/** @param pointer JSON Pointer in the job file; null for what no station asks for */
export function stationOfPlace(pointer: string): StationId | null {
	return ASKED_AT.find(([begins]) => begins.test(pointer))?.[1] ?? null;
}
