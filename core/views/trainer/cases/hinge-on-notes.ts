import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const hingeOnNotes: TrainerCase = {
	title: 'Wreck in the bay, pencil',
	station: 'hold',
	told: 'Two hinges at the top, as always. Someone wrote on the back, but nobody will ever see that.',
	looked: [
		'On the back, along the top: names and a date in pencil, 40 deep, from 40 off the left edge to 40 off the right.',
		'The rest of the back is bare.'
	],
	job: sound('Wreck in the bay', {
		piece: {
			medium: ['graphite'],
			zones: [{ id: 'names on the back', kind: 'keep-off', left: 40, top: 0, width: 220, height: 40 }]
		},
		window: { way: 'cover', overlap: 8 }
	}),
	fault: { rule: 'hold.keep-off' }
};
