import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const pulpMat: TrainerCase = {
	title: 'Thrift on the cliff, gouache',
	station: 'guard',
	told: 'The colour of the mat was chosen from the old sample book. It is to hang for thirty years.',
	looked: ['The sample is grey all through when it is bent, and browns at its cut edges.'],
	job: sound('Thrift on the cliff', {
		piece: { medium: ['woodcut'] },
		mats: [{ board: 'pulp-4', colour: 'slate', lift: 4 }]
	}),
	fault: { rule: 'board.touch-acidic' }
};
