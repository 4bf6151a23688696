/** Steps that hold the piece: hinges, pockets, strips, stitches, patches behind a panel, stuck down (handbook hold, order of the work). */
import type { PieceKind } from '../../job/kinds.ts';
import { hingingScene, placingScene, slitsScene } from '../drawing/board.ts';
import { sightsOf, which, type Sight } from '../../rule/sights.ts';
import { isLoweredOn, laidOn, staysFaceUp } from '../../stations/hold/as-laid.ts';
import { joinSays } from './board-steps.ts';
import type { MadeStep, StepId, Writer } from '../../stations/step.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import { HOLDS } from '../../stations/hold/kinds/all.ts';
import { covers } from '../../job/scopes.ts';
import { isWetted } from '../../shop/holds.ts';
import { each } from '../../units/one-or-each.ts';
import { isFixed } from '../../job/fixed.ts';
import { isNothing } from '../../units/round.ts';
import { atStart } from '../../units/in-sentence.ts';
import { partName } from '../../stations/cut/part-name.ts';
import { there } from '../../units/there.ts';

/** In the order of the work: support, tabs, placing, holding, the support on its base, the window tried over it. */
export function mount(writer: Writer): MadeStep[] {
	const { job, plan } = writer;
	const sights = sightsOf(job, plan);
	const around = { place: () => place(sights, writer), toBase: supportToBase(sights, writer) };
	const held = HOLDS[job.hold.kind].steps(sights, writer, around).map((step) => withPictures(step, sights, writer));
	return [...bevelSupport(writer), ...held, ...tryWindow(writer)];
}

type Draws = (writer: Writer, index: number) => ReturnType<typeof hingingScene>;
const DRAWN: Partial<Record<StepId, Draws>> = {
	tabs: ({ plan, job }, index) => hingingScene(plan, job, index),
	slits: ({ plan, job }, index) => slitsScene(plan, job, index)
};

/** The sheet with its tabs as it lies, the board with its slits. */
function withPictures(step: MadeStep, sights: Sight[], writer: Writer): MadeStep {
	const draws = DRAWN[step.id];
	const pictures = draws ? sights.flatMap((_, index) => draws(writer, index) ?? []) : [];
	return pictures.length > 0 ? { ...step, pictures } : step;
}

/** What sheds is fixed first where the job asks for it, outdoors, before anything touches it. */
export function fixSurface(writer: Writer): MadeStep | null {
	const { job, shop } = writer;
	const { fixative, friable } = job.piece;
	if (!friable || !isFixed(job) || fixative?.on) return null;
	const rare = job.aim === 'rare';
	return {
		id: 'fix-surface',
		title: `Fix the surface${fixative?.kind ? `, ${fixative.kind}` : ''}`,
		does: [
			rare
				? 'The artist or owner has it fixed, not the framer, at Rare. Ask for it in writing.'
				: 'Ask the owner first: fixative darkens. Test a corner, or a scrap of the same.',
			...(rare ? [] : ['Spray outdoors, sheet upright, at arm’s length: one light coat. Check for darkening before a second.']),
			'Let it dry in the open; record the fixative and date.'
		],
		because: 'It cannot be removed, and decides how the mat is cut: no trough.',
		caution: 'Sprays: outdoors or under extraction, gloves, mask, no flame.',
		waitMinutes: shop.house.fixativeDryMinutes,
		uses: []
	};
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
				`${size ? writer.size(size) : 'Cut to the piece'}: cut its edge back at 45°, hidden from the front${bevelled.setBack > 0 ? `; ${writer.mark(bevelled.setBack)} smaller on every side` : ''}.`,
				`Coat twice${bevelled.supportTint ? ` in ${bevelled.supportTint}` : ' in the tint of the piece'}, edge and face, and let dry.`
			],
			because: 'A pale rim or the side would show.',
			caution: 'The adhesive for bone, horn and skin is a conservator’s choice.',
			waitMinutes: 120,
			uses: []
		}
	];
}

/** A float's support is fixed to its base board once the piece is on it: what holds the piece is fixed from behind. */
function supportToBase(sights: Sight[], writer: Writer): MadeStep[] {
	const { job, shop } = writer;
	if (!writer.parts('support').length) return [];
	const base = job.guard.underMat
		? 'back mat'
		: job.guard.fillers.length > 0
			? 'filler'
			: job.guard.backing
				? 'backing board'
				: null;
	if (!base) return [];
	return [
		{
			id: 'support-to-base',
			title: 'Fix the support to its base',
			does: [
				...sights.flatMap(({ opening: { supportAt }, ...sight }) =>
					supportAt
						? [
								`${which(sight)}Place the support on the ${base}, face up: its top left corner ${writer.mark(supportAt.left)} from the left edge and ${writer.mark(supportAt.top)} from the top.`
							]
						: []
				),
				'Fix it with paste or gummed tape that never touches the piece; even gap all round.',
				'Weight the support round the piece, not on it, until set.'
			],
			because: 'A float must not slide in its window.',
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
	const { job } = writer;
	const flat = FLAT_SHEETS[job.piece.kind];
	return {
		id: 'place',
		title: sights.length > 1 ? `Place the ${writer.piece}s` : `Place the ${writer.piece}`,
		does: sights.flatMap((sight) => placed(sight, writer)),
		because: isLoweredOn(job)
			? 'The mat is lowered onto the sheet: friable work is never turned over.'
			: `Mark, lay the corner on the mark${flat && !staysFaceUp(job) ? ', weight it' : ''}; check before pasting.`,
		uses: [],
		pictures: sights.flatMap((_, index) => placingScene(writer.plan, job, index) ?? [])
	};
}

function placed(sight: Sight, writer: Writer): string[] {
	const { job, plan } = writer;
	const laid = laidOn(plan, job, sight);
	const weight = !FLAT_SHEETS[job.piece.kind]
		? ''
		: staysFaceUp(job)
			? '; hold it by hand at the edge: friable'
			: '; a weight on it';
	const start = `${which(sight)}Lay it ${laid.backUp ? `face down on the ${laid.board}, itself face down` : `face up on ${laid.board === 'its own board' ? laid.board : `the ${laid.board}`}`}`;
	const through = job.hold.kind === 'pass-through' ? ', each tab through its slit' : '';
	if (laid.board === 'its own board') return [`${start}, edges flush, its release paper still on.`];
	if (laid.board === 'support' && isNothing(laid.left) && isNothing(laid.top))
		return [`${start}${through}: edges flush on all four sides${weight}.`];
	if (laid.board === 'support')
		return [
			`${start}${through}${weight}.`,
			`${which(sight)}It shows ${writer.mark(-laid.left)} past the support’s left edge and ${writer.mark(-laid.top)} past its top, and as much right and below.`
		];
	const leans = sight.measure.share !== null ? 'the corner of its upright outline' : 'its top left corner as it lies';
	const slip = laid.board === 'slip sheet' ? ` as large as the mat, ${writer.size(there(plan.window, 'window').pack)}` : '';
	return [
		`${start}${slip}${through}: ${leans} ${writer.mark(laid.left)} from the left edge and ${writer.mark(laid.top)} from the top${weight}.`,
		`${which(sight)}${playOf(sight, writer)}`
	];
}

function playOf({ opening: { tolerance } }: Sight, writer: Writer): string {
	if (!tolerance) return 'Free all round: even gap on all sides.';
	if (Math.min(tolerance.width, tolerance.height) < 1) return 'Place it exactly: there is hardly any play.';
	return `Tolerance ± ${writer.most(tolerance.width)} across and ± ${writer.most(tolerance.height)} up and down.`;
}

function tryWindow(writer: Writer): MadeStep[] {
	const { job } = writer;
	if (job.mats.length === 0) return [];
	const behind = job.guard.underMat ? 'back mat' : null;
	return [
		{
			id: 'try-window',
			title: 'Check the window over it',
			does: [
				...(behind && job.hold.from === 'under-mat' ? [`Join the window mat to the ${behind}: ${joinSays(writer)}.`] : []),
				...(behind && job.hold.from === 'window-mat' ? [`Join the ${behind} behind the window mat: ${joinSays(writer)}.`] : []),
				writer.floats
					? `Check: even gap round the ${writer.piece}, and no support showing.`
					: 'Check that what must show shows, what must hide is hidden, and no sheet edge is visible.'
			],
			because: 'A minute now saves reopening later.',
			uses: []
		}
	];
}

/** What the paste brought leaves before tape closes the pack's edges (handbook hold#open). */
export function lieOpen(writer: Writer): MadeStep | null {
	const { job, plan, shop } = writer;
	const { house } = shop;
	if (!plan.back?.edgeSeal || !covers(job.scope, 'hold') || !isHinge(job.hold.kind) || !isWetted(job.hold.adhesive)) return null;
	const hinges = Math.max(...each(plan.hold).map(({ count }) => count));
	const long = job.piece.grammage > house.openLongFrom || hinges > house.openLongHinges;
	const minutes = long ? house.openMinutesLong : house.openMinutes;
	const opened = job.mats.length > 0 ? 'Open the window mat and leave' : 'Leave';
	return {
		id: 'lie-open',
		title: `Let it lie open, ${minutes / 60} h`,
		does: [
			`${opened} the ${writer.piece} face up for ${minutes / 60} h, weights and blotters off, where no dust settles.`,
			'Close the window mat over it when the time is up.'
		].slice(0, job.mats.length > 0 ? 2 : 1),
		because: 'Moisture from the paste must leave before the edges are sealed.',
		waitMinutes: minutes,
		uses: []
	};
}

/** What its maker signs and what is written on mat or print, while they can be reached. */
export function sign(writer: Writer): MadeStep | null {
	const { belongs, schools, mats } = writer.job;
	const words = belongs.inscription ? `: “${belongs.inscription}”` : '';
	const onMat = schools['inscription'] === 'mat' && mats.length > 0;
	const does = [
		...(belongs.inscription && onMat ? [`Write on the mat, in pencil, at the bottom left${words}.`] : []),
		...(belongs.inscription && schools['inscription'] === 'print' ? [`Write in the print’s margin, in pencil${words}.`] : []),
		...(belongs.signed && mats.length > 0 ? ['The artist signs the mat, in pencil, at the bottom right.'] : [])
	];
	if (does.length === 0) return null;
	return {
		id: 'sign',
		title: belongs.signed && mats.length > 0 ? 'Sign and inscribe' : 'Inscribe',
		does,
		because: 'Once the pack is closed, mat and print are out of reach.',
		uses: []
	};
}

/** Small parts that are cut or torn before the piece is on the bench. */
export function prepareHold(writer: Writer): MadeStep | null {
	const parts = writer.parts(
		'hinge tab',
		'cross-piece',
		'reinforcing strip',
		'corner pocket',
		'edge strip',
		'patch behind the piece',
		'tie',
		'board strap'
	);
	if (parts.length === 0) return null;
	const torn = isHinge(writer.job.hold.kind) && writer.job.hold.adhesive.family === 'paste';
	return {
		id: 'prepare-hold',
		title: torn ? 'Tear the hinges' : 'Cut pockets, strips or straps',
		does: [
			...parts.map(
				(cut) =>
					`${atStart(partName(cut.role))}${cut.side ? `, ${cut.side}` : ''}${cut.of ? `, ${cut.of}` : ''}: ${writer.counted(cut)}.`
			),
			'Count them and set them out.'
		],
		because: 'Cut first: with the piece on the bench no hand is free.',
		uses: parts
	};
}
