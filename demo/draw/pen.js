/** What the demo's drawings share: chance that is the same every time, wavy lines, words, and the sheet they stand on. Millimetres throughout. */

/** @param {number} seed @returns {(least?: number, most?: number) => number} */
export function chance(seed) {
	let state = seed;
	return (least = 0, most = 1) => {
		state = (state * 16807) % 2147483647;
		return least + ((most - least) * state) / 2147483647;
	};
}

export const near = (value) => Number(value.toFixed(1));
/** @param {[number, number][]} points */
export const line = (points) => `M${points.map(([x, y]) => `${near(x)} ${near(y)}`).join(' L')}`;

/** A line across that rises and falls, from `left` to `right`. */
export function wave(y, { left = 0, right, swing, length, phase = 0, step = 4 }) {
	const points = [];
	for (let x = left; x <= right + step; x += step)
		points.push([x, y + swing * Math.sin(x / length + phase) + (swing / 2) * Math.sin(x / (length * 0.4) + phase * 2.3)]);
	return points;
}

export const path = (d, { fill = 'none', stroke = 'none', width = 0.5, opacity = 1, dash = '' }) =>
	`<path d="${d}" fill="${fill}" stroke="${stroke}" stroke-width="${width}"${opacity < 1 ? ` opacity="${opacity}"` : ''}${dash ? ` stroke-dasharray="${dash}"` : ''} stroke-linecap="round" stroke-linejoin="round"/>`;
export const rect = (x, y, width, height, fill, opacity = 1) =>
	`<rect x="${near(x)}" y="${near(y)}" width="${near(width)}" height="${near(height)}" fill="${fill}"${opacity < 1 ? ` opacity="${opacity}"` : ''}/>`;
export const oval = (x, y, rx, ry, fill, opacity = 1) =>
	`<ellipse cx="${near(x)}" cy="${near(y)}" rx="${near(rx)}" ry="${near(ry)}" fill="${fill}"${opacity < 1 ? ` opacity="${opacity}"` : ''}/>`;
export const words = (text, x, y, size, { fill = '#33302a', middle = false, italic = false, apart = 0, bold = false } = {}) =>
	`<text x="${near(x)}" y="${near(y)}" font-family="serif" font-size="${size}" fill="${fill}"${middle ? ' text-anchor="middle"' : ''}${italic ? ' font-style="italic"' : ''}${bold ? ' font-weight="bold"' : ''}${apart ? ` letter-spacing="${apart}"` : ''}>${text}</text>`;

/** A line of handwriting that nobody can read. */
export function scrawl(random, x, y, width, { size = 3, stroke = '#4a3a2a', thick = 0.45 } = {}) {
	const points = [];
	for (let at = x; at < x + width; at += size * random(0.18, 0.34))
		points.push([at, y - size * (random() > 0.86 ? random(0.7, 1.2) : random(0, 0.5)) + (random() > 0.92 ? size * 0.5 : 0)]);
	return path(line(points), { stroke, width: thick });
}

/** Nobody, as far down as `foot`: a head, shoulders and a coat. */
export function figure(x, y, size, foot, fill) {
	const [left, right] = [near(x - size * 0.72), near(x + size * 0.72)];
	const shoulder = near(y + size * 0.52);
	return [
		oval(x, y, size * 0.3, size * 0.38, fill),
		path(
			`M${left} ${foot} V${near(y + size * 1.2)} Q${left} ${shoulder} ${near(x)} ${near(y + size * 0.42)} Q${right} ${shoulder} ${right} ${near(y + size * 1.2)} V${foot} Z`,
			{ fill }
		)
	];
}

/** @param {number} width of the sheet @param {number} height of it @param {string} ground its colour @param {(string | string[])[]} parts */
export function sheet(width, height, ground, parts) {
	const scale = Math.max(1, Math.min(8, 800 / Math.max(width, height)));
	return [
		`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${near(width * scale)}" height="${near(height * scale)}">`,
		rect(0, 0, width, height, ground),
		...parts.flat(),
		'</svg>',
		''
	].join('\n');
}
