import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const againstGlazing: TrainerCase = {
	title: 'The crew of the tender, screenprint',
	station: 'guard',
	told: 'No mat, they said: the screenprint fills the frame to its lip.',
	looked: ['Thick ink on thick paper, 0.4. Its surface sticks to glass once it has been damp.'],
	job: sound('The crew of the tender', {
		piece: { medium: ['screenprint'], grammage: 250 },
		place: { room: 'corridor', wall: 'masonry' },
		mats: [],
		hold: { kind: 'v-hinge' },
		guard: { underMat: 'cotton-4-unbuffered' }
	}),
	fault: { rule: 'gap.contact' }
};
