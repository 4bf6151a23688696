/** Seaweeds pressed on an album leaf: a forked red one and a long brown one. */
import { chance, line, near, path, rect, scrawl, sheet } from './pen.js';

export function seaweed() {
	const random = chance(188246);
	const parts = [rect(6, 6, 176, 234, '#efe7d3')];
	const fork = (x, y, angle, length, thick) => {
		if (length < 5) return;
		const [endX, endY] = [x + length * Math.cos(angle), y + length * Math.sin(angle)];
		const bend = angle + random(-0.5, 0.5);
		parts.push(
			path(
				`M${near(x)} ${near(y)} Q${near(x + (length / 2) * Math.cos(bend))} ${near(y + (length / 2) * Math.sin(bend))} ${near(endX)} ${near(endY)}`,
				{ stroke: '#7d2f3c', width: near(thick), opacity: 0.82 }
			)
		);
		for (const turn of [-1, 1]) fork(endX, endY, angle + turn * random(0.22, 0.55), length * random(0.66, 0.84), thick * 0.76);
	};
	fork(64, 196, -1.75, 38, 5.2);
	for (let strap = 0; strap < 4; strap += 1) {
		const points = [];
		const back = [];
		for (let step = 0; step <= 22; step += 1) {
			const [x, y] = [134 + (strap - 1.5) * step * 0.85 + 3.5 * Math.sin(step / 2.4 + strap), 200 - step * (6.1 - strap * 0.4)];
			const half = 0.8 + 4.4 * Math.sin((Math.PI * step) / 22.5);
			points.push([x - half, y]);
			back.unshift([x + half, y]);
		}
		parts.push(
			path(`${line([...points, ...back])} Z`, { fill: ['#5f5a2c', '#6d6330', '#575129', '#746a38'][strap], opacity: 0.86 })
		);
	}
	parts.push(path('M134 200 q-2 9 1 15 m-1 -5 q-5 4 -8 4 m8 -3 q5 4 8 4', { stroke: '#575129', width: 1.6 }));
	parts.push(
		scrawl(random, 40, 226, 46, { size: 4, stroke: '#5a4a38' }),
		scrawl(random, 112, 229, 40, { size: 4, stroke: '#5a4a38' })
	);
	return sheet(188, 246, '#e6dcc3', parts);
}
