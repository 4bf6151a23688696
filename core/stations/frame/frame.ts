/**
 * Station Frame: what the pack drops into, what is seen through it, what is cut or bought for it (handbook frame).
 *
 *   ├──────── face ────────┤
 *                  ├─ lip ─┤            rabbet = pack + allowance, sight = rabbet − 2 × lip, outer = rabbet + 2 × (face − lip)
 *   ████████████████████████
 *   █████████████████              ─┬─
 *   █████████████████  pack …       │ rabbet depth
 *   █████████████████              ─┴─
 */
import { mapAxes, type Size } from '../../geometry/shapes.ts';
import { movementOf } from '../measure/movement.ts';
import { type Readings, isStiff } from '../../job/decide-piece.ts';
import { planMeasure } from '../measure/measure.ts';
import type { House } from '../../shop/house.ts';
import type { Section } from '../../shop/mouldings.ts';
import type { Shop } from '../../shop/shop.ts';
import { kitOf } from './kit.ts';
import { cornersOut, isOutOfTrue, LITE_FIGURES, liteBlank, liteOf } from './lite.ts';
import { planPoints } from './points.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import {
	apart,
	at,
	down,
	houseTerms,
	largest,
	less,
	named,
	over,
	plain,
	root,
	sizeTerms,
	sum,
	tidied,
	times,
	twice,
	up,
	type Term,
	type TermSize
} from '../../rule/term.ts';
import { FRAMES } from './kinds/all.ts';
import { fail } from '../../job/faults.ts';
import { showSize, showWithUnit } from '../../units/show.ts';
import { there } from '../../units/there.ts';

export function planFrame(
	job: Decided,
	shop: Shop,
	before: { pack: Size; thickness: number; ready: TermSize | null },
	figure: Figure
): Frame | null {
	if (!job.frame) return null;
	const { house } = shop;
	const write = (name: string, term: Term, source: string) => figure(`frame.${name}`, term, source);
	for (const key of ['face', 'lip', 'depth', 'rabbetDepth', 'density'] as const)
		write(`section.${key}`, at(`job.frame.section.${key}`, job.frame.section[key]), 'frame#section');
	const section = sectionTerms(job.frame.section);
	const pack = sizeTerms('window.pack', before.pack);
	const eachAxis = (name: string, of: (axis: keyof Size) => Term, source: string): TermSize =>
		mapAxes((axis) => write(`${name}.${axis}`, of(axis), source));
	const rabbet = eachAxis('rabbet', (axis) => before.ready?.[axis] ?? rabbetOf(axis, job, house, pack), 'frame#allowance');
	const allowance = eachAxis('allowance', (axis) => tidied(less(rabbet[axis], pack[axis])), 'frame#allowance');
	const sight = eachAxis('sight', (axis) => tidied(less(rabbet[axis], twice(section.lip))), 'frame#sizes');
	const beyond = twice(less(section.face, section.lip));
	const outer = eachAxis('outer', (axis) => tidied(sum(rabbet[axis], beyond)), 'frame#sizes');
	const points = planPoints(job.frame, { rabbet, pack }, job, house, figure);
	const { inPairs, sawn: isSawn } = FRAMES[job.frame.kind];
	const { deepen } = job.frame;
	const strips = deepen > 0 ? [at('job.frame.deepen', deepen)] : [];
	const offset = less(sum(section.rabbetDepth, ...strips), at('pack.thickness', before.thickness));
	return {
		section: job.frame.section,
		allowance: mapAxes((axis) => allowance[axis].value),
		rabbet: mapAxes((axis) => rabbet[axis].value),
		sight: mapAxes((axis) => sight[axis].value),
		outer: mapAxes((axis) => outer[axis].value),
		...(isSawn ? sawn(rabbet, outer, house, write) : {}),
		points,
		...(inPairs && before.ready === null ? { kit: kitOf(pack, points, figure) } : {}),
		...(points.kind === 'offset-clips' ? { offset: write('offset', tidied(offset), 'frame#offset-clips').value } : {}),
		...(deepen > 0
			? { depthWithStrips: write('depthWithStrips', tidied(sum(section.depth, ...strips)), 'pack#deepen').value }
			: {}),
		...(job.rabbet ? { ...outOfTrue(job, house, rabbet, write), ...misfitOf(job.rabbet, write) } : {})
	};
}

/** A frame that stays closed: its rabbet from what was measured outside; what lies in it is nobody's figure. */
export function planClosedFrame(job: Decided, outer: Size, house: House, figure: Figure): Frame {
	const frame = there(job.frame, 'frame');
	const write = (name: string, term: Term, source: string) => figure(`frame.${name}`, term, source);
	for (const key of ['face', 'lip', 'depth', 'rabbetDepth', 'density'] as const)
		write(`section.${key}`, at(`job.frame.section.${key}`, frame.section[key]), 'frame#section');
	const section = sectionTerms(frame.section);
	const measured = sizeTerms('job.given.outer', outer);
	const eachAxis = (name: string, of: (axis: keyof Size) => Term): TermSize =>
		mapAxes((axis) => write(`${name}.${axis}`, of(axis), 'frame#sizes'));
	eachAxis('outer', (axis) => measured[axis]);
	const rabbet = eachAxis('rabbet', (axis) => tidied(less(measured[axis], twice(less(section.face, section.lip)))));
	const sight = eachAxis('sight', (axis) => tidied(less(rabbet[axis], twice(section.lip))));
	if (sight.width.value <= 0 || sight.height.value <= 0)
		fail(
			'given.outer',
			`Two faces of ${showWithUnit(frame.section.face, job.reader, 'mark')} leave no opening in a frame ${showSize(outer, job.reader, 'mark')} ${job.reader.unit}. Measure its outside again.`
		);
	const points =
		job.guard.backing && !job.kept.back
			? planPoints(frame, { rabbet, pack: readyPack(job, house, rabbet) }, job, house, figure)
			: null;
	return {
		section: frame.section,
		allowance: { width: 0, height: 0 },
		rabbet: mapAxes((axis) => rabbet[axis].value),
		sight: mapAxes((axis) => sight[axis].value),
		outer,
		points: points ?? {
			kind: FRAMES[frame.kind].clips ? 'clips' : frame.points,
			top: { count: 0 },
			side: { count: 0 },
			total: 0,
			stay: true
		}
	};
}

type Write = (name: string, term: Term, source: string) => Term;

function sectionTerms(section: Section): Record<keyof Section, Term> {
	const of = (name: keyof Section) => at(`frame.section.${name}`, section[name]);
	return { face: of('face'), lip: of('lip'), depth: of('depth'), rabbetDepth: of('rabbetDepth'), density: of('density') };
}

/** Rails with 45° mitres from a stick: a slanting cut takes √2 of the kerf. */
function sawn(rabbet: TermSize, outer: TermSize, of: House, write: Write): Pick<Frame, 'rails' | 'stick' | 'diagonal'> {
	const house = houseTerms(of);
	const round = twice(sum(outer.width, outer.height));
	const mitres = times(plain(4), root(plain(2)), house('kerf'));
	const rail = (index: number, axis: keyof Size) => write(`rails[${index}]`, outer[axis], 'frame#rails').value;
	const square = (term: Term) => times(term, term);
	return {
		rails: [rail(0, 'width'), rail(1, 'height'), rail(2, 'width'), rail(3, 'height')],
		stick: write('stick', times(house('stickSpare'), sum(round, mitres, house('stickTrim'))), 'frame#rails').value,
		diagonal: write('diagonal', root(sum(square(rabbet.width), square(rabbet.height))), 'frame#joining').value
	};
}

const RABBET = at('job.rabbet', Number.NaN);

/** By the school of following, glazing is cut as the frame is; a straight lite is the pack's size. */
function outOfTrue(job: Decided, house: House, rabbet: TermSize, write: Write): Pick<Frame, 'lite' | 'cornersOut'> {
	const readings = there(job.rabbet, 'rabbet');
	if (!isOutOfTrue(readings)) return {};
	const corners = cornersOut(readings);
	for (const [index, corner] of corners.entries())
		write(`cornersOut[${index}]`, named('cornerOut', corner, [RABBET, plain(index)]), 'frame#out-of-true');
	const isCut = job.guard.glazing.family !== 'none' && !job.kept.glazing;
	if (job.schools['old-frame'] === 'true-it' || !isCut) return { cornersOut: corners };
	const allowance = mapAxes((axis) => allowanceOf(axis, job, house, rabbet[axis]));
	const size = mapAxes((axis) => allowance[axis].value);
	const lite = { ...liteOf(readings, size, job.step), blank: liteBlank(readings, size, job.step) };
	const figures = [
		...LITE_FIGURES.map((name) => [name, lite[name]] as const),
		['blank.width', lite.blank.width] as const,
		['blank.height', lite.blank.height] as const
	];
	for (const [index, [name, value]] of figures.entries())
		write(
			`lite.${name}`,
			named('lite', value, [RABBET, allowance.width, allowance.height, at('job.step', job.step), plain(index)]),
			'frame#out-of-true'
		);
	return { cornersOut: corners, lite };
}

function misfitOf(readings: Readings, write: Write): Pick<Frame, 'misfit'> {
	if (readings.d1 === undefined || readings.d2 === undefined) return {};
	const { diagonals } = planMeasure({ readings, single: false }, 'frame.opening', 'frame');
	const misfit = apart(named('firstDiagonal', diagonals.d1, [RABBET]), at('job.rabbet.d1', readings.d1));
	return { misfit: write('misfit', misfit, 'frame#out-of-true').value };
}

/** The allowance that the customer's frame has to leave. */
export function allowanceIn(axis: keyof Size, job: Decided, house: House, rabbet: Size): number {
	return allowanceOf(axis, job, house, plain(rabbet[axis])).value;
}

/** As it was asked for, or what a side's growth needs. */
function allowanceOf(axis: keyof Size, job: Decided, house: House, side: Term): Term {
	const asked = job.frame?.allowance ?? null;
	return asked === null ? neededFor(axis, job, house, side) : at('job.frame.allowance', asked);
}

/** The rabbet of a frame that is there already: the largest upright pack that goes into its opening, rounded down. */
export function readyRabbet(job: Decided): TermSize | null {
	if (!job.rabbet) return null;
	const { usable } = planMeasure({ readings: job.rabbet, single: false }, 'frame.opening', 'frame');
	const step = at('job.step', job.step);
	return {
		width: down(named('usableAcross', usable.width, [RABBET]), step),
		height: down(named('usableDown', usable.height, [RABBET]), step)
	};
}

/** The pack that it takes: the rabbet less the allowance, which is worked out from the rabbet's side. */
export function readyPack(job: Decided, house: House, rabbet: TermSize): TermSize {
	const step = at('job.step', job.step);
	return mapAxes((axis) => down(less(rabbet[axis], allowanceOf(axis, job, house, rabbet[axis])), step));
}

function rabbetOf(axis: keyof Size, job: Decided, house: House, pack: TermSize): Term {
	return up(sum(pack[axis], allowanceOf(axis, job, house, pack[axis])), at('job.step', job.step));
}

/** Room that the fastest growing layer needs over the year, + 1 mm, at least 3, up to a half millimetre. */
export function allowanceFor(axis: keyof Size, job: Decided, house: House, pack: Size): number {
	return neededFor(axis, job, house, plain(pack[axis])).value;
}

function neededFor(axis: keyof Size, job: Decided, of: House, side: Term): Term {
	const house = houseTerms(of);
	// A canvas is keyed out in its frame, at both ends of each side.
	const keyed =
		fillsRabbet(job) && job.piece.kind === 'canvas'
			? [sum(times(side, movementOf(job.piece, of, axis)), twice(house('canvasKeying')))]
			: [];
	const needed = largest(sum(times(side, fastestOf(axis, job, of)), house('allowanceSpare')), ...keyed);
	// Tape over the rabbet's wood takes room at both ends.
	const lined = job.frame?.lining ? [twice(house('liningTape'))] : [];
	return up(sum(largest(house('allowanceLeast'), needed), ...lined), house('allowanceStep'));
}

/** How much the pack's side grows over the year, mm. */
export function growthOf(axis: keyof Size, job: Decided, house: House, pack: Size): number {
	return pack[axis] * fastestOf(axis, job, house).value;
}

/** Growth over the house swing, as a share of the length, of what grows most: glazing, a board of the pack, a panel that fills the rabbet. */
function fastestOf(axis: keyof Size, job: Decided, of: House): Term {
	const house = houseTerms(of);
	const { glazing, underMat, fillers, backing } = job.guard;
	const pane = (name: 'perKelvin' | 'perTenRh') => at(`shop.glazings[${glazing.id}].${name}`, glazing[name]);
	const ofGlazing = sum(
		times(pane('perKelvin'), house('swingKelvin')),
		over(times(pane('perTenRh'), house('swingRh')), plain(10))
	);
	const boards = [...job.mats.map((mat) => mat.board), underMat, ...fillers.map((filler) => filler.board), backing];
	// Plastic sheet is taken with the boards: it is cut to the same size and its own growth is not in the handbook.
	const isPaper = boards.some((board) => board && board.growth !== 'metal');
	const isMetal = boards.some((board) => board?.growth === 'metal');
	return largest(
		ofGlazing,
		...(isPaper ? [over(times(house('boardGrowth'), house('swingRh')), plain(10))] : []),
		...(isMetal ? [times(house('metalGrowthPerKelvin'), house('swingKelvin'))] : []),
		...(fillsRabbet(job) ? [movementOf(job.piece, of, axis)] : [])
	);
}

/** A panel without a mat fills the rabbet itself, and moves in it; a sheet gives way. */
function fillsRabbet(job: Decided): boolean {
	return job.mats.length === 0 && job.window.way !== 'float' && isStiff(job.piece.kind);
}
