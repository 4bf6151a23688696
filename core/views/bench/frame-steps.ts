/** Steps that make the frame and fit the pack into it: joined wood, a metal section, the customer's frame (handbook frame, order of the work). */
import { closingRail, isShimmed } from '../../stations/frame/kit.ts';
import { isNothing } from '../../units/round.ts';
import { staysFaceUp } from '../../stations/hold/as-laid.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import type { Points } from '../../figures/frame.ts';
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import { FASTENER_NAMES } from '../../stations/frame/fasteners.ts';
import { there } from '../../units/there.ts';

/** The steps that fit a pack by what holds it. */
const FITTINGS: Record<Points['kind'], (writer: Writer) => MadeStep[]> = {
	rigid: fitPoints,
	flexible: fitPoints,
	hand: fitPoints,
	'turn-buttons': fitPoints,
	'offset-clips': fitClipped,
	clips: fitMetal
};

/** What holds the pack, counted: `18 rigid pins`, `10 spring clips`. */
export function fasteners({ plan }: Writer): string {
	const { kind, total } = there(plan.frame, 'frame').points;
	return `${total} ${total === 1 ? FASTENER_NAMES[kind].one : FASTENER_NAMES[kind].many}`;
}

export function makeFrame(writer: Writer): MadeStep[] {
	return [...there(frameKindOf(writer.job), 'frame').made(writer), ...deepen(writer)];
}

/** Strips on the back deepen a rabbet that is too shallow. */
function deepen(writer: Writer): MadeStep[] {
	const { job, plan } = writer;
	const { deepen: by } = there(job.frame, 'frame');
	if (by === 0) return [];
	return [
		{
			id: 'deepen',
			title: `Deepen the rabbet by ${writer.mark(by)}`,
			does: [
				`Strips ${writer.mark(by)} high, ${writer.mark(there(plan.frame, 'frame').section.face - there(plan.frame, 'frame').section.lip)} wide, glued to the frame’s back and painted; the whole is then ${writer.mark(there(there(plan.frame, 'frame').depthWithStrips, 'depth with strips'))} from the wall.`,
				'Wedge the joint tight, so that no light falls through it; else painted gummed tape over it.'
			],
			because: 'A pack that is proud is not pressed in: the frame is made deep enough.',
			waitMinutes: 12 * 60,
			uses: writer.parts('strip on the back')
		}
	];
}

export function fit(writer: Writer): MadeStep[] {
	return FITTINGS[there(writer.plan.frame, 'frame').points.kind](writer);
}

/** What sheds is not turned face down: the pack is stood on edge. */
function turned(writer: Writer, what: string): string {
	return staysFaceUp(writer.job)
		? `It sheds, so nothing is turned over: lower the frame over the ${what} from above, stand both on edge, and work from behind.`
		: `Lay the frame over the ${what}; turn both.`;
}

function fitPoints(writer: Writer): MadeStep[] {
	const { job, plan } = writer;
	const { points } = there(plan.frame, 'frame');
	const { kind } = points;
	const glazed = job.guard.glazing.family !== 'none';
	const glass = glazed ? 'glazing' : 'piece';
	const clearance = there(there(plan.pack, 'pack').clearance, 'clearance');
	return [
		{
			id: 'fit-first',
			title: 'Fit, one or two points only',
			does: [
				`Scrape glue lumps from the rabbet’s corners. ${turned(writer, 'pack')}`,
				'Two points, lift, look from the front: dust check, second.'
			],
			because: 'Dust found now costs two points; found later, all of them.',
			caution:
				kind === 'hand'
					? `Flat, non-magnetic driver, a block behind the frame, away from your other hand; never over bare ${glass}.`
					: `Push points away from the ${glass} and your other hand, with a block behind the frame.`,
			uses: []
		},
		{
			id: 'fit-all',
			title: `All of them: ${fasteners(writer)}`,
			does: [
				pointsSay(points, writer),
				...(clearance >= 0 ? [`From the pack to the moulding’s back ${writer.fine(clearance)}.`] : []),
				...(job.piece.friable ? ['No hammering: it sheds.'] : [])
			],
			uses: []
		}
	];
}

/** Where they stand along the sides; those that stay are set as they were. */
export function pointsSay({ top, side, kind, stay, total }: Points, writer: Writer): string {
	if (stay) return `${SET_AGAIN[kind]}, all ${total}: one that breaks is replaced.`;
	const run = ({ count, first, spacing }: typeof top) =>
		count === 0
			? 'none'
			: first === undefined || spacing === undefined
				? `${count} each`
				: count === 1
					? `one, ${writer.mark(first)} in`
					: `${count} each, first at ${writer.mark(first)}, then every ${writer.mark(spacing)}`;
	return `Top and bottom ${run(top)}; sides ${run(side)}.`;
}

/** Those that came with the frame, used once more. */
const SET_AGAIN: Record<Points['kind'], string> = {
	rigid: 'The pins that were lifted out, in new holes',
	flexible: 'The tabs that are there, bent back with a tool',
	hand: 'The points that were pulled, in new places',
	'turn-buttons': 'The buttons that are there, turned back',
	'offset-clips': 'The clips that are there, screwed on again',
	clips: 'The clips that are there, pressed in again'
};

function shimmed(writer: Writer, clearance: number): string {
	if (isNothing(clearance)) return 'The channel leaves nothing: card is slipped in only where the pack rattles.';
	return clearance < 0
		? `It is ${writer.fine(-clearance)} deeper than the channel and does not go in as planned.`
		: `The channel leaves ${writer.fine(clearance)}: card is slipped behind the backing on all sides.`;
}

function fitMetal(writer: Writer): MadeStep[] {
	const { job, plan } = writer;
	const { top, side } = there(plan.frame, 'frame').points;
	const closing = closingRail(there(plan.frame, 'frame').outer, job.schools['closing-rail']);
	const clearance = there(there(plan.pack, 'pack').clearance, 'clearance');
	const shim = isShimmed(plan, writer.shop.house);
	const tooDeep = clearance < 0 && !isNothing(clearance);
	const glazed = job.guard.glazing.family !== 'none';
	return [
		{
			id: 'fit-first',
			title: 'Slide the pack in',
			does: [
				job.schools['metal-load'] === 'layers'
					? `Layer by layer, ${glazed ? 'the glazing first, ' : ''}each looked at as it goes in.`
					: `The whole pack at once${glazed ? ', glazing to the front' : ''}.`,
				`The ${closing} rail closes it: finger-tight, look from the front (dust check, second), then fully tightened.`
			],
			because: 'Dust found now costs two screws; found later, all clips.',
			uses: []
		},
		{
			id: 'fit-all',
			title: tooDeep ? 'The pack is too deep' : shim ? 'Shims of card' : `All of them: ${fasteners(writer)}`,
			does: shim
				? [shimmed(writer, clearance)]
				: [
						`Top and bottom ${top.count} each, sides ${side.count} each, pressed under the channel’s flange, ${writer.fine(clearance)} behind the pack.`
					],
			...(shim ? {} : { caution: 'A slipped clip flies: safety glasses on, hand behind it.' }),
			uses: []
		}
	];
}

function fitClipped(writer: Writer): MadeStep[] {
	const { job, plan } = writer;
	const { top, side } = there(plan.frame, 'frame').points;
	const offset = there(there(plan.frame, 'frame').offset, 'offset');
	const glazed = job.guard.glazing.family !== 'none';
	const what = there(plan.pack, 'pack').layers.length > 1 ? 'pack' : writer.piece;
	const step =
		Math.abs(offset) < 0.5
			? `flat clips: ${what} and frame end level`
			: offset < 0
				? `clips that step ${writer.mark(-offset)} up: the ${what} is proud`
				: `clips that step ${writer.mark(offset)} down: it lies below the frame’s back`;
	return [
		{
			id: 'fit-first',
			title: 'Lay it into the frame',
			does: [
				`Felt or tape of rag on the lip’s underside, where ${glazed ? 'the glazing rests' : 'paint would touch wood'}. ${turned(writer, what)}`,
				'Two clips, lift, look from the front.'
			],
			because: glazed ? 'What the lip rubs off shows as dust behind the glazing.' : 'What rubs on the lip comes off.',
			uses: []
		},
		{
			id: 'fit-all',
			title: `All of them: ${fasteners(writer)}`,
			does: [
				`Top and bottom ${top.count} each, sides ${side.count} each; ${step}.`,
				job.piece.kind === 'canvas'
					? 'Screwed into the frame alone, never into the stretcher: it must be keyed out again.'
					: `Screwed into the frame alone; they hold the ${what} without pressing, so that it can move.`
			],
			caution: 'Screws no longer than two thirds of the wood under them.',
			uses: []
		}
	];
}
