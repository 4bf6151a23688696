/** A colour photograph of 1978, a little magenta by now: people on a quay before a boat dressed with flags. */
import { chance, figure, path, rect, sheet } from './pen.js';

export function boatDay() {
	const random = chance(1978);
	const parts = [rect(11.5, 12, 180, 230, '#c9b7bd'), rect(11.5, 120, 180, 62, '#8aa0ab'), rect(11.5, 112, 180, 10, '#a79aa6')];
	for (let ripple = 0; ripple < 40; ripple += 1)
		parts.push(
			path(`M${random(14, 170).toFixed(0)} ${random(124, 180).toFixed(0)} h${random(6, 18).toFixed(0)}`, {
				stroke: '#b9c6cc',
				width: 0.7,
				opacity: 0.6
			})
		);
	parts.push(
		path('M34 132 L46 168 H162 L178 128 Z', { fill: '#6d3240' }),
		path('M34 132 L37 140 H174 L178 128 Z', { fill: '#e7dcd6' }),
		rect(72, 98, 62, 34, '#efe4de')
	);
	for (let port = 0; port < 4; port += 1) parts.push(rect(80 + port * 13, 106, 7, 8, '#56616e'));
	parts.push(rect(98, 74, 12, 24, '#b5544a'), path('M104 40 V98 M30 118 L104 44 L184 112', { stroke: '#554850', width: 0.9 }));
	for (let flag = 0; flag < 9; flag += 1) {
		const left = 34 + flag * 7.4;
		const top = 114 - flag * 7.4;
		parts.push(path(`M${left} ${top} l5 5 l2 -7 Z`, { fill: ['#b8433c', '#e0b850', '#4d6a95', '#e9e2dc'][flag % 4] }));
		parts.push(
			path(`M${112 + flag * 7.8} ${50 + flag * 6.8} l6 4 l-5 3 Z`, {
				fill: ['#4d6a95', '#e9e2dc', '#b8433c', '#e0b850'][flag % 4]
			})
		);
	}
	parts.push(
		rect(11.5, 180, 180, 62, '#8d8079'),
		path('M11.5 194 H191.5 M11.5 216 H191.5 M60 180 V194 M130 194 V216 M40 216 V242 M108 216 V242', {
			stroke: '#776a64',
			width: 0.8
		})
	);
	for (const [at, coat] of [
		[32, '#c06a4e'],
		[54, '#46566f'],
		[80, '#d4b15c'],
		[104, '#7d5a70'],
		[134, '#3f5e58'],
		[160, '#b7564c'],
		[178, '#4f5870']
	])
		parts.push(...figure(at, 184 + random(-5, 5), 15, 242, coat));
	parts.push(rect(11.5, 12, 180, 230, '#d486a0', 0.13));
	return sheet(203, 254, '#f2ede4', parts);
}
