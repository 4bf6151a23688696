/** The sound, as a wall map for schools shows it: sea in three depths, islands, the course of the ferry. */
import { chance, line, path, rect, sheet, wave, words } from './pen.js';

export function soundMap() {
	const random = chance(1926);
	const ink = '#3b4a50';
	const parts = [rect(24, 24, 1078, 778, '#c6d6d6')];
	for (const [depth, colour] of [
		[160, '#b3cacc'],
		[330, '#9fbcc1'],
		[520, '#8badb5']
	]) {
		const edge = wave(depth, { left: 24, right: 1102, swing: 38, length: 130, phase: depth, step: 20 }).map(([x, y]) => [
			Math.min(x, 1102),
			y
		]);
		parts.push(path(`${line(edge)} L1102 802 L24 802 Z`, { fill: colour }));
	}
	for (const [x, y, size] of [
		[330, 300, 96],
		[650, 190, 52],
		[760, 520, 120],
		[210, 610, 60]
	]) {
		const coast = Array.from({ length: 22 }, (_, at) => {
			const turn = (at / 22) * 2 * Math.PI;
			const reach = size * random(0.75, 1.2);
			return [x + reach * Math.cos(turn), y + reach * 0.72 * Math.sin(turn)];
		});
		parts.push(path(`${line(coast)} Z`, { fill: '#d9cfa6', stroke: ink, width: 2 }));
	}
	parts.push(
		path('M330 340 Q520 360 640 230 T760 470', { stroke: '#a5493b', width: 4, dash: '14 10' }),
		words('THE SOUND', 470, 700, 64, { fill: ink, apart: 14 }),
		words('Tern Holm', 280, 306, 26, { fill: ink, italic: true }),
		words('North Quay', 716, 528, 26, { fill: ink, italic: true })
	);
	return sheet(1126, 826, '#e7e0cb', parts);
}
