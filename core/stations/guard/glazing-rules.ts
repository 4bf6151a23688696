/** What findings say of glazing: whether there is any, what it stops, what it does to what lies behind it. */
import type { Context, Rule } from '../../rule/rule.ts';
import { saidFine } from '../../rule/change.ts';
import { GRADE_NAMES } from '../../shop/grades.ts';
import { isStiff as isStiffPiece } from '../../job/decide-piece.ts';
import { knownGlazing, glazingRemedy } from './rule-words.ts';

export const glazingRules: Rule[] = [
	{
		id: 'glazing.none',
		station: 'guard',
		of: 'safety',
		when: 'a work on paper, skin or cloth without glazing, at Keep a stop if friable; panels and canvases may go without',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Nothing protects it from dust, breath, fingers or light.',
		fixes: 'UV acrylic; anti-static over a friable piece.',
		find: (context) =>
			context.job.guard.glazing.family === 'none' && (!isStiffPiece(context.job.piece.kind) || context.job.piece.friable)
				? [
						{
							says: context.job.piece.friable ? 'A friable piece has no glazing.' : 'The piece has no glazing.',
							...(context.job.piece.friable && context.grade === 'keep' ? { severity: 'stop' as const } : {}),
							where: 'guard.glazing',
							remedies: [glazingRemedy(context, knownGlazing(context))]
						}
					]
				: []
	},
	{
		id: 'glazing.uv-low',
		station: 'guard',
		of: 'safety',
		when: 'glazing that stops less than 97 % of the UV (Rare) or 70 % (Keep, noted at Show)',
		severity: { rare: 'stop', keep: 'stop', show: 'note' },
		why: 'The rest reaches the colours and speeds fading.',
		fixes: 'UV glazing of the same family, then of the other.',
		find: (context) => {
			const { glazing } = context.job.guard;
			const wanted = context.grade === 'rare' ? 97 : 70;
			if (glazing.family === 'none' || glazing.uvStoppedPercent >= wanted) return [];
			return [
				{
					says: `${glazing.uvStoppedPercent} % of the UV is stopped; ${context.grade === 'show' ? 'Keep needs' : `${GRADE_NAMES[context.grade]} needs`} ${wanted}.`,
					where: 'guard.glazing',
					remedies: uvGlazings(context).map((id) => glazingRemedy(context, id))
				}
			];
		}
	},
	{
		id: 'glazing.static-friable',
		station: 'guard',
		of: 'safety',
		when: 'acrylic that is not anti-static over a friable piece',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'Its static lifts particles off the sheet.',
		fixes: 'Anti-static acrylic, or UV glass.',
		find: (context) => {
			const { glazing } = context.job.guard;
			if (!context.job.piece.friable || glazing.family !== 'acrylic' || glazing.antiStatic) return [];
			return [
				{
					says: `${glazing.name} over a friable sheet.`,
					where: 'guard.glazing',
					remedies: [glazingRemedy(context, 'uv-acrylic-lr'), glazingRemedy(context, 'uv-glass')]
				}
			];
		}
	},
	{
		id: 'glazing.breakable',
		station: 'guard',
		of: 'safety',
		when: 'glass on a piece that travels, near children, over a bed, or larger than {glassLargeM2}',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Broken glass falls on the piece and cuts it.',
		fixes: 'Acrylic, or laminated glass.',
		school: 'glazing',
		find: (context) => {
			const { glazing } = context.job.guard;
			const pack = context.plan.window?.pack;
			if (glazing.family !== 'glass' || !pack) return [];
			const large = (pack.width * pack.height) / 1e6 > context.shop.house.glassLargeM2;
			const { piece, place } = context.job;
			const risk = piece.travels
				? 'The piece travels behind glass.'
				: place.children
					? 'Glass where children play.'
					: place.overBed
						? 'Glass over a bed or a seat.'
						: large
							? 'A large pane of glass.'
							: null;
			if (!risk) return [];
			const acrylic = context.job.piece.friable ? 'uv-acrylic-lr' : 'uv-acrylic';
			return [
				{
					says: risk,
					where: 'guard.glazing',
					remedies: [glazingRemedy(context, acrylic), glazingRemedy(context, 'laminated')]
				}
			];
		}
	},
	{
		id: 'glazing.etched-deep',
		station: 'guard',
		of: 'safety',
		when: 'matt-etched glass over a gap of more than {etchedGapMost}',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'It scatters light: anything deep behind it blurs.',
		fixes: 'UV glass, low reflection.',
		find: (context) => {
			const { glazing } = context.job.guard;
			const gap = context.plan.pack?.gap ?? 0;
			if (!glazing.etched || gap <= context.shop.house.etchedGapMost) return [];
			return [
				{
					says: `${saidFine(context, gap)} gap under a matt-etched face.`,
					where: 'guard.glazing',
					remedies: [glazingRemedy(context, 'uv-glass-lr')]
				}
			];
		}
	}
];

/** Of the same family first; over a friable piece no acrylic that carries a charge. */
function uvGlazings({ job }: Context): string[] {
	const acrylic = job.piece.friable ? 'uv-acrylic-lr' : 'uv-acrylic';
	return job.guard.glazing.family === 'acrylic' ? [acrylic, 'uv-glass'] : ['uv-glass', acrylic];
}
