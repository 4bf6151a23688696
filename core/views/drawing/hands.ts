/** What hands do that words say badly: small drawings of our own, of no piece, in millimetres of a usual size. */
import { rectangle, type Scene, type Shape } from '../../figures/scene.ts';
import type { Point } from '../../geometry/shapes.ts';
import { there } from '../../units/there.ts';

const WOOD = '#b9986a';
const METAL = '#b9bfc2';
const STEEL = '#e2e5e6';
const TAPE = '#d6c49c';
const BOARD = '#e7e4da';

export const hand = (title: string, width: number, height: number, shapes: Shape[]): Scene => ({
	view: 'board',
	title,
	box: { left: 0, top: 0, width, height },
	shapes,
	dimensions: [],
	callouts: [],
	notToScale: 'Shows the method, not this piece’s sizes.',
	sketch: true
});

/** Along a curve through some places: the middle of each two is met, the places pull. */
function along(places: readonly Point[], steps = 8): Point[] {
	const middle = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
	const [first, ...rest] = places as [Point, ...Point[]];
	const curve: Point[] = [first];
	rest.slice(0, -1).forEach((pull, at) => {
		const from = at === 0 ? first : middle(places[at] as Point, pull);
		const to = at === rest.length - 2 ? (rest.at(-1) as Point) : middle(pull, rest[at + 1] as Point);
		for (let step = 1; step <= steps; step += 1) {
			const t = step / steps;
			const [a, b, c] = [(1 - t) ** 2, 2 * t * (1 - t), t ** 2];
			curve.push({ x: a * from.x + b * pull.x + c * to.x, y: a * from.y + b * pull.y + c * to.y });
		}
	});
	return curve;
}

/** The corner of a metal frame from behind: an angle of two plates slides into both channels, the upper one has the screws. */
export function cornerPlatesScene(): Scene {
	const mitre = 26;
	const high = 110;
	const across: Point[] = [
		{ x: 0, y: 0 },
		{ x: 150, y: 0 },
		{ x: 150, y: mitre },
		{ x: mitre, y: mitre }
	];
	// As far as the drawing goes: its caption stands below.
	const down: Point[] = across.map(({ x, y }) => ({ x: y, y: Math.min(x, high) }));
	const plate = (inset: number, long: number, wide: number): Point[] => [
		{ x: inset, y: inset },
		{ x: inset + long, y: inset },
		{ x: inset + long, y: inset + wide },
		{ x: inset + wide, y: inset + wide },
		{ x: inset + wide, y: inset + long },
		{ x: inset, y: inset + long }
	];
	const screw = (x: number, y: number): Shape[] => [
		{ role: 'hook', circle: { x, y, radius: 3.6 }, title: 'Screw' },
		{
			role: 'leader',
			open: true,
			rings: [
				[
					{ x: x - 2.4, y: y - 2.4 },
					{ x: x + 2.4, y: y + 2.4 }
				]
			]
		}
	];
	return hand('A corner from behind: plain plate below, plate with screws on top; finger-tight first', 150, high, [
		{ role: 'moulding', rings: [across], fill: METAL, title: 'Rail' },
		{ role: 'moulding', rings: [down], fill: METAL, title: 'Rail' },
		{ role: 'clip', rings: [plate(5, 78, 15)], fill: BOARD, title: 'Plain plate' },
		{ role: 'clip', rings: [plate(8, 66, 10)], fill: STEEL, title: 'Plate with screws' },
		...screw(50, 13),
		...screw(66, 13),
		...screw(13, 50),
		...screw(13, 66)
	]);
}

/** Wire at a ring, from left to right and row by row: through; round behind the standing wire; back through ring and loop; tight, close turns, the end flat. */
export function wireKnotScene(): Scene {
	const wide = 150;
	const high = 100;
	const steps: Shape[][] = [
		[wireOf('Through the ring from the front', STANDING, [at(56), { x: 44, y: 52 }, { x: 40, y: 66 }, { x: 44, y: 84 }])],
		[
			wireOf('Round behind the standing wire', STANDING, [
				at(56),
				{ x: 42, y: 54 },
				{ x: 44, y: 72 },
				{ x: 74, y: 74 },
				{ x: 90, y: 52 },
				{ x: 86, y: 14 }
			]),
			hidden(88)
		],
		[
			wireOf('Back through the ring and its own loop', STANDING, [
				at(56),
				{ x: 42, y: 54 },
				{ x: 44, y: 72 },
				{ x: 76, y: 72 },
				{ x: 90, y: 48 },
				{ x: 78, y: 26 },
				{ x: 52, y: 34 },
				{ x: 40, y: 58 },
				{ x: 58, y: 86 }
			]),
			hidden(88)
		],
		[wireOf('Pulled tight', STANDING, [at(58), { x: 38, y: 40 }, { x: 38, y: 58 }, at(62)]), ...TURNS]
	];
	return hand(
		'The wire at its ring: 1 through; 2 round behind the standing wire; 3 back through ring and loop; 4 pulled tight, four or five close turns, cut, the end pressed flat',
		2 * wide,
		2 * high,
		steps.flatMap((wire, step) => {
			const by = { x: (step % 2) * wide, y: Math.floor(step / 2) * high };
			return [...ringOnRail(), ...wire].map((shape) => shifted(shape, by));
		})
	);
}

/** Cord at a ring: through; two half hitches round the standing cord; pulled tight with a stop knot in its end, which is sealed. */
export function cordKnotScene(): Scene {
	const wide = 150;
	const hitch = (x: number): Point[] => [
		{ x: x - 6, y: 62 },
		{ x, y: 66 },
		{ x: x + 8, y: 40 },
		{ x: x + 2, y: 26 },
		{ x: x - 6, y: 44 }
	];
	const steps: Shape[][] = [
		[cordOf('Through the ring from the front', [at(56), { x: 44, y: 52 }, { x: 40, y: 66 }, { x: 52, y: 80 }])],
		[
			cordOf('Two half hitches round the standing cord', [
				at(56),
				{ x: 42, y: 54 },
				{ x: 46, y: 70 },
				...hitch(74),
				...hitch(96)
			]),
			hidden(78),
			hidden(100)
		],
		[
			cordOf('Pulled tight', [at(58), { x: 38, y: 42 }, { x: 40, y: 58 }, at(64)]),
			...[0, 1].map((turn): Shape => ({ ...there(TURNS[turn * 2], 'turn'), title: 'Half hitch' })),
			{ role: 'hook', circle: { x: 112, y: 58, radius: 4 }, title: 'Stop knot in the sealed end' }
		]
	];
	return hand(
		'The cord at its ring: 1 through; 2 two half hitches round the standing cord; 3 pulled tight, a stop knot in the sealed end',
		steps.length * wide,
		100,
		steps.flatMap((cord, step) => [...ringOnRail(), ...cord].map((shape) => shifted(shape, { x: step * wide, y: 0 })))
	);
}

const cordOf = (title: string, places: readonly Point[]): Shape => wireOf(title, STANDING, places);

/** The standing wire rises to the right. */
const at = (x: number): Point => ({ x, y: 48 - (x - 55) * 0.2 });
const STANDING: Point[] = [at(140), at(56)];

/** The standing part straight, the rest along its curve. */
const wireOf = (title: string, standing: readonly Point[], places: readonly Point[]): Shape => ({
	role: 'wire',
	open: true,
	rings: [[...standing, ...along(places)]],
	title
});

/** Where the wire lies behind: the standing part is drawn over it once more. */
const hidden = (x: number): Shape => ({
	role: 'wire',
	open: true,
	rings: [[at(x - 7), at(x + 7)]],
	title: 'The standing wire in front'
});

const TURNS: Shape[] = [0, 1, 2, 3, 4].map((turn): Shape => {
	const { x, y } = at(72 + turn * 8);
	return {
		role: 'wire',
		open: true,
		rings: [
			[
				{ x: x - 2.5, y: y + 6 },
				{ x: x + 2.5, y: y - 6 }
			]
		],
		title: 'Turn'
	};
});

const ringOnRail = (): Shape[] => [
	{ role: 'moulding', rings: [rectangle(0, 0, 26, 90)], fill: WOOD, title: 'Side rail' },
	{ role: 'clip', rings: [rectangle(4, 41, 26, 14)], title: 'Ring’s plate' },
	{ role: 'hook', circle: { x: 11, y: 48, radius: 3 }, title: 'Screw' },
	{ role: 'ring', circle: { x: 42, y: 48, radius: 14 }, fill: 'none', title: 'Ring' }
];

const shifted = (shape: Shape, by: Point): Shape => ({
	...shape,
	...(shape.rings ? { rings: shape.rings.map((ring) => ring.map(({ x, y }) => ({ x: x + by.x, y: y + by.y }))) } : {}),
	...(shape.circle ? { circle: { ...shape.circle, x: shape.circle.x + by.x, y: shape.circle.y + by.y } } : {})
});

/** Tape at a corner of the back: wood bare outside, pressed into the inner corner, ends cut flat one over the other. */
export function tapeCornerScene(): Scene {
	const bare = 6;
	const land = 16;
	const tape = 44;
	return hand('Tape at a corner: wood bare outside, tape pressed into the inner corner, ends cut flat and lapped', 150, 110, [
		{ role: 'moulding', rings: [rectangle(0, 0, 150, 110)], fill: WOOD, title: 'Frame' },
		{ role: 'backing', rings: [rectangle(bare + land, bare + land, 128, 88)], title: 'Backing board, below the frame’s back' },
		{ role: 'tape', rings: [rectangle(bare, bare, 144, tape)], fill: TAPE, title: 'First strip' },
		{ role: 'tape', rings: [rectangle(bare, bare, tape, 104)], fill: TAPE, title: 'Second strip, over it' },
		{
			role: 'cut-line',
			open: true,
			rings: [
				[
					{ x: bare + land, y: 110 },
					{ x: bare + land, y: bare + land },
					{ x: 150, y: bare + land }
				]
			],
			title: 'Inner corner: the tape is pressed into it'
		}
	]);
}

/** The blade between rabbet and pack, in section: what it pushes moves away from it. */
export function bladeScene(): Scene {
	return hand('The blade between rabbet and pack, flat on the wood', 150, 80, [
		{
			role: 'moulding',
			rings: [
				[
					{ x: 0, y: 0 },
					{ x: 34, y: 0 },
					{ x: 34, y: 52 },
					{ x: 50, y: 60 },
					{ x: 50, y: 80 },
					{ x: 0, y: 80 }
				]
			],
			fill: WOOD,
			hatch: 'wood',
			title: 'Frame, face down'
		},
		{ role: 'pack', rings: [rectangle(42, 34, 108, 18)], fill: BOARD, title: 'Pack, glazing down' },
		{
			role: 'clip',
			rings: [
				[
					{ x: 35, y: 4 },
					{ x: 41, y: 4 },
					{ x: 40, y: 50 },
					{ x: 36, y: 50 }
				]
			],
			fill: STEEL,
			title: 'Blade'
		},
		{
			role: 'blade',
			rings: [
				[
					{ x: 62, y: 20 },
					{ x: 96, y: 20 },
					{ x: 96, y: 14 },
					{ x: 112, y: 24 },
					{ x: 96, y: 34 },
					{ x: 96, y: 28 },
					{ x: 62, y: 28 }
				].map(({ x, y }) => ({ x, y: y - 10 }))
			],
			title: 'Direction to push'
		}
	]);
}
