import type { Rule } from '../../rule/rule.ts';
import { remedy } from '../../rule/change.ts';
import { PROTECTED } from '../../job/decide-piece.ts';

const CONCERN: Record<string, string> = {
	flaking: 'flaking paint',
	mould: 'mould',
	brittle: 'a brittle support',
	'old-tape': 'old tape on it',
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
		why: 'Trade and transport of it are regulated by law: ask before accepting, moving or selling.',
		find: ({ job }) => {
			const { concerns, material } = job.piece;
			if (!concerns.includes('protected')) return [];
			const named =
				material && PROTECTED.includes(material) ? `The piece is ${material}.` : 'The piece holds protected material.';
			return [{ says: named, where: 'piece.concerns' }];
		}
	},
	{
		id: 'piece.needs-conservator',
		station: 'intake',
		of: 'safety',
		when: 'flaking, mould, brittle, old tape to remove, nitrate film, active corrosion',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Stop and refer: a wrong touch here cannot be taken back.',
		find: ({ job }) =>
			job.piece.concerns
				.filter((concern) => concern !== 'protected')
				.map((concern) => ({ says: `A conservator should see it first: ${CONCERN[concern]}.`, where: 'piece.concerns' }))
	},
	{
		id: 'piece.medium-unknown',
		station: 'intake',
		of: 'safety',
		when: 'a medium that the shop’s list does not have',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'What sheds, sticks, fades or shrinks from alkali follows from the medium. Say it for this one.',
		find: ({ job }) =>
			job.piece.unknownMedia.map((word) => ({ says: `The shop’s list of media does not have “${word}”.`, where: 'piece.medium' }))
	},
	{
		id: 'ready.not-dry',
		station: 'intake',
		of: 'safety',
		when: 'varnish, fixative or paint that is not dry',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'What dries behind glazing sticks to it and fogs it.',
		fixes: 'Saying that it is dry, once it is.',
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
		when: 'a medium or a fixative that has to dry, and nobody has said whether it has',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Oil and varnish can take months; what dries behind glazing sticks to it and fogs it.',
		fixes: 'Saying whether it is dry.',
		find: (context) =>
			context.job.piece.dry === null
				? [
						{
							says: 'Is it dry? Nobody has said so yet.',
							where: 'piece.dry',
							remedies: [remedy(context, 'It is dry', ['piece', 'dry'], true)]
						}
					]
				: []
	}
];
