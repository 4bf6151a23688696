/** Edge strips: folded paper along the bottom and both sides. */
import { edgePaper } from './edge-paper.ts';

export const strips = edgePaper({
	kind: 'strips',
	names: { choice: 'Edge strips', paper: 'Edge strips', label: 'edge strips' },
	holds: 'Strips hold',
	title: 'Edge strips',
	because: (piece) => `With no adhesive, the ${piece} lifts out by hand.`
});
