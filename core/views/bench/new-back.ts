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
				`From the front, check which way is up; mark it in pencil on the frame’s back${metal ? ', inside the channel' : ', on bare wood'}. Photograph the back and every label.`,
				metal
					? 'Take the clips out of the channel; leave its rails closed.'
					: 'Wet gummed tape and paper and let them soften, slit other tape along the joint; lift points and nails with a tool.',
				`Lift the old board out; do not lift or turn what is under it. Measure the opening: the new board is planned ${writer.size(size)}.`
			],
			because: 'Cut the new board to the opening you measured.',
			caution: 'Old backs hold dust, mould and nails: gloves and mask; lift points away from the glazing and your other hand.',
			uses: []
		},
		{
			id: 'cut-boards',
			title: 'Cut the new board',
			does: [`${there(job.guard.backing, 'backing').name} ${writer.size(size)}.`],
			because: 'Loose in the rabbet, it can expand without pressing on the frame.',
			uses: writer.parts('backing')
		},
		{
			id: 'close-pack',
			title: 'Lay the new board in',
			does: [
				`Blow dust off, away from the joint; put the ${board} in flush.`,
				'Pencil an arrow on it, like the mark on the frame.'
			],
			because: 'Once closed, nobody can tell which way is up.',
			uses: writer.parts('backing')
		},
		{
			id: 'fit-all',
			title: `Fit all ${fasteners(writer)}`,
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
