import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import { remedy } from '../../rule/change.ts';
import { drop, put } from '../../job/patch.ts';
import { reaches } from '../../shop/grades.ts';
import { isAtMost } from '../../units/compare.ts';
import { showNumber, showShare } from '../../units/show.ts';
import { named, which } from '../../rule/sights.ts';
import { heldSights } from './held.ts';
import { inFolded, kindPatch } from './other-kinds.ts';
import { placeRules } from './place-rules.ts';
import { dryHolds, waterRules } from './water-rules.ts';
import { isStiff } from '../../job/decide-piece.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import { HOLDS } from './kinds/all.ts';
import { holdNames } from './names.ts';

export const holdRules: Rule[] = [
	{
		id: 'hold.tape-on-piece',
		station: 'hold',
		of: 'safety',
		when: 'household, brown gummed or transfer tape on the piece',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'It stains, penetrates and cannot be removed.',
		fixes: 'Wheat-starch paste and tissue.',
		find: (context) => (context.job.hold.adhesive.family === 'hardware' ? [adhesiveCase(context, 'touches the piece')] : [])
	},
	{
		id: 'hold.adhesive-irreversible',
		station: 'hold',
		of: 'safety',
		when: 'overall mounting or an adhesive that cannot be removed',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The piece can then never be treated, remounted or cleaned.',
		fixes: 'Wheat-starch paste and tissue.',
		school: 'cockle',
		find: (context) => {
			const { hold, piece } = context.job;
			if (piece.kind === 'textile' && hold.adhesive.family !== 'none')
				return [adhesiveCase(context, 'soaks into a textile and cannot be removed')];
			if (hold.adhesive.family !== 'whole-surface') return [];
			const found = adhesiveCase(context, 'cannot be removed');
			return [context.grade === 'show' && piece.replaceable ? { ...found, severity: 'caution' } : found];
		}
	},
	{
		id: 'hold.grade',
		station: 'hold',
		of: 'safety',
		when: 'an adhesive below the grade',
		severity: { rare: 'stop', keep: 'stop' },
		why: 'It must come off as gently as the grade demands, years later.',
		fixes: 'Wheat-starch paste and tissue.',
		school: 'adhesive',
		find: (context) => {
			const { adhesive } = context.job.hold;
			if (adhesive.family === 'hardware' || adhesive.family === 'whole-surface') return [];
			if (reaches(adhesive.sheet, context.grade) || mayAtKeep(context)) return [];
			return [adhesiveCase(context, `comes off with ${adhesive.release}: not good enough for this grade`)];
		}
	},
	{
		id: 'hold.load',
		station: 'hold',
		of: 'safety',
		when: 'the load on a hinge is above its long-term limit, or the sheet is heavier than its paste carries',
		severity: { rare: 'stop', keep: 'caution', show: 'caution' },
		why: 'An overloaded hinge creeps and drops the sheet.',
		fixes: 'More hinges; else pockets or strips, where the overlap hides them.',
		find: (context) => {
			const { adhesive, kind } = context.job.hold;
			const most = adhesive.sheetUpTo;
			const { grammage } = context.job.piece;
			const tooHeavy: Case[] =
				most !== undefined && isHinge(kind) && grammage > most
					? [
							{
								says: `${adhesive.name} holds sheets up to ${showNumber(most)} g/m²; this one has ${showNumber(grammage)}.`,
								where: 'hold.adhesive',
								remedies: [
									remedy(context, 'Wheat-starch paste and tissue', ['hold', 'adhesive'], 'starch-paste'),
									...inFolded(context)
								]
							}
						]
					: [];
			const loads = heldSights(context).flatMap((sight): Case[] => {
				const { hold } = sight;
				if (hold.workingKPa === 0 || isAtMost(hold.loadKPa, hold.workingKPa)) return [];
				const count = Math.ceil(hold.places.length * (hold.loadKPa / hold.workingKPa));
				const more = {
					label: `${count} hinges`,
					patch: [...put(context.file, ['hold', 'count'], count), ...drop(context.file, ['hold', 'places'])]
				};
				return [
					{
						says: `${which(sight)}Each hinge carries ${showShare(hold.loadKPa, hold.workingKPa)} of its limit.`,
						where: named(sight.number, 'hold.loadKPa'),
						remedies: [more, ...inFolded(context)]
					}
				];
			});
			return [...tooHeavy, ...loads];
		}
	},
	{
		id: 'hold.stronger-than-sheet',
		station: 'hold',
		of: 'safety',
		when: 'hinge tissue over half the sheet’s g/m², or tape on paper under 90 g/m²',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'The hinge must tear before the sheet does.',
		fixes: 'Pockets or strips, where the overlap hides them; paste and tissue instead of tape.',
		find: (context) => {
			const { adhesive } = context.job.hold;
			const { grammage } = context.job.piece;
			if (!isHinge(context.job.hold.kind)) return [];
			if (adhesive.family === 'paste') {
				return heldSights(context)
					.filter(({ hold }) => hold.tissue === null)
					.map((sight) => ({
						says: `${which(sight)}No tissue is light enough for a sheet of ${showNumber(sight.piece.grammage)} g/m²; use corner pockets or edge strips.`,
						where: named(sight.number, 'hold.tissue'),
						remedies: inFolded(context)
					}));
			}
			return grammage < 90 && ['gummed', 'self-adhesive', 'hardware'].includes(adhesive.family)
				? [adhesiveCase(context, `is stronger than paper of ${showNumber(grammage)} g/m²`)]
				: [];
		}
	},
	{
		id: 'hold.to-mat',
		station: 'hold',
		of: 'safety',
		when: 'the sheet hangs from the window mat instead of the back mat',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'The window mat could not be changed without touching the piece.',
		fixes: 'Hang it from the back mat.',
		school: 'hang-from',
		find: (context) =>
			context.job.hold.from === 'window-mat' && isHinge(context.job.hold.kind)
				? [
						{
							says: 'The sheet hangs from the window mat.',
							where: 'schools.hang-from',
							remedies: [remedy(context, 'Hang it from the back mat', ['schools', 'hang-from'], 'under-mat')]
						}
					]
				: []
	},
	{
		id: 'hold.both-sides',
		station: 'hold',
		of: 'safety',
		when: 'a sheet worked on both sides is hinged',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'A hinge would cover work on the back; corner pockets, strips or a window on both sides leave it clear.',
		fixes: 'Corner pockets or strips, where the overlap hides them.',
		find: (context) => {
			const { job, plan } = context;
			return job.piece.bothSides && plan.hold && isHinge(job.hold.kind)
				? [
						{
							says: 'The sheet is worked on both sides, and hinges go on its back.',
							where: 'piece.bothSides',
							remedies: inFolded(context)
						}
					]
				: [];
		}
	},
	{
		id: 'hold.pierces',
		station: 'hold',
		of: 'safety',
		when: 'an object is stitched through',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'A needle leaves holes for good; a medal, a case or a feather splits.',
		fixes: 'Padded brackets, ties round it, or a recess.',
		find: (context) =>
			context.job.hold.kind === 'stitching' && context.job.piece.kind === 'object'
				? [
						{
							says: 'The object is stitched through.',
							where: 'hold.kind',
							remedies: (['ties', 'brackets', 'recess'] as const).map((kind) => ({
								label: HOLDS[kind].names.choice,
								patch: kindPatch(context.file, kind, 'none')
							}))
						}
					]
				: []
	},
	{
		id: 'hold.friable-down',
		station: 'hold',
		of: 'safety',
		when: 'a hold that lays a friable sheet on its face or turns it over',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A friable surface comes off on whatever it touches.',
		fixes: 'Hinges from the back mat, the sheet face up.',
		find: (context) => {
			const { job, file } = context;
			const { hold, piece } = job;
			if (!piece.friable || !HOLDS[hold.kind].turnsOver(job)) return [];
			const fromMat = hold.from === 'window-mat';
			const float = job.windows.some(({ way }) => way === 'float');
			const upward: Remedy[] = isHinge(hold.kind)
				? [
						{
							label: float ? 'V-hinges, the sheet face up' : 'T-hinges, the sheet face up',
							patch: kindPatch(file, float ? 'v-hinge' : 't-hinge', hold.adhesive.id)
						}
					]
				: [];
			return [
				{
					says: fromMat
						? 'Held on the window mat’s back, the friable sheet lies on its face.'
						: `${holdNames(job).paper}: the friable piece is turned over for them.`,
					where: fromMat ? 'schools.hang-from' : 'hold.kind',
					remedies: fromMat ? [remedy(context, 'Hang it from the back mat', ['schools', 'hang-from'], 'under-mat')] : upward
				}
			];
		}
	},
	{
		id: 'hold.conservator',
		station: 'hold',
		of: 'safety',
		when: 'the hold is a conservator’s choice',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'It is not planned here; record it once known.',
		find: ({ job }) => (job.hold.kind === 'conservator' ? [{ says: 'A conservator chooses the hold.', where: 'hold.kind' }] : [])
	},
	...waterRules,
	...placeRules
];

/** What may go beyond its table: self-adhesive tissue on a photograph that can be printed again, reversible glue on panels. */
function mayAtKeep({ grade, job }: Context): boolean {
	const { piece, hold } = job;
	if (grade !== 'keep') return false;
	if (hold.adhesive.family === 'self-adhesive') return piece.kind === 'photograph' && piece.replaceable;
	return hold.adhesive.family === 'glue' && isStiff(piece.kind);
}

function adhesiveCase(context: Context, says: string): Case {
	return {
		says: `${context.job.hold.adhesive.name} ${says}.`,
		where: 'hold.adhesive',
		remedies: instead(context)
	};
}

/** What may hold it instead: paste and tissue; a stuck-down sheet is hinged again, a textile stitched. */
function instead(context: Context): Remedy[] {
	const { file, job } = context;
	if (job.piece.kind === 'textile')
		return [{ label: 'Stitching on a covered board', patch: kindPatch(file, 'stitching', 'none') }];
	if (job.piece.kind === 'bone' || job.piece.kind === 'vellum') return dryHolds(context);
	if (job.hold.kind === 'whole-surface') {
		const hinge = job.windows.some(({ way }) => way === 'float') ? 'pass-through' : 't-hinge';
		return [
			{
				label: 'Hinges of paste and tissue',
				patch: [...kindPatch(file, hinge, 'starch-paste'), ...drop(file, ['schools', 'cockle'])]
			}
		];
	}
	return [remedy(context, 'Wheat-starch paste and tissue', ['hold', 'adhesive'], 'starch-paste')];
}
