/** A deed on vellum: a broad hand, a large first letter, and the seal that stands proud. */
import { chance, oval, path, rect, scrawl, sheet, words } from './pen.js';

export function deed() {
	const random = chance(1788);
	const ink = '#453322';
	const parts = [oval(70, 210, 60, 34, '#d8c394', 0.35), oval(240, 50, 70, 26, '#f1e6c8', 0.6)];
	parts.push(rect(22, 22, 26, 30, '#8c3a2e', 0.85), rect(24, 24, 22, 26, '#e6d6ae'), words('K', 27, 46, 25, { fill: '#7a2f25' }));
	parts.push(
		words('Know all', 54, 40, 18, { fill: ink, apart: 1 }),
		scrawl(random, 136, 40, 168, { size: 5, stroke: ink, thick: 0.7 })
	);
	for (let row = 0; row < 13; row += 1)
		parts.push(
			scrawl(random, row < 1 ? 54 : 22, 54 + row * 10.6, row === 12 ? 150 : row < 1 ? 250 : 282, {
				size: 4.2,
				stroke: ink,
				thick: 0.55
			})
		);
	parts.push(path('M0 196 H330', { stroke: '#b59f70', width: 0.7 }), path('M150 0 V260', { stroke: '#c7b180', width: 0.5 }));
	for (const [x, y] of [
		[30, 216],
		[92, 222],
		[154, 214]
	])
		parts.push(
			scrawl(random, x, y, 46, { size: 6, stroke: ink, thick: 0.7 }),
			path(`M${x} ${y + 5} h46`, { stroke: ink, width: 0.3 })
		);
	parts.push(path('M262 176 L268 250 M290 176 L284 250', { stroke: '#7f8a5f', width: 5 }));
	parts.push(oval(276, 215, 26, 25, '#7a231c'), oval(275, 213, 22, 21, '#96352b'), oval(275, 213, 17, 16, '#84281f'));
	parts.push(path('M275 200 l3 20 h-6 Z M268 222 h14 M271 204 h8', { fill: '#a8483c', stroke: '#a8483c', width: 1.2 }));
	return sheet(330, 260, '#e9dcb8', parts);
}
