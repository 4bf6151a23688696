/** Stitching: sewn along its edges to a board covered with cloth (handbook hold#stitching). */
import { isStiff } from '../../../job/decide-piece.ts';
import { counted, houseTerms, largest, over, plain, sizeTerms, sum, twice, type Term } from '../../../rule/term.ts';
import { mapAxes } from '../../../geometry/shapes.ts';
import { noAdhesive, nothing, type HoldDefinition } from './kind.ts';
import { there } from '../../../units/there.ts';

export const stitching: HoldDefinition = {
	names: { choice: 'Stitched on a covered board', paper: 'Stitched on a covered board', label: 'stitches' },
	refuses: ({ piece }) => {
		if (isStiff(piece)) return `A ${piece} is held by its edges. Choose clips or the frame’s lip.`;
		return piece === 'textile' || piece === 'object'
			? null
			: 'Only textiles and objects are stitched: a needle would pierce this piece. Choose hinges, corners or strips.';
	},
	offered: () => true,
	adhesive: noAdhesive('Stitching uses no adhesive.'),
	plan: (shared, { shop, measure, pack }, write) => {
		const house = houseTerms(shop.house);
		const sheet = sizeTerms('measure.mean', measure.mean);
		const sides = sizeTerms('window.pack', pack);
		const along = (length: Term) => largest(plain(2), counted(over(length, house('stitchEach'))));
		nothing(write, ['inset'], 'hinges');
		nothing(write, ['size.height', 'loadKPa', 'workingKPa', 'dryMinutes'], 'stitching');
		return {
			...shared,
			count: write('count', twice(sum(along(sheet.width), along(sheet.height))), 'stitching').value,
			places: [],
			size: { width: write('size.width', house('stitchLong'), 'stitching').value, height: 0 },
			fixed: ['top', 'right', 'bottom', 'left'],
			cloth: mapAxes((axis) => write(`cloth.${axis}`, sum(sides[axis], twice(house('clothTurn'))), 'stitching').value),
			stitchSpacing: write('stitchSpacing', house('stitchEach'), 'stitching').value
		};
	},
	// Stitches go round a zone that is kept off.
	contacts: () => [],
	// The cloth is on the list with the board that it covers.
	cut: () => {},
	shapes: ({ sight: { measure }, turned }) => {
		const { width, height } = measure.largest;
		const ring = turned([
			{ x: 3, y: 3 },
			{ x: width - 3, y: 3 },
			{ x: width - 3, y: height - 3 },
			{ x: 3, y: height - 3 }
		]);
		return [{ role: 'stitch', rings: [ring], title: 'Stitches' }];
	},
	steps: (sights, writer, { place }) => [
		place(),
		{
			id: 'hinge',
			title: 'Stitch it down',
			does: sights.flatMap(({ hold }) => [
				`Make about ${there(hold, 'hold').count} stitches, one each ${writer.mark(there(there(hold, 'hold').stitchSpacing, 'stitch spacing'))} along all edges, through the cloth, not the board; fine thread that breaks before the piece tears.`,
				'Stitch between threads, never through them; no knots on the face, no tension.'
			]),
			because: 'No adhesive; the stitches can be removed.',
			uses: []
		}
	],
	turnsOver: () => false,
	comesTo: ([hold]) => `${there(hold, 'hold').count} stitches, no adhesive`
};
