import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const hardwareFirst: TrainerCase = {
	title: 'Low water, woodcut',
	station: 'back',
	told: 'Ruan put the rings on while the tape was being fetched: “it saves a walk”. Finish it.',
	looked: ['The rings sit on bare wood, 12 in from the outer edge. The joint between frame and backing is open.'],
	job: sound('Low water', { piece: { medium: ['printing-ink-black'] } }),
	fault: {
		done: ({ steps }) => [
			...steps
				.slice(
					0,
					steps.findIndex(({ id }) => id === 'seal')
				)
				.map(({ id }) => ({ kind: 'done' as const, step: id })),
			{ kind: 'answered', step: 'hang', yes: true },
			{ kind: 'done', step: 'hang', forced: 'the tape was being fetched' }
		]
	}
};
