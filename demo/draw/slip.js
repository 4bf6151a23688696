/** The slip at low water, in oil on canvas: wet stone, weed, a boat drawn up. */
import { chance, path, sheet } from './pen.js';

export function slip() {
	const random = chance(2025);
	const parts = [path('M0 0 H500 V150 H0 Z', { fill: '#c3ccd0' }), path('M0 150 H500 V216 H0 Z', { fill: '#7d959b' })];
	parts.push(path('M70 400 L230 170 L330 170 L470 400 Z', { fill: '#9a9184' }));
	for (let stone = 0; stone < 120; stone += 1) {
		const y = random(176, 396);
		const half = 50 + ((y - 170) / 230) * 150;
		parts.push(
			path(`M${(280 + random(-half, half)).toFixed(0)} ${y.toFixed(0)} h${random(8, 26).toFixed(0)}`, {
				stroke: ['#aaa294', '#857c70', '#b9b2a3', '#6f685d'][Math.floor(random(0, 3.99))],
				width: random(3, 8).toFixed(1),
				opacity: 0.85
			})
		);
	}
	for (let weed = 0; weed < 70; weed += 1)
		parts.push(
			path(`M${random(0, 110).toFixed(0)} ${random(230, 396).toFixed(0)} q8 -6 ${random(10, 26).toFixed(0)} 2`, {
				stroke: ['#5c6a3b', '#78803f', '#4a5632'][Math.floor(random(0, 2.99))],
				width: 5
			})
		);
	parts.push(
		path('M250 262 Q310 300 388 266 L370 306 Q316 322 268 304 Z', { fill: '#2f4146' }),
		path('M250 262 Q310 300 388 266', { stroke: '#d8cfb6', width: 4 }),
		path('M360 306 l14 40', { stroke: '#4d453b', width: 5 })
	);
	return sheet(500, 400, '#b9b2a3', parts);
}
