/** One window over one piece: what it shows of the sheet, and how far the sheet may be off (handbook window#ways). */
import { axisOf, mapAxes, mapSides, type Place, type Rect, type SideName, type Sides, type Size } from '../../geometry/shapes.ts';
import type { Piece, Zone } from '../../job/decide-piece.ts';
import type { MatChoice, WindowChoice } from '../../job/decide-window.ts';
import { fail } from '../../job/faults.ts';
import type { House } from '../../shop/house.ts';
import { showSize, showWithUnit, type Reader } from '../../units/show.ts';
import { zoneMargin } from './zone-margin.ts';
import type { SolveInput } from './sides-asked.ts';
import { canSolve, solveWindow, type Solved } from './solve.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Opening } from '../../figures/window.ts';
import type { Figure, Write } from '../../rule/book.ts';
import { SIDES_OF, sidesOf, sideTerms, sideValues, sizeValues, writeSides, type TermSides } from '../../rule/side-terms.ts';
import {
	at,
	down,
	half,
	houseTerms,
	largest,
	less,
	named,
	nearest,
	plain,
	settled,
	sizeTerms,
	smallest,
	sum,
	tidied,
	twice,
	up,
	type Term,
	type TermSize
} from '../../rule/term.ts';
import { nth, there } from '../../units/there.ts';
import { isSame } from '../../units/compare.ts';

export type OpeningInput = {
	piece: Piece;
	choice: WindowChoice;
	measure: Measure;
	movement: Size;
	/** The mat nearest the piece. */
	mat: MatChoice;
	/** It hangs from its top edge, so that all of its movement comes at the bottom. */
	hangs: boolean;
	house: House;
	step: number;
	reader: Reader;
	/** Of a mat that is at hand, which nobody cuts; null where the window is planned. */
	fixed: TermSize | null;
	/** Path of the window in the job file, for a fault. */
	place: string;
	/** Writes its figures down, as a single window's. */
	figure: Figure;
};

/**
 * @returns the window, or null while the image that a reveal is measured from is missing
 * @throws FaultError when no window is left
 */
export function planOpening(input: OpeningInput): Opening | null {
	const { choice } = input;
	if (choice.way === 'float') return withZones(float(input), input);
	const found =
		choice.way === 'reveal'
			? reveal(input)
			: input.fixed
				? covered(input, input.fixed)
				: choice.solve
					? solved(input)
					: cover(input);
	if (!found) return null;
	if (choice.shape === 'arch' && found.opening.height < found.opening.width / 2)
		fail(
			`${input.place}.shape`,
			`An arch ${showSize(found.opening, input.reader)} is too low: its height must be at least half its width. Choose another shape, or less overlap at the top and bottom.`
		);
	return withZones(found, input);
}

type Found = Opening & { overlap: Sides };

/** Every zone's margin to the window is a figure, before anything fails. */
function withZones<T extends Opening>(found: T, { piece, choice, figure }: OpeningInput): T {
	const zones: NonNullable<Opening['zones']> = [];
	for (const [index, zone] of piece.zones.entries()) {
		if (zone.kind === 'keep-off') continue;
		const of = [at(`job.piece.zones[${index}]`, NaN), at('window.sees', NaN), at('job.window.shape', NaN)];
		const margin = named('zoneMargin', zoneMargin(zone, found.sees, choice.shape), of);
		zones.push({
			id: zone.id,
			kind: zone.kind,
			margin: figure(`window.zones[${zones.length}].margin`, margin, 'window#zones').value
		});
	}
	return zones.length > 0 ? { ...found, zones } : found;
}

const usableTerms = ({ usable }: Measure) => ({
	...sizeTerms('measure.usable', usable),
	left: at('measure.usable.left', usable.left),
	top: at('measure.usable.top', usable.top)
});

/** Writes the opening, and what of the sheet is seen through it. */
function written(
	{ figure }: OpeningInput,
	opening: TermSize,
	sees: (opening: TermSize) => { left: Term; top: Term },
	anchor: string,
	seesAnchor = anchor
): { opening: Size; sees: Rect; terms: TermSize } {
	const terms = mapAxes((axis) => figure(`window.opening.${axis}`, opening[axis], `window#${anchor}`));
	const place = sees(terms);
	const [left, top] = (['left', 'top'] as const).map((side) =>
		figure(`window.sees.${side}`, place[side], `window#${seesAnchor}`)
	) as [Term, Term];
	const size = mapAxes((axis) => figure(`window.sees.${axis}`, terms[axis], 'window#opening').value);
	return { opening: size, sees: { left: left.value, top: top.value, ...size }, terms };
}

const writer =
	(figure: Figure): Write =>
	(name, term, anchor) =>
		figure(`window.${name}`, term, `window#${anchor}`);

function cover(input: OpeningInput): Found {
	const { choice, measure, step, figure } = input;
	const usable = usableTerms(measure);
	const asked = sideTerms('job.window.overlap', choice.overlap);
	const round = choice.shape === 'circle';
	const opening = openingOf(asked, usable, at('job.step', step), round);
	if (opening.width.value <= 0 || opening.height.value <= 0) noWindow(input);
	let overlap: TermSides | null = null;
	const found = written(
		input,
		opening,
		(cut) => {
			overlap = writeSides(writer(figure), 'overlap', overlapOf(asked, usable, cut), 'overlap');
			return { left: sum(usable.left, overlap.left), top: sum(usable.top, overlap.top) };
		},
		round ? 'shapes' : 'opening',
		'opening'
	);
	return { opening: found.opening, overlap: sideValues(there(overlap, 'overlap')), least: leastOverlap(input), sees: found.sees };
}

/** Behind a mat that is at hand the overlap follows: half of what the opening leaves, or what one side's leaves the other. */
function covered(input: OpeningInput, opening: TermSize): Found {
	const { choice, measure, figure } = input;
	const usable = usableTerms(measure);
	let overlap: TermSides | null = null;
	const found = written(
		input,
		opening,
		(cut) => {
			const follows = sidesOf((side) => {
				const axis = axisOf(side);
				const [one, other] = SIDES_OF[axis];
				const rest = less(usable[axis], cut[axis]);
				const across = side === one ? other : one;
				const [own, opposite] = [choice.typed[side], choice.typed[across]];
				if (own !== undefined) return at(`job.window.overlap.${side}`, own);
				return opposite === undefined ? half(rest) : less(rest, at(`job.window.overlap.${across}`, opposite));
			});
			overlap = writeSides(writer(figure), 'overlap', follows, 'at-hand');
			return { left: sum(usable.left, overlap.left), top: sum(usable.top, overlap.top) };
		},
		'at-hand'
	);
	return { opening: found.opening, overlap: sideValues(there(overlap, 'overlap')), least: leastOverlap(input), sees: found.sees };
}

function solved(input: OpeningInput): Found {
	const { piece, measure, step, figure } = input;
	const least = leastOverlap(input);
	const found = solvedFrom(input, least);
	if (!found) noWindow(input);
	const by = zonesBy(found.by, piece);
	const usable = usableTerms(measure);
	const sides = writeSides(
		writer(figure),
		'solved',
		sidesOf((side) => solvedSide(side, found, input)),
		'solve'
	);
	let overlap: TermSides | null = null;
	const cut = written(
		input,
		openingOf(sides, usable, at('job.step', step), false),
		(opening) => {
			overlap = writeSides(writer(figure), 'overlap', solvedOverlap(found, sides, usable, opening, input), 'solve');
			return { left: sum(usable.left, overlap.left), top: sum(usable.top, overlap.top) };
		},
		'opening'
	);
	return {
		opening: cut.opening,
		overlap: found.overlap,
		least,
		sees: cut.sees,
		solved: found.sides,
		solvedBy: by,
		...(found.giveUp.length > 0 ? { giveUp: found.giveUp.map((set) => set.map((index) => nth(piece.zones, index).id)) } : {})
	};
}

/** Where a zone asks for a side, as far as clears it; else the least overlap, a reverse bevel on top. */
function solvedSide(side: SideName, found: Solved, { piece, measure, mat, house }: OpeningInput): Term {
	const by = found.by[side];
	if (by !== null)
		return settled(
			sum(distance(by, nth(piece.zones, by), side, 'far', measure), houseTerms(house)('hideZoneMargin')),
			found.sides[side]
		);
	const least = at(`window.least.${side}`, found.sides[side]);
	if (hiddenByBevel(mat) === 0) return least;
	return settled(sum(least, at(`shop.boards[${mat.board.id}].thickness`, mat.board.thickness)), found.sides[side]);
}

/** What rounding takes is shared, unless that would bring the mat over what must show: then one side stands at its limit. */
function solvedOverlap(
	{ sides: from, overlap }: Solved,
	sides: TermSides,
	usable: TermSize,
	opening: TermSize,
	{ piece, measure, house }: OpeningInput
): TermSides {
	const along = (axis: keyof Size): [Term, Term] => {
		const [one, other] = SIDES_OF[axis];
		const rest = less(usable[axis], opening[axis]);
		const taken = overlap[one] + overlap[other] - from[one] - from[other];
		if (isSame(overlap[one] - from[one], taken / 2)) {
			const share = half(less(rest, sides[one], sides[other]));
			return [settled(sum(sides[one], share), overlap[one]), settled(sum(sides[other], share), overlap[other])];
		}
		// The side whose zone bounds it moves less than its half.
		const [bound, free] = overlap[one] - from[one] < taken / 2 ? [one, other] : [other, one];
		const limits = piece.zones.flatMap((zone, index) =>
			zone.kind === 'show' ? [less(distance(index, zone, bound, 'near', measure), houseTerms(house)('showZoneMargin'))] : []
		);
		const stands = settled(largest(sides[bound], smallest(...limits)), overlap[bound]);
		const left = settled(less(rest, at(`window.overlap.${bound}`, overlap[bound])), overlap[free]);
		return bound === one ? [stands, left] : [left, stands];
	};
	const [left, right] = along('width');
	const [top, bottom] = along('height');
	return { top, right, bottom, left };
}

/** From the usable edge of a side to a zone's nearer or farther edge. */
function distance(index: number, zone: Zone, side: SideName, edge: 'near' | 'far', measure: Measure): Term {
	const axis = axisOf(side);
	const [before] = SIDES_OF[axis];
	const usable = usableTerms(measure);
	const start = at(`job.piece.zones[${index}].${before}`, zone[before]);
	const size = at(`job.piece.zones[${index}].${axis}`, zone[axis]);
	if (side === before) return less(edge === 'far' ? sum(start, size) : start, usable[before]);
	return less(sum(usable[before], usable[axis]), start, ...(edge === 'near' ? [size] : []));
}

type SolveSubject = Pick<OpeningInput, 'piece' | 'measure' | 'mat' | 'house' | 'step'>;

/** The largest window for the zones of a piece, from the least overlap on; a reverse bevel begins its board's thickness later. */
function solvedFrom(subject: SolveSubject, least: Sides): Solved | null {
	return solveWindow(solveInput(subject, least));
}

const solvable = new WeakMap<Sides, boolean>();

/** Whether there is such a window that satisfies every zone; each zone of a plan asks it anew. */
export function isSolvable(subject: SolveSubject, least: Sides): boolean {
	const known = solvable.get(least) ?? canSolve(solveInput(subject, least));
	solvable.set(least, known);
	return known;
}

function solveInput({ piece, measure, mat, house, step }: SolveSubject, least: Sides): SolveInput {
	const bevel = hiddenByBevel(mat);
	return {
		usable: measure.usable,
		least: mapSides((side) => least[side] + bevel),
		zones: piece.zones,
		showMargin: house.showZoneMargin,
		hideMargin: house.hideZoneMargin,
		step
	};
}

function zonesBy(by: Solved['by'], { zones }: Piece): Record<SideName, string | null> {
	const name = (side: SideName) => (by[side] === null ? null : nth(zones, by[side]).id);
	return { top: name('top'), right: name('right'), bottom: name('bottom'), left: name('left') };
}

/** The image and its margin, rounded to the nearest; the difference is shared by both sides, and the paper beyond is hidden. */
function reveal(input: OpeningInput): Found | null {
	const { piece, choice, measure, step, figure } = input;
	const { image } = piece;
	if (!image) return null;
	const margin = sideTerms('job.window.reveal', choice.reveal);
	const usable = usableTerms(measure);
	const start = { left: at('job.piece.image.left', image.left), top: at('job.piece.image.top', image.top) };
	const size = sizeTerms('job.piece.image', image);
	const asked = mapAxes((axis) => sum(size[axis], margin[SIDES_OF[axis][0]], margin[SIDES_OF[axis][1]]));
	const rounded = mapAxes((axis) => nearest(asked[axis], at('job.step', step)));
	const circle = largest(rounded.width, rounded.height);
	const opening = input.fixed ?? (choice.shape === 'circle' ? { width: circle, height: circle } : rounded);
	const found = written(
		input,
		opening,
		(cut) => {
			const from = (axis: keyof Size) => {
				const [one] = SIDES_OF[axis];
				return tidied(less(start[one], margin[one], half(less(cut[axis], asked[axis]))));
			};
			return { left: from('width'), top: from('height') };
		},
		'reveal'
	);
	const sees = {
		...sizeTerms('window.sees', found.sees),
		left: at('window.sees.left', found.sees.left),
		top: at('window.sees.top', found.sees.top)
	};
	const overlap = sidesOf((side) => {
		const axis = axisOf(side);
		const [one] = SIDES_OF[axis];
		if (side === one) return tidied(less(sees[one], usable[one]));
		return tidied(less(sum(usable[one], usable[axis]), sees[one], sees[axis]));
	});
	return {
		opening: found.opening,
		overlap: sideValues(writeSides(writer(figure), 'overlap', overlap, 'reveal')),
		least: leastOverlap(input),
		sees: found.sees
	};
}

/** The piece, and in a float the air round it, rounded up. */
export function packOfPiece({ choice, measure, step }: Pick<OpeningInput, 'choice' | 'measure' | 'step'>): TermSize {
	const size = sizeTerms('measure.largest', measure.largest);
	const air = choice.way === 'float' ? [twice(at('job.window.gap', choice.gap))] : [];
	return mapAxes((axis) => up(sum(size[axis], ...air), at('job.step', step)));
}

/** Wider than the sheet by the gap on every side; the support stays inside the piece. */
function float(input: OpeningInput): Opening {
	const { choice, measure } = input;
	const size = sizeTerms('measure.largest', measure.largest);
	const free = packOfPiece(input);
	const circle = largest(free.width, free.height);
	const opening = input.fixed ?? (choice.shape === 'circle' ? { width: circle, height: circle } : free);
	const found = written(
		input,
		opening,
		(cut) => {
			const centred = (axis: keyof Size) => tidied(half(less(size[axis], cut[axis])));
			return { left: centred('width'), top: centred('height') };
		},
		'float'
	);
	const support = supportOf(input);
	return { opening: found.opening, sees: found.sees, ...(support ? { support } : {}) };
}

/** A float's support; null where there is none. @throws FaultError for one that has no size left */
export function supportOf(input: Pick<OpeningInput, 'choice' | 'step' | 'measure' | 'figure' | 'place' | 'reader'>): Size | null {
	const { choice, step, measure, figure } = input;
	if (!choice.support) return null;
	const usable = sizeTerms('measure.usable', measure.usable);
	const back = twice(at('job.window.setBack', choice.setBack));
	const support = mapAxes(
		(axis) => figure(`window.support.${axis}`, down(less(usable[axis], back), at('job.step', step)), 'window#float').value
	);
	if (support.width <= 0 || support.height <= 0)
		fail(
			`${input.place}.setBack`,
			`A support set back ${showWithUnit(choice.setBack, input.reader, 'mark')} on every side leaves nothing. Reduce the setback.`
		);
	return support;
}

function noWindow({ place, measure, reader }: OpeningInput): never {
	fail(
		`${place}.overlap`,
		`This overlap leaves no window on a sheet of ${showSize(measure.usable, reader, 'mark')} ${reader.unit}. Make it smaller.`
	);
}

/** The opening that an overlap asked for leaves, cut down to the step; it may be nothing. */
export function openingFor(asked: Sides, usable: Size, step: number, round = false): Size {
	const sides = sidesOf((side) => plain(asked[side]));
	const opening = openingOf(sides, { width: plain(usable.width), height: plain(usable.height) }, plain(step), round);
	return sizeValues(opening);
}

function openingOf(asked: TermSides, usable: TermSize, step: Term, round: boolean): TermSize {
	const opening = mapAxes((axis) => down(less(usable[axis], asked[SIDES_OF[axis][0]], asked[SIDES_OF[axis][1]]), step));
	const circle = smallest(opening.width, opening.height);
	return round ? { width: circle, height: circle } : opening;
}

/** Computed from the rounded opening: half of what remains, plus half the difference that was asked for between the two sides. */
export function overlapFor(asked: Sides, usable: Size, opening: Size): Sides {
	const terms = (size: Size) => ({ width: plain(size.width), height: plain(size.height) });
	return sideValues(
		overlapOf(
			sidesOf((side) => plain(asked[side])),
			terms(usable),
			terms(opening)
		)
	);
}

function overlapOf(asked: TermSides, usable: TermSize, opening: TermSize): TermSides {
	return sidesOf((side) => {
		const axis = axisOf(side);
		const [one, other] = SIDES_OF[axis];
		const rest = half(less(usable[axis], opening[axis]));
		const difference = half(less(asked[one], asked[other]));
		return side === one ? sum(rest, difference) : less(rest, difference);
	});
}

/** The window in the piece's own measures. */
export function seenBy(overlap: Sides, opening: Size, usable: Place): Rect {
	return { left: usable.left + overlap.left, top: usable.top + overlap.top, ...opening };
}

/** A reverse bevel hangs back from the edge that is seen: that much of the overlap does not hold the sheet. */
export function hiddenByBevel(mat: MatChoice): number {
	return mat.bevel === 'reverse' ? mat.board.thickness : 0;
}

/** A sheet hung from the top moves by the whole of its movement at the bottom, half of it at each side; one held otherwise by half everywhere. */
function leastOverlap({ house: of, movement, hangs, figure }: OpeningInput): Sides {
	const house = houseTerms(of)('leastOverlap');
	const moves = sizeTerms('movement', movement);
	const sharedBy = (axis: keyof Size) => largest(house, sum(half(moves[axis]), plain(1)));
	const least = {
		top: hangs ? house : sharedBy('height'),
		right: sharedBy('width'),
		bottom: hangs ? largest(house, sum(moves.height, plain(1))) : sharedBy('height'),
		left: sharedBy('width')
	};
	return sideValues(writeSides(writer(figure), 'least', least, 'least-overlap'));
}
