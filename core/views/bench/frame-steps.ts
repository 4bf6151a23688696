/** Steps that make the frame and fit the pack into it: joined wood, a metal section, the customer's frame (handbook frame, order of the work). */
import { closingRail, isShimmed } from '../../stations/frame/kit.ts';
import { isNothing } from '../../units/round.ts';
import { staysFaceUp } from '../../stations/hold/as-laid.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import type { Points } from '../../figures/frame.ts';
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import { FASTENER_NAMES } from '../../stations/frame/fasteners.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { known, there } from '../../units/there.ts';

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
	return [...there(frameKindOf(writer.job), 'frame').made(writer), ...deepen(writer), ...lineRabbet(writer)];
}

/** Tape over the wood that would face the pack, where the job asks for it. */
function lineRabbet(writer: Writer): MadeStep[] {
	const [tape] = writer.parts('rabbet lining');
	const lining = writer.job.frame?.lining;
	if (!tape || !lining) return [];
	return [
		{
			id: 'line-rabbet',
			title: 'Line the rabbet',
			does: [
				`Cut four lengths of ${inSentence(known(writer.shop.edgeSeals, lining).name)}, ${writer.cut(tape.height)} wide, from ${writer.cut(tape.width)}.`,
				'Press one onto each rail: over the lip’s underside, into the corner, up the rabbet’s wall; short of the sight edge, so none shows.',
				'Trim it level with the frame’s back; no gap at the corners.'
			],
			because: 'Bare wood gives off acid next to the pack’s edge.',
			uses: [tape]
		}
	];
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
				`Fix strips ${writer.mark(by)} high, ${writer.mark(there(plan.frame, 'frame').section.face - there(plan.frame, 'frame').section.lip)} wide, glued to the frame’s back and painted; total then ${writer.mark(there(there(plan.frame, 'frame').depthWithStrips, 'depth with strips'))} from the wall.`,
				'Wedge the joint tight, so no light shows through; else cover it with painted gummed tape.'
			],
			because: 'Never press in a proud pack: deepen the frame.',
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
		? `${writer.job.piece.friable ? 'Friable, so turn nothing over' : 'Its paint is on the back, so turn nothing over'}: lower the frame over the ${what} from above, stand both on edge, and work from behind.`
		: `Lay the frame over the ${what}; turn both over.`;
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
			title: 'Fit with one or two points',
			does: [
				'Scrape glue lumps from the rabbet’s corners.',
				turned(writer, 'pack'),
				'Drive two points, lift, check from the front: second dust check.'
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
			title: `Fit all ${fasteners(writer)}`,
			does: [
				pointsSay(points, writer),
				...(clearance >= 0 ? [`From the pack to the moulding’s back: ${writer.fine(clearance)}.`] : []),
				...(job.piece.friable ? ['No hammering: friable.'] : [])
			],
			uses: []
		}
	];
}

/** Where they stand along the sides; those that stay are set as they were. */
export function pointsSay({ top, side, kind, stay, total }: Points, writer: Writer): string {
	if (stay) return `${SET_AGAIN[kind]}, all ${total}: replace any that break.`;
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
	rigid: 'Refit the points in new holes',
	flexible: 'Bend the old points back with a tool',
	hand: 'Refit the pulled points in new places',
	'turn-buttons': 'Turn the old buttons back',
	'offset-clips': 'Screw the old clips back on',
	clips: 'Press the old clips back in'
};

function shimmed(writer: Writer, clearance: number): string {
	if (isNothing(clearance)) return 'No room in the channel: slip card in only where the pack rattles.';
	return clearance < 0
		? `It is ${writer.fine(-clearance)} deeper than the channel and does not fit as planned.`
		: `The channel leaves ${writer.fine(clearance)}: slip card behind the backing board on all sides.`;
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
					? `Slide it in layer by layer, ${glazed ? 'the glazing first, ' : ''}checking each as it goes in.`
					: `Slide in the whole pack at once${glazed ? ', glazing to the front' : ''}.`,
				`Close it with the ${closing} rail: finger-tight, second dust check from the front, then tighten fully.`
			],
			because: 'Dust found now costs two screws; found later, all clips.',
			uses: []
		},
		{
			id: 'fit-all',
			title: tooDeep ? 'The pack is too deep' : shim ? 'Shims of card' : `Fit all ${fasteners(writer)}`,
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
				: `clips that step ${writer.mark(offset)} down: the ${what} is below the frame’s back`;
	return [
		{
			id: 'fit-first',
			title: 'Lay it in the frame',
			does: [
				`Put polyester felt or rag tape on the lip’s underside, where ${glazed ? 'the glazing rests' : 'paint would touch wood'}.`,
				turned(writer, what),
				'Fix two clips, lift, check from the front.'
			],
			because: glazed ? 'Particles rubbed off the lip show as dust behind the glazing.' : 'Paint that rubs on the lip comes off.',
			uses: []
		},
		{
			id: 'fit-all',
			title: `Fit all ${fasteners(writer)}`,
			does: [
				`Top and bottom ${top.count} each, sides ${side.count} each; ${step}.`,
				job.piece.kind === 'canvas'
					? 'Screw into the frame only, never the stretcher: it must still be keyed out.'
					: `Screw into the frame only; they touch the ${what} from behind alone, without pressing, so it can move.`
			],
			caution: 'Screws at most two thirds of the wood under them.',
			uses: []
		}
	];
}
