/** A frame that is there: the customer's, or one bought whole. It is of wood, and nobody saws it. */
import { there } from '../../../units/there.ts';
import type { Step, Writer } from '../../step.ts';
import type { FrameDefinition } from './frame-kind.ts';
import { wood } from './wood.ts';

export const readyMade: FrameDefinition = { ...wood, sawn: false, made: (writer) => [readyFrame(writer)] };

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
