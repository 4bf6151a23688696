/** Steps that make the frame and fit the pack into it: joined wood, a metal section, one that exists (handbook frame, order of the work). */
import { closingRail, pairName } from '../frame/kit.ts';
import type { Plan } from '../plan.ts';
import { showSize } from '../units/show.ts';
import type { Step, Writer } from './steps.ts';

/** What holds the pack, counted: "18 points", "10 spring clips". */
export function fasteners(plan: Plan): string {
	const { kind, total } = plan.frame!.points;
	if (kind === 'clips') return `${total} spring clips, 8 corner plates`;
	return kind === 'offset-clips' ? `${total} offset clips with screws` : `${total} points`;
}

export function makeFrame(writer: Writer): Step[] {
	const { kind } = writer.job.frame!;
	const made = kind === 'metal' ? [joinMetal(writer)] : kind === 'ready-made' ? [readyFrame(writer)] : joinWood(writer);
	return [...made, ...deepen(writer)];
}

/** Cut, glue and clamp, splines in their slots; then the finish, which dries before the pack is near it. */
function joinWood({ job, plan, length }: Writer): Step[] {
	const { rails, stick, rabbet, diagonal } = plan.frame!;
	const [across, down] = rails!;
	const splined = job.frame!.corners === 'reinforced';
	return [
		{
			id: 'cut-frame',
			title: 'Cut the rails',
			does: [
				`Two rails ${length(across)} and two ${length(down)} at the long points, 45° at both ends, from ${length(stick!)} of ${job.frame!.name}.`,
				'Lay each pair back to back: they are the same length to a hair.'
			],
			because: 'A pair that differs opens the last corner.',
			caution: 'Saw, guillotine, underpinner: guards on, one person, eyes and ears covered.'
		},
		{
			id: 'join-frame',
			title: 'Glue and clamp',
			does: [
				`The rabbet then measures ${showSize(rabbet, job.unit)}, ${length(diagonal!, true)} across both ways.`,
				splined ? 'When the glue holds, saw the slots and glue a spline into each corner.' : 'Corners glued and pinned.',
				...(job.frame!.brace ? ['A cross-brace from long rail to long rail, in the middle, behind the pack’s place.'] : [])
			],
			because: 'Both diagonals are equal, or the pack finds one corner closed.',
			waitMinutes: 12 * 60
		},
		{
			id: 'finish-frame',
			title: 'Mask, colour, pare',
			does: [
				'Mask the face; colour the rabbet’s edge and the corners; let it dry, unmask.',
				'Pare splines and glue flush; check both diagonals again.'
			],
			because: 'Paint, oil and wax are dry before the pack is near them.',
			caution: 'Solvents, wax: outdoors or extraction, gloves, no flame; oily rags in a closed metal can.',
			waitMinutes: 12 * 60
		}
	];
}

function joinMetal({ job, plan }: Writer): Step {
	const closing = closingRail(plan.frame!.outer, job.schools['closing-rail']);
	const [across, down] = plan.frame!.kit!;
	return {
		id: 'join-metal',
		title: 'Join three rails',
		does: [
			`Pairs for ${pairName(across!.size!, job.frame!.pairStep)} across and ${pairName(down!.size!, job.frame!.pairStep)} down; the ${closing} rail stays off, it closes the frame.`,
			'A plain plate and one with screws in each of two corners; finger-tight, looked at from the front, then fully tightened.',
			...(isDark(job.frame!.colour) ? ['Touch up the cut ends before they meet.'] : [])
		],
		because: 'A corner that is tightened first stands open afterwards.'
	};
}

function isDark(colour: string): boolean {
	return ['charcoal', 'ink', 'bark', 'dusk', 'walnut'].includes(colour);
}

function readyFrame({ job, plan, length }: Writer): Step {
	const { lite, cornersOut } = plan.frame!;
	return {
		id: 'ready-frame',
		title: 'Make the ready frame ready',
		does: [
			'Blow out the sawdust; its wood-fibre back and paper insert leave. Measure the rabbet again, four sides and both diagonals.',
			job.schools['ready-glass'] === 'in-place'
				? 'Its glass, where it is kept, is cleaned in place.'
				: 'Its glass, where it is kept, is lifted out and cleaned on both sides.',
			`The pack measures ${showSize(plan.window!.pack, job.unit)}: try one board in it before the others are cut.`,
			...(cornersOut && !lite
				? [
						`It is out of true by up to ${length(Math.max(...cornersOut.map(Math.abs)), true)}: the straight lite must go in without pressing.`
					]
				: [])
		],
		because: 'A bought or old frame is seldom what its label says, and seldom square.',
		caution: 'Lift old points and tabs with a tool, never with a finger.'
	};
}

/** Strips on the back deepen a rabbet that is too shallow. */
function deepen({ job, plan, length }: Writer): Step[] {
	const { deepen } = job.frame!;
	if (deepen === 0) return [];
	return [
		{
			id: 'deepen',
			title: `Deepen the rabbet by ${length(deepen)}`,
			does: [
				`Strips ${length(deepen)} high, ${length(plan.frame!.section.face - plan.frame!.section.lip)} wide, glued to the frame’s back and painted; the whole then stands ${length(plan.frame!.depthWithStrips!)} from the wall.`,
				'Wedge the joint tight, so that no light falls through it; else painted gummed tape over it.'
			],
			because: 'A pack that stands proud is not pressed in: the frame is made deep enough.',
			waitMinutes: 12 * 60
		}
	];
}

export function fit(writer: Writer): Step[] {
	const { kind } = writer.plan.frame!.points;
	if (kind === 'clips') return fitMetal(writer);
	return kind === 'offset-clips' ? fitClipped(writer) : fitPoints(writer);
}

function fitPoints({ job, plan, length }: Writer): Step[] {
	const { top, side, total, kind } = plan.frame!.points;
	return [
		{
			id: 'fit-first',
			title: 'Fit, one or two points only',
			does: [
				'Scrape glue lumps from the rabbet’s corners. Mark up on the back; lay the frame over the pack; turn both.',
				'Two points, lift, look from the front: dust check, second.'
			],
			because: 'Dust found now costs two points; found later, all of them.',
			caution:
				kind === 'hand'
					? 'A flat, non-magnetic driver, a stop behind the frame, never over bare glass; away from the other hand.'
					: 'Points are pushed away from the glass and the other hand, with a stop behind the frame.'
		},
		{
			id: 'fit-all',
			title: `All points, ${total} ${kind === 'hand' ? 'hand-pushed' : kind.replace('-', ' ')}`,
			does: [
				`Top and bottom ${top.count} each, first at ${length(top.first!, true)}, then every ${length(top.spacing!, true)}; sides ${side.count} each, first at ${length(side.first!, true)}, then every ${length(side.spacing!, true)}.`,
				`Clearance ${length(plan.pack!.clearance!, true)} from the pack to the moulding’s back.`,
				...(job.piece.friable ? ['No hammering: the sheet sheds.'] : [])
			]
		}
	];
}

function fitMetal({ job, plan, length }: Writer): Step[] {
	const { top, side, total } = plan.frame!.points;
	const closing = closingRail(plan.frame!.outer, job.schools['closing-rail']);
	const shim = plan.pack!.clearance! < 1;
	return [
		{
			id: 'fit-first',
			title: 'Slide the pack in',
			does: [
				job.schools['metal-load'] === 'layers'
					? 'Layer by layer, the glazing first, each looked at as it goes in.'
					: 'The whole pack at once, its glazing foremost.',
				`The ${closing} rail closes it: finger-tight, look from the front (dust check, second), then fully tightened.`
			],
			because: 'Dust found now costs two screws; found later, all clips.'
		},
		{
			id: 'fit-all',
			title: shim ? 'Shims of card' : `All spring clips, ${total}`,
			does: shim
				? [`The channel leaves ${length(plan.pack!.clearance!, true)}: card is slipped behind the backing on all sides, no clip.`]
				: [
						`Top and bottom ${top.count} each, sides ${side.count} each, pressed under the channel’s flange, ${length(plan.pack!.clearance!, true)} behind the pack.`
					],
			...(shim ? {} : { caution: 'A clip that slips flies: eyes covered, the hand behind it.' })
		}
	];
}

function fitClipped({ job, plan, length }: Writer): Step[] {
	const { top, side, total } = plan.frame!.points;
	const offset = plan.frame!.offset!;
	const step =
		Math.abs(offset) < 0.5
			? 'flat clips: piece and frame end level'
			: offset < 0
				? `clips that step ${length(-offset, true)} up: it stands proud`
				: `clips that step ${length(offset, true)} down: it lies below the frame’s back`;
	return [
		{
			id: 'fit-first',
			title: 'Lay it into the frame',
			does: [
				'Felt or tape of rag on the lip’s underside, where paint would touch wood. Mark up on the back; lay the frame over the piece; turn both.',
				'Two clips, lift, look from the front.'
			],
			because: 'What rubs on the lip comes off with the paint.'
		},
		{
			id: 'fit-all',
			title: `All offset clips, ${total}`,
			does: [
				`Top and bottom ${top.count} each, sides ${side.count} each; ${step}.`,
				job.piece.kind === 'canvas'
					? 'Screwed into the frame alone, never into the stretcher: it must be keyed out again.'
					: 'Screwed into the frame alone; they hold the panel without pressing, so that it can move.'
			],
			caution: 'Screws no longer than two thirds of the wood under them.'
		}
	];
}
