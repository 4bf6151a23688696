/** Where a picture settles on its wire, and a wall of sixty pictures planned. */
import { settle } from '../core/stations/hang/settle.ts';
import { planWall } from '../core/wall/plan-wall.ts';
import type { Picture } from '../core/wall/wall.ts';
import { report } from './report.ts';

const times = (runs: number, work: (at: number) => unknown): number[] =>
	Array.from({ length: runs }, (_, at) => {
		const start = performance.now();
		work(at);
		return performance.now() - start;
	});

report(
	'a picture settled on its wire',
	times(2000, (at) =>
		settle({
			span: 561,
			path: 618.9,
			spacing: 187,
			weightN: 31.4,
			offCentre: (at % 40) - 20,
			below: 122.7,
			hookUp: at % 7,
			hookRight: 0
		})
	),
	1
);
const pictures = Array.from({ length: 60 }, (_, at): Picture => ({
	id: `picture ${at}`,
	outer: { width: 60 + (at % 5) * 4, height: 300 },
	kg: 3,
	hooks: [
		{ x: -20, down: 60 },
		{ x: 20, down: 60 }
	]
}));
report(
	'equal gaps between sixty pictures, a whole wall',
	times(500, (at) =>
		planWall(
			{
				wall: { width: 9000, height: 2600, kind: 'masonry', things: [] },
				pictures,
				groups: [
					{
						pictures: pictures.map(({ id }) => id),
						line: 'row',
						from: 100,
						to: 8000 + at,
						align: 'centre',
						height: 1500,
						gap: 'equal',
						slope: 0,
						columns: 1
					}
				],
				places: []
			},
			'mm'
		)
	),
	10
);
