/** The pilot’s certificate of 1931, behind its glass: a border, a seal, lines that nobody can read. */
import { chance, oval, path, rect, scrawl, sheet, words } from './pen.js';

export function certificate() {
	const random = chance(1931);
	const ink = '#3a3428';
	const parts = [
		path('M18 18 H376 V276 H18 Z M24 24 H370 V270 H24 Z', { stroke: ink, width: 0.9 }),
		words('TERN HOLM', 197, 58, 20, { middle: true, fill: ink, apart: 4 }),
		words('Certificate of the pilot', 197, 84, 15, { middle: true, fill: ink, italic: true })
	];
	for (let row = 0; row < 6; row += 1)
		parts.push(scrawl(random, 56, 116 + row * 18, row === 5 ? 150 : 278, { size: 7, stroke: ink }));
	parts.push(
		oval(92, 236, 19, 19, '#8e3b30'),
		oval(92, 236, 13, 13, '#a5493b'),
		path('M82 252 L78 268 L90 260 M102 252 L106 268 L94 260', { stroke: '#8e3b30', width: 4 }),
		path('M236 246 H344', { stroke: ink, width: 0.6 }),
		scrawl(random, 246, 242, 84, { size: 11, stroke: ink, thick: 0.8 }),
		rect(236, 252, 0.1, 0.1, ink)
	);
	return sheet(394, 294, '#e9dfc4', parts);
}
