/** What is found on a wall, rule by rule (handbook hang#wall-findings). */
import type { Size } from '../geometry/shapes.ts';
import type { Severity } from '../rule/rule.ts';
import { isAbove, isBelow } from '../units/compare.ts';
import { isFugitive as isFugitiveClass } from '../shop/fade.ts';
import { HOUSE_MM } from '../shop/house.ts';
import { PLACE_CLIMATES } from '../shop/places.ts';
import { sayYears } from '../units/spans.ts';
import { showMass, showNumber, showWithUnit, type Reader } from '../units/show.ts';
import { THING_NAMES } from './wall.ts';
import type { Hung, LitPicture, NumberedHook, Picture, Thing, ThingKind, Wall, WallFinding, WallRule } from './wall.ts';

export type OnWall = {
	wall: Wall['wall'];
	hung: readonly Hung[];
	pictures: ReadonlyMap<string, Picture>;
	hooks: readonly NumberedHook[];
	light: readonly LitPicture[];
	/** Of each group, with its first picture. */
	gaps: readonly { lacks: number; first: string }[];
	reader: Reader;
};

type Case = { picture: string; says: string; severity?: Severity };
type Definition = { severity: Severity; /** Why, in a sentence. */ why: string; find: (on: OnWall) => Case[] };

/** Alone plasterboard bears a small light picture on a nail hook: its sides, mm, and mass. */
const BOARD_MOST = { short: 300, long: 400, kg: 4 };
/** A patch of sun, and nothing that shines in a house (handbook light#asks). */
const SUN_LUX = HOUSE_MM.sunLux;
const YEARS_FEW = HOUSE_MM.lightYears;
const YEARS_LEAST = HOUSE_MM.lightYearsLeast;
const BUDGETS_MANY = HOUSE_MM.lightBudgets;
/** Of air behind what hangs on a cold wall, mm (handbook climate#cold-wall). */
const COLD_AIR = 6;
/** Above it a licensed installer hangs it. */
const INSTALLER_KG = 25;
/** A screw into a stud is nowhere nearer to its edge, mm. */
const STUD_EDGE = 10;

export const WALL_DEFINITIONS: Record<WallRule, Definition> = {
	'wall.overlap': {
		severity: 'stop',
		why: 'Two pictures can’t hang in one place.',
		find: ({ hung, wall }) => [
			...hung.flatMap((one, at) =>
				hung
					.slice(at + 1)
					.flatMap((other) => (meets(one, other) ? [{ picture: one.id, says: `${one.id} and ${other.id} overlap.` }] : []))
			),
			...hung.flatMap((one) =>
				wall.things.flatMap((thing) =>
					IN_THE_WAY[thing.kind] && meets(one, thing) ? [{ picture: one.id, says: `${one.id} hangs over ${nameOf(thing)}.` }] : []
				)
			)
		]
	},
	'wall.outside': {
		severity: 'stop',
		why: 'It runs off the wall.',
		find: ({ hung, wall, reader }) =>
			hung.flatMap((one) => {
				const over = [
					[-one.left, 'left'],
					[one.left + one.width - wall.width, 'right'],
					[-one.bottom, 'bottom'],
					[one.bottom + one.height - wall.height, 'top']
				] as const;
				return over.flatMap(([by, side]) =>
					isAbove(by, 0)
						? [{ picture: one.id, says: `${one.id} runs ${showWithUnit(by, reader, 'mark')} past the wall at the ${side}.` }]
						: []
				);
			})
	},
	'wall.no-room': {
		severity: 'stop',
		why: 'The group is longer than its space.',
		find: ({ gaps, reader }) =>
			gaps.flatMap(({ lacks, first }) =>
				isAbove(lacks, 0)
					? [
							{
								picture: first,
								says: `There is no room: the pictures are ${showWithUnit(lacks, reader, 'mark')} longer than their space.`
							}
						]
					: []
			)
	},
	'wall.over-heat': {
		severity: 'caution',
		why: 'Warm air rises along the picture: it dries out, cockles and collects dust.',
		find: (on) => over(on, 'heat')
	},
	'wall.over-water': {
		severity: 'caution',
		why: 'Steam and splashes reach it, and the wall behind is damp.',
		find: (on) => over(on, 'water')
	},
	'light.sun': {
		severity: 'stop',
		why: 'Sun fades such colours in weeks. An estimate.',
		find: ({ hung, pictures, light }) =>
			hung.flatMap(({ id }) =>
				isInSun(id, pictures, light) && isFugitive(pictures.get(id))
					? [{ picture: id, says: `The sun reaches ${id}, light class ${pictures.get(id)?.fades?.fade}.` }]
					: []
			)
	},
	'light.too-soon': {
		severity: 'caution',
		why: 'What light takes does not come back. An estimate.',
		find: ({ light }) =>
			light.flatMap(({ picture, years }) =>
				typeof years === 'number' && isBelow(years, YEARS_FEW)
					? [
							{
								picture,
								says: `${picture} shows a visible fade there after about ${sayYears(years)}.`,
								...(isBelow(years, YEARS_LEAST) ? { severity: 'stop' as const } : {})
							}
						]
					: []
			)
	},
	'light.over-budget': {
		severity: 'note',
		why: 'The budget is what lets a colour last some generations. An estimate.',
		find: ({ light }) =>
			light.flatMap(({ picture, budget }) =>
				budget !== undefined && isAbove(budget, 1)
					? [
							{
								picture,
								says: `${picture} gets ${showNumber(budget, 1)} times its yearly light budget there.`,
								...(isAbove(budget, BUDGETS_MANY) ? { severity: 'caution' as const } : {})
							}
						]
					: []
			)
	},
	'climate.place': {
		severity: 'caution',
		why: 'Steam, grease, heat and frost reach it through any frame.',
		find: ({ hung, wall, pictures }) =>
			wall.climate === undefined || wall.climate === 'steady'
				? []
				: hung.map(({ id }) => ({
						picture: id,
						says: `${id} hangs ${wall.climate === 'over-heat' ? '' : 'in '}${PLACE_CLIMATES[wall.climate ?? 'steady']}.`,
						...(pictures.get(id)?.fades?.aim === 'rare' ? { severity: 'stop' as const } : {})
					}))
	},
	'wall.in-sun': {
		severity: 'caution',
		why: 'Sun fades in months what a room fades in decades, and bakes the pack.',
		find: ({ hung, pictures, light }) =>
			hung.flatMap(({ id }) =>
				isInSun(id, pictures, light) && !isFugitive(pictures.get(id)) ? [{ picture: id, says: `The sun reaches ${id}.` }] : []
			)
	},
	'wall.over-bed': {
		severity: 'caution',
		why: 'If it falls there it falls on someone: use locking hangers, acrylic instead of glass. Local codes come first.',
		find: (on) => over(on, 'bed')
	},
	'wall.cold': {
		severity: 'caution',
		why: 'An outside wall is colder than the room: without a gap behind it the back gets damp.',
		find: ({ hung, pictures, wall, reader }) =>
			hung.flatMap(({ id }) => {
				const air = pictures.get(id)?.air;
				if (!wall.outside || (air !== undefined && air >= COLD_AIR)) return [];
				const wanted = showWithUnit(COLD_AIR, reader, 'mark');
				return [
					{
						picture: id,
						says:
							air === undefined
								? `${id} hangs on an outside wall: bumpers of ${wanted} keep a gap behind it.`
								: `${id} hangs on an outside wall with ${air === 0 ? 'no bumpers' : `bumpers of ${showWithUnit(air, reader, 'mark')}`}: ${wanted} keep a gap behind it.`
					}
				];
			})
	},
	'wall.load': {
		severity: 'caution',
		why: 'A hook holds no more than the wall behind it. Local codes and a licensed installer come first.',
		find: (on) => on.hung.flatMap((one) => loadOf(one, on))
	}
};

function isInSun(id: string, pictures: OnWall['pictures'], light: OnWall['light']): boolean {
	const lux = light.find(({ picture }) => picture === id)?.lux ?? 0;
	return pictures.get(id)?.inSun === true || isAbove(lux, SUN_LUX);
}

/** Above Show it may not hang in the sun at all. */
function isFugitive(picture: Picture | undefined): boolean {
	const { fades } = picture ?? {};
	return fades !== undefined && isFugitiveClass(fades.fade) && fades.aim !== 'show';
}

/** What nothing hangs over. */
const IN_THE_WAY: Record<ThingKind, boolean> = {
	heat: true,
	water: true,
	window: true,
	door: true,
	furniture: true,
	bed: true,
	other: true,
	socket: false,
	stud: false,
	'picture-rail': false
};

const nameOf = ({ name, kind }: Thing): string => `the ${name === '' ? THING_NAMES[kind] : name}`;

type Boxed = Size & { left: number; bottom: number };

const meets = (one: Boxed, other: Boxed): boolean =>
	isBelow(one.left, other.left + other.width) &&
	isBelow(other.left, one.left + one.width) &&
	isBelow(one.bottom, other.bottom + other.height) &&
	isBelow(other.bottom, one.bottom + one.height);

/** Straight above it, as far as its width. */
function over({ hung, wall }: OnWall, kind: ThingKind): Case[] {
	return hung.flatMap((one) =>
		wall.things.flatMap((thing) =>
			thing.kind === kind &&
			isBelow(one.left, thing.left + thing.width) &&
			isBelow(thing.left, one.left + one.width) &&
			isAbove(one.bottom + one.height, thing.bottom)
				? [{ picture: one.id, says: `${one.id} hangs above ${nameOf(thing)}.` }]
				: []
		)
	);
}

function loadOf({ id, width, height }: Hung, { wall, pictures, hooks, reader }: OnWall): Case[] {
	const kg = pictures.get(id)?.kg ?? null;
	if (kg !== null && isAbove(kg, INSTALLER_KG))
		return [{ picture: id, says: `${id} weighs ${showMass(kg, reader)}: a cleat, and a licensed installer.` }];
	if (wall.kind !== 'plasterboard') return [];
	const own = hooks.filter(({ picture }) => picture === id);
	const inStuds = own.length > 0 && own.every(({ x }) => wall.things.some((thing) => isStudAt(thing, x)));
	if (inStuds) return [];
	const [short, long] = [Math.min(width, height), Math.max(width, height)];
	const isLarge = isAbove(short, BOARD_MOST.short) || isAbove(long, BOARD_MOST.long);
	if (kg === null) return [{ picture: id, says: `The weight of ${id} is not known, so plasterboard may not hold it. Weigh it.` }];
	return isLarge || isAbove(kg, BOARD_MOST.kg)
		? [
				{
					picture: id,
					says: `${id}, ${showMass(kg, reader)}, is too ${isAbove(kg, BOARD_MOST.kg) ? 'heavy' : 'large'} for a nail hook in plasterboard alone: use rated anchors, or a stud.`
				}
			]
		: [];
}

const isStudAt = ({ kind, left: from, width }: Thing, x: number): boolean =>
	kind === 'stud' && x >= from + Math.min(STUD_EDGE, width / 2) && x <= from + width - Math.min(STUD_EDGE, width / 2);

/** Stops first, then in the order of the rules. */
export function findOnWall(on: OnWall): WallFinding[] {
	return (Object.entries(WALL_DEFINITIONS) as [WallRule, Definition][])
		.flatMap(([rule, { severity, find }]) => find(on).map((found) => ({ rule, severity, ...found })))
		.sort((one, other) => Number(other.severity === 'stop') - Number(one.severity === 'stop'));
}
