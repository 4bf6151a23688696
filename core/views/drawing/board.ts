/** Small drawings of one board as it lies on the bench: what is marked, stopped or laid on it, seen as the hand meets it. */
import { centreFromBack, fromBack, laidOn, staysFaceUp, type Laid } from '../../stations/hold/as-laid.ts';
import { slitPlaces } from '../../stations/hold/kinds/hinged.ts';
import type { Point, Rect, Size } from '../../geometry/shapes.ts';
import { ownCorners, patchOn } from '../../stations/hold/own-edges.ts';
import type { Figures } from '../../figures.ts';
import { sightsOf, which, type Sight } from '../../rule/sights.ts';
import { outlineOf } from '../../stations/window/shape.ts';
import { CORE, PAPER } from '../../shop/colours.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, type Dimension, type Scene, type Shape } from '../../figures/scene.ts';
import { isNothing } from '../../units/round.ts';
import { nth, there } from '../../units/there.ts';

/** A mat with its back up: the window's cutting lines, and the stop from each edge. @returns null while there is no such mat */
export function matBackScene(plan: Figures, job: Decided, index: number): Scene | null {
	const mat = plan.window?.mats[index];
	// One that is at hand is not cut.
	if (!mat || job.mats[index]?.have) return null;
	const { blank } = mat;
	const holes = mat.holes ?? [mat];
	const shapes: Shape[] = [
		{ role: 'backing', rings: [rectangle(0, 0, blank.width, blank.height)], title: `Mat ${index + 1}, its back` },
		...(mat.lift ? liftStrips(mat.lift, blank) : [])
	];
	const dimensions: Dimension[] = [];
	for (const [at, hole] of holes.entries()) {
		const stop = fromBack(hole.stop);
		const line: Rect = {
			left: stop.left,
			top: stop.top,
			width: blank.width - stop.left - stop.right,
			height: blank.height - stop.top - stop.bottom
		};
		shapes.push({ role: 'part-window', rings: [outlineOf(nth(job.windows, at).shape, line)], title: 'Cutting line' });
		const of = mat.holes ? ` of window ${at + 1}` : '';
		const { left, top, width, height } = line;
		const stops: [string, Dimension['side'], number, number, number][] = [
			['left', 'bottom', 0, left, stop.left],
			['right', 'bottom', left + width, blank.width, stop.right],
			['top', 'left', 0, top, stop.top],
			['bottom', 'left', top + height, blank.height, stop.bottom]
		];
		for (const [side, place, from, to, value] of stops)
			dimensions.push({
				name: `stop ${side}${of}`,
				side: place,
				from,
				to,
				value,
				at: place === 'bottom' ? blank.height : 0,
				look: 'mark'
			});
		if (hole.curve) {
			const centre = centreFromBack(hole.curve, blank.width);
			shapes.push({
				role: 'hook',
				circle: { x: centre.left, y: centre.top, radius: blank.width / 150 },
				title: 'Centre of the curve'
			});
		}
	}
	return board(`Mat ${index + 1}, face down`, blank, shapes, dimensions);
}

/** Where the sheet comes to lie: on the under-mat face up, or on the back of the window mat face down. */
export function placingScene(plan: Figures, job: Decided, index: number): Scene | null {
	const sight = sightsOf(job, plan)[index];
	if (!sight || !plan.window) return null;
	const laid = laidOn(plan, job, sight);
	const { largest } = sight.measure;
	const pack = boardSize(laid, sight, plan.window.pack);
	const corners = ownCorners(sight.measure).map(({ x, y }) => ({
		x: laid.left + (laid.backUp ? largest.width - x : x),
		y: laid.top + y
	}));
	const shapes: Shape[] = [
		{ role: 'backing', rings: [rectangle(0, 0, pack.width, pack.height)], title: laid.board },
		{
			role: 'sheet',
			rings: [corners],
			fill: laid.backUp ? CORE : PAPER,
			title: laid.backUp ? 'The piece, face down' : 'The piece, face up'
		}
	];
	const dimensions: Dimension[] =
		laid.board === 'its own board'
			? []
			: [
					{
						name: 'from the left',
						side: 'bottom',
						...between(laid.left),
						at: Math.max(pack.height, laid.top + largest.height),
						look: 'mark'
					},
					{ name: 'from the top', side: 'left', ...between(laid.top), at: Math.min(0, laid.left), look: 'mark' }
				];
	const away = dimensions.filter(({ value }) => !isNothing(value));
	const name = nth(laid.board, 0).toUpperCase() + laid.board.slice(1);
	const scene = board(`${which(sight)}${name}, ${laid.backUp ? 'face down' : 'face up'}`, pack, shapes, away);
	// A piece stands out past its support on every side.
	const out = { left: Math.min(0, laid.left), top: Math.min(0, laid.top) };
	return { ...scene, box: { ...out, width: pack.width - 2 * out.left, height: pack.height - 2 * out.top } };
}

/** From the board's edge to the sheet's, whichever lies farther out. */
function between(lies: number): Pick<Dimension, 'from' | 'to' | 'value'> {
	return { from: Math.min(0, lies), to: Math.max(0, lies), value: Math.abs(lies) };
}

function boardSize(laid: Laid, { opening, measure }: Sight, pack: Size): Size {
	if (laid.board === 'its own board') return measure.largest;
	return laid.board === 'support' ? (opening.support ?? pack) : pack;
}

/** The board with its slits, from its front. */
export function slitsScene(plan: Figures, job: Decided, index: number): Scene | null {
	const sight = sightsOf(job, plan)[index];
	const slit = sight?.hold?.slit;
	if (!sight || !slit || !plan.window) return null;
	const laid = laidOn(plan, job, sight);
	const size = boardSize(laid, sight, plan.window.pack);
	const places = slitPlaces(sight, { plan, job });
	const shapes: Shape[] = [
		{ role: 'backing', rings: [rectangle(0, 0, size.width, size.height)], title: laid.board },
		...places.map(({ left, top }): Shape => ({
			role: 'part-window',
			rings: [rectangle(left - slit.length / 2, top - SLIT_SEEN / 2, slit.length, SLIT_SEEN)],
			title: 'Slit'
		}))
	];
	const dimensions = places.flatMap(({ left, top }, at): Dimension[] => [
		{ name: `slit ${at + 1} from the left`, side: 'bottom', from: 0, to: left, value: left, at: size.height, look: 'mark' },
		...(at === 0
			? [{ name: 'slits from the top', side: 'left' as const, from: 0, to: top, value: top, at: 0, look: 'mark' as const }]
			: [])
	]);
	return board(`${which(sight)}Slits in the ${laid.board}, from its front`, size, shapes, dimensions);
}

/** A cut has no width; it is drawn so high, mm. */
const SLIT_SEEN = 1;

/** The sheet with its tabs, as it lies when they are put on: back up, a piece that sheds face up. */
export function hingingScene(plan: Figures, job: Decided, index: number): Scene | null {
	const sight = sightsOf(job, plan)[index];
	if (!sight?.hold || !isHinge(sight.hold.kind)) return null;
	const backUp = !staysFaceUp(job);
	const { largest } = sight.measure;
	const turned = (ring: Point[]) => ring.map(({ x, y }) => ({ x: backUp ? largest.width - x : x, y }));
	const { hold } = sight;
	const tabs = tabRings(sight).map((ring): Shape => ({ role: 'hinge', rings: [turned(ring)], title: 'Tab' }));
	const shapes: Shape[] = [
		{
			role: 'sheet',
			rings: [turned(ownCorners(sight.measure))],
			fill: backUp ? CORE : PAPER,
			title: backUp ? 'Back of the sheet' : 'The sheet'
		},
		...tabs
	];
	const centres = hold.places
		.map((place) => (backUp ? there(sight.piece.readings, 'readings').top - place : place))
		.sort((one, other) => one - other);
	const dimensions = centres.map((centre, at): Dimension => ({
		name: `hinge ${at + 1} from the left`,
		side: 'bottom',
		from: 0,
		to: centre,
		value: centre,
		at: largest.height,
		look: 'mark'
	}));
	const stands = hold.kind === 't-hinge' ? there(hold.tab, 'tab') : 0;
	const scene = board(`${which(sight)}${backUp ? 'The sheet, face down' : 'The sheet, face up'}`, largest, shapes, dimensions);
	return { ...scene, box: { left: 0, top: -stands, width: largest.width, height: largest.height + stands } };
}

function tabRings({ hold, measure }: Sight): Point[][] {
	const { size, tab, kind, places } = there(hold, 'hold');
	const reach: [number, number] =
		kind === 't-hinge' ? [-there(tab, 'tab'), size.height] : [0, Math.max(size.height, there(tab, 'tab'))];
	return places.map((place) =>
		patchOn(measure, {
			side: 'top',
			from: place - size.width / 2,
			to: place + size.width / 2,
			deepFrom: reach[0],
			deepTo: reach[1]
		})
	);
}

/** Left and right change over. */
function liftStrips(
	{ uprights, crosses }: { uprights: { left: Size; right: Size }; crosses: { top: Size; bottom: Size } },
	blank: Size
): Shape[] {
	const strip = (left: number, top: number, { width, height }: Size, title: string): Shape => ({
		role: 'strip',
		rings: [rectangle(left, top, width, height)],
		fill: CORE,
		title
	});
	return [
		strip(0, 0, uprights.right, 'Strip of the lift'),
		strip(blank.width - uprights.left.width, 0, uprights.left, 'Strip of the lift'),
		strip(uprights.right.width, 0, crosses.top, 'Strip of the lift'),
		strip(uprights.right.width, blank.height - crosses.bottom.height, crosses.bottom, 'Strip of the lift')
	];
}

function board(title: string, { width, height }: Size, shapes: Shape[], dimensions: Dimension[]): Scene {
	return { view: 'board', title, box: { left: 0, top: 0, width, height }, shapes, dimensions, callouts: [] };
}
