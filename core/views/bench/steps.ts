/**
 * The ordered steps for this very package, with what to look at and the caution that belongs there, once (handbook bench, cautions). Every
 * line of the cut list is used by a step, and no step names what is not there.
 */
import { frameKindOf } from '../../stations/frame/kinds/all.ts';
import { isShimmed } from '../../stations/frame/kit.ts';
import { inSentence } from '../../units/in-sentence.ts';
import type { Plan } from '../../plan.ts';
import { shopFor, type Shop } from '../../shop/shop.ts';
import { coverBoard, cutBoards, cutGlazing, glueLifts, joinMats, makeSpacers } from './board-steps.ts';
import { closeBack, hangersBeforeClosing, label, lastLook } from './close-steps.ts';
import { fasteners, fit, makeFrame } from './frame-steps.ts';
import { planHangers, wall } from './hanger-steps.ts';
import { mount, prepareHold } from './mount-steps.ts';
import { centre, cleanGlazing, closePack, dustFirst, edgeSeal } from './pack-steps.ts';
import { Writer, type Step } from '../../stations/step.ts';
import type { Decided } from '../../job/decided.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import { known, there } from '../../units/there.ts';

export type { Step } from '../../stations/step.ts';

/** @returns the steps, none while the plan is open at the window or the frame */
export function planSteps(job: Decided, plan: Plan, shopAsItIs: Shop): Step[] {
	if (!plan.window || !plan.frame || !plan.hang || !plan.hold || !plan.pack || !plan.back) return [];
	const writer = new Writer(job, plan, shopFor(shopAsItIs, job.cutIn), frameKindOf(job)?.wood === false);
	return [
		ready,
		gather,
		cutBoards,
		cutGlazing,
		prepareHold,
		makeFrame,
		coverBoard,
		glueLifts,
		makeSpacers,
		joinMats,
		mount,
		cleanGlazing,
		dustFirst,
		closePack,
		edgeSeal,
		(one: Writer) => (hangersBeforeClosing(one) ? planHangers(one) : []),
		fit,
		centre,
		closeBack,
		label,
		lastLook,
		wall
	].flatMap((make) => make(writer) ?? []);
}

function ready(writer: Writer): Step {
	const { job } = writer;
	const { piece } = job;
	const gloves = job.schools.hands === 'gloves' || (job.schools.hands === 'by-piece' && piece.kind === 'photograph');
	const oldTape =
		piece.kind === 'photograph' && piece.concerns.includes('old-tape')
			? [
					job.schools['old-hinge'] === 'soften'
						? 'Old gummed hinges are softened by somebody trained, with hardly any water, and only then lifted.'
						: 'Old gummed hinges stay on until a conservator has seen them.'
				]
			: [];
	return {
		id: 'ready',
		title: 'Make the bench ready',
		does: [
			`A clean, padded surface without grit; the ${writer.piece} and its boards in the room for a day.`,
			gloves ? 'Cotton or nitrile gloves on.' : 'Hands washed and dry.',
			...(piece.dry === true ? [] : ['Wait until varnish, fixative and paint are fully dry.']),
			...oldTape,
			...(piece.friable ? [`It sheds: the ${writer.piece} is never laid face down.`] : [])
		],
		because: 'Paper and boards that meet at different damp cockle in the package.',
		...(piece.concerns.some((concern) => concern !== 'protected')
			? {
					caution: 'What intake found wants a conservator first: do not clean, flatten or lift anything yourself unless trained.'
				}
			: {}),
		uses: []
	};
}

/** Everything, counted once. */
function gather(writer: Writer): Step {
	const { plan, shop, job } = writer;
	const counts = new Map<string, number>();
	for (const { role, count } of plan.cut) {
		counts.set(role, (counts.get(role) ?? 0) + count);
	}
	const parts = [...counts].map(([role, count]) => `${count} × ${role}`);
	const hang = there(plan.hang, 'hang');
	const kit = there(plan.frame, 'frame')
		.kit?.slice(2)
		.map(({ part, count }) => `${count} × ${part}`);
	const ring = hang.ring === undefined ? HANGERS[hang.by].rings : inSentence(known(shop.rings, hang.ring).name);
	const shim = writer.metal && isShimmed(plan, shop.house);
	// A kit holds its clips and hangers: they are counted there.
	const held = kit ?? [
		...(shim ? ['card for shims'] : [fasteners(writer)]),
		...(writer.metal ? ['2 hangers for the channel'] : [`2 × ${ring}, with screws`])
	];
	const rest = [
		`${hang.hookCount} wall ${hang.hookCount === 1 ? 'hook' : 'hooks'}`,
		...(there(plan.back, 'back').bumpers > 0 ? [`${there(plan.back, 'back').bumpers} bumpers`] : [])
	];
	const widths =
		(there(plan.back, 'back').tape ?? there(plan.back, 'back').edgeSeal)
			? ` Tape widths in stock: ${shop.tapeWidths.map((width) => writer.cut(width)).join(', ')} ${job.reader.unit}.`
			: '';
	return {
		id: 'gather',
		title: 'Gather',
		does: [`To cut: ${parts.join(', ')}.`, `${kit ? 'From the kit' : 'At hand'}: ${held.join(', ')}; ${rest.join(', ')}.`],
		because: `What is missing is found before anything is opened.${widths}`,
		uses: []
	};
}
