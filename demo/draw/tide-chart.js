/** The tide chart: an invented sound with its depths. */
import { chance } from './pen.js';

const [width, height] = [402, 551];
const wave = (y, amplitude, phase) => {
	const points = [];
	for (let x = 0; x <= width; x += 6)
		points.push(
			`${x} ${(y + amplitude * Math.sin(x / 38 + phase) + (amplitude / 2) * Math.sin(x / 15 + phase * 2.3)).toFixed(1)}`
		);
	return `M${points.join(' L')}`;
};

export function tideChart() {
	const random = chance(1891);
	const parts = [
		`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width * 2}" height="${height * 2}">`,
		`<rect width="${width}" height="${height}" fill="#efe8d2"/>`
	];
	const shore = wave(92, 14, 0.4);
	parts.push(
		`<path d="${shore} L${width} 0 L0 0 Z" fill="#cbb98a"/>`,
		`<path d="${shore}" fill="none" stroke="#6d5d36" stroke-width="1.2"/>`
	);
	for (let line = 1; line <= 5; line += 1)
		parts.push(`<path d="${wave(92 + line * 3.2, 14 - line, 0.4)}" fill="none" stroke="#8fa5a6" stroke-width="0.5"/>`);
	for (let line = 0; line < 11; line += 1)
		parts.push(
			`<path d="${wave(140 + line * 33, 6 + 4 * random(), line * 1.7)}" fill="none" stroke="#8b9fa6" stroke-width="${line % 3 === 0 ? 0.9 : 0.5}"/>`
		);
	for (let sounding = 0; sounding < 90; sounding += 1) {
		const [x, y] = [24 + random() * (width - 60), 128 + random() * (height - 175)];
		parts.push(
			`<text x="${x.toFixed(1)}" y="${y.toFixed(1)}" font-family="serif" font-style="italic" font-size="6" fill="#4a5558">${Math.ceil(2 + (y / height) * 28 + random() * 6)}</text>`
		);
	}
	// The holm, its light, and the sailing line toward it.
	parts.push(
		'<path d="M148 286 q18 -24 46 -16 q30 -6 38 18 q10 20 -18 28 q-34 14 -58 0 q-20 -10 -8 -30 Z" fill="#cbb98a" stroke="#6d5d36" stroke-width="1"/>',
		'<circle cx="196" cy="292" r="4" fill="#9c2f2b"/><circle cx="196" cy="292" r="15" fill="none" stroke="#9c2f2b" stroke-width="0.7" stroke-dasharray="2 2"/>',
		'<path d="M196 292 L330 500" stroke="#4a5558" stroke-width="0.6" stroke-dasharray="5 3"/>',
		'<text x="168" y="330" font-family="serif" font-style="italic" font-size="11" fill="#3b3527">Tern Holm</text>',
		`<text x="${width / 2}" y="42" text-anchor="middle" font-family="serif" font-size="19" letter-spacing="3" fill="#3b3527">TIDES OF THE SOUND</text>`,
		`<text x="${width / 2}" y="60" text-anchor="middle" font-family="serif" font-style="italic" font-size="9" fill="#3b3527">soundings in fathoms at low water, 1891</text>`
	);
	const rose = { x: 78, y: 432 };
	for (let ray = 0; ray < 16; ray += 1) {
		const angle = (ray * Math.PI) / 8;
		const length = ray % 4 === 0 ? 34 : ray % 2 === 0 ? 22 : 13;
		parts.push(
			`<path d="M${rose.x} ${rose.y} L${(rose.x + length * Math.sin(angle)).toFixed(1)} ${(rose.y - length * Math.cos(angle)).toFixed(1)}" stroke="#4a5558" stroke-width="${ray % 4 === 0 ? 1.2 : 0.5}"/>`
		);
	}
	parts.push(
		`<circle cx="${rose.x}" cy="${rose.y}" r="24" fill="none" stroke="#4a5558" stroke-width="0.6"/>`,
		'<path d="M304 520 q10 -14 16 -2 q4 9 12 -5 q6 -9 10 2 q5 10 14 -4 q6 -8 16 2" fill="none" stroke="#2b3a45" stroke-width="1.3"/>',
		'<path d="M0 296 q9 20 3 44 q5 22 -3 42 Z" fill="#b09a63" opacity="0.55"/>',
		'</svg>'
	);
	return `${parts.join('\n')}\n`;
}
