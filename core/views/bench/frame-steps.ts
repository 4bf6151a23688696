/** Steps that make the frame and fit the pack into it: joined wood, a metal section, the customer's frame (handbook frame, order of the work). */
import { closingRail, isShimmed, pairName } from '../../stations/frame/kit.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { isNothing } from '../../units/round.ts';
import { staysFaceUp } from '../../stations/hold/as-laid.ts';
import type { Step, Writer } from '../../stations/step.ts';
import type { Points } from '../../figures/frame.ts';
import type { FrameKind } from '../../job/decide-frame.ts';
import { there } from '../../units/there.ts';

/** What holds the pack, counted: `18 rigid pins`, `10 spring clips`. */
export function fasteners({ plan }: Writer): string {
	const { kind, total } = there(plan.frame, 'frame').points;
	const [one, many] = FASTENERS[kind];
	return `${total} ${total === 1 ? one : many}`;
}

/** Each kind as it is said of one and of many. */
const FASTENERS: Record<Points['kind'], readonly [string, string]> = {
	rigid: ['rigid pin', 'rigid pins'],
	flexible: ['flexible tab', 'flexible tabs'],
	hand: ['hand-pushed point', 'hand-pushed points'],
	'turn-buttons': ['turn button with its screw', 'turn buttons with their screws'],
	'offset-clips': ['offset clip with its screw', 'offset clips with their screws'],
	clips: ['spring clip', 'spring clips']
};

const MADE: Record<FrameKind, (writer: Writer) => Step[]> = {
	wood: joinWood,
	metal: (writer) => [there(writer.job.frame, 'frame').joined ? openMetal(writer) : joinMetal(writer)],
	'ready-made': (writer) => [readyFrame(writer)]
};

export function makeFrame(writer: Writer): Step[] {
	return [...MADE[there(writer.job.frame, 'frame').kind](writer), ...deepen(writer)];
}

/** Cut, glue and clamp, splines in their slots; then the finish, which dries before the pack is near it. */
function joinWood(writer: Writer): Step[] {
	const { job, plan } = writer;
	const { rails, stick, rabbet, diagonal } = there(plan.frame, 'frame');
	const [across, down] = there(rails, 'rails');
	const splined = there(job.frame, 'frame').corners === 'reinforced';
	return [
		{
			id: 'cut-frame',
			title: 'Cut the rails',
			does: [
				`Two rails ${writer.cut(across)} and two ${writer.cut(down)} at the long points, 45° at both ends, from ${writer.cut(there(stick, 'stick'))} of ${inSentence(there(job.frame, 'frame').name)}.`,
				'Lay each pair back to back: they are the same length to a hair.'
			],
			because: 'A pair that differs opens the last corner.',
			caution: 'Saw, guillotine, underpinner: guards on, one person, eyes and ears covered.',
			uses: writer.parts('rail, top and bottom', 'rail, left and right')
		},
		{
			id: 'join-frame',
			title: 'Glue and clamp',
			does: [
				`The rabbet then measures ${writer.size(rabbet)}, ${writer.mark(there(diagonal, 'diagonal'))} across both ways.`,
				splined ? 'When the glue holds, saw the slots and glue a spline into each corner.' : 'Corners glued and pinned.',
				...(there(job.frame, 'frame').brace
					? ['A cross-brace from long rail to long rail, in the middle, behind the pack’s place.']
					: [])
			],
			because: 'Both diagonals are equal, or the pack finds one corner closed.',
			waitMinutes: 12 * 60,
			uses: []
		},
		{
			id: 'finish-frame',
			title: 'Mask, colour, pare',
			does: [
				'Mask the face; colour the rabbet’s edge and the corners; let it dry, unmask.',
				`Pare ${splined ? 'splines and glue' : 'the glue'} flush; check both diagonals again.`
			],
			because: 'Paint, oil and wax are dry before the pack is near them.',
			caution: 'Solvents, wax: outdoors or extraction, gloves, no flame; oily rags in a closed metal can.',
			waitMinutes: 12 * 60,
			uses: []
		}
	];
}

function joinMetal({ job, plan }: Writer): Step {
	const closing = closingRail(there(plan.frame, 'frame').outer, job.schools['closing-rail']);
	const [across, down] = there(there(plan.frame, 'frame').kit, 'kit');
	return {
		id: 'join-metal',
		title: 'Join three rails',
		does: [
			`Pairs for ${pairName(there(there(across, 'across').size, 'size'), there(job.frame, 'frame').pairStep)} across and ${pairName(there(there(down, 'down').size, 'size'), there(job.frame, 'frame').pairStep)} down; the ${closing} rail stays off, it closes the frame.`,
			'A plain plate and one with screws in each of two corners; finger-tight, looked at from the front, then fully tightened.',
			...(isDark(there(job.frame, 'frame').colour.said) ? ['Touch up the cut ends before they meet.'] : [])
		],
		because: 'A corner that is tightened first stays open afterwards.',
		uses: []
	};
}

/** A metal frame that is delivered joined is opened before it can be loaded. */
function openMetal({ job, plan }: Writer): Step {
	const closing = closingRail(there(plan.frame, 'frame').outer, job.schools['closing-rail']);
	return {
		id: 'open-metal',
		title: 'Open the frame',
		does: [
			'Lay it face down on the padded surface. Lift out the spring clips that hold its backing, and what is in it.',
			`Loosen the two screws at the ends of the ${closing} rail; slide that rail off with its corner plates. Screws and clips into a dish.`
		],
		because: 'It was joined to be sent; the pack goes in by an open side, as into any metal frame.',
		caution: 'A clip that slips flies: eyes covered, the hand behind it.',
		uses: []
	};
}

function isDark(colour: string): boolean {
	return ['charcoal', 'ink', 'bark', 'dusk', 'walnut'].includes(colour);
}

function readyFrame(writer: Writer): Step {
	const { job, plan } = writer;
	const { lite, cornersOut } = there(plan.frame, 'frame');
	return {
		id: 'ready-frame',
		title: 'Make the frame ready',
		does: [
			'Blow out the sawdust; its wood-fibre back and its paper insert leave. Measure the rabbet again, four sides and both diagonals.',
			job.schools['ready-glass'] === 'in-place'
				? 'Glass that stays in it is cleaned in place.'
				: 'Glass that was in it is lifted out.',
			`The pack measures ${writer.size(there(plan.window, 'window').pack)}: try one board in it before the others are cut.`,
			...(cornersOut && !lite
				? [
						`It is out of true by up to ${writer.fine(Math.max(...cornersOut.map(Math.abs)))}: the straight lite must go in without pressing.`
					]
				: [])
		],
		because: 'A bought or old frame is seldom what its label says, and seldom square.',
		caution: 'Lift old points and tabs with a tool, never with a finger.',
		uses: []
	};
}

/** Strips on the back deepen a rabbet that is too shallow. */
function deepen(writer: Writer): Step[] {
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

export function fit(writer: Writer): Step[] {
	const { kind } = there(writer.plan.frame, 'frame').points;
	if (kind === 'clips') return fitMetal(writer);
	return kind === 'offset-clips' ? fitClipped(writer) : fitPoints(writer);
}

/** What sheds is not turned face down: the pack is stood on edge. */
function turned(writer: Writer, what: string): string {
	return staysFaceUp(writer.job)
		? `Mark which way is up on the back. It sheds, so nothing is turned over: the frame goes over the ${what} from above, both are stood on edge, and the work is done from behind.`
		: `Mark which way is up on the back; lay the frame over the ${what}; turn both.`;
}

function fitPoints(writer: Writer): Step[] {
	const { job, plan } = writer;
	const { top, side, kind } = there(plan.frame, 'frame').points;
	const glazed = job.guard.glazing.family !== 'none';
	const glass = glazed ? 'glass' : 'piece';
	const clearance = there(there(plan.pack, 'pack').clearance, 'clearance');
	const run = (one: typeof top) =>
		one.count === 0
			? 'none'
			: one.count === 1
				? `one, ${writer.mark(there(one.first, 'first'))} in`
				: `${one.count} each, first at ${writer.mark(there(one.first, 'first'))}, then every ${writer.mark(there(one.spacing, 'spacing'))}`;
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
					? `A flat, non-magnetic driver, a stop behind the frame, never over bare ${glass}; away from the other hand.`
					: `Points are pushed away from the ${glass} and the other hand, with a stop behind the frame.`,
			uses: []
		},
		{
			id: 'fit-all',
			title: `All of them: ${fasteners(writer)}`,
			does: [
				`Top and bottom ${run(top)}; sides ${run(side)}.`,
				...(clearance >= 0 ? [`From the pack to the moulding’s back ${writer.fine(clearance)}.`] : []),
				...(job.piece.friable ? ['No hammering: it sheds.'] : [])
			],
			uses: []
		}
	];
}

function shimmed(writer: Writer, clearance: number): string {
	if (isNothing(clearance)) return 'The channel leaves nothing: card is slipped in only where the pack rattles.';
	return clearance < 0
		? `It is ${writer.fine(-clearance)} deeper than the channel and does not go in as planned.`
		: `The channel leaves ${writer.fine(clearance)}: card is slipped behind the backing on all sides.`;
}

function fitMetal(writer: Writer): Step[] {
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
					: `The whole pack at once${glazed ? ', its glazing foremost' : ''}.`,
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
			...(shim ? {} : { caution: 'A clip that slips flies: eyes covered, the hand behind it.' }),
			uses: []
		}
	];
}

function fitClipped(writer: Writer): Step[] {
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
