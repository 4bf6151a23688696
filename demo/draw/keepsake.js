/** A keepsake: a feather and the ribbon that ties it. */
import { chance, near, path, sheet } from './pen.js';

export function keepsake() {
	const random = chance(60140);
	const parts = [path('M30 134 Q24 90 31 8', { stroke: '#d8d0bc', width: 1.3 })];
	for (let barb = 0; barb < 92; barb += 1) {
		const along = barb / 92;
		const y = 14 + along * 92;
		const x = 30.6 - 3.4 * Math.sin(along * 2.6);
		const reach = 3 + 13 * Math.sin(Math.PI * Math.min(1, along * 0.92 + 0.1)) + random(-1, 1);
		const tone = along < 0.22 ? '#3f4246' : along < 0.3 ? '#6c7076' : '#9aa0a3';
		for (const side of [-1, 1])
			parts.push(
				path(
					`M${near(x)} ${near(y)} q${near(side * reach * 0.6)} ${near(-1)} ${near(side * reach * (side > 0 ? 1 : 0.8))} ${near(-7)}`,
					{ stroke: tone, width: 0.9 }
				)
			);
	}
	parts.push(
		path(
			'M22 112 q9 -6 16 0 q-8 6 -16 0 M30 112 q-14 -12 -22 -3 q8 8 22 3 q15 -13 22 -4 q-8 9 -22 4 M30 113 q-8 9 -14 22 M31 113 q6 11 15 20',
			{ stroke: '#8e2f3d', width: 3 }
		)
	);
	return sheet(60, 140, '#e8e1cf', parts);
}
