/**
 * The ordered steps for this very package, with what to look at and the caution that belongs there, once (handbook bench, cautions). Every
 * line of the cut list is used by a step, and no step names what is not there.
 */
import type { Cut } from '../../figures/cut.ts';
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import { isShimmed } from '../../stations/frame/kit.ts';
import { inSentence } from '../../units/in-sentence.ts';
import type { Plan } from '../../plan.ts';
import { shopFor, type Shop } from '../../shop/shop.ts';
import {
	coverBoard,
	cutBoards,
	cutGlazing,
	gildBevel,
	glueLifts,
	joinMats,
	joinSays,
	makeSpacers,
	pastePrints
} from './board-steps.ts';
import { closeBack, hangersBeforeClosing, label, lastLook, wrap } from './close-steps.ts';
import { fasteners, fit, makeFrame } from './frame-steps.ts';
import { planHangers, wall } from './hanger-steps.ts';
import { fixSurface, lieOpen, mount, prepareHold, sign } from './mount-steps.ts';
import { newBack } from './new-back.ts';
import { minutesOf, ONCE } from './minutes.ts';
import { untilSeen, withStops } from './refer.ts';
import { withOwnSteps } from './own-steps.ts';
import { centre, cleanGlazing, closePack, dustFirst, edgeSeal, markUp } from './pack-steps.ts';
import { Writer, type MadeStep, type Step } from '../../stations/step.ts';
import type { Decided } from '../../job/decided.ts';
import { HOLDS } from '../../stations/hold/kinds/all.ts';
import { each } from '../../units/one-or-each.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import { partName } from '../../stations/cut/part-name.ts';
import { known, there } from '../../units/there.ts';
import { CONCERNS } from '../../shop/concerns.ts';
import { covers, SCOPE_OF } from '../../job/scopes.ts';
import type { Scope } from '../../job/kinds.ts';
import type { Hang } from '../../figures/hang.ts';

export type { Step } from '../../stations/step.ts';

/** @returns the steps, none while the plan is open at the window or the frame */
export function planSteps(job: Decided, plan: Plan, shopAsItIs: Shop): Step[] {
	if (!isPlanned(job, plan)) return [];
	const writer = new Writer(job, plan, shopFor(shopAsItIs, job.cutIn), frameKindOf(job)?.wood === false);
	const steps = STEPS.flatMap(([belongs, make]) => (belongs(job.scope) ? (make(writer) ?? []) : []));
	const made = withStops(untilSeen(steps, writer), plan).map((step) => ({
		...step,
		minutes: minutesOf(step, writer),
		...(job.copies > 1 && !ONCE.has(step.id) ? { pieces: job.copies } : {})
	}));
	return withOwnSteps(made, writer.shop.steps, job.copies);
}

/** Every station that the job covers has its figures. */
function isPlanned({ scope }: Decided, { window, frame, hang, hold, pack, back }: Plan): boolean {
	const { window: hasWindow, pack: closes } = SCOPE_OF[scope];
	return [
		!hasWindow || (window && pack),
		!covers(scope, 'hold') || hold,
		!(closes || covers(scope, 'back') || covers(scope, 'wall')) || frame,
		!covers(scope, 'back') || back,
		!covers(scope, 'wall') || hang
	].every(Boolean);
}

type Belongs = (scope: Scope) => boolean;
const always: Belongs = () => true;
const matted: Belongs = (scope) => SCOPE_OF[scope].window;
const closed: Belongs = (scope) => SCOPE_OF[scope].pack;
const held: Belongs = (scope) => covers(scope, 'hold');
const sealed: Belongs = (scope) => covers(scope, 'back');
const hung: Belongs = (scope) => covers(scope, 'wall');
const only =
	(wanted: Scope): Belongs =>
	(scope) =>
		scope === wanted;

const STEPS: readonly [Belongs, (writer: Writer) => MadeStep | MadeStep[] | null][] = [
	[always, ready],
	[(scope) => scope !== 'unframe', gather],
	[only('unframe'), takeOut],
	// What concerns the frame alone is ready before anything is cut to it; its glue dries meanwhile.
	[closed, makeFrame],
	[(scope) => sealed(scope) && !closed(scope), newBack],
	[matted, pastePrints],
	[matted, cutBoards],
	[matted, gildBevel],
	[closed, cutGlazing],
	[held, prepareHold],
	[matted, coverBoard],
	[matted, glueLifts],
	[closed, makeSpacers],
	[matted, joinMats],
	[only('mat-package'), joinPackage],
	[held, fixSurface],
	[held, mount],
	[closed, lieOpen],
	[matted, sign],
	[closed, cleanGlazing],
	[closed, dustFirst],
	[closed, closePack],
	[closed, edgeSeal],
	[closed, markUp],
	[hung, (one) => (hangersBeforeClosing(one) ? planHangers(one) : [])],
	[closed, fit],
	[closed, centre],
	[(scope) => sealed(scope) || hung(scope), closeBack],
	[always, label],
	[always, lastLook],
	[closed, wrap],
	[hung, wall]
];

/** Made ready for the customer, who mounts the piece. */
function joinPackage(writer: Writer): MadeStep | null {
	const { underMat } = writer.job.guard;
	if (!underMat || writer.job.mats.length === 0) return null;
	return {
		id: 'join-package',
		title: 'Join the matted set',
		does: [
			`Join window mat to back mat: ${joinSays(writer)}; outer edges flush.`,
			`Mark the sheet’s place on the back mat in pencil: top left corner ${placedAt(writer)}.`
		],
		because: 'It opens like a book; no need to measure again to mount the piece.',
		uses: writer.parts('under-mat')
	};
}

function placedAt(writer: Writer): string {
	const placement = there(writer.plan.window, 'window').placement ?? { left: 0, top: 0 };
	return `${writer.mark(placement.left)} from the left edge and ${writer.mark(placement.top)} from the top`;
}

/** The frame is opened as it was closed, from the outside in; each layer is recorded as it comes out. */
function takeOut({ job }: Writer): MadeStep[] {
	return [
		{
			id: 'take-out',
			title: 'Unframe it',
			does: [
				'Photograph front, back and every label before loosening anything.',
				'Wet gummed tape and let it soften, never pull it; lift points with a tool.',
				'Layer by layer: photograph, record material and condition, keep or discard.'
			],
			because: 'Thrown away unseen, labels, inscriptions and the order of layers are lost.',
			caution: 'Old packs may hold dust, mould, lead, broken glass: gloves, mask, safety glasses.',
			uses: []
		},
		{
			id: 'look-at-it',
			title: 'Check what was hidden',
			does: [
				`Edges, back, stains, old hinges of the ${job.piece.kind === 'photograph' ? 'photograph' : 'piece'}; remove and flatten nothing.`,
				'Keep the frame, glazing and every label with the piece.'
			],
			because: 'It starts the new record.',
			uses: []
		}
	];
}

function ready(writer: Writer): MadeStep {
	const { job } = writer;
	const { piece } = job;
	const gloves = job.schools.hands === 'gloves' || (job.schools.hands === 'by-piece' && wantsGloves(piece));
	const toxic = piece.concerns.includes('toxic');
	const oldTape =
		piece.kind === 'photograph' && piece.concerns.includes('old-tape')
			? [
					job.schools['old-hinge'] === 'soften'
						? 'Only trained staff soften old gummed hinges, with barely any water, before lifting.'
						: 'Old gummed hinges stay on until a conservator has seen them.'
				]
			: [];
	return {
		id: 'ready',
		title: 'Prepare the bench',
		does: [
			...(SCOPE_OF[job.scope].window
				? [`Use a clean, padded, grit-free surface; leave ${writer.piece} and boards in the room for a day.`]
				: ['Lay the frame face down on a clean, padded, grit-free surface.']),
			gloves || toxic ? 'Wear nitrile gloves: cotton snags and slips.' : 'Wash and dry your hands.',
			...(toxic ? ['Wear a mask; do not blow or brush; wash your hands after.'] : []),
			...(piece.dry === true ? [] : ['Wait until varnish, fixative and paint are fully dry.']),
			...oldTape,
			...(piece.friable ? [`Friable: never lay the ${writer.piece} face down.`] : [])
		],
		because: SCOPE_OF[job.scope].window
			? 'Paper and boards at different humidity cockle in the pack.'
			: 'Under the frame’s weight, grit scratches its face.',
		...(piece.concerns.some((concern) => CONCERNS[concern].refer !== null)
			? {
					caution: 'Intake found something for a conservator: do not clean, flatten or lift anything unless trained.'
				}
			: {}),
		uses: []
	};
}

/** Fingers mark photographs, metal and ivory for good. */
function wantsGloves({ kind, media, material, support }: Decided['piece']): boolean {
	const isMetal = support?.id === 'metal-plate' || media.some(({ id }) => METAL_MEDIA.has(id));
	return kind === 'photograph' || isMetal || material === 'ivory';
}

const METAL_MEDIA: ReadonlySet<string> = new Set(['leaf', 'silver-leaf', 'metal-print', 'daguerreotype', 'tintype']);

/** Parts by what they are called, each with its count. */
function counted(parts: readonly Cut[]): string[] {
	const counts = new Map<string, number>();
	for (const { role, count } of parts) counts.set(role, (counts.get(role) ?? 0) + count);
	return [...counts].map(([role, count]) => `${count} × ${partName(role)}`);
}

/** Everything, counted once. */
function gather(writer: Writer): MadeStep {
	const { plan, shop, job } = writer;
	// A role is cut from one kind of stock: what lies on a sheet first.
	const flat = counted(plan.cut.filter(({ from }) => from === 'sheet'));
	const long = counted(plan.cut.filter(({ from }) => from !== 'sheet'));
	const parts = [...new Set([...flat, ...long])];
	const shelf = job.claims.map(({ what, name }) => `${job.copies > 1 ? `${job.copies} × ` : ''}${what} “${name}”`);
	const { hang, back } = plan;
	const kit = plan.frame?.kit?.slice(2).map(({ part, count }) => `${count} × ${part}`);
	const shim = writer.metal && isShimmed(plan, shop.house);
	const closes = SCOPE_OF[job.scope].pack;
	// What is cut is counted for all of them; what is screwed on, for one.
	const forEach = job.copies > 1 ? ', for each' : '';
	// A kit holds its clips and hangers: they are counted there; what came with a frame is in it.
	const held = kit ?? [
		...((closes || back?.board) && !job.kept.points ? (shim ? ['card for shims'] : [fasteners(writer)]) : []),
		...(hang && !job.kept.hangers ? hangersOf(writer, hang) : []),
		...(closes && job.piece.kind === 'canvas' && !writer.floats && job.guard.backing
			? ['short screws for the backing board']
			: []),
		...(plan.hold ? (HOLDS[job.hold.kind].gather?.(each(plan.hold)) ?? []) : [])
	];
	const rest = [...(hang ? onTheWall(hang) : []), ...(back && back.bumpers > 0 ? [`${back.bumpers} bumpers`] : [])];
	const widths =
		(back?.tape ?? back?.edgeSeal)
			? ` Tape widths in stock: ${shop.tapeWidths.map((width) => writer.cut(width)).join(', ')} ${job.reader.unit}.`
			: '';
	return {
		id: 'gather',
		title: 'Gather',
		does: [
			...(flat.length > 0 ? [`To cut: ${flat.join(', ')}.`] : []),
			...(long.length > 0 ? [`To cut to length: ${long.join(', ')}.`] : []),
			...(shelf.length > 0 ? [`From the shelf: ${shelf.join(', ')}.`] : []),
			...(kit
				? [`From the kit${forEach}: ${[held.join(', '), rest.join(', ')].filter(Boolean).join('; ')}.`]
				: atHand(held, rest, forEach))
		],
		because: `Find what is missing before opening anything.${widths}`,
		ticks: [...parts, ...shelf, ...held, ...rest],
		uses: []
	};
}

function onTheWall(hang: Hang): string[] {
	const { own, single } = HANGERS[hang.by];
	if (single) return [hang.turned ? '2 nails with flat heads, one for each way up' : 'a nail with a flat head'];
	if (!own) return [`${hang.hookCount} wall ${hang.hookCount === 1 ? 'hook' : 'hooks'}`];
	const wanted = own.gather.wall(hang);
	return wanted === null ? [] : [wanted];
}

/** Two for the sides, or one for the top; of a frame that hangs turned too, as many again. */
function hangersOf({ metal, shop }: Writer, { by, ring, turned }: Hang): string[] {
	const { single, rings, own } = HANGERS[by];
	if (own) return [own.gather.frame];
	if (single) return single.broughtWith === null ? [] : [`${turned ? 2 : 1} × ${single.name}, with ${single.broughtWith}`];
	const count = turned ? 4 : 2;
	if (metal) return [`${count} hangers for the channel`];
	return [`${count} × ${ring === undefined ? rings : inSentence(known(shop.rings, ring).name)}, with screws`];
}

function atHand(held: readonly string[], rest: readonly string[], each: string): string[] {
	const all = [held.join(', '), rest.join(', ')].filter(Boolean);
	return all.length > 0 ? [`In stock${each}: ${all.join('; ')}.`] : [];
}
