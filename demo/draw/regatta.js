/** Regatta day in black and white: sails against the light, the quay’s rail in front. */
import { path, rect, sheet } from './pen.js';

export function regatta() {
	const parts = [rect(6, 6, 242, 191, '#c9c9c7'), path('M6 98 Q120 84 248 96 V197 H6 Z', { fill: '#8f9090' })];
	for (const [x, y, size, tone] of [
		[58, 118, 44, '#f0f0ee'],
		[126, 108, 30, '#dededc'],
		[196, 124, 52, '#f7f7f5'],
		[158, 100, 18, '#d2d2d0']
	])
		parts.push(
			path(`M${x} ${y - size * 1.3} L${x} ${y} L${x - size * 0.55} ${y} Z`, { fill: tone }),
			path(`M${x + 2} ${y - size * 1.1} L${x + 2} ${y} L${x + size * 0.38} ${y} Z`, { fill: '#bdbdbb' }),
			path(`M${x - size * 0.5} ${y + 2} H${x + size * 0.42} L${x + size * 0.3} ${y + size * 0.16} H${x - size * 0.4} Z`, {
				fill: '#2c2c2c'
			})
		);
	for (let at = 0; at < 26; at += 1)
		parts.push(
			path(`M${12 + ((at * 67) % 220)} ${132 + at * 2.3} h${8 + ((at * 13) % 22)}`, {
				stroke: at % 2 ? '#b5b5b3' : '#6d6d6d',
				width: 1
			})
		);
	parts.push(path('M6 176 H248', { stroke: '#1c1c1c', width: 5 }));
	for (let post = 0; post < 6; post += 1) parts.push(rect(22 + post * 42, 170, 6, 27, '#1c1c1c'));
	return sheet(254, 203, '#f3f2ee', parts);
}
