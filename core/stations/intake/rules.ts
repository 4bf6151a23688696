import type { Rule } from '../../rule/rule.ts';
import { remedy } from '../../rule/change.ts';
import { PROTECTED } from '../../job/decide-piece.ts';

const CONCERN: Record<string, string> = {
	flaking: 'flaking paint',
	mould: 'mould',
	brittle: 'brittle support',
	'old-tape': 'old tape',
	nitrate: 'nitrate film',
	corrosion: 'active corrosion'
};

export const intakeRules: Rule[] = [
	{
		id: 'piece.protected',
		station: 'intake',
		of: 'safety',
		when: 'ivory, horn, tortoiseshell, protected species, human remains or an archaeological find',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Trade and transport are regulated by law: ask before accepting, moving or selling.',
		find: ({ job }) => {
			const { concerns, material } = job.piece;
			if (!concerns.includes('protected')) return [];
			const named =
				material && PROTECTED.includes(material) ? `The piece is ${material}.` : 'The piece contains protected material.';
			return [{ says: named, where: 'piece.concerns' }];
		}
	},
	{
		id: 'piece.needs-conservator',
		station: 'intake',
		of: 'safety',
		when: 'flaking, mould, brittle, old tape to remove, nitrate film, active corrosion',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Stop and refer: damage here cannot be undone.',
		find: ({ job }) =>
			job.piece.concerns
				.filter((concern) => concern !== 'protected')
				.map((concern) => ({ says: `A conservator should see it first: ${CONCERN[concern]}.`, where: 'piece.concerns' }))
	},
	{
		id: 'piece.medium-unknown',
		station: 'intake',
		of: 'safety',
		when: 'a medium not on the shop’s list',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Friability, sticking, fading and alkali limits follow from the medium. Set them for this one.',
		find: ({ job }) =>
			job.piece.unknownMedia.map((word) => ({ says: `Not on the shop’s list of media: “${word}”.`, where: 'piece.medium' }))
	},
	{
		id: 'ready.not-dry',
		station: 'intake',
		of: 'safety',
		when: 'varnish, fixative or paint not dry',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Behind glazing, anything still drying sticks to it and fogs it.',
		fixes: 'Mark it dry, once it is.',
		find: (context) =>
			context.job.piece.dry === false
				? [
						{
							says: 'The piece is not dry yet.',
							where: 'piece.dry',
							remedies: [remedy(context, 'It is dry now', ['piece', 'dry'], true)]
						}
					]
				: []
	},
	{
		id: 'ready.dry-unknown',
		station: 'intake',
		of: 'safety',
		when: 'a medium or fixative that must dry, and is not recorded as dry',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Oil and varnish can take months; behind glazing they stick to it and fog it.',
		fixes: 'Record whether it is dry.',
		find: (context) =>
			context.job.piece.dry === null
				? [
						{
							says: 'Is it dry? Not recorded yet.',
							where: 'piece.dry',
							remedies: [remedy(context, 'It is dry', ['piece', 'dry'], true)]
						}
					]
				: []
	}
];
