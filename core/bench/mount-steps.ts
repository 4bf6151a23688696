/** Steps that hold the piece: hinges, pockets, strips, stitches, clips, or stuck down (handbook hold, order of the work). */
import { isHinge, type HoldKind } from '../job/decide-hold.ts';
import type { Hold } from '../hold/hold.ts';
import { sightsOf, which, type Sight } from '../sights.ts';
import { showSize } from '../units/show.ts';
import type { Step, Writer } from './steps.ts';

const KIND_OF_HINGE: Partial<Record<HoldKind, string>> = { 't-hinge': 'T-', 'v-hinge': 'V-', 'pass-through': 'pass-through ' };

export function mount(writer: Writer): Step[] {
	const { job } = writer;
	const float = job.windows.some(({ way }) => way === 'float');
	// A panel at the frame is mounted by fitting it.
	if (job.hold.kind === 'clips' && !float) return [];
	const sights = sightsOf(job, writer.plan);
	const held = isHinge(job.hold.kind)
		? hinges(sights, writer)
		: job.hold.kind === 'corners'
			? pockets(sights, writer.length)
			: job.hold.kind === 'stitching'
				? stitch(sights, writer)
				: job.hold.kind === 'clips'
					? tapeToSupport(sights, writer)
					: job.hold.kind === 'whole-surface'
						? stickDown(writer)
						: strips(sights, writer);
	const window: Step[] =
		job.mats.length === 0
			? []
			: [
					{
						id: 'try-window',
						title: 'Try the window over it',
						does: [
							'Join the window mat to the under-mat along one long edge, as a book opens.',
							'What must show shows, what must be hidden is hidden, no edge appears on any side.'
						],
						because: 'It costs a minute now, and a re-opening later.'
					}
				];
	return [...support(writer), place(sights, writer), held, ...window];
}

/** A translucent piece stands on a board of exactly its size, its edge undercut, coated in its tint. */
function support({ job, plan, length }: Writer): Step[] {
	const bevelled = job.windows.find((window) => window.support && window.bevelledSupport);
	const cloth = plan.cut.find(({ role }) => role === 'cloth over the board');
	if (cloth)
		return [
			{
				id: 'cover-board',
				title: 'Cover the board',
				does: [
					`Washed, undyed cloth ${showSize(cloth, job.unit)} over the board, its grain straight, turned over the edges and fixed behind with paste; corners folded flat.`,
					'Weighted until it is dry.'
				],
				because: 'The board is cut to size first, the cloth is cut larger and trimmed when dry.',
				waitMinutes: 12 * 60
			}
		];
	if (!bevelled) return [];
	const size = sightsOf(job, plan)[0]?.opening.support;
	return [
		{
			id: 'bevel-support',
			title: 'Undercut the support',
			does: [
				`${size ? showSize(size, job.unit, true) : 'Cut to the piece'}: its edge cut back at 45°, so that nothing of it is seen from the front; ${length(bevelled.setBack)} smaller on every side.`,
				`Coated twice${bevelled.supportTint ? ` in ${bevelled.supportTint}` : ' in the tint of the piece'}, edge and face, and left to dry.`
			],
			because: 'A pale rim would shine through, and a side would show.',
			caution: 'The adhesive for bone, horn and skin is a conservator’s choice.',
			waitMinutes: 120
		}
	];
}

function place(sights: Sight[], { job, length }: Writer): Step {
	const on = job.schools['hang-from'] === 'window-mat' && isHinge(job.hold.kind) ? 'window mat' : 'under-mat';
	const board = job.hold.kind === 'stitching' ? 'covered board' : on;
	return {
		id: 'place',
		title: sights.length > 1 ? 'Place the sheets' : job.piece.kind === 'object' ? 'Place it' : 'Place the sheet',
		does: sights.flatMap((sight) => {
			const { placement, free } = sight.opening;
			return [
				`${which(sight)}On the ${board}: its top-left corner ${length(placement.left, true)} from the left edge and ${length(placement.top, true)} from the top; a weight on it.`,
				...(free
					? [
							`It may be off by ± ${length(free.width, true)} across and ± ${length(free.height, true)} down before an edge shows.`
						]
					: ['It stands free: the same air on all sides.'])
			];
		}),
		because: 'Mark, lay the corner on the mark, weigh it down: it is not moved again.'
	};
}

function hinges(sights: Sight[], { job, shop, length }: Writer): Step {
	const holds = sights.map((sight) => sight.hold!);
	const [hold] = holds as [Hold];
	const count = holds.reduce((sum, one) => sum + one.count, 0);
	const paste = job.hold.adhesive.family === 'paste';
	const tissue = [...new Set(holds.map((one) => one.tissue ?? '–'))].join(' or ');
	const others = hold.others?.flatMap(({ side, places }) => `${side} ${places.map((place) => length(place, true)).join(', ')}`);
	return {
		id: 'hinge',
		title: `Hinge ${holds.length > 1 ? 'them' : 'it'}, ${count} ${KIND_OF_HINGE[hold.kind]}${count === 1 ? 'hinge' : 'hinges'}`,
		does: [
			`${count} tabs ${length(hold.size.width, true)} wide, ${length(hold.size.height + shop.house.hingeTab, true)} long, ${paste ? `tissue ${tissue} g/m², torn, grain along the hang` : job.hold.adhesive.name}; all made and counted beforehand.`,
			...sights.map(
				(sight) =>
					`${which(sight)}Centres from the sheet’s left: ${sight.hold!.places.map((place) => length(place, true)).join(', ')}.`
			),
			...(others ? [`At the other edges: ${others.join('; ')}.`] : []),
			`Each holds the sheet by ${length(hold.size.height, true)}.`,
			hold.kind === 'pass-through'
				? 'The tabs go through slits in the support and are fixed behind it.'
				: hold.kind === 'v-hinge'
					? 'Each tab is folded and hides behind the sheet; a strip of the same reinforces it on the board.'
					: `One corner, turn back, look, then the others; cross-pieces ${showSize(hold.cross!, job.unit, true)}, ${length(shop.house.crossAbove)} above the sheet.`,
			...(paste ? ['Blotter and weight on them; change the blotter after 5 minutes.'] : [])
		],
		because: others
			? 'Held at more than its top edge it cannot grow: look again in two years.'
			: 'Held at the top only, the sheet can grow and shrink without bulging.',
		waitMinutes: hold.dryMinutes
	};
}

function pockets(sights: Sight[], length: Writer['length']): Step {
	return {
		id: 'hinge',
		title: 'Pockets at the corners',
		does: [
			...sights.map(
				(sight) =>
					`${which(sight)}Four pockets of alkaline paper, ${length(sight.hold!.size.width, true)} along each edge of the sheet; ${slack(sight, length)}.`
			),
			'Fold each, slip it over its corner, fix its tails to the under-mat with gummed tape; nothing sticks to the sheet.'
		],
		because: 'Without adhesive the sheet comes out again by hand.'
	};
}

function slack({ hold }: Sight, length: Writer['length']): string {
	return `${length(hold!.slack!.width, true)} of slack across and ${length(hold!.slack!.height, true)} down, both sides together`;
}

function strips(sights: Sight[], { job, length }: Writer): Step {
	const sling = job.hold.kind === 'sling';
	return {
		id: 'hinge',
		title: sling ? 'A sling' : 'Edge strips',
		does: [
			...sights.map((sight) => {
				const each = sight.hold!.strips!.map(
					({ side, length: long, reach }) =>
						`${side === 'bottom' ? 'foot' : side} ${length(long, true)} long, ${length(reach, true)} onto the sheet`
				);
				return `${which(sight)}Folded strips of alkaline paper: ${each.join('; ')}; ${slack(sight, length)}.`;
			}),
			'Each is fixed to the under-mat behind the sheet; it touches the sheet and does not press.'
		],
		because: sling
			? 'The sheet stands in it, and nothing hangs by an adhesive.'
			: 'Without adhesive the sheet comes out again by hand.'
	};
}

function stitch(sights: Sight[], { length }: Writer): Step {
	return {
		id: 'hinge',
		title: 'Stitch it down',
		does: sights.flatMap(({ hold }) => [
			`About ${hold!.count} stitches, one each ${length(hold!.stitchSpacing!, true)} along all edges, through the cloth and not through the board; fine thread that tears before the piece does.`,
			'Between threads, never through them; no knot on the face, no pull.'
		]),
		because: 'Nothing sticks, and the stitches come out again.'
	};
}

function tapeToSupport(sights: Sight[], { job, length }: Writer): Step {
	const [{ hold }] = sights as [Sight];
	return {
		id: 'hinge',
		title: `Fix it to its support, ${hold!.count} places`,
		does: [
			`${job.hold.adhesive.name} over the panel’s edges, top and bottom ${hold!.places.length} each, sides ${hold!.others![0]!.places.length} each, from the left and the top: ${hold!.places.map((place) => length(place, true)).join(', ')}; ${hold!.others![0]!.places.map((place) => length(place, true)).join(', ')}.`,
			'Never on the face; weighted overnight.'
		],
		because: 'Six points or more carry it evenly.',
		waitMinutes: 12 * 60
	};
}

function stickDown({ job, plan }: Writer): Step {
	const [sight] = sightsOf(job, plan);
	return {
		id: 'hinge',
		title: `Stick it down, ${job.hold.adhesive.name.toLowerCase()}`,
		does: [
			'One attempt: from one edge on, the air pressed out before the rest is let down.',
			'The glued face bows the board: dried under weight, or counter-lined.'
		],
		because: 'It cannot be taken off again: only for what can be printed again.',
		caution: 'Sprays: outdoors or under extraction, gloves, no flame.',
		waitMinutes: sight!.hold!.dryMinutes
	};
}
