/** Edge strips: folded paper along the bottom and both sides. */
import { edgePaper } from './edge-paper.ts';

export const strips = edgePaper({
	kind: 'strips',
	names: { choice: 'Edge strips', paper: 'Edge strips', label: 'edge strips' },
	holds: 'Strips hold',
	title: 'Edge strips',
	because: (piece) => `Without adhesive the ${piece} comes out again by hand.`
});
