/** A photograph of a boat's crew: eleven figures without faces, signed beneath. */
import { chance, figure, path, rect, scrawl, sheet } from './pen.js';

export function crew() {
	const random = chance(1964);
	const parts = [
		rect(14, 12, 328, 216, '#9b968d'),
		rect(14, 12, 328, 108, '#c8c3b8'),
		path('M14 120 H342', { stroke: '#7e7a72', width: 1 })
	];
	parts.push(
		path('M40 116 Q180 96 320 110 L300 178 H64 Z', { fill: '#5c5954' }),
		path('M40 116 Q180 96 320 110', { stroke: '#e4dfd3', width: 4 }),
		rect(150, 58, 64, 46, '#dcd7cb'),
		rect(158, 66, 14, 12, '#4b4945'),
		rect(180, 66, 14, 12, '#4b4945'),
		path('M182 58 V20 M182 26 L320 108', { stroke: '#4b4945', width: 1.2 })
	);
	for (let man = 0; man < 6; man += 1)
		parts.push(...figure(48 + man * 52, 116 + random(-5, 5), 25, 180, man % 2 ? '#3a3835' : '#47443f'));
	for (let man = 0; man < 5; man += 1)
		parts.push(...figure(74 + man * 52, 154 + random(-4, 4), 27, 228, man % 2 ? '#2c2a28' : '#34312e'));
	for (let man = 0; man < 11; man += 1) {
		const [x, y] = man < 6 ? [48 + man * 52, 104] : [74 + (man - 6) * 52, 142];
		parts.push(path(`M${x - 8} ${y} q8 -9 16 0 Z`, { fill: '#d6d1c5' }));
	}
	const names = [
		[18, 238],
		[66, 246],
		[118, 240],
		[170, 248],
		[222, 239],
		[270, 247],
		[20, 258],
		[82, 263],
		[146, 259],
		[210, 264],
		[282, 258]
	];
	for (const [x, y] of names) parts.push(scrawl(random, x + 2, y + 6.6, 40, { size: 4.6, stroke: '#2d3b57', thick: 0.6 }));
	parts.push(rect(163, 0, 18, 6.5, '#a78f68', 0.55));
	return sheet(356, 279, '#e9e3d4', parts);
}
