/** Years to a fade, behind each glazing: a row a glazing, a mark a class, the piece's own large and named. */
import type { YearsOfGlazing } from '$core/stations/light/curves.ts';
import { sayYears } from '$core/units/spans.ts';
import { ACCENT, AXIS, INK, QUIET, TEXT, type Drawn } from '$lib/ui/chart/look.ts';
import { nth } from '$core/units/there.ts';

const DAY = 1 / 365;
/** Where the axis is named. */
const MARKS = [7 * DAY, 1 / 12, 1 / 3, 1, 3, 10, 30, 100, 300, 1000, 3000];

function sayMark(years: number): string {
	if (years < 1 / 13) return `${Math.round(years * 365)} days`;
	if (years < 1) return years < 0.1 ? '1 month' : `${Math.round(years * 12)} months`;
	return years === 1 ? '1 year' : `${years} years`;
}

/** @param own class of the piece, or null @param chosen glazing of the piece */
export function yearsChart(rows: readonly YearsOfGlazing[], own: number | null, chosen: string | null): Drawn {
	const names = rows.map(({ name }) => name);
	const all = rows.flatMap(({ years }) => years);
	const [least, most] = [Math.min(...all, 1), Math.max(...all, 1)];
	const marks = MARKS.filter((mark) => mark >= least / 3 && mark <= most * 3);
	const others = rows.flatMap(({ years }, row) =>
		years.flatMap((value, index) => (index + 1 === own ? [] : [{ value: [value, row], label: { formatter: String(index + 1) } }]))
	);
	const owned =
		own === null
			? []
			: rows.map(({ years }, row) => ({
					value: [nth(years, own - 1), row],
					label: { formatter: sayYears(nth(years, own - 1)) }
				}));
	return {
		option: {
			grid: { left: 252, right: 44, top: 26, bottom: 30 },
			tooltip: { show: false },
			xAxis: {
				...AXIS,
				type: 'log',
				min: marks[0],
				max: marks.at(-1),
				position: 'bottom',
				axisLabel: {
					...AXIS.axisLabel,
					customValues: marks,
					formatter: (value: number) =>
						sayMark(
							marks.reduce(
								(best, mark) => (Math.abs(Math.log(mark / value)) < Math.abs(Math.log(best / value)) ? mark : best),
								nth(marks, 0)
							)
						)
				},
				splitLine: { ...AXIS.splitLine, show: false },
				axisTick: { show: true, customValues: marks }
			},
			yAxis: {
				...AXIS,
				type: 'category',
				inverse: true,
				data: names,
				axisLine: { show: false },
				axisLabel: {
					...AXIS.axisLabel,
					color: INK,
					width: 236,
					overflow: 'truncate',
					formatter: (name: string, index: number) => (rows[index]?.id === chosen ? `▸ ${name}` : name)
				}
			},
			series: [
				...rows.map(({ years }, row) => ({
					type: 'line',
					silent: true,
					symbol: 'none',
					z: 1,
					data: [
						[Math.min(...years), row],
						[Math.max(...years), row]
					],
					lineStyle: { color: '#9aa19d', width: 1.6 }
				})),
				{
					type: 'scatter',
					name: 'other classes',
					silent: true,
					symbolSize: 9,
					z: 3,
					data: others,
					itemStyle: { color: '#f5f4f1', borderColor: QUIET, borderWidth: 1.6, opacity: 1 },
					label: { show: true, position: 'bottom', distance: 5, ...TEXT, color: QUIET, fontSize: 11 }
				},
				{
					type: 'scatter',
					name: 'this piece',
					silent: true,
					symbolSize: 15,
					data: owned,
					itemStyle: { color: ACCENT, opacity: 1 },
					z: 5,
					label: { show: true, position: 'top', distance: 3, ...TEXT, color: ACCENT, fontWeight: 600, fontSize: 13 }
				}
			]
		},
		head: ['Glazing', ...Array.from({ length: 8 }, (_, index) => `class ${index + 1}, years`)],
		rows: rows.map(({ name, years }) => [name, ...years.map((value) => value.toPrecision(3))])
	};
}
