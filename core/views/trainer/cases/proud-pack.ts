import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const proudPack: TrainerCase = {
	title: 'Oystercatchers, linocut',
	station: 'frame',
	told: 'Some foam board was over, so the pack was filled up nicely with it: “then nothing rattles”.',
	looked: ['The moulding is ash, as on the shelf; its rabbet cannot be cut deeper.'],
	job: sound('Oystercatchers', {
		piece: { medium: ['printing-ink-black'] },
		guard: { fillers: [{ board: 'foam-free', thickness: 20 }] }
	}),
	fault: { rule: 'pack.proud' }
};
