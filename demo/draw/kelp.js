/** A cyanotype: kelp, white where it lay, on blue brushed to the paper's edge. */
import { chance, line, path, sheet } from './pen.js';

export function kelp() {
	const random = chance(254305);
	const parts = [];
	const edge = [];
	for (let at = 0; at <= 40; at += 1) edge.push([14 + random(-3, 3) + (226 * at) / 40, 15 + random(-4, 3)]);
	for (let at = 0; at <= 40; at += 1) edge.push([240 + random(-3, 4), 15 + (274 * at) / 40]);
	for (let at = 40; at >= 0; at -= 1) edge.push([14 + (226 * at) / 40, 289 + random(-3, 5)]);
	for (let at = 40; at >= 0; at -= 1) edge.push([14 + random(-4, 3), 15 + (274 * at) / 40]);
	parts.push(path(`${line(edge)} Z`, { fill: '#1f4a73' }));
	for (let stroke = 0; stroke < 26; stroke += 1) {
		const y = 22 + stroke * 10.2;
		parts.push(
			path(`M${20 + random(0, 10)} ${y} H${random(200, 234)}`, { stroke: '#2b5b86', width: random(1, 4), opacity: 0.4 })
		);
	}
	const stem = [];
	for (let step = 0; step <= 40; step += 1) stem.push([127 + 11 * Math.sin(step / 8), 276 - step * 6]);
	parts.push(path(line(stem), { stroke: '#e7eef0', width: 2.6 }));
	for (let blade = 0; blade < 18; blade += 1) {
		const [x, y] = stem[3 + blade * 2] ?? [127, 40];
		const side = blade % 2 === 0 ? 1 : -1;
		const reach = 78 - blade * 2.2 + random(-8, 8);
		const [out, back] = [[], []];
		for (let step = 0; step <= 14; step += 1) {
			const along = (reach * step) / 14;
			const half = 5.6 * Math.sin((Math.PI * (step + 0.4)) / 15) + Math.sin(step * 1.9) * 0.8;
			const rise = -along * 0.36 + (along * along) / 210;
			out.push([x + side * along, y + rise - half]);
			back.unshift([x + side * along, y + rise + half]);
		}
		parts.push(path(`${line([...out, ...back])} Z`, { fill: '#dfe9ee', opacity: 0.55 + random(0, 0.35) }));
		parts.push(
			path(`M${x} ${y} L${out[9][0].toFixed(1)} ${((out[9][1] + back[5][1]) / 2).toFixed(1)}`, { stroke: '#9db8cc', width: 0.5 })
		);
	}
	return sheet(254, 305, '#ece7d8', parts);
}
