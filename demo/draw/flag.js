/** The signal flag for a letter, yellow beside blue, in silk that has folds and has faded along them. */
import { chance, path, rect, sheet } from './pen.js';

export function flag() {
	const random = chance(480620);
	const parts = [rect(0, 0, 252, 620, '#d9b44a'), rect(252, 0, 228, 620, '#2e4c7d')];
	for (const y of [155, 310, 465]) parts.push(rect(0, y - 5, 480, 5, '#ffffff', 0.13), rect(0, y, 480, 4, '#000000', 0.14));
	parts.push(rect(237, 0, 4, 620, '#ffffff', 0.13), rect(241, 0, 3, 620, '#000000', 0.12));
	for (let thread = 0; thread < 150; thread += 1) {
		const x = random(0, 480);
		parts.push(
			path(`M${x.toFixed(1)} ${random(0, 300).toFixed(0)} v${random(80, 320).toFixed(0)}`, {
				stroke: random() > 0.5 ? '#fff' : '#000',
				width: 0.5,
				opacity: 0.1
			})
		);
	}
	// The rope's sleeve, its stitches, and a darn.
	parts.push(rect(0, 0, 22, 620, '#e4dcc6'), path('M23.5 6 V614', { stroke: '#7d6a3a', width: 0.9, dash: '6 4' }));
	parts.push(path('M5 8 H475 M5 612 H475', { stroke: '#6d5b30', width: 0.9, dash: '6 4' }));
	for (let row = 0; row < 9; row += 1)
		parts.push(path(`M372 ${498 + row * 4} h38`, { stroke: '#40608f', width: 1.4, dash: row % 2 ? '3 3' : '4 2' }));
	return sheet(480, 620, '#d9b44a', parts);
}
