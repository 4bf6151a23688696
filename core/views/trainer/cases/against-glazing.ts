import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const againstGlazing: TrainerCase = {
	title: 'The crew of the tender, silver print',
	station: 'guard',
	told: 'No mat, they said: the photograph fills the frame to its lip.',
	looked: ['A glossy print on thick paper, 0.4. Its surface sticks to glass once it has been damp.'],
	job: sound('The crew of the tender', {
		piece: { kind: 'photograph', medium: ['silver-gelatin'], grammage: 250 },
		mats: [],
		hold: { kind: 'v-hinge' },
		guard: { underMat: 'cotton-4-unbuffered' }
	}),
	fault: { rule: 'gap.contact' }
};
