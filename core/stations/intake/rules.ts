import type { Case, Rule } from '../../rule/rule.ts';
import { atStart } from '../../units/in-sentence.ts';
import { remedy } from '../../rule/change.ts';
import { PROTECTED } from '../../job/decide-piece.ts';
import { drop } from '../../job/patch.ts';
import { CONCERNS, refersAt } from '../../shop/concerns.ts';

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
		when: 'flaking, mould, insects, stuck to its glazing, a vinegar smell; brittle, torn, tacky, with old tape, corrosion or weeping glass (a caution at Show); foxing or a cased photograph a caution; nitrate film always',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Refer it: damage here cannot be undone.',
		fixes: 'A conservator’s name, date and finding in Intake; nitrate film is never framed.',
		find: ({ job, grade }) =>
			job.piece.concerns.flatMap((concern): Case[] => {
				const isSeen = !job.piece.unseen.includes(concern);
				const severity = refersAt(concern, isSeen, grade);
				if (severity === null) return [];
				const { name, why, never } = CONCERNS[concern];
				const by = job.piece.conservator;
				const says = never
					? `${atStart(name)}: never framed or sealed. Frame a copy.`
					: isSeen && by
						? `${atStart(name)}, seen by ${by.name}, ${by.on}: ${by.finding.replace(/\.$/, '')}.`
						: `A conservator ${severity === 'stop' ? 'must' : 'should'} see it first: ${name}.`;
				return [{ says, why, severity, where: isSeen && !never ? 'piece.conservator' : 'piece.concerns' }];
			})
	},
	{
		id: 'piece.toxic',
		station: 'intake',
		of: 'safety',
		when: 'toxic material: lead, arsenic green, mercury, pesticide',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: CONCERNS.toxic.why,
		find: ({ job }) =>
			job.piece.concerns.includes('toxic')
				? [{ says: 'It contains toxic material: gloves, a mask, no blowing.', where: 'piece.concerns' }]
				: []
	},
	{
		id: 'piece.acid-support',
		station: 'intake',
		of: 'safety',
		when: 'newsprint and other groundwood paper',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'It yellows in weeks of daylight and gives off acid: a buffered board behind it, a copy on show; only a conservator deacidifies it.',
		find: ({ job }) => (job.piece.support?.acid ? [{ says: 'The paper is groundwood.', where: 'piece.support' }] : [])
	},
	{
		id: 'piece.sheds-unknown',
		station: 'intake',
		of: 'safety',
		when: 'a medium that may be matt and powdery, and nobody has recorded whether it is',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Powdery paint comes off at a touch or by static; it needs other glazing and a larger gap.',
		fixes: 'Record whether it is powdery.',
		find: (context) =>
			context.job.piece.shedsAsked
				? [
						{
							says: `Is the ${namesOf(context.job.piece.media.filter(({ mayShed }) => mayShed))} matt and powdery? Not recorded yet.`,
							where: 'piece.friable',
							remedies: [
								remedy(context, 'It is not powdery', ['piece', 'friable'], false),
								remedy(context, 'It is powdery', ['piece', 'friable'], true)
							]
						}
					]
				: []
	},
	{
		id: 'piece.fibre-unknown',
		station: 'intake',
		of: 'safety',
		when: 'a textile whose fibre nobody has recorded',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'Silk and wool need unbuffered boards, cotton and linen buffered ones. Until it is known, it counts as silk.',
		find: ({ job, file }) =>
			job.piece.kind === 'textile' && job.piece.support === null && file.piece?.proteinOrDye === undefined
				? [{ says: 'Which fibre is it? Not recorded yet.', where: 'piece.support' }]
				: []
	},
	{
		id: 'piece.base-unknown',
		station: 'intake',
		of: 'safety',
		when: 'a silver gelatin print on a base nobody has recorded: fibre or resin-coated',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Paste bonds to fibre, not to a plastic-coated base; light cracks the coated one.',
		fixes: 'Record its base.',
		find: (context) =>
			context.job.piece.baseAsked
				? [
						{
							says: 'Which base is the print on? Not recorded yet.',
							where: 'piece.noWater',
							remedies: [
								remedy(context, 'Fibre base', ['piece', 'noWater'], false),
								remedy(context, 'Resin-coated base', ['piece', 'noWater'], true)
							]
						}
					]
				: []
	},
	{
		id: 'piece.medium-unknown',
		station: 'intake',
		of: 'safety',
		when: 'a medium not on the shop’s list, or one without a light class',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Friability, sticking, fading and alkali limits follow from the medium. Set them for this one.',
		find: ({ job }) =>
			[
				...job.piece.unknownMedia.map((word) => `Not on the shop’s list of media: “${word}”.`),
				...job.piece.media
					.filter(({ unknown }) => unknown.includes('fade'))
					.map(({ name }) => `No light class for ${name}: the most fugitive, 1, counts until it is entered in Stock, Materials.`)
			].map((says) => ({ says, where: 'piece.medium' }))
	},
	{
		id: 'light.class-above',
		station: 'intake',
		of: 'safety',
		when: 'a light class typed higher than its media’s, without a reason',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'A higher class promises more years in light than the table does.',
		fixes: 'The media’s class; or a reason, in Intake.',
		find: (context) => {
			const { fade, fadeOfMedia, fadeBecause } = context.job.piece;
			if (fade === null || fadeOfMedia === null || fade <= fadeOfMedia || fadeBecause !== '') return [];
			return [
				{
					says: `Light class ${fade} entered; its media have class ${fadeOfMedia}, and no reason is given.`,
					where: 'piece.fade',
					remedies: [{ label: `Class ${fadeOfMedia}, from its media`, patch: drop(context.file, ['piece', 'fade']) }]
				}
			];
		}
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

function namesOf(media: readonly { name: string }[]): string {
	return media.map(({ name }) => name).join(', ');
}
