/** Steps that cut and join boards before the piece is near: blanks and windows, lifts, lined boards, spacers (handbook order of the work). */
import { matBackScene } from '../drawing/board.ts';
import { lineName, lineSize } from '../../stations/cut/material-name.ts';
import { atStart, inSentence } from '../../units/in-sentence.ts';
import { centreFromBack, fromBack } from '../../stations/hold/as-laid.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import type { Cut } from '../../figures/cut.ts';
import type { Decided } from '../../job/decided.ts';
import type { Scene } from '../../figures/scene.ts';
import { SPACER_NAMES } from '../../stations/guard/layers/spacer.ts';
import { partName } from '../../stations/cut/part-name.ts';
import { sightsOf, which } from '../../rule/sights.ts';
import { nth, there } from '../../units/there.ts';

const BLADE = 'Cut away from your holding hand, retract the blade between cuts, change it often; fresh bevels cut skin.';
const DUST = 'Fibreboard dust is harmful: cut outdoors or under extraction, wearing a mask.';

/** All that is cut from boards, films and cloth: squared first, then the windows, from the back. */
export function cutBoards(writer: Writer): MadeStep | null {
	const { plan, job } = writer;
	const blanks = writer.parts('mat', 'under-mat', 'filler', 'barrier', 'backing');
	const small = writer
		.parts('support', 'lift', 'adhesive board', 'adhesive sheet', 'cloth over the board', 'recess board', 'back spacer')
		.concat(sheetSpacers(writer));
	if (blanks.length + small.length === 0) return null;
	const mats = there(plan.window, 'window')
		.mats.map((mat, index) => ({ mat, index }))
		.filter(({ index }) => !nth(job.mats, index).have);
	// A printed mat's board is cut larger, and cut already when its print is pasted.
	const printed = new Set(mats.flatMap(({ mat: { print }, index }) => (print ? [`mat ${index + 1}`] : [])));
	const isCut = job.mats.flatMap(({ have }, index) => (have?.cut ? [{ name: `mat ${index + 1}`, have }] : []));
	const apart = new Set([...printed, ...isCut.map(({ name }) => name)]);
	const names = [
		...countedBy(
			blanks.filter(({ of }) => of === undefined || !apart.has(of)),
			(cut) => partName(lineName(cut))
		)
	].map(([name, count]) => (count > 1 ? `${count} × ${name}` : name));
	return {
		id: 'cut-boards',
		title: 'Cut the boards',
		does: [
			...(names.length > 0
				? [
						`Square blanks ${writer.size(there(plan.window, 'window').pack)}: ${names.join(', ')}; both diagonals equal${mats.length > 0 ? ' before cutting a window' : ''}.`
					]
				: []),
			...mats.flatMap(({ index }) => windowsOf(writer, index)),
			...isCut.map(
				({ name, have }) => `${atStart(name)} is already cut: ${writer.size(have.outer)}, window ${writer.size(have.opening)}.`
			),
			...mats.flatMap(({ mat: { print }, index }) =>
				print
					? [
							`Mat ${index + 1}, with its print pasted and dry, ${writer.size(print.board)}: square it from the window’s bottom edge, and trim the clamp strip last.`
						]
					: []
			),
			...stripsSay(writer, small),
			...recessSays(writer)
		],
		because:
			mats.length > 0
				? 'A window cut in an out-of-square blank is crooked in the frame.'
				: 'A board out of square binds in the rabbet.',
		caution: hasFibre(job) ? `${DUST} ${BLADE}` : BLADE,
		uses: [...blanks, ...small],
		pictures: mats.flatMap(({ index }) => matBackScene(plan, job, index) ?? [])
	};
}

/** A print is pasted on its board before the window is cut through both. */
export function pastePrints(writer: Writer): MadeStep | null {
	const { plan, job, shop } = writer;
	const mats = there(plan.window, 'window').mats.flatMap(({ print }, index) =>
		print && !nth(job.mats, index).have ? [{ print, index }] : []
	);
	if (mats.length === 0) return null;
	const blanks = writer.parts('mat').filter(({ of }) => mats.some(({ index }) => of === `mat ${index + 1}`));
	return {
		id: 'paste-print',
		title: mats.length > 1 ? 'Paste the prints on their boards' : 'Paste the print on its board',
		does: [
			...mats.map(
				({ print, index }) =>
					`Mat ${index + 1}: cut its board ${writer.size(print.board)}. The print measures at least ${writer.size(print.needs)}: lay it on from the middle outward, without bubbles.`
			),
			'Paste a sheet of the same paper behind it against bowing; weight under boards until dry.'
		],
		because: 'If cut first, the paper’s edge lifts at the bevel.',
		waitMinutes: shop.house.boardDryMinutes,
		uses: blanks
	};
}

/** A line painted on the bevel, once the window is cut. */
export function gildBevel({ job }: Writer): MadeStep | null {
	const lines = job.mats.flatMap(({ bevelLine, have }, index) =>
		bevelLine && !have ? [`mat ${index + 1} ${bevelLine.said}`] : []
	);
	if (lines.length === 0) return null;
	return {
		id: 'gild-bevel',
		title: 'Paint the bevel line',
		does: [
			`The bevel: ${lines.join(', ')}. Draw a nearly dry flat brush along the bevel from corner to corner; none on the face.`,
			'Let it dry before anything touches it.'
		],
		because: 'Wet paint marks the piece and the glazing.',
		waitMinutes: BEVEL_DRY,
		uses: []
	};
}

/** Thin paint on a bevel, minutes. */
const BEVEL_DRY = 60;

/** Each window of a mat, as the stops are set with the mat's back up: left and right are those of the back. */
export function windowsOf(writer: Writer, index: number): string[] {
	const { plan, job } = writer;
	const mat = nth(there(plan.window, 'window').mats, index);
	const bevel = nth(job.mats, index).bevel === 'reverse' ? 'reverse bevel' : 'normal bevel';
	return (mat.holes ?? [mat]).map((hole, at) => {
		const { top, right, bottom, left } = fromBack(hole.stop);
		const which = mat.holes ? `, window ${at + 1}` : '';
		const measures = `the window measures ${writer.size(hole.opening)}`;
		if (hole.curve) {
			const centre = centreFromBack(hole.curve, mat.blank.width);
			const radius = hole.curve.radius === undefined ? '' : `, radius ${writer.mark(hole.curve.radius)}`;
			return `Cut mat ${index + 1}${which}, ${bevel}, face down: ${nth(job.windows, at).shape}, its centre ${writer.mark(centre.left)} from the left and ${writer.mark(centre.top)} from the top${radius}; ${measures}.`;
		}
		return `Cut mat ${index + 1}${which}, ${bevel}, face down: stops left ${writer.mark(left)}, right ${writer.mark(right)}, top ${writer.mark(top)}, bottom ${writer.mark(bottom)}; ${measures}.`;
	});
}

/** Where the opening comes in the boards of a recess: round the piece as it lies. */
function recessSays(writer: Writer): string[] {
	if (writer.parts('recess board').length === 0) return [];
	return sightsOf(writer.job, writer.plan).map((sight) => {
		const { size, recess } = there(sight.hold, 'hold');
		const { left, top } = there(recess, 'recess');
		return `${which(sight)}In each recess board cut an opening ${writer.size(size)}: ${writer.mark(left)} from the left edge and ${writer.mark(top)} from the top, from the front.`;
	});
}

/** Parts of a kind together, each size once: `Lift, mat 1: 4 of 52 × 364, 2 of 194 × 52.` */
function stripsSay(writer: Writer, parts: readonly Cut[]): string[] {
	const kinds = new Map<string, Cut[]>();
	for (const cut of parts) {
		const kind = [atStart(partName(cut.role)), cut.of].filter(Boolean).join(', ');
		kinds.set(kind, [...(kinds.get(kind) ?? []), cut]);
	}
	return [...kinds].map(([kind, cuts]) => {
		const sizes = [...countedBy(cuts, (cut) => lineSize(cut, writer.job.reader))].map(([size, count]) => `${count} of ${size}`);
		return `${kind}: ${sizes.join(', ')}.`;
	});
}

/** How many there are of each name, in their order. */
function countedBy(parts: readonly Cut[], name: (cut: Cut) => string): Map<string, number> {
	const counts = new Map<string, number>();
	for (const cut of parts) counts.set(name(cut), (counts.get(name(cut)) ?? 0) + cut.count);
	return counts;
}

function sheetSpacers(writer: Writer) {
	return writer.parts('spacer').filter(({ from }) => from === 'sheet');
}

function hasFibre({ guard, kept }: Decided): boolean {
	return (guard.backing?.woodFibre === true && !kept.back) || guard.fillers.some(({ board }) => board.woodFibre);
}

export function cutGlazing(writer: Writer): MadeStep | null {
	const { job, plan } = writer;
	const { glazing } = job.guard;
	if (glazing.family === 'none' || job.kept.glazing) return null;
	const glass = glazing.family !== 'acrylic';
	const lite = plan.frame?.lite;
	return {
		id: 'cut-glazing',
		title: `Cut the glazing, ${inSentence(glazing.name)}`,
		does: [
			...(lite
				? [
						`Cut it to the frame, not square, from a blank ${writer.size(lite.blank)}.`,
						`From the front: top ${writer.cut(lite.top)}, right ${writer.cut(lite.right)}, bottom ${writer.cut(lite.bottom)}, left ${writer.cut(lite.left)}; diagonal from the top left ${writer.cut(lite.d1)}, the other ${writer.cut(lite.d2)}.`
					]
				: [`Cut it ${writer.size(there(plan.window, 'window').pack)}.`]),
			glass ? 'Sweep the bench and floor afterwards.' : 'Leave the film on both faces.'
		],
		...(glass
			? { caution: 'Cut-resistant gloves, safety glasses, closed shoes; carry on edge; broken glass goes in its own bin.' }
			: {}),
		uses: writer.parts('glazing')
	};
}

/** Strips glued behind a mat, layer on layer; as they lie, the mat's back up. */
export function glueLifts(writer: Writer): MadeStep | null {
	const strips = writer.parts('lift');
	if (strips.length === 0) return null;
	const { plan, job } = writer;
	return {
		id: 'glue-lifts',
		title: 'Glue the lifts',
		does: there(plan.window, 'window').mats.flatMap(({ lift }, index) => {
			if (!lift) return [];
			const own = strips.filter(({ of }) => of === `mat ${index + 1}`);
			const layers = own.filter(({ side }) => side === 'left').reduce((sum, { count }) => sum + count, 0);
			const { left, right } = lift.uprights;
			const wide = left.width > right.width ? 'right' : 'left';
			const wider = left.width === right.width ? [] : [`Mat ${index + 1}: the wider strip goes at the ${wide} as it lies.`];
			// With a reverse bevel the edge seen from behind lies one board thickness farther out than the window's.
			const mat = nth(job.mats, index);
			const seen = lift.setback - (mat.bevel === 'reverse' ? mat.board.thickness : 0);
			return [
				`Mat ${index + 1}, face down: glue strips along its four edges, ${writer.mark(seen)} back from the visible window edge, ${layers === 1 ? 'one layer' : `${layers} layers`}, ${writer.fine(lift.height)} high in all.`,
				...wider
			];
		}),
		because: 'Set back evenly, no strip shows and the mat does not sag.',
		uses: strips,
		pictures: there(plan.window, 'window').mats.flatMap(
			({ lift }, index) => (lift ? (matBackScene(plan, job, index) ?? []) : []) as Scene[]
		)
	};
}

const JOINS: Record<Decided['guard']['join'], string> = {
	gummed: 'gummed tape along one long edge, like a book',
	paste: 'dots of paste along one long edge, under weight until dry',
	transfer: 'transfer tape',
	spray: 'spray adhesive'
};

/** How the window mat is joined to what lies behind it, as it was chosen. */
export function joinSays(writer: Writer): string {
	const { join, joinDistance } = writer.job.guard;
	const away = join === 'transfer' ? `, ${writer.withUnit(joinDistance)} or more from the window` : '';
	return `${JOINS[join]}${away}`;
}

/** Several mats become one before the piece is near. */
export function joinMats(writer: Writer): MadeStep | null {
	const { length } = writer.job.mats;
	if (length < 2) return null;
	const { join } = writer.job.guard;
	return {
		id: 'join-mats',
		title: 'Join the mats',
		does: [
			`Join mat ${length} behind mat ${length - 1}${length > 2 ? ', and so on to the front' : ''}: ${joinSays(writer)}.`,
			'Keep outer edges flush and reveals even; check from the front before fixing the last edge.'
		],
		because: 'Out of line now means out of line in the frame.',
		...(join === 'spray' ? { caution: 'Spray outdoors or under extraction: gloves, no flames.' } : {}),
		...(join === 'paste' ? { waitMinutes: 45 } : {}),
		uses: []
	};
}

/** The board behind a piece, covered with cloth. */
export function coverBoard(writer: Writer): MadeStep | null {
	const [cloth] = writer.parts('cloth over the board');
	if (!cloth) return null;
	return {
		id: 'cover-board',
		title: 'Cover the board',
		does: [
			`Lay washed, undyed cloth ${writer.size(cloth)} over the back mat, grain straight; turn the edges, paste them behind, fold the corners flat.`,
			'Weight until dry, then trim.'
		],
		because: 'The board is cut to size first; the cloth is cut larger and trimmed when dry.',
		waitMinutes: writer.shop.house.boardDryMinutes,
		uses: [cloth]
	};
}

/** Strips that hold the glazing off: glued up from board or cut from a stick, covered where they are lined. */
export function makeSpacers(writer: Writer): MadeStep | null {
	const strips = writer.parts('spacer');
	if (strips.length === 0) return null;
	const { lined, material } = there(writer.job.guard.spacer, 'spacer');
	const { seen } = there(there(writer.plan.pack, 'pack').spacer, 'spacer');
	const made = strips.some(({ from }) => from === 'sheet');
	return {
		id: 'make-spacers',
		title: 'Make the spacers',
		does: [
			`${SPACER_NAMES[material]}: ${strips.map((cut) => `${cut.of}, ${writer.counted(cut)}`).join('; ')}.`,
			...(made ? ['Glue up in layers to height, and weight.'] : []),
			...(lined ? ['Cover before cutting to length, with the seam on the hidden side.'] : []),
			seen > 0 ? `They show ${writer.fine(seen)} past the lip: colour that edge.` : 'The lip hides them.'
		],
		because: 'They hold the glazing off the piece all round.',
		...(made || lined ? { waitMinutes: 60 } : {}),
		uses: strips
	};
}
