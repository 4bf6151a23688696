/** A room's year and what comes of it inside, with the band in which mould grows. */
import { MOULD_RH } from '$core/stations/climate/mould.ts';
import type { Reading } from '$core/stations/climate/rooms.ts';
import { showNumber } from '$core/units/show.ts';
import { AXIS, QUIET, STROKES, TEXT, type Drawn } from '$lib/ui/chart/look.ts';
import { nth } from '$core/units/there.ts';

export const ROOM_HEIGHT = 300;
const [GRID_TOP, GRID_BOTTOM] = [14, 30];
/** Between two names at the lines' ends, px. */
const LINE_PX = 17;

export type Inside = { name: string; rh: readonly number[]; hoursAbove65: number };
/** Which part of the year is looked at, hours since the first. */
export type Span = { from: number; to: number };

/** @param begins day of the first reading, or null for a year without a date */
export function roomChart(room: readonly Reading[], lines: readonly Inside[], span: Span, begins: Date | null): Drawn {
	const start = room.findIndex(([hour]) => hour >= span.from);
	const after = room.findIndex(([hour]) => hour >= span.to);
	const [from, to] = [Math.max(0, start), after < 0 ? room.length : after];
	const at = (hour: number) => (begins ? begins.getTime() : Date.UTC(2026, 0, 1)) + hour * 3_600_000;
	const within = room.slice(from, to);
	const all = [...within.map(([, rh]) => rh), ...lines.flatMap(({ rh }) => rh.slice(from, to))];
	const [least, most] = all.length > 0 ? [Math.min(...all), Math.max(...all)] : [30, 70];
	const bottom = Math.max(0, Math.floor((least - 3) / 10) * 10);
	const top = Math.min(100, Math.max(MOULD_RH + 5, Math.ceil((most + 2) / 10) * 10));
	const above = hoursAbove(room);
	const perRh = (ROOM_HEIGHT - GRID_TOP - GRID_BOTTOM) / (top - bottom);
	const ends = [within.at(-1)?.[1] ?? 0, ...lines.map(({ rh }) => rh[to - 1] ?? 0)];
	const shifts = shiftsApart(ends.map((rh) => (top - rh) * perRh));
	const rows = within.map(([hour, rh], offset) => [
		String(hour),
		rh.toFixed(1),
		...lines.map((line) => (line.rh[from + offset] ?? 0).toFixed(1))
	]);
	return {
		option: {
			grid: { left: 46, right: 268, top: GRID_TOP, bottom: GRID_BOTTOM },
			xAxis: {
				...AXIS,
				type: 'time',
				splitLine: { show: false },
				axisLabel: {
					...AXIS.axisLabel,
					hideOverlap: true,
					formatter: (time: number) =>
						new Date(time).toLocaleDateString(
							'en-GB',
							span.to - span.from > 2400
								? { month: 'short', timeZone: 'UTC' }
								: { day: 'numeric', month: 'short', timeZone: 'UTC' }
						)
				},
				min: at(within[0]?.[0] ?? 0),
				max: at(within.at(-1)?.[0] ?? 1)
			},
			yAxis: {
				...AXIS,
				type: 'value',
				min: bottom,
				interval: 10,
				max: top,
				axisLabel: { ...AXIS.axisLabel, formatter: (rh: number) => `${rh} %` }
			},
			series: [
				{
					type: 'line',
					name: 'room',
					silent: true,
					symbol: 'none',
					sampling: 'lttb',
					data: within.map(([hour, rh]) => [at(hour), rh]),
					lineStyle: { color: '#9aa19d', width: 1 },
					endLabel: { show: true, ...TEXT, color: QUIET, offset: [0, nth(shifts, 0)], formatter: `room: ${sayHours(above)}` },
					markArea: {
						silent: true,
						itemStyle: { color: '#9c2f2b', opacity: 0.1 },
						label: { ...TEXT, color: '#8a2a26', fontSize: 12.5, position: 'insideTopLeft' },
						data: [
							[
								{ yAxis: MOULD_RH, name: 'above 65 %: mould after a year; above 75 %, two months; above 85 %, two weeks' },
								{ yAxis: top }
							]
						]
					}
				},
				...lines.map(({ name, rh, hoursAbove65 }, index) => ({
					type: 'line',
					name,
					silent: true,
					symbol: 'none',
					sampling: 'lttb',
					data: within.map(([hour], offset) => [at(hour), rh[from + offset]]),
					lineStyle: STROKES[index % STROKES.length],
					itemStyle: { color: nth(STROKES, index % STROKES.length).color },
					endLabel: {
						show: true,
						...TEXT,
						color: nth(STROKES, index % STROKES.length).color,
						offset: [0, nth(shifts, index + 1)],
						formatter: `${name}: ${sayHours(hoursAbove65)}`
					}
				}))
			]
		},
		head: ['Hour', 'room, % RH', ...lines.map(({ name }) => `${name}, % RH`)],
		rows,
		// A line a day is what anybody reads.
		brief: rows.filter((_, index) => index % 24 === 0)
	};
}

function sayHours(hours: number): string {
	return hours === 0 ? 'never above' : `${showNumber(hours, 0)} h above`;
}

function hoursAbove(room: readonly Reading[]): number {
	return room.reduce((sum, [hour, rh], index) => sum + (rh > MOULD_RH ? (room[index + 1]?.[0] ?? hour + 1) - hour : 0), 0);
}

/** How far each name moves so that none lies on another: from the top down, each at least a line below the one before. */
function shiftsApart(places: readonly number[]): number[] {
	const order = places.map((_, index) => index).sort((one, other) => nth(places, one) - nth(places, other));
	const shifts = new Array<number>(places.length).fill(0);
	let before = -Infinity;
	for (const index of order) {
		const at = Math.max(nth(places, index), before + LINE_PX);
		shifts[index] = at - nth(places, index);
		before = at;
	}
	return shifts;
}
