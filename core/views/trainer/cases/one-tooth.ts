import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const oneTooth: TrainerCase = {
	title: 'The Skerry, poster',
	station: 'wall',
	told: 'Heavy oak, as ordered. It hung by a sawtooth in the last place, so it is to have one again.',
	looked: ['A masonry wall, one nail in it. Hooks of every kind are in the drawer.'],
	job: sound('The Skerry', {
		piece: { medium: ['lithograph-black'], readings: { width: 480, height: 640 } },
		mats: [{ board: 'cotton-4', colour: 'white', lift: 4 }],
		frame: { moulding: 'oak-30' },
		hang: { by: 'sawtooth' }
	}),
	fault: { rule: 'hang.too-heavy' }
};
