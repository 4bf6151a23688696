/** Steps that hold the piece: hinges, pockets, strips, stitches, patches behind a panel, stuck down (handbook hold, order of the work). */
import { hingingScene, placingScene } from '../drawing/board.ts';
import { isHinge, type HoldKind } from '../../job/decide-hold.ts';
import type { PieceKind } from '../../job/decide-piece.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { sightsOf, which, type Sight } from '../../rule/sights.ts';
import { hingesAsLaid, laidOn, staysFaceUp } from './as-laid.ts';
import { joinSays } from './board-steps.ts';
import type { Step, Writer } from './step.ts';
import type { Hold } from '../../figures/hold.ts';

const HELD: Record<HoldKind, (sights: Sight[], writer: Writer) => Step | null> = {
	't-hinge': hinges,
	'v-hinge': hinges,
	'pass-through': hinges,
	corners: pockets,
	strips,
	sling: strips,
	'frame-lip': () => null,
	clips: (sights, writer) => (writer.floats ? fixToSupport(sights, writer) : null),
	stitching: stitch,
	conservator: asTheConservatorChose,
	'whole-surface': stickDown
};

/** In the order of the work: support, tabs, placing, holding, the support on its base, the window tried over it. */
export function mount(writer: Writer): Step[] {
	const { job, plan } = writer;
	const sights = sightsOf(job, plan);
	const held = HELD[job.hold.kind](sights, writer);
	// A panel at the frame, or what its lip holds, is mounted by fitting it.
	const atFrame = held === null;
	const panelFirst = job.hold.kind === 'clips';
	const onBase = supportToBase(writer);
	const steps = atFrame
		? []
		: panelFirst
			? [held, ...onBase]
			: [
					...onBase,
					...(job.hold.kind === 'whole-surface' ? [held] : []),
					place(sights, writer),
					...(job.hold.kind === 'whole-surface' ? [] : [held])
				];
	return [...bevelSupport(writer), ...steps, ...tryWindow(writer)];
}

/** A translucent piece stands on a board of exactly its size, its edge undercut, coated in its tint. */
function bevelSupport(writer: Writer): Step[] {
	const { job, plan } = writer;
	const bevelled = job.windows.find((window) => window.support && window.bevelledSupport);
	if (!bevelled) return [];
	const size = sightsOf(job, plan)[0]?.opening.support;
	return [
		{
			id: 'bevel-support',
			title: 'Undercut the support',
			does: [
				`${size ? writer.size(size) : 'Cut to the piece'}: its edge cut back at 45°, so that nothing of it is seen from the front${bevelled.setBack > 0 ? `; ${writer.mark(bevelled.setBack)} smaller on every side` : ''}.`,
				`Coated twice${bevelled.supportTint ? ` in ${bevelled.supportTint}` : ' in the tint of the piece'}, edge and face, and left to dry.`
			],
			because: 'A pale rim would shine through, and a side would show.',
			caution: 'The adhesive for bone, horn and skin is a conservator’s choice.',
			waitMinutes: 120,
			uses: []
		}
	];
}

/** A float's support is fixed to its base board: after the panel is on it, before a sheet is. */
function supportToBase(writer: Writer): Step[] {
	const { job, shop } = writer;
	if (!writer.parts('support').length) return [];
	const base = job.guard.underMat ? 'under-mat' : job.guard.backing ? 'backing' : null;
	if (!base) return [];
	return [
		{
			id: 'support-to-base',
			title: 'Fix the support to its base',
			does: [
				`Support on the ${base}, in the middle of the window, with paste or tape that the piece never meets; the same air on all sides.`,
				'Weighted until it holds.'
			],
			because: 'What floats must not slide in its window.',
			waitMinutes: shop.house.supportDryMinutes,
			uses: writer.parts('support')
		}
	];
}

/** What a weight may lie on. */
const FLAT_SHEETS: Record<PieceKind, boolean> = {
	paper: true,
	photograph: true,
	vellum: true,
	panel: false,
	canvas: false,
	textile: false,
	bone: false,
	object: false
};

function place(sights: Sight[], writer: Writer): Step {
	const { job, plan } = writer;
	const stuck = job.hold.kind === 'whole-surface';
	const flat = FLAT_SHEETS[job.piece.kind];
	const weight = !flat ? '' : staysFaceUp(job) ? ', held by hand at its edge: it sheds' : '; a weight on it';
	return {
		id: 'place',
		title: sights.length > 1 ? `Place the ${writer.piece}s` : `Place the ${writer.piece}`,
		does: sights.map((sight) => {
			const laid = laidOn(plan, job, sight);
			const { tolerance } = sight.opening;
			const leans = sight.measure.share !== null ? 'the corner of its upright outline' : 'its top corner';
			const how = laid.backUp ? `face down on the ${laid.board}, whose back lies up` : `on the ${laid.board}, face up`;
			const exact = tolerance && Math.min(tolerance.width, tolerance.height) < 1;
			const play = !tolerance
				? 'It is free all round: the same air on all sides.'
				: exact
					? 'Lay it exactly: there is hardly any play.'
					: `It is right within ± ${writer.most(tolerance.width)} across and ± ${writer.most(tolerance.height)} up and down.`;
			return `${which(sight)}${stuck ? 'With its board, it lies' : 'It lies'} ${how}: ${leans} ${writer.mark(laid.left)} from the left edge and ${writer.mark(laid.top)} from the top${weight}. ${play}`;
		}),
		because: `Mark, lay the corner on the mark${flat && !staysFaceUp(job) ? ', weigh it down' : ''}: it is not moved again.`,
		uses: [],
		pictures: sights.flatMap((_, index) => placingScene(plan, job, index) ?? [])
	};
}

const KIND_OF_HINGE: Partial<Record<HoldKind, string>> = { 't-hinge': 'T-', 'v-hinge': 'V-', 'pass-through': 'pass-through ' };

function hinges(sights: Sight[], writer: Writer): Step {
	const { job, plan, shop } = writer;
	const holds = sights.map((sight) => sight.hold!);
	const [hold] = holds as [Hold];
	const count = holds.reduce((sum, one) => sum + one.count, 0);
	const paste = job.hold.adhesive.family === 'paste';
	const tissue = [...new Set(holds.map((one) => one.tissue ?? '–'))].join(' or ');
	const faceUp = staysFaceUp(job);
	const tabs = writer
		.parts('hinge tab')
		.map((cut) => `${cut.count} tabs ${writer.mark(cut.width)} wide, ${writer.mark(cut.height)} long`)
		.join('; ');
	const crosses = [...new Set(writer.parts('cross-piece').map((cut) => writer.size(cut, 'mark')))].join(' or ');
	const others = hold.others?.flatMap(({ side, places }) => `${side} ${places.map((one) => writer.mark(one)).join(', ')}`);
	const turn = faceUp
		? 'The sheet sheds: it stays face up, and the tabs are slid under its edge'
		: 'The sheet lies face down, so its right is at your left';
	return {
		id: 'hinge',
		title: `Hinge ${holds.length > 1 ? 'them' : 'it'}, ${count} ${KIND_OF_HINGE[hold.kind]}${count === 1 ? 'hinge' : 'hinges'}`,
		does: [
			`${tabs}, ${paste ? `tissue ${tissue} g/m², torn, grain along the hang` : inSentence(job.hold.adhesive.name)}; all made and counted beforehand.`,
			...sights.map(
				(sight) =>
					`${which(sight)}${turn}: centres ${hingesAsLaid(job, sight)
						.map((one) => writer.mark(one))
						.join(', ')} from its left corner, each holding it by ${writer.mark(sight.hold!.size.height)}.`
			),
			...(others ? [`At the other edges, seen from the front: ${others.join('; ')}.`] : []),
			hold.kind === 'pass-through'
				? `The tabs go through slits in the ${laidOn(plan, job, sights[0]!).board} and are fixed behind it.`
				: hold.kind === 'v-hinge'
					? 'Each tab is folded and hides behind the sheet; a strip of the same reinforces it on the board.'
					: `${faceUp ? 'One corner, look, then the others' : 'One corner, turn back, look, then the others'}; cross-pieces ${crosses}, ${writer.mark(shop.house.crossAbove)} above the sheet.`,
			...(!paste
				? []
				: faceUp
					? [
							'Blotter and a small weight on each tab at the sheet’s bare edge, none where it sheds; change the blotter after 5 minutes.'
						]
					: ['Blotter and weight on them; change the blotter after 5 minutes.'])
		],
		because: others
			? 'Held at more than its top edge it cannot grow: look again in two years.'
			: 'Held at the top only, the sheet can grow and shrink without bulging.',
		waitMinutes: hold.dryMinutes,
		uses: writer.parts('hinge tab', 'cross-piece'),
		pictures: sights.flatMap((_, index) => hingingScene(plan, job, index) ?? [])
	};
}

function boardBehind({ job }: Writer): string {
	return job.hold.from === 'window-mat'
		? 'window mat'
		: job.guard.underMat
			? 'under-mat'
			: job.guard.backing
				? 'backing'
				: 'board behind it';
}

function pockets(sights: Sight[], writer: Writer): Step {
	return {
		id: 'hinge',
		title: 'Pockets at the corners',
		does: [
			...sights.map(
				(sight) =>
					`${which(sight)}Four pockets of alkaline paper, ${writer.mark(sight.hold!.size.width)} along each edge of the sheet; ${slack(sight, writer)}.`
			),
			`Fold each, slip it over its corner, fix its tails to the ${boardBehind(writer)} with gummed tape; nothing sticks to the sheet.`
		],
		because: 'Without adhesive the sheet comes out again by hand.',
		uses: writer.parts('corner pocket')
	};
}

function slack({ hold }: Sight, writer: Writer): string {
	return `${writer.mark(hold!.slack!.width)} of slack across and ${writer.mark(hold!.slack!.height)} up and down, both sides together`;
}

function strips(sights: Sight[], writer: Writer): Step {
	const sling = writer.job.hold.kind === 'sling';
	return {
		id: 'hinge',
		title: sling ? 'A sling' : 'Edge strips',
		does: [
			...sights.map((sight) => {
				const each = sight.hold!.strips!.map(
					({ side, length, reach }) => `${side} ${writer.mark(length)} long, ${writer.mark(reach)} onto the ${writer.piece}`
				);
				return `${which(sight)}Folded strips of alkaline paper, left and right seen from the front: ${each.join('; ')}; ${slack(sight, writer)}.`;
			}),
			`Each is fixed to the ${boardBehind(writer)} behind the ${writer.piece}; it touches the ${writer.piece} and does not press.`
		],
		because: sling
			? `The ${writer.piece} rests in it, and nothing hangs by an adhesive.`
			: `Without adhesive the ${writer.piece} comes out again by hand.`,
		uses: writer.parts('edge strip')
	};
}

function stitch(sights: Sight[], writer: Writer): Step {
	return {
		id: 'hinge',
		title: 'Stitch it down',
		does: sights.flatMap(({ hold }) => [
			`About ${hold!.count} stitches, one each ${writer.mark(hold!.stitchSpacing!)} along all edges, through the cloth and not through the board; fine thread that tears before the piece does.`,
			'Between threads, never through them; no knot on the face, no pull.'
		]),
		because: 'Nothing sticks, and the stitches come out again.',
		uses: []
	};
}

/** Behind the panel, so that nothing shows at its edge. */
function fixToSupport(sights: Sight[], writer: Writer): Step {
	const [{ hold }] = sights as [Sight];
	const { family, name } = writer.job.hold.adhesive;
	const sides = hold!.others![0]!.places;
	const inside = writer.mark(hold!.patchInside!);
	const what =
		family === 'gummed'
			? `${name}, patches ${writer.size(hold!.size, 'mark')}`
			: `${name}, spots ${writer.size(hold!.size, 'mark')}`;
	return {
		id: 'fix-panel',
		title: `Fix it to its support, ${hold!.count} places`,
		does: [
			`${what}, behind the ${writer.piece}, ${inside} inside its edge: top and bottom ${hold!.places.length} each, sides ${sides.length} each; from the left ${hold!.places.map((one) => writer.mark(one)).join(', ')}, from the top ${sides.map((one) => writer.mark(one)).join(', ')}.`,
			'Nothing at its edge and nothing on its face; weighted overnight.'
		],
		because: 'Six points or more carry it evenly, and in a float its edge is seen.',
		waitMinutes: hold!.dryMinutes,
		uses: writer.parts('patch behind the piece')
	};
}

function stickDown(sights: Sight[], writer: Writer): Step {
	const { adhesive } = writer.job.hold;
	const { ownBoard } = adhesive;
	const board = ownBoard ? 'its own board' : `the ${boardBehind(writer)}`;
	return {
		id: 'stick-down',
		title: `Stick it down, ${inSentence(adhesive.name)}`,
		does: [
			`The print onto ${board}, in one attempt: from one edge on, the air pressed out before the rest is let down.`,
			'The glued face bows the board: dried under weight, or counter-lined.'
		],
		because: 'It cannot be removed: only for what can be printed again.',
		...(adhesive.id === 'spray' ? { caution: 'Sprays: outdoors or under extraction, gloves, no flame.' } : {}),
		waitMinutes: sights[0]!.hold!.dryMinutes,
		uses: writer.parts('adhesive board', 'adhesive sheet')
	};
}

function asTheConservatorChose(_: Sight[], writer: Writer): Step {
	return {
		id: 'hinge',
		title: `Hold the ${writer.piece} as the conservator chose`,
		does: ['What holds it, and how it comes off again, is written on the record.'],
		because: 'What suits one such piece harms another.',
		caution: 'No water near it: skin, bone and horn swell where they are wetted.',
		uses: []
	};
}

function tryWindow(writer: Writer): Step[] {
	const { job } = writer;
	if (job.mats.length === 0) return [];
	const behind = job.guard.underMat ? 'under-mat' : null;
	return [
		{
			id: 'try-window',
			title: 'Try the window over it',
			does: [
				...(behind && job.hold.from === 'under-mat' ? [`Join the window mat to the ${behind}: ${joinSays(writer)}.`] : []),
				...(behind && job.hold.from === 'window-mat' ? [`The ${behind} goes behind the window mat: ${joinSays(writer)}.`] : []),
				writer.floats
					? `The same air shows round the ${writer.piece} on every side, and nothing of its support.`
					: 'What must show shows, what must be hidden is hidden, no edge appears on any side.'
			],
			because: 'It costs a minute now, and a re-opening later.',
			uses: []
		}
	];
}

/** Small parts that are cut or torn before the piece is on the bench. */
export function prepareHold(writer: Writer): Step | null {
	const parts = writer.parts('hinge tab', 'cross-piece', 'corner pocket', 'edge strip', 'patch behind the piece');
	if (parts.length === 0) return null;
	const torn = isHinge(writer.job.hold.kind) && writer.job.hold.adhesive.family === 'paste';
	return {
		id: 'prepare-hold',
		title: torn ? 'Tear the hinges' : 'Cut what holds it',
		does: [
			...parts.map(
				(cut) =>
					`${cut.role[0]!.toUpperCase()}${cut.role.slice(1)}${cut.side ? `, ${cut.side}` : ''}${cut.of ? `, ${cut.of}` : ''}: ${writer.counted(cut)}.`
			),
			'Counted and laid ready.'
		],
		because: 'With the piece on the bench no hand is free to cut.',
		uses: parts
	};
}
