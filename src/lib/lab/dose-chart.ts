/** What light spends, year by year, when the piece is shown part of each year. */
import type { Rotation } from '$core/stations/light/curves.ts';
import { sayYears } from '$core/units/spans.ts';
import { AXIS, QUIET, STROKES, TEXT, type Drawn } from '$lib/ui/chart/look.ts';
import { nth } from '$core/units/there.ts';

const MOST_SHARE = 1.2;

export function doseChart(rotations: readonly Rotation[], lifeYears: number): Drawn {
	return {
		option: {
			grid: { left: 56, right: 178, top: 18, bottom: 40 },
			xAxis: {
				...AXIS,
				type: 'value',
				min: 0,
				max: lifeYears,
				name: 'years',
				nameLocation: 'middle',
				nameGap: 24,
				splitLine: { show: false }
			},
			yAxis: {
				...AXIS,
				type: 'value',
				min: 0,
				max: MOST_SHARE,
				interval: 0.2,
				axisLabel: { ...AXIS.axisLabel, formatter: (share: number) => `${Math.round(share * 100)} %` }
			},
			series: rotations.map(({ months, years, spent }, index) => ({
				type: 'line',
				name: `${months} months`,
				silent: true,
				symbol: 'none',
				data: cut(spent),
				lineStyle: STROKES[index % STROKES.length],
				itemStyle: { color: nth(STROKES, index % STROKES.length).color },
				endLabel: {
					show: true,
					...TEXT,
					color: nth(STROKES, index % STROKES.length).color,
					formatter: `${months === 12 ? 'all the year' : months === 1 ? 'one month' : `${months} months`}: ${sayYears(years)}`
				},
				labelLayout: { moveOverlap: 'shiftY' },
				...(index === 0
					? {
							markLine: {
								silent: true,
								symbol: 'none',
								lineStyle: { color: '#9c2f2b', type: 'solid', width: 1.4 },
								label: { ...TEXT, color: '#9c2f2b', formatter: 'fading is just visible', position: 'insideStartTop' },
								data: [{ yAxis: 1 }]
							}
						}
					: {})
			})),
			textStyle: { ...TEXT, color: QUIET }
		},
		head: ['Years', ...rotations.map(({ months }) => `${months} months a year, %`)],
		rows: yearsOf(lifeYears).map((year) => [String(year), ...rotations.map(({ spent }) => ((spent[year] ?? 0) * 100).toFixed(1))])
	};
}

/** Up to where it leaves the chart. */
function cut(spent: number[]): [number, number][] {
	const points = spent.map((share, year): [number, number] => [year, share]);
	const out = points.findIndex(([, share]) => share > MOST_SHARE);
	if (out < 0) return points;
	const slope = nth(spent, 1);
	return [...points.slice(0, out), [MOST_SHARE / slope, MOST_SHARE]];
}

function yearsOf(lifeYears: number): number[] {
	const step = Math.max(1, Math.ceil(lifeYears / 20));
	return Array.from({ length: Math.floor(lifeYears / step) + 1 }, (_, index) => index * step);
}
