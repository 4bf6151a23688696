/** A print of a storm: seas one behind the other, skerries, rain across. */
import { chance, line, path, rect, sheet, wave, words } from './pen.js';

export function storm() {
	const random = chance(500700);
	const parts = [rect(30, 30, 440, 600, '#59656e'), rect(30, 30, 440, 210, '#4b565f')];
	const skies = ['#3f4a53', '#66727a', '#55616a', '#727d84', '#48535c'];
	for (let cloud = 0; cloud < 9; cloud += 1)
		parts.push(
			path(
				`${line(wave(60 + cloud * 20, { left: 30, right: 468, swing: 12, length: 52, phase: cloud * 1.3 }))} L470 ${260 + cloud * 2} L30 ${262 + cloud * 2} Z`,
				{ fill: skies[cloud % 5], opacity: 0.45 }
			)
		);
	parts.push(
		path('M300 300 L322 246 L346 262 L360 232 L392 268 L420 300 Z', { fill: '#1f272c' }),
		path('M96 310 L112 282 L140 292 L156 310 Z', { fill: '#232c31' })
	);
	const seas = ['#6d8087', '#566b74', '#445a64', '#36505b', '#2b434e', '#213640'];
	for (let sea = 0; sea < 6; sea += 1) {
		const crest = wave(296 + sea * 52, { left: 30, right: 466, swing: 9 + sea * 3.6, length: 38 + sea * 9, phase: sea * 1.9 });
		parts.push(
			path(`${line(crest)} L470 630 L30 630 Z`, { fill: seas[sea] }),
			path(line(crest), {
				stroke: '#dfe5e4',
				width: 1.4 + sea * 0.5,
				opacity: 0.85,
				dash: `${20 + sea * 8} ${6 + sea * 3} 6 ${12 + sea * 4}`
			})
		);
		for (let foam = 0; foam < 16; foam += 1)
			parts.push(
				path(
					`M${random(40, 440).toFixed(0)} ${(314 + sea * 52 + random(0, 34)).toFixed(0)} q9 -4 ${random(12, 26).toFixed(0)} 1`,
					{ stroke: '#cdd6d6', width: 1, opacity: 0.5 }
				)
			);
	}
	for (let drop = 0; drop < 120; drop += 1) {
		const [x, y] = [random(50, 466), random(34, 560)];
		parts.push(path(`M${x.toFixed(0)} ${y.toFixed(0)} l-8 24`, { stroke: '#e6eaea', width: 0.5, opacity: 0.3 }));
	}
	parts.push(
		rect(0, 0, 500, 30, '#f1ede2'),
		rect(0, 630, 500, 70, '#f1ede2'),
		rect(0, 0, 30, 700, '#f1ede2'),
		rect(470, 0, 30, 700, '#f1ede2')
	);
	parts.push(
		words('Storm at the skerries', 32, 654, 15, { italic: true }),
		words('O. B.', 468, 654, 15, { italic: true, middle: true })
	);
	return sheet(500, 700, '#f1ede2', parts);
}
