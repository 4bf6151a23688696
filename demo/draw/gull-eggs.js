/** Three watercolours of gulls' eggs, each with its number. */
import { chance, oval, path, scrawl, sheet, words } from './pen.js';

/** @param {1 | 2 | 3} number */
export function gullEgg(number) {
	const [width, height] = number === 3 ? [88, 118] : [90, 120];
	const random = chance(1911 + number * 77);
	const [shell, spots, half, tall] = {
		1: ['#b5a67c', '#4a3a26', 27, 37],
		2: ['#a9b596', '#56452d', 22, 30],
		3: ['#9d8f63', '#3c2d1d', 19, 27]
	}[number];
	const [x, y] = [width / 2, 54];
	const egg = `M${x} ${y - tall} C${x + half * 0.92} ${y - tall} ${x + half} ${y + 2} ${x + half} ${y + 8} C${x + half} ${y + tall * 0.86} ${x + half * 0.5} ${y + tall} ${x} ${y + tall} C${x - half * 0.5} ${y + tall} ${x - half} ${y + tall * 0.86} ${x - half} ${y + 8} C${x - half} ${y + 2} ${x - half * 0.92} ${y - tall} ${x} ${y - tall} Z`;
	const parts = [
		oval(x + 5, y + tall - 1, half * 0.95, 5, '#b8ad95', 0.6),
		path(egg, { fill: shell }),
		path(egg, { stroke: '#6e6244', width: 0.5 })
	];
	for (let spot = 0; spot < 70; spot += 1) {
		const [angle, out] = [random(0, 6.283), Math.sqrt(random()) * 0.86];
		const size = random(0.4, 2.1);
		parts.push(
			oval(
				x + half * 0.9 * out * Math.cos(angle),
				y + 6 + tall * 0.84 * out * Math.sin(angle),
				size,
				size * random(0.5, 1),
				spots,
				random(0.45, 0.95)
			)
		);
	}
	parts.push(oval(x - half * 0.35, y - tall * 0.3, half * 0.26, tall * 0.3, '#fff', 0.2));
	parts.push(scrawl(random, 24, height - 12, 34, { size: 3 }), words(`${number}`, width - 17, height - 9, 7, { italic: true }));
	return sheet(width, height, '#efe9da', parts);
}
