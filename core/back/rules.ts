import type { Rule } from '../findings/rule.ts';
import { remedy } from '../findings/change.ts';

export const backRules: Rule[] = [
	{
		id: 'seal.none',
		station: 'back',
		when: 'nothing closes the joint between frame and backing',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Dust and insects come in by the joint.',
		mends: 'The house’s back seal.',
		school: 'back-seal',
		find: (context) =>
			context.job.back.seal === null
				? [
						{
							says: 'The back has no seal.',
							where: 'back.seal',
							remedies: [remedy(context, 'Gummed tape', ['back', 'seal'], 'gummed')]
						}
					]
				: []
	}
];
