import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const pulledDust: TrainerCase = {
	title: 'Squall, charcoal',
	station: 'guard',
	told: 'It goes to the mainland by boat, so nothing that breaks. The mat is lifted, with a trough for what falls.',
	looked: ['A finger held over it, not on it: the charcoal is not fixed, and a breath moves it.'],
	job: sound('Squall', {
		piece: { medium: ['charcoal'], travels: true, image: { left: 30, top: 40, width: 240, height: 320 } },
		mats: [{ board: 'cotton-4', colour: 'white', bevel: 'reverse', lift: 3.5 }]
	}),
	fault: { rule: 'glazing.static-friable' }
};
