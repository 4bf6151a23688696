/** Stuck down whole: its whole back sticks, for what can be made again (handbook hold#whole-surface). */
import { isStiff } from '../../../job/decide-piece.ts';
import { named, which, type Sight } from '../../../rule/sights.ts';
import type { MadeStep, Writer } from '../../step.ts';
import { at, houseTerms, largest, over, plain, sizeTerms, times } from '../../../rule/term.ts';
import { mapAxes } from '../../../geometry/shapes.ts';
import { inSentence } from '../../../units/in-sentence.ts';
import { ownCorners } from '../own-edges.ts';
import { boardBehind } from './folded.ts';
import { nothing, whose, type HoldDefinition } from './kind.ts';
import { nth, there } from '../../../units/there.ts';

/** Two at the top of its board, two at the bottom: it does not move against what is behind it. */
const STRAPS = 4;

export const wholeSurface: HoldDefinition = {
	names: { choice: 'Mounted overall', paper: 'Mounted overall', label: 'mounted overall' },
	refuses: ({ piece }) => {
		if (isStiff(piece)) return `A ${piece} is held by its edges. Choose clips or the frame’s lip.`;
		return piece === 'object' ? 'An object is held by brackets, ties or a recess. Choose one of them.' : null;
	},
	offered: ({ piece }) => piece !== 'bone' && piece !== 'vellum',
	adhesive: {
		usual: () => 'adhesive-board',
		refuses: (family) =>
			family === 'whole-surface' || family === 'glue'
				? null
				: 'Overall mounting needs adhesive-board, dry-mount, spray or reversible-glue. Choose one.'
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
	cut: (holds, job, house, add) => {
		const { adhesive } = job.hold;
		if (adhesive.ownBoard && job.windows.every(({ support }) => support === null) && (job.guard.underMat ?? job.guard.backing))
			for (const index of holds.keys())
				add({
					role: 'board strap',
					material: 'gummed-linen',
					width: houseTerms(house)('crossWidth'),
					height: houseTerms(house)('hingeTab'),
					count: STRAPS,
					from: 'tissue',
					...whose(job, index)
				});
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
	shapes: ({ sight, held }) => [held(ownCorners(sight.measure), 'Mounted overall')],
	steps: (sights, writer, { place, toBase }) => [place(), stickDown(sights, writer), ...holdBoard(sights, writer), ...toBase],
	turnsOver: () => false,
	comesTo: () => ''
};

/** One attempt, from one edge, the sheet lined up before anything sticks. */
function stickDown(sights: Sight[], writer: Writer): MadeStep {
	const { adhesive } = writer.job.hold;
	const board = adhesive.ownBoard ? 'its own board' : `the ${boardBehind(writer)}`;
	return {
		id: 'stick-down',
		title: `Mount it overall, ${inSentence(adhesive.name)}`,
		does: [
			STICKS[adhesive.id]?.(board) ??
				`Hold it in place along one edge. Fold the rest back, spread the adhesive thinly on ${board}, and let the ${writer.piece} down from that edge on.`,
			'Press the air out as you go; there is one attempt.',
			'The glued face bows the board: dry under weight, or counter-mount.'
		],
		because: 'It cannot be removed: replaceable prints only.',
		...(adhesive.id === 'spray' ? { caution: 'Spray outdoors or under extraction: gloves, no flames.' } : {}),
		waitMinutes: there(nth(sights, 0).hold, 'hold').dryMinutes,
		uses: writer.parts('adhesive board', 'adhesive sheet')
	};
}

/** By the adhesive’s id, how it takes hold. */
const STICKS: Readonly<Record<string, (board: string) => string>> = {
	'adhesive-board': (board) =>
		`Hold print and board flush. Peel a finger’s breadth of the release paper along one edge of ${board}, press the print down there; then draw the paper out from beneath.`,
	'dry-mount': (board) =>
		`Tack the adhesive sheet to the print’s back at one edge, then to ${board}; press with heat under release paper.`,
	spray: (board) =>
		`Weight one half in place, fold the other half back, spray its back and let it down onto ${board}; then the other half.`
};

/** Its own board is held on what lies behind it, behind the window. */
function holdBoard(sights: Sight[], writer: Writer): MadeStep[] {
	const straps = writer.parts('board strap');
	if (straps.length === 0) return [];
	const each = straps.map((cut) => `${cut.count} of ${writer.size(cut, 'mark')}`).join('; ');
	return [
		{
			id: 'hold-board',
			title: 'Hinge its board behind the window',
			does: [
				`Fix straps of gummed linen, folded in half: ${each}; one half on the back of the board, at top and bottom, the other on the ${boardBehind(writer)}.`,
				...sights.map(
					(sight) =>
						`${which(sight)}On the ${boardBehind(writer)}, face up: top left corner ${writer.mark(sight.opening.placement.left)} from the left edge and ${writer.mark(sight.opening.placement.top)} from the top.`
				)
			],
			because: 'The window mat can be changed without touching the mounted piece.',
			waitMinutes: STRAP_DRY,
			uses: straps
		}
	];
}

/** Gummed tape, minutes. */
const STRAP_DRY = 15;
