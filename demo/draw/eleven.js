/** A photograph of a football eleven on a quay: figures without faces, a ball, names beneath. */
import { chance, figure, path, rect, scrawl, sheet, words } from './pen.js';

export function eleven() {
	const random = chance(1962);
	const parts = [
		rect(9, 9, 236, 162, '#aaa59b'),
		rect(9, 9, 236, 72, '#d2cdc2'),
		path('M9 81 L70 60 L120 72 L190 52 L245 70 V96 H9 Z', { fill: '#8f8b82' }),
		rect(9, 128, 236, 43, '#7d796f')
	];
	for (let man = 0; man < 6; man += 1)
		parts.push(...figure(38 + man * 36, 72 + random(-3, 3), 17, 130, man === 2 ? '#3b3936' : '#57544e'));
	for (let man = 0; man < 5; man += 1) {
		const x = 56 + man * 36;
		parts.push(
			...figure(x, 102 + random(-2, 2), 18, 154, '#454239'),
			path(`M${x - 10} 124 V152 M${x} 121 V152 M${x + 10} 124 V152`, { stroke: '#e6e1d5', width: 3 })
		);
	}
	parts.push(
		'<circle cx="128" cy="158" r="8" fill="#6a5a48"/>',
		path('M121 155 q7 5 14 0 M122 162 q6 -4 12 0', { stroke: '#3d342a', width: 0.6 })
	);
	for (const [x, width] of [
		[16, 32],
		[60, 34],
		[114, 26],
		[158, 30],
		[200, 32]
	])
		parts.push(scrawl(random, x, 186, width, { size: 3.6, stroke: '#3a3733' }));
	parts.push(words('1962', 127, 198, 6, { middle: true, italic: true }));
	return sheet(254, 203, '#ece6d8', parts);
}
