import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';
import { partsToMeasure } from '../../bench/checks.ts';

const BY = 'cut-boards';
/** So much too wide, mm. */
const OFF = 1.4;

export const wideWindow: TrainerCase = {
	title: 'Net menders, etching',
	station: 'cut',
	told: 'Pim cut the boards, measured the mat, wrote it down and went to lunch. Go on from there.',
	looked: ['The mat lies on the bench, whole and clean. There is board for another.'],
	job: sound('Net menders', { piece: { medium: ['printing-ink-black'] } }),
	fault: {
		done: ({ steps }) => {
			const cut = steps.find(({ id }) => id === BY);
			const mat = cut && partsToMeasure(cut).find(({ opening }) => opening);
			if (!mat?.opening) return [];
			const opening = { width: mat.opening.width + OFF, height: mat.opening.height };
			return [
				{ kind: 'done', step: 'ready' },
				{ kind: 'done', step: 'gather' },
				{ kind: 'measured', part: mat.part, ...mat.planned, opening },
				{ kind: 'done', step: BY }
			];
		}
	}
};
