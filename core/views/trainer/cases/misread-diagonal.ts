import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

const read = (d2: number) =>
	sound('Chart of the sound', {
		piece: { medium: ['carbon-ink'], grammage: 160, readings: { top: 318, right: 424, bottom: 318, left: 424, d1: 530, d2 } }
	});

export const misreadDiagonal: TrainerCase = {
	title: 'Chart of the sound, ink',
	station: 'measure',
	told: 'Pim read it off the tape while the telephone rang. It looks square enough on the table.',
	looked: ['The tape is laid again: top 318, right 424, bottom 318, left 424.', 'Both diagonals: 530 and 530.'],
	job: read(520),
	truth: read(530).piece,
	fault: { rule: 'measure.misfit' }
};
