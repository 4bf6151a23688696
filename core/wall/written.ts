/** A wall as it is written down: the wall file of the open interface, and the wall that is planned from it. */
import type { Fault } from '../job/faults.ts';
import { MM_PER_INCH, type Unit } from '../units/length.ts';
import type { PlaceClimate } from '../shop/places.ts';
import type { Group, Picture, Place, Thing, Wall, WallKind, WallLight } from './wall.ts';

export type WrittenPicture = { id: string; job?: string; outer?: Picture['outer']; kg?: number; hooks?: Picture['hooks'] };
export type WrittenGroup = Omit<Group, 'columns'> & { columns?: number };
export type WallFile = {
	format: 'rare-keep/wall';
	version: 1;
	unit: Unit;
	wall: {
		width: number;
		height: number;
		kind: WallKind;
		outside?: boolean;
		climate?: PlaceClimate;
		light?: WallLight;
		things: Thing[];
	};
	pictures: WrittenPicture[];
	groups: WrittenGroup[];
	places: Place[];
};

/** A job as it hangs; or why it does not, in a sentence. */
export type JobPicture = Picture | string;

/** @returns lengths in mm, whatever the file's unit; a fault for each picture whose job does not hang, which is left out */
export function wallFrom(file: WallFile, jobs: ReadonlyMap<string, JobPicture>): { wall: Wall; faults: Fault[] } {
	const scale = file.unit === 'in' ? MM_PER_INCH : 1;
	const faults: Fault[] = [];
	const pictures = file.pictures.flatMap(({ id, job, outer, kg, hooks }, at): Picture[] => {
		if (job === undefined && outer) return [scaled({ id, outer, kg: kg ?? null, hooks: hooks ?? [] }, scale)];
		const found = jobs.get(job ?? '') ?? `There is no job ${job} here.`;
		if (typeof found !== 'string') return [{ ...found, id }];
		faults.push({ path: `pictures[${at}].job`, says: found });
		return [];
	});
	const there = new Set(pictures.map(({ id }) => id));
	return {
		faults,
		wall: {
			pictures,
			wall: {
				...sized(file.wall, scale),
				...(file.wall.light ? { light: litIn(file.wall.light, scale) } : {}),
				things: file.wall.things.map((one) => placed(one, scale))
			},
			groups: file.groups
				.map((one) => ({ ...inMm(one, scale), pictures: one.pictures.filter((id) => there.has(id)) }))
				.filter((one) => one.pictures.length > 0),
			places: file.places
				.filter(({ id }) => there.has(id))
				.map(({ id, left, centre }) => ({ id, left: left * scale, centre: centre * scale }))
		}
	};
}

const sized = <T extends { width: number; height: number }>(of: T, scale: number): T => ({
	...of,
	width: of.width * scale,
	height: of.height * scale
});
const litIn = (light: WallLight, scale: number): WallLight => ({
	...light,
	readings: light.readings.map(({ left, height, lux }) => ({ left: left * scale, height: height * scale, lux }))
});
const placed = (of: Thing, scale: number): Thing => ({
	...sized(of, scale),
	left: of.left * scale,
	bottom: of.bottom * scale
});
const scaled = (of: Picture, scale: number): Picture => ({
	...of,
	outer: sized(of.outer, scale),
	hooks: of.hooks.map(({ x, down }) => ({ x: x * scale, down: down * scale }))
});
const inMm = ({ columns = 1, ...of }: WrittenGroup, scale: number): Group => ({
	...of,
	columns,
	from: of.from * scale,
	to: of.to * scale,
	height: of.height * scale,
	gap: typeof of.gap === 'number' ? of.gap * scale : of.gap
});
