/** The ferry's poster for an exhibition: a light on a holm, its beam, a flat sea. */
import { path, rect, sheet, words } from './pen.js';

export function poster() {
	const parts = [
		rect(24, 24, 372, 546, '#23485a'),
		path('M232 210 L396 108 V246 Z', { fill: '#f0d98a', opacity: 0.9 }),
		path('M214 210 L24 150 V262 Z', { fill: '#f0d98a', opacity: 0.5 })
	];
	parts.push(
		path('M203 400 L213 222 H237 L247 400 Z', { fill: '#efe9dc' }),
		rect(207, 300, 36, 34, '#b8493b'),
		rect(209, 194, 32, 28, '#f6e7ab'),
		path('M205 194 L225 174 L245 194 Z', { fill: '#b8493b' }),
		rect(203, 218, 44, 6, '#16303d')
	);
	parts.push(path('M60 416 q60 -34 130 -20 q80 -22 170 22 Z', { fill: '#16303d' }), rect(24, 414, 372, 156, '#2f6473'));
	for (let row = 0; row < 7; row += 1)
		parts.push(
			path(`M${40 + (row % 3) * 24} ${430 + row * 9} H${370 - (row % 2) * 42}`, { stroke: '#7fa9ad', width: 1.6, opacity: 0.7 })
		);
	parts.push(
		words('SIXTY WINTERS', 210, 94, 37, { middle: true, fill: '#f4ecd8', apart: 2, bold: true }),
		words('OF THE LIGHT', 210, 128, 27, { middle: true, fill: '#f4ecd8', apart: 6 })
	);
	parts.push(
		words('TERN HOLM', 210, 532, 27, { middle: true, fill: '#f4ecd8', apart: 9 }),
		words('by the morning ferry', 210, 554, 15, { middle: true, fill: '#f4ecd8', italic: true })
	);
	return sheet(420, 594, '#f3eddd', parts);
}
