/** Stitching: sewn along its edges to a board covered with cloth (handbook hold#stitching). */
import { isStiff } from '../../../job/decide-piece.ts';
import { onAxes } from '../../../rule/why.ts';
import type { Size } from '../../../geometry/shapes.ts';
import { noAdhesive, type HoldDefinition } from './kind.ts';
import { there } from '../../../units/there.ts';

export const stitching: HoldDefinition = {
	names: { choice: 'Stitched on a covered board', paper: 'Stitched on a covered board', label: 'stitches' },
	refuses: ({ piece }) => {
		if (isStiff(piece)) return `A ${piece} is held by its edges. Choose clips or the frame’s lip.`;
		return piece === 'textile' || piece === 'object'
			? null
			: 'Only textiles and objects are stitched; a needle would pierce this one. Choose hinges, corners or strips.';
	},
	offered: () => true,
	adhesive: noAdhesive('Thread holds it, nothing sticks to it.'),
	plan: (shared, { shop: { house }, measure, pack }) => {
		const along = (length: number) => Math.max(2, Math.ceil(length / house.stitchEach - 1e-9));
		const turn = 2 * house.clothTurn;
		return {
			...shared,
			count: 2 * (along(measure.mean.width) + along(measure.mean.height)),
			places: [],
			size: { width: house.stitchLong, height: 0 },
			fixed: ['top', 'right', 'bottom', 'left'],
			cloth: { width: pack.width + turn, height: pack.height + turn },
			stitchSpacing: house.stitchEach
		};
	},
	explain: (explain) => {
		explain('hold.inset', '0', 'hold#hinges');
		const along = (axis: keyof Size) => `max(2, count(measure.mean.${axis} / shop.house.stitchEach))`;
		explain('hold.count', `2 * (${along('width')} + ${along('height')})`, 'hold#stitching');
		explain('hold.size.width', 'shop.house.stitchLong', 'hold#stitching');
		explain('hold.size.height', '0', 'hold#stitching');
		explain('hold.stitchSpacing', 'shop.house.stitchEach', 'hold#stitching');
		onAxes((axis) => explain(`hold.cloth.${axis}`, `window.pack.${axis} + 2 * shop.house.clothTurn`, 'hold#stitching'));
		for (const figure of ['loadKPa', 'workingKPa', 'dryMinutes']) explain(`hold.${figure}`, '0', 'hold#stitching');
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
	step: (sights, writer) => ({
		id: 'hinge',
		title: 'Stitch it down',
		does: sights.flatMap(({ hold }) => [
			`About ${there(hold, 'hold').count} stitches, one each ${writer.mark(there(there(hold, 'hold').stitchSpacing, 'stitch spacing'))} along all edges, through the cloth and not through the board; fine thread that tears before the piece does.`,
			'Between threads, never through them; no knot on the face, no pull.'
		]),
		because: 'Nothing sticks, and the stitches come out again.',
		uses: []
	}),
	turn: 'after-placing',
	comesTo: ([hold]) => `${there(hold, 'hold').count} stitches, nothing sticks`
};
