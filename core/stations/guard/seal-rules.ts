/** What findings say of the edge seal: its grade, where it would lie on the piece, and what it would keep in. */
import type { Rule } from '../../rule/rule.ts';
import { remedy } from '../../rule/change.ts';
import { drop } from '../../job/patch.ts';
import { GRADE_NAMES, reaches } from '../../shop/grades.ts';
import { known } from '../../units/there.ts';

export const sealRules: Rule[] = [
	{
		id: 'seal.edge-grade',
		station: 'guard',
		of: 'safety',
		when: 'an edge-seal tape below the grade',
		severity: { rare: 'stop', keep: 'stop' },
		why: 'It is in the pack for years, and fails before the pack is opened.',
		fixes: 'A tape that reaches the grade.',
		find: (context) => {
			const { edgeSeal } = context.job.guard;
			if (!edgeSeal || reaches(edgeSeal.reach, context.grade)) return [];
			const better = context.grade === 'rare' ? 'aluminium-laminate' : 'paper';
			return [
				{
					says: `${edgeSeal.name} does not reach ${GRADE_NAMES[context.grade]}.`,
					where: 'guard.edgeSeal',
					remedies: [remedy(context, known(context.shop.edgeSeals, better).name, ['guard', 'edgeSeal'], better)]
				}
			];
		}
	},
	{
		id: 'seal.edge-on-piece',
		station: 'guard',
		of: 'safety',
		when: 'an edge seal on a pack without glazing',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'It joins glazing to backing board; without glazing the tape sticks to the face of the piece.',
		fixes: 'No edge seal; or glazing.',
		find: (context) =>
			context.job.guard.sealOnPiece
				? [
						{
							says: 'An edge seal with no glazing would stick to the piece.',
							where: 'guard.edgeSeal',
							remedies: [{ label: 'No edge seal', patch: drop(context.file, ['guard', 'edgeSeal']) }]
						}
					]
				: []
	},
	{
		id: 'seal.traps',
		station: 'guard',
		of: 'safety',
		when: 'an edge seal round what gives off vapours: acetate film, instant prints, newsprint, PVC, rubber, fresh oil or varnish',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Sealed in, its own vapours build up and attack it.',
		fixes: 'No edge seal.',
		find: (context) =>
			context.job.guard.edgeSeal && context.job.piece.givesOff
				? [
						{
							says: 'The edge seal keeps in what the piece gives off.',
							where: 'guard.edgeSeal',
							remedies: [remedy(context, 'No edge seal', ['guard', 'edgeSeal'], null)]
						}
					]
				: []
	},
	{
		id: 'seal.edge-none',
		station: 'guard',
		of: 'safety',
		when: 'no edge seal round a glazed pack at Rare; not where the piece gives off vapours',
		severity: { rare: 'caution' },
		why: 'Dust and humidity swings reach the piece through the edges.',
		fixes: 'Aluminium laminate tape.',
		school: 'edge-seal',
		find: (context) =>
			context.job.guard.edgeSeal || context.job.guard.glazing.family === 'none' || context.job.piece.givesOff
				? []
				: [
						{
							says: 'The pack’s edges are not sealed.',
							where: 'guard.edgeSeal',
							remedies: [remedy(context, 'Aluminium laminate tape', ['guard', 'edgeSeal'], 'aluminium-laminate')]
						}
					]
	}
];
