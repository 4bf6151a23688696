import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const thinOverlap: TrainerCase = {
	title: 'Harbour plan, lithograph',
	station: 'window',
	told: 'The owner wants to see as much of the sheet as there is: “just hide the very edge”.',
	looked: ['A thin sheet, 420 × 594. The print ends 9 before each edge.'],
	job: sound('Harbour plan', {
		piece: {
			medium: ['lithograph-black'],
			grammage: 90,
			readings: { width: 420, height: 594 },
			zones: [{ id: 'print', kind: 'show', left: 9, top: 9, width: 402, height: 576 }]
		},
		mats: [{ board: 'cotton-4', colour: 'white', lift: 4 }],
		window: { way: 'cover', overlap: 2 }
	}),
	fault: { rule: 'window.overlap-thin' }
};
