/** Metal sections: bought in pairs with their kit, or delivered joined. A section weighs by the metre, whatever its shape. */
import { railLength } from '../weight.ts';
import { at, half, houseTerms, over, plain, times } from '../../../rule/term.ts';
import { there } from '../../../units/there.ts';
import type { MadeStep, Writer } from '../../step.ts';
import { closingRail, pairName } from '../kit.ts';
import type { FrameDefinition } from './frame-kind.ts';

export const metal: FrameDefinition = {
	recess: 'channel',
	hatch: 'metal',
	sawn: false,
	inPairs: true,
	clips: true,
	wood: false,
	flatWood: () => null,
	inset: ({ face }) => half(at('frame.section.face', face)),
	kg: ({ section, outer }, house) =>
		over(times(railLength(at('frame.section.face', section.face), outer), houseTerms(house)('metalKgPerM')), plain(1000)),
	made: (writer) => [there(writer.job.frame, 'frame').joined ? openMetal(writer) : joinMetal(writer)]
};

function joinMetal({ job, plan }: Writer): MadeStep {
	const closing = closingRail(there(plan.frame, 'frame').outer, job.schools['closing-rail']);
	const [across, down] = there(there(plan.frame, 'frame').kit, 'kit');
	return {
		id: 'join-metal',
		title: 'Join three rails',
		does: [
			`Use pairs for ${pairName(there(there(across, 'across').size, 'size'), there(job.frame, 'frame').pairStep)} across and ${pairName(there(there(down, 'down').size, 'size'), there(job.frame, 'frame').pairStep)} down; the ${closing} rail stays off: it closes the frame.`,
			'Fit a plain plate and one with screws in each of two corners; finger-tight, check from the front, then tighten fully.',
			...(isDark(there(job.frame, 'frame').colour.said) ? ['Touch up the cut ends before they meet.'] : [])
		],
		because: 'A corner tightened too soon stays open.',
		uses: []
	};
}

/** A metal frame that is delivered joined is opened before it can be loaded. */
function openMetal({ job, plan }: Writer): MadeStep {
	const closing = closingRail(there(plan.frame, 'frame').outer, job.schools['closing-rail']);
	return {
		id: 'open-metal',
		title: 'Open the frame',
		does: [
			'Lay it face down on the padded surface. Lift out the spring clips and whatever is inside.',
			`Loosen the two screws at the ends of the ${closing} rail; slide it off with its corner plates. Put screws and clips in a dish.`
		],
		because: 'It was joined for shipping; the pack goes in from an open side.',
		caution: 'A slipped clip flies: safety glasses on, hand behind it.',
		uses: []
	};
}

function isDark(colour: string): boolean {
	return ['charcoal', 'ink', 'bark', 'dusk', 'walnut'].includes(colour);
}
