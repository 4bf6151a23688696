/** Steps that hold the piece: hinges, pockets, strips, stitches, patches behind a panel, stuck down (handbook hold, order of the work). */
import type { PieceKind } from '../../job/kinds.ts';
import { hingingScene, placingScene } from '../drawing/board.ts';
import { sightsOf, which, type Sight } from '../../rule/sights.ts';
import { laidOn, staysFaceUp } from '../../stations/hold/as-laid.ts';
import { joinSays } from './board-steps.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import { HOLDS } from '../../stations/hold/kinds/all.ts';
import { nth } from '../../units/there.ts';

/** In the order of the work: support, tabs, placing, holding, the support on its base, the window tried over it. */
export function mount(writer: Writer): MadeStep[] {
	const { job, plan } = writer;
	const sights = sightsOf(job, plan);
	const { step, turn } = HOLDS[job.hold.kind];
	const made = step(sights, writer);
	// A panel at the frame, or what its lip holds, is mounted by fitting it.
	if (!made) return [...bevelSupport(writer), ...tryWindow(writer)];
	const held = withPictures(made, sights, writer);
	const onBase = supportToBase(writer);
	const inTurn: Record<typeof turn, () => MadeStep[]> = {
		'after-placing': () => [...onBase, place(sights, writer), held],
		'before-placing': () => [...onBase, held, place(sights, writer)],
		'in-place-of-placing': () => [held, ...onBase]
	};
	return [...bevelSupport(writer), ...inTurn[turn](), ...tryWindow(writer)];
}

/** The sheet with its tabs as it lies, where there are tabs. */
function withPictures(step: MadeStep, sights: Sight[], { plan, job }: Writer): MadeStep {
	const pictures = sights.flatMap((_, index) => hingingScene(plan, job, index) ?? []);
	return pictures.length > 0 ? { ...step, pictures } : step;
}

/** A translucent piece stands on a board of exactly its size, its edge undercut, coated in its tint. */
function bevelSupport(writer: Writer): MadeStep[] {
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
function supportToBase(writer: Writer): MadeStep[] {
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

function place(sights: Sight[], writer: Writer): MadeStep {
	const { job, plan } = writer;
	const stuck = HOLDS[job.hold.kind].turn === 'before-placing';
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

function tryWindow(writer: Writer): MadeStep[] {
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
export function prepareHold(writer: Writer): MadeStep | null {
	const parts = writer.parts('hinge tab', 'cross-piece', 'corner pocket', 'edge strip', 'patch behind the piece');
	if (parts.length === 0) return null;
	const torn = isHinge(writer.job.hold.kind) && writer.job.hold.adhesive.family === 'paste';
	return {
		id: 'prepare-hold',
		title: torn ? 'Tear the hinges' : 'Cut what holds it',
		does: [
			...parts.map(
				(cut) =>
					`${nth(cut.role, 0).toUpperCase()}${cut.role.slice(1)}${cut.side ? `, ${cut.side}` : ''}${cut.of ? `, ${cut.of}` : ''}: ${writer.counted(cut)}.`
			),
			'Counted and laid ready.'
		],
		because: 'With the piece on the bench no hand is free to cut.',
		uses: parts
	};
}
