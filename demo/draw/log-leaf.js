/** A leaf of a lighthouse's log: ruled columns and a hand that nobody reads. */
import { chance, line, oval, path, rect, scrawl, sheet, words } from './pen.js';

export function logLeaf() {
	const random = chance(1874);
	const ink = '#54412c';
	const parts = [rect(0, 0, 9, 331, '#d9c9a4', 0.6), oval(176, 52, 30, 22, '#cdb98d', 0.35)];
	for (const x of [34, 62, 176]) parts.push(path(`M${x} 20 V316`, { stroke: '#b36a5a', width: 0.35 }));
	parts.push(
		words('Watch &amp; weather', 24, 16, 7.5, { fill: ink, italic: true }),
		words('1874', 178, 16, 6.5, { fill: ink, italic: true })
	);
	for (let row = 0; row < 27; row += 1) {
		const y = 33 + row * 10;
		parts.push(path(`M20 ${y + 2} H200`, { stroke: '#a9b3b0', width: 0.2 }));
		parts.push(scrawl(random, 22, y, 9, { stroke: ink }), scrawl(random, 37, y, 21, { stroke: ink }));
		parts.push(scrawl(random, 65, y, random(70, 106), { size: 3.4, stroke: ink }));
		if (random() > 0.35) parts.push(scrawl(random, 179, y, 16, { stroke: ink }));
	}
	parts.push(scrawl(random, 26, 313, 156, { size: 4.4, stroke: ink, thick: 0.6 }));
	for (let hole = 0; hole < 7; hole += 1) parts.push(oval(2.6, 70 + hole * 30, 0.9, 1.6, '#7d6c4b'));
	parts.push(
		path(
			line([
				[0, 60],
				[4, 64],
				[3.4, 160],
				[4.4, 268],
				[0, 272]
			]),
			{ stroke: '#b9a67c', width: 0.4 }
		)
	);
	return sheet(210, 331, '#e7dab9', parts);
}
