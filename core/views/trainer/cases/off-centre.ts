import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';
import { seenOf } from '../../drawing/centring.ts';

/** The pack lies so far to the left, mm. */
const OFF = 1.2;

export const offCentre: TrainerCase = {
	title: 'Lamp room, drypoint',
	station: 'bench',
	told: 'It was closed in a hurry before the ferry. The eight borders were read, and then the tape went on.',
	looked: ['From the front the mat looks wider on one side, once you know.'],
	job: sound('Lamp room', { piece: { medium: ['printing-ink-black'] } }),
	fault: {
		done: ({ plan, steps, shop }) => {
			const seen = seenOf(plan, shop.house);
			const before = steps.slice(
				0,
				steps.findIndex(({ id }) => id === 'centre')
			);
			if (!seen) return [];
			const { top, right, bottom, left } = seen.targets;
			return [
				...before.map(({ id }) => ({ kind: 'done' as const, step: id })),
				{
					kind: 'read',
					readings: { tl: top, tr: top, bl: bottom, br: bottom, lt: left - OFF, lb: left - OFF, rt: right + OFF, rb: right + OFF }
				},
				{ kind: 'done', step: 'centre' },
				{ kind: 'done', step: 'seal' }
			];
		}
	}
};
