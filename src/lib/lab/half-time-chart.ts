/** How slowly damp comes in: half-time by back and seal, a row a back, a mark a seal, each seal a shape of its own. */
import { SEAL_NAMES, type Combination } from '$core/advice/combinations.ts';
import { SEALS } from '$core/stations/climate/climate.ts';
import { sayDays } from '$core/units/spans.ts';
import { ACCENT, AXIS, INK, QUIET, TEXT, type Drawn } from '$lib/ui/chart/look.ts';

const SHAPES = { none: 'circle', tape: 'diamond', edge: 'rect' } as const;
const MARKS = [1 / 24, 0.25, 1, 3, 10, 30, 100, 300, 1000, 3000];

export function halfTimeChart(combinations: readonly Combination[]): Drawn {
	const backs = [...new Set(combinations.map(({ backName }) => backName))];
	const all = combinations.map(({ halfDays }) => halfDays).filter(Number.isFinite);
	const marks = MARKS.filter((mark) => mark >= Math.min(...all) / 4 && mark <= Math.max(...all) * 4);
	return {
		option: {
			grid: { left: 252, right: 44, top: 34, bottom: 30 },
			xAxis: {
				...AXIS,
				type: 'log',
				min: marks[0],
				max: marks.at(-1),
				axisLabel: {
					...AXIS.axisLabel,
					customValues: marks,
					formatter: (value: number) =>
						value < 1 ? `${Math.round(value * 24)} h` : value < 1.5 ? '1 day' : `${Math.round(value)} days`
				},
				splitLine: { ...AXIS.splitLine, show: false },
				axisTick: { show: true, customValues: marks }
			},
			yAxis: {
				...AXIS,
				type: 'category',
				inverse: true,
				data: backs,
				axisLine: { show: false },
				axisLabel: { ...AXIS.axisLabel, color: INK, width: 236, overflow: 'truncate' }
			},
			series: SEALS.map((seal) => ({
				type: 'scatter',
				name: SEAL_NAMES[seal],
				silent: true,
				symbol: SHAPES[seal],
				data: combinations
					.filter((one) => one.seal === seal)
					.map((one) => ({
						value: [one.halfDays, backs.indexOf(one.backName)],
						symbolSize: one.own ? 16 : 10,
						itemStyle: {
							color: one.own ? ACCENT : '#f5f4f1',
							borderColor: one.own ? ACCENT : QUIET,
							borderWidth: 1.6,
							opacity: 1
						},
						label: {
							show: one.own || one.backName === backs[0],
							position: 'top',
							distance: 3,
							...TEXT,
							fontSize: 12,
							fontWeight: one.own ? 600 : 400,
							color: one.own ? ACCENT : QUIET,
							formatter: one.own ? sayDays(one.halfDays) : SEAL_NAMES[seal]
						}
					}))
			}))
		},
		head: ['Back', 'seal', 'halfway in, days', 'time constant, days'],
		rows: combinations.map(({ backName, seal, halfDays, tauDays }) => [
			backName,
			SEAL_NAMES[seal],
			halfDays.toFixed(2),
			tauDays.toFixed(2)
		])
	};
}
