/** A new board on a frame whose glazing stays closed: the old back comes off, the board goes in, points hold it (handbook back, intake#parts). */
import { inSentence } from '../../units/in-sentence.ts';
import { there } from '../../units/there.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import { fasteners, pointsSay } from './frame-steps.ts';

/** @returns nothing where the board that is there stays */
export function newBack(writer: Writer): MadeStep[] {
	const { plan, job, metal } = writer;
	const size = plan.back?.board;
	if (!size) return [];
	const { points } = there(plan.frame, 'frame');
	const board = inSentence(there(job.guard.backing, 'backing').name);
	return [
		{
			id: 'ready-frame',
			title: 'Open the old back',
			does: [
				`Look from the front: which way is up is marked in pencil on the frame’s back${metal ? ', inside the channel' : ', on bare wood'}. Photograph the back and every label.`,
				metal
					? 'Take the clips out of the channel; its rails stay closed.'
					: 'Gummed tape and paper are wetted and left to soften, other tape is slit along the joint; points and nails are lifted with a tool.',
				`Lift the old board out. What lies under it is neither lifted nor turned over. Measure the opening: the new board is planned ${writer.size(size)}.`
			],
			because: 'The new board is cut to an opening that was seen.',
			caution:
				'Old backs hold dust, mould and nails: gloves and a mask; points are lifted away from the glazing and the other hand.',
			uses: []
		},
		{
			id: 'cut-boards',
			title: 'Cut the new board',
			does: [`${there(job.guard.backing, 'backing').name} ${writer.size(size)}.`],
			because: 'It lies loose in the rabbet and grows there without pressing on the frame.',
			uses: writer.parts('backing')
		},
		{
			id: 'close-pack',
			title: 'Lay the new board in',
			does: [
				`Dust off by air, away from the joint; the ${board} in, flush. An arrow on it in pencil, pointing as the mark on the frame does.`
			],
			because: 'Once it is closed, nobody can tell which way is up.',
			uses: writer.parts('backing')
		},
		{
			id: 'fit-all',
			title: `All of them: ${fasteners(writer)}`,
			does: [pointsSay(points, writer)],
			...(metal
				? { caution: 'A slipped clip flies: safety glasses on, hand behind it.' }
				: {
						caution: 'Push points away from the glazing and your other hand, with a block behind the frame; no hammering.'
					}),
			uses: []
		}
	];
}
