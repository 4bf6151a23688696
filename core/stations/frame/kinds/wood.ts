/** Wood moulding from the stick: sawn, joined and finished in the shop. */
import { mouldingKg } from '../weight.ts';
import { at, half, less } from '../../../rule/term.ts';
import { FINISH_OF } from '../finishes.ts';
import { inSentence } from '../../../units/in-sentence.ts';
import { there } from '../../../units/there.ts';
import type { MadeStep, Writer } from '../../step.ts';
import type { FrameDefinition } from './frame-kind.ts';

export const wood: FrameDefinition = {
	recess: 'rabbet',
	hatch: 'wood',
	sawn: true,
	inPairs: false,
	clips: false,
	wood: true,
	flatWood: ({ face, lip }) => face - lip,
	inset: ({ face, lip }) => half(less(at('frame.section.face', face), at('frame.section.lip', lip))),
	kg: mouldingKg,
	made: joinWood
};

/** Bare wood is finished once it is joined, and dry before the pack is near it. */
export function finishes({ job }: Writer, splined = false): MadeStep[] {
	const finish = job.frame?.finish;
	if (!finish) return [];
	const { name, hours, does, caution, bareSplines } = FINISH_OF[finish];
	return [
		{
			id: 'finish-wood',
			title: `${name} the bare wood`,
			does: [...(splined && bareSplines ? ['Mask the splines if they stay bare.'] : []), ...does],
			because: 'A finish that is not dry gives off vapours for weeks.',
			caution,
			waitMinutes: hours * 60,
			uses: []
		}
	];
}

/** Cut, glue and clamp, splines in their slots; then the finish, which dries before the pack is near it. */
function joinWood(writer: Writer): MadeStep[] {
	const { job, plan } = writer;
	const { rails, stick, rabbet, diagonal } = there(plan.frame, 'frame');
	const [across, down] = there(rails, 'rails');
	// A frame from the shelf that is cut down.
	const taken = job.claims.find(({ what }) => what === 'frame');
	const splined = there(job.frame, 'frame').corners === 'reinforced';
	return [
		{
			id: 'cut-frame',
			title: 'Cut the rails',
			does: [
				...(taken ? [`Take the frame “${taken.name}” apart at its corners; pull old nails before sawing.`] : []),
				`Cut two rails ${writer.cut(across)} and two ${writer.cut(down)} at the long points, 45° at both ends, from ${taken ? 'its own rails, recut' : `${writer.cut(there(stick, 'stick'))} of ${inSentence(there(job.frame, 'frame').name)}`}.`,
				'Lay each pair back to back: they must match exactly.'
			],
			because: 'Unequal rails open the last corner.',
			caution: 'Saw, guillotine, underpinner: guards on, one person only, eye and ear protection.',
			uses: writer.parts('rail, top and bottom', 'rail, left and right')
		},
		{
			id: 'join-frame',
			title: 'Glue and clamp',
			does: [
				`Check the rabbet: ${writer.size(rabbet)}, ${writer.mark(there(diagonal, 'diagonal'))} corner to corner both ways.`,
				splined ? 'When the glue has set, saw the slots and glue a spline into each corner.' : 'Glue and pin the corners.',
				...(there(job.frame, 'frame').brace ? ['Fit a cross-brace between the long rails, in the middle, behind the pack.'] : [])
			],
			because: 'Diagonals must be equal, or the pack jams in a corner.',
			waitMinutes: 12 * 60,
			uses: []
		},
		// Pared before it is stained: glue takes no stain, and a fresh spline end is pale.
		...(job.frame?.finish ? [pare(splined), ...finishes(writer, splined)] : [colourAndPare(splined)])
	];
}

function pare(splined: boolean): MadeStep {
	return {
		id: 'finish-frame',
		title: 'Pare',
		does: [`Pare ${splined ? 'splines and glue' : 'the glue'} flush; check both diagonals again.`],
		because: 'Stain does not take on glue: what you pare later shows pale.',
		caution: 'Chisel away from your holding hand.',
		uses: []
	};
}

/** Of a moulding that is finished already only its edge and corners are coloured. */
function colourAndPare(splined: boolean): MadeStep {
	return {
		id: 'finish-frame',
		title: 'Mask, colour, pare',
		does: [
			'Mask the face; colour the rabbet’s edge and corners; let dry, unmask.',
			`Pare ${splined ? 'splines and glue' : 'the glue'} flush; check both diagonals again.`
		],
		because: 'Paint, oil and wax must be dry before the pack is near.',
		caution: 'Solvents, wax: outdoors or extraction, gloves, no flame; oily rags in a closed metal can.',
		waitMinutes: 12 * 60,
		uses: []
	};
}
