/** Breakers, in pastel: broad strokes side by side, the paper’s tone between them. */
import { chance, line, path, sheet, wave } from './pen.js';

export function breakers() {
	const random = chance(2026);
	const parts = [];
	const band = (count, { top, bottom, colours, thick }) => {
		for (let stroke = 0; stroke < count; stroke += 1) {
			const left = random(-10, 270);
			const points = wave(random(top, bottom), {
				left,
				right: left + random(24, 70),
				swing: random(1, 4),
				length: random(9, 16),
				phase: random(0, 6)
			});
			parts.push(
				path(line(points), {
					stroke: colours[Math.floor(random(0, colours.length - 0.01))],
					width: random(thick * 0.5, thick),
					opacity: 0.75
				})
			);
		}
	};
	band(70, { top: 6, bottom: 92, colours: ['#a9b4bb', '#c6c3bd', '#8c9aa6', '#d8cfc4'], thick: 9 });
	band(80, { top: 100, bottom: 150, colours: ['#4c6b74', '#5f8087', '#375660'], thick: 7 });
	band(60, { top: 150, bottom: 190, colours: ['#6f9799', '#9dbab6', '#e9ecea'], thick: 6 });
	band(50, { top: 176, bottom: 206, colours: ['#f4f4f0', '#dfe7e6'], thick: 6 });
	band(40, { top: 208, bottom: 228, colours: ['#b9a987', '#a3946f', '#cabf9f'], thick: 6 });
	return sheet(310, 230, '#b8b2a4', parts);
}
