/** The ferry's winter timetable: columns of hours that nobody sails by any more. */
import { chance, path, rect, sheet, words } from './pen.js';

export function timetable() {
	const random = chance(1974);
	const ink = '#28343c';
	const parts = [
		rect(18, 18, 261, 62, '#2f5468'),
		words('WINTER TIMETABLE', 148.5, 52, 21, { middle: true, fill: '#f2ecdc', bold: true, apart: 1 }),
		words('October to April', 148.5, 70, 11, { middle: true, fill: '#f2ecdc', italic: true })
	];
	const stops = ['Tern Holm', 'North Quay', 'Lamp Street', 'Mainland'];
	for (const [index, stop] of stops.entries())
		parts.push(words(stop, 92 + index * 48, 102, 9.5, { middle: true, fill: ink, bold: true }));
	for (let row = 0; row < 19; row += 1) {
		const y = 120 + row * 14;
		if (row % 2 === 0) parts.push(rect(18, y - 10, 261, 14, '#dcd9c8', 0.7));
		parts.push(words(['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'][row % 7], 28, y, 9, { fill: ink }));
		for (let stop = 0; stop < 4; stop += 1) {
			const hour = 6 + ((row * 3 + stop) % 14);
			const text = random() > 0.9 ? '–' : `${hour}.${String(5 * Math.floor(random(0, 11.9))).padStart(2, '0')}`;
			parts.push(words(text, 92 + stop * 48, y, 9, { middle: true, fill: ink }));
		}
	}
	parts.push(
		path('M18 108 H279 M18 386 H279', { stroke: ink, width: 1 }),
		words('In ice the boat sails as the master sees fit.', 148.5, 402, 9, { middle: true, fill: ink, italic: true })
	);
	return sheet(297, 420, '#eee9d8', parts);
}
