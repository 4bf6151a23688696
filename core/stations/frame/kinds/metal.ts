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
			`Pairs for ${pairName(there(there(across, 'across').size, 'size'), there(job.frame, 'frame').pairStep)} across and ${pairName(there(there(down, 'down').size, 'size'), there(job.frame, 'frame').pairStep)} down; the ${closing} rail stays off, it closes the frame.`,
			'A plain plate and one with screws in each of two corners; finger-tight, looked at from the front, then fully tightened.',
			...(isDark(there(job.frame, 'frame').colour.said) ? ['Touch up the cut ends before they meet.'] : [])
		],
		because: 'A corner that is tightened first stays open afterwards.',
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
			'Lay it face down on the padded surface. Lift out the spring clips that hold its backing, and what is in it.',
			`Loosen the two screws at the ends of the ${closing} rail; slide that rail off with its corner plates. Screws and clips into a dish.`
		],
		because: 'It was joined to be sent; the pack goes in by an open side, as into any metal frame.',
		caution: 'A slipped clip flies: safety glasses on, hand behind it.',
		uses: []
	};
}

function isDark(colour: string): boolean {
	return ['charcoal', 'ink', 'bark', 'dusk', 'walnut'].includes(colour);
}
