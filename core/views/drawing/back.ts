/** The back, as it lies on the bench: mirrored. Tape, points, rings, wire, bumpers, and the hinges where they really are. */
import type { Point, Rect } from '../../geometry/shapes.ts';
import { mapAxes } from '../../geometry/shapes.ts';
import type { Plan } from '../../plan.ts';
import { colourOf } from '../../shop/colours.ts';
import { sightsOf, type Sight } from '../../rule/sights.ts';
import { sleeveOnBack } from './belongs.ts';
import { outside, packIn, sheetBox } from './front.ts';
import { allowanceIn } from '../../stations/frame/frame.ts';
import { liteOutline, rabbetOutline } from '../../stations/frame/lite.ts';
import { placesOfPoints } from '../../stations/frame/points.ts';
import { holdShapes } from './back-holds.ts';
import type { House } from '../../shop/house.ts';
import { shopFor, type Shop } from '../../shop/shop.ts';
import { showWithUnit } from '../../units/show.ts';
import { pointOn } from '../../stations/hold/own-edges.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, ring, type Dimension, type Scene, type Shape } from '../../figures/scene.ts';
import type { Hang } from '../../figures/hang.ts';
import { HANGERS, standsOnSides } from '../../stations/hang/kinds/all.ts';
import { legShapes } from '../../stations/hang/kinds/stand.ts';
import { nth, there } from '../../units/there.ts';

/** @returns the scene, or null while there is no frame */
export function backScene(plan: Plan, job: Decided, shop: Shop): Scene | null {
	const { house } = shopFor(shop, job.cutIn);
	if (!plan.frame) return null;
	const box = outside(plan);
	// From the back, left and right change over.
	const mirror = (x: number) => packIn(plan).width - x;
	const hanger = plan.hang ? hangers(plan, box) : asTheyAre(job, box);
	// What is on the back stays on it: the paper is slit round it whatever the order is.
	const hardwareFirst = job.schools['cover-order'] === 'hardware-first' || job.kept.hangers !== null;
	const cover = coverLines(plan, box, hardwareFirst ? hanger : []);
	const shapes = [
		...boards(plan, job, house, box, mirror),
		...tape(plan, job, house),
		...sleeveOnBack(job, rabbet(plan)),
		...sightsOf(job, plan).flatMap((sight) => holdShapes(sight, house, mirror)),
		...points(plan),
		...(hardwareFirst ? [...hanger, ...cover] : [...cover, ...hanger]),
		...bumpers(plan, box)
	];
	return {
		view: 'back',
		title: 'Back',
		box,
		shapes,
		dimensions: dimensions(plan, sightsOf(job, plan), box, mirror),
		callouts: []
	};
}

function rabbet(plan: Plan): Rect {
	const { rabbet: size } = there(plan.frame, 'frame');
	const pack = packIn(plan);
	return { left: (pack.width - size.width) / 2, top: (pack.height - size.height) / 2, ...size };
}

function boards(plan: Plan, job: Decided, house: House, box: Rect, mirror: (x: number) => number): Shape[] {
	const hole = rabbet(plan);
	const pack = packIn(plan);
	const outer = rectangle(box.left, box.top, box.width, box.height);
	// A frame that was measured is drawn as it is, out of true where it is.
	const centre = { x: pack.width / 2, y: pack.height / 2 };
	const asMeasured = (outline: Point[]) => outline.map(({ x, y }) => ({ x: mirror(centre.x + x), y: centre.y + y }));
	const skew = there(plan.frame, 'frame').cornersOut && job.rabbet;
	const inner = skew
		? asMeasured(rabbetOutline(there(job.rabbet, 'rabbet')))
		: rectangle(hole.left, hole.top, hole.width, hole.height);
	const shapes: Shape[] = [
		{
			role: 'backing',
			rings: [rectangle(0, 0, pack.width, pack.height)],
			title: job.guard.backing?.name ?? 'No backing board'
		},
		{
			role: 'moulding',
			rings: ring(outer, inner),
			fill: there(job.frame, 'frame').colour.hex,
			title: there(job.frame, 'frame').name
		}
	];
	if (skew && there(plan.frame, 'frame').lite) {
		const allowance = mapAxes((axis) => allowanceIn(axis, job, house, there(plan.frame, 'frame').rabbet));
		shapes.push({
			role: 'pack',
			rings: [asMeasured(liteOutline(there(job.rabbet, 'rabbet'), allowance))],
			title: 'Glazing, cut to follow the frame'
		});
	}
	if (there(job.frame, 'frame').deepen > 0)
		shapes.push({
			role: 'moulding',
			rings: ring(outer, inner),
			fill: colourOf('limed'),
			title: 'Strips glued to the frame’s back'
		});
	return shapes;
}

function tape(plan: Plan, job: Decided, house: House): Shape[] {
	const planned = plan.back?.tape;
	if (!planned) return [];
	const hole = rabbet(plan);
	const inward = Math.max(house.tapeOnBacking, planned.stock - planned.land - planned.recess);
	const outer = rectangle(
		hole.left - planned.land,
		hole.top - planned.land,
		hole.width + 2 * planned.land,
		hole.height + 2 * planned.land
	);
	const inner = rectangle(hole.left + inward, hole.top + inward, hole.width - 2 * inward, hole.height - 2 * inward);
	return [{ role: 'tape', rings: ring(outer, inner), title: `Back tape, ${showWithUnit(planned.stock, job.reader)} wide` }];
}

/** Where a dust cover is trimmed; and from its edge to each hanger that is on already a slit, ending round it. */
function coverLines(plan: Plan, box: Rect, hardware: readonly Shape[]): Shape[] {
	const size = plan.back?.dustCover;
	if (!size) return [];
	const left = box.left + (box.width - size.width) / 2;
	const top = box.top + (box.height - size.height) / 2;
	const [right, bottom] = [left + size.width, top + size.height];
	const slit = (from: Point, to: Point): Shape => ({ role: 'trim', open: true, rings: [[from, to]], title: 'Relief slit' });
	const slits = hardware.flatMap(({ role, circle }): Shape[] => {
		if (role !== 'ring' || !circle) return [];
		const { x, y, radius } = circle;
		const reach = radius + RELIEF;
		// From the nearest edge, so that the slit is short.
		const edges: [number, Point, Point][] = [
			[x - left, { x: left, y }, { x: x - reach, y }],
			[right - x, { x: right, y }, { x: x + reach, y }],
			[y - top, { x, y: top }, { x, y: y - reach }],
			[bottom - y, { x, y: bottom }, { x, y: y + reach }]
		];
		const [near] = edges.sort(([one], [other]) => one - other);
		const around: Shape = { role: 'trim', circle: { x, y, radius: reach }, title: 'Cut round the hanger' };
		return near && near[0] > reach ? [slit(near[1], near[2]), around] : [around];
	});
	return [{ role: 'trim', rings: [rectangle(left, top, size.width, size.height)], title: 'Dust cover, trimmed here' }, ...slits];
}

/** Paper stays clear of a hanger by so much, mm. */
const RELIEF = 2;

/** Pins and tabs through the rabbet's wall, spring clips in the channel, offset clips screwed to the frame. */
function points(plan: Plan): Shape[] {
	const hole = rabbet(plan);
	const { top, side, kind } = there(plan.frame, 'frame').points;
	const pack = packIn(plan);
	const [right, bottom] = [hole.left + hole.width, hole.top + hole.height];
	const across =
		kind === 'offset-clips' ? placesOfPoints(top, pack.width) : placesOfPoints(top, hole.width).map((at) => hole.left + at);
	const down =
		kind === 'offset-clips' ? placesOfPoints(side, pack.height) : placesOfPoints(side, hole.height).map((at) => hole.top + at);
	if (kind === 'clips' || kind === 'offset-clips') {
		const [wide, deep] = kind === 'clips' ? [30, 10] : [14, 26];
		const out = kind === 'clips' ? 0 : deep / 2;
		const title = kind === 'clips' ? 'Spring clip' : 'Offset clip';
		const clip = (left: number, from: number, width: number, height: number): Shape => ({
			role: 'clip',
			rings: [rectangle(left, from, width, height)],
			title
		});
		return [
			...across.flatMap((at) => [
				clip(at - wide / 2, hole.top - out, wide, deep),
				clip(at - wide / 2, bottom + out - deep, wide, deep)
			]),
			...down.flatMap((at) => [
				clip(hole.left - out, at - wide / 2, deep, wide),
				clip(right + out - deep, at - wide / 2, deep, wide)
			])
		];
	}
	const pin = (from: Point, to: Point): Shape => ({ role: 'point', open: true, rings: [[from, to]] });
	return [
		...across.flatMap((at) => [
			pin({ x: at, y: hole.top - 3 }, { x: at, y: hole.top + 9 }),
			pin({ x: at, y: bottom + 3 }, { x: at, y: bottom - 9 })
		]),
		...down.flatMap((at) => [
			pin({ x: hole.left - 3, y: at }, { x: hole.left + 9, y: at }),
			pin({ x: right + 3, y: at }, { x: right - 9, y: at })
		])
	];
}

function bumpers(plan: Plan, box: Rect): Shape[] {
	// On the flat wood, as the rings.
	const { hang } = plan;
	const inset =
		hang && standsOnSides(HANGERS[hang.by])
			? hang.inset
			: (there(plan.frame, 'frame').section.face - there(plan.frame, 'frame').section.lip) / 2;
	const at = (x: number, y: number): Shape => ({ role: 'bumper', circle: { x, y, radius: Math.min(6, inset) }, title: 'Bumper' });
	const [left, right] = [box.left + inset, box.left + box.width - inset];
	const [top, bottom] = [box.top + inset, box.top + box.height - inset];
	const all = [at(left, bottom), at(right, bottom), at(left, top), at(right, top)];
	return all.slice(0, plan.back?.bumpers ?? 0);
}

/** Rings, the wire as it stands when it hangs, and the hooks it hangs from; with those for the frame turned, and a leg. */
function hangers(plan: Plan, box: Rect): Shape[] {
	const { hang } = plan;
	if (!hang) return [];
	const { own } = HANGERS[hang.by];
	if (own) return own.shapes(hang, box);
	return [
		...setOf(hang, box, asItStands),
		...(hang.turned ? setOf(hang.turned, onItsSide(box), turnedIn(box)) : []),
		...legShapes(hang, box)
	];
}

/** Hardware that is on a frame whose hanging is nobody’s here, where somebody measured it. */
function asTheyAre({ kept: { hangers: kind, hangersAt: where } }: Decided, box: Rect): Shape[] {
	if (!kind || !where) return [];
	const { single, came } = HANGERS[kind];
	const y = box.top + where.drop;
	const { inset } = where;
	const xs = single ? [box.left + box.width / 2] : inset === null ? [] : [box.left + inset, box.left + box.width - inset];
	return xs.map((x): Shape => ({ role: 'ring', circle: { x, y, radius: 5 }, title: `The ${came} as found` }));
}

type Turn = (point: Point) => Point;
const asItStands: Turn = (point) => point;
const onItsSide = ({ width, height }: Rect): Rect => ({ left: 0, top: 0, width: height, height: width });

/** The front’s left side is up when it hangs turned to the right: from behind it is the right side. */
const turnedIn =
	(box: Rect): Turn =>
	({ x, y }) => ({ x: box.left + box.width - y, y: box.top + x });

function setOf(hang: Pick<Hang, 'by' | 'drop' | 'span' | 'rise' | 'hooks' | 'strip'>, box: Rect, turn: Turn): Shape[] {
	const middle = box.left + box.width / 2;
	const y = box.top + hang.drop;
	const { line, single } = HANGERS[hang.by];
	const rings = (single ? [0] : [-1, 1]).map((side): Shape => ({
		role: 'ring',
		circle: { ...turn({ x: middle + (side * hang.span) / 2, y }), radius: 5 },
		title: single?.title ?? 'Ring'
	}));
	const strip: Shape[] = hang.strip
		? [
				{
					role: 'strip',
					rings: [rectangle(middle - hang.strip.width / 2, y - hang.strip.height / 2, hang.strip.width, hang.strip.height)],
					fill: colourOf('limed'),
					title: 'Cross strip, glued and screwed'
				}
			]
		: [];
	if (!line) return [...strip, ...rings];
	const hooks = hang.hooks.map((hook) => ({ x: middle + hook.x, y: y - hang.rise }));
	const wire = [{ x: middle - hang.span / 2, y }, ...hooks, { x: middle + hang.span / 2, y }].map(turn);
	return [
		...strip,
		{ role: 'wire', open: true, rings: [wire], title: `${line.title} under load` },
		...rings,
		...hooks.map((hook): Shape => ({ role: 'hook', circle: { ...turn(hook), radius: 3.5 }, title: 'Hook in the wall' }))
	];
}

/** What hangs down from the frame’s top, in a sentence. */
function droppedTo({ by }: Hang): string | null {
	const { single, own } = HANGERS[by];
	return own ? own.drops : (single?.name ?? 'rings');
}

function dimensions(plan: Plan, sights: Sight[], box: Rect, mirror: (x: number) => number): Dimension[] {
	const { hang, frame } = plan;
	const [right, bottom] = [box.left + box.width, box.top + box.height];
	const list: Dimension[] = [
		{ name: 'outer width', path: 'frame.outer.width', side: 'bottom', from: box.left, to: right, value: box.width, at: bottom },
		{ name: 'outer height', path: 'frame.outer.height', side: 'left', from: box.top, to: bottom, value: box.height, at: box.left }
	];
	const drops = hang ? droppedTo(hang) : null;
	if (hang && drops !== null) {
		const middle = box.left + box.width / 2;
		const y = box.top + hang.drop;
		const { line } = HANGERS[hang.by];
		list.push(
			{
				name: `drop of the ${drops}`,
				path: 'hang.drop',
				side: 'right',
				from: box.top,
				to: y,
				value: hang.drop,
				at: right,
				look: 'mark'
			},
			...(!standsOnSides(HANGERS[hang.by])
				? []
				: [
						{
							name: 'between the rings',
							path: 'hang.span',
							side: 'bottom' as const,
							from: middle - hang.span / 2,
							to: middle + hang.span / 2,
							value: hang.span,
							at: bottom,
							look: 'mark' as const
						}
					])
		);
		if (line)
			list.push({
				name: `rise of the ${line.name}`,
				path: 'hang.rise',
				side: 'right',
				from: y - hang.rise,
				to: y,
				value: hang.rise,
				at: right,
				look: 'mark'
			});
		if (hang.hookCount === 2 && line) {
			list.push({
				name: 'between the hooks',
				path: 'hang.spacing',
				side: 'bottom',
				from: middle - hang.spacing / 2,
				to: middle + hang.spacing / 2,
				value: hang.spacing,
				at: bottom,
				look: 'mark'
			});
		}
	}
	const [only, ...others] = sights;
	if (only?.hold && others.length === 0 && frame && isHinge(only.hold.kind)) {
		const { hold } = only;
		const sheet = sheetBox(only);
		// Places count from the left seen from the front, so from the right here.
		const stations = [0, ...hold.places].map((place) => mirror(sheet.left + pointOn(only.measure, 'top', place).x));
		for (const [index, place] of hold.places.entries()) {
			const [from, to] = [nth(stations, index + 1), nth(stations, index)];
			list.push({
				name: index === 0 ? 'first hinge from the sheet’s corner' : `hinge ${index} to hinge ${index + 1}`,
				side: 'top',
				from,
				to,
				value: place - (hold.places[index - 1] ?? 0),
				at: box.top,
				look: 'mark'
			});
		}
	}
	return list;
}
