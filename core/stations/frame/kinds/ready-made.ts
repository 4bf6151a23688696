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
		title: 'Prepare the frame',
		does: [
			...emptied(writer),
			'Blow out the sawdust. Measure the rabbet again, four sides and both diagonals.',
			`Try one board in it, ${writer.size(there(plan.window, 'window').pack)}, before cutting the others.`,
			...(cornersOut && !lite
				? [
						`It is out of square by up to ${writer.fine(Math.max(...cornersOut.map(Math.abs)))}: the square pane must go in without force.`
					]
				: [])
		],
		because: 'A bought or old frame is seldom its stated size, and seldom square.',
		...(there(plan.frame, 'frame').points.kind === 'clips'
			? {}
			: { caution: 'Lift old points with a tool, never with a finger.' }),
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
		? [`${OPENED[kind]} the ${total > 0 ? `${total} ` : ''}${FASTENER_NAMES[kind].many} that hold it, for reuse.`]
		: kept.replaced.has('points')
			? ['Lift out the points that hold it.']
			: isUnseen
				? ['Lift out any points; remove a wood-fibre back and any paper insert.']
				: [];
	const leaves = [
		...(kept.replaced.has('back') ? ['its back and any paper insert'] : []),
		...(kept.replaced.has('glazing') ? ['its glazing'] : []),
		...(kept.replaced.has('mat') ? ['its mat'] : []),
		...(kept.replaced.has('hangers') ? ['its hangers'] : [])
	];
	const stays = kept.back
		? [
				`Its back stays, ${inSentence(there(job.guard.backing, 'backing').name)}: brush both faces.`,
				...(job.hang.by === 'tag' ? [tagSays(job.hang.turns)] : [])
			]
		: [];
	return [...opened, ...(leaves.length > 0 ? [`Remove ${leaves.join(', ')}.`] : []), ...stays, ...glassOf(writer)];
}

/** While the back lies loose: nothing is bent against the pack. */
function tagSays(turns: boolean): string {
	return turns
		? 'Bend two hanging tags out with a tool, away from the pack: at its top edge and at its right, from behind.'
		: 'Bend the hanging tag at the picture’s top out with a tool, away from the pack; leave the others flat.';
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
	if (job.kept.glazing) return inPlace ? [] : ['Lift its glazing onto a padded sheet; clean it when the pack is ready.'];
	return job.kept.replaced.has('glazing') ? [] : ['Lift out any glass: another goes in.'];
}
