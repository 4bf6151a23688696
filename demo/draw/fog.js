/** Fog in charcoal: headland, tower and a boat, each paler than what is before it. */
import { chance, line, path, rect, sheet, wave } from './pen.js';

export function fog() {
	const random = chance(300420);
	const parts = [];
	const hatch = (top, height, darkness, count) => {
		for (let stroke = 0; stroke < count; stroke += 1) {
			const [x, y] = [random(10, 260), top + random(0, height)];
			parts.push(
				path(`M${x.toFixed(0)} ${y.toFixed(1)} l${random(18, 70).toFixed(0)} ${random(-3, 2).toFixed(1)}`, {
					stroke: '#2b2a29',
					width: random(0.6, 2.6).toFixed(1),
					opacity: darkness * random(0.5, 1.2)
				})
			);
		}
	};
	hatch(20, 120, 0.07, 90);
	const hill = wave(212, { right: 300, swing: 8, length: 44, phase: 0.9 }).map(([x, y]) => [x, y - Math.max(0, x - 120) * 0.34]);
	parts.push(path(`${line(hill)} L300 262 L0 258 Z`, { fill: '#55524f', opacity: 0.42 }));
	parts.push(
		path('M214 176 L218 92 H232 L236 170 Z', { fill: '#4a4846', opacity: 0.55 }),
		rect(215, 82, 20, 10, '#3d3b39', 0.6),
		rect(219, 74, 12, 8, '#3d3b39', 0.45)
	);
	for (let beam = 0; beam < 7; beam += 1)
		parts.push(path(`M215 ${80 + beam} L14 ${52 + beam * 9}`, { stroke: '#f3efe4', width: 3.5, opacity: 0.4 }));
	hatch(186, 70, 0.1, 60);
	parts.push(rect(0, 250, 300, 3, '#fff', 0.25));
	hatch(262, 130, 0.13, 130);
	parts.push(
		path('M62 326 q34 18 78 0 l-10 16 q-30 8 -60 -2 Z', { fill: '#262524', opacity: 0.86 }),
		path('M100 330 L103 268 M103 272 q22 22 20 48', { stroke: '#2b2a29', width: 1.6, opacity: 0.85 })
	);
	hatch(344, 40, 0.2, 46);
	parts.push(path('M238 400 q8 -9 12 0 q5 5 10 -3 q6 -5 12 3', { stroke: '#2b2a29', width: 1 }));
	return sheet(300, 420, '#e2dbca', parts);
}
