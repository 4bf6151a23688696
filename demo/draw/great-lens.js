/** The great lens of the light, printed from stone: its rings, its prisms, the lamp in the middle. */
import { chance, near, oval, path, rect, sheet, words } from './pen.js';

export function greatLens() {
	const random = chance(560760);
	const [x, y] = [280, 330];
	const ink = '#2f2d2b';
	const parts = [rect(46, 44, 468, 616, '#d8d1bf')];
	for (let grain = 0; grain < 240; grain += 1) parts.push(oval(random(48, 512), random(46, 658), 0.7, 0.7, ink, 0.16));
	parts.push(path(`M126 620 Q120 140 280 78 Q440 140 434 620 Z`, { fill: '#c3bcab', stroke: ink, width: 2.4 }));
	for (let prism = 0; prism < 11; prism += 1) {
		const top = 108 + prism * 10.5;
		const half = 26 + prism * 9.4;
		parts.push(
			path(
				`M${near(x - half)} ${near(top + 9)} Q${x} ${near(top - 9)} ${near(x + half)} ${near(top + 9)} L${near(x + half - 4)} ${near(top + 15)} Q${x} ${near(top - 2)} ${near(x - half + 4)} ${near(top + 15)} Z`,
				{ fill: prism % 2 ? '#efeadc' : '#8d887c', stroke: ink, width: 0.9 }
			)
		);
		const low = 556 - prism * 9.5;
		parts.push(
			path(
				`M${near(x - half - 22)} ${low} Q${x} ${low + 17} ${near(x + half + 22)} ${low} L${near(x + half + 18)} ${low - 6} Q${x} ${low + 10} ${near(x - half - 18)} ${low - 6} Z`,
				{ fill: prism % 2 ? '#8d887c' : '#efeadc', stroke: ink, width: 0.9 }
			)
		);
	}
	for (let ring = 9; ring >= 1; ring -= 1)
		parts.push(
			`<circle cx="${x}" cy="${y}" r="${ring * 12.4}" fill="${ring % 2 ? '#ece7d9' : '#a39d8f'}" stroke="${ink}" stroke-width="1.1"/>`
		);
	parts.push(oval(x, y, 9, 12, '#fffdf4'), path(`M${x - 5} ${y + 12} h10 l4 20 h-18 Z`, { fill: ink }));
	for (let ray = 0; ray < 22; ray += 1) {
		const angle = (ray * Math.PI) / 11 + 0.1;
		parts.push(
			path(
				`M${near(x + 16 * Math.cos(angle))} ${near(y + 16 * Math.sin(angle))} L${near(x + 108 * Math.cos(angle))} ${near(y + 108 * Math.sin(angle))}`,
				{ stroke: ink, width: 0.5, opacity: 0.5 }
			)
		);
	}
	parts.push(rect(112, 604, 336, 16, ink), rect(132, 620, 296, 28, '#5a564e'));
	parts.push(
		words('THE GREAT LENS', 280, 694, 22, { middle: true, apart: 6, fill: ink }),
		words('on stone, 1932', 280, 714, 11, { middle: true, italic: true, fill: ink })
	);
	return sheet(560, 760, '#ece6d6', parts);
}
