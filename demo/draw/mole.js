/** An oil sketch, laid on in short strokes: the mole, the water inside it, spring light. */
import { chance, path, rect, sheet } from './pen.js';

export function mole() {
	const random = chance(240330);
	const parts = [];
	const strokes = (count, { left = 0, right = 240, top, bottom, colours, long = 22, thick = 5 }) => {
		for (let stroke = 0; stroke < count; stroke += 1) {
			const [x, y] = [random(left, right), random(top, bottom)];
			parts.push(
				path(
					`M${x.toFixed(0)} ${y.toFixed(0)} q${(long / 2).toFixed(0)} ${random(-4, 4).toFixed(1)} ${random(long * 0.6, long * 1.2).toFixed(0)} ${random(-3, 3).toFixed(1)}`,
					{
						stroke: colours[Math.floor(random(0, colours.length - 0.01))],
						width: random(thick * 0.6, thick * 1.3).toFixed(1),
						opacity: 0.9
					}
				)
			);
		}
	};
	strokes(150, { left: -10, top: 0, bottom: 138, colours: ['#b9ccd6', '#d6dde0', '#e8e2d2', '#a6c0d0', '#efe9dc'], thick: 8 });
	parts.push(path('M0 150 Q70 128 130 140 T240 132 V160 H0 Z', { fill: '#7e8f86' }));
	strokes(40, { left: -6, top: 138, bottom: 154, colours: ['#8b9a86', '#6f8379', '#9aa58a'], thick: 5, long: 16 });
	strokes(170, { left: -10, top: 162, bottom: 262, colours: ['#5f8792', '#7ba3a8', '#4f7684', '#a9c4c2', '#6c93a0'], thick: 6 });
	parts.push(
		path('M0 214 L150 176 L176 184 L176 202 L20 262 L0 262 Z', { fill: '#8a7f70' }),
		path('M0 214 L150 176 L176 184 L0 236 Z', { fill: '#b5a892' }),
		rect(152, 150, 10, 30, '#a8503f'),
		rect(150, 144, 14, 7, '#efe9dc')
	);
	strokes(34, { left: -4, right: 120, top: 218, bottom: 252, colours: ['#766c5e', '#9a8f7e', '#675d51'], thick: 5, long: 14 });
	strokes(90, {
		left: -10,
		top: 268,
		bottom: 330,
		colours: ['#7f8f4e', '#94a05a', '#66773f', '#b6a95f', '#c9bf7e'],
		thick: 6,
		long: 13
	});
	for (let dot = 0; dot < 34; dot += 1)
		parts.push(
			path(`M${random(4, 236).toFixed(0)} ${random(276, 326).toFixed(0)} h0.4`, {
				stroke: dot % 3 ? '#efe3ef' : '#e2b7cf',
				width: 3.2
			})
		);
	return sheet(240, 330, '#c9c3b2', parts);
}
