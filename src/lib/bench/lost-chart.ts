/** Minutes lost at the bench by cause, the most first: found on inspection, and by opening again. */
import { CAUSES, REOPENS, type Cause } from '$core/views/bench/causes.ts';
import { showMinutes, showNumber } from '$core/units/show.ts';
import type { LostRow } from '$lib/server/db/bench.ts';
import { ACCENT, AXIS, INK, TEXT, type Drawn } from '$lib/ui/chart/look.ts';

export type Lost = { cause: Cause; looked: number; reopened: number; minutes: number; times: number };

/** @returns each cause that cost something, the most first */
export function lostByCause(rows: readonly LostRow[]): Lost[] {
	return CAUSES.flatMap((cause): Lost[] => {
		const own = rows.filter((row) => row.cause === cause);
		const minutesOf = (kind: LostRow['kind']): number =>
			own.filter((row) => row.kind === kind).reduce((sum, { minutes }) => sum + minutes, 0);
		const [looked, reopened] = [minutesOf('looked'), minutesOf('reopened')];
		const times = own.reduce((sum, { count }) => sum + count, 0);
		return times === 0 ? [] : [{ cause, looked, reopened, minutes: looked + reopened, times }];
	}).sort((one, other) => other.minutes - one.minutes);
}

export function lostChart(lost: readonly Lost[]): Drawn {
	const names = lost.map(({ cause }) => REOPENS[cause].name);
	const bar = (name: string, itemStyle: object, of: (one: Lost) => number) => ({
		name,
		type: 'bar',
		stack: 'minutes',
		barWidth: 18,
		itemStyle,
		data: lost.map((one) => ({ value: of(one) }))
	});
	return {
		option: {
			grid: { left: 118, right: 70, top: 30, bottom: 28 },
			tooltip: { trigger: 'axis', axisPointer: { type: 'shadow' }, valueFormatter: (value: number) => showMinutes(value) },
			xAxis: { ...AXIS, type: 'value', name: 'minutes', minInterval: 1 },
			yAxis: {
				...AXIS,
				type: 'category',
				inverse: true,
				data: names,
				axisLabel: { ...AXIS.axisLabel, color: INK, fontSize: 13 }
			},
			series: [
				bar('found on inspection', { color: ACCENT }, ({ looked }) => looked),
				{
					// Told apart without colour: an outline.
					...bar('reopened', { color: 'transparent', borderColor: INK, borderWidth: 1.5 }, ({ reopened }) => reopened),
					label: {
						...TEXT,
						show: true,
						position: 'right',
						formatter: ({ dataIndex }: { dataIndex: number }) => showMinutes(lost[dataIndex]?.minutes ?? 0)
					}
				}
			]
		},
		head: ['cause', 'times', 'found on inspection, minutes', 'reopened, minutes', 'minutes'],
		rows: lost.map(({ cause, times, looked, reopened, minutes }) => [
			REOPENS[cause].name,
			String(times),
			...[looked, reopened, minutes].map((one) => showNumber(one, 1))
		])
	};
}
