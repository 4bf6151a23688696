/** A frame that is there: the customer's, or one bought whole. It is of wood, and nobody saws it. */
import { inSentence } from '../../../units/in-sentence.ts';
import { there } from '../../../units/there.ts';
import type { Points } from '../../../figures/frame.ts';
import { FASTENER_NAMES } from '../fasteners.ts';
import type { MadeStep, Writer } from '../../step.ts';
import type { FrameDefinition } from './frame-kind.ts';
import { finishes, wood } from './wood.ts';

export const readyMade: FrameDefinition = { ...wood, sawn: false, made: (writer) => [readyFrame(writer), ...finishes(writer)] };

function readyFrame(writer: Writer): MadeStep {
	const { plan } = writer;
	const { lite, cornersOut } = there(plan.frame, 'frame');
	return {
		id: 'ready-frame',
		title: 'Make the frame ready',
		does: [
			...emptied(writer),
			'Blow out the sawdust. Measure the rabbet again, four sides and both diagonals.',
			`The pack measures ${writer.size(there(plan.window, 'window').pack)}: try one board in it before the others are cut.`,
			...(cornersOut && !lite
				? [
						`It is out of true by up to ${writer.fine(Math.max(...cornersOut.map(Math.abs)))}: the straight lite must go in without pressing.`
					]
				: [])
		],
		because: 'A bought or old frame is seldom what its label says, and seldom square.',
		...(there(plan.frame, 'frame').points.kind === 'clips'
			? {}
			: { caution: 'Lift old points and tabs with a tool, never with a finger.' }),
		uses: []
	};
}

/** What holds it is opened first; then what leaves, and what stays. */
function emptied(writer: Writer): string[] {
	const { job, plan } = writer;
	const { kept } = job;
	const { total, kind } = there(plan.frame, 'frame').points;
	// While nobody has said what came with it, what such a frame brings is named; afterwards that alone which it brought.
	const isUnseen = kept.replaced.size === 0 && !kept.back && !kept.points && !kept.glazing && !kept.hangers;
	const opened = kept.points
		? [`${OPENED[kind]} the ${total > 0 ? `${total} ` : ''}${FASTENER_NAMES[kind].many} that hold it: they are used again.`]
		: kept.replaced.has('points')
			? ['Points or tabs that hold it are lifted out.']
			: isUnseen
				? ['Points or tabs, where it has any, are lifted out; a wood-fibre back and a paper insert leave.']
				: [];
	const leaves = [
		...(kept.replaced.has('back') ? ['its back, and a paper insert if there is one'] : []),
		...(kept.replaced.has('glazing') ? ['its glazing'] : []),
		...(kept.replaced.has('mat') ? ['its mat'] : []),
		...(kept.replaced.has('hangers') ? ['its hangers'] : [])
	];
	const stays = kept.back
		? [
				`Its back stays, ${inSentence(there(job.guard.backing, 'backing').name)}: brushed on both faces.`,
				...(job.hang.by === 'tag' ? [tagSays(job.hang.turns)] : [])
			]
		: [];
	return [...opened, ...(leaves.length > 0 ? [`What leaves: ${leaves.join(', ')}.`] : []), ...stays, ...glassOf(writer)];
}

/** While the back lies loose: nothing is bent against the pack. */
function tagSays(turns: boolean): string {
	return turns
		? 'Bend its hanging tags out with a tool, away from the pack: the one at its top edge, and the one that is at its right, seen from behind.'
		: 'Bend the hanging tag at its top edge out with a tool, away from the pack, as the picture will hang; the others stay flat.';
}

const OPENED: Record<Points['kind'], string> = {
	rigid: 'Lift out',
	flexible: 'Bend up',
	hand: 'Pull',
	'turn-buttons': 'Turn',
	'offset-clips': 'Unscrew',
	clips: 'Turn back'
};

/** What is cleaned later, with the pack ready, is only lifted out now. */
function glassOf({ job }: Writer): string[] {
	const inPlace = job.schools['ready-glass'] === 'in-place';
	if (job.kept.glazing)
		return inPlace ? [] : ['Lift its glazing out and lay it on a padded sheet: it is cleaned when the pack is ready.'];
	return job.kept.replaced.has('glazing') ? [] : ['Lift out the glass, if there is any: another goes in.'];
}
