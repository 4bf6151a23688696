import type { Case, Rule } from '../../rule/rule.ts';
import { mostSaid, remedyOfMat, said, saidFine } from '../../rule/change.ts';
import { houseBoard } from '../../job/material.ts';
import { known, nth } from '../../units/there.ts';

export const cuttingRules: Rule[] = [
	{
		id: 'tool.too-small',
		station: 'cut',
		of: 'fit',
		when: 'a window longer than the mat cutter’s bar, a mat thicker than its blade takes, glazing longer than the glass cutter, or a moulding wider or deeper than the saw takes',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Better known before cutting: have it cut elsewhere, or choose another board.',
		fixes: 'A mat board that fits the cutter; have a longer cut or wider moulding done elsewhere.',
		find: (context) => {
			const { house } = context.shop;
			const cases: Case[] = (context.plan.window?.mats ?? []).flatMap((mat, index) => {
				const { board, have } = nth(context.job.mats, index);
				if (have) return [];
				const longest = Math.max(mat.opening.width, mat.opening.height);
				const thinner = houseBoard('rare', context.job.piece.proteinOrDye);
				const long: Case[] =
					longest > house.matCutterLongest
						? [
								{
									says: `A window of ${said(context, longest)} is longer than the cutter’s ${mostSaid(context, house.matCutterLongest)}.`,
									where: `window.mats[${index}].opening`
								}
							]
						: [];
				if (board.thickness <= house.matCutterThickest) return long;
				const takes = known(context.shop.boards, thinner);
				return [
					...long,
					{
						says: `${board.name} is ${saidFine(context, board.thickness)} thick; the cutter takes ${saidFine(context, house.matCutterThickest)}.`,
						where: `mats[${index}].board`,
						remedies:
							takes.thickness <= house.matCutterThickest ? [remedyOfMat(context, takes.name, index, { board: thinner })] : []
					}
				];
			});
			const { frame, window } = context.plan;
			const glazed = context.job.guard.glazing.family !== 'none' && !context.job.kept.glazing && window;
			const longest = glazed ? Math.max(window.pack.width, window.pack.height) : 0;
			if (longest > house.glassCutterLongest)
				cases.push({
					says: `Glazing of ${said(context, longest)} is longer than the glass cutter’s ${mostSaid(context, house.glassCutterLongest)}.`,
					where: 'guard.glazing'
				});
			if (!frame?.rails) return cases;
			const { face, depth } = frame.section;
			if (depth > house.sawDeepest)
				cases.push({
					says: `A moulding ${said(context, depth)} deep is deeper than the saw’s ${mostSaid(context, house.sawDeepest)}.`,
					where: 'frame.section.depth'
				});
			if (face > house.sawWidest)
				cases.push({
					says: `A moulding ${said(context, face)} wide is wider than the saw’s ${mostSaid(context, house.sawWidest)}.`,
					where: 'frame.section.face'
				});
			return cases;
		}
	}
];
