/** Stuck down whole: its whole back sticks, for what can be made again (handbook hold#whole-surface). */
import { isStiff } from '../../../job/decide-piece.ts';
import { named } from '../../../rule/sights.ts';
import { at, houseTerms, largest, over, plain, sizeTerms, times } from '../../../rule/term.ts';
import { mapAxes } from '../../../geometry/shapes.ts';
import { inSentence } from '../../../units/in-sentence.ts';
import { ownCorners } from '../own-edges.ts';
import { boardBehind } from './folded.ts';
import { nothing, whose, type HoldDefinition } from './kind.ts';
import { nth, there } from '../../../units/there.ts';

export const wholeSurface: HoldDefinition = {
	names: { choice: 'Stuck down whole', paper: 'Stuck down whole', label: 'stuck down whole' },
	refuses: ({ piece }) => {
		if (isStiff(piece)) return `A ${piece} is held by its edges. Choose clips or the frame’s lip.`;
		return piece === 'object' ? 'An object is tied down by thread. Choose stitching.' : null;
	},
	offered: ({ piece }) => piece !== 'bone' && piece !== 'vellum',
	adhesive: {
		usual: () => 'adhesive-board',
		refuses: (family) =>
			family === 'whole-surface' || family === 'glue'
				? null
				: 'What sticks the whole surface is adhesive-board, dry-mount, spray or reversible-glue. Choose one of them.'
	},
	plan: (shared, { job, shop, measure: { mean } }, write) => {
		const house = houseTerms(shop.house);
		const { id, loadKPa, dryMinutes } = job.hold.adhesive;
		const sheet = sizeTerms('measure.mean', mean);
		const weight = times(at('hold.sheetGrams', shared.sheetGrams), house('gravity'));
		const dries = at(`shop.adhesives[${id}].dryMinutes`, dryMinutes);
		nothing(write, ['inset'], 'hinges');
		return {
			...shared,
			count: write('count', plain(1), 'whole-surface').value,
			places: [],
			size: mapAxes((axis) => write(`size.${axis}`, sheet[axis], 'whole-surface').value),
			loadKPa: write('loadKPa', over(weight, times(sheet.width, sheet.height)), 'load').value,
			workingKPa: write('workingKPa', at(`shop.adhesives[${id}].loadKPa`, loadKPa), 'load').value,
			dryMinutes: write('dryMinutes', largest(dries, house('boardDryMinutes')), 'drying').value,
			fixed: ['top', 'right', 'bottom', 'left']
		};
	},
	contacts: () => [],
	// Adhesive board and dry-mount tissue are cut to the sheet; what is sprayed is not.
	cut: (holds, job, _, add) => {
		const { adhesive } = job.hold;
		if (adhesive.family !== 'whole-surface' || adhesive.id === 'spray') return;
		for (const [index, { size }] of holds.entries()) {
			const path = named(job.several ? index + 1 : null, 'hold.size');
			add({
				role: adhesive.ownBoard ? 'adhesive board' : 'adhesive sheet',
				material: adhesive.id,
				...sizeTerms(path, size),
				count: 1,
				from: 'sheet',
				...whose(job, index)
			});
		}
	},
	shapes: ({ sight, held }) => [held(ownCorners(sight.measure), 'Stuck down on its whole surface')],
	step: (sights, writer) => {
		const { adhesive } = writer.job.hold;
		const board = adhesive.ownBoard ? 'its own board' : `the ${boardBehind(writer)}`;
		return {
			id: 'stick-down',
			title: `Stick it down, ${inSentence(adhesive.name)}`,
			does: [
				`The print onto ${board}, in one attempt: from one edge on, the air pressed out before the rest is let down.`,
				'The glued face bows the board: dried under weight, or counter-lined.'
			],
			because: 'It cannot be removed: only for what can be printed again.',
			...(adhesive.id === 'spray' ? { caution: 'Sprays: outdoors or under extraction, gloves, no flame.' } : {}),
			waitMinutes: there(nth(sights, 0).hold, 'hold').dryMinutes,
			uses: writer.parts('adhesive board', 'adhesive sheet')
		};
	},
	turn: 'before-placing',
	comesTo: () => ''
};
