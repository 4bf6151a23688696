/** Where the pictures of a wall hang, and the list of its hooks (handbook hang#walls). */
import type { Unit } from '../units/length.ts';
import { FRACTION, type Reader } from '../units/show.ts';
import { there } from '../units/there.ts';
import { findOnWall } from './findings.ts';
import { lightOn } from './light.ts';
import { layOut } from './layout.ts';
import type { Hung, NumberedHook, Picture, Wall, WallPlan } from './wall.ts';

/** @returns pictures in the order in which they were given; what is in no group and has no place does not hang */
export function planWall(of: Wall, reader: Unit | Reader): WallPlan {
	const pictures = new Map(of.pictures.map((picture) => [picture.id, picture]));
	const groups = of.groups.map((group) => ({
		group,
		...layOut(
			group,
			group.pictures.map((id) => there(pictures.get(id), 'picture'))
		)
	}));
	const placed = of.places.map(({ id, left, centre }): Hung => {
		const { outer } = there(pictures.get(id), 'picture');
		return { id, ...outer, left, bottom: centre - outer.height / 2 };
	});
	const all = new Map([...groups.flatMap(({ hung }) => hung), ...placed].map((one) => [one.id, one]));
	const hung = of.pictures.flatMap(({ id }) => all.get(id) ?? []);
	const hooks = hooksOf(hung, pictures);
	const light = lightOn(hung, pictures, of.wall.light);
	const findings = findOnWall({
		wall: of.wall,
		hung,
		pictures,
		hooks,
		light,
		gaps: groups.map(({ lacks, group }) => ({ lacks, first: group.pictures[0] ?? '' })),
		reader: typeof reader === 'string' ? { unit: reader, fraction: FRACTION } : reader
	});
	return { pictures: hung, gaps: groups.map(({ gap }) => gap), hooks, findings, light };
}

/** Numbered from left to right; at one x from the top. */
function hooksOf(hung: readonly Hung[], pictures: ReadonlyMap<string, Picture>): NumberedHook[] {
	return hung
		.flatMap(({ id, left, bottom, width, height }) =>
			there(pictures.get(id), 'picture').hooks.map(({ x, down }) => ({
				picture: id,
				x: left + width / 2 + x,
				height: bottom + height - down
			}))
		)
		.sort((one, other) => one.x - other.x || other.height - one.height)
		.map((hook, at) => ({ n: at + 1, ...hook }));
}
