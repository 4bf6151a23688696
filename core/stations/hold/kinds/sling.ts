/** A sling: a strip along the bottom, and sides that stand on it. */
import { edgePaper } from './edge-paper.ts';

export const sling = edgePaper({
	kind: 'sling',
	names: { choice: 'Sling', paper: 'Sling', label: 'a sling' },
	holds: 'A sling holds',
	title: 'A sling',
	because: (piece) => `The ${piece} rests in it; no adhesive carries it.`
});
